#!/usr/bin/python3
"""Writes data/catalogue.json: food figures are taken from the open tables in a reference folder
(USDA SR24 and IFCT 2017), everything else stands in data/catalogue/*.py with its source.
Usage: data/make_catalogue.py REFERENCE_FOLDER"""
import csv
import json
import pathlib
import sys

HERE = pathlib.Path(__file__).parent
sys.path.insert(0, str(HERE))
from catalogue import chemicals, everyday, fats, flash, kitchen  # noqa: E402

REFERENCE = pathlib.Path(sys.argv[1])


def table(name, key):
    with open(REFERENCE / name, encoding="utf-8", newline="") as f:
        return {row[key]: row for row in csv.DictReader(f)}


USDA = table("foods_usda_sr24.csv", "ndb_no")
IFCT = table("organic_acids_ifct2017.csv", "code")
SOURCES = {}


def source(key, text, memory=False):
    SOURCES[key] = {"id": key, "text": text, "fromMemory": memory}
    return key


source("cxs210", "Codex standard for named vegetable oils, CXS 210, SV and iodine value ranges", True)
source("cxs33", "Codex standard for olive oils and olive pomace oils, CXS 33", True)
source("cxs211", "Codex standard for named animal fats, CXS 211", True)
source("cxs325", "Codex standard for unrefined shea butter, CXS 325", True)
source("milk-fat", "Handbook range for milk fat (cow 218 to 235; goat and sheep alike)", True)
source("ph-eur", "European Pharmacopoeia monograph range", True)
source("usp-nf", "United States Pharmacopeia and DAC monograph range", True)
source("handbook", "Oils and fats handbook range", True)
FLASHED = "flash"
source(FLASHED, "Usual closed-cup flash point on suppliers' safety data sheets; read your own", True)
source("stoichiometry", "Stoichiometry from atomic weights, Blue Obelisk Data Repository 10")
source("grade", "Usual certificate of the trade grade: common practice, no source", True)
PROFILE = source("fatty-acids", "Usual fatty acids of the fat, handbook; spread of a tenth and half a per cent: common practice, no source", True)
FAT = source("fat-itself", "An oil is all fat: by definition")
DEFINITION = source("definition", "By definition")
ACIDITY = source("titratable-milk", "Usual titratable acidity of the fresh product, as lactic acid", True)
SOUR = source("titratable-usual", "Usual titratable acidity of the product", True)
PH = source("food-ph", "Usual pH of the food", True)
FRUIT_ACID = source("fruit-acid", "Usual acids of the fruit, food tables", True)
COMPOSITION = source("composition", "Usual composition of the product, food tables and labels", True)
HONEY_ACID = source("honey-acid", "Codex standard for honey, CXS 12, free acidity up to 50 mmol/kg; usual 10 to 40", True)
STANDARD = source("standard", "Codex standard or usual label of the product", True)
SEED = source("seed-fat", "How much of the fat of a whole seed, meal or powder lye reaches is not known: from none to all", True)
SPOONED = source("teaspoon", "Usual weight of a level teaspoon: common practice, no source")
LIQUID_DENSITY = source("liquid-density", "Handbook density of the liquid", True)
RESERVE = source("reserve", "Hydroxide its magnesium and calcium may take: two per mol, molar masses and usual composition", True)
PRODUCE_ACID = source("titratable-produce", "Usual titratable acidity of the fruit or vegetable, handbooks", True)
USE = source("usual-use", "Usual use: common practice, no source", True)
SPOON = source("egg-size", "Usual weight without shell, medium egg: common practice, no source", True)
SEQUESTRANT = source("sequestrant", "Stoichiometry of the acid, and its dissociation constants", True)
UNKNOWN = source("acidity-unknown", "Not known: titrate it, or treat it as 0 to the most such a food has", True)

MATERIALS = []


def fig(low, typical, high, src):
    return {"low": round(low, 6), "typical": round(typical, 6), "high": round(high, 6), "source": src}


def around(value, spread, src):
    return fig(value * (1 - spread), value, min(1.0, value * (1 + spread)), src)


def shares(table_of, src):
    """{name: (low, typical, high) in %} as fractions."""
    return {k: fig(v[0] / 100, v[1] / 100, v[2] / 100, src) for k, v in table_of.items()}


def middle(low_high, src, scale=1.0):
    low, high = low_high
    return fig(low * scale, (low + high) / 2 * scale, high * scale, src)


