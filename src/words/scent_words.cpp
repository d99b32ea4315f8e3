#include "words/scent_words.h"

#include "storage/catalogue.h"
#include "storage/material_names.h"
#include "words/names.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <QStringList>

#include <algorithm>

namespace rhexion::words {

namespace {

struct ScentText {
    Q_DECLARE_TR_FUNCTIONS(Scent)
};

using Tone = Fact::Tone;

QString whoseSaid(ScentLimit::Whose whose)
{
    switch (whose) {
    case ScentLimit::Whose::Supplier: return ScentText::tr("supplier’s limit");
    case ScentLimit::Whose::Local: return ScentText::tr("local limit");
    case ScentLimit::Whose::Own: return ScentText::tr("your own limit");
    }
    return {};
}

QString scentNamed(const std::string& id)
{
    return materialNamed(Catalogue::shipped().find(id), id);
}

// own: the scent on the line itself.
void addLimits(FactSection& section, const std::vector<ScentReckoned::Limit>& limits,
               std::span<const ScentLimit> all, const std::string& own, const Speech& s)
{
    for (std::size_t i = 0; i < limits.size(); ++i) {
        const ScentReckoned::Limit& limit = limits[i];
        Fact fact{i == 0 ? ScentText::tr("The limit that binds") : ScentText::tr("Another limit"),
                  ScentText::tr("%1 at most").arg(s.mass(limit.allowed)),
                  limitSaid(all[limit.which], s), Tone::Plain};
        if (all[limit.which].scent != own)
            fact.note =
                ScentText::tr("%1 in it; %2").arg(scentNamed(all[limit.which].scent), fact.note);
        if (limit.exceeded) {
            fact.tone = Tone::Danger;
            fact.note += ScentText::tr("; this is more");
        }
        section.facts.append(fact);
    }
}

FactSection scentSection(const Formula& f, const ScentPicture& p, const ScentReckoned& scent,
                         std::span<const ScentLimit> limits, std::span<const ScentBlend> blends,
                         const Speech& s)
{
    const Line& line = *f.find(scent.line);
    FactSection out;
    out.title = lineName(line.id, f);
    out.facts.append(
        {ScentText::tr("Set out, before lye meets oil"), s.mass(scent.grams),
         scent.drops ? ScentText::tr("about %1 drops (%2 to %3); better weighed")
                           .arg(s.number(scent.drops->typical(), 0),
                                s.number(scent.drops->low(), 0), s.number(scent.drops->high(), 0))
                     : QString(),
         Tone::Plain});
    QStringList shares;
    for (std::size_t b = 0; b < scent.shares.size(); ++b)
        shares << ScentText::tr("%1 %2").arg(s.percent(scent.shares[b], 2),
                                             scentBasisName(static_cast<ScentBasis>(b)));
    out.facts.append({ScentText::tr("That is"), shares.front(),
                      shares.mid(1).join(QStringLiteral(" · ")), Tone::Plain});
    const auto blend = std::ranges::find(blends, line.material->id, &ScentBlend::scent);
    if (blend != blends.end()) {
        QStringList parts;
        for (const ScentPart& part : blend->parts)
            parts << ScentText::tr("%1 %2").arg(scentNamed(part.scent), s.percent(part.share, 1));
        out.facts.append({ScentText::tr("Blended from"), QString(),
                          parts.join(QStringLiteral(" · ")), Tone::Plain});
    }
    addLimits(out, scent.limits, limits, line.material->id, s);
    if (scent.noSupplierLimit)
        out.facts.append({ScentText::tr("Supplier’s limit"), ScentText::tr("not known"),
                          ScentText::tr("ask for the certificate and write its figure down here"),
                          Tone::Care});
    out.facts.append(
        {ScentText::tr("Tried"),
         scent.timesTried == 0 ? ScentText::tr("not yet")
                               : ScentText::tr("%n time(s)", nullptr, scent.timesTried),
         scent.timesTried == 0 ? ScentText::tr("it may race or seize: try a small batch first")
                               : ScentText::tr("in batches of your journal"),
         scent.timesTried == 0 ? Tone::Care : Tone::Good});
    std::optional<double> flash;
    if (line.material->flash)
        flash = line.material->flash->range.low();
    else if (blend != blends.end())
        flash = blend->flash;
    out.facts.append(
        {ScentText::tr("Flash point"), flash ? s.temperature(*flash) : ScentText::tr("not known"),
         flash ? ScentText::tr("tells of fire near a flame, not of how much scent stays")
               : ScentText::tr("ask the supplier"),
         Tone::Plain});
    Q_UNUSED(p)
    return out;
}

} // namespace

QString scentBasisName(ScentBasis basis)
{
    switch (basis) {
    case ScentBasis::Oils: return ScentText::tr("of the oils");
    case ScentBasis::BatterBefore: return ScentText::tr("of the batter before scent");
    case ScentBasis::BatterWhole: return ScentText::tr("of the whole batter");
    case ScentBasis::BatterWithoutLate:
        return ScentText::tr("of the batter without what joins late");
    case ScentBasis::Cured: return ScentText::tr("of the cured bar");
    }
    return {};
}

QString productKindName(ProductKind kind)
{
    switch (kind) {
    case ProductKind::RinseOff: return ScentText::tr("Rinsed off: hands and body");
    case ProductKind::Face: return ScentText::tr("Face");
    case ProductKind::Baby: return ScentText::tr("Babies and small children");
    case ProductKind::Cleaning: return ScentText::tr("Cleaning, not for skin");
    case ProductKind::LeaveOn: return ScentText::tr("Left on the skin");
    }
    return {};
}

QString limitSaid(const ScentLimit& limit, const Speech& s)
{
    QString out =
        ScentText::tr("%1: %2 %3")
            .arg(whoseSaid(limit.whose), s.percent(limit.fraction, 2), scentBasisName(limit.basis));
    if (!limit.source.empty())
        out += QStringLiteral(", ") + QString::fromStdString(limit.source);
    if (!limit.date.empty())
        out += QStringLiteral(", ") + QString::fromStdString(limit.date);
    return out;
}

QString flashSaid(const ScentPicture& p, const Speech& s)
{
    switch (p.flash) {
    case FlashCaution::None: return ScentText::tr("No scent comes near its flash point.");
    case FlashCaution::NotKnown:
        return ScentText::tr("A flash point is not known: keep flames away while you add it.");
    case FlashCaution::KeepFlameAway:
        return ScentText::
            tr("The batter may get as warm as a flash point (%1): no flame and no oven near it.")
                .arg(s.temperature(p.celsiusPeak));
    case FlashCaution::CoolBeforeAdding:
        return ScentText::tr(
                   "At %1 the batter is about as warm as a flash point: let it cool before "
                   "the scent goes in, with no flame near.")
            .arg(s.temperature(p.celsiusAdded));
    }
    return {};
}

FactPage scentFacts(const Formula& f, const ScentPicture& p, std::span<const ScentLimit> limits,
                    std::span<const ScentBlend> blends, const Speech& s)
{
    FactPage page;
    page.title = ScentText::tr("Scent");
    if (p.scents.empty()) {
        page.lead = ScentText::tr("No scent in it. Add one to a vessel to see it here.");
        return page;
    }
    bool over = false;
    bool known = false;
    for (const ScentReckoned& scent : p.scents)
        for (const auto& limit : scent.limits) {
            over |= limit.exceeded;
            known = true;
        }
    for (const auto& limit : p.together) {
        over |= limit.exceeded;
        known = true;
    }
    page.lead = over    ? ScentText::tr("More scent than a limit allows.")
                : known ? ScentText::tr("Within the limits that are written down.")
                        : ScentText::tr("No limit is written down for it, so none was looked at.");
    FactSection all;
    all.title = ScentText::tr("All scents together");
    all.facts.append({ScentText::tr("In all"), s.mass(p.total),
                      ScentText::tr("%1 of the oils")
                          .arg(s.percent(p.bases.oils > 0.0 ? p.total / p.bases.oils : 0.0, 2)),
                      Tone::Plain});
    addLimits(all, p.together, limits, {}, s);
    if (p.scents.size() > 1 && p.sumOfShares > 1.0)
        all.facts.append({ScentText::tr("Shared substances"), ScentText::tr("ask"),
                          ScentText::tr("each is within its own limit, but two may hold the same "
                                        "limited substance: compare the certificates"),
                          Tone::Care});
    all.facts.append({ScentText::tr("Fire"), QString(), flashSaid(p, s),
                      p.flash == FlashCaution::None ? Tone::Good : Tone::Care});
    page.sections.append(all);
    for (const ScentReckoned& scent : p.scents)
        page.sections.append(scentSection(f, p, scent, limits, blends, s));

    FactSection allergens;
    allergens.title = ScentText::tr("To name on the label");
    for (const AllergenInBar& a : p.allergens) {
        const bool must = a.say == Declare::Must;
        const bool safe = a.say == Declare::ToBeSafe;
        allergens.facts.append(
            {QString::fromStdString(a.name),
             ScentText::tr("%1 to %2").arg(s.percent(a.low, 4), s.percent(a.high, 4)),
             must   ? ScentText::tr("name it")
             : safe ? ScentText::tr("name it to be safe")
                    : ScentText::tr("below the threshold"),
             must || safe ? Tone::Care : Tone::Plain});
    }
    for (const ScentReckoned& scent : p.scents)
        if (!scent.certificateKnown)
            allergens.facts.append({lineName(scent.line, f), ScentText::tr("not known"),
                                    ScentText::tr("no certificate is written down: ask for it"),
                                    Tone::Care});
    allergens.sentence =
        ScentText::tr("Thresholds are those of the European regulation as remembered: %1 rinsed "
                      "off, %2 left on. "
                      "Other countries differ, and local law decides; a qualified assessor signs.")
            .arg(s.percent(rinseOffThreshold, 3), s.percent(leaveOnThreshold, 3));
    page.sections.append(allergens);
    return page;
}

std::variant<std::vector<AllergenShare>, QString> allergensFromText(const QString& text)
{
    std::vector<AllergenShare> out;
    for (const QString& whole :
         text.split(QRegularExpression(QStringLiteral("[,;\n]")), Qt::SkipEmptyParts)) {
        QString part = whole.simplified();
        if (part.isEmpty())
            continue;
        part.remove(QLatin1Char('%'));
        part.replace(QChar(0x2013), QLatin1Char('-'));
        const QString upTo = ScentText::tr("up to");
        const bool atMost = part.contains(upTo, Qt::CaseInsensitive);
        part.remove(upTo, Qt::CaseInsensitive);
        static const QRegularExpression shape(
            QStringLiteral("^(.*?[^0-9.\\s-])\\s*([0-9.]+)\\s*(?:-\\s*([0-9.]+))?\\s*$"));
        const auto m = shape.match(part);
        bool goodLow = false;
        bool goodHigh = true;
        AllergenShare share;
        share.name = m.captured(1).trimmed().toLower().toStdString();
        share.low = m.captured(2).toDouble(&goodLow) / 100.0;
        share.high =
            m.captured(3).isEmpty() ? share.low : m.captured(3).toDouble(&goodHigh) / 100.0;
        if (atMost)
            share.low = 0.0;
        if (!m.hasMatch() || !goodLow || !goodHigh || share.high < share.low || share.high > 1.0)
            return whole.simplified();
        out.push_back(std::move(share));
    }
    return out;
}

std::variant<std::vector<std::pair<QString, double>>, QString> partsFromText(const QString& text)
{
    std::vector<std::pair<QString, double>> out;
    for (const QString& whole :
         text.split(QRegularExpression(QStringLiteral("[,;\n]")), Qt::SkipEmptyParts)) {
        const QString part = whole.simplified();
        if (part.isEmpty())
            continue;
        static const QRegularExpression shape(
            QStringLiteral("^(.*\\D)\\s([0-9]+(?:\\.[0-9]+)?)\\s*(?:%|g)?$"));
        const auto m = shape.match(part);
        const double weight = m.captured(2).toDouble();
        if (!m.hasMatch() || !(weight > 0.0 && weight < 1e6) || out.size() >= 100)
            return part;
        out.emplace_back(m.captured(1).trimmed(), weight);
    }
    return out;
}

} // namespace rhexion::words
