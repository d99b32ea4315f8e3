#include "words/what_is.h"

#include "words/glossary.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct WhatText {
    Q_DECLARE_TR_FUNCTIONS(WhatIs)
};

} // namespace

QString whatIs(Rule rule)
{
    switch (rule) {
    case Rule::SodiumWeighed:
        return WhatText::tr(
            "Sodium hydroxide to weigh out, as it is in its drum: what fat and acids "
            "take, less the superfat, divided by its purity.");
    case Rule::PotassiumWeighed:
        return WhatText::tr("Potassium hydroxide to weigh out, as it is in its drum. About a tenth "
                            "of it is mostly water, which counts as water.");
    case Rule::JugWater:
        return WhatText::tr("Plain water poured into the jug first, so that the lye dissolves; the "
                            "rest of the liquid goes elsewhere.");
    case Rule::MakeUp:
        return WhatText::tr(
            "The make-up liquid, “the rest”: as much of it as brings the water that "
            "the other things do not.");
    case Rule::SuperfatTrue:
        return WhatText::tr("The share of all fat that stays free, the fat of milk, egg and the "
                            "like included. It is the margin for what nobody knows exactly.");
    case Rule::SuperfatOnOils:
        return WhatText::tr("The share of the oils alone that stays free, as superfat is mostly "
                            "stated.");
    case Rule::Strength:
        return WhatText::tr("Pure hydroxide as a share of it and all water in the batch, from "
                            "wherever it comes.");
    case Rule::StrengthAsWeighed:
        return WhatText::tr("The same as many tables count it: hydroxide as weighed, and without "
                            "the water it brings itself.");
    case Rule::JugStrength:
    case Rule::SecondJugStrength:
        return WhatText::tr(
            "Pure hydroxide as a share of it and the water in this jug. Above about "
            "a half it does not dissolve in the cold.");
    case Rule::SecondJugSodium:
    case Rule::SecondJugPotassium:
        return WhatText::tr("What of the hydroxide goes into this jug, as weighed.");
    case Rule::SuperfatWhileHeld:
        return WhatText::tr("The superfat of what is in the pot while oil is set aside. Below "
                            "nothing, there is more lye than the pot can take until it joins.");
    case Rule::PortionBatter:
        return WhatText::tr(
            "What this portion weighs: its share of the batter and what is its own.");
    case Rule::PortionSuperfat:
        return WhatText::tr(
            "The share of this portion’s fat that stays free, with its own oils and "
            "acids counted.");
    case Rule::PortionSalt: return WhatText::tr("Salt in this portion as a share of its oils.");
    case Rule::PortionScent: return WhatText::tr("Scent in this portion as a share of its oils.");
    case Rule::BatterMass:
        return WhatText::tr("Everything that goes in, added up: what has to fit into the mould.");
    default: return {};
    }
}

QString whatIsAlkaliAccount()
{
    return WhatText::tr("Above, who calls for lye and how much; below, what is supplied. What is "
                        "kept back is the superfat. Press a part for its sum.");
}

QString whatIsWaterAccount()
{
    return WhatText::tr("Above, the water that is wanted; below, every source that brings some. "
                        "Press a part for its sum.");
}

QString whatIsDoubt()
{
    return WhatText::tr(
        "What is weighed stays, and everything behind it varies within its range, "
        "20,000 times: where true superfat came to lie, in how many batches lye was "
        "left over, and which figure to firm up first.");
}

QString whatIsHeatLine()
{
    return WhatText::tr(
        "An estimate of how warm it gets: the jug, the meeting of jug and pot, gel, "
        "and when to look in. Heat (Ctrl+2) has it in full.");
}

QString whatIs(const FactPage& page, const FactSection& section, const Fact& fact)
{
    QStringList out = glossaryOf(fact.name);
    if (out.isEmpty())
        out = glossaryOf(section.title);
    for (const QString& text : {fact.note, section.sentence})
        if (!text.isEmpty())
            out.append(text);
    if (out.isEmpty() && !page.lead.isEmpty())
        out.append(page.lead);
    // A figure that needs no word of its own is of its section and its page.
    if (out.isEmpty())
        out.append(section.title.isEmpty() ? page.title : section.title);
    return out.join(QLatin1Char('\n'));
}

} // namespace rhexion::words
