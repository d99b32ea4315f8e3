// The weeks after a batch, as a maker lives them: written down by date, ready by rule and weights,
// tested, compared, labelled, found again, remembered on the bench, drawn from the shelf.
#include "app/backup_actions.h"
#include "app/journal/after_form.h"
#include "app/journal/bars_chapter.h"
#include "app/journal/batch_view.h"
#include "app/journal/calendar_view.h"
#include "app/journal/cure_chapter.h"
#include "app/journal/day_chapter.h"
#include "app/journal/photo_strip.h"
#include "app/journal/terms_window.h"
#include "app/journal/test_chapter.h"
#include "app/journal/together_view.h"
#include "app/notices.h"
#include "app/shelf/shelf_page.h"
#include "app/shelf/stock_window.h"
#include "app/widgets/number_field.h"
#include "models/batches_model.h"
#include "storage/event_json.h"
#include "support/window.h"

#include <QComboBox>
#include <QDateEdit>
#include <QDir>
#include <QImage>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTableView>
#include <QTableWidget>

using namespace rhexion;
using namespace rhexion::test;

class TestWeeksAfter : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    Journal& journal() { return *shop_->window->journal(); }
    JournalPage& page() { return shop_->window->journalPage(); }
    BatchView& view() { return page().view(); }
    AfterForm& form() { return view().form(); }

    // A finished batch of a demo formula, begun so many days before now.
    QString made(int demoName, int daysAgo, double superfat = 0.06)
    {
        return made(demo(demoNames[demoName]), daysAgo, superfat);
    }
    QString made(const Formula& f, int daysAgo, double superfat)
    {
        const Reckoning r = std::get<Reckoning>(reckon(f));
        const DayPlan plan = planDay(f, r);
        const std::string id = newId();
        const QDateTime begun = shop_->now.addDays(-daysAgo);
        QList<Event> all{eventAt(begun, id, journal().bench(), BatchBegun{f, r.amounts, plan})};
        for (const DayStep& step : plan.steps) {
            if (step.weighs())
                all << eventAt(begun, id, journal().bench(),
                               WeighedNow{{step.target, step.plannedGrams}, step.plannedGrams});
            all << eventAt(begun.addSecs(3600), id, journal().bench(), StepDone{keyOf(step)});
        }
        all << eventAt(begun.addSecs(7200), id, journal().bench(),
                       BatchFinished{superfat, r.pure.strength, r.batterGrams});
        if (journal().append(all))
            qFatal("the journal takes no batch");
        return QString::fromStdString(id);
    }
    void write(AfterForm::Kind kind, int which, int daysAgo, std::optional<double> figure = {},
               std::optional<double> count = {}, const char* words = "")
    {
        form().kind()->setCurrentIndex(kind);
        if (which >= 0)
            form().which()->setCurrentIndex(which);
        form().day()->setDate(shop_->now.toLocalTime().date().addDays(-daysAgo));
        form().figure()->setValue(figure);
        form().count()->setValue(count);
        form().words()->setText(QString::fromUtf8(words));
        form().keep()->click();
    }
    void show(const QString& batch)
    {
        shop_->window->goTo(MainWindow::JournalPlace);
        page().reload(batch);
    }

