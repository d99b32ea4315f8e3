// How large the formula is, and a small form to make it larger or smaller.
#pragma once

#include <QToolButton>

#include "core/seek/scale_to.h"
#include "words/speech.h"

namespace rhexion {

class FormulaDocument;
class NumberField;

class ScaleButton : public QToolButton {
    Q_OBJECT
public:
    explicit ScaleButton(FormulaDocument& document, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void open(); // the form, as by pressing it
    // Only the batter is said, where there is little room.
    void setShort(bool isShort);
    // There once it was opened.
    NumberField* oils() const { return oils_; }
    NumberField* batter() const { return batter_; }
    NumberField* times() const { return times_; }

Q_SIGNALS:
    void refused(const QString& why);

private:
    void build(); // the form, when it is first wanted
    void refresh();
    void scaleTo(ScaleTo what, double stated);
    void scaleBy(double factor);

    FormulaDocument& document_;
    Speech speech_;
    bool short_ = false;
    NumberField* oils_ = nullptr;
    NumberField* batter_ = nullptr;
    NumberField* times_ = nullptr;
};

} // namespace rhexion
