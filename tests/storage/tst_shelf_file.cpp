// Own materials and lots in their file: kept, found again, never half-kept.
#include <QTest>

#include "storage/catalogue.h"
#include "storage/formula_json.h"
#include "storage/material_file.h"
#include "storage/own_materials.h"
#include "storage/shelf_exchange.h"
#include "storage/shelf_tables.h"
#include "support/raw_sql.h"

#include <QDate>

using namespace rhexion;
using namespace rhexion::test;

namespace {

Material own(const char* id, const char* name)
{
    Material m = *Catalogue::shipped().find("pear-puree");
    m.id = id;
    m.name = name;
    return m;
}

LotRecord jar(const char* name, const QDate& got)
{
    LotRecord r;
    r.material = "pear-puree";
    r.lot.name = name;
    r.got = got;
    r.supplier = QStringLiteral("The orchard; \"old\" \u00E9");
    r.price = 3.5;
    r.boughtGrams = 1000;
    r.leftGrams = 400;
    r.lot.figures = {{"water", *Interval::of(.83, .84, .85), "dried down"},
                     {"melting", *Interval::ofSigned(-3, -2, -1), "frozen"}};
    r.lot.measures = {{"tsp", 5.1, "weighed"}};
    return r;
}

std::unique_ptr<Shelf> open(const QString& path)
{
    auto shelf = Shelf::open(path);
    return std::holds_alternative<FileFault>(shelf)
               ? nullptr
               : std::get<std::unique_ptr<Shelf>>(std::move(shelf));
}

} // namespace

