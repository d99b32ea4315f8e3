// Where the program's own parts are: beside it in a build, under its prefix once it is installed.
// The prefix may be moved as a whole.
#pragma once

#include <QFunctionPointer>
#include <QString>

namespace rhexion {

// Of a library that is loaded when first wanted, without its ending: "librhexion_curves".
QString programLibrary(const QString& name);
// What a library of that name is entered by; null with a warning where it is missing.
QFunctionPointer programEntry(const QString& library, const char* entry);
QString programData(const QString& name); // "foods.sqlite"
// Another of the programs, "rhexion-sheet".
QString programBeside(const QString& name);

} // namespace rhexion
