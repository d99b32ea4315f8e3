#include "document/formula_document.h"

#include "core/advice/cautions.h"
#include "core/amounts/validate.h"
#include "core/materials/figures.h"
#include "core/materials/limits.h"
#include "document/edit_command.h"
#include "storage/catalogue.h"
#include "storage/formula_json.h"
#include "storage/json_cursor.h"
#include "storage/whole_file.h"

#include <algorithm>

#include <QCryptographicHash>

#include <utility>

namespace rhexion {

Formula freshFormula()
{
    Formula formula;
    const Catalogue& catalogue = Catalogue::first();
    formula.lye.sodium = catalogue.find(usualSodium);
    formula.lye.potassium = catalogue.find(usualPotassium);
    formula.lines.push_back({formula.newId(),
                             catalogue.find("water"),
                             Vessel::LyeJug,
                             {0.0, AmountUnit::Rest},
                             false,
                             false});
    return formula;
}

FormulaDocument::FormulaDocument(QObject* parent) : QObject(parent), formula_(freshFormula())
{
    reckonAnew();
    // More steps back than anyone takes; without a limit a long day's memory would only grow.
    constexpr int mostSteps = 2000;
    history_.setUndoLimit(mostSteps);
    connect(&history_, &QUndoStack::cleanChanged, this, &FormulaDocument::dirtyChanged);
}

FormulaDocument::~FormulaDocument()
{
    // The history says "clean" as it goes, to listeners that may be gone already.
    history_.disconnect(this);
}

void FormulaDocument::restore()
{
    if (!standing_)
        return;
    formula_ = *std::exchange(standing_, std::nullopt);
    previewed_.clear();
}

void FormulaDocument::preview(const std::vector<Edit>& edits)
{
    if (!standing_)
        standing_ = formula_;
    Formula seen = *standing_;
    for (const Edit& edit : edits)
        if (refusalOf(seen, edit) || !rhexion::apply(seen, edit))
            return;
    if (seen == formula_)
        return;
    formula_ = std::move(seen);
    previewed_ = edits;
    settle();
}

void FormulaDocument::keepPreview(const QString& text)
{
    if (!standing_)
        return;
    const std::vector<Edit> edits = previewed_;
    restore(); // the step applies them again
    if (!edits.empty())
        history_.push(new EditCommand(*this, edits, text));
    else
        settle();
}

void FormulaDocument::dropPreview()
{
    if (!standing_)
        return;
    restore();
    settle();
}

std::optional<Edit> FormulaDocument::change(const Edit& edit)
{
    restore(); // undo and redo begin where the formula stands
    auto back = rhexion::apply(formula_, edit);
    if (back)
        settle(std::holds_alternative<SetText>(edit));
    return back;
}

void FormulaDocument::settle(bool onlyText)
{
    if (batch_ > 0) {
        waitingTextOnly_ = onlyText && (!waiting_ || waitingTextOnly_);
        waiting_ = true;
        return;
    }
    // A letter in a text moves no figure, only what is to be said about it.
    auto* standing = onlyText ? std::get_if<Reckoning>(&result_) : nullptr;
    onlyText_ = standing != nullptr;
    if (standing) {
        standing->cautions = cautionsFor(formula_, *standing);
        gatherFindings();
    } else {
        reckonAnew();
    }
    Q_EMIT changed();
}

void FormulaDocument::reckonAnew()
{
    doubt_.reset();
    result_ = reckon(formula_);
    gatherFindings();
}

void FormulaDocument::setWords(std::shared_ptr<const Lexicon> words)
{
    words_ = std::move(words);
    if (!reckoning())
        return;
    gatherFindings();
    Q_EMIT findingsChanged();
}

void FormulaDocument::gatherFindings()
{
    findings_.clear();
    if (!reckoning())
        return;
    // Those of a moment ago may be about lines that have gone.
    std::vector<Caution> heat = heat_;
    std::erase_if(heat, [&](const Caution& c) { return c.line != 0 && !formula_.find(c.line); });
    findings_ = findingsOf(formula_, *reckoning(), doubt_ ? &*doubt_ : nullptr, *words_, heat);
}

void FormulaDocument::takeHeat(const std::vector<Caution>& findings)
{
    const auto sayTheSame = [](const Caution& a, const Caution& b) {
        return a.code == b.code && a.severity == b.severity && a.line == b.line &&
               a.figures == b.figures;
    };
    const bool same = std::ranges::equal(heat_, findings, sayTheSame);
    heat_ = findings; // the mends may be others
    gatherFindings();
    if (!same)
        Q_EMIT findingsChanged();
}

void FormulaDocument::takeDoubt(const Doubt& doubt)
{
    if (!reckoning())
        return;
    doubt_ = doubt;
    const std::size_t before = findings_.size();
    gatherFindings();
    if (findings_.size() != before || cautionOf(formula_, *reckoning(), doubt))
        Q_EMIT findingsChanged();
}

void FormulaDocument::apply(const Edit& edit, const QString& text)
{
    apply(std::vector<Edit>{edit}, text);
}

void FormulaDocument::apply(const std::vector<Edit>& edits, const QString& text)
{
    keepPreview(tr("Move a slider"));
    std::size_t lines = formula_.lines.size();
    for (const Edit& edit : edits) {
        auto why = refusalOf(formula_, edit);
        lines += std::holds_alternative<AddLine>(edit) ? 1 : 0;
        if (!why && lines > limits::lines)
            why = Refusal{RefusalCode::TooManyLines, 0, {}, {double(lines)}};
        if (why) {
            Q_EMIT refused(*why);
            return;
        }
    }
    if (!edits.empty())
        history_.push(new EditCommand(*this, edits, text));
}

std::vector<Edit> FormulaDocument::freeingRest(LineId except) const
{
    const Line* rest = formula_.makeUp();
    if (!rest || rest->id == except)
        return {};
    const LineReckoned* reckoned = reckoning() ? reckoning()->find(rest->id) : nullptr;
    // A make-up that has not been reckoned yet holds nothing and goes.
    if (!reckoned || reckoned->grams <= 0.0)
        return {RemoveLine{rest->id}};
    return {SetAmount{rest->id, {std::round(reckoned->grams * 10.0) / 10.0, AmountUnit::Gram}}};
}

std::optional<FormulaDocument::WouldBe> FormulaDocument::wouldBe(const Edit& edit) const
{
    std::optional<WouldBe> out(std::in_place);
    out->formula = formula_;
    if (!rhexion::apply(out->formula, edit) || out->formula == formula_)
        return std::nullopt;
    if (auto why = refusalOf(formula_, edit))
        out->result = *std::move(why);
    else
        out->result = reckon(out->formula);
    return out;
}

LineId FormulaDocument::addLine(Line line, const QString& text)
{
    line.id = formula_.lastId + 1;
    std::vector<Edit> edits;
    if (line.amount.unit == AmountUnit::Rest) {
        // The new liquid takes the whole rest, so the old one leaves it to it.
        if (const Line* rest = formula_.makeUp())
            edits.push_back(RemoveLine{rest->id});
    }
    edits.push_back(AddLine{line, formula_.lines.size()});
    apply(edits, text);
    return line.id;
}

void FormulaDocument::setAmount(LineId line, const StatedAmount& amount, const QString& text)
{
    std::vector<Edit> edits;
    if (amount.unit == AmountUnit::Rest)
        edits = freeingRest(line);
    edits.push_back(SetAmount{line, amount});
    apply(edits, text);
}

void FormulaDocument::setHydroxide(const MaterialPtr& material, std::optional<Mass> weighed,
                                   const QString& text)
{
    const bool sodium = material->kind == MaterialKind::SodiumHydroxide;
    LyeSettings lye = formula_.lye;
    (sodium ? lye.sodium : lye.potassium) = material;
    // A hydroxide with no share yet is wanted for all of it.
    if (!weighed && !lye.fixed && (sodium ? lye.potassiumShare == 1.0 : lye.potassiumShare == 0.0))
        lye.potassiumShare = sodium ? 0.0 : 1.0;
    if (weighed) {
        if (!lye.fixed) {
            const Reckoning* r = reckoning();
            lye.fixed = FixedHydroxide{Mass::grams(r ? r->sodium.weighedGrams : 0.0),
                                       Mass::grams(r ? r->potassium.weighedGrams : 0.0)};
        }
        (sodium ? lye.fixed->sodium : lye.fixed->potassium) = *weighed;
    }
    const SettingField field = weighed  ? SettingField::Fixed
                               : sodium ? SettingField::Sodium
                                        : SettingField::Potassium;
    apply(SetLye{field, lye}, text);
}

int FormulaDocument::takeNewest(const std::function<MaterialPtr(const Material&)>& newest,
                                bool applyThem, const QString& text)
{
    std::vector<Edit> edits;
    int count = 0;
    const auto better = [&](const MaterialPtr& now) -> MaterialPtr {
        const MaterialPtr then = now ? newest(*now) : nullptr;
        return then && !sameFigures(*then, *now) ? then : nullptr;
    };
    for (const Line& line : formula_.lines)
        if (const MaterialPtr material = better(line.material)) {
            edits.push_back(SetMaterial{line.id, material});
            ++count;
        }
    LyeSettings lye = formula_.lye;
    for (const bool sodium : {true, false})
        if (const MaterialPtr material = better(sodium ? lye.sodium : lye.potassium)) {
            (sodium ? lye.sodium : lye.potassium) = material;
            ++count;
        }
    edits.push_back(SetLye{SettingField::Sodium, lye});
    if (applyThem && count > 0)
        apply(edits, text);
    return count;
}

void FormulaDocument::reset(const Formula& formula, const QString& path)
{
    standing_.reset();
    previewed_.clear();
    formula_ = formula;
    path_ = path;
    recovered_ = false;
    onDisk_.clear();
    heat_.clear();
    history_.clear();
    settle();
    Q_EMIT pathChanged();
    Q_EMIT dirtyChanged();
}

void FormulaDocument::resetRecovered(const Formula& formula, const QString& path,
                                     const QByteArray& onDisk)
{
    reset(formula, path);
    onDisk_ = onDisk;
    recovered_ = true; // not on disk yet, though there is nothing to undo
    Q_EMIT dirtyChanged();
}

namespace {

QByteArray hashOf(const QByteArray& bytes)
{
    return QCryptographicHash::hash(bytes, QCryptographicHash::Sha256);
}

} // namespace

std::optional<FileFault> FormulaDocument::open(const QString& path)
{
    QByteArray bytes;
    if (auto fault = readBytes(path, formulaFileMegabytes, bytes))
        return fault;
    auto read = formulaFromJson(bytes);
    if (auto* fault = std::get_if<FileFault>(&read))
        return std::move(*fault);
    reset(std::get<Formula>(read), path);
    onDisk_ = hashOf(bytes);
    return std::nullopt;
}

bool FormulaDocument::changedOnDisk() const
{
    QByteArray bytes;
    // A file that went away takes nothing from anyone; saving makes it anew.
    return !path_.isEmpty() && !onDisk_.isEmpty() &&
           !readBytes(path_, formulaFileMegabytes, bytes) && hashOf(bytes) != onDisk_;
}

std::optional<FileFault> FormulaDocument::save(const QString& path, bool force)
{
    if (!force && path == path_ && changedOnDisk())
        return FileFault{FileFault::Code::Changed, path, {}};
    keepPreview(tr("Move a slider"));
    auto bytes = readableFormulaJson(formula_);
    if (auto* fault = std::get_if<FileFault>(&bytes))
        return std::move(*fault);
    if (auto fault = writeWhole(path, std::get<QByteArray>(bytes)))
        return fault;
    onDisk_ = hashOf(std::get<QByteArray>(bytes));
    recovered_ = false;
    path_ = path;
    history_.setClean();
    Q_EMIT pathChanged();
    Q_EMIT dirtyChanged();
    return std::nullopt;
}

// EditCommand ---------------------------------------------------------------------------------

EditCommand::EditCommand(FormulaDocument& document, std::vector<Edit> edits, const QString& text)
    : QUndoCommand(text), document_(document), forward_(std::move(edits))
{
}

void EditCommand::run(const std::vector<Edit>& edits, std::vector<Edit>& inverse)
{
    const Formula before = document_.formula_;
    inverse.clear();
    ++document_.batch_;
    for (const Edit& edit : edits)
        if (auto back = document_.change(edit))
            inverse.insert(inverse.begin(), std::move(*back));
    --document_.batch_;
    setObsolete(before == document_.formula_);
    if (document_.waiting_ && document_.batch_ == 0) {
        document_.waiting_ = false;
        document_.settle(document_.waitingTextOnly_);
    }
}

void EditCommand::redo()
{
    run(forward_, backward_);
}

void EditCommand::undo()
{
    std::vector<Edit> ignored;
    run(backward_, ignored);
    setObsolete(false);
}

bool EditCommand::mergeWith(const QUndoCommand* other)
{
    const auto* later = static_cast<const EditCommand*>(other);
    // Only typing runs together; each other change is a step the maker may want to go back to.
    if (forward_.size() != 1 || later->forward_.size() != 1)
        return false;
    const auto* mine = std::get_if<SetText>(&forward_.front());
    const auto* theirs = std::get_if<SetText>(&later->forward_.front());
    if (!mine || !theirs || mine->field != theirs->field)
        return false;
    forward_ = later->forward_;
    return true;
}

} // namespace rhexion
