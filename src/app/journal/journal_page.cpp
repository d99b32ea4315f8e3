#include "app/journal/journal_page.h"

#include "app/help.h"
#include "app/journal/batch_view.h"
#include "app/journal/calendar_view.h"
#include "app/journal/together_view.h"
#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/beside.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/label.h"
#include "app/workshop.h"
#include "core/after/compare.h"
#include "models/batches_model.h"
#include "storage/material_names.h"
#include "words/batch_words.h"
#include "words/find_words.h"
#include "words/refusal_words.h"

#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QTableView>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

JournalPage::JournalPage(Workshop& workshop, QWidget* parent) : QWidget(parent), workshop_(workshop)
{
    helpOn(this, "journal");
    setObjectName(QStringLiteral("page"));
    auto* left = new QFrame(this);
    left->setObjectName(QStringLiteral("card"));
    left_ = left;
    auto* title = new Label(tr("Batches"), left);
    title->setFont(Theme::strong());
    model_ = new BatchesModel(this);
    list_ = new QTableView(left);
    list_->setModel(model_);
    list_->setAccessibleName(tr("Batches"));
    list_->setSelectionBehavior(QAbstractItemView::SelectRows);
    list_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    list_->setShowGrid(false);
    list_->setTabKeyNavigation(false);
    list_->setWordWrap(false);
    list_->verticalHeader()->hide();
    list_->horizontalHeader()->setHighlightSections(false);
    list_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    list_->horizontalHeader()->setSectionResizeMode(BatchesModel::Name, QHeaderView::Stretch);
    find_ = new QLineEdit(left);
    find_->setPlaceholderText(tr("Find: %1").arg(words::findExamples().first()));
    find_->setAccessibleName(tr("Find a batch"));
    find_->setToolTip(tr("Words and filters with commas between, such as: %1")
                          .arg(words::findExamples().join(QStringLiteral("; "))));
    find_->setClearButtonEnabled(true);
    find_->setMaxLength(200);
    connect(find_, &QLineEdit::textChanged, this, [this] { fillList({}); });
    taken_ = new Label(left);
    taken_->setObjectName(QStringLiteral("muted"));
    taken_->setWordWrap(true);
    doubled_ = wrappedLabel(left, Theme::body());
    HouseStyle::setTone(doubled_, Tone::Care);
    empty_ = new Label(left);
    empty_->setObjectName(QStringLiteral("muted"));
    empty_->setWordWrap(true);
    auto* foot = new QWidget(left);
    auto* buttons = new FlowLayout(foot, Theme::px(8), Theme::px(6));
    compare_ = new QPushButton(tr("Compare"), foot);
    compare_->setToolTip(tr("Two to six batches, chosen with Ctrl or Shift"));
    auto* calendar = new QPushButton(tr("Calendar"), foot);
    auto* patterns = new QPushButton(tr("What goes with what"), foot);
    for (QWidget* w : std::initializer_list<QWidget*>{compare_, calendar, patterns})
        buttons->addWidget(w);
    auto* leftLayout = new QVBoxLayout(left);
    leftLayout->addWidget(title);
    leftLayout->addWidget(find_);
    leftLayout->addWidget(taken_);
    leftLayout->addWidget(doubled_);
    leftLayout->addWidget(empty_);
    leftLayout->addWidget(list_, 1);
    leftLayout->addWidget(foot);

    auto* right = new QFrame(this);
    right->setObjectName(QStringLiteral("card"));
    rightStack_ = new QStackedWidget(right);
    view_ = new BatchView(workshop.clock(), workshop.stock(), workshop.fittings(),
                          workshop.places().data + QStringLiteral("/photos"), rightStack_);
    const auto framed = [&](QWidget* inside) {
        auto* room = new QWidget(rightStack_);
        auto* column = new QVBoxLayout(room);
        column->setContentsMargins(16, 10, 12, 12);
        column->addWidget(inside);
        rightStack_->addWidget(room);
    };
    calendar_ = new CalendarView(workshop.clock(), rightStack_);
    together_ = new TogetherView(rightStack_);
    rightStack_->addWidget(view_);
    framed(calendar_);
    framed(together_);
    auto* rightLayout = new QVBoxLayout(right);
    rightLayout->setContentsMargins(0, 0, 0, 0);
    rightLayout->addWidget(rightStack_);

    right_ = right;
    room_ = new QBoxLayout(QBoxLayout::LeftToRight, this);
    room_->setContentsMargins(12, 8, 12, 12);
    room_->setSpacing(8);
    room_->addWidget(left);
    room_->addWidget(right, 1);
    connect(&Theme::news(), &LookNews::changed, this, [this] {
        fitRoom();
        showBatch(); // its page has colours of its own
    });
    fitRoom();

    connect(list_->selectionModel(), &QItemSelectionModel::currentRowChanged, this,
            &JournalPage::showBatch);
    connect(list_->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] {
        const auto rows = list_->selectionModel()->selectedRows().size();
        compare_->setEnabled(rows >= 2 && rows <= qsizetype(mostCompared));
    });
    compare_->setEnabled(false);
    connect(compare_, &QPushButton::clicked, this, &JournalPage::showTogether);
    connect(calendar, &QPushButton::clicked, this, &JournalPage::showCalendar);
    connect(patterns, &QPushButton::clicked, this, &JournalPage::showPatterns);
    connect(view_, &BatchView::noted, this, &JournalPage::noted);
    connect(view_, &BatchView::wrote, this, &JournalPage::wrote);
    connect(view_, &BatchView::formulaWanted, this, &JournalPage::formulaWanted);
    connect(view_, &BatchView::resumeWanted, this, &JournalPage::resumeWanted);
    connect(view_, &BatchView::batchWanted, this, &JournalPage::compareWith);
    connect(view_, &BatchView::batchShown, this, [this](const QString& id) { reload(id); });
    connect(view_, &BatchView::compareWanted, this, [this] {
        if (view_->batch()) {
            together_->compare({*view_->batch()}, speech_);
            showRight(Together);
        }
    });
    connect(calendar_, &CalendarView::batchWanted, this, [this](const QString& id) { reload(id); });
    connect(calendar_, &CalendarView::said, this, &JournalPage::noted);
    connect(calendar_, &CalendarView::remindWanted, this, &JournalPage::remindWanted);
    connect(together_, &TogetherView::said, this, &JournalPage::noted);
    connect(together_, &TogetherView::repeatWanted, this,
            [this](const Formula& formula, const QString& like, const QString& change) {
                Formula pair = formula;
                pair.pair = PairOf{like.toStdString(), change.toStdString()};
                Q_EMIT formulaWanted(pair);
            });
    showBatch();
}

