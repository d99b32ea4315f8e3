#include "devices/port_loader.h"
#include "storage/program_files.h"

#include <QLibrary>

namespace rhexion::devices {

const ports::Entry* portLibrary()
{
    static const ports::Entry* const entry = []() -> const ports::Entry* {
        QLibrary library(programLibrary(QStringLiteral("librhexion_ports")));
        const auto make = reinterpret_cast<ports::EntryFunction>(library.resolve(ports::entryName));
        if (!make)
            qWarning("%s", qPrintable(library.errorString()));
        return make ? make() : nullptr;
    }();
    return entry;
}

} // namespace rhexion::devices
