// Everything that can be meant, by all its names: a list for who looks, and for who decides one
// material or a question. Shelf, recipes and command line look here.
#pragma once

#include "core/materials/identify.h"
#include "core/materials/search.h"
#include "storage/foods.h"

namespace rhexion {

// Foods answer behind every material that answers as well by the start of a word.
inline constexpr int foodBehind = 4;

class NameBook {
public:
    NameBook();
    // Words of the language spoken, for the list; the names stay.
    void setSearchRules(std::shared_ptr<const SearchRules> rules);
    void clear();
    std::size_t size() const { return names_.size(); }

    // Each adds one entry, its number size() before. A catalogue material has its names in every
    // language and its INCI name.
    void addCatalogue(const Material& material);
    void addOwn(const Material& material, bool archived);
    void addFood(const FoodName& food);
    // A lot is found by its whole name, and never meant by its material's.
    void addLot(const std::string& name, const std::string& supplier, MaterialKind kind,
                bool closed);
    // A maker's own word for a material of this id.
    void remember(const std::string& words, const std::string& id);

    // Whether the text is a name of something here, with nothing left out of it.
    bool isName(const std::string& text) const { return names_.isName(text); }

    struct Found {
        Identification what;           // certain, or what is asked
        std::vector<std::size_t> list; // for who looks, best first; what is meant leads it
        bool bySearch = false;         // the text is no name of any: a search found what is asked
        bool byPart = false;           // nothing matches but a part of the text
    };
    // An empty text finds everything in order.
    Found find(const std::string& text) const;
    // The same for a name with what was written beside it, "coconut oil" and "fractionated": what
    // may change figures is not passed over.
    Identification identify(const std::string& name, const std::string& remark) const;

private:
    void addNames(std::string_view shown, const std::vector<std::string>& others, int handicap);

    NameIndex names_;
    SearchIndex here_;
    SearchIndex elsewhere_; // names of other languages and INCI names, where no other answers
};

} // namespace rhexion
