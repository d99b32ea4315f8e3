// The batch sheet on paper and as a file.
#pragma once

#include <QObject>

#include "core/formula/formula.h"
#include "words/speech.h"

#include <functional>

class QMenu;
class QWidget;

namespace rhexion {

class FormulaDocument;
struct Reckoning;

class SheetActions : public QObject {
    Q_OBJECT
public:
    SheetActions(FormulaDocument& document, QWidget& window);

    void addTo(QMenu& menu);
    void setSpeech(const Speech& speech) { speech_ = speech; }
    // The maker's plan of heat, for a formula that has none of its own.
    void setUsual(std::function<HeatPlan()> usual) { usual_ = std::move(usual); }
    bool write(const QString& path); // as PDF; false if it could not be, and said() says why

Q_SIGNALS:
    void said(const QString& why);
    void wrote(const QString& path);

private:
    const Reckoning* reckoned(); // or nothing, and said() says why
    void print();
    void preview();
    QString docName() const;
    Formula planned() const; // with the plan of heat that is forecast from
    void save();

    FormulaDocument& document_;
    QWidget& window_;
    Speech speech_;
    std::function<HeatPlan()> usual_;
};

} // namespace rhexion
