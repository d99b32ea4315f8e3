#include "words/blend_words.h"

#include "storage/material_names.h"
#include "words/mould_words.h"
#include "words/names.h"

#include <QCoreApplication>
#include <QStringList>

namespace rhexion::words {

namespace {

struct BlendText {
    Q_DECLARE_TR_FUNCTIONS(Blend)
};

QString linesNamed(const std::vector<LineId>& lines, const Formula& f)
{
    constexpr std::size_t most = 3;
    QStringList names;
    for (std::size_t i = 0; i < std::min(most, lines.size()); ++i)
        names << lineName(lines[i], f);
    return names.isEmpty() ? QString()
                           : BlendText::tr("from %1").arg(names.join(QStringLiteral(", ")));
}

Fact::Tone toneOf(std::string_view word)
{
    for (const std::string_view care :
         {"short-harsh", "lauric-dries", "palmitic-soft", "palmitic-slow", "oleic-slimy",
          "ricinoleic-sticky", "linoleic-spoils", "linoleic-surely", "salt-brittle", "sugar-hot",
          "sugar-soft", "iodine-soft"})
        if (word == care)
            return Fact::Tone::Care;
    return Fact::Tone::Plain;
}

} // namespace

QString acidGroupName(AcidGroup group)
{
    switch (group) {
    case AcidGroup::Short: return BlendText::tr("Caprylic and capric (C4 to C10)");
    case AcidGroup::LauricMyristic: return BlendText::tr("Lauric and myristic");
    case AcidGroup::PalmiticStearic: return BlendText::tr("Palmitic and stearic");
    case AcidGroup::LongerSaturated: return BlendText::tr("Longer, saturated (C20 to C24)");
    case AcidGroup::Oleic: return BlendText::tr("Oleic and its like");
    case AcidGroup::Ricinoleic: return BlendText::tr("Ricinoleic");
    case AcidGroup::LinoleicLinolenic: return BlendText::tr("Linoleic and linolenic");
    case AcidGroup::Saturated: return BlendText::tr("All saturated together");
    }
    return {};
}

QString acidGroupSays(AcidGroup group)
{
    switch (group) {
    case AcidGroup::Short: return BlendText::tr("thin lather at once");
    case AcidGroup::LauricMyristic: return BlendText::tr("quick lather, takes skin fat along");
    case AcidGroup::PalmiticStearic: return BlendText::tr("hard bar, creamy lather that lasts");
    case AcidGroup::LongerSaturated: return BlendText::tr("hard bar, slower still");
    case AcidGroup::Oleic: return BlendText::tr("mild, hardens slowly");
    case AcidGroup::Ricinoleic: return BlendText::tr("bubbles that last");
    case AcidGroup::LinoleicLinolenic: return BlendText::tr("soft, keeps less long");
    case AcidGroup::Saturated: return {};
    }
    return {};
}

QString blendSentence(std::string_view w)
{
    struct Row {
        std::string_view word;
        const char* says;
    };
    static constexpr Row rows[] = {
        {"short-little", QT_TRANSLATE_NOOP("Blend", "Too little of these to be noticed.")},
        {"short-noticed",
         QT_TRANSLATE_NOOP("Blend", "Enough of these to be noticed: lather at once, thin and gone "
                                    "quickly.")},
        {"short-harsh",
         QT_TRANSLATE_NOOP("Blend", "So much of these can feel harsh, and may smell.")},
        {"lauric-little",
         QT_TRANSLATE_NOOP("Blend", "Little quick lather: the bar wants warm water and patience.")},
        {"lauric-some", QT_TRANSLATE_NOOP("Blend", "Some quick lather, gentle on skin fat.")},
        {"lauric-plenty", QT_TRANSLATE_NOOP("Blend", "Plenty of quick lather, in cool water too.")},
        {"lauric-much",
         QT_TRANSLATE_NOOP("Blend", "Much quick lather; it takes a good deal of skin fat along.")},
        {"lauric-dries",
         QT_TRANSLATE_NOOP("Blend", "Dries skin, unless superfat is high or salt is in it.")},
        {"palmitic-soft", QT_TRANSLATE_NOOP("Blend", "A soft bar that wears away fast.")},
        {"palmitic-some",
         QT_TRANSLATE_NOOP("Blend", "A firm bar that wears slowly, with creamy lather.")},
        {"palmitic-slow",
         QT_TRANSLATE_NOOP("Blend", "Very hard: slow to lather, and it may crack when cut.")},
        {"longer-little", QT_TRANSLATE_NOOP("Blend", "Too little of these to be noticed.")},
        {"longer-noticed", QT_TRANSLATE_NOOP("Blend", "Makes the bar harder and slower still.")},
        {"oleic-some", QT_TRANSLATE_NOOP("Blend", "Mild. Its soap takes weeks to become firm.")},
        {"oleic-slimy",
         QT_TRANSLATE_NOOP("Blend", "Mild, slow to harden, and slimy in a wet dish.")},
        {"ricinoleic-little",
         QT_TRANSLATE_NOOP("Blend", "Too little to hold the bubbles of the others.")},
        {"ricinoleic-usual",
         QT_TRANSLATE_NOOP("Blend", "Holds the bubbles of the others: as much as is usual.")},
        {"ricinoleic-much", QT_TRANSLATE_NOOP("Blend", "More than is usual; lather stays long.")},
        {"ricinoleic-sticky", QT_TRANSLATE_NOOP("Blend", "So much of it makes a sticky bar.")},
        {"linoleic-little", QT_TRANSLATE_NOOP("Blend", "Keeps well.")},
        {"linoleic-spoils",
         QT_TRANSLATE_NOOP("Blend", "May turn rancid sooner; keep it cool, dark and dry.")},
        {"linoleic-surely",
         QT_TRANSLATE_NOOP("Blend", "Will turn rancid sooner, orange spots first.")},
        {"saturated", QT_TRANSLATE_NOOP("Blend", "Shares of the groups above, added up.")},
        {"iodine-firm", QT_TRANSLATE_NOOP("Blend", "firm early")},
        {"iodine-usual", QT_TRANSLATE_NOOP("Blend", "usual")},
        {"iodine-softer", QT_TRANSLATE_NOOP("Blend", "softer")},
        {"iodine-soft", QT_TRANSLATE_NOOP("Blend", "soft, and keeps less long")},
        {"salt-none", QT_TRANSLATE_NOOP("Blend", "no salt in it")},
        {"salt-firms", QT_TRANSLATE_NOOP("Blend", "firms the bar; it leaves the mould sooner")},
        {"salt-brittle", QT_TRANSLATE_NOOP("Blend", "brittle, and soap may part from the lye")},
        {"salt-bar", QT_TRANSLATE_NOOP("Blend", "a salt bar: it wants about 80 % of oils like "
                                                "coconut, cut it within hours; each step of salt "
                                                "takes lather away")},
        {"sugar-none", QT_TRANSLATE_NOOP("Blend", "no sugar in it")},
        {"sugar-little", QT_TRANSLATE_NOOP("Blend", "hardly to be seen")},
        {"sugar-bubbles", QT_TRANSLATE_NOOP("Blend", "more bubbles")},
        {"sugar-hot", QT_TRANSLATE_NOOP("Blend", "heats up and browns: keep it cool")},
        {"sugar-soft", QT_TRANSLATE_NOOP("Blend", "a soft bar that sweats, and a hot mould")},
    };
    for (const Row& row : rows)
        if (row.word == w)
            return BlendText::tr(row.says);
    return {};
}

FactPage blendFacts(const OrCannot<Blend>& made, const Formula& f, const Reckoning& r,
                    const Speech& s)
{
    FactPage page;
    page.title = BlendText::tr("Blend");
    if (const Cannot* why = std::get_if<Cannot>(&made)) {
        page.lead = cannot(*why, s);
        return page;
    }
    const auto& blend = std::get<Blend>(made);
    FactSection acids;
    acids.title = BlendText::tr("Fatty acids, of all of them");
    for (std::size_t g = 0; g + 1 < blend.groups.size(); ++g) {
        const auto group = static_cast<AcidGroup>(g);
        const GroupReckoned& one = blend[group];
        if (one.share.typical() < 0.005 && one.share.high() < 0.02)
            continue;
        const BlendRow& row = wordFor(group, one.share.typical());
        QStringList from;
        for (std::size_t i = 0; i < std::min<std::size_t>(3, one.sources.size()); ++i)
            from << materialName(*blend.fats[one.sources[i].fat].material);
        acids.facts.append(
            {acidGroupName(group), s.percent(one.share.typical(), 0),
             BlendText::tr("%1 to %2; ")
                     .arg(s.percent(one.share.low(), 0), s.percent(one.share.high(), 0)) +
                 acidGroupSays(group) + QStringLiteral(". ") + blendSentence(row.word) +
                 (from.isEmpty() ? QString()
                                 : BlendText::tr(" From %1.").arg(from.join(QStringLiteral(", ")))),
             toneOf(row.word)});
    }
    page.sections.append(acids);

    FactSection other;
    other.title = BlendText::tr("Besides");
    other.facts.append(
        {BlendText::tr("Saturated to unsaturated"),
         BlendText::tr("%1 to 1").arg(s.number(blend.saturatedToUnsaturated.typical(), 2)),
         {},
         Fact::Tone::Plain});
    const ScaleRow& iodine = iodineWord(blend.iodine.typical());
    other.facts.append({BlendText::tr("Iodine value"),
                        BlendText::tr("%1 (%2 to %3)")
                            .arg(s.number(blend.iodine.typical(), 0),
                                 s.number(blend.iodine.low(), 0), s.number(blend.iodine.high(), 0)),
                        BlendText::tr("%1; it counts bonds, and cannot tell oleic from linoleic")
                            .arg(blendSentence(iodine.word)),
                        toneOf(iodine.word)});
    other.facts.append({BlendText::tr("SV of the blend"),
                        BlendText::tr("%1 mg KOH per g (%2 to %3)")
                            .arg(s.number(blend.sv.typical(), 0), s.number(blend.sv.low(), 0),
                                 s.number(blend.sv.high(), 0)),
                        {},
                        Fact::Tone::Plain});
    const FromEverySource salt = saltOf(f, r);
    const ScaleRow& saltRow = saltWord(salt.share);
    other.facts.append({BlendText::tr("Salt, of the oils"), s.percent(salt.share),
                        QStringList{blendSentence(saltRow.word), linesNamed(salt.lines, f)}.join(
                            salt.lines.empty() ? QString() : QStringLiteral("; ")),
                        toneOf(saltRow.word)});
    const FromEverySource sugar = sugarOf(f, r);
    const ScaleRow& sugarRow = sugarWord(sugar.share);
    other.facts.append({BlendText::tr("Sugar, of the oils"), s.percent(sugar.share),
                        QStringList{blendSentence(sugarRow.word), linesNamed(sugar.lines, f)}.join(
                            sugar.lines.empty() ? QString() : QStringLiteral("; ")),
                        toneOf(sugarRow.word)});
    if (!blend.withoutProfile.empty()) {
        QStringList names;
        for (const std::size_t i : blend.withoutProfile)
            names << materialName(*blend.fats[i].material);
        other.facts.append({BlendText::tr("Left out of the shares"),
                            s.percent(blend.shareWithoutProfile),
                            BlendText::tr("nobody wrote down the fatty acids of %1")
                                .arg(names.join(QStringLiteral(", "))),
                            Fact::Tone::Plain});
    }
    page.sections.append(other);
    page.lead = BlendText::tr("Bands show how far oils of one name differ. What they say is common "
                              "practice; water, cure and superfat matter as much.");
    return page;
}

} // namespace rhexion::words
