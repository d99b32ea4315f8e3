#include "storage/program_files.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QLibrary>

namespace rhexion {

namespace {

// What is beside the program comes first: a build never takes parts of an installed one.
QString found(const QString& name, const char* installed, const QString& ending)
{
    const QString here = QCoreApplication::applicationDirPath() + QLatin1Char('/');
    const QString there = here + QLatin1String(installed) + QLatin1Char('/') + name;
    return QFileInfo::exists(here + name + ending) || !QFileInfo::exists(there + ending)
               ? here + name
               : there;
}

} // namespace

QString programLibrary(const QString& name)
{
    return found(name, RHEXION_LIBRARIES, QStringLiteral(".so"));
}

QFunctionPointer programEntry(const QString& library, const char* entry)
{
    QLibrary loaded(programLibrary(library)); // it stays loaded without this
    const QFunctionPointer found = loaded.resolve(entry);
    if (!found)
        qWarning("%s", qPrintable(loaded.errorString()));
    return found;
}

QString programData(const QString& name)
{
    return found(name, RHEXION_DATA, {});
}

QString programBeside(const QString& name)
{
    return QCoreApplication::applicationDirPath() + QLatin1Char('/') + name;
}

} // namespace rhexion
