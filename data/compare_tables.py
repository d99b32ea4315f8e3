#!/usr/bin/python3
"""Compares USDA SR24 with IFCT 2017 for the foods in both (data/foods/acid_mapping.csv, and milk and eggs) and prints the
largest disagreements, for docs/data.md. Usage: data/compare_tables.py [HOW_MANY]"""
import csv
import pathlib
import sys

FOODS = pathlib.Path(__file__).parent / "foods"


def table(name, key):
    with open(FOODS / name, encoding="utf-8", newline="") as f:
        return {row[key]: row for row in csv.DictReader(f)}


USDA = table("foods_usda_sr24.csv", "ndb_no")
IFCT = table("organic_acids_ifct2017.csv", "code")
PAIRS = [(r["ndb_no"], r["ifct_code"]) for r in table("acid_mapping.csv", "ndb_no").values()]
PAIRS += [("01211", "L002"), ("01108", "L001"), ("01123", "M001"), ("01124", "M002"), ("01125", "M003")]
COLUMNS = [("water", "water_g", "water_g"), ("fat", "fat_g", "fat_g"), ("sugars", "sugars_g", "free_sugars_g")]

found = []
for ndb, code in PAIRS:
    for name, a, b in COLUMNS:
        x, y = USDA[ndb][a], IFCT[code][b]
        if x and y:
            found.append((abs(float(x) - float(y)), name, float(x), float(y), USDA[ndb]["name"], IFCT[code]["name"]))
found.sort(reverse=True)
print(len(PAIRS), "foods,", len(found), "figures; within 2 g per 100 g:", sum(f[0] <= 2 for f in found))
print("| food (SR24 / IFCT) | figure | SR24 | IFCT | apart |\n|---|---|---|---|---|")
for d, name, x, y, a, b in found[:int(sys.argv[1]) if len(sys.argv) > 1 else 15]:
    print(f"| {a} / {b} | {name} | {x:g} | {y:g} | {d:.1f} |")
