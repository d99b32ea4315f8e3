// The yardstick for start-up: an empty Qt main window that ends as soon as it is painted.
#include "app/first_paint.h"

#include <QApplication>
#include <QMainWindow>

#include <cstdio>

int main(int argc, char** argv)
{
    QApplication app(argc, argv);
    QMainWindow window;
    window.resize(1280, 800);
    new rhexion::FirstPaint(window, [] {
        std::puts("painted");
        std::fflush(stdout);
        QApplication::quit();
    });
    window.show();
    return QApplication::exec();
}
