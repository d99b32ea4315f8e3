// A whole day on the stand-in scale and thermometers, as fast as one likes, with mishaps; nothing
// of it goes into the journal.
#pragma once

#include "app/widgets/leavable_window.h"
#include "core/makeday/mishap.h"
#include "devices/device_desk.h"
#include "storage/memory_journal.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QElapsedTimer>

#include <map>
#include <memory>

class QComboBox;
class QLabel;
class QListWidget;
class QPushButton;
class QStackedWidget;

namespace rhexion {

class MakePage;
class NumberField;
class PageBrowser;
class PouringHand;
class StandinScale;
class Stock;

class RehearsalWindow : public LeavableWindow {
    Q_OBJECT
public:
    RehearsalWindow(Stock& stock, QWidget* owner);
    ~RehearsalWindow() override;

    void setSpeech(const Speech& speech);
    void setFormula(const Formula& formula, const Reckoning* reckoning);
    void setScript(const MishapScript& script);
    void begin();
    MakePage& making() const { return *make_; }
    NumberField* speed() const { return speed_; }
    const std::vector<MishapOutcome>& outcomes() const { return outcomes_; }
    QString reportText() const;
    QStringList seen() const { return seen_; } // what was shown as it befell

Q_SIGNALS:
    void said(const QString& text);
    void ended();

private:
    struct Coming {
        Mishap mishap;
        std::optional<std::size_t> place;
        bool befell = false;
        WhatWasDone done;
        std::int64_t at = 0;
    };
    QWidget* buildSettings();
    QDateTime now() const;
    void step();
    void befall(Coming& coming);
    void end();
    void openScript();
    template <typename Do>
    void mark(Do what);

    Stock& stock_;
    Speech speech_;
    Formula formula_;
    std::optional<Reckoning> reckoning_;
    devices::DeviceDesk* desk_;
    std::unique_ptr<StandinScale> standin_;
    std::unique_ptr<MemoryJournal> journal_;
    QElapsedTimer real_;
    QDateTime began_;
    double jumped_ = 0.0; // s of phone calls
    double times_ = 10.0;
    int step_ = -1;
    std::vector<Coming> coming_;
    std::vector<MishapOutcome> outcomes_;
    QStringList seen_;
    MishapScript script_;
    QStackedWidget* stack_;
    QListWidget* choice_;
    NumberField* speed_;
    QPushButton* surprise_;
    QLabel* note_;
    PouringHand* hand_;
    MakePage* make_;
    PageBrowser* report_;
};

} // namespace rhexion
