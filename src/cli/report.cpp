#include "cli/report.h"

#include "storage/material_names.h"
#include "words/caution_words.h"
#include "words/heat_words.h"
#include "words/lexicon.h"
#include "words/names.h"
#include "words/plain_text.h"
#include "words/safety_words.h"
#include "words/setting_words.h"
#include "words/shelf_words.h"
#include "words/working_words.h"

#include <QCoreApplication>
#include <QStringList>

#include <span>

namespace rhexion {

namespace {

struct ReportText {
    Q_DECLARE_TR_FUNCTIONS(Report)
};

class Report {
public:
    void heading(const QString& text)
    {
        lines_ << QString();
        plain(text.toUpper());
    }
    void row(const QString& name, const QString& value, const QString& note = {})
    {
        QString line =
            QStringLiteral("  ") + name.leftJustified(nameWidth) + value.rightJustified(valueWidth);
        if (!note.isEmpty())
            line += QStringLiteral("  ") + note;
        plain(line);
    }
    // Names come out of files: none of them moves a cursor.
    void plain(const QString& text) { lines_ << forTerminal(text); }
    QString text() const { return lines_.join(QLatin1Char('\n')) + QLatin1Char('\n'); }

private:
    static constexpr int nameWidth = 44;
    static constexpr int valueWidth = 14;
    QStringList lines_;
};

// What is weighed, in the order of the making; each hydroxide in the jug it goes into.
void writeWeighOut(Report& out, const Formula& f, const Reckoning& r, const Speech& s)
{
    out.heading(ReportText::tr("Weigh out"));
    const auto lines = [&](Vessel vessel, PortionId portion) {
        for (std::size_t i = 0; i < f.lines.size(); ++i) {
            const Line& line = f.lines[i];
            if (line.vessel != vessel || f.portionOf(line) != portion)
                continue;
            QString note = words::vesselPlace(vessel);
            if (line.frozen)
                note += ReportText::tr(", frozen");
            out.row(words::lineName(line.id, f), s.mass(r.inItsVessel(i, vessel)), note);
            if (r.lines[i].solventGrams > 0.0)
                out.row(words::targetName({WeighTarget::What::Solvent, line.id}, f),
                        s.mass(r.lines[i].solventGrams),
                        ReportText::tr("of the liquid, kept back to dissolve it"));
        }
    };
    for (const Vessel vessel : allVessels) {
        lines(vessel, 0);
        if (vessel == Vessel::LyeJug && r.hasJugWater) {
            const QString ice = words::jugIceNote(f, r.jugWaterGrams, s);
            out.row(words::targetName({WeighTarget::What::JugWater, 0}, f), s.mass(r.jugWaterGrams),
                    ice.isEmpty() ? words::vesselPlace(vessel)
                                  : words::vesselPlace(vessel) + QStringLiteral(", ") + ice);
        }
        if (!isJug(vessel))
            continue;
        const JugReckoned& jug = r.jug(vessel);
        for (const bool sodium : {true, false}) {
            const HydroxideReckoned& h = sodium ? jug.sodium : jug.potassium;
            if (h.weighedGrams > 0.0)
                out.row(words::lyeName(f, sodium), s.mass(h.weighedGrams),
                        ReportText::tr("%1; pure %2")
                            .arg(words::vesselPlace(vessel), s.mass(h.pureGrams)));
        }
    }
    out.row(ReportText::tr("batter in all"), s.mass(r.batterGrams));
    for (const PortionReckoned& p : r.portions) {
        out.heading(words::portionName(p.id, f));
        out.row(ReportText::tr("of the batter divided"), s.mass(p.commonGrams));
        if (p.heldGrams > 0.0)
            out.row(words::targetName({WeighTarget::What::HeldOil, p.id}, f), s.mass(p.heldGrams));
        for (const Vessel vessel : allVessels)
            lines(vessel, p.id);
        out.row(ReportText::tr("in all"), s.mass(p.batterGrams()),
                ReportText::tr("superfat %1").arg(s.percent(p.superfat)));
    }
}

void writeLiquid(Report& out, const Reckoning& r, const Speech& s)
{
    out.heading(ReportText::tr("Liquid"));
    out.row(ReportText::tr("water wanted"), s.mass(r.waterWanted));
    out.row(ReportText::tr("water there is, from every source"), s.mass(r.waterPresent));
    out.row(ReportText::tr("of it from the lye’s own moisture"), s.mass(r.waterFromHydroxide));
    if (r.hasMakeUp)
        out.row(ReportText::tr("make-up liquid"), s.mass(r.makeUpGrams));
    out.row(ReportText::tr("batch strength"), s.percent(r.pure.strength, 2),
            words::strengthConvention(StrengthConvention::PureAndAllWater));
    out.row(ReportText::tr("batch strength, the other way"), s.percent(r.asWeighed.strength, 2),
            words::strengthConvention(StrengthConvention::WeighedWithoutImpurity));
    out.row(ReportText::tr("water to lye"), s.ratio(r.pure.ratio));
    out.row(ReportText::tr("water as a share of oils"), s.percent(r.pure.shareOfOils));
    out.row(ReportText::tr("less water than usual"), s.percent(r.pure.lessThanUsual));
    if (r.jugs[0].strength)
        out.row(ReportText::tr("jug strength"), s.percent(*r.jugs[0].strength));
    if (r.jugs[1].strength)
        out.row(ReportText::tr("second jug"), s.percent(*r.jugs[1].strength));
    out.row(ReportText::tr("water formed by neutralising (outside)"),
            s.mass(r.neutralisationWater));
}

void writeDoubt(Report& out, const Doubt& doubt, const Speech& s)
{
    out.heading(ReportText::tr("How sure"));
    out.row(ReportText::tr("true superfat, 9 batches in 10"),
            ReportText::tr("%1 to %2")
                .arg(s.percent(doubt.superfat.low), s.percent(doubt.superfat.high)));
    out.row(ReportText::tr("batch strength, 9 batches in 10"),
            ReportText::tr("%1 to %2")
                .arg(s.percent(doubt.strength.low), s.percent(doubt.strength.high)));
    out.row(ReportText::tr("lye left over, of 100 batches"),
            s.number(doubt.chanceOfExcess * 100.0, 1));
    constexpr std::size_t most = 3;
    for (std::size_t i = 0; i < std::min(most, doubt.causes.size()); ++i) {
        const Cause& cause = doubt.causes[i];
        out.row(ReportText::tr("of the spread, %1: %2")
                    .arg(materialName(*cause.material), words::figureName(cause.code)),
                s.percent(cause.share, 0));
    }
}

} // namespace

QString reckoningReport(const Formula& f, const Reckoning& r, const Doubt* doubt,
                        const heat::HeatTold& heat, bool allCautions, const Speech& s)
{
    Report out;
    out.plain(QString::fromStdString(f.name));
    if (f.lye.asksForLyeLeft())
        out.plain(ReportText::tr("NOT FOR SKIN: superfat is set below 0."));
    writeWeighOut(out, f, r, s);

    out.heading(ReportText::tr("Alkali called for"));
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const QString name = materialName(*f.lines[i].material);
        if (r.lines[i].fatMol > 0.0)
            out.row(name, s.moles(r.lines[i].fatMol),
                    f.lines[i].material->isOil() ? ReportText::tr("fat")
                                                 : ReportText::tr("hidden fat"));
        if (r.lines[i].acidMol > 0.0)
            out.row(name, s.moles(r.lines[i].acidMol), ReportText::tr("acid, in full"));
        if (r.lines[i].givenMol > 0.0)
            out.row(name, s.moles(-r.lines[i].givenMol),
                    ReportText::tr("hydroxide it holds itself"));
    }
    out.row(ReportText::tr("lye supplied"), s.moles(r.hydroxideMol));

