#!/usr/bin/python3
"""Writes the demo formulas of data/demo from data/catalogue.json. The workshop is made up."""
import json
import pathlib

HERE = pathlib.Path(__file__).parent
CATALOGUE = json.loads((HERE / "catalogue.json").read_text(encoding="utf-8"))
MATERIALS = {m["id"]: m for m in CATALOGUE["materials"]}
SOURCES = {s["id"]: s for s in CATALOGUE["sources"]}


def figures(value):
    if isinstance(value, dict):
        if "source" in value:
            yield value["source"]
        for inner in value.values():
            yield from figures(inner)
    elif isinstance(value, list):
        for inner in value:
            yield from figures(inner)


def write(name, title, lines, lye, liquid, notes, portions=(), mixing=(38, 6)):
    used = []
    out = []
    for number, (material, vessel, amount, unit, *flags) in enumerate(lines, 1):
        line = {"id": number, "material": material, "vessel": vessel,
                "amount": {"unit": unit} if unit == "rest" else {"value": amount, "unit": unit}}
        for flag in flags:  # "frozen", or ("solvent", 1)
            key, value = flag if isinstance(flag, tuple) else (flag, True)
            line[key] = value
        out.append(line)
        used.append(material)
    used += [lye["sodium"], lye["potassium"]]
    used = list(dict.fromkeys(used))
    sources = list(dict.fromkeys(s for m in used for s in figures(MATERIALS[m])))
    document = {"format": "rhexion-formula", "version": 4, "name": title, "maker": "The Lean-to",
                "notes": notes, "lines": out, "lye": lye, "liquid": liquid,
                "mixing": {"celsius": mixing[0], "within": mixing[1]}, "portions": list(portions),
                "materials": [MATERIALS[m] for m in used], "sources": [SOURCES[s] for s in sources]}
    text = json.dumps(document, indent=1, ensure_ascii=False) + "\n"
    (HERE / "demo" / name).write_text(text, encoding="utf-8")


def lye(superfat, share=0.0, split="moles"):
    return {"sodium": "sodium-hydroxide", "potassium": "potassium-hydroxide-90", "superfat": superfat,
            "potassiumShare": share, "split": split, "hiddenFat": "surely", "basis": "all-fat"}


def liquid(how, value, jug=None):
    out = {"how": how, "value": value, "convention": "pure-and-all-water", "jugCelsius": 20}
    return out | ({"jugRatio": jug} if jug else {})


write("quince-buttermilk-loaf.rhexion", "Quince and buttermilk loaf",
      [("olive-oil", "oil-pot", 420, "g"), ("coconut-oil", "oil-pot", 200, "g"),
       ("rice-bran-oil", "oil-pot", 120, "g"), ("shea-butter", "oil-pot", 60, "g"),
       ("sugar", "lye-jug", 1, "percent-of-oils"), ("buttermilk", "lye-jug", 0, "rest", "frozen"),
       ("quince-puree", "trace", 45, "g"), ("oat-flakes", "top", 10, "g")],
      lye(0.06), liquid("strength", 0.32),
      "Quinces from the tree behind the shed. Freeze the buttermilk in cubes the night before.")
write("beetroot-yogurt-bar.rhexion", "Beetroot and yogurt bar",
      [("olive-oil", "oil-pot", 50, "percent-of-oils"), ("coconut-oil", "oil-pot", 260, "g"),
       ("sunflower-oil", "oil-pot", 12, "percent-of-oils"), ("castor-oil", "oil-pot", 5, "percent-of-oils"),
       ("lactic-acid-80", "lye-jug", 14, "g"), ("salt", "lye-jug", 8, "g"),
       ("yogurt", "emulsion", 0, "rest"), ("beetroot-puree", "trace", 50, "g")],
      lye(0.05), liquid("ratio", 2.1, 1.2),
      "Lactic acid in the jug first. Yogurt only at emulsion, so the jug stays strong.")
write("potting-shed-scrub.rhexion", "Potting-shed scrub",
      [("coconut-oil", "oil-pot", 320, "g"), ("olive-oil", "oil-pot", 240, "g"),
       ("rapeseed-oil", "oil-pot", 160, "g"), ("stearic-acid", "oil-pot", 30, "g"),
       ("citric-acid-monohydrate", "lye-jug", 2.5, "percent-of-oils"), ("water", "lye-jug", 0, "rest"),
       ("pumice", "trace", 60, "g"), ("oat-flakes", "trace", 15, "g")],
      lye(0.03, 0.15), liquid("strength", 0.30),
      "A little potassium lye keeps it soft enough to lather on muddy hands.")


def portion(number, name, mould, held):
    return {"id": number, "name": name, "parts": 1, "mould": mould,
            "held": {"line": 0, "amount": {"value": held, "unit": "percent-of-oils"}}}


write("rhubarb-rosemary-halves.rhexion", "Rhubarb and rosemary halves",
      [("olive-oil", "oil-pot", 380, "g"), ("coconut-oil", "oil-pot", 190, "g"),
       ("rapeseed-oil", "oil-pot", 130, "g"), ("cocoa-butter", "oil-pot", 50, "g"),
       ("rhubarb-juice", "second-jug", 70, "g"), ("water", "lye-jug", 0, "rest"),
       ("maple-syrup", "trace", 2, "percent-of-oils", ("portion", 21), ("solvent", 1)),
       ("madder-powder", "trace", 4, "g", ("portion", 21)),
       ("spirulina-powder", "trace", 3, "g", ("portion", 22)),
       ("rosemary-essential-oil", "trace", 2.5, "percent-of-oils", ("portion", 22)),
       ("salt", "lye-jug", 6, "g", "locked")],
      lye(0.06, 0.1) | {"secondJug": {"sodium": 0, "potassium": 1}}, liquid("strength", 0.31),
      "Rhubarb takes the potassium lye in its own jug. Wet each colour with its own oil.",
      [portion(21, "Rhubarb", "the long loaf", 8), portion(22, "Rosemary", "the round tray", 8)])
