/** Written by `npm run learn:steps`, from the corpus. Each line: a sign, and its weight for what is done and for what is told, in tenths. */
export const TOLD_WEIGHTS = `
#|-3 3
# (|-2 2
# ,|-2 2
# as|-4 4
# balls|3 -3
# big|1 -1
# bowls|-4 4
# c|4 -4
# cloves|1 -1
# cm|7 -7
# cup|5 -5
# cups|-1 1
# d|-3 3
# days|-4 4
# degrees|4 -4
# f|2 -2
# fan|6 -6
# for|-1 1
# g|2 -2
# h|2 -2
# hour|1 -1
# hr|-1 1
# hrs|1 -1
# inch|1 -1
# inches|2 -2
# jars|-1 1
# kcal|-4 4
# kg|1 -1
# l|4 -4
# lb|1 -1
# lemons|1 -1
# litres|-2 2
# mins|-1 1
# minute|4 -4
# mm|5 -5
# mo|-1 1
# months|-1 1
# more|2 -2
# onions|3 -3
# patties|4 -4
# people|-5 5
# portions|-1 1
# s|-1 1
# sec|6 -6
# seconds|4 -4
# servings|-5 5
# slices|4 -4
# small|-2 2
# squares|-2 2
# tablespoon|1 -1
# tablespoons|3 -3
# tin|3 -3
# tins|1 -1
# to|-1 1
# trays|3 -3
# tsp|4 -4
# until|2 -2
# weeks|-4 4
# with|-5 5
# °|2 -2
( #|-2 2
( a|3 -3
( about|2 -2
( at|1 -1
( don|3 -3
( fan|2 -2
( from|-3 3
( it|3 -3
( not|3 -3
( or|3 -3
, #|-1 1
, a|2 -2
, about|1 -1
, adding|4 -4
, all|1 -1
, at|2 -2
, back|1 -1
, bake|1 -1
, baking|1 -1
, barley|1 -1
, basil|2 -2
, bay|3 -3
, beans|1 -1
, blend|3 -3
, boil|2 -2
, box|5 -5
, bring|3 -3
, broccoli|1 -1
, broth|1 -1
, brush|4 -4
, bubble|2 -2
, cabbage|1 -1
, carrot|3 -3
, carrots|2 -2
, celery|-1 1
, check|2 -2
, chickpeas|1 -1
, chill|4 -4
, chilli|1 -1
, chillies|2 -2
, chop|2 -2
, chopped|3 -3
, cinnamon|1 -1
, close|2 -2
, cocoa|1 -1
, coconut|2 -2
, cold|-2 2
, combine|1 -1
, cook|3 -3
, core|1 -1
, coriander|2 -2
, cover|5 -5
, covered|4 -4
, crumbs|2 -2
, cumin|2 -2
, curry|1 -1
, cut|4 -4
, dice|1 -1
, dill|3 -3
, discard|2 -2
, divide|1 -1
, don|-1 1
, drain|3 -3
, dress|1 -1
, dry|2 -2
, fill|2 -2
, finishing|2 -2
, flatten|3 -3
, flipping|2 -2
, flour|2 -2
, fluff|2 -2
, fold|3 -3
, for|-1 1
, freeze|5 -5
, freezer|-3 3
, freezes|1 -1
, fridge|4 -4
, fry|3 -3
, garlic|3 -3
, gas|1 -1
, ginger|3 -3
, half|3 -3
, heat|1 -1
, herbs|1 -1
, high|4 -4
, ice|2 -2
, in|-1 1
, into|2 -2
, it|1 -1
, juice|2 -2
, keep|3 -3
, keeping|1 -1
, keeps|2 -2
, knead|3 -3
, lay|2 -2
, leave|4 -4
, leaves|2 -2
, leaving|2 -2
, lemon|3 -3
, lentils|2 -2
, let|2 -2
, lid|2 -2
, lids|2 -2
, lime|2 -2
, low|1 -1
, lower|2 -2
, lowest|1 -1
, maple|1 -1
, mash|1 -1
, mashing|1 -1
, massage|1 -1
, medium|1 -1
, milk|2 -2
, mint|1 -1
, mirin|1 -1
, mix|2 -2
, mushrooms|2 -2
, mustard|-1 1
, natural|4 -4
, no|2 -2
, not|4 -4
, nutmeg|3 -3
, nuts|3 -3
, off|1 -1
, oil|-1 1
, one|1 -1
, onions|2 -2
, or|-1 1
, oregano|1 -1
, out|2 -2
, oven|-3 3
, pack|3 -3
, paprika|1 -1
, parsley|1 -1
, partially|3 -3
, partly|3 -3
, passata|1 -1
, paste|1 -1
, peel|2 -2
, pepper|4 -4
, peppers|1 -1
, pinch|1 -1
, portion|2 -2
, potatoes|2 -2
, pour|3 -3
, press|3 -3
, pulse|2 -2
, put|2 -2
, quarter|2 -2
, reduce|-1 1
, remaining|2 -2
, reserving|2 -2
, rest|2 -2
, rice|1 -1
, rinse|2 -2
, roast|-1 1
, roll|5 -5
, rosemary|2 -2
, rub|1 -1
, salt|5 -5
, sauce|2 -2
, saving|2 -2
, scatter|1 -1
, score|2 -2
, scraping|1 -1
, seal|2 -2
, season|2 -2
, seasoning|1 -1
, seeds|3 -3
, sesame|2 -2
, set|1 -1
, shake|3 -3
, shaking|3 -3
, shape|1 -1
, simmer|3 -3
, skim|2 -2
, smooth|2 -2
, soak|3 -3
, soften|1 -1
, soy|3 -3
, spices|2 -2
, spinach|2 -2
, spoon|2 -2
, spread|-2 2
, spring|2 -2
, sprinkle|2 -2
, squash|3 -3
, squeeze|3 -3
, stand|1 -1
, starch|1 -1
, steam|3 -3
, stir|1 -1
, stirring|6 -6
, stock|3 -3
, sugar|4 -4
, swap|3 -3
, swapping|2 -2
, sweat|1 -1
, syrup|2 -2
, take|-1 1
, the|-1 1
, then|-1 1
, they|4 -4
, thyme|2 -2
, till|2 -2
, tip|1 -1
, toast|2 -2
, tofu|1 -1
, tomatoes|2 -2
, top|2 -2
, toss|2 -2
, tossing|3 -3
, turmeric|1 -1
, turn|2 -2
, turning|6 -6
, two|3 -3
, uncovered|4 -4
, until|4 -4
, vanilla|2 -2
, veg|2 -2
, vinegar|2 -2
, walnuts|2 -2
, warm|3 -3
, water|1 -1
, weigh|1 -1
, wet|3 -3
, whisk|2 -2
, whisking|3 -3
, white|3 -3
, with|3 -3
, wrap|-3 3
, yeast|1 -1
. #|5 -5
. salt|2 -2
; #|4 -4
; add|2 -2
; boil|1 -1
; cook|5 -5
; cover|-1 1
; drain|2 -2
; freezes|3 -3
; leave|1 -1
; let|2 -2
; mix|1 -1
; reduce|2 -2
; simmer|4 -4
; stir|1 -1
; toss|1 -1
; when|1 -1
^ #|-5 5
^ (|-7 7
^ a|-2 2
^ active|-4 4
^ add|12 -12
^ all|3 -3
^ arrange|3 -3
^ bake|3 -3
^ barley|1 -1
^ basil|3 -3
^ beans|3 -3
^ beat|2 -2
^ better|-4 4
^ blanch|5 -5
^ blast|5 -5
^ blend|8 -8
^ blitz|7 -7
^ boil|7 -7
^ bottle|5 -5
^ break|3 -3
^ bring|6 -6
^ brown|4 -4
^ brush|5 -5
^ cabbage|4 -4
^ check|4 -4
^ chickpeas|2 -2
^ chill|13 -13
^ chop|5 -5
^ close|5 -5
^ coconut|2 -2
^ combine|6 -6
^ cook|-3 3
^ cooking|-5 5
^ cool|10 -10
^ core|5 -5
^ cover|3 -3
^ cream|4 -4
^ crumble|3 -3
^ crumbs|2 -2
^ cube|4 -4
^ curry|4 -4
^ cut|8 -8
^ day|6 -6
^ dice|4 -4
^ dimple|1 -1
^ dip|3 -3
^ discard|5 -5
^ dissolve|3 -3
^ divide|6 -6
^ do|1 -1
^ does|-5 5
^ don|1 -1
^ drain|9 -9
^ dress|5 -5
^ dressing|4 -4
^ drizzle|4 -4
^ dry|3 -3
^ enough|-3 3
^ evening|3 -3
^ everything|4 -4
^ feeds|-6 6
^ fill|7 -7
^ filling|3 -3
^ finish|3 -3
^ fish|3 -3
^ flour|4 -4
^ fluff|6 -6
^ foil|3 -3
^ fold|6 -6
^ for|-9 9
^ fork|5 -5
^ form|5 -5
^ freeze|5 -5
^ freezes|-9 9
^ fridge|-2 2
^ from|-4 4
^ fry|7 -7
^ garlic|7 -7
^ get|3 -3
^ ginger|4 -4
^ gives|-6 6
^ glaze|4 -4
^ good|-7 7
^ grate|3 -3
^ grease|5 -5
^ grill|3 -3
^ grind|4 -4
^ half|3 -3
^ halve|3 -3
^ hands|-4 4
^ heat|5 -5
^ hi|-5 5
^ high|4 -4
^ hold|-6 6
^ hot|1 -1
^ if|5 -5
^ into|4 -4
^ keep|3 -3
^ keeps|-9 9
^ knead|6 -6
^ ladle|4 -4
^ lasts|-5 5
^ lay|4 -4
^ layer|5 -5
^ leave|8 -8
^ lemon|4 -4
^ lentils|2 -2
^ let|7 -7
^ lid|6 -6
^ lift|3 -3
^ lime|4 -4
^ line|5 -5
^ lock|4 -4
^ lower|2 -2
^ make|1 -1
^ makes|-10 10
^ manual|4 -4
^ mash|4 -4
^ massage|3 -3
^ meanwhile|4 -4
^ melt|4 -4
^ mix|9 -9
^ morning|4 -4
^ mushrooms|3 -3
^ mustard|4 -4
^ natural|4 -4
^ next|4 -4
^ night|1 -1
^ notes|-7 7
^ npr|5 -5
^ off|4 -4
^ oil|5 -5
^ on|5 -5
^ one|5 -5
^ onion|3 -3
^ onions|4 -4
^ open|4 -4
^ out|4 -4
^ oven|7 -7
^ pack|5 -5
^ parsley|5 -5
^ paste|4 -4
^ peas|2 -2
^ peel|5 -5
^ pepper|4 -4
^ pile|3 -3
^ place|3 -3
^ portion|5 -5
^ pot|4 -4
^ potatoes|4 -4
^ pour|7 -7
^ preheat|7 -7
^ prep|-8 8
^ preparation|-4 4
^ press|6 -6
^ pressure|4 -4
^ process|2 -2
^ prove|5 -5
^ pulse|3 -3
^ puree|5 -5
^ purée|4 -4
^ put|4 -4
^ quarter|1 -1
^ ready|-3 3
^ reduce|4 -4
^ refrigerate|1 -1
^ reheat|-5 5
^ remove|7 -7
^ rest|8 -8
^ return|4 -4
^ rice|2 -2
^ rinse|8 -8
^ rise|4 -4
^ roast|8 -8
^ roll|6 -6
^ rub|4 -4
^ salt|7 -7
^ sauce|4 -4
^ saute|3 -3
^ sauté|3 -3
^ scatter|4 -4
^ scoop|3 -3
^ score|4 -4
^ scrape|3 -3
^ season|8 -8
^ serve|3 -3
^ serves|-9 9
^ set|6 -6
^ shake|6 -6
^ shape|5 -5
^ shred|6 -6
^ simmer|5 -5
^ skim|4 -4
^ slice|10 -10
^ slide|2 -2
^ soak|2 -2
^ soften|5 -5
^ spices|4 -4
^ spinach|4 -4
^ spoon|3 -3
^ spread|7 -7
^ sprinkle|4 -4
^ squash|1 -1
^ squeeze|6 -6
^ stack|4 -4
^ stand|8 -8
^ steam|5 -5
^ stick|3 -3
^ stir|10 -10
^ stock|6 -6
^ store|-1 1
^ strain|6 -6
^ sweat|4 -4
^ take|5 -5
^ takes|-5 5
^ taste|5 -5
^ tear|3 -3
^ the|5 -5
^ then|9 -9
^ thickens|-4 4
^ thin|5 -5
^ time|-6 6
^ tip|6 -6
^ to|-7 7
^ toast|5 -5
^ tofu|4 -4
^ tomato|3 -3
^ tomatoes|4 -4
^ top|4 -4
^ toss|7 -7
^ total|-8 8
^ turn|3 -3
^ two|-2 2
^ uncover|4 -4
^ use|-4 4
^ veg|1 -1
^ vinegar|3 -3
^ wait|5 -5
^ warm|8 -8
^ wash|7 -7
^ water|3 -3
^ when|4 -4
^ while|1 -1
^ whisk|9 -9
^ whizz|4 -4
^ will|-4 4
^ wilt|3 -3
^ wine|4 -4
^ with|4 -4
^ wrap|5 -5
^ yield|-7 7
^ yields|-5 5
^ you|-1 1
^ zest|4 -4
a|-2 2
a #|1 -1
a baking|3 -3
a bay|1 -1
a big|1 -1
a blender|1 -1
a boil|2 -2
a bowl|3 -3
a clean|3 -3
a cloth|3 -3
a coarse|2 -2
a colander|2 -2
a couple|1 -1
a cup|4 -4
a day|2 -2
a deep|1 -1
a dough|1 -1
a dry|4 -4
a dutch|1 -1
a few|3 -3
a floured|-1 1
a food|1 -1
a fork|2 -2
a frying|2 -2
a further|4 -4
a good|2 -2
a greased|3 -3
a half|3 -3
a heavy|2 -2
a high|2 -2
a hot|3 -3
a kilo|2 -2
a ladleful|3 -3
a large|3 -3
a lid|3 -3
a lidded|1 -1
a lined|3 -3
a litre|1 -1
a log|2 -2
a low|3 -3
a main|-2 2
a medium|1 -1
a minute|3 -3
a pan|5 -5
a paste|2 -2
a pinch|2 -2
a plate|5 -5
a pot|-3 3
a quarter|1 -1
a rack|3 -3
a rimmed|1 -1
a rolling|2 -2
a rough|3 -3
a saucepan|1 -1
a sheet|1 -1
a side|-1 1
a sieve|3 -3
a simmer|3 -3
a skewer|2 -2
a skillet|1 -1
a small|4 -4
a soft|2 -2
a spoon|2 -2
a spoonful|2 -2
a stick|2 -2
a tablespoon|1 -1
a tea|3 -3
a teaspoon|1 -1
a thick|1 -1
a third|3 -3
a time|3 -3
a tin|-3 3
a toothpick|1 -1
a towel|3 -3
a tray|-1 1
a week|-3 3
a wet|2 -2
a wide|2 -2
a wok|2 -2
a wooden|1 -1
about|-1 1
about #|-1 1
about a|3 -3
about half|2 -2
above|-4 4
absorbed|2 -2
absorbed .|1 -1
abt|1 -1
according|3 -3
active|-5 5
active #|-4 4
add|4 -4
add #|5 -5
add a|-1 1
add all|2 -2
add barley|2 -2
add beans|2 -2
add chickpeas|3 -3
add cumin|2 -2
add everything|2 -2
add garlic|2 -2
add ginger|2 -2
add lentils|2 -2
add mustard|1 -1
add onion|3 -3
add onions|2 -2
add potatoes|2 -2
add rice|1 -1
add salt|3 -3
add the|3 -3
add tofu|2 -2
add tomatoes|1 -1
add water|-2 2
adding|4 -4
adding the|1 -1
adjust|4 -4
after|3 -3
after #|5 -5
after .|1 -1
again .|2 -2
against|4 -4
against the|4 -4
agave|2 -2
ahead|-2 2
air|-2 2
air fryer|-2 2
airtight|-5 5
ajar|3 -3
ajar ,|1 -1
al|-2 2
all|4 -4
all ,|-2 2
all .|5 -5
all but|3 -3
all in|3 -3
all over|2 -2
all the|2 -2
all together|3 -3
allergens|-4 4
allow|2 -2
allspice|2 -2
almond|1 -1
almonds|3 -3
almonds .|2 -2
almonds and|2 -2
almost|1 -1
alone|2 -2
alongside|3 -3
an|-1 1
an airtight|-2 2
an oiled|3 -3
an onion|3 -3
an ovenproof|1 -1
and|1 -1
and #|3 -3
and a|1 -1
and add|1 -1
and again|1 -1
and almonds|1 -1
and bake|4 -4
and basil|1 -1
and bay|1 -1
and beans|2 -2
and blend|1 -1
and boil|1 -1
and bring|1 -1
and broth|1 -1
and bubbling|1 -1
and carrots|3 -3
and celery|4 -4
and chill|-3 3
and chilli|2 -2
and chop|3 -3
and chopped|2 -2
and cinnamon|2 -2
and coconut|1 -1
and cook|5 -5
and cool|1 -1
and coriander|2 -2
and cover|2 -2
and crisp|3 -3
and cumin|1 -1
and curry|1 -1
and cut|1 -1
and dill|1 -1
and drain|3 -3
and drizzle|-2 2
and flour|1 -1
and fold|3 -3
and freeze|-3 3
and fry|-3 3
and garlic|2 -2
and ginger|1 -1
and golden|2 -2
and grill|1 -1
and into|1 -1
and juice|2 -2
and knead|3 -3
and leave|6 -6
and lemon|1 -1
and let|3 -3
and lime|4 -4
and line|1 -1
and mint|1 -1
and mushrooms|2 -2
and mustard|1 -1
and nutmeg|1 -1
and oil|3 -3
and onion|2 -2
and onions|2 -2
and oregano|1 -1
and paprika|2 -2
and parsley|1 -1
and pat|1 -1
and pepper|3 -3
and peppers|2 -2
and plenty|1 -1
and potatoes|1 -1
and pour|1 -1
and purée|1 -1
and rest|3 -3
and return|2 -2
and rice|-2 2
and rinse|3 -3
and roast|2 -2
and rosemary|1 -1
and sage|1 -1
and salt|1 -1
and scatter|1 -1
and season|2 -2
and seeds|2 -2
and serve|4 -4
and sesame|1 -1
and set|2 -2
and simmer|4 -4
and slice|1 -1
and soak|4 -4
and some|-1 1
and soy|2 -2
and spices|2 -2
and spinach|2 -2
and spread|3 -3
and squeeze|2 -2
and stir|2 -2
and stock|2 -2
and sugar|1 -1
and the|6 -6
and then|3 -3
and thyme|2 -2
and tomato|1 -1
and tomatoes|2 -2
and top|2 -2
and toss|3 -3
and transfer|3 -3
and turmeric|1 -1
and vinegar|3 -3
and walnuts|1 -1
and water|3 -3
and yeast|2 -2
another|1 -1
another #|1 -1
another minute|1 -1
any|4 -4
apart|2 -2
apart .|2 -2
apple|-1 1
apples|3 -3
apples ,|1 -1
approx|-3 3
approx #|-2 2
apricots|2 -2
are|1 -1
are soft|1 -1
are tender|1 -1
around|-1 1
arrange|3 -3
arugula|2 -2
as|-4 4
as a|-3 3
as it|-4 4
as they|4 -4
as you|4 -4
aside|5 -5
aside .|5 -5
asked|-3 3
assemble|3 -3
at|2 -2
at a|5 -5
at high|2 -2
at least|6 -6
at once|4 -4
at room|-3 3
at the|5 -5
aubergine|2 -2
aubergine ,|2 -2
aubergine and|1 -1
aubergine with|1 -1
aubergines|4 -4
aubergines ,|2 -2
aubergines with|1 -1
avocado|3 -3
away .|3 -3
b|1 -1
back|3 -3
back ,|2 -2
back .|4 -4
back in|2 -2
back to|2 -2
bag|-1 1
bag .|-1 1
bags|1 -1
bake at|8 -8
bake for|5 -5
bake from|-5 5
bake in|2 -2
bake on|3 -3
baking|-2 2
baking dish|3 -3
baking powder|2 -2
baking sheet|2 -2
baking tray|1 -1
ball|1 -1
balls|3 -3
balls ,|2 -2
balls .|2 -2
balsamic|3 -3
bananas|3 -3
bar|2 -2
barley|6 -6
barley ,|2 -2
barley in|4 -4
base|2 -2
basil|5 -5
basil .|4 -4
batch|-2 2
batches ,|3 -3
bath|4 -4
batter|3 -3
batter ,|1 -1
batter .|-2 2
bay|5 -5
bay ,|2 -2
bay .|6 -6
bay and|1 -1
bay leaf|1 -1
bay leaves|2 -2
be made|-1 1
bean|3 -3
beans|8 -8
beans #|3 -3
beans ,|3 -3
beans .|6 -6
beans and|2 -2
beans hard|1 -1
beans in|2 -2
beans overnight|4 -4
beans with|2 -2
beat|2 -2
beat in|3 -3
beetroot|1 -1
beets|3 -3
before|2 -2
before ,|4 -4
before .|-2 2
before cutting|3 -3
before eating|2 -2
before serving|4 -4
before slicing|2 -2
before you|4 -4
below|-2 2
berries|4 -4
best|3 -3
better|-1 1
better the|-4 4
between|5 -5
between #|3 -3
between two|2 -2
bicarb|3 -3
bicarb .|2 -2
big|3 -3
big bowl|1 -1
big pan|2 -2
biggest|1 -1
bit .|4 -4
bit of|-2 2
bite|1 -1
bits|1 -1
bits .|2 -2
bitterness|2 -2
black|4 -4
black beans|3 -3
black salt|2 -2
blanch|4 -4
blanch the|1 -1
blend|6 -6
blend #|5 -5
blend .|6 -6
blend a|1 -1
blend all|1 -1
blend everything|2 -2
blend half|4 -4
blend smooth|2 -2
blend the|2 -2
blend until|1 -1
blend with|1 -1
blender ,|3 -3
blender .|6 -6
blitz|6 -6
blitz the|3 -3
blitz with|2 -2
block|2 -2
blocks|3 -3
blue|-2 2
board|2 -2
boil|9 -9
boil #|5 -5
boil ,|2 -2
boil .|3 -3
boil ;|1 -1
boil and|1 -1
boil for|2 -2
boil hard|3 -3
boil in|3 -3
boil noodles|2 -2
boil potatoes|2 -2
boil the|3 -3
boil them|2 -2
boil up|1 -1
boil with|1 -1
boiled|2 -2
boiled water|2 -2
boiling|5 -5
boiling ,|1 -1
boiling salted|1 -1
boiling water|4 -4
bonnet|2 -2
both|2 -2
bottle|6 -6
bottles|-2 2
bottom|4 -4
bottom .|2 -2
bottom heat|2 -2
bowl|5 -5
bowl ,|1 -1
bowl .|3 -3
bowl and|1 -1
bowls|1 -1
bowls ,|4 -4
bowls .|-1 1
box|3 -3
box ,|1 -1
box .|-1 1
boxes|-1 1
braise|2 -2
bread|3 -3
bread ,|1 -1
bread .|2 -2
breadcrumbs|2 -2
break|4 -4
break up|3 -3
brilliantly|-1 1
brine|5 -5
brine ,|1 -1
brine .|2 -2
bring|6 -6
bring back|2 -2
bring slowly|2 -2
bring the|3 -3
bring to|4 -4
bring together|1 -1
bring up|3 -3
broccoli|4 -4
broil|1 -1
broth|4 -4
broth ,|1 -1
broth .|4 -4
brown|5 -5
brown ,|3 -3
brown .|3 -3
brown the|2 -2
browned|3 -3
browned .|1 -1
browning|2 -2
brush|6 -6
brush the|1 -1
brush w|2 -2
brush with|5 -5
bubble|5 -5
bubble #|2 -2
bubble for|3 -3
bubbling|3 -3
bubbling .|2 -2
buckwheat|1 -1
build|3 -3
bulgur|3 -3
bulgur ,|2 -2
bunch|2 -2
bunch of|1 -1
buns|2 -2
buns .|2 -2
burns|1 -1
but|1 -1
but not|2 -2
but the|3 -3
butter|5 -5
butter ,|2 -2
butter .|2 -2
butter in|2 -2
butter with|2 -2
by #|3 -3
by half|3 -3
by hand|2 -2
by itself|2 -2
c|2 -2
c #|5 -5
c (|3 -3
c .|4 -4
c and|2 -2
c fan|4 -4
c gas|-1 1
c with|1 -1
c within|-2 2
ca|-2 2
cabbage|5 -5
cabbage ,|4 -4
cabbage and|1 -1
cake|2 -2
calories|-3 3
can|1 -1
cancel|4 -4
cancel .|4 -4
cannellini|2 -2
cans|3 -3
capers|2 -2
capers ,|1 -1
caraway|3 -3
card|-5 5
cardamom|2 -2
careful|1 -1
carrot|4 -4
carrot ,|1 -1
carrot and|3 -3
carrots|2 -2
carrots ,|-1 1
carrots and|3 -3
carrots in|3 -3
carrots with|2 -2
cashews|5 -5
cashews in|2 -2
casserole|4 -4
casserole ,|1 -1
cast|1 -1
cast iron|1 -1
catch|1 -1
catch .|1 -1
catches|2 -2
cauli|3 -3
cauliflower|3 -3
cauliflower ,|1 -1
cavolo|1 -1
cayenne|2 -2
ccp|3 -3
celeriac|2 -2
celery|-4 4
celery ,|1 -1
celery and|3 -3
celery in|2 -2
char|2 -2
chard|2 -2
charred|2 -2
check|1 -1
cheese|-1 1
chestnuts|4 -4
chestnuts ,|2 -2
chia|1 -1
chickpea|-2 2
chickpeas|6 -6
chickpeas #|3 -3
chickpeas ,|2 -2
chickpeas .|1 -1
chickpeas and|3 -3
chickpeas in|4 -4
chickpeas with|3 -3
chiles|2 -2
chili|1 -1
chili powder|1 -1
chill|2 -2
chill #|1 -1
chill for|5 -5
chill to|-2 2
chilled|-1 1
chilli|5 -5
chilli #|3 -3
chilli ,|2 -2
chilli .|1 -1
chilli and|2 -2
chilli flakes|2 -2
chillies|2 -2
chillies ,|1 -1
chilling|-4 4
chipotle|4 -4
chips|4 -4
chips .|4 -4
chives|5 -5
chives .|5 -5
chocolate|2 -2
choi|2 -2
chop|6 -6
chop .|3 -3
chop onions|2 -2
chop the|2 -2
chopped|3 -3
chopped ,|2 -2
chopped onion|2 -2
chuck|3 -3
chunks|3 -3
chunks ,|2 -2
chunks .|3 -3
chunky|2 -2
chunky .|2 -2
chutney|3 -3
cider|2 -2
cilantro|4 -4
cilantro .|4 -4
cinnamon|3 -3
cinnamon ,|3 -3
cinnamon .|3 -3
cinnamon and|1 -1
clean|4 -4
clean .|2 -2
clear|4 -4
clear .|3 -3
cling|2 -2
close|6 -6
close ,|2 -2
close .|4 -4
closed|1 -1
cloth|7 -7
cloth ,|3 -3
cloth .|5 -5
clove|1 -1
cloves|3 -3
clumps|1 -1
cm|7 -7
cm ,|4 -4
cm .|3 -3
cm cubes|1 -1
cm dish|2 -2
cm pieces|1 -1
cm square|2 -2
cm thick|1 -1
cm tin|4 -4
coarse|3 -3
coarsely|4 -4
coat|3 -3
cobs|3 -3
cocoa|1 -1
coconut|5 -5
coconut cream|2 -2
coconut milk|4 -4
coconut oil|1 -1
coffee|1 -1
colander|2 -2
colander for|1 -1
cold|2 -2
cold ,|3 -3
cold .|1 -1
cold water|4 -4
collapsed|1 -1
collapsing|2 -2
colour|1 -1
colour .|1 -1
colouring|1 -1
combine|6 -6
combine ,|3 -3
combine .|1 -1
combine all|3 -3
combine everything|1 -1
combine the|2 -2
combine with|2 -2
combined|1 -1
come|3 -3
come down|2 -2
comes|2 -2
comes out|1 -1
completely|2 -2
completely ,|1 -1
completely before|2 -2
completely on|2 -2
container|-2 2
cook|-1 1
cook #|-8 8
cook ,|3 -3
cook at|3 -3
cook for|6 -6
cook gently|1 -1
cook in|4 -4
cook on|4 -4
cook onion|5 -5
cook over|2 -2
cook the|6 -6
cook till|4 -4
cook time|-4 4
cook uncovered|2 -2
cook until|1 -1
cooked|-5 5
cooker|1 -1
cooker .|2 -2
cooker with|2 -2
cooking|-4 4
cooking #|-5 5
cooking time|-1 1
cooking water|1 -1
cooks|-3 3
cool|5 -5
cool #|1 -1
cool .|8 -8
cool completely|2 -2
cool for|5 -5
cool in|5 -5
cool on|7 -7
cool quickly|3 -3
cool to|4 -4
core|6 -6
core #|4 -4
core and|1 -1
coriander|5 -5
coriander ,|2 -2
coriander .|5 -5
coriander and|2 -2
corn|3 -3
corn and|1 -1
cornflour|3 -3
cornstarch|1 -1
counter|3 -3
couple|2 -2
couple of|2 -2
courgette|-2 2
courgettes|3 -3
courgettes ,|2 -2
courgettes and|1 -1
course|-2 2
couscous|2 -2
cover|3 -3
cover ,|6 -6
cover .|6 -6
cover and|-1 1
cover by|2 -2
cover the|1 -1
cover tightly|4 -4
cover with|4 -4
covered|-1 1
covered #|4 -4
covered ,|-3 3
covered .|3 -3
covered for|5 -5
crackle|1 -1
cranberries|3 -3
cream|6 -6
cream ,|2 -2
cream .|4 -4
cream and|2 -2
creamy|-1 1
creamy .|3 -3
crimp|1 -1
crisp|-2 2
crisp ,|1 -1
crisp .|3 -3
cross|1 -1
croutons|1 -1
crumble|2 -2
crumble the|2 -2
crumble tofu|1 -1
crumbs|3 -3
crumbs .|4 -4
crumbs and|1 -1
crush|3 -3
crust|2 -2
cube|3 -3
cube the|2 -2
cubes|1 -1
cubes ,|1 -1
cubes .|4 -4
cucumber|3 -3
cucumber ,|1 -1
cucumbers|1 -1
cumin|3 -3
cumin #|1 -1
cumin ,|4 -4
cumin and|1 -1
cumin seeds|1 -1
cup|5 -5
cup of|4 -4
cup water|1 -1
cups .|-1 1
cups of|3 -3
cups water|2 -2
currants|1 -1
curry leaves|2 -2
curry paste|2 -2
cut|10 -10
cut #|2 -2
cut a|2 -2
cut each|3 -3
cut everything|2 -2
cut in|4 -4
cut into|3 -3
cut side|3 -3
cut the|3 -3
cutting|3 -3
cutting .|3 -3
d|-3 3
d .|1 -1
daikon|2 -2
daily|4 -4
dal|2 -2
dal .|4 -4
damp|-1 1
dark|2 -2
date|3 -3
dates|3 -3
day #|-1 1
day .|1 -1
day before|3 -3
day drain|3 -3
days|-4 4
days ,|3 -3
days .|-1 1
days fridge|-2 2
days in|-5 5
days or|1 -1
dear|-4 4
deep|3 -3
deep golden|1 -1
defrost|-4 4
deglaze|4 -4
degrees|4 -4
dente|2 -2
depending|2 -2
deseed|2 -2
dice|5 -5
dice the|2 -2
diced|3 -3
dill|3 -3
dill ,|1 -1
dill .|3 -3
dimple|1 -1
dip|-1 1
discard|5 -5
discard the|3 -3
dish|5 -5
dish ,|3 -3
dish .|4 -4
dishes|2 -2
dissolve|4 -4
dissolved|1 -1
divide|7 -7
divide between|2 -2
divide into|1 -1
do not|-1 1
do the|3 -3
does|-3 3
does #|-5 5
doesn|1 -1
doesn t|1 -1
don|1 -1
don t|1 -1
done|4 -4
door|4 -4
door ajar|1 -1
dot|4 -4
dot with|4 -4
doubled|3 -3
doubled .|4 -4
dough|1 -1
dough #|3 -3
dough ,|1 -1
dough .|4 -4
down|3 -3
down #|3 -3
down ,|2 -2
down .|4 -4
down and|1 -1
down on|3 -3
down to|1 -1
down with|-1 1
drain|11 -11
drain #|3 -3
drain ,|3 -3
drain .|7 -7
drain and|4 -4
drain beans|2 -2
drain on|2 -2
drain rinse|2 -2
drain the|3 -3
drain well|4 -4
drained|3 -3
drained beans|1 -1
dress|7 -7
dressing|7 -7
dressing .|4 -4
dressing in|4 -4
dressing ingredients|2 -2
dried|2 -2
drink|5 -5
drizzle over|3 -3
drizzle with|3 -3
drop|3 -3
dry|7 -7
dry #|2 -2
dry ,|4 -4
dry .|6 -6
dry for|2 -2
dry in|1 -1
dry ingredients|2 -2
dry pan|1 -1
dumplings|3 -3
dust|3 -3
dutch|1 -1
dutch oven|1 -1
each|2 -2
each ,|1 -1
each .|1 -1
each in|3 -3
each of|1 -1
each side|4 -4
easy|-5 5
eat|-1 1
eating|3 -3
eating .|3 -3
edamame|6 -6
edges|4 -4
edges .|3 -3
eggplants|3 -3
eight|2 -2
el|1 -1
else|2 -2
else .|1 -1
else in|1 -1
end|4 -4
end ,|1 -1
end .|4 -4
ends|-2 2
enough|-3 3
enough for|-4 4
enough to|-1 1
evaporated|1 -1
even|-1 1
evening|-4 4
evening before|-1 1
every|5 -5
every #|2 -2
everything|8 -8
everything ,|1 -1
everything .|4 -4
everything but|2 -2
everything else|2 -2
everything except|3 -3
everything for|3 -3
everything in|3 -3
everything through|2 -2
everything together|2 -2
everything with|1 -1
except|3 -3
except the|2 -2
excess|2 -2
extract|1 -1
extract ,|1 -1
f|3 -3
f (|2 -2
f .|6 -6
f for|4 -4
falafel|-1 1
fall|1 -1
falls|1 -1
fan|9 -9
fan #|4 -4
fan ,|3 -3
fan .|5 -5
fan for|3 -3
fan gas|2 -2
farro|2 -2
fast|2 -2
feeds|-5 5
feeds #|-6 6
fennel|5 -5
few|3 -3
fill|5 -5
fill #|3 -3
fill ,|3 -3
fill .|5 -5
fill the|2 -2
filling|4 -4
filling ,|2 -2
filling in|2 -2
fills|-5 5
filter|1 -1
final|-1 1
final #|4 -4
fine|-1 1
fine .|3 -3
finely|3 -3
fingers|3 -3
finish|4 -4
finish with|3 -3
finishing|2 -2
finishing with|1 -1
firm|1 -1
firm tofu|3 -3
firmly|2 -2
first|1 -1
fish|3 -3
fish out|3 -3
five|4 -4
five minutes|3 -3
flaked|2 -2
flakes|2 -2
flakes .|2 -2
flaky|1 -1
flaky salt|1 -1
flame|4 -4
flame #|1 -1
flame ,|4 -4
flame .|2 -2
flameproof|1 -1
flat|1 -1
flat .|4 -4
flatbread|-1 1
flatbreads|4 -4
flatten|3 -3
flax|4 -4
flesh|2 -2
flip|-1 1
flipping|2 -2
florets|2 -2
florets ,|2 -2
flour|1 -1
flour ,|4 -4
flour and|3 -3
flour in|2 -2
flour with|1 -1
fluff|6 -6
fluff .|5 -5
foam|3 -3
foam .|3 -3
foil|3 -3
foil ,|1 -1
foil .|4 -4
foil and|2 -2
fold|6 -6
fold ,|3 -3
fold .|3 -3
fold in|4 -4
fold through|1 -1
food|3 -3
food processor|3 -3
for|-1 1
for #|2 -2
for a|-3 3
for about|4 -4
for an|1 -1
for another|3 -3
for at|2 -2
for five|4 -4
for ten|1 -1
for the|-3 3
for up|-2 2
fork|5 -5
fork .|4 -4
form|5 -5
form #|4 -4
forty|3 -3
four|2 -2
fragrant|2 -2
fragrant .|1 -1
freekeh|1 -1
freeze|1 -1
freeze .|2 -2
freeze flat|4 -4
freeze for|2 -2
freeze in|2 -2
freeze on|-1 1
freezer|-3 3
freezer #|-3 3
freezer .|1 -1
freezes|-6 6
freezes .|-4 4
freezes for|1 -1
freezes well|-3 3
fresh|3 -3
fresh water|3 -3
friday|-1 1
fridge|-1 1
fridge #|-1 1
fridge ,|-5 5
fridge .|2 -2
fridge overnight|3 -3
fried|3 -3
from|-6 6
from frozen|-4 4
from heat|2 -2
from my|-3 3
from the|-4 4
from time|2 -2
fronds|1 -1
frozen|-4 4
frozen #|-3 3
frozen .|-1 1
fruit|2 -2
fruit .|1 -1
fry|2 -2
fry #|6 -6
fry for|4 -4
fry in|-1 1
fry onion|3 -3
fry onions|2 -2
fry the|2 -2
fryer|-2 2
frying|2 -2
frying pan|3 -3
full|3 -3
fully|2 -2
further|5 -5
further #|4 -4
g|2 -2
g ,|3 -3
g .|2 -2
g bags|1 -1
g dried|4 -4
g dry|-2 2
g each|1 -1
g of|4 -4
g rice|4 -4
g water|4 -4
garam|3 -3
garam masala|3 -3
garlic|9 -9
garlic #|4 -4
garlic ,|5 -5
garlic .|3 -3
garlic ;|1 -1
garlic and|1 -1
garlic cloves|3 -3
garlic for|1 -1
garlic in|2 -2
garlic is|1 -1
garlic out|2 -2
garlic paste|2 -2
garlic powder|1 -1
garlic spices|1 -1
garnish|5 -5
gas|4 -4
gas #|3 -3
gas mark|2 -2
generously|2 -2
gentle|2 -2
gently #|3 -3
gently ,|2 -2
gently for|3 -3
gently fry|4 -4
gently in|3 -3
get|5 -5
gets|2 -2
gherkins|3 -3
ginger|4 -4
ginger ,|1 -1
ginger .|3 -3
ginger and|2 -2
ginger garlic|3 -3
give|2 -2
give it|1 -1
gives|-6 6
giving|2 -2
glass|2 -2
glaze|5 -5
glossy|2 -2
gloves|1 -1
gnocchi|1 -1
go|4 -4
go in|1 -1
gochugaru|2 -2
gochujang|2 -2
gochujang ,|2 -2
goes|2 -2
goes in|3 -3
gold|3 -3
golden|5 -5
golden ,|2 -2
golden .|4 -4
golden and|2 -2
gone|1 -1
good|-3 3
good for|2 -2
good pinch|1 -1
gradually|3 -3
grate|3 -3
grated|2 -2
grating|2 -2
gravy|2 -2
grease|5 -5
greased|2 -2
greased #|2 -2
green|2 -2
greens|4 -4
greens ,|2 -2
griddle|4 -4
grill|5 -5
grill for|3 -3
grind|4 -4
grind with|1 -1
ground|2 -2
ground spices|2 -2
h|2 -2
h #|-1 1
h ,|1 -1
h .|6 -6
half|3 -3
half ,|2 -2
half .|6 -6
half a|-2 2
half an|1 -1
half covered|3 -3
half of|4 -4
half on|2 -2
half the|2 -2
half with|3 -3
halfway|6 -6
halfway .|5 -5
halfway through|2 -2
halve|4 -4
halve the|2 -2
halved|3 -3
halved ,|1 -1
hand|3 -3
hand .|1 -1
handful|3 -3
handle|3 -3
hands|-4 4
hands ,|2 -2
hands .|2 -2
hands on|-5 5
hard|5 -5
hard #|2 -2
hard for|3 -3
hard in|1 -1
hard into|1 -1
harissa|2 -2
has|2 -2
has gone|1 -1
have|3 -3
head|2 -2
headspace|3 -3
heaped|4 -4
heat|8 -8
heat #|2 -2
heat ,|2 -2
heat .|5 -5
heat a|2 -2
heat and|2 -2
heat for|3 -3
heat half|1 -1
heat oil|2 -2
heat oven|5 -5
heat the|2 -2
heat through|3 -3
heat to|1 -1
heavy|4 -4
heavy pan|2 -2
heavy pot|1 -1
herbs ,|4 -4
herbs .|-1 1
here|-4 4
here s|-4 4
hey|-3 3
hi|-5 5
high|2 -2
high #|5 -5
high ,|3 -3
high .|3 -3
high heat|4 -4
high pressure|5 -5
hing|1 -1
hold|-7 7
hold #|-5 5
holds|-2 2
hot|-1 1
hot ,|-1 1
hot .|5 -5
hot into|3 -3
hot oil|1 -1
hot pan|2 -2
hot sauce|5 -5
hot stock|2 -2
hour #|-3 3
hour .|2 -2
hour and|-2 2
hour before|3 -3
hour or|2 -2
hours ,|1 -1
hours .|3 -3
hours before|2 -2
hours until|2 -2
how|2 -2
hp|5 -5
hr|-1 1
hr #|-4 4
hr .|4 -4
hrs|1 -1
hrs ,|1 -1
hungry|-1 1
i|-1 1
i do|2 -2
ice|2 -2
ice bath|4 -4
ice water|1 -1
iced|-2 2
if|4 -4
if it|4 -4
if needed|-1 1
if you|3 -3
in|4 -4
in ,|8 -8
in .|8 -8
in ;|1 -1
in a|1 -1
in all|2 -2
in an|-1 1
in big|2 -2
in boiling|2 -2
in chunks|2 -2
in cold|3 -3
in everything|2 -2
in flour|2 -2
in foil|3 -3
in for|6 -6
in fresh|3 -3
in fridge|1 -1
in half|-2 2
in hot|3 -3
in it|3 -3
in its|1 -1
in just|2 -2
in lots|1 -1
in milk|1 -1
in oil|5 -5
in pan|5 -5
in plenty|3 -3
in salt|1 -1
in salted|4 -4
in sesame|3 -3
in spinach|2 -2
in spots|1 -1
in their|-2 2
in thin|3 -3
in tin|2 -2
in vinegar|1 -1
in water|4 -4
in with|4 -4
in your|1 -1
inch|1 -1
inches|3 -3
incl|-1 1
ingredients|3 -3
ingredients and|2 -2
ingredients in|3 -3
ingredients until|1 -1
inside|3 -3
into|6 -6
into #|4 -4
into a|2 -2
into an|2 -2
into dry|2 -2
into flour|1 -1
into the|5 -5
iron|1 -1
is|-2 2
ish|2 -2
it|4 -4
it #|2 -2
it ,|2 -2
it a|2 -2
it all|3 -3
it bubble|2 -2
it come|2 -2
it cool|1 -1
it cools|-3 3
it doesn|1 -1
it for|2 -2
it gets|1 -1
it goes|4 -4
it in|1 -1
it is|-1 1
it looks|1 -1
it over|1 -1
it rest|1 -1
it s|-2 2
it should|3 -3
it sit|3 -3
it smells|2 -2
it stand|1 -1
it thickens|-2 2
it to|2 -2
it up|1 -1
it will|2 -2
it with|3 -3
its|2 -2
its skins|1 -1
itself|2 -2
itself .|2 -2
jaggery|3 -3
jalapeños|2 -2
jammy|1 -1
jar ,|-1 1
jar .|2 -2
jars|1 -1
jars ,|2 -2
jars of|1 -1
jug|1 -1
juice|5 -5
juice ,|2 -2
juice .|2 -2
juice and|3 -3
juice of|2 -2
juice to|2 -2
juices|3 -3
just|-1 1
just before|2 -2
just tender|1 -1
kala|1 -1
kala namak|1 -1
kale|5 -5
kale and|2 -2
kcal|-4 4
keep|-1 1
keep #|1 -1
keep for|-3 3
keep in|-2 2
keep the|4 -4
keep warm|5 -5
keeping|1 -1
keeps|-7 7
keeps #|-4 4
keeps a|-4 4
keeps for|1 -1
kernels|3 -3
kg|1 -1
kg #|-3 3
kg .|3 -3
kg cooked|-2 2
kidney|4 -4
kilo|2 -2
kimchi|3 -3
kitchen|-4 4
kitchen paper|2 -2
knead|7 -7
knead #|5 -5
knead for|2 -2
knife|2 -2
knock|3 -3
kombu|3 -3
kombu in|3 -3
l|4 -4
l jar|2 -2
l water|4 -4
label|5 -5
label ,|1 -1
ladle|5 -5
ladleful|-2 2
large|3 -3
large baking|1 -1
large bowl|1 -1
large pan|1 -1
large pot|2 -2
large saucepan|1 -1
last|7 -7
last #|5 -5
last .|4 -4
lasts|-5 5
lay|1 -1
lay the|1 -1
layer|6 -6
layer in|4 -4
lb|1 -1
lb loaf|2 -2
leaf|4 -4
leaf ,|1 -1
leaf .|3 -3
leaf and|1 -1
least|6 -6
least #|6 -6
leave|9 -9
leave #|6 -6
leave at|3 -3
leave for|3 -3
leave in|3 -3
leave it|3 -3
leave on|3 -3
leave to|3 -3
leaves|5 -5
leaves ,|2 -2
leaves .|3 -3
leaves and|2 -2
leaving|2 -2
leek|-2 2
leek and|2 -2
leek in|3 -3
leeks|2 -2
leeks ,|2 -2
leeks and|1 -1
leeks in|3 -3
left|4 -4
left .|1 -1
leftovers|-5 5
lemon|7 -7
lemon ,|3 -3
lemon .|4 -4
lemon and|2 -2
lemon juice|2 -2
lemon zest|1 -1
lemons|2 -2
lemons ,|1 -1
lengths|1 -1
lengthways|2 -2
lentils|2 -2
lentils #|4 -4
lentils ,|4 -4
lentils .|4 -4
lentils and|1 -1
lentils have|1 -1
lentils in|3 -3
let|5 -5
let cool|3 -3
let it|5 -5
let rise|2 -2
let sit|3 -3
let stand|2 -2
let the|5 -5
let them|1 -1
level|-2 2
lid|8 -8
lid ,|3 -3
lid .|4 -4
lid ajar|2 -2
lid half|2 -2
lid off|2 -2
lid on|4 -4
lidded|1 -1
lids|4 -4
life|-3 3
lift|3 -3
lift out|2 -2
lightly|2 -2
lightly .|1 -1
like|2 -2
like coarse|1 -1
like it|1 -1
lime|7 -7
lime ,|2 -2
lime .|4 -4
lime and|2 -2
lime juice|2 -2
line|6 -6
line a|4 -4
lined|7 -7
lined #|3 -3
lined tray|1 -1
liquid|-1 1
liquid ,|1 -1
liquid .|-2 2
liquor|3 -3
liquor .|3 -3
litre|-1 1
litre dish|3 -3
litre of|2 -2
litres|-2 2
litres of|1 -1
little|1 -1
little .|5 -5
little oil|3 -3
ll|3 -3
loaf|1 -1
loaf tin|3 -3
lock|4 -4
lock lid|3 -3
log|2 -2
log ,|2 -2
logs|2 -2
long|1 -1
longer|-3 3
looks|1 -1
looks like|1 -1
loosen|-2 2
loosen with|-2 2
loosening|2 -2
lot|-1 1
lots|4 -4
lots of|2 -2
love|-3 3
low|-1 1
low #|-1 1
low ,|2 -2
low .|4 -4
low flame|1 -1
low for|1 -1
low heat|4 -4
low oven|3 -3
lower|4 -4
lower the|2 -2
lowest|4 -4
lowest flame|2 -2
lowest heat|2 -2
lukewarm|1 -1
lumps|2 -2
lunch|-4 4
lunches|3 -3
m|-4 4
machine|5 -5
made|-3 3
main|-2 2
make|1 -1
make a|1 -1
makes|-8 8
makes #|-6 6
makes about|-4 4
mandoline|3 -3
manual|5 -5
maple|3 -3
maple ,|2 -2
maple syrup|1 -1
marg|4 -4
margarine|5 -5
margarine ,|3 -3
marge|4 -4
marinate|4 -4
mark|3 -3
mark #|2 -2
masala|3 -3
masala ,|1 -1
mash|4 -4
mash ,|1 -1
mash .|5 -5
mash a|6 -6
mash and|3 -3
mash roughly|3 -3
mash the|2 -2
mash with|5 -5
mashing|1 -1
massage|2 -2
massage with|2 -2
max|-2 2
max #|-3 3
maybe|-1 1
mayo|3 -3
meal|1 -1
meanwhile|4 -4
meanwhile ,|2 -2
measured|1 -1
med|3 -3
medium|1 -1
medium ,|1 -1
medium .|4 -4
medium heat|1 -1
medium high|1 -1
medium low|1 -1
melt|4 -4
melt butter|2 -2
melt margarine|3 -3
melt the|1 -1
melted|1 -1
microwave|-1 1
middle|3 -3
milk|-2 2
milk and|3 -3
milk to|2 -2
min|1 -1
min #|1 -1
min (|3 -3
min ,|3 -3
min .|10 -10
min ;|1 -1
min a|2 -2
min at|-2 2
min before|1 -1
min cook|-2 2
min each|3 -3
min high|4 -4
min in|-1 1
min lid|1 -1
min more|5 -5
min on|3 -3
min or|3 -3
min per|3 -3
min rest|1 -1
min simmer|4 -4
min so|3 -3
min stirring|2 -2
min till|4 -4
min to|2 -2
min under|1 -1
min until|4 -4
min with|4 -4
min without|2 -2
mince|2 -2
mins|-1 1
mins .|9 -9
mins before|4 -4
mins each|3 -3
mins more|3 -3
mins on|3 -3
mins or|2 -2
mins till|3 -3
mins to|-1 1
mins until|4 -4
mint|6 -6
mint ,|2 -2
mint .|3 -3
minute|5 -5
minute .|4 -4
minute more|1 -1
minutes ,|3 -3
minutes .|5 -5
minutes ;|5 -5
minutes and|-1 1
minutes at|1 -1
minutes before|5 -5
minutes each|2 -2
minutes longer|2 -2
minutes more|4 -4
minutes on|4 -4
minutes or|3 -3
minutes till|1 -1
minutes to|3 -3
minutes until|5 -5
minutes with|3 -3
mirin|1 -1
miso|2 -2
miso ,|1 -1
mix|10 -10
mix #|4 -4
mix ,|2 -2
mix .|4 -4
mix all|4 -4
mix dry|3 -3
mix everything|2 -2
mix flax|1 -1
mix in|3 -3
mix the|5 -5
mix to|2 -2
mix wet|2 -2
mix with|4 -4
mixed|1 -1
mixer|3 -3
mixer .|3 -3
mixture|2 -2
ml ,|4 -4
ml .|3 -3
ml boiling|1 -1
ml jar|-2 2
ml oat|5 -5
ml of|5 -5
ml oil|3 -3
ml olive|2 -2
ml tubs|-1 1
ml water|-1 1
mm|5 -5
mm .|3 -3
mo|-1 1
mode|2 -2
molasses|1 -1
months in|2 -2
more|6 -6
more ,|1 -1
more .|8 -8
more often|1 -1
more oil|3 -3
more until|1 -1
morning|1 -1
morning drain|2 -2
most|-1 1
most of|-1 1
mostly|-2 2
much|2 -2
muffin|3 -3
mug|3 -3
mugful|2 -2
mung|3 -3
mushrooms|5 -5
mushrooms ,|3 -3
mushrooms and|1 -1
mushrooms in|3 -3
mushy|1 -1
muslin|2 -2
must|3 -3
mustard ,|2 -2
mustard .|4 -4
mustard and|2 -2
mustard seeds|1 -1
my|-4 4
namak|1 -1
natural|3 -3
natural release|3 -3
naturally|3 -3
naturally for|3 -3
nearly|2 -2
needed|1 -1
needed .|-2 2
needs|-2 2
nero|1 -1
next|-2 2
next day|-2 2
next morning|-1 1
night|-1 1
night before|-1 1
no|1 -1
no dry|1 -1
non|1 -1
non stick|1 -1
nooch|4 -4
noodle|-1 1
noodles|-2 2
noodles #|2 -2
noodles ,|2 -2
nori|3 -3
normal|-2 2
not|2 -2
not too|3 -3
notebook|-4 4
notes|-7 7
notes hands|-2 2
now|3 -3
now and|3 -3
npr|5 -5
npr #|5 -5
nr|4 -4
nutmeg|5 -5
nutmeg ,|1 -1
nutmeg .|4 -4
nutritional|1 -1
nutritional yeast|1 -1
nuts|5 -5
nuts ,|1 -1
nuts .|3 -3
nuts and|2 -2
oat|2 -2
oat milk|1 -1
oats|3 -3
oats ,|2 -2
oats and|1 -1
occasionally|2 -2
occasionally .|1 -1
of|-1 1
of an|2 -2
of boiling|2 -2
of celery|1 -1
of cold|1 -1
of it|1 -1
of lemon|1 -1
of pepper|1 -1
of salt|2 -2
of salted|2 -2
of stock|4 -4
of sugar|1 -1
of their|2 -2
off|8 -8
off ,|2 -2
off .|3 -3
off and|1 -1
off heat|3 -3
off the|5 -5
often|5 -5
often ,|2 -2
often .|4 -4
often so|1 -1
often towards|1 -1
oil|5 -5
oil #|4 -4
oil (|1 -1
oil .|4 -4
oil ;|1 -1
oil a|4 -4
oil and|1 -1
oil at|2 -2
oil for|3 -3
oil in|8 -8
oil into|1 -1
oil on|4 -4
oil over|2 -2
oil salt|1 -1
oil till|1 -1
oil to|1 -1
oil until|1 -1
oil with|1 -1
oiled|4 -4
oiled #|3 -3
ok|1 -1
ok .|-1 1
olive|3 -3
olive oil|3 -3
olives|3 -3
on|1 -1
on #|-4 4
on ,|3 -3
on .|6 -6
on a|-2 2
on and|3 -3
on for|2 -2
on high|-1 1
on kitchen|2 -2
on medium|2 -2
on paper|2 -2
on the|1 -1
on time|-2 2
on top|6 -6
on trays|2 -2
on two|3 -3
once ,|2 -2
once .|2 -2
one|-2 2
ones|2 -2
onion|4 -4
onion #|5 -5
onion (|2 -2
onion ,|3 -3
onion .|4 -4
onion and|5 -5
onion for|4 -4
onion in|3 -3
onion pepper|1 -1
onion until|2 -2
onions|4 -4
onions ,|4 -4
onions .|-1 1
onions and|1 -1
onions in|4 -4
only|-2 2
onto|5 -5
onto a|3 -3
open|-1 1
open ,|-1 1
open freeze|-3 3
opening|3 -3
or|-4 4
or #|-3 3
or blast|-2 2
or freeze|-1 1
or it|3 -3
or until|4 -4
or up|4 -4
orange|4 -4
oregano|2 -2
oregano ,|1 -1
oregano .|1 -1
oregano and|1 -1
orzo|2 -2
other|4 -4
other half|1 -1
out|8 -8
out ,|2 -2
out .|6 -6
out and|1 -1
out clean|1 -1
out of|5 -5
out on|3 -3
out the|4 -4
out to|1 -1
ovals|1 -1
oven|4 -4
oven #|3 -3
oven (|2 -2
oven ,|4 -4
oven at|3 -3
oven for|4 -4
oven to|8 -8
ovenproof|2 -2
ovenproof dish|2 -2
over|8 -8
over #|1 -1
over ,|4 -4
over .|6 -6
over a|2 -2
over low|2 -2
over medium|3 -3
over rice|2 -2
over the|3 -3
overmix|5 -5
overnight|-2 2
overnight ,|-2 2
overnight .|1 -1
overnight in|-1 1
own|2 -2
oz|2 -2
p|-4 4
p .|-3 3
pack|7 -7
pack in|3 -3
pack into|2 -2
packet|-2 2
pak|2 -2
pak choi|2 -2
pan|3 -3
pan #|1 -1
pan ,|3 -3
pan .|5 -5
pan and|1 -1
pan for|1 -1
pan of|2 -2
pan until|1 -1
pan with|3 -3
pandan|4 -4
panko|3 -3
pans|5 -5
paper|5 -5
paper .|4 -4
paprika|4 -4
paprika ,|2 -2
paprika .|3 -3
paprika and|2 -2
parboil|3 -3
parchment|4 -4
parsley|6 -6
parsley ,|2 -2
parsley .|5 -5
parsley and|2 -2
parsnips|2 -2
part|-1 1
partially|3 -3
partially covered|3 -3
partly|3 -3
partly covered|3 -3
pass|3 -3
passata|3 -3
passata ,|1 -1
pasta|-1 1
pasta ,|-1 1
pasta and|1 -1
pasta water|5 -5
paste|7 -7
paste #|2 -2
paste ,|4 -4
paste .|5 -5
paste in|2 -2
paste with|2 -2
pastry|2 -2
pat|3 -3
pat dry|1 -1
patties|4 -4
pb|2 -2
pc|2 -2
pea|-3 3
peaches|3 -3
peanut butter|1 -1
peanuts|3 -3
pear|1 -1
peas|3 -3
peas .|3 -3
peas and|2 -2
pecans|2 -2
peel|6 -6
peel ,|2 -2
peel .|4 -4
peel and|2 -2
peel hot|3 -3
peel the|2 -2
peeled|2 -2
people .|1 -1
pepper|6 -6
pepper #|2 -2
pepper ,|2 -2
pepper .|5 -5
pepper flakes|1 -1
pepper in|2 -2
peppers|3 -3
peppers ,|2 -2
peppers and|1 -1
peppers in|2 -2
per|-4 4
per side|4 -4
pesto|3 -3
pick|3 -3
pie|3 -3
pieces|1 -1
pieces ,|1 -1
pieces .|1 -1
pile|3 -3
pinch|4 -4
pinch of|2 -2
pinch salt|1 -1
pine|3 -3
place|4 -4
plate|7 -7
plate .|4 -4
plates|4 -4
platter|2 -2
plenty|3 -3
plenty of|3 -3
plums|4 -4
plus|-4 4
pod|3 -3
point|5 -5
polenta|4 -4
polenta ,|2 -2
pomegranate|1 -1
pop|1 -1
porcini|2 -2
porcini ,|1 -1
portion|3 -3
portion #|2 -2
portions|-1 1
portions ,|4 -4
portions .|-2 2
pot #|2 -2
pot ,|1 -1
pot .|5 -5
pot and|1 -1
pot of|2 -2
pot over|1 -1
pot with|2 -2
potato|2 -2
potato ,|2 -2
potato and|2 -2
potatoes|3 -3
potatoes .|3 -3
potatoes and|1 -1
potatoes are|1 -1
potatoes for|2 -2
potatoes in|3 -3
pots|3 -3
pound|4 -4
pour|5 -5
pour boiling|1 -1
pour in|2 -2
pour on|3 -3
pour over|6 -6
pour the|2 -2
powder|1 -1
powder ,|2 -2
powder .|1 -1
powder and|1 -1
preheat|7 -7
preheat oven|3 -3
preheat the|4 -4
preheat to|3 -3
prep|-8 8
prep #|-7 7
prep time|-2 2
preparation|-4 4
preserving|1 -1
press|7 -7
press #|2 -2
press .|2 -2
press down|3 -3
press into|4 -4
press the|2 -2
press tofu|3 -3
pressing|1 -1
pressure|1 -1
pressure #|3 -3
pressure ,|2 -2
pressure .|1 -1
pressure and|4 -4
pressure cook|4 -4
pressure drop|2 -2
pressure for|4 -4
pressure release|2 -2
prick|3 -3
process|3 -3
processor|4 -4
processor ,|4 -4
properly|2 -2
prove|6 -6
prove #|5 -5
puffed|2 -2
pulse|4 -4
pulse the|4 -4
pumpkin|2 -2
puree|5 -5
puree ,|3 -3
purée|6 -6
purée ,|2 -2
purée and|1 -1
push|2 -2
put|4 -4
put #|1 -1
put a|2 -2
put everything|1 -1
put in|1 -1
put it|1 -1
put the|2 -2
put them|2 -2
qr|4 -4
quart|1 -1
quarter|3 -3
quarter of|2 -2
quick|1 -1
quick release|5 -5
quickly|5 -5
quinoa|3 -3
rack|3 -3
rack .|2 -2
racks|4 -4
radishes|3 -3
rain|2 -2
rain in|2 -2
raisins|3 -3
raspberries|2 -2
raw|1 -1
re|-2 2
ready|-3 3
ready in|-7 7
really|3 -3
really well|2 -2
recipe|-6 6
red|5 -5
red lentils|3 -3
reduce|-1 1
reduce by|3 -3
reduce heat|1 -1
reduce the|-2 2
reduce to|1 -1
reduced|2 -2
reduced by|2 -2
refresh|1 -1
refrigerate|2 -2
refrigerate at|2 -2
refrigerated|-2 2
refrigerator|-4 4
reheat|-7 7
reheated|1 -1
release|5 -5
release #|2 -2
release .|6 -6
release naturally|3 -3
release the|1 -1
remain|1 -1
remaining|5 -5
remaining #|2 -2
remaining oil|2 -2
remove|7 -7
remove bay|3 -3
remove from|2 -2
remove the|3 -3
reserve|2 -2
reserved|2 -2
reserving|2 -2
reserving #|2 -2
rest|7 -7
rest #|10 -10
rest ,|3 -3
rest .|7 -7
rest for|5 -5
rest in|4 -4
rest of|-1 1
resting|-3 3
return|4 -4
return the|1 -1
return to|4 -4
rhubarb|1 -1
ribbons|4 -4
rice|2 -2
rice #|3 -3
rice (|-3 3
rice ,|5 -5
rice .|4 -4
rice and|3 -3
rice cooker|1 -1
rice in|2 -2
rice with|1 -1
ricer|1 -1
right|-1 1
rim|1 -1
rim .|1 -1
rimmed|2 -2
rind|1 -1
rings|3 -3
rings .|3 -3
rinse|9 -9
rinse #|2 -2
rinse ,|2 -2
rinse .|3 -3
rinse and|1 -1
rinse cold|2 -2
rinse rice|3 -3
rinse the|4 -4
rise|6 -6
rise #|5 -5
risen|2 -2
roast|7 -7
roast #|4 -4
roast ,|-1 1
roast at|1 -1
roast cut|1 -1
roast for|5 -5
roast the|2 -2
rocket|1 -1
roll|8 -8
roll #|2 -2
roll ,|3 -3
roll in|3 -3
roll into|2 -2
roll out|3 -3
roll to|2 -2
roll up|2 -2
rolling|2 -2
rolling boil|2 -2
rolls|1 -1
room|-2 2
room temp|3 -3
room temperature|-3 3
root|3 -3
roots|1 -1
ropes|2 -2
rosemary|4 -4
rosemary ,|2 -2
rosemary .|3 -3
rosemary and|3 -3
rotating|2 -2
rough|-1 1
roughly .|3 -3
round|2 -2
rub|4 -4
rub the|1 -1
running|2 -2
runny|1 -1
runs|2 -2
runs clear|2 -2
rye|3 -3
rye flour|3 -3
s|-4 4
s the|-3 3
saffron|2 -2
sage|4 -4
sage .|1 -1
sage in|1 -1
salad|-1 1
salsa|2 -2
salt|10 -10
salt #|2 -2
salt (|2 -2
salt ,|4 -4
salt .|7 -7
salt ;|1 -1
salt and|3 -3
salt at|3 -3
salt for|2 -2
salt in|2 -2
salt on|1 -1
salt the|1 -1
salt to|1 -1
salted|5 -5
salted water|5 -5
same|3 -3
same pan|2 -2
sand|1 -1
sandwiches|3 -3
sat|1 -1
saturday|1 -1
sauce|4 -4
sauce ,|3 -3
sauce .|3 -3
sauce and|2 -2
sauce in|4 -4
sauce over|3 -3
saucepan|3 -3
saucepan .|1 -1
sausages|1 -1
saute|4 -4
saute mode|2 -2
sauté|6 -6
sauté mode|2 -2
sauté onion|2 -2
save|4 -4
saved|2 -2
saving|2 -2
saving #|3 -3
scallions|1 -1
scatter|4 -4
scatter over|2 -2
scatter with|3 -3
scattered|2 -2
scoop|3 -3
scoop out|2 -2
score|5 -5
scotch|2 -2
scrape|4 -4
scraping|1 -1
scraping down|1 -1
seal|4 -4
seal .|4 -4
sealing|3 -3
seam|2 -2
seam down|2 -2
seam side|1 -1
season|9 -9
season ,|1 -1
season .|8 -8
season and|3 -3
season to|2 -2
season with|1 -1
seasoning|4 -4
seasoning .|4 -4
sec|6 -6
sec ,|1 -1
sec .|3 -3
second|1 -1
seconds|4 -4
seconds ,|1 -1
seconds .|3 -3
secs|1 -1
seed|3 -3
seeds|5 -5
seeds ,|3 -3
seeds .|3 -3
seeds and|2 -2
seeds in|1 -1
seeds on|2 -2
segment|3 -3
semolina|1 -1
separate|3 -3
separately|4 -4
serrano|2 -2
serve|4 -4
serve .|4 -4
serve at|3 -3
serve in|6 -6
serve on|4 -4
serve over|4 -4
serve warm|-4 4
serve with|6 -6
serves|-9 9
serves #|-7 7
serving .|4 -4
servings|-7 7
servings .|-4 4
sesame|4 -4
sesame ,|3 -3
sesame .|3 -3
sesame oil|2 -2
set|5 -5
set aside|4 -4
sets|4 -4
setting|2 -2
shake|8 -8
shake .|4 -4
shake the|2 -2
shaking|3 -3
shallot|3 -3
shallots|4 -4
shallow|4 -4
shape|5 -5
shape #|4 -4
shape into|3 -3
sheet|2 -2
sheet ,|2 -2
sheet .|4 -4
sheet pan|3 -3
sheets|4 -4
sheets ,|2 -2
sheets of|1 -1
shelf|-2 2
shiitake|3 -3
shock|4 -4
should|6 -6
should be|3 -3
shred|7 -7
shred cabbage|3 -3
shred the|3 -3
shredded|2 -2
side ,|1 -1
side .|1 -1
side down|1 -1
side of|3 -3
side up|3 -3
sides|3 -3
sides .|3 -3
sieve|5 -5
sieve ,|3 -3
sift|3 -3
silky|1 -1
simmer|6 -6
simmer #|2 -2
simmer ,|5 -5
simmer .|6 -6
simmer and|1 -1
simmer for|8 -8
simmer gently|3 -3
simmer on|4 -4
simmer the|1 -1
simmer uncovered|2 -2
simmer until|2 -2
simmering water|2 -2
single|4 -4
sink|2 -2
sit|5 -5
sit #|4 -4
sit for|2 -2
six|5 -5
size|1 -1
sized|3 -3
sizzle|1 -1
skewer|4 -4
skewer comes|1 -1
skewers|4 -4
skillet|2 -2
skillet over|2 -2
skim|5 -5
skim ,|1 -1
skim .|3 -3
skim off|1 -1
skin|2 -2
skins|1 -1
skins ,|-1 1
skins .|3 -3
slaw|3 -3
slice|3 -3
slice #|4 -4
slice .|4 -4
slice into|2 -2
slice the|2 -2
sliced|5 -5
sliced ,|2 -2
slices|-2 2
slices ,|2 -2
slices .|-2 2
slicing|2 -2
slicing .|2 -2
slide|3 -3
slightly|3 -3
slip|2 -2
slow|-1 1
slow cooker|-2 2
slowly|4 -4
slowly ,|1 -1
slowly to|1 -1
small|4 -4
small ,|2 -2
small pan|4 -4
smells|2 -2
smoked|2 -2
smoking|4 -4
smooth|6 -6
smooth ,|2 -2
smooth .|4 -4
so|3 -3
so .|2 -2
so it|2 -2
so that|1 -1
so the|4 -4
soak|4 -4
soak beans|4 -4
soak chickpeas|2 -2
soak in|2 -2
soak the|5 -5
soaked|-2 2
soaking|-1 1
soba|3 -3
soda|1 -1
soft|6 -6
soft ,|2 -2
soft .|4 -4
soft and|1 -1
soft dough|2 -2
soften|5 -5
soften onion|2 -2
soften onions|1 -1
soften the|3 -3
softened|2 -2
softened ,|2 -2
softened .|1 -1
some|2 -2
something|1 -1
something heavy|1 -1
somewhere|3 -3
somewhere warm|3 -3
sort|2 -2
soup|-2 2
sour|3 -3
soy|5 -5
soy ,|3 -3
soy .|3 -3
soy ;|2 -2
soy and|1 -1
soy sauce|1 -1
soya|-3 3
spaghetti|1 -1
spice|1 -1
spices|7 -7
spices #|4 -4
spices ,|4 -4
spices .|3 -3
spices and|2 -2
spices in|3 -3
spinach|6 -6
spinach ,|4 -4
spinach .|3 -3
spinach and|2 -2
spinach in|3 -3
split|2 -2
split peas|2 -2
sponge|-2 2
spoon|5 -5
spoon .|3 -3
spoon into|2 -2
spoon over|3 -3
spoon the|2 -2
spoonful|2 -2
spoonfuls|3 -3
spoons|2 -2
spots|1 -1
spread|1 -1
spread #|3 -3
spread in|3 -3
spread on|4 -4
spread out|2 -2
spread over|3 -3
sprig|1 -1
spring onion|3 -3
spring onions|3 -3
sprinkle|5 -5
sprinkle with|4 -4
sprouts|1 -1
spuds|2 -2
square|2 -2
square tin|2 -2
squares .|3 -3
squash|3 -3
squash ,|1 -1
squash and|1 -1
squeeze|5 -5
squeeze .|3 -3
squeeze dry|2 -2
squeeze in|2 -2
squeeze of|1 -1
squeeze out|3 -3
squeeze the|1 -1
squeezed|3 -3
stack|4 -4
stack in|3 -3
stalks|3 -3
stand|9 -9
stand #|6 -6
stand at|1 -1
stand for|5 -5
stand in|2 -2
stands|-2 2
starch|5 -5
starch .|4 -4
start|-1 1
starter|2 -2
starting|1 -1
stay|3 -3
stays|1 -1
steam|8 -8
steam #|6 -6
steam dry|1 -1
steam for|2 -2
steam the|3 -3
steamer|2 -2
steep|4 -4
stems|3 -3
sterilised|1 -1
stew|-1 1
stick|4 -4
stick .|1 -1
stick blender|4 -4
sticks|3 -3
sticks of|1 -1
sticky|2 -2
stiff|4 -4
stir|6 -6
stir #|3 -3
stir ,|-1 1
stir .|6 -6
stir a|2 -2
stir every|4 -4
stir everything|2 -2
stir for|4 -4
stir in|6 -6
stir it|1 -1
stir once|2 -2
stir the|5 -5
stir through|1 -1
stir until|1 -1
stirring|7 -7
stirring ,|3 -3
stirring .|3 -3
stirring every|1 -1
stirring from|2 -2
stirring more|1 -1
stirring now|3 -3
stirring occasionally|2 -2
stirring often|4 -4
stirring once|3 -3
stock|3 -3
stock .|7 -7
stock ;|1 -1
stock and|1 -1
stock in|3 -3
stock over|2 -2
storage|-3 3
store|-1 1
stove|2 -2
strain|6 -6
strain ,|3 -3
strain .|4 -4
strain through|2 -2
stream|3 -3
strip|2 -2
strips|1 -1
strips .|1 -1
stuff|3 -3
sugar|7 -7
sugar ,|4 -4
sugar .|4 -4
sugar and|3 -3
sugar salt|3 -3
sultanas|1 -1
sun|2 -2
sunday|-3 3
sunflower|2 -2
surface|2 -2
swap|4 -4
swapping|2 -2
swapping the|2 -2
sweat|4 -4
sweat in|1 -1
sweat onion|2 -2
sweat onions|3 -3
sweat the|2 -2
sweat veg|3 -3
swede|1 -1
sweet|2 -2
sweet potato|2 -2
sweet potatoes|1 -1
swirl|2 -2
syrup|4 -4
syrup ,|1 -1
syrup .|3 -3
syrupy|1 -1
t|2 -2
t catch|1 -1
t stir|3 -3
tablespoon|3 -3
tablespoon of|3 -3
tablespoons|3 -3
tablespoons of|3 -3
tadka|1 -1
tahini|3 -3
take|2 -2
take off|2 -2
take out|1 -1
take the|1 -1
takes|-5 5
takes #|-3 3
takes about|-3 3
takes the|2 -2
tamari|3 -3
tamarind|2 -2
tamarind ,|1 -1
tarka|3 -3
taste|6 -6
taste .|4 -4
tbsp|1 -1
tbsp of|5 -5
tbsp oil|3 -3
tbsp olive|2 -2
tbsp salt|1 -1
tbsp soy|2 -2
tbsp water|-1 1
tea|4 -4
tea towel|3 -3
tear|4 -4
teaspoon|4 -4
teaspoon of|1 -1
temp|4 -4
temp #|4 -4
tempeh|5 -5
tempeh #|2 -2
temperature|-3 3
ten|5 -5
ten minutes|5 -5
tender|2 -2
tender ,|1 -1
tender .|2 -2
tender and|2 -2
test|4 -4
texture|4 -4
than|-2 2
that|4 -4
that s|3 -3
thaw|-4 4
the|2 -2
the #|-1 1
the apples|1 -1
the aubergine|2 -2
the aubergines|4 -4
the barley|6 -6
the base|1 -1
the basil|1 -1
the batter|-2 2
the bay|3 -3
the bean|4 -4
the beans|5 -5
the beetroot|1 -1
the bicarb|1 -1
the big|-1 1
the bitterness|2 -2
the boil|2 -2
the boiling|2 -2
the bottom|2 -2
the bread|3 -3
the brine|1 -1
the broccoli|3 -3
the broth|2 -2
the butter|2 -2
the cabbage|4 -4
the carrots|3 -3
the cashews|2 -2
the cauliflower|2 -2
the chickpeas|2 -2
the chilli|1 -1
the chocolate|2 -2
the chopped|1 -1
the coconut|2 -2
the cooker|1 -1
the cooking|2 -2
the coriander|2 -2
the cornflour|1 -1
the counter|3 -3
the courgettes|1 -1
the cream|3 -3
the crumbs|2 -2
the curry|2 -2
the dal|-1 1
the day|3 -3
the door|3 -3
the dough|2 -2
the drained|1 -1
the dressing|2 -2
the dry|3 -3
the edges|1 -1
the end|4 -4
the evening|3 -3
the fennel|3 -3
the filling|1 -1
the final|-1 1
the first|1 -1
the flour|1 -1
the foam|3 -3
the foil|-1 1
the food|2 -2
the fridge|-2 2
the fruit|2 -2
the garlic|3 -3
the ginger|1 -1
the gnocchi|2 -2
the greens|3 -3
the grill|2 -2
the heat|4 -4
the herbs|-2 2
the hot|4 -4
the juice|1 -1
the juices|1 -1
the kale|3 -3
the kombu|1 -1
the last|5 -5
the leeks|2 -2
the lemon|1 -1
the lentils|3 -3
the lid|4 -4
the lime|2 -2
the liquid|4 -4
the liquor|2 -2
the lot|2 -2
the lowest|3 -3
the margarine|1 -1
the marinade|4 -4
the middle|3 -3
the milk|3 -3
the miso|1 -1
the morning|3 -3
the mushrooms|3 -3
the mustard|2 -2
the next|-5 5
the night|-1 1
the oats|1 -1
the oil|3 -3
the onion|6 -6
the onions|2 -2
the open|3 -3
the other|2 -2
the pan|6 -6
the parsley|1 -1
the pasta|4 -4
the paste|3 -3
the pastry|2 -2
the peas|2 -2
the peppers|3 -3
the polenta|3 -3
the porcini|1 -1
the pot|5 -5
the potatoes|2 -2
the pressure|-1 1
the processor|2 -2
the pumpkin|2 -2
the remaining|3 -3
the reserved|1 -1
the rest|-1 1
the rice|3 -3
the rim|1 -1
the rosemary|2 -2
the salt|3 -3
the seeds|1 -1
the sesame|2 -2
the shallot|3 -3
the shallots|1 -1
the shiitake|3 -3
the side|5 -5
the sides|3 -3
the sliced|2 -2
the slow|3 -3
the soup|3 -3
the spices|2 -2
the spinach|2 -2
the split|2 -2
the spread|1 -1
the squash|3 -3
the stock|5 -5
the sugar|2 -2
the surface|2 -2
the sweet|1 -1
the tahini|1 -1
the tempeh|3 -3
the tin|2 -2
the tins|1 -1
the tofu|1 -1
the tomatoes|2 -2
the top|4 -4
the tray|-1 1
the trays|2 -2
the veg|4 -4
the vegetables|2 -2
the vinegar|4 -4
the walnuts|1 -1
the water|7 -7
the wet|1 -1
the whole|1 -1
the wine|1 -1
the yeast|3 -3
their|-1 1
their liquid|-2 2
their skins|2 -2
their water|2 -2
them|4 -4
them .|2 -2
them in|2 -2
them with|1 -1
then|4 -4
then #|1 -1
then ,|1 -1
then .|3 -3
then add|1 -1
then bag|-1 1
then blend|1 -1
then boil|2 -2
then drain|3 -3
then fridge|4 -4
then leave|1 -1
then lid|1 -1
then lower|1 -1
then quick|2 -2
then reduce|1 -1
then release|2 -2
then simmer|5 -5
then the|3 -3
then turn|3 -3
there|-1 1
they|5 -5
they are|1 -1
they pop|1 -1
they re|2 -2
thick|2 -2
thick ,|2 -2
thick .|3 -3
thick batter|1 -1
thicken|-1 1
thicken .|3 -3
thickened|2 -2
thickened ,|1 -1
thickened .|2 -2
thickens|-5 5
thickens .|1 -1
thickens as|-4 4
thin .|5 -5
thin with|6 -6
thing|-3 3
things|1 -1
thinly|4 -4
third|4 -4
third ,|3 -3
third of|3 -3
thirds|-1 1
those|1 -1
thread|5 -5
three|4 -4
three times|1 -1
through|6 -6
through ,|2 -2
through .|2 -2
through a|2 -2
through for|2 -2
through the|3 -3
throw|3 -3
thru|3 -3
thumb|1 -1
thyme|4 -4
thyme ,|2 -2
thyme .|2 -2
tie|3 -3
tight|3 -3
tight ,|1 -1
tightly|4 -4
tightly in|3 -3
til|3 -3
till|3 -3
till golden|2 -2
till it|2 -2
till soft|2 -2
till the|-1 1
till they|2 -2
till thick|2 -2
time|-7 7
time #|-8 8
time ,|3 -3
time .|5 -5
time to|-2 2
times|3 -3
tin|-1 1
tin #|-1 1
tin ,|-3 3
tin .|5 -5
tin and|1 -1
tin for|1 -1
tin of|3 -3
tin with|4 -4
tins|3 -3
tins ,|2 -2
tiny|3 -3
tip|1 -1
tip in|2 -2
tip into|-2 2
tip out|2 -2
to|1 -1
to a|1 -1
to boil|2 -2
to coat|2 -2
to cool|4 -4
to cover|3 -3
to crumbs|3 -3
to dry|2 -2
to freeze|-5 5
to high|2 -2
to just|1 -1
to low|1 -1
to make|1 -1
to pot|4 -4
to soak|3 -3
to stand|3 -3
to taste|2 -2
to the|5 -5
to thicken|3 -3
to time|2 -2
to wilt|3 -3
toast|3 -3
toast .|-1 1
toast the|2 -2
toasted|3 -3
tofu|7 -7
tofu #|3 -3
tofu (|3 -3
tofu ,|4 -4
tofu and|3 -3
tofu for|2 -2
tofu in|2 -2
tofu into|2 -2
tofu with|2 -2
together|5 -5
together ,|3 -3
together .|3 -3
together in|1 -1
together the|2 -2
together with|3 -3
tomato|5 -5
tomato paste|1 -1
tomato purée|1 -1
tomatoes|7 -7
tomatoes ,|3 -3
tomatoes .|4 -4
tomatoes and|1 -1
tomorrow|2 -2
toms|5 -5
toms ,|1 -1
too|5 -5
too .|3 -3
too thick|5 -5
took|-3 3
toothpick|1 -1
top|9 -9
top ,|3 -3
top .|4 -4
top up|2 -2
top with|5 -5
topped|3 -3
topped with|3 -3
topping|2 -2
tops|-2 2
torn|1 -1
tortilla|3 -3
tortillas|5 -5
toss|7 -7
toss .|4 -4
toss everything|1 -1
toss in|1 -1
toss the|2 -2
toss with|3 -3
tossing|3 -3
tossing halfway|3 -3
total|-8 8
total #|-7 7
total time|-2 2
towards|1 -1
towards the|1 -1
towel|2 -2
towel .|3 -3
transfer|4 -4
transfer to|4 -4
translucent|2 -2
tray|-1 1
tray #|5 -5
tray ,|-1 1
tray and|-1 1
tray at|2 -2
tray to|2 -2
trays|7 -7
trays ,|3 -3
trays .|4 -4
treacle|1 -1
trim|2 -2
tsp|4 -4
tsp .|1 -1
tsp bicarb|2 -2
tsp cumin|1 -1
tsp salt|2 -2
tub|3 -3
tubs|1 -1
tubs .|2 -2
turmeric|2 -2
turmeric ,|1 -1
turmeric and|1 -1
turn|4 -4
turn down|1 -1
turn it|2 -2
turn off|2 -2
turn out|1 -1
turn the|2 -2
turn to|2 -2
turning|1 -1
turning ,|2 -2
turning every|2 -2
turning once|-1 1
twenty|2 -2
twenty minutes|1 -1
twice|1 -1
twice .|2 -2
two|1 -1
two batches|-1 1
two hours|2 -2
two trays|4 -4
umluft|2 -2
uncover|4 -4
uncover ,|3 -3
uncovered|6 -6
uncovered #|2 -2
uncovered ,|3 -3
uncovered for|2 -2
under|2 -2
under a|1 -1
under cold|1 -1
under the|3 -3
unsalted|2 -2
until|9 -9
until a|3 -3
until brown|1 -1
until browned|2 -2
until charred|1 -1
until completely|1 -1
until creamy|1 -1
until crisp|2 -2
until deep|3 -3
until doubled|2 -2
until fragrant|2 -2
until golden|4 -4
until it|5 -5
until just|2 -2
until no|1 -1
until silky|1 -1
until smooth|2 -2
until soft|4 -4
until softened|2 -2
until tender|2 -2
until the|1 -1
until they|1 -1
until thick|2 -2
until thickened|2 -2
until very|1 -1
until wilted|2 -2
unwrap|-2 2
up ,|4 -4
up .|5 -5
up and|1 -1
up the|2 -2
up to|-1 1
up with|2 -2
upper|3 -3
upright|2 -2
upside|1 -1
upside down|1 -1
us|-3 3
use|-5 5
using|4 -4
usually|1 -1
v|2 -2
valve|1 -1
valve to|1 -1
vanilla|3 -3
vanilla .|2 -2
ve|3 -3
veg|2 -2
veg ,|4 -4
veg .|3 -3
veg in|3 -3
vegan|-4 4
vegetables|3 -3
vegetables ,|1 -1
vegetables and|2 -2
vegetables in|1 -1
vent|4 -4
vermicelli|4 -4
very|5 -5
very hot|2 -2
vin|3 -3
vinegar|8 -8
vinegar ,|3 -3
vinegar .|6 -6
vinegar and|4 -4
volume|1 -1
w|2 -2
w .|4 -4
wait|5 -5
wait #|5 -5
walnuts|5 -5
walnuts ,|2 -2
walnuts in|3 -3
want|2 -2
warm|1 -1
warm #|2 -2
warm ,|1 -1
warm .|2 -2
warm in|3 -3
warm lentils|1 -1
warm or|-3 3
warm the|3 -3
warm through|3 -3
warm with|3 -3
wash|3 -3
wash and|3 -3
wash the|3 -3
water|1 -1
water #|4 -4
water (|3 -3
water .|3 -3
water ;|1 -1
water and|3 -3
water as|-2 2
water by|2 -2
water for|6 -6
water if|6 -6
water in|4 -4
water is|2 -2
water over|1 -1
water runs|2 -2
water till|2 -2
water to|2 -2
water until|3 -3
water with|1 -1
way|3 -3
wedges|3 -3
wedges ,|1 -1
wedges .|2 -2
week|-2 2
week .|2 -2
weeks|-4 4
weeks .|-2 2
weeks in|-4 4
weigh|1 -1
weight|-1 1
well ,|1 -1
well and|2 -2
well for|-3 3
wet|6 -6
wet ,|1 -1
wet .|3 -3
wet hands|2 -2
what|2 -2
whatever|-2 2
when|4 -4
when cold|3 -3
when it|2 -2
when they|1 -1
when you|-1 1
which|1 -1
while|2 -2
while hot|4 -4
while warm|3 -3
while you|3 -3
whisk|10 -10
whisk ,|1 -1
whisk .|4 -4
whisk dressing|2 -2
whisk dry|2 -2
whisk everything|1 -1
whisk flour|3 -3
whisk in|3 -3
whisk the|3 -3
whisk together|1 -1
whisk wet|3 -3
whisking|3 -3
whisking .|3 -3
whistles|2 -2
white|2 -2
white sauce|2 -2
whizz|4 -4
whole|5 -5
whole .|2 -2
wholemeal|3 -3
wide|2 -2
wide pan|1 -1
widest|1 -1
will|-2 2
will keep|-4 4
wilt|3 -3
wilt .|3 -3
wilt the|3 -3
wilted|3 -3
wilted ,|1 -1
wilted .|3 -3
wine|5 -5
wine ,|5 -5
wine ;|2 -2
wine and|1 -1
winter|-2 2
wipe|3 -3
with|2 -2
with #|-2 2
with about|3 -3
with an|2 -2
with bread|2 -2
with cilantro|3 -3
with cold|1 -1
with coriander|2 -2
with everything|2 -2
with flour|3 -3
with foil|3 -3
with fresh|1 -1
with garlic|2 -2
with half|3 -3
with hot|-1 1
with lemon|3 -3
with lid|3 -3
with lime|2 -2
with milk|3 -3
with oil|4 -4
with onion|1 -1
with onions|-2 2
with parsley|1 -1
with remaining|1 -1
with rice|-1 1
with salt|3 -3
with soy|1 -1
with sugar|2 -2
with the|1 -1
with their|2 -2
with two|1 -1
with vinegar|1 -1
with water|3 -3
with wet|2 -2
within|1 -1
within #|-1 1
without|-2 2
without stirring|2 -2
wok|6 -6
wooden|2 -2
wooden spoon|1 -1
work|4 -4
worktop|1 -1
wrap|-2 2
wrap each|4 -4
wrap in|5 -5
wrapped|4 -4
wraps|-2 2
x|1 -1
x #|1 -1
year|-5 5
yeast|6 -6
yeast ,|3 -3
yeast .|2 -2
yeast and|1 -1
yeast extract|1 -1
yield|-7 7
yield #|-5 5
yield about|-3 3
yields|-5 5
yields #|-4 4
yog|3 -3
yogurt|2 -2
you asked|-3 3
you can|2 -2
you have|3 -3
you like|2 -2
you want|2 -2
your|5 -5
zest|5 -5
zest ,|2 -2
°|2 -2
° #|3 -3
° c|2 -2
° f|4 -4
`;
