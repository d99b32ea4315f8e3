#include "app/shelf/lot_editor.h"

#include "app/shelf/figures_editor.h"
#include "app/theme/theme.h"
#include "app/widgets/complaint.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "storage/material_names.h"
#include "words/shelf_words.h"

#include <QCheckBox>
#include <QDateEdit>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

std::variant<std::vector<Measure>, QString> measuresFromText(const QString& text,
                                                             const Speech& speech)
{
    std::vector<Measure> out;
    for (const QString& part : text.split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const QString one = part.trimmed();
        if (one.isEmpty())
            continue;
        const auto gap = one.lastIndexOf(QLatin1Char(' '));
        const auto number =
            parseNumber(one.mid(gap + 1).toStdString(), speech.phraseHabits().decimalMark);
        const auto* grams = std::get_if<double>(&number);
        if (gap <= 0 || !grams || !(*grams > 0.0) || *grams > 1e6)
            return one;
        out.push_back({words::measureMeant(one.left(gap).trimmed()), *grams,
                       LotEditor::tr("Weighed").toStdString()});
    }
    return out;
}

QString measuresToText(const std::vector<Measure>& measures, const Speech& speech)
{
    QStringList out;
    for (const Measure& m : measures)
        out << QStringLiteral("%1 %2").arg(words::measureSaid(m.name),
                                           speech.habits().locale.toString(m.grams, 'g', 5));
    return out.join(QStringLiteral("; "));
}

