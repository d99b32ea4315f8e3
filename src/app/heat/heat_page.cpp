#include "app/heat/heat_page.h"

#include "app/formulating/topic_print.h"
#include "app/heat/chart_loader.h"
#include "app/heat/covers_editor.h"
#include "app/heat/gel_bar.h"
#include "app/heat/mould_section.h"
#include "app/heat/plan_form.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "document/own_fittings.h"
#include "pages/facts_page.h"
#include "words/cannot_words.h"
#include "words/caution_words.h"
#include "words/heat_words.h"
#include "words/mould_words.h"
#include "words/names.h"
#include "words/refusal_words.h"

#include <QApplication>
#include <QButtonGroup>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDateTime>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSignalBlocker>
#include <QSlider>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>

#include <cmath>

namespace rhexion {

namespace {

template <class Enum, class Name>
QStringList namesOf(Name name)
{
    QStringList all;
    for (std::size_t i = 0; i < countOf<Enum>(); ++i)
        all << name(static_cast<Enum>(i));
    return all;
}

QString longTime(double seconds, const Speech& s)
{
    return words::roundedTime(seconds, s);
}

HeatView viewOf(CautionCode code)
{
    switch (code) {
    case CautionCode::BoilsWhereItLands:
    case CautionCode::JugBoils:
    case CautionCode::JugScorches:
    case CautionCode::CannotStayUnder:
    case CautionCode::IceLeft:
    case CautionCode::CrystalsWhenCool:
    case CautionCode::VesselShock:
    case CautionCode::AluminiumVessel: return HeatView::Jug;
    case CautionCode::SetsOut:
    case CautionCode::PotTooHot:
    case CautionCode::NeverMeet: return HeatView::Meeting;
    default: return HeatView::Mould;
    }
}

QScrollArea* scrolled(QWidget* inner, QWidget* parent)
{
    auto* area = new QScrollArea(parent);
    area->setWidget(inner);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    return area;
}

} // namespace

HeatPage::HeatPage(FormulaDocument& document, HeatWatcher& heat, OwnFittings& fittings,
                   QWidget* parent)
    : QWidget(parent), document_(document), heat_(heat), fittings_(fittings)
{
    setObjectName(QStringLiteral("page"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 8, 12, 12);
    layout->setSpacing(8);
    layout->addWidget(buildTop());
    lead_ = new Label(this);
    lead_->setWordWrap(true);
    lead_->setFont(Theme::strong());
    layout->addWidget(lead_);
    auto* body = new QHBoxLayout;
    body->setSpacing(12);
    body->addWidget(buildControls());
    body->addWidget(buildPicture(), 1);
    page_ = new PageBrowser(this);
    page_->setOpenLinks(false);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setAccessibleName(tr("What the forecast says"));
    connect(page_, &PageBrowser::anchorClicked, this, [this](const QUrl& url) {
        if (url.scheme() == QLatin1String("do"))
            act(url.path());
    });
    body->addWidget(page_);
    layout->addLayout(body, 1);

    const auto again = [this] {
        if (isVisible())
            refresh();
    };
    connect(&document_, &FormulaDocument::changed, this, again);
    connect(&heat_, &HeatWatcher::found, this, again);
    connect(&fittings_, &OwnFittings::changed, this, [this, again] {
        heat_.restart();
        again();
    });
    connect(&Theme::news(), &LookNews::changed, this, [this, again] {
        lead_->setFont(Theme::strong());
        again();
    });
    look(HeatView::Jug);
}

QWidget* HeatPage::buildTop()
{
    auto* top = new QWidget(this);
    auto* row = new QHBoxLayout(top);
    row->setContentsMargins(0, 0, 0, 0);
    auto* title = new Label(tr("Heat"), top);
    title->setFont(Theme::large());
    connect(&Theme::news(), &LookNews::changed, title, [title] { title->setFont(Theme::large()); });
    row->addWidget(title);
    row->addSpacing(12);
    tabs_ = new QButtonGroup(this);
    const QString names[] = {tr("The jug"), tr("Jug meets pot"), tr("The mould")};
    for (int i = 0; i < heatViews; ++i) {
        auto* tab = new QPushButton(names[i], top);
        tab->setCheckable(true);
        tabs_->addButton(tab, i);
        row->addWidget(tab);
        mouldTab_ = tab;
    }
    connect(tabs_, &QButtonGroup::idClicked, this,
            [this](int id) { look(static_cast<HeatView>(id)); });
    row->addStretch(1);
    usual_ = new QPushButton(tr("Keep as my usual"), top);
    usual_->setToolTip(tr("Room, jug, pot, covers and cooker as they stand here, for every formula "
                          "that has no plan of its own"));
    connect(usual_, &QPushButton::clicked, this, &HeatPage::keepUsual);
    row->addWidget(usual_);
    auto* out = new QPushButton(top);
    out->setIcon(Theme::icon(QStringLiteral("printer"), Ink::Ink));
    out->setToolTip(tr("Print or copy what is said here"));
    out->setAccessibleName(tr("Print or copy"));
    connect(&Theme::news(), &LookNews::changed, out,
            [out] { out->setIcon(Theme::icon(QStringLiteral("printer"), Ink::Ink)); });
    auto* menu = new QMenu(out);
    const auto name = [this] { return QString::fromStdString(document_.formula().name); };
    const auto all = [this] {
        return heat_.result()
                   ? words::heatFacts(heat_.result()->told.forecast, document_.formula(), speech_)
                   : facts_;
    };
    menu->addAction(tr("Look at it and print…"), this,
                    [=, this] { printFacts(*window(), all(), name(), speech_.habits()); });
    menu->addAction(tr("Keep as PDF…"), this, [=, this] {
        if (const auto fault = saveFacts(*window(), all(), name(), speech_.habits()))
            Q_EMIT noted(words::fileFault(*fault));
    });
    menu->addAction(tr("Copy as text"), this,
                    [=] { QApplication::clipboard()->setText(words::factsAsText(all())); });
    out->setMenu(menu);
    row->addWidget(out);
    return top;
}

PlanForm* HeatPage::newForm()
{
    auto* form = new PlanForm(this);
    connect(form, &PlanForm::changed, this, &HeatPage::applyPlan);
    connect(form, &PlanForm::refused, this, &HeatPage::noted);
    forms_.push_back(form);
    return form;
}

QWidget* HeatPage::buildControls()
{
    controls_ = new QStackedWidget(this);
    controls_->addWidget(buildJugForm());
    controls_->addWidget(buildMeetingForm());
    controls_->addWidget(buildMouldForm());
    controls_->addWidget(buildCookForm());
    return controls_;
}

QWidget* HeatPage::buildJugForm()
{
    PlanForm* form = newForm();
    form->addHeading(tr("How the lye goes in"));
    auto* portions = form->addChoice(
        tr("Portions of lye"), {}, [](const HeatPlan& p) { return p.portions - 1; },
        [](HeatPlan& p, int at) { p.portions = at + 1; });
    for (int i = 1; i <= 24; ++i)
        portions->addItem(i == 1 ? tr("all at once") : QString::number(i));
    form->addNumber(tr("One every"), tr("min"), 1,
                    [](HeatPlan& p) -> double& { return p.pauseMinutes; });
    form->addChoice(
        tr("Jug stands in"), {tr("the room"), tr("an ice bath")},
        [](const HeatPlan& p) { return int(p.iceBath); },
        [](HeatPlan& p, int at) { p.iceBath = at == 1; });
    form->addHeading(tr("The liquid"));
    auto* box = new QWidget(form);
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    frozenSaid_ = new Label(box);
    frozenSaid_->setWordWrap(true);
    frozen_ = new QSlider(Qt::Horizontal, box);
    frozen_->setAccessibleName(tr("How much of it is frozen"));
    column->addWidget(frozenSaid_);
    column->addWidget(frozen_);
    form->addWidget(box);
    connect(frozen_, &QSlider::valueChanged, this, [this](int grams) {
        // Every step begins anew from the formula as it stands.
        document_.dropPreview();
        if (const Reckoning* r = document_.reckoning())
            document_.preview(heat::frozenGramsEdits(document_.formula(), *r, frozenLine_, grams));
        if (!frozen_->isSliderDown())
            document_.keepPreview(tr("Freeze %1").arg(speech_.wholeMass(grams)));
    });
    connect(frozen_, &QSlider::sliderReleased, this, [this] {
        document_.keepPreview(tr("Freeze %1").arg(speech_.wholeMass(frozen_->value())));
    });
    form->addTemperature(tr("Frozen things are"), [](HeatPlan& p) -> double& { return p.frozen; });
    form->addTemperature(tr("Milk from the fridge"),
                         [](HeatPlan& p) -> double& { return p.chilled; });
    form->addTemperature(tr("Other liquids"), [](HeatPlan& p) -> double& { return p.liquid; });
    form->addHeading(tr("Jug and room"));
    addMine(form, OwnVesselKind::Jug);
    const auto stuffs = namesOf<VesselStuff>(words::vesselStuffName);
    form->addChoice(
        tr("Jug of"), stuffs, [](const HeatPlan& p) { return int(p.jug.stuff); },
        [](HeatPlan& p, int at) { p.jug.stuff = static_cast<VesselStuff>(at); });
    form->addNumber(tr("Jug weighs, empty"), tr("g"), 0,
                    [](HeatPlan& p) -> double& { return p.jug.grams; });
    form->addTemperature(tr("Room"), [](HeatPlan& p) -> double& { return p.room; });
    return scrolled(form, this);
}

// One of the maker's own, by name; what it is made of and weighs is kept with it once typed.
void HeatPage::addMine(PlanForm* form, OwnVesselKind kind)
{
    auto* box = new QComboBox(form);
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(12);
    box->setAccessibleName(kind == OwnVesselKind::Jug ? tr("One of my jugs")
                                                      : tr("One of my pots"));
    const auto planned = [kind](HeatPlan& plan) -> VesselPlan& {
        return kind == OwnVesselKind::Jug ? plan.jug : plan.pot;
    };
    const auto fill = [this, box, kind, planned] {
        const QSignalBlocker quiet(box);
        box->clear();
        box->addItem(kind == OwnVesselKind::Jug ? tr("a jug as stated here")
                                                : tr("a pot as stated here"));
        HeatPlan plan = heat_.plan();
        const auto& all = fittings_.all().vessels;
        for (std::size_t i = 0; i < all.size(); ++i) {
            if (all[i].kind != kind)
                continue;
            box->addItem(QString::fromStdString(all[i].name), int(i));
            if (all[i].grams > 0.0 && planned(plan).stuff == all[i].stuff &&
                planned(plan).grams == all[i].grams)
                box->setCurrentIndex(box->count() - 1);
        }
        if (box->count() > 1)
            box->addItem(tr("keep these figures for…"), -1);
        box->setVisible(box->count() > 1);
    };
    fill();
    connect(&fittings_, &OwnFittings::changed, box, fill);
    connect(&document_, &FormulaDocument::changed, box, fill);
    connect(box, &QComboBox::activated, this, [this, box, kind, planned, fill](int at) {
        const QVariant which = box->itemData(at);
        const auto& all = fittings_.all().vessels;
        if (which.isValid() && which.toInt() >= 0 && std::size_t(which.toInt()) < all.size()) {
            const OwnVessel vessel = all[std::size_t(which.toInt())];
            HeatPlan plan = heat_.plan();
            planned(plan).stuff = vessel.stuff;
            if (vessel.grams > 0.0)
                planned(plan).grams = vessel.grams;
            applyPlan(plan, QString::fromStdString(vessel.name));
        } else if (which.isValid()) {
            keepVessel(kind);
        }
        fill();
    });
    form->addWidget(box);
}

void HeatPage::keepVessel(OwnVesselKind kind)
{
    QMenu menu(this);
    const auto& all = fittings_.all().vessels;
    for (std::size_t i = 0; i < all.size(); ++i)
        if (all[i].kind == kind)
            menu.addAction(QString::fromStdString(all[i].name))->setData(int(i));
    const QAction* chosen = menu.exec(QCursor::pos());
    if (!chosen)
        return;
    const std::size_t at = std::size_t(chosen->data().toInt());
    const HeatPlan plan = heat_.plan();
    const VesselPlan& vessel = kind == OwnVesselKind::Jug ? plan.jug : plan.pot;
    if (const auto fault = fittings_.change([&](Fittings& f) {
            f.vessels[at].stuff = vessel.stuff;
            f.vessels[at].grams = vessel.grams;
        }))
        Q_EMIT noted(words::fileFault(*fault));
}

QWidget* HeatPage::buildMeetingForm()
{
    PlanForm* form = newForm();
    form->addHeading(tr("When they are joined"));
    form->addChoice(
        tr("The window"), namesOf<MeetingSchool>(words::meetingSchoolName),
        [](const HeatPlan& p) { return int(p.school); },
        [](HeatPlan& p, int at) { p.school = static_cast<MeetingSchool>(at); });
    form->addChoice(
        tr("Blended to"), namesOf<TraceStage>(words::traceStageName),
        [](const HeatPlan& p) { return int(p.trace); },
        [](HeatPlan& p, int at) { p.trace = static_cast<TraceStage>(at); });
    form->addNumber(tr("Blender runs for"), tr("s"), 0,
                    [](HeatPlan& p) -> double& { return p.blendingSeconds; });
    form->addHeading(tr("The pot"));
    form->addTemperature(tr("Hard fats melted at"),
                         [](HeatPlan& p) -> double& { return p.melted; });
    addMine(form, OwnVesselKind::Pot);
    form->addChoice(
        tr("Pot of"), namesOf<VesselStuff>(words::vesselStuffName),
        [](const HeatPlan& p) { return int(p.pot.stuff); },
        [](HeatPlan& p, int at) { p.pot.stuff = static_cast<VesselStuff>(at); });
    form->addNumber(tr("Pot weighs, empty"), tr("g"), 0,
                    [](HeatPlan& p) -> double& { return p.pot.grams; });
    form->addOptional(tr("Pot mixed after"), tr("min"), tr("when it suits"),
                      [](HeatPlan& p) -> std::optional<double>& { return p.potAfterMinutes; });
    form->addTemperature(tr("Room and liquid oils"), [](HeatPlan& p) -> double& { return p.room; });
    return scrolled(form, this);
}

QWidget* HeatPage::buildMouldForm()
{
    PlanForm* form = newForm();
    form->addHeading(tr("What covers it"));
    covers_ = new CoversEditor(form);
    connect(covers_, &CoversEditor::changed, this, [this](const std::vector<CoverStep>& covers) {
        HeatPlan plan = heat_.plan();
        plan.covers = covers;
        applyPlan(plan, tr("What covers it"));
    });
    form->addWidget(covers_);
    form->addHeading(tr("The mould"));
    form->addChoice(
        tr("Made of"), namesOf<MouldWall>(words::mouldWallName),
        [](const HeatPlan& p) { return int(p.wall); },
        [](HeatPlan& p, int at) { p.wall = static_cast<MouldWall>(at); });
    form->addTemperature(tr("Room"), [](HeatPlan& p) -> double& { return p.room; });
    form->addOptional(tr("Oven goes off after"), tr("h"), tr("stays on"),
                      [](HeatPlan& p) -> std::optional<double>& { return p.ovenOffHours; });
    form->addHeading(tr("Look at it beside"));
    beside_ = new QComboBox(form);
    beside_->addItem(tr("nothing"));
    for (std::size_t c = 0; c < countOf<MouldCover>(); ++c)
        beside_->addItem(words::mouldCoverName(static_cast<MouldCover>(c)));
    for (const Mould& mould : fittings_.all().moulds)
        beside_->addItem(words::mouldName(mould, speech_));
    beside_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    beside_->setMinimumContentsLength(12);
    beside_->setAccessibleName(tr("Look at it beside"));
    connect(beside_, &QComboBox::activated, this, &HeatPage::lookAgain);
    form->addWidget(beside_);
    return scrolled(form, this);
}

QWidget* HeatPage::buildCookForm()
{
    PlanForm* form = newForm();
    form->addHeading(tr("The cooker"));
    form->addNumber(tr("Power at this setting"), tr("W"), 0,
                    [](HeatPlan& p) -> double& { return p.cook.power; });
    form->addTemperature(tr("Heat goes off at"),
                         [](HeatPlan& p) -> double& { return p.cook.setpoint; });
    form->addNumber(tr("Open pot is wide"), tr("cm"), 0,
                    [](HeatPlan& p) -> double& { return p.cook.width; });
    form->addNumber(
        tr("Lid is off, of the time"), QStringLiteral("%"), 0,
        [](HeatPlan& p) -> double& { return p.cook.openShare; }, 100.0);
    form->addNumber(tr("Cooked for"), tr("min"), 0,
                    [](HeatPlan& p) -> double& { return p.cook.minutes; });
    form->addTemperature(tr("Room"), [](HeatPlan& p) -> double& { return p.room; });
    return scrolled(form, this);
}

QWidget* HeatPage::buildPicture()
{
    picture_ = new QWidget(this);
    auto* column = new QVBoxLayout(picture_);
    column->setContentsMargins(0, 0, 0, 0);
    mouldPicture_ = new QWidget(picture_);
    auto* mould = new QVBoxLayout(mouldPicture_);
    mould->setContentsMargins(0, 0, 0, 0);
    section_ = new MouldSection(mouldPicture_);
    mould->addWidget(section_, 1);
    timeSaid_ = new Label(mouldPicture_);
    timeSaid_->setAlignment(Qt::AlignCenter);
    timeSaid_->setWordWrap(true);
    mould->addWidget(timeSaid_);
    time_ = new QSlider(Qt::Horizontal, mouldPicture_);
    time_->setAccessibleName(tr("Time since it was poured"));
    connect(time_, &QSlider::valueChanged, this, &HeatPage::showRow);
    mould->addWidget(time_);
    gel_ = new GelBar(mouldPicture_);
    mould->addWidget(gel_);
    column->addWidget(mouldPicture_, 1);
    picture_->setMinimumWidth(Theme::px(260));
    return picture_;
}

bool HeatPage::cooks() const
{
    return document_.formula().cooks();
}

void HeatPage::look(HeatView view)
{
    view_ = view;
    tabs_->button(int(view))->setChecked(true);
    lookAgain();
    refresh();
}

void HeatPage::lookAgain()
{
    std::optional<HeatWatcher::Beside> beside;
    const int at = beside_->currentIndex() - 1;
    const int covers = int(countOf<MouldCover>());
    if (view_ == HeatView::Mould && at >= 0) {
        beside.emplace();
        const auto& own = fittings_.all().moulds;
        if (at < covers)
            beside->cover = static_cast<MouldCover>(at);
        else if (at - covers < int(own.size()))
            beside->mould = own[std::size_t(at - covers)];
    }
    heat_.lookAt(isVisible() && view_ == HeatView::Mould, beside);
}

void HeatPage::showEvent(QShowEvent* event)
{
    QWidget::showEvent(event);
    if (!triedChart_) {
        triedChart_ = true;
        chart_ = makeCurveChart(picture_);
        QWidget* shown = chart_;
        if (!shown)
            shown =
                new Label(tr("The curves cannot be drawn here; the figures are beside."), picture_);
        static_cast<QVBoxLayout*>(picture_->layout())->addWidget(shown, 1);
        shown->setAccessibleName(tr("Curves of temperature; the figures are beside them"));
    }
    lookAgain();
    refresh();
}

void HeatPage::hideEvent(QHideEvent* event)
{
    QWidget::hideEvent(event);
    lookAgain();
}

void HeatPage::resizeEvent(QResizeEvent* event)
{
    QWidget::resizeEvent(event);
    // The picture gives way last.
    const bool narrow = width() < Theme::px(1040);
    page_->setFixedWidth(Theme::px(narrow ? 292 : 330));
    controls_->setFixedWidth(Theme::px(narrow ? 280 : 292));
}

void HeatPage::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (PlanForm* form : forms_)
        form->setSpeech(speech);
    if (isVisible())
        refresh();
}

void HeatPage::applyPlan(const HeatPlan& plan, const QString& what)
{
    if (const auto fault = faultOf(plan)) {
        Q_EMIT noted(words::cannot(*fault, speech_));
        refresh(); // the field shows what holds
        return;
    }
    document_.apply(SetHeatPlan{plan}, tr("Plan the heat: %1").arg(what));
}

void HeatPage::keepUsual()
{
    const HeatPlan plan = heat_.plan();
    const auto fault = fittings_.change([&](Fittings& f) { f.heat = plan; });
    Q_EMIT noted(fault ? words::fileFault(*fault)
                       : tr("Kept. Formulas without a plan of their own take it from now on."));
}

void HeatPage::act(const QString& code)
{
    if (code == QLatin1String("forget")) {
        const auto fault = fittings_.change(
            [](Fittings& f) { f.heatForgotten = QDateTime::currentMSecsSinceEpoch(); });
        if (fault)
            Q_EMIT noted(words::fileFault(*fault));
        return;
    }
    if (code.startsWith(QLatin1String("cover-"))) {
        const int cover = code.section(QLatin1Char('-'), 1).toInt();
        HeatPlan plan = heat_.plan();
        if (cover < 0 || cover >= int(countOf<MouldCover>()))
            return;
        plan.covers = {{static_cast<MouldCover>(cover), 0.0, {}}};
        applyPlan(plan, tr("What covers it"));
        return;
    }
    const qsizetype at = code.section(QLatin1Char('-'), 1).toInt();
    if (!code.startsWith(QLatin1String("mend-")) || at < 0 || at >= qsizetype(said_.size()))
        return;
    const Caution caution = said_[std::size_t(at)];
    document_.apply(caution.mends(), words::mendLabel(caution, document_.formula(), speech_));
}

double HeatPage::shown(double celsius) const
{
    return speech_.habits().fahrenheit ? Temperature::celsius(celsius).inFahrenheit() : celsius;
}

void HeatPage::refresh()
{
    const HeatPlan plan = heat_.plan();
    for (PlanForm* form : forms_)
        form->show(plan);
    covers_->set(plan.covers, speech_);
    mouldTab_->setText(cooks() ? tr("The cook") : tr("The mould"));
    controls_->setCurrentIndex(view_ == HeatView::Mould && cooks() ? 3 : int(view_));
    refreshFrozen();
    refreshFacts();
    refreshPicture();
}

// The slider is about the liquid there is most of, milk and puree before water.
void HeatPage::refreshFrozen()
{
    const Reckoning* r = document_.reckoning();
    if (frozen_->isSliderDown() || !r)
        return;
    const Formula& f = document_.formula();
    const Line* best = nullptr;
    double most = 0.0;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& line = f.lines[i];
        const double grams = r->inItsVessel(i, Vessel::LyeJug);
        if ((line.vessel != Vessel::LyeJug && !r->lines[i].isMakeUp) || grams <= 0.0 ||
            line.material->part(Part::Water).range.typical() < 0.3)
            continue;
        const bool browns = line.material->kind == MaterialKind::Milk ||
                            line.material->kind == MaterialKind::Produce;
        if (grams + (browns ? 1e6 : 0.0) > most) {
            most = grams + (browns ? 1e6 : 0.0);
            best = &line;
        }
    }
    const QSignalBlocker quiet(frozen_);
    frozenLine_ = best ? best->id : 0;
    frozen_->setEnabled(best != nullptr);
    if (!best) {
        frozenSaid_->setText(tr("No liquid in the jug yet"));
        return;
    }
    const heat::JugGrams grams = heat::jugGramsOf(f, *r, best->id);
    frozen_->setRange(0, int(std::lround(grams.all)));
    frozen_->setSingleStep(5);
    frozen_->setPageStep(25);
    frozen_->setValue(int(std::lround(grams.frozen)));
    frozenSaid_->setText(tr("%1 of %2 %3 frozen")
                             .arg(speech_.wholeMass(grams.frozen), speech_.wholeMass(grams.all),
                                  QString::fromStdString(best->material->name)));
}

