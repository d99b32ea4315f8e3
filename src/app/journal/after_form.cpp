#include "app/journal/after_form.h"

#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/number_field.h"
#include "core/after/facts.h"
#include "core/units/enum_count.h"
#include "storage/material_names.h"
#include "words/after_words.h"
#include "words/names.h"
#include "words/together_words.h"

#include <QComboBox>
#include <QDateEdit>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>

#include <cmath>

namespace rhexion {

namespace {

template <class Enum, class Name>
void fillFrom(QComboBox& box, Name name)
{
    for (std::size_t i = 0; i < countOf<Enum>(); ++i)
        box.addItem(name(static_cast<Enum>(i)));
}

template <class Enum>
Enum chosen(const QComboBox& box)
{
    return static_cast<Enum>(std::max(0, box.currentIndex()));
}

} // namespace

AfterForm::AfterForm(std::function<QDateTime()> clock, QWidget* parent)
    : QWidget(parent), clock_(std::move(clock))
{
    day_ = new QDateEdit(this);
    day_->setCalendarPopup(true);
    day_->setAccessibleName(tr("On which day"));
    day_->setDate(clock_().toLocalTime().date());
    leastWidth(day_, 142);
    if (auto* inside = day_->findChild<QLineEdit*>())
        inside->setAccessibleName(day_->accessibleName());
    kind_ = new QComboBox(this);
    kind_->setAccessibleName(tr("What to write down"));
    kind_->addItems({tr("Note"), tr("It came out"), tr("Done"), tr("Weighed"), tr("In use"),
                     tr("Paper strip"), tr("Photographs"), tr("Verdict"), tr("Lesson"),
                     tr("Next time"), tr("Bars went")});
    which_ = new QComboBox(this);
    which_->setAccessibleName(tr("Which"));
    portion_ = new QComboBox(this);
    portion_->setAccessibleName(tr("Of which portion"));
    besides_ = new QComboBox(this);
    besides_->setAccessibleName(tr("Together with"));
    figure_ = new NumberField({}, 2, true, this);
    count_ = new NumberField({}, 0, true, this);
    step_ = new NumberField({}, 2, true, this);
    step_->setAccessibleName(tr("Step of the scale, g"));
    step_->setPlaceholderText(tr("scale's step"));
    step_->setValue(1.0);
    const QString sideNames[] = {tr("long"), tr("wide"), tr("thick")};
    for (int i = 0; i < 3; ++i) {
        sides_[i] = new NumberField({}, 1, true, this);
        sides_[i]->setAccessibleName(tr("A bar is so %1").arg(sideNames[i]));
        sides_[i]->setPlaceholderText(sideNames[i]);
        fixWidth(sides_[i], 84);
    }
    words_ = new QLineEdit(this);
    words_->setMaxLength(4000);
    words_->setAccessibleName(tr("In words"));
    leastWidth(words_, 190);
    keep_ = new QPushButton(tr("Write it down"), this);
    for (NumberField* field : {figure_, count_, step_})
        fixWidth(field, 104);
    auto* row = new FlowLayout(this, Theme::px(8), Theme::px(6));
    for (QWidget* w :
         std::initializer_list<QWidget*>{day_, kind_, which_, besides_, portion_, figure_, count_,
                                         sides_[0], sides_[1], sides_[2], step_, words_, keep_})
        row->addWidget(w);
    for (NumberField* field : findChildren<NumberField*>())
        connect(field, &NumberField::refused, this, &AfterForm::said);
    connect(kind_, &QComboBox::currentIndexChanged, this, [this] { fillWhich(); });
    connect(which_, &QComboBox::currentIndexChanged, this, [this] { fit(); });
    connect(words_, &QLineEdit::returnPressed, this, &AfterForm::write);
    connect(keep_, &QPushButton::clicked, this, &AfterForm::write);
    fillWhich();
}

void AfterForm::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : findChildren<NumberField*>())
        field->setSpeech(speech);
    fit();
}

