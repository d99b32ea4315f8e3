#include "app/journal/bars_chapter.h"

#include "app/files/file_choice.h"
#include "app/help.h"
#include "app/print_preview.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "core/making/scent.h"
#include "sheet/facts_sheet.h"
#include "storage/batch_cost.h"
#include "storage/inci_names.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "words/after_words.h"
#include "words/cost_words.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"

#include <QPageSize>
#include <QPushButton>
#include <QUrl>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

namespace {

// Substances a label names, of the scents that have a certificate.
std::vector<std::string> allergensOf(const Batch& batch, const Fittings& fittings)
{
    const Bowl bowl = batch.bowl();
    const ScentPicture picture =
        scentPicture(bowl.formula, accountOf(bowl.formula, bowl.amounts), fittings.limits,
                     fittings.certificates, {}, fittings.blends);
    std::vector<std::string> out;
    for (const AllergenInBar& a : picture.allergens)
        if (a.say != Declare::Below)
            out.push_back(a.name);
    std::ranges::sort(out);
    return out;
}

words::FactSection barsFacts(const Batch& batch, const AfterTerms& terms, const Speech& s)
{
    words::FactSection out;
    out.title = BarsChapter::tr("Bars");
    const BarsNow bars = barsOf(batch);
    if (bars.cut == 0) {
        out.sentence = BarsChapter::tr("Nobody counted them yet: write down that it was cut, and "
                                       "into how many bars.");
        return out;
    }
    out.facts.append({BarsChapter::tr("Cut"), QString::number(bars.cut), {}});
    for (std::size_t i = 0; i < bars.to.size(); ++i)
        if (bars.to[i] > 0) {
            const QString name = words::barsToName(static_cast<BarsTo>(i));
            out.facts.append({capital(name), QString::number(bars.to[i]),
                              i == std::size_t(BarsTo::Sold) && bars.broughtMinor > 0.0
                                  ? BarsChapter::tr("brought %1")
                                        .arg(words::money(bars.broughtMinor, terms.currency,
                                                          terms.minorDigits, s))
                                  : QString()});
        }
    const bool tooMany = bars.gone() > bars.cut;
    out.facts.append({BarsChapter::tr("Left"), QString::number(bars.left()),
                      tooMany ? BarsChapter::tr("more went than were cut: count them") : QString(),
                      tooMany ? words::Fact::Tone::Care : words::Fact::Tone::Plain});
    return out;
}

} // namespace

BarsChapter::BarsChapter(Stock& stock, QWidget* parent) : QWidget(parent), stock_(stock)
{
    helpOn(this, "stock-cost-labels");
    auto* form = new QWidget(this);
    nominal_ = new NumberField(tr("g on the label"), 0, true, form);
    nominal_->setAccessibleName(tr("Net weight on the label"));
    nominal_->setPlaceholderText(tr("weight on the label"));
    fixWidth(nominal_, 190);
    giveCode_ = new QPushButton(tr("Give it a code"), form);
    labels_ = new QPushButton(tr("Labels as PDF…"), form);
    print_ = new QPushButton(tr("Print labels…"), form);
    skip_ = new NumberField(tr("places gone"), 0, true, form);
    skip_->setAccessibleName(tr("Places of the first sheet that are gone"));
    skip_->setPlaceholderText(tr("places gone"));
    fixWidth(skip_, 150);
    card_ = new QPushButton(tr("Card…"), form);
    auto* terms = new QPushButton(tr("Money, label and card…"), form);
    auto* row = new FlowLayout(form, Theme::px(8), Theme::px(6));
    for (QWidget* w :
         std::initializer_list<QWidget*>{giveCode_, nominal_, print_, labels_, skip_, card_, terms})
        row->addWidget(w);
    page_ = new ChapterBrowser(tr("Bars and label"), this);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(form);
    column->addWidget(page_, 1);
    connect(giveCode_, &QPushButton::clicked, this, &BarsChapter::codeWanted);
    connect(terms, &QPushButton::clicked, this, &BarsChapter::termsWanted);
    connect(nominal_, &NumberField::entered, this, &BarsChapter::refresh);
    connect(labels_, &QPushButton::clicked, this, &BarsChapter::saveLabels);
    connect(print_, &QPushButton::clicked, this, &BarsChapter::printLabels);
    connect(page_, &QTextBrowser::anchorClicked, this, [this](const QUrl& link) {
        const QString code = link.toString();
        if (!code.startsWith(QLatin1String("do:inci:")))
            return;
        const QString id = code.mid(8);
        const MaterialPtr material = stock_.plain(id.toStdString());
        Q_EMIT nameWanted(id, material ? materialName(*material) : id);
    });
    connect(card_, &QPushButton::clicked, this, &BarsChapter::printCard);
}

