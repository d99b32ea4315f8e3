#include "app/formulating/scent_panel.h"

#include "app/formulating/pace_memory.h"
#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/complaint.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"
#include "document/own_fittings.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/foods.h"
#include "storage/material_names.h"
#include "words/mould_words.h"
#include "words/names.h"
#include "words/refusal_words.h"
#include "words/scent_words.h"
#include "words/search_words.h"

#include <QComboBox>
#include <QDate>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace rhexion {

namespace {

void addBases(QComboBox* box)
{
    for (std::size_t b = 0; b < countOf<ScentBasis>(); ++b)
        box->addItem(words::scentBasisName(static_cast<ScentBasis>(b)));
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(12);
}

} // namespace

ScentPanel::ScentPanel(FormulaDocument& document, OwnFittings& fittings, PaceMemory& memory,
                       QWidget* parent)
    : TopicPanel(tr("Scent"), document, parent), fittings_(fittings), memory_(memory)
{
    helpOn(this, "scent");
    product_ = new QComboBox(this);
    for (std::size_t k = 0; k < countOf<ProductKind>(); ++k)
        product_->addItem(words::productKindName(static_cast<ProductKind>(k)));
    which_ = new QComboBox(this);
    which_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    which_->setMinimumContentsLength(14);
    share_ = new NumberField(QStringLiteral("%"), 2, true, this);
    share_->setAccessibleName(tr("Share of the scent"));
    fixWidth(share_, 84);
    basis_ = new QComboBox(this);
    addBases(basis_);
    basis_->setAccessibleName(tr("Of what"));
    auto* amount = new FlowLayout(nullptr, 6, 4);
    amount->addWidget(share_);
    amount->addWidget(basis_);

    whose_ = new QComboBox(this);
    whose_->addItems({tr("supplier’s"), tr("local"), tr("my own")});
    whose_->setAccessibleName(tr("Whose limit"));
    limit_ = new NumberField(QStringLiteral("%"), 2, true, this);
    limit_->setAccessibleName(tr("The limit"));
    fixWidth(limit_, 84);
    limitBasis_ = new QComboBox(this);
    addBases(limitBasis_);
    limitBasis_->setCurrentIndex(int(ScentBasis::Cured));
    limitBasis_->setAccessibleName(tr("Of what"));
    auto* limitRow = new FlowLayout(nullptr, 6, 4);
    limitRow->addWidget(whose_);
    limitRow->addWidget(limit_);
    limitRow->addWidget(limitBasis_);
    source_ = new QLineEdit(this);
    source_->setMaxLength(200);
    source_->setAccessibleName(tr("Where the limit is from"));
    source_->setPlaceholderText(tr("where it is from: certificate, law"));
    keepLimit_ = new QPushButton(tr("Write it down"), this);
    limitRow->addWidget(source_);
    limitRow->addWidget(keepLimit_);
    certificate_ = new QLineEdit(this);
    certificate_->setMaxLength(4000);
    certificate_->setAccessibleName(tr("Allergens by the certificate"));
    certificate_->setPlaceholderText(tr("linalool 30-40, limonene up to 3: per cent"));
    parts_ = new QLineEdit(this);
    parts_->setMaxLength(4000);
    parts_->setAccessibleName(tr("Blended from"));
    parts_->setPlaceholderText(tr("name 60, name 40: parts by weight"));
    auto* form = form_ = new QFormLayout;
    form->addRow(tr("For"), product_);
    form->addRow(tr("Scent"), which_);
    form->addRow(tr("Blended from"), parts_);
    form->addRow(tr("Take"), amount);
    form->addRow(tr("A limit"), limitRow);
    form->addRow(tr("Allergens"), certificate_);
    above()->addLayout(form);
    complaint_ = new Complaint(this);
    above()->addWidget(complaint_);

    connect(product_, &QComboBox::activated, this, [this](int at) {
        Handling handling = this->document().formula().handling;
        handling.product = static_cast<ProductKind>(at);
        this->document().apply(SetHandling{handling}, tr("Say whom it is for"));
    });
    connect(which_, &QComboBox::activated, this, [this] {
        certificate_->setModified(false); // what was typed for another scent is not for this one
        parts_->setModified(false);
        refreshControls();
    });
    connect(basis_, &QComboBox::activated, this, [this] { refreshControls(); });
    connect(share_, &NumberField::entered, this, [this](std::optional<double> percent) {
        if (percent)
            setShare(*percent);
    });
    for (NumberField* field : {share_, limit_})
        connect(field, &NumberField::refused, this, &ScentPanel::noted);
    connect(keepLimit_, &QPushButton::clicked, this, &ScentPanel::writeLimit);
    connect(certificate_, &QLineEdit::editingFinished, this, &ScentPanel::writeCertificate);
    connect(parts_, &QLineEdit::editingFinished, this, &ScentPanel::writeParts);
    const auto again = [this] {
        if (isVisible())
            refresh();
    };
    connect(&fittings_, &OwnFittings::changed, this, again);
    connect(&memory_, &PaceMemory::changed, this, again);
}

