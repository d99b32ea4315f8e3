// What is asked about a name that does not say which material is meant.
#pragma once

#include "core/materials/identify.h"

#include <QString>

namespace rhexion::words {

// The question, without the candidates; nothing where the name is certain.
QString whichIsMeant(const Identification& what, const QString& name);

} // namespace rhexion::words
