// The fields of each view of the place of heat.
#include "app/heat/heat_page.h"

#include "app/heat/covers_editor.h"
#include "app/heat/plan_form.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "document/own_fittings.h"
#include "storage/material_names.h"
#include "words/heat_words.h"
#include "words/mould_words.h"
#include "words/names.h"
#include "words/refusal_words.h"

#include <QComboBox>
#include <QCursor>
#include <QMenu>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QSlider>
#include <QStackedWidget>
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
            document_.preview(
                heat::frozenGramsEdits(document_.formula(), *r, frozenLine_, grams, heat_.plan()));
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
    form->addChoice(
        tr("Several cups"), {tr("together"), tr("apart")},
        [](const HeatPlan& p) { return int(p.cupsApart); },
        [](HeatPlan& p, int at) { p.cupsApart = at == 1; });
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

// The slider is about the liquid there is most of, milk and puree before water; the jug's own water
// is no line, so its ice is part of the plan.
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
    const double water = r->hasJugWater ? r->jugWaterGrams : 0.0;
    if (most < water)
        best = nullptr;
    frozenLine_ = best ? best->id : 0;
    frozen_->setEnabled(best || water > 0.0);
    if (!frozen_->isEnabled()) {
        frozenSaid_->setText(tr("No liquid in the jug yet"));
        return;
    }
    const heat::JugGrams grams = best ? heat::jugGramsOf(f, *r, best->id)
                                      : heat::JugGrams{water, water * heat_.plan().jugIce};
    frozen_->setRange(0, int(std::lround(grams.all)));
    frozen_->setSingleStep(5);
    frozen_->setPageStep(25);
    frozen_->setValue(int(std::lround(grams.frozen)));
    frozenSaid_->setText(tr("%1 of %2 %3 frozen")
                             .arg(speech_.wholeMass(grams.frozen), speech_.wholeMass(grams.all),
                                  best ? materialName(*best->material)
                                       : words::targetName({WeighTarget::What::JugWater, 0}, f)));
}

} // namespace rhexion
