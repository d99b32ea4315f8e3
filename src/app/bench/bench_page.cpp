#include "app/bench/bench_page.h"

#include "app/bench/accounts_view.h"
#include "app/bench/figures_panel.h"
#include "app/bench/history_panel.h"
#include "app/bench/portions_panel.h"
#include "app/bench/scale_button.h"
#include "app/bench/settings_panel.h"
#include "app/bench/settings_strip.h"
#include "app/bench/shelf_drawer.h"
#include "app/bench/slip_panel.h"
#include "app/bench/stock_lye_panel.h"
#include "app/bench/vessel_column.h"
#include "app/bench/vessel_panel.h"
#include "app/bench/working_panel.h"
#include "app/formulating/formulating_panels.h"
#include "app/formulating/topic_panel.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/number_field.h"
#include "app/widgets/place_habits.h"
#include "app/widgets/scroll_room.h"
#include "app/widgets/steady_stack.h"
#include "app/widgets/typing_line.h"
#include "core/account/contents.h"
#include "core/formula/usual_place.h"
#include "core/materials/limits.h"
#include "document/doubt_watcher.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "models/vessel_model.h"
#include "storage/material_names.h"
#include "words/heat_words.h"
#include "words/names.h"
#include "words/plain_text.h"
#include "words/setting_terms.h"
#include "words/what_is.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLayout>
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
// px at 100 %
constexpr int sideWidth = 318;
constexpr int sideWidthReading = 424;
constexpr int sideHeight = 560;   // under the bench, where it has no room beside it
constexpr int readingPage = 1080; // below it reading has no more room than figures
constexpr int widePage = 830;     // below it the figures stand under the bench
} // namespace

BenchPage::BenchPage(FormulaDocument& document, Stock& stock, HeatWatcher& heat, QWidget* parent)
    : QWidget(parent), document_(document), heat_(heat), stock_(stock)
{
    helpOn(this, "bench");
    setObjectName(QStringLiteral("page"));
    strip_ = new SettingsStrip(document, this);
    typing_ = new TypingLine(stock, this);
    accounts_ = new AccountsView(this);
    auto* accountsCard = new QFrame(this);
    accountsCard->setObjectName(QStringLiteral("card"));
    accountsCard->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    auto* accountsLayout = new QVBoxLayout(accountsCard);
    accountsLayout->setContentsMargins(4, 2, 4, 2);
    accountsLayout->addWidget(accounts_);

    side_ = new SteadyStack(this);
    doubt_ = new DoubtWatcher(document, this);
    doubt_->pause(); // until the first picture
    figures_ = new FiguresPanel(document, *doubt_, side_);
    side_->addWidget(figures_);

    auto* centre = new QVBoxLayout;
    centre->setSpacing(8);
    centre->addWidget(strip_);
    centre->addWidget(buildVessels(), 1);
    centre->addWidget(typing_);
    accountsLayout->setSpacing(0);
    accountsLayout->addWidget(buildHeatLine());
    centre->addWidget(accountsCard);
    auto* body = new QWidget;
    body_ = new QBoxLayout(QBoxLayout::LeftToRight, body);
    body_->setContentsMargins(0, 0, 0, 0);
    body_->setSpacing(8);
    body_->addLayout(centre, 1);
    body_->addWidget(side_);
    room_ = new ScrollRoom(body, this);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 4, 12, 12);
    layout->setSpacing(6);
    layout->addWidget(buildTop());
    layout->addWidget(room_, 1);
    connect(&Theme::news(), &LookNews::changed, this, &BenchPage::fitSide);
    orderTabs();

    connect(strip_, &SettingsStrip::refused, this, &BenchPage::noted);
    connect(strip_, &SettingsStrip::negativeWanted, this, &BenchPage::negativeWanted);
    connect(strip_, &SettingsStrip::allWanted, this, &BenchPage::showSettings);
    connect(strip_, &SettingsStrip::schoolWanted, this,
            [this](const Edit& edit, const QString& text) {
                showSettings();
                settings_->ask(edit, text);
            });
    connect(typing_, &TypingLine::lineWanted, this, [this](const Line& line) {
        const LineId id = document_.addLine(line, tr("Add %1").arg(materialName(*line.material)));
        VesselPanel* to = panel(line.vessel);
        to->list()->setCurrentIndex(to->model()->indexOf(id));
        if (const Line* added = document_.formula().find(id))
            typing_->sayPlaced(*added);
    });
    connect(typing_, &TypingLine::placeWanted, this, &BenchPage::moveLine);
    connect(typing_, &TypingLine::pasteBegins, this,
            [this] { document_.history().beginMacro(tr("Paste lines")); });
    connect(typing_, &TypingLine::pasteEnds, this, [this](int added, const QStringList& not_) {
        if (added > 0)
            document_.history().endMacro();
        if (!not_.isEmpty())
            Q_EMIT noted(tr("%n line(s) added. Not understood: ", nullptr, added) +
                         not_.join(QStringLiteral("; ")));
    });
    connect(typing_, &TypingLine::hydroxideWanted, this,
            [this](const MaterialPtr& material, std::optional<Mass> weighed) {
                const QString name = materialName(*material);
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
        action->setIcon(Theme::icon(icon, Ink::Ink));
        button->setAccessibleName(name);
        button->setIconSize(QSize(20, 20));
        steps_.push_back(button);
        return button;
    };
    auto* undo = document_.history().createUndoAction(top, tr("Undo"));
    auto* redo = document_.history().createRedoAction(top, tr("Redo"));
    auto* layout = new QHBoxLayout(top);
    layout->setContentsMargins(0, 0, 0, 0);
    leastWidth(title_, 120);
    layout->addWidget(title_, 1);
    layout->addWidget(scale_);
    layout->addSpacing(8);
    layout->addWidget(tool(QStringLiteral("undo-2"), undo, tr("Undo")));
    layout->addWidget(tool(QStringLiteral("redo-2"), redo, tr("Redo")));
    layout->addSpacing(8);
    layout->addWidget(make_);
    return top;
}

