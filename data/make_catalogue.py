#!/usr/bin/python3
"""Writes data/catalogue.json: food figures are taken from the open tables in a reference folder
(USDA SR24 and IFCT 2017), everything else is written here with its source.
Usage: data/make_catalogue.py REFERENCE_FOLDER"""
import csv
import json
import pathlib
import sys

REFERENCE = pathlib.Path(sys.argv[1])
HERE = pathlib.Path(__file__).parent


def table(name, key):
    with open(REFERENCE / name, encoding="utf-8", newline="") as f:
        return {row[key]: row for row in csv.DictReader(f)}


USDA = table("foods_usda_sr24.csv", "ndb_no")
IFCT = table("organic_acids_ifct2017.csv", "code")
SOURCES = {}


def source(key, text, memory=False):
    SOURCES[key] = {"id": key, "text": text, "fromMemory": memory}
    return key


CODEX_OIL = source("cxs210", "Codex standard for named vegetable oils, CXS 210, SV and iodine value ranges", True)
CODEX_OLIVE = source("cxs33", "Codex standard for olive oils and olive pomace oils, CXS 33", True)
CODEX_ANIMAL = source("cxs211", "Codex standard for named animal fats, CXS 211", True)
CODEX_SHEA = source("cxs325", "Codex standard for unrefined shea butter, CXS 325", True)
CODEX_MILKFAT = source("milk-fat", "Handbook range for milk fat (cow 218 to 235; goat and sheep alike)", True)
EP = source("ph-eur", "European Pharmacopoeia monograph range", True)
HANDBOOK = source("handbook", "Oils and fats handbook range", True)
STOICH = source("stoichiometry", "Stoichiometry from atomic weights, Blue Obelisk Data Repository 10")
GRADE = source("grade", "Usual certificate of the trade grade: common practice, no source", True)
SPREAD = "; spread of "
FAT = source("fat-itself", "An oil is all fat: by definition")
DEFINITION = source("definition", "By definition")
ACIDITY = source("titratable-milk", "Usual titratable acidity of the fresh product, as lactic acid", True)
PH = source("food-ph", "Usual pH of the food", True)
HONEY_ACID = source("honey-acid", "Codex standard for honey, CXS 12, free acidity up to 50 mmol/kg; usual 10 to 40", True)


def fig(low, typical, high, src):
    return {"low": round(low, 6), "typical": round(typical, 6), "high": round(high, 6), "source": src}


def around(value, spread, src):
    return fig(value * (1 - spread), value, min(1.0, value * (1 + spread)), src)


MATERIALS = []


def add(ident, name, kind, parts=None, **more):
    MATERIALS.append({"id": ident, "name": name, "kind": kind, "parts": parts or {},
                      **{k: v for k, v in more.items() if v}})


def fat(ident, name, sv, iodine, src, also=(), note="", kind="fat"):
    add(ident, name, kind, {"fat": fig(1, 1, 1, FAT)}, sv=fig(sv[0], (sv[0] + sv[1]) / 2, sv[1], src),
        iodine=fig(iodine[0], (iodine[0] + iodine[1]) / 2, iodine[1], src), alsoCalled=list(also), note=note)


fat("coconut-oil", "Coconut oil", (248, 265), (6.3, 10.6), CODEX_OIL, ["coconut butter", "copra oil"],
    "Hard bar, quick lather; much of it wants a higher superfat.")
fat("palm-oil", "Palm oil", (190, 209), (50, 55), CODEX_OIL, note="Firms the bar and holds the lather.")
fat("palm-kernel-oil", "Palm kernel oil", (230, 254), (14.1, 21), CODEX_OIL, note="Close to coconut oil in use.")
fat("olive-oil", "Olive oil", (184, 196), (75, 94), CODEX_OLIVE, ["olive"], "Mild and slow to trace; nearly all olive wants a long cure.")
fat("sunflower-oil", "Sunflower oil", (188, 194), (118, 141), CODEX_OIL, note="Soft; much of it can spot and go rancid.")
fat("sesame-oil", "Sesame oil", (186, 195), (104, 120), CODEX_OIL, ["gingelly oil"])
fat("groundnut-oil", "Groundnut oil", (187, 196), (77, 107), CODEX_OIL, ["peanut oil"], "An allergen: name it on the label.")
fat("rapeseed-oil", "Rapeseed oil, low erucic", (182, 193), (105, 126), CODEX_OIL, ["canola"])
fat("rice-bran-oil", "Rice bran oil", (180, 199), (90, 115), CODEX_OIL)
fat("shea-butter", "Shea butter", (160, 190), (30, 75), CODEX_SHEA, ["shea", "karite"], "Much stays unsaponified.")
fat("cocoa-butter", "Cocoa butter", (188, 198), (33, 42), HANDBOOK, note="Hard; scents of chocolate unless deodorised.")
fat("castor-oil", "Castor oil", (176, 187), (82, 90), EP, note="Feeds the lather; above a tenth the bar turns sticky.")
fat("tallow", "Tallow", (190, 202), (36, 53), CODEX_ANIMAL, ["beef fat", "beef dripping"])
fat("lard", "Lard", (192, 203), (45, 70), CODEX_ANIMAL, ["pork fat"])
add("stearic-acid", "Stearic acid, triple pressed", "fatty-acid", {"fat": fig(1, 1, 1, FAT)},
    acidValue=fig(194, 205, 212, EP), alsoCalled=["stearine"],
    note="A free fatty acid: traces at once when it meets lye.")

