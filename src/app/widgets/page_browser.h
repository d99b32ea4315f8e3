// A page made by the program itself: it never loads a picture, style or file that its text may
// name.
#pragma once

#include "app/theme/theme.h"

#include <QTextBrowser>

namespace rhexion {

class PageBrowser : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;
    QVariant loadResource(int, const QUrl&) override { return {}; }
};

// The page of a chapter: takes the room there is, and its links are the chapter's to follow.
class ChapterBrowser : public PageBrowser {
public:
    ChapterBrowser(const QString& name, QWidget* parent) : PageBrowser(parent)
    {
        setOpenLinks(false);
        setAccessibleName(name);
        setMinimumHeight(Theme::px(56));
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    }
};

} // namespace rhexion
