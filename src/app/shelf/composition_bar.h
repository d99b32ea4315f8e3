// What a material is made of, as one stacked bar with its names below.
#pragma once

#include <QWidget>

#include "core/reckoning/contents.h"
#include "words/speech.h"

namespace rhexion {

class CompositionBar : public QWidget {
    Q_OBJECT
public:
    explicit CompositionBar(QWidget* parent = nullptr);
    void show(const Material& material, const Speech& speech);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Contents contents_;
    Speech speech_;
};

} // namespace rhexion
