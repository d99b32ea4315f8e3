#include "words/divided.h"

#include "core/materials/search.h"

#include <QStringList>

namespace rhexion::words {

std::vector<std::string> divided(const QString& text)
{
    std::vector<std::string> out;
    for (const QString& word : text.split(QLatin1Char('|'), Qt::SkipEmptyParts))
        out.push_back(folded(word.trimmed().toStdString()));
    return out;
}

} // namespace rhexion::words
