// What is said of materials: figures, behaviours, origins, and what is wrong with one.
#pragma once

#include "core/materials/figures.h"
#include "core/measuring/measure.h"
#include "words/speech.h"

namespace rhexion::words {

QString figureName(const std::string& code); // "Water", "Citric acid", "Melting point"
QString figureUnit(FigureUnit unit);         // "%", "mg/g"
// A stored number of a figure as a person reads and types it: percent figures times 100.
double shownOf(FigureUnit unit, double stored, const Speech& speech);
double storedOf(FigureUnit unit, double shown, const Speech& speech);
// "86.2 % (84.1 to 88.3)", or one number where there is no doubt.
QString figureText(const FigureKind& kind, const Interval& range, const Speech& speech);

QString behaviourSentence(const BehaviourNote& note, const Speech& speech);
// How to shrink the doubt that a figure brings: "Ask for its certificate."
QString causeAdvice(const std::string& code);
QString measureFault(MeasureFault fault);
QString materialFault(const MaterialFault& fault);
// A household measure by the name it is kept under ("tsp"), said; one with no name of ours as it
// is.
QString measureSaid(const std::string& kept);
std::string measureMeant(const QString& typed); // and back
QString kindNamePlural(MaterialKind kind);      // "fats", for a filter

} // namespace rhexion::words
