#include "app/formulating/wishes_panel.h"

#include "app/formulating/solver_loader.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"
#include "document/own_fittings.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "words/blend_words.h"
#include "words/mould_words.h"
#include "words/wish_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QToolButton>
#include <QVBoxLayout>

namespace rhexion {

WishesPanel::WishesPanel(FormulaDocument& document, Stock& stock, OwnFittings& fittings,
                         QWidget* parent)
    : TopicPanel(tr("Solve for"), document, parent), stock_(stock), fittings_(fittings),
      watcher_(
          std::chrono::milliseconds(0), [this] { return begin(); },
          [this](std::optional<ProposalResult> result) { take(std::move(result)); })
{
    helpOn(this, "solve");
    const QString percent = QStringLiteral("%");
    for (std::size_t g = 0; g + 1 < countOf<AcidGroup>(); ++g) {
        const auto group = static_cast<AcidGroup>(g);
        kinds_.push_back(
            {words::acidGroupName(group), WishKind::FattyAcids, group, 100.0, percent});
    }
    const auto add = [&](WishKind kind, double scale, const QString& suffix) {
        kinds_.push_back(
            {words::wishKindName(kind), kind, AcidGroup::LauricMyristic, scale, suffix});
    };
    add(WishKind::Iodine, 1.0, {});
    add(WishKind::Superfat, 100.0, percent);
    add(WishKind::Strength, 100.0, percent);
    add(WishKind::TotalOils, 1.0, QStringLiteral("g"));
    add(WishKind::Batter, 1.0, QStringLiteral("g"));
    add(WishKind::Hydroxide, 1.0, QStringLiteral("g"));
    add(WishKind::AcidShare, 100.0, percent);
    add(WishKind::Sv, 1.0, {});

    wishes_ = new QWidget(this);
    auto* wishes = new QVBoxLayout(wishes_);
    wishes->setContentsMargins(0, 0, 0, 0);
    wishes->setSpacing(4);
    above()->addWidget(new Label(tr("I wish for"), this));
    above()->addWidget(wishes_);
    auto* more = new QPushButton(tr("Another wish"), this);
    connect(more, &QPushButton::clicked, this,
            [this] { addWish(kindOf(WishKind::Iodine), std::nullopt, std::nullopt); });
    guards_ = new QCheckBox(tr("Keep to usual use"), this);
    guards_->setChecked(true);
    guards_->setToolTip(tr("Each oil within its usual use, superfat not below 3 %, strength from "
                           "20 to 50 %, no oil below 2 %"));
    most_ = new QSpinBox(this);
    most_->setRange(0, 12);
    most_->setSpecialValueText(tr("any"));
    most_->setAccessibleName(tr("How many oils may change"));
    auto* limits = new QHBoxLayout;
    limits->addWidget(more);
    limits->addWidget(guards_);
    limits->addStretch();
    above()->addLayout(limits);
    movers_ = new QWidget(this);
    auto* movers = new QVBoxLayout(movers_);
    movers->setContentsMargins(0, 0, 0, 0);
    movers->setSpacing(2);
    auto* head = new QHBoxLayout;
    head->addWidget(new Label(tr("What may move; at most"), this));
    head->addWidget(most_);
    head->addWidget(new Label(tr("oils"), this));
    head->addStretch();
    above()->addLayout(head);
    above()->addWidget(movers_);
    offer_ = new QComboBox(this);
    offer_->setAccessibleName(tr("Offer an oil from the shelf"));
    above()->addWidget(offer_);
    find_ = new QPushButton(tr("Find the least change"), this);
    find_->setObjectName(QStringLiteral("primary"));
    keep_ = new QPushButton(tr("Keep it"), this);
    auto* ends = new QHBoxLayout;
    ends->addWidget(find_);
    ends->addWidget(keep_);
    ends->addStretch();
    above()->addLayout(ends);

    connect(guards_, &QCheckBox::toggled, this, &WishesPanel::changed);
    connect(most_, &QSpinBox::valueChanged, this, &WishesPanel::changed);
    connect(offer_, &QComboBox::activated, this, [this](int at) {
        const MaterialPtr oil = stock_.material(offer_->itemData(at).toString().toStdString());
        if (at > 0 && oil)
            offered_.push_back({oil, 0.0, std::nullopt});
        changed();
        refreshControls();
    });
    connect(find_, &QPushButton::clicked, this, [this] {
        working_ = true;
        result_.reset();
        stale_ = false;
        watcher_.restart();
        refresh();
    });
    connect(keep_, &QPushButton::clicked, this, &WishesPanel::keepAnswer);
    connect(&document, &FormulaDocument::changed, this, [this] { stale_ = true; });
    addWish(kindOf(WishKind::FattyAcids, AcidGroup::LauricMyristic), std::nullopt, std::nullopt);
}

int WishesPanel::kindOf(WishKind kind, AcidGroup group) const
{
    for (std::size_t i = 0; i < kinds_.size(); ++i)
        if (kinds_[i].kind == kind && (kind != WishKind::FattyAcids || kinds_[i].group == group))
            return int(i);
    return 0;
}

void WishesPanel::addWish(int kind, std::optional<double> low, std::optional<double> high)
{
    Row row;
    row.widget = new QWidget(wishes_);
    auto* layout = new QHBoxLayout(row.widget);
    layout->setContentsMargins(0, 0, 0, 0);
    row.kind = new QComboBox(row.widget);
    for (const Kind& k : kinds_)
        row.kind->addItem(k.name);
    row.kind->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    row.kind->setMinimumContentsLength(8);
    row.kind->setAccessibleName(tr("What the wish is about"));
    row.low = new NumberField(QString(), 1, true, row.widget);
    row.high = new NumberField(QString(), 1, true, row.widget);
    row.low->setPlaceholderText(tr("at least"));
    row.high->setPlaceholderText(tr("at most"));
    row.low->setAccessibleName(tr("at least"));
    row.high->setAccessibleName(tr("at most"));
    auto* away = new QToolButton(row.widget);
    away->setText(QStringLiteral("×"));
    away->setAccessibleName(tr("Take this wish away"));
    layout->addWidget(row.kind, 1);
    for (NumberField* field : {row.low, row.high}) {
        fixWidth(field, 82);
        field->setSpeech(speech());
        layout->addWidget(field);
        connect(field, &NumberField::entered, this, &WishesPanel::changed);
        connect(field, &NumberField::refused, this, &WishesPanel::noted);
    }
    layout->addWidget(away);
    const auto suffix = [this, row] {
        const Kind& k = kinds_[std::size_t(row.kind->currentIndex())];
        row.low->setSuffix(k.suffix);
        row.high->setSuffix(k.suffix);
        changed();
    };
    row.kind->setCurrentIndex(kind);
    connect(row.kind, &QComboBox::activated, this, suffix);
    connect(away, &QToolButton::clicked, this, [this, widget = row.widget] {
        std::erase_if(rows_, [widget](const Row& r) { return r.widget == widget; });
        widget->deleteLater();
        changed();
    });
    rows_.push_back(row);
    wishes_->layout()->addWidget(row.widget);
    suffix();
    row.low->setValue(low);
    row.high->setValue(high);
}

void WishesPanel::speechChanged()
{
    for (const Row& row : rows_) {
        row.low->setSpeech(speech());
        row.high->setSpeech(speech());
    }
}

void WishesPanel::changed()
{
    result_.reset();
    if (isVisible())
        refresh();
}

void WishesPanel::rebuildMovers()
{
    const Formula& f = document().formula();
    std::vector<std::pair<LineId, QString>> now;
    for (const Line& line : f.lines)
        if (line.material->isOil())
            now.emplace_back(line.id, materialName(*line.material));
    for (std::size_t i = 0; i < offered_.size(); ++i)
        now.emplace_back(0, materialName(*offered_[i].material));
    const bool same =
        now.size() == moverRows_.size() &&
        std::equal(now.begin(), now.end(), moverRows_.begin(), [](const auto& a, const Mover& b) {
            return a.first == b.line && a.second == b.name;
        });
    if (same)
        return;
    while (QLayoutItem* item = movers_->layout()->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    moverRows_.clear();
    std::size_t offered = 0;
    for (const auto& [id, name] : now) {
        auto* row = new QWidget(movers_);
        auto* layout = new QHBoxLayout(row);
        layout->setContentsMargins(0, 0, 0, 0);
        layout->addWidget(new Label(name, row), 1);
        QComboBox* gladly = nullptr;
        if (id != 0) {
            gladly = new QComboBox(row);
            gladly->addItems({tr("may move"), tr("rather not"), tr("stays")});
            gladly->setAccessibleName(tr("How gladly %1 moves").arg(name));
            if (const Line* line = f.find(id); line && line->locked)
                gladly->setCurrentIndex(int(Gladly::Never));
            connect(gladly, &QComboBox::activated, this, &WishesPanel::changed);
            layout->addWidget(gladly);
        } else {
            auto* away = new QToolButton(row);
            away->setText(tr("offered ×"));
            away->setAccessibleName(tr("Do not offer %1").arg(name));
            connect(away, &QToolButton::clicked, this, [this, offered] {
                if (offered < offered_.size())
                    offered_.erase(offered_.begin() + std::ptrdiff_t(offered));
                changed();
                refreshControls();
            });
            ++offered;
            layout->addWidget(away);
        }
        moverRows_.push_back({id, name, gladly});
        movers_->layout()->addWidget(row);
    }
}

void WishesPanel::refreshControls()
{
    rebuildMovers();
    if (offer_->count() < 2) {
        const QSignalBlocker quiet(offer_);
        offer_->clear();
        offer_->addItem(tr("offer an oil from the shelf…"));
        for (const StockEntry& entry : stock_.entries())
            if (entry.kind == MaterialKind::Fat && entry.origin != Origin::Food &&
                !entry.archived && entry.lot.empty())
                offer_->addItem(entry.name, QString::fromStdString(entry.material));
    }
    offer_->setCurrentIndex(0);
    find_->setEnabled(!working_ && document().reckoning());
    keep_->setEnabled(!stale_ && result_ && std::holds_alternative<WishProposal>(*result_));
}

WishesAsked WishesPanel::asked() const
{
    WishesAsked out;
    out.offered = offered_;
    out.prices = fittings_.all().prices;
    if (most_->value() > 0)
        out.mostOilsChanged = most_->value();
    for (const Mover& m : moverRows_)
        if (m.gladly)
            out.gladly[m.line] = static_cast<Gladly>(m.gladly->currentIndex());
    bool sized = false;
    for (const Row& row : rows_) {
        const Kind& k = kinds_[std::size_t(row.kind->currentIndex())];
        Wish wish;
        wish.kind = k.kind;
        wish.group = k.group;
        if (row.low->value())
            wish.low = *row.low->value() / k.scale;
        if (row.high->value())
            wish.high = *row.high->value() / k.scale;
        if (!wish.low && !wish.high)
            continue;
        sized |= k.kind == WishKind::TotalOils || k.kind == WishKind::Batter ||
                 k.kind == WishKind::Hydroxide;
        out.wishes.push_back(wish);
    }
    if (guards_->isChecked())
        for (const Wish& guard : usualGuards(document().formula(), out))
            out.wishes.push_back(guard);
    if (const Reckoning* r = document().reckoning(); r && !sized) { // as much as there is
        Wish total;
        total.low = total.high = r->oilsGrams;
        out.wishes.insert(out.wishes.begin(), total);
    }
    return out;
}

Watcher<ProposalResult>::Work WishesPanel::begin()
{
    const Reckoning* r = document().reckoning();
    if (!r)
        return {};
    const WishesAsked wanted = asked();
    problem_ = problemOf(document().formula(), *r, wanted);
    return [formula = document().formula(),
            wanted](const auto& isCancelled) -> std::optional<ProposalResult> {
        return propose(formula, wanted, solveLoaded, isCancelled);
    };
}

void WishesPanel::take(std::optional<ProposalResult> result)
{
    working_ = false;
    result_ = std::move(result);
    refresh();
}

void WishesPanel::keepAnswer()
{
    const auto* p = result_ ? std::get_if<WishProposal>(&*result_) : nullptr;
    if (!p || stale_)
        return;
    const std::vector<Edit> edits = p->edits;
    document().apply(edits, tr("Meet the wishes"));
    offered_.clear();
    changed();
    refreshControls();
}

words::FactPage WishesPanel::factsOf(const Formula& f, const Reckoning& r)
{
    Q_UNUSED(f)
    Q_UNUSED(r)
    words::FactPage page;
    page.title = tr("Solve for");
    if (working_) {
        page.lead = tr("Looking…");
        return page;
    }
    if (!result_) {
        page.lead = tr("Say what the blend should be like, and what may move. The answer is the "
                       "least change of what you have.");
        return page;
    }
    if (const Cannot* cannot = std::get_if<Cannot>(&*result_)) {
        page.lead = words::cannot(*cannot, speech());
        return page;
    }
    if (const auto* together = std::get_if<CannotTogether>(&*result_)) {
        page.lead = words::cannotTogetherSaid(problem_, *together, speech());
        words::FactSection nearest;
        nearest.title = tr("With the others it can be");
        for (std::size_t i = 0; i < together->nearest.size(); ++i)
            nearest.facts.append({words::nearestSaid(problem_, together->nearest[i], speech()),
                                  {},
                                  {},
                                  words::Fact::Tone::Plain,
                                  QStringLiteral("nearest-%1").arg(i),
                                  tr("wish for that instead")});
        page.sections.append(nearest);
        return page;
    }
    const auto& p = std::get<WishProposal>(*result_);
    page = words::answerFacts(p.problem, p.answer, speech());
    if (stale_)
        page.lead = tr("The formula has changed since. Find it anew.");
    return page;
}

void WishesPanel::act(const QString& code)
{
    const std::size_t at = code.section(QLatin1Char('-'), 1).toUInt();
    const auto* together = result_ ? std::get_if<CannotTogether>(&*result_) : nullptr;
    if (!together || at >= together->nearest.size())
        return;
    const NearestWish nearest = together->nearest[at];
    const Wish& wish = problem_.wishes[nearest.wish];
    if (wish.isGuard) {
        guards_->setChecked(false);
        return;
    }
    for (const Row& row : rows_) {
        const Kind& k = kinds_[std::size_t(row.kind->currentIndex())];
        if (k.kind != wish.kind || (k.kind == WishKind::FattyAcids && k.group != wish.group))
            continue;
        // A hair to the safe side, so that rounding does not bring the quarrel back.
        constexpr double hair = 0.05;
        if (nearest.low)
            row.low->setValue(std::floor(*nearest.low * k.scale / hair) * hair);
        if (nearest.high)
            row.high->setValue(std::ceil(*nearest.high * k.scale / hair) * hair);
    }
    find_->click();
}

} // namespace rhexion
