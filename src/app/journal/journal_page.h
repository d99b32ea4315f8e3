// The journal: every batch, what was planned and what was weighed, and notes.
#pragma once

#include <QWidget>

#include "storage/journal.h"
#include "words/speech.h"

#include <functional>

class QLabel;
class QBoxLayout;
class QLineEdit;
class QPushButton;
class QTableView;
class QTextBrowser;

namespace rhexion {

class BatchesModel;

class JournalPage : public QWidget {
    Q_OBJECT
public:
    explicit JournalPage(std::function<QDateTime()> clock, QWidget* parent = nullptr);

    void setJournal(Journal* journal);
    void setSpeech(const Speech& speech);
    // Reads the journal again and shows this batch, or the one shown before.
    void reload(const QString& batch = {});
    QTableView* list() const { return list_; }
    QLineEdit* findField() const { return find_; }
    QLineEdit* noteField() const { return note_; }
    QString pageText() const;
    const BatchesModel& batches() const { return *model_; }

Q_SIGNALS:
    void formulaWanted(const Formula& formula);
    void resumeWanted(const QString& batch);
    void noted(const QString& text);
    void wrote(); // something is new in the journal

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void showBatch();
    void fitRoom();
    void addNote();

    std::function<QDateTime()> clock_;
    Journal* journal_ = nullptr;
    Speech speech_;
    QBoxLayout* room_;
    QWidget* left_;
    QWidget* right_;
    BatchesModel* model_;
    QLineEdit* find_;
    QTableView* list_;
    QLabel* empty_;
    QTextBrowser* page_;
    QLineEdit* note_;
    QPushButton* open_;
    QPushButton* resume_;
    QPushButton* addNote_;
    std::optional<Batch> shown_;
};

} // namespace rhexion
