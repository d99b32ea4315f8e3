#include "batch/kept_beside.h"

#include "storage/event_json.h"
#include "storage/whole_file.h"

#include <QFile>

#include <unistd.h>

namespace rhexion {

KeptBeside::KeptBeside(const QString& folder, const QString& batch)
    : path_(folder.isEmpty() ? QString() : QStringLiteral("%1/making-%2.beside").arg(folder, batch))
{
}

bool KeptBeside::append(const QList<Event>& events)
{
    QFile file(path_);
    const bool first = !file.exists();
    if (path_.isEmpty() ||
        !file.open(QIODevice::WriteOnly | QIODevice::Append | QIODevice::Unbuffered,
                   QFile::ReadOwner | QFile::WriteOwner))
        return false;
    // A line of its own even after one that a full disk cut short.
    QByteArray bytes;
    for (const Event& event : events)
        bytes += '\n' + eventToLine(event) + '\n';
    const bool written = file.write(bytes) == bytes.size() && ::fsync(file.handle()) == 0;
    if (first)
        syncFolderOf(path_);
    return written;
}

QList<Event> KeptBeside::all() const
{
    QList<Event> out;
    QFile file(path_);
    if (path_.isEmpty() || !file.open(QIODevice::ReadOnly))
        return out;
    for (const QByteArray& line : file.readAll().split('\n')) {
        auto event = eventFromLine(line);
        if (std::holds_alternative<Event>(event))
            out.append(std::get<Event>(std::move(event)));
    }
    return out;
}

void KeptBeside::clear()
{
    if (!path_.isEmpty())
        QFile::remove(path_);
}

} // namespace rhexion
