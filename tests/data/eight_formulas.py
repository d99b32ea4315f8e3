#!/usr/bin/python3
"""Eight formulas with every figure of their reckoning by hand: each sum is written out below as a maker would on paper, and only
evaluated here. A figure that is not named is 0 or not there. Writes eight_formulas.json beside this file (checked by
tests/storage/tst_every_figure.cpp). Constants and their sources as in mixed_cases.py; materials are made up with round figures.
Usage: tests/data/eight_formulas.py"""
import csv
import json
import pathlib

here = pathlib.Path(__file__).parent
weight = {row[0]: float(row[1]) for row in csv.reader(open(here / "atomic_weights_bodr.csv")) if row[2].isdigit()}
C, H, O = (weight[e] for e in "CHO")
base = dict(D=56105.6, Na=weight["Na"] + O + H, K=weight["K"] + O + H, Mcit=6 * C + 8 * H + 7 * O, Mlac=3 * C + 6 * H + 3 * O, Mw=2 * H + O,
            zcit=sum(1 / (1 + 10 ** (p - 10)) for p in (3.13, 4.76, 6.40)), zlac=1 / (1 + 10 ** (3.86 - 10)))


def f(low, typical=None, high=None):
    typical = low if typical is None else typical
    return dict(low=low, typical=typical, high=typical if high is None else high, source="hand")


def fat(name, sv, **more):
    return dict(id=name, name=name, kind="fat", parts={"fat": f(1)}, sv=sv if isinstance(sv, dict) else f(sv), **more)


def other(name, kind, water=0.0, **more):
    parts = more.pop("parts", {})
    if water:
        parts["water"] = f(water)
    return dict(id=name, name=name, kind=kind, parts=parts, **more)


SODA = other("soda", "sodium-hydroxide", 0.03, parts={"sodium-hydroxide": f(0.97)})
PURE = other("pure soda", "sodium-hydroxide", parts={"sodium-hydroxide": f(1)})
POTASH = other("potash", "potassium-hydroxide", 0.1, parts={"potassium-hydroxide": f(0.9)})
WATER = other("water", "liquid", 1.0)
A, B = fat("oil a", 190), fat("oil b", 250)
CITRIC = other("citric", "acid", acids=dict(citric=f(1)))
REST = dict(unit="rest")


def g(value, unit="g"):
    return dict(value=value, unit=unit)


# name, lines (material, amount, vessel, more), lye, liquid, more, sums (name, text) and figures (path, text)
cases = []


def case(name, lines, lye, liquid, sums, figures, **more):
    materials = {m["id"]: m for m, *_ in lines}
    lye = {"superfat": 0.05, "potassiumShare": 0, "split": "moles", "hiddenFat": "surely", "basis": "all-fat", **lye}
    for which in ("sodium", "potassium"):
        if which in lye:
            materials[lye[which]["id"]] = lye[which]
            lye[which] = lye[which]["id"]
    formula = dict(format="rhexion-formula", version=4, name=name, sources=[dict(id="hand", text="made up for this case")],
                   materials=list(materials.values()), lye=lye,
                   liquid={"convention": "pure-and-all-water", "jugCelsius": 20, "usualRatio": 3, **liquid},
                   lines=[dict(id=i, material=m["id"], vessel=vessel, amount=amount, **(rest[0] if rest else {}))
                          for i, (m, amount, vessel, *rest) in enumerate(lines, 1)], **more)
    known = dict(base)
    for key, text in sums:
        known[key] = eval(text, {}, known)
    cases.append(dict(formula=formula, figures={path: eval(text, {}, known) for path, text in figures.items()}))


def terms(path, lye, water, oils, usual):
    """A liquid in the four ways of saying it; lye, water, oils and usual are names or sums."""
    return {f"{path}.strength": f"({lye})/(({lye})+({water}))", f"{path}.ratio": f"({water})/({lye})",
            f"{path}.shareOfOils": f"({water})/({oils})", f"{path}.lessThanUsual": f"1-({water})/({lye})/({usual})"}


def hydroxide(path, mol, molar, share, water):
    return {f"{path}.mol": mol, f"{path}.pure": f"({mol})*{molar}", f"{path}.weighed": f"({mol})*{molar}/{share}",
            f"{path}.water": f"({mol})*{molar}/{share}*{water}"}