// Tab goes as the work does: settings, vessels, typing, accounts; figures and cautions come last
// by themselves.
void BenchPage::orderTabs()
{
    QWidget* before = strip_->lastField();
    const auto then = [&](QWidget* next) {
        setTabOrder(before, next);
        before = next;
    };
    for (VesselPanel* p : panels_) {
        for (const JugRow& jug : jugRows_)
            if (jug.vessel == p->vessel())
                then(jug.row);
        then(p->list());
    }
    then(split_);
    typing_->orderTabsAfter(before);
    setTabOrder(typing_->lastField(), accounts_);
}

QWidget* BenchPage::buildVessels()
{
    auto* box = new QWidget(this);
    auto* row = new QHBoxLayout(box);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    auto* jugs = new VesselColumn(box);
    auto* pot = new VesselColumn(box);
    auto* late = new VesselColumn(box);
    for (VesselColumn* column : {jugs, pot, late})
        row->addWidget(column, 1);
    for (const Vessel vessel : allVessels) {
        const bool compact = vessel != Vessel::LyeJug && vessel != Vessel::OilPot;
        auto* p = new VesselPanel(document_, vessel, compact, box);
        panels_.push_back(p);
        wire(p);
        (isJug(vessel) ? jugs : vessel == Vessel::OilPot ? pot : late)->add(p);
    }
    split_ = new QPushButton(box);
    connect(split_, &QPushButton::clicked, this, &BenchPage::showPortions);
    late->addBelow(split_);
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
        figure->setWhatsThis(words::whatIs(rule));
        const bool plain =
            rule == Rule::JugWater || rule == Rule::JugStrength || rule == Rule::SecondJugStrength;
        figure->setTint(plain ? QColor() : Theme::of(Matter::Alkali));
        panel(vessel)->addOnTop(figure);
        connect(figure, &FigureRow::clicked, this, [this, r = rule] { showWorking(r, 0); });
        jugRows_.push_back({figure, vessel, rule});
    }
    return box;
}

