// Vessels one above the other, each as high as its lines need. Where there is too little room the
// pictures go first, then what is left is shared by need and the lines scroll; where there is more,
// vessels that hold something take it.
#pragma once

#include <QWidget>

#include <vector>

namespace rhexion {

class VesselPanel;

class VesselColumn : public QWidget {
    Q_OBJECT
public:
    explicit VesselColumn(QWidget* parent = nullptr);

    void add(VesselPanel* panel);
    // Below them all, as high as it asks for.
    void addBelow(QWidget* widget);
    void arrange();

    QSize sizeHint() const override { return minimumSizeHint(); }
    QSize minimumSizeHint() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;
    bool event(QEvent* event) override;

private:
    std::vector<VesselPanel*> shown() const;
    // Returns where the next thing goes.
    int arrangePaired(const std::vector<VesselPanel*>& used,
                      const std::vector<VesselPanel*>& unused, int room);

    std::vector<VesselPanel*> panels_;
    QWidget* below_ = nullptr;
    QSize told_; // minimumSizeHint as it was asked for last
};

} // namespace rhexion
