#include "storage/figures_csv.h"

#include "core/materials/figures.h"
#include "storage/csv.h"
#include "storage/material_file.h"

#include <QHash>
#include <QSet>

namespace rhexion {

namespace {

using Code = FileFault::Code;

const QString lowEnding = QStringLiteral(" low");
const QString highEnding = QStringLiteral(" high");
const QString percentSign = QStringLiteral(" %");
const std::string csvSource = "csv";

QString headOf(const FigureKind& kind)
{
    const QString code = QString::fromStdString(kind.code);
    return kind.unit == FigureUnit::Percent ? code + percentSign : code;
}

double scaleOf(const FigureKind& kind)
{
    return kind.unit == FigureUnit::Percent ? 100.0 : 1.0;
}

// A number with a point or a comma. Nothing where it cannot be, or could be thousands.
std::optional<double> numberIn(QString text, char separator)
{
    text = text.trimmed().replace(QChar(0x2212), QLatin1Char('-')).remove(QChar(0x00A0));
    const auto comma = text.count(QLatin1Char(','));
    if (comma > 1 || (comma == 1 && text.contains(QLatin1Char('.'))))
        return std::nullopt;
    // "1,250" between commas that separate: a thousand, or one and a quarter?
    if (comma == 1 && separator == ',' && text.size() - text.indexOf(QLatin1Char(',')) == 4 &&
        !text.startsWith(QLatin1String("0")))
        return std::nullopt;
    bool ok = false;
    const double value = text.replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&ok);
    return ok && std::isfinite(value) ? std::optional(value) : std::nullopt;
}

class RowReader {
public:
    RowReader(const QHash<QString, qsizetype>& columns, char separator, const QString& sourceText)
        : columns_(columns), separator_(separator), sourceText_(sourceText)
    {
    }

    ImportedRow read(const CsvRow& row)
    {
        ImportedRow out;
        out.line = row.line;
        out.name = cell(row, QStringLiteral("name"));
        Material m;
        m.name = out.name.toStdString();
        m.note = cell(row, QStringLiteral("note")).toStdString();
        QString id = cell(row, QStringLiteral("id"));
        if (!id.isEmpty() && !id.startsWith(QLatin1String("own-")))
            id.prepend(QStringLiteral("own-"));
        m.id = id.toStdString();
        for (const QString& other :
             cell(row, QStringLiteral("also_called")).split(QLatin1Char('|'), Qt::SkipEmptyParts))
            m.alsoCalled.push_back(other.trimmed().toStdString());
        const auto fail = [&](Code code, const QString& place, const QString& detail) {
            out.fault = FileFault{code, place, detail};
            return out;
        };
        if (out.name.isEmpty())
            return fail(Code::Missing, QStringLiteral("name"), {});
        if (out.name.size() > 200 || id.size() > 200)
            return fail(Code::OutOfRange, QStringLiteral("name"), QStringLiteral("1..200"));
        const QString kind = cell(row, QStringLiteral("kind"));
        const auto found = kindFromCode(kind.toStdString());
        if (!found)
            return fail(Code::UnknownWord, QStringLiteral("kind"), kind);
        m.kind = *found;
        const QString source = cell(row, QStringLiteral("source"));
        m.sources.push_back(
            {csvSource, (source.isEmpty() ? sourceText_ : source).left(2000).toStdString()});
        for (const FigureKind& figure : figureKinds()) {
            const QString head = headOf(figure);
            if (!columns_.contains(head))
                continue;
            const QString typical = cell(row, head);
            const QString low = cell(row, head + lowEnding);
            const QString high = cell(row, head + highEnding);
            if (typical.isEmpty() && low.isEmpty() && high.isEmpty())
                continue;
            const auto t = numberIn(typical, separator_);
            const auto l = low.isEmpty() ? t : numberIn(low, separator_);
            const auto h = high.isEmpty() ? t : numberIn(high, separator_);
            if (!t || !l || !h)
                return fail(Code::WrongType, head, QStringLiteral("number"));
            const double k = scaleOf(figure);
            const auto range = intervalOf(figure, *l / k, *t / k, *h / k);
            if (!range)
                return fail(Code::OutOfRange, head,
                            QStringLiteral("%1..%2").arg(figure.low * k).arg(figure.high * k));
            setFigure(m, figure.code, {*range, csvSource});
        }
        // What has no id yet gets one when it is kept; here it must only not be called faulty.
        Material checked = m;
        if (checked.id.empty())
            checked.id = "new";
        if (const auto fault = faultOf(checked)) {
            out.materialFault = fault;
            return out;
        }
        out.material = std::move(m);
        return out;
    }

private:
    QString cell(const CsvRow& row, const QString& name) const
    {
        const auto at = columns_.value(name, -1);
        return at < 0 ? QString() : withoutGuard(row.cells.value(at)).trimmed();
    }

