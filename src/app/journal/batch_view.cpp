#include "app/journal/batch_view.h"

#include "app/files/file_choice.h"
#include "app/formulating/topic_print.h"
#include "app/journal/bars_chapter.h"
#include "app/journal/cure_chapter.h"
#include "app/journal/day_chapter.h"
#include "app/journal/photo_strip.h"
#include "app/journal/terms_window.h"
#include "app/journal/test_chapter.h"
#include "app/theme/theme.h"
#include "app/widgets/flow_layout.h"
#include "app/widgets/page_browser.h"
#include "core/after/batch_code.h"
#include "document/own_fittings.h"
#include "sheet/facts_sheet.h"
#include "storage/event_json.h"
#include "words/batch_words.h"
#include "words/refusal_words.h"

#include <QButtonGroup>
#include <QDesktopServices>
#include <QInputDialog>
#include <QPushButton>
#include <QStackedWidget>
#include <QUrl>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

namespace {

constexpr int mostPhotosAtOnce = 200;

} // namespace

BatchView::BatchView(std::function<QDateTime()> clock, Stock& stock, OwnFittings& fittings,
                     const QString& photos, QWidget* parent)
    : QWidget(parent), clock_(std::move(clock)), fittings_(fittings), folder_(photos)
{
    auto* head = new QWidget(this);
    auto* row = new FlowLayout(head, Theme::px(6), Theme::px(6));
    chapters_ = new QButtonGroup(this);
    const QString names[] = {tr("Record"), tr("The day"), tr("Cure"), tr("Tests"),
                             tr("Bars and label")};
    for (int i = 0; i < int(std::size(names)); ++i) {
        auto* button = new QPushButton(names[i], head);
        button->setCheckable(true);
        button->setChecked(i == 0);
        chapters_->addButton(button, i);
        row->addWidget(button);
    }
    stack_ = new QStackedWidget(this);
    auto* record = new QWidget(stack_);
    auto* recordColumn = new QVBoxLayout(record);
    recordColumn->setContentsMargins(0, 0, 0, 0);
    strip_ = new PhotoStrip(record);
    page_ = new ChapterBrowser(tr("The batch"), record);
    recordColumn->addWidget(strip_);
    recordColumn->addWidget(page_, 1);
    day_ = new DayChapter(stack_);
    cure_ = new CureChapter(stack_);
    tests_ = new TestChapter(stack_);
    bars_ = new BarsChapter(stock, stack_);
    for (QWidget* chapter : std::initializer_list<QWidget*>{record, day_, cure_, tests_, bars_})
        stack_->addWidget(chapter);
    form_ = new AfterForm(clock_, this);
    auto* foot = new QWidget(this);
    auto* buttons = new FlowLayout(foot, Theme::px(8), Theme::px(6));
    open_ = new QPushButton(tr("Open its formula on the bench"), foot);
    resume_ = new QPushButton(tr("Go on making it"), foot);
    resume_->setObjectName(QStringLiteral("primary"));
    portions_ = new QPushButton(tr("Compare its portions"), foot);
    print_ = new QPushButton(tr("Print…"), foot);
    pdf_ = new QPushButton(tr("Record for an assessor…"), foot);
    for (QWidget* w : std::initializer_list<QWidget*>{open_, resume_, portions_, print_, pdf_})
        buttons->addWidget(w);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 8, 12, 8);
    column->setSpacing(Theme::px(4));
    column->addWidget(head);
    column->addWidget(stack_, 1);
    column->addWidget(form_);
    column->addWidget(foot);

    connect(chapters_, &QButtonGroup::idClicked, this, [this](int id) { goTo(Chapter(id)); });
    connect(page_, &QTextBrowser::anchorClicked, this,
            [this](const QUrl& link) { press(link.toString()); });
    connect(strip_, &PhotoStrip::opened, this, [this](const QString& file) {
        QDesktopServices::openUrl(QUrl::fromLocalFile(folder_.path(file)));
    });
    connect(form_, &AfterForm::written, this, [this](const Happening& what) {
        if (keep(what))
            form_->clear();
    });
    connect(form_, &AfterForm::said, this, &BatchView::noted);
    connect(form_, &AfterForm::photosWanted, this, [this](PhotoOf of, std::int64_t on) {
        takePhotos(files::manyToOpen(this, tr("Photographs of this batch"),
                                     tr("Photographs (*.jpg *.jpeg *.png *.webp)")),
                   of, on);
    });
    connect(tests_, &TestChapter::tested, this, [this](const AlkaliTested& test) {
        keep(After{clock_().toMSecsSinceEpoch(), test, 0});
    });
    connect(bars_, &BarsChapter::codeWanted, this, &BatchView::giveCode);
    connect(bars_, &BarsChapter::termsWanted, this, &BatchView::showTerms);
    connect(bars_, &BarsChapter::said, this, &BatchView::noted);
    connect(bars_, &BarsChapter::nameWanted, this, [this](const QString& id, const QString& name) {
        const QString inci = QInputDialog::getText(this, tr("A name for the label"),
                                                   tr("INCI name of %1").arg(name));
        if (!inci.trimmed().isEmpty())
            nameMaterial(id, inci.trimmed());
    });
    connect(open_, &QPushButton::clicked, this, [this] {
        if (batch_)
            Q_EMIT formulaWanted(batch_->formula);
    });
    connect(resume_, &QPushButton::clicked, this, [this] {
        if (batch_)
            Q_EMIT resumeWanted(QString::fromStdString(batch_->id));
    });
    connect(portions_, &QPushButton::clicked, this, &BatchView::compareWanted);
    connect(print_, &QPushButton::clicked, this, [this] {
        if (batch_)
            printFacts(*window(), facts(), QString::fromStdString(batch_->formula.name),
                       speech_.habits());
    });
    connect(pdf_, &QPushButton::clicked, this, &BatchView::savePdf);
    connect(&fittings_, &OwnFittings::changed, this, &BatchView::refresh);
    show(nullptr, std::nullopt);
}

