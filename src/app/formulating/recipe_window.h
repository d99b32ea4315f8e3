// A recipe as people write it: the text on the left, what each line was read as on the right, with
// the questions it raises; made a formula of, with nothing lost.
#pragma once

#include "app/widgets/leavable_window.h"
#include "core/advice/reckon.h"
#include "recipe/recipe_answers.h"
#include "recipe/recipe_formula.h"
#include "words/speech.h"

#include <QHash>
#include <QTimer>

#include <functional>

class QLabel;
class QPlainTextEdit;
class QPushButton;
class QScrollArea;
class QVBoxLayout;

namespace rhexion {

class NumberField;
class Stock;

class RecipeWindow : public LeavableWindow {
    Q_OBJECT
public:
    // start: what a new formula begins as.
    RecipeWindow(Stock& stock, std::function<Formula()> start, QWidget* owner);
    ~RecipeWindow() override;

    void setSpeech(const Speech& speech);
    void setText(const QString& text);
    void openFile(const QString& path);
    QPlainTextEdit* text() const { return text_; }
    QPushButton* open() const { return open_; }
    const Recipe& recipe() const { return recipe_; }
    void readNow(); // without waiting for keys to rest
    // Takes one reading of a question, by the line of the recipe it stands on.
    void take(std::size_t line, RecipeQuestion question, const RecipeReading& reading);

Q_SIGNALS:
    // heldBack: questions a batch must wait for.
    void formulaMade(const Formula& formula, const QStringList& heldBack);

private:
    void rebuild();
    QWidget* rowOf(int n);
    QWidget* chipOf(std::size_t line, RecipeQuestion question);
    QWidget* materialChip(std::size_t line);
    QWidget* notUnderstoodChip(int n);
    void findMaterials();
    void answerSettings();
    QString keyOf(int n, RecipeQuestion question) const; // of a setting's question
    QWidget* settingChip(std::size_t ask);
    void make();
    QString keyOf(const RecipeLine& line, RecipeQuestion question) const;

    Stock& stock_;
    std::function<Formula()> start_;
    Speech speech_;
    QPlainTextEdit* text_;
    QScrollArea* room_;
    QLabel* said_;
    NumberField* size_;
    QPushButton* open_;
    QTimer rest_;
    Recipe recipe_;
    std::vector<RecipeMaterial> materials_;
    QHash<QString, RecipeReading> answers_; // kept while the text is edited
    RecipeAsFormula made_;
};

} // namespace rhexion
