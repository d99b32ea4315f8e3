// The window: the rail of places, the menu, and the wiring between pages. Nothing else.
#pragma once

#include <QHash>
#include <QMainWindow>
#include <QSet>

#include "app/copy_actions.h"
#include "app/workshop.h"
#include "words/speech.h"

class QStackedWidget;
class QToolButton;

namespace rhexion {

class Autosave;
class BackupActions;
class Banner;
class BenchPage;
class BenchesWindow;
class CopyActions;
class DevicesWindow;
class SheetActions;
class ShelfPage;
class Stock;
class FiguresWindow;
class FileActions;
class FormulaDocument;
class FormulatingPanels;
class HabitsMenu;
class HeatPage;
class HeatWatcher;
class JournalPage;
class LookMenu;
class MakePage;
class NoteColumn;
class RecipeWindow;
class RehearsalWindow;
class StartsWindow;
class StockWindow;
class Tour;
struct RecoveredWork;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    // first: the formula to begin with; nothing: a fresh one. The workshop must outlive the window.
    explicit MainWindow(Workshop& workshop, const std::optional<Formula>& first = std::nullopt);
    // A window with a workshop of its own.
    MainWindow(const Places& places, const Clock& clock,
               const std::optional<Formula>& first = std::nullopt);
    // In place of another, which is left empty and is to be deleted: its formula with its history,
    // its place and the batch in its making go on here.
    MainWindow(Workshop& workshop, MainWindow& before);
    ~MainWindow() override;

    enum Place { Bench, HeatPlace, Make, JournalPlace, ShelfPlace };
    void goTo(Place place);
    void setHabits(const Habits& habits);
    Speech speech() const;
    void offerRecovered();
    void askUnits();      // once, at the first start
    void offerGoodCopy(); // what it holds and the journal lacks

    FormulaDocument& document() { return *document_; }
    FileActions& files() { return *files_; }
    BenchPage& bench() { return *bench_; }
    // Built when first wanted, like the journal itself, so that the bench starts without them.
    HeatPage& heatPage();
    MakePage& making();
    JournalPage& journalPage();
    ShelfPage& shelfPage();
    Workshop& workshop() { return workshop_; }
    Stock& stock() { return workshop_.stock(); }
    // Opens shelf and foods; called after the first picture.
    void loadStock();
    HeatWatcher& heat() { return *heat_; }
    NoteColumn& notes() { return *notes_; }
    Banner& banner(); // the note on what just happened
    // Opened when first wanted, so that the bench starts without it; nothing if it cannot be.
    Journal* journal() { return workshop_.journal(); }
    // Size and place of the last window that was closed, or what the screen has room for.
    void fitScreen();
    void leaveCopy(); // unsaved work into a copy that outlives the window
    SheetActions& sheets() { return *sheets_; }
    CopyActions& copies() { return *copies_; }
    BackupActions& backups() { return *backups_; }
    void makeBatch();
    RecipeWindow& recipeText();
    void showStarts();
    DevicesWindow& devices();
    RehearsalWindow& rehearsal();
    StockWindow& stockWindow();
    BenchesWindow& benches();
    FormulatingPanels& formulating() { return *formulating_; }
    Tour& tour() { return *tour_; }

Q_SIGNALS:
    void closing();  // it will be gone; its document is still there
    void quitting(); // every window is asked to close

protected:
    void closeEvent(QCloseEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    MainWindow(std::unique_ptr<Workshop> own, const std::optional<Formula>& first);
    MainWindow(Workshop& workshop, FormulaDocument* document);
    Place place() const;
    // main_window_menu.cpp
    void buildMenu();
    void buildEditMenu();
    void buildPlacesMenu();
    void buildViewMenu();
    void buildFormulatingMenu();
    void addBench(QMenu& menu, const QString& text, const QKeySequence& keys,
                  const std::function<void()>& what);
    // main_window_notes.cpp: what is said above the page, and when it is over.
    void wireNotes();
    void offerWork(const RecoveredWork& work);
    void offerUnfinished();
    void sayJournal();
    void sayShelf();
    void sayChangedOnDisk();
    void remarkClock();
    void overPassing();
    void overMaking(const QString& batch);
    struct NamedPlace {
        QString name;
        QString icon;
        Place place;
    };
    static QList<NamedPlace> places(); // in their order
    static QKeySequence keysOf(Place place);
    void showStock();
    QWidget* buildRail();
    void rehearse();
    void addPage(QWidget* page); // in a room that scrolls
    void retitle();
    MaterialPtr newest(const Material& material);
    void offerNewest();
    void confirmNegative(double superfat);
    Formula freshWithLots();
    void say(const QString& text);
    void takeUp(const QString& batch); // one that another bench makes is asked about first
    void meetOtherBench();             // what it did to the batch that is being made here
    void speakAnew();                  // figures are said another way from now on
    void about();
    void find();    // in the place at hand
    void wireDay(); // main_window_day.cpp: the plan of the day, devices, rehearsal
    // main_window_memory.cpp: lessons of earlier batches
    void wireMemory();
    using Things = std::vector<std::string>; // core/after/mishaps.h
    void remember(const Things& things, const Things& atHand, const QString& where);
    void rememberAtStep();
    void showDay();
    void wireCopies();
    CopyActions::Here copyable(); // at the place at hand

    std::unique_ptr<Workshop> own_; // only where nobody else has one
    Workshop& workshop_;
    Clock clock_;
    FormulaDocument* document_;
    Autosave* autosave_;
    FileActions* files_;
    SheetActions* sheets_;
    CopyActions* copies_;
    BackupActions* backups_;
    HabitsMenu* habitsMenu_;
    LookMenu* lookMenu_;
    Stock* stock_;
    QStackedWidget* pages_;
    QHash<QWidget*, QWidget*> rooms_; // of the pages that stand in one
    QList<QToolButton*> rail_;
    NoteColumn* notes_;
    BenchPage* bench_;
    HeatWatcher* heat_;
    HeatPage* heatPage_ = nullptr;
    MakePage* make_ = nullptr;
    JournalPage* journalPage_ = nullptr;
    FiguresWindow* figures_ = nullptr; // when first wanted
    ShelfPage* shelfPage_ = nullptr;
    FormulatingPanels* formulating_;
    Tour* tour_;
    RecipeWindow* recipe_ = nullptr; // when first wanted
    StartsWindow* starts_ = nullptr;
    DevicesWindow* devices_ = nullptr;
    RehearsalWindow* rehearsal_ = nullptr;
    StockWindow* stockWindow_ = nullptr;
    BenchesWindow* benches_ = nullptr;
    Things rememberedFor_; // what was last looked up
    Things rememberedAt_;  // the same at a step, and of which batch
    QString rememberedIn_;
    QSet<QString> remembered_; // what was said already
    QString takingOver_;       // the batch of another bench that was asked about
};

} // namespace rhexion
