#include "app/keys_window.h"

#include "app/theme/theme.h"
#include "app/widgets/command_finder.h"
#include "app/widgets/page_browser.h"

#include <QVBoxLayout>

namespace rhexion {

namespace {

struct KeyRow {
    QString keys;
    QString does;
};

QString keyNames(std::initializer_list<QKeySequence> keys)
{
    QStringList out;
    for (const QKeySequence& key : keys)
        out << key.toString(QKeySequence::NativeText);
    return out.join(QStringLiteral(", "));
}

QList<KeyRow> menuKeys(const QMenuBar& bar)
{
    QList<KeyRow> out;
    for (const Command& command : commandsFor(bar, {}))
        if (!command.keys.isEmpty())
            out.append({command.keys, command.name});
    return out;
}

QString section(const QString& title, const QList<KeyRow>& rows)
{
    QString html = QStringLiteral("<h3>%1</h3><table>").arg(title.toHtmlEscaped());
    for (const KeyRow& row : rows)
        html += QStringLiteral("<tr><td class='k'>%1</td><td>%2</td></tr>")
                    .arg(row.keys.toHtmlEscaped(), row.does.toHtmlEscaped());
    return html + QStringLiteral("</table>");
}

} // namespace

KeysWindow::KeysWindow(const QMenuBar& bar, QWidget* owner) : LeavableWindow(owner)
{
    setAttribute(Qt::WA_DeleteOnClose);
    setWindowTitle(tr("All keys"));
    page_ = new PageBrowser(this);
    page_->setAccessibleName(windowTitle());
    QString html = QStringLiteral("<style>td { padding: 2px 18px 2px 0; } .k { font-weight: 600; "
                                  "white-space: nowrap; }</style>");
    html += section(tr("From everywhere"), menuKeys(bar)
                                               << KeyRow{keyNames({Qt::Key_F10}), tr("the menus")});
    html += section(tr("While typing a line"),
                    {{keyNames({Qt::Key_Return}), tr("take it as it is understood")},
                     {keyNames({Qt::Key_Down, Qt::Key_Up}), tr("another match, or none of them")},
                     {QStringLiteral(">"), tr("look for a command by its words")},
                     {keyNames({QKeySequence::Paste}), tr("several lines are taken one by one")},
                     {keyNames({Qt::Key_Escape}), tr("empty it, then go to the vessels")}});
    html += section(tr("In a vessel"),
                    {{keyNames({Qt::Key_Return}), tr("change the amount in place")},
                     {keyNames({Qt::CTRL | Qt::Key_Left, Qt::CTRL | Qt::Key_Right}),
                      tr("move the line to another vessel")},
                     {keyNames({Qt::CTRL | Qt::Key_J}), tr("lock its amount")},
                     {keyNames({Qt::Key_Delete}), tr("remove it")},
                     {tr("a letter or figure"), tr("type a line that goes in here")}});
    html += section(tr("In the accounts"),
                    {{keyNames({Qt::Key_Left, Qt::Key_Right}), tr("the next part of a bar")},
                     {keyNames({Qt::Key_Return}), tr("its working")}});
    html += section(tr("While making"),
                    {{keyNames({Qt::Key_Space}), tr("go on; nothing typed means as planned")},
                     {keyNames({Qt::Key_Return}), tr("keep what was typed, then go on")}});
    page_->setHtml(html);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(page_);
    resize(Theme::px(560), Theme::px(620));
}

} // namespace rhexion
