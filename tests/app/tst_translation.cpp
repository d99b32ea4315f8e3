// Every text can be translated: lupdate finds it under the context it is asked for at run time. A
// pseudo-language with accents and 40 % more letters runs through every page, and what does not fit
// is named.
#include <QTest>

#include "app/formulating/formulating_panels.h"
#include "app/formulating/recipe_window.h"
#include "app/formulating/topic_panel.h"
#include "app/shelf/shelf_page.h"
#include "support/views.h"
#include "support/window.h"
#include "words/translation.h"

#include <QAbstractButton>
#include <QDomDocument>
#include <QLabel>
#include <QMenu>
#include <QMenuBar>
#include <QProcess>
#include <QSet>
#include <QToolButton>
#include <QTranslator>

using namespace rhexion;
using namespace rhexion::test;

namespace {

using Text = std::pair<QString, QString>; // context, source

// "Weigh %1" becomes "Ŵéîgħ %1 ~~~~": longer, and told from English at a glance.
QString pseudo(const QString& source)
{
    static const QString plain = QStringLiteral("AaEeIiOoUuNnCc");
    static const QString accents = QStringLiteral("ÀàÉéÎîÖöÜüÑñÇç");
    QString out;
    bool tag = false;
    for (qsizetype i = 0; i < source.size(); ++i) {
        const QChar c = source[i];
        tag = (tag || c == QLatin1Char('<')) && c != QLatin1Char('>');
        const bool place = i > 0 && source[i - 1] == QLatin1Char('%');
        const qsizetype at = tag || place ? -1 : plain.indexOf(c);
        out += at < 0 ? c : accents[at];
    }
    return out + QString(std::max<qsizetype>(1, source.size() * 4 / 10), QLatin1Char('~'));
}

// All texts lupdate finds, each with its pseudo translation.
class Pseudo : public QTranslator {
public:
    bool read()
    {
        QTemporaryDir dir;
        const QString ts = dir.filePath(QStringLiteral("all.ts"));
        QProcess lupdate;
        lupdate.start(QStringLiteral(RHEXION_LUPDATE),
                      {QStringLiteral("-silent"), QStringLiteral(RHEXION_SOURCE_DIR "/src"),
                       QStringLiteral("-ts"), ts});
        if (!lupdate.waitForFinished(120000) || lupdate.exitCode() != 0)
            return false;
        complaints_ = QString::fromUtf8(lupdate.readAllStandardError());
        QDomDocument xml;
        if (!xml.setContent(bytesOf(ts)))
            return false;
        const QDomNodeList contexts = xml.elementsByTagName(QStringLiteral("context"));
        for (int i = 0; i < contexts.size(); ++i) {
            const QDomElement context = contexts.at(i).toElement();
            const QString name = context.firstChildElement(QStringLiteral("name")).text();
            const QDomNodeList messages = context.elementsByTagName(QStringLiteral("message"));
            for (int j = 0; j < messages.size(); ++j) {
                const QDomElement message = messages.at(j).toElement();
                const Text text{name, message.firstChildElement(QStringLiteral("source")).text()};
                known_.insert(text);
                if (message.attribute(QStringLiteral("numerus")) == QLatin1String("yes"))
                    counted_.insert(text);
            }
        }
        return !known_.isEmpty();
    }

    bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char*, int) const override
    {
        const Text text{QString::fromUtf8(context), QString::fromUtf8(source)};
        if (known_.contains(text))
            return pseudo(text.second);
        // Qt's own texts have their own translations.
        if (!text.first.startsWith(QLatin1Char('Q')))
            lost_.insert(text);
        return {};
    }

    const QSet<Text>& lost() const { return lost_; }
    const QString& complaints() const { return complaints_; }
    qsizetype count() const { return known_.size(); }
    const QSet<Text>& counted() const { return counted_; } // those with a number and a plural

private:
    QSet<Text> known_;
    QSet<Text> counted_;
    mutable QSet<Text> lost_;
    QString complaints_;
};

} // namespace

class TestTranslation : public QObject {
    Q_OBJECT
    Pseudo pseudo_;

private Q_SLOTS:
    void initTestCase()
    {
        QVERIFY(pseudo_.read());
        QVERIFY(pseudo_.count() > 1000);
        QCOMPARE(pseudo_.complaints(), QString());
        QVERIFY(QCoreApplication::installTranslator(&pseudo_));
    }
    void cleanupTestCase() { QCoreApplication::removeTranslator(&pseudo_); }

    // English brings one and many of everything that is counted.
    void englishCounts()
    {
        QTranslator english;
        QVERIFY(english.load(QStringLiteral(":/i18n/rhexion_en")));
        QVERIFY(pseudo_.counted().size() > 10);
        for (const auto& [context, source] : pseudo_.counted()) {
            const QByteArray in = context.toUtf8();
            const QByteArray text = source.toUtf8();
            const QString one = english.translate(in.constData(), text.constData(), nullptr, 1);
            const QString many = english.translate(in.constData(), text.constData(), nullptr, 2);
            QVERIFY2(!one.isEmpty() && one != many && !many.contains(QLatin1String("(s)")),
                     text.constData());
        }
    }