QLineEdit* JournalPage::noteField() const
{
    return view_->form().words();
}

void JournalPage::fitRoom()
{
    layBeside(*room_, *left_, *right_, width(), width() >= Theme::px(1150) ? 470 : 400, 800);
    list_->verticalHeader()->setDefaultSectionSize(Theme::px(36));
    list_->setColumnWidth(BatchesModel::Started, Theme::px(122));
    // Where there is little room a name says more than that it was made.
    list_->setColumnHidden(BatchesModel::State, width() < Theme::px(1000));
    list_->setColumnWidth(BatchesModel::State, Theme::px(96));
    list_->setColumnWidth(BatchesModel::Superfat, Theme::px(78));
}

void JournalPage::resizeEvent(QResizeEvent* event)
{
    fitRoom();
    QWidget::resizeEvent(event);
}

void JournalPage::setJournal(Journal* journal)
{
    journal_ = journal;
    reload();
}

void JournalPage::setSpeech(const Speech& speech)
{
    speech_ = speech;
    model_->setSpeech(speech);
    view_->setSpeech(speech);
    if (rightStack_->currentIndex() == Calendar)
        showCalendar();
}

void JournalPage::reload(const QString& batch)
{
    if (!journal_)
        return;
    const auto many = journal_->codesOfMany();
    QStringList doubled;
    if (const auto* codes = std::get_if<QList<CodeOfMany>>(&many))
        for (const CodeOfMany& one : codes->mid(0, 3))
            doubled << words::codeTwice(one);
    doubled_->setText(doubled.join(QLatin1Char('\n')));
    doubled_->setVisible(!doubled.isEmpty());
    fillList(batch);
}

