#!/usr/bin/python3
"""Says which lines of the core its tests never run, and which branches of it they only go one way.

Builds core and tests in build/coverage with --coverage, runs the tests that tools/mutate.py runs,
and reads what gcov says. A change in a line that is never run cannot be noticed.

  tools/not_run.py [--branches] [--only PATH]
"""
import argparse
import json
import os
import pathlib
import subprocess
import sys

sys.dont_write_bytecode = True
import core_tests

root = pathlib.Path(__file__).resolve().parent.parent
build = root / "build" / "coverage"
objects = build / "src/core/CMakeFiles/rhexion_core.dir"


def run_the_tests():
    subprocess.run(core_tests.configure(root, build, "--coverage -O0"), check=True,
                   stdout=subprocess.DEVNULL)
    for old in objects.rglob("*.gcda"):
        old.unlink()
    subprocess.run(["ctest", "--test-dir", build, "-R", f"^({'|'.join(core_tests.names())})$",
                    "--quiet"], check=True)


def lines_of(path):
    """Of one object: file, line, times run, times each branch was taken."""
    told = subprocess.run(["gcov", "--json-format", "--stdout", "--branch-probabilities", str(path)],
                          stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True, check=True)
    for document in filter(None, told.stdout.split("\n")):
        for file in json.loads(document)["files"]:
            name = os.path.relpath(os.path.normpath(build / file["file"]), root)
            if name.startswith("src/core/") and name.endswith(".cpp"):
                for line in file["lines"]:
                    yield (name, line["line_number"], line["count"],
                           [b["count"] for b in line["branches"] if not b["throw"]])


def main():
    parser = argparse.ArgumentParser(description=__doc__,
                                     formatter_class=argparse.RawDescriptionHelpFormatter)
    parser.add_argument("--branches", action="store_true", help="those that go one way too")
    parser.add_argument("--only", default="", help="in files of this name alone")
    args = parser.parse_args()
    run_the_tests()
    seen = {}
    for path in sorted(objects.rglob("*.gcno")):
        for name, number, count, branches in lines_of(path):
            ran, ways = seen.setdefault((name, number), [0, []])
            seen[(name, number)] = [ran + count, ways + branches]
    total = sum(1 for ran, _ in seen.values() if ran)
    for (name, number), (ran, ways) in sorted(seen.items()):
        if args.only in name and (not ran or (args.branches and 0 in ways)):
            text = (root / name).read_text().split("\n")[number - 1].strip()
            print(f"{name}:{number} {'one way' if ran else 'never'}: {text}")
    print(f"{total} of {len(seen)} lines of the core are run by its tests")


main()