def behaviours(text):
    out = []
    for word in text.split():
        what, _, above = word.partition("@")
        out.append({"what": what, "above": float(above) / 100} if above else {"what": what})
    return out


def add(ident, name, kind, parts=None, **more):
    MATERIALS.append({"id": ident, "name": name, "kind": kind, "parts": parts or {},
                      **{k: v for k, v in more.items() if v}})


def profile(text):
    words = text.split()
    pairs = {words[i]: float(words[i + 1]) for i in range(0, len(words), 2)}
    total = sum(pairs.values())
    assert 90 <= total <= 104, (text, total)
    if total < 97:  # the rest is not told
        total = 100
    return {k: fig(max(0, v / total - .1 * v / total - .005), v / total, min(1, v / total * 1.1 + .005), PROFILE)
            for k, v in pairs.items()}


FATTY = table("fatty_acids_ifct2017.csv", "code")
MEASURED = {"coconut-oil": "T001", "maize-oil": "T002", "cottonseed-oil": "T003", "sesame-oil": "T004", "groundnut-oil": "T005",
            "mustard-oil": "T006", "palm-oil": "T007", "rice-bran-oil": "T008", "safflower-oil": "T009", "soybean-oil": "T011",
            "sunflower-oil": "T012", "ghee": "T013"}
COLUMN = {"C18:1": "C18_1n9", "C18:2": "C18_2n6", "C18:3": "C18_3n3", "C16:1": "C16_1n7", "C20:1": "C20_1n9", "C22:1": "C22_1n9"}


def widened(ident, acids):
    """Ranges that also hold what IFCT measured in that oil."""
    if ident not in MEASURED:
        return acids
    row = FATTY[MEASURED[ident]]
    src = source("fatty-acids-" + row["code"], SOURCES["fatty-acids"]["text"] + f"; widened to hold IFCT 2017 {row['code']} {row['name']}", True)
    out = {}
    for acid, f in acids.items():
        cell = row.get(COLUMN.get(acid, acid.replace(":", "_")), "")
        value = float(cell) / float(row["fa_sum_g"]) if cell else f["typical"]
        out[acid] = fig(min(f["low"], value), f["typical"], max(f["high"], value), src)
    return out


def typical_sv(ident, sv, src):
    if ident not in fats.SV_TYPICAL:
        return middle(sv, src)
    text = SOURCES[src]["text"]
    if ident in fats.SV_REASON:
        key = source("sv-reason-" + ident, f"{text}; typical above its own fatty acids: {fats.SV_REASON[ident]}", True)
    else:
        key = source("sv-usual-" + src, f"{text}; typical by its own fatty acids and usual unsaponifiables", True)
    return fig(sv[0], fats.SV_TYPICAL[ident], sv[1], key)


def typical_unsap(ident, unsap, src):
    usual = fats.UNSAPONIFIABLE_TYPICAL.get(ident, sum(unsap) / 2)
    return fig(unsap[0] / 100, usual / 100, unsap[1] / 100, src)


for ident, name, sv, iodine, src, unsap, melt, density, acids, acts, use, also, *note in fats.TRIGLYCERIDES:
    add(ident, name, "fat", {"fat": fig(1, 1, 1, FAT)}, sv=typical_sv(ident, sv, src), iodine=middle(iodine, src),
        unsaponifiable=typical_unsap(ident, unsap, src), melting=middle(melt, "handbook"), density=middle(density, "handbook"),
        fattyAcids=widened(ident, profile(acids)), behaviours=behaviours(acts), usualUse=middle(use, USE, .01), alsoCalled=also,
        note="".join(note))
for ident, name, sv, iodine, src, unsap, melt, density, use, acts, also, *note in fats.WAXES:
    add(ident, name, "wax", {"fat": fig(1, 1, 1, FAT)}, sv=fig(*sv, src), iodine=middle(iodine, src),
        unsaponifiable=middle(unsap, "handbook", .01), melting=middle(melt, "handbook"), density=middle(density, "handbook"),
        behaviours=behaviours(acts), usualUse=middle(use, USE, .01), alsoCalled=also, note="".join(note))
