// Every key there is: those of the menus, read from them, and those of the places themselves.
#pragma once

#include "app/widgets/leavable_window.h"

class QMenuBar;
class QTextBrowser;

namespace rhexion {

class KeysWindow : public LeavableWindow {
    Q_OBJECT
public:
    KeysWindow(const QMenuBar& bar, QWidget* owner);

    QTextBrowser* page() const { return page_; }

private:
    QTextBrowser* page_;
};

} // namespace rhexion
