"""Cuts the static fonts of paper out of the variable ones of the app.

Needs Debian's python3-fonttools and python3-brotli; run from the root of the project after `npm ci`:

    /usr/bin/python3 paper/fonts/make.py

Variable files crash the PDF library, or lose their weight in it. Each cut joins the Latin and the extended Latin
files, so that names of most of Europe have their letters. Made once; what is made is kept in the project.
"""

from io import BytesIO
from pathlib import Path

from fontTools.merge import Merger
from fontTools.ttLib import TTFont
from fontTools.varLib import instancer

PACKAGES = Path("node_modules/@fontsource-variable")
ARCHIVO = [
    PACKAGES / f"archivo/files/archivo-{subset}-standard-normal.woff2" for subset in ("latin", "latin-ext")
]
ATKINSON = [
    PACKAGES / f"atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-{subset}-wght-normal.woff2"
    for subset in ("latin", "latin-ext")
]
CUTS = {
    "head": ("Corkscrew Head", ARCHIVO, {"wght": 740, "wdth": 70}),
    "item": ("Corkscrew Item", ARCHIVO, {"wght": 690, "wdth": 76}),
    "label": ("Corkscrew Label", ARCHIVO, {"wght": 600, "wdth": 79}),
    "body": ("Corkscrew Body", ATKINSON, {"wght": 400}),
    "strong": ("Corkscrew Strong", ATKINSON, {"wght": 700}),
}


def cut(path, axes):
    font = instancer.instantiateVariableFont(TTFont(path), axes)
    font.flavor = None
    for table in ("GSUB", "STAT", "DSIG"):
        if table in font:
            del font[table]
    out = BytesIO()
    font.save(out)
    out.seek(0)
    return out


def tabular(font, source, axes):
    """Gives every digit the width of a zero, set in the middle of it: times stand under each other."""
    metrics, glyphs = font["hmtx"], font["glyf"]
    cmap = font.getBestCmap()
    width = max(metrics[cmap[ord(d)]][0] for d in "0123456789")
    for d in "0123456789":
        name = cmap[ord(d)]
        advance, bearing = metrics[name]
        shift = round((width - advance) / 2)
        glyph = glyphs[name]
        if glyph.numberOfContours > 0:
            glyph.coordinates.translate((shift, 0))
            glyph.recalcBounds(glyphs)
        metrics[name] = (width, bearing + shift)


for name, (family, sources, axes) in CUTS.items():
    parts = [cut(path, axes) for path in sources]
    merged = Merger().merge(parts)
    tabular(merged, sources, axes)
    for record in merged["name"].names:
        if record.nameID in (1, 4, 16):
            record.string = family
        elif record.nameID == 6:
            record.string = family.replace(" ", "")
    merged.save(f"paper/fonts/{name}.ttf")
    print(name, len(merged.getBestCmap()), "letters")
