// The window of the manual, in a library of its own that is loaded when help is first asked for.
#pragma once

#include <QWidget>

class QLineEdit;
class QListWidget;

namespace rhexion {

class ManualWindow : public QWidget {
public:
    using QWidget::QWidget;
    virtual void open(const QString& page) = 0; // its id, "cure"; empty: the contents
    virtual QString page() const = 0;           // the id of the one that is open
    virtual QLineEdit* findField() = 0;
    virtual QListWidget* list() = 0; // contents, or the pages that were found
};

inline constexpr const char* manualEntry = "rhexion_make_manual_window";
using MakeManualWindow = ManualWindow* (*)(const QString& book, const QString& cache);

} // namespace rhexion
