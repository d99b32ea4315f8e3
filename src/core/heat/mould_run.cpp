#include "core/heat/mould_run.h"

#include "core/advice/thresholds.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <span>

namespace rhexion::heat {

namespace {

constexpr double conductivity = 0.28; // W/(m K) of batter and soap
constexpr double sugarHeat = 500.0;   // J per g of reducing sugar
constexpr double sugarRate = 2.0e-4;  // 1/s at 60 C
constexpr double sugarActivation = 100000.0;
constexpr double gelsFrom = 0.25; // share saponified before there is a soap to gel
constexpr double gelNone = 0.02;  // shares of the volume
constexpr double gelAll = 0.95;
constexpr double steamAt = 100.0;
constexpr double steamKept = 0.125; // of what is over, each step
constexpr double wetSoap = 0.3;     // share of a bare top that dries as water would
constexpr double soapActivity = 0.85;
constexpr double ovenTau = 5400.0; // s, an oven switched off
constexpr double done = 0.9999;    // from here on reaction is left out

// A rate over temperature, straight between tenths of a degree.
class RateTable {
public:
    template <class Of>
    explicit RateTable(Of of)
    {
        values_.reserve(nodes);
        for (int i = 0; i < nodes; ++i)
            values_.push_back(of(least + i * 0.1));
    }
    double at(double celsius) const
    {
        const double place = std::clamp((celsius - least) * 10.0, 0.0, nodes - 1.000001);
        const auto i = static_cast<std::size_t>(place);
        return values_[i] + (values_[i + 1] - values_[i]) * (place - static_cast<double>(i));
    }

private:
    static constexpr double least = -60.0;
    static constexpr int nodes = 3001;
    std::vector<double> values_;
};

// The factors of a tridiagonal matrix, made once for many right sides.
struct Lines {
    std::vector<double> lower, upper, over;

    Lines() = default;
    // a below, b the diagonal, c above.
    Lines(const std::vector<double>& a, std::vector<double> b, const std::vector<double>& c)
        : lower(b.size()), upper(b.size()), over(b.size())
    {
        for (std::size_t i = 1; i < b.size(); ++i) {
            lower[i] = a[i] / b[i - 1];
            b[i] -= lower[i] * c[i - 1];
        }
        for (std::size_t i = 0; i < b.size(); ++i) {
            over[i] = 1.0 / b[i];
            upper[i] = c[i] / b[i];
        }
    }
    // rows of width right sides, one row a node: solved in place, side by side.
    void solve(double* right, std::size_t width) const
    {
        const std::size_t n = over.size();
        for (std::size_t i = 1; i < n; ++i) {
            double* row = right + i * width;
            const double* before = row - width;
            const double factor = lower[i];
            for (std::size_t j = 0; j < width; ++j)
                row[j] -= factor * before[j];
        }
        double* last = right + (n - 1) * width;
        for (std::size_t j = 0; j < width; ++j)
            last[j] *= over[n - 1];
        for (std::size_t i = n - 1; i-- > 0;) {
            double* row = right + i * width;
            const double* after = row + width;
            const double own = over[i];
            const double factor = upper[i];
            for (std::size_t j = 0; j < width; ++j)
                row[j] = row[j] * own - factor * after[j];
        }
    }
};

// The matrices of one step length under one cover, and what reaction does in it by temperature.
struct Step {
    double seconds = 0.0;
    Lines across, up;
    std::optional<RateTable> growth;    // of (seed + x) / (1 - x)
    std::optional<RateTable> sugarLeft; // share of the sugar that is left
};

struct Outward { // W/(m2 K) from the middle of a wall, or the top, to its surroundings
    double top = 0.0, side = 0.0, foot = 0.0;
    double sideIn = 0.0, footIn = 0.0, topIn = 0.0; // from the outermost cell
    double sink = 0.0;                              // W/(m3 K), both ends of a loaf
};

class MouldSim {
public:
    MouldSim(const Batter& batter, const MouldSetup& setup, double pouredAt, TraceStage trace,
             const MouldOptions& options);
    std::optional<MouldRun> run();

private:
    void observe();
    void changeCover();
    const Step& stepOf(double seconds);
    void react(const Step& step);
    void sweepAcross(const Step& step);
    void sweepUp(const Step& step);
    void finish();
    double heatHeld() const;
    double& cell(std::size_t i, std::size_t j) { return warm_[i * ny_ + j]; }

