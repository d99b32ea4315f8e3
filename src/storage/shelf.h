// The maker's own shelf: own materials and lots, in one SQLite file (shelf.sqlite).
#pragma once

#include "core/materials/lot.h"
#include "storage/file_fault.h"

#include <QDate>
#include <QString>

#include <memory>
#include <variant>
#include <vector>

namespace rhexion {

class SqliteFile;

struct OwnMaterial {
    MaterialPtr material;
    bool archived = false;
};

// A jar: the core's lot, and what a maker notes of it.
struct LotRecord {
    Lot lot; // its id is a number as text; empty before it is kept
    std::string material;
    bool homeMade = false;
    QDate got;
    QDate bestBefore;
    QString supplier;
    std::optional<double> price; // for boughtGrams, in the maker's own money
    std::optional<double> boughtGrams;
    std::optional<double> leftGrams;
    QString notes;
    bool closed = false;
    friend bool operator==(const LotRecord&, const LotRecord&) = default;
};

class Shelf {
public:
    static std::variant<std::unique_ptr<Shelf>, FileFault> open(const QString& path);
    ~Shelf();
    Shelf(const Shelf&) = delete;
    Shelf& operator=(const Shelf&) = delete;

    using Done = std::optional<FileFault>;

    const std::vector<OwnMaterial>& materials() const { return materials_; }
    const std::vector<LotRecord>& lots() const { return lots_; }
    const OwnMaterial* findMaterial(const std::string& id) const;
    const LotRecord* findLot(const std::string& id) const;
    // Newest open one: by the day it came, then by when it was written down.
    const LotRecord* openLotOf(const std::string& material) const;

    // Adds it, or replaces the one of its id. All of them or none.
    Done keep(const std::vector<Material>& materials);
    Done setArchived(const std::string& id, bool archived);
    // A lot without id is new; the id it got is in the result.
    std::variant<std::string, FileFault> keepLot(const LotRecord& lot);
    Done setClosed(const std::string& lot, bool closed);

private:
    explicit Shelf(std::unique_ptr<SqliteFile> file);
    Done read();

    std::unique_ptr<SqliteFile> file_;
    std::vector<OwnMaterial> materials_;
    std::vector<LotRecord> lots_;
};

// A name that no id of the shelf or catalogue has: "Pear and ginger" gives "own-pear-and-ginger".
std::string freshMaterialId(const std::string& name, const Shelf& shelf);

} // namespace rhexion
