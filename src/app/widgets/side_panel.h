// What opens beside the bench in place of the figures: a title, a way back (Escape too), and a
// body.
#pragma once

#include <QFrame>

class QHBoxLayout;
class QVBoxLayout;

namespace rhexion {

class SidePanel : public QFrame {
    Q_OBJECT
public:
    explicit SidePanel(const QString& title, QWidget* parent = nullptr);

Q_SIGNALS:
    void closed();

protected:
    void keyPressEvent(QKeyEvent* event) override; // Escape leaves it
    QHBoxLayout* top() const { return top_; }      // further buttons go before the way back
    QVBoxLayout* body() const { return body_; }

private:
    QHBoxLayout* top_;
    QVBoxLayout* body_;
};

} // namespace rhexion
