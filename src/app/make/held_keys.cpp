#include "app/make/held_keys.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QWidget>
#include <QWindow>

#include <utility>

namespace rhexion {

namespace {
// A release that never came, such as one that went to another window, must not end a key for good.
constexpr qint64 forgotten = 5000; // ms

bool isModifier(int key)
{
    return key >= Qt::Key_Shift && key <= Qt::Key_ScrollLock; // with Control, Meta and Alt
}
} // namespace

HeldKeys::HeldKeys(std::function<Does(const QKeyEvent&)> does, std::function<bool(QPoint)> isGoOn,
                   QObject* parent)
    : QObject(parent), does_(std::move(does)), isGoOn_(std::move(isGoOn))
{
    clock_.start();
}

void HeldKeys::watch(QWidget* window)
{
    QObject* now = window ? window->windowHandle() : nullptr;
    if (now == window_)
        return;
    if (window_)
        window_->removeEventFilter(this);
    window_ = now;
    downAt_.clear();
    if (window_)
        window_->installEventFilter(this);
}

void HeldKeys::stepChanged()
{
    stood_.start();
}

bool HeldKeys::hasStood() const
{
    return !stood_.isValid() || stood_.hasExpired(keysRest);
}

bool HeldKeys::counts(const QKeyEvent& key)
{
    const qint64 now = clock_.elapsed();
    const auto held = downAt_.constFind(key.key());
    const bool again =
        key.isAutoRepeat() || (held != downAt_.constEnd() && now - held.value() < forgotten);
    const bool rested = now - last_ >= keysRest;
    downAt_[key.key()] = now;
    last_ = now;
    switch (does_(key)) {
    case Does::Nothing: return true;
    case Does::Keeps: return !again;
    case Does::GoesOn: break;
    }
    return !again && rested && hasStood();
}

bool HeldKeys::eventFilter(QObject* watched, QEvent* event)
{
    if ((event->type() == QEvent::KeyPress || event->type() == QEvent::KeyRelease) &&
        isModifier(static_cast<QKeyEvent*>(event)->key()))
        return false; // it goes down just before the key it belongs to
    switch (event->type()) {
    case QEvent::KeyPress:
        if (counts(*static_cast<QKeyEvent*>(event))) {
            said_ = false;
            return false;
        }
        if (!std::exchange(said_, true))
            Q_EMIT heldDown();
        return true;
    case QEvent::KeyRelease: {
        const auto* key = static_cast<QKeyEvent*>(event);
        last_ = clock_.elapsed();
        if (!key->isAutoRepeat())
            downAt_.remove(key->key());
        return false;
    }
    case QEvent::FocusOut: downAt_.clear(); return false;
    // The second half of a double click would do the step after.
    case QEvent::MouseButtonPress:
    case QEvent::MouseButtonDblClick:
        return !hasStood() && isGoOn_(static_cast<QMouseEvent*>(event)->globalPosition().toPoint());
    default: return QObject::eventFilter(watched, event);
    }
}

} // namespace rhexion
