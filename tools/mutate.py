#!/usr/bin/python3
"""Changes one small thing in the core at a time and sees whether the core's tests notice.

Works on a copy of the tracked files in build/mutants, so the work tree is never touched. Which
changes are tried is drawn from every place an operator of the list below fits; the seed says which.
Those that were looked at and change nothing anybody can see stand in tools/mutants_without_effect.txt
with the reason, and are drawn but not counted.

  tools/mutate.py [--count 80] [--seed 1] [--only PATH] [--what WORDS]
                   [--place FOLDER] [--list]

Two at once need a folder each, of build/ by default build/mutants.
"""
import argparse
import functools
import json
import os
import pathlib
import random
import re
import shutil
import subprocess
import sys
import time

sys.dont_write_bytecode = True
import core_tests

root = pathlib.Path(__file__).resolve().parent.parent
places = root / "build" / "mutants"

OPERATORS = [
    ("plus to minus", r"(?<=[\w)\]]) \+ (?=[\w(])", " - "),
    ("minus to plus", r"(?<=[\w)\]]) - (?=[\w(])", " + "),
    ("times to over", r"(?<=[\w)\]]) \* (?=[\w(])", " / "),
    ("over to times", r"(?<=[\w)\]]) / (?=[\w(])", " * "),
    ("less to at most", r" < (?=[\w(-])", " <= "),
    ("at most to less", r" <= ", " < "),
    ("more to at least", r" > (?=[\w(-])", " >= "),
    ("at least to more", r" >= ", " > "),
    ("turned round", r" < (?=[\w(-])", " > "),
    ("turned round", r" > (?=[\w(-])", " < "),
    ("equal to unequal", r" == ", " != "),
    ("unequal to equal", r" != ", " == "),
    ("and to or", r" && ", " || "),
    ("or to and", r" \|\| ", " && "),
    ("max to min", r"std::max\b", "std::min"),
    ("min to max", r"std::min\b", "std::max"),
    ("not dropped", r"(?<=[(\s])!(?=\w)", ""),
    ("true to false", r"\btrue\b", "false"),
    ("false to true", r"\bfalse\b", "true"),
    ("sum to difference", r" \+= ", " -= "),
    ("difference to sum", r" -= ", " += "),
]
EDGES = ("less to at most", "at most to less", "more to at least", "at least to more")
NUMBER = re.compile(r"(?<![\w.])\d+\.\d+(?![\w.])")


def candidates(only):
    for path in sorted((root / "src/core").rglob("*.cpp")):
        name = str(path.relative_to(root))
        if only and only not in name:
            continue
        for number, line in enumerate(path.read_text().split("\n")):
            code = line.split("//")[0]
            # "template", includes and asserts at compile time are no behaviour.
            if re.match(r"\s*(#|template|static_assert|using )", code):
                continue
            quoted = [m.span() for m in re.finditer(r'"(\\.|[^"])*"', code)]
            inside = lambda at: any(a <= at < b for a, b in quoted)
            for what, pattern, new in OPERATORS:
                for m in re.finditer(pattern, code):
                    # Whether 0 itself belongs to a guard against 0 moves no figure.
                    edge = what in EDGES and re.match(r"-?0(\.0)?\b", code[m.end():])
                    if not inside(m.start()) and not edge:
                        yield name, number, m.span(), new, what
            for m in NUMBER.finditer(code):
                value = float(m.group())
                if not inside(m.start()) and value:
                    yield name, number, m.span(), repr(value * 1.05), "figure by a twentieth"


def key(mutant, text):
    name, number, (a, b), new, what = mutant
    line = text.split("\n")[number]
    return f"{name} | {line.strip()} | {line[:a].count(line[a:b]) + 1} | {what}"


def run(command, seconds):
    try:
        return subprocess.run(command, stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True,
                              timeout=seconds)
    except subprocess.TimeoutExpired:
        return None


def configured(copy, build, flags):
    """The command that builds it, and the tests it holds."""
    make = core_tests.configure(copy, build, f"-O1 -D_GLIBCXX_ASSERTIONS {flags}")
    subprocess.run(make, check=True, stdout=subprocess.DEVNULL)
    return make, commands_of(build, set(core_tests.names()))


def commands_of(build, names):
    """Of ctest: what it would run, and with which environment."""
    told = json.loads(run(["ctest", "--test-dir", str(build), "--show-only=json-v1"], 60).stdout)
    tests = []
    for test in told["tests"]:
        if test["name"] in names:
            given = [p["value"] for p in test["properties"] if p["name"] == "ENVIRONMENT"]
            tests.append({"name": test["name"], "command": test["command"],
                          "environment": dict(line.split("=", 1) for line in sum(given, []))})
    return tests


