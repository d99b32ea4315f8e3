#include "storage/formula_json.h"

#include "core/materials/limits.h"
#include "storage/heat_json.h"
#include "storage/material_json.h"
#include "storage/mould_json.h"
#include "storage/step_json.h"
#include "storage/whole_file.h"

#include <QFileInfo>
#include <QJsonDocument>

#include <set>

namespace rhexion {

namespace {

// An id and "~12" behind it.
constexpr qsizetype keyLimit = limits::id + 10;

template <class T, std::size_t n>
struct Words {
    const char* words[n];
    const char* code(T value) const { return words[static_cast<std::size_t>(value)]; }
    std::optional<T> operator()(const std::string& code) const
    {
        for (std::size_t i = 0; i < n; ++i)
            if (code == words[i])
                return static_cast<T>(i);
        return std::nullopt;
    }
};
constexpr Words<SplitConvention, 3> splitWords{{"moles", "pure-weight", "weighed-weight"}};
constexpr Words<HiddenFatSchool, 3> hiddenWords{{"ignore", "surely", "typical"}};
constexpr Words<SuperfatBasis, 2> basisWords{{"all-fat", "cooked-fat"}};
constexpr Words<LiquidStatement, 4> howWords{
    {"strength", "ratio", "percent-of-oils", "less-than-usual"}};
constexpr Words<StrengthConvention, 2> conventionWords{
    {"pure-and-all-water", "weighed-without-impurity"}};

// Gives each distinct material a key; two of one id but different figures get different keys.
class MaterialKeys {
public:
    QString keyOf(const MaterialPtr& material)
    {
        for (const auto& [known, key] : keys_)
            if (known == material || *known == *material)
                return key;
        const QString id = QString::fromStdString(material->id);
        QString key = id;
        for (int n = 2; taken_.contains(key); ++n)
            key = QStringLiteral("%1~%2").arg(id).arg(n);
        taken_.insert(key);
        keys_.emplace_back(material, key);
        return key;
    }
    const std::vector<std::pair<MaterialPtr, QString>>& all() const { return keys_; }

private:
    std::vector<std::pair<MaterialPtr, QString>> keys_;
    QSet<QString> taken_;
};

void readLye(const JsonCursor& at, const std::map<QString, MaterialPtr>& materials,
             LyeSettings& lye)
{
    at.allow({"sodium", "potassium", "superfat", "potassiumShare", "split", "hiddenFat", "basis",
              "fixed", "secondJug"});
    const auto material = [&](const char* key) -> MaterialPtr {
        if (!at.has(key))
            return nullptr;
        const QString id = at.text(key, keyLimit);
        const auto found = materials.find(id);
        if (found == materials.end()) {
            at.fail(FileFault::Code::NoSuchMaterial, QString::fromLatin1(key), id);
            return nullptr;
        }
        return found->second;
    };
    lye.sodium = material("sodium");
    lye.potassium = material("potassium");
    lye.superfat = at.number("superfat", -0.5, 0.9999);
    lye.potassiumShare = at.number("potassiumShare", 0.0, 1.0);
    lye.split = at.word<SplitConvention>("split", splitWords, SplitConvention::Moles);
    lye.hiddenFat = at.word<HiddenFatSchool>("hiddenFat", hiddenWords, HiddenFatSchool::Surely);
    lye.basis = at.word<SuperfatBasis>("basis", basisWords, SuperfatBasis::AllFat);
    if (at.has("fixed")) {
        const JsonCursor fixed = at.object("fixed");
        fixed.allow({"sodium", "potassium"});
        lye.fixed = FixedHydroxide{Mass::grams(fixed.number("sodium", 0.0, Mass::largestGrams)),
                                   Mass::grams(fixed.number("potassium", 0.0, Mass::largestGrams))};
    }
    if (at.has("secondJug")) {
        const JsonCursor second = at.object("secondJug");
        second.allow({"sodium", "potassium"});
        lye.secondJug =
            SecondJug{second.number("sodium", 0.0, 1.0), second.number("potassium", 0.0, 1.0)};
    }
}

void readLiquid(const JsonCursor& at, LiquidSettings& liquid)
{
    at.allow({"how", "value", "usualRatio", "convention", "jugRatio", "jugCelsius"});
    liquid.how = at.word<LiquidStatement>("how", howWords, LiquidStatement::Strength);
    liquid.value = at.number("value", 0.0, 20.0);
    liquid.usualRatio = at.numberOr("usualRatio", 1e-6, 20.0, liquid.usualRatio);
    liquid.convention = at.word<StrengthConvention>("convention", conventionWords,
                                                    StrengthConvention::PureAndAllWater);
    if (at.has("jugRatio"))
        liquid.jugRatio = at.number("jugRatio", 1e-6, 20.0);
    liquid.jugCoolest = Temperature::celsius(at.numberOr("jugCelsius", -20.0, 100.0, 20.0));
}

StatedAmount readAmount(const JsonCursor& amount)
{
    amount.allow({"value", "unit"});
    StatedAmount out;
    out.unit = amount.word<AmountUnit>("unit", amountUnitFromCode, AmountUnit::Gram);
    if (out.unit != AmountUnit::Rest)
        out.value = amount.number("value", 0.0, Mass::largestGrams);
    else if (amount.has("value"))
        amount.fail(FileFault::Code::WrongType, QStringLiteral("value"),
                    QStringLiteral("rest-has-no-value"));
    return out;
}

Portion readPortion(const JsonCursor& at)
{
    at.allow({"id", "name", "parts", "mould", "held"});
    Portion portion;
    portion.id = static_cast<PortionId>(at.whole("id", 1, 4e9));
    portion.name = at.textOr("name", limits::portionName, {}).toStdString();
    portion.parts = at.number("parts", 1e-6, 1000.0);
    portion.mould = at.textOr("mould", limits::mould, {}).toStdString();
    if (at.has("held")) {
        const JsonCursor held = at.object("held");
        held.allow({"line", "amount"});
        portion.held = HeldOil{static_cast<LineId>(held.wholeOr("line", 0, 4e9, 0)), {}};
        if (!held.failed())
            portion.held->amount = readAmount(held.object("amount"));
    }
    return portion;
}

Line readLine(const JsonCursor& at, const std::map<QString, MaterialPtr>& materials)
{
    at.allow({"id", "material", "vessel", "amount", "frozen", "allWater", "locked", "portion",
              "solvent"});
    Line line;
    line.id = static_cast<LineId>(at.whole("id", 1, 4e9));
    const QString key = at.text("material", keyLimit);
    const auto found = materials.find(key);
    if (found == materials.end())
        at.fail(FileFault::Code::NoSuchMaterial, QStringLiteral("material"), key);
    else
        line.material = found->second;
    line.vessel = at.word<Vessel>("vessel", vesselFromCode, Vessel::OilPot);
    if (at.failed())
        return line;
    line.amount = readAmount(at.object("amount"));
    line.frozen = at.flag("frozen", false);
    line.allWater = at.flag("allWater", false);
    line.locked = at.flag("locked", false);
    line.portion = static_cast<PortionId>(at.wholeOr("portion", 0, 4e9, 0));
    line.solvent = at.numberOr("solvent", 0.0, 20.0, 0.0);
    return line;
}

} // namespace

namespace {

QJsonObject toJson(const StatedAmount& amount)
{
    QJsonObject out{{"unit", codeOf(amount.unit)}};
    if (amount.unit != AmountUnit::Rest)
        out["value"] = amount.value;
    return out;
}

QJsonObject toJson(const Portion& portion)
{
    QJsonObject out{{"id", double(portion.id)},
                    {"name", QString::fromStdString(portion.name)},
                    {"parts", portion.parts}};
    if (!portion.mould.empty())
        out["mould"] = QString::fromStdString(portion.mould);
    if (portion.held)
        out["held"] = QJsonObject{{"line", double(portion.held->line)},
                                  {"amount", toJson(portion.held->amount)}};
    return out;
}

} // namespace

namespace {

QJsonObject toJson(const Acknowledged& known)
{
    QJsonObject out{{"caution", codeOf(known.code)}, {"severity", codeOf(known.severity)}};
    if (known.line != 0)
        out["line"] = double(known.line);
    if (known.portion != 0)
        out["portion"] = double(known.portion);
    return out;
}

Acknowledged readAcknowledged(const JsonCursor& at)
{
    at.allow({"caution", "severity", "line", "portion"});
    Acknowledged known;
    known.code = at.word<CautionCode>("caution", cautionFromCode, CautionCode::LyeCannotDissolve);
    known.severity = at.word<Severity>("severity", severityFromCode, Severity::Note);
    known.line = static_cast<LineId>(at.wholeOr("line", 0, 4e9, 0));
    known.portion = static_cast<PortionId>(at.wholeOr("portion", 0, 4e9, 0));
    return known;
}

} // namespace

QByteArray formulaToJson(const Formula& f)
{
    MaterialKeys keys;
    QJsonArray lines;
    for (const Line& line : f.lines) {
        QJsonObject out{{"id", double(line.id)},
                        {"material", keys.keyOf(line.material)},
                        {"vessel", codeOf(line.vessel)},
                        {"amount", toJson(line.amount)}};
        if (line.frozen)
            out["frozen"] = true;
        if (line.allWater)
            out["allWater"] = true;
        if (line.locked)
            out["locked"] = true;
        if (line.portion != 0)
            out["portion"] = double(line.portion);
        if (line.solvent > 0.0)
            out["solvent"] = line.solvent;
        lines.append(out);
    }
    QJsonObject lye{{"superfat", f.lye.superfat},
                    {"potassiumShare", f.lye.potassiumShare},
                    {"split", splitWords.code(f.lye.split)},
                    {"hiddenFat", hiddenWords.code(f.lye.hiddenFat)},
                    {"basis", basisWords.code(f.lye.basis)}};
    if (f.lye.sodium)
        lye["sodium"] = keys.keyOf(f.lye.sodium);
    if (f.lye.potassium)
        lye["potassium"] = keys.keyOf(f.lye.potassium);
    if (f.lye.fixed)
        lye["fixed"] = QJsonObject{{"sodium", f.lye.fixed->sodium.inGrams()},
                                   {"potassium", f.lye.fixed->potassium.inGrams()}};
    if (f.lye.secondJug)
        lye["secondJug"] = QJsonObject{{"sodium", f.lye.secondJug->sodium},
                                       {"potassium", f.lye.secondJug->potassium}};
    QJsonObject liquid{{"how", howWords.code(f.liquid.how)},
                       {"value", f.liquid.value},
                       {"usualRatio", f.liquid.usualRatio},
                       {"convention", conventionWords.code(f.liquid.convention)},
                       {"jugCelsius", f.liquid.jugCoolest.inCelsius()}};
    if (f.liquid.jugRatio)
        liquid["jugRatio"] = *f.liquid.jugRatio;

    QJsonArray portions;
    for (const Portion& portion : f.portions)
        portions.append(toJson(portion));
    QJsonArray materials;
    SourceList sources;
    for (const auto& [material, key] : keys.all()) {
        QJsonObject out = sources.add(*material);
        if (key != QString::fromStdString(material->id))
            out["key"] = key;
        materials.append(out);
    }
    QJsonObject root{
        {"format", "rhexion-formula"},
        {"version", formulaFileVersion},
        {"name", QString::fromStdString(f.name)},
        {"maker", QString::fromStdString(f.maker)},
        {"notes", QString::fromStdString(f.notes)},
        {"lines", lines},
        {"lye", lye},
        {"liquid", liquid},
        {"mixing", QJsonObject{{"celsius", f.mixing.at.inCelsius()}, {"within", f.mixing.within}}},
        {"portions", portions},
        {"materials", materials},
        {"sources", sources.sources()}};
    if (!f.moulds.empty()) {
        QJsonArray moulds;
        for (MouldUse use : f.moulds) {
            if (!f.portion(use.portion)) // of a portion that went: the whole batter's
                use.portion = 0;
            moulds.append(mouldUseToJson(use));
        }
        root["moulds"] = moulds;
    }
    if (f.cutting != Cutting{})
        root["cutting"] = cuttingToJson(f.cutting);
    if (f.handling != Handling{})
        root["handling"] = handlingToJson(f.handling);
    if (f.heat)
        root["heat"] = heatPlanToJson(*f.heat);
    if (!f.way.isUsual())
        root["way"] = wayToJson(f.way);
    if (f.pair)
        root["pair"] = QJsonObject{{"batch", QString::fromStdString(f.pair->batch)},
                                   {"change", QString::fromStdString(f.pair->change)}};
    if (!f.acknowledged.empty()) {
        QJsonArray known;
        for (const Acknowledged& one : f.acknowledged)
            known.append(toJson(one));
        root["acknowledged"] = known;
    }
    if (f.oilsTotal.inGrams() > 0.0)
        root["oilsTotal"] = f.oilsTotal.inGrams();
    return QJsonDocument(root).toJson();
}

namespace {

// Reads the parts of a formula one by one. Strict, the first fault ends it; lenient, a part that
// cannot be read is left out and named, and the rest stands.
class FormulaReader {
public:
    FormulaReader(const QJsonObject& object, bool lenient) : object_(object), lenient_(lenient) {}

