// Scales and thermometers: reports, lines, taught lines, steadiness; and whatever a wire may bring.
#include <QTest>

#include "devices/device_reader.h"
#include "devices/hid_weight.h"
#include "standin/pouring_person.h"

#include <cmath>

using namespace rhexion::devices;

namespace {

std::vector<unsigned char> bytesOf(const char* hex)
{
    const QByteArray raw = QByteArray::fromHex(hex);
    return {raw.begin(), raw.end()};
}

} // namespace

class TestDecode : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // Recorded forms of report 3 as the usage tables lay it out: status, unit, exponent, weight.
    void hidReports_data()
    {
        QTest::addColumn<QByteArray>("hex");
        QTest::addColumn<double>("grams"); // below -1e6: no reading, or none that weighs
        QTest::addColumn<int>("status");
        QTest::addColumn<bool>("stable");
        constexpr double none = -1e9;
        const auto row = [](const char* name, const char* hex, double grams, DeviceStatus status,
                            bool stable) {
            QTest::newRow(name) << QByteArray(hex) << grams << int(status) << stable;
        };
        row("123 g", "030402007b00", 123.0, DeviceStatus::Ok, true);
        row("12.3 oz", "03040bff7b00", 12.3 * 28.349523125, DeviceStatus::Ok, true);
        row("moving", "030302ff3930", 1234.5, DeviceStatus::Motion, false);
        row("zero", "030202000000", 0.0, DeviceStatus::Zero, true);
        row("under zero", "030502000a00", -10.0, DeviceStatus::Underload, false);
        row("over", "03060200ffff", 65535.0, DeviceStatus::Overload, false);
        row("wants to be set to zero", "030802007b00", 123.0, DeviceStatus::Fault, false);
        row("1.234 kg", "030403fdd204", 1234.0, DeviceStatus::Ok, true);
        row("2.5 lb", "03040cff1900", 2.5 * 453.59237, DeviceStatus::Ok, true);
        row("carats", "030404007b00", none, DeviceStatus::Ok, true);
        row("another report", "040402007b00", none, DeviceStatus::Fault, false);
        row("cut short", "0304027b", none, DeviceStatus::Fault, false);
        row("nothing", "", none, DeviceStatus::Fault, false);
        row("an exponent of 127", "0304027f7b00", none, DeviceStatus::Fault, false);
    }
    void hidReports()
    {
        QFETCH(QByteArray, hex);
        QFETCH(double, grams);
        QFETCH(int, status);
        QFETCH(bool, stable);
        const auto report = bytesOf(hex.constData());
        const auto reading = readHidReport(report, 5);
        const auto got = reading ? gramsOf(*reading) : std::nullopt;
        if (grams < -1e6) {
            QVERIFY(!got);
            return;
        }
        QVERIFY(got);
        QVERIFY(std::abs(*got - grams) < 1e-9 * std::max(1.0, grams));
        QCOMPARE(int(reading->status), status);
        QCOMPARE(reading->stable, stable);
        QCOMPARE(reading->at, std::int64_t(5));
    }

    void lines_data()
    {
        QTest::addColumn<QByteArray>("line");
        QTest::addColumn<bool>("read");
        QTest::addColumn<double>("value");
        QTest::addColumn<int>("probe");
        const auto row = [](const char* line, bool read, double value = 0.0, int probe = 0) {
            QTest::newRow(line) << QByteArray(line) << read << value << probe;
        };
        row("W +0123.4 g S", true, 123.4);
        row("W -3,5 g M", true, -3.5);
        row("W 1.25 kg S", true, 1.25);
        row("T1 +038.2 C", true, 38.2, 1);
        row("T8 -4 F", true, -4, 8);
        row("T9 20 C", false);
        row("W 123.4 g", false); // nothing says whether it is still
        row("W 123.4 S", false); // a number without a unit
        row("W 123.4 stone S", false);
        row("W 123.4 C S", false);
        row("T1 20 g", false);
        row("W 12.3.4 g S", false);
        row("W 1234567890123 g S", false);
        row("W nan g S", false);
        row("W 1e5 g S", false);
        row("w 1 g S", false);
        row("W 1 g S more", false);
        row("", false);
        row("W +0.0 g Z*4F", true, 0.0);
        row("W +0.0 g Z*4f", true, 0.0);
        row("W +0.1 g Z*4F", false); // its check says that a letter was lost
        row("W +0.0 g Z*", false);
    }
    void lines()
    {
        QFETCH(QByteArray, line);
        QFETCH(bool, read);
        QFETCH(double, value);
        QFETCH(int, probe);
        const auto reading = readLine({line.constData(), std::size_t(line.size())}, 0);
        QCOMPARE(reading.has_value(), read);
        if (!read)
            return;
        QCOMPARE(reading->value, value);
        QCOMPARE(reading->probe, probe);
        // What is written reads back the same.
        const auto again = readLine(writeLine(*reading), 0);
        QVERIFY(again && again->value == reading->value && again->unit == reading->unit &&
                again->status == reading->status && again->probe == reading->probe);
    }

    void halfLinesAndFloods()
    {
        DeviceReader reader;
        reader.takeBytes("23.4 g S\r\n", 0); // listening began in the middle of it
        reader.takeBytes("W +0050.", 10);
        QCOMPARE(reader.now(20).good, std::uint64_t(0));
        reader.takeBytes("0 g S\r\n", 30);
        QCOMPARE(reader.now(40).good, std::uint64_t(1));
        QCOMPARE(reader.now(40).weight.grams, 50.0);
        reader.takeBytes(std::string(100000, 'x'), 50);
        reader.takeBytes("\nW +0051.0 g S\n", 60);
        QCOMPARE(reader.now(70).weight.grams, 51.0);
        // A half line before it was unplugged is not the beginning of one after.
        reader.takeBytes("W +00", 80);
        reader.forget();
        reader.takeBytes("99.0 g S\nW +0012.0 g S\n", 90);
        QCOMPARE(reader.now(100).weight.grams, 12.0);
        QVERIFY(reader.now(100).lastLine.size() <= longestLine);
    }

    // A weight that is not stable, in no known unit or not of this second is never taken.
    void steadiness_data()
    {
        QTest::addColumn<QByteArray>("lines"); // 100 ms apart
        QTest::addColumn<int>("later");        // ms after the last
        QTest::addColumn<int>("steady");
        const auto row = [](const char* name, const QByteArray& lines, int later, Steady steady) {
            QTest::newRow(name) << lines << later << int(steady);
        };
        const QByteArray still = QByteArray("W 100.0 g S\n").repeated(10);
        row("still", still, 0, Steady::Yes);
        row("a step to and fro", QByteArray("W 100.0 g S\nW 100.1 g S\n").repeated(5), 0,
            Steady::Yes);
        row("two steps", QByteArray("W 100.0 g S\nW 100.2 g S\n").repeated(5), 0, Steady::Moving);
        row("too short", QByteArray("W 100.0 g S\n").repeated(3), 0, Steady::Moving);
        row("the device says moving", still + "W 100.0 g M\n", 0, Steady::Moving);
        row("old", still, 1001, Steady::NoReading);
        row("still of this second", still, 1000, Steady::Yes);
        row("never", "", 0, Steady::NoReading);
        row("over", still + "W 9999.0 g O\n", 0, Steady::OutOfRange);
        row("another unit in the middle", still + "W 3.527 oz S\n", 0, Steady::Moving);
        row("drifts slowly",
            "W 100.0 g S\nW 100.1 g S\nW 100.2 g S\nW 100.3 g S\nW 100.4 g S\n"
            "W 100.5 g S\nW 100.6 g S\nW 100.7 g S\nW 100.8 g S\n",
            0, Steady::Moving);
    }
    void steadiness()
    {
        QFETCH(QByteArray, lines);
        QFETCH(int, later);
        QFETCH(int, steady);
        DeviceReader reader;
        reader.takeBytes("\n", 0);
        std::int64_t at = 1000;
        for (const QByteArray& line : lines.split('\n'))
            if (!line.isEmpty()) {
                at += 100;
                reader.takeBytes(line.toStdString() + "\n", at);
            }
        QCOMPARE(int(reader.now(at + later).weight.steady), steady);
    }

    void taught_data()
    {
        QTest::addColumn<QStringList>("examples");
        QTest::addColumn<QString>("number");
        QTest::addColumn<QString>("unit");
        QTest::addColumn<QString>("stable");
        QTest::addColumn<int>("fault"); // -1: learnt
        QTest::addColumn<QString>("then");
        QTest::addColumn<double>("grams"); // below -1e6: not read
        QTest::addColumn<bool>("isStable");
        const auto row = [](const char* name, QStringList examples, const char* number,
                            const char* unit, const char* stable, int fault, const char* then,
                            double grams, bool isStable) {
            QTest::newRow(name) << examples << number << unit << stable << fault << then << grams
                                << isStable;
        };
        constexpr double none = -1e9;
        const QStringList net{"ST,GS,+  120.5 g", "ST,GS,+    3.0 g", "US,GS,+   88.1 g"};
        row("gross and net", net, "120.5", "g", "ST", -1, "ST,GS,-   12.5 g", -12.5, true);
        row("its word for moving", net, "120.5", "g", "ST", -1, "US,GS,+   12.5 g", 12.5, false);
        row("another kind of line", net, "120.5", "g", "ST", -1, "ST,NT,+   12.5 g", none, false);
        row("a unit it did not have", net, "120.5", "g", "ST", -1, "ST,GS,+  0.125 kg", 125.0,
            true);
        row("no unit any more", net, "120.5", "g", "ST", -1, "ST,GS,+  12.5", none, false);
        const QStringList bare{"   120.5", "     3.0", "    88.1"};
        row("always grams", bare, "120.5", "=g", "", -1, "  -7.25", -7.25, true);
        row("always what nobody knows", bare, "120.5", "=x", "", int(LessonFault::NoUnit), "", none,
            false);
        row("the word is left out when it moves", {"120.5 g ?", "3.0 g ?", "88.1 g ?"}, "120.5",
            "g", "?", -1, "50.0 g", 50.0, false);
        row("one line", {"120.5 g"}, "120.5", "g", "", int(LessonFault::TooFewExamples), "", none,
            false);
        row("half a number", net, "20.5", "g", "ST", int(LessonFault::MarkCutsAWord), "", none,
            false);
        row("no number", net, "GS", "g", "ST", int(LessonFault::NoNumber), "", none, false);
        row("of two kinds", {"120.5 g", "W 3.0 g S"}, "120.5", "g", "",
            int(LessonFault::DifferentShape), "", none, false);
    }
    void taught()
    {
        QFETCH(QStringList, examples);
        QFETCH(QString, number);
        QFETCH(QString, unit);
        QFETCH(QString, stable);
        QFETCH(int, fault);
        QFETCH(QString, then);
        QFETCH(double, grams);
        QFETCH(bool, isStable);
        Lesson lesson;
        for (const QString& example : examples)
            lesson.examples.push_back(example.toStdString());
        const auto mark = [&](const QString& text) {
            const auto at = lesson.examples.front().find(text.toStdString());
            return text.isEmpty() || at == std::string::npos
                       ? Marked{}
                       : Marked{at, at + std::size_t(text.size())};
        };
        lesson.number = mark(number);
        lesson.stable = mark(stable);
        if (unit.startsWith(QLatin1Char('=')))
            lesson.unitAlways = unitFromWord(unit.mid(1).toStdString());
        else
            lesson.unit = mark(unit);
        const auto learnt = learn(lesson);
        if (fault >= 0) {
            QCOMPARE(int(std::get<LessonFault>(learnt)), fault);
            return;
        }
        const auto& pattern = std::get<TaughtLines>(learnt);
        // Kept as text and read again it is the same.
        QVERIFY(fromText(toText(pattern)) == pattern);
        const auto reading = readTaught(pattern, then.toStdString(), 0);
        QCOMPARE(reading.has_value(), grams > -1e6);
        if (reading) {
            QVERIFY(std::abs(*gramsOf(*reading) - grams) < 1e-9);
            QCOMPARE(reading->stable, isStable);
        }
    }

    void probes()
    {
        DeviceReader reader;
        reader.takeBytes("\nT1 +041.5 C\nT2 +104.0 F\nT3 +900.0 C\n", 0);
        const Live now = reader.now(5000);
        QCOMPARE(*now.celsius[0], 41.5);
        QCOMPARE(*now.celsius[1], 40.0);
        QVERIFY(!now.celsius[2]); // no jug is so hot: a broken wire
        QVERIFY(!reader.now(5001).celsius[0]);
        QCOMPARE(int(now.weight.steady), int(Steady::NoReading));
    }

    // The person at the stand-in scale comes to rest where she was sent, a little past it.
    void pouring()
    {
        rhexion::standin::PouringPerson person(3);
        person.put(50.0);
        person.pour(200.0, 0.01);
        double seconds = 0.0;
        while ((person.pouring() || !person.still()) && seconds < 120.0) {
            person.pass(0.1);
            seconds += 0.1;
        }
        QVERIFY(seconds > 2.0 && seconds < 60.0);
        QCOMPARE(person.shows(), 50.0 + 200.0 * 1.01);
        person.bump();
        person.pass(0.05);
        QVERIFY(std::abs(person.shows() - 252.0) > 0.5 && !person.still());
    }
};

QTEST_GUILESS_MAIN(TestDecode)
#include "tst_decode.moc"
