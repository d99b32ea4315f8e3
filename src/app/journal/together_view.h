// Batches side by side with their curves laid over one another, and what goes with what over many.
#pragma once

#include "core/after/compare.h"
#include "storage/journal.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QWidget>

class QComboBox;

namespace rhexion {

class CurveRoom;
class PageBrowser;

class TogetherView : public QWidget {
    Q_OBJECT
public:
    explicit TogetherView(QWidget* parent = nullptr);

    // Two to six batches, or the portions of one.
    void compare(QList<Batch> batches, const Speech& speech);
    void patterns(const Journal& journal, std::function<QString(const std::string&)> nameOf,
                  const Speech& speech);
    const words::FactPage& facts() const { return facts_; }
    QString pageText() const;
    QComboBox* outcome() const { return outcome_; }

Q_SIGNALS:
    // The formula that would tell, made like the one batch.
    void repeatWanted(const Formula& formula, const QString& like, const QString& change);
    void said(const QString& text);

private:
    void draw(const Speech& speech);
    void press(const QString& code);

    QComboBox* outcome_;
    CurveRoom* room_;
    PageBrowser* page_;
    QList<Batch> batches_;
    std::vector<Compared> all_;
    const Journal* journal_ = nullptr;
    std::function<QString(const std::string&)> nameOf_;
    Speech speech_;
    words::FactPage facts_;
};

} // namespace rhexion
