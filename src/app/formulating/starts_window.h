// The starting points: what each teaches and why, opened as a copy.
#pragma once

#include "app/widgets/leavable_window.h"
#include "storage/starting_points.h"

class QLabel;
class QListWidget;
class QPushButton;

namespace rhexion {

class StartsWindow : public LeavableWindow {
    Q_OBJECT
public:
    explicit StartsWindow(QWidget* owner);
    QListWidget* list() const { return list_; }
    QPushButton* open() const { return open_; }

Q_SIGNALS:
    void chosen(StartingPoint which);

private:
    void showChosen();

    QListWidget* list_;
    QLabel* name_;
    QLabel* reasons_;
    QLabel* inIt_;
    QPushButton* open_;
};

} // namespace rhexion
