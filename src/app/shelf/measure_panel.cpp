#include "app/shelf/measure_panel.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "storage/material_names.h"
#include "words/shelf_words.h"
#include "words/working_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QTextBrowser>
#include <QVBoxLayout>

namespace rhexion {

namespace {
constexpr int mostRuns = 4;
}

MeasurePanel::MeasurePanel(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "shelf");
    title_ = new Label(this);
    title_->setFont(Theme::figure());
    choice_ = new QComboBox(this);
    choice_->setAccessibleName(tr("Measurement"));
    how_ = new Label(this);
    how_->setWordWrap(true);
    result_ = new Label(this);
    result_->setFont(Theme::figure());
    result_->setWordWrap(true);
    working_ = new PageBrowser(this);
    working_->setAccessibleName(tr("The working"));
    working_->setOpenLinks(false);
    keepOpen_ = new QPushButton(this);
    keepOpen_->setObjectName(QStringLiteral("primary"));
    keepNew_ = new QPushButton(tr("Keep it as a new lot"), this);
    auto* close = new QPushButton(tr("Back to the material"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(keepOpen_);
    buttons->addWidget(keepNew_);
    buttons->addStretch();
    buttons->addWidget(close);
    formPlace_ = new QVBoxLayout;
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(title_);
    layout->addWidget(choice_);
    layout->addWidget(how_);
    layout->addLayout(formPlace_);
    layout->addWidget(result_);
    layout->addWidget(working_, 1);
    layout->addLayout(buttons);
    connect(choice_, &QComboBox::currentIndexChanged, this, &MeasurePanel::build);
    connect(keepOpen_, &QPushButton::clicked, this, [this] { keep(false); });
    connect(keepNew_, &QPushButton::clicked, this, [this] { keep(true); });
    connect(close, &QPushButton::clicked, this, &MeasurePanel::closed);
}

void MeasurePanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    if (material_)
        build();
}

void MeasurePanel::start(const MaterialPtr& material, const QString& openLot)
{
    material_ = material;
    methods_ = methodsFor(*material);
    title_->setText(tr("Measure %1").arg(materialName(*material)));
    keepOpen_->setVisible(!openLot.isEmpty());
    keepOpen_->setText(tr("Keep it with lot %1").arg(openLot));
    {
        const QSignalBlocker quiet(choice_);
        choice_->clear();
        for (const Method& m : methods_)
            choice_->addItem(m.title);
    }
    build();
}

QWidget* MeasurePanel::fieldFor(const Reading& reading, QWidget* parent)
{
    if (reading.kind == Reading::Kind::YesNo) {
        auto* box = new QCheckBox(reading.name, parent);
        box->setChecked(reading.usual.value_or(0.0) > 0.0);
        connect(box, &QCheckBox::toggled, this, &MeasurePanel::reckon);
        return box;
    }
    if (reading.kind == Reading::Kind::Choice) {
        auto* list = new QComboBox(parent);
        list->addItems(reading.choices);
        list->setCurrentIndex(static_cast<int>(reading.usual.value_or(0.0)));
        connect(list, &QComboBox::currentIndexChanged, this, &MeasurePanel::reckon);
        return list;
    }
    QString unit = reading.unit;
    int decimals = 3;
    std::optional<double> usual = reading.usual;
    switch (reading.kind) {
    // Laboratory readings are in grams everywhere; ounces are too coarse for them.
    case Reading::Kind::Grams: unit = tr("g"); break;
    case Reading::Kind::Percent:
        unit = QStringLiteral("%");
        if (usual)
            *usual *= 100.0;
        break;
    case Reading::Kind::Celsius:
        unit = speech_.habits().fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C");
        decimals = 1;
        if (usual && speech_.habits().fahrenheit)
            usual = Temperature::celsius(*usual).inFahrenheit();
        break;
    case Reading::Kind::Count: decimals = 0; break;
    default: break;
    }
    auto* field = new NumberField(unit, decimals, true, parent);
    field->setSpeech(speech_);
    field->setValue(usual);
    fixWidth(field, 130);
    connect(field, &NumberField::entered, this, &MeasurePanel::reckon);
    connect(field, &NumberField::refused, this, [this](const QString& why) {
        found_.reset();
        result_->setText(why);
    });
    return field;
}

std::optional<double> MeasurePanel::valueOf(const Reading& reading, QWidget* field) const
{
    if (const auto* box = qobject_cast<QCheckBox*>(field))
        return box->isChecked() ? 1.0 : 0.0;
    if (const auto* list = qobject_cast<QComboBox*>(field))
        return list->currentIndex();
    auto value = static_cast<NumberField*>(field)->value();
    if (value && reading.kind == Reading::Kind::Percent)
        *value /= 100.0;
    if (value && reading.kind == Reading::Kind::Celsius && speech_.habits().fahrenheit)
        value = Temperature::fahrenheit(*value).inCelsius();
    return value;
}

void MeasurePanel::build()
{
    delete form_;
    fields_.clear();
    const auto at = static_cast<std::size_t>(std::max(0, choice_->currentIndex()));
    if (at >= methods_.size())
        return;
    const Method& method = methods_[at];
    how_->setText(method.how);
    form_ = new QWidget(this);
    auto* grid = new QGridLayout(form_);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(5);
    int row = 0;
    // Two columns of readings, so that the working has room below.
    for (std::size_t i = 0; i < method.readings.size(); ++i) {
        const Reading& reading = method.readings[i];
        QWidget* field = fieldFor(reading, form_);
        field->setAccessibleName(reading.name);
        const int column = static_cast<int>(i % 2) * 2;
        if (reading.kind == Reading::Kind::YesNo) {
            grid->addWidget(field, row, column, 1, 2);
        } else {
            auto* label = new Label(reading.name, form_);
            label->setBuddy(field);
            grid->addWidget(label, row, column);
            grid->addWidget(field, row, column + 1, Qt::AlignLeft);
        }
        fields_.push_back(field);
        if (i % 2 == 1 || i + 1 == method.readings.size())
            ++row;
    }
    if (!method.run.empty()) {
        for (int run = 0; run < mostRuns; ++run) {
            int column = 0;
            for (const Reading& reading : method.run) {
                const QString name = tr("Run %1: %2").arg(run + 1).arg(reading.name);
                QWidget* field = fieldFor(reading, form_);
                field->setAccessibleName(name);
                auto* label = new Label(column == 0 ? name : reading.name, form_);
                label->setBuddy(field);
                grid->addWidget(label, row, column++);
                grid->addWidget(field, row, column++, Qt::AlignLeft);
                fields_.push_back(field);
            }
            ++row;
        }
    }
    grid->setColumnStretch(4, 1);
    formPlace_->addWidget(form_);
    reckon();
    if (!fields_.empty())
        fields_.front()->setFocus();
}

void MeasurePanel::reckon()
{
    const Method& method = methods_[static_cast<std::size_t>(choice_->currentIndex())];
    Method::Values values;
    std::size_t at = 0;
    bool touched = false;
    for (const Reading& reading : method.readings) {
        values.push_back(valueOf(reading, fields_[at++]));
        touched = touched || (values.back() && values.back() != reading.usual);
    }
    std::vector<Method::Values> runs;
    for (int run = 0; !method.run.empty() && run < mostRuns; ++run) {
        Method::Values one;
        bool any = false;
        for (const Reading& reading : method.run) {
            one.push_back(valueOf(reading, fields_[at++]));
            any = any || one.back();
        }
        if (any)
            runs.push_back(std::move(one));
    }
    const MeasureResult reckoned = method.reckon(values, runs);
    found_.reset();
    if (const auto* fault = std::get_if<MeasureFault>(&reckoned)) {
        // Before anything is filled in there is nothing to complain of.
        const bool early = *fault == MeasureFault::NoRuns ||
                           (*fault == MeasureFault::Missing && !touched && runs.empty());
        result_->setText(early ? tr("Fill in what you read.") : words::measureFault(*fault));
        working_->clear();
    } else {
        const Measured& good = std::get<Measured>(reckoned);
        found_ = good.value;
        if (method.figure.empty()) {
            result_->setText(tr("1 %1 weighs %2 g (%3 to %4)")
                                 .arg(method.measure(values),
                                      speech_.number(good.value.typical(), 3),
                                      speech_.number(good.value.low(), 3),
                                      speech_.number(good.value.high(), 3)));
        } else {
            const FigureKind* kind = findFigureKind(method.figure);
            result_->setText(tr("%1: %2").arg(words::figureName(method.figure),
                                              words::figureText(*kind, good.value, speech_)));
        }
        QString html;
        const Formula none;
        for (const Step& step : good.working.steps()) {
            const QString source = words::stepSource(step, none);
            html +=
                QStringLiteral(
                    "<p style='margin: 3px 0'>%1<br><span style='font-weight: 600'>%2</span>%3</p>")
                    .arg(words::stepTitle(step, none).toHtmlEscaped(),
                         words::stepSum(step, good.working, speech_).toHtmlEscaped(),
                         source.isEmpty()
                             ? QString()
                             : QStringLiteral("<br><span style='color: %1'>%2</span>")
                                   .arg(Theme::colours().muted.name(), source.toHtmlEscaped()));
        }
        working_->setHtml(html);
    }
    keepOpen_->setEnabled(found_.has_value());
    keepNew_->setEnabled(found_.has_value());
}

void MeasurePanel::keep(bool newLot)
{
    if (!found_)
        return;
    const Method& method = methods_[static_cast<std::size_t>(choice_->currentIndex())];
    if (!method.figure.empty()) {
        Q_EMIT keepWanted({method.figure, *found_, method.source.toStdString()}, newLot);
        return;
    }
    Method::Values values;
    for (std::size_t i = 0; i < method.readings.size(); ++i)
        values.push_back(valueOf(method.readings[i], fields_[i]));
    Q_EMIT keepMeasureWanted(
        {method.measure(values).toStdString(), found_->typical(), method.source.toStdString()},
        newLot);
}

QString MeasurePanel::result() const
{
    return result_->text();
}

QString MeasurePanel::working() const
{
    return working_->toPlainText();
}

} // namespace rhexion
