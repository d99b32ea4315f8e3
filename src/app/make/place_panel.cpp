#include "app/make/place_panel.h"

#include "app/bench/vessel_drawing.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "words/day_words.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace rhexion {

namespace {

Vessel drawnAs(Place place)
{
    switch (place) {
    case Place::LyeJug: return Vessel::LyeJug;
    case Place::SecondJug: return Vessel::SecondJug;
    case Place::OilPot:
    case Place::Batter: return Vessel::OilPot;
    case Place::Bowl:
    case Place::Mould: break;
    }
    return Vessel::Trace; // a bowl
}

Label* head(const QString& text, QWidget* parent)
{
    auto* label = new Label(text, parent);
    label->setObjectName(QStringLiteral("muted"));
    return label;
}

} // namespace

PlacePanel::PlacePanel(QWidget* parent) : QFrame(parent)
{
    helpOn(this, "trouble");
    setObjectName(QStringLiteral("card"));
    name_ = new Label(this);
    name_->setFont(Theme::strong());
    name_->setWordWrap(true);
    name_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Maximum);
    mass_ = new Label(this);
    mass_->setFont(Theme::figure());
    drawing_ = new VesselDrawing(Vessel::OilPot, this);
    in_ = new Label(this);
    in_->setWordWrap(true);
    waitingHead_ = head(tr("Weighed, waiting in a cup"), this);
    waiting_ = new Label(this);
    waiting_->setWordWrap(true);
    nextHead_ = head(tr("Comes next"), this);
    next_ = new Label(this);
    next_->setWordWrap(true);

    auto* titles = new QVBoxLayout;
    titles->addWidget(name_);
    titles->addWidget(mass_);
    auto* top = new QHBoxLayout;
    top->setSpacing(12);
    top->addWidget(drawing_, 0, Qt::AlignTop);
    top->addLayout(titles, 1);
    top->setAlignment(titles, Qt::AlignTop);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 14, 14, 14);
    column->setSpacing(6);
    column->addLayout(top);
    column->addWidget(in_);
    column->addSpacing(8);
    column->addWidget(waitingHead_);
    column->addWidget(waiting_);
    column->addStretch();
    column->addWidget(nextHead_);
    column->addWidget(next_);
}

void PlacePanel::show(const BatchInProgress& batch, const Speech& speech)
{
    const PlaceNow now = batch.placeNow();
    const Formula& f = batch.formula();
    name_->setText(words::placeName(now.place, now.portion, f));
    mass_->setText(now.in.empty() ? QString() : speech.mass(now.contents.total()));
    drawing_->setVessel(drawnAs(now.place));
    // Full is what the whole batch comes to, and a little over.
    drawing_->setContents(now.contents, batch.planned().batterGrams * 1.15, speech);
    const auto listed = [&](const std::vector<Lying>& lying) {
        QStringList rows;
        for (const Lying& one : lying)
            rows << QStringLiteral("%1 %2").arg(speech.mass(one.grams), words::lyingName(one, f));
        return rows;
    };
    // The last that went in matters most; the rest is said as a number.
    constexpr int most = 9;
    QStringList in = listed(now.in);
    if (const int more = int(in.size()) - most; more > 0) {
        in = in.mid(more);
        in.prepend(tr("%n thing(s) before", nullptr, more));
    }
    in_->setText(in.isEmpty() ? tr("Nothing in it yet.") : in.join(QLatin1Char('\n')));
    const QStringList waiting = listed(now.waiting);
    waiting_->setText(waiting.join(QLatin1Char('\n')));
    waiting_->setVisible(!waiting.isEmpty());
    waitingHead_->setVisible(!waiting.isEmpty());

    constexpr int ahead = 3;
    QStringList next;
    for (const DayStep* step : batch.comingUp(ahead))
        next << words::dayStepLine(*step, f, speech);
    next_->setText(next.join(QLatin1Char('\n')));
    next_->setVisible(!next.isEmpty());
    nextHead_->setVisible(!next.isEmpty());
}

} // namespace rhexion
