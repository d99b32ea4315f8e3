#include "app/shelf/mix_panel.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/material_field.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "core/measuring/measure.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "words/shelf_words.h"
#include "words/working_words.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTextBrowser>
#include <QVBoxLayout>

namespace rhexion {

MixPanel::MixPanel(Stock& stock, QWidget* parent) : QWidget(parent), stock_(stock)
{
    title_ = new Label(tr("Cook or mix"), this);
    title_->setFont(Theme::figure());
    auto* how = new Label(tr("Say what went in, by weight, and weigh what came out without the "
                             "pan. What is missing is taken for water that boiled off."),
                          this);
    how->setWordWrap(true);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(5);
    for (std::size_t i = 0; i < rows; ++i) {
        what_[i] = new MaterialField(stock, this);
        what_[i]->setPlaceholderText(i < 2 ? tr("material") : tr("another, or leave it empty"));
        what_[i]->setAccessibleName(tr("Material %1").arg(i + 1));
        grams_[i] = new NumberField(tr("g"), 1, true, this);
        grams_[i]->setAccessibleName(tr("Grams of material %1").arg(i + 1));
        fixWidth(grams_[i], 120);
        said_[i] = new Label(this);
        said_[i]->setObjectName(QStringLiteral("muted"));
        const int row = static_cast<int>(i);
        grid->addWidget(grams_[i], row, 0);
        grid->addWidget(what_[i], row, 1);
        grid->addWidget(said_[i], row, 2);
        connect(what_[i], &QLineEdit::textEdited, this, &MixPanel::reckon);
        connect(grams_[i], &NumberField::entered, this, &MixPanel::reckon);
    }
    grid->setColumnStretch(1, 2);
    grid->setColumnStretch(2, 3);
    end_ = new NumberField(tr("g"), 1, true, this);
    fixWidth(end_, 120);
    end_->setAccessibleName(tr("Weight at the end"));
    name_ = new QLineEdit(this);
    name_->setMaxLength(120);
    name_->setAccessibleName(tr("Name of the new material"));
    auto* endRow = new QHBoxLayout;
    endRow->addWidget(new Label(tr("It weighs in the end"), this));
    endRow->addWidget(end_);
    endRow->addSpacing(16);
    endRow->addWidget(new Label(tr("and is called"), this));
    endRow->addWidget(name_, 1);
    result_ = new Label(this);
    result_->setFont(Theme::strong());
    result_->setWordWrap(true);
    working_ = new PageBrowser(this);
    working_->setAccessibleName(tr("The working"));
    keep_ = new QPushButton(tr("Keep it as a material, with a lot"), this);
    keep_->setObjectName(QStringLiteral("primary"));
    auto* close = new QPushButton(tr("Back to the material"), this);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(keep_);
    buttons->addStretch();
    buttons->addWidget(close);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    layout->addWidget(title_);
    layout->addWidget(how);
    layout->addLayout(grid);
    layout->addLayout(endRow);
    layout->addWidget(result_);
    layout->addWidget(working_, 1);
    layout->addLayout(buttons);
    connect(end_, &NumberField::entered, this, &MixPanel::reckon);
    connect(keep_, &QPushButton::clicked, this, &MixPanel::keep);
    connect(close, &QPushButton::clicked, this, &MixPanel::closed);
}

void MixPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : grams_)
        field->setSpeech(speech);
    end_->setSpeech(speech);
    reckon();
}

void MixPanel::start(const MaterialPtr& material)
{
    for (std::size_t i = 0; i < rows; ++i) {
        what_[i]->clear();
        grams_[i]->setValue(std::nullopt);
    }
    what_[0]->setMaterial(material);
    what_[1]->setMaterial(stock_.material("water"));
    end_->setValue(std::nullopt);
    name_->setText(tr("%1, cooked").arg(materialName(*material)));
    reckon();
    grams_[0]->setFocus();
}

QLineEdit* MixPanel::whatField(std::size_t row) const
{
    return what_[row];
}

void MixPanel::reckon()
{
    found_.reset();
    working_->clear();
    std::vector<Ingredient> ingredients;
    double total = 0.0;
    double water = 0.0;
    bool unknown = false;
    for (std::size_t i = 0; i < rows; ++i) {
        const MaterialPtr material = what_[i]->material();
        const double grams = grams_[i]->value().value_or(0.0);
        said_[i]->setText(material ? tr("is %1").arg(materialName(*material))
                                   : what_[i]->question());
        if (!material || !(grams > 0.0)) {
            unknown = unknown || (grams > 0.0 && !material);
            continue;
        }
        ingredients.push_back({material, Mass::grams(grams)});
        total += grams;
        water += grams * material->part(Part::Water).range.typical();
    }
    keep_->setEnabled(false);
    if (unknown) {
        result_->setText(tr("A weight stands beside a material that is not certain yet."));
        return;
    }
    if (ingredients.empty()) {
        result_->setText(tr("Fill in the weights."));
        return;
    }
    const double end = end_->value().value_or(total);
    found_ = mixed(ingredients, Mass::grams(end));
    if (!found_) {
        result_->setText(words::measureFault(MeasureFault::NothingLost));
        return;
    }
    const Interval share = found_->part(Part::Water).range;
    result_->setText(tr("%1 of it, water %2; %3 boiled off.")
                         .arg(speech_.mass(end),
                              words::figureText(*findFigureKind("water"), share, speech_),
                              speech_.mass(std::max(0.0, total - end))));
    const Measured measured =
        mixtureWater(Mass::grams(water), Mass::grams(total), Mass::grams(end), share);
    QString html;
    const Formula none;
    for (const Step& step : measured.working.steps())
        html += QStringLiteral("<p>%1<br><span style='font-weight: 600'>%2</span></p>")
                    .arg(words::stepTitle(step, none).toHtmlEscaped(),
                         words::stepSum(step, measured.working, speech_).toHtmlEscaped());
    for (const FigureKind& kind : figureKinds())
        if (const Figure* f = kind.code == "water" ? nullptr : findFigure(*found_, kind.code))
            html += QStringLiteral("<p style='margin: 2px 0'>%1: %2</p>")
                        .arg(words::figureName(kind.code).toHtmlEscaped(),
                             words::figureText(kind, f->range, speech_).toHtmlEscaped());
    working_->setHtml(html);
    keep_->setEnabled(true);
}

void MixPanel::keep()
{
    if (!found_)
        return;
    Material m = *found_;
    m.name = name_->text().trimmed().toStdString();
    if (m.name.empty()) {
        result_->setText(tr("Give it a name first."));
        name_->setFocus();
        return;
    }
    // The source says how it was made, in this person's words.
    QStringList parts;
    double total = 0.0;
    for (std::size_t i = 0; i < rows; ++i)
        if (const auto grams = grams_[i]->value(); grams && *grams > 0.0) {
            total += *grams;
            parts << QStringLiteral("%1 %2").arg(speech_.mass(*grams),
                                                 materialName(*what_[i]->material()));
        }
    const double end = end_->value().value_or(total);
    for (Source& source : m.sources)
        source.text = tr("Mixed from %1; %2 left at the end")
                          .arg(parts.join(QStringLiteral(", ")), speech_.mass(end))
                          .toStdString();
    Q_EMIT kept(m, end);
}

QString MixPanel::result() const
{
    return result_->text();
}

} // namespace rhexion