bool BenchPage::lockChosen()
{
    if (!chosenIn_ || panel(*chosenIn_)->currentLine() == 0)
        return false;
    panel(*chosenIn_)->toggleLock();
    return true;
}

void BenchPage::wire(VesselPanel* p)
{
    connect(p, &VesselPanel::focused, this, [this](Vessel vessel) {
        chosenIn_ = vessel;
        typing_->setVessel(vessel);
    });
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
        moveLine(line, to);
        panel(to)->list()->setFocus();
    });
    connect(p->model(), &VesselModel::lineDropped, this, &BenchPage::rememberPlace);
    connect(p, &VesselPanel::removeWanted, this, &BenchPage::removeLine);
    connect(p, &VesselPanel::splitWanted, this, &BenchPage::showPortions);
}

void BenchPage::moveLine(LineId line, Vessel to)
{
    document_.apply(MoveLine{line, to, document_.formula().lines.size()},
                    tr("Move to: %1").arg(words::vesselName(to)));
    panel(to)->list()->setCurrentIndex(panel(to)->model()->indexOf(line));
    rememberPlace(line);
}

void BenchPage::rememberPlace(LineId id)
{
    const Line* line = document_.formula().find(id);
    if (!line || line->amount.unit == AmountUnit::Rest)
        return; // the rest is liquid, whatever it is
    const Reckoning* r = document_.reckoning();
    const UsualPlace usual = usualPlaceOf(*line->material, line->amount, r ? r->oilsGrams : 0.0,
                                          document_.formula().cooks());
    placeHabits::remember(line->material->id, line->vessel, usual.vessel);
}

void BenchPage::removeLine(LineId line)
{
    if (const Line* l = document_.formula().find(line))
        document_.apply(RemoveLine{line}, tr("Remove %1").arg(materialName(*l->material)));
}

// One quiet line of what is forecast; it keeps its height, so that nothing moves when it changes.
QWidget* BenchPage::buildHeatLine()
{
    heatLine_ = new QPushButton(this);
    heatLine_->setObjectName(QStringLiteral("quiet"));
    heatLine_->setFont(Theme::small());
    fixHeight(heatLine_, 22);
    heatLine_->setIcon(Theme::icon(QStringLiteral("thermometer"), Ink::Muted));
    heatLine_->setWhatsThis(words::whatIsHeatLine());
    heatLine_->setToolTip(tr("An estimate; opens the place of heat"));
    connect(heatLine_, &QPushButton::clicked, this, &BenchPage::heatWanted);
    connect(&heat_, &HeatWatcher::found, this, &BenchPage::sayHeat);
    connect(&Theme::news(), &LookNews::changed, heatLine_,
            [this] { heatLine_->setIcon(Theme::icon(QStringLiteral("thermometer"), Ink::Muted)); });
    sayHeat();
    return heatLine_;
}

void BenchPage::sayHeat()
{
    const HeatResult* result = document_.reckoning() ? heat_.result() : nullptr;
    const QString said =
        result ? words::heatLine(result->told.forecast, speech_) : tr("No forecast of heat yet.");
    heatLine_->setAccessibleName(tr("Heat: %1").arg(said));
    heatLine_->setText(said);
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
    if (settings_)
        settings_->setSpeech(speech);
    if (formulating_)
        formulating_->setSpeech(speech);
    scale_->setSpeech(speech);
    sayHeat();
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
    side_->setCurrentWidget(panel);
    fitSide();
    bringSide();
    return panel;
}

