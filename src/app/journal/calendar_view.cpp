#include "app/journal/calendar_view.h"

#include "app/files/file_choice.h"
#include "app/help.h"
#include "app/journal/month_view.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/widgets/page_browser.h"
#include "storage/whole_file.h"
#include "words/record_words.h"
#include "words/refusal_words.h"

#include <QCheckBox>
#include <QPushButton>
#include <QUrl>
#include <QVBoxLayout>

namespace rhexion {

CalendarView::CalendarView(std::function<QDateTime()> clock, QWidget* parent)
    : QWidget(parent), clock_(std::move(clock))
{
    helpOn(this, "journal");
    month_ = clock_().toLocalTime().date();
    auto* head = new QWidget(this);
    auto* row = new FlowLayout(head, Theme::px(8), Theme::px(6));
    auto* back = new QPushButton(tr("Month before"), head);
    auto* today = new QPushButton(tr("This month"), head);
    auto* next = new QPushButton(tr("Next month"), head);
    auto* out = new QPushButton(tr("Take it to another calendar…"), head);
    title_ = new Label(head);
    title_->setFont(Theme::figure());
    remind_ = new QCheckBox(tr("Remind me on the desktop"), head);
    for (QWidget* w : std::initializer_list<QWidget*>{title_, back, today, next, out, remind_})
        row->addWidget(w);
    view_ = new MonthView(this);
    page_ = new ChapterBrowser(tr("What is due"), this);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(head);
    column->addWidget(view_, 3);
    column->addWidget(page_, 2);
    connect(back, &QPushButton::clicked, this, [this] { step(-1); });
    connect(next, &QPushButton::clicked, this, [this] { step(1); });
    connect(today, &QPushButton::clicked, this, [this] { step(0); });
    connect(out, &QPushButton::clicked, this, [this] {
        const QString path = files::toSave(this, tr("Take it to another calendar"), tr("soap.ics"),
                                           tr("iCalendar (*.ics)"));
        if (path.isEmpty())
            return;
        const auto fault = writeCalendar(path);
        Q_EMIT said(fault ? words::fileFault(*fault) : tr("What is due is in %1.").arg(path));
    });
    connect(remind_, &QCheckBox::toggled, this, &CalendarView::remindWanted);
    connect(page_, &QTextBrowser::anchorClicked, this, [this](const QUrl& link) {
        const QString code = link.toString();
        if (code.startsWith(QLatin1String("do:batch:")))
            Q_EMIT batchWanted(code.mid(9));
    });
    connect(view_, &MonthView::chosen, this, [this](const QDate& day) {
        page_->scrollToAnchor(day.toString(Qt::ISODate));
        month_ = day;
        refresh();
    });
}

QString CalendarView::pageText() const
{
    return page_->toPlainText();
}

void CalendarView::step(int months)
{
    month_ = months == 0 ? clock_().toLocalTime().date() : month_.addMonths(months);
    refresh();
}

void CalendarView::show(Journal& journal, const CureSchools& schools, const Speech& speech)
{
    journal_ = &journal;
    schools_ = schools;
    speech_ = speech;
    refresh();
}

void CalendarView::refresh()
{
    if (!journal_)
        return;
    const QDate first(month_.year(), month_.month(), 1);
    const auto ms = [](const QDate& day) { return day.startOfDay().toMSecsSinceEpoch(); };
    const std::int64_t now = clock_().toMSecsSinceEpoch();
    const auto read = journal_->dues(ms(first.addDays(-7)), ms(first.addDays(42)), schools_);
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        Q_EMIT said(words::fileFault(*fault));
        return;
    }
    const auto& dues = std::get<QList<DueOfBatch>>(read);
    view_->set(month_, clock_().toLocalTime().date(), dues, speech_.habits().locale);
    title_->setText(view_->titleOf());
    QList<DueOfBatch> ofMonth;
    for (const DueOfBatch& d : dues)
        if (d.due.at >= ms(first) && d.due.at < ms(first.addMonths(1)))
            ofMonth.append(d);
    facts_ = words::dueFacts(ofMonth, now, speech_);
    facts_.title = tr("What is due in %1").arg(view_->titleOf());
    if (const auto bars = journal_->bars(schools_);
        const auto* list = std::get_if<QList<BarsOf>>(&bars))
        if (!list->isEmpty()) {
            words::FactPage rack = words::barsFacts(*list, now, speech_);
            rack.sections.first().title = tr("Bars on the rack");
            rack.sections.first().sentence = rack.lead;
            facts_.sections.append(rack.sections);
        }
    page_->setFacts(facts_, false);
}

std::optional<FileFault> CalendarView::writeCalendar(const QString& path) const
{
    if (!journal_)
        return std::nullopt;
    const QDateTime now = clock_();
    const auto read = journal_->dues(now.addMonths(-1).toMSecsSinceEpoch(),
                                     now.addYears(1).toMSecsSinceEpoch(), schools_);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    return writeWhole(path,
                      calendarOf(words::calendarEntries(std::get<QList<DueOfBatch>>(read)), now));
}

} // namespace rhexion
