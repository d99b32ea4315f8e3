// Works something out off the interface thread whenever what it is worked out of changes: waits
// until that rests for a moment, copies what is needed, works in a thread of its own, and forgets
// what is no longer wanted. The doubt is one; the heat will be another.
#pragma once

#include <QCoreApplication>
#include <QObject>
#include <QThreadPool>
#include <QTimer>

#include <atomic>
#include <chrono>
#include <functional>
#include <memory>
#include <optional>

namespace rhexion {

template <class Result>
class Watcher {
public:
    // Runs in the thread, on copies alone; asks now and then whether it is still wanted.
    using Work = std::function<std::optional<Result>(const std::function<bool()>& isCancelled)>;
    // Called on the interface thread: makes the work with its copies; an empty one where there is
    // nothing to work out.
    using Begin = std::function<Work()>;
    // Called on the interface thread with what was worked out, unless it was cancelled meanwhile.
    using Done = std::function<void(std::optional<Result>)>;

    Watcher(std::chrono::milliseconds rest, Begin begin, Done done)
        : begin_(std::move(begin)), done_(std::move(done)),
          wanted_(std::make_shared<std::atomic<int>>(0))
    {
        pool_.setMaxThreadCount(1);
        rest_.setSingleShot(true);
        rest_.setInterval(rest);
        QObject::connect(&rest_, &QTimer::timeout, &home_, [this] { start(); });
    }
    ~Watcher()
    {
        ++*wanted_;
        pool_.clear();
        pool_.waitForDone();
    }
    Watcher(const Watcher&) = delete;
    Watcher& operator=(const Watcher&) = delete;

    // What was worked out, or is being, is of something else now.
    void restart()
    {
        ++*wanted_;
        pending_ = true;
        if (!paused_)
            rest_.start();
    }
    // Nothing is begun while paused: a window that comes up needs the machine.
    void pause()
    {
        paused_ = true;
        rest_.stop();
    }
    void resume()
    {
        paused_ = false;
        if (pending_)
            rest_.start();
    }
    // Waits for what is being worked out, for pictures and tests.
    void finish()
    {
        rest_.stop();
        if (pending_)
            start();
        pool_.waitForDone();
        QCoreApplication::sendPostedEvents(&home_, QEvent::MetaCall);
    }

private:
    void start()
    {
        pending_ = false;
        const int run = wanted_->load();
        Work work = begin_();
        if (!work)
            return;
        pool_.clear(); // what has not begun need not begin
        pool_.start([this, run, wanted = wanted_, work = std::move(work)] {
            auto result = work([&] { return wanted->load() != run; });
            if (wanted->load() == run)
                QMetaObject::invokeMethod(
                    &home_,
                    [this, run, result = std::move(result)]() mutable {
                        if (run == wanted_->load())
                            done_(std::move(result));
                    },
                    Qt::QueuedConnection);
        });
    }

    Begin begin_;
    Done done_;
    QObject home_; // lives on the interface thread
    QTimer rest_;
    bool pending_ = false; // restarted, and not begun yet
    bool paused_ = false;
    QThreadPool pool_;
    std::shared_ptr<std::atomic<int>> wanted_; // the run whose result is still wanted
};

} // namespace rhexion
