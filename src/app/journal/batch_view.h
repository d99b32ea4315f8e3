// One batch: its record, its cure, its tests, its bars and label, and the form that writes down
// what happened since.
#pragma once

#include "app/journal/after_form.h"
#include "core/after/cured.h"
#include "photos/photo_folder.h"
#include "storage/journal.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QWidget>

#include <functional>

class QButtonGroup;
class QPushButton;
class QStackedWidget;

namespace rhexion {

class PageBrowser;

class BarsChapter;
class CureChapter;
class DayChapter;
class OwnFittings;
class PhotoStrip;
class Stock;
class TermsWindow;
class TestChapter;

class BatchView : public QWidget {
    Q_OBJECT
public:
    enum Chapter { Record, Day, Cure, Tests, Bars };

    BatchView(std::function<QDateTime()> clock, Stock& stock, OwnFittings& fittings,
              const QString& photos, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // Nothing: no batch is chosen.
    void show(Journal* journal, std::optional<Batch> batch);
    const std::optional<Batch>& batch() const { return batch_; }
    void goTo(Chapter chapter);
    AfterForm& form() const { return *form_; }
    DayChapter& day() const { return *day_; }
    CureChapter& cure() const { return *cure_; }
    TestChapter& tests() const { return *tests_; }
    BarsChapter& bars() const { return *bars_; }
    PhotoStrip& photos() const { return *strip_; }
    QString pageText() const; // of the chapter at hand
    const words::FactPage& facts() const;
    // Takes photographs in, each on its own day where its name or file says one.
    void takePhotos(const QStringList& paths, PhotoOf of, std::int64_t on);
    // Keeps it in the journal; what was typed stays in its field where that fails.
    bool keep(const Happening& what);
    void giveCode();
    std::optional<FileFault> writeRecord(const QString& path) const;
    void nameMaterial(const QString& id, const QString& inci);
    void showTerms();

Q_SIGNALS:
    void formulaWanted(const Formula& formula);
    void resumeWanted(const QString& batch);
    void batchWanted(const QString& batch); // to be compared with it
    void batchShown(const QString& batch);  // to be shown in its place
    void compareWanted();                   // the portions of this one, or with its pair
    void noted(const QString& text);
    void wrote();

private:
    void refresh();
    void press(const QString& code);
    void savePdf();

    std::function<QDateTime()> clock_;
    OwnFittings& fittings_;
    PhotoFolder folder_;
    Journal* journal_ = nullptr;
    Speech speech_;
    std::optional<Batch> batch_;
    QList<std::pair<QString, QString>> pairs_; // ids and names of batches made as its pair
    QList<BatchSummary> sameCode_;             // others that have its code
    QButtonGroup* chapters_;
    QStackedWidget* stack_;
    PhotoStrip* strip_;
    PageBrowser* page_;
    DayChapter* day_;
    CureChapter* cure_;
    TestChapter* tests_;
    BarsChapter* bars_;
    AfterForm* form_;
    QPushButton* open_;
    QPushButton* resume_;
    QPushButton* portions_;
    QPushButton* pdf_;
    QPushButton* print_;
    TermsWindow* terms_ = nullptr;
    words::FactPage facts_;
};

} // namespace rhexion
