#include "solver/glpk_solver.h"

#include <glpk.h>

#include <cmath>
#include <memory>

namespace rhexion {

namespace {

constexpr int milliseconds = 2000;
// A programme of a formula ends within some hundreds; one that goes on goes round in a circle. A
// number of steps, not a time, so that every machine comes to the same.
constexpr int steps = 5000;
constexpr double largest = 1e12;

bool isGood(double x)
{
    return std::isfinite(x) && std::abs(x) <= largest;
}

bool isGood(const LinearProgramme& lp)
{
    for (const auto& c : lp.columns)
        if (!isGood(c.low) || !isGood(c.high.value_or(0.0)) || !isGood(c.cost) ||
            (c.high && *c.high < c.low))
            return false;
    for (const auto& r : lp.rows) {
        if (!isGood(r.low.value_or(0.0)) || !isGood(r.high.value_or(0.0)) ||
            (r.low && r.high && *r.high < *r.low))
            return false;
        for (const auto& [column, factor] : r.terms)
            if (column >= lp.columns.size() || !isGood(factor))
                return false;
    }
    return !lp.columns.empty();
}

int kindOf(const std::optional<double>& low, const std::optional<double>& high)
{
    if (low && high)
        return *low == *high ? GLP_FX : GLP_DB;
    return low ? GLP_LO : high ? GLP_UP : GLP_FR;
}

// A bound crossed by a rounding only would be no bound at all.
bool isEmptyBand(const LinearProgramme& lp)
{
    for (const auto& c : lp.columns)
        if (c.high && *c.high < c.low)
            return true;
    return false;
}

void fill(glp_prob* p, const LinearProgramme& lp)
{
    glp_set_obj_dir(p, GLP_MIN);
    glp_add_cols(p, static_cast<int>(lp.columns.size()));
    for (int j = 1; j <= static_cast<int>(lp.columns.size()); ++j) {
        const auto& c = lp.columns[static_cast<std::size_t>(j) - 1];
        glp_set_col_bnds(p, j, kindOf(c.low, c.high), c.low, c.high.value_or(0.0));
        glp_set_obj_coef(p, j, c.cost);
        if (c.yesOrNo)
            glp_set_col_kind(p, j, GLP_BV);
    }
    if (!lp.rows.empty())
        glp_add_rows(p, static_cast<int>(lp.rows.size()));
    std::vector<int> places;
    std::vector<double> factors;
    for (int i = 1; i <= static_cast<int>(lp.rows.size()); ++i) {
        const auto& r = lp.rows[static_cast<std::size_t>(i) - 1];
        glp_set_row_bnds(p, i, kindOf(r.low, r.high), r.low.value_or(0.0), r.high.value_or(0.0));
        // GLPK counts from 1 and wants each column once.
        std::vector<double> dense(lp.columns.size(), 0.0);
        for (const auto& [column, factor] : r.terms)
            dense[column] += factor;
        places.assign(1, 0);
        factors.assign(1, 0.0);
        for (std::size_t c = 0; c < dense.size(); ++c)
            if (dense[c] != 0.0) {
                places.push_back(static_cast<int>(c) + 1);
                factors.push_back(dense[c]);
            }
        glp_set_mat_row(p, i, static_cast<int>(places.size()) - 1, places.data(), factors.data());
    }
}

// The usual way first; where that goes round in a circle the other way round, and at last with
// fractions, which cannot.
int simplexOf(glp_prob* p)
{
    glp_smcp simplex;
    glp_init_smcp(&simplex);
    simplex.msg_lev = GLP_MSG_OFF;
    simplex.tm_lim = milliseconds;
    simplex.it_lim = steps;
    simplex.presolve = GLP_ON;
    const auto goesRound = [](int code) {
        return code == GLP_EITLIM || code == GLP_ETMLIM || code == GLP_EFAIL;
    };
    int code = glp_simplex(p, &simplex);
    if (!goesRound(code))
        return code;
    simplex.presolve = GLP_OFF;
    simplex.meth = GLP_DUALP;
    glp_adv_basis(p, 0);
    code = glp_simplex(p, &simplex);
    if (!goesRound(code))
        return code;
    glp_std_basis(p);
    return glp_exact(p, &simplex);
}

} // namespace

LinearAnswer solveWithGlpk(const LinearProgramme& lp)
{
    LinearAnswer out;
    if (isEmptyBand(lp)) {
        out.outcome = LinearAnswer::Outcome::Impossible;
        return out;
    }
    if (!isGood(lp))
        return out;
    glp_term_out(GLP_OFF);
    const std::unique_ptr<glp_prob, decltype(&glp_delete_prob)> problem(glp_create_prob(),
                                                                        glp_delete_prob);
    glp_prob* p = problem.get();
    fill(p, lp);
    glp_scale_prob(p, GLP_SF_AUTO);
    const int code = simplexOf(p);
    if (code == GLP_ENOPFS || code == GLP_ENODFS) {
        out.outcome = LinearAnswer::Outcome::Impossible;
        return out;
    }
    if (code == GLP_ETMLIM || code == GLP_EITLIM) {
        out.outcome = LinearAnswer::Outcome::TakenTooLong;
        return out;
    }
    if (code != 0)
        return out;
    const int status = glp_get_status(p);
    if (status == GLP_NOFEAS || status == GLP_INFEAS) {
        out.outcome = LinearAnswer::Outcome::Impossible;
        return out;
    }
    if (status != GLP_OPT)
        return out;
    const bool whole = glp_get_num_int(p) > 0;
    if (whole) {
        glp_iocp integer;
        glp_init_iocp(&integer);
        integer.msg_lev = GLP_MSG_OFF;
        integer.tm_lim = milliseconds;
        integer.tol_int = 1e-7;
        const int done = glp_intopt(p, &integer);
        if (done == GLP_ETMLIM) {
            out.outcome = LinearAnswer::Outcome::TakenTooLong;
            return out;
        }
        if (done != 0)
            return out;
        const int found = glp_mip_status(p);
        if (found != GLP_OPT) {
            out.outcome = found == GLP_NOFEAS ? LinearAnswer::Outcome::Impossible
                                              : LinearAnswer::Outcome::Failed;
            return out;
        }
    }
    out.outcome = LinearAnswer::Outcome::Solved;
    out.objective = whole ? glp_mip_obj_val(p) : glp_get_obj_val(p);
    for (int j = 1; j <= static_cast<int>(lp.columns.size()); ++j)
        out.columns.push_back(whole ? glp_mip_col_val(p, j) : glp_get_col_prim(p, j));
    return out;
}

} // namespace rhexion
