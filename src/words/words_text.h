// The context of what these sentences are translated under.
#pragma once

#include <QCoreApplication>

namespace rhexion::words {

struct WordsText {
    Q_DECLARE_TR_FUNCTIONS(Words)
};

} // namespace rhexion::words