for ident, name, av, iodine, src, melt, acids, acts, use, also, note in fats.FATTY_ACIDS:
    # One whose fatty acid is not in the list has no profile.
    acids = profile(acids) if acids else None
    # Keeps the typical acid value that formulas of version 1 were reckoned with.
    value = fig(194, 205, 212, src) if ident == "stearic-acid" else middle(av, src)
    add(ident, name, "fatty-acid", {"fat": fig(1, 1, 1, FAT)}, acidValue=value, iodine=middle(iodine, src),
        melting=middle(melt, "handbook"), fattyAcids=acids, behaviours=behaviours(acts),
        usualUse=middle(use, USE, .01), alsoCalled=also, note=note)

for ident, name, kind, pure, water, carbonate, also, note in chemicals.HYDROXIDES:
    parts = shares({kind: pure, "water": water}, "grade")
    if carbonate[2]:
        parts["carbonate"] = fig(*(c / 100 for c in carbonate), "grade")
    add(ident, name, kind, parts, behaviours=behaviours("not-in-aluminium not-for-children" + (" purity-varies" if ident == "potassium-hydroxide-90" else "")),
        alsoCalled=also, note=note)
for ident, name, acids, water, others, acts, use, also, note, src in chemicals.ACIDS:
    parts = shares(others, src)
    if water:
        parts["water"] = fig(*(w / 100 for w in water), src)
    add(ident, name, "acid", parts, acids=shares(acids, src), behaviours=behaviours(acts),
        usualUse=middle(use, USE, .01) if use[1] else None, alsoCalled=also, note=note)
for ident, name, parts, acts, use, also, note in chemicals.SALTS:
    add(ident, name, "salt", shares(parts, "grade"), behaviours=behaviours(acts), usualUse=middle(use, USE, .01), alsoCalled=also, note=note)
for ident, name, kind, parts, acts, use, also, note in chemicals.POWDERS:
    more = {}
    if "fat" in parts:
        more["sv"] = fig(*((248, 256.5, 265) if ident == "coconut-butter" else (180, 190, 200)), "handbook")
    add(ident, name, kind, shares(parts, "grade" if parts.get("inert", (0,))[0] < 100 else DEFINITION), behaviours=behaviours(acts),
        usualUse=middle(use, USE, .01), alsoCalled=also, note=note, **more)
for ident, name, acts, use, density, also, note in chemicals.SCENTS:
    add(ident, name, "scent", {}, density=middle(density, "handbook"), behaviours=behaviours(acts),
        usualUse=middle(use, USE, .01), alsoCalled=also, note=note)


def usda(number, spread):
    row = USDA[number]
    src = source("sr24-" + number, f"USDA SR24 {number} {row['name']}; spread of {round(spread * 100)} %: common practice, no source")

    def g(column):
        return float(row[column] or 0) / 100

    # Milks of some animals have no sugars value; there carbohydrate is practically all lactose.
    # Where sugars were measured apart they can exceed carbohydrate by difference; the lower fits the sum.
    carbohydrate = g("carbohydrate_g")
    sugars = min(g("sugars_g"), carbohydrate) if row["sugars_g"] else carbohydrate * (row["food_group"] == "milk")
    if row["flag"] == "sugars_understated":
        sugars = carbohydrate
    water = g("water_g")
    # Wet foods vary with their dry matter, dry ones with their water.
    doubt = min(water, 1 - water) * spread
    parts = {"water": fig(water - doubt, water, water + doubt, src)}
    for part, value in (("fat", g("fat_g")), ("protein", g("protein_g")), ("other-salts", g("ash_g")),
                        ("alcohol", g("alcohol_g"))):
        if value:
            parts[part] = around(value, spread, src)
    return parts, sugars, src


def sugar_parts(parts, sugars, reducing, spread, src):
    if sugars * reducing:
        parts["reducing-sugar"] = around(sugars * reducing, spread, src)
    if sugars * (1 - reducing):
        parts["other-sugar"] = around(sugars * (1 - reducing), spread, src)


MILK_ACTS = behaviours("browns heats foams allergen")
PLANT_ALLERGEN = ("soy-milk", "almond-milk", "oat-milk")


def standard(ident, parts):
    """Figures of a standard or label in place of one row's."""
    for part, values in kitchen.STANDARD.get(ident, {}).items():
        seed = part == "fat" and values[0] == 0
        parts[part] = fig(*(v / 100 for v in values), SEED if seed else STANDARD)
    return parts


