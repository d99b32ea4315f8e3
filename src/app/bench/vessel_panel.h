// One vessel on the bench: its drawing, its lines, and the keys that move them. One with nothing in
// it is a line high, and its whole card still takes a drop.
#pragma once

#include <QFrame>

#include "core/advice/reckon.h"
#include "words/speech.h"

#include <vector>

class QKeyEvent;
class QLabel;
class QListView;
class QToolButton;
class QVBoxLayout;

namespace rhexion {

class FormulaDocument;
class LineDelegate;
class VesselDrawing;
class VesselModel;

class VesselPanel : public QFrame {
    Q_OBJECT
public:
    // compact: a tray with its drawing left out, for what goes in late.
    VesselPanel(FormulaDocument& document, Vessel vessel, bool compact, QWidget* parent = nullptr);

    Vessel vessel() const { return vessel_; }
    QListView* list() const { return list_; }
    VesselModel* model() const { return model_; }
    LineId currentLine() const;
    void toggleLock(); // of the current line's amount
    void setSpeech(const Speech& speech);
    // A line of its own under the heading, such as the jug's strength.
    void setSummary(const QString& text);
    void setFull(double grams) { full_ = grams; }
    void light(LineId line);
    void refresh();
    // Adds a widget between heading and lines (the jug's hydroxides).
    void addOnTop(QWidget* widget);
    bool isUnused() const;
    // px it needs to show all its lines at that width, with its drawing or without.
    int heightWanted(int width, bool drawn) const;
    int widthLeast() const; // px for its name and mass
    // px below which it is not to be pressed; what does not fit in it scrolls.
    int heightLeast(int width) const;
    void setDrawn(bool drawn);

Q_SIGNALS:
    void focused(Vessel vessel);
    void typed(Vessel vessel, const QString& text);
    void cautionsWanted(Vessel vessel);
    void amountRefused(const QString& why);
    void moveWanted(LineId line, Vessel to);
    void removeWanted(LineId line);
    void splitWanted();
    void heightChanged(); // it wants another height

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    bool isPictured(bool drawn) const; // where there is width for it besides
    int headHeight(bool drawn) const;
    int linesHeight(int width, int most) const;
    void forgetHeights() { heightsAt_ = -1; }
    void arrange();

    void showMenu(const QPoint& at);
    bool keyPressed(QKeyEvent* key);

    FormulaDocument& document_;
    Vessel vessel_;
    bool compact_;
    Speech speech_;
    double full_ = 1.0;
    QLabel* name_;
    QLabel* mass_;
    QLabel* summary_;
    QToolButton* badge_;
    QLabel* hint_;
    VesselDrawing* drawing_ = nullptr;
    bool drawn_ = true;
    int told_ = -1; // what heightChanged was last about
    // Heights of the lines at a width: asked for several times, laid out once.
    mutable int heightsAt_ = -1;
    mutable std::vector<int> heights_;
    QVBoxLayout* text_; // name, mass and summary
    QVBoxLayout* onTop_;
    QListView* list_;
    VesselModel* model_;
    LineDelegate* delegate_;
};

} // namespace rhexion