add("sodium-hydroxide", "Sodium hydroxide", "sodium-hydroxide",
    {"sodium-hydroxide": fig(.97, .99, 1, GRADE), "water": fig(0, .01, .03, GRADE)},
    alsoCalled=["NaOH", "caustic soda", "lye"], note="Read the purity off your own drum.")
add("potassium-hydroxide-90", "Potassium hydroxide, 90 %", "potassium-hydroxide",
    {"potassium-hydroxide": fig(.88, .9, .92, GRADE), "water": fig(.08, .1, .12, GRADE)},
    alsoCalled=["KOH", "caustic potash", "potash lye"], note="Read the purity off your own drum: 85, 90 and 95 % are all sold.")

MONO = 192.123 / (192.123 + 18.015)
add("citric-acid-monohydrate", "Citric acid monohydrate", "acid",
    {"water": fig(1 - MONO, 1 - MONO, 1 - MONO, STOICH)}, acids={"citric": fig(MONO, MONO, MONO, STOICH)},
    note="One part in twelve is crystal water; the jar says monohydrate.")
add("citric-acid-anhydrous", "Citric acid anhydrous", "acid", acids={"citric": fig(.995, 1, 1, GRADE)},
    note="Takes a tenth more lye than the monohydrate, weight for weight.")
add("lactic-acid-80", "Lactic acid, 80 %", "acid", {"water": fig(.18, .2, .22, GRADE)},
    acids={"lactic": fig(.78, .8, .82, GRADE)}, note="Sold at 80 and 88 %: read the bottle.")
add("vinegar-5", "Vinegar, 5 % acetic acid", "acid", {"water": fig(.94, .945, .95, GRADE)},
    acids={"acetic": fig(.048, .05, .053, GRADE)}, alsoCalled=["white vinegar"],
    note="Fumes where it meets lye; add the lye slowly.")


def usda(number, spread):
    row = USDA[number]
    src = source("sr24-" + number, f"USDA SR24 {number} {row['name']}{SPREAD}{round(spread * 100)} %: common practice, no source")

    def g(column):
        return float(row[column] or 0) / 100

    # Milks of some animals have no sugars value; there carbohydrate is practically all lactose.
    # Where sugars were measured apart they can exceed carbohydrate by difference; the lower fits the sum.
    carbohydrate = g("carbohydrate_g")
    sugars = min(g("sugars_g"), carbohydrate) if row["sugars_g"] else carbohydrate * (row["food_group"] == "milk")
    water = g("water_g")
    # Wet foods vary with their dry matter, dry ones with their water.
    doubt = min(water, 1 - water) * spread
    parts = {"water": fig(water - doubt, water, water + doubt, src)}
    for part, value in (("fat", g("fat_g")), ("protein", g("protein_g")), ("other-salts", g("ash_g")),
                        ("alcohol", g("alcohol_g"))):
        if value:
            parts[part] = around(value, spread, src)
    return parts, sugars, src


def milk(ident, name, number, acidity, sv, spread=.15, also=(), note="", sv_src=CODEX_MILKFAT, acid_src=ACIDITY):
    parts, sugars, src = usda(number, spread)
    if sugars:
        parts["reducing-sugar"] = around(sugars, spread, src)
    add(ident, name, "milk", parts, sv=fig(*sv, sv_src), titratable=fig(*acidity, acid_src),
        alsoCalled=list(also), note=note)


