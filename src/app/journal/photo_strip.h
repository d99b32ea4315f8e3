// A batch's photographs in the order of their days, with what was sampled of their colour below:
// how it changed from poured to cured.
#pragma once

#include "core/batch/fold.h"
#include "words/after_words.h"
#include "words/speech.h"

#include <QImage>
#include <QWidget>

namespace rhexion {

class PhotoFolder;

class PhotoStrip : public QWidget {
    Q_OBJECT
public:
    explicit PhotoStrip(QWidget* parent = nullptr);

    // Hidden where there is none.
    void show(const Batch& batch, const PhotoFolder& folder, const Speech& speech);
    void clear();
    int count() const { return int(shots_.size()); }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {0, sizeHint().height()}; }

Q_SIGNALS:
    void opened(const QString& file);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    struct Shot {
        words::PhotoSaid said;
        QImage image;
    };
    QRect placeOf(int shot) const;

    QList<Shot> shots_;
};

} // namespace rhexion
