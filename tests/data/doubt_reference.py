#!/usr/bin/python3
"""An independent Monte-Carlo run of the demo formulas with numpy's own triangular sampler; its figures are kept in
doubt_reference.json and compared by tst_doubt. Usage: doubt_reference.py RHEXION_CLI > doubt_reference.json
(Debian's python3-numpy and /usr/bin/python3; not needed to run the tests.)"""
import json
import pathlib
import subprocess
import sys

import numpy as np

HERE = pathlib.Path(__file__).parent
DEMO = HERE.parent.parent / "data" / "demo"
N = 400_000
PKA = {"citric": (3.13, 4.76, 6.40), "malic": (3.40, 5.11), "lactic": (3.86,), "oxalic": (1.25, 3.81), "acetic": (4.76,)}
MOLAR = {"citric": 192.123, "malic": 134.087, "lactic": 90.078, "oxalic": 90.034, "acetic": 60.052}
NAOH, KOH = 39.997, 56.105


def protons(acid, ph):
    return sum(1 / (1 + 10 ** (p - ph)) for p in PKA[acid])


def run(path, rng):
    formula = json.loads(path.read_text(encoding="utf-8"))
    reckoned = json.loads(subprocess.run([sys.argv[1], "reckon", str(path), "--json"], check=True, capture_output=True).stdout)
    materials = {m.get("key", m["id"]): m for m in formula["materials"]}
    grams = {line["line"]: line["grams"] for line in reckoned["lines"]}

    def draw(f):
        low, mode, high = f.get("low", f["typical"]), f["typical"], f.get("high", f["typical"])
        return rng.triangular(low, mode, high, N) if high > low else np.full(N, mode)

    by_material = {}
    for line in formula["lines"]:
        by_material[line["material"]] = by_material.get(line["material"], 0) + grams[line["id"]]
    fat = acid = supply = pure = water = np.zeros(N)
    for key, g in by_material.items():
        m = materials[key]
        parts = m.get("parts", {})
        value = m.get("sv") or m.get("acidValue")
        if value and "fat" in parts:
            fat = fat + g * draw(parts["fat"]) * draw(value) / 56105.6
        if "water" in parts:
            water = water + g * draw(parts["water"])
        if "titratable" in m:
            acid = acid + g * draw(m["titratable"]) / 1e5
        else:
            for name, f in m.get("acids", {}).items():
                z = protons(name, 10.0)
                if "ph" in m:
                    z = max(0.0, z - protons(name, m["ph"]["typical"]))
                acid = acid + g * draw(f) * z / MOLAR[name]
    for key, part, molar in (("sodium", "sodium-hydroxide", NAOH), ("potassium", "potassium-hydroxide", KOH)):
        weighed = reckoned["hydroxide"][key]["weighed"]
        if weighed:
            m = materials[formula["lye"][key]]
            p = draw(m["parts"][part])
            supply = supply + weighed * p / molar
            pure = pure + weighed * p
            water = water + weighed * (1 - m["parts"].get("carbonate", {"typical": 0})["typical"] - p)
    water = water + reckoned["jugs"][0].get("pouredWater", 0)
    superfat = 1 - (supply - acid) / fat
    strength = pure / (pure + water)
    q = lambda a: [round(float(v), 6) for v in np.percentile(a, [5, 50, 95])]
    return {"superfat": q(superfat), "strength": q(strength), "chanceOfExcess": round(float((superfat < 0).mean()), 5)}


rng = np.random.default_rng(7)
print(json.dumps({p.name: run(p, rng) for p in sorted(DEMO.glob("*.rhexion"))}, indent=1))
