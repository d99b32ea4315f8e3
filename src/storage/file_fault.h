// Why something from outside could not be read or written: a code, the place, and figures. Words
// are made in src/words.
#pragma once

#include <QString>

#include <optional>

namespace rhexion {

struct FileFault {
    enum class Code {
        CannotOpen,     // detail: what the system said
        TooLarge,       // detail: the limit in MB
        NotJson,        // place: line and column; detail: what the parser said
        NotOurs,        // detail: the format it says it is
        Newer,          // detail: its version
        Missing,        // place: path
        WrongType,      // place: path; detail: what was wanted, as a code word
        OutOfRange,     // place: path; detail: the range
        UnknownWord,    // place: path; detail: the word
        UnknownField,   // place: path
        Twice,          // place: path; detail: the id that stands twice
        TwiceInOne,     // place: line; detail: a field that stands twice in one object
        NoSuchMaterial, // place: path; detail: the key
        NoSuchPortion,  // place: path; detail: the material of the line
        BadMaterial,    // place: path; detail: what is wrong, a code word
        CannotWrite,    // detail: what the system said
        Locked,         // place: path; somebody else writes it now
        ReadOnly,       // place: path; this program only reads it
        Damaged,        // place: path; detail: what the system said
        Changed,        // place: what; somebody changed it since it was read
        Empty,          // no bytes at all
        NotAFile,       // place: path; a folder, pipe or device
        NulText,        // place: path; a text holds a zero byte
        WrongEncoding,  // place: line; detail: NUL where there is one
        NotCsv,         // place: line; detail: "quote" where one never closes
        TooManyRows,    // place: line; detail: the most
        UnknownColumn,  // place: line; detail: its name
        CellCount,      // place: cells there are; detail: cells wanted
        NotAPhoto,      // place: path; no JPEG, PNG or WebP
        TooManyPixels,  // place: path; detail: the most, in megapixels
        NoServer,       // place: host and database; detail: what was said
        Older,          // place: host and database; detail: its version
        Moved,          // place: path; moved, removed or replaced while it was open
        OnlyCopies,     // place: path; not there, though copies or photographs of it are
        InsideData,     // place: path; lies in the folder that is copied
        CopyHoldsMore   // place: path of the copy; detail: how many entries more
    };
    Code code;
    QString place;
    QString detail;
};

} // namespace rhexion