void AfterForm::setBatch(const Batch* batch)
{
    setEnabled(batch != nullptr);
    portion_->clear();
    portion_->addItem(tr("all of it"), 0u);
    if (batch)
        for (const Portion& p : batch->formula.portions)
            portion_->addItem(words::portionName(p.id, batch->formula), p.id);
    portion_->setVisible(portion_->count() > 1);
    about_.clear();
    besides_->clear();
    besides_->addItem(tr("alone"), QString());
    if (batch) {
        for (const Line& line : batch->formula.lines) {
            const std::pair one{materialName(*line.material),
                                QString::fromStdString(line.material->id)};
            if (about_.contains(one))
                continue;
            about_.append(one);
            besides_->addItem(tr("with %1").arg(one.first), one.second);
        }
        for (const MouldUse& use : batch->formula.moulds)
            if (const QString name = QString::fromStdString(use.mould.name); !name.isEmpty())
                about_.append({name, QStringLiteral("mould:") + name});
        const auto noName = [](const std::string& id) { return QString::fromStdString(id); };
        for (const std::string& setting :
             settingsOf(batch->formula, accountOf(batch->formula, batch->amounts)))
            about_.append({words::batchFactSaid(setting, noName),
                           QStringLiteral("setting:") + QString::fromStdString(setting)});
    }
    fillWhich();
}

void AfterForm::fillWhich()
{
    const QSignalBlocker quiet(which_);
    which_->clear();
    switch (kind_->currentIndex()) {
    case SeenKind: fillFrom<Seen>(*which_, words::seenName); break;
    case CareKind: fillFrom<Care>(*which_, words::careName); break;
    case QualityKind: fillFrom<Quality>(*which_, words::qualityName); break;
    case PhotoKind: fillFrom<PhotoOf>(*which_, words::photoOfName); break;
    case VerdictKind: fillFrom<Verdict>(*which_, words::verdictName); break;
    case BarsKind: fillFrom<BarsTo>(*which_, words::barsToName); break;
    case LessonKind:
        for (const auto& [name, id] : about_)
            which_->addItem(tr("about %1").arg(name), id);
        break;
    default: break;
    }
    fit();
}

void AfterForm::fit()
{
    const int kind = kind_->currentIndex();
    const bool cut = kind == CareKind && chosen<Care>(*which_) == Care::Cut;
    const bool sold = kind == BarsKind && chosen<BarsTo>(*which_) == BarsTo::Sold;
    which_->setVisible(which_->count() > 0);
    const auto show = [](NumberField* field, bool on, const QString& name, const QString& suffix) {
        field->setVisible(on);
        field->setAccessibleName(name);
        field->setPlaceholderText(name);
        field->setSuffix(suffix);
    };
    show(figure_, kind == WeightKind || kind == QualityKind || kind == StripKind || sold,
         kind == WeightKind    ? tr("weight")
         : kind == QualityKind ? tr("1 to 5")
         : kind == StripKind   ? tr("pH")
                               : tr("brought"),
         kind == WeightKind ? QStringLiteral("g") : QString());
    show(count_, cut || kind == WeightKind || kind == BarsKind, tr("bars"), QString());
    step_->setVisible(kind == WeightKind);
    step_->setSuffix(QStringLiteral("g"));
    for (NumberField* side : sides_) {
        side->setVisible(cut);
        side->setSuffix(speech_.lengthUnit());
    }
    words_->setVisible(kind == WeightKind || kind == VerdictKind || kind == LessonKind ||
                       kind == NextKind || kind == NoteKind || kind == PhotoKind);
    words_->setPlaceholderText(kind == WeightKind   ? tr("which bars, such as: tray 1")
                               : kind == LessonKind ? tr("what to keep in mind")
                               : kind == NextKind   ? tr("what to change")
                               : kind == PhotoKind  ? tr("in words")
                                                    : tr("what happened, what to change"));
    portion_->setVisible(portion_->count() > 1 && kind != NoteKind);
    besides_->setVisible(kind == LessonKind);
    keep_->setText(kind == PhotoKind ? tr("Choose photographs…") : tr("Write it down"));
}

