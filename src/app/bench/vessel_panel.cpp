#include "app/bench/vessel_panel.h"

#include "app/bench/line_delegate.h"
#include "app/bench/line_menu.h"
#include "app/bench/vessel_drawing.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "document/formula_document.h"
#include "models/vessel_model.h"
#include "words/names.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListView>
#include <QMenu>
#include <QToolButton>
#include <QVBoxLayout>

namespace rhexion {

VesselPanel::VesselPanel(FormulaDocument& document, Vessel vessel, bool compact, QWidget* parent)
    : QFrame(parent), document_(document), vessel_(vessel), compact_(compact)
{
    setObjectName(QStringLiteral("card"));
    auto* name = new Label(words::vesselName(vessel), this);
    name->setFont(Theme::strong());
    mass_ = new Label(this);
    mass_->setObjectName(QStringLiteral("muted"));
    badge_ = new QToolButton(this);
    badge_->hide();
    connect(badge_, &QToolButton::clicked, this, [this] { Q_EMIT cautionsWanted(vessel_); });
    summary_ = new Label(this);
    summary_->setObjectName(QStringLiteral("muted"));
    summary_->setWordWrap(true);
    summary_->hide(); // until there is something to say

    model_ = new VesselModel(document, vessel, this);
    connect(model_, &VesselModel::amountRefused, this, &VesselPanel::amountRefused);
    connect(model_, &VesselModel::heightsChanged, this, [this] { list_->doItemsLayout(); });
    list_ = new QListView(this);
    list_->setModel(model_);
    delegate_ = new LineDelegate(list_);
    list_->setItemDelegate(delegate_);
    list_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed);
    list_->setDragDropMode(QAbstractItemView::DragDrop);
    list_->setDefaultDropAction(Qt::MoveAction);
    list_->setDragDropOverwriteMode(false);
    list_->setContextMenuPolicy(Qt::CustomContextMenu);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    list_->setAccessibleName(words::vesselName(vessel));
    list_->setMinimumHeight(compact ? 30 : 60);
    list_->installEventFilter(this);
    connect(list_, &QListView::customContextMenuRequested, this, &VesselPanel::showMenu);

    hint_ = new Label(compact ? tr("Drop here, or type")
                              : tr("Nothing here yet. Type an amount "
                                   "and a name, or drop a line here."),
                      list_);
    hint_->setObjectName(QStringLiteral("muted"));
    hint_->setWordWrap(true);
    hint_->setAttribute(Qt::WA_TransparentForMouseEvents);

    auto* heading = new QHBoxLayout;
    heading->setSpacing(6);
    heading->addWidget(name);
    heading->addWidget(badge_);
    heading->addStretch();
    heading->addWidget(mass_);
    auto* text = new QVBoxLayout;
    text->setSpacing(2);
    text->addLayout(heading);
    text->addWidget(summary_);
    onTop_ = new QVBoxLayout;
    onTop_->setSpacing(0);

    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(10, compact ? 5 : 8, 8, compact ? 4 : 8);
    layout->setSpacing(compact ? 0 : 6);
    if (compact) {
        layout->addLayout(text);
    } else {
        drawing_ = new VesselDrawing(vessel, this);
        auto* top = new QHBoxLayout;
        top->setSpacing(10);
        top->addWidget(drawing_);
        text->addStretch();
        top->addLayout(text, 1);
        layout->addLayout(top);
    }
    layout->addLayout(onTop_);
    layout->addWidget(list_, 1);
}

void VesselPanel::addOnTop(QWidget* widget)
{
    onTop_->addWidget(widget);
}

LineId VesselPanel::currentLine() const
{
    return model_->lineAt(list_->currentIndex());
}

void VesselPanel::setSpeech(const Speech& speech)
{
    speech_ = speech;
    model_->setSpeech(speech);
    refresh();
}

void VesselPanel::setSummary(const QString& text)
{
    summary_->setText(text);
    summary_->setVisible(!compact_ && !text.isEmpty());
}

void VesselPanel::light(LineId line)
{
    delegate_->setLit(line);
    list_->viewport()->update();
}

