#include "app/formulating/mould_panel.h"

#include "app/formulating/mould_editor.h"
#include "app/formulating/mould_picture.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "core/formula/scale.h"
#include "document/formula_document.h"
#include "document/own_fittings.h"
#include "words/mould_words.h"
#include "words/names.h"
#include "words/refusal_words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace rhexion {

MouldPanel::MouldPanel(FormulaDocument& document, OwnFittings& fittings, QWidget* parent)
    : TopicPanel(tr("Moulds"), document, parent), fittings_(fittings)
{
    helpOn(this, "moulds");
    shelf_ = new QComboBox(this);
    shelf_->setAccessibleName(tr("Moulds you have"));
    portion_ = new QComboBox(this);
    portion_->setAccessibleName(tr("What goes into it"));
    new_ = new QPushButton(tr("New mould…"), this);
    auto* choose = new QHBoxLayout;
    choose->addWidget(shelf_, 1);
    choose->addWidget(portion_);
    choose->addWidget(new_);
    above()->addLayout(choose);
    editor_ = new MouldEditor(this);
    editor_->hide();
    above()->addWidget(editor_);
    picture_ = new MouldPicture(this);
    above()->addWidget(picture_);

    fill_ = new QPushButton(tr("Make as much as fills it"), this);
    aim_ = new QComboBox(this);
    aim_->addItems({tr("surely full"), tr("most likely full"), tr("never over")});
    aim_->setCurrentIndex(1);
    aim_->setAccessibleName(tr("How surely"));
    auto* filling = new FlowLayout(nullptr, 6, 4);
    filling->addWidget(fill_);
    filling->addWidget(aim_);
    above()->addLayout(filling);

    const auto field = [&](const QString& suffix, int decimals, int width, const QString& name) {
        auto* f = new NumberField(suffix, decimals, true, this);
        fixWidth(f, width);
        f->setAccessibleName(name);
        connect(f, &NumberField::refused, this, &MouldPanel::noted);
        return f;
    };
    bars_ = field(QString(), 0, 56, tr("How many bars"));
    barGrams_ = field(QStringLiteral("g"), 0, 100, tr("A bar weighs, cured"));
    bars_->setPlaceholderText(QStringLiteral("10"));
    barGrams_->setPlaceholderText(tr("g, cured"));
    scaleBars_ = new QPushButton(tr("Scale"), this);
    auto* wanted = new FlowLayout(nullptr, 6, 4);
    wanted->addWidget(bars_);
    wanted->addWidget(new Label(tr("bars of"), this));
    wanted->addWidget(barGrams_);
    wanted->addWidget(scaleBars_);
    left_ = field(QStringLiteral("g"), 1, 90, tr("So much of it is left"));
    left_->setPlaceholderText(tr("g left"));
    leftOf_ = new QComboBox(this);
    leftOf_->setAccessibleName(tr("What is running out"));
    leftOf_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    leftOf_->setMinimumContentsLength(6);
    scaleLeft_ = new QPushButton(tr("Scale"), this);
    scaleLeft_->setAccessibleName(tr("Scale to what is left"));
    auto* runningOut = new FlowLayout(nullptr, 6, 4);
    runningOut->addWidget(left_);
    runningOut->addWidget(leftOf_);
    runningOut->addWidget(scaleLeft_);
    thick_ = field(QString(), 2, 84, tr("A bar is thick"));
    trim_ = field(QString(), 2, 84, tr("Trimmed off each end"));
    auto* cut = new FlowLayout(nullptr, 6, 4);
    cut->addWidget(thick_);
    cut->addWidget(new Label(tr("ends trimmed"), this));
    cut->addWidget(trim_);
    vesselKind_ = new QComboBox(this);
    for (std::size_t k = 0; k < countOf<OwnVesselKind>(); ++k)
        vesselKind_->addItem(words::ownVesselKindName(static_cast<OwnVesselKind>(k)));
    vesselKind_->setAccessibleName(tr("A vessel you have"));
    vesselKind_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    vesselKind_->setMinimumContentsLength(9);
    vesselRoom_ = field(QStringLiteral("ml"), 0, 130, tr("It holds, to the brim"));
    vesselRoom_->setPlaceholderText(tr("ml to the brim"));
    auto* vessel = new FlowLayout(nullptr, 6, 4);
    vessel->addWidget(vesselKind_);
    vessel->addWidget(vesselRoom_);
    auto* form = new QFormLayout;
    form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    form->addRow(tr("I want"), wanted);
    form->addRow(tr("I have only"), runningOut);
    form->addRow(tr("Bars, thick"), cut);
    form->addRow(tr("I have a"), vessel);
    above()->addLayout(form);

    connect(new_, &QPushButton::clicked, this, [this] {
        editor_->setVisible(!editor_->isVisible());
        picture_->setVisible(!editor_->isVisible());
    });
    connect(editor_, &MouldEditor::left, this, [this] {
        editor_->hide();
        picture_->show();
    });
    connect(editor_, &MouldEditor::kept, this, [this](const Mould& mould) {
        noteFault(fittings_.change([&](Fittings& f) { f.moulds.push_back(mould); }));
        editor_->hide();
        picture_->show();
        use(mould);
    });
    connect(shelf_, &QComboBox::activated, this, [this](int at) {
        if (at > 0 && std::size_t(at) <= fittings_.all().moulds.size())
            use(fittings_.all().moulds[std::size_t(at) - 1]);
    });
    connect(fill_, &QPushButton::clicked, this, [this] {
        scaleBy(
            factorToFill(this->document().formula(), static_cast<FillAim>(aim_->currentIndex())),
            tr("Make as much as fills the mould"));
    });
    connect(scaleBars_, &QPushButton::clicked, this, [this] {
        scaleBy(factorForBars(this->document().formula(), bars_->value().value_or(0.0),
                              barGrams_->value().value_or(0.0)),
                tr("Scale to bars"));
    });
    connect(scaleLeft_, &QPushButton::clicked, this, [this] {
        const auto stock = factorForStock(
            this->document().formula(),
            {{leftOf_->currentData().value<LineId>(), left_->value().value_or(0.0)}});
        if (const Cannot* cannot = std::get_if<Cannot>(&stock))
            scaleBy(*cannot, {});
        else
            scaleBy(std::get<StockFactor>(stock).factor, tr("Scale to what is left"));
    });
    const auto setCut = [this] {
        Cutting cutting = this->document().formula().cutting;
        const double unit = speech().lengthStep();
        cutting.bar = thick_->value().value_or(0.0) * unit;
        cutting.trim = trim_->value().value_or(0.0) * unit;
        if (const auto fault = faultOf(cutting))
            Q_EMIT noted(words::cannot(*fault, speech()));
        else
            this->document().apply(SetCutting{cutting}, tr("Say how it is cut"));
        refresh();
    };
    connect(thick_, &NumberField::entered, this, setCut);
    connect(trim_, &NumberField::entered, this, setCut);
    connect(vesselRoom_, &NumberField::entered, this, &MouldPanel::addVessel);
    connect(&fittings_, &OwnFittings::changed, this, [this] {
        if (isVisible())
            refresh();
    });
}

