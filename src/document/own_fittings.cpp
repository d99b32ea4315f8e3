#include "document/own_fittings.h"

#include "storage/data_folder.h"

#include <QFile>

#include <utility>

namespace rhexion {

OwnFittings::OwnFittings(const QString& folder, bool readOnly, QObject* parent)
    : QObject(parent), path_(fittingsPath(folder)), readOnly_(readOnly)
{
}

const Fittings& OwnFittings::all()
{
    if (std::exchange(read_, true))
        return fittings_;
    auto read = readFittings(path_);
    if (const auto* fault = std::get_if<FileFault>(&read))
        fault_ = *fault;
    else if (first_ && !QFile::exists(path_))
        fittings_ = *first_;
    else
        fittings_ = std::move(std::get<Fittings>(read));
    return fittings_;
}

std::optional<FileFault> OwnFittings::change(const std::function<void(Fittings&)>& how)
{
    all();
    if (fault_)
        return fault_;
    if (readOnly_)
        return FileFault{FileFault::Code::ReadOnly, path_, {}};
    Fittings anew = fittings_;
    how(anew);
    if (anew == fittings_)
        return std::nullopt;
    makeOwnFolder(path_.section(QLatin1Char('/'), 0, -2));
    if (auto fault = writeFittings(path_, anew))
        return fault;
    fittings_ = std::move(anew);
    Q_EMIT changed();
    return std::nullopt;
}

} // namespace rhexion
