"""Usual closed-cup flash points of essential oils, C, as suppliers' safety data sheets state them: from memory."""

SPREAD = 5  # C either side: another harvest, another supplier

FLASH = {ident + "-essential-oil": c for ident, c in {
    "lavender": 71, "lavandin": 69, "peppermint": 77, "spearmint": 73, "rosemary": 45, "eucalyptus": 50, "tea-tree": 57,
    "cajeput": 50, "sweet-orange": 47, "mandarin": 47, "lemon": 48, "lime": 48, "grapefruit": 46, "bergamot": 55,
    "litsea": 75, "lemongrass": 86, "citronella": 83, "palmarosa": 93, "clove": 101, "cinnamon-leaf": 94,
    "cinnamon-bark": 82, "cedarwood": 100, "patchouli": 105, "vetiver": 110, "sandalwood": 110, "geranium": 92,
    "rose-geranium": 92, "ylang": 93, "neroli": 58, "petitgrain": 67, "thyme": 58, "oregano": 66, "basil": 77,
    "clary-sage": 76, "juniper": 42, "pine": 41, "fir": 42, "cypress": 40, "frankincense": 38, "myrrh": 93,
    "anise": 92, "fennel": 66, "ginger": 58, "black-pepper": 46, "nutmeg": 43, "cardamom": 58, "chamomile": 58,
    "helichrysum": 52, "wintergreen": 97, "camphor": 46}.items()}
FLASH |= {"lemon-essential-oil-distilled": 48, "lime-essential-oil-distilled": 47}