def usual(ident, otherwise):
    return middle(kitchen.USUAL.get(ident, otherwise), USE, .01)


def milk_acts(ident, base):
    sour = ident.startswith(("yogurt", "buttermilk", "kefir", "sour", "whey-sour")) or ident.endswith("yogurt")
    more = [w for w, on in (("not-in-aluminium", sour and ident != "buttermilk-dried"), ("sweetened", ident == "condensed-milk"),
                            ("own-household-only", ident == "human-milk"), ("allergen", ident in PLANT_ALLERGEN)) if on]
    kept = [b for b in base if not (ident == "human-milk" and b["what"] == "allergen")]
    return kept + behaviours(" ".join(more))


for ident, name, number, acidity, sv, also, note in kitchen.MILKS:
    parts, sugars, src = usda(number, .15)
    sugar_parts(parts, sugars, 0 if ident == "condensed-milk" else 1, .15, src)
    if ident == "condensed-milk":  # 10 to 12 % lactose, the rest added sugar
        parts["reducing-sugar"] = fig(.09, .11, .13, COMPOSITION)
        parts["other-sugar"] = around(sugars - .11, .1, src)
    add(ident, name, "milk", standard(ident, parts), sv=fig(*sv, "milk-fat"), titratable=fig(*acidity, ACIDITY),
        behaviours=milk_acts(ident, MILK_ACTS), usualUse=usual(ident, (5, 38)), alsoCalled=also, note=note)
COCONUT_ACID = source("coconut-milk-acid", "Titratable acidity not known well: treat as the range given", True)
for ident, name, parts, acidity, sv, also, note in kitchen.OTHER_MILKS:
    plant = ident in ("almond-milk", "oat-milk")
    coconut = ident.startswith("coconut")
    add(ident, name, "milk", shares(parts, STANDARD if coconut or ident == "cream-double" else COMPOSITION),
        sv=fig(*sv, "cxs210" if coconut else "handbook" if plant else "milk-fat"),
        titratable=fig(*acidity, COCONUT_ACID if coconut else UNKNOWN if plant else ACIDITY),
        behaviours=milk_acts(ident, behaviours("foams") if plant else behaviours("browns heats foams") if coconut else MILK_ACTS),
        usualUse=usual(ident, (5, 38)), alsoCalled=also, note=note)
for ident, name, number, acidity, sv, also, note in kitchen.PLANT_MILKS:
    parts, sugars, src = usda(number, .15)
    sugar_parts(parts, sugars, .5, .15, src)
    add(ident, name, "milk", parts, sv=fig(*sv, "handbook"), titratable=fig(*acidity, SOUR),
        behaviours=milk_acts(ident, behaviours("browns heats foams")), usualUse=usual(ident, (5, 38)), alsoCalled=also, note=note)
PIECES = {"egg-whole": ("egg", 50), "egg-yolk": ("yolk", 17), "egg-white": ("white", 33), "duck-egg": ("egg", 62)}
for ident, name, number, note in kitchen.EGGS:
    parts, sugars, src = usda(number, .1)
    sugar_parts(parts, sugars, 1, .2, src)
    piece = PIECES.get(ident)
    add(ident, name, "egg", parts, sv=fig(190, 194, 198, "handbook"), titratable=fig(0, 0, 1, UNKNOWN),
        behaviours=behaviours("heats allergen"), usualUse=middle((2, 10), USE, .01),
        measures=[{"name": piece[0], "grams": piece[1], "source": SPOON}] if piece else None, note=note)


def ifct(ident, code, names):
    row = IFCT[code]
    assert not row["note"], (ident, code, row["note"])  # a doubtful row is not used
    agrees = ident in kitchen.AGREES
    src = source("ifct-" + code, f"IFCT 2017 {code} {row['name']}; spread of 40 % "
                 + ("" if agrees else "down and three times as much up, since handbooks often give more") + ": common practice, no source")
    column = {"oxalic": "oxalic_soluble_g"}
    values = {acid: float(row[column.get(acid, acid + "_g")]) / 100 for acid in names if row[column.get(acid, acid + "_g")]}
    return {acid: fig(v * .6, v, min(1, v * (1.4 if agrees else 3)), src) for acid, v in values.items()}


