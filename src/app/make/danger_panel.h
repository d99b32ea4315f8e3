// The day stops here: a danger, why it is one, what mends it, and the three answers. It takes the
// focus and is said aloud, and Space answers nothing: a hand that goes on by itself does not pass.
// One thing weighed at two benches stops it the same way, with what may be in the bowl as answers.
#pragma once

#include "words/batch_words.h"
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
    void show(const words::TwiceSaid& said);
    QPushButton* is(WeighedTwice outcome) const { return is_[std::size_t(outcome)]; }
    QLineEdit* why() const { return why_; }
    QPushButton* mend() const { return mend_; }
    QPushButton* goOn() const { return goOn_; }
    QPushButton* stop() const { return stop_; }

Q_SIGNALS:
    void mendWanted();
    void goOnWanted(const QString& why);
    void stopWanted();
    void settled(WeighedTwice is);
    void noted(const QString& text);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void goOnIfSaid();
    void say(const QString& title, const QStringList& why, bool twice);

    QLabel* title_;
    QLabel* reason_;
    QLabel* mends_;
    QLineEdit* why_;
    QPushButton* mend_;
    QPushButton* goOn_;
    QPushButton* stop_;
    std::array<QPushButton*, countOf<WeighedTwice>()> is_{};
    QLabel* hint_;
};

} // namespace rhexion
