#include "app/widgets/banner.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"

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
    close->setIcon(Theme::icon(QStringLiteral("x"), Theme::colours().muted));
    close->setAccessibleName(tr("Close this note"));
    connect(close, &QToolButton::clicked, this, &QWidget::hide);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(12, 6, 8, 6);
    layout->addWidget(icon_);
    layout->addWidget(text_, 1);
    layout->addLayout(buttons_);
    layout->addWidget(close);
    hide();
}

void Banner::show(Tone tone, const QString& text)
{
    while (QLayoutItem* item = buttons_->takeAt(0)) {
        if (item->widget())
            item->widget()->deleteLater();
        delete item;
    }
    const Colours& c = Theme::colours();
    const QString name = tone == Tone::Fine   ? QStringLiteral("check")
                         : tone == Tone::Care ? QStringLiteral("triangle-alert")
                                              : QStringLiteral("octagon-alert");
    const QColor colour = tone == Tone::Fine ? c.fine : tone == Tone::Care ? c.care : c.danger;
    icon_->setPixmap(Theme::pixmap(name, colour, 20));
    text_->setText(text);
    setAccessibleName(text);
    QWidget::show();
}

QPushButton* Banner::addButton(const QString& text)
{
    auto* button = new QPushButton(text, this);
    connect(button, &QPushButton::clicked, this, &QWidget::hide);
    buttons_->addWidget(button);
    button->show();
    return button;
}

QString Banner::text() const
{
    return text_->text();
}

} // namespace rhexion
