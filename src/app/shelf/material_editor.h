// An own material: its name, kind, what else it is called, a note, and its figures.
#pragma once

#include <QWidget>

#include "core/materials/material.h"
#include "words/speech.h"

class QComboBox;
class QLabel;
class QLineEdit;

namespace rhexion {

class Complaint;
class FiguresEditor;

class MaterialEditor : public QWidget {
    Q_OBJECT
public:
    explicit MaterialEditor(QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // Begins from a material; one without id is new.
    void edit(const Material& material);
    QLineEdit* nameField() const { return name_; }
    QComboBox* kindField() const { return kind_; }
    FiguresEditor* figures() const { return figures_; }
    void save();
    QString complaint() const;

Q_SIGNALS:
    void kept(const Material& material);
    void cancelled();

private:
    void complain(const QString& text);

    Material from_;
    double asked_ = 0.0; // an unusual SV the maker was asked about // what is not edited here
                         // stays: fatty acids, behaviours, measures
    QLabel* title_;
    QLineEdit* name_;
    QComboBox* kind_;
    QLineEdit* also_;
    QLineEdit* note_;
    FiguresEditor* figures_;
    Complaint* complaint_;
};

} // namespace rhexion
