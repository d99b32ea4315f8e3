// The typing line: "120 g buttermilk frozen". Shows what it understood before Enter; Up and Down
// choose among the materials that match; says what it did not understand.
#pragma once

#include <QFrame>

#include "core/formula/phrase.h"
#include "storage/stock.h"
#include "words/speech.h"

#include <optional>

class QLabel;
class QLineEdit;
class QPushButton;

namespace rhexion {

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
    void startTyping(const QString& text);
    // Puts a material's name behind whatever amount is typed already.
    void offer(const MaterialPtr& material);
    QLineEdit* field() const { return field_; }
    QString understanding() const;

Q_SIGNALS:
    void lineWanted(const Line& line); // all but its id
    // A hydroxide to use from now on; with a mass it is weighed, and superfat becomes the result.
    void hydroxideWanted(const MaterialPtr& material, std::optional<Mass> weighed);
    void leftTyping(); // Escape
    void shelfWanted();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void understand();
    void take();
    void say(const QString& text, bool bad);
    // The field's text with "... for Blue" cut off and remembered.
    QString cutPortion();
    QString answerTo(const QString& unknown) const;
    Line wanted() const;

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
    std::size_t chosen_ = 0;
    MaterialPtr material_; // the one chosen among them
    MaterialPtr offered_;  // put on the line from a list: taken as it is while its name stands
};

// Where a material usually goes.
Vessel usualVessel(const Material& material);

} // namespace rhexion
