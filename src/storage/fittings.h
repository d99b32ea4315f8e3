// What a maker has and knows besides materials: moulds, vessels, limits and certificates of her
// scents, her water. One JSON file in the data folder, written whole.
#pragma once

#include "core/after/terms.h"
#include "core/making/hard_water.h"
#include "core/making/headroom.h"
#include "core/making/scent.h"
#include "storage/file_fault.h"

#include <QByteArray>
#include <QString>

#include <map>
#include <variant>

namespace rhexion {

struct Fittings {
    std::vector<Mould> moulds;
    std::vector<OwnVessel> vessels;
    std::vector<ScentLimit> limits;
    std::vector<ScentCertificate> certificates;
    std::vector<ScentBlend> blends;       // flash points are not kept: see withFlashPoints()
    std::map<std::string, double> prices; // of oils, per g, by material id
    std::optional<HeatPlan> heat;         // for formulas that have no plan of their own
    // Readings of batches begun before are forgotten, ms since 1970; 0: none are.
    std::int64_t heatForgotten = 0;
    WashWater water;
    HardnessUnit unit = HardnessUnit::MgCalciumCarbonate;
    bool waterKnown = false; // typed by her, not taken
    AfterTerms terms;
    friend bool operator==(const Fittings& a, const Fittings& b);
};

inline constexpr int fittingsFileVersion = 3;

QByteArray fittingsToJson(const Fittings& fittings);
std::variant<Fittings, FileFault> fittingsFromJson(const QByteArray& bytes);

QString fittingsPath(const QString& folder);
// Those of a file; none where there is no file.
std::variant<Fittings, FileFault> readFittings(const QString& path);
std::optional<FileFault> writeFittings(const QString& path, const Fittings& fittings);

} // namespace rhexion
