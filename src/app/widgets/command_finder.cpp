#include "app/widgets/command_finder.h"

#include <QMenu>

#include <algorithm>

namespace rhexion {

namespace {

QString plainName(QString text)
{
    text.remove(QLatin1Char('&'));
    if (text.endsWith(QChar(0x2026)))
        text.chop(1);
    return text;
}

void collect(QMenu& menu, const QString& before, QList<Command>& out)
{
    Q_EMIT menu.aboutToShow(); // some are filled, or ticked, only then
    for (QAction* action : menu.actions()) {
        const QString name = QStringLiteral("%1: %2").arg(before, plainName(action->text()));
        if (action->menu())
            collect(*action->menu(), name, out);
        else if (!action->isSeparator() && action->isEnabled() && action->isVisible())
            out.append({name, action->shortcut().toString(QKeySequence::NativeText), action});
    }
    Q_EMIT menu.aboutToHide();
}

} // namespace

QList<Command> commandsFor(const QMenuBar& bar, const QString& text)
{
    QList<Command> all;
    for (QAction* action : bar.actions())
        if (action->menu())
            collect(*action->menu(), plainName(action->text()), all);
    const QStringList words = text.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    all.removeIf([&](const Command& command) {
        return !std::ranges::all_of(words, [&](const QString& word) {
            return command.name.contains(word, Qt::CaseInsensitive);
        });
    });
    return all;
}

} // namespace rhexion
