// A recipe as text: read, written and read again; and the fittings file.
#include "fuzz.h"
#include "recipe/recipe.h"
#include "storage/fittings.h"

#include <algorithm>

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const std::string_view text(reinterpret_cast<const char*>(data), size);
    const RecipeRead read = readRecipe(text);
    if (!read.refusal) {
        const Recipe& r = read.recipe;
        for (std::size_t n = 1; n <= r.text.size(); ++n) {
            const bool blank = std::ranges::all_of(r.text[n - 1], [](unsigned char c) {
                return c == ' ' || (c >= 9 && c <= 13) || (c >= 28 && c <= 31);
            });
            fuzz::demand(blank || r.kindOf(int(n)) != Recipe::Kind::Blank, "no line is lost");
        }
        readRecipe(writeRecipe(r));
        writeRecipeMarkdown(r);
    }
    readRecipeAmount(text);
    readRecipeSettings(text);
    const QByteArray bytes(reinterpret_cast<const char*>(data), qsizetype(size));
    const auto kept = fittingsFromJson(bytes);
    if (const auto* f = std::get_if<Fittings>(&kept))
        fuzz::demand(std::holds_alternative<Fittings>(fittingsFromJson(fittingsToJson(*f))),
                     "what was read can be read again");
    return 0;
}
