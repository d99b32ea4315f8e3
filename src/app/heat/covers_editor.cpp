#include "app/heat/covers_editor.h"

#include "app/theme/theme.h"
#include "app/widgets/label.h"
#include "app/widgets/number_field.h"
#include "core/units/enum_count.h"
#include "words/heat_words.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>

#include <algorithm>

namespace rhexion {

CoversEditor::CoversEditor(QWidget* parent) : QWidget(parent), rows_(new QVBoxLayout(this))
{
    rows_->setContentsMargins(0, 0, 0, 0);
    rows_->setSpacing(4);
}

void CoversEditor::set(const std::vector<CoverStep>& covers, const Speech& speech)
{
    if (covers == covers_ && rows_->count() > 0 &&
        speech.habits().locale == speech_.habits().locale)
        return;
    covers_ = covers;
    speech_ = speech;
    build();
}

void CoversEditor::build()
{
    while (QLayoutItem* item = rows_->takeAt(0)) {
        if (item->widget()) {
            item->widget()->hide();
            item->widget()->deleteLater(); // it may be the one that was pressed
        }
        delete item;
    }
    const auto tell = [this](std::vector<CoverStep> covers) {
        std::ranges::stable_sort(covers, {}, &CoverStep::fromHour);
        covers.front().fromHour = 0.0;
        QTimer::singleShot(0, this, [this, covers] { Q_EMIT changed(covers); });
    };
    for (std::size_t i = 0; i < covers_.size(); ++i) {
        auto* row = new QWidget(this);
        auto* line = new QHBoxLayout(row);
        line->setContentsMargins(0, 0, 0, 0);
        auto* box = new QComboBox(row);
        for (std::size_t c = 0; c < countOf<MouldCover>(); ++c)
            box->addItem(words::mouldCoverName(static_cast<MouldCover>(c)));
        box->setCurrentIndex(int(covers_[i].cover));
        box->setAccessibleName(tr("Cover"));
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(9);
        connect(box, &QComboBox::activated, this, [this, i, tell](int at) {
            auto covers = covers_;
            covers[i].cover = static_cast<MouldCover>(at);
            covers[i].place.reset();
            tell(covers);
        });
        line->addWidget(box, 1);
        if (i == 0) {
            auto* first = new Label(tr("from the start"), row);
            first->setFont(Theme::small());
            line->addWidget(first);
        } else {
            auto* hour = new NumberField(tr("h"), 1, false, row);
            fixWidth(hour, 64);
            hour->setSpeech(speech_);
            hour->setValue(covers_[i].fromHour);
            hour->setAccessibleName(tr("From hour"));
            connect(hour, &NumberField::entered, this, [this, i, tell](std::optional<double> v) {
                auto covers = covers_;
                covers[i].fromHour = std::clamp(*v, 0.0, 168.0);
                tell(covers);
            });
            line->addWidget(hour);
            auto* gone = new QPushButton(row);
            gone->setIcon(Theme::icon(QStringLiteral("x"), Ink::Muted));
            gone->setAccessibleName(tr("Leave this cover out"));
            connect(gone, &QPushButton::clicked, this, [this, i, tell] {
                auto covers = covers_;
                covers.erase(covers.begin() + std::ptrdiff_t(i));
                tell(covers);
            });
            line->addWidget(gone);
        }
        rows_->addWidget(row);
    }
    if (covers_.size() >= mostCovers)
        return;
    auto* more = new QPushButton(tr("And then…"), this);
    more->setToolTip(tr("Another cover later on"));
    connect(more, &QPushButton::clicked, this, [this, tell] {
        auto covers = covers_;
        covers.push_back(
            {covers.back().cover == MouldCover::Open ? MouldCover::Towel : MouldCover::Open,
             std::min(168.0, covers.back().fromHour + 2.0),
             {}});
        tell(covers);
    });
    rows_->addWidget(more);
}

} // namespace rhexion
