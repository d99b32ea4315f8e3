// Walks a JSON document by path and remembers the first thing that is wrong with its place. After a
// fault every read returns a harmless default, so that readers need no checks between fields.
#pragma once

#include "storage/file_fault.h"

#include <QJsonArray>
#include <QJsonObject>
#include <QJsonValue>
#include <QSet>
#include <QStringList>

#include <initializer_list>

namespace rhexion {

class JsonCursor {
public:
    JsonCursor(const QJsonValue& value, QString path, std::optional<FileFault>& fault);

    bool failed() const { return fault_->has_value(); }
    void fail(FileFault::Code code, const QString& key, const QString& detail = {}) const;
    // The same with a place that says more to a person than the path, such as a material's name.
    void failAt(FileFault::Code code, const QString& place, const QString& detail) const;

    bool has(const char* key) const;
    // Names every field that may stand here; any other is a fault.
    void allow(std::initializer_list<const char*> keys) const;

    JsonCursor object(const char* key) const;
    QList<JsonCursor> array(const char* key, qsizetype most) const;
    // Keys of an object whose keys are data.
    QStringList keys() const { return object_.keys(); }

    QString text(const char* key, qsizetype longest) const;
    QStringList words(const char* key, qsizetype most, qsizetype longest) const;
    QString textOr(const char* key, qsizetype longest, const QString& otherwise) const;
    double number(const char* key, double low, double high) const;
    // A whole number; 1.5 is refused with its place.
    double whole(const char* key, double low, double high) const;
    double wholeOr(const char* key, double low, double high, double otherwise) const;
    double numberOr(const char* key, double low, double high, double otherwise) const;
    // An array of numbers, each within the bounds.
    QList<double> numbers(const char* key, qsizetype most, double low, double high) const;
    bool flag(const char* key, bool otherwise) const;

    // Text that must be one of a set of code words.
    template <class T, class FromCode>
    T word(const char* key, FromCode fromCode, T otherwise) const
    {
        const QString code = text(key, 100);
        if (failed())
            return otherwise;
        if (const auto value = fromCode(code.toStdString()))
            return *value;
        fail(FileFault::Code::UnknownWord, QString::fromLatin1(key), code);
        return otherwise;
    }

    const QString& path() const { return path_; }

private:
    QJsonValue need(const char* key) const;
    QString at(const QString& key) const;

    QJsonObject object_;
    QString path_;
    std::optional<FileFault>* fault_;
};

// Reads a file or text that should be JSON of one of our formats, up to mostMegabytes.
struct JsonText {
    QJsonObject root;
    std::optional<FileFault> fault;
};
JsonText parseJson(const QByteArray& bytes, const QString& format, int newestVersion,
                   int mostMegabytes);
// Reads the bytes of a file, refusing what is larger than mostMegabytes before reading it.
std::optional<FileFault> readBytes(const QString& path, int mostMegabytes, QByteArray& into);

} // namespace rhexion
