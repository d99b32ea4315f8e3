// A maker's own words for materials: what she chose when a word was asked about, kept in the
// settings and taken back on the material's page.
#pragma once

#include <QHash>
#include <QString>
#include <QStringList>

namespace rhexion::ownWords {

QHash<QString, QString> all(); // ids of materials by words
void remember(const QString& words, const std::string& material);
void forget(const QString& words);
QStringList of(const std::string& material);

} // namespace rhexion::ownWords