std::int64_t AfterForm::moment() const
{
    const QDateTime now = clock_();
    // Of another day nobody knows the hour.
    return day_->date() == now.toLocalTime().date()
               ? now.toMSecsSinceEpoch()
               : QDateTime(day_->date(), QTime(12, 0)).toMSecsSinceEpoch();
}

void AfterForm::write()
{
    const auto missing = [this](const QString& what) { Q_EMIT said(tr("Missing: %1.").arg(what)); };
    const std::string words = words_->text().trimmed().toStdString();
    const int count = int(count_->value().value_or(0.0));
    const auto figure = figure_->value();
    After out{moment(), {}, portion_->currentData().toUInt()};
    switch (kind_->currentIndex()) {
    case SeenKind: out.what = OutcomeSeen{chosen<Seen>(*which_)}; break;
    case CareKind: {
        CareDone done{chosen<Care>(*which_), std::clamp(count, 0, limits::mostBars), {}};
        if (done.what != Care::Cut)
            done.bars = 0;
        const double unit = speech_.lengthStep();
        if (done.what == Care::Cut && sides_[0]->value().value_or(0.0) > 0.0 &&
            sides_[1]->value().value_or(0.0) > 0.0 && sides_[2]->value().value_or(0.0) > 0.0)
            for (std::size_t i = 0; i < 3; ++i)
                done.barMillimetres[i] = *sides_[i]->value() * unit;
        out.what = done;
        break;
    }
    case WeightKind:
        if (!figure || !(*figure > 0.0))
            return missing(tr("what the scale says"));
        out.what = BarsWeighed{*figure, std::clamp(count, 1, limits::mostBars),
                               step_->value().value_or(1.0), words};
        break;
    case QualityKind:
        if (!figure || !(*figure >= 1.0 && *figure <= 5.0))
            return missing(tr("a number from 1 to 5"));
        out.what = Judged{chosen<Quality>(*which_), int(std::lround(*figure))};
        break;
    case StripKind:
        if (!figure || !(*figure >= 0.0 && *figure <= 14.0))
            return missing(tr("a pH from 0 to 14"));
        out.what = StripRead{*figure};
        break;
    case PhotoKind: Q_EMIT photosWanted(chosen<PhotoOf>(*which_), moment()); return;
    case VerdictKind: out.what = VerdictGiven{chosen<Verdict>(*which_), words}; break;
    case LessonKind:
        if (words.empty())
            return missing(tr("what to keep in mind"));
        out.what = lesson(words);
        break;
    case NextKind:
        if (words.empty())
            return missing(tr("what to change"));
        out.what = NextChange{words};
        break;
    case BarsKind: {
        if (count < 1)
            return missing(tr("how many bars"));
        BarsMoved moved{chosen<BarsTo>(*which_), std::min(count, limits::mostBars), {}};
        if (moved.to == BarsTo::Sold && figure && *figure >= 0.0)
            moved.minor = std::round(*figure * std::pow(10.0, minorDigits_));
        out.what = moved;
        break;
    }
    default:
        if (words.empty())
            return missing(tr("the note"));
        Q_EMIT written(Noted{words});
        return;
    }
    Q_EMIT written(out);
}

LessonKept AfterForm::lesson(const std::string& words) const
{
    LessonKept out{words, {}, {}};
    const QString about = which_->currentData().toString();
    if (about.startsWith(QLatin1String("mould:")))
        out.mould = about.mid(6).toStdString();
    else if (about.startsWith(QLatin1String("setting:")))
        out.setting = about.mid(8).toStdString();
    else if (!about.isEmpty())
        out.materials.push_back(about.toStdString());
    if (const QString other = besides_->currentData().toString();
        !other.isEmpty() && other != about && !out.materials.empty())
        out.materials.push_back(other.toStdString());
    return out;
}

void AfterForm::clear()
{
    words_->clear();
    figure_->setValue(std::nullopt);
}

} // namespace rhexion
