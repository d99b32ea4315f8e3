// Edits in the undo history. They hold ids and values, never pointers into the formula.
#pragma once

#include "core/formula/edit.h"

#include <QUndoCommand>

#include <vector>

namespace rhexion {

class FormulaDocument;

class EditCommand : public QUndoCommand {
public:
    EditCommand(FormulaDocument& document, std::vector<Edit> edits, const QString& text);

    void undo() override;
    void redo() override;
    int id() const override { return 1; }
    // Typing in one text field becomes one step.
    bool mergeWith(const QUndoCommand* other) override;

private:
    void run(const std::vector<Edit>& edits, std::vector<Edit>& inverse);

    FormulaDocument& document_;
    std::vector<Edit> forward_;
    std::vector<Edit> backward_;
};

} // namespace rhexion
