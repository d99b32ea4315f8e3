// The making of a batch, step by step, in type to be read at arm's length. Space or the large
// button goes on, Enter keeps what was typed; what was really weighed may differ from the plan and
// says at once what that does.
#pragma once

#include <QTimer>
#include <QWidget>

#include "batch/batch_in_progress.h"
#include "words/speech.h"

class QLabel;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;
class QPushButton;
class QStackedWidget;

namespace rhexion {

class Stock;
class TypingLine;

class MakePage : public QWidget {
    Q_OBJECT
public:
    explicit MakePage(Stock& stock, QWidget* parent = nullptr);
    ~MakePage() override;

    void setSpeech(const Speech& speech);
    void setBatch(std::unique_ptr<BatchInProgress> current);
    BatchInProgress* batch() const { return current_.get(); }
    QLineEdit* weighedField() const { return weighed_; }
    TypingLine* extra() const { return extra_; }

Q_SIGNALS:
    void finished(const QString& batch);
    void stopped();
    void noted(const QString& text);
    void wentWell();       // what was noted last is over
    void waitingChanged(); // whether the journal can be written is new

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    QWidget* buildEmpty();
    QWidget* buildSteps();
    void refresh();
    void refreshList();
    void refreshEffect();
    void refreshAdded();
    void topUp(const Line& line); // what went in beside the plan
    // Keeps what stands in the field; false if it cannot be used.
    bool keepWeighed();
    void goOn();
    void goBack();
    void finish();
    void keepDraft();
    bool good(const std::optional<FileFault>& fault);

    Stock& stock_;
    Speech speech_;
    std::unique_ptr<BatchInProgress> current_;
    QStackedWidget* stack_;
    QLabel* name_;
    QListWidget* list_;
    QLabel* count_;
    QLabel* title_;
    QLabel* planned_;
    QLabel* advice_;
    QWidget* weighBox_;
    QLineEdit* weighed_;
    QLabel* weighedUnit_;
    QLabel* effect_;
    QLabel* mends_;
    QLabel* mendHint_;
    QLabel* added_;
    QPushButton* takeBack_;
    TypingLine* extra_;
    QPlainTextEdit* note_;
    QPushButton* next_;
    QPushButton* back_;
    QPushButton* stop_;
    QTimer draft_;
    QTimer again_;
    bool sureToStop_ = false;
};

} // namespace rhexion