void HeatPage::refreshFacts()
{
    const HeatResult* result = heat_.result();
    said_.clear();
    facts_ = {};
    if (!document_.reckoning()) {
        facts_.lead = words::refusal(*document_.refusal(), speech_);
    } else if (!result) {
        facts_.lead = tr("Working out how warm it gets…");
    } else {
        const Formula& f = document_.formula();
        const heat::HeatForecast& h = result->told.forecast;
        facts_ = view_ == HeatView::Jug       ? words::jugFacts(h, f, speech_)
                 : view_ == HeatView::Meeting ? words::meetingFacts(h, f, speech_)
                 : h.cook                     ? words::cookFacts(h, f, speech_)
                                              : words::mouldHeatFacts(h, f, speech_);
        words::FactSection watch;
        watch.title = tr("To watch");
        for (const Caution& c : document_.findings()) {
            const bool ofHeat = c.code >= CautionCode::BoilsWhereItLands;
            if (!ofHeat || viewOf(c.code) != view_)
                continue;
            words::Fact fact{words::cautionTitle(c, f, speech_),
                             {},
                             words::cautionReason(c, f, speech_),
                             c.severity == Severity::Danger ? words::Fact::Tone::Danger
                             : c.severity == Severity::Care ? words::Fact::Tone::Care
                                                            : words::Fact::Tone::Plain};
            if (c.mend) {
                fact.action = QStringLiteral("mend-%1").arg(said_.size());
                fact.actionText = words::mendLabel(c, f, speech_);
            }
            said_.push_back(c);
            watch.facts.append(fact);
        }
        if (!watch.facts.isEmpty())
            facts_.sections.prepend(watch);
        if (view_ == HeatView::Mould && !result->others.empty()) {
            words::FactSection others;
            others.title = tr("Covered otherwise");
            for (const HeatResult::Other& other : result->others)
                others.facts.append({words::mouldCoverName(other.cover),
                                     {},
                                     words::bandSaid(other.band, speech_),
                                     words::Fact::Tone::Plain,
                                     QStringLiteral("cover-%1").arg(int(other.cover)),
                                     tr("Do that")});
            facts_.sections.append(others);
        }
        if (const auto learnt = words::learntSection(heat_.known(), speech_);
            !learnt.facts.isEmpty())
            facts_.sections.append(learnt);
    }
    lead_->setText(facts_.lead);
    words::FactPage page = facts_;
    page.lead.clear();
    const int place = page_->verticalScrollBar()->value();
    page_->setHtml(factsHtml(page, Theme::page(), false));
    page_->verticalScrollBar()->setValue(place);
}