void ScentPanel::showEvent(QShowEvent* event)
{
    TopicPanel::showEvent(event);
    memory_.wake();
}

void ScentPanel::speechChanged()
{
    share_->setSpeech(speech());
    limit_->setSpeech(speech());
}

std::string ScentPanel::chosenMaterial() const
{
    return which_->currentData().toString().toStdString();
}

void ScentPanel::changeFittings(const std::function<void(Fittings&)>& how)
{
    if (const auto fault = fittings_.change(how))
        complaint_->say(words::fileFault(*fault));
}

void ScentPanel::setShare(double percent)
{
    for (const ScentReckoned& scent : picture_.scents) {
        const Line* line = document().formula().find(scent.line);
        if (!line || line->material->id != chosenMaterial())
            continue;
        const auto basis = static_cast<ScentBasis>(basis_->currentIndex());
        // The others keep their grams; this one is a share of what it belongs to.
        ScentBases bases = picture_.bases;
        const double others = picture_.total - scent.grams;
        if (basis == ScentBasis::BatterWhole || basis == ScentBasis::Cured)
            bases.batter += others;
        const ScentShare share{percent / 100.0, basis};
        const auto grams = scentGrams(std::span(&share, 1), bases);
        if (const Cannot* cannot = std::get_if<Cannot>(&grams)) {
            complaint_->say(words::cannot(*cannot, speech()));
            return;
        }
        complaint_->say({});
        // Other bases are kept as the share of the whole batter they come to now, so that the scent
        // grows with the batter as it would grow with them.
        const double own = std::get<ScentGrams>(grams).total;
        const double whole = picture_.bases.batter + others + own;
        const StatedAmount stated =
            basis == ScentBasis::Oils
                ? StatedAmount{percent, AmountUnit::PercentOfOils}
                : StatedAmount{100.0 * own / whole, AmountUnit::PercentOfBatter};
        document().setAmount(
            line->id, stated,
            tr("Take %1 of %2")
                .arg(speech().percent(percent / 100.0, 2), materialName(*line->material)));
        return;
    }
    complaint_->say(tr("Choose one scent first."));
}

void ScentPanel::writeLimit()
{
    const double percent = limit_->value().value_or(0.0);
    if (!(percent > 0.0 && percent <= 50.0)) {
        complaint_->say(tr("A limit lies above 0 and up to 50 %."));
        return;
    }
    complaint_->say({});
    ScentLimit limit;
    limit.scent = chosenMaterial();
    limit.whose = static_cast<ScentLimit::Whose>(whose_->currentIndex());
    limit.kind = document().formula().handling.product;
    limit.fraction = percent / 100.0;
    limit.basis = static_cast<ScentBasis>(limitBasis_->currentIndex());
    limit.source = source_->text().trimmed().toStdString();
    limit.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
    changeFittings([&](Fittings& f) {
        std::erase_if(f.limits, [&](const ScentLimit& l) {
            return l.scent == limit.scent && l.whose == limit.whose && l.kind == limit.kind;
        });
        f.limits.push_back(limit);
    });
}

