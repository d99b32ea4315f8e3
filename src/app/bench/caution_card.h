// One caution in words: its title always, its reason and its mend when it is open.
#pragma once

#include "core/advice/caution.h"

#include <QTextLayout>
#include <QWidget>

class QPushButton;

namespace rhexion {

struct CautionSaid {
    QString grade; // of its severity, in words
    QString title;
    QString reason;
    QString mendLabel;
    int severity = 0;
    Vessel vessel = Vessel::LyeJug;
    std::vector<Edit> mends; // one step; none: nothing to press
    QString knownLabel;      // "I know", or "Say it again"; empty: it is always said
    std::vector<Edit> known;
};

class CautionCard : public QWidget {
    Q_OBJECT
public:
    explicit CautionCard(QWidget* parent);
    void say(CautionSaid said);
    const CautionSaid& said() const { return said_; }
    bool isOpen() const { return open_; }
    void setOpen(bool open);
    // What it needs at a width, open or not; its texts are laid out once a width.
    int heightAt(int width, bool open);

Q_SIGNALS:
    void toggled(); // by hand
    void mendWanted(const std::vector<Edit>& edits, const QString& text);

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void layOut(int width);
    void placeButtons();

    CautionSaid said_;
    QTextLayout title_;
    QTextLayout reason_;
    QPushButton* mend_;
    QPushButton* known_;
    int laidWidth_ = -1;
    bool open_ = false;
};

} // namespace rhexion
