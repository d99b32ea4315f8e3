#include "app/bench/figures_panel.h"

#include "app/bench/caution_list.h"
#include "app/bench/doubt_view.h"
#include "app/theme/theme.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/label.h"
#include "core/advice/cautions.h"
#include "document/doubt_watcher.h"
#include "document/formula_document.h"
#include "storage/material_names.h"
#include "words/caution_words.h"
#include "words/names.h"
#include "words/refusal_words.h"
#include "words/what_is.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

QLabel* heading(const QString& text)
{
    auto* label = new Label(text);
    label->setFont(Theme::strong());
    return label;
}

} // namespace

FiguresPanel::FiguresPanel(FormulaDocument& document, DoubtWatcher& doubt, QWidget* parent)
    : QFrame(parent), document_(document), doubt_(doubt)
{
    setObjectName(QStringLiteral("card"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 10, 10, 10);
    layout->setSpacing(4);
    refusal_ = new Label(this);
    refusal_->setWordWrap(true);
    refusal_->hide();
    layout->addWidget(refusal_);

    figures_ = new QWidget(this);
    auto* figures = new QVBoxLayout(figures_);
    figures->setContentsMargins(0, 0, 0, 0);
    figures->setSpacing(0);
    figures->addWidget(heading(tr("Weigh out")));
    sodium_ = addRow(figures, Rule::SodiumWeighed);
    potassium_ = addRow(figures, Rule::PotassiumWeighed);
    jugWater_ = addRow(figures, Rule::JugWater);
    makeUp_ = addRow(figures, Rule::MakeUp);
    figures->addSpacing(8);
    figures->addWidget(heading(tr("What comes of it")));
    superfat_ = addRow(figures, Rule::SuperfatTrue);
    doubtView_ = new DoubtView(this);
    figures->addWidget(doubtView_);
    strength_ = addRow(figures, Rule::Strength);
    otherStrength_ = addRow(figures, Rule::StrengthAsWeighed);
    otherStrength_->setCompact();
    batter_ = addRow(figures, Rule::BatterMass);
    layout->addWidget(figures_);
    layout->addSpacing(4);

    cautionHead_ = heading(tr("Cautions"));
    layout->addWidget(cautionHead_);
    cautions_ = new CautionList(this);
    connect(cautions_, &CautionList::mendWanted, this,
            [this](const std::vector<Edit>& edits, const QString& text) {
                document_.apply(edits, text);
            });
    layout->addWidget(cautions_, 1);
    working_ = new QPushButton(tr("Show the working"), this);
    working_->setIcon(Theme::icon(QStringLiteral("calculator"), Ink::Ink));
    connect(working_, &QPushButton::clicked, this, &FiguresPanel::allWorkingWanted);
    layout->addWidget(working_);
    connect(&document_, &FormulaDocument::changed, this, &FiguresPanel::refresh);
    connect(&document_, &FormulaDocument::findingsChanged, this, &FiguresPanel::refreshCautions);
    connect(&doubt_, &DoubtWatcher::found, this, [this] {
        doubtView_->show(doubt_.doubt(), speech_);
        makeRoom();
    });
}

FigureRow* FiguresPanel::addRow(QVBoxLayout* layout, Rule rule)
{
    auto* row = new FigureRow(this);
    row->setWhatsThis(words::whatIs(rule));
    layout->addWidget(row);
    connect(row, &FigureRow::clicked, this, [this, rule] {
        const Line* rest = document_.formula().makeUp();
        Q_EMIT workingWanted(rule, rule == Rule::MakeUp && rest ? rest->id : 0);
    });
    return row;
}

void FiguresPanel::setWorkingShown(bool shown)
{
    working_->setVisible(shown);
}

void FiguresPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    refresh();
}