void ScentPanel::writeCertificate()
{
    if (!certificate_->isModified())
        return;
    certificate_->setModified(false);
    const std::string scent = chosenMaterial();
    if (scent.empty()) {
        complaint_->say(tr("Choose one scent first."));
        return;
    }
    const auto read = words::allergensFromText(certificate_->text());
    if (const QString* bad = std::get_if<QString>(&read)) {
        complaint_->say(tr("“%1” is not understood. Write a name and its per cent.").arg(*bad));
        return;
    }
    complaint_->say({});
    changeFittings([&](Fittings& f) {
        std::erase_if(f.certificates, [&](const ScentCertificate& c) { return c.scent == scent; });
        const auto& allergens = std::get<std::vector<AllergenShare>>(read);
        if (!allergens.empty())
            f.certificates.push_back({scent, allergens, source_->text().trimmed().toStdString(),
                                      QDate::currentDate().toString(Qt::ISODate).toStdString()});
    });
}

void ScentPanel::refreshControls()
{
    const Formula& f = document().formula();
    product_->setCurrentIndex(int(f.handling.product));
    {
        const QSignalBlocker quiet(which_);
        const QString before = which_->currentData().toString();
        which_->clear();
        for (const Line& line : f.lines)
            if (line.material->kind == MaterialKind::Scent)
                which_->addItem(materialName(*line.material),
                                QString::fromStdString(line.material->id));
        // What is in a jar has its own limits and certificate.
        for (const ScentBlend& blend : fittings_.all().blends)
            if (which_->findData(QString::fromStdString(blend.scent)) >= 0)
                for (const ScentPart& part : blend.parts)
                    if (const QString id = QString::fromStdString(part.scent);
                        which_->findData(id) < 0)
                        which_->addItem(tr("%1, in a jar").arg(scentNamed(part.scent)), id);
        which_->addItem(tr("all scents together"), QString());
        const int at = which_->findData(before);
        which_->setCurrentIndex(before.isEmpty() || at < 0 ? 0 : at);
    }
    share_->setValue(std::nullopt);
    share_->setEnabled(false);
    for (const ScentReckoned& scent : picture_.scents)
        if (const Line* line = f.find(scent.line); line && line->material->id == chosenMaterial()) {
            share_->setEnabled(true);
            share_->setValue(scent.shares[std::size_t(basis_->currentIndex())] * 100.0);
        }
    showCertificate();
    showParts();
}

void ScentPanel::showCertificate()
{
    if (certificate_->isModified())
        return;
    QStringList parts;
    for (const ScentCertificate& c : fittings_.all().certificates)
        if (c.scent == chosenMaterial())
            for (const AllergenShare& a : c.allergens)
                parts << QStringLiteral("%1 %2-%3")
                             .arg(QString::fromStdString(a.name),
                                  QString::number(a.low * 100, 'g', 6),
                                  QString::number(a.high * 100, 'g', 6));
    certificate_->setText(parts.join(QStringLiteral(", ")));
}

// Only a scent of her own can be a jar that she blended.
void ScentPanel::showParts()
{
    const std::string id = chosenMaterial();
    form_->setRowVisible(parts_, !id.empty() && !Catalogue::shipped().find(id));
    if (parts_->isModified())
        return;
    QStringList parts;
    for (const ScentBlend& blend : fittings_.all().blends)
        if (blend.scent == id)
            for (const ScentPart& part : blend.parts)
                parts << QStringLiteral("%1 %2").arg(scentNamed(part.scent),
                                                     QString::number(part.share * 100, 'g', 6));
    parts_->setText(parts.join(QStringLiteral(", ")));
}

