// The shelf: search over everything, a page for each material, lots, measuring, own materials.
#pragma once

#include <QWidget>

#include "pages/material_page.h"
#include "storage/journal.h"
#include "words/speech.h"

#include <functional>

class QStackedWidget;
class QBoxLayout;
class QTimer;
class QUrl;

namespace rhexion {

class ImportPanel;
class LotEditor;
class MaterialEditor;
class MaterialView;
class MeasurePanel;
class MixPanel;
class ShelfList;
class StockModel;

class ShelfPage : public QWidget {
    Q_OBJECT
public:
    using Clock = std::function<QDateTime()>;
    ShelfPage(Stock& stock, Clock clock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // Where materials were used: the journal, or nothing, and the formula on the bench.
    void setUses(std::function<const Journal*()> journal,
                 std::function<bool(const std::string&)> onBench);
    void start(); // focus in the search
    void showMaterial(const std::string& id, const std::string& lot = {});
    // Reads a file into the preview; says what is wrong with the whole of it.
    void importFile(const QString& path);
    bool exportTo(const QString& path);

    ShelfList& list() const { return *list_; }
    MaterialPtr current() const { return shown_; }
    const StockModel& listed() const;
    QString pageText(); // once it has caught up with the typing
    MaterialEditor* materialEditor() const { return materialEditor_; }
    LotEditor* lotEditor() const { return lotEditor_; }
    MeasurePanel* measurePanel() const { return measure_; }
    MixPanel* mixPanel() const { return mix_; }
    ImportPanel* importPanel() const { return import_; }
    QStackedWidget* pages() const { return pages_; }
    MaterialView& view() const { return *view_; }

    void newMaterial();
    void copyAsOwn();
    void changeOwn();
    void newLot();
    void startMeasuring();
    void startMixing();

Q_SIGNALS:
    void useWanted(const MaterialPtr& material);
    void batchWanted(const QString& batch);
    void noted(const QString& text);
    // Lots or own materials are new; the formula on the bench may want their figures.
    void shelfChanged();
    void stockWanted();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void wire();
    void fitRoom();
    void buildEditors();
    void takeCurrent(); // what is selected, at once
    void showCurrent(); // and its page
    MaterialPage page() const;
    void findUses();
    void backToMaterial();
    void useShown();
    void follow(const QUrl& link);
    void keepMaterials(const std::vector<Material>& materials, double gramsLeft);
    void keepLot(const LotRecord& lot);
    void nowShow(const std::string& material); // it is new, or its lots are
    void askImport();
    void askExport();
    void toggleArchived();
    bool said(const std::optional<FileFault>& fault);
    QDate today() const { return clock_().toLocalTime().date(); }

    Stock& stock_;
    Clock clock_;
    Speech speech_;
    std::function<const Journal*()> journal_;
    std::function<bool(const std::string&)> onBench_;
    MaterialPtr shown_;
    StockEntry entry_;

    QBoxLayout* room_;
    QWidget* right_;
    ShelfList* list_;
    QStackedWidget* pages_;
    MaterialView* view_;
    QTimer* catchUp_; // the page is written once the typing pauses
    QTimer* uses_;    // and the journal asked a little later
    MaterialEditor* materialEditor_ = nullptr;
    LotEditor* lotEditor_ = nullptr;
    MeasurePanel* measure_ = nullptr;
    MixPanel* mix_ = nullptr;
    ImportPanel* import_ = nullptr;
};

} // namespace rhexion
