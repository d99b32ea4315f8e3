// Writes down what happened to a batch after its day: what, on which day, and its figures.
#pragma once

#include "core/batch/fold.h"
#include "words/speech.h"

#include <QWidget>

#include <functional>

class QComboBox;
class QDateEdit;
class QLineEdit;
class QPushButton;

namespace rhexion {

class NumberField;

class AfterForm : public QWidget {
    Q_OBJECT
public:
    enum Kind {
        NoteKind,
        SeenKind,
        CareKind,
        WeightKind,
        QualityKind,
        StripKind,
        PhotoKind,
        VerdictKind,
        LessonKind,
        NextKind,
        BarsKind
    };

    explicit AfterForm(std::function<QDateTime()> clock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // What lessons can be about and which portions there are.
    void setBatch(const Batch* batch);
    void setMinorDigits(int digits) { minorDigits_ = digits; }
    QComboBox* kind() const { return kind_; }
    QComboBox* which() const { return which_; }
    QComboBox* besides() const { return besides_; }
    NumberField* figure() const { return figure_; }
    NumberField* count() const { return count_; }
    QLineEdit* words() const { return words_; }
    QDateEdit* day() const { return day_; }
    QPushButton* keep() const { return keep_; }
    // Empties what was written; the day and the kind stay.
    void clear();

Q_SIGNALS:
    void written(const Happening& what);
    void photosWanted(PhotoOf of, std::int64_t on);
    void said(const QString& text);

private:
    void fit();
    void fillWhich();
    void write();
    std::int64_t moment() const;
    LessonKept lesson(const std::string& words) const;

    std::function<QDateTime()> clock_;
    Speech speech_;
    int minorDigits_ = 2;
    QList<std::pair<QString, QString>> about_; // names and ids; "mould:NAME"
    QDateEdit* day_;
    QComboBox* kind_;
    QComboBox* which_;
    QComboBox* portion_;
    QComboBox* besides_; // the other of a pair a lesson is about
    NumberField* figure_;
    NumberField* count_;
    NumberField* step_;
    NumberField* sides_[3];
    QLineEdit* words_;
    QPushButton* keep_;
};

} // namespace rhexion
