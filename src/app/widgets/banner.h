// An inline note across the top of a page: what happened, and buttons for what can be done about
// it.
#pragma once

#include <QFrame>

class QBoxLayout;
class QHBoxLayout;
class QLabel;
class QPushButton;

namespace rhexion {

class Banner : public QFrame {
    Q_OBJECT
public:
    enum class Tone { Fine, Care, Danger };

    explicit Banner(QWidget* parent = nullptr);

    // Replaces what is shown; buttons are added after.
    void show(Tone tone, const QString& text);
    QPushButton* addButton(const QString& text);
    QString text() const;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void drawIcon();
    void arrange(); // buttons beside the text, or below it where that leaves too little of it

    Tone tone_ = Tone::Care;
    QLabel* icon_;
    QLabel* text_;
    QBoxLayout* body_;
    QHBoxLayout* buttons_;
};

} // namespace rhexion