void JournalPage::fillList(const QString& batch)
{
    if (!journal_)
        return;
    const QString wanted = !batch.isEmpty() ? batch
                           : view_->batch() ? QString::fromStdString(view_->batch()->id)
                                            : QString();
    if (!batch.isEmpty()) {
        showRight(OneBatch);
        const QSignalBlocker quiet(find_); // the one that is wanted may not be among those found
        find_->clear();
    }
    const auto read = words::readFind(find_->text(), workshop_.clock()().toLocalTime().date(),
                                      speech_.habits().locale);
    QStringList taken;
    for (const words::FindPart& part : read.parts)
        if (!part.taken.isEmpty())
            taken << part.taken;
    taken_->setText(tr("Only: %1").arg(taken.join(QStringLiteral(", "))));
    taken_->setVisible(!taken.isEmpty());
    const Finding finding = read.finding;
    // A code finds its batch.
    QString coded;
    if (const auto found = journal_->batchesOfCode(find_->text().trimmed().toUpper());
        !find_->text().isEmpty() && std::holds_alternative<QStringList>(found))
        coded = std::get<QStringList>(found).value(0);
    model_->setSource(
        [this, finding, coded](int most, const BatchSummary* after) -> QList<BatchSummary> {
            constexpr int mostFound = 1000;
            if (!finding.isEmpty() && after)
                return {}; // all that were found came at once
            auto rows = finding.isEmpty() ? journal_->batches(most, after)
                                          : journal_->find(finding, mostFound);
            if (const auto* fault = std::get_if<FileFault>(&rows)) {
                Q_EMIT noted(words::fileFault(*fault));
                return {};
            }
            return std::get<QList<BatchSummary>>(std::move(rows));
        });
    empty_->setText(finding.isEmpty()
                        ? tr("No batch yet. When you make one, it is written here by itself.")
                        : tr("Nothing with these words. Try fewer letters."));
    empty_->setVisible(model_->rowCount() == 0);
    const QModelIndex index = model_->find(coded.isEmpty() ? wanted : coded);
    list_->setCurrentIndex(index.isValid() ? index : model_->index(0, 0));
    showBatch();
}

void JournalPage::showRight(Right what)
{
    rightStack_->setCurrentIndex(what);
}

void JournalPage::showBatch()
{
    std::optional<Batch> shown;
    const BatchSummary* summary = model_->at(list_->currentIndex());
    if (summary && journal_) {
        auto record = journal_->batch(summary->id);
        if (const auto* fault = std::get_if<FileFault>(&record))
            Q_EMIT noted(words::fileFault(*fault));
        else
            shown = std::get<Batch>(std::move(record));
    }
    // Another batch pressed in the list is what is wanted; the same one read again is not.
    const bool other = shown && (!view_->batch() || view_->batch()->id != shown->id);
    if (other && list_->hasFocus() && list_->selectionModel()->selectedRows().size() < 2)
        showRight(OneBatch);
    view_->show(journal_, std::move(shown));
}

QList<Batch> JournalPage::chosen() const
{
    QList<Batch> out;
    for (const QModelIndex& row : list_->selectionModel()->selectedRows())
        if (const BatchSummary* s = model_->at(row))
            if (auto read = journal_->batch(s->id); std::holds_alternative<Batch>(read))
                out.append(std::get<Batch>(std::move(read)));
    return out;
}

void JournalPage::showTogether()
{
    if (!journal_)
        return;
    together_->compare(chosen(), speech_);
    showRight(Together);
}

void JournalPage::compareWith(const QString& other)
{
    if (!journal_ || !view_->batch())
        return;
    auto read = journal_->batch(other);
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        Q_EMIT noted(words::fileFault(*fault));
        return;
    }
    together_->compare({*view_->batch(), std::get<Batch>(std::move(read))}, speech_);
    showRight(Together);
}

void JournalPage::showCalendar()
{
    if (!journal_)
        return;
    calendar_->show(*journal_, workshop_.fittings().all().terms.schools, speech_);
    showRight(Calendar);
}

QString JournalPage::materialName(const std::string& id) const
{
    return materialNamed(workshop_.stock().plain(id), id);
}

void JournalPage::showPatterns()
{
    if (!journal_)
        return;
    together_->patterns(
        *journal_, [this](const std::string& id) { return materialName(id); }, speech_);
    showRight(Together);
}

QString JournalPage::pageText() const
{
    switch (rightStack_->currentIndex()) {
    case Calendar: return calendar_->pageText();
    case Together: return together_->pageText();
    default: return view_->pageText();
    }
}

} // namespace rhexion