def superfat(true, oils=None, low=None, high=None):
    return {"superfat.true": true, "superfat.onOils": oils or true, "superfat.trueLow": low or true, "superfat.trueHigh": high or true}


case("Plain, of two oils", [(A, g(400), "oil-pot"), (B, g(200), "oil-pot"), (WATER, REST, "lye-jug")],
     dict(sodium=SODA), dict(how="strength", value=0.33),
     [("fa", "400*190/D"), ("fb", "200*250/D"), ("n", "0.95*(fa + fb)"), ("wet", "n*Na*0.67/0.33"), ("moist", "n*Na/0.97*0.03")],
     {"hydroxide.mol": "n", **hydroxide("hydroxide.sodium", "n", "Na", 0.97, 0.03), **hydroxide("jugs.0.sodium", "n", "Na", 0.97, 0.03),
      "lines.0.grams": "400", "lines.1.grams": "200", "lines.2.grams": "wet - moist", "lines.2.water": "wet - moist", "makeUp": "wet - moist",
      "oils": "600", "batter": "600 + n*Na/0.97 + wet - moist", "demand.0.mol": "fa", "demand.1.mol": "fb",
      "water.wanted": "wet", "water.present": "wet", "water.fromHydroxide": "moist", "jugs.0.strength": "0.33", "jugs.0.water": "wet",
      **terms("strength.pureAndAllWater", "n*Na", "wet", "600", "3"), **terms("strength.wanted", "n*Na", "wet", "600", "3"),
      **terms("strength.weighedWithoutImpurity", "n*Na/0.97", "wet - moist", "600", "3"),
      **superfat("0.05"), "superfat.freeOil": "0.05*600"})

case("Citric acid in the jug, figures in doubt", [(fat("oil c", f(185, 190, 195)), g(500), "oil-pot"), (CITRIC, g(10), "lye-jug"), (WATER, REST, "lye-jug")],
     dict(sodium=other("soda in doubt", "sodium-hydroxide", parts={"sodium-hydroxide": f(0.97, 0.98, 0.99)}), superfat=0.06), dict(how="ratio", value=2.0),
     [("fa", "500*190/D"), ("acid", "10/Mcit*zcit"), ("n", "0.94*fa + acid"), ("soda", "n*Na/0.98"), ("rest", "2*n*Na - 0.02*soda")],
     # a hydroxide given by purity alone: the rest counts as water; 10 g of citric acid needs 6.8 g of water for itself
     {"hydroxide.mol": "n", **hydroxide("hydroxide.sodium", "n", "Na", 0.98, 0.02), **hydroxide("jugs.0.sodium", "n", "Na", 0.98, 0.02),
      "lines.0.grams": "500", "lines.1.grams": "10", "lines.2.grams": "rest", "lines.2.water": "rest", "makeUp": "rest", "oils": "500",
      "batter": "510 + soda + rest", "demand.0.mol": "fa", "demand.1.mol": "acid", "water.wanted": "2*n*Na", "water.present": "2*n*Na",
      "water.fromHydroxide": "0.02*soda", "water.formedByNeutralising": "acid*Mw", "jugs.0.strength": "1/3", "jugs.0.water": "2*n*Na", "jugs.0.tiedWater": "6.8",
      **terms("strength.pureAndAllWater", "n*Na", "2*n*Na", "500", "3"), **terms("strength.wanted", "n*Na", "2*n*Na", "500", "3"),
      **terms("strength.weighedWithoutImpurity", "soda", "rest", "500", "3"),
      **superfat("0.06", low="1 - (soda*0.99/Na - acid)/(500*185/D)", high="1 - (soda*0.97/Na - acid)/(500*195/D)"), "superfat.freeOil": "0.06*500"})

