// A figure with its name and, below, a small note. Pressing it asks for its working.
#pragma once

#include <QAbstractButton>

namespace rhexion {

class FigureRow : public QAbstractButton {
    Q_OBJECT
public:
    explicit FigureRow(QWidget* parent = nullptr);

    void set(const QString& name, const QString& value, const QString& note = {});
    // As large as a line in a vessel, for what stands among them.
    void setCompact() { compact_ = true; }
    void setTint(const QColor& colour)
    {
        if (colour != tint_)
            update();
        tint_ = colour;
    }
    QString value() const { return value_; }
    QString note() const { return note_; }

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    bool countRows(); // whether the name's rows are other than before

    bool twoRows_ = false;
    QString value_;
    QString note_;
    QColor tint_;
    bool compact_ = false;
};

} // namespace rhexion
