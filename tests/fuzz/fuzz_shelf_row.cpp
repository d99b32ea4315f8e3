// One row of a shelf as anything may have written it: the shelf opens, keeps the good row beside
// it, and what it reads it can keep again. The input is text cut by lines: id, material, got, code,
// low, typical, high, price, notes.
#include "fuzz.h"
#include "storage/catalogue.h"
#include "storage/shelf.h"

using namespace rhexion;

namespace {
fuzz::RawFile* file = nullptr;
} // namespace

extern "C" int LLVMFuzzerInitialize(int* argc, char*** argv)
{
    file = new fuzz::RawFile("shelf.sqlite", argc, argv, [](const QString& path) {
        const auto opened = Shelf::open(path);
        Material good = *Catalogue::shipped().find("olive-oil");
        good.id = "own-good";
        return opened.index() == 0 && !std::get<0>(opened)->keep({good});
    });
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    QList<QByteArray> cut = fuzz::bytesOf(data, size).split('\n');
    cut.resize(9);
    const auto text = [&](int i) { return QString::fromUtf8(cut[i]); };
    file->write("DELETE FROM own_material WHERE id <> 'own-good'");
    file->write("DELETE FROM lot");
    file->write("INSERT INTO own_material (id, name, material) VALUES (?, ?, ?)",
                {text(0), text(0), text(1)});
    file->write(
        "INSERT INTO lot (id, material, name, got, price, notes) VALUES ('1', ?, ?, ?, ?, ?)",
        {text(0), text(0), text(2), text(7), text(8)});
    file->write("INSERT INTO lot_figure VALUES ('1', ?, ?, ?, ?, 'x')",
                {text(3), text(4), text(5), text(6)});
    const auto opened = Shelf::open(file->path());
    const auto* shelf = std::get_if<std::unique_ptr<Shelf>>(&opened);
    fuzz::demand(shelf && (*shelf)->findMaterial("own-good"), "a bad row closes no shelf");
    // Copies: keeping reads the shelf anew.
    for (const SetAside& row : std::vector((*shelf)->setAside()))
        (*shelf)->mend(row.what);
    for (const OwnMaterial& own : std::vector((*shelf)->materials()))
        fuzz::demand(!(*shelf)->keep({*own.material}), "what was read can be kept again");
    for (const LotRecord& lot : std::vector((*shelf)->lots()))
        fuzz::demand(std::holds_alternative<std::string>((*shelf)->keepLot(lot)),
                     "a lot that was read can be kept again");
    return 0;
}
