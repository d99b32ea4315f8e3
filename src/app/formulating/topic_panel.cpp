#include "app/formulating/topic_panel.h"

#include "app/formulating/topic_print.h"
#include "app/theme/theme.h"
#include "app/widgets/page_browser.h"
#include "document/formula_document.h"
#include "words/refusal_words.h"

#include <QApplication>
#include <QClipboard>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>
#include <QScrollBar>
#include <QVBoxLayout>

namespace rhexion {

TopicPanel::TopicPanel(const QString& title, FormulaDocument& document, QWidget* parent)
    : SidePanel(title, parent), document_(document)
{
    auto* out = new QPushButton(this);
    out->setIcon(Theme::icon(QStringLiteral("printer"), Ink::Ink));
    out->setToolTip(tr("Print or copy what is said here"));
    out->setAccessibleName(tr("Print or copy"));
    auto* menu = new QMenu(out);
    const auto name = [this] { return QString::fromStdString(document_.formula().name); };
    menu->addAction(tr("Look at it and print…"), this,
                    [=, this] { printFacts(*window(), facts_, name(), speech_.habits()); });
    menu->addAction(tr("Keep as PDF…"), this, [=, this] {
        noteFault(saveFacts(*window(), facts_, name(), speech_.habits()));
    });
    menu->addAction(tr("Copy as text"), this,
                    [this] { QApplication::clipboard()->setText(words::factsAsText(facts_)); });
    out->setMenu(menu);
    top()->insertWidget(1, out);
    above_ = new QVBoxLayout;
    above_->setSpacing(6);
    body()->addLayout(above_);
    page_ = new PageBrowser(this);
    page_->setOpenLinks(false);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setAccessibleName(title);
    page_->setMinimumHeight(Theme::px(120));
    body()->addWidget(page_, 1);
    connect(page_, &PageBrowser::anchorClicked, this, [this](const QUrl& url) {
        if (url.scheme() == QLatin1String("do"))
            act(url.path());
    });
    connect(&document_, &FormulaDocument::changed, this, [this] {
        if (isVisible())
            refresh();
    });
    connect(&Theme::news(), &LookNews::changed, this, [this, out] {
        out->setIcon(Theme::icon(QStringLiteral("printer"), Ink::Ink));
        if (isVisible())
            refresh();
    });
}

void TopicPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    speechChanged();
    if (isVisible())
        refresh();
}

void TopicPanel::showEvent(QShowEvent* event)
{
    SidePanel::showEvent(event);
    refresh();
}

void TopicPanel::noteFault(const std::optional<FileFault>& fault)
{
    if (fault)
        Q_EMIT noted(words::fileFault(*fault));
}

void TopicPanel::refresh()
{
    refreshControls();
    const Reckoning* r = document_.reckoning();
    if (r) {
        facts_ = factsOf(document_.formula(), *r);
    } else {
        facts_ = {};
        facts_.lead = words::refusal(*document_.refusal(), speech_);
    }
    const int place = page_->verticalScrollBar()->value();
    page_->setFacts(facts_, false);
    page_->verticalScrollBar()->setValue(place);
}

} // namespace rhexion
