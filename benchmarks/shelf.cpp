// rhexion-bench-shelf: what one keystroke in the shelf's search costs over ten thousand entries,
// the search alone and until the list is painted; the page beside it follows in the next pause.
#include "app/shelf/shelf_list.h"
#include "app/shelf/shelf_page.h"
#include "app/theme/theme.h"
#include "sheet/shipped_fonts.h"
#include "storage/catalogue.h"

#include "timing.h"

#include <QApplication>
#include <QLineEdit>
#include <QTemporaryDir>

#include <cstdio>

using namespace rhexion;
using namespace rhexion::bench;

int main(int argc, char** argv)
{
    QApplication app(argc, argv);
    loadShippedFonts();
    Theme::apply(app, Look{Shade::Light});
    QTemporaryDir dir;
    Stock stock(dir.filePath(QStringLiteral("shelf.sqlite")), Foods::shippedPath());
    // Own materials with the names of catalogue materials and a number, up to ten thousand in all.
    const auto& all = Catalogue::shipped().materials();
    std::vector<Material> own;
    for (std::size_t i = 0; i + all.size() + 2070 < 10000; ++i) {
        Material m = *all[i % all.size()];
        m.id = "own-" + std::to_string(i);
        m.name += ", jar " + std::to_string(i);
        own.push_back(std::move(m));
    }
    if (!stock.shelf() || stock.shelf()->keep(own)) {
        std::fputs("the shelf cannot be filled\n", stderr);
        return 1;
    }
    stock.refresh();
    std::printf("%zu entries\n", stock.entries().size());
    ShelfPage page(stock, [] { return QDateTime::currentDateTimeUtc(); });
    page.resize(1190, 760);
    page.show();
    QApplication::processEvents();
    const QStringList texts{QStringLiteral("coconut oil, jar 2"), QStringLiteral("buttermilk"),
                            QStringLiteral("quinces, raw"), QStringLiteral("kaolin clay")};
    std::vector<double> search;
    std::vector<double> whole;
    for (int round = 0; round < 5; ++round)
        for (const QString& text : texts)
            for (int n = 1; n <= text.size(); ++n) {
                const QString typed = text.left(n);
                std::size_t found = 0;
                search.push_back(timed([&] { found = stock.find(typed).size(); }));
                whole.push_back(timed([&] {
                    page.list().searchField()->setText(typed);
                    QApplication::processEvents(); // paints what is out of date
                }));
                if (found == 0)
                    return 1;
                QApplication::processEvents();
            }
    report("a keystroke, search", search);
    report("a keystroke, until the list is painted", whole);
    return 0;
}
