// The inline notes above a page, one below the other: each is about one thing, says only the newest
// about it, and goes when that is no longer true. None hides another.
#pragma once

#include "app/widgets/banner.h"

#include <QMap>
#include <QString>

class QVBoxLayout;

namespace rhexion {

class NoteColumn : public QWidget {
    Q_OBJECT
public:
    explicit NoteColumn(QWidget* parent = nullptr);

    // The note about a thing, made when first wanted; hidden until something is said in it.
    Banner& about(const QString& thing);
    Banner& say(const QString& thing, Banner::Tone tone, const QString& text);
    void over(const QString& thing); // it is no longer true
    QList<Banner*> shown() const;    // from the top

private:
    QVBoxLayout* column_;
    QMap<QString, Banner*> notes_;
    QList<Banner*> order_;
};

} // namespace rhexion
