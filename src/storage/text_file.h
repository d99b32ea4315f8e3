// Text from outside, in the scripts that files of makers have.
#pragma once

#include <QByteArray>
#include <QString>

#include <optional>

namespace rhexion {

// UTF-8, UTF-16 or UTF-32 with their mark, else one byte a letter (Windows-1252, whose places
// without a letter stay as they are). Nothing where it is no text: a picture, an archive.
std::optional<QString> textOfBytes(const QByteArray& bytes);

} // namespace rhexion
