#include "app/shelf/material_editor.h"

#include "app/shelf/figures_editor.h"
#include "app/theme/theme.h"
#include "app/widgets/complaint.h"
#include "app/widgets/label.h"
#include "core/materials/figures.h"
#include "core/materials/limits.h"
#include "core/materials/sv_check.h"
#include "words/names.h"
#include "words/shelf_words.h"

#include <QComboBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

MaterialEditor::MaterialEditor(QWidget* parent) : QWidget(parent)
{
    title_ = new Label(this);
    title_->setFont(Theme::figure());
    name_ = new QLineEdit(this);
    name_->setMaxLength(120);
    kind_ = new QComboBox(this);
    for (const MaterialKind kind : allMaterialKinds()) {
        QString text = words::kindName(kind);
        if (kind == MaterialKind::SodiumHydroxide || kind == MaterialKind::PotassiumHydroxide)
            text = words::hydroxideName(kind == MaterialKind::SodiumHydroxide);
        text.front() = text.front().toUpper();
        kind_->addItem(text, int(kind));
    }
    also_ = new QLineEdit(this);
    also_->setMaxLength(int(limits::materialName * 10));
    also_->setPlaceholderText(tr("other names, divided by commas"));
    note_ = new QLineEdit(this);
    note_->setMaxLength(int(limits::materialNote));
    note_->setPlaceholderText(tr("one plain sentence"));
    figures_ = new FiguresEditor(this);
    figures_->setUsualSource(tr("Label of the pack"));
    complaint_ = new Complaint(this);
    auto* form = new QFormLayout;
    form->setLabelAlignment(Qt::AlignLeft);
    form->addRow(tr("&Name"), name_);
    form->addRow(tr("&Kind"), kind_);
    form->addRow(tr("&Also called"), also_);
    form->addRow(tr("N&ote"), note_);
    auto* keep = new QPushButton(tr("Keep it on the shelf"), this);
    keep->setObjectName(QStringLiteral("primary"));
    auto* cancel = new QPushButton(tr("Leave it as it was"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(keep);
    buttons->addWidget(cancel);
    buttons->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(title_);
    layout->addLayout(form);
    layout->addWidget(figures_, 1);
    layout->addWidget(complaint_);
    layout->addLayout(buttons);
    connect(keep, &QPushButton::clicked, this, &MaterialEditor::save);
    connect(cancel, &QPushButton::clicked, this, &MaterialEditor::cancelled);
    connect(figures_, &FiguresEditor::refused, this, &MaterialEditor::complain);
}

void MaterialEditor::setSpeech(const Speech& speech)
{
    figures_->setSpeech(speech);
}

void MaterialEditor::edit(const Material& material)
{
    from_ = material;
    title_->setText(material.id.empty() ? tr("A material of your own")
                                        : tr("Change your material"));
    name_->setText(QString::fromStdString(material.name));
    kind_->setCurrentIndex(kind_->findData(int(material.kind)));
    QStringList also;
    for (const std::string& name : material.alsoCalled)
        also << QString::fromStdString(name);
    also_->setText(also.join(QStringLiteral(", ")));
    note_->setText(QString::fromStdString(material.note));
    std::vector<LotFigure> figures;
    for (const FigureKind& kind : figureKinds())
        if (const Figure* f = findFigure(material, kind.code)) {
            const Source* source = material.findSource(f->source);
            figures.push_back({kind.code, f->range, source ? source->text : std::string()});
        }
    figures_->model().setFigures(figures);
    complain({});
    asked_ = 0.0;
    name_->setFocus();
    name_->selectAll();
}

void MaterialEditor::save()
{
    complain({});
    const auto figures = figures_->model().figures();
    if (const auto* unfinished = std::get_if<FiguresModel::Unfinished>(&figures)) {
        complain(unfinished->why);
        figures_->pointAt(unfinished->row);
        return;
    }
    Material m = from_;
    m.name = name_->text().trimmed().toStdString();
    m.kind = static_cast<MaterialKind>(kind_->currentData().toInt());
    m.note = note_->text().trimmed().toStdString();
    m.alsoCalled.clear();
    for (const QString& name : also_->text().split(QLatin1Char(','), Qt::SkipEmptyParts))
        if (!name.trimmed().isEmpty())
            m.alsoCalled.push_back(name.trimmed().toStdString());
    for (const FigureKind& kind : figureKinds())
        clearFigure(m, kind.code);
    // One source for each text; those of the material it was begun from keep their marks.
    const std::vector<Source> known = m.sources;
    m.sources.clear();
    const auto sourceFor = [&](const std::string& text) {
        for (const Source& source : m.sources)
            if (source.text == text)
                return source.id;
        Source source{"own-" + std::to_string(m.sources.size() + 1), text, false, false};
        for (const Source& old : known)
            if (old.text == text)
                source.fromMemory = old.fromMemory;
        m.sources.push_back(source);
        return source.id;
    };
    for (const LotFigure& f : std::get<std::vector<LotFigure>>(figures))
        setFigure(m, f.code, {f.range, sourceFor(f.source)});
    for (Measure& measure : m.measures)
        measure.source = sourceFor(tr("Weighed").toStdString());
    Material checked = m;
    if (checked.id.empty())
        checked.id = "new";
    if (const auto fault = faultOf(checked)) {
        complain(words::materialFault(*fault));
        return;
    }
    // Asked once; pressed again with the same figure, it is what the maker means.
    const auto& sv = m.sv ? m.sv : m.acidValue;
    const bool fat = m.kind == MaterialKind::Fat || m.kind == MaterialKind::FattyAcid;
    if (fat && sv && !svIsUsual(sv->range.typical()) && asked_ != sv->range.typical()) {
        asked_ = sv->range.typical();
        complain(tr("Fats lie between 100 and 300 mg of potassium hydroxide per gram. If the drum "
                    "really says that, press Keep again."));
        return;
    }
    Q_EMIT kept(m);
}

void MaterialEditor::complain(const QString& text)
{
    complaint_->say(text);
}

QString MaterialEditor::complaint() const
{
    return complaint_->text();
}

} // namespace rhexion
