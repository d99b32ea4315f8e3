// One jar: when it came, from whom, what it cost, what is left, and its own figures.
#pragma once

#include <QWidget>

#include "storage/shelf.h"
#include "words/speech.h"

class QCheckBox;
class QDateEdit;
class QLabel;
class QLineEdit;

namespace rhexion {

class Complaint;
class FiguresEditor;
class NumberField;

class LotEditor : public QWidget {
    Q_OBJECT
public:
    explicit LotEditor(QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // The material without any lot, so that its figures and the lot's can be held together.
    void edit(const MaterialPtr& material, const LotRecord& lot, const QDate& today);
    QLineEdit* nameField() const { return name_; }
    FiguresEditor* figures() const { return figures_; }
    void save();
    QString complaint() const;

Q_SIGNALS:
    void kept(const LotRecord& lot);
    void cancelled();

private:
    void complain(const QString& text);
    std::optional<double> grams(const NumberField* field) const;

    MaterialPtr material_;
    LotRecord from_;
    Speech speech_;
    QLabel* title_;
    QLineEdit* name_;
    QCheckBox* homeMade_;
    QLineEdit* supplier_;
    QDateEdit* got_;
    QCheckBox* dated_;
    QDateEdit* bestBefore_;
    NumberField* price_;
    NumberField* bought_;
    NumberField* left_;
    QLineEdit* measures_;
    QLineEdit* notes_;
    FiguresEditor* figures_;
    Complaint* complaint_;
};

// "tsp 5.1; drop 0.03" as measures, or the part that is not understood.
std::variant<std::vector<Measure>, QString> measuresFromText(const QString& text,
                                                             const Speech& speech);
QString measuresToText(const std::vector<Measure>& measures, const Speech& speech);

} // namespace rhexion
