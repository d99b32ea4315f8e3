#include "core/after/terms.h"

namespace rhexion {

bool fits(const LabelSheet& s)
{
    const double wide = s.left + s.columns * s.width + (s.columns - 1) * s.across;
    const double tall = s.top + s.rows * s.height + (s.rows - 1) * s.down;
    return s.columns >= 1 && s.rows >= 1 && s.width >= 10.0 && s.height >= 10.0 &&
           wide <= s.pageWidth + 1e-9 && tall <= s.pageHeight + 1e-9;
}

} // namespace rhexion
