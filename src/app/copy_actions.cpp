#include "app/copy_actions.h"

#include "app/bench/accounts_view.h"
#include "app/files/file_choice.h"
#include "app/theme/theme.h"
#include "storage/whole_file.h"
#include "words/refusal_words.h"

#include <QApplication>
#include <QBuffer>
#include <QClipboard>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QSvgGenerator>

namespace rhexion {

namespace {

QImage imageOf(AccountsView& view)
{
    constexpr int times = 2;
    QImage image(view.size() * times, QImage::Format_ARGB32_Premultiplied);
    image.setDevicePixelRatio(times);
    image.fill(Theme::colours().surface);
    view.render(&image, {}, {}, QWidget::DrawChildren);
    return image;
}

} // namespace

QByteArray accountsAsPng(AccountsView& view)
{
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    imageOf(view).save(&buffer, "PNG");
    return buffer.data();
}

QByteArray accountsAsSvg(AccountsView& view)
{
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QSvgGenerator svg;
    svg.setOutputDevice(&buffer);
    svg.setSize(view.size());
    svg.setViewBox(view.rect());
    svg.setTitle(CopyActions::tr("Lye and water accounts"));
    svg.setDescription(view.accessibleDescription());
    QPainter painter(&svg);
    painter.fillRect(view.rect(), Theme::colours().surface);
    view.render(&painter, {}, {}, QWidget::DrawChildren);
    painter.end();
    return buffer.data();
}

CopyActions::CopyActions(std::function<Here()> here, QWidget& window)
    : QObject(&window), here_(std::move(here)), window_(window)
{
}

void CopyActions::addTo(QMenu& menu)
{
    QMenu* copy = menu.addMenu(tr("Cop&y"));
    copy->addAction(tr("The &table here"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), this,
                    &CopyActions::copyTable);
    copy->addAction(tr("The &page here, as text"), this, &CopyActions::copyPage);
    copy->addAction(tr("The &accounts, as a picture"), this, &CopyActions::copyPicture);
    copy->addAction(tr("Accounts into a &file (SVG, PNG)…"), this, &CopyActions::savePictureAs);
}

void CopyActions::copyTable()
{
    const auto make = here_().table;
    if (!make) {
        Q_EMIT said(tr("There is no table to copy here."));
        return;
    }
    const TextTable table = make();
    auto* mime = new QMimeData;
    mime->setText(asText(table));
    mime->setData(QStringLiteral("text/csv"), asCsv(table));
    QApplication::clipboard()->setMimeData(mime);
    Q_EMIT copied(tr("%n row(s) copied.", nullptr, int(table.rows.size())));
}

void CopyActions::copyPage()
{
    const auto make = here_().page;
    const QString page = make ? make() : QString();
    if (page.isEmpty()) {
        Q_EMIT said(tr("There is no page to copy here."));
        return;
    }
    QApplication::clipboard()->setText(page);
    Q_EMIT copied(tr("The page is copied."));
}

void CopyActions::copyPicture()
{
    AccountsView* view = here_().accounts;
    if (!view || view->accounts().empty()) {
        Q_EMIT said(tr("There are no accounts to copy yet: they begin with an oil."));
        return;
    }
    auto* mime = new QMimeData;
    mime->setImageData(imageOf(*view));
    mime->setData(QStringLiteral("image/svg+xml"), accountsAsSvg(*view));
    QApplication::clipboard()->setMimeData(mime);
    Q_EMIT copied(tr("The accounts are copied as a picture."));
}

void CopyActions::savePictureAs()
{
    const QString path = files::toSave(&window_, tr("Accounts as a picture"), {},
                                       tr("Drawing that scales (*.svg);;Picture in dots (*.png)"));
    if (!path.isEmpty())
        savePicture(path);
}

bool CopyActions::savePicture(const QString& path)
{
    AccountsView* view = here_().accounts;
    if (!view || view->accounts().empty()) {
        Q_EMIT said(tr("There are no accounts to copy yet: they begin with an oil."));
        return false;
    }
    const bool dots = path.endsWith(QLatin1String(".png"), Qt::CaseInsensitive);
    if (const auto fault = writeWhole(path, dots ? accountsAsPng(*view) : accountsAsSvg(*view))) {
        Q_EMIT said(words::fileFault(*fault));
        return false;
    }
    Q_EMIT copied(tr("The picture is written."));
    return true;
}

} // namespace rhexion
