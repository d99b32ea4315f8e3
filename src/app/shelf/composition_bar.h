// What a material is made of, as one stacked bar with its names below.
#pragma once

#include <QWidget>

#include "core/account/contents.h"
#include "words/speech.h"

namespace rhexion {

class CompositionBar : public QWidget {
    Q_OBJECT
public:
    explicit CompositionBar(QWidget* parent = nullptr);
    void show(const Material& material, const Speech& speech);
    QSize sizeHint() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    // Places of the names below the bar; they wrap where it is narrow.
    std::vector<QPoint> keyPlaces() const;
    Contents contents_;
    Speech speech_;
};

} // namespace rhexion