for ident, name, number, code, acids, ph, reducing, also, note in kitchen.PRODUCE:
    parts, sugars, src = usda(number, .15)
    sv = None
    if ident == "avocado-puree":
        sv = fig(177, 190, 198, "handbook")
    else:
        parts.pop("fat", None)  # a few tenths of a per cent of unsaponifiable leaf wax and lipids
    sugar_parts(parts, sugars, reducing, .15, src)
    standard(ident, parts)
    titrated = kitchen.TITRATED.get(ident)
    what = {} if titrated else ifct(ident, code, acids) if code else shares(acids, FRUIT_ACID)
    # Carbohydrate by difference holds the acids too, so sugars give way to them.
    over = sum(f["typical"] for f in [*parts.values(), *what.values()]) - 1
    if over > 0:
        sugars -= over
        sugar_parts(parts, sugars, reducing, .15, src)
    sour = sum(f["typical"] for f in what.values()) > .008 or (titrated and titrated[1] > 6)
    if titrated and code and not IFCT[code]["note"]:
        PRODUCE = source("titratable-" + code, SOURCES[PRODUCE_ACID]["text"] + f"; the low bound holds IFCT 2017 {code} {IFCT[code]['name']}", True)
    else:
        PRODUCE = PRODUCE_ACID
    add(ident, name, "produce", parts, sv=sv, acids=what, titratable=fig(*titrated, PRODUCE) if titrated else None, ph=fig(*ph, PH),
        behaviours=behaviours("browns heats" + (" not-in-aluminium" if sour else "")), usualUse=middle((3, 30), USE, .01), alsoCalled=also, note=note)
for ident, name, kind, parts, acidity, also, note in kitchen.GELS:
    src = source("gel-acidity", "Acidity of the plain product: not known well, treat it as the range given", True)
    add(ident, name, kind, shares(parts, COMPOSITION), titratable=fig(*acidity, src), behaviours=behaviours(everyday.ACTS.get(ident, "")),
        usualUse=middle((5, 38), USE, .01), alsoCalled=also, note=note)
for ident, name, number, acidity, also, note in kitchen.DRINKS:
    parts, sugars, src = usda(number, .15)
    parts.pop("fat", None)
    sugar_parts(parts, sugars, .9, .3, src)
    acts = "foams heats speeds-trace" if "beer" in ident or "wine" in ident else ""
    acts += " allergen" if "beer" in ident else " not-in-aluminium" if "wine" in ident or "hibiscus" in ident else ""
    if ident == "hibiscus-tea":  # the table's row is a sweetened bottle
        parts = {}
    add(ident, name, "liquid", standard(ident, parts), titratable=fig(*acidity, SOUR), behaviours=behaviours("browns " + acts),
        usualUse=middle((20, 38), USE, .01), alsoCalled=also, note=note)

SUGAR_ACTS = behaviours("heats needs-solvent-water")
parts, sugars, src = usda("19296", .04)
parts["reducing-sugar"] = around(sugars * .93, .05, src)
parts["other-sugar"] = around(sugars * .05, .5, src)
standard("honey", parts)
HONEY_MEASURES = [{"name": "tsp", "grams": 7, "source": src}, {"name": "tbsp", "grams": 21, "source": src}]
add("honey", "Honey", "sugar", parts, titratable=fig(1, 2.5, 5, HONEY_ACID), behaviours=behaviours("heats browns speeds-trace"),
    usualUse=middle((.5, 3), USE, .01), measures=HONEY_MEASURES, density=middle((1.39, 1.45), "handbook"),
    note="Heats the batter and browns; add it thinned with a little water.")
dark = dict(parts)
add("honey-dark", "Honey, dark (forest, heather, buckwheat)", "sugar", dark, titratable=fig(2, 3.5, 5, HONEY_ACID),
    behaviours=behaviours("heats browns speeds-trace"), usualUse=middle((.5, 3), USE, .01), measures=HONEY_MEASURES,
    density=middle((1.39, 1.45), "handbook"), note="Browns more than pale honey.")
for ident, name, number, reducing, acidity, also, note in kitchen.SUGARS:
    parts, sugars, src = usda(number, .1)
    if ident == "sugar":
        parts = {"other-sugar": fig(.99, .998, 1, src)}
    elif ident == "fructose":
        parts = standard(ident, {})
    else:
        parts.pop("fat", None)
        sugar_parts(parts, sugars, reducing, .05, src)
        standard(ident, parts)
    add(ident, name, "sugar", parts, titratable=fig(*acidity, SOUR) if acidity else None,
        behaviours=SUGAR_ACTS + behaviours(("browns " if reducing > .1 else "") + ("allergen" if ident == "malt-syrup" else "")), usualUse=middle((.5, 3), USE, .01), alsoCalled=also, note=note)
