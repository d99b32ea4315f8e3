// What catalogue materials are called in the language spoken. Formulas, shelf and journal keep the
// catalogue's own (English) name, so that what is written in one language opens in another; only
// what is said and searched goes by this.
#pragma once

#include "core/materials/material.h"
#include "storage/file_fault.h"

#include <QByteArray>
#include <QHash>
#include <QLocale>
#include <QString>
#include <QStringList>

#include <variant>

namespace rhexion {

// What one language calls things.
struct MaterialWords {
    QHash<QString, QStringList> byId; // names of a material: the first is shown, all are found
    QHash<QString, QString> notes;    // of the catalogue's materials, by the English one
    // Of the catalogue's sources, the longest first: what is not among them is quoted as it stands.
    QList<std::pair<QString, QString>> phrases;
};

// A file of them (docs/formats/README.md, "Names"). An id the catalogue does not have, or an empty
// list, is a fault.
std::variant<MaterialWords, FileFault> namesFromJson(const QByteArray& bytes);

// Names go with this language from now on; those the program brings none for stay English.
void speakNames(const QLocale& locale);

// A catalogue material's name in the language spoken; any other name as it is.
QString spokenName(const QString& kept);
QString materialName(const Material& material);
// Of what was looked up by its id: the id itself where nothing was found.
QString materialNamed(const MaterialPtr& found, const std::string& id);
QString materialNote(const Material& material);
QString spokenSource(const QString& text); // of the catalogue; any other as it is

// What a search finds a material by: the name shown, then every other, the English ones too.
struct SearchNames {
    std::string shown;
    std::vector<std::string> others;
};
SearchNames searchNames(const Material& material);

// Those of the languages that are not spoken now, for what was written in one of them.
std::vector<std::string> foreignNames(const Material& material);

// By language ("de"), English left out.
std::vector<std::pair<std::string, std::vector<std::string>>>
namesByLanguage(const Material& material);

// The names of every language the program brings, for a text that is searched in any of them.
QStringList namesInEveryLanguage(const Material& material);

} // namespace rhexion
