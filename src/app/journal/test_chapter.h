// Tests for free alkali: what was found, what it means, and a form for the next titration.
#pragma once

#include "core/after/cured.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QWidget>

#include <functional>

class QComboBox;
class QPushButton;

namespace rhexion {

class Label;
class NumberField;
class PageBrowser;

class TestChapter : public QWidget {
    Q_OBJECT
public:
    explicit TestChapter(QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    void show(const Batch& batch, const Cured& cured, const AlkaliLimits& limits,
              const Speech& speech);
    const words::FactPage& facts() const { return facts_; }
    QString pageText() const;
    QComboBox* how() const { return how_; }
    NumberField* field(int which) const { return fields_[which]; }
    QPushButton* keep() const { return keep_; }

Q_SIGNALS:
    void tested(const AlkaliTested& test);

private:
    void fit();
    std::optional<AlkaliTested> read() const;
    void weigh(); // says what the figures in the form come to, before they are kept

    Speech speech_;
    QComboBox* how_;
    QComboBox* pink_;
    NumberField* fields_[5];
    QPushButton* keep_;
    QWidget* soFar_;
    PageBrowser* page_;
    words::FactPage facts_;
};

} // namespace rhexion
