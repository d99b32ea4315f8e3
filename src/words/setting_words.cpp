#include "words/setting_words.h"

#include "words/words_text.h"

namespace rhexion::words {

QString liquidStatement(const LiquidSettings& l, const Speech& s)
{
    switch (l.how) {
    case LiquidStatement::Strength: return WordsText::tr("lye strength %1").arg(s.percent(l.value));
    case LiquidStatement::Ratio: return WordsText::tr("water to lye %1").arg(s.ratio(l.value));
    case LiquidStatement::PercentOfOils:
        return WordsText::tr("water %1 of oils").arg(s.percent(l.value));
    case LiquidStatement::LessThanUsual:
        return WordsText::tr("%1 less water than the usual %2")
            .arg(s.percent(l.value), s.ratio(l.usualRatio));
    }
    return {};
}

QString hiddenFatSchool(HiddenFatSchool school)
{
    switch (school) {
    case HiddenFatSchool::Ignore: return WordsText::tr("not counted, left as extra superfat");
    case HiddenFatSchool::Surely: return WordsText::tr("what is surely there");
    case HiddenFatSchool::Typical: return WordsText::tr("its typical figure");
    }
    return {};
}

QString splitConvention(SplitConvention split)
{
    switch (split) {
    case SplitConvention::Moles: return WordsText::tr("share of the saponifying (moles)");
    case SplitConvention::PureWeight: return WordsText::tr("share of pure weight");
    case SplitConvention::WeighedWeight: return WordsText::tr("share of weight as weighed");
    }
    return {};
}

QString strengthConvention(StrengthConvention convention)
{
    return convention == StrengthConvention::PureAndAllWater
               ? WordsText::tr("pure lye, all water counted")
               : WordsText::tr("lye as weighed, its own moisture left out");
}

} // namespace rhexion::words