LotEditor::LotEditor(QWidget* parent) : QWidget(parent)
{
    title_ = new Label(this);
    title_->setFont(Theme::figure());
    name_ = new QLineEdit(this);
    name_->setMaxLength(100);
    name_->setPlaceholderText(tr("what is written on the jar"));
    homeMade_ = new QCheckBox(tr("made at home"), this);
    supplier_ = new QLineEdit(this);
    supplier_->setMaxLength(200);
    got_ = new QDateEdit(this);
    bestBefore_ = new QDateEdit(this);
    for (QDateEdit* date : {got_, bestBefore_})
        date->setCalendarPopup(true);
    dated_ = new QCheckBox(tr("best before"), this);
    price_ = new NumberField(QString(), 2, true, this);
    bought_ = new NumberField(QString(), 1, true, this);
    left_ = new NumberField(QString(), 1, true, this);
    measures_ = new QLineEdit(this);
    measures_->setPlaceholderText(tr("grams each, such as: tsp 5.1; drop 0.03"));
    notes_ = new QLineEdit(this);
    notes_->setMaxLength(2000);
    figures_ = new FiguresEditor(this);
    figures_->setUsualSource(tr("Certificate"));
    complaint_ = new Complaint(this);

    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(10);
    const auto put = [&](int row, int column, const QString& name, QWidget* field, int span = 1) {
        auto* label = new Label(name, this);
        label->setBuddy(field);
        field->setAccessibleName(QString(name).remove(QLatin1Char('&')));
        grid->addWidget(label, row, column * 2);
        grid->addWidget(field, row, column * 2 + 1, 1, span);
    };
    put(0, 0, tr("&Name"), name_);
    grid->addWidget(homeMade_, 0, 2, 1, 2);
    put(1, 0, tr("&Came or made"), got_);
    grid->addWidget(dated_, 1, 2);
    grid->addWidget(bestBefore_, 1, 3);
    bestBefore_->setAccessibleName(tr("Best before"));
    put(2, 0, tr("&From"), supplier_);
    put(2, 1, tr("&Price paid"), price_);
    put(3, 0, tr("&Bought"), bought_);
    put(3, 1, tr("&Left"), left_);
    put(4, 0, tr("&Spoons, drops"), measures_, 3);
    put(5, 0, tr("N&otes"), notes_, 3);
    grid->setColumnStretch(1, 1);
    grid->setColumnStretch(3, 1);
    auto* keep = new QPushButton(tr("Keep this lot"), this);
    keep->setObjectName(QStringLiteral("primary"));
    auto* cancel = new QPushButton(tr("Leave it as it was"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(keep);
    buttons->addWidget(cancel);
    buttons->addStretch();
    auto* hint = new Label(tr("Only what is printed on the jar or certificate, or what you "
                              "measured: the rest stays the material’s."),
                           this);
    hint->setObjectName(QStringLiteral("muted"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->addWidget(title_);
    layout->addLayout(grid);
    layout->addWidget(hint);
    layout->addWidget(figures_, 1);
    layout->addWidget(complaint_);
    layout->addLayout(buttons);
    connect(dated_, &QCheckBox::toggled, bestBefore_, &QWidget::setEnabled);
    connect(keep, &QPushButton::clicked, this, &LotEditor::save);
    connect(cancel, &QPushButton::clicked, this, &LotEditor::cancelled);
    connect(figures_, &FiguresEditor::refused, this, &LotEditor::complain);
    for (NumberField* field : {price_, bought_, left_})
        connect(field, &NumberField::refused, this, &LotEditor::complain);
}

void LotEditor::setSpeech(const Speech& speech)
{
    speech_ = speech;
    figures_->setSpeech(speech);
    for (NumberField* field : {price_, bought_, left_})
        field->setSpeech(speech);
    for (NumberField* field : {bought_, left_})
        field->setSuffix(speech.massUnit());
    for (QDateEdit* date : {got_, bestBefore_})
        date->setLocale(speech.habits().locale);
}

void LotEditor::edit(const MaterialPtr& material, const LotRecord& lot, const QDate& today)
{
    material_ = material;
    from_ = lot;
    from_.material = material->id;
    const QString name = materialName(*material);
    title_->setText(lot.lot.id.empty() ? tr("A new lot of %1").arg(name)
                                       : tr("A lot of %1").arg(name));
    name_->setText(lot.lot.name.empty() ? speech_.date(today)
                                        : QString::fromStdString(lot.lot.name));
    homeMade_->setChecked(lot.homeMade);
    supplier_->setText(lot.supplier);
    got_->setDate(lot.got.isValid() ? lot.got : today);
    dated_->setChecked(lot.bestBefore.isValid());
    bestBefore_->setEnabled(lot.bestBefore.isValid());
    bestBefore_->setDate(lot.bestBefore.isValid() ? lot.bestBefore : today.addYears(1));
    price_->setValue(lot.price);
    const auto inUnit = [&](const std::optional<double>& g) {
        return g ? std::optional(statedIn(Mass::grams(*g), speech_.habits().massUnit).value)
                 : std::nullopt;
    };
    bought_->setValue(inUnit(lot.boughtGrams));
    left_->setValue(inUnit(lot.leftGrams));
    measures_->setText(measuresToText(lot.lot.measures, speech_));
    notes_->setText(lot.notes);
    figures_->model().setFigures(lot.lot.figures);
    complain({});
    name_->setFocus();
    name_->selectAll();
}

std::optional<double> LotEditor::grams(const NumberField* field) const
{
    if (!field->value())
        return std::nullopt;
    const auto mass = statedMass({*field->value(), speech_.habits().massUnit});
    return mass ? std::optional(mass->inGrams()) : std::nullopt;
}

void LotEditor::save()
{
    complain({});
    const auto figures = figures_->model().figures();
    if (const auto* unfinished = std::get_if<FiguresModel::Unfinished>(&figures)) {
        complain(unfinished->why);
        figures_->pointAt(unfinished->row);
        return;
    }
    const auto measures = measuresFromText(measures_->text(), speech_);
    if (const auto* bad = std::get_if<QString>(&measures)) {
        complain(tr("“%1” is not understood: write the measure and its grams, such as "
                    "tsp 5.1")
                     .arg(*bad));
        measures_->setFocus();
        return;
    }
    LotRecord r = from_;
    r.lot.name = name_->text().trimmed().toStdString();
    if (r.lot.name.empty()) {
        complain(tr("Give it a name, so that you can tell the jars apart."));
        name_->setFocus();
        return;
    }
    r.lot.figures = std::get<std::vector<LotFigure>>(figures);
    r.lot.measures = std::get<std::vector<Measure>>(measures);
    r.homeMade = homeMade_->isChecked();
    r.supplier = supplier_->text().trimmed();
    r.got = got_->date();
    r.bestBefore = dated_->isChecked() ? bestBefore_->date() : QDate();
    r.price = price_->value();
    r.boughtGrams = grams(bought_);
    r.leftGrams = left_->value() ? grams(left_) : r.boughtGrams;
    r.notes = notes_->text().trimmed();
    for (const std::optional<double>* v : {&r.price, &r.boughtGrams, &r.leftGrams})
        if (*v && **v < 0.0) {
            complain(tr("An amount or price cannot be below 0."));
            return;
        }
    if (const auto fault = faultOf(withLot(*material_, r.lot))) {
        complain(words::materialFault(*fault));
        return;
    }
    Q_EMIT kept(r);
}

void LotEditor::complain(const QString& text)
{
    complaint_->say(text);
}

QString LotEditor::complaint() const
{
    return complaint_->text();
}

} // namespace rhexion
