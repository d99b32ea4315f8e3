// Fields in a row that goes on in the next where there is no room for all of them.
#pragma once

#include <QLayout>

#include <vector>

namespace rhexion {

class FlowLayout : public QLayout {
    Q_OBJECT
public:
    explicit FlowLayout(QWidget* parent, int across, int down);
    ~FlowLayout() override;

    void addItem(QLayoutItem* item) override { items_.push_back(item); }
    int count() const override { return int(items_.size()); }
    QLayoutItem* itemAt(int index) const override;
    QLayoutItem* takeAt(int index) override;
    Qt::Orientations expandingDirections() const override { return {}; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return placed({0, 0, width, 0}, false); }
    QSize minimumSize() const override;
    QSize sizeHint() const override;
    void setGeometry(const QRect& rect) override;
    // The last item stands at the far end of its row.
    void setLastApart(bool apart) { lastApart_ = apart; }

private:
    int placed(const QRect& rect, bool really) const; // the height it takes

    std::vector<QLayoutItem*> items_;
    int across_;
    int down_;
    bool lastApart_ = false;
};

} // namespace rhexion
