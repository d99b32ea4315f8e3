// How warm the open formula will get, worked out off the interface thread: coarse while something
// is dragged, fine when it rests. The document hears of the findings.
#pragma once

#include <QObject>

#include "core/batch/heat_log.h"
#include "core/heat/heat_findings.h"
#include "document/watcher.h"

#include <functional>
#include <memory>
#include <optional>

namespace rhexion {

class FormulaDocument;

struct HeatResult {
    heat::HeatTold told;
    // The first mould, or another, under other covers, to be looked at beside it.
    std::optional<heat::MouldBand> compared;
    // The first mould under each cover from the start, coarse: what else could be done.
    struct Other {
        MouldCover cover = MouldCover::Open;
        heat::MouldBand band;
    };
    std::vector<Other> others;
    bool coarse = false;
};

class HeatWatcher : public QObject {
    Q_OBJECT
public:
    // usual: the maker's plan for formulas that have none of their own.
    HeatWatcher(FormulaDocument& document, std::function<HeatPlan()> usual,
                QObject* parent = nullptr);

    // The last that was worked out; it may be of the formula as it was a moment ago. Nothing while
    // there is none.
    const HeatResult* result() const { return result_.get(); }
    // The same forecast, shared: it outlives the next one.
    std::shared_ptr<const heat::HeatForecast> forecast() const
    {
        return result_ ? std::shared_ptr<const heat::HeatForecast>(result_, &result_->told.forecast)
                       : nullptr;
    }
    HeatPlan plan() const; // of the formula, or the usual one
    // What the mould is looked at beside: other covers, or another mould.
    struct Beside {
        std::optional<MouldCover> cover;
        std::optional<Mould> mould;
        friend bool operator==(const Beside&, const Beside&) = default;
    };
    // Whether somebody looks at the mould: then its cross-section is kept and other covers are
    // tried.
    void lookAt(bool mould, const std::optional<Beside>& beside);
    // What the maker's batches say; the part that is of this formula counts.
    void setLogs(std::vector<HeatLog> logs);
    HeatKnown known() const;
    void restart(); // the usual plan changed

    void finish() { watcher_.finish(); } // for pictures and tests
    void pause() { watcher_.pause(); }
    void resume() { watcher_.resume(); }

Q_SIGNALS:
    void found();

private:
    using Shared = std::shared_ptr<const HeatResult>;
    Watcher<Shared>::Work begin() const;
    void take(std::optional<Shared> result);

    FormulaDocument& document_;
    std::function<HeatPlan()> usual_;
    Shared result_;
    bool fields_ = false;
    std::optional<Beside> beside_;
    std::vector<HeatLog> logs_;
    Watcher<Shared> watcher_;
};

} // namespace rhexion
