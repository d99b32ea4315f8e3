// Scales and thermometers: what is plugged in, what each shows now, where a probe is held, and how
// a scale that speaks its own way is taught. Typing always works beside.
#pragma once

#include "app/widgets/leavable_window.h"
#include "devices/device_desk.h"
#include "words/speech.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;
class QPushButton;

namespace rhexion {

class StandinScale;

class DevicesWindow : public LeavableWindow {
    Q_OBJECT
public:
    DevicesWindow(devices::DeviceDesk& desk, QWidget* owner);
    ~DevicesWindow() override;

    void setSpeech(const Speech& speech);
    void lookAgain();  // what is plugged in now
    void tryStandin(); // the stand-in scale, beginning it where it does not run
    QListWidget* list() const { return list_; }
    QLabel* live() const { return live_; }
    QPlainTextEdit* examples() const { return examples_; }
    QPushButton* learn() const { return learn_; }
    StandinScale* standin() const { return standin_.get(); }

Q_SIGNALS:
    void said(const QString& text);
    void standinBegun();

private:
    void add();
    void forget();
    void refreshList();
    void refreshLive();
    void teach();
    void keep();
    std::vector<devices::DeviceSetup> setups() const;
    int chosen() const;

    devices::DeviceDesk& desk_;
    Speech speech_;
    QComboBox* found_;
    QLineEdit* path_;
    QListWidget* list_;
    QLabel* live_;
    QPlainTextEdit* examples_;
    QLineEdit* number_;
    QLineEdit* unit_;
    QLineEdit* stable_;
    QPushButton* learn_;
    QLabel* lesson_;
    std::vector<QComboBox*> probes_;
    std::unique_ptr<StandinScale> standin_;
};

} // namespace rhexion
