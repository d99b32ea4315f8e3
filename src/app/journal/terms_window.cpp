#include "app/journal/terms_window.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/complaint.h"
#include "app/widgets/label.h"
#include "app/widgets/limit_text.h"
#include "app/widgets/number_field.h"
#include "words/label_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QScrollArea>
#include <QVBoxLayout>

#include <cmath>

namespace rhexion {

namespace {

constexpr double LabelSheet::*sides[] = {
    &LabelSheet::pageWidth, &LabelSheet::pageHeight, &LabelSheet::left,   &LabelSheet::top,
    &LabelSheet::width,     &LabelSheet::height,     &LabelSheet::across, &LabelSheet::down};

Label* heading(const QString& text, QWidget* parent)
{
    auto* label = new Label(text, parent);
    label->setFont(Theme::strong());
    return label;
}

} // namespace

NumberField* TermsWindow::number(QFormLayout& form, const QString& name, const QString& suffix,
                                 int decimals)
{
    auto* field = new NumberField(suffix, decimals, false, this);
    field->setAccessibleName(name);
    fixWidth(field, 160);
    form.addRow(name, field);
    connect(field, &NumberField::entered, this, &TermsWindow::take);
    return field;
}

TermsWindow::TermsWindow(QWidget* owner) : LeavableWindow(owner)
{
    helpOn(this, "stock-cost-labels");
    setWindowTitle(tr("Money, label and card"));
    setObjectName(QStringLiteral("page"));
    resize(760, 680);
    auto* inside = new QWidget(this);
    inside->setObjectName(QStringLiteral("page"));
    auto* form = new QFormLayout(inside);
    form->setLabelAlignment(Qt::AlignLeft);
    const auto check = [&](const QString& name) {
        auto* box = new QCheckBox(name, inside);
        form->addRow(QString(), box);
        connect(box, &QCheckBox::toggled, this, &TermsWindow::take);
        return box;
    };
    form->addRow(heading(tr("Cure and tests"), inside));
    eggOrMilk_ = check(tr("Egg and milk soap rests eight weeks"));
    fine_ = number(*form, tr("Free caustic is within the limit to"), QStringLiteral("%"), 3);
    never_ = number(*form, tr("and not to be used above"), QStringLiteral("%"), 3);

    form->addRow(heading(tr("Money"), inside));
    currency_ = new QLineEdit(inside);
    currency_->setMaxLength(12);
    fixWidth(currency_, 160);
    form->addRow(tr("Money is called"), currency_);
    connect(currency_, &QLineEdit::editingFinished, this, &TermsWindow::take);
    packaging_ = number(*form, tr("Packaging of a bar"), {}, 2);
    hours_ = number(*form, tr("A batch takes"), tr("h"), 1);
    perHour_ = number(*form, tr("An hour of work; 0 leaves it out"), {}, 2);
    energy_ = number(*form, tr("Energy for a batch"), {}, 2);
    factor_ = number(*form, tr("Price over cost"), tr("times"), 2);
    tax_ = number(*form, tr("Tax on the price"), QStringLiteral("%"), 1);
    withTax_ = check(tr("Prices of jars hold a tax that is taken off"));
    taxOfLots_ = number(*form, tr("That tax"), QStringLiteral("%"), 1);
    produceLoss_ = number(*form, tr("Lost in peeling and straining"), QStringLiteral("%"), 0);
    weeks_ = number(*form, tr("An order takes"), tr("weeks"), 1);
    barsToKeep_ = number(*form, tr("Bars to keep of what is made again"), {}, 0);

    form->addRow(heading(tr("Label"), inside));
    school_ = new QComboBox(inside);
    school_->addItems({tr("ingredients as added"), tr("ingredients as in the finished soap")});
    weight_ = new QComboBox(inside);
    weight_->addItems({tr("average system"), tr("minimum system")});
    form->addRow(tr("Names"), school_);
    form->addRow(tr("Net weight"), weight_);
    for (QComboBox* box : {school_, weight_})
        connect(box, &QComboBox::currentIndexChanged, this, &TermsWindow::take);
    qr_ = check(tr("A QR code of the batch code"));
    answers_ = new QLineEdit(inside);
    answers_->setMaxLength(int(limits::answersText));
    form->addRow(tr("Who answers for it"), answers_);
    connect(answers_, &QLineEdit::editingFinished, this, &TermsWindow::take);
    const QString mm = QStringLiteral("mm");
    const QString names[] = {tr("Sheet, across"),
                             tr("Sheet, down"),
                             tr("First label from the left"),
                             tr("First label from the top"),
                             tr("A label, across"),
                             tr("A label, down"),
                             tr("Gap across"),
                             tr("Gap down")};
    for (int i = 0; i < 8; ++i)
        sheet_[i] = number(*form, names[i], mm, 1);
    columns_ = number(*form, tr("Labels across"), {}, 0);
    rows_ = number(*form, tr("Labels down"), {}, 0);

    form->addRow(heading(tr("Customer's card"), inside));
    card_ = new QPlainTextEdit(inside);
    card_->setAccessibleName(tr("Customer's card"));
    card_->setTabChangesFocus(true);
    leastHeight(card_, 120);
    form->addRow(card_);
    auto* flagged = new Label(inside);
    flagged->setWordWrap(true);
    HouseStyle::setTone(flagged, Tone::Care);
    flagged_ = flagged;
    form->addRow(flagged);
    flags_ = new QPlainTextEdit(inside);
    flags_->setAccessibleName(tr("Words that are looked at twice, one a line"));
    flags_->setTabChangesFocus(true);
    leastHeight(flags_, 120);
    form->addRow(heading(tr("Words that are looked at twice, one a line"), inside));
    form->addRow(flags_);
    connect(card_, &QPlainTextEdit::textChanged, this, [this] {
        limitText(*card_, int(limits::cardText));
        take();
    });
    connect(flags_, &QPlainTextEdit::textChanged, this, &TermsWindow::take);

    complaint_ = new Complaint(this);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(inside);
    auto* column = new QVBoxLayout(this);
    column->addWidget(scroll, 1);
    column->addWidget(complaint_);
}

void TermsWindow::setSpeech(const Speech& speech)
{
    speech_ = speech;
    for (NumberField* field : findChildren<NumberField*>())
        field->setSpeech(speech);
}

void TermsWindow::setTerms(const AfterTerms& t)
{
    filling_ = true;
    terms_ = t;
    const double minor = std::pow(10.0, t.minorDigits);
    eggOrMilk_->setChecked(t.schools.eggOrMilk);
    fine_->setValue(t.limitFine * 100.0);
    never_->setValue(t.limitNever * 100.0);
    currency_->setText(QString::fromStdString(t.currency));
    packaging_->setValue(t.packagingPerBar / minor);
    hours_->setValue(t.hours);
    perHour_->setValue(t.perHour / minor);
    energy_->setValue(t.energy / minor);
    factor_->setValue(t.factor);
    tax_->setValue(t.tax * 100.0);
    withTax_->setChecked(t.pricesWithTax);
    taxOfLots_->setValue(t.taxOfLots * 100.0);
    produceLoss_->setValue(t.produceLoss * 100.0);
    weeks_->setValue(t.weeksToGet);
    barsToKeep_->setValue(t.barsToKeep);
    school_->setCurrentIndex(t.label == LabelSchool::AsSoap ? 1 : 0);
    weight_->setCurrentIndex(t.weight == WeightSystem::Minimum ? 1 : 0);
    qr_->setChecked(t.qr);
    answers_->setText(QString::fromStdString(t.answersForIt));
    for (int i = 0; i < 8; ++i)
        sheet_[i]->setValue(t.sheet.*sides[i]);
    columns_->setValue(t.sheet.columns);
    rows_->setValue(t.sheet.rows);
    card_->setPlainText(t.card.empty() ? words::usualCard() : QString::fromStdString(t.card));
    QStringList words;
    for (const ClaimWord& c : t.claims)
        words << (c.kind == ClaimKind::Medical ? QStringLiteral("+ ") : QString()) +
                     QString::fromStdString(c.word);
    flags_->setPlainText(words.join(QLatin1Char('\n')));
    filling_ = false;
    showFlags();
}

QString TermsWindow::flagged() const
{
    return static_cast<Label*>(flagged_)->text();
}

void TermsWindow::showFlags()
{
    const QStringList said = words::claimsSaid(card_->toPlainText(), terms_);
    static_cast<Label*>(flagged_)->setText(said.join(QLatin1Char('\n')));
    flagged_->setVisible(!said.isEmpty());
}

void TermsWindow::take()
{
    if (filling_)
        return;
    AfterTerms t = terms_;
    const double minor = std::pow(10.0, t.minorDigits);
    const auto of = [](NumberField* field, double least, double most) {
        return std::clamp(field->value().value_or(least), least, most);
    };
    t.schools.eggOrMilk = eggOrMilk_->isChecked();
    t.limitFine = of(fine_, 0.001, 5.0) / 100.0;
    t.limitNever = std::max(t.limitFine, of(never_, 0.001, 5.0) / 100.0);
    t.currency = currency_->text().trimmed().toStdString();
    t.packagingPerBar = of(packaging_, 0.0, 1e6) * minor;
    t.hours = of(hours_, 0.0, 1000.0);
    t.perHour = of(perHour_, 0.0, 1e6) * minor;
    t.energy = of(energy_, 0.0, 1e6) * minor;
    t.factor = of(factor_, 0.0, 1000.0);
    t.tax = of(tax_, 0.0, 100.0) / 100.0;
    t.pricesWithTax = withTax_->isChecked();
    t.taxOfLots = of(taxOfLots_, 0.0, 100.0) / 100.0;
    t.produceLoss = of(produceLoss_, 0.0, 90.0) / 100.0;
    t.weeksToGet = of(weeks_, 0.0, 100.0);
    t.barsToKeep = int(of(barsToKeep_, 0.0, 10000.0));
    t.label = school_->currentIndex() == 1 ? LabelSchool::AsSoap : LabelSchool::AsAdded;
    t.weight = weight_->currentIndex() == 1 ? WeightSystem::Minimum : WeightSystem::Average;
    t.qr = qr_->isChecked();
    t.answersForIt = answers_->text().trimmed().toStdString();
    LabelSheet sheet = t.sheet;
    for (int i = 0; i < 8; ++i)
        sheet.*sides[i] = of(sheet_[i], 0.0, 2000.0);
    sheet.columns = int(of(columns_, 1.0, 50.0));
    sheet.rows = int(of(rows_, 1.0, 50.0));
    const bool good = fits(sheet);
    complaint_->say(good
                        ? QString()
                        : tr("So many labels of that size do not lie on the sheet; the sheet stays "
                             "as it was."));
    if (good)
        t.sheet = sheet;
    const QString card = card_->toPlainText().trimmed();
    t.card = card == words::usualCard() ? std::string() : card.toStdString();
    t.claims.clear();
    for (QString word : flags_->toPlainText().split(QLatin1Char('\n'), Qt::SkipEmptyParts)) {
        const bool medical = word.startsWith(QLatin1Char('+'));
        word = word.mid(medical ? 1 : 0).simplified().toLower().left(int(limits::claimWord));
        if (!word.isEmpty() && t.claims.size() < limits::mostClaims)
            t.claims.push_back(
                {word.toStdString(), medical ? ClaimKind::Medical : ClaimKind::NotShown});
    }
    const bool isNew = !(t == terms_);
    terms_ = t;
    showFlags();
    if (isNew)
        Q_EMIT changed(terms_);
}

} // namespace rhexion
