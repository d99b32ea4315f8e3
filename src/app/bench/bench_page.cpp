#include "app/bench/bench_page.h"

#include "app/bench/accounts_view.h"
#include "app/bench/figures_panel.h"
#include "app/bench/settings_strip.h"
#include "app/bench/shelf_drawer.h"
#include "app/bench/slip_panel.h"
#include "app/bench/vessel_panel.h"
#include "app/bench/working_panel.h"
#include "app/theme/theme.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/typing_line.h"
#include "core/reckoning/contents.h"
#include "document/doubt_watcher.h"
#include "document/formula_document.h"
#include "models/vessel_model.h"
#include "words/words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QStackedWidget>
#include <QToolButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {
constexpr int sideWidth = 318;
constexpr int sideWidthReading = 424;
} // namespace

BenchPage::BenchPage(FormulaDocument& document, Stock& stock, QWidget* parent)
    : QWidget(parent), document_(document), stock_(stock)
{
    setObjectName(QStringLiteral("page"));
    strip_ = new SettingsStrip(document, this);
    typing_ = new TypingLine(stock, this);
    accounts_ = new AccountsView(this);
    auto* accountsCard = new QFrame(this);
    accountsCard->setObjectName(QStringLiteral("card"));
    auto* accountsLayout = new QVBoxLayout(accountsCard);
    accountsLayout->setContentsMargins(4, 2, 4, 2);
    accountsLayout->addWidget(accounts_);

    side_ = new QStackedWidget(this);
    doubt_ = new DoubtWatcher(document, this);
    figures_ = new FiguresPanel(document, *doubt_, side_);
    side_->addWidget(figures_);
    side_->setFixedWidth(sideWidth);

    auto* centre = new QVBoxLayout;
    centre->setSpacing(8);
    centre->addWidget(strip_);
    centre->addWidget(buildVessels(), 1);
    centre->addWidget(typing_);
    centre->addWidget(accountsCard);
    auto* body = new QHBoxLayout;
    body->setSpacing(8);
    body->addLayout(centre, 1);
    body->addWidget(side_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 4, 12, 12);
    layout->setSpacing(6);
    layout->addWidget(buildTop());
    layout->addLayout(body, 1);

    connect(strip_, &SettingsStrip::refused, this, &BenchPage::noted);
    connect(strip_, &SettingsStrip::negativeWanted, this, &BenchPage::negativeWanted);
    connect(typing_, &TypingLine::lineWanted, this,
            [this](const MaterialPtr& material, const StatedAmount& amount, Vessel vessel,
                   bool frozen) {
                const LineId id =
                    document_.addLine(material, amount, vessel, frozen,
                                      tr("Add %1").arg(QString::fromStdString(material->name)));
                VesselPanel* to = panel(vessel);
                to->list()->setCurrentIndex(to->model()->indexOf(id));
            });
    connect(typing_, &TypingLine::hydroxideWanted, this,
            [this](const MaterialPtr& material, std::optional<Mass> weighed) {
                const QString name = QString::fromStdString(material->name);
                document_.setHydroxide(material, weighed,
                                       weighed ? tr("Weigh %1").arg(name) : tr("Use %1").arg(name));
            });
    connect(typing_, &TypingLine::shelfWanted, this, &BenchPage::showShelf);
    connect(typing_, &TypingLine::leftTyping, this,
            [this] { panels_.front()->list()->setFocus(); });
    connect(accounts_, &AccountsView::lineLit, this, [this](LineId line) {
        for (VesselPanel* p : panels_)
            p->light(line);
    });
    connect(accounts_, &AccountsView::workingWanted, this, &BenchPage::showWorking);
    connect(figures_, &FiguresPanel::workingWanted, this, &BenchPage::showWorking);
    connect(figures_, &FiguresPanel::allWorkingWanted, this,
            [this] { showWorking(Rule::BatterMass, LineId(-1)); });
    connect(&document_, &FormulaDocument::changed, this, &BenchPage::refresh);
}

