// The shelf as it is now: what is low, near its date, used up beyond what it held, and what to make
// again; and a delivery entered once for several jars.
#pragma once

#include "app/widgets/leavable_window.h"
#include "storage/stock_now.h"
#include "words/facts.h"
#include "words/speech.h"

#include <functional>

class QDateEdit;
class QLineEdit;
class QPushButton;
class QTableWidget;

namespace rhexion {

class Complaint;
class NumberField;
class PageBrowser;
class Stock;

class StockWindow : public LeavableWindow {
    Q_OBJECT
public:
    StockWindow(Stock& stock, std::function<const Journal*()> journal,
                std::function<AfterTerms()> terms, std::function<QDateTime()> clock,
                QWidget* owner);

    void setSpeech(const Speech& speech);
    void refresh();
    const words::FactPage& facts() const { return facts_; }
    QString pageText() const;
    QTableWidget* table() const { return table_; }
    QPushButton* take() const { return take_; }
    NumberField* shipping() const { return shipping_; }
    // Says what is wrong with which row, or puts all of them on the shelf.
    bool takeDelivery();

Q_SIGNALS:
    void said(const QString& text);
    void shelfChanged();

private:
    Stock& stock_;
    std::function<const Journal*()> journal_;
    std::function<AfterTerms()> terms_;
    std::function<QDateTime()> clock_;
    Speech speech_;
    PageBrowser* page_;
    QDateEdit* got_;
    QLineEdit* supplier_;
    NumberField* shipping_;
    QTableWidget* table_;
    QPushButton* take_;
    Complaint* complaint_;
    words::FactPage facts_;
};

} // namespace rhexion
