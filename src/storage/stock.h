// Everything a maker can reach for, in one list: catalogue, own materials, lots and the foods
// table. Opens shelf and foods when first asked, so that the window can appear before.
#pragma once

#include <QHash>
#include <QObject>
#include <QString>

#include "recipe/recipe.h"
#include "storage/name_book.h"
#include "storage/shelf.h"

#include <vector>

namespace rhexion {

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
    // What the text means, in places among entries(), and the list of find(text): whoever puts
    // something into a formula, a batch or a lot asks here.
    NameBook::Found identify(const QString& text);
    // The same for a line of a recipe, with its materials: the one it was said to be comes first.
    Meant meantBy(const RecipeLine& line);
    // The one material that the text certainly means; nothing where it has to be asked.
    MaterialPtr certain(const QString& text);
    // A maker's own words for materials, by what she types: certain from then on.
    void setOwnWords(const QHash<QString, QString>& idsByWords);
    bool isOwnWord(const QString& words) const { return ownWords_.contains(words); }

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
    NameBook names_;
    QHash<QString, QString> ownWords_;
};

} // namespace rhexion
