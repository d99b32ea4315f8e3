// Several benches on one journal: where the server is, a try, and how it goes.
#pragma once

#include "app/benches/bench_link.h"
#include "app/widgets/leavable_window.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace rhexion {

class Label;

class BenchesWindow : public LeavableWindow {
    Q_OBJECT
public:
    // own: the letter that the bench has by itself, 0 where it is not known.
    BenchesWindow(BenchLink& link, char own, QWidget* owner);

    QString said() const;
    QLineEdit* name() const { return name_; }
    QComboBox* letter() const { return letter_; }
    QLineEdit* host() const { return host_; }
    QLineEdit* user() const { return user_; }
    QPushButton* tryButton() const { return try_; }
    QPushButton* joinButton() const { return join_; }

private:
    ServerPlace typed() const;
    void tell(const CourierNews& news);
    void refresh();
    void keepName();

    BenchLink& link_;
    QLineEdit* name_;
    QComboBox* letter_;
    QLineEdit* host_;
    QSpinBox* port_;
    QLineEdit* database_;
    QLineEdit* user_;
    QLineEdit* password_;
    QCheckBox* keep_;
    QPushButton* try_;
    QPushButton* join_;
    Label* tried_;
    Label* state_;
};

} // namespace rhexion
