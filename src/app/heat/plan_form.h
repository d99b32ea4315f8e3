// Fields of the plan of heat, each one undoable step: temperatures in the person's unit, masses in
// grams, choices by name.
#pragma once

#include "core/formula/heat_plan.h"
#include "words/speech.h"

#include <QWidget>

#include <functional>
#include <optional>
#include <vector>

class QComboBox;
class QGridLayout;

namespace rhexion {

class NumberField;

class PlanForm : public QWidget {
    Q_OBJECT
public:
    explicit PlanForm(QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void show(const HeatPlan& plan); // the fields follow

    using Double = std::function<double&(HeatPlan&)>;
    void addHeading(const QString& text);
    NumberField* addTemperature(const QString& name, Double of);
    NumberField* addNumber(const QString& name, const QString& unit, int decimals, Double of,
                           double factor = 1.0);
    using Optional = std::function<std::optional<double>&(HeatPlan&)>;
    NumberField* addOptional(const QString& name, const QString& unit, const QString& none,
                             Optional of);
    QComboBox* addChoice(const QString& name, const QStringList& choices,
                         std::function<int(const HeatPlan&)> get,
                         std::function<void(HeatPlan&, int)> set);
    void addWidget(QWidget* widget);

Q_SIGNALS:
    void changed(const HeatPlan& plan, const QString& what);
    void refused(const QString& why);

private:
    void put(const QString& name, QWidget* field);
    void restBelow(); // what is left of the height stays under the last row

    QGridLayout* grid_;
    int row_ = 0;
    HeatPlan plan_;
    Speech speech_;
    std::vector<NumberField*> temperatures_;
    std::vector<NumberField*> numbers_;
    std::vector<std::function<void()>> followers_;
};

} // namespace rhexion