case("Two hydroxides, liquid by the oils", [(A, g(300), "oil-pot"), (B, g(300), "oil-pot"), (WATER, REST, "lye-jug")],
     dict(sodium=SODA, potassium=POTASH, potassiumShare=0.4, superfat=0.03), dict(how="percent-of-oils", value=0.38),
     [("fa", "300*190/D"), ("fb", "300*250/D"), ("n", "0.97*(fa + fb)"), ("pure", "0.6*n*Na + 0.4*n*K"),
      ("moist", "0.6*n*Na/0.97*0.03 + 0.4*n*K/0.9*0.1"), ("asis", "0.6*n*Na/0.97 + 0.4*n*K/0.9"), ("wet", "0.38*600")],
     {"hydroxide.mol": "n", "hydroxide.potassiumMoleShare": "0.4", **hydroxide("hydroxide.sodium", "0.6*n", "Na", 0.97, 0.03),
      **hydroxide("hydroxide.potassium", "0.4*n", "K", 0.9, 0.1), **hydroxide("jugs.0.sodium", "0.6*n", "Na", 0.97, 0.03),
      **hydroxide("jugs.0.potassium", "0.4*n", "K", 0.9, 0.1), "lines.0.grams": "300", "lines.1.grams": "300", "lines.2.grams": "wet - moist",
      "lines.2.water": "wet - moist", "makeUp": "wet - moist", "oils": "600", "batter": "600 + asis + wet - moist", "demand.0.mol": "fa", "demand.1.mol": "fb",
      "water.wanted": "wet", "water.present": "wet", "water.fromHydroxide": "moist", "jugs.0.strength": "pure/(pure + wet)", "jugs.0.water": "wet",
      **terms("strength.pureAndAllWater", "pure", "wet", "600", "3"), **terms("strength.wanted", "pure", "wet", "600", "3"),
      **terms("strength.weighedWithoutImpurity", "asis", "wet - moist", "600", "3"), **superfat("0.03"), "superfat.freeOil": "0.03*600"})

MILK = other("milk", "milk", 0.9, parts={"fat": f(0.01)}, sv=f(230), acids=dict(lactic=f(0.009)))
case("A strong jug, milk in the oils as the rest", [(A, g(700), "oil-pot"), (MILK, REST, "oil-pot")],
     dict(sodium=PURE, hiddenFat="typical"), dict(how="strength", value=0.3, jugRatio=1.0),
     # the jug's own weight of water first; the milk brings what is still wanted, with its own fat and lactic acid
     [("fa", "700*190/D"), ("per", "0.95*0.01*230/D + 0.009/Mlac*zlac"), ("milk", "(0.7/0.3 - 1)*Na*0.95*fa / (0.9 - (0.7/0.3 - 1)*Na*per)"),
      ("n", "0.95*fa + milk*per"), ("soda", "n*Na"), ("hidden", "milk*0.01*230/D"), ("acid", "milk*0.009/Mlac*zlac")],
     {"hydroxide.mol": "n", **hydroxide("hydroxide.sodium", "n", "Na", 1, 0), **hydroxide("jugs.0.sodium", "n", "Na", 1, 0), "lines.0.grams": "700",
      "lines.1.grams": "milk", "lines.1.water": "0.9*milk", "makeUp": "milk", "oils": "700", "batter": "700 + 2*soda + milk", "demand.0.mol": "fa",
      "demand.1.mol": "hidden", "demand.2.mol": "acid", "water.wanted": "soda*0.7/0.3", "water.present": "soda*0.7/0.3", "water.formedByNeutralising": "acid*Mw",
      "jugs.0.strength": "0.5", "jugs.0.water": "soda", "jugs.0.pouredWater": "soda", **terms("strength.pureAndAllWater", "soda", "soda*0.7/0.3", "700", "3"),
      **terms("strength.wanted", "soda", "soda*0.7/0.3", "700", "3"), **terms("strength.weighedWithoutImpurity", "soda", "soda*0.7/0.3", "700", "3"),
      # oil left free: of the oils alone, as the superfat on oils says
      **superfat("0.05", oils="1 - (n - acid)/fa"), "superfat.freeOil": "(1 - (n - acid)/fa)*700"})