void MouldPanel::speechChanged()
{
    editor_->setSpeech(speech());
    for (NumberField* f : {bars_, barGrams_, left_, thick_, trim_, vesselRoom_})
        f->setSpeech(speech());
    thick_->setSuffix(speech().lengthUnit());
    trim_->setSuffix(speech().lengthUnit());
}

void MouldPanel::use(const Mould& mould)
{
    std::vector<MouldUse> moulds = document().formula().moulds;
    MouldUse one{mould, 0, 1.0};
    const int at = portion_->currentIndex();
    const auto& portions = document().formula().portions;
    if (at > 0 && std::size_t(at) <= portions.size())
        one.portion = portions[std::size_t(at) - 1].id;
    moulds.push_back(one);
    shown_ = int(moulds.size()) - 1;
    document().apply(SetMoulds{moulds}, tr("Use a mould"));
    refresh();
}

void MouldPanel::scaleBy(const OrCannot<double>& factor, const QString& text)
{
    if (const Cannot* cannot = std::get_if<Cannot>(&factor)) {
        Q_EMIT noted(words::cannot(*cannot, speech()));
        return;
    }
    const std::vector<LineId> stay = linesThatStay(document().formula());
    document().apply(scaled(document().formula(), std::get<double>(factor)), text);
    if (!stay.empty()) {
        QStringList names;
        for (const LineId id : stay)
            names << words::lineName(id, document().formula());
        Q_EMIT noted(tr("Left as they are, because they are locked: %1.")
                         .arg(names.join(QStringLiteral(", "))));
    }
}

void MouldPanel::addVessel()
{
    const double ml = vesselRoom_->value().value_or(0.0);
    if (!(ml > 0.0))
        return;
    const auto kind = static_cast<OwnVesselKind>(vesselKind_->currentIndex());
    const QString name =
        tr("%1, %2").arg(words::ownVesselKindName(kind).toLower(), speech().volume(ml));
    noteFault(fittings_.change([&](Fittings& f) {
        f.vessels.push_back({name.toStdString(), kind, ml});
    }));
    vesselRoom_->setValue(std::nullopt);
}

