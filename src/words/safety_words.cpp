#include "words/safety_words.h"

#include "words/words_text.h"

namespace rhexion::words {

namespace {

QString whoToCall;

} // namespace

void setWhoToCall(const QString& numbers)
{
    whoToCall = numbers;
}

QString safety()
{
    return WordsText::tr(
        "Goggles, gloves and long sleeves on; good air; no aluminium; children and pets out. "
        "Always add lye to the liquid, never liquid to the lye.");
}

QString firstAid()
{
    const QString call = whoToCall.isEmpty()
                             ? WordsText::tr("Call the emergency number or your poison centre.")
                             : WordsText::tr("Call: %1.").arg(whoToCall);
    return WordsText::tr(
               "Lye on skin or in eyes: rinse at once with much running water, and take off wet "
               "clothes. Eyes: hold the lids open, lenses out, 20 to 30 minutes or until help "
               "takes over. Swallowed: rinse the mouth, do not vomit. %1")
        .arg(call);
}

QString localLaw()
{
    return WordsText::tr(
        "Soap for others falls under local cosmetic law: ask a qualified assessor.");
}

} // namespace rhexion::words
