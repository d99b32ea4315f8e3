// The kitchen measurements as data: what to do, which readings to ask for, and what comes of them.
#pragma once

#include "core/materials/material.h"
#include "core/measuring/measure.h"
#include "words/speech.h"

#include <functional>
#include <variant>
#include <vector>

namespace rhexion {

struct Reading {
    QString name;
    enum class Kind { Grams, Number, Percent, Celsius, Count, YesNo, Choice } kind;
    QString unit; // for Number
    std::optional<double> usual;
    QStringList choices = {}; // for Choice; the value is its place
};

struct Method {
    QString title;
    QString how; // what to do, in plain words
    std::vector<Reading> readings;
    std::vector<Reading> run = {}; // asked several times over; empty: once only
    // Values in grams, fractions, degrees C; nothing where a field is empty.
    using Values = std::vector<std::optional<double>>;
    std::function<MeasureResult(const Values&, const std::vector<Values>&)> reckon;
    std::string figure; // the code it gives; empty for a household measure
    std::function<QString(const Values&)> measure = {}; // the name of the measure it gives
    QString source;                                     // what the figure says of itself
};

// Those that make sense for a material.
std::vector<Method> methodsFor(const Material& material);

} // namespace rhexion
