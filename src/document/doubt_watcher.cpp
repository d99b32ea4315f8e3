#include "document/doubt_watcher.h"

#include "document/formula_document.h"

#include <QCoreApplication>

namespace rhexion {

DoubtWatcher::DoubtWatcher(FormulaDocument& document, QObject* parent)
    : QObject(parent), document_(document), wanted_(std::make_shared<std::atomic<int>>(0))
{
    pool_.setMaxThreadCount(1);
    connect(&document_, &FormulaDocument::changed, this, &DoubtWatcher::begin);
    begin();
}

DoubtWatcher::~DoubtWatcher()
{
    ++*wanted_;
    pool_.clear();
    pool_.waitForDone();
}

void DoubtWatcher::begin()
{
    const int run = ++*wanted_;
    doubt_.reset();
    const Reckoning* reckoning = document_.reckoning();
    if (!reckoning)
        return;
    pool_.clear(); // what has not begun need not begin
    // Copies, so that nothing is shared with the thread but materials, which never change.
    pool_.start([this, run, wanted = wanted_, formula = document_.formula(),
                 copy = *reckoning] {
        auto doubt = doubtOf(formula, copy, {}, [&] { return wanted->load() != run; });
        if (wanted->load() == run)
            QMetaObject::invokeMethod(
                this, [this, run, doubt = std::move(doubt)] { take(run, doubt); },
                Qt::QueuedConnection);
    });
}

void DoubtWatcher::finish()
{
    pool_.waitForDone();
    QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
}

void DoubtWatcher::take(int run, const std::optional<Doubt>& doubt)
{
    if (run != wanted_->load())
        return;
    doubt_ = doubt;
    Q_EMIT found();
}

} // namespace rhexion
