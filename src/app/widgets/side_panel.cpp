#include "app/widgets/side_panel.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

SidePanel::SidePanel(const QString& title, QWidget* parent) : QFrame(parent)
{
    setObjectName(QStringLiteral("card"));
    auto* name = new Label(title, this);
    name->setFont(Theme::strong());
    name->setWordWrap(true);
    auto* back = new QPushButton(tr("Back to figures"), this);
    connect(back, &QPushButton::clicked, this, &SidePanel::closed);
    top_ = new QHBoxLayout;
    top_->addWidget(name, 1);
    top_->addWidget(back);
    body_ = new QVBoxLayout(this);
    body_->setContentsMargins(12, 10, 10, 10);
    body_->addLayout(top_);
}

void SidePanel::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Escape)
        Q_EMIT closed();
    else
        QFrame::keyPressEvent(event);
}

} // namespace rhexion
