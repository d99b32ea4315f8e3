"""Milks, eggs, sugars, purees, juices, drinks, grains: USDA SR24 number where the table has it.
Acidity is (low, typical, high) mmol OH per 100 g where it is titrated; acids of produce come from IFCT by code."""

COW = (218, 227, 235)
# id, name, SR24, acidity, SV, behaviours, also, note, spread
MILKS = [
    ("cow-milk", "Cow's milk, whole", "01211", (1.4, 1.7, 2.0), COW, ["full fat milk"], "Freeze it before it meets lye, or it scorches."),
    ("cow-milk-skimmed", "Cow's milk, skimmed", "01151", (1.4, 1.7, 2.0), COW, ["skim milk"], "Freeze it before it meets lye, or it scorches."),
    ("goat-milk", "Goat's milk", "01106", (1.2, 1.6, 1.9), (222, 230, 242), [], "Freeze it before it meets lye, or it scorches."),
    ("sheep-milk", "Sheep's milk", "01109", (2.0, 2.4, 2.8), (222, 232, 242), ["ewe's milk"], "Rich: its fat counts."),
    ("buffalo-milk", "Buffalo milk", "01108", (1.5, 1.8, 2.2), COW, [], "Rich: its fat counts."),
    ("human-milk", "Human milk", "01107", (.3, .7, 1.2), (195, 207, 218), ["breast milk"], "Soap of it is for one's own household only: local law."),
    ("cow-milk-dried", "Milk powder, whole", "01212", (11, 13, 16), COW, ["whole milk powder", "dried milk"], "One part to seven of water makes milk."),
    ("cow-milk-dried-skimmed", "Milk powder, skimmed", "01091", (14, 17, 20), COW, ["skim milk powder"], "One part to nine of water makes milk."),
    ("evaporated-milk", "Evaporated milk, unsweetened", "01214", (3, 3.8, 5), COW, ["unsweetened condensed milk"], "Not sweetened: look twice at the tin."),
    ("condensed-milk", "Condensed milk, sweetened", "01095", (3, 4, 5.5), COW, ["sweetened condensed milk"], "Nearly half sugar: it heats the batter."),
    ("cream-whipping", "Cream, whipping, 37 % fat", "01053", (.9, 1.2, 1.5), COW, ["heavy cream"], "More than a third fat: its fat counts."),
    ("cream-light", "Cream, light", "01050", (1.1, 1.4, 1.8), COW, ["single cream", "table cream"], ""),
    ("sour-cream", "Sour cream, 20 % fat", "01056", (6, 7.5, 9), COW, [], "Sour: its lactic acid takes lye."),
    ("buttermilk", "Buttermilk, cultured", "01088", (8, 9.5, 11), COW, [], "Sour: its lactic acid takes lye."),
    ("buttermilk-dried", "Buttermilk powder", "01094", (14, 18, 30), COW, [], "Of churned cream, hardly sour; cultured powder is more so."),
    ("yogurt", "Yogurt, plain, whole milk", "01116", (9, 11, 14), COW, ["whole milk yogurt"], "Sour: its lactic acid takes lye."),
    ("yogurt-lowfat", "Yogurt, plain, low fat", "01117", (10, 12, 15), COW, ["low fat yogurt"], "Sour: its lactic acid takes lye."),
    ("whey-sweet", "Whey, sweet", "01114", (1, 1.4, 2), COW, ["cheese whey"], ""),
    ("whey-sour", "Whey, sour", "01112", (4.5, 5.5, 7), COW, ["acid whey", "quark whey"], "Sour: its lactic acid takes lye."),
    ("butter", "Butter, unsalted", "01145", (.1, .3, .6), COW, [], "A sixth of it is water."),
]
# What a standard for the food, or its label, says better than one row of a table and a spread (per cent; Codex CXS 279
# butter, 288 creams, 207 milk powders, all from memory). Lactose of the creams is their carbohydrate.
STANDARD = {
    "butter": {"fat": (80, 82, 84), "water": (14.5, 15.7, 16)},
    "cream-whipping": {"fat": (35, 37, 40), "water": (54, 57.7, 60), "reducing-sugar": (2.3, 2.8, 3.3)},
    "cream-light": {"fat": (18, 19.3, 22), "water": (70, 73.7, 76), "reducing-sugar": (3, 3.66, 4.2)},
    "cow-milk-dried": {"fat": (26, 26.7, 31)},
    "avocado-puree": {"fat": (8, 14.7, 22)},
    "hibiscus-tea": {"water": (98.5, 99.2, 99.5), "reducing-sugar": (0, .2, .5), "other-sugar": (0, 0, .1)},
    "honey": {"water": (15, 17.1, 20)},
    "fructose": {"reducing-sugar": (99, 99.7, 100)},
    "corn-syrup": {"reducing-sugar": (18, 27, 45), "other-sugar": (32, 49.5, 58)},
    "quince-puree": {"reducing-sugar": (4.8, 6, 8), "other-sugar": (1, 1.5, 2)},
    "blackcurrant-puree": {"reducing-sugar": (5, 6, 7.5), "other-sugar": (.6, 1, 1.5)},
    "poppy-seed": {"fat": (0, 4, 42)},
    "ground-almond": {"fat": (0, 25, 52)},
    "cocoa-powder": {"fat": (0, 13.7, 24)}}