void BatchView::setSpeech(const Speech& speech)
{
    speech_ = speech;
    form_->setSpeech(speech);
    tests_->setSpeech(speech);
    if (terms_)
        terms_->setSpeech(speech);
    refresh();
}

void BatchView::goTo(Chapter chapter)
{
    if (auto* button = chapters_->button(chapter))
        button->setChecked(true);
    stack_->setCurrentIndex(chapter);
    refresh();
}

void BatchView::show(Journal* journal, std::optional<Batch> batch)
{
    const bool other = !batch || !batch_ || batch->id != batch_->id;
    journal_ = journal;
    batch_ = std::move(batch);
    pairs_.clear();
    sameCode_.clear();
    if (journal_ && batch_) {
        if (const auto same = journal_->othersOfCode(*batch_);
            const auto* list = std::get_if<QList<BatchSummary>>(&same))
            sameCode_ = *list;
        Finding finding;
        finding.facts = QStringList{QStringLiteral("pair:") + QString::fromStdString(batch_->id)};
        if (const auto read = journal_->find(finding, 5);
            const auto* list = std::get_if<QList<BatchSummary>>(&read))
            for (const BatchSummary& s : *list)
                pairs_.append({s.id, s.name});
    }
    if (other)
        form_->setBatch(batch_ ? &*batch_ : nullptr);
    refresh();
}