    out.heading(ReportText::tr("Superfat"));
    out.row(ReportText::tr("on the oils alone"), s.percent(r.superfatOnOils, 2));
    out.row(ReportText::tr("true, on all fat"), s.percent(r.superfatTrue, 2),
            ReportText::tr("%1 to %2 at the edge of every figure")
                .arg(s.percent(r.superfatTrueLow), s.percent(r.superfatTrueHigh)));
    out.row(ReportText::tr("oil left free"), s.mass(r.freeOilGrams));
    if (doubt)
        writeDoubt(out, *doubt, s);
    writeLiquid(out, r, s);

    out.heading(ReportText::tr("Heat, an estimate"));
    out.plain(QStringLiteral("  ") + words::heatLine(heat.forecast, s));
    out.heading(ReportText::tr("Cautions"));
    const std::vector<Caution> findings = findingsOf(f, r, doubt, *words::lexicon(), heat.findings);
    if (findings.empty())
        out.plain(ReportText::tr("  none"));
    const std::size_t open = allCautions ? findings.size() : shownInTheOpen(findings);
    for (const Caution& c : std::span(findings).first(open))
        out.plain(QStringLiteral("  [%1] %2. %3")
                      .arg(words::severityName(c.severity), words::cautionTitle(c, f, s),
                           words::cautionReason(c, f, s)));
    if (open < findings.size())
        out.plain(ReportText::tr("  And %1: %2 (--all-cautions says more).")
                      .arg(words::foldedCautions(findings), words::foldedTitles(findings, f, s)));
    out.heading(ReportText::tr("Working"));
    int number = 0;
    for (const Step& step : r.working.steps()) {
        out.plain(QStringLiteral("%1. %2").arg(++number, 3).arg(words::stepTitle(step, f)));
        out.plain(QStringLiteral("       ") + words::stepSum(step, r.working, s));
        const QString source = words::stepSource(step, f);
        if (!source.isEmpty())
            out.plain(QStringLiteral("       [%1]").arg(source));
    }
    out.plain(QString());
    out.plain(words::safety());
    out.plain(words::firstAid());
    return out.text();
}

QString materialsReport(const std::vector<MaterialPtr>& materials, const Speech& s)
{
    Report out;
    for (const MaterialPtr& m : materials) {
        QStringList figures;
        const auto range = [&](const char* name, const std::optional<Figure>& figure,
                               int decimals) {
            if (figure)
                figures << QStringLiteral("%1 %2–%3")
                               .arg(QString::fromUtf8(name),
                                    s.number(figure->range.low(), decimals),
                                    s.number(figure->range.high(), decimals));
        };
        range("SV", m->sv, 0);
        range("AV", m->acidValue, 0);
        const double water = m->part(Part::Water).range.typical();
        if (water > 0.0)
            figures << ReportText::tr("water %1").arg(s.percent(water));
        const double fat = m->part(Part::Fat).range.typical();
        if (fat > 0.0 && fat < 1.0)
            figures << ReportText::tr("fat %1").arg(s.percent(fat));
        for (const AcidShare& acid : m->acids)
            figures << QStringLiteral("%1 %2").arg(words::acidName(acid.acid),
                                                   s.percent(acid.share.range.typical(), 2));
        out.row(materialName(*m), words::kindName(m->kind), figures.join(QStringLiteral(", ")));
    }
    return out.text();
}

} // namespace rhexion