# id: usual use in % of the oils, where it is not that of a liquid
USUAL = {"cow-milk-dried": (1, 5), "cow-milk-dried-skimmed": (1, 5), "goat-milk-dried": (1, 5), "buttermilk-dried": (1, 5),
         "coconut-milk-dried": (1, 5), "condensed-milk": (1, 5), "evaporated-milk": (3, 20), "butter": (2, 20), "cream-whipping": (2, 20),
         "cream-light": (2, 20), "cream-double": (2, 15), "sour-cream": (2, 15), "coconut-cream": (2, 20)}
# Not in the table. id, name, {part: (low, typical, high) %}, acidity, SV, also, note
OTHER_MILKS = [
    ("sheep-milk-yogurt", "Yogurt, sheep's milk", {"water": (79, 81.5, 84), "fat": (5, 6.3, 8), "protein": (4.8, 5.6, 6.5), "reducing-sugar": (3, 4, 5), "other-salts": (.7, .9, 1)},
     (10, 13, 17), (222, 232, 242), ["sheep milk yoghurt", "ewe's yogurt"], "Sour and rich: both count."),
    ("goat-milk-yogurt", "Yogurt, goat's milk", {"water": (85, 87, 89), "fat": (2.8, 3.8, 4.8), "protein": (3, 3.6, 4.2), "reducing-sugar": (3, 3.7, 4.4), "other-salts": (.6, .8, 1)},
     (9, 11, 14), (222, 230, 242), ["goat yoghurt"], "Sour: its lactic acid takes lye."),
    ("goat-milk-dried", "Goat's milk powder", {"water": (2, 3.5, 5), "fat": (24, 28, 31), "protein": (24, 27, 30), "reducing-sugar": (32, 34.5, 38), "other-salts": (5.5, 6.3, 7)},
     (10, 13, 16), (222, 230, 242), [], "One part to seven of water makes milk."),
    ("kefir", "Kefir, whole milk", {"water": (87, 88.5, 90), "fat": (2.8, 3.4, 4), "protein": (3, 3.3, 3.7), "reducing-sugar": (3, 3.8, 4.5), "other-salts": (.6, .7, .8), "alcohol": (0, .1, .6)},
     (8, 10, 13), COW, [], "Sour: its lactic acid takes lye. Stir the gas out."),
    ("camel-milk", "Camel's milk", {"water": (86, 88, 90), "fat": (2.5, 3.4, 4.5), "protein": (2.7, 3.2, 4), "reducing-sugar": (4, 4.5, 5), "other-salts": (.7, .8, .9)},
     (1.3, 1.6, 2), (195, 206, 220), [], ""),
    ("mare-milk", "Mare's milk", {"water": (88.5, 89.8, 91), "fat": (.9, 1.4, 2.2), "protein": (1.7, 2.1, 2.6), "reducing-sugar": (6, 6.3, 7), "other-salts": (.3, .4, .5)},
     (.4, .7, 1), (205, 220, 235), [], "Sweet and lean."),
    ("donkey-milk", "Donkey's milk", {"water": (89, 90.5, 92), "fat": (.3, .8, 1.8), "protein": (1.4, 1.7, 2), "reducing-sugar": (6, 6.6, 7.2), "other-salts": (.3, .4, .5)},
     (.4, .7, 1), (205, 220, 235), ["ass's milk"], "Sweet and lean."),
    ("almond-milk", "Almond milk, unsweetened", {"water": (94, 96.5, 98), "fat": (.8, 1.1, 2.5), "protein": (.3, .5, 1), "other-salts": (.2, .3, .5)},
     (0, 0, 1), (183, 195, 207), ["almond drink"], "Mostly water."),
    ("cream-double", "Cream, double, 48 % fat", {"water": (42, 45.6, 47.5), "fat": (48, 49.5, 52), "protein": (1.3, 1.6, 2), "reducing-sugar": (2, 2.6, 3), "other-salts": (.3, .4, .5)},
     (.6, .9, 1.2), COW, ["heavy double cream"], "Half fat: its fat counts."),
    ("coconut-milk", "Coconut milk, canned", {"water": (70, 77, 85), "fat": (10, 17, 24), "protein": (1, 1.8, 2.5), "reducing-sugar": (1, 2.2, 3.4), "other-salts": (.4, .7, 1)},
     (0, .5, 2), (248, 256.5, 265), [], "Tins vary widely in fat: read the label, shake first."),
    ("coconut-milk-light", "Coconut milk, light", {"water": (88, 91, 93), "fat": (5, 6, 8), "protein": (.4, .7, 1.1), "reducing-sugar": (.6, 1.3, 2), "other-salts": (.3, .5, .8)},
     (0, .3, 1.5), (248, 256.5, 265), ["light coconut milk", "reduced fat coconut milk"], "A thinned coconut milk."),
    ("coconut-cream", "Coconut cream, raw", {"water": (60, 68, 74), "fat": (20, 24, 35), "protein": (1.5, 2.8, 4), "reducing-sugar": (1.5, 3, 4.4), "other-salts": (.6, 1, 1.4)},
     (0, .5, 2), (248, 256.5, 265), [], "A quarter fat: its fat counts. Tins vary: read the label."),
    ("coconut-milk-dried", "Coconut milk powder", {"water": (1, 2.5, 4), "fat": (55, 60, 65), "protein": (4, 6, 8), "reducing-sugar": (4, 8, 14), "other-salts": (1, 2, 3)},
     (0, 3, 8), (248, 256.5, 265), ["coconut cream powder"], "Mostly fat: its fat counts."),
    ("oat-milk", "Oat milk, unsweetened", {"water": (89, 90.5, 92), "fat": (.5, 1, 2), "protein": (.5, .8, 1.2), "reducing-sugar": (3, 4.2, 6), "other-salts": (.2, .3, .5)},
     (0, 0, 1), (183, 190, 200), ["oat drink"], "Its starch turns to sugar as it is made."),
]
PLANT_MILKS = [
    ("soy-milk", "Soy milk, unsweetened", "16222", (.3, .7, 1.5), (189, 192, 195), ["soya drink"], ""),
    ("rice-milk", "Rice milk, unsweetened", "14639", (0, .2, .8), (180, 190, 199), ["rice drink"], "Its starch turns to sugar as it is made."),
]
# id, name, SR24, measures
EGGS = [
    ("egg-whole", "Egg, whole", "01123", "Beat it into oils below 45 \u00b0C, or it scrambles."),
    ("egg-yolk", "Egg yolk", "01125", "A quarter fat: its fat counts. Beat it into oils below 45 \u00b0C."),
    ("egg-white", "Egg white", "01124", "Sets in lye: beat it well into cool oils."),
    ("egg-yolk-dried", "Egg yolk, dried", "01137", "Half fat: its fat counts."),
    ("duck-egg", "Duck egg, whole", "01138", "Beat it into oils below 45 \u00b0C, or it scrambles."),
]
# id, name, SR24, reducing share of the sugars, acidity, also, note
SUGARS = [
    ("sugar", "Sugar, white", "19335", 0, None, [], "Dissolve it in the liquid first."),
    ("sugar-brown", "Sugar, brown", "19334", .03, (0, .3, 1), [], "Dissolve it in the liquid first."),
    ("sugar-maple", "Maple sugar", "19340", .05, (0, .2, 1), [], ""),
    ("maple-syrup", "Maple syrup", "19353", .03, (0, .2, .8), [], "A third of it is water."),
    ("molasses", "Molasses", "19304", .35, (4, 9, 16), [], "Sour and dark: browns the bar."),
    ("corn-syrup", "Corn syrup, light", "19350", .9, (0, .2, .8), ["glucose syrup"], ""),
    ("malt-syrup", "Malt syrup", "19352", .9, (.5, 2, 5), ["malt extract"], "Browns the bar."),
    ("sorghum-syrup", "Sorghum syrup", "19355", .4, (1, 3, 6), [], "Browns the bar."),
    ("fructose", "Fructose", "43216", 1, None, ["fruit sugar"], "Browns fast in lye."),
]
OTHER_SUGARS = [
    ("glucose", "Glucose monohydrate", {"reducing-sugar": (90.5, 90.9, 91.5), "water": (8.5, 9.1, 9.5)}, ["dextrose", "grape sugar"], "Browns in lye.", "stoichiometry"),
    ("lactose", "Lactose monohydrate", {"reducing-sugar": (94.5, 95, 95.5), "water": (4.5, 5, 5.5)}, ["milk sugar"], "Browns in lye.", "stoichiometry"),
    ("agave-syrup", "Agave syrup", {"reducing-sugar": (68, 72, 75), "other-sugar": (0, 2, 4), "water": (22, 25, 29)}, [], "Browns fast in lye.", "grade"),
    ("date-syrup", "Date syrup", {"reducing-sugar": (60, 66, 70), "other-sugar": (0, 3, 6), "water": (20, 25, 30)}, [], "Browns the bar.", "grade"),
    ("sorbitol-70", "Sorbitol solution, 70 %", {"water": (29, 30, 31)}, ["sorbitol"], "Does not brown; feeds the lather.", "grade"),
    ("glycerin", "Glycerin", {"glycerol": (98, 99.5, 100), "water": (0, .5, 2)}, ["glycerol"], "Takes no lye.", "ph-eur"),
    ("glycerin-86", "Glycerin, 86 %", {"glycerol": (84, 86, 88), "water": (12, 14, 16)}, ["glycerol 86"], "Takes no lye; a seventh is water.", "ph-eur"),
    ("propylene-glycol", "Propylene glycol", {"water": (0, .2, .5)}, [], "A solvent for melt soaps; takes no lye.", "grade"),
]
# id, name, SR24, IFCT, acids, pH, reducing share, also, note
F = ("citric", "malic")
PRODUCE = [
    ("pear-puree", "Pear puree", "09252", "E051", F, (3.5, 4.0, 4.6), .75, [], "Mostly water; strain it well."),
    ("quince-puree", "Quince puree, undiluted", "09296", None, {"malic": (.6, .9, 1.3)}, (3.1, 3.4, 3.8), .8, ["quince"], "Weigh in any water it was cooked with."),
    ("beetroot-puree", "Beetroot puree, cooked", "11081", "F001", ("citric", "oxalic"), (5.3, 5.8, 6.6), .1, ["beet puree"], "Its red turns brown in lye."),
    ("apple-juice", "Apple juice", "09016", "E001", F, (3.3, 3.6, 4.0), .8, ["sweet cider"], ""),
    ("apple-puree", "Apple puree", "09019", "E001", F, (3.3, 3.6, 4.0), .8, ["applesauce"], ""),
    ("cucumber-puree", "Cucumber puree", "11205", "D043", F, (5.1, 5.5, 6.0), .95, [], ""),
    ("cucumber-juice", "Cucumber, peeled, juiced", "11206", "D043", F, (5.1, 5.5, 6.0), .95, [], ""),
    ("tomato-puree", "Tomato, fresh, pureed", "11529", "D075", F, (4.0, 4.3, 4.7), .95, ["tomato"], "Its red turns orange."),
    ("banana-puree", "Banana puree", "09040", "E012", F, (4.5, 5.0, 5.3), .6, ["banana"], "Browns; its starch holds water."),
    ("avocado-puree", "Avocado flesh", "09037", None, {"malic": (.05, .15, .3)}, (6.2, 6.4, 6.8), .8, ["avocado"], "A seventh fat: its fat counts."),
    ("peach-puree", "Peach puree", "09236", "E050", F, (3.4, 3.8, 4.2), .25, [], ""),
    ("apricot-puree", "Apricot puree", "09021", None, {"malic": (.7, 1.1, 1.5), "citric": (.2, .5, .9)}, (3.3, 3.6, 4.0), .4, [], "Sour: its acid takes lye."),
    ("plum-puree", "Plum puree", "09279", None, {"malic": (.8, 1.3, 2)}, (2.9, 3.4, 4.3), .8, [], "Sour: its acid takes lye."),
    ("strawberry-puree", "Strawberry puree", "09316", None, {"citric": (.5, .8, 1.1), "malic": (.1, .2, .3)}, (3.2, 3.4, 3.7), .9, [], "Its red turns brown in lye."),
    ("raspberry-puree", "Raspberry puree", "09302", None, {"citric": (1.1, 1.6, 2.2), "malic": (.03, .1, .3)}, (3.1, 3.3, 3.6), .9, [], "Sour; strain the pips out."),
    ("mango-puree", "Mango puree", "09176", "E039", F, (3.8, 4.2, 4.7), .3, [], ""),
    ("papaya-puree", "Papaya puree", "09226", "E049", F, (5.0, 5.4, 5.9), .9, [], ""),
    ("pineapple-juice", "Pineapple juice", "09273", "E053", F, (3.3, 3.5, 3.8), .5, [], ""),
    ("grape-juice", "Grape juice", "09135", None, {"tartaric": (.25, .4, .7), "malic": (.2, .4, .6)}, (3.0, 3.3, 3.7), 1, [], ""),
    ("orange-juice", "Orange juice", "09206", "E047", F, (3.4, 3.7, 4.1), .5, [], "Sour: its acid takes lye."),
    ("lemon-juice", "Lemon juice", "09152", None, {"citric": (3.4, 4.6, 6.2), "malic": (.05, .1, .3)}, (2.2, 2.4, 2.6), .9, [], "As sour as vinegar: its acid takes lye."),
    ("lime-juice", "Lime juice", "09160", None, {"citric": (4.5, 5.8, 7.5), "malic": (.1, .3, .5)}, (2.1, 2.3, 2.6), .9, [], "As sour as vinegar: its acid takes lye."),
    ("rhubarb-juice", "Rhubarb, raw, juiced", "09307", None, {"malic": (1, 1.6, 2.2), "citric": (.05, .2, .4), "oxalic": (.1, .2, .35)}, (3.0, 3.2, 3.5), .9, ["rhubarb"],
     "Never cook it in aluminium."),
    ("spinach-puree", "Spinach puree", "11457", "C033", F, (5.5, 6.2, 6.8), .6, [], "Its green turns to straw."),
    ("zucchini-puree", "Zucchini puree", "11477", "D077", F, (5.7, 6, 6.3), .9, ["courgette"], ""),
    ("potato-puree", "Potato, boiled, mashed plain", "11367", "F006", F, (5.4, 5.8, 6.1), .6, [], "Its starch holds water."),
    ("sweet-potato-puree", "Sweet potato, boiled", "11510", "F013", F, (5.3, 5.6, 6), .5, [], ""),
    ("melon-puree", "Melon, cantaloupe, pureed", "09181", "E045", F, (6.1, 6.4, 6.7), .4, [], ""),
    ("watermelon-juice", "Watermelon juice", "09326", "E065", F, (5.2, 5.5, 5.8), .65, [], ""),
    ("cherry-puree", "Cherry puree, sweet", "09070", "E014", F, (3.8, 4.1, 4.5), .95, [], ""),
    ("blackcurrant-puree", "Blackcurrant puree", "09083", None, {"citric": (2.2, 2.9, 3.6), "malic": (.1, .3, .5)}, (2.8, 3, 3.2), .85, [], "Very sour: its acid takes lye."),
    ("cranberry-juice", "Cranberry juice, unsweetened", "43382", None, {"citric": (.7, 1, 1.3), "malic": (.6, .8, 1.1), "quinic": (.6, .9, 1.2)}, (2.3, 2.5, 2.8), .95, [], "Sour: its acid takes lye."),
    ("pomegranate-juice", "Pomegranate juice", "09442", None, {"citric": (.3, 1, 1.8), "malic": (.05, .15, .3)}, (2.9, 3.2, 3.6), .95, [], ""),
    ("coconut-water", "Coconut water", "12119", "K002", ("tartaric", "succinic"), (4.7, 5.2, 5.8), .7, [], ""),
]
# Titratable acidity, mmol OH per 100 g, where handbooks usually give more than the acids IFCT reports, or where the IFCT row is
# doubtful; the low bound holds IFCT's sum where there is one (handbooks of fruit juices and vegetables, from memory).
TITRATED = {"tomato-puree": (2.6, 5.5, 8.5), "banana-puree": (2, 4.5, 6.5), "cherry-puree": (2.5, 8, 13), "peach-puree": (3.5, 7, 11),
            "apple-juice": (4, 6.5, 9.5), "apple-puree": (4, 6.5, 9.5), "pear-puree": (1.3, 3, 5), "melon-puree": (.02, 1.6, 3),
            "watermelon-juice": (.25, 1.1, 2), "zucchini-puree": (.2, .8, 1.5), "potato-puree": (.4, 1.8, 3), "sweet-potato-puree": (.3, 1.2, 2),
            "papaya-puree": (.9, 1.4, 2.2), "pineapple-juice": (7, 10.5, 14), "spinach-puree": (.3, 1.2, 2.5)}
