#include "storage/csv.h"

#include <QRegularExpression>
#include <QStringDecoder>

#include <csv.h>

#include <array>

namespace rhexion {

namespace {

using Code = FileFault::Code;

constexpr qsizetype mostCells = 500;
// Of one row; above it a quotation mark was never closed, or it is no table.
constexpr qsizetype mostOfRow = 4 * 1024 * 1024;

struct Reading {
    CsvText out;
    CsvRow row;
    int mostRows = 0;
    bool tooMany = false;
};

void takeCell(void* cell, std::size_t size, void* data)
{
    auto* reading = static_cast<Reading*>(data);
    if (reading->row.cells.size() >= mostCells)
        reading->tooMany = true;
    else
        reading->row.cells.append(
            QString::fromUtf8(static_cast<const char*>(cell), static_cast<qsizetype>(size)));
}

void takeRow(int, void* data)
{
    auto* reading = static_cast<Reading*>(data);
    bool empty = true;
    for (const QString& cell : std::as_const(reading->row.cells))
        empty = empty && cell.trimmed().isEmpty();
    if (reading->out.rows.size() >= reading->mostRows)
        reading->tooMany = true;
    else if (!empty)
        reading->out.rows.append(reading->row);
    reading->row = {}; // line 0: the next row has not begun
}

// Spaces belong to a cell; libcsv would trim them.
int noSpace(unsigned char)
{
    return 0;
}

char separatorOf(const QByteArray& text)
{
    const QByteArray first = text.left(text.indexOf('\n') < 0 ? text.size() : text.indexOf('\n'));
    char best = ',';
    for (const char c : {',', ';', '\t'})
        if (first.count(c) > first.count(best))
            best = c;
    return best;
}

std::variant<QByteArray, FileFault> asUtf8(const QByteArray& bytes)
{
    const auto encoding = QStringConverter::encodingForData(bytes).value_or(QStringConverter::Utf8);
    if (encoding == QStringConverter::Utf8 && bytes.contains('\0'))
        return FileFault{Code::WrongEncoding,
                         QString::number(bytes.left(bytes.indexOf('\0')).count('\n') + 1),
                         QStringLiteral("NUL")};
    QStringDecoder decode(encoding, QStringConverter::Flag::Default);
    // Decoded by the line, so that the place of bad bytes can be named.
    if (encoding != QStringConverter::Utf8) {
        const QString text = decode(bytes);
        return decode.hasError() ? std::variant<QByteArray, FileFault>(
                                       FileFault{Code::WrongEncoding, QStringLiteral("1"), {}})
                                 : text.toUtf8();
    }
    const QByteArray body = bytes.startsWith("\xEF\xBB\xBF") ? bytes.mid(3) : bytes;
    qsizetype line = 1;
    for (qsizetype at = 0; at < body.size(); ++line) {
        auto end = body.indexOf('\n', at);
        end = end < 0 ? body.size() : end + 1;
        QStringDecoder one(QStringConverter::Utf8);
        const QString text = one(QByteArrayView(body).sliced(at, end - at));
        if (one.hasError() || text.contains(QChar::ReplacementCharacter))
            return FileFault{Code::WrongEncoding, QString::number(line), {}};
        at = end;
    }
    return body;
}

} // namespace

std::variant<CsvText, FileFault> readCsv(const QByteArray& bytes, int mostRows)
{
    auto text = asUtf8(bytes);
    if (auto* fault = std::get_if<FileFault>(&text))
        return std::move(*fault);
    const QByteArray& utf8 = std::get<QByteArray>(text);
    Reading reading;
    reading.mostRows = mostRows;
    reading.out.separator = separatorOf(utf8);
    csv_parser parser;
    if (csv_init(&parser, CSV_STRICT | CSV_STRICT_FINI) != 0)
        return FileFault{Code::CannotOpen, {}, QStringLiteral("csv")};
    csv_set_delim(&parser, static_cast<unsigned char>(reading.out.separator));
    csv_set_space_func(&parser, noSpace);
    csv_set_blk_size(&parser, 1 << 16); // it grows a cell by so much at a time
    std::optional<FileFault> fault;
    qsizetype line = 1;
    qsizetype rowAt = 0; // where the row at hand begins
    // Line by line, so that each row knows where it began.
    for (qsizetype at = 0; at < utf8.size() && !fault; ++line) {
        auto end = utf8.indexOf('\n', at);
        end = end < 0 ? utf8.size() : end + 1;
        if (reading.row.line == 0) {
            reading.row.line = line;
            rowAt = at;
        }
        if (end - rowAt > mostOfRow) {
            const bool quoted = QByteArrayView(utf8).sliced(rowAt, end - rowAt).contains('"');
            fault = quoted ? FileFault{Code::NotCsv, QString::number(reading.row.line),
                                       QStringLiteral("quote")}
                           : FileFault{Code::TooManyRows, QString::number(reading.row.line),
                                       QString::number(mostRows)};
            break;
        }
        const auto size = static_cast<std::size_t>(end - at);
        if (csv_parse(&parser, utf8.constData() + at, size, takeCell, takeRow, &reading) != size)
            fault = FileFault{Code::NotCsv, QString::number(line), {}};
        else if (reading.tooMany)
            fault = FileFault{Code::TooManyRows, QString::number(line), QString::number(mostRows)};
        at = end;
    }
    if (!fault && csv_fini(&parser, takeCell, takeRow, &reading) != 0)
        fault = FileFault{Code::NotCsv, QString::number(reading.row.line), QStringLiteral("quote")};
    csv_free(&parser);
    if (fault)
        return *std::move(fault);
    return std::move(reading.out);
}

QByteArray csvRow(const QStringList& cells, char separator)
{
    static const QRegularExpression number(QStringLiteral("^[-+]?[0-9]+([.,][0-9]+)?$"));
    QByteArray out;
    for (qsizetype i = 0; i < cells.size(); ++i) {
        QString cell = cells[i];
        // An apostrophe that was there is doubled, so that taking one off gives the cell back.
        if (!cell.isEmpty() && QStringLiteral("=+-@\t\r'").contains(cell.front()) &&
            !number.match(cell).hasMatch())
            cell.prepend(QLatin1Char('\''));
        QByteArray utf8 = cell.toUtf8();
        if (utf8.contains('"') || utf8.contains('\n') || utf8.contains('\r') ||
            utf8.contains(separator) || utf8.startsWith(' ') || utf8.endsWith(' '))
            utf8 = '"' + utf8.replace("\"", "\"\"") + '"';
        if (i > 0)
            out += separator;
        out += utf8;
    }
    return out + "\r\n";
}

QString withoutGuard(const QString& cell)
{
    return cell.size() > 1 && cell.front() == QLatin1Char('\'') &&
                   QStringLiteral("=+-@\t\r'").contains(cell[1])
               ? cell.mid(1)
               : cell;
}

} // namespace rhexion
