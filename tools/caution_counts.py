#!/usr/bin/env python3
"""How often each caution is said, and how loudly: counted over recipes as people write them.

caution_counts.py CLI RECIPES...   RECIPES: files of one recipe, or of several with a blank line
between them. What a recipe leaves open is answered with the first answer that is offered, and the
recipe's own lye is reckoned anew. Ends with 1 where a recipe could not be reckoned.
"""

import collections
import json
import re
import subprocess
import sys
from concurrent.futures import ThreadPoolExecutor

GRADES = ("danger", "care", "note")


def reckoned(cli, text, answers=()):
    command = [cli, "reckon", "-", "--json"]
    for answer in answers:
        command += ["--answer", answer]
    done = subprocess.run(command, input=text, capture_output=True, text=True, check=False)
    if done.returncode == 0:
        return json.loads(done.stdout)
    offered = {}
    for line, answer in re.findall(r"--answer (\w+)=(\S+)", done.stderr):
        offered.setdefault(line, answer)
    new = [f"{line}={answer}" for line, answer in offered.items()]
    if not new or len(answers) > 40 or set(new) <= set(answers):
        return done.stderr.strip()
    return reckoned(cli, text, [*answers, *new])


def blocks(path):
    text = open(path, encoding="utf-8").read()
    parts = re.split(r"\n\n+", text.strip()) if "ordinary" in path else [text]
    return [(f"{path}:{number}", part + "\n") for number, part in enumerate(parts, 1)]


def main():
    cli, *paths = sys.argv[1:]
    recipes = [block for path in paths for block in blocks(path)]
    counts = collections.defaultdict(collections.Counter)
    formulas = collections.defaultdict(int)
    shown = collections.Counter()
    failed = 0
    with ThreadPoolExecutor(2) as pool:
        told = list(pool.map(lambda recipe: reckoned(cli, recipe[1]), recipes))
    for (place, _), result in zip(recipes, told):
        if isinstance(result, str):
            failed += 1
            print(f"{place}: {result.splitlines()[0] if result else 'nothing'}")
            continue
        grades = {caution["severity"] for caution in result["cautions"]}
        formulas[next((grade for grade in GRADES if grade in grades), "none")] += 1
        shown[sum(not caution["folded"] for caution in result["cautions"])] += 1
        for caution in result["cautions"]:
            counts[caution["code"]][caution["severity"]] += 1
            if caution["severity"] == "danger":
                print(f"{place}: {caution['title']}")
    print("worst in a formula:", ", ".join(f"{grade} {formulas[grade]}" for grade in (*GRADES, "none")))
    print("shown in the open:", ", ".join(f"{k}: {shown[k]}" for k in sorted(shown)))
    print(f"| {'caution':28} | danger | care | note |\n|---|---|---|---|")
    for code, by in sorted(counts.items(), key=lambda row: [-row[1][g] for g in GRADES]):
        print(f"| {code:28} | " + " | ".join(f"{by[grade] or ''}" for grade in GRADES) + " |")
    return 1 if failed else 0


sys.exit(main())
