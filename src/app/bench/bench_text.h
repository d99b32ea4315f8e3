// The context of what these sentences are translated under.
#pragma once

#include <QCoreApplication>

namespace rhexion {

struct BenchText {
    Q_DECLARE_TR_FUNCTIONS(Bench)
};

} // namespace rhexion
