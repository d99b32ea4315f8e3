#include "pages/sheet_page.h"

#include "core/heat/heat_findings.h"
#include "core/makeday/plan.h"
#include "storage/formula_json.h"
#include "storage/material_names.h"
#include "words/caution_words.h"
#include "words/day_words.h"
#include "words/heat_words.h"
#include "words/lexicon.h"
#include "words/names.h"
#include "words/safety_words.h"
#include "words/setting_words.h"

#include <QCoreApplication>

#include <span>

namespace rhexion {

namespace {

struct SheetText {
    Q_DECLARE_TR_FUNCTIONS(Sheet)
};

QString cell(const QString& text, const char* extra = "")
{
    return QStringLiteral("<td %1>%2</td>").arg(QString::fromLatin1(extra), text.toHtmlEscaped());
}

QString blank(const QString& label)
{
    return QStringLiteral("<td width='25%'>%1<br>&nbsp;<br>_____________</td>")
        .arg(label.toHtmlEscaped());
}

class SheetPage {
public:
    SheetPage(const Formula& formula, const Reckoning& reckoning, const Speech& speech,
              const HeatPlan& usual)
        : f_(formula), r_(reckoning), s_(speech), doubt_(doubtOf(formula, reckoning))
    {
        heat::ForecastOptions coarse;
        coarse.coarse = true;
        heat_ = *heat::tellHeat(formula, reckoning, usual, coarse); // nothing cancels it
    }
    QString html() const;

private:
    QString weighRows() const;
    QString portionRows() const;
    QString stepItems() const;

    const Formula& f_;
    const Reckoning& r_;
    const Speech& s_;
    QString readings() const;

