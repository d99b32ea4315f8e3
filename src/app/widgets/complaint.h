// One sentence in red below a form: what keeps it from being kept. Hidden while there is none.
#pragma once

#include "app/theme/theme.h"

#include <QLabel>

namespace rhexion {

class Complaint : public QLabel {
public:
    explicit Complaint(QWidget* parent) : QLabel(parent)
    {
        setWordWrap(true);
        setStyleSheet(
            QStringLiteral("color: %1; font-weight: 600").arg(Theme::colours().danger.name()));
        hide();
    }
    void say(const QString& sentence)
    {
        setText(sentence);
        setVisible(!sentence.isEmpty());
    }
};

} // namespace rhexion