void HeatPage::showRow(int row)
{
    section_->setRow(row);
    const HeatResult* result = heat_.result();
    const auto* pours =
        result ? std::get_if<std::vector<heat::PourForecast>>(&result->told.forecast.moulds)
               : nullptr;
    if (!pours || pours->empty() || row < 0 ||
        std::size_t(row) >= pours->front().band.typical.rows.size()) {
        timeSaid_->clear();
        return;
    }
    const heat::MouldRow& r = pours->front().band.typical.rows[std::size_t(row)];
    timeSaid_->setText(
        row == 0 ? tr("When it is poured: %1").arg(words::wholeDegrees(r.core, speech_))
                 : tr("After %1: middle %2, skin %3, gelled %4")
                       .arg(longTime(r.seconds, speech_), words::wholeDegrees(r.core, speech_),
                            words::wholeDegrees(r.skin, speech_), speech_.percent(r.gelShare, 0)));
}

void HeatPage::refreshPicture()
{
    const HeatResult* result = heat_.result();
    const auto* pours =
        result ? std::get_if<std::vector<heat::PourForecast>>(&result->told.forecast.moulds)
               : nullptr;
    const bool mould = view_ == HeatView::Mould && pours && !pours->empty();
    mouldPicture_->setVisible(mould);
    if (mould) {
        const heat::PourForecast& pour = pours->front();
        gel_->set(pour.band);
        if (!pour.band.typical.fields.empty()) {
            section_->set(pour.band.typical, pour.pour.setup, speech_);
            const QSignalBlocker quiet(time_);
            const bool first = time_->maximum() == 99 || time_->maximum() == 0;
            time_->setRange(0, int(pour.band.typical.fields.size()) - 1);
            if (first) // when it is hottest: what a maker asks first
                for (std::size_t i = 0; i < pour.band.typical.rows.size(); ++i)
                    if (pour.band.typical.rows[i].seconds <= pour.band.typical.peakSeconds)
                        time_->setValue(int(i));
            showRow(time_->value());
        } else {
            section_->clear(); // its run is gone; the next has its own
        }
    } else {
        section_->clear();
        gel_->clear();
    }
    if (!chart_)
        return;
    CurveData chart = emptyChart();
    if (result) {
        if (view_ == HeatView::Jug)
            addJugCurve(chart);
        else if (view_ == HeatView::Meeting)
            addMeetingCurves(chart);
        else if (result->told.forecast.cook)
            addCookCurves(chart);
        else
            addMouldCurves(chart);
    }
    chart_->setVisible(!chart.lines.empty()); // without a forecast there is nothing to draw
    chart_->set(chart);
}

