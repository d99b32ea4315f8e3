// The batch sheet: one page with what to weigh by vessel, the order of steps, cautions and blanks
// for readings. Screen, print and command line all draw this one.
#pragma once

#include <QString>

#include "core/advice/reckon.h"
#include "storage/file_fault.h"
#include "words/speech.h"

class QPagedPaintDevice;

namespace rhexion {

class BatchSheet {
public:
    BatchSheet(const Formula& formula, const Reckoning& reckoning, const Speech& speech);

    QString html() const;
    // Draws the page, in type as large as lets everything fit; false if even the smallest does not
    // fit on one page, in which case it runs on to a second.
    // The working, if wanted, follows on pages of its own.
    bool draw(QPagedPaintDevice& device, bool withWorking = false) const;

private:
    const Formula& f_;
    const Reckoning& r_;
    Speech s_;
};

std::optional<FileFault> writeSheetPdf(const QString& path, const Formula& formula,
                                       const Reckoning& reckoning, const Speech& speech,
                                       bool withWorking = false);

} // namespace rhexion
