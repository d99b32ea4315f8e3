// The two accounts, painted from the core's result. Hover or arrow keys light a segment's material
// in its vessel; a press or Enter opens its working.
#pragma once

#include <QWidget>

#include "app/bench/account_bars.h"

class QPainter;

namespace rhexion {

class AccountsView : public QWidget {
    Q_OBJECT
public:
    explicit AccountsView(QWidget* parent = nullptr);

    void setAccounts(std::vector<BarAccount> accounts);
    const std::vector<BarAccount>& accounts() const { return accounts_; }
    // Where a segment is drawn; empty when it is not.
    // px for one of the account's own measure
    double unitOf(std::size_t account, const QRectF& area) const;
    QRectF rectOf(std::size_t account, std::size_t bar, std::size_t segment) const;

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

Q_SIGNALS:
    void lineLit(LineId line); // 0: none
    void workingWanted(Rule rule, LineId line);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    bool event(QEvent* event) override;

private:
    struct Place {
        int account = -1;
        int bar = 0;
        int segment = 0;
        friend bool operator==(const Place&, const Place&) = default;
    };
    const Segment* at(const Place& place) const;
    Place placeAt(const QPointF& point) const;
    std::vector<Place> places() const;
    void choose(const Place& place);
    QString sentenceFor(const Place& place) const;
    QRectF barRect(std::size_t account, std::size_t bar) const; // from left to right
    QRectF seen(const QRectF& r) const; // the other way round where text runs so
    void paintSegment(QPainter& painter, const Segment& segment, const QRect& rect, int shade);
    void paintBar(QPainter& painter, std::size_t account, std::size_t bar);

    std::vector<BarAccount> accounts_;
    Place chosen_;
};

} // namespace rhexion