    const Batter& batter_;
    const MouldSetup& setup_;
    const MouldOptions& options_;
    std::size_t nx_, ny_;
    double perVolume_;          // g/m3
    double capacity_;           // J/(m3 K)
    double dx_, dy_, wallSpan_; // wallSpan_: J/(m2 K)
    double wallResistance_;
    std::vector<double> face_, volume_; // per unit of length, or radian
    std::vector<double> weight_;        // share of the volume of a cell of each column
    double ovenSince_ = 0.0, ambient_ = 0.0, place_ = 0.0;
    std::vector<double> warm_, spentShare_, sugarShare_, slope_, before_;
    std::vector<double> side_, foot_, top_, right_;
    std::vector<unsigned char> gelled_;
    std::optional<RateTable> rate_, sugar_;
    double heatPerShare_, sugarPerShare_;
    bool reacts_ = true;
    bool sugarReacts_ = false;
    std::size_t stage_ = 0;
    bool begun_ = false;
    Outward out_;
    const CoverFacts* cover_ = nullptr;
    std::vector<Step> steps_;
    double clock_ = 0.0, dt_ = 0.0, nextRow_ = 0.0;
    double added_ = 0.0, lost_ = 0.0, steam_ = 0.0, dried_ = 0.0; // J, of the half or the radian
    double startHeat_ = 0.0;
    MouldRun result_;
};

MouldSim::MouldSim(const Batter& batter, const MouldSetup& setup, double pouredAt, TraceStage trace,
                   const MouldOptions& options)
    : batter_(batter), setup_(setup), options_(options),
      nx_(static_cast<std::size_t>(options.across)), ny_(static_cast<std::size_t>(options.up)),
      perVolume_(batter.grams() / batter.cubicMetres()),
      capacity_(batter.capacity() / batter.cubicMetres()), dx_(setup.width / 2.0 / options.across),
      dy_(setup.height / options.up), wallSpan_(setup.wall.thickness * setup.wall.capacity),
      wallResistance_(setup.wall.thickness / setup.wall.conductivity), face_(nx_ + 1, 1.0),
      volume_(nx_, dx_), weight_(nx_), warm_(nx_ * ny_, pouredAt),
      spentShare_(nx_ * ny_, saponifiedAt(trace)), sugarShare_(nx_ * ny_, 0.0),
      slope_(nx_ * ny_, 0.0), before_(nx_ * ny_), side_(ny_), foot_(nx_), top_(nx_, pouredAt),
      right_((nx_ + 2) * (ny_ + 2)), gelled_(nx_ * ny_, 0),
      heatPerShare_(saponifying * 1000.0 * batter.mol * options.knobs.heat / batter.capacity()),
      sugarPerShare_(sugarHeat * batter.reducingSugar * options.knobs.heat / batter.capacity())
{
    const double wall = setup.wallCelsius.value_or(setup.room);
    std::fill(side_.begin(), side_.end(), wall);
    std::fill(foot_.begin(), foot_.end(), wall);
    if (setup.cylinder)
        for (std::size_t i = 0; i <= nx_; ++i)
            face_[i] = static_cast<double>(i) * dx_;
    double all = 0.0;
    for (std::size_t i = 0; i < nx_; ++i) {
        if (setup.cylinder)
            volume_[i] = 0.5 * (face_[i + 1] * face_[i + 1] - face_[i] * face_[i]);
        all += volume_[i];
    }
    for (std::size_t i = 0; i < nx_; ++i)
        weight_[i] = volume_[i] / all / static_cast<double>(ny_);
    reacts_ = options.reacts;
    sugarReacts_ = reacts_ && sugarPerShare_ > 0.0;
    if (reacts_) {
        const double base = rateAt30 * rateFactor(batter) * options.knobs.rate;
        rate_.emplace([base](double celsius) { return rateConstant(base, celsius); });
    }
    if (sugarReacts_)
        sugar_.emplace([](double celsius) {
            return sugarRate * std::exp(-sugarActivation / gasConstant *
                                        (1.0 / (celsius + zeroCelsius) - 1.0 / 333.15));
        });
    result_.across = options.across;
    result_.up = options.up;
    result_.gelTemperature = gelTemperature(batter);
    result_.peak = pouredAt;
    dt_ = options.finest;
    startHeat_ = heatHeld();
}

double MouldSim::heatHeld() const
{
    double heat = 0.0;
    for (std::size_t i = 0; i < nx_; ++i) {
        double column = 0.0;
        for (std::size_t j = 0; j < ny_; ++j)
            column += warm_[i * ny_ + j];
        heat += volume_[i] * (dy_ * capacity_ * column + wallSpan_ * foot_[i]);
    }
    for (double celsius : side_)
        heat += wallSpan_ * face_[nx_] * dy_ * celsius;
    return heat;
}

void MouldSim::observe()
{
    double core = warm_.front();
    double mean = 0.0;
    double saponified = 0.0;
    double share = 0.0;
    for (std::size_t i = 0; i < nx_; ++i) {
        double sumWarm = 0.0;
        double sumSpent = 0.0;
        int gelled = 0;
        for (std::size_t k = i * ny_; k < (i + 1) * ny_; ++k) {
            core = std::max(core, warm_[k]);
            sumWarm += warm_[k];
            sumSpent += spentShare_[k];
            if (warm_[k] >= result_.gelTemperature && spentShare_[k] >= gelsFrom)
                gelled_[k] = 1;
            gelled += gelled_[k];
        }
        mean += weight_[i] * sumWarm;
        saponified += weight_[i] * sumSpent;
        share += weight_[i] * gelled;
    }
    const double skin = std::min({cell(nx_ - 1, ny_ / 2), cell(0, 0), cell(0, ny_ - 1)});
    if (share > gelNone && !result_.gelStart)
        result_.gelStart = clock_;
    if (share > gelAll && !result_.gelFull)
        result_.gelFull = clock_;
    if (core > result_.peak) {
        result_.peak = core;
        result_.peakSeconds = clock_;
    }
    result_.widestGap = std::max(result_.widestGap, core - skin);
    if (clock_ >= nextRow_ || clock_ >= options_.hours * 3600.0) {
        result_.rows.push_back({clock_, core, skin, mean, saponified, share});
        if (options_.fields)
            result_.fields.emplace_back(warm_.begin(), warm_.end());
        nextRow_ += options_.sampleSeconds;
    }
}

void MouldSim::changeCover()
{
    std::size_t now = 0;
    for (std::size_t i = 0; i < setup_.covers.size(); ++i)
        if (setup_.covers[i].fromHour * 3600.0 <= clock_ + 1e-6)
            now = i;
    if (begun_ && now == stage_)
        return;
    begun_ = true;
    stage_ = now;
    const CoverStage& stage = setup_.covers[now];
    cover_ = &stage.facts;
    place_ = stage.place ? *stage.place : stage.facts.place.value_or(setup_.room);
    ovenSince_ = stage.fromHour * 3600.0;
    dt_ = options_.finest;
    steps_.clear();
    const double loss = options_.knobs.loss * setup_.lossFactor;
    const auto& resistance = cover_->resistance;
    const auto& film = cover_->film;
    const double half = wallResistance_ / 2.0;
    out_.top = loss / (resistance[0] + 1.0 / film[0]);
    out_.side = loss / (half + resistance[1] + 1.0 / film[1]);
    out_.foot = loss / (half + resistance[2] + 1.0 / film[2]);
    out_.topIn = 1.0 / (dy_ / 2.0 / conductivity);
    out_.sideIn = 1.0 / (dx_ / 2.0 / conductivity + half);
    out_.footIn = 1.0 / (dy_ / 2.0 / conductivity + half);
    out_.sink = 0.0;
    if (!setup_.cylinder && setup_.length > 0.0) {
        const double u = loss / (wallResistance_ + resistance[1] + 1.0 / film[1]);
        out_.sink = 2.0 / setup_.length / (1.0 / u + setup_.length / (6.0 * conductivity));
    }
}

const Step& MouldSim::stepOf(double seconds)
{
    for (const Step& step : steps_)
        if (step.seconds == seconds)
            return step;
    // Across: soap in columns 0 to nx-1, then the side wall.
    std::vector<double> a(nx_ + 1), b(nx_ + 1), c(nx_ + 1);
    for (std::size_t i = 0; i < nx_; ++i) {
        const double left = i > 0 ? conductivity / dx_ * face_[i] : 0.0;
        const double right =
            i + 1 < nx_ ? conductivity / dx_ * face_[i + 1] : face_[nx_] * out_.sideIn;
        a[i] = -left;
        c[i] = -right;
        b[i] = volume_[i] * capacity_ / seconds + left + right;
    }
    a[nx_] = -face_[nx_] * out_.sideIn;
    b[nx_] = face_[nx_] * (wallSpan_ / seconds + out_.sideIn + out_.side);
    Step step;
    step.seconds = seconds;
    step.across = Lines(a, b, c);
    // Up: the foot's wall, soap in ny rows, then the top, which holds no heat.
    a.assign(ny_ + 2, 0.0);
    b.assign(ny_ + 2, 0.0);
    c.assign(ny_ + 2, 0.0);
    for (std::size_t j = 0; j < ny_; ++j) {
        const double down = j > 0 ? conductivity / dy_ : out_.footIn;
        const double up = j + 1 < ny_ ? conductivity / dy_ : out_.topIn;
        a[j + 1] = -down;
        c[j + 1] = -up;
        b[j + 1] = dy_ * capacity_ / seconds + down + up + out_.sink * dy_;
    }
    c[0] = -out_.footIn;
    b[0] = wallSpan_ / seconds + out_.footIn + out_.foot;
    a[ny_ + 1] = -out_.topIn;
    b[ny_ + 1] = out_.topIn + out_.top;
    step.up = Lines(a, b, c);
    if (rate_)
        step.growth.emplace([&](double celsius) { return growthOf(rate_->at(celsius), seconds); });
    if (sugar_)
        step.sugarLeft.emplace(
            [&](double celsius) { return std::exp(-sugar_->at(celsius) * seconds); });
    steps_.push_back(std::move(step));
    return steps_.back();
}

// Exact at the temperature foreseen for the middle of the step.
void MouldSim::react(const Step& step)
{
    const double dt = step.seconds;
    bool more = false;
    bool moreSugar = false;
    double all = 0.0;
    for (std::size_t i = 0; i < nx_; ++i) {
        double column = 0.0;
        for (std::size_t k = i * ny_; k < (i + 1) * ny_; ++k) {
            const double middle = warm_[k] + 0.5 * dt * slope_[k];
            const double next = saponifiedBy(spentShare_[k], step.growth->at(middle));
            double rise = heatPerShare_ * (next - spentShare_[k]);
            spentShare_[k] = next;
            more = more || next < done;
            if (sugarReacts_) {
                const double spent = 1.0 - (1.0 - sugarShare_[k]) * step.sugarLeft->at(middle);
                rise += sugarPerShare_ * (spent - sugarShare_[k]);
                sugarShare_[k] = spent;
                moreSugar = moreSugar || spent < done;
            }
            warm_[k] += rise;
            column += rise;
        }
        all += volume_[i] * column;
    }
    added_ += all * dy_ * capacity_;
    sugarReacts_ = sugarReacts_ && moreSugar;
    reacts_ = more || sugarReacts_;
}

void MouldSim::sweepAcross(const Step& step)
{
    double* right = right_.data();
    for (std::size_t i = 0; i < nx_; ++i) {
        const double held = volume_[i] * capacity_ / step.seconds;
        for (std::size_t j = 0; j < ny_; ++j)
            right[i * ny_ + j] = warm_[i * ny_ + j] * held;
    }
    for (std::size_t j = 0; j < ny_; ++j)
        right[nx_ * ny_ + j] =
            face_[nx_] * (wallSpan_ / step.seconds * side_[j] + out_.side * ambient_);
    step.across.solve(right, ny_);
    std::copy(right, right + nx_ * ny_, warm_.begin());
    double lost = 0.0;
    for (std::size_t j = 0; j < ny_; ++j) {
        side_[j] = right[nx_ * ny_ + j];
        lost += side_[j] - ambient_;
    }
    lost_ += step.seconds * dy_ * face_[nx_] * out_.side * lost;
}

void MouldSim::sweepUp(const Step& step)
{
    // Rows of the right side are heights, so that columns are solved side by side.
    double* right = right_.data();
    const double held = dy_ * capacity_ / step.seconds;
    const double sunk = out_.sink * dy_ * ambient_;
    for (std::size_t i = 0; i < nx_; ++i) {
        right[i] = wallSpan_ / step.seconds * foot_[i] + out_.foot * ambient_;
        for (std::size_t j = 0; j < ny_; ++j)
            right[(j + 1) * nx_ + i] = warm_[i * ny_ + j] * held + sunk;
        double drying = 0.0;
        if (cover_->resistance[0] == 0.0) {
            const double air = std::min(vapourPressure(ambient_), vapourPressure(setup_.room));
            drying = wetSoap * lewis * convection *
                     std::max(0.0, soapActivity * vapourPressure(top_[i]) - humidity * air);
        }
        right[(ny_ + 1) * nx_ + i] = out_.top * ambient_ - drying;
        dried_ += step.seconds * volume_[i] * drying;
    }
    step.up.solve(right, nx_);
    double lost = 0.0;
    double sink = 0.0;
    for (std::size_t i = 0; i < nx_; ++i) {
        foot_[i] = right[i];
        top_[i] = right[(ny_ + 1) * nx_ + i];
        double column = 0.0;
        for (std::size_t j = 0; j < ny_; ++j) {
            const double celsius = right[(j + 1) * nx_ + i];
            warm_[i * ny_ + j] = celsius;
            column += celsius - ambient_;
        }
        lost += volume_[i] * (out_.foot * (foot_[i] - ambient_) + out_.top * (top_[i] - ambient_));
        sink += volume_[i] * column;
    }
    lost_ += step.seconds * (lost + out_.sink * dy_ * sink);
}

std::optional<MouldRun> MouldSim::run()
{
    const double end = options_.hours * 3600.0;
    bool acrossFirst = true;
    while (true) {
        observe();
        if (clock_ >= end)
            break;
        if (options_.cancelled && result_.steps % 16 == 0 && options_.cancelled())
            return std::nullopt;
        changeCover();
        const double until =
            stage_ + 1 < setup_.covers.size() ? setup_.covers[stage_ + 1].fromHour * 3600.0 : end;
        while (clock_ + dt_ > std::min(until, end) + 1e-6 && dt_ > options_.finest)
            dt_ *= 0.5;
        ambient_ = place_;
        if (cover_->oven && setup_.ovenOffHours) {
            const double off = ovenSince_ + *setup_.ovenOffHours * 3600.0;
            if (clock_ > off)
                ambient_ =
                    setup_.room + (place_ - setup_.room) * std::exp(-(clock_ - off) / ovenTau);
        }
        const Step& step = stepOf(dt_);
        before_ = warm_;
        if (reacts_)
            react(step);
        if (acrossFirst) {
            sweepAcross(step);
            sweepUp(step);
        } else {
            sweepUp(step);
            sweepAcross(step);
        }
        acrossFirst = !acrossFirst;
        clock_ += dt_;
        ++result_.steps;
        double change = 0.0;
        for (std::size_t i = 0; i < nx_; ++i)
            for (std::size_t k = i * ny_; k < (i + 1) * ny_; ++k) {
                if (warm_[k] > steamAt) {
                    const double cut = (warm_[k] - steamAt) * (1.0 - steamKept);
                    warm_[k] -= cut;
                    steam_ += volume_[i] * dy_ * capacity_ * cut;
                }
                const double moved = warm_[k] - before_[k];
                slope_[k] = moved / dt_;
                change = std::max(change, std::abs(moved));
            }
        if (change > options_.largestChange && dt_ > options_.finest)
            dt_ *= 0.5;
        else if (change < 0.4 * options_.largestChange && dt_ < options_.coarsest)
            dt_ *= 2.0;
    }
    finish();
    return std::move(result_);
}

void MouldSim::finish()
{
    MouldRun& r = result_;
    const double change = startHeat_ - heatHeld();
    const double scale = std::max({added_, std::abs(change), 1e-9});
    r.imbalance = (change + added_ - lost_ - dried_ - steam_) / scale;
    double area = 0.0;
    for (double volume : volume_)
        area += volume;
    const double gramsPerJoule =
        batter_.grams() / (area * setup_.height * perVolume_ * evaporating);
    r.driedGrams = dried_ * gramsPerJoule;
    r.steamGrams = steam_ * gramsPerJoule;

    r.gelShare = r.rows.back().gelShare;
    r.gel = r.gelShare < gelNone ? Gel::None : r.gelShare > gelAll ? Gel::Full : Gel::Partial;
    // With much sugar the same heat cracks sooner; a small cavity vents: common practice.
    const bool sweet = batter_.sugarOfOils() > valueOf(Threshold::SweetCore);
    int risk = 0;
    if (r.peak >= (sweet ? 76.0 : 82.0))
        risk = 1;
    if (r.peak >= (sweet ? 85.0 : 90.0))
        risk = 2;
    if (r.peak >= 97.0)
        risk = 3;
    if (risk > 0 && batter_.grams() < 250.0)
        --risk;
    r.risk = static_cast<CoreRisk>(risk);
    std::size_t cool = 0;
    for (std::size_t i = 0; i < r.rows.size(); ++i)
        if (std::abs(r.rows[i].core - setup_.room) > 5.0)
            cool = i + 1;
    if (cool < r.rows.size())
        r.coolSeconds = r.rows[cool].seconds;
    for (const MouldRow& row : r.rows)
        if (!r.ninetySeconds && row.saponified >= 0.90)
            r.ninetySeconds = row.seconds;
    if (r.coolSeconds && r.ninetySeconds)
        r.unmouldSeconds = std::max(*r.coolSeconds, *r.ninetySeconds);
    double look = 7200.0;
    if (r.gelStart)
        look = *r.gelStart - 1200.0;
    else if (r.peak > r.rows.front().core + 5.0)
        look = r.peakSeconds - 1800.0;
    r.firstLookSeconds = std::max(900.0, look);
}

} // namespace

double MouldRun::at(double hour, double MouldRow::*what) const
{
    const double seconds = hour * 3600.0;
    if (seconds <= rows.front().seconds)
        return rows.front().*what;
    for (std::size_t i = 1; i < rows.size(); ++i)
        if (rows[i].seconds >= seconds) {
            const MouldRow& a = rows[i - 1];
            const MouldRow& b = rows[i];
            return a.*what + (b.*what - a.*what) * (seconds - a.seconds) / (b.seconds - a.seconds);
        }
    return rows.back().*what;
}

std::optional<MouldRun> runMould(const Batter& batter, const MouldSetup& setup, double pouredAt,
                                 TraceStage trace, const MouldOptions& options)
{
    return MouldSim(batter, setup, pouredAt, trace, options).run();
}

MouldBand::Likely MouldBand::gelLikely() const
{
    if (typical.gel == Gel::Full && hot.gel == Gel::Full)
        return Likely::Yes;
    if (cool.gel == Gel::None && typical.gel == Gel::None && hot.gel == Gel::None)
        return Likely::No;
    return Likely::May;
}

Interval MouldBand::peak() const
{
    return *Interval::ofSigned(std::min(cool.peak, typical.peak), typical.peak,
                               std::max(hot.peak, typical.peak));
}

std::optional<MouldBand> mouldBand(const Batter& batter, const MouldSetup& setup, double pouredAt,
                                   TraceStage trace, MouldOptions options)
{
    const Knobs learnt = options.knobs;
    const auto corner = [&](const Knobs& knobs) {
        options.knobs = {learnt.rate * knobs.rate, learnt.loss * knobs.loss,
                         learnt.heat * knobs.heat};
        return runMould(batter, setup, pouredAt, trace, options);
    };
    auto typical = corner({});
    options.fields = false; // the picture is of the typical run
    auto cool = corner(coolCorner);
    auto hot = corner(hotCorner);
    if (!cool || !typical || !hot)
        return std::nullopt;
    return MouldBand{std::move(*cool), std::move(*typical), std::move(*hot)};
}

} // namespace rhexion::heat
