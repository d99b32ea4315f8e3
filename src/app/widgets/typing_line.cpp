#include "app/widgets/typing_line.h"

#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/suggestion_list.h"
#include "core/account/effect.h"
#include "storage/own_materials.h"
#include "words/lexicon.h"
#include "words/names.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include <algorithm>
#include <cctype>

namespace rhexion {

Vessel usualVessel(const Material& material)
{
    switch (material.kind) {
    case MaterialKind::Fat:
    case MaterialKind::FattyAcid:
    case MaterialKind::Wax:
    case MaterialKind::Egg: return Vessel::OilPot;
    case MaterialKind::Produce:
    case MaterialKind::Solid:
    case MaterialKind::Colour:
    case MaterialKind::Scent: return Vessel::Trace;
    default: return Vessel::LyeJug;
    }
}

namespace {

constexpr std::size_t mostShown = 8;
constexpr TakenAs kinds[] = {TakenAs::Scent, TakenAs::Colour, TakenAs::DrySolid, TakenAs::Watery,
                             TakenAs::Salt,  TakenAs::Sugar,  TakenAs::Oil,      TakenAs::Acid};

QString originName(Origin origin)
{
    switch (origin) {
    case Origin::Catalogue: return TypingLine::tr("shelf");
    case Origin::Own: return TypingLine::tr("my own");
    case Origin::Lot: return TypingLine::tr("lot");
    case Origin::Food: return TypingLine::tr("foods");
    }
    return {};
}

// What 100 g bring, in a few words.
QString broughtBy(const Material& m, const Speech& speech)
{
    constexpr double sample = 100.0;
    constexpr double telling = 0.5; // g
    const Effect e = effectOf(m, Mass::grams(sample));
    QStringList parts;
    const double water = e.water.typical();
    const double fat = m.part(Part::Fat).range.typical() * sample;
    const double acid = e.acidSodium().typical();
    if (water >= telling)
        parts << TypingLine::tr("%1 % water").arg(speech.number(water, 0));
    if (fat >= telling && !m.isOil())
        parts << TypingLine::tr("%1 % fat").arg(speech.number(fat, fat < 10 ? 1 : 0));
    if (acid >= 0.05)
        parts << TypingLine::tr("takes %1 g of lye per 100 g").arg(speech.number(acid, 1));
    return parts.join(QStringLiteral(", "));
}

} // namespace

TypingLine::TypingLine(Stock& stock, QWidget* parent) : QFrame(parent), stock_(stock)
{
    setObjectName(QStringLiteral("card"));
    field_ = new QLineEdit(this);
    field_->setPlaceholderText(tr("Type what goes in: 120 g buttermilk frozen · 3 % citric acid "
                                  "· rest water"));
    field_->setAccessibleName(tr("Add a material by typing"));
    field_->installEventFilter(this);
    said_ = new Label(this);
    said_->setFont(Theme::small());
    said_->setMinimumWidth(10);
    add_ = new QPushButton(tr("Add"), this);
    add_->setEnabled(false);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(8, 5, 8, 5);
    shelf_ = new QPushButton(tr("Shelf…"), this);
    shelf_->setToolTip(tr("Choose from a list (Ctrl+L)"));
    connect(shelf_, &QPushButton::clicked, this, &TypingLine::shelfWanted);
    layout->addWidget(field_, 4);
    layout->addWidget(said_, 5);
    layout->addWidget(add_);
    layout->addWidget(shelf_);
    list_ = new SuggestionList(*this);
    connect(list_, &SuggestionList::picked, this, &TypingLine::pick);
    connect(field_, &QLineEdit::textChanged, this, [this] {
        chosen_ = 0;
        kind_ = 0;
        noneOfThem_ = kindIsSaid_ = false;
        understand();
    });
    connect(field_, &QLineEdit::returnPressed, this, &TypingLine::take);
    connect(add_, &QPushButton::clicked, this, &TypingLine::take);
    connect(&stock_, &Stock::changed, this, &TypingLine::understand);
    understand();
}

void TypingLine::setSpeech(const Speech& speech)
{
    speech_ = speech;
    understand();
}

void TypingLine::setVessel(std::optional<Vessel> vessel)
{
    vessel_ = vessel;
    understand();
}

void TypingLine::setPortions(const std::vector<std::pair<PortionId, QString>>& portions)
{
    if (portions_ == portions)
        return;
    portions_ = portions;
    understand();
}

void TypingLine::setPurpose(const QString& hint)
{
    field_->setPlaceholderText(hint);
    field_->setAccessibleName(hint);
    shelf_->hide();
}

void TypingLine::startTyping(const QString& text)
{
    field_->setFocus();
    field_->setText(field_->text() + text);
}

void TypingLine::offer(const MaterialPtr& material)
{
    const auto parsed = parsePhrase(field_->text().toStdString(), speech_.phraseHabits());
    QString amount;
    if (const auto* phrase = std::get_if<Phrase>(&parsed); phrase && phrase->amount)
        amount = speech_.amountForEditing(*phrase->amount);
    offered_ = material;
    field_->setFocus();
    field_->setText(QStringLiteral("%1 %2").arg(amount, QString::fromStdString(material->name)));
    field_->setCursorPosition(amount.isEmpty() ? 0 : static_cast<int>(amount.size()));
}

QString TypingLine::understanding() const
{
    return said_->text();
}

void TypingLine::say(const QString& text, bool bad)
{
    said_->setText(text);
    said_->setToolTip(asTip(text));
    said_->setVisible(!text.isEmpty());
    HouseStyle::setTone(said_, bad ? Tone::Care : Tone::Fine);
    add_->setEnabled(!bad && !text.isEmpty());
    field_->setAccessibleDescription(text);
}

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
    const Vessel usual = vessel_.value_or(usualVessel(material));
    // What is for one portion goes in once the batter is divided.
    const bool early = isJug(usual) || usual == Vessel::OilPot;
    return portion_ != 0 && early ? Vessel::Trace : usual;
}

