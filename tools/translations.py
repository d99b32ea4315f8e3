#!/usr/bin/env python3
"""Looks through the translations in data/i18n and data/names, or brings one up to date.

    tools/translations.py              what is untranslated, unused, misplaced or cut off
    tools/translations.py update de    takes new texts into rhexion_de.ts and puts old ones out

Every language but English must be whole: what is not translated, no longer in the program, lost a
place (%1), lost an accelerator or has two alike in one menu's words is named and the exit code is 1.
Room is looked at in the built interface (tst_translation, "fits"), where there is one.
English has its plurals only.
"""
import json
import os
import pathlib
import re
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as ET

ROOT = pathlib.Path(__file__).resolve().parent.parent
FOLDER = ROOT / "data" / "i18n"
NAMES = ROOT / "data" / "names"


def tool(name):
    for folder in ("/usr/lib/qt6/bin", "/usr/bin"):
        if os.path.exists(f"{folder}/{name}"):
            return f"{folder}/{name}"
    sys.exit(f"{name} is not installed (qt6-l10n-tools)")


def lupdate(ts, language):
    subprocess.run(
        [tool("lupdate"), "-silent", "-no-obsolete", "-locations", "none", "-source-language", "en",
         "-target-language", language, str(ROOT / "src"), "-ts", str(ts)],
        check=True, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)


def messages(ts):
    """(context, source, comment) to (plural, list of translations, finished)."""
    out = {}
    for context in ET.parse(ts).getroot().findall("context"):
        for m in context.findall("message"):
            t = m.find("translation")
            forms = [f.text or "" for f in t.findall("numerusform")]
            comment = m.find("comment")
            key = (context.find("name").text, m.find("source").text or "",
                   comment.text if comment is not None else "")
            out[key] = (m.get("numerus") == "yes", forms or [t.text or ""], t.get("type") is None)
    return out


def places(text):
    return sorted(set(re.findall(r"%L?\d+|%n", text)))


def faults_of(key, plural, forms):
    context, source, _ = key
    where = f"{context}: “{source[:70]}”"
    for form in forms:
        if not form.strip() and source.strip():
            yield f"untranslated  {where}"
        elif places(form) != places(source) and not (plural and set(places(source)) -
                                                     set(places(form)) <= {"%n"}):
            yield f"places        {where}: {' '.join(places(form)) or 'none'}"
        elif ("&" in source.replace("&&", "")) != ("&" in form.replace("&&", "")):
            yield f"accelerator   {where}: “{form}”"
        elif (source[:1].isspace(), source[-1:].isspace()) != (form[:1].isspace(), form[-1:].isspace()):
            yield f"space         {where}: “{form}”"
        elif re.findall(r"</?\w+", source) != re.findall(r"</?\w+", form):
            yield f"tags          {where}: “{form}”"


def look(ts, language, wanted):
    have = messages(ts)
    faults = [f"untranslated  {c}: “{s[:70]}”" for c, s, k in wanted.keys() - have.keys()]
    faults += [f"unused        {c}: “{s[:70]}”" for c, s, k in have.keys() - wanted.keys()]
    for key in have.keys() & wanted.keys():
        plural, forms, finished = have[key]
        if not finished:
            faults.append(f"unfinished    {key[0]}: “{key[1][:70]}”")
        faults += faults_of(key, plural, forms)
    return sorted(faults)


def look_at_names(path):
    catalogue = json.loads((ROOT / "data" / "catalogue.json").read_text())["materials"]
    names = json.loads(path.read_text())["names"]
    faults = [f"no name       {m['id']}: {m['name']}" for m in catalogue if m["id"] not in names]
    faults += [f"unused name   {i}" for i in names.keys() - {m["id"] for m in catalogue}]
    first = {}
    for material, words in names.items():
        if words[0].lower() in first:
            faults.append(f"one name      {material} and {first[words[0].lower()]}: {words[0]}")
        first[words[0].lower()] = material
    return faults


def main():
    if len(sys.argv) == 3 and sys.argv[1] == "update":
        lupdate(FOLDER / f"rhexion_{sys.argv[2]}.ts", sys.argv[2])
        return 0
    if len(sys.argv) != 1:
        sys.exit(__doc__)
    faults = []
    with tempfile.TemporaryDirectory() as scratch:
        fresh = pathlib.Path(scratch) / "all.ts"
        lupdate(fresh, "xx")
        wanted = messages(fresh)
    plurals = {key: value for key, value in wanted.items() if value[0]}
    for ts in sorted(FOLDER.glob("rhexion_*.ts")):
        language = ts.stem.split("_", 1)[1]
        faults += [f"{ts.name}: {f}" for f in
                   look(ts, language, plurals if language == "en" else wanted)]
        names = NAMES / f"names_{language}.json"
        if language != "en":
            faults += ([f"{names.name}: {f}" for f in look_at_names(names)] if names.exists()
                       else [f"{names.name} is missing"])
    for fault in faults:
        print(fault)
    room = ROOT / "build" / "dev" / "bin" / "tst_translation"
    cut = 0
    if room.exists():
        cut = subprocess.run([str(room), "fits"], env={**os.environ, "QT_QPA_PLATFORM": "offscreen"}
                             ).returncode
    print(f"{len(wanted)} texts, {len(faults)} faults")
    return 1 if faults or cut else 0


if __name__ == "__main__":
    sys.exit(main())
