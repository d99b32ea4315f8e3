// The typing line: "120 g buttermilk frozen". Shows what it understood before Enter, and in a list
// what else it could be; Up and Down choose. What nobody knows can be taken for what its maker says
// it is: a scent, something watery. After ">" it looks for commands; several lines can be pasted.
#pragma once

#include <QFrame>

#include "app/widgets/command_finder.h"
#include "core/formula/phrase.h"
#include "core/materials/makers_word.h"
#include "storage/stock.h"
#include "words/speech.h"

#include <functional>
#include <optional>

class QLabel;
class QLineEdit;
class QPushButton;

namespace rhexion {

class SuggestionList;

class TypingLine : public QFrame {
    Q_OBJECT
public:
    TypingLine(Stock& stock, QWidget* parent = nullptr);

    void setSpeech(const Speech& speech);
    // Where the next material goes unless the phrase says so; nothing: where its kind usually goes.
    void setVessel(std::optional<Vessel> vessel);
    // Portions that "... for Blue" may name, as the maker sees their names.
    void setPortions(const std::vector<std::pair<PortionId, QString>>& portions);
    // A line of its own purpose: another hint, and no way to the shelf.
    void setPurpose(const QString& hint);
    // As high as a finger in a wet glove wants it, px at 100 %.
    void setFingerSized(int height);
    void startTyping(const QString& text);
    // Puts a material's name behind whatever amount is typed already.
    void offer(const MaterialPtr& material);
    QLineEdit* field() const { return field_; }
    void orderTabsAfter(QWidget* before);
    QWidget* lastField() const;
    QString understanding() const;
    // What the formula is, for where things go: g of oils, and whether something follows a cook.
    void setFormulaAtHand(double oilsGrams, bool cooks);
    // A text that begins with ">" looks for commands: those that fit what follows.
    void setCommands(std::function<QList<Command>(const QString&)> find);
    // Each line of the text as if it were typed; what is not understood is told, with why.
    void paste(const QString& text);
    void pasteFromClipboard();
    // Says where a line went and why, and offers the other place.
    void sayPlaced(const Line& line);
    const SuggestionList& suggestions() const { return *list_; }

Q_SIGNALS:
    void lineWanted(const Line& line); // all but its id
    // A hydroxide to use from now on; with a mass it is weighed, and superfat becomes the result.
    void hydroxideWanted(const MaterialPtr& material, std::optional<Mass> weighed);
    void leftTyping();                            // Escape
    void placeWanted(LineId line, Vessel vessel); // of what was added last
    void pasteBegins();                           // before the first of them goes in
    void pasteEnds(int added, const QStringList& notUnderstood);
    void shelfWanted();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void understand();
    void understandText();
    void take();
    void say(const QString& text, bool bad);
    // The field's text with "... for Blue" cut off and remembered.
    QString cutPortion();
    QString answerTo(const QString& unknown) const;
    Line wanted() const;
    Vessel placeOf(const Material& material) const; // of what the phrase adds
    std::size_t firstShown() const;                 // among the matches
    void emptyField();
    bool findsCommands() const;
    void suggestCommands();
    bool keyPressed(const QKeyEvent& key);
    bool offersNone() const { return !matches_.empty() && chosen_ == matches_.size(); }
    // Whether it has to be said which is meant: then nothing is chosen until a row is.
    bool asksWhich() const;
    // The list: materials that match and a last row for what is none of them, or kinds to take it
    // as.
    void suggest();
    void pick(int row);
    void step(int by);
    bool offersKinds() const; // the list is of kinds
    void understandKind();
    // Takes the unknown for a kind of thing; asks for a figure where one is needed.
    void takeUnknown();
    void takeFigure();
    void stopAsking();
    // What was chosen for words that were asked about is certain from now on.
    void rememberChoice();
    void addOwn(Material material);

    Stock& stock_;
    Speech speech_;
    std::optional<Vessel> vessel_;
    QLineEdit* field_;
    QLabel* said_;
    QPushButton* add_;
    QPushButton* shelf_;

    std::vector<std::pair<PortionId, QString>> portions_;
    PortionId portion_ = 0;
    std::optional<Phrase> phrase_;
    std::vector<std::size_t> matches_; // places in the stock
    Identification what_;              // which of them is certain, or what is asked
    bool bySearch_ = false;            // the words are no name: a list for who looks
    std::size_t chosen_ = 0;
    bool chosenByHand_ = false; // a row of the list
    MaterialPtr material_;      // the one chosen among them; chosen_ past the last: none of them
    bool noneOfThem_ = false;   // the last row was chosen: kinds are offered
    std::size_t kind_ = 0;      // which kind
    bool kindIsSaid_ = false;   // by the name or by hand
    struct Asked {
        TakenAs as;
        // To go back to: what was typed, and what the field said of itself.
        QString typed;
        QString hint;
        QString name;
        Phrase phrase;
        PortionId portion = 0;
    };
    std::optional<Asked> asked_; // its figure is being typed
    SuggestionList* list_;
    double oilsGrams_ = 0.0;
    bool cooks_ = false;
    std::function<QList<Command>(const QString&)> find_;
    QList<Command> found_; // commands that fit
    QPushButton* elsewhere_;
    LineId placed_ = 0; // what elsewhere_ is about
    Vessel otherPlace_ = Vessel::LyeJug;
    bool pasting_ = false;
    MaterialPtr offered_; // put on the line from a list: taken as it is while its name stands
};

} // namespace rhexion
