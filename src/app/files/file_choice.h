// The one way a person is asked for a file: in the desktop's own dialog where its portal runs, in
// ours elsewhere.
#pragma once

#include <QStringList>

class QWidget;

namespace rhexion {

class PortalFiles;

namespace files {

// kinds: "Formulas (*.rhexion);;All files (*)". Empty: nothing was chosen.
QString toOpen(QWidget* parent, const QString& title, const QString& folder, const QString& kinds);
QStringList manyToOpen(QWidget* parent, const QString& title, const QString& kinds);
// name: a file's, with a folder before it or without. What was named without an ending gets the
// first of the kinds'.
QString toSave(QWidget* parent, const QString& title, const QString& name, const QString& kinds);

// Another portal than the session's; nothing: none.
void usePortal(PortalFiles* portal);

} // namespace files

} // namespace rhexion
