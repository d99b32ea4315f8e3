#include "app/bench/vessel_panel.h"

#include "app/bench/line_delegate.h"
#include "app/bench/line_menu.h"
#include "app/bench/vessel_drawing.h"
#include "app/theme/soft_box.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "document/formula_document.h"
#include "models/vessel_model.h"
#include "words/names.h"

#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListView>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QResizeEvent>
#include <QToolButton>
#include <QVBoxLayout>

namespace rhexion {

VesselPanel::VesselPanel(FormulaDocument& document, Vessel vessel, bool compact, QWidget* parent)
    : QFrame(parent), document_(document), vessel_(vessel), compact_(compact)
{
    setObjectName(QStringLiteral("card"));
    setAccessibleName(words::vesselName(vessel));
    name_ = new Label(words::vesselName(vessel), this);
    name_->setFont(Theme::strong());
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
    setAcceptDrops(true);
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
    list_->setMinimumHeight(1);              // 0 would be what a list thinks it needs
    list_->setResizeMode(QListView::Adjust); // a name may need another row
    list_->installEventFilter(this);
    connect(list_, &QListView::customContextMenuRequested, this, &VesselPanel::showMenu);

    hint_ = new Label(compact ? tr("drop here, or type")
                              : tr("Nothing here yet. Type an amount "
                                   "and a name, or drop a line here."),
                      this);
    hint_->setObjectName(QStringLiteral("muted"));
    hint_->setWordWrap(!compact);
    hint_->setAttribute(Qt::WA_TransparentForMouseEvents);

    auto* heading = new QHBoxLayout;
    heading->setSpacing(6);
    heading->addWidget(name_);
    heading->addWidget(badge_);
    if (compact)
        heading->addWidget(hint_);
    heading->addStretch();
    heading->addWidget(mass_);
    auto* text = new QVBoxLayout;
    text_ = text;
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
    if (!compact)
        layout->addWidget(hint_);
    layout->addWidget(list_, 1);
    connect(&Theme::news(), &LookNews::changed, this, [this] {
        told_ = -1;
        forgetHeights();
    });
    for (const auto& signal : {&QAbstractItemModel::rowsInserted, &QAbstractItemModel::rowsRemoved})
        connect(model_, signal, this, &VesselPanel::forgetHeights);
    connect(model_, &QAbstractItemModel::dataChanged, this, &VesselPanel::forgetHeights);
    connect(model_, &QAbstractItemModel::rowsMoved, this, &VesselPanel::forgetHeights);
    connect(model_, &QAbstractItemModel::modelReset, this, &VesselPanel::forgetHeights);
}

void VesselPanel::addOnTop(QWidget* widget)
{
    onTop_->addWidget(widget);
}

LineId VesselPanel::currentLine() const
{
    return model_->lineAt(list_->currentIndex());
}

void VesselPanel::toggleLock()
{
    if (const Line* line = document_.formula().find(currentLine()))
        document_.apply(SetLocked{line->id, !line->locked}, tr("Lock an amount"));
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
    int worst = -1;
    int count = 0;
    for (const Caution& caution : document_.findings())
        if (caution.vessel == vessel_ && !caution.acknowledged) {
            worst = std::max(worst, static_cast<int>(caution.severity));
            ++count;
        }
    badge_->setVisible(count > 0);
    if (count > 0) {
        const auto severity = static_cast<Severity>(worst);
        badge_->setIcon(Theme::icon(severity == Severity::Danger ? QStringLiteral("octagon-alert")
                                    : severity == Severity::Care ? QStringLiteral("triangle-alert")
                                                                 : QStringLiteral("info"),
                                    Theme::inkOfSeverity(worst)));
        badge_->setToolTip(tr("%n caution(s): show", nullptr, count));
        badge_->setAccessibleName(tr("%1: %2").arg(words::vesselName(vessel_), badge_->toolTip()));
    }
    arrange();
    if (!isVisible())
        return; // measured when it is shown
    if (const int wanted = heightWanted(width(), true); wanted != told_) {
        told_ = wanted;
        Q_EMIT heightChanged();
    }
}

void VesselPanel::resizeEvent(QResizeEvent* event)
{
    arrange();
    QFrame::resizeEvent(event);
}

void VesselPanel::arrange()
{
    // In a narrow window words matter more than the picture.
    if (drawing_)
        drawing_->setVisible(isPictured(drawn_));
    if (compact_) {
        // A hint that is cut says less than none.
        const int taken = name_->sizeHint().width() + Theme::px(40);
        const bool fits = hint_->fontMetrics().horizontalAdvance(hint_->text()) <= width() - taken;
        hint_->setVisible(fits && isUnused());
    }
}

void VesselPanel::setDrawn(bool drawn)
{
    if (drawn_ == drawn)
        return;
    drawn_ = drawn;
    arrange();
}

bool VesselPanel::isUnused() const
{
    return compact_ && model_->rowCount() == 0;
}

bool VesselPanel::isPictured(bool drawn) const
{
    const QMargins around = layout()->contentsMargins();
    return drawing_ && drawn &&
           width() >= around.left() + around.right() + 2 * frameWidth() +
                          drawing_->sizeHint().width() + 10 + text_->minimumSize().width();
}

int VesselPanel::headHeight(bool drawn) const
{
    const bool pictured = isPictured(drawn);
    const int row = Theme::px(24);
    int head = row + (summary_->isHidden() ? 0 : summary_->sizeHint().height() + 2);
    if (pictured)
        head = std::max(head, drawing_->sizeHint().height());
    if (!compact_ && !hint_->isHidden())
        head += hint_->heightForWidth(width() - Theme::px(20)) + 6;
    int onTop = 0;
    for (int i = 0; i < onTop_->count(); ++i)
        if (const QWidget* widget = onTop_->itemAt(i)->widget(); widget && !widget->isHidden())
            onTop += widget->sizeHint().height();
    const int gaps = layout()->spacing() * 2;
    return head + onTop + gaps + layout()->contentsMargins().top() +
           layout()->contentsMargins().bottom() + 2;
}

int VesselPanel::linesHeight(int width, int most) const
{
    const QMargins around = layout()->contentsMargins();
    const int room = width - around.left() - around.right() - 2 * frameWidth();
    if (heightsAt_ != room) {
        heightsAt_ = room;
        heights_.clear();
        for (int row = 0; row < model_->rowCount(); ++row)
            heights_.push_back(delegate_->heightAt(model_->index(row), room));
    }
    int height = 0;
    for (int row = 0; row < std::min(most, int(heights_.size())); ++row)
        height += heights_[std::size_t(row)];
    return height;
}

int VesselPanel::heightWanted(int width, bool drawn) const
{
    if (isUnused())
        return Theme::px(34);
    return headHeight(drawn) + linesHeight(width, model_->rowCount()) + 4;
}

int VesselPanel::widthLeast() const
{
    const int badge = badge_->isHidden() ? 0 : badge_->sizeHint().width() + 6;
    return name_->sizeHint().width() + badge + mass_->sizeHint().width() + Theme::px(34);
}

int VesselPanel::heightLeast(int width) const
{
    constexpr int fewest = 2; // lines
    return isUnused() ? Theme::px(34) : headHeight(false) + linesHeight(width, fewest);
}

void VesselPanel::paintEvent(QPaintEvent* event)
{
    QFrame::paintEvent(event);
    if (!isUnused() || !list_->hasFocus())
        return;
    QPainter painter(this);
    drawSoftBox(painter, rect(), {{}, Theme::colours().action, 2, 10});
}

void VesselPanel::dragEnterEvent(QDragEnterEvent* event)
{
    if (model_->canDropMimeData(event->mimeData(), Qt::MoveAction, -1, 0, {}))
        event->acceptProposedAction();
}

void VesselPanel::dropEvent(QDropEvent* event)
{
    model_->dropMimeData(event->mimeData(), Qt::MoveAction, -1, 0, {});
    event->acceptProposedAction();
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
        toggleLock();
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
        if (event->type() == QEvent::FocusIn || event->type() == QEvent::FocusOut)
            update();
        // A view lays its rows out a moment after it got another width; rows that need another
        // height would lie over each other meanwhile.
        if (event->type() == QEvent::Resize) {
            const auto* resize = static_cast<QResizeEvent*>(event);
            if (resize->size().width() != resize->oldSize().width() && list_->isVisible())
                list_->doItemsLayout();
        }
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