    // Each page with a demo formula; the fields of a maker's own words stay as they are.
    void everyPage_data()
    {
        QTest::addColumn<int>("place");
        QTest::addColumn<int>("formula");
        for (int formula = 0; formula < int(std::size(demoNames)); ++formula)
            QTest::addRow("bench, %s", demoNames[formula]) << int(MainWindow::Bench) << formula;
        QTest::newRow("make") << int(MainWindow::Make) << 0;
        QTest::newRow("journal") << int(MainWindow::JournalPlace) << 0;
        QTest::newRow("shelf") << int(MainWindow::ShelfPlace) << 0;
    }
    void everyPage()
    {
        QFETCH(int, place);
        QFETCH(int, formula);
        Shop shop;
        shop.window->resize(1280, 800);
        shop.window->loadStock();
        if (place == MainWindow::Make)
            shop.make(formula);
        else
            shop.document().reset(demo(demoNames[formula]), {});
        shop.window->goTo(static_cast<MainWindow::Place>(place));
        for (QAction* menu : shop.window->menuBar()->actions())
            if (menu->menu())
                Q_EMIT menu->menu()->aboutToShow();
        QTest::qWait(300); // the doubt is drawn meanwhile
        QStringList lost;
        for (const Text& text : pseudo_.lost())
            lost.append(text.first + QStringLiteral(": ") + text.second);
        QVERIFY2(lost.isEmpty(), qPrintable(lost.join(QLatin1Char('\n'))));
        const QStringList cut = cutTexts(*shop.window);
        QVERIFY2(cut.isEmpty(), qPrintable(cut.join(QLatin1Char('\n'))));
    }

    // Every language that ships, in its own words: nothing it says is cut off.
    void fits_data()
    {
        QTest::addColumn<QString>("language");
        QTest::addColumn<int>("place");
        for (const auto& [code, name] : shippedLanguages())
            for (int place = MainWindow::Bench; place <= MainWindow::ShelfPlace; ++place)
                QTest::addRow("%s, place %d", qPrintable(code), place) << code << place;
    }
    void fits()
    {
        QFETCH(QString, language);
        QFETCH(int, place);
        QCoreApplication::removeTranslator(&pseudo_);
        speakLanguage(*qApp, language);
        QStringList cut;
        {
            Shop shop;
            shop.window->resize(1280, 800);
            shop.window->loadStock();
            shop.document().reset(demo(demoNames[3]), {});
            if (place == MainWindow::Make)
                shop.make(3);
            shop.window->goTo(static_cast<MainWindow::Place>(place));
            QTest::qWait(200);
            cut = cutTexts(*shop.window);
            if (place == MainWindow::Bench)
                for (int topic = 0; topic < int(topicCount); ++topic) {
                    shop.window->bench().showTopic(static_cast<Topic>(topic));
                    QTest::qWait(60);
                    cut += cutTexts(
                        *shop.window->formulating().panel(static_cast<Topic>(topic), nullptr));
                }
        }
        speakLanguage(*qApp, QStringLiteral("en"));
        QVERIFY(QCoreApplication::installTranslator(&pseudo_));
        cut.removeDuplicates();
        QVERIFY2(cut.isEmpty(), qPrintable(cut.join(QLatin1Char('\n'))));
    }

    void everyTopic_data()
    {
        QTest::addColumn<int>("topic");
        const char* const names[] = {"mould", "scent",   "blend", "water",
                                     "pace",  "compare", "wishes"};
        for (int topic = 0; topic < int(topicCount); ++topic)
            QTest::newRow(names[topic]) << topic;
    }
    void everyTopic()
    {
        QFETCH(int, topic);
        Shop shop;
        shop.window->resize(1280, 800);
        shop.window->loadStock();
        shop.document().reset(demo(demoNames[3]), {});
        shop.window->bench().showTopic(static_cast<Topic>(topic));
        shop.window->recipeText().show();
        shop.window->showStarts();
        QTest::qWait(200);
        QStringList lost;
        for (const Text& text : pseudo_.lost())
            lost.append(text.first + QStringLiteral(": ") + text.second);
        QVERIFY2(lost.isEmpty(), qPrintable(lost.join(QLatin1Char('\n'))));
        const QStringList cut =
            cutTexts(*shop.window->formulating().panel(static_cast<Topic>(topic), nullptr));
        QVERIFY2(cut.isEmpty(), qPrintable(cut.join(QLatin1Char('\n'))));
    }
};

QTEST_MAIN(TestTranslation)
#include "tst_translation.moc"
