#include "core/materials/sv_check.h"

#include "core/materials/chemistry.h"

namespace rhexion {

bool svIsUsual(double sv)
{
    return sv >= 100.0 && sv <= 300.0;
}

std::optional<double> svMeantBy(double stated)
{
    // Coconut stated in sodium (0.18) and rapeseed in potassium (0.18) look alike.
    constexpr double surelySodium = 0.165;
    constexpr double surelyPotassium = 0.195;
    double sv = stated * 1000.0;
    if (stated < surelySodium)
        sv *= mgPotassiumHydroxidePerMillimole / molarMassSodiumHydroxide;
    else if (stated <= surelyPotassium)
        return std::nullopt;
    return svIsUsual(sv) ? std::optional(sv) : std::nullopt;
}

} // namespace rhexion
