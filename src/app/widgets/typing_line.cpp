#include "app/widgets/typing_line.h"

#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "words/names.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

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
    connect(field_, &QLineEdit::textChanged, this, [this] {
        chosen_ = 0;
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
    line.vessel = phrase_->vessel.value_or(vessel_.value_or(usualVessel(*material_)));
    line.frozen = phrase_->frozen;
    line.solvent = phrase_->dissolved ? 1.0 : 0.0;
    line.portion = portion_;
    // What is for one portion goes in once the batter is divided.
    if (portion_ != 0 && !phrase_->vessel && (isJug(line.vessel) || line.vessel == Vessel::OilPot))
        line.vessel = Vessel::Trace;
    return line;
}

void TypingLine::understand()
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
    if (matches_.empty()) {
        say(answerTo(QString::fromStdString(phrase_->materialText)), true);
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

void TypingLine::take()
{
    if (!add_->isEnabled() || !phrase_ || !material_)
        return;
    const MaterialPtr material = material_;
    const Phrase phrase = *phrase_;
    if (!phrase.amount && !material->isHydroxide())
        return;
    const Line line = phrase.amount ? wanted() : Line{};
    field_->clear();
    if (material->isHydroxide())
        Q_EMIT hydroxideWanted(material, phrase.amount ? statedMass(*phrase.amount) : std::nullopt);
    else
        Q_EMIT lineWanted(line);
}

bool TypingLine::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == field_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if ((key->key() == Qt::Key_Down || key->key() == Qt::Key_Up) && matches_.size() > 1) {
            const std::size_t step = key->key() == Qt::Key_Down ? 1 : matches_.size() - 1;
            chosen_ = (chosen_ + step) % matches_.size();
            understand();
            return true;
        }
        if (key->key() == Qt::Key_Escape) {
            if (field_->text().isEmpty())
                Q_EMIT leftTyping();
            field_->clear();
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
