// The table of figures with what adds a row and takes one out.
#pragma once

#include <QWidget>

#include "models/figures_model.h"

class QComboBox;
class QTableView;

namespace rhexion {

class FiguresEditor : public QWidget {
    Q_OBJECT
public:
    explicit FiguresEditor(QWidget* parent = nullptr);

    FiguresModel& model() { return *model_; }
    QTableView* table() const { return table_; }
    void setSpeech(const Speech& speech);
    // What a new row says of where it is from, until it is said better.
    void setUsualSource(const QString& source) { source_ = source; }
    // Puts the cursor on the row that is not finished.
    void pointAt(int row);
    // Adds the row chosen above, as the button does.
    void addChosen();
    QComboBox* choice() const { return choice_; }

Q_SIGNALS:
    void refused(const QString& why);

private:
    FiguresModel* model_;
    QTableView* table_;
    QComboBox* choice_;
    QString source_;
};

} // namespace rhexion
