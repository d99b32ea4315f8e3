#include "app/bench/working_panel.h"
#include "app/help.h"
#include "app/widgets/page_browser.h"

#include "app/theme/theme.h"
#include "document/formula_document.h"
#include "pages/working_page.h"
#include "words/refusal_words.h"

#include <QApplication>
#include <QClipboard>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollBar>
#include <QTextBrowser>
#include <QVBoxLayout>

namespace rhexion {

WorkingPanel::WorkingPanel(FormulaDocument& document, QWidget* parent)
    : SidePanel(tr("The working"), parent), document_(document)
{
    helpOn(this, "working");
    auto* copy = new QPushButton(tr("Copy"), this);
    connect(copy, &QPushButton::clicked, this,
            [this] { QApplication::clipboard()->setText(plainText()); });
    text_ = new PageBrowser(this);
    text_->setOpenLinks(false);
    text_->setAccessibleName(tr("The working"));
    top()->insertWidget(1, copy);
    body()->addWidget(text_, 1);
    schools_ = new QPushButton(tr("Where makers differ"), this);
    connect(schools_, &QPushButton::clicked, this, &WorkingPanel::showSchools);
    body()->addWidget(schools_);
    connect(&Theme::news(), &LookNews::changed, this, [this] {
        if (isVisible())
            refresh();
    });
    connect(&document_, &FormulaDocument::changed, this, [this] {
        marked_ = -1;
        if (isVisible())
            refresh();
    });
}

void WorkingPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    if (isVisible())
        refresh();
}

void WorkingPanel::showSchools()
{
    text_->scrollToAnchor(QStringLiteral("schools"));
}

QString WorkingPanel::plainText() const
{
    return text_->toPlainText();
}

void WorkingPanel::refresh()
{
    const Reckoning* r = document_.reckoning();
    if (!r) {
        text_->setPlainText(words::refusal(*document_.refusal(), speech_));
        return;
    }
    WorkingStyle style;
    style.muted = Theme::colours().muted.name();
    style.small = QStringLiteral("%1px").arg(Theme::px(13));
    QColor wash = Theme::colours().action;
    wash.setAlphaF(0.16f);
    style.wash = wash.name(QColor::HexArgb);
    style.marked = marked_;
    const QString html = workingHtml(document_.formula(), *r, speech_, style);
    text_->setHtml(html);
    schools_->setVisible(html.contains(QLatin1String("name='schools'")));
}

void WorkingPanel::showRule(Rule rule, LineId line, PortionId portion)
{
    marked_ = -1;
    const Reckoning* r = document_.reckoning();
    if (r) {
        int number = 0;
        for (const Step& step : r->working.steps()) {
            const LineId stepLine = step.line == noLine ? 0 : r->lines[std::size_t(step.line)].id;
            // An acid may be reckoned by titration, and a make-up with shares of the batter.
            const bool alike = step.rule == rule ||
                               (rule == Rule::AcidDemand && step.rule == Rule::TitratedDemand) ||
                               (rule == Rule::MakeUp && step.rule == Rule::MakeUpShares);
            const PortionId stepPortion =
                step.portion == noPortion ? 0 : r->portions[std::size_t(step.portion)].id;
            if (alike && (line == 0 || stepLine == line) &&
                (portion == 0 || stepPortion == portion)) {
                marked_ = number;
                break;
            }
            ++number;
        }
    }
    refresh();
    text_->verticalScrollBar()->setValue(0);
    if (marked_ >= 0)
        text_->scrollToAnchor(QStringLiteral("s%1").arg(marked_));
    text_->setFocus();
}

} // namespace rhexion
