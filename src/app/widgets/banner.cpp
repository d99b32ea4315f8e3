#include "app/widgets/banner.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/spoken.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QToolButton>

namespace rhexion {

Banner::Banner(QWidget* parent) : QFrame(parent)
{
    setObjectName(QStringLiteral("card"));
    icon_ = new Label(this);
    text_ = new Label(this);
    text_->setWordWrap(true);
    text_->setTextFormat(Qt::PlainText);
    buttons_ = new QHBoxLayout;
    auto* close = new QToolButton(this);
    close->setIcon(Theme::icon(QStringLiteral("x"), Ink::Muted));
    close->setAccessibleName(tr("Close this note"));
    connect(close, &QToolButton::clicked, this, &QWidget::hide);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 6, 8, 6);
    layout->addWidget(icon_);
    body_ = new QBoxLayout(QBoxLayout::LeftToRight);
    body_->addWidget(text_, 1);
    body_->addLayout(buttons_);
    layout->addLayout(body_, 1);
    layout->addWidget(close);
    connect(&Theme::news(), &LookNews::changed, this, &Banner::drawIcon);
    hide();
}

void Banner::show(Tone tone, const QString& text)
{
    while (QLayoutItem* item = buttons_->takeAt(0)) {
        if (item->widget())
            item->widget()->deleteLater();
        delete item;
    }
    tone_ = tone;
    drawIcon();
    text_->setText(text);
    setAccessibleName(text);
    QWidget::show();
    sayAloud(*this);
}

void Banner::drawIcon()
{
    const QString name = tone_ == Tone::Fine   ? QStringLiteral("check")
                         : tone_ == Tone::Care ? QStringLiteral("triangle-alert")
                                               : QStringLiteral("octagon-alert");
    const Ink ink = tone_ == Tone::Fine ? Ink::Fine : tone_ == Tone::Care ? Ink::Care : Ink::Danger;
    icon_->setPixmap(Theme::pixmap(name, Theme::of(ink), 20));
}

QPushButton* Banner::addButton(const QString& text)
{
    auto* button = new QPushButton(text, this);
    connect(button, &QPushButton::clicked, this, &QWidget::hide);
    buttons_->addWidget(button);
    button->show();
    arrange();
    return button;
}

void Banner::resizeEvent(QResizeEvent* event)
{
    arrange();
    QFrame::resizeEvent(event);
}

void Banner::arrange()
{
    constexpr int leastText = 360; // px at 100 %
    int wide = 0;
    for (int i = 0; i < buttons_->count(); ++i)
        wide += buttons_->itemAt(i)->sizeHint().width() + buttons_->spacing();
    const bool below = wide > 0 && width() - wide < Theme::px(leastText);
    body_->setDirection(below ? QBoxLayout::TopToBottom : QBoxLayout::LeftToRight);
    body_->setAlignment(buttons_, below ? Qt::AlignLeft : Qt::Alignment());
}

QString Banner::text() const
{
    return text_->text();
}

} // namespace rhexion
