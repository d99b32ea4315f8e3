// What the settings panel shows of the formula as it is.
#include "app/bench/settings_panel.h"

#include "app/bench/setting_row.h"
#include "app/widgets/number_field.h"
#include "core/formula/usual_settings.h"
#include "document/formula_document.h"
#include "words/setting_terms.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>

#include <algorithm>

namespace rhexion {

void SettingsPanel::refreshLye()
{
    const LyeSettings& lye = document_.formula().lye;
    const Reckoning* r = document_.reckoning();
    const bool fixed = lye.fixed.has_value();
    superfatRow_->setName(fixed ? tr("Superfat, result") : tr("Superfat"));
    superfat_->setEnabled(!fixed);
    superfat_->setValue(100.0 * (fixed && r ? r->superfatOnOils.value_or(0.0) : lye.superfat));
    free_->setVisible(fixed);
    basis_->setCurrentIndex(int(lye.basis));
    hidden_->setCurrentIndex(int(lye.hiddenFat));
    potassium_->setEnabled(!fixed);
    potassium_->setValue(100.0 * (fixed && r ? r->potassiumMoleShare : lye.potassiumShare));
    split_->setCurrentIndex(int(lye.split));
    superfatRow_->setTerms(r ? words::superfatTerms(document_.formula(), *r, speech_) : QString());
    hiddenRow_->setTerms(r ? words::hiddenFatTerms(*r, speech_) : QString());
    potassiumRow_->setTerms(r ? words::splitTerms(*r, speech_) : QString());
    for (int i = 0; i < 2; ++i) {
        const MaterialPtr& material = i == 0 ? lye.sodium : lye.potassium;
        purity_[i]->setEnabled(material != nullptr);
        if (material)
            purity_[i]->setValue(
                100.0 * material->part(i == 0 ? Part::SodiumHydroxide : Part::PotassiumHydroxide)
                            .range.typical());
        purityRow_[i]->setTerms(words::purityTerms(document_.formula(), i == 0, speech_));
    }
}

void SettingsPanel::refreshLiquid()
{
    const LiquidSettings& liquid = document_.formula().liquid;
    const Reckoning* r = document_.reckoning();
    const bool ratio = liquid.how == LiquidStatement::Ratio;
    how_->setCurrentIndex(int(liquid.how));
    liquid_->setSuffix(ratio ? QString() : QStringLiteral("%"));
    liquid_->setValue(ratio ? liquid.value : 100.0 * liquid.value);
    liquidRow_->setTerms(r ? words::liquidTerms(*r, speech_) : QString());
    usual_->setValue(liquid.usualRatio);
    convention_->setCurrentIndex(int(liquid.convention));
    conventionRow_->setTerms(r ? words::strengthTerms(document_.formula(), *r, speech_)
                               : QString());
}

void SettingsPanel::refreshJugs()
{
    const Formula& f = document_.formula();
    const Reckoning* r = document_.reckoning();
    const bool fahrenheit = speech_.habits().fahrenheit;
    const QString degree = fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C");
    for (NumberField* field : {coolest_, mixAt_, mixWithin_})
        field->setSuffix(degree);
    jug_->setValue(f.liquid.jugRatio);
    jugRow_->setTerms(r ? words::jugTerms(*r, speech_) : QString());
    const Temperature coolest = f.liquid.jugCoolest;
    coolest_->setValue(fahrenheit ? coolest.inFahrenheit() : coolest.inCelsius());

    const SecondJug second = f.lye.secondJug.value_or(SecondJug{});
    const auto placeOf = [](const auto& known, const auto& one) {
        return int(std::ranges::find(known, one) - known.begin());
    };
    secondJug_->setCurrentIndex(placeOf(usualSecondJugs, f.lye.secondJug));
    second_[0]->setValue(100.0 * second.sodium);
    second_[1]->setValue(100.0 * second.potassium);
    for (NumberField* field : second_)
        field->setEnabled(f.lye.secondJug.has_value());

    const Mixing& mixing = f.mixing;
    mixing_->setCurrentIndex(placeOf(usualMixings, mixing));
    mixAt_->setValue(fahrenheit ? mixing.at.inFahrenheit() : mixing.at.inCelsius());
    mixWithin_->setValue(fahrenheit ? Temperature::differenceInFahrenheit(mixing.within)
                                    : mixing.within);
}

void SettingsPanel::refresh()
{
    refreshLye();
    refreshLiquid();
    refreshJugs();
    wayText_->setText(
        way_ ? tr("New formulas begin with %1.").arg(words::settingsInShort(*way_, speech_))
             : tr("New formulas begin as they come. Keep your usual settings here, "
                  "and they begin your way."));
    takeWay_->setVisible(way_.has_value());
    forgetWay_->setVisible(way_.has_value());
}

} // namespace rhexion
