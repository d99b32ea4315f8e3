// The list of ingredients on a label, by both schools. Names come from a material's own INCI name;
// where it has none its plain name stands in brackets and is marked, never an invented one.
// Law here is the EU's, from memory: Regulation (EC) 1223/2009, article 19. docs/after.md.
#pragma once

#include "core/account/account.h"

#include <functional>
#include <string>
#include <vector>

namespace rhexion {

enum class LabelSchool {
    AsAdded, // what went in, by its weight at the time of adding
    AsSoap   // what is in the finished bar
};
const char* codeOf(LabelSchool school);

struct LabelRow {
    std::string name;
    double grams = 0.0;
    double share = 0.0;
    bool plain = false; // no INCI name is known
    friend bool operator==(const LabelRow&, const LabelRow&) = default;
};

struct LabelOil {
    std::string name;
    std::string soap; // "Olivate"; empty: the plain name in brackets
    double grams = 0.0;
    double mol = 0.0; // alkali all of it could take
    enum class Gives { Glycerin, Water, Nothing } gives = Gives::Glycerin;
    bool plain = false;
};
struct LabelBatch {
    std::vector<LabelOil> oils;
    std::vector<LabelRow> others;              // grams as added; dryGrams of them in the bar
    std::vector<double> othersInBar;           // g, as many as others
    std::vector<std::string> othersInBarNames; // salts of acids have another name there
    std::vector<std::string> allergens;        // named after Parfum
    double sodium = 0.0;                       // g of pure hydroxide
    double potassium = 0.0;
    double waterAdded = 0.0;
    double potassiumShare = 0.0; // of the mol of hydroxide
    double superfat = 0.0;       // 0 to 1 of the fat's alkali not taken up; below 0: lye is left
    double hiddenFatMol = 0.0;   // alkali that the fat of milks and purees could take
    double lyeLeftMol = 0.0;
    double waterLeft = 0.0; // at cure
};

std::vector<LabelRow> labelAsAdded(const LabelBatch& batch);
std::vector<LabelRow> labelAsSoap(const LabelBatch& batch);
// Descending, equal masses by name, nothing at 0; colours (CI ...) last, by name.
std::vector<LabelRow> inLabelOrder(std::vector<LabelRow> rows);

struct InciName {
    std::string name; // empty: not known
    std::string soap; // the acid part of its soap's name
    friend bool operator==(const InciName&, const InciName&) = default;
};
// cured: g of all bars; allergens by their names.
LabelBatch labelBatchOf(const Formula& formula, const Account& account, double cured,
                        const std::function<InciName(const Material&)>& nameOf,
                        std::vector<std::string> allergens = {});
std::vector<LabelRow> labelOf(const LabelBatch& batch, LabelSchool school);

} // namespace rhexion