COCO_ACID = source("coconut-milk-acid", "Titratable acidity not known well: treat as 0 to 2", True)
milk("cow-milk", "Cow's milk, whole", "01211", (1.4, 1.7, 2.0), (218, 227, 235), also=["milk"], note="Freeze it before it meets lye, or it scorches.")
milk("goat-milk", "Goat's milk", "01106", (1.2, 1.6, 1.9), (222, 230, 242), note="Freeze it before it meets lye, or it scorches.")
milk("sheep-milk", "Sheep's milk", "01109", (2.0, 2.4, 2.8), (222, 232, 242), note="Rich: its fat counts.")
milk("buttermilk", "Buttermilk, cultured", "01088", (8, 9.5, 11), (218, 227, 235), note="Sour: its lactic acid takes lye.")
milk("yogurt", "Yogurt, plain, whole milk", "01116", (9, 11, 14), (218, 227, 235), also=["yoghurt"], note="Sour: its lactic acid takes lye.")
milk("coconut-milk", "Coconut milk, canned", "12118", (0, .5, 2), (248, 256.5, 265), spread=.25, sv_src=CODEX_OIL,
     acid_src=COCO_ACID, note="Tins vary widely in fat; shake first.")


def produce(ident, name, number, acids, ph, reducing, spread=.15, also=(), note="", hidden_sv=None):
    parts, sugars, src = usda(number, spread)
    if not hidden_sv:
        parts.pop("fat", None)  # a few tenths of a per cent of unsaponifiable leaf wax and lipids
    if sugars:
        parts["reducing-sugar"] = around(sugars * reducing, spread, src)
        parts["other-sugar"] = around(sugars * (1 - reducing), spread, src)
    add(ident, name, "produce", parts, acids=acids, ph=fig(*ph, PH), alsoCalled=list(also), note=note)


def ifct(code, names):
    row = IFCT[code]
    src = source("ifct-" + code, f"IFCT 2017 {code} {row['name']}; spread of 40 %: common practice, no source")
    out = {}
    for acid, column in names.items():
        if row[column]:
            out[acid] = around(float(row[column]) / 100, .4, src)
    return out


QUINCE_ACID = source("quince-acid", "Malic acid of quince, usual range of tables", True)
FRUIT = {"citric": "citric_g", "malic": "malic_g"}
produce("pear-puree", "Pear puree", "09252", ifct("E051", FRUIT), (3.5, 4.0, 4.6), .75, note="Mostly water; strain it well.")
produce("quince-puree", "Quince puree, undiluted", "09296", {"malic": fig(.006, .009, .013, QUINCE_ACID)}, (3.1, 3.4, 3.8), .8,
        also=["quince"], note="Weigh in any water it was cooked with.")
produce("beetroot-puree", "Beetroot puree, cooked", "11081",
        ifct("F001", {"citric": "citric_g", "oxalic": "oxalic_soluble_g"}), (5.3, 5.8, 6.6), .1, also=["beet puree"],
        note="Its red turns brown in lye.")
produce("apple-juice", "Apple juice", "09016", ifct("E001", FRUIT), (3.3, 3.6, 4.0), .8, also=["cider, sweet"])
produce("cucumber-puree", "Cucumber puree", "11205", ifct("D043", FRUIT), (5.1, 5.5, 6.0), .95)

parts, sugars, src = usda("19296", .04)
parts["reducing-sugar"] = around(sugars * .93, .05, src)
parts["other-sugar"] = around(sugars * .05, .5, src)
add("honey", "Honey", "sugar", parts, titratable=fig(1, 2.5, 5, HONEY_ACID), note="Heats the batter and browns; add it thinned with a little water.")
parts, sugars, src = usda("19335", .1)
add("sugar", "Sugar, white", "sugar", {"other-sugar": fig(.99, .998, 1, src)}, note="Dissolve it in the liquid first.")
parts, sugars, src = usda("02047", .1)
add("salt", "Salt, fine", "salt", {"sodium-chloride": fig(.97, .998, 1, src), "water": fig(0, .002, .01, src)},
    note="Hardens the bar; does not take lye.")
add("water", "Water", "liquid", {"water": fig(1, 1, 1, DEFINITION)}, alsoCalled=["distilled water"])
parts, sugars, src = usda("20038", .1)
parts.pop("fat", None)
add("oat-flakes", "Oat flakes", "solid", parts, alsoCalled=["rolled oats", "oatmeal"], note="Scratchy when coarse.")
add("pumice", "Pumice powder, fine", "solid", {"inert": fig(1, 1, 1, DEFINITION)}, note="Scratchy: not for faces.")

for material in MATERIALS:
    total = sum(f["typical"] for f in [*material["parts"].values(), *material.get("acids", {}).values()])
    assert total <= 1.001, (material["id"], total)
used = {f["source"] for m in MATERIALS for f in
        [*m["parts"].values(), *m.get("acids", {}).values(), *(v for v in m.values() if isinstance(v, dict) and "source" in v)]}
with open(HERE / "catalogue.json", "w", encoding="utf-8") as out:
    json.dump({"format": "rhexion-catalogue", "version": 1,
               "sources": [s for k, s in SOURCES.items() if k in used], "materials": MATERIALS},
              out, indent=1, ensure_ascii=False)
    out.write("\n")
print(len(MATERIALS), "materials")
