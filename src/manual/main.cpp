// rhexion-make-manual PAGES PICTURES OUT [LANGUAGE]: binds the manual; rhexion-make-manual --sums
// PAGES says what each worked sum comes to.
#include "manual/manual_book.h"
#include "manual/manual_sum.h"
#include "sheet/shipped_fonts.h"

#include <QGuiApplication>

#include <cstdio>

using namespace rhexion;

int main(int argc, char** argv)
{
    QGuiApplication app(argc, argv);
    loadShippedFonts();
    const QStringList words = app.arguments().mid(1);
    if (words.size() == 2 && words[0] == QLatin1String("--sums")) {
        for (const manual::Page& page : manual::readPages(words[1]))
            for (const QString& sum : manual::sumsOf(page)) {
                const manual::SumWorked worked = manual::work(sum);
                std::printf("%s %s\n", qPrintable(page.id), qPrintable(worked.fault));
                for (const manual::SumAnswer& a : worked.answers)
                    std::printf("    said %s, found %s\n", qPrintable(a.said), qPrintable(a.found));
            }
        return 0;
    }
    if (words.size() < 3 || words.size() > 4)
        return 2;
    const auto fault = manual::bind(manual::readPages(words[0]), words[1], words[2],
                                    manual::wordsFor(words.value(3, QStringLiteral("en"))));
    if (fault)
        std::fprintf(stderr, "the manual: %s\n", qPrintable(*fault));
    return fault ? 1 : 0;
}