def failed(test, seconds=120):
    environment = {**os.environ, **test["environment"], "RHEXION_LAW_RUNS": "4000"}
    try:
        return subprocess.run(test["command"], env=environment, stdout=subprocess.DEVNULL,
                              stderr=subprocess.DEVNULL, timeout=seconds).returncode != 0
    except subprocess.TimeoutExpired:
        return True


def notices(tests, seconds=120):
    """The first test that fails, or nothing."""
    for test in tests:
        if failed(test, seconds):
            return test["name"]
    return ""


@functools.cache
def with_sanitizers(copy, build):
    """As configured(); once, of a tree without a change, whose tests must pass."""
    make, tests = configured(copy, build, "-fsanitize=address,undefined "
                             "-fno-sanitize-recover=all -fno-omit-frame-pointer")
    wrong = notices(tests, 900)
    if wrong:
        sys.exit(f"{wrong} does not pass with sanitizers, without a change")
    return make, tests


def sanitized(copy, place, path, text):
    """As ./check runs the same tests with sanitizers: a loop one step too long reads past an end."""
    changed = path.read_text()
    path.write_text(text)
    make, tests = with_sanitizers(copy, place / "sanitized")
    path.write_text(changed)
    built = run(make, 1800)
    by = notices(tests, 900) if built is not None and built.returncode == 0 else ""
    return f"{by} with sanitizers" if by else ""


def main():
    parser = argparse.ArgumentParser(description=__doc__, formatter_class=argparse.RawDescriptionHelpFormatter)
    parser.add_argument("--count", type=int, default=80)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--only", default="")
    parser.add_argument("--what", default="", help="of this kind alone: \"figure\", \"and to or\"")
    parser.add_argument("--place", type=pathlib.Path, default=places)
    parser.add_argument("--list", action="store_true")
    args = parser.parse_args()
    copy = args.place.resolve() / "tree"
    every = [one for one in candidates(args.only) if args.what in one[4]]
    random.Random(args.seed).shuffle(every)
    if args.list:
        print(len(every), "places")
        return 0
    listed = root / "tools/mutants_without_effect.txt"
    without = {}
    for line in listed.read_text().split("\n") if listed.exists() else []:
        if line and not line.startswith("#"):
            known, reason = line.rsplit(" => ", 1)
            without[known] = reason
    shutil.rmtree(copy, ignore_errors=True)
    for name in subprocess.run(["git", "ls-files", "-co", "--exclude-standard"], cwd=root, text=True,
                               stdout=subprocess.PIPE).stdout.split():
        if (root / name).is_file():
            (copy / name).parent.mkdir(parents=True, exist_ok=True)
            shutil.copy(root / name, copy / name)  # with a time of its own: what is built is older
    # The core by itself and the tests beside it: a change links one library, not every test.
    lists = copy / "src/core/CMakeLists.txt"
    lists.write_text(lists.read_text().replace("rhexion_core STATIC", "rhexion_core SHARED"))
    make, tests = configured(copy, args.place.resolve() / "build", "")
    print("without a change:", flush=True)
    for test in tests:
        begun = time.monotonic()
        if failed(test):
            sys.exit(f"{test['name']} does not pass without a change")
        test["seconds"] = time.monotonic() - begun
    tests.sort(key=lambda test: test["seconds"])
    print(f"{len(tests)} tests pass in {sum(t['seconds'] for t in tests):.0f} s", flush=True)
    caught, survivors, harmless, unbuilt = 0, [], 0, 0
    for mutant in every:
        if caught + len(survivors) >= args.count:
            break
        name, number, (a, b), new, what = mutant
        path = copy / name
        text = path.read_text()
        if key(mutant, text) in without:
            harmless += 1
            continue
        lines = text.split("\n")
        lines[number] = lines[number][:a] + new + lines[number][b:]
        path.write_text("\n".join(lines))
        built = run(make, 900)
        if built is None or built.returncode != 0:
            unbuilt += 1
        else:
            by = notices(tests)
            if not by and what in EDGES and re.search(r"\b(for|while) \(", lines[number]):
                by = sanitized(copy, args.place.resolve(), path, text)
            if by:
                caught += 1
                print(f"{caught} caught, by {by}: {name}:{number + 1} {what}", flush=True)
            else:
                survivors.append(key(mutant, text))
                print("survived:", key(mutant, text), f"(line {number + 1})", flush=True)
        path.write_text(text)
    subprocess.run(make, check=True, stdout=subprocess.DEVNULL)
    tried = caught + len(survivors)
    print(f"seed {args.seed}: {tried} changes tried, {caught} caught ({100 * caught / max(1, tried):.1f} %); "
          f"{harmless} without effect and {unbuilt} that do not compile were not counted")
    return 0 if caught >= 0.95 * tried else 1


sys.exit(main())
