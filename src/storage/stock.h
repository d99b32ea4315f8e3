// Everything a maker can reach for, in one list: catalogue, own materials, lots and the foods
// table. Opens shelf and foods when first asked, so that the window can appear before.
#pragma once

#include <QObject>
#include <QString>

#include "core/materials/search.h"
#include "storage/foods.h"
#include "storage/shelf.h"

#include <vector>

namespace rhexion {

// Foods answer behind every material that answers as well by the start of a word.
inline constexpr int foodBehind = 4;

enum class Origin { Catalogue, Own, Lot, Food };

struct StockEntry {
    Origin origin = Origin::Catalogue;
    std::string material; // id
    std::string lot;      // id, for entries that are a lot
    QString name;
    MaterialKind kind = MaterialKind::Solid;
    bool archived = false; // or a closed lot: found only when asked for
    QString openLot;       // name of the newest open lot whose figures would be used
};

struct StockFilter {
    std::optional<MaterialKind> kind; // both hydroxides answer to either
    std::optional<Origin> origin;
    bool archived = false;
};

class Stock : public QObject {
    Q_OBJECT
public:
    enum class Part { Shelf, Foods };

    Stock(QString shelfPath, QString foodsPath, bool readOnly = false, QObject* parent = nullptr);

    void setSearchRules(std::shared_ptr<const SearchRules> rules);
    // What could not be opened is said by failed() and left out.
    void load();
    const std::vector<StockEntry>& entries();
    // Places among entries(), best first; every one that passes for an empty text.
    std::vector<std::size_t> find(const QString& text, const StockFilter& filter = {});

    // As the bench would take it: with the figures of the newest open lot, or of the entry's lot.
    MaterialPtr material(const StockEntry& entry);
    MaterialPtr material(const std::string& id);
    // Without any lot.
    MaterialPtr plain(const std::string& id);

    Shelf* shelf(); // nothing if it cannot be opened
    // What changed on the shelf is seen by everyone.
    void refresh();
    // The same after another program or bench changed the file.
    void reread();

Q_SIGNALS:
    void changed();
    void failed(Part part, const FileFault& fault);

private:
    void build();

    QString shelfPath_;
    QString foodsPath_;
    bool readOnly_;
    bool loaded_ = false;
    std::unique_ptr<Shelf> shelf_;
    std::unique_ptr<Foods> foods_;
    std::vector<StockEntry> entries_;
    SearchIndex index_;
};

} // namespace rhexion
