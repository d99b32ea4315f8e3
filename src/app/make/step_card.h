// The step at hand, in type to be read at arm's length: what to weigh or do, the field for what the
// scale shows, what the weighings so far come to, and the buttons that go on and back.
#pragma once

#include <QFrame>

#include "words/day_words.h"

#include <optional>

class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QVBoxLayout;

namespace rhexion {

class Stock;
class TypingLine;

class StepCard : public QFrame {
    Q_OBJECT
public:
    explicit StepCard(Stock& stock, QWidget* parent = nullptr);

    struct Shown {
        QString count; // "Step 3 of 17: weigh, in the oil pot"
        QString title;
        std::optional<QString> planned; // a step where something is weighed
        QString advice;
        QString unit;
        QString weighed; // in the field; empty: as planned
        QString goOn;    // on the large button
        bool canGoBack = false;
        bool end = false; // the note for the journal is asked for
    };
    void show(const Shown& step);
    void showEffect(const QString& effect, const words::BowlSaid& said, bool mendable);
    void showAdded(const QString& what); // beside the plan; empty: nothing

    // Stands under what the weighings come to.
    void setBelow(QWidget* widget);

    QLineEdit* weighed() const { return weighed_; }
    QPlainTextEdit* note() const { return note_; }
    TypingLine* extra() const { return extra_; }
    // Where the next key belongs.
    void takeFocus();

Q_SIGNALS:
    void goOnWanted();
    void goBackWanted();
    void keepWanted();     // what stands in the field
    void takeBackWanted(); // what went in last beside the plan
    void noteTyped();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildField();

    QVBoxLayout* column_;
    QLabel* count_;
    QLabel* title_;
    QLabel* planned_;
    QLabel* advice_;
    QWidget* field_;
    QLineEdit* weighed_;
    QLabel* unit_;
    QLabel* effect_;
    QLabel* mends_;
    QLabel* mendHint_;
    QLabel* added_;
    QPushButton* takeBack_;
    TypingLine* extra_;
    QPlainTextEdit* note_;
    QPushButton* next_;
    QPushButton* back_;
};

} // namespace rhexion
