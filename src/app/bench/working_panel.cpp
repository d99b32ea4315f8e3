#include "app/bench/working_panel.h"

#include "app/theme/theme.h"
#include "document/formula_document.h"
#include "words/words.h"

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
    : QFrame(parent), document_(document)
{
    setObjectName(QStringLiteral("card"));
    auto* title = new QLabel(tr("The working"), this);
    title->setFont(Theme::strong());
    auto* copy = new QPushButton(tr("Copy"), this);
    connect(copy, &QPushButton::clicked, this,
            [this] { QApplication::clipboard()->setText(plainText()); });
    auto* back = new QPushButton(tr("Back to figures"), this);
    connect(back, &QPushButton::clicked, this, &WorkingPanel::closed);
    text_ = new QTextBrowser(this);
    text_->setOpenLinks(false);
    text_->setAccessibleName(tr("The working"));
    auto* top = new QHBoxLayout;
    top->addWidget(title, 1);
    top->addWidget(copy);
    top->addWidget(back);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(12, 10, 8, 8);
    layout->addLayout(top);
    layout->addWidget(text_, 1);
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
    const Colours& c = Theme::colours();
    QString html = QStringLiteral("<style>p { margin: 0 0 9px 0; } .s { font-weight: 600; }"
                                  " .o { color: %1; font-size: 13px; }</style>")
                       .arg(c.muted.name());
    int number = 0;
    for (const Step& step : r->working.steps()) {
        const bool marked = number == marked_;
        QColor wash = c.action;
        wash.setAlphaF(0.16f);
        html +=
            QStringLiteral("<p%1><a name='s%2'></a>%3<br><span class='s'>%4</span>")
                .arg(marked
                         ? QStringLiteral(" style='background:%1'").arg(wash.name(QColor::HexArgb))
                         : QString())
                .arg(number)
                .arg(words::stepTitle(step, document_.formula()).toHtmlEscaped(),
                     words::stepSum(step, r->working, speech_).toHtmlEscaped());
        const QString source = words::stepSource(step, document_.formula());
        if (!source.isEmpty())
            html += QStringLiteral("<br><span class='o'>%1</span>").arg(source.toHtmlEscaped());
        html += QStringLiteral("</p>");
        ++number;
    }
    text_->setHtml(html);
}

void WorkingPanel::showRule(Rule rule, LineId line)
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
            if (alike && (line == 0 || stepLine == line)) {
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