void MouldPanel::refreshControls()
{
    const Formula& f = document().formula();
    {
        const QSignalBlocker quiet(shelf_);
        shelf_->clear();
        shelf_->addItem(fittings_.all().moulds.empty() ? tr("no mould kept yet")
                                                       : tr("add one of your moulds…"));
        for (const Mould& mould : fittings_.all().moulds)
            shelf_->addItem(words::mouldName(mould, speech()));
        shelf_->setCurrentIndex(0);
    }
    {
        const QSignalBlocker quiet(portion_);
        const int at = portion_->currentIndex();
        portion_->clear();
        portion_->addItem(tr("all of it"));
        for (const Portion& p : f.portions)
            portion_->addItem(words::portionName(p.id, f));
        portion_->setCurrentIndex(at > 0 && at < portion_->count() ? at : 0);
        portion_->setVisible(!f.portions.empty());
    }
    {
        const QSignalBlocker quiet(leftOf_);
        const QVariant was = leftOf_->currentData();
        leftOf_->clear();
        for (const Line& line : f.lines)
            if (!line.locked)
                leftOf_->addItem(words::lineName(line.id, f), QVariant::fromValue(line.id));
        leftOf_->setCurrentIndex(std::max(0, leftOf_->findData(was)));
        scaleLeft_->setEnabled(leftOf_->count() > 0);
    }
    fill_->setEnabled(!f.moulds.empty());
    aim_->setEnabled(!f.moulds.empty());
    const double unit = speech().lengthStep();
    thick_->setValue(f.cutting.bar / unit);
    trim_->setValue(f.cutting.trim / unit);
    shown_ = std::clamp(shown_, 0, std::max(0, int(f.moulds.size()) - 1));
}

words::FactPage MouldPanel::factsOf(const Formula& f, const Reckoning& r)
{
    const auto fitted = fitMoulds(f, r);
    words::FactPage page = words::mouldFacts(fitted, f, r, fittings_.all().vessels, speech());
    const auto* fit = std::get_if<MouldFit>(&fitted);
    if (fit && !f.moulds.empty())
        picture_->set(f.moulds[std::size_t(shown_)], fit->levels[std::size_t(shown_)], f.cutting,
                      speech());
    else
        picture_->clear();
    picture_->setVisible(fit && !f.moulds.empty() && !editor_->isVisible());
    // A way to take each mould and vessel away again, and to see another one drawn.
    for (std::size_t i = 0; i < f.moulds.size() && int(i) + 1 < page.sections.size(); ++i) {
        words::FactSection& section = page.sections[int(i) + 1];
        section.facts.append({int(i) == shown_ ? tr("Drawn above") : QString(),
                              {},
                              {},
                              words::Fact::Tone::Plain,
                              QStringLiteral("drop-%1").arg(i),
                              tr("take it away")});
        if (int(i) != shown_)
            section.facts.append({{},
                                  {},
                                  {},
                                  words::Fact::Tone::Plain,
                                  QStringLiteral("draw-%1").arg(i),
                                  tr("draw this one")});
    }
    if (!page.sections.isEmpty())
        for (std::size_t i = 0; i < fittings_.all().vessels.size(); ++i)
            page.sections.last().facts.append(
                {tr("Yours: %1").arg(QString::fromStdString(fittings_.all().vessels[i].name)),
                 {},
                 {},
                 words::Fact::Tone::Plain,
                 QStringLiteral("vessel-%1").arg(i),
                 tr("I no longer have it")});
    return page;
}

void MouldPanel::act(const QString& code)
{
    const int at = code.section(QLatin1Char('-'), 1).toInt();
    if (code.startsWith(QLatin1String("drop-"))) {
        std::vector<MouldUse> moulds = document().formula().moulds;
        if (std::size_t(at) < moulds.size())
            moulds.erase(moulds.begin() + at);
        document().apply(SetMoulds{moulds}, tr("Take a mould away"));
    } else if (code.startsWith(QLatin1String("draw-"))) {
        shown_ = at;
        refresh();
    } else if (code.startsWith(QLatin1String("vessel-"))) {
        noteFault(fittings_.change([&](Fittings& f) {
            if (std::size_t(at) < f.vessels.size())
                f.vessels.erase(f.vessels.begin() + at);
        }));
    }
}

} // namespace rhexion
