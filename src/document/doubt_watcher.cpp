#include "document/doubt_watcher.h"

#include "document/formula_document.h"

#include <QCoreApplication>

namespace rhexion {

DoubtWatcher::DoubtWatcher(FormulaDocument& document, QObject* parent)
    : QObject(parent), document_(document), wanted_(std::make_shared<std::atomic<int>>(0))
{
    pool_.setMaxThreadCount(1);
    constexpr int moment = 50; // ms
    rest_.setSingleShot(true);
    rest_.setInterval(moment);
    connect(&rest_, &QTimer::timeout, this, &DoubtWatcher::begin);
    connect(&document_, &FormulaDocument::changed, this, &DoubtWatcher::forget);
    forget();
}

DoubtWatcher::~DoubtWatcher()
{
    ++*wanted_;
    pool_.clear();
    pool_.waitForDone();
}

void DoubtWatcher::forget()
{
    if (doubt_ && document_.onlyTextChanged())
        return; // it still stands
    ++*wanted_;
    doubt_.reset();
    rest_.start();
}

void DoubtWatcher::begin()
{
    const int run = wanted_->load();
    const Reckoning* reckoning = document_.reckoning();
    if (!reckoning)
        return;
    pool_.clear(); // what has not begun need not begin
    // Copies, so that nothing is shared with the thread but materials, which never change.
    pool_.start([this, run, wanted = wanted_, formula = document_.formula(), copy = *reckoning] {
        auto doubt = doubtOf(formula, copy, {}, [&] { return wanted->load() != run; });
        if (wanted->load() == run)
            QMetaObject::invokeMethod(
                this, [this, run, doubt = std::move(doubt)] { take(run, doubt); },
                Qt::QueuedConnection);
    });
}

void DoubtWatcher::finish()
{
    if (rest_.isActive()) {
        rest_.stop();
        begin();
    }
    pool_.waitForDone();
    QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
}

void DoubtWatcher::take(int run, const std::optional<Doubt>& doubt)
{
    if (run != wanted_->load())
        return;
    doubt_ = doubt;
    if (doubt_)
        document_.takeDoubt(*doubt_);
    Q_EMIT found();
}

} // namespace rhexion