QString BarsChapter::pageText() const
{
    return page_->toPlainText();
}

words::LabelSource BarsChapter::source() const
{
    return {batch_,
            cured_,
            fittings_.terms,
            [this](const Material& m) { return inciNameOf(m, fittings_.terms.inci); },
            allergensOf(batch_, fittings_),
            nominal_->value()};
}

void BarsChapter::show(const Batch& batch, const Cured& cured, const Fittings& fittings,
                       const Speech& speech)
{
    if (batch.id != batch_.id)
        nominal_->setValue(std::nullopt);
    batch_ = batch;
    cured_ = cured;
    fittings_ = fittings;
    speech_ = speech;
    nominal_->setSpeech(speech);
    skip_->setSpeech(speech);
    giveCode_->setEnabled(lastOf<CodeGiven>(batch.after) == nullptr);
    refresh();
}

void BarsChapter::refresh()
{
    const BarsNow bars = barsOf(batch_);
    words::FactPage label = words::labelFacts(source(), speech_);
    facts_ = label;
    facts_.title = tr("Bars and label of %1").arg(QString::fromStdString(batch_.formula.name));
    facts_.sections.clear();
    facts_.sections.append(barsFacts(batch_, fittings_.terms, speech_));
    facts_.sections.append(words::costFacts(batchCost(batch_, cured_, stock_.shelf(), fittings_),
                                            fittings_.terms, bars.cut, bars.sellable(), speech_));
    facts_.sections.append(label.sections);
    page_->setFacts(facts_, false);
}

LabelJob BarsChapter::labelJob() const
{
    LabelJob job{words::labelText(source(), speech_), fittings_.terms.sheet, fittings_.terms.qr,
                 std::clamp(barsOf(batch_).left(), 1, 1000), int(skip_->value().value_or(0.0))};
    job.skip = std::clamp(job.skip, 0, job.sheet.columns * job.sheet.rows - 1);
    return job;
}

void BarsChapter::printLabels()
{
    const LabelJob job = labelJob();
    previewOn(*window(), tr("The labels, as they will be printed"), job.text.name,
              QPageSize(QSizeF(job.sheet.pageWidth, job.sheet.pageHeight), QPageSize::Millimeter),
              [&](QPagedPaintDevice& to) { drawLabels(to, job); });
}

void BarsChapter::saveLabels()
{
    const QString path =
        files::toSave(this, tr("Labels as PDF"), tr("labels.pdf"), tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    const LabelJob job = labelJob();
    if (const auto fault = writeLabelsPdf(path, job))
        Q_EMIT said(words::fileFault(*fault));
    else
        Q_EMIT said(
            tr("%n label(s) are in %1. Print them without scaling.", nullptr, job.count).arg(path));
}

void BarsChapter::printCard()
{
    words::FactPage card;
    card.title = QString::fromStdString(batch_.formula.name);
    card.lead = fittings_.terms.card.empty() ? words::usualCard()
                                             : QString::fromStdString(fittings_.terms.card);
    const words::LabelText text = words::labelText(source(), speech_);
    words::FactSection in;
    in.title = tr("What is in it");
    in.sentence = words::ingredientsSaid(text.ingredients);
    if (!text.code.isEmpty())
        in.facts.append({tr("Batch"), text.code, {}});
    in.facts.append({tr("Rested until"),
                     speech_.date(QDateTime::fromMSecsSinceEpoch(cured_.readyAt()).date()),
                     {}});
    card.sections.append(in);
    previewPages(*window(), tr("The card, as it will be printed"), card.title, speech_.habits(),
                 [&](QPagedPaintDevice& to) { drawFacts(to, card, card.title); });
}

} // namespace rhexion
