#include "manual/help_window.h"

#include <QDesktopServices>
#include <QDir>
#include <QHelpContentModel>
#include <QHelpSearchEngine>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QShortcut>
#include <QSplitter>
#include <QVBoxLayout>

namespace rhexion {

namespace {

const QString base = QStringLiteral("qthelp://org.rhexion.manual/manual/");
constexpr int restMilliseconds = 200;

} // namespace

BookBrowser::BookBrowser(const QHelpEngineCore& engine, QWidget* parent)
    : QTextBrowser(parent), engine_(engine)
{
    setOpenExternalLinks(false);
    document()->setDocumentMargin(16);
}

QVariant BookBrowser::loadResource(int, const QUrl& name)
{
    const QUrl url = name.isRelative() ? source().resolved(name) : name;
    return url.scheme() == QLatin1String("qthelp") ? QVariant(engine_.fileData(url)) : QVariant();
}

void BookBrowser::doSetSource(const QUrl& url, QTextDocument::ResourceType type)
{
    if (url.isRelative() || url.scheme() == QLatin1String("qthelp"))
        QTextBrowser::doSetSource(url, type);
}

HelpWindow::HelpWindow(const QString& book, const QString& cache)
    : engine_((QDir().mkpath(cache), cache + QStringLiteral("/manual.qhc")))
{
    setWindowTitle(tr("Manual"));
    resize(1080, 720);
    auto* split = new QSplitter(this);
    auto* left = new QWidget(split);
    field_ = new QLineEdit(left);
    field_->setPlaceholderText(tr("Find in the manual"));
    field_->setAccessibleName(field_->placeholderText());
    field_->setClearButtonEnabled(true);
    list_ = new QListWidget(left);
    list_->setAccessibleName(tr("Pages"));
    auto* column = new QVBoxLayout(left);
    column->addWidget(field_);
    column->addWidget(list_);
    browser_ = new BookBrowser(engine_, split);
    browser_->setAccessibleName(tr("The page"));
    split->addWidget(left);
    split->addWidget(browser_);
    split->setSizes({320, 760});
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(split);

    engine_.setReadOnly(false);
    const QString space = QHelpEngineCore::namespaceName(book);
    if (engine_.setupData()) {
        // The book may have been built anew since.
        if (engine_.registeredDocumentations().contains(space))
            engine_.unregisterDocumentation(space);
        if (!engine_.registerDocumentation(book))
            fault_ = engine_.error();
    } else {
        fault_ = engine_.error();
    }
    if (space.isEmpty())
        fault_ =
            tr("The manual, %1, is not beside this program. Installing it again brings it back.")
                .arg(book);
    rest_.setSingleShot(true);
    rest_.setInterval(restMilliseconds);
    connect(&rest_, &QTimer::timeout, this, &HelpWindow::search);
    connect(field_, &QLineEdit::textChanged, &rest_, qOverload<>(&QTimer::start));
    connect(list_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item)
            browser_->setSource(item->data(Qt::UserRole).toUrl());
    });
    connect(engine_.contentModel(), &QHelpContentModel::contentsCreated, this,
            &HelpWindow::fillContents);
    connect(engine_.searchEngine(), &QHelpSearchEngine::searchingFinished, this,
            &HelpWindow::showFound);
    new QShortcut(QKeySequence::Cancel, this, this, &QWidget::close);
    new QShortcut(QKeySequence::Find, this, field_, qOverload<>(&QWidget::setFocus));
    new QShortcut(QKeySequence::Back, this, browser_, &QTextBrowser::backward);
    new QShortcut(QKeySequence::Forward, this, browser_, &QTextBrowser::forward);
    if (fault_.isEmpty()) {
        engine_.contentModel()->createContents(QString());
        engine_.searchEngine()->reindexDocumentation();
    } else {
        browser_->setPlainText(fault_);
    }
}

void HelpWindow::fillContents()
{
    const QSignalBlocker quiet(list_);
    list_->clear();
    QHelpContentModel* model = engine_.contentModel();
    const QModelIndex root = model->index(0, 0);
    for (int row = 0; row < model->rowCount(root); ++row) {
        const QHelpContentItem* item = model->contentItemAt(model->index(row, 0, root));
        auto* line = new QListWidgetItem(item->title(), list_);
        line->setData(Qt::UserRole, item->url());
        if (item->url() == browser_->source())
            list_->setCurrentItem(line);
    }
}

void HelpWindow::search()
{
    if (field_->text().trimmed().isEmpty())
        fillContents();
    else if (fault_.isEmpty())
        engine_.searchEngine()->search(field_->text());
}

void HelpWindow::showFound()
{
    if (field_->text().trimmed().isEmpty())
        return;
    const QSignalBlocker quiet(list_);
    list_->clear();
    constexpr int most = 40;
    for (const QHelpSearchResult& found : engine_.searchEngine()->searchResults(0, most)) {
        if (found.url().fileName() == QLatin1String("index.html"))
            continue; // the contents hold every title
        auto* line = new QListWidgetItem(found.title(), list_);
        line->setData(Qt::UserRole, found.url());
    }
    if (list_->count() == 0) {
        auto* none = new QListWidgetItem(tr("No page holds that."), list_);
        none->setFlags(Qt::NoItemFlags);
    }
}

void HelpWindow::open(const QString& page)
{
    if (!fault_.isEmpty())
        return;
    browser_->setSource(
        QUrl(base + (page.isEmpty() ? QStringLiteral("index") : page) + QStringLiteral(".html")));
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->data(Qt::UserRole).toUrl() == browser_->source()) {
            const QSignalBlocker quiet(list_);
            list_->setCurrentRow(i);
        }
}

QString HelpWindow::page() const
{
    return browser_->source().fileName().section(QLatin1Char('.'), 0, 0);
}

} // namespace rhexion

extern "C" Q_DECL_EXPORT rhexion::ManualWindow* rhexion_make_manual_window(const QString& book,
                                                                           const QString& cache)
{
    return new rhexion::HelpWindow(book, cache);
}