for ident, name, parts, also, note, src in kitchen.OTHER_SUGARS:
    syrup = "syrup" in ident
    add(ident, name, "sugar", shares(parts, src), titratable=fig(0, .5, 2, SOUR) if syrup else None,
        behaviours=behaviours("heats browns" if "brown" in note.lower() and "not" not in note else "softens-bar@5"), usualUse=middle((.5, 5), USE, .01),
        alsoCalled=also, note=note)
add("water", "Water", "liquid", {"water": fig(1, 1, 1, DEFINITION)}, alsoCalled=["distilled water"],
    density=fig(.9982, .9982, .9982, source("crc-water", "CRC Handbook, density of water at 20 C")))
for ident, name, number, acts, use, also, note, sv in kitchen.GRAINS:
    parts, sugars, src = usda(number, .1)
    if not sv:
        parts.pop("fat", None)
    sugar_parts(parts, sugars, .5, .2, src)
    kind = "colour" if ident in ("cinnamon-powder", "paprika-powder", "cocoa-powder", "turmeric-powder", "saffron") else "solid"
    add(ident, name, kind, standard(ident, parts) if sv else parts, sv=fig(*sv, "handbook") if sv else None, behaviours=behaviours(acts),
        usualUse=middle(use, USE, .01), alsoCalled=also, note=note)


for m in MATERIALS:
    ident = m["id"]
    if ident in everyday.ALSO:
        m["alsoCalled"] = list(dict.fromkeys(m.get("alsoCalled", []) + everyday.ALSO[ident]))
    if ident in chemicals.DENSITY and "density" not in m:
        d = chemicals.DENSITY[ident]
        m["density"] = fig(d * .99, d, d * 1.01, LIQUID_DENSITY)
    if ident in chemicals.TEASPOON:
        m.setdefault("measures", []).append({"name": "tsp", "grams": chemicals.TEASPOON[ident], "source": SPOONED})
    if ident in flash.FLASH:
        c = flash.FLASH[ident]
        m["flash"] = fig(c - flash.SPREAD, c, c + flash.SPREAD, FLASHED)
    if ident in chemicals.TITRATED:
        m["titratable"] = fig(*chemicals.TITRATED[ident], SEQUESTRANT)
    if ident in chemicals.RESERVE:
        m["reserve"] = fig(0, 0, chemicals.RESERVE[ident], RESERVE)
for table_of in (chemicals.DENSITY, chemicals.TEASPOON, chemicals.RESERVE, kitchen.STANDARD, kitchen.USUAL, kitchen.TITRATED,
                 fats.SV_TYPICAL, fats.UNSAPONIFIABLE_TYPICAL):
    assert set(table_of) <= {m["id"] for m in MATERIALS}, set(table_of) - {m["id"] for m in MATERIALS}


def figures(m):
    yield from m["parts"].values()
    yield from m.get("acids", {}).values()
    yield from m.get("fattyAcids", {}).values()
    yield from (v for v in m.values() if isinstance(v, dict) and "source" in v)


for material in MATERIALS:
    total = sum(f["typical"] for f in [*material["parts"].values(), *material.get("acids", {}).values()])
    assert total <= 1.001, (material["id"], total)
    for f in figures(material):
        assert f["low"] <= f["typical"] <= f["high"], (material["id"], f)
assert len({m["id"] for m in MATERIALS}) == len(MATERIALS)


def write(name, materials):
    used = {f["source"] for m in materials for f in figures(m)} | {x["source"] for m in materials for x in m.get("measures", [])}
    with open(HERE / name, "w", encoding="utf-8") as out:
        json.dump({"format": "rhexion-catalogue", "version": 4,
                   "sources": [s for k, s in SOURCES.items() if k in used], "materials": materials},
                  out, indent=1, ensure_ascii=False)
        out.write("\n")


write("catalogue.json", MATERIALS)
# What an empty formula needs, so that the first picture does not wait for the rest.
write("first.json", [m for m in MATERIALS if m["id"] in ("sodium-hydroxide", "potassium-hydroxide-90", "water")])
print(len(MATERIALS), "materials")