void ScentPanel::writeParts()
{
    if (!parts_->isModified())
        return;
    parts_->setModified(false);
    const auto read = words::partsFromText(parts_->text());
    if (const QString* bad = std::get_if<QString>(&read)) {
        complaint_->say(tr("“%1” is not understood. Write a name and its weight.").arg(*bad));
        return;
    }
    const CatalogueLookup lookup(Foods::shippedPath(), words::searchRules());
    ScentBlend blend{chosenMaterial(), {}, {}};
    double sum = 0.0;
    for (const auto& [name, weight] : std::get<0>(read)) {
        // Only a name, and among what it may mean the one scent.
        Meant meant = lookup.find(name.toStdString());
        std::erase_if(meant.materials,
                      [](const MaterialPtr& m) { return m->kind != MaterialKind::Scent; });
        const bool isName = meant.verdict == IdentityVerdict::Certain ||
                            meant.verdict == IdentityVerdict::Ambiguous;
        if (!isName || meant.materials.size() != 1) {
            complaint_->say(tr("“%1” is no scent on the shelf.").arg(name));
            return;
        }
        blend.parts.push_back({meant.materials.front()->id, weight});
        sum += weight;
    }
    for (ScentPart& part : blend.parts)
        part.share /= sum;
    complaint_->say({});
    changeFittings([&](Fittings& f) {
        std::erase_if(f.blends, [&](const ScentBlend& b) { return b.scent == blend.scent; });
        if (!blend.parts.empty())
            f.blends.push_back(blend);
    });
}

words::FactPage ScentPanel::factsOf(const Formula& f, const Reckoning& r)
{
    const Fittings& own = fittings_.all();
    const std::vector<ScentBlend> blends = withFlashPoints(own.blends);
    picture_ = scentPicture(f, r, own.limits, own.certificates, memory_.times(), blends);
    refreshControls();
    words::FactPage page = words::scentFacts(f, picture_, own.limits, blends, speech());
    // The lower figure as a press, and a way to take a limit back.
    for (const ScentReckoned& scent : picture_.scents)
        if (!scent.limits.empty() && scent.limits.front().exceeded)
            page.sections.first().facts.append(
                {words::lineName(scent.line, f), speech().mass(scent.grams),
                 tr("more than its limit"), words::Fact::Tone::Danger,
                 QStringLiteral("lower-%1-%2")
                     .arg(scent.line)
                     .arg(scent.limits.front().allowed, 0, 'g', 17),
                 tr("take %1").arg(speech().mass(scent.limits.front().allowed))});
    words::FactSection kept;
    kept.title = tr("Limits written down");
    for (std::size_t i = 0; i < own.limits.size(); ++i)
        if (own.limits[i].kind == f.handling.product)
            kept.facts.append({scentNamed(own.limits[i].scent),
                               speech().percent(own.limits[i].fraction, 2),
                               words::limitSaid(own.limits[i], speech()), words::Fact::Tone::Plain,
                               QStringLiteral("drop-%1").arg(i), tr("strike it out")});
    if (!kept.facts.isEmpty())
        page.sections.append(kept);
    return page;
}

QString ScentPanel::scentNamed(const std::string& id) const
{
    if (id.empty())
        return tr("All scents together");
    for (const Line& line : document().formula().lines)
        if (line.material->id == id)
            return materialName(*line.material);
    return materialNamed(Catalogue::shipped().find(id), id);
}

void ScentPanel::act(const QString& code)
{
    if (code.startsWith(QLatin1String("lower-"))) {
        const LineId line = code.section(QLatin1Char('-'), 1, 1).toUInt();
        // Down to a hundredth of a gram, never up.
        const double grams =
            std::floor(code.section(QLatin1Char('-'), 2).toDouble() * 100.0) / 100.0;
        document().setAmount(line, {grams, AmountUnit::Gram}, tr("Lower the scent to its limit"));
    } else if (code.startsWith(QLatin1String("drop-"))) {
        const std::size_t at = code.section(QLatin1Char('-'), 1).toUInt();
        changeFittings([at](Fittings& f) {
            if (at < f.limits.size())
                f.limits.erase(f.limits.begin() + std::ptrdiff_t(at));
        });
    }
}

} // namespace rhexion
