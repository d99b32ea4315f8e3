// A new mould: its shape, its sizes in the person's unit, or the water it holds.
#pragma once

#include "core/formula/mould.h"
#include "words/speech.h"

#include <QWidget>

#include <vector>

class QComboBox;
class QFormLayout;
class QLineEdit;
class QPushButton;

namespace rhexion {

class Complaint;
class NumberField;

class MouldEditor : public QWidget {
    Q_OBJECT
public:
    explicit MouldEditor(QWidget* parent = nullptr);
    void setSpeech(const Speech& speech);
    QComboBox* shape() const { return shape_; }
    NumberField* size(int at) const { return sizes_[std::size_t(at)]; }
    QPushButton* keep() const { return keep_; }

Q_SIGNALS:
    void kept(const Mould& mould);
    void left();

private:
    void shapeChosen();
    Mould typed() const;
    void tryKeep();

    Speech speech_;
    QFormLayout* form_;
    QLineEdit* name_;
    QComboBox* shape_;
    std::vector<NumberField*> sizes_;
    NumberField* count_;
    Complaint* complaint_;
    QPushButton* keep_;
};

} // namespace rhexion
