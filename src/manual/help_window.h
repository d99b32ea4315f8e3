// The manual in a window: contents or what was found on the left, the page on the right. Qt Help
// holds the pages and looks through them.
#pragma once

#include "manual/manual_window.h"

#include <QHelpEngine>
#include <QTextBrowser>
#include <QTimer>

class QLineEdit;
class QListWidget;

namespace rhexion {

// Pages and pictures of the book, and nothing else whatever a page names.
class BookBrowser : public QTextBrowser {
    Q_OBJECT
public:
    BookBrowser(const QHelpEngineCore& engine, QWidget* parent);

protected:
    QVariant loadResource(int type, const QUrl& name) override;
    void doSetSource(const QUrl& url, QTextDocument::ResourceType type) override;

private:
    const QHelpEngineCore& engine_;
};

class HelpWindow : public ManualWindow {
    Q_OBJECT
public:
    // book: the compiled pages; cache: a folder for the index, made where it is missing.
    HelpWindow(const QString& book, const QString& cache);

    void open(const QString& page) override;
    QString page() const override;
    QLineEdit* findField() override { return field_; }
    QListWidget* list() override { return list_; }

private:
    void fillContents();
    void search();
    void showFound();

    QHelpEngine engine_;
    QLineEdit* field_;
    QListWidget* list_;
    BookBrowser* browser_;
    QTimer rest_;
    QString fault_;
};

} // namespace rhexion