CurveData HeatPage::emptyChart() const
{
    const Colours& c = Theme::colours();
    CurveData chart;
    chart.paper = c.surface;
    chart.ink = c.ink;
    chart.muted = c.muted;
    chart.grid = c.line;
    chart.font = Theme::small();
    chart.yName = speech_.habits().fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C");
    chart.yLeast = shown(0.0);
    chart.yMost = shown(100.0);
    chart.xName = tr("minutes after the first lye");
    return chart;
}

void HeatPage::addJugCurve(CurveData& chart) const
{
    const heat::HeatForecast& h = heat_.result()->told.forecast;
    const auto* jug = std::get_if<heat::JugForecast>(&h.jug);
    if (!jug)
        return;
    const Colours& c = Theme::colours();
    CurveData::Line line;
    line.name = tr("the jug");
    line.colour = c.action;
    const double up = jug->peak.high() - jug->peak.typical();
    const double down = jug->peak.typical() - jug->peak.low();
    const double rise = std::max(1.0, jug->run.peak - jug->run.start);
    double least = 0.0;
    double most = jug->peak.high();
    for (const heat::JugPoint& p : jug->run.curve) {
        line.points.emplace_back(p.seconds / 60.0, shown(p.celsius));
        // The doubt grows with what has been given off.
        const double share = std::clamp((p.celsius - jug->run.start) / rise, 0.0, 1.0);
        line.low.push_back(shown(p.celsius - down * share));
        line.high.push_back(shown(p.celsius + up * share));
        least = std::min(least, p.celsius);
    }
    chart.xMost = line.points.empty() ? 60.0 : line.points.back().x();
    chart.lines.push_back(line);
    chart.levels.push_back({shown(jug->run.boilingPoint), tr("boils"), c.danger});
    if (jug->run.local < 140.0) {
        chart.levels.push_back({shown(jug->run.local), tr("hottest where the lye lands"), c.care});
        most = std::max(most, jug->run.local);
    }
    if (jug->crystals && *jug->crystals > 0.0)
        chart.levels.push_back({shown(*jug->crystals), tr("crystals below"), c.muted});
    chart.yLeast = shown(std::floor((least - 2.0) / 10.0) * 10.0);
    chart.yMost = shown(std::max(60.0, std::ceil((most + 8.0) / 10.0) * 10.0));
    for (int i = 0; h.plan.portions > 1 && i < h.plan.portions && h.plan.pauseMinutes > 0.0; ++i)
        chart.marks.push_back({i * h.plan.pauseMinutes,
                               i == 0 ? tr("lye, portion by portion") : QString(), c.muted, true});
}

