#include "storage/json_cursor.h"

#include "core/units/text.h"
#include "storage/whole_file.h"

#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>

#include <cmath>
#include <vector>

namespace rhexion {

using Code = FileFault::Code;

JsonCursor::JsonCursor(const QJsonValue& value, QString path, std::optional<FileFault>& fault)
    : object_(value.toObject()), path_(std::move(path)), fault_(&fault)
{
    if (!value.isObject() && !failed())
        *fault_ = FileFault{Code::WrongType, path_, QStringLiteral("object")};
}

QString JsonCursor::at(const QString& key) const
{
    return path_.isEmpty() ? key : path_ + QLatin1Char('.') + key;
}

void JsonCursor::fail(Code code, const QString& key, const QString& detail) const
{
    if (!failed())
        *fault_ = FileFault{code, key.isEmpty() ? path_ : at(key), detail};
}

void JsonCursor::failAt(Code code, const QString& place, const QString& detail) const
{
    if (!failed())
        *fault_ = FileFault{code, place, detail};
}

bool JsonCursor::has(const char* key) const
{
    return object_.contains(QLatin1String(key));
}

void JsonCursor::allow(std::initializer_list<const char*> keys) const
{
    for (auto it = object_.begin(); it != object_.end(); ++it) {
        bool known = false;
        for (const char* key : keys)
            known = known || it.key() == QLatin1String(key);
        if (!known)
            fail(Code::UnknownField, it.key());
    }
}

QJsonValue JsonCursor::need(const char* key) const
{
    const QJsonValue value = object_.value(QLatin1String(key));
    if (value.isUndefined())
        fail(Code::Missing, QString::fromLatin1(key));
    return value;
}

JsonCursor JsonCursor::object(const char* key) const
{
    return JsonCursor(failed() ? QJsonValue() : need(key), at(QString::fromLatin1(key)), *fault_);
}

QList<JsonCursor> JsonCursor::array(const char* key, qsizetype most) const
{
    QList<JsonCursor> out;
    const QJsonValue value = need(key);
    if (failed())
        return out;
    if (!value.isArray()) {
        fail(Code::WrongType, QString::fromLatin1(key), QStringLiteral("array"));
        return out;
    }
    const QJsonArray array = value.toArray();
    if (array.size() > most) {
        fail(Code::OutOfRange, QString::fromLatin1(key), QStringLiteral("0..%1").arg(most));
        return out;
    }
    for (qsizetype i = 0; i < array.size() && !failed(); ++i)
        out.append(JsonCursor(array.at(i),
                              QStringLiteral("%1[%2]").arg(at(QString::fromLatin1(key))).arg(i),
                              *fault_));
    return out;
}

QList<double> JsonCursor::numbers(const char* key, qsizetype most, double low, double high) const
{
    QList<double> out;
    const QJsonValue value = need(key);
    if (failed())
        return out;
    const QJsonArray array = value.toArray();
    bool good = value.isArray() && array.size() <= most;
    for (const QJsonValue& one : array) {
        good = good && one.isDouble() && one.toDouble() >= low && one.toDouble() <= high;
        out.append(one.toDouble());
    }
    if (!good) {
        fail(Code::OutOfRange, QString::fromLatin1(key),
             QStringLiteral("%1..%2").arg(low).arg(high));
        out.clear();
    }
    return out;
}

QString JsonCursor::text(const char* key, qsizetype longest) const
{
    const QJsonValue value = need(key);
    if (failed())
        return {};
    if (!value.isString()) {
        fail(Code::WrongType, QString::fromLatin1(key), QStringLiteral("text"));
        return {};
    }
    const QString text = value.toString();
    if (text.size() > longest) {
        fail(Code::OutOfRange, QString::fromLatin1(key), QStringLiteral("0..%1").arg(longest));
        return {};
    }
    if (text.contains(QChar(0))) {
        fail(Code::NulText, QString::fromLatin1(key));
        return {};
    }
    return text;
}

QStringList JsonCursor::words(const char* key, qsizetype most, qsizetype longest) const
{
    const QJsonValue value = need(key);
    QStringList out;
    if (failed())
        return out;
    const QJsonArray array = value.toArray();
    bool good = value.isArray() && array.size() <= most;
    for (const QJsonValue& word : array) {
        good = good && word.isString() && word.toString().size() <= longest &&
               !word.toString().contains(QChar(0));
        out.append(word.toString());
    }
    if (!good)
        fail(Code::WrongType, QString::fromLatin1(key), QStringLiteral("text-list"));
    return good ? out : QStringList{};
}

QString JsonCursor::textOr(const char* key, qsizetype longest, const QString& otherwise) const
{
    return has(key) ? text(key, longest) : otherwise;
}

double JsonCursor::number(const char* key, double low, double high) const
{
    const QJsonValue value = need(key);
    if (failed())
        return low;
    if (!value.isDouble()) {
        fail(Code::WrongType, QString::fromLatin1(key), QStringLiteral("number"));
        return low;
    }
    const double number = value.toDouble();
    if (!(number >= low && number <= high)) {
        fail(Code::OutOfRange, QString::fromLatin1(key),
             QStringLiteral("%1..%2").arg(low).arg(high));
        return low;
    }
    return number;
}

double JsonCursor::whole(const char* key, double low, double high) const
{
    const double value = number(key, low, high);
    if (!failed() && value != std::floor(value))
        fail(Code::WrongType, QString::fromLatin1(key), QStringLiteral("whole-number"));
    return value;
}

double JsonCursor::wholeOr(const char* key, double low, double high, double otherwise) const
{
    return has(key) ? whole(key, low, high) : otherwise;
}

double JsonCursor::numberOr(const char* key, double low, double high, double otherwise) const
{
    return has(key) ? number(key, low, high) : otherwise;
}

bool JsonCursor::flag(const char* key, bool otherwise) const
{
    if (!has(key))
        return otherwise;
    const QJsonValue value = need(key);
    if (!value.isBool())
        fail(Code::WrongType, QString::fromLatin1(key), QStringLiteral("flag"));
    return value.toBool(otherwise);
}

std::optional<FileFault> readBytes(const QString& path, int mostMegabytes, QByteArray& into)
{
    QFile file(path);
    const QFileInfo info(path);
    if (info.exists() && !info.isFile())
        return FileFault{Code::NotAFile, path, {}};
    if (!file.open(QIODevice::ReadOnly))
        return FileFault{Code::CannotOpen, path, file.errorString()};
    const qint64 most = qint64(mostMegabytes) * 1024 * 1024;
    auto read = readUpTo(file, most);
    if (auto* fault = std::get_if<FileFault>(&read))
        return std::move(*fault);
    into = std::get<QByteArray>(std::move(read));
    if (into.size() > most)
        return FileFault{Code::TooLarge, path, QString::number(mostMegabytes)};
    return std::nullopt;
}

namespace {

// A field that stands twice in one object; the parser would keep the last without a word. The bytes
// are JSON already, so only strings and braces need to be told apart.
std::optional<FileFault> twiceInOne(const QByteArray& bytes)
{
    struct Level {
        bool object;
        QSet<QByteArray> keys;
    };
    std::vector<Level> levels;
    qsizetype line = 1;
    for (qsizetype i = 0; i < bytes.size(); ++i) {
        switch (bytes[i]) {
        case '\n': ++line; break;
        case '{':
        case '[': levels.push_back({bytes[i] == '{', {}}); break;
        case '}':
        case ']':
            if (!levels.empty())
                levels.pop_back();
            break;
        case '"': {
            const qsizetype from = i + 1;
            for (++i; i < bytes.size() && bytes[i] != '"'; ++i)
                i += bytes[i] == '\\' ? 1 : 0;
            const QByteArray text = bytes.mid(from, i - from);
            qsizetype next = i + 1;
            while (next < bytes.size() && isSpace(bytes[next]))
                ++next;
            if (next >= bytes.size() || bytes[next] != ':' || levels.empty() ||
                !levels.back().object)
                break;
            // An escaped spelling of a name is the same name; no field of ours needs one.
            if (levels.back().keys.contains(text))
                return FileFault{Code::TwiceInOne, QString::number(line),
                                 QString::fromUtf8(text.left(100))};
            levels.back().keys.insert(text);
            break;
        }
        default: break;
        }
    }
    return std::nullopt;
}

} // namespace

JsonText parseJson(const QByteArray& bytes, const QString& format, int newestVersion,
                   int mostMegabytes)
{
    JsonText out;
    if (bytes.size() > qsizetype(mostMegabytes) * 1024 * 1024) {
        out.fault = FileFault{Code::TooLarge, {}, QString::number(mostMegabytes)};
        return out;
    }
    if (bytes.isEmpty()) {
        out.fault = FileFault{Code::Empty, {}, {}};
        return out;
    }
    QJsonParseError error;
    const QJsonDocument document = QJsonDocument::fromJson(bytes, &error);
    if (error.error != QJsonParseError::NoError) {
        const QByteArray before = bytes.left(error.offset);
        const auto line = before.count('\n') + 1;
        const auto column = before.size() - before.lastIndexOf('\n');
        out.fault = FileFault{Code::NotJson, QStringLiteral("%1:%2").arg(line).arg(column),
                              error.errorString()};
        return out;
    }
    if (!document.isObject()) {
        out.fault = FileFault{Code::NotOurs, {}, {}};
        return out;
    }
    out.root = document.object();
    const QString said = out.root.value(QLatin1String("format")).toString();
    if (said != format) {
        out.fault = FileFault{Code::NotOurs, {}, said.left(60)};
        return out;
    }
    const QJsonValue version = out.root.value(QLatin1String("version"));
    const double number = version.toDouble(0.0);
    if (!version.isDouble() || number < 1.0 || number != std::floor(number))
        out.fault = FileFault{Code::OutOfRange, QStringLiteral("version"),
                              QStringLiteral("1..%1").arg(newestVersion)};
    else if (number > newestVersion)
        out.fault = FileFault{Code::Newer, {}, QString::number(number)};
    else
        out.fault = twiceInOne(bytes);
    return out;
}

} // namespace rhexion
