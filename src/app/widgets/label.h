// A label whose text is text: a name out of a file that looks like markup is shown as it stands and
// loads nothing. Every label of the application is one of these.
#pragma once

#include <QLabel>

namespace rhexion {

class Label : public QLabel {
public:
    explicit Label(QWidget* parent = nullptr) : QLabel(parent) { setTextFormat(Qt::PlainText); }
    explicit Label(const QString& text, QWidget* parent = nullptr) : Label(parent)
    {
        setText(text);
    }
};

} // namespace rhexion