QWidget* BenchPage::buildTop()
{
    auto* top = new QWidget(this);
    title_ = new QLineEdit(top);
    title_->setObjectName(QStringLiteral("title"));
    title_->setPlaceholderText(tr("Name this formula"));
    title_->setAccessibleName(tr("Name of the formula"));
    connect(title_, &QLineEdit::textEdited, this, [this](const QString& text) {
        document_.apply(SetText{TextField::Name, text.toStdString()}, tr("Name the formula"));
    });
    summary_ = new QLabel(top);
    summary_->setObjectName(QStringLiteral("muted"));
    make_ = new QPushButton(tr("Make this batch"), top);
    make_->setObjectName(QStringLiteral("primary"));
    connect(make_, &QPushButton::clicked, this, &BenchPage::makeWanted);

    const auto tool = [&](const QString& icon, QAction* action, const QString& name) {
        auto* button = new QToolButton(top);
        button->setDefaultAction(action);
        action->setIcon(Theme::icon(icon, Theme::colours().ink));
        button->setAccessibleName(name);
        button->setIconSize(QSize(20, 20));
        return button;
    };
    auto* undo = document_.history().createUndoAction(top, tr("Undo"));
    auto* redo = document_.history().createRedoAction(top, tr("Redo"));
    auto* layout = new QHBoxLayout(top);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(title_, 1);
    layout->addWidget(summary_);
    layout->addSpacing(8);
    layout->addWidget(tool(QStringLiteral("undo-2"), undo, tr("Undo")));
    layout->addWidget(tool(QStringLiteral("redo-2"), redo, tr("Redo")));
    layout->addSpacing(8);
    layout->addWidget(make_);
    return top;
}

QWidget* BenchPage::buildVessels()
{
    auto* box = new QWidget(this);
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    auto* late = new QVBoxLayout;
    late->setSpacing(8);
    for (const Vessel vessel : allVessels) {
        const bool compact = vessel != Vessel::LyeJug && vessel != Vessel::OilPot;
        auto* p = new VesselPanel(document_, vessel, compact, box);
        panels_.push_back(p);
        wire(p);
        if (compact)
            late->addWidget(p, 1);
        else
            row->addWidget(p, 1);
    }
    row->addLayout(late, 1);
    const std::pair<FigureRow**, Rule> rows[] = {{&jugSodium_, Rule::SodiumWeighed},
                                                 {&jugPotassium_, Rule::PotassiumWeighed},
                                                 {&jugWater_, Rule::JugWater}};
    for (const auto& [place, rule] : rows) {
        *place = new FigureRow(box);
        (*place)->setCompact();
        (*place)->setTint(Theme::of(Matter::Alkali));
        panel(Vessel::LyeJug)->addOnTop(*place);
        connect(*place, &FigureRow::clicked, this, [this, r = rule] { showWorking(r, 0); });
    }
    jugWater_->setTint(QColor());
    return box;
}

void BenchPage::wire(VesselPanel* p)
{
    connect(p, &VesselPanel::focused, this, [this](Vessel vessel) { typing_->setVessel(vessel); });
    connect(p, &VesselPanel::typed, this, [this](Vessel vessel, const QString& text) {
        typing_->setVessel(vessel);
        typing_->startTyping(text);
    });
    connect(p, &VesselPanel::cautionsWanted, this, [this](Vessel vessel) {
        showFigures();
        figures_->showCautionsOf(vessel);
    });
    connect(p, &VesselPanel::amountRefused, this, &BenchPage::noted);
    connect(p, &VesselPanel::moveWanted, this, [this](LineId line, Vessel to) {
        document_.apply(MoveLine{line, to, document_.formula().lines.size()},
                        tr("Move to: %1").arg(words::vesselName(to)));
        panel(to)->list()->setCurrentIndex(panel(to)->model()->indexOf(line));
        panel(to)->list()->setFocus();
    });
    connect(p, &VesselPanel::removeWanted, this, &BenchPage::removeLine);
    connect(p, &VesselPanel::toggleFrozenWanted, this, [this](LineId id) {
        if (const Line* line = document_.formula().find(id))
            document_.apply(SetFrozen{id, !line->frozen}, tr("Change frozen"));
    });
    connect(p, &VesselPanel::toggleAllWaterWanted, this, [this](LineId id) {
        if (const Line* line = document_.formula().find(id))
            document_.apply(SetAllWater{id, !line->allWater}, tr("Change what counts as water"));
    });
}

