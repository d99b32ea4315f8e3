// A month of what is due, painted; pressing a day chooses it.
#pragma once

#include "storage/journal.h"

#include <QDate>
#include <QLocale>
#include <QWidget>

namespace rhexion {

class MonthView : public QWidget {
    Q_OBJECT
public:
    explicit MonthView(QWidget* parent = nullptr);

    void set(const QDate& month, const QDate& today, const QList<DueOfBatch>& dues,
             const QLocale& locale);
    QDate firstShown() const { return first_; } // of six weeks
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
    QString titleOf() const;

Q_SIGNALS:
    void chosen(const QDate& day);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    QRect placeOf(int cell) const;

    QDate month_;
    QDate first_;
    QDate today_;
    QLocale locale_;
    QHash<QDate, QStringList> said_;
};

} // namespace rhexion
