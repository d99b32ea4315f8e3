// One material to look at: what it is, what is in it, its page, and what can be done with it.
#pragma once

#include "pages/material_page.h"
#include "storage/stock.h"
#include "words/speech.h"

#include <QWidget>

class QAction;
class QLabel;
class QPushButton;
class QTextBrowser;
class QToolButton;
class QUrl;

namespace rhexion {

class CompositionBar;

class MaterialView : public QWidget {
    Q_OBJECT
public:
    explicit MaterialView(QWidget* parent);

    // entry and page are of one material; without a shelf nothing can be kept, and nothing offered.
    void show(const StockEntry& entry, const MaterialPage& page, const Speech& speech,
              bool canKeep);
    void showNothing();
    // The page once more, with what was found since.
    void tell(const MaterialPage& page, const Speech& speech);
    QString text() const;
    QAction* archiveAction() const { return archive_; }

Q_SIGNALS:
    void useWanted();
    void lotWanted();
    void measureWanted();
    void mixWanted();
    void changeWanted();
    void copyWanted();
    void archiveWanted();
    void followed(const QUrl& link);

private:
    void showParts(bool shown);

    QLabel* name_;
    QLabel* about_;
    CompositionBar* bar_;
    QTextBrowser* text_;
    QPushButton* use_;
    QPushButton* lot_;
    QPushButton* measure_;
    QToolButton* more_;
    QAction* mix_;
    QAction* edit_;
    QAction* archive_;
};

} // namespace rhexion