void VesselPanel::refresh()
{
    const Reckoning* reckoning = document_.reckoning();
    const Contents contents =
        reckoning ? contentsOf(document_.formula(), *reckoning, vessel_) : Contents{};
    if (drawing_)
        drawing_->setContents(contents, full_, speech_);
    const bool empty = model_->rowCount() == 0;
    mass_->setText(contents.total() > 0.05 ? speech_.mass(contents.total()) : QString());
    hint_->setVisible(empty && vessel_ != Vessel::LyeJug);
    hint_->setGeometry(8, 2, std::max(60, list_->width() - 16), compact_ ? 22 : 60);

    int worst = -1;
    int count = 0;
    for (const Caution& caution : document_.findings())
        if (caution.vessel == vessel_) {
            worst = std::max(worst, static_cast<int>(caution.severity));
            ++count;
        }
    badge_->setVisible(count > 0);
    if (count > 0) {
        const auto severity = static_cast<Severity>(worst);
        badge_->setIcon(Theme::icon(severity == Severity::Danger ? QStringLiteral("octagon-alert")
                                    : severity == Severity::Care ? QStringLiteral("triangle-alert")
                                                                 : QStringLiteral("info"),
                                    Theme::ofSeverity(worst)));
        badge_->setToolTip(tr("%n caution(s): show", nullptr, count));
        badge_->setAccessibleName(badge_->toolTip());
    }
}

void VesselPanel::resizeEvent(QResizeEvent* event)
{
    // In a narrow window words matter more than the picture.
    if (drawing_)
        drawing_->setVisible(width() >= 225);
    QFrame::resizeEvent(event);
}

bool VesselPanel::keyPressed(QKeyEvent* key)
{
    const LineId line = currentLine();
    const auto place = static_cast<std::size_t>(vessel_);
    if (line != 0 && key->modifiers() == Qt::ControlModifier &&
        (key->key() == Qt::Key_Left || key->key() == Qt::Key_Right)) {
        const std::size_t count = allVessels.size();
        const std::size_t step = key->key() == Qt::Key_Right ? 1 : count - 1;
        std::size_t to = (place + step) % count;
        if (allVessels[to] == Vessel::SecondJug && !document_.formula().usesSecondJug())
            to = (to + step) % count;
        Q_EMIT moveWanted(line, allVessels[to]);
        return true;
    }
    if (line != 0 && key->modifiers() == Qt::ControlModifier && key->key() == Qt::Key_J) {
        if (const Line* l = document_.formula().find(line))
            document_.apply(SetLocked{line, !l->locked}, tr("Lock an amount"));
        return true;
    }
    if (line != 0 && (key->key() == Qt::Key_Delete || key->key() == Qt::Key_Backspace)) {
        Q_EMIT removeWanted(line);
        return true;
    }
    // An editor that is just closing passes its Enter on to the list; that one is not for us.
    if (line != 0 && list_->hasFocus() &&
        (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter)) {
        list_->edit(list_->currentIndex());
        return true;
    }
    const QString text = key->text();
    const bool plain = key->modifiers() == Qt::NoModifier || key->modifiers() == Qt::ShiftModifier;
    if (plain && text.size() == 1 && text.front().isPrint() && !text.front().isSpace()) {
        Q_EMIT typed(vessel_, text);
        return true;
    }
    return false;
}

bool VesselPanel::eventFilter(QObject* watched, QEvent* event)
{
    if (watched == list_) {
        if (event->type() == QEvent::KeyPress && keyPressed(static_cast<QKeyEvent*>(event)))
            return true;
        if (event->type() == QEvent::FocusIn) {
            if (!list_->currentIndex().isValid() && model_->rowCount() > 0)
                list_->setCurrentIndex(model_->index(0));
            Q_EMIT focused(vessel_);
        }
        if (event->type() == QEvent::FocusOut && !list_->isActiveWindow())
            return false;
        if (event->type() == QEvent::Resize)
            hint_->setGeometry(8, 2, std::max(60, list_->width() - 16), compact_ ? 22 : 60);
    }
    return QFrame::eventFilter(watched, event);
}

void VesselPanel::showMenu(const QPoint& at)
{
    const LineId id = model_->lineAt(list_->indexAt(at));
    const Line* line = document_.formula().find(id);
    if (!line)
        return;
    QMenu menu(this);
    menu.addAction(tr("Change amount"), this, [this] { list_->edit(list_->currentIndex()); });
    QMenu* move = menu.addMenu(tr("Move to"));
    for (const Vessel to : allVessels)
        if (to != vessel_)
            move->addAction(words::vesselName(to), this,
                            [this, id, to] { Q_EMIT moveWanted(id, to); });
    addLineChoices(menu, document_, id, speech_, [this] { Q_EMIT splitWanted(); });
    menu.addSeparator();
    menu.addAction(tr("Remove"), this, [this, id] { Q_EMIT removeWanted(id); });
    menu.exec(list_->viewport()->mapToGlobal(at));
}

} // namespace rhexion
