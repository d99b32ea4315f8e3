#include "storage/mould_json.h"

#include "core/materials/limits.h"

#include <array>
#include <utility>

namespace rhexion {

namespace {

// The sizes of a shape under their words in files.
template <class Shape>
using SizeField = std::pair<const char*, double Shape::*>;
template <class Shape>
struct Sizes;
template <>
struct Sizes<Loaf> {
    static constexpr const char* word = "loaf";
    static constexpr std::array<SizeField<Loaf>, 7> fields{{{"length", &Loaf::length},
                                                            {"width", &Loaf::width},
                                                            {"height", &Loaf::height},
                                                            {"rimLength", &Loaf::rimLength},
                                                            {"rimWidth", &Loaf::rimWidth},
                                                            {"corner", &Loaf::corner},
                                                            {"liner", &Loaf::liner}}};
};
template <>
struct Sizes<Slab> {
    static constexpr const char* word = "slab";
    static constexpr std::array<SizeField<Slab>, 5> fields{
        {{"length", &Slab::length},
         {"width", &Slab::width},
         {"height", &Slab::height},
         {"dividerThickness", &Slab::thickness},
         {"dividerHeight", &Slab::dividerHeight}}};
};
template <>
struct Sizes<Column> {
    static constexpr const char* word = "column";
    static constexpr std::array<SizeField<Column>, 2> fields{
        {{"diameter", &Column::diameter}, {"height", &Column::height}}};
};
template <>
struct Sizes<LyingTube> {
    static constexpr const char* word = "tube";
    static constexpr std::array<SizeField<LyingTube>, 3> fields{{{"diameter", &LyingTube::diameter},
                                                                 {"length", &LyingTube::length},
                                                                 {"depth", &LyingTube::depth}}};
};
template <>
struct Sizes<Dome> {
    static constexpr const char* word = "dome";
    static constexpr std::array<SizeField<Dome>, 2> fields{
        {{"baseRadius", &Dome::baseRadius}, {"height", &Dome::height}}};
};
template <>
struct Sizes<FreeShape> {
    static constexpr const char* word = "free";
    static constexpr std::array<SizeField<FreeShape>, 1> fields{
        {{"millilitres", &FreeShape::millilitres}}};
};

constexpr double mostSize = 1e8;

template <class Shape>
void readSizes(const JsonCursor& at, MouldShape& out)
{
    Shape shape;
    for (const auto& [word, field] : Sizes<Shape>::fields)
        shape.*field = at.numberOr(word, 0.0, mostSize, 0.0);
    if constexpr (std::is_same_v<Shape, Slab>) {
        shape.acrossLength = int(at.wholeOr("acrossLength", 0, mostCavities, 0));
        shape.acrossWidth = int(at.wholeOr("acrossWidth", 0, mostCavities, 0));
    }
    out = shape;
}

template <class... Shapes>
bool readAnyOf(std::variant<Shapes...>& out, const QString& kind, const JsonCursor& at)
{
    return ((kind == QLatin1String(Sizes<Shapes>::word) && (readSizes<Shapes>(at, out), true)) ||
            ...);
}

} // namespace

QJsonObject mouldToJson(const Mould& mould)
{
    QJsonObject out{{"name", QString::fromStdString(mould.name)}, {"count", mould.count}};
    std::visit(
        [&]<class Shape>(const Shape& shape) {
            out["kind"] = Sizes<Shape>::word;
            for (const auto& [word, field] : Sizes<Shape>::fields)
                if (shape.*field != 0.0)
                    out[QLatin1String(word)] = shape.*field;
            if constexpr (std::is_same_v<Shape, Slab>) {
                out["acrossLength"] = shape.acrossLength;
                out["acrossWidth"] = shape.acrossWidth;
            }
        },
        mould.shape);
    return out;
}

Mould readMould(const JsonCursor& at)
{
    at.allow({"name", "count", "kind", "length", "width", "height", "rimLength", "rimWidth",
              "corner", "liner", "acrossLength", "acrossWidth", "dividerThickness", "dividerHeight",
              "diameter", "depth", "baseRadius", "millilitres"});
    Mould mould;
    mould.name = at.textOr("name", limits::mould, {}).toStdString();
    mould.count = int(at.wholeOr("count", 1, mostCavities, 1));
    const QString kind = at.text("kind", 20);
    if (at.failed())
        return mould;
    if (!readAnyOf(mould.shape, kind, at))
        at.fail(FileFault::Code::UnknownWord, QStringLiteral("kind"), kind);
    else if (const auto fault = faultOf(mould); fault && !at.failed())
        at.fail(FileFault::Code::OutOfRange, QString::fromStdString(fault->item),
                QString::fromLatin1(codeOf(fault->code)));
    return mould;
}

QJsonObject mouldUseToJson(const MouldUse& use)
{
    QJsonObject out{{"mould", mouldToJson(use.mould)}};
    if (use.portion != 0)
        out["portion"] = double(use.portion);
    if (use.fillTo != 1.0)
        out["fillTo"] = use.fillTo;
    return out;
}

MouldUse readMouldUse(const JsonCursor& at)
{
    at.allow({"mould", "portion", "fillTo"});
    MouldUse use;
    use.portion = static_cast<PortionId>(at.wholeOr("portion", 0, 4e9, 0));
    use.fillTo = at.numberOr("fillTo", 0.01, 1.0, 1.0);
    if (!at.failed())
        use.mould = readMould(at.object("mould"));
    return use;
}

QJsonObject cuttingToJson(const Cutting& cutting)
{
    return {{"bar", cutting.bar}, {"trim", cutting.trim}, {"kerf", cutting.kerf}};
}

Cutting readCutting(const JsonCursor& at)
{
    at.allow({"bar", "trim", "kerf"});
    return {at.number("bar", 1e-3, longestMould), at.numberOr("trim", 0.0, longestMould, 0.0),
            at.numberOr("kerf", 0.0, longestMould, 0.0)};
}

QJsonObject handlingToJson(const Handling& handling)
{
    QJsonObject out{{"blending", codeOf(handling.blending)},
                    {"gel", codeOf(handling.gel)},
                    {"product", codeOf(handling.product)}};
    if (!handling.factorsOff.empty()) {
        QJsonArray off;
        for (const std::string& code : handling.factorsOff)
            off.append(QString::fromStdString(code));
        out["factorsOff"] = off;
    }
    return out;
}

Handling readHandling(const JsonCursor& at)
{
    at.allow({"blending", "gel", "product", "factorsOff"});
    Handling handling;
    handling.blending = at.word<Blending>("blending", blendingFromCode, Blending::Bursts);
    handling.gel = at.word<GelPlan>("gel", gelPlanFromCode, GelPlan::NotKnown);
    handling.product = at.word<ProductKind>("product", productKindFromCode, ProductKind::RinseOff);
    if (at.has("factorsOff"))
        for (const QString& code : at.words("factorsOff", 40, 60))
            handling.factorsOff.push_back(code.toStdString());
    return handling;
}

} // namespace rhexion