void BatchView::refresh()
{
    for (QWidget* w : std::initializer_list<QWidget*>{open_, print_, pdf_})
        w->setEnabled(batch_.has_value());
    for (QAbstractButton* button : chapters_->buttons())
        button->setEnabled(batch_.has_value());
    resume_->setVisible(batch_ && batch_->state == BatchState::Making);
    const bool elsewhere = journal_ && batch_ && journal_->isElsewhere(*batch_);
    resume_->setText(elsewhere ? tr("Take it over from the other bench") : tr("Go on making it"));
    portions_->setVisible(batch_ && batch_->formula.portions.size() > 1);
    if (!batch_) {
        page_->clear();
        strip_->clear();
        stack_->setCurrentIndex(Record);
        return;
    }
    const AfterTerms& terms = fittings_.all().terms;
    form_->setMinorDigits(terms.minorDigits);
    switch (stack_->currentIndex()) {
    case Record: {
        facts_ = words::batchFacts(*batch_, speech_);
        words::FactSection pair;
        pair.title = tr("Its pair");
        if (batch_->formula.pair)
            pair.facts.append(
                {tr("Like another batch, but for %1")
                     .arg(QString::fromStdString(batch_->formula.pair->change)),
                 {},
                 {},
                 words::Fact::Tone::Plain,
                 QStringLiteral("compare:") + QString::fromStdString(batch_->formula.pair->batch),
                 tr("Compare the two")});
        for (const auto& [id, name] : pairs_)
            pair.facts.append(
                {tr("A batch was made like this one, but for one change: %1").arg(name),
                 {},
                 {},
                 words::Fact::Tone::Plain,
                 QStringLiteral("compare:") + id,
                 tr("Compare the two")});
        if (!pair.facts.isEmpty())
            facts_.sections.insert(1, pair);
        if (!sameCode_.isEmpty())
            facts_.sections.prepend(
                words::codeOfMany(QString::fromStdString(lastOf<CodeGiven>(batch_->after)->code),
                                  sameCode_, speech_));
        page_->setFacts(facts_, true);
        strip_->show(*batch_, folder_, speech_);
        break;
    }
    case Day: day_->show(*batch_, speech_); break;
    case Cure:
        cure_->show(*batch_, curedOf(*batch_, terms.schools, terms.limits()),
                    clock_().toMSecsSinceEpoch(), speech_);
        break;
    case Tests:
        tests_->show(*batch_, curedOf(*batch_, terms.schools, terms.limits()), terms.limits(),
                     speech_);
        break;
    case Bars:
        bars_->show(*batch_, curedOf(*batch_, terms.schools, terms.limits()), fittings_.all(),
                    speech_);
        if (!sameCode_.isEmpty())
            bars_->giveCode()->setEnabled(true);
        break;
    }
}

QString BatchView::pageText() const
{
    switch (stack_->currentIndex()) {
    case Day: return day_->pageText();
    case Cure: return cure_->pageText();
    case Tests: return tests_->pageText();
    case Bars: return bars_->pageText();
    default: return page_->toPlainText();
    }
}

const words::FactPage& BatchView::facts() const
{
    switch (stack_->currentIndex()) {
    case Day: return day_->facts();
    case Cure: return cure_->facts();
    case Tests: return tests_->facts();
    case Bars: return bars_->facts();
    default: return facts_;
    }
}

bool BatchView::keep(const Happening& what)
{
    if (!journal_ || !batch_)
        return false;
    const Event event = eventAt(clock_(), batch_->id, journal_->bench(), what);
    if (const auto fault = journal_->append({event})) {
        Q_EMIT noted(words::fileFault(*fault));
        return false;
    }
    take(*batch_, event);
    refresh();
    Q_EMIT wrote();
    return true;
}

void BatchView::takePhotos(const QStringList& paths, PhotoOf of, std::int64_t on)
{
    int taken = 0;
    QStringList refused;
    const std::string words = form_->words()->text().trimmed().toStdString();
    for (const QString& path : paths.mid(0, mostPhotosAtOnce)) {
        const auto photo = folder_.take(path);
        if (const auto* fault = std::get_if<FileFault>(&photo)) {
            refused << words::fileFault(*fault);
            continue;
        }
        const auto& p = std::get<PhotoTaken>(photo);
        // Several come from a folder of their own days, one is of the day in the form.
        const std::int64_t day = paths.size() > 1 && p.day.isValid()
                                     ? QDateTime(p.day, QTime(12, 0)).toMSecsSinceEpoch()
                                     : on;
        if (!keep(After{day, PhotoKept{p.file.toStdString(), of, p.colour, words}, 0}))
            return;
        ++taken;
    }
    if (!refused.isEmpty())
        Q_EMIT noted(refused.mid(0, 3).join(QLatin1Char(' ')));
    else if (paths.size() > mostPhotosAtOnce)
        Q_EMIT noted(tr("%n photograph(s) taken in; choose the rest again.", nullptr, taken));
    if (taken > 0)
        form_->clear();
}

