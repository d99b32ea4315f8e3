// How sure the open formula is, worked out off the interface thread.
#pragma once

#include <QObject>

#include "core/account/doubt.h"
#include "document/watcher.h"

namespace rhexion {

class FormulaDocument;

class DoubtWatcher : public QObject {
    Q_OBJECT
public:
    explicit DoubtWatcher(FormulaDocument& document, QObject* parent = nullptr);

    // Of the formula as it is now; nothing while it is being worked out, or if it cannot be.
    const Doubt* doubt() const { return doubt_ ? &*doubt_ : nullptr; }

    // Waits for what is being worked out, for pictures and tests.
    void finish() { watcher_.finish(); }
    void pause() { watcher_.pause(); }
    void resume() { watcher_.resume(); }

Q_SIGNALS:
    void found();

private:
    void forget(); // the formula changed
    Watcher<Doubt>::Work begin() const;
    void take(std::optional<Doubt> doubt);

    FormulaDocument& document_;
    std::optional<Doubt> doubt_;
    Watcher<Doubt> watcher_;
};

} // namespace rhexion