    Formula read()
    {
        const JsonCursor root(object_, {}, fault_);
        root.allow({"format",    "version", "name",     "maker",     "notes",
                    "lines",     "lye",     "liquid",   "materials", "sources",
                    "oilsTotal", "mixing",  "portions", "moulds",    "cutting",
                    "handling",  "heat",    "way",      "pair",      "acknowledged"});
        went();
        f_.name = text("name", limits::formulaName, true);
        f_.maker = text("maker", limits::maker, false);
        f_.notes = text("notes", limits::notes, false);
        f_.oilsTotal = Mass::grams(root.numberOr("oilsTotal", 0.0, Mass::largestGrams, 0.0));
        if (!went())
            f_.oilsTotal = {};
        const SourceTable sources = readSources(root);
        went();
        readMaterials(root, sources);
        readLines(root);
        readSettings(root);
        readPortions(root);
        readMoulds(root);
        readKnown(root);
        for (std::size_t i = 0; !fault_ && i < f_.lines.size(); ++i) {
            if (f_.lines[i].portion == 0 || f_.portion(f_.lines[i].portion))
                continue;
            fault_ = FileFault{FileFault::Code::NoSuchPortion,
                               QStringLiteral("lines[%1].portion").arg(i),
                               QString::fromStdString(f_.lines[i].material->name)};
            if (!went())
                f_.lines[i].portion = 0;
        }
        return std::move(f_);
    }
    const std::optional<FileFault>& fault() const { return fault_; }
    std::vector<FileFault> lost() { return std::move(lost_); }

private:
    // Whether the part just read is good. Lenient, a fault is noted and reading goes on.
    bool went()
    {
        if (!fault_)
            return true;
        if (lenient_) {
            lost_.push_back(*fault_);
            fault_.reset();
        }
        return false;
    }
    std::string text(const char* key, std::size_t most, bool needed)
    {
        const JsonCursor root(object_, {}, fault_);
        const QString read =
            needed ? root.text(key, qsizetype(most)) : root.textOr(key, qsizetype(most), {});
        if (went() || !lenient_)
            return read.toStdString();
        return object_.value(QLatin1String(key))
            .toString()
            .left(qsizetype(most))
            .remove(QChar(0))
            .toStdString();
    }
    // The items of a list, cut to the most there may be.
    QList<JsonCursor> items(const JsonCursor& root, const char* key, std::size_t most)
    {
        const QList<JsonCursor> out = root.array(key, lenient_ ? 1'000'000 : qsizetype(most));
        went();
        return out.mid(0, qsizetype(most));
    }
    void readMaterials(const JsonCursor& root, const SourceTable& sources)
    {
        for (const JsonCursor& at : items(root, "materials", 2000)) {
            auto material = std::make_shared<const Material>(readMaterial(at, sources, true));
            const QString key = at.textOr("key", keyLimit, QString::fromStdString(material->id));
            if (!fault_ && !materials_.emplace(key, material).second)
                at.fail(FileFault::Code::Twice, QStringLiteral("key"), key);
            if (!went() && !lenient_)
                return;
        }
    }
    void readLines(const JsonCursor& root)
    {
        for (const JsonCursor& at : items(root, "lines", limits::lines)) {
            Line line = readLine(at, materials_);
            if (!fault_ && !seen_.insert(line.id).second)
                at.fail(FileFault::Code::Twice, QStringLiteral("id"), QString::number(line.id));
            if (!went()) {
                if (lenient_)
                    continue;
                return;
            }
            f_.lastId = std::max(f_.lastId, line.id);
            f_.lines.push_back(std::move(line));
        }
    }
    void readSettings(const JsonCursor& root)
    {
        if (fault_)
            return;
        LyeSettings lye;
        readLye(root.object("lye"), materials_, lye);
        // What could be read of it stands; a figure out of bounds came back as the lowest it may
        // be.
        if (!went() && lenient_)
            lye.superfat = LyeSettings{}.superfat;
        f_.lye = lye;
        if (fault_)
            return;
        LiquidSettings liquid;
        readLiquid(root.object("liquid"), liquid);
        f_.liquid = went() || !lenient_ ? liquid : LiquidSettings{};
        if (fault_ || !root.has("mixing"))
            return;
        const JsonCursor mixing = root.object("mixing");
        mixing.allow({"celsius", "within"});
        const Mixing read{Temperature::celsius(mixing.number("celsius", -10.0, 130.0)),
                          mixing.number("within", 0.0, 60.0)};
        if (went())
            f_.mixing = read;
    }
    void readKnown(const JsonCursor& root)
    {
        if (fault_ || !root.has("acknowledged"))
            return;
        for (const JsonCursor& at : items(root, "acknowledged", limits::acknowledged)) {
            const Acknowledged known = readAcknowledged(at);
            if (went())
                f_.acknowledged.push_back(known);
            else if (!lenient_)
                return;
        }
    }
    void readPortions(const JsonCursor& root)
    {
        if (fault_ || !root.has("portions"))
            return;
        for (const JsonCursor& at : items(root, "portions", limits::portions)) {
            Portion portion = readPortion(at);
            if (!fault_ && !seen_.insert(portion.id).second)
                at.fail(FileFault::Code::Twice, QStringLiteral("id"), QString::number(portion.id));
            if (!went()) {
                if (lenient_)
                    continue;
                return;
            }
            f_.lastId = std::max(f_.lastId, portion.id);
            f_.portions.push_back(std::move(portion));
        }
    }

