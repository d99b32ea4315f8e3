// The day stops here: a danger, why it is one, what mends it, and the three answers. It takes the
// focus and is said aloud, and Space answers nothing: a hand that goes on by itself does not pass.
#pragma once

#include "words/day_words.h"

#include <QFrame>

class QLabel;
class QLineEdit;
class QPushButton;

namespace rhexion {

class DangerPanel : public QFrame {
    Q_OBJECT
public:
    explicit DangerPanel(QWidget* parent = nullptr);

    void show(const words::DangerSaid& said);
    QLineEdit* why() const { return why_; }
    QPushButton* mend() const { return mend_; }
    QPushButton* goOn() const { return goOn_; }
    QPushButton* stop() const { return stop_; }

Q_SIGNALS:
    void mendWanted();
    void goOnWanted(const QString& why);
    void stopWanted();
    void noted(const QString& text);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void goOnIfSaid();

    QLabel* title_;
    QLabel* reason_;
    QLabel* mends_;
    QLineEdit* why_;
    QPushButton* mend_;
    QPushButton* goOn_;
    QPushButton* stop_;
};

} // namespace rhexion
