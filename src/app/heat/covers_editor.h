// What covers the mould, one after the other: "lid and towel from the start, open after 2 h".
#pragma once

#include "core/formula/heat_plan.h"
#include "words/speech.h"

#include <QWidget>

class QVBoxLayout;

namespace rhexion {

class CoversEditor : public QWidget {
    Q_OBJECT
public:
    explicit CoversEditor(QWidget* parent = nullptr);
    void set(const std::vector<CoverStep>& covers, const Speech& speech);

Q_SIGNALS:
    void changed(const std::vector<CoverStep>& covers);

private:
    void build();

    std::vector<CoverStep> covers_;
    Speech speech_;
    QVBoxLayout* rows_;
};

} // namespace rhexion
