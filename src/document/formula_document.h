// The open formula: undoable edits, the reckoning after each, and where it is kept on disk.
#pragma once

#include <QObject>
#include <QString>
#include <QUndoStack>

#include "core/account/doubt.h"
#include "core/advice/reckon.h"
#include "core/formula/edit.h"
#include "storage/file_fault.h"

#include <functional>
#include <memory>
#include <vector>

namespace rhexion {

class FormulaDocument : public QObject {
    Q_OBJECT
public:
    explicit FormulaDocument(QObject* parent = nullptr);
    ~FormulaDocument() override;

    // The words a name or notes may speak of; none until they are given.
    void setWords(std::shared_ptr<const Lexicon> words);

    const Formula& formula() const { return formula_; }
    // The reckoning of the formula as it is now, or why there is none.
    const Reckoning* reckoning() const { return std::get_if<Reckoning>(&result_); }
    const Refusal* refusal() const { return std::get_if<Refusal>(&result_); }
    // The one list of findings, worst first: the cautions and, once it is drawn, the doubt's.
    const std::vector<Caution>& findings() const { return findings_; }
    void takeDoubt(const Doubt& doubt); // of the formula as it is now
    // What the forecast of heat found; it stays until the next, so that the list stays calm.
    void takeHeat(const std::vector<Caution>& findings);
    QUndoStack& history() { return history_; }
    const QUndoStack& history() const { return history_; }
    bool isDirty() const { return !history_.isClean() || recovered_; }
    QString path() const { return path_; }

    // One edit is one step of undo; the second form makes several one step. An edit that would
    // change nothing leaves no step behind; one that no file could hold is refused, and none of
    // several is made.
    void apply(const Edit& edit, const QString& text);
    void apply(const std::vector<Edit>& edits, const QString& text);

    // What the formula would be and come to; nothing where the edit changes nothing.
    struct WouldBe {
        Formula formula;
        ReckonResult result;
    };
    std::optional<WouldBe> wouldBe(const Edit& edit) const;

    // Shows the formula as edits would make it, seen everywhere, while a slider moves: no step yet.
    // Each preview begins anew from the formula as it stands. keepPreview() makes one step of it;
    // dropPreview() takes it back. Any other edit keeps it first; undo drops it.
    void preview(const std::vector<Edit>& edits);
    void keepPreview(const QString& text);
    void dropPreview();
    bool isPreviewing() const { return standing_.has_value(); }
    // The formula as it stands, without a preview.
    const Formula& standing() const { return standing_ ? *standing_ : formula_; }

    // Adds a material with an amount; a line that was the rest is first given its present grams.
    LineId addLine(Line line, const QString& text); // gives it its id
    void setAmount(LineId line, const StatedAmount& amount, const QString& text);
    // The hydroxide of its kind from now on; with a mass it is weighed. One step.
    void setHydroxide(const MaterialPtr& material, std::optional<Mass> weighed,
                      const QString& text);
    // Gives lines and lye the figures that newest() has for their materials; nothing: leave it.
    // Returns how many were not the newest; with apply they are changed in one step.
    int takeNewest(const std::function<MaterialPtr(const Material&)>& newest, bool apply,
                   const QString& text);

    // Replaces the whole document; history starts anew.
    void reset(const Formula& formula, const QString& path);
    // onDisk: what the file at path was when the work began from it, as onDisk() said then.
    void resetRecovered(const Formula& formula, const QString& path, const QByteArray& onDisk = {});
    // SHA-256 of the file as it was read or written last; empty: none.
    const QByteArray& onDisk() const { return onDisk_; }
    std::optional<FileFault> open(const QString& path);
    // Refuses with Changed where the file is not what was read or written last, unless forced.
    std::optional<FileFault> save(const QString& path, bool force = false);
    // Whether the file on disk is another than the one this document was read from or saved to.
    bool changedOnDisk() const;
    // Whether the last change() was of name, maker or notes alone, which moves no figure.
    bool onlyTextChanged() const { return onlyText_; }

Q_SIGNALS:
    void changed(); // formula and reckoning are both new
    void refused(const Refusal& why);
    void findingsChanged(); // the same formula, more found out about it
    void dirtyChanged();
    void pathChanged();

private:
    friend class EditCommand;
    std::optional<Edit> change(const Edit& edit);
    void restore();
    void settle(bool onlyText = false);
    void reckonAnew();
    std::vector<Edit> freeingRest(LineId except) const;

    Formula formula_;
    ReckonResult result_;
    std::vector<Caution> findings_;
    std::shared_ptr<const Lexicon> words_ = std::make_shared<const Lexicon>();
    std::optional<Formula> standing_; // while a preview is shown
    std::vector<Edit> previewed_;
    QUndoStack history_;
    QString path_;
    bool recovered_ = false;
    int batch_ = 0; // depth of grouped edits; views hear once, at the end
    bool waiting_ = false;
    bool waitingTextOnly_ = true;
    bool onlyText_ = false;
    void gatherFindings();

    std::optional<Doubt> doubt_;
    std::vector<Caution> heat_;
    QByteArray onDisk_; // hash of the file as it was read or written; empty: none
};

// A formula as a new one begins: both hydroxides chosen, plain water as the rest.
Formula freshFormula();

} // namespace rhexion
