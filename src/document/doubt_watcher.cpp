#include "document/doubt_watcher.h"

#include "document/formula_document.h"

namespace rhexion {

namespace {
// The picture of a change comes first; the draws begin when keys rest.
constexpr std::chrono::milliseconds moment{50};
} // namespace

DoubtWatcher::DoubtWatcher(FormulaDocument& document, QObject* parent)
    : QObject(parent), document_(document),
      watcher_(
          moment, [this] { return begin(); },
          [this](std::optional<Doubt> doubt) { take(std::move(doubt)); })
{
    connect(&document_, &FormulaDocument::changed, this, &DoubtWatcher::forget);
    forget();
}

void DoubtWatcher::forget()
{
    if (doubt_ && document_.onlyTextChanged())
        return; // it still stands
    doubt_.reset();
    watcher_.restart();
}

Watcher<Doubt>::Work DoubtWatcher::begin() const
{
    const Reckoning* reckoning = document_.reckoning();
    if (!reckoning)
        return {};
    // Copies, so that nothing is shared with the thread but materials, which never change.
    return [formula = document_.formula(), copy = *reckoning](const auto& isCancelled) {
        return doubtOf(formula, copy, {}, isCancelled);
    };
}

void DoubtWatcher::take(std::optional<Doubt> doubt)
{
    doubt_ = std::move(doubt);
    if (doubt_)
        document_.takeDoubt(*doubt_);
    Q_EMIT found();
}

} // namespace rhexion
