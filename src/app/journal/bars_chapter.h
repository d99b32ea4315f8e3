// Bars of a batch: how many there are, what they cost, their code, their label and the card that
// goes with them.
#pragma once

#include "core/after/cured.h"
#include "sheet/label_sheet.h"
#include "storage/fittings.h"
#include "words/facts.h"
#include "words/label_words.h"

#include <QWidget>

#include <functional>

class QComboBox;
class QPushButton;

namespace rhexion {

class Journal;
class NumberField;
class PageBrowser;
class Stock;

class BarsChapter : public QWidget {
    Q_OBJECT
public:
    explicit BarsChapter(Stock& stock, QWidget* parent = nullptr);

    void show(const Batch& batch, const Cured& cured, const Fittings& fittings,
              const Speech& speech);
    const words::FactPage& facts() const { return facts_; }
    QString pageText() const;
    QPushButton* giveCode() const { return giveCode_; }
    QPushButton* labels() const { return labels_; }
    NumberField* nominal() const { return nominal_; }

Q_SIGNALS:
    void codeWanted();
    void termsWanted();
    void nameWanted(const QString& material, const QString& name);
    void said(const QString& text);

private:
    words::LabelSource source() const;
    void refresh();
    void printLabels();
    void saveLabels();
    LabelJob labelJob() const;
    void printCard();

    Stock& stock_;
    Batch batch_;
    Cured cured_;
    Fittings fittings_;
    Speech speech_;
    NumberField* nominal_;
    NumberField* skip_;
    QPushButton* giveCode_;
    QPushButton* labels_;
    QPushButton* print_;
    QPushButton* card_;
    PageBrowser* page_;
    words::FactPage facts_;
};

} // namespace rhexion
