#include "words/school_words.h"

#include "words/setting_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct SchoolsText {
    Q_DECLARE_TR_FUNCTIONS(Schools)
};

} // namespace

QString schoolQuestion(School school)
{
    switch (school) {
    case School::HiddenFat: return SchoolsText::tr("Does the fat in milk, egg or avocado count?");
    case School::Split: return SchoolsText::tr("What is the potassium share a share of?");
    case School::StrengthCounts: return SchoolsText::tr("What does lye strength count?");
    case School::SuperfatIsOn:
        return SchoolsText::tr("Is oil added after the cook part of the superfat?");
    case School::WaterOfExtras: return SchoolsText::tr("Is a puree or milk all water?");
    case School::CitricForm: return SchoolsText::tr("Which citric acid is in the jar?");
    case School::MoistureOfLye: return SchoolsText::tr("What is the rest of the hydroxide?");
    }
    return {};
}

QString schoolOption(School school, int option)
{
    switch (school) {
    case School::HiddenFat: return hiddenFatSchool(static_cast<HiddenFatSchool>(option));
    case School::Split: return splitConvention(static_cast<SplitConvention>(option));
    case School::StrengthCounts: return strengthConvention(static_cast<StrengthConvention>(option));
    case School::SuperfatIsOn:
        return option == int(SuperfatBasis::AllFat) ? SchoolsText::tr("on all fat")
                                                    : SchoolsText::tr("on the cook only");
    case School::WaterOfExtras:
        return option == 0 ? SchoolsText::tr("only the water that is in it")
                           : SchoolsText::tr("all its weight is water");
    case School::CitricForm:
        return option == 0 ? SchoolsText::tr("the form you stated")
                           : SchoolsText::tr("the other form");
    case School::MoistureOfLye:
        return option == 0 ? SchoolsText::tr("as its figures say")
                           : SchoolsText::tr("carbonate, no water");
    }
    return {};
}

QString schoolReason(School school)
{
    switch (school) {
    case School::HiddenFat:
        return SchoolsText::tr("What is surely there is right for most jars; one that holds less "
                               "than the least of its "
                               "range can still leave lye.");
    case School::Split:
        return SchoolsText::tr(
            "Moles say how much of the soap is of each kind, whatever the drum’s "
            "purity; a share of weight shifts with it.");
    case School::StrengthCounts:
        return SchoolsText::tr(
            "Pure lye and all water is what is truly in the pot; the other way is how many "
            "older recipes count.");
    case School::SuperfatIsOn:
        return SchoolsText::tr(
            "On all fat says what the bar holds in the end; on the cook says what the lye "
            "met.");
    case School::WaterOfExtras:
        return SchoolsText::tr(
            "Its solids stay in the bar and dissolve no lye, so only its water counts.");
    case School::CitricForm:
        return SchoolsText::tr(
            "The monohydrate is part water: 10 g take less lye than 10 g of the anhydrous.");
    case School::MoistureOfLye:
        return SchoolsText::tr(
            "A dry tub is mostly short of strength by moisture; a badly closed one by "
            "carbonate, which makes no soap and brings no water.");
    }
    return {};
}

QString schoolFigures(const SchoolAnswer& a, const Speech& s)
{
    QStringList parts;
    if (a.sodiumGrams > 0.0)
        parts << SchoolsText::tr("%1 sodium hydroxide").arg(s.mass(a.sodiumGrams));
    if (a.potassiumGrams > 0.0)
        parts << SchoolsText::tr("%1 potassium hydroxide").arg(s.mass(a.potassiumGrams));
    if (a.makeUpGrams > 0.0)
        parts << SchoolsText::tr("%1 liquid").arg(s.mass(a.makeUpGrams));
    parts << SchoolsText::tr("true superfat %1").arg(s.percent(a.superfatTrue));
    parts << SchoolsText::tr("strength %1").arg(s.percent(a.strength));
    return parts.join(QStringLiteral(", "));
}

} // namespace rhexion::words
