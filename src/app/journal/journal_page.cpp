#include "app/journal/journal_page.h"

#include "app/theme/theme.h"
#include "app/widgets/beside.h"
#include "app/widgets/label.h"
#include "app/widgets/page_browser.h"
#include "models/batches_model.h"
#include "pages/batch_page.h"
#include "storage/event_json.h"
#include "words/refusal_words.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>
#include <QTableView>
#include <QTextBrowser>

#include <QVBoxLayout>
#include <algorithm>

namespace rhexion {

JournalPage::JournalPage(std::function<QDateTime()> clock, QWidget* parent)
    : QWidget(parent), clock_(std::move(clock))
{
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
    list_->setSelectionMode(QAbstractItemView::SingleSelection);
    list_->setShowGrid(false);
    list_->setTabKeyNavigation(false);
    list_->setWordWrap(false);
    list_->verticalHeader()->hide();
    list_->horizontalHeader()->setHighlightSections(false);
    list_->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    list_->horizontalHeader()->setSectionResizeMode(BatchesModel::Name, QHeaderView::Stretch);
    find_ = new QLineEdit(left);
    find_->setPlaceholderText(tr("Find by name, material or note"));
    find_->setAccessibleName(tr("Find a batch"));
    find_->setClearButtonEnabled(true);
    find_->setMaxLength(200);
    connect(find_, &QLineEdit::textChanged, this, [this] { reload(); });
    empty_ = new Label(left);
    empty_->setObjectName(QStringLiteral("muted"));
    empty_->setWordWrap(true);
    auto* leftLayout = new QVBoxLayout(left);
    leftLayout->addWidget(title);
    leftLayout->addWidget(find_);
    leftLayout->addWidget(empty_);
    leftLayout->addWidget(list_, 1);

    auto* right = new QFrame(this);
    right->setObjectName(QStringLiteral("card"));
    page_ = new PageBrowser(right);
    page_->setOpenLinks(false);
    page_->setAccessibleName(tr("The batch"));
    note_ = new QLineEdit(right);
    note_->setPlaceholderText(tr("Add a note: what happened, what to change"));
    note_->setAccessibleName(tr("Add a note"));
    note_->setMaxLength(4000);
    addNote_ = new QPushButton(tr("Add note"), right);
    open_ = new QPushButton(tr("Open its formula on the bench"), right);
    resume_ = new QPushButton(tr("Go on making it"), right);
    resume_->setObjectName(QStringLiteral("primary"));
    auto* notes = new QHBoxLayout;
    notes->addWidget(note_, 1);
    notes->addWidget(addNote_);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(open_);
    buttons->addWidget(resume_);
    buttons->addStretch();
    auto* rightLayout = new QVBoxLayout(right);
    rightLayout->setContentsMargins(16, 12, 12, 12);
    rightLayout->addWidget(page_, 1);
    rightLayout->addLayout(notes);
    rightLayout->addLayout(buttons);

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
    connect(note_, &QLineEdit::returnPressed, this, &JournalPage::addNote);
    connect(addNote_, &QPushButton::clicked, this, &JournalPage::addNote);
    connect(open_, &QPushButton::clicked, this, [this] {
        if (shown_)
            Q_EMIT formulaWanted(shown_->formula);
    });
    connect(resume_, &QPushButton::clicked, this, [this] {
        if (shown_)
            Q_EMIT resumeWanted(QString::fromStdString(shown_->id));
    });
    showBatch();
}

void JournalPage::fitRoom()
{
    layBeside(*room_, *left_, *right_, width(), width() >= Theme::px(1150) ? 530 : 420, 800);
    list_->verticalHeader()->setDefaultSectionSize(Theme::px(36));
    list_->setColumnWidth(BatchesModel::Started, Theme::px(118));
    list_->setColumnWidth(BatchesModel::State, Theme::px(110));
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
    showBatch();
}

void JournalPage::reload(const QString& batch)
{
    if (!journal_)
        return;
    const QString wanted = !batch.isEmpty() ? batch
                           : shown_         ? QString::fromStdString(shown_->id)
                                            : QString();
    if (!batch.isEmpty() && !find_->text().isEmpty()) {
        const QSignalBlocker quiet(find_); // the one that is wanted may not be among those found
        find_->clear();
    }
    const QString words = find_->text().trimmed();
    model_->setSource([this, words](int most, const BatchSummary* after) -> QList<BatchSummary> {
        constexpr int mostFound = 1000;
        if (!words.isEmpty() && after)
            return {}; // all that were found came at once
        auto read =
            words.isEmpty() ? journal_->batches(most, after) : journal_->search(words, mostFound);
        if (const auto* fault = std::get_if<FileFault>(&read)) {
            Q_EMIT noted(words::fileFault(*fault));
            return {};
        }
        return std::get<QList<BatchSummary>>(std::move(read));
    });
    empty_->setText(words.isEmpty()
                        ? tr("No batch yet. When you make one, it is written here by itself.")
                        : tr("Nothing with these words. Try fewer letters."));
    empty_->setVisible(model_->rowCount() == 0);
    const QModelIndex index = model_->find(wanted);
    list_->setCurrentIndex(index.isValid() ? index : model_->index(0, 0));
    showBatch();
}

void JournalPage::showBatch()
{
    shown_.reset();
    const BatchSummary* summary = model_->at(list_->currentIndex());
    if (summary && journal_) {
        auto record = journal_->batch(summary->id);
        if (const auto* fault = std::get_if<FileFault>(&record))
            Q_EMIT noted(words::fileFault(*fault));
        else
            shown_ = std::get<Batch>(std::move(record));
    }
    for (QWidget* w : std::initializer_list<QWidget*>{note_, addNote_, open_})
        w->setEnabled(shown_.has_value());
    resume_->setVisible(shown_ && shown_->state == BatchState::Making);
    page_->setHtml(shown_ ? batchHtml(*shown_, speech_, Theme::page()) : QString());
}

QString JournalPage::pageText() const
{
    return page_->toPlainText();
}

void JournalPage::addNote()
{
    if (!journal_ || !shown_ || note_->text().trimmed().isEmpty())
        return;
    const Event note = eventAt(clock_(), shown_->id, journal_->bench(),
                               Noted{note_->text().trimmed().toStdString()});
    if (const auto fault = journal_->append({note})) {
        Q_EMIT noted(words::fileFault(*fault));
        return; // what was typed stays in the field
    }
    note_->clear();
    Q_EMIT wrote();
    showBatch();
}

} // namespace rhexion
