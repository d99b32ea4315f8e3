// The maker's own shelf: own materials and lots, in one SQLite file (shelf.sqlite).
#pragma once

#include "core/materials/lot.h"
#include "storage/file_fault.h"

#include <QDate>
#include <QString>

#include <functional>
#include <memory>
#include <variant>
#include <vector>

class QSqlDatabase;

namespace rhexion {

class SqliteFile;

struct OwnMaterial {
    MaterialPtr material;
    bool archived = false;
};

// A jar: the core's lot, and what a maker notes of it.
struct LotRecord {
    Lot lot; // its id is a UUID (a number, where it was kept before there were); empty before it is
             // kept
    std::string material;
    bool homeMade = false;
    QDate got;
    QDate bestBefore;
    QString supplier;
    std::optional<double> price; // for boughtGrams, in the maker's own money
    std::optional<double> boughtGrams;
    std::optional<double> leftGrams; // when it was counted
    std::int64_t counted = 0;        // ms since 1970; the shelf sets it where leftGrams is new
    QString notes;
    bool closed = false;
    friend bool operator==(const LotRecord&, const LotRecord&) = default;
};

// A row that cannot be read: set aside, named, and left in the file as it is.
struct SetAside {
    QString what; // id of the material, or "lot NAME"
    FileFault fault;
    bool material = true; // a material can be mended by cutting what is too long
};

class Shelf {
public:
    static std::variant<std::unique_ptr<Shelf>, FileFault> open(const QString& path,
                                                                bool readOnly = false);
    ~Shelf();
    Shelf(const Shelf&) = delete;
    Shelf& operator=(const Shelf&) = delete;

    using Done = std::optional<FileFault>;

    // What is in the file now, where another connection may have written to it.
    Done reread() { return read(); }

    const std::vector<OwnMaterial>& materials() const { return materials_; }
    const std::vector<LotRecord>& lots() const { return lots_; }
    const OwnMaterial* findMaterial(const std::string& id) const;
    const LotRecord* findLot(const std::string& id) const;
    // The open one that is to be used: first the one that expires first, then the newest, by the
    // day it came and by when it was written down.
    const LotRecord* openLotOf(const std::string& material) const;

    const std::vector<SetAside>& setAside() const { return setAside_; }
    // Cuts what is too long in a material that was set aside, and keeps it if it can be read then.
    Done mend(const QString& what);

    // Adds it, or replaces the one of its id. All of them or none; refuses what could not be read
    // again, and what somebody changed since: asRead is the one that was opened, or nothing for
    // what this shelf read last.
    Done keep(const std::vector<Material>& materials, const Material* asRead = nullptr);
    Done setArchived(const std::string& id, bool archived);
    // A lot without id is new; the id it got is in the result.
    std::variant<std::string, FileFault> keepLot(const LotRecord& lot,
                                                 const LotRecord* asRead = nullptr);
    // A delivery: all of them, as new, or none.
    Done keepLots(const std::vector<LotRecord>& lots);
    Done setClosed(const std::string& lot, bool closed);

private:
    explicit Shelf(std::unique_ptr<SqliteFile> file);
    Done read();
    QSqlDatabase database() const;
    Done kept(const std::function<Done()>& write); // in one transaction or not at all, and read
    friend class ShelfExchange;

    std::unique_ptr<SqliteFile> file_;
    std::vector<OwnMaterial> materials_;
    std::vector<LotRecord> lots_;
    std::vector<SetAside> setAside_;
};

} // namespace rhexion
