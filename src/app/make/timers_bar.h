// Timers that run, each with its name; bursts of the blender; how long ago lye met oil.
#pragma once

#include "batch/batch_in_progress.h"
#include "words/speech.h"

#include <QFrame>
#include <QTimer>

class QLabel;
class QPushButton;

namespace rhexion {

class TimersBar : public QFrame {
    Q_OBJECT
public:
    explicit TimersBar(QWidget* parent = nullptr);

    void show(BatchInProgress* batch, const QString& step, bool blends);
    void setSpeech(const Speech& speech) { speech_ = speech; }
    QPushButton* blend() const { return blend_; }
    QString said() const;
    void toggleBurst();
    void refresh();

Q_SIGNALS:
    void setWanted(const QString& name, double seconds);
    void stopWanted(const QString& event);
    void blended(double seconds);
    void rang(const QString& text);

private:
    void build();
    QString leftText(double seconds) const;

    Speech speech_;
    BatchInProgress* batch_ = nullptr;
    QString step_;
    QPushButton* add_;
    QPushButton* blend_;
    QLabel* since_;
    QWidget* room_;
    std::vector<std::pair<std::string, QPushButton*>> chips_;
    std::vector<std::string> rung_;
    QTimer second_;
    std::int64_t burstBegan_ = 0; // ms; 0: none runs
    bool flash_ = false;
};

} // namespace rhexion
