// rhexion-make-foods FOODS.csv ACIDS.csv MAPPING.csv FATS.csv OUT.sqlite: run while the program is
// built.
#include "storage/foods.h"

#include <QCoreApplication>

#include <cstdio>

int main(int argc, char** argv)
{
    const QCoreApplication app(argc, argv);
    const QStringList paths = QCoreApplication::arguments().mid(1);
    if (paths.size() != 5) {
        std::fputs("usage: rhexion-make-foods FOODS ACIDS MAPPING FATS OUT\n", stderr);
        return 2;
    }
    if (const auto fault = rhexion::makeFoods(paths[0], paths[1], paths[2], paths[3], paths[4])) {
        std::fprintf(stderr, "rhexion-make-foods: %s %s (fault %d)\n", qPrintable(fault->place),
                     qPrintable(fault->detail), int(fault->code));
        return 1;
    }
    return 0;
}