std::size_t TypingLine::firstShown() const
{
    return chosen_ < mostShown ? 0 : chosen_ - mostShown + 1;
}

void TypingLine::emptyField()
{
    field_->setText({}); // clear() could be undone in the field, where Ctrl+Z means the formula
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
    matches_ = stock_.find(QString::fromStdString(phrase_->materialText));
    if (matches_.empty() || noneOfThem_) {
        understandKind();
        return;
    }
    chosen_ = std::min(chosen_, matches_.size() - 1);
    const bool asOffered =
        offered_ && chosen_ == 0 && folded(offered_->name) == phrase_->materialText;
    material_ = asOffered ? offered_ : stock_.material(stock_.entries()[matches_[chosen_]]);
    if (!material_)
        return;
    const Material& material = *material_;
    QString name = QString::fromStdString(material.name);
    if (!material.lot.id.empty())
        name = tr("%1, lot %2").arg(name, QString::fromStdString(material.lot.name));
    const QString more =
        matches_.size() > 1
            ? tr(" (%1 of %2, ↓ for the next)").arg(chosen_ + 1).arg(matches_.size())
            : QString();
    if (!phrase_->amount && material.isHydroxide()) {
        say(tr("%1: used as the lye from now on").arg(name) + more, false);
        return;
    }
    if (!phrase_->amount) {
        say(tr("%1: how much? Type 120 g, 3 % or rest before it").arg(name) + more, true);
        return;
    }
    if (phrase_->bare && !material.isHydroxide()) {
        // What is counted is counted; of anything else nobody knows what the number is.
        if (!gramsPer(AmountUnit::Piece, material)) {
            const QString number = speech_.number(phrase_->amount->value, 3);
            say(tr("%1 what of %2? Type %1 g, %1 % or %1 tsp").arg(number, name) + more, true);
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
        say(words::refusal({RefusalCode::MeasureNotWeighed, 0, material.name, {}}, speech_), true);
        return;
    }
    if (material.isHydroxide()) {
        if (!statedMass(*phrase_->amount))
            say(tr("State hydroxide as a mass; its share is set above"), true);
        else
            say(tr("%1 of %2, weighed: superfat becomes the result")
                        .arg(speech_.amount(*phrase_->amount), name) +
                    more,
                false);
        return;
    }
    const Line line = wanted();
    QString text = tr("%1: %2").arg(speech_.amount(*phrase_->amount), name);
    if (weight)
        text = tr("%1 (%2): %3")
                   .arg(speech_.amount(*phrase_->amount), speech_.mass(weight->inGrams()), name);
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
            kind_ = std::size_t(std::ranges::find(kinds, *guessed) - std::begin(kinds));
            kindIsSaid_ = true;
        }
    if (!phrase_->amount)
        say(tr("%1. How much of it? Type 120 g, 3 % or a spoon before it").arg(answer), true);
    else if (phrase_->bare)
        say(tr("%1. Say what the number is: g, % or tsp").arg(answer), true);
    else if (!kindIsSaid_)
        say(tr("%1. Choose what it is (↓)").arg(answer), true);
    else
        say(tr("%1. Enter takes it as %2").arg(answer, words::takenAsName(kinds[kind_])), false);
}

void TypingLine::suggest()
{
    QList<Suggestion> rows;
    int shown = 0;
    if (offersKinds()) {
        if (phrase_->amount && !phrase_->bare)
            for (const TakenAs as : kinds)
                rows.append(
                    {tr("Take it as %1").arg(words::takenAsName(as)), words::takenAsQuestion(as)});
        shown = kindIsSaid_ ? int(kind_) : -1;
    } else if (field_->hasFocus() && phrase_ && !matches_.empty()) {
        const std::size_t first = firstShown();
        const std::size_t end = std::min(matches_.size(), first + mostShown);
        for (std::size_t i = first; i < end; ++i) {
            const StockEntry& entry = stock_.entries()[matches_[i]];
            QStringList detail{words::kindName(entry.kind), originName(entry.origin)};
            if (const MaterialPtr m = stock_.material(entry)) {
                if (const QString brought = broughtBy(*m, speech_); !brought.isEmpty())
                    detail << brought;
                detail << words::vesselPlace(placeOf(*m));
            }
            rows.append({entry.name, detail.join(QStringLiteral(" · "))});
        }
        rows.append({tr("None of these…"), tr("say what it is")});
        shown = int(chosen_ - first);
    }
    list_->show(rows, shown);
}

