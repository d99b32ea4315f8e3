// The events of a batch as JSON (docs/formats/README.md): kind and data, codes and the maker's own
// words, never a sentence of ours.
#pragma once

#include "core/batch/event.h"
#include "storage/file_fault.h"

#include <QByteArray>
#include <QDateTime>
#include <QJsonObject>
#include <QString>

#include <variant>

namespace rhexion {

QString kindOf(const Happening& what);
QByteArray dataOf(const Happening& what);
QJsonObject answerToJson(const DangerAnswered& answer); // the data of that kind
// A kind that is not known here is a fault, too: what to do with it is the reader's business.
std::variant<Happening, FileFault> happeningFrom(const QString& kind, const QByteArray& data);

// A whole event in one line, for the file beside a journal that cannot be written.
QByteArray eventToLine(const Event& event);
std::variant<Event, FileFault> eventFromLine(const QByteArray& line);

// A UUID for an event, a batch or a bench.
std::string newId();
// An event with an id of its own, as it is written at this moment in this place.
Event eventAt(const QDateTime& when, const std::string& batch, const QString& bench,
              Happening what);
// The moment an event names; null for 0.
QDateTime momentOf(std::int64_t ms);

} // namespace rhexion
