// Whether a saponification value is one a soapmaker's fat can have, and what a strange one may
// mean.
#pragma once

#include <optional>

namespace rhexion {

// 100 to 300 mg KOH per g holds every fat soap is made of (handbooks of oils and fats, from
// memory).
bool svIsUsual(double sv);

// Recipes and labels also state grams of sodium or potassium hydroxide per gram of fat (0.135,
// 0.257). The SV that such a figure means; nothing where it is neither or could be both.
std::optional<double> svMeantBy(double stated);

} // namespace rhexion
