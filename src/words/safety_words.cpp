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
        "Lye on skin or in eyes: rinse with plenty of water at once, and call your local "
        "poison centre or a doctor.");
}

QString localLaw()
{
    return WordsText::tr(
        "Soap for others falls under local cosmetic law: ask a qualified assessor.");
}

} // namespace rhexion::words
