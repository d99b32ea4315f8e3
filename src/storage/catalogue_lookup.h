// Materials that a written name may mean, from the catalogue and the foods table.
#pragma once

#include "core/making/scent.h"
#include "core/materials/identify.h"
#include "recipe/recipe.h"
#include "storage/foods.h"
#include "storage/name_book.h"

#include <memory>
#include <string>
#include <vector>

namespace rhexion {

class CatalogueLookup {
public:
    // Without the foods table where its file cannot be opened.
    CatalogueLookup(const QString& foodsPath, std::shared_ptr<const SearchRules> rules);

    // What a written name means, with its materials: the one that is certain, or the candidates.
    Meant find(const std::string& name, const std::string& remark = {}) const;
    // Everything that matches, best first.
    std::vector<MaterialPtr> search(const std::string& words) const;
    // What a line of a recipe means: the material it was said to be, or what its words mean.
    Meant meantBy(const RecipeLine& line) const;
    // By catalogue id; nothing where it is none.
    static MaterialPtr withId(const std::string& id);

private:
    MaterialPtr material(std::size_t entry) const;

    NameBook names_;
    std::unique_ptr<Foods> foods_;
};

// With the lowest flash point of each jar's parts, where the catalogue knows them all.
std::vector<ScentBlend> withFlashPoints(std::vector<ScentBlend> blends);

} // namespace rhexion