private Q_SLOTS:
    void init() { shop_ = std::make_unique<Shop>(); }

    void writtenDownByDate()
    {
        show(made(0, 40));
        write(AfterForm::SeenKind, int(Seen::Crack), 39);
        write(AfterForm::CareKind, int(Care::Cut), 38, {}, 9.0);
        write(AfterForm::QualityKind, int(Quality::Lather), 1, 4.0);
        write(AfterForm::StripKind, -1, 1, 11.5);
        write(AfterForm::VerdictKind, int(Verdict::WithChange), 0, {}, {}, "thinner next time");
        write(AfterForm::NextKind, -1, 0, {}, {}, "less scent");
        const auto& after = view().batch()->after;
        QCOMPARE(after.size(), std::size_t(6));
        QVERIFY(std::holds_alternative<OutcomeSeen>(after[0].what)); // by their days
        QCOMPARE(std::get<CareDone>(after[1].what).bars, 9);
        const QString text = page().pageText();
        for (const char* said : {"Cracked", "Cut, 9 bar", "lather: 4 of 5", "titrate before use",
                                 "thinner next time", "less scent"})
            QVERIFY2(text.contains(QLatin1String(said), Qt::CaseInsensitive), qPrintable(text));
        // Figures that cannot be are refused, and what was typed stays.
        write(AfterForm::QualityKind, int(Quality::Feel), 0, 9.0);
        QCOMPARE(view().batch()->after.size(), std::size_t(6));
        QVERIFY(shop_->said().contains(QLatin1String("1 to 5")));
        QCOMPARE(form().figure()->value(), 9.0);
        // As after a restart.
        const QString id = QString::fromStdString(view().batch()->id);
        shop_->open();
        show(id);
        QCOMPARE(view().batch()->after.size(), std::size_t(6));
        QVERIFY(view().keep(TakenBack{view().batch()->after.front().event}));
        QVERIFY(!page().pageText().contains(QLatin1String("Cracked")));
    }

    void readyByRuleAndWeights()
    {
        show(made(0, 60));
        write(AfterForm::CareKind, int(Care::Cut), 58, {}, 10.0);
        view().goTo(BatchView::Cure);
        QVERIFY(view().cure().pageText().contains(QLatin1String("no weights say otherwise")));
        // So slow that the weights decide.
        double grams = 116.0;
        for (int day = 58; day >= 2; day -= 7, grams -= 1.1)
            write(AfterForm::WeightKind, -1, day, std::round(grams), 1.0, "bar 1");
        const QString text = view().cure().pageText();
        QVERIFY2(text.contains(QLatin1String("the weights decide")), qPrintable(text));
        QVERIFY(text.contains(QLatin1String("Lye does not evaporate")));
        const Cured cured = curedOf(*view().batch());
        QVERIFY(cured.weightsDecide && cured.settledDay && cured.readyDay > 28.0);
        QCOMPARE(cured.series->weights.size(), std::size_t(9));
    }

    // The day drawn over its hours, with what went otherwise; without readings the steps alone.
    void theDayByTheClock()
    {
        const QString id = made(0, 30);
        show(id);
        view().goTo(BatchView::Day);
        QVERIFY(!view().day().isDrawn());
        QVERIFY(page().pageText().contains(QLatin1String("Lye into the")));
        const auto at = [&](int minutes, Happening what) {
            return eventAt(shop_->now.addDays(-30).addSecs(minutes * 60), id.toStdString(),
                           journal().bench(), std::move(what));
        };
        QVERIFY(!journal().append({at(50, ReadingTaken{ReadingOf::Jug, 41.0}),
                                   at(130, ReadingTaken{ReadingOf::Core, 52.0}),
                                   at(200, ReadingTaken{ReadingOf::Core, 67.0})}));
        show(id);
        view().goTo(BatchView::Day);
        QVERIFY(view().day().isDrawn());
        for (const char* said : {"67", "41", "Weighed"})
            QVERIFY2(page().pageText().contains(QLatin1String(said)), said);
    }

    void noDateInPlaceOfATest()
    {
        show(made(2, 30, -0.02));
        write(AfterForm::SeenKind, int(Seen::LyePocket), 29);
        view().goTo(BatchView::Cure);
        QVERIFY(view().cure().pageText().contains(QLatin1String("Test for lye first")));
        view().goTo(BatchView::Tests);
        TestChapter& tests = view().tests();
        const auto titrate = [&](double ml) {
            tests.how()->setCurrentIndex(0);
            const double figures[] = {ml, 0.0, 0.1, 10.0};
            for (int i = 0; i < 4; ++i) {
                tests.field(i)->setValue(figures[i]);
                Q_EMIT tests.field(i)->entered(figures[i]);
            }
            tests.keep()->click();
        };
        titrate(6.0);
        QVERIFY(tests.pageText().contains(QLatin1String("do not use it")));
        QVERIFY(tests.pageText().contains(QLatin1String("rebatching")));
        QVERIFY(tests.pageText().contains(QLatin1String("Never mend a finished bar with acid")));
        titrate(0.15);
        QVERIFY(tests.pageText().contains(QLatin1String("Within the usual limit of 0.05 %")));
        view().goTo(BatchView::Cure);
        QVERIFY(!view().cure().pageText().contains(QLatin1String("Test for lye first")));
        // A sample of nothing is no test.
        tests.field(3)->setValue(std::nullopt);
        Q_EMIT tests.field(3)->entered(std::nullopt);
        QVERIFY(!tests.keep()->isEnabled());
    }

    void calendarOverAllBatches()
    {
        made(0, 1);
        made(3, 12);
        shop_->window->goTo(MainWindow::JournalPlace);
        page().showCalendar();
        const QString text = page().pageText();
        QVERIFY2(text.contains(QLatin1String("Cut")), qPrintable(text));
        QVERIFY(text.contains(QLatin1String("Lye does not evaporate")));
        const QString file = shop_->dir.filePath(QStringLiteral("soap.ics"));
        QVERIFY(!page().calendar().writeCalendar(file));
        QFile out(file);
        QVERIFY(out.open(QIODevice::ReadOnly));
        const QByteArray ics = out.readAll();
        QVERIFY(ics.startsWith("BEGIN:VCALENDAR\r\n") && ics.contains("BEGIN:VEVENT"));
        QCOMPARE(ics.count("BEGIN:VEVENT"), ics.count("END:VEVENT"));
        // A quiet word for each thing, once, and none when it is off.
        Notices& notices = shop_->window->workshop().notices();
        QStringList told;
        notices.setSend([&](const QString&, const QString& body) { told << body; });
        shop_->now = shop_->now.addDays(1);
        const int first = notices.look();
        QVERIFY(first > 0);
        QCOMPARE(told.size(), 1);
        QCOMPARE(notices.look(), 0);
        notices.pressed(1, QStringLiteral("rhexion-off"));
        QVERIFY(!notices.isOn());
        shop_->now = shop_->now.addDays(30);
        QCOMPARE(notices.look(), 0);
    }

    void comparedAndRepeatedWithOneChange()
    {
        const QString first = made(0, 50);
        const QString second = made(3, 20);
        show(first);
        page().list()->selectAll();
        QVERIFY(page().compareButton()->isEnabled());
        page().compareButton()->click();
        QVERIFY(page().pageText().contains(QLatin1String("cause cannot be told")));
        QVERIFY(page().pageText().contains(QLatin1String("The batch that would tell")));
        // One with itself made again: nothing differs.
        const QString again = made(0, 10);
        show(first);
        page().compareWith(again);
        QVERIFY(page().pageText().contains(QLatin1String("Nothing that is written down differs")));
        // The pair is linked, both ways.
        const Batch like = std::get<Batch>(journal().batch(first));
        const Batch other = std::get<Batch>(journal().batch(second));
        Formula pair = withOneChange(like, other, TraitGroup::Liquid);
        pair.pair = PairOf{first.toStdString(), "the liquid"};
        Q_EMIT page().formulaWanted(pair);
        QVERIFY(shop_->document().formula().pair.has_value());
        shop_->window->makeBatch();
        const QString made = shop_->window->making().batch()->batch();
        show(first);
        QVERIFY(page().pageText().contains(QLatin1String("Its pair")));
        show(made);
        QVERIFY(page().pageText().contains(QLatin1String("but for the liquid")));
    }

    void portionsAreAFairPair()
    {
        const QString id = made(3, 9); // halves
        show(id);
        Q_EMIT view().compareWanted();
        QVERIFY(page().pageText().contains(QLatin1String("A fair pair")));
    }

    void foundInWords_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("rows");
        QTest::newRow("everything") << "" << 3;
        QTest::newRow("an outcome") << "cracked" << 1;
        QTest::newRow("a kind") << "milk" << 2;
        QTest::newRow("both") << "milk, cracked" << 1;
        QTest::newRow("over") << "superfat over 6.5" << 1;
        QTest::newRow("between") << "superfat 5 to 6.5" << 2;
        QTest::newRow("under, with a comma") << "superfat under 6,5" << 2;
        QTest::newRow("a word") << "pumice" << 1;
        QTest::newRow("a word and a filter") << "quince, milk" << 1;
        QTest::newRow("years ago") << "1999" << 0;
        QTest::newRow("markup") << "<b>\" OR 1 --" << 0;
    }
    void foundInWords()
    {
        QFETCH(QString, text);
        const QString quince = made(0, 12);
        made(1, 8, 0.07);
        made(2, 4);
        show(quince);
        write(AfterForm::SeenKind, int(Seen::Crack), 11);
        int milk = 0;
        const auto all = journal().batches();
        for (const BatchSummary& s : std::get<QList<BatchSummary>>(all)) {
            const Batch b = std::get<Batch>(journal().batch(s.id));
            milk += std::ranges::any_of(b.formula.lines, [](const Line& l) {
                return l.material->kind == MaterialKind::Milk;
            });
        }
        page().findField()->setText(text);
        QFETCH(int, rows);
        QCOMPARE(page().batches().rowCount(), text == QLatin1String("milk") ? milk : rows);
    }

    void barsCodeCostAndLabel()
    {
        const QString id = made(0, 45);
        show(id);
        write(AfterForm::CareKind, int(Care::Cut), 43, {}, 11.0);
        write(AfterForm::BarsKind, int(BarsTo::Sold), 2, 5.50, 2.0);
        write(AfterForm::BarsKind, int(BarsTo::Tested), 2, {}, 1.0);
        view().goTo(BatchView::Bars);
        view().bars().giveCode()->click();
        const auto* code = lastOf<CodeGiven>(view().batch()->after);
        QVERIFY(code);
        const std::string twice = code->code;
        const QString text = view().bars().pageText();
        for (const char* said : {"Left", "brought 5.50 EUR", "no price", "too low: without",
                                 "Ingredients as added", "Ingredients as in the finished soap",
                                 "Sodium Olivate", "Olea Europaea Fruit Oil", "qualified assessor"})
            QVERIFY2(text.contains(QLatin1String(said)), said);
        QVERIFY(text.contains(QString::fromStdString(code->code)));
        // The code finds its batch; the next one of that day has the next number.
        made(3, 1);
        page().findField()->setText(QString::fromStdString(code->code).toLower());
        QCOMPARE(QString::fromStdString(view().batch()->id), id);
        page().findField()->clear();
        const QString same = made(2, 45);
        show(same);
        view().giveCode();
        QVERIFY(lastOf<CodeGiven>(view().batch()->after)->code.find("02", 7) == 8);
        // One that two benches gave is told, found by, and mended.
        QVERIFY(view().keep(After{shop_->now.toMSecsSinceEpoch(), CodeGiven{twice}, 0}));
        view().goTo(BatchView::Record);
        page().reload();
        const auto told = [&] {
            return std::ranges::any_of(page().findChildren<QLabel*>(), [&](const QLabel* l) {
                return l->isVisible() && l->text().contains(QLatin1String("stands on 2"));
            });
        };
        QVERIFY(told());
        QVERIFY2(view().pageText().contains(QLatin1String("on another batch, too")),
                 qPrintable(view().pageText()));
        view().giveCode();
        page().reload();
        QVERIFY(!told());
        // The record for an assessor as PDF.
        const QString record = shop_->dir.filePath(QStringLiteral("record.pdf"));
        QVERIFY(!view().writeRecord(record));
        QFile pdf(record);
        QVERIFY(pdf.open(QIODevice::ReadOnly) && pdf.read(5) == "%PDF-" && pdf.size() > 10000);
        QVERIFY(view().writeRecord(QStringLiteral("/proc/no/record.pdf")));
        // A name of the maker's own comes before the one that is shipped.
        view().goTo(BatchView::Bars);
        view().nameMaterial(QStringLiteral("olive-oil"), QStringLiteral("Olea Testa"));
        QVERIFY(view().bars().pageText().contains(QLatin1String("Olea Testa")));
        // Medical words on the card are flagged.
        view().showTerms();
        auto* terms = shop_->window->findChild<TermsWindow*>();
        QVERIFY(terms);
        terms->card()->setPlainText(QStringLiteral("Heals eczema, hypoallergenic."));
        QVERIFY(terms->flagged().contains(QLatin1String("Heals")));
        QVERIFY(terms->flagged().contains(QLatin1String("hypoallergenic")));
        QCOMPARE(shop_->window->workshop().fittings().all().terms.card,
                 std::string("Heals eczema, hypoallergenic."));
    }

    void photographsOfAFolder()
    {
        show(made(0, 20));
        QStringList paths;
        for (int i = 0; i < 3; ++i) {
            QImage image(300, 200, QImage::Format_RGB32);
            image.fill(QColor(60 * i, 120, 90));
            paths << shop_->dir.filePath(
                QStringLiteral("IMG_%1_0900.png")
                    .arg(shop_->now.addDays(-10 + i).date().toString("yyyyMMdd")));
            QVERIFY(image.save(paths.last()));
        }
        QFile bad(shop_->dir.filePath(QStringLiteral("bad.jpg")));
        QVERIFY(bad.open(QIODevice::WriteOnly) && bad.write("not a picture") > 0);
        bad.close();
        view().takePhotos(paths + QStringList{bad.fileName()}, PhotoOf::Other, 0);
        QCOMPARE(view().photos().count(), 3);
        QVERIFY(view().photos().isVisible());
        QVERIFY(shop_->said().contains(QLatin1String("no photograph that can be read")));
        for (int i = 0; i < 3; ++i)
            QCOMPARE(
                QDateTime::fromMSecsSinceEpoch(view().batch()->after[std::size_t(i)].on).date(),
                shop_->now.addDays(-10 + i).date());
        // How many are in the record for an assessor.
        const auto printed = [&] {
            const QString record = shop_->dir.filePath(QStringLiteral("photos.pdf"));
            if (view().writeRecord(record))
                return qsizetype(-1);
            QFile pdf(record);
            return pdf.open(QIODevice::ReadOnly) ? pdf.readAll().count("/Subtype /Image") : -1;
        };
        QCOMPARE(printed(), 3);
        // Gone from its folder it is said so, and nothing breaks.
        QDir(shop_->dir.filePath(QStringLiteral("photos"))).removeRecursively();
        show(QString::fromStdString(view().batch()->id));
        view().photos().grab();
        QCOMPARE(view().photos().count(), 3);
        QCOMPARE(printed(), 0);
    }

    // What was learnt comes back once, on the bench and at the step.
    void lessonsReturn()
    {
        show(made(0, 15));
        form().kind()->setCurrentIndex(AfterForm::LessonKind);
        const int about = form().which()->findData(QStringLiteral("quince-puree"));
        QVERIFY(about >= 0);
        write(AfterForm::LessonKind, about, 3, {}, {}, "strain it first");
        shop_->window->goTo(MainWindow::Bench);
        shop_->document().reset(demo(demoNames[0]), {});
        QTRY_VERIFY_WITH_TIMEOUT(shop_->said().contains(QLatin1String("strain it first")), 5000);
        shop_->window->notes().over(QStringLiteral("lessons"));
        shop_->document().reset(Formula{}, {});
        shop_->document().reset(demo(demoNames[0]), {});
        QTest::qWait(900);
        QVERIFY(!shop_->said().contains(QLatin1String("strain it first"))); // once
        shop_->window->makeBatch();
        auto* batch = shop_->window->making().batch();
        for (int i = 0; i < int(batch->plan().steps.size()); ++i)
            if (const DayStep& step = batch->plan().steps[std::size_t(i)]; step.weighs())
                if (const Line* line = batch->formula().find(step.target.line);
                    line && line->material->id == "quince-puree") {
                    QVERIFY(!batch->goTo(i));
                    break;
                }
        QVERIFY(shop_->said().contains(QLatin1String("strain it first")));
        // Put away, it stays away.
        const auto lessons = std::get<QList<LessonOf>>(journal().lessons({}));
        show(lessons[0].batch);
        const std::string event = lessons[0].event;
        QVERIFY(view().keep(After{shop_->now.toMSecsSinceEpoch(), LessonRetired{event}, 0}));
        QVERIFY(std::get<QList<LessonOf>>(journal().lessons({})).isEmpty());
    }

    // One about a setting comes back when the setting does, whatever goes in.
    void lessonsAboutASetting()
    {
        show(made(0, 15)); // cold process
        form().kind()->setCurrentIndex(AfterForm::LessonKind);
        const int about = form().which()->findData(QStringLiteral("setting:process:cold"));
        QVERIFY(about >= 0);
        write(AfterForm::LessonKind, about, 3, {}, {}, "the shed is too cool");
        shop_->window->goTo(MainWindow::Bench);
        shop_->document().reset(demo(demoNames[1]), {});
        QTRY_VERIFY_WITH_TIMEOUT(shop_->said().contains(QLatin1String("the shed is too cool")),
                                 5000);
    }

    // What cracked twice in a mould is said when that mould is chosen again, and at its pouring.
    void mishapsReturn()
    {
        const auto inMould = [&](const char* mould) {
            Formula f = demo(demoNames[0]);
            f.moulds = {{{mould, Loaf{200, 80, 80, 0, 0, 0, 0}, 1}, 0, 1.0}};
            return f;
        };
        for (const auto& [mould, cracked] :
             {std::pair{"Slab", true}, {"Slab", true}, {"Loaf", false}, {"Loaf", false}}) {
            const Formula f = inMould(mould);
            show(made(f, 20, 0.06));
            write(AfterForm::SeenKind, int(cracked ? Seen::Crack : Seen::FullGel), 19);
        }
        shop_->window->goTo(MainWindow::Bench);
        shop_->document().reset(inMould("Slab"), {});
        QTRY_VERIFY_WITH_TIMEOUT(
            shop_->said().contains(QLatin1String("Cracked in 2 of the last 2"
                                                 " batches in the mould Slab")),
            5000);
    }

    void drawnFromTheShelf()
    {
        shop_->window->loadStock();
        StockWindow& stock = shop_->window->stockWindow();
        const auto put = [&](int row, const QStringList& cells) {
            for (int i = 0; i < cells.size(); ++i)
                stock.table()->setItem(row, i, new QTableWidgetItem(cells[i]));
        };
        // A line that cannot be is named, and nothing of the delivery is kept.
        put(0, {"olive oil", "can 7", "1000", "9", "2027-03-01"});
        put(1, {"coconut oil", "", "many", "5", ""});
        QVERIFY(!stock.takeDelivery());
        QVERIFY(shop_->window->stock().shelf()->lots().empty());
        put(1, {"coconut oil", "", "500", "3", "2026-12-01"});
        stock.shipping()->setValue(3.0);
        QVERIFY(stock.takeDelivery());
        const auto& lots = shop_->window->stock().shelf()->lots();
        QCOMPARE(lots.size(), std::size_t(2));
        double price = 0.0;
        for (const LotRecord& r : lots)
            price += r.price.value_or(0.0);
        QVERIFY(std::abs(price - 15.0) < 1e-9); // shipping is in it
        // Weighed out of the newest jar, the shelf has less.
        Formula f = demo(demoNames[0]);
        for (Line& line : f.lines)
            if (const MaterialPtr m = shop_->window->stock().material(line.material->id))
                line.material = m;
        const Reckoning r = std::get<Reckoning>(reckon(f));
        const DayPlan plan = planDay(f, r);
        const std::string id = newId();
        const QDateTime later = QDateTime::currentDateTimeUtc().addSecs(60);
        QList<Event> all{eventAt(later, id, journal().bench(), BatchBegun{f, r.amounts, plan})};
        double oil = 0.0;
        for (const DayStep& step : plan.steps)
            if (step.weighs()) {
                all << eventAt(later, id, journal().bench(),
                               WeighedNow{{step.target, step.plannedGrams}, step.plannedGrams});
                const Line* line = f.find(step.target.line);
                if (line && line->material->id == "olive-oil")
                    oil = step.plannedGrams;
            }
        QVERIFY(!journal().append(all));
        QVERIFY(oil > 0.0);
        const auto jars =
            std::get<QList<JarOf>>(jarsOf(*shop_->window->stock().shelf(), journal(), "olive-oil"));
        QCOMPARE(jars.size(), 1);
        QCOMPARE(jars[0].now.grams.value(), 1000.0 - oil);
        stock.refresh();
        QVERIFY(stock.pageText().contains(QLatin1String("Open jars")));
    }

    void backupBesideWhatIsHere()
    {
        show(made(0, 5));
        BackupActions& backups = shop_->window->backups();
        const QTemporaryDir elsewhere;
        const QString file = elsewhere.filePath(QStringLiteral("copy.rhexion-backup"));
        backups.keepIn(file);
        QVERIFY(shop_->said().contains(QLatin1String("read back and is whole")));
        made(3, 1);
        BackupWindow* window = backups.lookAt(file);
        QVERIFY(window);
        QVERIFY(window->pageText().contains(QLatin1String("It holds less")));
        window->leaveButton()->click();
        QVERIFY(QDir(QFileInfo(shop_->dir.path()).path())
                    .entryList(
                        {QFileInfo(shop_->dir.path()).fileName() + QStringLiteral(".restored-*")})
                    .isEmpty());
        QVERIFY(!QFile::exists(shop_->dir.path() + QStringLiteral(".take")));
        QFile damaged(file);
        QVERIFY(damaged.open(QIODevice::ReadWrite) && damaged.seek(500) &&
                damaged.write("x", 1) == 1);
        damaged.close();
        QVERIFY(!backups.lookAt(file));
    }
};

QTEST_MAIN(TestWeeksAfter)
#include "tst_weeks_after.moc"
