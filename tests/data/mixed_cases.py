#!/usr/bin/python3
"""Thirty-two mixed cases by hand: each sum is written out below as a maker would on paper, and only evaluated here.
Writes mixed_cases.json beside this file (checked by tests/core/tst_mixed_cases.cpp) and prints the table in docs/chemistry.md.

Sources: molar masses from atomic_weights_bodr.csv (Blue Obelisk Data Repository 10); pKa from the CRC Handbook (from memory);
56.1056 in the definition of the saponification value (ISO 3657); SVs within the ranges of Codex Alimentarius standards 33 and
210 (from memory); compositions of foods rounded from USDA SR24; shares of acid in juices as ../../docs/data.md says.
Usage: tests/data/mixed_cases.py"""
import csv
import json
import pathlib

here = pathlib.Path(__file__).parent
weight = {row[0]: float(row[1]) for row in csv.reader(open(here / "atomic_weights_bodr.csv")) if row[2].isdigit()}
C, H, O, NA_, K_ = (weight[e] for e in ("C", "H", "O", "Na", "K"))


def z(*pka, ph=10.0):
    return sum(1 / (1 + 10 ** (p - ph)) for p in pka)


CITRIC, LACTIC, ACETIC = (3.13, 4.76, 6.40), (3.86,), (4.76,)
MALIC, TARTARIC, OXALIC, ASCORBIC = (3.40, 5.11), (2.98, 4.34), (1.25, 3.81), (4.10,)
known = dict(
    # D: 1000 mg/g * 56.1056; Na, K: molar masses of the hydroxides; M..: of the acids; z..: protons given up at pH 10
    D=56105.6, Na=NA_ + O + H, K=K_ + O + H,
    Mcit=6 * C + 8 * H + 7 * O, Mlac=3 * C + 6 * H + 3 * O, Mace=2 * C + 4 * H + 2 * O, Mmal=4 * C + 6 * H + 5 * O,
    Mtar=4 * C + 6 * H + 6 * O, Moxa=2 * C + 2 * H + 4 * O, Masc=6 * C + 8 * H + 6 * O, Mbit=4 * C + 5 * H + 6 * O + K_,
    Mbic=C + H + 3 * O + NA_, Mw=2 * H + O,
    zcit=z(*CITRIC), zlac=z(*LACTIC), zace=z(*ACETIC), zmal=z(*MALIC), ztar=z(*TARTARIC), zoxa=z(*OXALIC), zasc=z(*ASCORBIC),
    zbit=z(4.34), zlemon=z(*CITRIC) - z(*CITRIC, ph=2.4))


def oil(grams, sv=190.0, **more):
    return dict(kind="fat", fat=1.0, sv=sv, grams=grams, **more)


def water(**more):
    return dict(kind="liquid", water=1.0, rest=True, vessel="lye-jug", **more)


def acid(grams, name, share=1.0, **more):
    return {**dict(kind="acid", acids={name: share}, water=round(1 - share, 6), grams=grams, vessel="lye-jug"), **more}


