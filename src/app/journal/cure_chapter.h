// When a batch is ready: the curve of its weights with its band, and why.
#pragma once

#include "core/after/cured.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QWidget>

namespace rhexion {

class CurveRoom;
class PageBrowser;

class CureChapter : public QWidget {
    Q_OBJECT
public:
    explicit CureChapter(QWidget* parent = nullptr);

    void show(const Batch& batch, const Cured& cured, std::int64_t now, const Speech& speech);
    const words::FactPage& facts() const { return facts_; }
    QString pageText() const;

private:
    void draw(const Cured& cured, const Speech& speech);

    PageBrowser* page_;
    CurveRoom* room_;
    words::FactPage facts_;
};

} // namespace rhexion