    const QHash<QString, qsizetype>& columns_;
    char separator_;
    QString sourceText_;
};

// The second of two rows of one id is refused.
void refuseTwins(QList<ImportedRow>& rows)
{
    QSet<QString> seen;
    for (ImportedRow& row : rows) {
        if (!row.material || row.material->id.empty())
            continue;
        const QString id = QString::fromStdString(row.material->id);
        if (seen.contains(id)) {
            row.material.reset();
            row.fault = FileFault{Code::Twice, QStringLiteral("id"), id};
        }
        seen.insert(id);
    }
}

} // namespace

std::variant<QList<ImportedRow>, FileFault> materialsFromCsv(const QByteArray& bytes,
                                                             const QString& sourceText)
{
    constexpr int mostRows = 20000;
    auto read = readCsv(bytes, mostRows);
    if (auto* fault = std::get_if<FileFault>(&read))
        return std::move(*fault);
    auto& text = std::get<CsvText>(read);
    if (text.rows.isEmpty())
        return FileFault{Code::Missing, QStringLiteral("name"), {}};
    QSet<QString> known{QStringLiteral("id"),          QStringLiteral("name"),
                        QStringLiteral("kind"),        QStringLiteral("note"),
                        QStringLiteral("also_called"), QStringLiteral("source")};
    for (const FigureKind& kind : figureKinds())
        for (const QString& ending : {QString(), lowEnding, highEnding})
            known.insert(headOf(kind) + ending);
    QHash<QString, qsizetype> columns;
    const CsvRow head = text.rows.takeFirst();
    for (qsizetype i = 0; i < head.cells.size(); ++i) {
        const QString name = head.cells[i].trimmed();
        if (!known.contains(name))
            return FileFault{Code::UnknownColumn, QString::number(head.line), name.left(60)};
        if (columns.contains(name))
            return FileFault{Code::Twice, QString::number(head.line), name};
        columns.insert(name, i);
    }
    for (const char* wanted : {"name", "kind"})
        if (!columns.contains(QString::fromLatin1(wanted)))
            return FileFault{Code::Missing, QString::fromLatin1(wanted), {}};
    RowReader reader(columns, text.separator, sourceText);
    QList<ImportedRow> out;
    for (const CsvRow& row : std::as_const(text.rows)) {
        if (row.cells.size() == head.cells.size()) {
            out.append(reader.read(row));
        } else {
            ImportedRow bad;
            bad.line = row.line;
            bad.fault = FileFault{Code::CellCount, QString::number(row.cells.size()),
                                  QString::number(head.cells.size())};
            out.append(bad);
        }
    }
    refuseTwins(out);
    return out;
}

std::variant<QList<ImportedRow>, FileFault> rowsFromJson(const QByteArray& bytes)
{
    auto read = materialsFromJson(bytes);
    if (auto* fault = std::get_if<FileFault>(&read))
        return std::move(*fault);
    QList<ImportedRow> out;
    for (const MaterialPtr& material : std::get<std::vector<MaterialPtr>>(read)) {
        ImportedRow row;
        row.line = out.size() + 1;
        row.name = QString::fromStdString(material->name);
        row.material = *material;
        row.material->lot = {};
        if (!row.material->id.starts_with("own-"))
            row.material->id = "own-" + row.material->id;
        out.append(std::move(row));
    }
    refuseTwins(out);
    return out;
}

QByteArray materialsToCsv(const std::vector<MaterialPtr>& materials, char decimalMark)
{
    const char separator = decimalMark == ',' ? ';' : ',';
    const auto number = [&](double v) {
        return QString::number(v, 'g', 10).replace(QLatin1Char('.'), QLatin1Char(decimalMark));
    };
    std::vector<const FigureKind*> used;
    for (const FigureKind& kind : figureKinds())
        for (const MaterialPtr& m : materials)
            if (findFigure(*m, kind.code)) {
                used.push_back(&kind);
                break;
            }
    QStringList head{QStringLiteral("id"),   QStringLiteral("name"),
                     QStringLiteral("kind"), QStringLiteral("also_called"),
                     QStringLiteral("note"), QStringLiteral("source")};
    for (const FigureKind* kind : used)
        for (const QString& ending : {QString(), lowEnding, highEnding})
            head << headOf(*kind) + ending;
    QByteArray out = csvRow(head, separator);
    for (const MaterialPtr& m : materials) {
        QStringList also;
        for (const std::string& name : m->alsoCalled)
            also << QString::fromStdString(name);
        QStringList sources;
        for (const Source& source : m->sources)
            sources << QString::fromStdString(source.text);
        QStringList row{QString::fromStdString(m->id),        QString::fromStdString(m->name),
                        QString::fromLatin1(codeOf(m->kind)), also.join(QLatin1Char('|')),
                        QString::fromStdString(m->note),      sources.join(QStringLiteral("; "))};
        for (const FigureKind* kind : used) {
            const Figure* f = findFigure(*m, kind->code);
            const double k = scaleOf(*kind);
            row << (f ? number(f->range.typical() * k) : QString())
                << (f ? number(f->range.low() * k) : QString())
                << (f ? number(f->range.high() * k) : QString());
        }
        out += csvRow(row, separator);
    }
    return out;
}

} // namespace rhexion
