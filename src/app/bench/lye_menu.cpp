#include "app/bench/lye_menu.h"

#include "app/bench/bench_text.h"
#include "app/widgets/menu_parts.h"
#include "app/widgets/number_field.h"
#include "document/formula_document.h"

#include <QFormLayout>
#include <QMenu>

namespace rhexion {

namespace {

NumberField* addField(QFormLayout* form, const QString& name, const QString& suffix, double value,
                      const Speech& speech, const std::function<void(double)>& set)
{
    auto* field = new NumberField(suffix, 1, false);
    field->setSpeech(speech);
    field->setValue(value);
    field->setFixedWidth(90);
    field->setAccessibleName(name);
    form->addRow(name, field);
    QObject::connect(field, &NumberField::entered, field,
                     [set](std::optional<double> v) { set(*v); });
    return field;
}

void addSecondJug(QMenu& parent, FormulaDocument& document, const Speech& speech)
{
    QMenu* menu = parent.addMenu(BenchText::tr("Lye in two jugs"));
    menu->setObjectName(QStringLiteral("secondJug"));
    const auto set = [&document](std::optional<SecondJug> second) {
        LyeSettings lye = document.formula().lye;
        lye.secondJug = second;
        document.apply(SetLye{SettingField::SecondJug, lye}, BenchText::tr("Divide the lye"));
    };
    const std::optional<SecondJug> now = document.formula().lye.secondJug;
    addTicked(*menu, BenchText::tr("one jug"), !now, [set] { set(std::nullopt); });
    addTicked(*menu, BenchText::tr("half of it in the second"), now == SecondJug{0.5, 0.5}, [set] {
        set(SecondJug{0.5, 0.5});
    });
    addTicked(*menu, BenchText::tr("the potassium hydroxide in the second"),
              now == SecondJug{0.0, 1.0}, [set] {
                  set(SecondJug{0.0, 1.0});
              });
    menu->addSeparator();
    QFormLayout* form = addForm(*menu);
    const SecondJug shares = now.value_or(SecondJug{});
    addField(form, BenchText::tr("Sodium in the second"), QStringLiteral("%"),
             shares.sodium * 100.0, speech, [set, shares](double v) {
                 set(SecondJug{v / 100.0, shares.potassium});
             });
    addField(form, BenchText::tr("Potassium in the second"), QStringLiteral("%"),
             shares.potassium * 100.0, speech, [set, shares](double v) {
                 set(SecondJug{shares.sodium, v / 100.0});
             });
}

void addMixing(QMenu& parent, FormulaDocument& document, const Speech& speech)
{
    QMenu* menu = parent.addMenu(BenchText::tr("Join jug and pot at"));
    menu->setObjectName(QStringLiteral("mixing"));
    const auto set = [&document](const Mixing& mixing) {
        document.apply(SetMixing{mixing}, BenchText::tr("Set how warm to join them"));
    };
    const Mixing now = document.formula().mixing;
    const std::pair<QString, Mixing> schools[] = {
        {BenchText::tr("room temperature, %1 within %2"), {Temperature::celsius(22.0), 8.0}},
        {BenchText::tr("both warm, %1 within %2"), {Temperature::celsius(38.0), 6.0}},
        {BenchText::tr("hot for a cook, %1 within %2"), {Temperature::celsius(75.0), 10.0}}};
    for (const auto& [name, mixing] : schools)
        addTicked(*menu,
                  name.arg(speech.temperature(mixing.at.inCelsius()),
                           speech.temperatureDifference(mixing.within)),
                  now == mixing, [set, to = mixing] { set(to); });
    menu->addSeparator();
    QFormLayout* form = addForm(*menu);
    const bool fahrenheit = speech.habits().fahrenheit;
    const QString degree = fahrenheit ? QStringLiteral("°F") : QStringLiteral("°C");
    addField(
        form, BenchText::tr("At"), degree, fahrenheit ? now.at.inFahrenheit() : now.at.inCelsius(),
        speech, [set, now, fahrenheit](double v) {
            set({fahrenheit ? Temperature::fahrenheit(v) : Temperature::celsius(v), now.within});
        });
    addField(form, BenchText::tr("Within"), degree,
             fahrenheit ? Temperature::differenceInFahrenheit(now.within) : now.within, speech,
             [set, now, fahrenheit](double v) {
                 set({now.at, fahrenheit ? Temperature::differenceFromFahrenheit(v) : v});
             });
}

} // namespace

void addJugMenus(QMenu& menu, FormulaDocument& document, const Speech& speech)
{
    addSecondJug(menu, document, speech);
    addMixing(menu, document, speech);
}

} // namespace rhexion
