// What was wanted, or the end of the test with the place of the fault.
#pragma once

#include "storage/file_fault.h"

#include <QtGlobal>

#include <utility>
#include <variant>

namespace rhexion::test {

template <class T>
T must(std::variant<T, FileFault> result)
{
    if (const auto* fault = std::get_if<FileFault>(&result))
        qFatal("%s %s", qPrintable(fault->place), qPrintable(fault->detail));
    return std::get<T>(std::move(result));
}

} // namespace rhexion::test
