#include "core/advice/caution.h"

namespace rhexion {

std::vector<Edit> Caution::mends() const
{
    if (!mend)
        return {};
    std::vector<Edit> all{*mend};
    all.insert(all.end(), also.begin(), also.end());
    return all;
}

} // namespace rhexion
