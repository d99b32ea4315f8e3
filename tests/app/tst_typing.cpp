// Lines as makers write them: none is refused without a way on, none is misread.
#include <QTest>

#include "app/widgets/suggestion_list.h"
#include "app/widgets/typing_line.h"
#include "storage/csv.h"
#include "support/window.h"
#include "words/search_words.h"

#include <QFile>
#include <QLineEdit>
#include <QSignalSpy>
#include <QUndoStack>

using namespace rhexion;
using namespace rhexion::test;

class TestTyping : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void init() { shop_ = std::make_unique<Shop>(); }
    void cleanup() { shop_.reset(); }

    // material: an id; with "=" before it: the first of those the word is asked about; "?": taken
    // as what its last word says; "??": to be chosen; "ask": the number is asked about. grams: what
    // one line weighs, typical.
    void everydayLines()
    {
        QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/everyday_lines.csv"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto read = readCsv(file.readAll());
        const auto& rows = std::get<CsvText>(read).rows;
        QVERIFY(rows.size() > 150);
        QLineEdit* field = line().field();
        QStringList wrong;
        for (qsizetype i = 1; i < rows.size(); ++i) {
            const QString text = rows[i].cells.value(0);
            QString material = rows[i].cells.value(1);
            const double grams = rows[i].cells.value(2).toDouble();
            const std::size_t before = document().formula().lines.size();
            field->setFocus();
            field->setText(text);
            const bool which = material.startsWith(QLatin1Char('='));
            if (which) {
                material.remove(0, 1);
                QTest::keyClick(field, Qt::Key_Return);
                if (document().formula().lines.size() != before)
                    wrong << text + QStringLiteral(": taken without a question");
            }
            if (which || material == QLatin1String("??"))
                QTest::keyClick(field, Qt::Key_Down);
            const QString understood = line().understanding();
            QTest::keyClick(field, Qt::Key_Return);
            const auto& lines = document().formula().lines;
            if (material == QLatin1String("ask")) {
                if (lines.size() != before || !understood.contains(QLatin1String("what of")))
                    wrong << text + QStringLiteral(": not asked");
                continue;
            }
            if (lines.size() != before + 1) {
                wrong << text + QStringLiteral(": ") + understood;
                continue;
            }
            const Line& added = lines.back();
            const auto mass = massOf(added.amount, *added.material);
            const auto stated = mass ? mass : statedMass(added.amount);
            if (!material.startsWith(QLatin1Char('?')) &&
                added.material->id != material.toStdString())
                wrong << QStringLiteral("%1: %2").arg(text,
                                                      QString::fromStdString(added.material->name));
            else if (!stated || std::abs(stated->inGrams() - grams) > 0.006 * grams)
                wrong
                    << QStringLiteral("%1: %2 g").arg(text).arg(stated ? stated->inGrams() : -1.0);
        }
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QLatin1Char('\n'))));
    }

    // A handful is nobody's measure: it is taken, and said to be wide.
    void byTheHandIsSaid()
    {
        QLineEdit* field = line().field();
        field->setFocus();
        field->setText(QStringLiteral("a handful of oat flour"));
        QVERIFY2(line().understanding().contains("half or twice that"),
                 qPrintable(line().understanding()));
        field->setText(QStringLiteral("1/4 cup oat flour"));
        QVERIFY(!line().understanding().contains("half or twice that"));
    }

    // The list under the line: what matches with what it brings, and a last row for none of them.
    void theListSaysWhatItCouldBe()
    {
        QLineEdit* field = line().field();
        field->setFocus();
        field->setText(QStringLiteral("20 g oat"));
        const SuggestionList& list = line().suggestions();
        QCOMPARE(list.count(), 9);
        QVERIFY2(list.textOf(0).contains("% water"), qPrintable(list.textOf(0)));
        QVERIFY(list.textOf(0).contains("shelf") && list.textOf(0).contains("at trace"));
        QVERIFY(list.textOf(8).startsWith("None of these"));
        field->setText(QStringLiteral("20 g oat on top"));
        QVERIFY(list.textOf(0).contains("on top"));
        // As the line itself will have it: what is for one portion joins the divided batter.
        line().setPortions({{7, QStringLiteral("Blue")}});
        field->setText(QStringLiteral("20 g oat flour for Blue"));
        QVERIFY(line().understanding().contains("at trace"));
        QVERIFY2(list.textOf(0).contains("at trace"), qPrintable(list.textOf(0)));
        field->setText(QStringLiteral("20 g olive oil"));
        QTest::keyClick(field, Qt::Key_Escape);
        QCOMPARE(list.count(), 0);
        field->setText(QStringLiteral("20 g oat"));
        shop_->window->setFocus();
        QCOMPARE(list.count(), 0); // it goes with the focus
    }

    // Ctrl+Z takes back the last thing done, with the cursor still in the line; a text that is
    // being typed keeps its own.
    void undoWhereverTheCursorStands()
    {
        QLineEdit* field = line().field();
        field->setFocus();
        const std::size_t before = document().formula().lines.size();
        QTest::keyClicks(field, QStringLiteral("20 g olive oil"));
        QTest::keyClick(field, Qt::Key_Return);
        QCOMPARE(document().formula().lines.size(), before + 1);
        QTest::keyClicks(field, QStringLiteral("30 g la"));
        QTest::keyClick(field, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(document().formula().lines.size(), before + 1);
        QVERIFY(field->text() != QStringLiteral("30 g la"));
        field->setText({});
        QTest::keyClick(field, Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(document().formula().lines.size(), before);
        QTest::keyClick(field, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(document().formula().lines.size(), before + 1);
    }

    // What needs a figure is asked for it, in the same line; Escape goes back; one undo takes it
    // out.
    void anUnknownWordIsNoWall()
    {
        QLineEdit* field = line().field();
        const QString name = field->accessibleName();
        field->setFocus();
        field->setText(QStringLiteral("100 g quillet brew in the jug"));
        QVERIFY(line().understanding().contains("is not on the shelf"));
        for (int i = 0; i < 4; ++i) // scent, colour, dry solid, watery
            QTest::keyClick(field, Qt::Key_Down);
        QTest::keyClick(field, Qt::Key_Return);
        QVERIFY2(line().understanding().contains("per cent"), qPrintable(line().understanding()));
        QTest::keyClick(field, Qt::Key_Escape);
        QCOMPARE(field->text(), QStringLiteral("100 g quillet brew in the jug"));
        QCOMPARE(field->accessibleName(), name);
        for (int i = 0; i < 4; ++i)
            QTest::keyClick(field, Qt::Key_Down);
        QTest::keyClick(field, Qt::Key_Return);
        QTest::keyClicks(field, QStringLiteral("950"));
        QTest::keyClick(field, Qt::Key_Return);
        QVERIFY(line().understanding().contains("up to 100"));
        field->setText(QStringLiteral("95"));
        const std::size_t before = document().formula().lines.size();
        QTest::keyClick(field, Qt::Key_Return);
        QCOMPARE(document().formula().lines.size(), before + 1);
        const Line added = document().formula().lines.back();
        QCOMPARE(added.material->part(Part::Water).range.typical(), 0.95);
        QCOMPARE(int(added.vessel), int(Vessel::LyeJug));
        QVERIFY(added.material->acidityUnknown());
        document().history().undo();
        QCOMPARE(document().formula().lines.size(), before);
        // It is on the shelf now, found like any other.
        field->setText(QStringLiteral("20 g quillet brew"));
        QVERIFY(line().understanding().contains("Quillet brew"));
    }

private:
    TypingLine& line() { return *shop_->window->bench().typing(); }
    FormulaDocument& document() { return shop_->document(); }
    std::unique_ptr<Shop> shop_;
};

QTEST_MAIN(TestTyping)
#include "tst_typing.moc"
