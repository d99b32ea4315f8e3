#include "app/formulating/mould_editor.h"

#include "app/theme/theme.h"
#include "app/widgets/complaint.h"
#include "app/widgets/number_field.h"
#include "core/materials/limits.h"
#include "words/mould_words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

namespace {

enum MouldForm { LoafForm, SlabForm, ColumnForm, TubeForm, DomeForm, WaterForm };
constexpr std::size_t mostSizes = 8;

} // namespace

MouldEditor::MouldEditor(QWidget* parent) : QWidget(parent)
{
    form_ = new QFormLayout;
    name_ = new QLineEdit(this);
    name_->setMaxLength(int(limits::mould) / 2);
    name_->setPlaceholderText(tr("what you call it"));
    shape_ = new QComboBox(this);
    shape_->addItems({tr("loaf"), tr("slab, with or without dividers"), tr("upright tube"),
                      tr("tube on its side"), tr("dome"), tr("any other, weighed with water")});
    form_->addRow(tr("Name"), name_);
    form_->addRow(tr("Shape"), shape_);
    for (std::size_t i = 0; i < mostSizes; ++i) {
        auto* field = new NumberField(QString(), 2, true, this);
        sizes_.push_back(field);
        form_->addRow(tr("Size"), field); // named by the shape
    }
    count_ = new NumberField(QString(), 0, false, this);
    count_->setValue(1);
    form_->addRow(tr("How many alike"), count_);
    complaint_ = new Complaint(this);
    keep_ = new QPushButton(tr("Keep this mould"), this);
    auto* back = new QPushButton(tr("Leave it"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(keep_);
    buttons->addWidget(back);
    buttons->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addLayout(form_);
    layout->addWidget(complaint_);
    layout->addLayout(buttons);
    connect(shape_, &QComboBox::activated, this, &MouldEditor::shapeChosen);
    connect(keep_, &QPushButton::clicked, this, &MouldEditor::tryKeep);
    connect(back, &QPushButton::clicked, this, &MouldEditor::left);
    shapeChosen();
}

void MouldEditor::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : sizes_)
        field->setSpeech(speech);
    count_->setSpeech(speech);
    shapeChosen();
}

void MouldEditor::shapeChosen()
{
    QStringList names;
    switch (shape_->currentIndex()) {
    case LoafForm:
        names = {tr("Length inside"),     tr("Width inside"),     tr("Depth"),
                 tr("Length at the rim"), tr("Width at the rim"), tr("Corner radius"),
                 tr("Liner, thick")};
        break;
    case SlabForm:
        names = {tr("Length inside"),
                 tr("Width inside"),
                 tr("Depth"),
                 tr("Dividers across the length"),
                 tr("Dividers across the width"),
                 tr("A divider is thick"),
                 tr("and high")};
        break;
    case ColumnForm: names = {tr("Diameter inside"), tr("Height")}; break;
    case TubeForm: names = {tr("Diameter inside"), tr("Length"), tr("Filled to a depth of")}; break;
    case DomeForm: names = {tr("Diameter at its base"), tr("Height")}; break;
    default: names = {tr("Full of water it weighs"), tr("Empty it weighs"), tr("The water is at")};
    }
    for (std::size_t i = 0; i < sizes_.size(); ++i) {
        const bool used = i < std::size_t(names.size());
        form_->setRowVisible(sizes_[i], used);
        if (!used)
            continue;
        static_cast<QLabel*>(form_->labelForField(sizes_[i]))->setText(names[int(i)]);
        const bool water = shape_->currentIndex() == WaterForm;
        const bool count = shape_->currentIndex() == SlabForm && (i == 3 || i == 4);
        sizes_[i]->setAccessibleName(names[int(i)]);
        sizes_[i]->setSuffix(count            ? QString()
                             : water && i < 2 ? QStringLiteral("g")
                             : water          ? QStringLiteral("°C")
                                              : speech_.lengthUnit());
    }
    complaint_->say({});
}

Mould MouldEditor::typed() const
{
    const double unit = speech_.lengthStep();
    const auto mm = [&](std::size_t i) { return sizes_[i]->value().value_or(0.0) * unit; };
    const auto plain = [&](std::size_t i) { return sizes_[i]->value().value_or(0.0); };
    Mould out;
    out.name = name_->text().trimmed().toStdString();
    out.count = int(std::clamp(count_->value().value_or(1.0), 0.0, 1e6));
    switch (shape_->currentIndex()) {
    case LoafForm: out.shape = Loaf{mm(0), mm(1), mm(2), mm(3), mm(4), mm(5), mm(6)}; break;
    case SlabForm: {
        const double high = sizes_[6]->value() ? mm(6) : mm(2);
        const double across = plain(3) + plain(4);
        out.shape = Slab{mm(0),
                         mm(1),
                         mm(2),
                         int(std::clamp(plain(3), -1.0, 1e5)),
                         int(std::clamp(plain(4), -1.0, 1e5)),
                         mm(5),
                         across > 0.0 ? high : 0.0};
        break;
    }
    case ColumnForm: out.shape = Column{mm(0), mm(1)}; break;
    case TubeForm: out.shape = LyingTube{mm(0), mm(1), sizes_[2]->value() ? mm(2) : mm(0)}; break;
    case DomeForm: out.shape = Dome{mm(0) / 2.0, mm(1)}; break;
    default: {
        const auto free = byWater(plain(0), plain(1), sizes_[2]->value().value_or(20.0));
        out.shape =
            std::holds_alternative<FreeShape>(free) ? std::get<FreeShape>(free) : FreeShape{0.0};
    }
    }
    return out;
}

void MouldEditor::tryKeep()
{
    if (shape_->currentIndex() == WaterForm) {
        const auto free =
            byWater(sizes_[0]->value().value_or(0.0), sizes_[1]->value().value_or(0.0),
                    sizes_[2]->value().value_or(20.0));
        if (const Cannot* cannot = std::get_if<Cannot>(&free)) {
            complaint_->say(words::cannot(*cannot, speech_));
            return;
        }
    }
    const Mould mould = typed();
    if (const auto fault = faultOf(mould)) {
        complaint_->say(words::cannot(*fault, speech_));
        return;
    }
    complaint_->say({});
    Q_EMIT kept(mould);
}

} // namespace rhexion
