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

// One that takes as many lines as its text wants.
inline Label* wrappedLabel(QWidget* parent, const QFont& font)
{
    auto* label = new Label(parent);
    label->setFont(font);
    label->setWordWrap(true);
    return label;
}

} // namespace rhexion
