// A page of figures in words: the one source of what screen, print and command line say of a topic.
#pragma once

#include <QList>
#include <QString>
#include <QStringList>

namespace rhexion::words {

struct Fact {
    enum class Tone { Plain, Good, Care, Danger };
    QString name;
    QString value;
    QString note; // what it rests on, or what to do
    Tone tone = Tone::Plain;
    QString action = QString();     // a code the place that shows it knows what to do with
    QString actionText = QString(); // what the press says
    QStringList cells = {};         // where its section has columns; then value is empty
};

struct FactSection {
    QString title;
    QString sentence; // may be empty
    QList<Fact> facts;
    QStringList columns = {}; // their heads; none: each fact has one value
};

struct FactPage {
    QString title;
    QString lead; // the answer in one sentence
    QList<FactSection> sections;
};

QString factsAsText(const FactPage& page); // for the clipboard

} // namespace rhexion::words
