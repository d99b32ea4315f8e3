#include "document/my_way.h"

#include "document/formula_document.h"
#include "storage/data_folder.h"
#include "storage/formula_json.h"
#include "storage/whole_file.h"

#include <QFile>

namespace rhexion {

MyWay::MyWay(const QString& folder, QObject* parent)
    : QObject(parent), path_(folder + QStringLiteral("/my-way.rhexion"))
{
    if (!QFile::exists(path_))
        return;
    auto read = readFormulaFile(path_);
    if (const auto* fault = std::get_if<FileFault>(&read))
        fault_ = *fault;
    else
        settings_ = std::move(std::get<Formula>(read));
}

Formula MyWay::fresh() const
{
    return settings_ ? *settings_ : freshFormula();
}

std::optional<FileFault> MyWay::keep(const Formula& formula)
{
    Formula way = freshFormula();
    way.lye = formula.lye;
    way.lye.fixed.reset();
    way.liquid = formula.liquid;
    way.mixing = formula.mixing;
    makeOwnFolder(path_.section(QLatin1Char('/'), 0, -2));
    if (auto fault = writeWhole(path_, formulaToJson(way)))
        return fault;
    settings_ = std::move(way);
    fault_.reset();
    Q_EMIT changed();
    return std::nullopt;
}

std::optional<FileFault> MyWay::forget()
{
    if (QFile::exists(path_) && !QFile::remove(path_))
        return FileFault{FileFault::Code::CannotWrite, path_, {}};
    settings_.reset();
    fault_.reset();
    Q_EMIT changed();
    return std::nullopt;
}

} // namespace rhexion
