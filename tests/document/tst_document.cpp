// The open formula: every edit can be undone, views hear once, saving keeps and breaking changes
// nothing.
#include <QTest>

#include "document/formula_document.h"
#include "storage/catalogue.h"
#include "support/files.h"

#include <QSignalSpy>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

MaterialPtr find(const char* id)
{
    return Catalogue::shipped().find(id);
}

} // namespace

class TestDocument : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void startsWithWaterAsTheRest()
    {
        FormulaDocument d;
        QVERIFY(d.formula().makeUp());
        QVERIFY(d.refusal());
        QCOMPARE(int(d.refusal()->code), int(RefusalCode::NoOils));
        QVERIFY(!d.isDirty());
    }

    void everyEditReckonsAndUndoes()
    {
        FormulaDocument d;
        const Formula empty = d.formula();
        QSignalSpy changed(&d, &FormulaDocument::changed);
        d.addLine({0, find("olive-oil"), Vessel::OilPot, {500, AmountUnit::Gram}, false}, "add");
        QCOMPARE(changed.count(), 1);
        QVERIFY(d.reckoning());
        const double lye = d.reckoning()->sodium.weighedGrams;
        d.setAmount(2, {250, AmountUnit::Gram}, "halve");
        QVERIFY(std::abs(d.reckoning()->sodium.weighedGrams - lye / 2) < 1e-9);
        d.apply(MoveLine{2, Vessel::Top, 0}, "move");
        d.apply(RemoveLine{2}, "remove");
        QVERIFY(d.refusal());
        QCOMPARE(changed.count(), 4);
        while (d.history().canUndo())
            d.history().undo();
        QVERIFY(d.formula() == empty);
        QVERIFY(!d.isDirty());
        while (d.history().canRedo())
            d.history().redo();
        QCOMPARE(int(d.formula().lines.size()), 1);
    }

    void editsThatChangeNothingLeaveNoStep()
    {
        FormulaDocument d;
        d.apply(SetText{TextField::Name, ""}, "same");
        d.apply(RemoveLine{77}, "not there");
        d.apply(SetAmount{1, {0, AmountUnit::Rest}}, "same");
        d.apply(std::vector<Edit>{}, "none");
        QCOMPARE(d.history().count(), 0);
    }

    void typingANameIsOneStep()
    {
        FormulaDocument d;
        for (const char* name : {"Q", "Qu", "Qui", "Quince"})
            d.apply(SetText{TextField::Name, name}, "name");
        QCOMPARE(d.history().count(), 1);
        LyeSettings lye = d.formula().lye;
        for (const double s : {0.06, 0.07}) {
            lye.superfat = s;
            d.apply(SetLye{SettingField::Superfat, lye}, "superfat");
        }
        QCOMPARE(d.history().count(), 3); // each superfat can be gone back to
        d.history().undo();
        QCOMPARE(d.formula().lye.superfat, 0.06);
    }

    void theRestIsHandedOn()
    {
        FormulaDocument d;
        d.addLine({0, find("olive-oil"), Vessel::OilPot, {500, AmountUnit::Gram}, false}, "oil");
        d.addLine({0, find("buttermilk"), Vessel::LyeJug, {0, AmountUnit::Rest}, true}, "milk");
        QCOMPARE(d.formula().makeUp()->material->id, std::string("buttermilk"));
        QCOMPARE(int(d.formula().lines.size()), 2); // the water gave way
        const LineId juice = d.addLine(
            {0, find("apple-juice"), Vessel::Trace, {30, AmountUnit::Gram}, false}, "juice");
        d.setAmount(juice, {0, AmountUnit::Rest}, "juice takes the rest");
        QCOMPARE(d.formula().makeUp()->id, juice);
        const Line* milk = d.formula().find(3);
        QVERIFY(milk && statedMass(milk->amount)); // and the milk kept its grams
        d.history().undo();
        QCOMPARE(d.formula().makeUp()->id, LineId(3));
    }

    void weighedLyeTurnsTheSumRound()
    {
        FormulaDocument d;
        d.addLine({0, find("olive-oil"), Vessel::OilPot, {500, AmountUnit::Gram}, false}, "oil");
        const double lye = d.reckoning()->sodium.weighedGrams;
        d.setHydroxide(d.formula().lye.sodium, Mass::grams(lye * 0.95), "weigh");
        QCOMPARE(d.reckoning()->sodium.weighedGrams, lye * 0.95);
        QVERIFY(std::abs(d.reckoning()->superfatOnOils.value() - (1 - 0.95 * 0.95)) < 1e-9);
    }

    void savesAndOpens()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.rhexion"));
        FormulaDocument d;
        d.addLine({0, find("olive-oil"), Vessel::OilPot, {500, AmountUnit::Gram}, false}, "oil");
        QVERIFY(d.isDirty());
        QVERIFY(!d.save(path));
        QVERIFY(!d.isDirty());
        d.history().undo();
        QVERIFY(d.isDirty()); // undone past the save: the file is ahead
        FormulaDocument other;
        QVERIFY(!other.open(path));
        QCOMPARE(other.reckoning()->sodium.weighedGrams > 0, true);
        QCOMPARE(other.path(), path);

        const QByteArray whole = bytesOf(path);
        QVERIFY(put(path, whole.left(whole.size() / 2)));
        const Formula before = other.formula();
        QVERIFY(other.open(path));                             // a fault
        QVERIFY(other.formula() == before);                    // and nothing changed
        QCOMPARE(bytesOf(path), whole.left(whole.size() / 2)); // the broken file is left as it is
        QVERIFY(d.save(dir.filePath(QStringLiteral("none/a.rhexion"))));
        QVERIFY(d.isDirty());
    }
};

QTEST_GUILESS_MAIN(TestDocument)
#include "tst_document.moc"
