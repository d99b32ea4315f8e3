// What the typing line understands of what is typed.
#include "app/widgets/typing_line.h"

#include "app/widgets/place_habits.h"
#include "core/formula/usual_place.h"
#include "storage/material_names.h"
#include "words/lexicon.h"
#include "words/meaning_words.h"
#include "words/names.h"
#include "words/refusal_words.h"

#include <QLineEdit>

#include <algorithm>

namespace rhexion {

QString TypingLine::cutPortion()
{
    portion_ = 0;
    const QString text = field_->text().trimmed();
    for (const auto& [id, name] : portions_) {
        const QString ending = tr(" for %1").arg(name);
        if (text.endsWith(ending, Qt::CaseInsensitive)) {
            portion_ = id;
            return text.chopped(ending.size());
        }
    }
    return text;
}

QString TypingLine::answerTo(const QString& unknown) const
{
    if (unknown.contains(QStringLiteral("discount")) ||
        unknown.contains(QStringLiteral("reduction")))
        return tr("A discount of what? Lye held back is the superfat above; less water is under "
                  "“Liquid stated as”");
    return tr("“%1” is not on the shelf").arg(unknown);
}

Line TypingLine::wanted() const
{
    Line line;
    line.material = material_;
    line.amount = *phrase_->amount;
    line.vessel = placeOf(*material_);
    line.frozen = phrase_->frozen;
    line.solvent = phrase_->dissolved ? 1.0 : 0.0;
    line.portion = portion_;
    return line;
}

Vessel TypingLine::placeOf(const Material& material) const
{
    if (phrase_->vessel)
        return *phrase_->vessel;
    if (vessel_)
        return *vessel_;
    const auto& amount = phrase_->amount;
    const Vessel usual = placeHabits::of(material.id)
                             .value_or(usualPlaceOf(material, amount, oilsGrams_, cooks_).vessel);
    // What is for one portion goes in once the batter is divided.
    const bool early = isJug(usual) || usual == Vessel::OilPot;
    return portion_ != 0 && early ? Vessel::Trace : usual;
}

void TypingLine::understand()
{
    if (asked_)
        return; // a figure is being typed
    understandText();
    suggest();
}

void TypingLine::understandText()
{
    phrase_.reset();
    matches_.clear();
    material_.reset();
    if (findsCommands())
        return;
    if (field_->text().trimmed().isEmpty()) {
        say(vessel_ ? tr("goes %1").arg(words::vesselPlace(*vessel_)) : QString(), false);
        add_->setEnabled(false);
        return;
    }
    const auto parsed = parsePhrase(cutPortion().toStdString(), speech_.phraseHabits());
    if (const auto* fault = std::get_if<PhraseFault>(&parsed)) {
        say(words::phraseFault(*fault), true);
        return;
    }
    phrase_ = std::get<Phrase>(parsed);
    if (phrase_->materialText.empty()) {
        say(tr("of what?"), true);
        return;
    }
    const QString name = QString::fromStdString(phrase_->materialText);
    NameBook::Found found = stock_.identify(name);
    matches_ = std::move(found.list);
    what_ = std::move(found.what);
    bySearch_ = found.bySearch;
    // "Plum fragrance" is a scent and takes no lye, whichever it is.
    if (const auto said = thingOf(phrase_->materialText, *words::lexicon());
        found.byPart && (said == TakenAs::Scent || said == TakenAs::Colour))
        matches_.clear();
    if (matches_.empty() || noneOfThem_) {
        understandKind();
        return;
    }
    chosen_ = std::min(chosen_, matches_.size());
    if (offersNone()) {
        say(tr("Enter: say what it is"), false);
        return;
    }
    const bool asOffered = offered_ && !chosenByHand_ &&
                           folded(materialName(*offered_).toStdString()) == phrase_->materialText;
    if (!asOffered && asksWhich()) {
        say(tr("which one? Choose with ↓"), true);
        return;
    }
    material_ = asOffered ? offered_ : stock_.material(stock_.entries()[matches_[chosen_]]);
    if (!material_)
        return;
    const Material& material = *material_;
    QString called = materialName(material);
    if (!material.lot.id.empty())
        called = tr("%1, lot %2").arg(called, QString::fromStdString(material.lot.name));
    const QString more =
        matches_.size() > 1
            ? tr(" (%1 of %2, ↓ for the next)").arg(chosen_ + 1).arg(matches_.size())
            : QString();
    if (!phrase_->amount && material.isHydroxide()) {
        say(tr("%1: used as the lye from now on").arg(called) + more, false);
        return;
    }
    if (!phrase_->amount) {
        say(tr("%1: how much? Type 120 g, 3 % or rest before it").arg(called) + more, true);
        return;
    }
    if (phrase_->bare && !material.isHydroxide()) {
        // What is counted is counted; of anything else nobody knows what the number is.
        if (!gramsPer(AmountUnit::Piece, material)) {
            const QString number = speech_.trimmed(phrase_->amount->value);
            say(tr("%1 what of %2? Type %1 g, %1 % or %1 tsp").arg(number, called) + more, true);
            return;
        }
        phrase_->amount->unit = AmountUnit::Piece;
    }
    if (phrase_->amount && phrase_->perOilsMass) {
        const auto share = perOils(*phrase_->amount, *phrase_->perOilsMass, material);
        if (share)
            phrase_->amount = share;
    }
    const bool measured = isMeasured(phrase_->amount->unit);
    const auto weight = measured ? massOf(*phrase_->amount, material) : std::nullopt;
    if (measured && !weight) {
        say(words::refusal(
                {RefusalCode::MeasureNotWeighed, 0, materialName(material).toStdString(), {}},
                speech_),
            true);
        return;
    }
    if (material.isHydroxide()) {
        if (!statedMass(*phrase_->amount))
            say(tr("State hydroxide as a mass; its share is set above"), true);
        else
            say(tr("%1 of %2, weighed: superfat becomes the result")
                        .arg(speech_.amount(*phrase_->amount), called) +
                    more,
                false);
        return;
    }
    const Line line = wanted();
    QString text = tr("%1: %2").arg(speech_.amount(*phrase_->amount), called);
    if (weight)
        text = tr("%1 (%2): %3")
                   .arg(speech_.amount(*phrase_->amount), speech_.mass(weight->inGrams()), called);
    if (phrase_->vague)
        text += tr(", by the hand: half or twice that, so weigh it where it matters");
    if (!chosenByHand_ && stock_.isOwnWord(name))
        text += tr(" (your word for it)");
    if (phrase_->frozen)
        text += tr(", frozen");
    if (phrase_->dissolved)
        text += tr(", dissolved in its own weight of the liquid");
    text = tr("%1, %2").arg(text, words::vesselPlace(line.vessel));
    for (const auto& [id, name_] : portions_)
        if (id == line.portion)
            text += tr(", for %1").arg(name_);
    say(text + more, false);
}

bool TypingLine::asksWhich() const
{
    return !matches_.empty() && !noneOfThem_ && !chosenByHand_ &&
           what_.verdict != IdentityVerdict::Certain && !findsCommands();
}

bool TypingLine::offersKinds() const
{
    return phrase_ && !phrase_->materialText.empty() && (matches_.empty() || noneOfThem_);
}

void TypingLine::understandKind()
{
    const QString unknown = QString::fromStdString(phrase_->materialText);
    const QString answer = answerTo(unknown);
    if (!kindIsSaid_)
        if (const auto guessed = thingOf(phrase_->materialText, *words::lexicon())) {
            kind_ = std::size_t(std::ranges::find(allTakenAs(), *guessed) - allTakenAs().begin());
            kindIsSaid_ = true;
        }
    if (!phrase_->amount)
        say(tr("%1. How much of it? Type 120 g, 3 % or a spoon before it").arg(answer), true);
    else if (phrase_->bare)
        say(tr("%1. Say what the number is: g, % or tsp").arg(answer), true);
    else if (!kindIsSaid_)
        say(tr("%1. Choose what it is (↓)").arg(answer), true);
    else
        say(tr("%1. Enter takes it as %2").arg(answer, words::takenAsName(allTakenAs()[kind_])),
            false);
}

} // namespace rhexion
