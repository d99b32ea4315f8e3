#include "app/widgets/note_column.h"

#include <QVBoxLayout>

namespace rhexion {

NoteColumn::NoteColumn(QWidget* parent) : QWidget(parent), column_(new QVBoxLayout(this))
{
    column_->setContentsMargins(12, 0, 12, 0);
    column_->setSpacing(4);
}

Banner& NoteColumn::about(const QString& thing)
{
    Banner*& note = notes_[thing];
    if (!note) {
        note = new Banner(this);
        order_.append(note);
        column_->addWidget(note);
    }
    return *note;
}

Banner& NoteColumn::say(const QString& thing, Banner::Tone tone, const QString& text)
{
    Banner& note = about(thing);
    note.show(tone, text);
    return note;
}

void NoteColumn::over(const QString& thing)
{
    if (Banner* note = notes_.value(thing))
        note->hide();
}

QList<Banner*> NoteColumn::shown() const
{
    QList<Banner*> out;
    for (Banner* note : order_)
        if (!note->isHidden())
            out.append(note);
    return out;
}

} // namespace rhexion
