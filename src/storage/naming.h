// The words by which materials are known, as they ship: what stands for several materials and what
// is asked then, qualifiers and what they do, and further names (data/names/meaning.json and
// aliases.json; docs/formats/README.md, "Names").
#pragma once

#include "core/materials/identify.h"
#include "storage/file_fault.h"

#include <QByteArray>
#include <QHash>
#include <QLocale>
#include <QString>

#include <map>
#include <variant>

namespace rhexion {

struct Naming {
    NamingRules rules;
    std::map<std::string, QHash<QString, QString>> questions; // by code, then by language
};
std::variant<Naming, FileFault> namingFromJson(const QByteArray& bytes);

struct Aliases {
    std::map<std::string, std::vector<std::string>> names; // by id; any language
    std::map<std::string, std::string> formerly;           // by id: the name that older files keep
};
std::variant<Aliases, FileFault> aliasesFromJson(const QByteArray& bytes);

// Read once; both are part of the program.
std::shared_ptr<const NamingRules> namingRules();
const Aliases& shippedAliases();
// What is asked, in the locale's language, English where that has none.
QString questionOf(const GeneralWord& general, const QLocale& locale = QLocale());

} // namespace rhexion
