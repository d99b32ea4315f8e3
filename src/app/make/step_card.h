// The step at hand, in type to be read at arm's length: what to weigh or do, the field for what the
// scale shows, what the weighings so far come to, and the buttons that go on and back.
#pragma once

#include <QFrame>

#include "core/makeday/weigh_band.h"
#include "devices/steadiness.h"
#include "words/day_words.h"
#include "words/step_help_words.h"

#include <optional>

class QHBoxLayout;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QVBoxLayout;

namespace rhexion {

class Stock;
class TypingLine;
class WeighGauge;

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
        QString next;     // the two that come after it
        std::optional<WeighBand> band;
        double plannedGrams = 0.0;
        QList<words::StepSign> help;
    };
    void show(const Shown& step);
    void showEffect(const QString& effect, const words::BowlSaid& said, bool mendable);
    void showAdded(const QString& what); // beside the plan; empty: nothing

    // What the scale shows; nothing: there is none.
    void showLive(const std::optional<devices::LiveWeight>& live, const Speech& speech);
    // Stands under what the weighings come to.
    void setBelow(QWidget* widget);
    void setTimers(QWidget* widget);
    WeighGauge* gauge() const { return gauge_; }
    QPushButton* helpButton() const { return help_; }
    void toggleHelp();
    void setCrowded(bool crowded); // little height: what can be read elsewhere gives way
    QString helpText() const;

    QLineEdit* weighed() const { return weighed_; }
    QPlainTextEdit* note() const { return note_; }
    TypingLine* extra() const { return extra_; }
    bool isGoOn(const QWidget* widget) const;
    // Where the next key belongs.
    void takeFocus();

Q_SIGNALS:
    void goOnWanted();
    void spaceAtEnd(); // which finishes nothing
    void goBackWanted();
    void skipWanted();
    void troubleWanted();
    void tareWanted();
    void scoopWanted();    // what the scale shows, added to what stands in the field
    void keepWanted();     // what stands in the field
    void takeBackWanted(); // what went in last beside the plan
    void noteTyped();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    QWidget* buildField();
    void showHelp();

    QVBoxLayout* column_;
    QHBoxLayout* aside_;
    QHBoxLayout* scale_;
    Shown shown_;
    QLabel* live_;
    QLabel* liveSaid_;
    WeighGauge* gauge_;
    QLabel* nextUp_;
    QLabel* signs_;
    QPushButton* tare_;
    QPushButton* scoop_;
    QPushButton* help_;
    QPushButton* skip_;
    QPushButton* trouble_;
    bool helping_ = false;
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
