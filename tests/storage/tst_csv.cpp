// CSV in and out: RFC 4180, any decimal mark, a mend for every broken row, nothing a spreadsheet
// would run.
#include <QTest>

#include "core/materials/figures.h"
#include "storage/catalogue.h"
#include "storage/csv.h"
#include "storage/figures_csv.h"
#include "storage/json_cursor.h"
#include "storage/material_file.h"

#include <QFile>
#include <QTemporaryDir>

using namespace rhexion;
using C = FileFault::Code;

namespace {

QByteArray table(const QByteArray& head, const QByteArray& rows)
{
    return head + "\r\n" + rows;
}

const QByteArray head = "name,kind,water %,acid-citric %";

QList<ImportedRow> rowsOf(const QByteArray& bytes)
{
    const auto read = materialsFromCsv(bytes, QStringLiteral("a test"));
    const auto* rows = std::get_if<QList<ImportedRow>>(&read);
    return rows ? *rows : QList<ImportedRow>();
}

} // namespace

class TestCsv : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void rfc4180_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QList<QStringList>>("want");
        const auto row = [](const char* name, const QByteArray& bytes, QList<QStringList> want) {
            QTest::newRow(name) << bytes << want;
        };
        // RFC 4180 section 2, rule by rule.
        row("1 CRLF", "a,b\r\nc,d\r\n", {{"a", "b"}, {"c", "d"}});
        row("2 no last line end", "a,b\nc,d", {{"a", "b"}, {"c", "d"}});
        row("4 spaces are part of a field", "a, b ,c", {{"a", " b ", "c"}});
        row("5 quoted", "\"a\",\"b\"", {{"a", "b"}});
        row("6 line end and comma in quotes", "\"a\r\nb\",\"c,d\"", {{"a\r\nb", "c,d"}});
        row("7 doubled quote", "\"a\"\"b\",c", {{"a\"b", "c"}});
        row("empty cells stay", "a,,c\n,,\nd,e,f", {{"a", "", "c"}, {"d", "e", "f"}});
        row("byte order mark",
            "\xEF\xBB\xBF"
            "a,b",
            {{"a", "b"}});
        row("semicolons", "a;b\nc;1,5", {{"a", "b"}, {"c", "1,5"}});
        row("tabs", "a\tb\nc\td", {{"a", "b"}, {"c", "d"}});
        row("UTF-8", "Na\xC3\xAFve,\xE2\x82\xAC",
            {{QString::fromUtf8("Na\u00EFve"), QString::fromUtf8("\u20AC")}});
        const QString wide = QStringLiteral("a;b\nc;d");
        row("UTF-16 with its mark",
            QByteArray("\xFF\xFE", 2) +
                QByteArray(reinterpret_cast<const char*>(wide.utf16()), wide.size() * 2),
            {{"a", "b"}, {"c", "d"}});
    }
    void rfc4180()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(QList<QStringList>, want);
        const auto read = readCsv(bytes);
        const auto* text = std::get_if<CsvText>(&read);
        QVERIFY(text);
        QList<QStringList> got;
        for (const CsvRow& row : text->rows)
            got << row.cells;
        QCOMPARE(got, want);
    }

    void broken_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<int>("code");
        QTest::addColumn<QString>("place");
        const auto row = [](const char* name, const QByteArray& bytes, C code, const char* place) {
            QTest::newRow(name) << bytes << int(code) << QString::fromLatin1(place);
        };
        row("Latin-1", head + "\nCr\xE8me,milk,80,0", C::WrongEncoding, "2");
        row("NUL", QByteArray("a,b\nc,\0d", 8), C::WrongEncoding, "2");
        row("a picture", QByteArray("\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 16), C::WrongEncoding, "3");
        row("quote never closes", head + "\n\"Pear,produce,80,0\nPlum,produce,80,0", C::NotCsv,
            "2");
        row("a cell of 30 MB", head + "\n\"Pear" + QByteArray("x\n").repeated(15'000'000),
            C::NotCsv, "2");
        row("a line of 30 MB", head + "\nPear" + QByteArray(30'000'000, 'x'), C::TooManyRows, "2");
        row("quote inside", head + "\nPe\"ar,produce,80,0", C::NotCsv, "2");
        row("empty", "", C::Missing, "name");
        row("only spaces", " \n \n", C::Missing, "name");
        row("unknown column", "name,kind,colour", C::UnknownColumn, "1");
        row("no kind", "name,water %\nPear,80", C::Missing, "kind");
        row("a column twice", "name,kind,kind\nPear,produce,milk", C::Twice, "1");
        row("too many cells", "name,kind" + QByteArray(600, ','), C::TooManyRows, "1");
        row("too many rows", head + "\n" + QByteArray("a,salt,1,1\n").repeated(20001),
            C::TooManyRows, "20001");
    }
    void broken()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(int, code);
        QFETCH(QString, place);
        const auto read = materialsFromCsv(bytes, {});
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QCOMPARE(int(fault->code), code);
        QCOMPARE(fault->place, place);
    }

    void rows_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<int>("code"); // -1: good; -2: the material's own fault
        QTest::addColumn<QString>("place");
        const auto row = [](const char* name, const QByteArray& line, int code,
                            const char* place = "") {
            QTest::newRow(name) << table(head, line) << code << QString::fromLatin1(place);
        };
        row("good", "Pear,produce,84.5,0.3", -1);
        row("empty figures", "Chalk,solid,,", -1);
        row("no name", ",produce,84,0.3", int(C::Missing), "name");
        row("no such kind", "Pear,fish,84,0.3", int(C::UnknownWord), "kind");
        row("text for a number", "Pear,produce,much,0.3", int(C::WrongType), "water %");
        row("NaN", "Pear,produce,nan,0.3", int(C::WrongType), "water %");
        row("infinity", "Pear,produce,inf,0.3", int(C::WrongType), "water %");
        row("10^308", "Pear,produce,1e308,0.3", int(C::OutOfRange), "water %");
        row("10^400", "Pear,produce,1e400,0.3", int(C::WrongType), "water %");
        row("negative", "Pear,produce,-3,0.3", int(C::OutOfRange), "water %");
        row("above 100", "Pear,produce,120,0.3", int(C::OutOfRange), "water %");
        row("thousands or decimal?", "Pear,produce,\"8,450\",0.3", int(C::WrongType), "water %");
        row("two marks", "Pear,produce,\"1,000.5\",0.3", int(C::WrongType), "water %");
        row("a decimal comma in quotes", "Pear,produce,\"84,5\",0.3", -1);
        row("more than the whole", "Pear,produce,90,20", -2);
        row("too few cells", "Pear,produce", int(C::CellCount), "2");
        row("name without end", QByteArray(300, 'a') + ",produce,80,0", int(C::OutOfRange), "name");
        QTest::newRow("fat without SV")
            << table("name,kind,fat %", "Oil,fat,100") << -2 << QString();
        QTest::newRow("low above typical")
            << table("name,kind,water %,water % low", "Pear,produce,80,90") << int(C::OutOfRange)
            << QStringLiteral("water %");
        QTest::newRow("decimal commas")
            << QByteArray("name;kind;water %;sv\nPear;produce;84,5;") << -1 << QString();
        QTest::newRow("ids twice") << QByteArray("id,name,kind\na,A,salt\nown-a,B,salt")
                                   << int(C::Twice) << QStringLiteral("id");
    }
    void rows()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(int, code);
        QFETCH(QString, place);
        const QList<ImportedRow> rows = rowsOf(bytes);
        QVERIFY(!rows.isEmpty());
        const ImportedRow& row = rows.last();
        QCOMPARE(row.material.has_value(), code == -1);
        QCOMPARE(row.materialFault.has_value(), code == -2);
        if (code >= 0) {
            QVERIFY(row.fault);
            QCOMPARE(int(row.fault->code), code);
            QCOMPARE(row.fault->place, place);
        }
        // Each row stands for itself: a good one before it is not lost.
        if (rows.size() > 1)
            QVERIFY(rows.first().material);
    }

    void figuresArrive()
    {
        const auto rows =
            rowsOf("id,name,kind,note,also_called,source,fat %,sv,sv low,sv high,melting\n"
                   "x1,Badger fat,fat,Soft,brock|grease,My book,100,198,193,202,-4\n");
        QCOMPARE(rows.size(), 1);
        const Material& m = *rows[0].material;
        QCOMPARE(m.id, std::string("own-x1")); // never the place of a catalogue material
        QCOMPARE(m.sv->range.low(), 193.0);
        QCOMPARE(m.melting->range.typical(), -4.0);
        QCOMPARE(m.alsoCalled.size(), std::size_t(2));
        QCOMPARE(m.findSource(m.sv->source)->text, std::string("My book"));
        QCOMPARE(rows[0].line, 2);
    }

    void formulasAreDefused_data()
    {
        QTest::addColumn<QString>("cell");
        QTest::addColumn<bool>("guarded");
        for (const char* cell :
             {"=1+1", "+cmd|' /C calc'!A0", "-2+3", "@SUM(A1)", "\tx", "'quoted"})
            QTest::newRow(cell) << QString::fromLatin1(cell) << true;
        for (const char* cell : {"-4", "+5.2", "-0,5", "plain", "", "a=b"})
            QTest::newRow(cell) << QString::fromLatin1(cell) << false;
    }
    void formulasAreDefused()
    {
        QFETCH(QString, cell);
        QFETCH(bool, guarded);
        const QByteArray row = csvRow({cell, QStringLiteral("b")});
        const auto back = readCsv(row);
        const QString got = std::get<CsvText>(back).rows.first().cells.first();
        QCOMPARE(got != cell, guarded);
        QVERIFY(!guarded || got.startsWith(QLatin1Char('\'')));
        QCOMPARE(guarded ? got.mid(1) : got, cell);
        if (cell != QStringLiteral("'quoted"))
            QCOMPARE(withoutGuard(got), cell);
    }

    void thereAndBack_data()
    {
        QTest::addColumn<char>("mark");
        QTest::newRow("point") << '.';
        QTest::newRow("comma") << ',';
    }
    // Every catalogue material, written out and brought in again, has the same figures.
    void thereAndBack()
    {
        QFETCH(char, mark);
        const auto& all = Catalogue::shipped().materials();
        const auto rows = rowsOf(materialsToCsv(all, mark));
        QCOMPARE(std::size_t(rows.size()), all.size());
        for (std::size_t i = 0; i < all.size(); ++i) {
            const ImportedRow& row = rows[qsizetype(i)];
            QVERIFY2(row.material, all[i]->id.c_str());
            QCOMPARE(row.material->name, all[i]->name);
            for (const FigureKind& kind : figureKinds()) {
                const Figure* was = findFigure(*all[i], kind.code);
                const Figure* is = findFigure(*row.material, kind.code);
                QVERIFY2(!was == !is, (all[i]->id + ' ' + kind.code).c_str());
                if (was)
                    QVERIFY(std::abs(was->range.typical() - is->range.typical()) < 1e-9 &&
                            std::abs(was->range.low() - is->range.low()) < 1e-9);
            }
        }
    }

    void jsonFiles()
    {
        const auto& all = Catalogue::shipped().materials();
        const QByteArray bytes = materialsToJson({all[0], all[1]});
        const auto good = rowsFromJson(bytes);
        QCOMPARE(std::get<QList<ImportedRow>>(good).size(), 2);
        QVERIFY(std::get<QList<ImportedRow>>(good)[0].material->id.starts_with("own-"));
        for (const QByteArray& bad :
             {bytes.left(bytes.size() / 2), QByteArray(bytes).replace("\"fat\"", "\"fish\""),
              QByteArray("{}"), QByteArray("[1,2]"),
              QByteArray("{\"format\":\"rhexion-formula\"}")})
            QVERIFY(std::holds_alternative<FileFault>(rowsFromJson(bad)));
    }

    void hugeFilesAreNotRead()
    {
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("huge.csv")));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.resize(200LL * 1024 * 1024));
        QByteArray bytes;
        const auto fault = readBytes(file.fileName(), catalogueFileMegabytes, bytes);
        QVERIFY(fault && fault->code == C::TooLarge);
    }
};

QTEST_GUILESS_MAIN(TestCsv)
#include "tst_csv.moc"
