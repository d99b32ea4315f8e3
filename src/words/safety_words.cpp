#include "words/safety_words.h"

#include "words/words_text.h"

namespace rhexion::words {

QString safety()
{
    return WordsText::tr(
        "Goggles, gloves and long sleeves on; good air; no aluminium; children and pets out. "
        "Always add lye to the liquid, never liquid to the lye.");
}

QString firstAid()
{
    return WordsText::tr(
        "Lye on skin or in eyes: rinse at once with much running water, and take off wet clothes. "
        "Eyes: hold the lids open, lenses out, 20 to 30 minutes or until help takes over. "
        "Swallowed: rinse the mouth, do not vomit. Call the emergency number or your poison "
        "centre.");
}

QString localLaw()
{
    return WordsText::tr(
        "Soap for others falls under local cosmetic law: ask a qualified assessor.");
}

} // namespace rhexion::words
