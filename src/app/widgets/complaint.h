// One sentence in red below a form: what keeps it from being kept. Hidden while there is none.
#pragma once

#include "app/theme/house_style.h"
#include "app/theme/theme.h"

#include <QLabel>

namespace rhexion {

class Complaint : public QLabel {
public:
    explicit Complaint(QWidget* parent) : QLabel(parent)
    {
        setWordWrap(true);
        setFont(Theme::strong());
        HouseStyle::setTone(this, Tone::Danger);
        hide();
    }
    void say(const QString& sentence)
    {
        setText(sentence);
        setVisible(!sentence.isEmpty());
    }
};

} // namespace rhexion
