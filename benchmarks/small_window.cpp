// The yardstick for start-up: a window with one line in the shipped typeface. An empty one would
// not be fair, since it draws no text and so never loads a typeface.
#include "app/first_paint.h"
#include "sheet/shipped_fonts.h"

#include <QApplication>
#include <QLabel>
#include <QMainWindow>
#include <QStyleFactory>

int main(int argc, char** argv)
{
    QApplication app(argc, argv);
    QApplication::setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    rhexion::loadShippedFonts();
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPixelSize(16);
    font.setHintingPreference(QFont::PreferNoHinting);
    QApplication::setFont(font);
    QMainWindow window;
    window.setCentralWidget(
        new QLabel(QStringLiteral("Lye into liquid, never liquid into lye"), &window));
    window.resize(1280, 800);
    new rhexion::FirstPaint(window, [] {
        rhexion::sayPainted();
        QApplication::quit();
    });
    window.show();
    return QApplication::exec();
}