void HeatPage::addMeetingCurves(CurveData& chart) const
{
    const heat::HeatForecast& h = heat_.result()->told.forecast;
    const auto* m = std::get_if<heat::MeetingForecast>(&h.meeting);
    if (!m)
        return;
    const Colours& c = Theme::colours();
    double most = 0.0;
    double least = 100.0;
    const double end = 4.0 * 3600.0;
    const auto curve = [&](const heat::Cooling& cooling, const QString& name, const QColor& colour,
                           Qt::PenStyle style, double from) {
        CurveData::Line line;
        line.name = name;
        line.colour = colour;
        line.style = style;
        for (double t = from; t <= end; t += 180.0) {
            const double at = cooling.at(t);
            const double sd = cooling.sdAt(t);
            line.points.emplace_back(t / 60.0, shown(at));
            line.low.push_back(shown(at - 1.64 * sd));
            line.high.push_back(shown(at + 1.64 * sd));
            most = std::max(most, at + 1.64 * sd);
            least = std::min(least, at - 1.64 * sd);
        }
        chart.lines.push_back(line);
    };
    curve(m->jug, tr("the jug"), c.action, Qt::SolidLine, 0.0);
    curve(m->pot, tr("the pot"), c.care, Qt::DashLine, m->potStarts);
    chart.xName = tr("minutes after the jug is hottest");
    chart.xMost = end / 60.0;
    chart.fields.push_back({0.0, chart.xMost, shown(m->window.low), shown(m->window.high), c.fine});
    if (m->window.potLow)
        chart.fields.push_back(
            {0.0, chart.xMost, shown(m->window.lowOfPot()), shown(m->window.highOfPot()), c.fine});
    if (h.setting)
        chart.levels.push_back({shown(h.setting->celsius), tr("sets out below"), c.danger});
    if (m->meeting) {
        chart.marks.push_back({m->meeting->from / 60.0, tr("they meet"), c.fine});
        if (m->meeting->until && *m->meeting->until < end)
            chart.marks.push_back({*m->meeting->until / 60.0, tr("too late"), c.danger});
    }
    chart.yLeast = shown(std::floor((least - 2.0) / 10.0) * 10.0);
    chart.yMost = shown(std::ceil((most + 3.0) / 10.0) * 10.0);
}

