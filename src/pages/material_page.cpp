#include "pages/material_page.h"

#include "core/account/effect.h"
#include "words/shelf_words.h"
#include "words/source_words.h"
#include "words/speech.h"

#include <QCoreApplication>
#include <QUrl>

namespace rhexion {

namespace {

struct MaterialPageText {
    Q_DECLARE_TR_FUNCTIONS(MaterialPage)
};

const Mass sample = Mass::grams(10.0);

class Writer {
public:
    Writer(const MaterialPage& page, const Speech& speech, const PageLook& look)
        : page_(page), m_(*page.material), speech_(speech), look_(look)
    {
    }

    QString write()
    {
        html_ =
            QStringLiteral(
                "<style>td { padding: 2px 14px 2px 0; } .m { color: %1; "
                "font-size: %3px; } h3 { margin: 14px 0 3px 0; font-size: %4px; font-weight: 600; }"
                " p { margin: 2px 0; } .lot { color: %2; font-weight: 600; }"
                " a { color: %2; }</style>")
                .arg(look_.muted, look_.action)
                .arg(look_.small)
                .arg(look_.head);
        effect();
        behaviours();
        words();
        lots();
        figures();
        measures();
        used();
        return html_;
    }

private:
    void head(const QString& text)
    {
        html_ += QStringLiteral("<h3>%1</h3>").arg(text.toHtmlEscaped());
    }
    void line(const QString& text)
    {
        html_ += QStringLiteral("<p>%1</p>").arg(text.toHtmlEscaped());
    }
    // "1.24 g (1.1 to 1.4)"
    QString grams(const Interval& i) const
    {
        const auto n = [&](double v) {
            // Traces keep their figures: "0.004 g", not "0.00 g".
            return speech_.habits().massUnit == AmountUnit::Gram
                       ? speech_.number(v, i.high() < 0.1 ? 3 : 2)
                       : speech_.massNumber(v);
        };
        const QString typical = n(i.typical()) + QChar(0x00A0) + speech_.massUnit();
        return n(i.low()) == n(i.high())
                   ? typical
                   : MaterialPageText::tr("%1 (%2 to %3)").arg(typical, n(i.low()), n(i.high()));
    }

    QString sampleText() const
    {
        return speech_.habits().massUnit == AmountUnit::Gram
                   ? speech_.number(sample.inGrams(), 0) + QChar(0x00A0) + speech_.massUnit()
                   : speech_.mass(sample.inGrams());
    }

    void effect()
    {
        head(MaterialPageText::tr("What %1 of it does").arg(sampleText()));
        const Effect e = effectOf(m_, sample);
        if (m_.isHydroxide()) {
            const Part part = m_.kind == MaterialKind::SodiumHydroxide ? Part::SodiumHydroxide
                                                                       : Part::PotassiumHydroxide;
            line(MaterialPageText::tr("Lye: brings %1 of pure hydroxide.")
                     .arg(grams(m_.part(part).range * sample.inGrams())));
        }
        if (e.fatMol.high() > 0.0)
            line((m_.isOil() ? MaterialPageText::tr(
                                   "Lye: takes %1 of sodium hydroxide, or %2 of potassium "
                                   "hydroxide, before any superfat.")
                             : MaterialPageText::tr(
                                   "Lye: its hidden fat can take %1 of sodium hydroxide, or %2 of "
                                   "potassium hydroxide."))
                     .arg(grams(e.fatSodium()), grams(e.fatPotassium())));
        if (m_.acidityUnknown())
            line(MaterialPageText::tr(
                     "Lye: what its acids take is not known. Titrate it, or treat it as 0 to %1 "
                     "of sodium hydroxide.")
                     .arg(speech_.number(e.acidSodium().high(),
                                         e.acidSodium().high() < 0.1 ? 3 : 2) +
                          QChar(0x00A0) + MaterialPageText::tr("g")));
        else if (e.acidMol.high() > 0.0)
            line(MaterialPageText::tr(
                     "Lye: its acids take %1 of sodium hydroxide, or %2 of potassium hydroxide.")
                     .arg(grams(e.acidSodium()), grams(e.acidPotassium())));
        else if (!m_.isOil() && !m_.isHydroxide() && e.fatMol.high() == 0.0)
            line(MaterialPageText::tr("Lye: takes none."));
        line(e.water.high() > 0.0 ? MaterialPageText::tr("Water: brings %1.").arg(grams(e.water))
                                  : MaterialPageText::tr("Water: brings none."));
    }

    void behaviours()
    {
        if (m_.behaviours.empty())
            return;
        head(MaterialPageText::tr("In the pot"));
        for (const BehaviourNote& note : m_.behaviours)
            line(words::behaviourSentence(note, speech_));
    }

    void words()
    {
        for (const QString& word : page_.ownWords)
            html_ +=
                QStringLiteral("<p>%1 &nbsp; <a href='forget-word:%2'>%3</a></p>")
                    .arg(MaterialPageText::tr("Your word for it: “%1”").arg(word).toHtmlEscaped(),
                         QString::fromLatin1(QUrl::toPercentEncoding(word)),
                         MaterialPageText::tr("Forget it"));
    }