void BenchPage::removeLine(LineId line)
{
    if (const Line* l = document_.formula().find(line))
        document_.apply(RemoveLine{line},
                        tr("Remove %1").arg(QString::fromStdString(l->material->name)));
}

void BenchPage::setSpeech(const Speech& speech)
{
    speech_ = speech;
    strip_->setSpeech(speech);
    typing_->setSpeech(speech);
    figures_->setSpeech(speech);
    if (working_)
        working_->setSpeech(speech);
    if (shelf_)
        shelf_->setSpeech(speech);
    if (slips_)
        slips_->setSpeech(speech);
    for (VesselPanel* p : panels_)
        p->setSpeech(speech);
    refresh();
}

void BenchPage::focusTyping()
{
    typing_->setVessel(std::nullopt);
    typing_->field()->setFocus();
    typing_->field()->selectAll();
}

void BenchPage::showShelf()
{
    if (!shelf_) {
        shelf_ = new ShelfDrawer(stock_, side_);
        shelf_->setSpeech(speech_);
        side_->addWidget(shelf_);
        connect(shelf_, &ShelfDrawer::closed, this, &BenchPage::showFigures);
        connect(shelf_, &ShelfDrawer::chosen, typing_, &TypingLine::offer);
    }
    side_->setFixedWidth(sideWidth);
    side_->setCurrentWidget(shelf_);
    shelf_->start();
}

void BenchPage::showSlips()
{
    if (!slips_) {
        slips_ = new SlipPanel(document_, stock_, side_);
        slips_->setSpeech(speech_);
        side_->addWidget(slips_);
        connect(slips_, &SlipPanel::closed, this, &BenchPage::showFigures);
    }
    side_->setFixedWidth(sideWidth);
    side_->setCurrentWidget(slips_);
    slips_->slip()->setFocus();
}

void BenchPage::showWorking(Rule rule, LineId line)
{
    if (!working_) {
        working_ = new WorkingPanel(document_, side_);
        working_->setSpeech(speech_);
        side_->addWidget(working_);
        connect(working_, &WorkingPanel::closed, this, &BenchPage::showFigures);
    }
    side_->setFixedWidth(sideWidthReading);
    side_->setCurrentWidget(working_);
    working_->showRule(rule, line);
}

void BenchPage::showFigures()
{
    side_->setFixedWidth(sideWidth);
    side_->setCurrentWidget(figures_);
}

void BenchPage::refresh()
{
    const Formula& f = document_.formula();
    const Reckoning* r = document_.reckoning();
    const QString name = QString::fromStdString(f.name);
    if (title_->text() != name)
        title_->setText(name);
    make_->setEnabled(r != nullptr);
    summary_->setText(r ? tr("%1 of oils, %2 of batter")
                              .arg(speech_.mass(r->oilsGrams), speech_.mass(r->batterGrams))
                        : QString());
    double fullest = 1.0;
    if (r)
        for (const Vessel vessel : allVessels)
            fullest = std::max(fullest, contentsOf(f, *r, vessel).total());
    for (VesselPanel* p : panels_) {
        p->setFull(fullest * 1.25);
        p->refresh();
    }
    const auto inJug = [&](FigureRow* row, const QString& what, double grams) {
        row->setVisible(r && grams > 0.0);
        row->set(what, speech_.mass(grams));
    };
    inJug(jugSodium_, words::hydroxideName(true), r ? r->sodium.weighedGrams : 0.0);
    inJug(jugPotassium_, words::hydroxideName(false), r ? r->potassium.weighedGrams : 0.0);
    inJug(jugWater_, tr("Water for the jug"), r ? r->jugWaterGrams : 0.0);
    panel(Vessel::LyeJug)
        ->setSummary(r && r->jugStrength
                         ? tr("Jug strength %1").arg(speech_.percent(*r->jugStrength))
                         : QString());
    panel(Vessel::OilPot)
        ->setSummary(r ? tr("%1 of oils\nsuperfat on them %2")
                             .arg(speech_.mass(r->oilsGrams), speech_.percent(r->superfatOnOils))
                       : tr("Start here: the oils."));
    accounts_->setAccounts(r ? accountsOf(f, *r, speech_) : std::vector<Account>{});
}

} // namespace rhexion
