// The folder a maker's data live in: hers alone to read.
#pragma once

#include <QString>

namespace rhexion {

// Makes it, and what is above it, if it is not there; nobody else may look in. False if it cannot.
bool makeOwnFolder(const QString& path);

} // namespace rhexion
