#include "app/bench/line_menu.h"

#include "app/bench/bench_text.h"
#include "app/widgets/menu_parts.h"
#include "core/account/jugs.h"
#include "document/formula_document.h"
#include "words/names.h"

#include <QMenu>

namespace rhexion {

namespace {

void addSolvents(QMenu& parent, FormulaDocument& document, const Line& line, const Speech& speech)
{
    QMenu* menu = parent.addMenu(BenchText::tr("Dissolve it first in"));
    menu->setObjectName(QStringLiteral("solvent"));
    const LineId id = line.id;
    const auto choice = [&](const QString& text, double ratio) {
        addTicked(*menu, text, std::abs(line.solvent - ratio) < 1e-9, [&document, id, ratio] {
            document.apply(SetSolvent{id, ratio}, BenchText::tr("Set liquid aside"));
        });
    };
    choice(BenchText::tr("nothing of its own"), 0.0);
    choice(BenchText::tr("its own weight of the liquid"), 1.0);
    choice(BenchText::tr("twice its weight"), 2.0);
    // A tenth more than the least, so that the last grains go too.
    const double least = waterToDissolveGram(*line.material) * 1.1;
    if (least > 0.05 && least <= 20.0)
        choice(BenchText::tr("as little as dissolves it, %1 g for each gram")
                   .arg(speech.number(least, 2)),
               least);
}

} // namespace

void addLineChoices(QMenu& menu, FormulaDocument& document, LineId id, const Speech& speech,
                    const std::function<void()>& split)
{
    const Formula& f = document.formula();
    const Line* line = f.find(id);
    if (!line)
        return;
    const bool rest = line->amount.unit == AmountUnit::Rest;
    if (!rest)
        addTicked(menu, BenchText::tr("Lock its amount (Ctrl+J)"), line->locked,
                  [&document, id, to = !line->locked] {
                      document.apply(SetLocked{id, to}, BenchText::tr("Lock an amount"));
                  });
    addTicked(menu, BenchText::tr("Frozen"), line->frozen, [&document, id, to = !line->frozen] {
        document.apply(SetFrozen{id, to}, BenchText::tr("Change frozen"));
    });
    addTicked(menu, BenchText::tr("Count all its weight as water"), line->allWater,
              [&document, id, to = !line->allWater] {
                  document.apply(SetAllWater{id, to}, BenchText::tr("Change what counts as water"));
              });
    if (!rest && !line->material->isOil() && f.makeUp())
        addSolvents(menu, document, *line, speech);
    if (rest || isJug(line->vessel) || line->vessel == Vessel::OilPot)
        return;
    QMenu* portions = menu.addMenu(BenchText::tr("Goes into"));
    portions->setObjectName(QStringLiteral("portion"));
    if (f.portions.empty()) {
        portions->addAction(BenchText::tr("Split the batter…"), &menu, split);
        return;
    }
    const auto choice = [&](PortionId portion) {
        addTicked(*portions, words::portionName(portion, f), f.portionOf(*line) == portion,
                  [&document, id, portion] {
                      document.apply(SetPortion{id, portion}, BenchText::tr("Choose its portion"));
                  });
    };
    choice(0);
    for (const Portion& portion : f.portions)
        choice(portion.id);
}

} // namespace rhexion
