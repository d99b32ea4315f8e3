// The fatty acids of a blend as bars: each group with its band, in the oils that bring it.
#pragma once

#include "core/making/blend.h"
#include "words/speech.h"

#include <QWidget>

#include <optional>

namespace rhexion {

class BlendPicture : public QWidget {
    Q_OBJECT
public:
    explicit BlendPicture(QWidget* parent = nullptr);
    void set(const std::optional<Blend>& blend, const Speech& speech);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<Blend> blend_;
    Speech speech_;
};

} // namespace rhexion
