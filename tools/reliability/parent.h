// Runs a child again and again, ends it badly, and counts.
#pragma once

#include <QString>

namespace rhexion::reliability {

struct Tally {
    int runs = 0;
    long long acknowledged = 0;
    long long lost = 0;
    Tally& operator+=(const Tally& other)
    {
        runs += other.runs;
        acknowledged += other.acknowledged;
        lost += other.lost;
        return *this;
    }
};

// kill -9 a moment after a random one of its acts.
Tally killAt(const QString& child, int moments, unsigned seed);
// The disk is full from the first write on, from the second on, ... until a run meets none.
// lasting: for how many writes; 0: for good. acts: what a child does when nothing goes wrong.
Tally fillAtEach(const QString& child, int lasting, unsigned seed, int acts);

} // namespace rhexion::reliability
