// What changed of a jar, as another bench may have written it: taken whole or not at all, never
// longer than a shelf keeps, and told again it makes the same jar.
#include "fuzz.h"
#include "storage/lot_json.h"
#include "storage/lot_limits.h"

#include <QJsonDocument>

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const QJsonDocument json = QJsonDocument::fromJson(fuzz::bytesOf(data, size));
    LotRecord jar;
    jar.material = "olive-oil";
    jar.notes = QStringLiteral("before");
    const LotRecord before = jar;
    if (applyLotChanges(jar, json.object())) {
        fuzz::demand(jar == before, "refused changes change nothing");
        return 0;
    }
    fuzz::demand(!tooLong(jar), "what is taken can be kept");
    LotRecord again;
    fuzz::demand(!applyLotChanges(again, lotChanges({}, jar)), "what was read is told again");
    fuzz::demand(again == jar, "and makes the same jar");
    return 0;
}
