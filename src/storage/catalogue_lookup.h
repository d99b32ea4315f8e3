// Materials that a written name may mean, from the catalogue and the foods table.
#pragma once

#include "core/making/scent.h"
#include "core/materials/search.h"
#include "storage/foods.h"

#include <memory>
#include <string>
#include <vector>

namespace rhexion {

// Materials by their names in languages that are not spoken now: for what was written in another.
class ForeignLookup {
public:
    explicit ForeignLookup(std::shared_ptr<const SearchRules> rules);
    std::vector<MaterialPtr> find(const std::string& name) const; // as below

private:
    SearchIndex index_;
};

class CatalogueLookup {
public:
    // Without the foods table where its file cannot be opened.
    CatalogueLookup(const QString& foodsPath, std::shared_ptr<const SearchRules> rules);

    // Best first: those that answer as well as the best, ten at most; by names of other languages
    // where no other does.
    std::vector<MaterialPtr> find(const std::string& name) const;
    // By catalogue id; nothing where it is none.
    static MaterialPtr withId(const std::string& id);

private:
    std::vector<MaterialPtr> findHere(const std::string& name) const;

    SearchIndex index_;
    ForeignLookup foreign_;
    std::unique_ptr<Foods> foods_;
};

// With the lowest flash point of each jar's parts, where the catalogue knows them all.
std::vector<ScentBlend> withFlashPoints(std::vector<ScentBlend> blends);

} // namespace rhexion