void TypingLine::pick(int row)
{
    if (offersKinds()) {
        kind_ = std::size_t(row);
        kindIsSaid_ = true;
        understand();
        take();
        return;
    }
    if (row == list_->count() - 1) {
        noneOfThem_ = true;
        understand();
        return;
    }
    chosen_ = firstShown() + std::size_t(row);
    understand();
    take();
}

void TypingLine::step(int by)
{
    if (offersKinds()) {
        const int count = int(std::size(kinds));
        kind_ = kindIsSaid_ ? std::size_t((int(kind_) + by + count) % count)
                            : std::size_t(by > 0 ? 0 : count - 1);
        kindIsSaid_ = true;
    } else if (!matches_.empty()) {
        const int count = int(matches_.size());
        chosen_ = std::size_t((int(chosen_) + by + count) % count);
    }
    understand();
}

void TypingLine::takeUnknown()
{
    const TakenAs as = kinds[kind_];
    if (!needsFigure(as)) {
        if (auto material = takenAs(phrase_->materialText, as))
            addOwn(std::move(*material));
        return;
    }
    asked_ = Asked{as,       field_->text(), field_->placeholderText(), field_->accessibleName(),
                   *phrase_, portion_};
    emptyField();
    field_->setPlaceholderText(words::takenAsQuestion(as));
    field_->setAccessibleName(words::takenAsQuestion(as));
    say(words::takenAsQuestion(as), false);
    add_->setEnabled(true);
    list_->show({}, 0);
}

void TypingLine::takeFigure()
{
    const auto parsed =
        parseNumber(field_->text().toStdString(), speech_.phraseHabits().decimalMark);
    const double* number = std::get_if<double>(&parsed);
    const double figure = number ? (asked_->as == TakenAs::Oil ? *number : *number / 100.0) : -1.0;
    auto material = takenAs(asked_->phrase.materialText, asked_->as, figure);
    if (!material) {
        say(asked_->as == TakenAs::Oil ? tr("A number from 100 to 300, such as 190")
                                       : tr("A number up to 100, such as 88"),
            true);
        add_->setEnabled(true);
        return;
    }
    phrase_ = asked_->phrase;
    portion_ = asked_->portion;
    stopAsking();
    addOwn(std::move(*material));
}

void TypingLine::stopAsking()
{
    field_->setPlaceholderText(asked_->hint);
    field_->setAccessibleName(asked_->name);
    asked_.reset();
}

void TypingLine::addOwn(Material material)
{
    material.name.front() =
        static_cast<char>(std::toupper(static_cast<unsigned char>(material.name.front())));
    if (Shelf* shelf = stock_.shelf()) {
        material = withIds({material}, *shelf).front();
        shelf->keep({material}); // where that fails it is in the formula all the same
    } else
        material.id = "own-" + material.name;
    material_ = std::make_shared<const Material>(material);
    const Line line = wanted();
    emptyField();
    stock_.refresh();
    Q_EMIT lineWanted(line);
}

void TypingLine::take()
{
    if (asked_) {
        takeFigure();
        return;
    }
    if (offersKinds()) {
        if (add_->isEnabled())
            takeUnknown();
        return;
    }
    if (!add_->isEnabled() || !phrase_ || !material_)
        return;
    const MaterialPtr material = material_;
    const Phrase phrase = *phrase_;
    if (!phrase.amount && !material->isHydroxide())
        return;
    const Line line = phrase.amount ? wanted() : Line{};
    emptyField();
    if (material->isHydroxide())
        Q_EMIT hydroxideWanted(material, phrase.amount ? statedMass(*phrase.amount) : std::nullopt);
    else
        Q_EMIT lineWanted(line);
}

bool TypingLine::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == field_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (!asked_ && (key->key() == Qt::Key_Down || key->key() == Qt::Key_Up) &&
            (offersKinds() || matches_.size() > 1)) {
            step(key->key() == Qt::Key_Down ? 1 : -1);
            return true;
        }
        if (key->key() == Qt::Key_Escape && asked_) {
            const QString typed = asked_->typed;
            stopAsking();
            field_->setText(typed);
            return true;
        }
        if (key->key() == Qt::Key_Escape) {
            if (field_->text().isEmpty())
                Q_EMIT leftTyping();
            emptyField();
            return true;
        }
    }
    if (watched == field_ && event->type() == QEvent::FocusOut)
        list_->show({}, 0);
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