void BatchView::giveCode()
{
    if (!journal_ || !batch_ || (lastOf<CodeGiven>(batch_->after) && sameCode_.isEmpty()))
        return;
    const QDate day = QDateTime::fromMSecsSinceEpoch(batch_->begun).date();
    const auto read =
        journal_->codes(QString::fromStdString(codesOfDay(day.year(), day.dayOfYear())));
    if (const auto* fault = std::get_if<FileFault>(&read)) {
        Q_EMIT noted(words::fileFault(*fault));
        return;
    }
    std::vector<std::string> given;
    for (const QString& code : std::get<QStringList>(read))
        given.push_back(code.toStdString());
    const auto code = nextCode(day.year(), day.dayOfYear(), journal_->benchLetter(), given);
    if (const auto* text = std::get_if<std::string>(&code))
        keep(After{clock_().toMSecsSinceEpoch(), CodeGiven{*text}, 0});
    else
        Q_EMIT noted(tr("There are 99 codes of that day already."));
}

void BatchView::nameMaterial(const QString& id, const QString& inci)
{
    if (const auto fault = fittings_.change([&](Fittings& f) {
            f.terms.inci[id.toStdString()].name = inci.left(200).toStdString();
        }))
        Q_EMIT noted(words::fileFault(*fault));
}

void BatchView::showTerms()
{
    if (!terms_) {
        terms_ = new TermsWindow(window());
        connect(terms_, &TermsWindow::changed, this, [this](const AfterTerms& terms) {
            if (const auto fault = fittings_.change([&](Fittings& f) { f.terms = terms; }))
                Q_EMIT noted(words::fileFault(*fault));
        });
    }
    terms_->setSpeech(speech_);
    terms_->setTerms(fittings_.all().terms);
    terms_->show();
    terms_->raise();
}

void BatchView::press(const QString& link)
{
    const QString code = link.startsWith(QLatin1String("do:")) ? link.mid(3) : QString();
    const QString which = code.section(QLatin1Char(':'), 1);
    if (code.startsWith(QLatin1String("back:")))
        keep(TakenBack{which.toStdString()});
    else if (code.startsWith(QLatin1String("retire:")))
        keep(After{clock_().toMSecsSinceEpoch(), LessonRetired{which.toStdString()}, 0});
    else if (code.startsWith(QLatin1String("compare:")))
        Q_EMIT batchWanted(which);
    else if (code.startsWith(QLatin1String("batch:")))
        Q_EMIT batchShown(which);
}

void BatchView::savePdf()
{
    if (!batch_)
        return;
    const QString path = files::toSave(this, tr("Record for an assessor"), {}, tr("PDF (*.pdf)"));
    if (path.isEmpty())
        return;
    const auto fault = writeRecord(path);
    Q_EMIT noted(fault ? words::fileFault(*fault) : tr("The record is in %1.").arg(path));
}

std::optional<FileFault> BatchView::writeRecord(const QString& path) const
{
    if (!batch_)
        return std::nullopt;
    const Bowl bowl = batch_->bowl();
    QList<PictureOnPaper> pictures;
    for (const words::PhotoSaid& photo : words::photosSaid(*batch_, speech_)) {
        PictureOnPaper picture{
            [this, file = photo.file] { return folder_.photo(file); }, photo.caption, {}};
        if (photo.colour)
            picture.colour = QColor::fromRgb(*photo.colour);
        pictures.append(std::move(picture));
    }
    return writeRecordPdf(path, words::assessorFacts(*batch_, speech_), pictures, bowl.formula,
                          reckonGiven(bowl.formula, bowl.amounts), speech_);
}

} // namespace rhexion
