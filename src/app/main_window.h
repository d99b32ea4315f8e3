// The window: the rail of places, the menu, and the wiring between pages. Nothing else.
#pragma once

#include <QMainWindow>

#include "app/make/batch_in_progress.h"
#include "words/speech.h"

class QActionGroup;
class QStackedWidget;
class QToolButton;

namespace rhexion {

class Autosave;
class Banner;
class BenchPage;
class ShelfPage;
class Stock;
class FileActions;
class FormulaDocument;
class JournalPage;
class MakePage;

struct Places {
    QString data; // journal and recovered work live here
    bool demo = false;
};

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    // first: the formula to begin with; nothing: a fresh one.
    MainWindow(Places places, Clock clock, const std::optional<Formula>& first = std::nullopt);
    ~MainWindow() override;

    enum Place { Bench, Make, JournalPlace, ShelfPlace };
    void goTo(Place place);
    void setHabits(const Habits& habits);
    void offerRecovered();

    FormulaDocument& document() { return *document_; }
    FileActions& files() { return *files_; }
    BenchPage& bench() { return *bench_; }
    // Built when first wanted, like the journal itself, so that the bench starts without them.
    MakePage& making();
    JournalPage& journalPage();
    ShelfPage& shelfPage();
    Stock& stock() { return *stock_; }
    // Opens shelf and foods; called after the first picture.
    void loadStock();
    Banner& banner() { return *banner_; }
    Banner& offer() { return *offer_; } // recovered work, beside whatever else is said
    // Opened when first wanted, so that the bench starts without it; nothing if it cannot be.
    Journal* journal();
    bool writeSheet(const QString& path);
    static bool withWorking(); // whether the working is printed with the sheet
    void makeBatch();

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void buildMenu();
    QWidget* buildRail();
    void retitle();
    MaterialPtr newest(const Material& material);
    void offerNewest();
    void confirmNegative(double superfat);
    Formula freshWithLots();
    void say(const QString& text);
    void takeUp(qint64 batch);
    void printSheet();
    void sheetAsPdf();
    void about();

    Places places_;
    Clock clock_;
    Habits habits_;
    FormulaDocument* document_;
    Autosave* autosave_;
    FileActions* files_;
    Stock* stock_;
    std::unique_ptr<Journal> journal_;
    QStackedWidget* pages_;
    QList<QToolButton*> rail_;
    Banner* banner_;
    Banner* offer_;
    bool offeringNewest_ = false;
    BenchPage* bench_;
    MakePage* make_ = nullptr;
    JournalPage* journalPage_ = nullptr;
    ShelfPage* shelfPage_ = nullptr;
};

} // namespace rhexion
