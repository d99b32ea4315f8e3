// Files by the desktop's own dialog: a stand-in for its portal, on a bus of its own, answers like a
// person; and without one the program's own dialog comes.
#include "app/files/file_choice.h"
#include "app/files/portal_files.h"
#include "support/window.h"

#include <QDBusContext>
#include <QDBusError>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusServer>
#include <QFileDialog>
#include <QLineEdit>
#include <QTimer>

using namespace rhexion;
using namespace rhexion::test;

class Request : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.Request")
Q_SIGNALS:
    void Response(uint response, const QVariantMap& results);
};

class Chooser : public QObject {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.portal.FileChooser")
    Q_PROPERTY(uint version READ version)
public:
    uint version() const { return 3; }
    Request request;
    uint response = 0;
    QStringList uris;
    QStringList calls; // what was asked
    QVariantMap options;
    bool refuses = false;
    std::function<void()> meanwhile;

public Q_SLOTS:
    QDBusObjectPath OpenFile(const QString& parent, const QString& title, const QVariantMap& asked)
    {
        return answer(QStringLiteral("open"), parent, title, asked);
    }
    QDBusObjectPath SaveFile(const QString& parent, const QString& title, const QVariantMap& asked)
    {
        return answer(QStringLiteral("save"), parent, title, asked);
    }

private:
    QDBusObjectPath answer(const QString& what, const QString&, const QString& title,
                           const QVariantMap& asked)
    {
        calls << what + QLatin1Char(':') + title;
        options = asked;
        QTimer::singleShot(20, this, [this] {
            if (meanwhile)
                meanwhile();
            Q_EMIT request.Response(response, {{QStringLiteral("uris"), uris}});
        });
        return QDBusObjectPath(QStringLiteral("/request/1"));
    }
};

class TestPortal : public QObject {
    Q_OBJECT
    std::unique_ptr<QDBusServer> server_;
    std::optional<QDBusConnection> there_;
    std::unique_ptr<Chooser> chooser_;
    std::unique_ptr<PortalFiles> portal_;
    int number_ = 0;

private Q_SLOTS:
    void init()
    {
        server_ = std::make_unique<QDBusServer>(QStringLiteral("unix:tmpdir=/tmp"));
        QVERIFY2(server_->isConnected(), qPrintable(server_->lastError().message()));
        server_->setAnonymousAuthenticationAllowed(true);
        chooser_ = std::make_unique<Chooser>();
        there_.reset();
        connect(server_.get(), &QDBusServer::newConnection, this, [&](const QDBusConnection& c) {
            there_ = c;
            there_->registerObject(
                QStringLiteral("/org/freedesktop/portal/desktop"), chooser_.get(),
                QDBusConnection::ExportAllSlots | QDBusConnection::ExportAllProperties);
            there_->registerObject(QStringLiteral("/request/1"), &chooser_->request,
                                   QDBusConnection::ExportAllSignals);
        });
        const QDBusConnection here = QDBusConnection::connectToPeer(
            server_->address(), QStringLiteral("portal%1").arg(++number_));
        QTRY_VERIFY(there_);
        portal_ = std::make_unique<PortalFiles>(here, nullptr, QString());
        files::usePortal(portal_.get());
    }
    void cleanup() { files::usePortal(nullptr); }

    void savedAndOpened()
    {
        Shop shop;
        MainWindow& window = *shop.window;
        const QString path = shop.dir.filePath(QStringLiteral("a name with spaces"));
        chooser_->uris = {QUrl::fromLocalFile(path).toString(QUrl::FullyEncoded)};
        // Nothing that is typed meanwhile reaches the windows here.
        const Formula before = window.document().formula();
        chooser_->meanwhile = [&] {
            QTest::keyClick(&window, Qt::Key_Z, Qt::ControlModifier);
            QVERIFY(!window.close());
        };
        QVERIFY(window.files().saveAs());
        QVERIFY(window.document().formula() == before);
        QVERIFY(window.isVisible());
        QVERIFY(QFile::exists(path + QStringLiteral(".rhexion"))); // the ending was forgotten
        QVERIFY(chooser_->calls[0].startsWith(QStringLiteral("save:")));
        QVERIFY(chooser_->options.value("current_name").toString().endsWith(".rhexion"));
        QVERIFY(chooser_->options.value("modal").toBool());
        QVERIFY(chooser_->options.contains(QStringLiteral("filters")));
        QVERIFY(chooser_->options.value("current_folder").toByteArray().endsWith('\0'));
        chooser_->meanwhile = {};
        chooser_->uris = {QUrl::fromLocalFile(path + ".rhexion").toString(QUrl::FullyEncoded)};
        window.files().open();
        QCOMPARE(chooser_->calls.size(), 2);
        QCOMPARE(QFileInfo(window.document().path()).completeBaseName(),
                 QStringLiteral("a name with spaces"));
    }

    void answers_data()
    {
        QTest::addColumn<uint>("response");
        QTest::addColumn<QStringList>("uris");
        QTest::addColumn<QStringList>("chosen");
        const QStringList one{"file:///tmp/x%20y.json"};
        QTest::newRow("chosen") << 0u << one << QStringList{"/tmp/x y.json"};
        QTest::newRow("left by Escape") << 1u << one << QStringList{};
        QTest::newRow("ended otherwise") << 2u << QStringList{} << QStringList{};
        QTest::newRow("no file of this machine")
            << 0u << QStringList{"https://elsewhere/x.json"} << QStringList{};
        QTest::newRow("several") << 0u << QStringList{"file:///a.jpg", "file:///b.jpg"}
                                 << QStringList{"/a.jpg", "/b.jpg"};
    }
    void answers()
    {
        QFETCH(uint, response);
        QFETCH(QStringList, uris);
        QFETCH(QStringList, chosen);
        chooser_->response = response;
        chooser_->uris = uris;
        QCOMPARE(files::manyToOpen(nullptr, "t", "Photographs (*.jpg *.png);;All files (*)"),
                 chosen);
        QVERIFY(chooser_->options.value("multiple").toBool());
    }

    // No portal, or one without a file dialog: ours.
    void without()
    {
        there_->unregisterObject(QStringLiteral("/org/freedesktop/portal/desktop"));
        QVERIFY(!portal_->isThere());
        QTemporaryDir dir;
        QTimer::singleShot(200, this, [&] {
            auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            QVERIFY(dialog);
            dialog->findChild<QLineEdit*>(QStringLiteral("fileNameEdit"))->setText("out");
            QMetaObject::invokeMethod(dialog, "accept");
        });
        QCOMPARE(files::toSave(nullptr, "t", dir.filePath("in.pdf"), "PDF (*.pdf)"),
                 dir.filePath(QStringLiteral("out.pdf")));
    }
};

QTEST_MAIN(TestPortal)
#include "tst_portal.moc"
