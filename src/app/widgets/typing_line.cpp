#include "app/widgets/typing_line.h"

#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/own_words.h"
#include "app/widgets/suggestion_list.h"
#include "app/widgets/tab_order.h"
#include "core/account/effect.h"
#include "core/formula/usual_place.h"
#include "core/units/text.h"
#include "storage/material_names.h"
#include "storage/own_materials.h"
#include "words/lexicon.h"
#include "words/meaning_words.h"
#include "words/names.h"
#include "words/place_words.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"

#include <QApplication>
#include <QClipboard>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>

#include <algorithm>

namespace rhexion {

namespace {

constexpr auto mostShown = 8u;

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
    elsewhere_ = new QPushButton(this);
    elsewhere_->setObjectName(QStringLiteral("mend"));
    elsewhere_->hide();
    connect(elsewhere_, &QPushButton::clicked, this, [this] {
        elsewhere_->hide();
        Q_EMIT placeWanted(placed_, otherPlace_);
    });
    layout->addWidget(field_, 4);
    layout->addWidget(said_, 5);
    layout->addWidget(elsewhere_);
    layout->addWidget(add_);
    layout->addWidget(shelf_);
    list_ = new SuggestionList(*this);
    connect(list_, &SuggestionList::picked, this, &TypingLine::pick);
    connect(field_, &QLineEdit::textChanged, this, [this](const QString& text) {
        if (!text.isEmpty())
            elsewhere_->hide();
        chosen_ = 0;
        chosenByHand_ = false;
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
    auto* row = static_cast<QHBoxLayout*>(layout());
    row->setStretch(row->indexOf(field_), 6);
    row->setStretch(row->indexOf(said_), 3);
}

void TypingLine::setFingerSized(int height)
{
    said_->setWordWrap(true);
    leastHeight(field_, height);
    leastHeight(add_, height);
}

void TypingLine::orderTabsAfter(QWidget* before)
{
    orderTabs(before, {field_, elsewhere_, add_, shelf_});
}

QWidget* TypingLine::lastField() const
{
    return shelf_;
}

void TypingLine::setFormulaAtHand(double oilsGrams, bool cooks)
{
    oilsGrams_ = oilsGrams;
    cooks_ = cooks;
}

void TypingLine::setCommands(std::function<QList<Command>(const QString&)> find)
{
    find_ = std::move(find);
}

bool TypingLine::findsCommands() const
{
    return find_ && field_->text().startsWith(QLatin1Char('>'));
}

void TypingLine::sayPlaced(const Line& line)
{
    const UsualPlace usual = usualPlaceOf(*line.material, line.amount, oilsGrams_, cooks_);
    if (line.vessel != usual.vessel && line.vessel != usual.other)
        return;
    const QString name = materialName(*line.material);
    const QString place = words::vesselPlace(line.vessel);
    if (line.vessel == usual.vessel) {
        say(tr("%1 went in %2: %3").arg(name, place, words::placeReason(usual.reason)), false);
        if (!usual.other)
            return;
        otherPlace_ = *usual.other;
    } else {
        say(tr("%1 went in %2, as you do it").arg(name, place), false);
        otherPlace_ = usual.vessel;
    }
    add_->setEnabled(false); // nothing is typed
    placed_ = line.id;
    elsewhere_->setText(words::intoVessel(otherPlace_));
    elsewhere_->show();
}

void TypingLine::pasteFromClipboard()
{
    paste(QApplication::clipboard()->text());
}

void TypingLine::paste(const QString& text)
{
    constexpr int most = 200;
    QStringList lines;
    for (const QString& line : text.split(QLatin1Char('\n')))
        if (!line.trimmed().isEmpty())
            lines << line.trimmed();
    QStringList notUnderstood;
    int added = 0;
    pasting_ = true;
    for (const QString& line : lines.mid(0, most)) {
        field_->setText(line.left(field_->maxLength()));
        // Taken when one Enter would take it; what asks for a figure is asked by hand.
        const bool ready =
            add_->isEnabled() && (!offersKinds() || !needsFigure(allTakenAs()[kind_]));
        if (ready) {
            if (added++ == 0)
                Q_EMIT pasteBegins(); // one step, and none where nothing goes in
            take();
        } else
            notUnderstood << QStringLiteral("“%1”: %2")
                                 .arg(line, asksWhich() ? words::whichIsMeant(
                                                              what_, QString::fromStdString(
                                                                         phrase_->materialText))
                                                        : said_->text());
    }
    for (const QString& line : lines.mid(most))
        notUnderstood << tr("“%1”: too many lines at once").arg(line);
    emptyField();
    pasting_ = false;
    say({}, false);
    elsewhere_->hide();
    Q_EMIT pasteEnds(added, notUnderstood);
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
    field_->setText(QStringLiteral("%1 %2").arg(amount, materialName(*material)));
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

std::size_t TypingLine::firstShown() const
{
    return chosen_ < mostShown ? 0 : chosen_ - mostShown + 1;
}

void TypingLine::emptyField()
{
    field_->setText({}); // clear() could be undone in the field, where Ctrl+Z means the formula
}

void TypingLine::suggestCommands()
{
    constexpr int most = 8;
    found_ = find_(field_->text().mid(1));
    chosen_ = found_.isEmpty() ? 0 : std::min(chosen_, std::size_t(found_.size()) - 1);
    QList<Suggestion> rows;
    const int first = std::max(0, int(chosen_) - most + 1);
    for (const Command& command : found_.mid(first, most))
        rows.append({command.name, command.keys});
    list_->show(rows, int(chosen_) - first);
    if (found_.isEmpty())
        say(tr("no command is called that"), true);
    else
        say(tr("Enter does it"), false);
}

void TypingLine::suggest()
{
    if (pasting_)
        return;
    if (findsCommands()) {
        suggestCommands();
        return;
    }
    QList<Suggestion> rows;
    int shown = 0;
    if (offersKinds()) {
        if (phrase_->amount && !phrase_->bare)
            for (const TakenAs as : allTakenAs())
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
        shown = offersNone() ? int(rows.size()) - 1 : asksWhich() ? -1 : int(chosen_ - first);
    }
    list_->show(rows, shown,
                asksWhich()
                    ? words::whichIsMeant(what_, QString::fromStdString(phrase_->materialText))
                    : QString());
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
    if (findsCommands()) {
        chosen_ += std::size_t(row);
        take();
        return;
    }
    if (row == list_->count() - 1) {
        noneOfThem_ = true;
        understand();
        return;
    }
    chosen_ = firstShown() + std::size_t(row);
    chosenByHand_ = true;
    understand();
    take();
}

void TypingLine::step(int by)
{
    if (offersKinds()) {
        const int count = int(allTakenAs().size());
        kind_ = kindIsSaid_ ? std::size_t((int(kind_) + by + count) % count)
                            : std::size_t(by > 0 ? 0 : count - 1);
        kindIsSaid_ = true;
    } else if (findsCommands()) {
        const int count = std::max(1, int(found_.size()));
        chosen_ = std::size_t((int(chosen_) + by + count) % count);
    } else if (!matches_.empty()) {
        const int count = int(matches_.size()) + 1; // the last: none of them
        const int from = asksWhich() && by > 0 ? -1 : int(chosen_);
        chosen_ = std::size_t((from + by + count) % count);
        chosenByHand_ = true;
    }
    understand();
}

void TypingLine::takeUnknown()
{
    const TakenAs as = allTakenAs()[kind_];
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
    material.name.front() = ascii::upper(material.name.front());
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
    if (findsCommands()) {
        const QPointer<QAction> action =
            chosen_ < std::size_t(found_.size()) ? found_[int(chosen_)].action : nullptr;
        emptyField();
        if (action)
            action->trigger();
        return;
    }
    if (offersNone()) {
        noneOfThem_ = true;
        understand();
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
    rememberChoice();
    emptyField();
    if (material->isHydroxide())
        Q_EMIT hydroxideWanted(material, phrase.amount ? statedMass(*phrase.amount) : std::nullopt);
    else
        Q_EMIT lineWanted(line);
}

void TypingLine::rememberChoice()
{
    // The words were a name and asked about; a few letters that were searched are no word.
    if (!chosenByHand_ || bySearch_ || what_.verdict == IdentityVerdict::Certain ||
        chosen_ >= matches_.size())
        return;
    const StockEntry& entry = stock_.entries()[matches_[chosen_]];
    if (!entry.lot.empty())
        return;
    ownWords::remember(QString::fromStdString(phrase_->materialText), entry.material);
    QMetaObject::invokeMethod(
        this, [this] { stock_.setOwnWords(ownWords::all()); }, Qt::QueuedConnection);
}

bool TypingLine::keyPressed(const QKeyEvent& key)
{
    if (key.matches(QKeySequence::Paste)) {
        const QString text = QApplication::clipboard()->text();
        if (asked_ || !text.trimmed().contains(QLatin1Char('\n')))
            return false;
        paste(text);
        return true;
    }
    switch (key.key()) {
    case Qt::Key_Down:
    case Qt::Key_Up:
        if (asked_ || !(offersKinds() || findsCommands() || !matches_.empty()))
            return false;
        step(key.key() == Qt::Key_Down ? 1 : -1);
        return true;
    case Qt::Key_Escape:
        if (asked_) {
            const QString typed = asked_->typed;
            stopAsking();
            field_->setText(typed);
        } else if (noneOfThem_) { // back to what it could be
            noneOfThem_ = false;
            chosenByHand_ = false;
            chosen_ = 0;
            understand();
        } else {
            if (field_->text().isEmpty())
                Q_EMIT leftTyping();
            emptyField();
        }
        return true;
    default: return false;
    }
}

bool TypingLine::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == field_ && event->type() == QEvent::KeyPress &&
        keyPressed(*static_cast<QKeyEvent*>(event)))
        return true;
    if (watched == field_ && event->type() == QEvent::FocusOut)
        list_->show({}, 0);
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