    // What it holds now; the count behind it where something was used since.
    QStringList leftOf(const LotRecord& lot) const
    {
        for (const auto& [id, now] : page_.jars)
            if (id == lot.lot.id && now.grams && now.drawnSince > 0.0)
                return {*now.grams < 0.0
                            ? MaterialPageText::tr("the shelf says %1 less than you used: count it")
                                  .arg(speech_.mass(-*now.grams))
                            : MaterialPageText::tr("%1 left, %2 weighed out of it")
                                  .arg(speech_.mass(*now.grams), speech_.mass(now.drawnSince))};
        return lot.leftGrams
                   ? QStringList{MaterialPageText::tr("%1 left").arg(speech_.mass(*lot.leftGrams))}
                   : QStringList{};
    }
    void lots()
    {
        if (page_.lots.empty())
            return;
        head(MaterialPageText::tr("Lots"));
        html_ += QStringLiteral("<table>");
        for (const LotRecord* lot : page_.lots) {
            QStringList notes;
            if (lot->got.isValid())
                notes << (lot->homeMade ? MaterialPageText::tr("made %1")
                                        : MaterialPageText::tr("came %1"))
                             .arg(speech_.date(lot->got));
            if (!lot->supplier.isEmpty())
                notes << lot->supplier;
            notes << leftOf(*lot);
            if (lot->price)
                notes << MaterialPageText::tr("price %1").arg(speech_.number(*lot->price, 2));
            if (lot->bestBefore.isValid())
                notes << MaterialPageText::tr("best before %1").arg(speech_.date(lot->bestBefore));
            if (!lot->notes.isEmpty())
                notes << lot->notes;
            const bool inUse = m_.lot.id == lot->lot.id;
            const QString id = QString::fromStdString(lot->lot.id);
            html_ +=
                QStringLiteral("<tr><td%1>%2</td><td class='m'>%3</td><td><a "
                               "href='edit-lot:%4'>%5</a> &nbsp; <a href='%6:%4'>%7</a></td>"
                               "</tr>")
                    .arg(inUse ? QStringLiteral(" class='lot'") : QString(),
                         QString::fromStdString(lot->lot.name).toHtmlEscaped() +
                             (inUse ? MaterialPageText::tr(" (in use)") : QString()),
                         notes.join(QStringLiteral(" · ")).toHtmlEscaped(), id,
                         MaterialPageText::tr("Edit"),
                         lot->closed ? QStringLiteral("open-lot") : QStringLiteral("close-lot"),
                         lot->closed ? MaterialPageText::tr("Open again")
                                     : MaterialPageText::tr("It is used up"));
        }
        html_ += QStringLiteral("</table>");
    }

    void figures()
    {
        head(MaterialPageText::tr("Figures"));
        html_ += QStringLiteral("<table width='100%'>");
        QStringList seen;
        for (const FigureKind& kind : figureKinds()) {
            const Figure* f = findFigure(m_, kind.code);
            if (!f)
                continue;
            const Source* source = m_.findSource(f->source);
            const bool own = source && source->fromLot;
            // A source said in the row above is not said again.
            const QString said = words::sourceSaid(m_, f->source);
            const QString shown =
                !seen.isEmpty() && seen.last() == said ? QStringLiteral("″") : said;
            seen << said;
            // A titration stands for all acids in the sum, so they are not added to it.
            const bool covered =
                m_.titratable && kind.code.starts_with("acid-") && kind.code != "acid-value";
            html_ += QStringLiteral("<tr><td%1>%2</td><td%1 style='white-space: nowrap'>%3</td>"
                                    "<td class='m'>%4</td></tr>")
                         .arg(own ? QStringLiteral(" class='lot'") : QString(),
                              words::figureName(kind.code).toHtmlEscaped(),
                              words::figureText(kind, f->range, speech_).toHtmlEscaped(),
                              (own       ? MaterialPageText::tr("your lot: %1").arg(shown)
                               : covered ? MaterialPageText::tr(
                                               "not counted: the titratable acidity stands for it")
                                         : shown)
                                  .toHtmlEscaped());
        }
        html_ += QStringLiteral("</table>");
        if (seen.isEmpty())
            line(MaterialPageText::tr("None: nothing in it that lye or water takes notice of."));
    }

    void measures()
    {
        if (m_.measures.empty())
            return;
        head(MaterialPageText::tr("By the spoon"));
        QStringList parts;
        for (const Measure& measure : m_.measures)
            parts << MaterialPageText::tr("1 %1 = %2")
                         .arg(words::measureSaid(measure.name),
                              measure.grams < 1.0 ? speech_.number(measure.grams, 3) +
                                                        QChar(0x00A0) + MaterialPageText::tr("g")
                                                  : speech_.mass(measure.grams));
        line(parts.join(QStringLiteral(" · ")));
    }

    void used()
    {
        head(MaterialPageText::tr("Where it was used"));
        if (page_.onBench)
            line(MaterialPageText::tr("On the bench now."));
        for (const QString& said : page_.told)
            html_ += QStringLiteral("<p>%1</p>").arg(said.toHtmlEscaped());
        if (page_.usedIn.isEmpty() && !page_.onBench)
            line(MaterialPageText::tr("Nowhere yet."));
        for (const BatchSummary& b : page_.usedIn)
            html_ += QStringLiteral("<p><a href='batch:%1'>%2</a> <span class='m'>%3</span></p>")
                         .arg(b.id)
                         .arg((b.name.isEmpty() ? MaterialPageText::tr("A batch without a name")
                                                : b.name)
                                  .toHtmlEscaped(),
                              speech_.date(b.started.toLocalTime().date()));
        if (page_.usedInAll > page_.usedIn.size())
            line(MaterialPageText::tr("and %n earlier batch(es)", nullptr,
                                      page_.usedInAll - int(page_.usedIn.size())));
    }

    const MaterialPage& page_;
    const Material& m_;
    const Speech& speech_;
    const PageLook& look_;
    QString html_;
};

} // namespace

QString materialHtml(const MaterialPage& page, const Speech& speech, const PageLook& look)
{
    return Writer(page, speech, look).write();
}

} // namespace rhexion