class TestShelfFile : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void init()
    {
        dir_ = std::make_unique<QTemporaryDir>();
        path_ = dir_->filePath(QStringLiteral("shelf.sqlite"));
    }

    void keepsAndFinds()
    {
        std::string lot;
        {
            auto shelf = open(path_);
            QVERIFY(shelf && !shelf->keep({own("own-a", "A"), own("own-b", "B")}));
            const auto kept = shelf->keepLot(jar("Monday", QDate(2026, 10, 5)));
            lot = std::get<std::string>(kept);
        }
        auto shelf = open(path_);
        QVERIFY(shelf);
        QCOMPARE(shelf->materials().size(), std::size_t(2));
        QVERIFY(shelf->findMaterial("own-a")->material->parts == own("own-a", "A").parts);
        LotRecord want = jar("Monday", QDate(2026, 10, 5));
        want.lot.id = lot;
        const LotRecord* got = shelf->findLot(lot);
        QVERIFY(got);
        std::ranges::sort(want.lot.figures, {}, &LotFigure::code);
        LotRecord sorted = *got;
        std::ranges::sort(sorted.lot.figures, {}, &LotFigure::code);
        QVERIFY(sorted.counted > 0); // what is left was counted when it was written down
        want.counted = sorted.counted;
        QVERIFY(sorted == want);
    }

    void newestOpenLotIsTaken()
    {
        auto shelf = open(path_);
        QVERIFY(shelf);
        const auto id = [&](const LotRecord& r) {
            return std::get<std::string>(shelf->keepLot(r));
        };
        QVERIFY(!shelf->openLotOf("pear-puree"));
        const std::string old = id(jar("old", QDate(2026, 1, 1)));
        const std::string later = id(jar("new", QDate(2026, 6, 1)));
        const std::string same = id(jar("same day", QDate(2026, 6, 1)));
        QCOMPARE(shelf->openLotOf("pear-puree")->lot.id, same);
        QVERIFY(!shelf->setClosed(same, true));
        QCOMPARE(shelf->openLotOf("pear-puree")->lot.id, later);
        LotRecord empty = *shelf->findLot(later);
        empty.leftGrams = 0.0; // used up
        QCOMPARE(id(empty), later);
        QCOMPARE(shelf->openLotOf("pear-puree")->lot.id, old);
        QVERIFY(!shelf->setClosed(same, false));
        QCOMPARE(shelf->openLotOf("pear-puree")->lot.id, same);
        QVERIFY(!shelf->openLotOf("apple-puree"));
        // One that expires goes first, whenever it came.
        LotRecord dated = jar("dated", QDate(2025, 1, 1));
        dated.bestBefore = QDate(2026, 12, 1);
        const std::string first = id(dated);
        QCOMPARE(shelf->openLotOf("pear-puree")->lot.id, first);
        dated.bestBefore = QDate(2027, 12, 1);
        id(dated);
        QCOMPARE(shelf->openLotOf("pear-puree")->lot.id, first);
        QVERIFY(!shelf->setClosed(first, true));
        // A delivery is kept whole or not at all.
        LotRecord tooLong_ = jar("x", QDate(2026, 6, 2));
        tooLong_.supplier = QString(5000, QLatin1Char('x'));
        const std::size_t before = shelf->lots().size();
        QVERIFY(shelf->keepLots({jar("a", QDate(2026, 6, 2)), tooLong_}));
        QCOMPARE(shelf->lots().size(), before);
        QVERIFY(!shelf->keepLots({jar("a", QDate(2026, 6, 2)), jar("b", QDate(2026, 6, 2))}));
        QCOMPARE(shelf->lots().size(), before + 2);
        QVERIFY(shelf->setClosed("999", true)); // no such lot: said, not passed over
    }

    void changesReplaceAndArchive()
    {
        auto shelf = open(path_);
        QVERIFY(shelf && !shelf->keep({own("own-a", "A")}));
        QVERIFY(!shelf->keep({own("own-a", "A again")}));
        QCOMPARE(shelf->materials().size(), std::size_t(1));
        QCOMPARE(shelf->materials()[0].material->name, std::string("A again"));
        QVERIFY(!shelf->setArchived("own-a", true));
        QVERIFY(shelf->findMaterial("own-a")->archived);
        QVERIFY(!shelf->keep({own("own-a", "A once more")}));
        QVERIFY(shelf->findMaterial("own-a")->archived); // a change does not take it out again
        // Ids of names: none that the shelf has, nor one of those brought in together.
        const auto named =
            withIds({own("", "A"), own("", "  Pear & ginger! "), own("", "A")}, *shelf);
        QCOMPARE(named[0].id, std::string("own-a-2"));
        QCOMPARE(named[1].id, std::string("own-pear-ginger"));
        QCOMPARE(named[2].id, std::string("own-a-3"));
    }

    // A lot whose figures cannot be stored leaves nothing behind.
    void allOrNothing()
    {
        auto shelf = open(path_);
        QVERIFY(shelf);
        LotRecord twice = jar("twice", QDate(2026, 1, 1));
        twice.lot.figures.push_back(twice.lot.figures.front());
        QVERIFY(std::holds_alternative<FileFault>(shelf->keepLot(twice)));
        LotRecord negative = jar("negative", QDate(2026, 1, 1));
        negative.leftGrams = -5;
        QVERIFY(std::holds_alternative<FileFault>(shelf->keepLot(negative)));
        shelf.reset();
        QVERIFY(open(path_)->lots().empty());
    }

    void damaged_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::newRow("newer") << "PRAGMA user_version = 9";
        QTest::newRow("another kind") << "DROP TABLE own_material";
    }
    // Each is refused with a word, and the file left as it is.
    void damaged()
    {
        QFETCH(QString, sql);
        fillAndDamage(sql);
        QVERIFY(!open(path_));
        QVERIFY(!open(path_)); // and again: nothing was mended behind the maker's back
    }

    void oneBadRow_data()
    {
        QTest::addColumn<QString>("sql");
        QTest::newRow("a material that is not")
            << "INSERT INTO own_material VALUES ('x','X','{',0)";
        QTest::newRow("a figure that cannot be")
            << "INSERT INTO lot_figure SELECT id,'water',0.2,0.1,9e99,'?' FROM lot";
        QTest::newRow("a figure nobody knows")
            << "INSERT INTO lot_figure SELECT id,'gold',0.1,0.1,0.1,'?' FROM lot";
    }
    // One row is set aside and named; everything else opens, and the row stays in the file.
    void oneBadRow()
    {
        QFETCH(QString, sql);
        fillAndDamage(sql);
        for (int times = 0; times < 2; ++times) {
            auto shelf = open(path_);
            QVERIFY(shelf);
            QCOMPARE(shelf->setAside().size(), std::size_t(1));
            QVERIFY(!shelf->setAside()[0].what.isEmpty());
            QCOMPARE(shelf->materials().size(), std::size_t(1));
            QCOMPARE(shelf->lots().size(), std::size_t(1));
        }
    }

    // A shelf of before there were events: its jars keep their numbers, and what it holds is told
    // to other benches like what is kept from now on.
    void olderShelf()
    {
        QStringList statements = shelf_tables::migration(1) + shelf_tables::migration(2);
        const QString material =
            QString::fromUtf8(materialsToJson({std::make_shared<Material>(own("own-a", "A"))}));
        statements << QStringLiteral("INSERT INTO own_material VALUES ('own-a','A','%1',1)")
                          .arg(QString(material).replace('\'', "''"))
                   << "INSERT INTO lot (id, material, name, got, price, counted) VALUES"
                      " (7, 'own-a', 'Monday', '2026-01-05', 3.5, 12)"
                   << "INSERT INTO lot (id, material, name, got) VALUES (9, 'own-a', 'Tuesday',"
                      " '2026-01-05')"
                   << "INSERT INTO lot_figure VALUES (7, 'water', 0.7, 0.8, 0.9, 'dried')"
                   << "INSERT INTO lot_measure VALUES (9, 'tsp', 5, 'weighed')"
                   << "PRAGMA user_version = 2";
        QCOMPARE(rawSql(path_, statements), QString());
        auto shelf = open(path_);
        QVERIFY(shelf);
        QCOMPARE(shelf->lots().size(), std::size_t(2));
        QCOMPARE(shelf->lots()[0].lot.id, std::string("9")); // written down later
        QCOMPARE(shelf->lots()[0].lot.measures[0].grams, 5.0);
        const LotRecord& monday = *shelf->findLot("7");
        QCOMPARE(*monday.price, 3.5);
        QCOMPARE(monday.counted, std::int64_t(12));
        QCOMPARE(monday.lot.figures[0].range.typical(), 0.8);
        QVERIFY(shelf->findMaterial("own-a")->archived);
        ShelfExchange events(*shelf, QStringLiteral("bench"));
        const auto told = std::get<QList<RawEvent>>(events.unsent(99));
        QCOMPARE(told.size(), 4);
        QCOMPARE(told[2].batch, QStringLiteral("lot:bench.7"));
        // Another's answer about the same jar is about the same jar.
        QVERIFY(!events.takeOver(
            {{{"x", "lot:bench.7", "other", 1, 0, "lot", R"({"notes":"opened"})"}, 5, {}}}));
        QCOMPARE(shelf->findLot("7")->notes, QStringLiteral("opened"));
        QCOMPARE(shelf->lots().size(), std::size_t(2));
    }

    // What another bench may have written: what cannot be read takes no part, and nothing closes.
    void hostileEvents_data()
    {
        QTest::addColumn<QString>("about");
        QTest::addColumn<QString>("kind");
        QTest::addColumn<QString>("data");
        const auto row = [](const char* name, const QString& about, const char* kind,
                            const QString& data) { QTest::newRow(name) << about << kind << data; };
        const QString jar = QStringLiteral("lot:j");
        row("no JSON", jar, "lot", "{");
        row("a list", jar, "lot", "[]");
        row("another field", jar, "lot", R"({"colour":"red"})");
        row("a text for a figure", jar, "lot", R"({"price":"dear"})");
        row("below nothing", jar, "lot", R"({"left":-1})");
        row("no date", jar, "lot", R"({"got":"soon"})");
        row("a figure nobody knows", jar, "lot",
            R"({"figures":[{"code":"gold","low":1,"typical":1,"high":1,"source":""}]})");
        row("a measure twice", jar, "lot",
            R"({"measures":[{"name":"tsp","grams":1,"source":""},)"
            R"({"name":"tsp","grams":2,"source":""}]})");
        row("a long note", jar, "lot", "{\"notes\":\"" + QString(2001, 'n') + "\"}");
        row("nothing that is kept here", "spoon:j", "lot", R"({"name":"x"})");
        row("a kind nobody knows", jar, "sung", R"({"name":"x"})");
        row("a material that is another", "material:own-b", "material",
            QString::fromUtf8(materialsToJson({std::make_shared<Material>(own("own-c", "C"))})));
        row("no material", "material:own-b", "material", "{}");
        row("put away before it is there", "material:own-b", "archived", R"({"archived":true})");
        row("a jar of nothing", "lot:k", "lot", R"({"name":"x"})");
    }
    void hostileEvents()
    {
        QFETCH(QString, about);
        QFETCH(QString, kind);
        QFETCH(QString, data);
        auto shelf = open(path_);
        ShelfExchange events(*shelf, QStringLiteral("bench"));
        const auto said = [&](const QString& id, const QString& of, const QString& what,
                              const QString& text, qint64 place) {
            return events.takeOver({{{id, of, "other", place, 0, what, text}, place, {}}});
        };
        QVERIFY(!said("1", "lot:j", "lot", R"({"material":"pear-puree","name":"j"})", 1));
        const LotRecord before = *shelf->findLot("j");
        QVERIFY(!said("2", about, kind, data, 2));
        QCOMPARE(shelf->lots().size(), std::size_t(1));
        QVERIFY(*shelf->findLot("j") == before);
        QVERIFY(shelf->materials().empty() && shelf->setAside().empty());
        QVERIFY(!said("3", "lot:j", "lot", R"({"notes":"opened"})", 3)); // it goes on
        QCOMPARE(shelf->findLot("j")->notes, QStringLiteral("opened"));
        QVERIFY(open(path_));
    }

    // What closed a shelf for good: now refused when it is kept, and mended where it stands
    // already.
    void tooLongIsRefusedAndMended_data()
    {
        QTest::addColumn<QString>("what");
        for (const char* what : {"note", "names", "name"})
            QTest::newRow(what) << QString::fromLatin1(what);
    }
    void tooLongIsRefusedAndMended()
    {
        QFETCH(QString, what);
        Material m = own("own-a", "A");
        if (what == QLatin1String("note"))
            m.note = std::string(2001, 'n');
        else if (what == QLatin1String("names"))
            m.alsoCalled = std::vector<std::string>(60, "other");
        else
            m.name = std::string(201, 'x');
        {
            auto shelf = open(path_);
            QVERIFY(shelf && !shelf->keep({own("own-b", "B")}));
            QVERIFY(shelf->keep({m}));
            QCOMPARE(shelf->materials().size(), std::size_t(1));
        }
        const QString text =
            QString::fromUtf8(materialsToJson({std::make_shared<const Material>(m)}))
                .replace(u'\'', QLatin1String("''"));
        fillAndDamage(
            QStringLiteral("INSERT OR REPLACE INTO own_material VALUES ('own-a','A','%1',0)")
                .arg(text));
        auto shelf = open(path_);
        QVERIFY(shelf);
        QCOMPARE(shelf->setAside().size(), std::size_t(1));
        QVERIFY(!shelf->mend(shelf->setAside()[0].what));
        QVERIFY(shelf->setAside().empty());
        const OwnMaterial* mended = shelf->findMaterial("own-a");
        QVERIFY(mended && !faultOf(*mended->material));
        QVERIFY(open(path_)->setAside().empty());
    }

    // An id of the longest kind and all that hangs on it can be read again.
    void longIdsComeBack()
    {
        const std::string id = "own-" + std::string(194, 'i');
        auto shelf = open(path_);
        QVERIFY(!shelf->keep({own(id.c_str(), "Long")}));
        LotRecord lot = jar("long", QDate(2026, 1, 1));
        lot.material = id;
        lot.lot.measures = {{std::string(200, 'm'), 3.0, "weighed"}};
        QVERIFY(std::holds_alternative<std::string>(shelf->keepLot(lot)));
        auto again = open(path_);
        QVERIFY(again && again->setAside().empty());
        Formula f;
        f.lines.push_back({1,
                           std::make_shared<const Material>(
                               withLot(*again->findMaterial(id)->material, again->lots()[0].lot)),
                           Vessel::OilPot,
                           {5, AmountUnit::Gram}});
        f.lastId = 1;
        QVERIFY(std::holds_alternative<QByteArray>(readableFormulaJson(f)));
    }

    // Two on one shelf: what somebody changed meanwhile is not overwritten.
    void changedMeanwhile()
    {
        auto one = open(path_);
        QVERIFY(!one->keep({own("own-a", "A")}));
        auto two = open(path_);
        QVERIFY(!two->keep({own("own-a", "A by two")}));
        const auto fault = one->keep({own("own-a", "A by one")});
        QVERIFY(fault && fault->code == FileFault::Code::Changed);
        QCOMPARE(one->findMaterial("own-a")->material->name, std::string("A by two"));
        // Having seen it, it may.
        QVERIFY(!one->keep({own("own-a", "A by one")}));
        LotRecord lot = jar("jar", QDate(2026, 1, 1));
        lot.lot.id = std::get<std::string>(one->keepLot(lot));
        const LotRecord seen = *one->findLot(lot.lot.id);
        QVERIFY(!two->setClosed(lot.lot.id, true));
        const auto late = one->keepLot(lot, &seen);
        QVERIFY(std::holds_alternative<FileFault>(late) &&
                std::get<FileFault>(late).code == FileFault::Code::Changed);
    }

private:
    void fillAndDamage(const QString& sql)
    {
        {
            auto shelf = open(path_);
            QVERIFY(shelf && !shelf->keep({own("own-a", "A")}));
            LotRecord plain = jar("one", QDate(2026, 1, 1));
            plain.lot.figures.clear();
            QVERIFY(std::holds_alternative<std::string>(shelf->keepLot(plain)));
        }
        QCOMPARE(rawSql(path_, {sql}), QString());
    }

    std::unique_ptr<QTemporaryDir> dir_;
    QString path_;
};

QTEST_GUILESS_MAIN(TestShelfFile)
#include "tst_shelf_file.moc"