cases = [
    ("citric anhydrous, NaOH 99 %, strength 33 %", [oil(500), acid(12, "citric"), water()],
     dict(sodium=0.99, superfat=0.05, strength=0.33),
     [("n", "0.95*500*190/D + 12/Mcit*zcit"), ("sodium", "n*Na/0.99"), ("makeUp", "n*Na*0.67/0.33 - sodium*0.01")]),
    ("lactic 80 %, 40 % of the moles KOH 90 %", [oil(600), oil(200, 257), acid(15, "lactic", 0.8), water()],
     dict(potassium=0.9, share=0.4, superfat=0.06, ratio=2.2),
     [("n", "0.94*(600*190+200*257)/D + 15*0.8/Mlac*zlac"), ("sodium", "0.6*n*Na"), ("potassium", "0.4*n*K/0.9"),
      ("makeUp", "2.2*(sodium+0.9*potassium) - 15*0.2 - 0.1*potassium")]),
    ("vinegar 5 % as all the liquid", [oil(800), dict(kind="liquid", water=0.95, acids={"acetic": 0.05}, rest=True, vessel="lye-jug")],
     dict(superfat=0.05, ratio=2.0),
     [("makeUp", "2*Na*0.95*800*190/D / (0.95 - 2*Na*0.05/Mace*zace)"), ("n", "0.95*800*190/D + makeUp*0.05/Mace*zace"),
      ("sodium", "n*Na")]),
    ("buttermilk as the rest, titrated 9 mmol/100 g", [oil(650), dict(kind="milk", water=0.90, fat=0.01, sv=230, titratable=9, rest=True, vessel="oil-pot")],
     dict(superfat=0.05, strength=0.30, hidden="typical"),
     [("makeUp", "0.7/0.3*Na*0.95*650*190/D / (0.9 - 0.7/0.3*Na*(0.95*0.01*230/D + 9/1e5))"),
      ("n", "0.95*(650*190 + makeUp*0.01*230)/D + makeUp*9/1e5"), ("sodium", "n*Na")]),
    ("yogurt at emulsion, lactic 1.1 %", [oil(900), dict(kind="milk", water=0.85, fat=0.035, sv=230, acids={"lactic": 0.011}, grams=100, vessel="emulsion"), water()],
     dict(superfat=0.05, ratio=2.0, hidden="typical"),
     [("n", "0.95*(900*190 + 100*0.035*230)/D + 100*0.011/Mlac*zlac"), ("sodium", "n*Na"), ("makeUp", "2*sodium - 85")]),
    ("egg yolk, what is surely there", [oil(700), dict(kind="egg", water=0.52, fat=[0.25, 0.27, 0.29], sv=190, grams=36, vessel="oil-pot"), water()],
     dict(superfat=0.05, ratio=2.0, hidden="surely"),
     [("n", "0.95*(700*190 + 36*0.25*190)/D"), ("superfatTrue", "1 - n/((700*190 + 36*0.27*190)/D)"), ("makeUp", "2*n*Na - 36*0.52")]),
    ("avocado, typical", [oil(750), dict(kind="produce", water=0.73, fat=0.15, sv=190, grams=80, vessel="trace"), water()],
     dict(superfat=0.07, ratio=1.9, hidden="typical"),
     [("n", "0.93*(750*190 + 80*0.15*190)/D"), ("makeUp", "1.9*n*Na - 80*0.73"), ("superfatOils", "1 - n/(750*190/D)")]),
    ("coconut milk as the rest, can thinner than its label", [oil(600), dict(kind="milk", water=[0.68, 0.70, 0.75], fat=[0.17, 0.21, 0.24], sv=257, rest=True, vessel="oil-pot")],
     dict(superfat=0.05, ratio=2.0, hidden="surely"),
     [("makeUp", "2*Na*0.95*600*190/D / (0.70 - 2*Na*0.95*0.17*257/D)"), ("n", "0.95*(600*190 + makeUp*0.17*257)/D"),
      ("superfatTrue", "1 - n/((600*190 + makeUp*0.21*257)/D)")]),
    ("lemon juice, part of its acid salt at pH 2.4", [oil(500), dict(kind="produce", water=0.91, acids={"citric": 0.05}, ph=2.4, grams=40, vessel="lye-jug"), water()],
     dict(superfat=0.05, ratio=2.0),
     [("n", "0.95*500*190/D + 40*0.05/Mcit*zlemon"), ("makeUp", "2*n*Na - 40*0.91")]),
    ("malic and tartaric together", [oil(500), acid(10, "malic"), acid(10, "tartaric"), water()],
     dict(superfat=0.05, ratio=2.0),
     [("acid", "10/Mmal*zmal + 10/Mtar*ztar"), ("n", "0.95*500*190/D + acid"), ("sodium", "n*Na")]),
    ("cream of tartar", [oil(500), acid(10, "bitartrate"), water()], dict(superfat=0.05, ratio=2.0),
     [("acid", "10/Mbit*zbit"), ("sodium", "(0.95*500*190/D + acid)*Na")]),
    ("baking soda, one for one while lye remains", [oil(500), acid(8, "bicarbonate"), water()], dict(superfat=0.05, ratio=2.0),
     [("acid", "8/Mbic"), ("sodium", "(0.95*500*190/D + acid)*Na")]),
    ("oxalic acid", [oil(500), acid(6, "oxalic"), water()], dict(superfat=0.05, ratio=2.0),
     [("acid", "6/Moxa*zoxa"), ("sodium", "(0.95*500*190/D + acid)*Na"), ("formed", "acid*Mw")]),
    ("ascorbic acid", [oil(500), acid(5, "ascorbic"), water()], dict(superfat=0.05, ratio=2.0),
     [("acid", "5/Masc*zasc"), ("sodium", "(0.95*500*190/D + acid)*Na")]),
    ("KOH 88 % alone", [oil(400), oil(300, 257), water()], dict(potassium=0.88, share=1.0, superfat=0.02, ratio=3.0),
     [("n", "0.98*(400*190+300*257)/D"), ("potassium", "n*K/0.88"), ("makeUp", "3*n*K - potassium*0.12")]),
    ("stearic acid, acid value 203", [oil(900), dict(kind="fatty-acid", fat=1.0, av=203, grams=50), water()], dict(superfat=0.04, ratio=2.0),
     [("n", "0.96*(900*190 + 50*203)/D"), ("formed", "50*203/D*Mw"), ("makeUp", "2*n*Na")]),
    ("70 g of NaOH 97 % weighed, citric in it", [oil(480), acid(6, "citric"), water()], dict(sodium=0.97, fixed=70, ratio=2.0),
     [("n", "70*0.97/Na"), ("superfatTrue", "1 - (n - 6/Mcit*zcit)/(480*190/D)"), ("makeUp", "2*70*0.97 - 70*0.03")]),
    ("impurity part carbonate: 95 % NaOH, 2 % water", [oil(500), water()], dict(sodium=0.95, sodiumWater=0.02, superfat=0.05, ratio=2.0),
     [("sodium", "0.95*500*190/D*Na/0.95"), ("makeUp", "2*0.95*sodium - 0.02*sodium")]),
    ("ready lye of 50 %", [oil(500), water()], dict(sodium=0.5, superfat=0.05, ratio=2.0),
     [("sodium", "0.95*500*190/D*Na/0.5"), ("makeUp", "2*0.5*sodium - 0.5*sodium")]),
    ("superfat -2 %, for laundry", [oil(500, 257), water()], dict(superfat=-0.02, ratio=2.0),
     [("n", "1.02*500*257/D"), ("sodium", "n*Na"), ("superfatTrue", "1 - n/(500*257/D)")]),
    ("water 38 % of oils, honey", [oil(700), dict(kind="sugar", water=0.17, grams=20, vessel="trace"), water()], dict(superfat=0.05, oilsWater=0.38),
     [("makeUp", "0.38*700 - 20*0.17"), ("sodium", "0.95*700*190/D*Na"), ("strength", "sodium/(sodium + 0.38*700)")]),
    ("28 % less water than the usual 2.8", [oil(700), water()], dict(superfat=0.05, less=0.28, usual=2.8),
     [("sodium", "0.95*700*190/D*Na"), ("makeUp", "2.8*0.72*sodium")]),
    ("KOH 90 % counted as weighed, its moisture not water", [oil(700), water()], dict(potassium=0.9, share=1.0, superfat=0.05, ratio=2.5, weighed=True),
     [("potassium", "0.95*700*190/D*K/0.9"), ("makeUp", "2.5*potassium"), ("strength", "0.9*potassium/(0.9*potassium + makeUp + 0.1*potassium)")]),
    ("a 50 % jug, milk without fat in the oils down to 29 %", [oil(800), dict(kind="milk", water=0.87, rest=True, vessel="oil-pot")],
     dict(superfat=0.05, strength=0.29, jug=1.0),
     [("sodium", "0.95*800*190/D*Na"), ("jugWater", "sodium"), ("makeUp", "(sodium*0.71/0.29 - sodium)/0.87"), ("jugStrength", "0.5")]),
    ("puree 8 % of the batter", [oil(1000), dict(kind="produce", water=0.88, batter=8, vessel="trace"), water()], dict(superfat=0.05, ratio=2.0),
     [("sodium", "0.95*1000*190/D*Na"), ("batter", "(1000 + 3*sodium)/(1 - 0.08 + 0.08*0.88)"), ("makeUp", "2*sodium - 0.08*0.88*batter")]),
    ("salt bar, 18 % superfat", [oil(200), oil(800, 257), dict(kind="salt", grams=500, vessel="trace"), water()], dict(superfat=0.18, strength=0.30),
     [("sodium", "0.82*(200*190+800*257)/D*Na"), ("makeUp", "sodium*0.7/0.3"), ("batter", "1500 + sodium + makeUp")]),
    ("sugar 3 % of the liquid", [oil(500), dict(kind="sugar", liquid=3, vessel="lye-jug"), water()], dict(superfat=0.05, ratio=2.0),
     [("sodium", "0.95*500*190/D*Na"), ("makeUp", "2*sodium"), ("batter", "500 + sodium + makeUp*1.03")]),
    ("shea after the cook, superfat on the cook 3 %", [oil(600), oil(40, 180, vessel="after-cook"), water()], dict(superfat=0.03, ratio=2.5, cooked=True),
     [("n", "0.97*600*190/D"), ("superfatTrue", "1 - n/((600*190+40*180)/D)"), ("free", "0.03*600 + 40")]),
    ("30 % of the pure weight KOH 90 %", [oil(500), water()], dict(potassium=0.9, share=0.3, split="pure-weight", superfat=0.05, ratio=2.0),
     [("n", "0.95*500*190/D"), ("potassium", "n/(0.3/K + 0.7/Na)*0.3/0.9"), ("sodium", "n/(0.3/K + 0.7/Na)*0.7")]),
    ("half as weighed, KOH a ready lye of 45 %: by what it contains", [oil(500), water()], dict(potassium=0.45, share=0.5, split="weighed-weight", superfat=0.05, ratio=2.0),
     [("n", "0.95*500*190/D"), ("sodium", "n/(0.5/K + 0.5/Na)*0.5"), ("potassium", "sodium/0.45")]),
    ("halves, citric in one", [oil(600), acid(5, "citric", vessel="trace", portion=1), water()], dict(superfat=0.05, ratio=2.0, portions=2),
     [("n", "0.95*600*190/D + 5/Mcit*zcit"), ("portion1", "1 - (n/2 - 5/Mcit*zcit)/(300*190/D)"), ("portion2", "1 - n/2/(300*190/D)")]),
    ("KOH in a second jug with 60 g of tea", [oil(600), dict(kind="liquid", water=0.995, grams=60, vessel="second-jug"), water()],
     dict(potassium=0.9, share=0.3, superfat=0.05, ratio=2.0, secondPotassium=1.0),
     [("n", "0.95*600*190/D"), ("potassium", "0.3*n*K/0.9"), ("secondStrength", "0.3*n*K/(0.3*n*K + 0.1*potassium + 60*0.995)"),
      ("jugStrength", "0.7*n*Na/(0.7*n*Na + 2*(0.7*n*Na + 0.3*n*K) - 0.1*potassium - 60*0.995)")]),
]

out = []
print("| case | by hand |\n|---|---|")
for number, (name, lines, settings, sums) in enumerate(cases, 1):
    here_known = dict(known)
    results, shown = {}, []
    for key, text in sums:
        results[key] = here_known[key] = eval(text, {}, here_known)
        shown.append(f"{key} = {text} = {results[key]:.6g}")
    out.append(dict(name=name, lines=lines, settings=settings, results=results))
    goods = " + ".join((f"{l['grams']:g} g" if "grams" in l else "the rest" if l.get("rest") else f"{l.get('batter', l.get('liquid'))} %") + " " + l["kind"]
                       + (f" SV {l['sv']:g}" if l["kind"] == "fat" else "") for l in lines)
    print(f"| M{number}. {name}: {goods} | `" + "`, `".join(shown) + "` |")
(here / "mixed_cases.json").write_text(json.dumps(out, indent=1) + "\n")
