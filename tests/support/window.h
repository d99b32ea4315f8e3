// The real main window on scratch folders, with a clock that the test sets.
#pragma once

#include "app/bench/bench_page.h"
#include "app/bench/vessel_panel.h"
#include "app/file_actions.h"
#include "app/journal/journal_page.h"
#include "app/main_window.h"
#include "app/make/make_page.h"
#include "app/theme/theme.h"
#include "app/widgets/note_column.h"
#include "app/widgets/typing_line.h"
#include "document/formula_document.h"
#include "models/vessel_model.h"
#include "sheet/shipped_fonts.h"
#include "support/files.h"

#include <QApplication>
#include <QLineEdit>
#include <QListView>
#include <QSettings>
#include <QTest>

namespace rhexion::test {

class Shop {
public:
    Shop()
    {
        QSettings::setDefaultFormat(QSettings::IniFormat);
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, dir.path());
        QLocale::setDefault(QLocale(QLocale::English, QLocale::UnitedKingdom));
        loadShippedFonts();
        Theme::apply(*qApp, Look{Shade::Light});
        open();
    }
    // A fresh window on the same folders, as after a restart.
    void open()
    {
        window.reset();
        window = std::make_unique<MainWindow>(Places{dir.path(), false}, [this] { return now; });
        window->show();
        if (!QTest::qWaitForWindowExposed(window.get()))
            qWarning("The window did not appear.");
    }
    void type(const char* text)
    {
        QLineEdit* field = window->bench().typing()->field();
        field->setFocus();
        QTest::keyClicks(field, QString::fromUtf8(text));
        QTest::keyClick(field, Qt::Key_Return);
    }
    // Everything said above the page.
    QString said() const
    {
        QStringList texts;
        for (Banner* note : window->notes().shown())
            texts << note->text();
        return texts.join(QLatin1Char('\n'));
    }
    // The topmost note that is not about what just happened.
    Banner& offer() const
    {
        for (Banner* note : window->notes().shown())
            if (note != &window->banner())
                return *note;
        return window->notes().about(QStringLiteral("newest"));
    }
    // Begins the making of a demo formula.
    MakePage& make(int demoName)
    {
        document().reset(demo(demoNames[demoName]), {});
        window->makeBatch();
        return window->making();
    }
    // As a hand does that knows it was made, though its steps were walked through.
    static void finish(MakePage& make)
    {
        for (int press = 0; press < 2 && make.batch(); ++press)
            QTest::keyClick(&make, Qt::Key_Return, Qt::ControlModifier);
    }
    FormulaDocument& document() { return window->document(); }
    const Reckoning& reckoning() { return *window->document().reckoning(); }
    QListView* list(Vessel vessel) { return window->bench().panel(vessel)->list(); }

    QTemporaryDir dir;
    QDateTime now{QDate(2026, 11, 23), QTime(10, 0), Qt::UTC};
    std::unique_ptr<MainWindow> window;
};

} // namespace rhexion::test
