// Scent on every basis, its limits, allergens and flash point.
#pragma once

#include "app/formulating/topic_panel.h"
#include "core/making/scent.h"
#include "storage/fittings.h"

#include <functional>

class QComboBox;
class QFormLayout;
class QLineEdit;
class QPushButton;

namespace rhexion {

class Complaint;
class NumberField;
class OwnFittings;
class PaceMemory;

class ScentPanel : public TopicPanel {
    Q_OBJECT
public:
    ScentPanel(FormulaDocument& document, OwnFittings& fittings, PaceMemory& memory,
               QWidget* parent = nullptr);
    QComboBox* product() const { return product_; }
    QComboBox* which() const { return which_; }
    NumberField* share() const { return share_; }
    QComboBox* basis() const { return basis_; }
    NumberField* limit() const { return limit_; }
    QComboBox* whose() const { return whose_; }
    QComboBox* limitBasis() const { return limitBasis_; }
    QPushButton* keepLimit() const { return keepLimit_; }
    QLineEdit* certificate() const { return certificate_; }
    QLineEdit* parts() const { return parts_; }

protected:
    void showEvent(QShowEvent* event) override;
    void speechChanged() override;
    void refreshControls() override;
    words::FactPage factsOf(const Formula& formula, const Reckoning& reckoning) override;
    void act(const QString& code) override;

private:
    std::string chosenMaterial() const; // empty: all scents together
    QString scentNamed(const std::string& id) const;
    void setShare(double percent);
    void writeLimit();
    void writeCertificate();
    void writeParts();
    void showCertificate();
    void showParts();
    void changeFittings(const std::function<void(Fittings&)>& how);

    OwnFittings& fittings_;
    PaceMemory& memory_;
    QComboBox* product_;
    QComboBox* which_;
    NumberField* share_;
    QComboBox* basis_;
    QComboBox* whose_;
    NumberField* limit_;
    QComboBox* limitBasis_;
    QLineEdit* source_;
    QPushButton* keepLimit_;
    QLineEdit* certificate_;
    QFormLayout* form_;
    QLineEdit* parts_; // of a jar blended beforehand
    Complaint* complaint_;
    ScentPicture picture_;
};

} // namespace rhexion
