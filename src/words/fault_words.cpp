#include "words/refusal_words.h"

#include "words/words_text.h"

namespace rhexion::words {

QString phraseFault(const PhraseFault& f)
{
    using C = PhraseFault::Code;
    const QString part = QString::fromStdString(f.part);
    switch (f.code) {
    case C::Nothing:
        return WordsText::tr("Type an amount and a material, such as “120 g buttermilk”.");
    case C::NoNumber:
        return WordsText::tr("An amount is missing: type a number, such as 120 g, or “rest”.");
    case C::BadSum: return WordsText::tr("“%1” is not a finished sum.").arg(part);
    case C::DivisionByZero: return WordsText::tr("A sum divides by zero.");
    case C::AmbiguousNumber:
        return WordsText::tr("“%1” could be read two ways. Write it without a thousands mark.")
            .arg(part);
    case C::Negative: return WordsText::tr("An amount cannot be below 0.");
    case C::TooLarge: return WordsText::tr("“%1” is more than a batch can hold.").arg(part);
    case C::TrailingText: return WordsText::tr("“%1” is not understood here.").arg(part);
    }
    return {};
}

namespace {

// The wrong kind of a value, in words.
QString wantedSaid(const QString& code)
{
    if (code == QLatin1String("object"))
        return WordsText::tr("a group of fields in braces");
    if (code == QLatin1String("array"))
        return WordsText::tr("a list in brackets");
    if (code == QLatin1String("text"))
        return WordsText::tr("text in quotation marks");
    if (code == QLatin1String("text-list"))
        return WordsText::tr("a list of texts");
    if (code == QLatin1String("number"))
        return WordsText::tr("a number");
    if (code == QLatin1String("whole-number"))
        return WordsText::tr("a whole number");
    if (code == QLatin1String("flag"))
        return WordsText::tr("true or false");
    if (code == QLatin1String("rest-has-no-value"))
        return WordsText::tr("left out, since the rest of the liquid has no amount of its own");
    return code;
}

QString fileSaid(const QString& path)
{
    return path.isEmpty() ? WordsText::tr("The file") : path;
}

// What is wrong with a material, from the code word its reader leaves.
QString materialSaid(const QString& code)
{
    const std::pair<const char*, QString> said[] = {
        {"no-id", WordsText::tr("it has no id.")},
        {"no-name", WordsText::tr("it has no name.")},
        {"fraction-above-one", WordsText::tr("a part is more than the whole.")},
        {"sum-above-one", WordsText::tr("its parts add up to more than the whole.")},
        {"fat-without-sv", WordsText::tr("it holds fat and no saponification value.")},
        {"no-purity", WordsText::tr("it is a hydroxide without a purity.")},
        {"unknown-source", WordsText::tr("a figure names a source that is not there.")},
        {"sv-out-of-range", WordsText::tr("its saponification value cannot be.")},
        {"fatty-acids-not-one", WordsText::tr("its fatty acids do not add up to the whole.")},
        {"bad-measure", WordsText::tr("a spoon or cup of it has no name or no weight.")},
        {"too-long", WordsText::tr("a text of it is longer than it may be.")}};
    for (const auto& [word, text] : said)
        if (code == QLatin1String(word))
            return text;
    return code;
}

} // namespace

QString fileFault(const FileFault& f)
{
    using C = FileFault::Code;
    switch (f.code) {
    case C::CannotOpen:
        return f.detail.isEmpty()
                   ? WordsText::tr("%1 cannot be opened.").arg(fileSaid(f.place))
                   : WordsText::tr("%1 cannot be opened: %2.").arg(fileSaid(f.place), f.detail);
    case C::TooLarge:
        return WordsText::tr("It is larger than %1 MB, so it was not read.").arg(f.detail);
    case C::NotJson:
        return WordsText::tr("It is damaged or cut short at line %1 (%2). Nothing was changed.")
            .arg(f.place, f.detail);
    case C::NotOurs:
        return WordsText::tr("It is not a Rhexion file of this kind. Nothing was changed.");
    case C::Newer:
        return WordsText::tr(
                   "It was written by a newer Rhexion (version %1 of the format). Open it there; "
                   "here it is left as it is.")
            .arg(f.detail);
    case C::Missing: return WordsText::tr("“%1” is missing.").arg(f.place);
    case C::WrongType:
        return WordsText::tr("“%1” should be: %2.").arg(f.place, wantedSaid(f.detail));
    case C::OutOfRange:
        return WordsText::tr("“%1” must lie in the range %2.").arg(f.place, f.detail);
    case C::UnknownWord:
        return WordsText::tr("“%1” holds “%2”, which is not known.").arg(f.place, f.detail);
    case C::UnknownField: return WordsText::tr("“%1” is not a known field.").arg(f.place);
    case C::TwiceInOne:
        return WordsText::tr("“%1” stands twice in the same place (line %2). Take one out.")
            .arg(f.detail, f.place);
    case C::Twice: return WordsText::tr("“%1”: “%2” stands there twice.").arg(f.place, f.detail);
    case C::NoSuchMaterial:
        return WordsText::tr("“%1” names the material “%2”, which is not in the file.")
            .arg(f.place, f.detail);
    case C::NoSuchPortion:
        return WordsText::tr("%1 (“%2”) goes into a portion that is not in the file.")
            .arg(f.detail, f.place);
    case C::BadMaterial:
        return WordsText::tr("The figures of %1 do not hold together: %2")
            .arg(f.place, materialSaid(f.detail));
    case C::CannotWrite:
        return f.detail.isEmpty()
                   ? WordsText::tr("%1 cannot be written.").arg(fileSaid(f.place))
                   : WordsText::tr("%1 cannot be written: %2.").arg(fileSaid(f.place), f.detail);
    case C::Locked:
        return WordsText::tr("Another program is writing %1 now. Try again in a moment.")
            .arg(fileSaid(f.place));
    case C::ReadOnly:
        return WordsText::
            tr("%1 can only be read here: another Rhexion has it, or its folder is not yours to "
               "write. Close the other one, or mend the folder’s rights.")
                .arg(fileSaid(f.place));
    case C::Damaged:
        return f.detail.isEmpty()
                   ? WordsText::tr("%1 is damaged or cut short. It is left as it is.")
                         .arg(fileSaid(f.place))
                   : WordsText::tr("%1 is damaged (%2). It is left as it is.")
                         .arg(fileSaid(f.place), f.detail);
    case C::Changed:
        return WordsText::tr(
                   "It was changed elsewhere since you opened it (%1). Look at it again, then "
                   "change "
                   "it.")
            .arg(f.place);
    case C::Empty: return WordsText::tr("It is empty: there is not a single letter in it.");
    case C::NotAFile:
        return WordsText::tr("%1 is a pipe, device or folder and no ordinary file.")
            .arg(fileSaid(f.place));
    case C::NulText:
        return WordsText::tr("“%1” holds a zero byte, which no text can. Take it out.")
            .arg(f.place);
    case C::WrongEncoding:
        return WordsText::tr("Line %1 is not UTF-8 text. Save it as “CSV UTF-8” and try again. "
                             "Nothing was changed.")
            .arg(f.place);
    case C::NotCsv:
        return f.detail.isEmpty()
                   ? WordsText::tr(
                         "Line %1 has a quotation mark in the wrong place: a cell that holds one "
                         "must begin and end with one. Nothing was changed.")
                         .arg(f.place)
                   : WordsText::tr(
                         "The quotation mark opened at line %1 never closes. Nothing was changed.")
                         .arg(f.place);
    case C::TooManyRows:
        return WordsText::tr(
                   "There are more rows or cells than can be read (%1 rows), from line %2. Split "
                   "the file. Nothing was changed.")
            .arg(f.detail, f.place);
    case C::UnknownColumn:
        return WordsText::tr("The column “%1” is not known. Take it out or correct its name; the "
                             "first row must hold the names. Nothing was changed.")
            .arg(f.detail);
    case C::CellCount:
        return WordsText::tr("The row has %1 cells where the first row has %2.")
            .arg(f.place, f.detail);
    case C::NotAPhoto:
        return WordsText::tr("%1 is no photograph that can be read: JPEG, PNG and WebP can.")
            .arg(fileSaid(f.place));
    case C::TooManyPixels:
        return WordsText::tr(
                   "%1 is larger than %2 megapixels. Make it smaller and take it in then.")
            .arg(fileSaid(f.place), f.detail);
    case C::NoServer:
    case C::Older: return serverFault(f);
    case C::Moved:
        return WordsText::
            tr("%1 was moved, removed or replaced while Rhexion had it open, so nothing is written "
               "to it. Put it back in its place, or close Rhexion and start it again.")
                .arg(fileSaid(f.place));
    case C::OnlyCopies:
        return WordsText::
            tr("%1 is not there, but copies or photographs of it are. None is begun in its place "
               "unasked.")
                .arg(fileSaid(f.place));
    case C::InsideData:
        return WordsText::tr("%1 lies among the data themselves. Choose another folder, best on "
                             "another disk.")
            .arg(fileSaid(f.place));
    case C::CopyHoldsMore:
        return WordsText::tr("%1 holds %2 things that the file beside it lacks. It is left as it "
                             "is.")
            .arg(fileSaid(f.place), f.detail);
    }
    return {};
}

QString serverFault(const FileFault& f)
{
    using C = FileFault::Code;
    switch (f.code) {
    case C::NotOurs:
        return WordsText::tr(
            "There is no journal yet. “rhexion-cli journal server init” makes one.");
    case C::Newer:
        return WordsText::tr(
            "The journal there is of a newer Rhexion; this one reads nothing of it.");
    case C::Older:
        return WordsText::tr(
            "The journal there is of an older Rhexion. “rhexion-cli journal server "
            "init” brings it up to date; nothing written here is lost meanwhile.");
    case C::ReadOnly: return WordsText::tr("This name may not write there: %1").arg(f.detail);
    case C::NoServer: return WordsText::tr("The server does not answer: %1").arg(f.detail);
    default: return fileFault(f);
    }
}

QString serverState(bool inStep, const std::optional<FileFault>& why, int waiting)
{
    if (inStep)
        return WordsText::tr("In step with the other benches.");
    if (!why)
        return WordsText::tr("Looking for the other benches…");
    QString out = serverFault(*why);
    if (waiting > 0)
        out += QLatin1Char(' ') +
               WordsText::tr("%n thing(s) written here wait to be passed on.", nullptr, waiting);
    return out;
}

} // namespace rhexion::words
