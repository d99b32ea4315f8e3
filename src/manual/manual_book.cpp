#include "manual/manual_book.h"

#include "sheet/paper.h"

#include <QAbstractTextDocumentLayout>
#include <QDir>
#include <QImage>
#include <QPagedPaintDevice>
#include <QPainter>

namespace rhexion::manual {

namespace {

constexpr int widest = 620; // of a picture, in px of a screen; on A4 164 mm
constexpr auto style = R"(body { font-family: sans-serif; line-height: 1.45; max-width: 46em;
  margin: 1.5em auto; padding: 0 1em; color: #22201c; background: #fffefa; }
@media (prefers-color-scheme: dark) { body { color: #ece8df; background: #1f1e1b; } a { color: #7cc4b6; } }
img { max-width: 100%; height: auto; border: 1px solid #cfc8bb; border-radius: 6px; }
pre { padding: .7em 1em; border-left: 4px solid #0f6b5c; overflow-x: auto; }
th { text-align: left; } td, th { padding: .2em 1.2em .2em 0; vertical-align: top; }
nav { margin: 1em 0; })";

bool write(const QString& path, const QString& text)
{
    QFile file(path);
    return file.open(QIODevice::WriteOnly) && file.write(text.toUtf8()) >= 0 && file.flush();
}

QString linkTo(const Page& page)
{
    return QStringLiteral("<a href=\"%1.html\">%2</a>").arg(page.id, page.title.toHtmlEscaped());
}

QString whole(const QString& language, const QString& title, const QString& body)
{
    return QStringLiteral("<!DOCTYPE html>\n<html lang=\"%3\"><head><meta charset=\"utf-8\">"
                          "<meta name=\"viewport\" content=\"width=device-width\">"
                          "<title>%1</title><link rel=\"stylesheet\" href=\"style.css\"></head>\n"
                          "<body>%2</body></html>\n")
        .arg(title.toHtmlEscaped(), body, language);
}

QString contents(const QList<Page>& pages)
{
    QString out = QStringLiteral("<h1>Rhexion</h1><ol>");
    for (const Page& page : pages)
        out += QStringLiteral("<li>%1</li>").arg(linkTo(page));
    return out + QStringLiteral("</ol>");
}

// The project file: what Qt Help makes its book from.
QString project(const QList<Page>& pages, const QStringList& files)
{
    QString sections, keywords, list;
    for (const Page& page : pages) {
        sections += QStringLiteral("<section title=\"%1\" ref=\"%2.html\"/>")
                        .arg(page.title.toHtmlEscaped(), page.id);
        for (const QString& word : keywordsOf(page))
            keywords += QStringLiteral("<keyword name=\"%1\" id=\"%2\" ref=\"%2.html\"/>")
                            .arg(word.toHtmlEscaped(), page.id);
    }
    for (const QString& file : files)
        list += QStringLiteral("<file>%1</file>").arg(file);
    return QStringLiteral("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                          "<QtHelpProject version=\"1.0\"><namespace>org.rhexion.manual</namespace>"
                          "<virtualFolder>manual</virtualFolder><filterSection><toc>"
                          "<section title=\"Rhexion\" ref=\"index.html\">%1</section></toc>"
                          "<keywords>%2</keywords><files>%3</files></filterSection>"
                          "</QtHelpProject>\n")
        .arg(sections, keywords, list);
}

// Pictures only from the folder they were made in.
class BookDocument : public QTextDocument {
public:
    explicit BookDocument(QDir pictures) : pictures_(std::move(pictures)) {}

private:
    QVariant loadResource(int type, const QUrl& url) override
    {
        if (type != ImageResource || !url.path().startsWith(QLatin1String("pictures/")))
            return {};
        return QImage(pictures_.filePath(QFileInfo(url.path()).fileName()));
    }
    QDir pictures_;
};

std::optional<QString> writeBook(const QList<Page>& pages, const QString& pictures,
                                 const QString& path)
{
    Habits habits;
    const auto fault =
        writePdf(path, QStringLiteral("Rhexion"), habits, [&](QPagedPaintDevice& device) {
            BookDocument document{QDir(pictures)};
            document.documentLayout()->setPaintDevice(&device);
            document.setDocumentMargin(0);
            QFont font(QStringLiteral("Rhexion Sans"));
            font.setPointSizeF(10.0);
            document.setDefaultFont(font);
            QString html = contents(pages);
            // Links lead to places within the one file.
            html.replace(QLatin1String(".html\""), QLatin1String("\""));
            html.replace(QLatin1String("href=\""), QLatin1String("href=\"#"));
            for (const Page& page : pages)
                html += QStringLiteral("<a name=\"%1\"></a><div style=\"page-break-before:always\">"
                                       "%2</div>")
                            .arg(page.id, bodyOf(page, widest));
            document.setHtml(html);
            QPainter painter(&device);
            drawPages(painter, device, document);
        });
    return fault ? std::optional(fault->detail) : std::nullopt;
}

} // namespace

const BookWords& wordsFor(const QString& language)
{
    static const BookWords all[] = {{QStringLiteral("en"), QStringLiteral("Contents"),
                                     QStringLiteral("before"), QStringLiteral("next")},
                                    {QStringLiteral("de"), QStringLiteral("Inhalt"),
                                     QStringLiteral("davor"), QStringLiteral("danach")}};
    for (const BookWords& one : all)
        if (one.language == language)
            return one;
    return all[0];
}

std::optional<QString> bind(const QList<Page>& pages, const QString& pictures, const QString& out,
                            const BookWords& words)
{
    const QString html = out + QStringLiteral("/html");
    if (pages.isEmpty() || !QDir().mkpath(html + QStringLiteral("/pictures")))
        return QStringLiteral("no pages, or the folder cannot be made");
    QStringList files{QStringLiteral("index.html"), QStringLiteral("style.css")};
    for (qsizetype i = 0; i < pages.size(); ++i) {
        const Page& page = pages[i];
        for (const QString& link : linksOf(page))
            if (std::ranges::none_of(pages, [&](const Page& p) { return p.id == link; }))
                return QStringLiteral("%1: no page %2").arg(page.id, link);
        for (const QString& picture : picturesOf(page)) {
            const QString to = QStringLiteral("pictures/") + picture;
            if (files.contains(to))
                continue;
            if (!QFile::copy(pictures + QLatin1Char('/') + picture, html + QLatin1Char('/') + to))
                return QStringLiteral("%1: no picture %2").arg(page.id, picture);
            files << to;
        }
        QString way = QStringLiteral("<nav><a href=\"index.html\">%1</a>").arg(words.contents);
        if (i > 0)
            way += QStringLiteral(" · %1: ").arg(words.before) + linkTo(pages[i - 1]);
        if (i + 1 < pages.size())
            way += QStringLiteral(" · %1: ").arg(words.next) + linkTo(pages[i + 1]);
        way += QStringLiteral("</nav>");
        if (!write(QStringLiteral("%1/%2.html").arg(html, page.id),
                   whole(words.language, page.title, bodyOf(page, widest) + way)))
            return QStringLiteral("%1 cannot be written").arg(page.id);
        files << page.id + QStringLiteral(".html");
    }
    if (!write(html + QStringLiteral("/index.html"),
               whole(words.language, QStringLiteral("Rhexion"), contents(pages))) ||
        !write(html + QStringLiteral("/style.css"), QString::fromUtf8(style)) ||
        !write(html + QStringLiteral("/rhexion.qhp"), project(pages, files)))
        return QStringLiteral("the contents cannot be written");
    return writeBook(pages, pictures, out + QStringLiteral("/rhexion-manual.pdf"));
}

} // namespace rhexion::manual
