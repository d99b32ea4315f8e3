#include "app/shelf/stock_window.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/complaint.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "storage/material_names.h"
#include "storage/stock.h"
#include "words/meaning_words.h"
#include "words/record_words.h"
#include "words/refusal_words.h"

#include <QDateEdit>
#include <QHeaderView>
#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>

#include <cmath>

namespace rhexion {

namespace {

enum Column { Material_, Jar, Grams, Price, BestBefore, Columns };
constexpr int deliveryRows = 12;

} // namespace

StockWindow::StockWindow(Stock& stock, std::function<const Journal*()> journal,
                         std::function<AfterTerms()> terms, std::function<QDateTime()> clock,
                         QWidget* owner)
    : LeavableWindow(owner), stock_(stock), journal_(std::move(journal)), terms_(std::move(terms)),
      clock_(std::move(clock))
{
    helpOn(this, "stock-cost-labels");
    setWindowTitle(tr("Stock and deliveries"));
    setObjectName(QStringLiteral("page"));
    resize(900, 700);
    page_ = new PageBrowser(this);
    page_->setAccessibleName(tr("The shelf as it is now"));
    auto* head = new Label(tr("A delivery: one line a jar"), this);
    head->setFont(Theme::strong());
    auto* form = new QWidget(this);
    auto* row = new FlowLayout(form, Theme::px(8), Theme::px(6));
    got_ = new QDateEdit(clock_().toLocalTime().date(), form);
    got_->setCalendarPopup(true);
    got_->setAccessibleName(tr("Came on"));
    if (auto* inside = got_->findChild<QLineEdit*>())
        inside->setAccessibleName(got_->accessibleName());
    leastWidth(got_, 142);
    supplier_ = new QLineEdit(form);
    supplier_->setMaxLength(200);
    supplier_->setPlaceholderText(tr("from whom"));
    supplier_->setAccessibleName(tr("From whom"));
    shipping_ = new NumberField(tr("shipping"), 2, true, form);
    shipping_->setAccessibleName(tr("Shipping, shared by what each line costs"));
    shipping_->setPlaceholderText(tr("shipping"));
    fixWidth(shipping_, 170);
    take_ = new QPushButton(tr("Put it on the shelf"), form);
    for (QWidget* w : std::initializer_list<QWidget*>{got_, supplier_, shipping_, take_})
        row->addWidget(w);
    table_ = new QTableWidget(deliveryRows, Columns, this);
    table_->setAccessibleName(tr("Jars of the delivery"));
    table_->setHorizontalHeaderLabels({tr("material"), tr("written on the jar"), tr("grams"),
                                       tr("price"), tr("best before, such as 2027-03-01")});
    table_->verticalHeader()->hide();
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    table_->setTabKeyNavigation(false);
    complaint_ = new Complaint(this);
    auto* column = new QVBoxLayout(this);
    column->addWidget(page_, 1);
    column->addWidget(head);
    column->addWidget(form);
    column->addWidget(table_, 1);
    column->addWidget(complaint_);
    connect(take_, &QPushButton::clicked, this, &StockWindow::takeDelivery);
}

QString StockWindow::pageText() const
{
    return page_->toPlainText();
}

void StockWindow::setSpeech(const Speech& speech)
{
    speech_ = speech;
    shipping_->setSpeech(speech);
    refresh();
}

void StockWindow::refresh()
{
    const Journal* journal = journal_();
    const Shelf* shelf = stock_.shelf();
    if (!journal || !shelf)
        return;
    const auto read = stockNow(*shelf, *journal, terms_(), clock_());
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        Q_EMIT said(words::fileFault(*fault));
        return;
    }
    facts_ = words::stockFacts(
        std::get<StockNow>(read),
        [this](const std::string& id) { return materialNamed(stock_.plain(id), id); },
        clock_().date(), speech_);
    page_->setFacts(facts_, false);
}

bool StockWindow::takeDelivery()
{
    Shelf* shelf = stock_.shelf();
    if (!shelf)
        return false;
    std::vector<LotRecord> lots;
    std::vector<double> prices;
    double all = 0.0;
    const auto cell = [&](int r, int c) {
        const QTableWidgetItem* item = table_->item(r, c);
        return item ? item->text().trimmed() : QString();
    };
    const auto number = [&](const QString& text) -> std::optional<double> {
        const auto read = parseNumber(text.toStdString(), speech_.phraseHabits().decimalMark);
        const auto* value = std::get_if<double>(&read);
        return value && *value >= 0.0 && *value <= 1e7 ? std::optional(*value) : std::nullopt;
    };
    const auto bad = [&](int r, const QString& why) {
        complaint_->say(tr("Line %1: %2").arg(r + 1).arg(why));
        table_->setCurrentCell(r, Material_);
        return false;
    };
    for (int r = 0; r < table_->rowCount(); ++r) {
        const QString name = cell(r, Material_);
        if (name.isEmpty())
            continue;
        const NameBook::Found found = stock_.identify(name);
        if (found.what.verdict != IdentityVerdict::Certain) {
            QStringList names;
            for (const std::size_t at : found.what.entries)
                names << stock_.entries()[at].name;
            const QString asked = words::whichIsMeant(found.what, name);
            return bad(r, names.isEmpty()
                              ? asked
                              : QStringLiteral("%1 %2").arg(asked, names.join(tr("; "))));
        }
        LotRecord lot;
        lot.material = stock_.entries()[found.what.entries.front()].material;
        lot.lot.name = cell(r, Jar).left(100).toStdString();
        if (lot.lot.name.empty())
            lot.lot.name = speech_.date(got_->date()).toStdString();
        lot.got = got_->date();
        lot.supplier = supplier_->text().trimmed();
        const auto grams = number(cell(r, Grams));
        if (!grams || !(*grams > 0.0))
            return bad(r, tr("how many grams came?"));
        lot.boughtGrams = grams;
        lot.leftGrams = grams;
        if (!cell(r, Price).isEmpty()) {
            lot.price = number(cell(r, Price));
            if (!lot.price)
                return bad(r, tr("“%1” is no price.").arg(cell(r, Price)));
            all += *lot.price;
        }
        if (!cell(r, BestBefore).isEmpty()) {
            lot.bestBefore = QDate::fromString(cell(r, BestBefore), Qt::ISODate);
            if (!lot.bestBefore.isValid())
                return bad(r, tr("“%1” is no date such as 2027-03-01.").arg(cell(r, BestBefore)));
        }
        lots.push_back(std::move(lot));
    }
    if (lots.empty()) {
        complaint_->say(tr("Nothing is written in the lines yet."));
        return false;
    }
    // Shipping falls on each as on its price.
    const double shipping = shipping_->value().value_or(0.0);
    for (LotRecord& lot : lots)
        if (lot.price && all > 0.0)
            lot.price = *lot.price * (1.0 + shipping / all);
    if (const auto fault = shelf->keepLots(lots)) {
        complaint_->say(words::fileFault(*fault));
        return false;
    }
    complaint_->say({});
    table_->clearContents();
    shipping_->setValue(std::nullopt);
    stock_.refresh();
    refresh();
    Q_EMIT shelfChanged();
    Q_EMIT said(tr("The delivery is on the shelf."));
    return true;
}

} // namespace rhexion