YOLK = other("yolk", "egg", 0.5, parts={"fat": f(0.25, 0.28, 0.31)}, sv=f(190))
case("Egg yolk in the emulsion, what is surely there", [(A, g(800), "oil-pot"), (YOLK, g(40), "emulsion"), (WATER, REST, "lye-jug")],
     dict(sodium=PURE, superfat=0.04), dict(how="less-than-usual", value=0.2, usualRatio=2.5),
     [("fa", "800*190/D"), ("surely", "40*0.25*190/D"), ("typical", "40*0.28*190/D"), ("n", "0.96*(fa + surely)"), ("wet", "2*n*Na")],
     {"hydroxide.mol": "n", **hydroxide("hydroxide.sodium", "n", "Na", 1, 0), **hydroxide("jugs.0.sodium", "n", "Na", 1, 0), "lines.0.grams": "800",
      "lines.1.grams": "40", "lines.1.water": "20", "lines.2.grams": "wet - 20", "lines.2.water": "wet - 20", "makeUp": "wet - 20", "oils": "800",
      "batter": "840 + n*Na + wet - 20", "demand.0.mol": "fa", "demand.1.mol": "surely", "water.wanted": "wet", "water.present": "wet",
      "jugs.0.strength": "n*Na/(n*Na + wet - 20)", "jugs.0.water": "wet - 20", **terms("strength.pureAndAllWater", "n*Na", "wet", "800", "2.5"),
      **terms("strength.wanted", "n*Na", "wet", "800", "2.5"), **terms("strength.weighedWithoutImpurity", "n*Na", "wet", "800", "2.5"),
      **superfat("1 - n/(fa + typical)", oils="1 - n/fa", low="1 - n/(fa + surely)", high="1 - n/(fa + 40*0.31*190/D)"),
      "superfat.freeOil": "(1 - n/fa)*800"})

case("So much lye is weighed, shea after the cook", [(A, g(500), "oil-pot"), (fat("shea", 180), g(30), "after-cook"), (WATER, REST, "lye-jug")],
     dict(sodium=SODA, basis="cooked-fat", fixed=dict(sodium=68, potassium=0)), dict(how="ratio", value=2.2, convention="weighed-without-impurity"),
     # the ratio is of lye as weighed; its moisture is not counted as water
     [("fa", "500*190/D"), ("fs", "30*180/D"), ("n", "68*0.97/Na"), ("wet", "2.2*68")],
     {"hydroxide.mol": "n", **hydroxide("hydroxide.sodium", "n", "Na", 0.97, 0.03), **hydroxide("jugs.0.sodium", "n", "Na", 0.97, 0.03),
      "lines.0.grams": "500", "lines.1.grams": "30", "lines.2.grams": "wet", "lines.2.water": "wet", "makeUp": "wet", "oils": "530", "batter": "530 + 68 + wet",
      "demand.0.mol": "fa", "demand.1.mol": "fs", "water.wanted": "wet", "water.present": "wet + 68*0.03", "water.fromHydroxide": "68*0.03",
      "jugs.0.strength": "68*0.97/(68 + wet)", "jugs.0.water": "wet + 68*0.03", **terms("strength.pureAndAllWater", "68*0.97", "wet + 68*0.03", "530", "3"),
      **terms("strength.wanted", "68", "wet", "530", "3"), **terms("strength.weighedWithoutImpurity", "68", "wet", "530", "3"),
      **superfat("1 - n/(fa + fs)"), "superfat.freeOil": "(1 - n/fa)*500 + 30"})

SALT = other("salt", "salt", parts={"sodium-chloride": f(1)})
SCENT = other("scent", "scent")
case("Two portions, oil set aside, acid in one, salt and scent in the other",
     [(A, g(600), "oil-pot"), (WATER, REST, "lye-jug"), (CITRIC, g(4), "trace", dict(portion=11)), (SALT, g(12), "trace", dict(portion=12)),
      (SCENT, g(9), "trace", dict(portion=12))],
     dict(sodium=PURE), dict(how="strength", value=0.32),
     [("fa", "600*190/D"), ("acid", "4/Mcit*zcit"), ("n", "0.95*fa + acid"), ("soda", "n*Na"), ("wet", "soda*0.68/0.32"), ("common", "600 - 45 + soda + wet")],
     {"hydroxide.mol": "n", **hydroxide("hydroxide.sodium", "n", "Na", 1, 0), **hydroxide("jugs.0.sodium", "n", "Na", 1, 0), "lines.0.grams": "600",
      "lines.1.grams": "wet", "lines.1.water": "wet", "lines.2.grams": "4", "lines.3.grams": "12", "lines.4.grams": "9", "makeUp": "wet", "oils": "600",
      "batter": "625 + soda + wet", "demand.0.mol": "fa", "demand.1.mol": "acid", "water.wanted": "wet", "water.present": "wet", "water.formedByNeutralising": "acid*Mw",
      "jugs.0.strength": "0.32", "jugs.0.water": "wet", **terms("strength.pureAndAllWater", "soda", "wet", "600", "3"),
      **terms("strength.wanted", "soda", "wet", "600", "3"), **terms("strength.weighedWithoutImpurity", "soda", "wet", "600", "3"),
      **superfat("0.05"), "superfat.freeOil": "0.05*600",
      # parts 1 and 2; 30 g of oil is set aside for the first, 15 g for the second
      "portions.0.share": "1/3", "portions.0.common": "common/3", "portions.0.oilSetAside": "30", "portions.0.own": "4", "portions.0.batter": "common/3 + 34",
      "portions.0.oils": "555/3 + 30", "portions.0.water": "wet/3", "portions.0.superfat": "1 - (n/3 - acid)/((555/3 + 30)*190/D)",
      "portions.0.superfatLow": "1 - (n/3 - acid)/((555/3 + 30)*190/D)",
      "portions.1.share": "2/3", "portions.1.common": "common*2/3", "portions.1.oilSetAside": "15", "portions.1.own": "21", "portions.1.batter": "common*2/3 + 36",
      "portions.1.oils": "555*2/3 + 15", "portions.1.water": "wet*2/3", "portions.1.salt": "12", "portions.1.scent": "9",
      "portions.1.superfat": "1 - n*2/3/((555*2/3 + 15)*190/D)", "portions.1.superfatLow": "1 - n*2/3/((555*2/3 + 15)*190/D)",
      "setAside.oil": "45", "setAside.superfatMeanwhile": "1 - n/(555*190/D)", "setAside.lyeMeanwhile": "(n - 555*190/D)*Na"},
     portions=[dict(id=11, name="first", parts=1, mould="", held=dict(line=0, amount=g(30))),
               dict(id=12, name="second", parts=2, mould="", held=dict(line=0, amount=g(15)))])