    std::optional<Doubt> doubt_;
    heat::HeatTold heat_;
};

QString SheetPage::weighRows() const
{
    QString out;
    const auto row = [&](const QString& name, double grams, const QString& note) {
        out += QStringLiteral("<tr>%1%2%3<td>________</td></tr>")
                   .arg(cell(name), cell(s_.mass(grams), "align='right'"), cell(note));
    };
    for (const Vessel vessel : allVessels) {
        bool any = false;
        const auto head = [&] {
            if (!any)
                out += QStringLiteral("<tr><td colspan='4' class='vessel'>%1</td></tr>")
                           .arg(words::vesselName(vessel).toHtmlEscaped());
            any = true;
        };
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            const Line& line = f_.lines[i];
            if (line.vessel != vessel || r_.lines[i].grams <= 0.0)
                continue;
            head();
            QString note = line.frozen ? SheetText::tr("frozen") : QString();
            if (line.amount.unit == AmountUnit::Rest)
                note =
                    note.isEmpty() ? SheetText::tr("the rest") : SheetText::tr("the rest, frozen");
            else if (isMeasured(line.amount.unit))
                note = note.isEmpty() ? s_.amount(line.amount)
                                      : SheetText::tr("%1, %2").arg(s_.amount(line.amount), note);
            if (!line.material->lot.id.empty()) {
                const QString lot =
                    SheetText::tr("lot %1").arg(QString::fromStdString(line.material->lot.name));
                note = note.isEmpty() ? lot : SheetText::tr("%1, %2").arg(note, lot);
            }
            if (const PortionId portion = f_.portionOf(line)) {
                const QString place = SheetText::tr("for %1").arg(words::portionName(portion, f_));
                note = note.isEmpty() ? place : SheetText::tr("%1, %2").arg(place, note);
            }
            row(materialName(*line.material),
                plannedGrams({WeighTarget::What::Line, line.id}, f_, r_), note);
            const WeighTarget solvent{WeighTarget::What::Solvent, line.id};
            if (r_.lines[i].solventGrams > 0.0 && solventApart(f_, line))
                row(words::targetName(solvent, f_), plannedGrams(solvent, f_, r_),
                    SheetText::tr("to dissolve it in, out of the liquid"));
        }
        for (const Portion& portion : f_.portions) {
            const WeighTarget held{WeighTarget::What::HeldOil, portion.id};
            if (vessel == Vessel::OilPot && plannedGrams(held, f_, r_) > 0.0)
                row(words::targetName(held, f_), plannedGrams(held, f_, r_),
                    SheetText::tr("out of the melted oils"));
        }
        if (!isJug(vessel) || (vessel == Vessel::SecondJug && !f_.lye.secondJug))
            continue;
        head();
        if (vessel == Vessel::LyeJug && r_.hasJugWater && r_.jugWaterGrams > 0.0)
            row(SheetText::tr("Water for the jug"), r_.jugWaterGrams,
                words::jugIceNote(f_, r_.jugWaterGrams, s_));
        for (const bool sodium : {true, false}) {
            const JugReckoned& jug = r_.jug(vessel);
            const HydroxideReckoned& h = sodium ? jug.sodium : jug.potassium;
            const MaterialPtr& m = sodium ? f_.lye.sodium : f_.lye.potassium;
            const Part part = sodium ? Part::SodiumHydroxide : Part::PotassiumHydroxide;
            if (h.weighedGrams > 0.0)
                row(words::lyeName(f_, sodium), h.weighedGrams,
                    SheetText::tr("purity %1").arg(s_.percent(m->part(part).range.typical(), 0)));
        }
    }
    return out;
}

QString SheetPage::portionRows() const
{
    QString out;
    for (const PortionReckoned& p : r_.portions) {
        const Portion* portion = f_.portion(p.id);
        const double oils = p.oilsGrams > 0.0 ? p.oilsGrams : 1.0;
        QStringList account{SheetText::tr("superfat %1").arg(s_.percent(p.superfat))};
        if (p.saltGrams > 0.0005 * oils)
            account << SheetText::tr("salt %1 of its oils").arg(s_.percent(p.saltGrams / oils));
        if (p.scentGrams > 0.0)
            account << SheetText::tr("scent %1 of its oils").arg(s_.percent(p.scentGrams / oils));
        out += QStringLiteral("<tr>%1%2%3%4</tr>")
                   .arg(cell(words::portionName(p.id, f_)),
                        cell(s_.mass(p.commonGrams), "align='right'"),
                        cell(p.heldGrams > 0.0
                                 ? SheetText::tr("with %1 of oil back, %2 in all")
                                       .arg(s_.mass(p.heldGrams), s_.mass(p.batterGrams()))
                                 : SheetText::tr("%1 in all").arg(s_.mass(p.batterGrams()))),
                        cell(account.join(QStringLiteral(", ")) +
                             (portion && !portion->mould.empty()
                                  ? QStringLiteral("; ") + QString::fromStdString(portion->mould)
                                  : QString())));
    }
    return out;
}

QString SheetPage::stepItems() const
{
    QString out;
    for (const DayStep& step : planDay(f_, r_).steps) {
        if (step.target.what != WeighTarget::What::None || step.kind == DayStepKind::Prepare)
            continue;
        out += QStringLiteral("<li><b>%1.</b> %2</li>")
                   .arg(words::dayStepTitle(step, f_).toHtmlEscaped(),
                        words::dayStepAdvice(step, f_, r_, s_).toHtmlEscaped());
    }
    return out;
}

// Blanks to write readings into, each with what is expected.
QString SheetPage::readings() const
{
    const heat::HeatForecast& h = heat_.forecast;
    const auto expecting = [](const QString& what, const QString& about) {
        return about.isEmpty() ? what : SheetText::tr("%1 (%2)").arg(what, about);
    };
    QString jug;
    QString joined;
    QString core;
    QString look;
    if (const auto* lye = std::get_if<heat::JugForecast>(&h.jug))
        jug = words::aboutDegrees(lye->peak, s_);
    if (const auto* c = std::get_if<heat::Combined>(&h.joined))
        joined = words::aboutDegrees(c->atTrace, s_);
    if (const auto* pours = std::get_if<std::vector<heat::PourForecast>>(&h.moulds);
        pours && !pours->empty()) {
        core = words::aboutDegrees(pours->front().band.peak(), s_);
        look = words::aboutTime(pours->front().band.firstLook(), s_);
    }
    const QStringList blanks{SheetText::tr("Date and maker"),
                             expecting(SheetText::tr("Jug, hottest"), jug),
                             SheetText::tr("Jug at joining"),
                             SheetText::tr("Pot at joining"),
                             SheetText::tr("Trace after"),
                             expecting(SheetText::tr("At trace"), joined),
                             expecting(SheetText::tr("Core, hottest"), core),
                             expecting(SheetText::tr("Looked in"), look),
                             SheetText::tr("Room"),
                             SheetText::tr("Unmoulded"),
                             SheetText::tr("Cut"),
                             SheetText::tr("What happened")};
    QString rows = QStringLiteral("<table width='100%'><tr>");
    for (qsizetype i = 0; i < blanks.size(); ++i)
        rows += (i > 0 && i % 4 == 0 ? QStringLiteral("</tr><tr>") : QString()) + blank(blanks[i]);
    return rows + QStringLiteral("</tr></table>");
}

QString SheetPage::html() const
{
    const std::vector<Caution> findings =
        findingsOf(f_, r_, doubt_ ? &*doubt_ : nullptr, *words::lexicon(), heat_.findings);
    QString cautions;
    for (const Caution& c : std::span(findings).first(shownInTheOpen(findings)))
        cautions += QStringLiteral("<li><b>%1: %2.</b> %3</li>")
                        .arg(words::severityName(c.severity).toHtmlEscaped(),
                             words::cautionTitle(c, f_, s_).toHtmlEscaped(),
                             words::cautionReason(c, f_, s_).toHtmlEscaped());
    if (const QString folded = words::foldedTitles(findings, f_, s_); !folded.isEmpty())
        cautions +=
            QStringLiteral("<li>%1: %2</li>")
                .arg(words::foldedCautions(findings).toHtmlEscaped(), folded.toHtmlEscaped());
    QString maker = QString::fromStdString(f_.maker);
    if (!maker.isEmpty())
        maker += QStringLiteral(" · ");
    const bool negative = r_.lyeHeavy() || f_.lye.asksForLyeLeft();
    const QString figures =
        SheetText::tr("True superfat %1 (%2 to %3) · batch strength %4 (water to lye %5) · jug "
                      "strength %6 "
                      "· stated as %7")
            .arg(s_.percent(r_.superfatTrue), s_.percent(r_.superfatTrueLow),
                 s_.percent(r_.superfatTrueHigh), s_.percent(r_.pure.strength),
                 s_.ratio(r_.pure.ratio), s_.percent(r_.jugs[0].strength.value_or(0.0)),
                 words::liquidStatement(f_.liquid, s_));
    QString html = QStringLiteral(
        "<style>td{padding:1px 8px 1px 0} .vessel{font-weight:600;padding-top:5px}"
        " h1{margin:0} h2{margin:8px 0 2px 0} p{margin:3px 0} li{margin:1px 0}</style>");
    html += QStringLiteral("<h1>%1</h1><p>%2%3</p>")
                .arg(QString::fromStdString(f_.name).toHtmlEscaped(), maker.toHtmlEscaped(),
                     SheetText::tr("Batch sheet · %1 of batter")
                         .arg(s_.mass(r_.batterGrams))
                         .toHtmlEscaped());
    if (negative)
        html += QStringLiteral("<p><b>%1</b></p>")
                    .arg(SheetText::tr("NOT FOR SKIN: superfat is set below 0.").toHtmlEscaped());
    html += QStringLiteral("<p>%1</p><p>%2</p>")
                .arg(words::safety().toHtmlEscaped(), words::firstAid().toHtmlEscaped());
    html += QStringLiteral("<h2>%1</h2><table width='100%'>%2</table>")
                .arg(SheetText::tr("Weigh").toHtmlEscaped(), weighRows());
    if (!r_.portions.empty())
        html += QStringLiteral("<h2>%1</h2><table width='100%'>%2</table>")
                    .arg(SheetText::tr("Divide the batter").toHtmlEscaped(), portionRows());
    html += QStringLiteral("<p>%1</p>").arg(figures.toHtmlEscaped());
    if (!cautions.isEmpty())
        html += QStringLiteral("<h2>%1</h2><ul>%2</ul>")
                    .arg(SheetText::tr("Cautions").toHtmlEscaped(), cautions);
    html += QStringLiteral("<h2>%1</h2><ol>%2</ol>")
                .arg(SheetText::tr("Order of work").toHtmlEscaped(), stepItems());
    html += QStringLiteral("<h2>%1</h2><p>%2</p>%3")
                .arg(SheetText::tr("Readings").toHtmlEscaped(),
                     SheetText::tr("Forecast, an estimate: %1.")
                         .arg(words::heatLine(heat_.forecast, s_))
                         .toHtmlEscaped(),
                     readings());
    if (!f_.notes.empty())
        html += QStringLiteral("<p>%1</p>")
                    .arg(QString::fromStdString(f_.notes).left(600).toHtmlEscaped());
    html += QStringLiteral("<p>%1</p>").arg(words::localLaw().toHtmlEscaped());
    return html;
}

} // namespace

QString sheetHtml(const Formula& formula, const Reckoning& reckoning, const Speech& speech,
                  const HeatPlan& usual)
{
    return SheetPage(formula, reckoning, speech, usual).html();
}

} // namespace rhexion