void BenchPage::fitSide()
{
    const bool wide = width() >= Theme::px(widePage);
    scale_->setShort(!wide);
    for (QWidget* button : steps_)
        button->setVisible(wide); // the keys and the menu are there
    body_->setDirection(wide ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    if (wide) {
        const int wanted =
            width() < Theme::px(readingPage) ? sideWidth : std::max(sideWidth, sideWanted_);
        side_->setFixedWidth(Theme::px(wanted));
        // A panel whose fields go on in a row of their own is as high as they need; the page rolls.
        const QLayout* inside = side_->currentWidget() ? side_->currentWidget()->layout() : nullptr;
        side_->setMinimumHeight(std::max(Theme::px(sideHeight) / 2,
                                         inside && inside->hasHeightForWidth()
                                             ? inside->totalMinimumHeightForWidth(Theme::px(wanted))
                                             : 0));
    } else {
        side_->setMinimumSize(0, Theme::px(sideHeight));
        side_->setMaximumWidth(QWIDGETSIZE_MAX);
    }
}

void BenchPage::bringSide()
{
    // Where it stands under the bench it may be out of sight.
    if (width() < Theme::px(widePage))
        QTimer::singleShot(0, side_, [this] { room_->ensureWidgetVisible(side_, 0, 0); });
}

void BenchPage::paintEvent(QPaintEvent* event)
{
    QWidget::paintEvent(event);
    if (!std::exchange(painted_, true))
        QTimer::singleShot(0, this, [this] {
            doubt_->resume();
            heat_.resume();
        });
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

void BenchPage::showTopic(Topic topic)
{
    const bool isNew = !formulating_->isMade(topic);
    TopicPanel* panel = formulating_->panel(topic, side_);
    if (isNew) {
        side_->addWidget(panel);
        connect(panel, &TopicPanel::closed, this, &BenchPage::showFigures);
    }
    sideWanted_ = sideWidthReading;
    side_->setCurrentWidget(panel);
    fitSide();
    bringSide();
    panel->setFocus();
}

void BenchPage::setHeldBack(const QStringList& questions)
{
    heldBack_ = questions;
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

void BenchPage::showSettings()
{
    open(settings_, sideWidthReading, [this] {
        auto* made = new SettingsPanel(document_, side_);
        made->setWay(way_);
        connect(made, &SettingsPanel::refused, this, &BenchPage::noted);
        connect(made, &SettingsPanel::negativeWanted, this, &BenchPage::negativeWanted);
        connect(made, &SettingsPanel::keepWayWanted, this, &BenchPage::keepWayWanted);
        connect(made, &SettingsPanel::forgetWayWanted, this, &BenchPage::forgetWayWanted);
        connect(made, &SettingsPanel::schoolsWanted, this, &BenchPage::showSchools);
        return made;
    })->start();
}

void BenchPage::showHistory()
{
    open(history_, sideWidth, [this] { return new HistoryPanel(document_, side_); })->start();
}

void BenchPage::showSchools()
{
    showWorking(Rule::BatterMass, LineId(-1));
    working_->showSchools();
}

void BenchPage::setWay(const std::optional<Formula>& way)
{
    way_ = way;
    if (settings_)
        settings_->setWay(way);
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
    side_->setCurrentWidget(figures_);
    fitSide();
    bringSide();
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
            show(words::lyeAsWeighed(document_.formula(), sodium, speech_), grams,
                 speech_.mass(grams));
            if (r && grams > 0.0) {
                const QStringList more{words::purityTerms(document_.formula(), sodium, speech_),
                                       words::splitTerms(*r, speech_)};
                jug.row->setToolTip(asTip(more.join(QLatin1Char('\n')).trimmed()));
            }
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
    if (title_->text() != name) {
        title_->setText(name);
        title_->setCursorPosition(0); // its beginning tells more than its end
    }
    make_->setEnabled(r != nullptr);
    std::vector<std::pair<PortionId, QString>> names;
    for (const Portion& portion : f.portions)
        names.emplace_back(portion.id, words::portionName(portion.id, f));
    typing_->setPortions(names);
    const std::size_t portions = f.portions.size();
    split_->setText(portions == 0 ? tr("Split the batter…")
                                  : tr("%n portion(s)…", nullptr, int(portions)));
    typing_->setFormulaAtHand(r ? r->oilsGrams : 0.0, f.cooks());
    panel(Vessel::SecondJug)->setVisible(f.usesSecondJug());
    double fullest = 1.0;
    if (r)
        for (const Vessel vessel : allVessels)
            fullest = std::max(fullest, contentsOf(f, *r, vessel).total());
    for (VesselPanel* p : panels_) {
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
