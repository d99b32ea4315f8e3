// What can be taken off the screen: the table of the place at hand as text and CSV, its page as
// text, the accounts as a picture.
#pragma once

#include <QObject>

#include "pages/text_table.h"

#include <functional>

class QMenu;
class QMimeData;

namespace rhexion {

class AccountsView;

// The picture at twice its size on screen as PNG, and as SVG.
QByteArray accountsAsPng(AccountsView& view);
QByteArray accountsAsSvg(AccountsView& view);

class CopyActions : public QObject {
    Q_OBJECT
public:
    struct Here {
        // Made when they are copied: a table may have thousands of rows. Nothing: none.
        std::function<TextTable()> table; // of the place at hand
        std::function<QString()> page;    // its page of text
        AccountsView* accounts = nullptr;
    };
    CopyActions(std::function<Here()> here, QWidget& window);

    void addTo(QMenu& menu);
    bool savePicture(const QString& path);

Q_SIGNALS:
    void said(const QString& text);
    void copied(const QString& text);

private:
    void copyTable();
    void copyPage();
    void copyPicture();
    void savePictureAs();

    std::function<Here()> here_;
    QWidget& window_;
};

} // namespace rhexion
