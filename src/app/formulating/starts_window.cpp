#include "app/formulating/starts_window.h"

#include "app/help.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "storage/material_names.h"
#include "words/names.h"
#include "words/start_words.h"

#include <QHBoxLayout>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace rhexion {

StartsWindow::StartsWindow(QWidget* owner) : LeavableWindow(owner)
{
    helpOn(this, "recipes");
    setWindowTitle(tr("Starting points"));
    list_ = new QListWidget(this);
    list_->setAccessibleName(tr("Starting points"));
    list_->setWordWrap(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    for (int i = 0; i < startingPointCount; ++i)
        list_->addItem(words::startTeaches(static_cast<StartingPoint>(i)));
    name_ = new Label(this);
    name_->setFont(Theme::figure());
    name_->setWordWrap(true);
    reasons_ = new Label(this);
    reasons_->setWordWrap(true);
    inIt_ = new Label(this);
    inIt_->setWordWrap(true);
    inIt_->setObjectName(QStringLiteral("muted"));
    open_ = new QPushButton(tr("Open a copy on the bench"), this);
    open_->setObjectName(QStringLiteral("primary"));
    auto* right = new QVBoxLayout;
    right->addWidget(name_);
    right->addWidget(reasons_);
    right->addWidget(inIt_);
    right->addStretch();
    right->addWidget(open_, 0, Qt::AlignLeading);
    auto* layout = new QHBoxLayout(this);
    layout->setSpacing(16);
    layout->addWidget(list_, 2);
    layout->addLayout(right, 3);
    resize(820, 480);
    connect(list_, &QListWidget::currentRowChanged, this, &StartsWindow::showChosen);
    const auto take = [this] {
        Q_EMIT chosen(static_cast<StartingPoint>(list_->currentRow()));
        close();
    };
    connect(open_, &QPushButton::clicked, this, take);
    connect(list_, &QListWidget::itemActivated, this, take);
    list_->setCurrentRow(0);
}

void StartsWindow::showChosen()
{
    const auto which = static_cast<StartingPoint>(std::max(0, list_->currentRow()));
    name_->setText(words::startName(which));
    reasons_->setText(words::startReasons(which));
    QStringList in;
    for (const Line& line : startingPoint(which).lines)
        in << tr("%1 %2").arg(materialName(*line.material), words::vesselPlace(line.vessel));
    inIt_->setText(in.join(QStringLiteral(" · ")));
}

} // namespace rhexion