TEA = other("tea", "liquid", 1.0)
READY = other("wash with lye in it", "liquid", 0.9, parts={"sodium-hydroxide": f(0.1)})
case("Potash in its own jug, and a liquid that holds lye", [(A, g(450), "oil-pot"), (TEA, g(50), "second-jug"), (READY, g(20), "lye-jug"), (WATER, REST, "lye-jug")],
     dict(sodium=PURE, potassium=POTASH, potassiumShare=0.25, secondJug=dict(sodium=0, potassium=1)), dict(how="ratio", value=2.5),
     # 2 g of sodium hydroxide come with the wash; the rest is weighed, a quarter of its moles as potash
     [("fa", "450*190/D"), ("n", "0.95*fa"), ("own", "2/Na"), ("weighed", "n - own"), ("soda", "0.75*weighed*Na"), ("potash", "0.25*weighed*K/0.9"),
      ("pure", "soda + 0.9*potash + 2"), ("wet", "2.5*pure"), ("rest", "wet - 50 - 18 - 0.1*potash")],
     {"hydroxide.mol": "n", "hydroxide.heldByMaterials": "own", "hydroxide.potassiumMoleShare": "0.25", **hydroxide("hydroxide.sodium", "0.75*weighed", "Na", 1, 0),
      **hydroxide("hydroxide.potassium", "0.25*weighed", "K", 0.9, 0.1), **hydroxide("jugs.0.sodium", "0.75*weighed", "Na", 1, 0),
      **hydroxide("jugs.1.potassium", "0.25*weighed", "K", 0.9, 0.1), "lines.0.grams": "450", "lines.1.grams": "50", "lines.1.water": "50", "lines.2.grams": "20",
      "lines.2.water": "18", "lines.3.grams": "rest", "lines.3.water": "rest", "makeUp": "rest", "oils": "450", "batter": "450 + 70 + soda + potash + rest",
      "demand.0.mol": "fa", "demand.1.mol": "-own", "water.wanted": "wet", "water.present": "wet", "water.fromHydroxide": "0.1*potash",
      "jugs.0.water": "rest + 18", "jugs.0.strength": "(soda + 2)/(soda + 2 + rest + 18)", "jugs.1.water": "50 + 0.1*potash",
      "jugs.1.strength": "0.9*potash/(potash + 50)", **terms("strength.pureAndAllWater", "pure", "wet", "450", "3"),
      **terms("strength.wanted", "pure", "wet", "450", "3"), **terms("strength.weighedWithoutImpurity", "soda + potash + 2", "wet - 0.1*potash", "450", "3"),
      **superfat("0.05"), "superfat.freeOil": "0.05*450"})

(here / "eight_formulas.json").write_text(json.dumps(cases, indent=1) + "\n")
print(len(cases), "formulas,", sum(len(c["figures"]) for c in cases), "figures")
