// A page made by the program itself: it never loads a picture, style or file that its text may
// name. Where it shows a page of figures, "What's this?" says what each of them is.
#pragma once

#include "app/theme/theme.h"
#include "words/facts.h"

#include <QTextBrowser>

namespace rhexion {

class PageBrowser : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;
    QVariant loadResource(int, const QUrl&) override { return {}; }

    const words::FactPage& facts() const { return facts_; }
    void setFacts(const words::FactPage& page, bool withTitle);
    // Of the figure at a place of the view; empty where none stands there.
    QString whatIsAt(const QPoint& place) const;

protected:
    bool viewportEvent(QEvent* event) override;

private:
    words::FactPage facts_;
};

// The page of a chapter: takes the room there is, and its links are the chapter's to follow.
class ChapterBrowser : public PageBrowser {
public:
    ChapterBrowser(const QString& name, QWidget* parent) : PageBrowser(parent)
    {
        setOpenLinks(false);
        setAccessibleName(name);
        setMinimumHeight(Theme::px(56));
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
    }
};

} // namespace rhexion
