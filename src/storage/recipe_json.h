// A recipe that was read, as JSON (docs/formats/recipe.schema.json).
#pragma once

#include "recipe/recipe.h"

#include <QJsonObject>

namespace rhexion {

QJsonObject recipeToJson(const Recipe& recipe);

} // namespace rhexion
