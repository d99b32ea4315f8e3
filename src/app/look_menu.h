// Colours, contrast and size of text in the View menu. What is chosen holds for every window, at
// once, and is kept.
#pragma once

#include <QObject>

class QMenu;

namespace rhexion {

class LookMenu : public QObject {
    Q_OBJECT
public:
    explicit LookMenu(QObject* parent = nullptr);

    void addTo(QMenu& menu);

Q_SIGNALS:
    void said(const QString& text);

private:
    void resizeText(int percent);
};

} // namespace rhexion
