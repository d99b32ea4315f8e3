// A linear programme as plain data, and what solves one. The core builds it and knows no solver:
// one is handed in (src/solver).
#pragma once

#include <cstddef>
#include <functional>
#include <optional>
#include <utility>
#include <vector>

namespace rhexion {

struct LinearProgramme {
    struct Column {
        double low = 0.0;
        std::optional<double> high; // nothing: open
        double cost = 0.0;          // minimised: the sum of cost times value
        bool yesOrNo = false;       // 0 or 1
    };
    struct Row {
        std::vector<std::pair<std::size_t, double>> terms; // column, factor
        std::optional<double> low;
        std::optional<double> high;
    };
    std::vector<Column> columns;
    std::vector<Row> rows;
};

struct LinearAnswer {
    enum class Outcome { Solved, Impossible, Failed, TakenTooLong };
    Outcome outcome = Outcome::Failed;
    std::vector<double> columns;
    double objective = 0.0;
};

// Must refuse figures that are no numbers, and must not keep anything between calls.
using LinearSolver = std::function<LinearAnswer(const LinearProgramme&)>;

} // namespace rhexion
