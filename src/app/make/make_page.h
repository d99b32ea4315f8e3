// The making of a batch, step by step. Space or the large button goes on, Enter keeps what was
// typed; what was really weighed may differ from the plan and says at once what that does. Runs the
// day; what it looks like is in StepList, StepCard and PlacePanel.
#pragma once

#include <QTimer>
#include <QWidget>

#include "batch/batch_in_progress.h"
#include "words/speech.h"

class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace rhexion {

class HeatCard;
class PlacePanel;
class StepCard;
class StepList;
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
    HeatCard& heat() const { return *heat_; }
    QLineEdit* weighedField() const;
    TypingLine* extra() const;

Q_SIGNALS:
    void finished(const QString& batch);
    void stopped();
    void noted(const QString& text);
    void wentWell();       // what was noted last is over
    void waitingChanged(); // whether the journal can be written is new

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    QWidget* buildEmpty();
    QWidget* buildDay();
    void refresh();
    void refreshList();
    void refreshStep();
    void refreshEffect();
    void refreshAdded();
    void fitRoom();               // what stands beside the step, and what gives way
    void topUp(const Line& line); // what went in beside the plan
    // Keeps what stands in the field; false if it cannot be used.
    bool keepWeighed();
    void goOn();
    void goBack();
    void goTo(int step);
    void stop();
    void finish();
    void keepDraft();
    bool good(const std::optional<FileFault>& fault);
    std::optional<Vessel> here() const; // of the step at hand; nothing at the end

    Stock& stock_;
    Speech speech_;
    std::unique_ptr<BatchInProgress> current_;
    QStackedWidget* stack_;
    QLabel* name_;
    QWidget* left_;
    StepList* list_;
    StepCard* card_;
    HeatCard* heat_;
    PlacePanel* place_;
    QPushButton* stop_;
    QTimer draft_;
    QTimer again_;
    bool sureToStop_ = false;
};

} // namespace rhexion
