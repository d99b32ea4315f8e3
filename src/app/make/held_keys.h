// Makes of a key that is held down, or that something lies on, one press. Whether a press is a
// repeat cannot be told from the event alone: X11 sends a held key as releases and presses, and Qt
// marks only some of those. So a press counts when the keyboard has rested and the step at hand has
// been seen. It looks at what the window gets, before any widget does.
#pragma once

#include <QElapsedTimer>
#include <QHash>
#include <QObject>
#include <QPointer>

#include <functional>

class QKeyEvent;
class QWidget;

namespace rhexion {

inline constexpr int keysRest = 400; // ms, the longest pause within a held key's repeats and more

class HeldKeys : public QObject {
    Q_OBJECT
public:
    // What a key would do where the focus is now.
    enum class Does {
        Nothing, // or only writes
        Keeps,   // what was typed: a quick hand presses it right after the last digit
        GoesOn
    };
    HeldKeys(std::function<Does(const QKeyEvent&)> does, std::function<bool(QPoint)> isGoOn,
             QObject* parent);

    // The window whose keys are looked at; nothing for none.
    void watch(QWidget* window);
    // Another step is at hand from now on.
    void stepChanged();

Q_SIGNALS:
    void heldDown(); // a press was taken for a repeat, once in a row

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    bool counts(const QKeyEvent& key);
    bool hasStood() const;

    std::function<Does(const QKeyEvent&)> does_;
    std::function<bool(QPoint)> isGoOn_; // whether the button that goes on is there on the screen
    QPointer<QObject> window_;
    QElapsedTimer stood_;
    QElapsedTimer clock_;
    qint64 last_ = -keysRest;   // ms, of any press or release
    QHash<int, qint64> downAt_; // key: ms of its last press
    bool said_ = false;
};

} // namespace rhexion
