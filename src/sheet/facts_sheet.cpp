#include "sheet/facts_sheet.h"

#include "pages/facts_page.h"
#include "pages/working_page.h"
#include "sheet/paper.h"

#include <QAbstractTextDocumentLayout>
#include <QCoreApplication>
#include <QPainter>

namespace rhexion {

namespace {

// Paper can not be pressed.
words::FactPage withoutPresses(words::FactPage page)
{
    for (words::FactSection& section : page.sections) {
        for (words::Fact& fact : section.facts)
            fact.action.clear();
        section.facts.removeIf([](const words::Fact& fact) {
            return fact.name.isEmpty() && fact.value.isEmpty() && fact.note.isEmpty();
        });
    }
    return page;
}

} // namespace

namespace {

void drawHtml(QPainter& painter, QPagedPaintDevice& device, const QString& html, double points)
{
    ClosedDocument document;
    document.documentLayout()->setPaintDevice(&device);
    document.setDocumentMargin(0);
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPointSizeF(points);
    document.setDefaultFont(font);
    document.setHtml(html);
    drawPages(painter, device, document);
}

QString paperHtml(const QPagedPaintDevice& device, const words::FactPage& page,
                  const QString& formulaName)
{
    // Sizes of type in a page are dots of the device.
    PageLook look;
    look.small = qRound(9.0 * device.logicalDpiY() / 72.0);
    look.head = qRound(12.0 * device.logicalDpiY() / 72.0);
    return QStringLiteral("<p>%1</p>").arg(formulaName.toHtmlEscaped()) +
           factsHtml(withoutPresses(page), look, true);
}

struct RecordText {
    Q_DECLARE_TR_FUNCTIONS(Record)
};

// Two beside each other, three below each other on a page.
void drawPictures(QPainter& painter, QPagedPaintDevice& device,
                  const QList<PictureOnPaper>& pictures)
{
    constexpr int across = 2, down = 3, mostDots = 900;
    const double mm = device.logicalDpiY() / 25.4;
    const QSizeF page = device.pageLayout().paintRectPixels(device.logicalDpiX()).size();
    const QSizeF cell((page.width() - 6 * mm) / across, page.height() / down);
    QFont font(QStringLiteral("Rhexion Sans"));
    font.setPointSizeF(9.0);
    painter.setFont(font);
    for (int i = 0; i < pictures.size(); ++i) {
        const int place = i % (across * down);
        if (i > 0 && place == 0)
            device.newPage();
        const PictureOnPaper& picture = pictures[i];
        QRectF room(place % across * (cell.width() + 6 * mm), place / across * cell.height(),
                    cell.width(), cell.height() - 14 * mm);
        painter.setPen(Qt::black);
        const QImage whole = picture.image();
        if (whole.isNull()) {
            painter.drawText(room, Qt::AlignCenter | Qt::TextWordWrap,
                             RecordText::tr("The photograph is not in its folder."));
        } else {
            const QImage image =
                whole.scaled(mostDots, mostDots, Qt::KeepAspectRatio, Qt::SmoothTransformation);
            const QSizeF size = QSizeF(image.size()).scaled(room.size(), Qt::KeepAspectRatio);
            painter.drawImage(QRectF(room.topLeft(), size), image);
            room.setHeight(size.height());
        }
        QRectF below(room.left(), room.bottom() + mm, room.width(), 3 * mm);
        if (picture.colour) {
            painter.fillRect(below, *picture.colour);
            below.translate(0, 4 * mm);
        }
        below.setHeight(6 * mm);
        painter.drawText(below, Qt::AlignLeft | Qt::AlignTop, picture.caption);
    }
}

} // namespace

void drawFacts(QPagedPaintDevice& device, const words::FactPage& page, const QString& formulaName)
{
    QPainter painter(&device);
    drawHtml(painter, device, paperHtml(device, page, formulaName), 10.5);
}

std::optional<FileFault> writeRecordPdf(const QString& path, const words::FactPage& page,
                                        const QList<PictureOnPaper>& pictures, const Formula& made,
                                        const Reckoning& reckoning, const Speech& speech)
{
    const QString name = QString::fromStdString(made.name);
    return writePdf(path, name, speech.habits(), [&](QPagedPaintDevice& device) {
        QPainter painter(&device);
        drawHtml(painter, device, paperHtml(device, page, name), 10.5);
        device.newPage();
        if (!pictures.isEmpty()) {
            drawPictures(painter, device, pictures);
            device.newPage();
        }
        drawHtml(painter, device,
                 QStringLiteral("<h2>%1</h2>")
                         .arg(RecordText::tr("The working of what was weighed").toHtmlEscaped()) +
                     workingHtml(made, reckoning, speech, {}),
                 8.5);
    });
}

std::optional<FileFault> writeFactsPdf(const QString& path, const words::FactPage& page,
                                       const QString& formulaName, const Habits& habits)
{
    return writePdf(path, formulaName, habits,
                    [&](QPagedPaintDevice& device) { drawFacts(device, page, formulaName); });
}

} // namespace rhexion
