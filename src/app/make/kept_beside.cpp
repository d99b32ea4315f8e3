#include "app/make/kept_beside.h"

#include <QFile>
#include <QJsonDocument>
#include <QJsonObject>

#include <unistd.h>

namespace rhexion {

KeptBeside::KeptBeside(QString folder, qint64 batch)
    : path_(folder.isEmpty() ? QString()
                             : QStringLiteral("%1/making-%2.beside").arg(folder).arg(batch))
{
}

bool KeptBeside::append(const BesideEvent& event)
{
    QJsonObject line;
    if (event.step)
        line["step"] = *event.step;
    if (const auto& w = event.weighing) {
        line["what"] = int(w->weighed.target.what);
        line["line"] = double(w->weighed.target.line);
        line["grams"] = w->weighed.grams;
        line["typed"] = w->weighed.origin == WeighOrigin::Typed;
        line["name"] = w->name;
        line["planned"] = w->plannedGrams;
        line["at"] = w->at.toUTC().toString(Qt::ISODateWithMs);
    }
    QFile file(path_);
    if (path_.isEmpty() ||
        !file.open(QIODevice::WriteOnly | QIODevice::Append | QIODevice::Unbuffered,
                   QFile::ReadOwner | QFile::WriteOwner))
        return false;
    // A line of its own even after one that a full disk cut short.
    const QByteArray bytes = '\n' + QJsonDocument(line).toJson(QJsonDocument::Compact) + '\n';
    return file.write(bytes) == bytes.size() && ::fsync(file.handle()) == 0;
}

QList<BesideEvent> KeptBeside::all() const
{
    QList<BesideEvent> out;
    QFile file(path_);
    if (path_.isEmpty() || !file.open(QIODevice::ReadOnly))
        return out;
    for (const QByteArray& bytes : file.readAll().split('\n')) {
        const QJsonObject line = QJsonDocument::fromJson(bytes).object();
        BesideEvent event;
        if (line.contains("step"))
            event.step = line["step"].toInt();
        const int what = line["what"].toInt(-1);
        const double grams = line["grams"].toDouble(-1.0);
        if (what > 0 && what <= int(WeighTarget::What::Solvent) && grams >= 0.0 &&
            grams <= Mass::largestGrams)
            event.weighing = WeighingRecord{
                {{static_cast<WeighTarget::What>(what),
                  static_cast<LineId>(std::max(0.0, line["line"].toDouble()))},
                 grams,
                 line["typed"].toBool() ? WeighOrigin::Typed : WeighOrigin::AsPlanned},
                line["name"].toString(),
                line["planned"].toDouble(),
                QDateTime::fromString(line["at"].toString(), Qt::ISODateWithMs)};
        if (event.step || event.weighing)
            out.append(event);
    }
    return out;
}

void KeptBeside::clear()
{
    if (!path_.isEmpty())
        QFile::remove(path_);
}

} // namespace rhexion
