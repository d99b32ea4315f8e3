#include "app/shelf/material_view.h"

#include "app/shelf/composition_bar.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/page_browser.h"
#include "storage/material_names.h"
#include "words/names.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QTextBrowser>
#include <QToolButton>
#include <QUrl>
#include <QVBoxLayout>

namespace rhexion {

MaterialView::MaterialView(QWidget* parent) : QWidget(parent)
{
    name_ = new Label(this);
    name_->setFont(Theme::figure());
    name_->setWordWrap(true);
    about_ = new Label(this);
    about_->setWordWrap(true);
    bar_ = new CompositionBar(this);
    text_ = new PageBrowser(this);
    text_->setOpenLinks(false);
    text_->setAccessibleName(tr("The material"));
    use_ = new QPushButton(tr("Use it on the bench"), this);
    use_->setObjectName(QStringLiteral("primary"));
    lot_ = new QPushButton(tr("Add a lot…"), this);
    measure_ = new QPushButton(tr("Measure it…"), this);
    more_ = new QToolButton(this);
    more_->setText(tr("More…"));
    more_->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(more_);
    mix_ = menu->addAction(tr("Cook or mix…"), this, &MaterialView::mixWanted);
    edit_ = menu->addAction(tr("Change it…"), this, &MaterialView::changeWanted);
    menu->addAction(tr("Copy as my own…"), this, &MaterialView::copyWanted);
    archive_ = menu->addAction(QString(), this, &MaterialView::archiveWanted);
    more_->setMenu(menu);
    auto* buttons = new QHBoxLayout;
    for (QWidget* button : std::initializer_list<QWidget*>{use_, lot_, measure_, more_})
        buttons->addWidget(button);
    buttons->addStretch();
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    layout->addWidget(name_);
    layout->addWidget(about_);
    layout->addWidget(bar_);
    layout->addWidget(text_, 1);
    layout->addLayout(buttons);
    connect(use_, &QPushButton::clicked, this, &MaterialView::useWanted);
    connect(lot_, &QPushButton::clicked, this, &MaterialView::lotWanted);
    connect(measure_, &QPushButton::clicked, this, &MaterialView::measureWanted);
    connect(text_, &QTextBrowser::anchorClicked, this, &MaterialView::followed);
}

void MaterialView::showParts(bool shown)
{
    for (QWidget* w : std::initializer_list<QWidget*>{bar_, about_, use_, lot_, measure_, more_})
        w->setVisible(shown);
}

void MaterialView::showNothing()
{
    showParts(false);
    name_->setText(tr("Nothing on the shelf matches"));
    text_->setHtml(
        QStringLiteral("<p>%1</p>")
            .arg(tr("Try fewer letters, or make it a material of your own, below the list.")));
}

void MaterialView::show(const StockEntry& entry, const MaterialPage& page, const Speech& speech,
                        bool canKeep)
{
    showParts(true);
    const Material& m = *page.material;
    name_->setText(entry.name);
    QString about = words::kindName(m.kind);
    about.front() = about.front().toUpper();
    if (!m.note.empty())
        about += QStringLiteral(". ") + materialNote(m);
    about_->setText(about);
    bar_->show(m, speech);
    const bool own = entry.origin == Origin::Own;
    edit_->setVisible(own);
    archive_->setVisible(own);
    archive_->setText(entry.archived ? tr("Take it out again") : tr("Put it away"));
    mix_->setVisible(!m.isHydroxide() && !m.isOil());
    for (QWidget* button : std::initializer_list<QWidget*>{lot_, measure_, more_})
        button->setEnabled(canKeep);
    tell(page, speech);
}

void MaterialView::tell(const MaterialPage& page, const Speech& speech)
{
    text_->setHtml(materialHtml(page, speech, Theme::page()));
}

QString MaterialView::text() const
{
    return text_->toPlainText();
}

} // namespace rhexion
