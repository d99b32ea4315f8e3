#include "app/bench/bench_page.h"

#include "app/bench/accounts_view.h"
#include "app/bench/figures_panel.h"
#include "app/bench/portions_panel.h"
#include "app/bench/scale_button.h"
#include "app/bench/settings_strip.h"
#include "app/bench/shelf_drawer.h"
#include "app/bench/slip_panel.h"
#include "app/bench/stock_lye_panel.h"
#include "app/bench/vessel_panel.h"
#include "app/bench/working_panel.h"
#include "app/theme/theme.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/number_field.h"
#include "app/widgets/steady_stack.h"
#include "app/widgets/typing_line.h"
#include "core/account/contents.h"
#include "core/materials/limits.h"
#include "document/doubt_watcher.h"
#include "document/formula_document.h"
#include "models/vessel_model.h"
#include "words/names.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QStackedWidget>
#include <QTimer>
#include <QToolButton>
#include <QVBoxLayout>

#include <utility>

namespace rhexion {

namespace {
constexpr int sideWidth = 318;
constexpr int sideWidthReading = 424;
constexpr int narrowPage = 1080; // below it reading has no more room than figures
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

    side_ = new SteadyStack(this);
    doubt_ = new DoubtWatcher(document, this);
    doubt_->pause(); // until the first picture
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
    connect(typing_, &TypingLine::lineWanted, this, [this](const Line& line) {
        const LineId id =
            document_.addLine(line, tr("Add %1").arg(QString::fromStdString(line.material->name)));
        VesselPanel* to = panel(line.vessel);
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
    title_->setMaxLength(int(limits::formulaName));
    title_->setObjectName(QStringLiteral("title"));
    title_->setPlaceholderText(tr("Name this formula"));
    title_->setAccessibleName(tr("Name of the formula"));
    connect(title_, &QLineEdit::textEdited, this, [this](const QString& text) {
        document_.apply(SetText{TextField::Name, text.toStdString()}, tr("Name the formula"));
    });
    scale_ = new ScaleButton(document_, top);
    connect(scale_, &ScaleButton::refused, this, &BenchPage::noted);
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
    layout->addWidget(scale_);
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
    auto* jugs = new QVBoxLayout;
    late_ = new QVBoxLayout;
    jugs->setSpacing(8);
    late_->setSpacing(8);
    row->addLayout(jugs, 1);
    for (const Vessel vessel : allVessels) {
        const bool compact = vessel != Vessel::LyeJug && vessel != Vessel::OilPot;
        auto* p = new VesselPanel(document_, vessel, compact, box);
        panels_.push_back(p);
        wire(p);
        if (isJug(vessel))
            jugs->addWidget(p, vessel == Vessel::LyeJug ? 3 : 2);
        else if (vessel == Vessel::OilPot)
            row->addWidget(p, 1);
        else
            late_->addWidget(p, 1);
    }
    split_ = new QPushButton(box);
    connect(split_, &QPushButton::clicked, this, &BenchPage::showPortions);
    late_->addWidget(split_);
    row->addLayout(late_, 1);
    const std::pair<Vessel, Rule> rows[] = {{Vessel::LyeJug, Rule::SodiumWeighed},
                                            {Vessel::LyeJug, Rule::PotassiumWeighed},
                                            {Vessel::LyeJug, Rule::JugWater},
                                            {Vessel::LyeJug, Rule::JugStrength},
                                            {Vessel::SecondJug, Rule::SecondJugSodium},
                                            {Vessel::SecondJug, Rule::SecondJugPotassium},
                                            {Vessel::SecondJug, Rule::SecondJugStrength}};
    for (const auto& [vessel, rule] : rows) {
        auto* figure = new FigureRow(box);
        figure->setCompact();
        const bool plain =
            rule == Rule::JugWater || rule == Rule::JugStrength || rule == Rule::SecondJugStrength;
        figure->setTint(plain ? QColor() : Theme::of(Matter::Alkali));
        panel(vessel)->addOnTop(figure);
        connect(figure, &FigureRow::clicked, this, [this, r = rule] { showWorking(r, 0); });
        jugRows_.push_back({figure, vessel, rule});
    }
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
    connect(p, &VesselPanel::splitWanted, this, &BenchPage::showPortions);
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
    if (portions_)
        portions_->setSpeech(speech);
    if (stockLye_)
        stockLye_->setSpeech(speech);
    scale_->setSpeech(speech);
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

template <class Panel, class Make>
Panel* BenchPage::open(Panel*& panel, int width, Make make)
{
    if (!panel) {
        panel = make();
        panel->setSpeech(speech_);
        side_->addWidget(panel);
        connect(panel, &Panel::closed, this, &BenchPage::showFigures);
    }
    sideWanted_ = width;
    fitSide();
    side_->setCurrentWidget(panel);
    return panel;
}

void BenchPage::fitSide()
{
    side_->setFixedWidth(width() < narrowPage ? sideWidth : std::max(sideWidth, sideWanted_));
}

void BenchPage::paintEvent(QPaintEvent* event)
{
    QWidget::paintEvent(event);
    if (!std::exchange(painted_, true))
        QTimer::singleShot(0, this, [this] { doubt_->resume(); });
}

void BenchPage::resizeEvent(QResizeEvent* event)
{
    fitSide();
    QWidget::resizeEvent(event);
}

void BenchPage::showShelf()
{
    open(shelf_, sideWidth, [this] {
        auto* made = new ShelfDrawer(stock_, side_);
        connect(made, &ShelfDrawer::chosen, typing_, &TypingLine::offer);
        return made;
    })->start();
}

void BenchPage::showSlips()
{
    open(slips_, sideWidth, [this] { return new SlipPanel(document_, stock_, side_); })
        ->slip()
        ->setFocus();
}

void BenchPage::showPortions()
{
    open(portions_, sideWidthReading,
         [this] {
             auto* made = new PortionsPanel(document_, side_);
             connect(made, &PortionsPanel::workingWanted, this, &BenchPage::showWorkingOf);
             connect(made, &PortionsPanel::refused, this, &BenchPage::noted);
             return made;
         })
        ->add()
        ->setFocus();
}

void BenchPage::showStockLye()
{
    open(stockLye_, sideWidthReading,
         [this] {
             auto* made = new StockLyePanel(document_, stock_, today_, side_);
             connect(made, &StockLyePanel::noted, this, &BenchPage::noted);
             return made;
         })
        ->strength()
        ->setFocus();
}

void BenchPage::showWorking(Rule rule, LineId line)
{
    open(working_, sideWidthReading, [this] {
        return new WorkingPanel(document_, side_);
    })->showRule(rule, line);
}

void BenchPage::showWorkingOf(Rule rule, PortionId portion)
{
    showWorking(rule, 0);
    working_->showRule(rule, 0, portion);
}

void BenchPage::showFigures()
{
    sideWanted_ = sideWidth;
    fitSide();
    side_->setCurrentWidget(figures_);
}

void BenchPage::refreshJugs(const Reckoning* r)
{
    for (const JugRow& jug : jugRows_) {
        const JugReckoned held = r ? r->jug(jug.vessel) : JugReckoned{};
        const auto show = [&](const QString& name, double value, const QString& text) {
            jug.row->setVisible(value > 0.0);
            jug.row->set(name, text);
        };
        const auto hydroxide = [&](bool sodium) {
            const double grams = (sodium ? held.sodium : held.potassium).weighedGrams;
            show(words::lyeName(document_.formula(), sodium), grams, speech_.mass(grams));
        };
        switch (jug.rule) {
        case Rule::JugStrength:
        case Rule::SecondJugStrength:
            show(tr("Jug strength"), held.strength.value_or(0.0),
                 speech_.percent(held.strength.value_or(0.0)));
            break;
        case Rule::JugWater: {
            const double grams = r ? r->jugWaterGrams : 0.0;
            show(tr("Water for the jug"), grams, speech_.mass(grams));
            break;
        }
        default: hydroxide(jug.rule == Rule::SodiumWeighed || jug.rule == Rule::SecondJugSodium);
        }
    }
}

void BenchPage::refresh()
{
    const Formula& f = document_.formula();
    const Reckoning* r = document_.reckoning();
    const QString name = QString::fromStdString(f.name);
    if (title_->text() != name)
        title_->setText(name);
    make_->setEnabled(r != nullptr);
    std::vector<std::pair<PortionId, QString>> names;
    for (const Portion& portion : f.portions)
        names.emplace_back(portion.id, words::portionName(portion.id, f));
    typing_->setPortions(names);
    const std::size_t portions = f.portions.size();
    split_->setText(portions == 0 ? tr("Split the batter…")
                                  : tr("%n portion(s)…", nullptr, int(portions)));
    panel(Vessel::SecondJug)->setVisible(f.usesSecondJug());
    double fullest = 1.0;
    if (r)
        for (const Vessel vessel : allVessels)
            fullest = std::max(fullest, contentsOf(f, *r, vessel).total());
    for (VesselPanel* p : panels_) {
        // A tray with lines in it takes the room of those without.
        if (late_->indexOf(p) >= 0)
            late_->setStretchFactor(p, 1 + 2 * p->model()->rowCount());
        p->setFull(fullest * 1.25);
        p->refresh();
    }
    refreshJugs(r);
    panel(Vessel::OilPot)
        ->setSummary(r ? tr("%1 of oils\nsuperfat on them %2")
                             .arg(speech_.mass(r->oilsGrams), speech_.percent(r->superfatOnOils))
                       : tr("Start here: the oils."));
    accounts_->setAccounts(r ? accountsOf(f, *r, speech_) : std::vector<BarAccount>{});
}

} // namespace rhexion
