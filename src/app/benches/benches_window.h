// Several benches on one journal: where the server is, a try, and how it goes.
#pragma once

#include "app/benches/bench_link.h"
#include "app/widgets/leavable_window.h"

class QCheckBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace rhexion {

class Label;

class BenchesWindow : public LeavableWindow {
    Q_OBJECT
public:
    BenchesWindow(BenchLink& link, QWidget* owner);

    QString said() const;
    QLineEdit* host() const { return host_; }
    QLineEdit* user() const { return user_; }
    QPushButton* tryButton() const { return try_; }
    QPushButton* joinButton() const { return join_; }

private:
    ServerPlace typed() const;
    void tell(const CourierNews& news);
    void refresh();

    BenchLink& link_;
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
