#!/usr/bin/python3
"""Makes the shipped typeface from Debian's fonts-inter (OFL-1.1): Latin, Greek and Cyrillic
letters and the signs the bench uses, with tabular figures as the default figures so that columns
line up (Qt 6.4 cannot switch the font feature on). Needs python3-fonttools and fonts-inter."""
import pathlib
from fontTools import subset
from fontTools.fontBuilder import FontBuilder
from fontTools.pens.cu2quPen import Cu2QuPen
from fontTools.pens.ttGlyphPen import TTGlyphPen
from fontTools.ttLib import TTFont

HERE = pathlib.Path(__file__).parent
FOLDER = pathlib.Path("/usr/share/fonts/opentype/inter")
RANGES = [(0x20, 0x17F), (0x2C0, 0x2DF), (0x370, 0x3FF), (0x400, 0x45F), (0x2010, 0x205E),
          (0x2070, 0x209F), (0x20A0, 0x20BF), (0x2100, 0x2150), (0x2190, 0x21FF), (0x2200, 0x22FF),
          (0x25A0, 0x25FF), (0x2713, 0x2714)]


def make_quadratic(font):
    """TrueType outlines in place of CFF ones: drawing a glyph for the first time costs a third. The
    curves lie within a thousandth of the em of what they were."""
    shapes, drawn = font.getGlyphSet(), {}
    for name in font.getGlyphOrder():
        pen = TTGlyphPen(None)
        shapes[name].draw(Cu2QuPen(pen, font["head"].unitsPerEm / 1000, reverse_direction=True))
        drawn[name] = pen.glyph()
    for table in ("CFF ", "VORG", "maxp"):
        if table in font:
            del font[table]
    builder = FontBuilder(font=font)
    builder.isTTF = True
    builder.setupGlyf(drawn)
    builder.setupMaxp()
    for name, glyph in drawn.items():
        font["hmtx"][name] = (font["hmtx"][name][0], getattr(glyph, "xMin", 0))
    font["post"].formatType = 3.0
    font.sfntVersion = "\0\1\0\0"


for weight in ("Regular", "SemiBold"):
    font = TTFont(FOLDER / f"Inter-{weight}.otf", recalcTimestamp=False)
    swaps = {}
    for record in font["GSUB"].table.FeatureList.FeatureRecord:
        if record.FeatureTag == "tnum":
            for index in record.Feature.LookupListIndex:
                for table in font["GSUB"].table.LookupList.Lookup[index].SubTable:
                    table = getattr(table, "ExtSubTable", table)
                    swaps.update(getattr(table, "mapping", {}))
    for table in font["cmap"].tables:
        for code in [*map(ord, "0123456789")]:
            if code in table.cmap:
                table.cmap[code] = swaps.get(table.cmap[code], table.cmap[code])
    options = subset.Options(layout_features=["kern", "mark", "ccmp", "locl"], name_IDs=["*"])
    cutter = subset.Subsetter(options)
    cutter.populate(unicodes=[c for low, high in RANGES for c in range(low, high + 1)])
    cutter.subset(font)
    for name in font["name"].names:
        if name.nameID in (1, 3, 4, 6, 16, 21):
            text = str(name).replace("Inter", "Rhexion Sans")
            name.string = text.replace(" ", "") if name.nameID == 6 else text
    make_quadratic(font)
    font.save(HERE / f"RhexionSans-{weight}.ttf")
