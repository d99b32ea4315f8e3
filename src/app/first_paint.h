// Calls back once a window has been painted for the first time. Only widgets, so that the
// benchmark's small window measures itself the same way.
#pragma once

#include <QApplication>
#include <QEvent>
#include <QTimer>
#include <QWidget>

#include <cstdio>
#include <functional>
#include <sys/resource.h>

namespace rhexion {

class FirstPaint : public QObject {
public:
    FirstPaint(QWidget& window, std::function<void()> then)
        : QObject(&window), window_(window), then_(std::move(then))
    {
        qApp->installEventFilter(this);
    }
    bool eventFilter(QObject* watched, QEvent* event) override
    {
        if (event->type() == QEvent::Paint && watched->isWidgetType() &&
            static_cast<QWidget*>(watched)->window() == &window_) {
            qApp->removeEventFilter(this);
            QTimer::singleShot(0, &window_, then_); // after the whole window
        }
        return false;
    }

private:
    QWidget& window_;
    std::function<void()> then_;
};

// What the benchmark waits for, with the most memory the process has used so far.
inline void sayPainted()
{
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    std::printf("painted %ld kB\n", use.ru_maxrss);
    std::fflush(stdout);
}

} // namespace rhexion
