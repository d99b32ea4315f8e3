// Works out how sure the open formula is, off the interface thread; the next change cancels it.
#pragma once

#include <QObject>
#include <QThreadPool>
#include <QTimer>

#include "core/account/doubt.h"

#include <atomic>
#include <memory>

namespace rhexion {

class FormulaDocument;

class DoubtWatcher : public QObject {
    Q_OBJECT
public:
    explicit DoubtWatcher(FormulaDocument& document, QObject* parent = nullptr);
    ~DoubtWatcher() override;

    // Of the formula as it is now; nothing while it is being worked out, or if it cannot be.
    const Doubt* doubt() const { return doubt_ ? &*doubt_ : nullptr; }

    // Waits for what is being worked out, for pictures and tests.
    void finish();

Q_SIGNALS:
    void found();

private:
    void forget(); // the formula changed
    void begin();
    void take(int run, const std::optional<Doubt>& doubt);

    FormulaDocument& document_;
    // The picture of a change comes first; the draws begin when keys rest for a moment.
    QTimer rest_;
    QThreadPool pool_;
    std::shared_ptr<std::atomic<int>> wanted_; // the run whose result is still wanted
    std::optional<Doubt> doubt_;
};

} // namespace rhexion