# Taken as they are, since handbooks agree with them.
AGREES = ("orange-juice",)
# id, name, kind, {part: share}, acidity, behaviours, also, note
GELS = [
    ("aloe-gel", "Aloe leaf gel, fresh", "produce", {"water": (98.5, 99, 99.4)}, (.3, .8, 2), [], "Strain it; its slime foams."),
    ("aloe-juice-stabilised", "Aloe juice, bottled", "produce", {"water": (98, 99, 99.5)}, (.5, 2, 4), [], "Bottled juice has citric acid added: read the label."),
    ("linseed-gel", "Linseed gel", "produce", {"water": (97, 98, 99)}, (0, 0, .5), ["flax gel"], "One part seed boiled in ten of water, strained."),
    ("marshmallow-root-tea", "Marshmallow root tea, cold", "liquid", {"water": (98, 99, 99.6)}, (0, 0, .5), [], "Slippery: a tea of roots."),
    ("rose-water", "Rose water", "liquid", {"water": (99.8, 99.9, 100)}, (0, 0, .2), ["hydrosol", "flower water"], "Water with a trace of scent."),
]
# id, name, SR24, acidity, also, note
DRINKS = [
    ("black-tea", "Black tea, brewed", "14355", (.1, .3, .6), ["tea"], "Browns the bar."),
    ("green-tea", "Green tea, brewed", "14544", (.05, .2, .5), [], "Figures of brewed black tea: as watery."),
    ("chamomile-tea", "Chamomile tea", "14545", (0, .1, .3), [], ""),
    ("herb-tea", "Herb tea", "14381", (0, .1, .5), ["infusion"], ""),
    ("coffee", "Coffee, brewed", "14209", (.3, .6, 1.2), [], "Browns the bar."),
    ("beer-flat", "Beer, flat", "14003", (1.5, 2.2, 3.5), ["ale"], "Boil it flat: gas and alcohol make lye volcano."),
    ("wine-red", "Wine, red", "14096", (7, 8.5, 11), [], "Boil the alcohol off first, then weigh it."),
    ("wine-white", "Wine, white", "14106", (7.5, 9.5, 13), [], "Boil the alcohol off first, then weigh it."),
    ("hibiscus-tea", "Hibiscus tea", "14649", (1, 4, 10), ["roselle tea"], "Sour: its acid takes lye. Red turns green."),
]
# id, name, SR24, behaviours, use, also, note, fat SV or None
GRAINS = [
    ("oat-flakes", "Oat flakes", "20038", "scratchy@5 allergen", (.5, 5), ["rolled oats", "oatmeal"], "Scratchy when coarse.", None),
    ("oat-flour", "Oat flour", "20132", "disperse-in-water allergen", (.5, 5), ["colloidal oatmeal"], "", None),
    ("rice-flour", "Rice flour", "20061", "disperse-in-water", (.5, 5), [], "", None),
    ("corn-starch", "Corn starch", "20027", "disperse-in-water", (.5, 5), ["maize starch"], "Anchors scent a little.", None),
    ("tapioca-starch", "Tapioca starch", "20068", "disperse-in-water", (.5, 5), [], "", None),
    ("wheat-bran", "Wheat bran", "20077", "scratchy@3 allergen", (.5, 5), [], "", None),
    ("cornmeal", "Cornmeal", "20020", "scratchy@2", (.5, 5), ["polenta"], "", None),
    ("cinnamon-powder", "Cinnamon powder", "02010", "browns scratchy@2 allergen not-for-children", (.1, 1), [], "Irritates some skins.", None),
    ("paprika-powder", "Paprika powder", "02028", "fades scratchy@3 disperse-in-oil", (.1, 2), [], "", None),
    ("ginger-powder", "Ginger powder", "02021", "scratchy@2 not-for-children", (.1, 1), [], "", None),
    ("cocoa-powder", "Cocoa powder", "19165", "browns disperse-in-oil stains@3", (.3, 3), ["cacao"], "", (188, 193, 198)),
    ("poppy-seed", "Poppy seed", "02033", "scratchy@2", (.5, 3), [], "", (188, 192, 198)),
    ("ground-almond", "Ground almonds", "12061", "scratchy@3 allergen goes-rancid", (.5, 5), [], "Half fat: its fat counts.", (183, 195, 207)),
    ("parsley-dried", "Parsley, dried", "02029", "fades", (.1, 2), [], "", None),
    ("kelp", "Kelp, fresh", "11445", "fades", (1, 10), ["seaweed"], "Chop it fine; it slips and foams.", None),
]
