// A page made by the program itself: it never loads a picture, style or file that its text may
// name.
#pragma once

#include <QTextBrowser>

namespace rhexion {

class PageBrowser : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;
    QVariant loadResource(int, const QUrl&) override { return {}; }
};

} // namespace rhexion