void FiguresPanel::refreshFigures(const Reckoning& r)
{
    const Formula& f = document_.formula();
    const bool fixed = f.lye.fixed.has_value();
    const auto hydroxide = [&](FigureRow* row, const HydroxideReckoned& h, bool sodium) {
        row->setVisible(h.weighedGrams > 0.0);
        const QString pure = tr("pure %1").arg(speech_.mass(h.pureGrams));
        row->set(words::lyeName(f, sodium), speech_.mass(h.weighedGrams),
                 fixed ? tr("as you weighed it; %1").arg(pure) : pure);
    };
    hydroxide(sodium_, r.sodium, true);
    hydroxide(potassium_, r.potassium, false);
    jugWater_->setVisible(r.hasJugWater);
    jugWater_->set(tr("Water for the jug"), speech_.mass(r.jugWaterGrams));
    const Line* rest = f.makeUp();
    makeUp_->setVisible(rest != nullptr);
    if (rest)
        makeUp_->set(materialName(*rest->material), speech_.mass(r.makeUpGrams),
                     rest->frozen ? tr("the rest of the liquid, frozen")
                                  : tr("the rest of the liquid"));

    superfat_->setTint(r.lyeHeavy() ? Theme::colours().danger : QColor());
    superfat_->set(tr("True superfat"), speech_.percent(r.superfatTrue),
                   tr("edges %1 to %2; on oils alone %3")
                       .arg(speech_.percent(r.superfatTrueLow), speech_.percent(r.superfatTrueHigh),
                            speech_.percent(r.superfatOnOils)));
    const bool counted = f.liquid.convention == StrengthConvention::PureAndAllWater;
    const LiquidTerms& t = counted ? r.pure : r.asWeighed;
    strength_->set(tr("Batch strength"), speech_.percent(t.strength),
                   tr("%1, %2 of oils, %3 below usual")
                       .arg(speech_.ratio(t.ratio), speech_.percent(t.shareOfOils),
                            speech_.percent(t.lessThanUsual)));
    // The other way of counting, where it says something else.
    constexpr double telling = 0.0005;
    const LiquidTerms& other = counted ? r.asWeighed : r.pure;
    otherStrength_->setVisible(std::abs(other.strength - t.strength) > telling);
    otherStrength_->set(counted ? tr("counted as weighed") : tr("counted pure, all water"),
                        speech_.percent(other.strength));
    batter_->set(tr("Batter"), speech_.mass(r.batterGrams));
}

void FiguresPanel::refreshCautions()
{
    const Reckoning* r = document_.reckoning();
    const std::vector<Caution>& cautions = document_.findings();
    const int count = int(std::ranges::count(cautions, false, &Caution::acknowledged));
    cautionHead_->setText(count == 0 ? tr("No cautions") : tr("%n caution(s)", nullptr, count));
    cautionHead_->setVisible(r != nullptr);
    const Formula& f = document_.formula();
    std::vector<CautionSaid> said;
    for (const Caution& caution : cautions) {
        const auto known = acknowledge(f, caution);
        said.push_back({words::severityName(caution.severity),
                        words::cautionTitle(caution, f, speech_),
                        words::cautionReason(caution, f, speech_),
                        words::mendLabel(caution, f, speech_), int(caution.severity),
                        caution.vessel, caution.mends(), words::acknowledgeLabel(caution),
                        known ? std::vector<Edit>{*known} : std::vector<Edit>{}});
    }
    cautions_->say(std::move(said), shownInTheOpen(cautions), words::foldedCautions(cautions));
    makeRoom();
}

void FiguresPanel::refresh()
{
    const Reckoning* r = document_.reckoning();
    figures_->setVisible(r != nullptr);
    refusal_->setVisible(r == nullptr);
    working_->setEnabled(r != nullptr);
    doubtView_->show(doubt_.doubt(), speech_);
    if (r)
        refreshFigures(*r);
    else
        refusal_->setText(words::refusal(*document_.refusal(), speech_));
    refreshCautions();
}

void FiguresPanel::resizeEvent(QResizeEvent* event)
{
    QFrame::resizeEvent(event);
    makeRoom();
}

void FiguresPanel::makeRoom()
{
    // Every caution's title comes before the picture of the doubt and its causes.
    using Detail = DoubtView::Detail;
    layout()->activate();
    const int room = cautions_->viewport()->height() + doubtView_->heightWith(doubtView_->detail());
    const int folded = cautions_->foldedHeight(true);
    Detail detail = Detail::Causes;
    while (detail > Detail::Sentence && room - doubtView_->heightWith(detail) < folded)
        detail = static_cast<Detail>(static_cast<int>(detail) - 1);
    doubtView_->setDetail(detail);
    cautions_->setHeaded(room - doubtView_->heightWith(detail) >= folded);
}

void FiguresPanel::showCautionsOf(Vessel vessel)
{
    cautions_->bring(vessel);
}

} // namespace rhexion
