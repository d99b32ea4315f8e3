// A vessel drawn with what is in it, filled to its true level against the other vessels.
#pragma once

#include <QWidget>

#include "core/account/contents.h"
#include "words/speech.h"

namespace rhexion {

class VesselDrawing : public QWidget {
    Q_OBJECT
public:
    VesselDrawing(Vessel vessel, QWidget* parent = nullptr);

    void setVessel(Vessel vessel);
    // full: the mass in g at which a vessel of this size is drawn full.
    void setContents(const Contents& contents, double full, const Speech& speech);

    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QPainterPath outline() const;

    Vessel vessel_;
    Contents contents_;
    double full_ = 1.0;
    Speech speech_;
};

} // namespace rhexion