    void readMoulds(const JsonCursor& root)
    {
        if (!fault_ && root.has("moulds"))
            for (const JsonCursor& at : items(root, "moulds", limits::moulds)) {
                MouldUse use = readMouldUse(at);
                if (!fault_ && use.portion != 0 && !f_.portion(use.portion))
                    at.fail(FileFault::Code::NoSuchPortion, QStringLiteral("portion"),
                            QString::fromStdString(use.mould.name));
                if (went())
                    f_.moulds.push_back(std::move(use));
                else if (!lenient_)
                    return;
            }
        if (!fault_ && root.has("cutting")) {
            const Cutting cutting = readCutting(root.object("cutting"));
            if (went())
                f_.cutting = cutting;
        }
        if (!fault_ && root.has("handling")) {
            const Handling handling = readHandling(root.object("handling"));
            if (went())
                f_.handling = handling;
        }
        if (!fault_ && root.has("way")) {
            const DayWay way = readWay(root.object("way"));
            if (!fault_)
                f_.way = way;
        }
        if (!fault_ && root.has("pair")) {
            const JsonCursor at = root.object("pair");
            const PairOf pair{at.text("batch", 64).toStdString(),
                              at.textOr("change", qsizetype(limits::sourceText), {}).toStdString()};
            if (went())
                f_.pair = pair;
        }
        if (!fault_ && root.has("heat")) {
            const HeatPlan plan = readHeatPlan(root.object("heat"));
            if (went())
                f_.heat = plan;
        }
    }

