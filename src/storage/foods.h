// The foods table: USDA SR24 with the reviewed acids of IFCT 2017, one read-only SQLite file made
// while the program is built (rhexion-make-foods).
#pragma once

#include "core/materials/food.h"
#include "storage/file_fault.h"

#include <QString>

#include <memory>
#include <variant>
#include <vector>

namespace rhexion {

struct FoodName {
    std::string id; // "sr24-09296"
    std::string name;
    MaterialKind kind;
};

class Foods {
public:
    // Refuses a file that is missing or not one of ours; it is never written to.
    static std::variant<std::unique_ptr<Foods>, FileFault> open(const QString& path);
    // The one that ships: beside the program, or in ../share/rhexion.
    static QString shippedPath();
    ~Foods();
    Foods(const Foods&) = delete;
    Foods& operator=(const Foods&) = delete;

    const std::vector<FoodName>& names() const { return names_; }
    // Nothing where there is no such food.
    MaterialPtr material(const std::string& id) const;

private:
    explicit Foods(QString connection) : connection_(std::move(connection)) {}
    std::optional<FileFault> readNames();

    QString connection_;
    std::vector<FoodName> names_;
};

// What the builder does: tables in, file out. Stops at the first row that cannot be.
std::optional<FileFault> makeFoods(const QString& foodsCsv, const QString& acidsCsv,
                                   const QString& mappingCsv, const QString& fatsCsv,
                                   const QString& sqlite);

inline constexpr int foodsVersion = 2;

} // namespace rhexion
