// What every window on one data folder shares: shelf, journal, clock, and who makes which batch.
#pragma once

#include <QObject>
#include <QSet>
#include <QTimer>

#include "app/formulating/pace_memory.h"
#include "app/heat/heat_memory.h"
#include "batch/batch_in_progress.h"
#include "devices/device_desk.h"
#include "document/my_way.h"
#include "document/own_fittings.h"
#include "storage/stock.h"

namespace rhexion {

struct Places {
    QString data;          // journal, shelf and recovered work live here
    bool readOnly = false; // another program has the folder
    // What an empty journal and an empty shelf begin with: the demo's, or nothing.
    std::optional<FileFault> (*fillJournal)(Journal&) = nullptr;
    std::optional<FileFault> (*fillShelf)(Shelf&) = nullptr;
    Fittings (*fittings)() = nullptr;
};

class BenchLink;
class Notices;

class Workshop : public QObject {
    Q_OBJECT
public:
    Workshop(Places places, Clock clock, QObject* parent = nullptr);
    ~Workshop() override;

    const Places& places() const { return places_; }
    const Clock& clock() const { return clock_; }
    QString recoveryFolder() const { return places_.data + QStringLiteral("/recovered"); }
    QString shelfPath() const { return places_.data + QStringLiteral("/shelf.sqlite"); }
    QString journalPath() const { return places_.data + QStringLiteral("/journal.sqlite"); }

    Stock& stock() { return *stock_; }
    MyWay& way() { return way_; }
    OwnFittings& fittings() { return fittings_; }
    HeatMemory& heatMemory() { return heatMemory_; }
    PaceMemory& memory() { return memory_; } // of the journal: scents tried, times taken
    // Scales and thermometers, opened when they are first wanted.
    devices::DeviceDesk& devices();
    Notices& notices();   // reminders on the desktop
    BenchLink& benches(); // the journal of several benches
    void speakAnew();     // after another language was chosen
    // Opens shelf and foods; called after the first picture.
    void loadStock();

    // Opened when first wanted; nothing if it cannot be, and journalFault() says why. A journal
    // that another program holds is tried again every two seconds.
    Journal* journal();
    const std::optional<FileFault>& journalFault() const { return journalFault_; }
    // When the newest good copy was made; not valid where there is none.
    QDateTime goodJournalCopy() const;
    // Puts a damaged journal aside under another name and goes on with its last good copy, or with
    // a new one. False if the files cannot be moved.
    bool journalFromGoodCopy();
    bool journalAnew();

    // A batch is made in one window at a time.
    bool isBeingMade(const QString& batch) const { return making_.contains(batch); }
    void beginMaking(const QString& batch) { making_.insert(batch); }
    void endMaking(const QString& batch) { making_.remove(batch); }

Q_SIGNALS:
    void journalOpened();           // it was not there before
    void journalFailed();           // journalFault() is new
    void journalChanged();          // a batch was begun, finished, stopped or noted
    void said(const QString& text); // a thing that went wrong and concerns no one page
    void windowWanted(const QString& formulaPath); // empty: a new formula
    void languageWanted(const QString& code);      // empty: the system's

private:
    bool openJournal(bool beginAnew = false);
    void nameBench();
    QString asideName() const;

    Places places_;
    Clock clock_;
    Stock* stock_;
    MyWay way_;
    OwnFittings fittings_;
    PaceMemory memory_;
    HeatMemory heatMemory_;
    std::unique_ptr<Journal> journal_;
    std::optional<FileFault> journalFault_;
    devices::DeviceDesk* devices_ = nullptr;
    Notices* notices_ = nullptr;
    BenchLink* benches_ = nullptr;
    QTimer again_;
    QSet<QString> making_;
    bool filled_ = false;
};

} // namespace rhexion