    QJsonObject object_;
    bool lenient_;
    std::optional<FileFault> fault_;
    std::vector<FileFault> lost_;
    Formula f_;
    std::map<QString, MaterialPtr> materials_;
    std::set<LineId> seen_;
};

} // namespace

std::variant<Formula, FileFault> formulaFromJson(const QByteArray& bytes)
{
    const JsonText json = parseJson(bytes, QStringLiteral("rhexion-formula"), formulaFileVersion,
                                    formulaFileMegabytes);
    if (json.fault)
        return *json.fault;
    FormulaReader reader(json.root, false);
    Formula formula = reader.read();
    if (reader.fault())
        return *reader.fault();
    return formula;
}

std::optional<SalvagedFormula> salvageFormula(const QByteArray& bytes)
{
    const JsonText json = parseJson(bytes, QStringLiteral("rhexion-formula"), formulaFileVersion,
                                    formulaFileMegabytes);
    // A field that stands twice is the only fault of the whole that leaves something to read.
    if (json.fault && json.fault->code != FileFault::Code::TwiceInOne)
        return std::nullopt;
    FormulaReader reader(json.root, true);
    SalvagedFormula out;
    out.formula = reader.read();
    out.lost = reader.lost();
    if (json.fault)
        out.lost.push_back(*json.fault);
    return out;
}

std::variant<Formula, FileFault> readFormulaFile(const QString& path)
{
    QByteArray bytes;
    if (auto fault = readBytes(path, formulaFileMegabytes, bytes))
        return *fault;
    return formulaFromJson(bytes);
}

std::variant<QByteArray, FileFault> readableFormulaJson(const Formula& formula)
{
    QByteArray bytes = formulaToJson(formula);
    const auto back = formulaFromJson(bytes);
    if (const auto* fault = std::get_if<FileFault>(&back))
        return *fault;
    return bytes;
}

std::optional<FileFault> writeFormulaFile(const QString& path, const Formula& formula)
{
    const auto bytes = readableFormulaJson(formula);
    if (const auto* fault = std::get_if<FileFault>(&bytes))
        return *fault;
    return writeWhole(path, std::get<QByteArray>(bytes));
}

} // namespace rhexion
