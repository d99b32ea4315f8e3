// Every key there is: those of the menus, read from them, and those of the places themselves.
#pragma once

#include <QWidget>

class QMenuBar;
class QTextBrowser;

namespace rhexion {

class KeysWindow : public QWidget {
    Q_OBJECT
public:
    KeysWindow(const QMenuBar& bar, QWidget* owner);

    QTextBrowser* page() const { return page_; }

private:
    QTextBrowser* page_;
};

} // namespace rhexion
