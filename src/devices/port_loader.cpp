#include "devices/port_loader.h"

#include "storage/program_files.h"

namespace rhexion::devices {

const ports::Entry* portLibrary()
{
    static const ports::Entry* const entry = []() -> const ports::Entry* {
        const auto make = reinterpret_cast<ports::EntryFunction>(
            programEntry(QStringLiteral("librhexion_ports"), ports::entryName));
        return make ? make() : nullptr;
    }();
    return entry;
}

} // namespace rhexion::devices
