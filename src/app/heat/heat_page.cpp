#include "app/heat/heat_page.h"

#include "app/formulating/topic_print.h"
#include "app/heat/chart_loader.h"
#include "app/heat/covers_editor.h"
#include "app/heat/plan_form.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/page_browser.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "document/own_fittings.h"
#include "words/cannot_words.h"
#include "words/caution_words.h"
#include "words/heat_words.h"
#include "words/refusal_words.h"

#include <QApplication>
#include <QButtonGroup>
#include <QClipboard>
#include <QComboBox>
#include <QDateTime>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QScrollBar>
#include <QSlider>
#include <QStackedWidget>
#include <QVBoxLayout>

#include <cmath>

namespace rhexion {

namespace {

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

} // namespace

HeatPage::HeatPage(FormulaDocument& document, HeatWatcher& heat, OwnFittings& fittings,
                   QWidget* parent)
    : QWidget(parent), document_(document), heat_(heat), fittings_(fittings)
{
    helpOn(this, "heat");
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
            if (!isOfHeat(c.code) || viewOf(c.code) != view_)
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
    page_->setFacts(page, false);
    page_->verticalScrollBar()->setValue(place);
}

} // namespace rhexion
