// One portion of a split batter: its settings and its own account.
#pragma once

#include <QFrame>

#include "core/advice/reckon.h"
#include "words/speech.h"

class QComboBox;
class QLabel;
class QLineEdit;

namespace rhexion {

class FigureRow;
class FormulaDocument;
class NumberField;

class PortionCard : public QFrame {
    Q_OBJECT
public:
    PortionCard(FormulaDocument& document, PortionId id, QWidget* parent = nullptr);

    PortionId id() const { return id_; }
    void setSpeech(const Speech& speech);
    void refresh();
    QLineEdit* nameField() const { return name_; }
    NumberField* parts() const { return parts_; }
    QLineEdit* held() const { return held_; }
    QComboBox* heldOil() const { return oil_; }
    FigureRow* superfat() const { return superfat_; }

Q_SIGNALS:
    void workingWanted(Rule rule, PortionId portion);
    void refused(const QString& why);
    void removeWanted(PortionId portion);

private:
    // Hands a copy of the portions with this one changed to the document.
    template <class Change>
    void change(const QString& text, Change change);
    void takeHeld();
    FigureRow* addRow(Rule rule);

    FormulaDocument& document_;
    PortionId id_;
    Speech speech_;
    QLineEdit* name_;
    NumberField* parts_;
    QLineEdit* mould_;
    QLineEdit* held_;
    QComboBox* oil_;
    QLabel* own_;
    FigureRow* batter_;
    FigureRow* superfat_;
    FigureRow* salt_;
    FigureRow* scent_;
};

} // namespace rhexion