void HeatPage::addMouldCurves(CurveData& chart) const
{
    const HeatResult& result = *heat_.result();
    const auto* pours = std::get_if<std::vector<heat::PourForecast>>(&result.told.forecast.moulds);
    if (!pours || pours->empty())
        return;
    const Colours& c = Theme::colours();
    const heat::MouldBand& band = pours->front().band;
    const double hours = 24.0;
    CurveData::Line core;
    CurveData::Line skin;
    core.name = tr("middle");
    skin.name = tr("skin");
    core.colour = c.danger;
    skin.colour = c.action;
    skin.style = Qt::DashLine;
    double most = band.hot.peak;
    double least = 1e9;
    for (double hour = 0.0; hour <= hours; hour += 0.1) {
        const double at = band.typical.at(hour, &heat::MouldRow::core);
        core.points.emplace_back(hour, shown(at));
        double low = at;
        double high = at;
        for (const heat::MouldRun* run : {&band.cool, &band.hot}) {
            low = std::min(low, run->at(hour, &heat::MouldRow::core));
            high = std::max(high, run->at(hour, &heat::MouldRow::core));
        }
        core.low.push_back(shown(low));
        core.high.push_back(shown(high));
        const double outer = band.typical.at(hour, &heat::MouldRow::skin);
        skin.points.emplace_back(hour, shown(outer));
        least = std::min({least, low, outer});
    }
    chart.lines = {core, skin};
    if (result.compared) {
        CurveData::Line other;
        other.name = tr("middle, %1").arg(beside_->currentText());
        other.colour = c.ink;
        other.style = Qt::DotLine;
        for (double hour = 0.0; hour <= hours; hour += 0.1)
            other.points.emplace_back(
                hour, shown(result.compared->typical.at(hour, &heat::MouldRow::core)));
        most = std::max(most, result.compared->typical.peak);
        chart.lines.push_back(other);
    }
    chart.levels.push_back({shown(band.typical.gelTemperature), tr("turns to gel"), c.muted});
    chart.marks.push_back({band.firstLook() / 3600.0, tr("look in"), c.fine});
    for (const CoverStep& step : result.told.forecast.plan.covers)
        if (step.fromHour > 0.0 && step.fromHour < hours)
            chart.marks.push_back({step.fromHour, words::mouldCoverName(step.cover), c.muted});
    chart.xName = tr("hours after pouring");
    chart.xMost = hours;
    chart.yLeast = shown(std::floor((least - 2.0) / 10.0) * 10.0);
    chart.yMost = shown(std::ceil((most + 3.0) / 10.0) * 10.0);
}

void HeatPage::addCookCurves(CurveData& chart) const
{
    const heat::HeatForecast& h = heat_.result()->told.forecast;
    const Colours& c = Theme::colours();
    CurveData::Line pot;
    CurveData::Line soap;
    pot.name = tr("the pot");
    pot.colour = c.danger;
    soap.name = tr("soap, of 100");
    soap.colour = c.action;
    soap.style = Qt::DashLine;
    for (const heat::CookPoint& p : h.cook->curve) {
        pot.points.emplace_back(p.seconds / 60.0, shown(p.celsius));
        soap.points.emplace_back(p.seconds / 60.0, p.saponified * 100.0);
    }
    chart.xMost = h.cook->curve.back().seconds / 60.0;
    chart.lines = {pot, soap};
    const QString names[] = {tr("thick"), tr("like mash"), tr("drying"), tr("done")};
    for (std::size_t i = 0; i < h.cook->stages.size(); ++i)
        if (h.cook->stages[i])
            chart.marks.push_back({*h.cook->stages[i] / 60.0, names[i], c.muted});
    chart.xName = tr("minutes of cooking");
    chart.yMost = std::max(105.0, shown(105.0));
    chart.yLeast = 0.0;
}

} // namespace rhexion
