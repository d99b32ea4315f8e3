// The chosen mould in its true shape, with the batter's level: typical filled, low and high as
// dashes, what goes over the rim in red and with a pattern; cuts where bars are cut.
#pragma once

#include "core/making/mould_fit.h"
#include "words/speech.h"

#include <QWidget>

#include <optional>

namespace rhexion {

class MouldPicture : public QWidget {
    Q_OBJECT
public:
    explicit MouldPicture(QWidget* parent = nullptr);
    void set(const MouldUse& use, const MouldLevel& level, const Cutting& cutting,
             const Speech& speech);
    void clear();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    struct Shown {
        MouldUse use;
        MouldLevel level;
        Cutting cutting;
    };
    std::optional<Shown> shown_;
    Speech speech_;
};

} // namespace rhexion
