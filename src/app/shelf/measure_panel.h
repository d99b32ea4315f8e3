// One kitchen measurement: what to do, the readings, the result with its working, and keeping it.
#pragma once

#include <QWidget>

#include "app/shelf/measure_methods.h"
#include "core/materials/lot.h"

#include <map>

class QComboBox;
class QLabel;
class QPushButton;
class QTextBrowser;
class QVBoxLayout;

namespace rhexion {

class NumberField;

class MeasurePanel : public QWidget {
    Q_OBJECT
public:
    explicit MeasurePanel(QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // openLot: the name of the lot that would take the figure; empty: there is none yet.
    void start(const MaterialPtr& material, const QString& openLot);
    QComboBox* method() const { return choice_; }
    // Fields in the order of the readings; runs follow, row by row.
    const std::vector<QWidget*>& fields() const { return fields_; }
    QString result() const;
    QString working() const;

Q_SIGNALS:
    // What was found, to be kept with the open lot or with a new one.
    void keepWanted(const LotFigure& figure, bool newLot);
    void keepMeasureWanted(const Measure& measure, bool newLot);
    void closed();

private:
    void build();
    void reckon();
    void keep(bool newLot);
    QWidget* fieldFor(const Reading& reading, QWidget* parent);
    std::optional<double> valueOf(const Reading& reading, QWidget* field) const;

    MaterialPtr material_;
    Speech speech_;
    std::vector<Method> methods_;
    std::optional<Interval> found_;
    QLabel* title_;
    QComboBox* choice_;
    QLabel* how_;
    QWidget* form_ = nullptr;
    QVBoxLayout* formPlace_;
    std::vector<QWidget*> fields_;
    QLabel* result_;
    QTextBrowser* working_;
    QPushButton* keepOpen_;
    QPushButton* keepNew_;
};

} // namespace rhexion
