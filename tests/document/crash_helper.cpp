// Edits a formula, waits until its work is kept, and dies without cleaning up. Called by
// tst_autosave.
#include "document/autosave.h"
#include "document/formula_document.h"

#include <QCoreApplication>

#include <csignal>

int main(int argc, char** argv)
{
    QCoreApplication app(argc, argv);
    rhexion::FormulaDocument document;
    rhexion::Autosave autosave(document, QString::fromLocal8Bit(argv[1]));
    document.apply(rhexion::SetText{rhexion::TextField::Name, "Half-finished loaf"}, {});
    autosave.writeNow();
    std::raise(SIGKILL);
}
