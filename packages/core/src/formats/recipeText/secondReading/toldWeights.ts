/** Written by `npm run learn:steps`, from the corpus. Each line: a sign, and its weight for what is done and for what is told, in tenths. */
export const TOLD_WEIGHTS = `
#|-3 3
# (|-2 2
# ,|-2 2
# .|1 -1
# as|-3 3
# balls|3 -3
# big|1 -1
# bowls|-4 4
# c|3 -3
# cloves|1 -1
# cm|6 -6
# cup|4 -4
# cups|-1 1
# d|2 -2
# days|-4 4
# degrees|4 -4
# f|2 -2
# fan|5 -5
# for|-1 1
# g|1 -1
# h|1 -1
# in|-1 1
# inches|1 -1
# jars|-2 2
# kg|1 -1
# l|5 -5
# lemons|2 -2
# litre|-1 1
# litres|-2 2
# mins|-2 2
# minute|4 -4
# mm|5 -5
# months|-1 1
# more|3 -3
# patties|4 -4
# s|-1 1
# sec|5 -5
# seconds|4 -4
# servings|-5 5
# slices|2 -2
# squares|-2 2
# tablespoon|1 -1
# tablespoons|2 -2
# tbsp|3 -3
# tin|2 -2
# to|-1 1
# trays|2 -2
# tsp|3 -3
# until|2 -2
# weeks|-3 3
# with|-5 5
# wks|1 -1
# °|2 -2
( #|-1 1
( about|3 -3
( fan|2 -2
( from|-3 3
( it|3 -3
( not|2 -2
( or|2 -2
, a|1 -1
, about|1 -1
, adding|2 -2
, and|1 -1
, at|1 -1
, back|1 -1
, bake|1 -1
, baking|1 -1
, barley|2 -2
, basil|2 -2
, bay|3 -3
, beans|1 -1
, blend|2 -2
, boil|2 -2
, box|4 -4
, bring|3 -3
, broth|1 -1
, brush|4 -4
, bubble|3 -3
, carrot|1 -1
, carrots|2 -2
, celery|-1 1
, chickpeas|1 -1
, chill|2 -2
, chilli|2 -2
, chillies|2 -2
, chop|2 -2
, chopped|2 -2
, cinnamon|1 -1
, coconut|1 -1
, combine|1 -1
, cook|3 -3
, core|2 -2
, coriander|2 -2
, cover|5 -5
, covered|2 -2
, cumin|2 -2
, curry|1 -1
, cut|2 -2
, dill|3 -3
, divide|1 -1
, don|-1 1
, drain|3 -3
, drizzle|1 -1
, dry|3 -3
, fill|2 -2
, flatten|3 -3
, flip|1 -1
, flipping|2 -2
, flour|2 -2
, fold|3 -3
, for|-1 1
, freeze|5 -5
, freezes|1 -1
, fridge|2 -2
, fry|3 -3
, garlic|3 -3
, gas|1 -1
, ginger|3 -3
, half|3 -3
, heat|2 -2
, herbs|2 -2
, high|4 -4
, ice|2 -2
, into|2 -2
, it|1 -1
, juice|2 -2
, keep|3 -3
, keeping|1 -1
, knead|3 -3
, lay|2 -2
, leave|4 -4
, lemon|2 -2
, lentils|2 -2
, let|5 -5
, lid|2 -2
, lids|2 -2
, lime|1 -1
, low|1 -1
, lower|2 -2
, lowest|1 -1
, maple|1 -1
, mash|3 -3
, massage|1 -1
, medium|1 -1
, milk|3 -3
, mint|1 -1
, mirin|2 -2
, mix|2 -2
, mushrooms|2 -2
, mustard|-2 2
, natural|4 -4
, no|2 -2
, not|2 -2
, nutmeg|3 -3
, nuts|3 -3
, off|1 -1
, oil|-1 1
, one|2 -2
, onions|2 -2
, or|-2 2
, oregano|1 -1
, out|2 -2
, pack|1 -1
, paprika|1 -1
, partially|3 -3
, partly|3 -3
, passata|2 -2
, paste|1 -1
, peel|2 -2
, pepper|3 -3
, peppers|1 -1
, pinch|1 -1
, portion|2 -2
, potatoes|3 -3
, pour|2 -2
, press|3 -3
, put|2 -2
, reduce|-1 1
, remaining|1 -1
, reserving|2 -2
, rest|2 -2
, rice|1 -1
, rinse|2 -2
, roast|-1 1
, roll|5 -5
, rosemary|1 -1
, salt|5 -5
, sauce|2 -2
, saving|2 -2
, scatter|1 -1
, score|1 -1
, scraping|1 -1
, seal|3 -3
, season|1 -1
, seasoning|1 -1
, seeds|3 -3
, sesame|2 -2
, set|2 -2
, shake|3 -3
, shaking|3 -3
, simmer|3 -3
, skim|2 -2
, smooth|1 -1
, soften|1 -1
, soy|3 -3
, spices|2 -2
, spoon|2 -2
, spread|-1 1
, sprinkle|1 -1
, squash|2 -2
, squeeze|3 -3
, stand|2 -2
, steam|3 -3
, stir|1 -1
, stirring|6 -6
, stock|4 -4
, sugar|5 -5
, swap|3 -3
, swapping|2 -2
, sweat|2 -2
, syrup|2 -2
, take|-2 2
, the|-1 1
, thyme|2 -2
, till|2 -2
, tip|1 -1
, toast|2 -2
, tofu|2 -2
, tomatoes|1 -1
, top|3 -3
, toss|1 -1
, tossing|2 -2
, turmeric|1 -1
, turn|2 -2
, turning|4 -4
, two|2 -2
, uncovered|4 -4
, until|3 -3
, veg|2 -2
, vinegar|2 -2
, walnuts|2 -2
, warm|2 -2
, water|2 -2
, weigh|1 -1
, wet|3 -3
, whisk|2 -2
, white|3 -3
, wrap|-3 3
, yeast|1 -1
. #|5 -5
. salt|2 -2
; #|5 -5
; add|2 -2
; cook|5 -5
; drain|1 -1
; freezes|2 -2
; leave|1 -1
; let|1 -1
; mix|1 -1
; roast|1 -1
; season|1 -1
; simmer|3 -3
; stir|1 -1
; toss|2 -2
^ #|-5 5
^ (|-6 6
^ a|-3 3
^ active|-5 5
^ add|11 -11
^ all|2 -2
^ bake|3 -3
^ barley|1 -1
^ beans|3 -3
^ beat|2 -2
^ better|-4 4
^ blanch|5 -5
^ blast|5 -5
^ blend|8 -8
^ blitz|6 -6
^ boil|6 -6
^ bottle|5 -5
^ break|3 -3
^ bring|5 -5
^ brown|4 -4
^ brush|4 -4
^ check|4 -4
^ chill|12 -12
^ chop|5 -5
^ close|5 -5
^ combine|6 -6
^ cook|-3 3
^ cooking|-5 5
^ cool|12 -12
^ core|5 -5
^ cover|2 -2
^ cream|4 -4
^ crumble|3 -3
^ cube|4 -4
^ curry|4 -4
^ cut|7 -7
^ day|6 -6
^ dice|3 -3
^ dimple|1 -1
^ dip|3 -3
^ discard|4 -4
^ dissolve|3 -3
^ divide|6 -6
^ do|1 -1
^ does|-5 5
^ don|1 -1
^ drain|9 -9
^ dress|5 -5
^ dressing|3 -3
^ drizzle|3 -3
^ dry|4 -4
^ eat|-1 1
^ enough|-3 3
^ evening|3 -3
^ everything|3 -3
^ feeds|-6 6
^ fill|7 -7
^ filling|3 -3
^ finish|3 -3
^ fish|3 -3
^ flour|4 -4
^ fluff|5 -5
^ fold|5 -5
^ for|-8 8
^ fork|4 -4
^ form|4 -4
^ freeze|6 -6
^ freezes|-9 9
^ from|-5 5
^ fry|6 -6
^ garlic|7 -7
^ get|4 -4
^ ginger|4 -4
^ gives|-5 5
^ grate|3 -3
^ grease|4 -4
^ grind|4 -4
^ half|2 -2
^ halve|3 -3
^ hands|-5 5
^ heat|5 -5
^ high|3 -3
^ hold|-6 6
^ hot|-1 1
^ if|5 -5
^ into|4 -4
^ it|1 -1
^ keep|3 -3
^ keeps|-8 8
^ knead|5 -5
^ ladle|4 -4
^ lasts|-5 5
^ lay|4 -4
^ layer|4 -4
^ leave|8 -8
^ lemon|4 -4
^ lentils|1 -1
^ let|6 -6
^ lid|6 -6
^ lift|2 -2
^ lime|5 -5
^ line|5 -5
^ lock|4 -4
^ lower|1 -1
^ make|2 -2
^ makes|-9 9
^ mash|4 -4
^ massage|3 -3
^ meanwhile|3 -3
^ melt|2 -2
^ mix|8 -8
^ morning|3 -3
^ mustard|4 -4
^ next|4 -4
^ night|1 -1
^ notes|-6 6
^ npr|5 -5
^ off|3 -3
^ oil|6 -6
^ on|4 -4
^ one|4 -4
^ onion|3 -3
^ onions|4 -4
^ out|3 -3
^ oven|5 -5
^ pack|5 -5
^ parsley|5 -5
^ paste|3 -3
^ peel|4 -4
^ pepper|4 -4
^ pile|3 -3
^ place|2 -2
^ portion|5 -5
^ potatoes|4 -4
^ pour|5 -5
^ preheat|6 -6
^ prep|-8 8
^ preparation|-4 4
^ press|5 -5
^ pressure|4 -4
^ prove|5 -5
^ pulse|3 -3
^ puree|4 -4
^ purée|3 -3
^ put|4 -4
^ quarter|2 -2
^ ready|-3 3
^ reheat|-5 5
^ remove|7 -7
^ rest|10 -10
^ return|4 -4
^ rice|6 -6
^ rinse|7 -7
^ rise|4 -4
^ roast|7 -7
^ roll|6 -6
^ rub|2 -2
^ salt|7 -7
^ sauce|4 -4
^ saute|3 -3
^ sauté|4 -4
^ scatter|3 -3
^ scoop|3 -3
^ score|4 -4
^ season|7 -7
^ serve|2 -2
^ serves|-9 9
^ set|5 -5
^ shake|6 -6
^ shape|5 -5
^ shred|6 -6
^ simmer|5 -5
^ skim|4 -4
^ slice|9 -9
^ slide|2 -2
^ soak|3 -3
^ soften|4 -4
^ spinach|4 -4
^ spoon|3 -3
^ spread|7 -7
^ sprinkle|4 -4
^ squeeze|5 -5
^ stack|4 -4
^ stand|7 -7
^ steam|5 -5
^ stir|9 -9
^ stock|5 -5
^ store|-4 4
^ strain|6 -6
^ sweat|3 -3
^ take|5 -5
^ takes|-5 5
^ taste|5 -5
^ tear|3 -3
^ the|5 -5
^ then|9 -9
^ thin|5 -5
^ time|-5 5
^ tip|5 -5
^ to|-7 7
^ toast|5 -5
^ tofu|4 -4
^ tomatoes|3 -3
^ top|4 -4
^ toss|7 -7
^ total|-7 7
^ turn|3 -3
^ two|3 -3
^ uncover|4 -4
^ veg|2 -2
^ vinegar|3 -3
^ wait|6 -6
^ warm|7 -7
^ wash|7 -7
^ water|4 -4
^ when|4 -4
^ while|1 -1
^ whisk|8 -8
^ will|-5 5
^ wilt|3 -3
^ wine|4 -4
^ wrap|5 -5
^ yield|-6 6
^ yields|-4 4
^ zest|4 -4
a|-2 2
a #|1 -1
a baking|3 -3
a big|2 -2
a bit|-1 1
a blender|1 -1
a boil|2 -2
a bowl|3 -3
a clean|2 -2
a cloth|3 -3
a coarse|1 -1
a colander|2 -2
a day|1 -1
a deep|1 -1
a dry|3 -3
a dutch|1 -1
a few|3 -3
a food|1 -1
a fork|2 -2
a frying|2 -2
a further|3 -3
a good|2 -2
a greased|2 -2
a half|4 -4
a heavy|2 -2
a high|3 -3
a hot|1 -1
a ladleful|4 -4
a large|3 -3
a lid|3 -3
a lined|3 -3
a litre|1 -1
a log|1 -1
a low|2 -2
a medium|1 -1
a minute|3 -3
a pan|4 -4
a paste|2 -2
a pinch|1 -1
a plate|4 -4
a pot|-3 3
a quarter|1 -1
a rack|2 -2
a rough|3 -3
a saucepan|1 -1
a sheet|1 -1
a side|-1 1
a sieve|1 -1
a simmer|3 -3
a skewer|2 -2
a small|3 -3
a soft|2 -2
a splash|-1 1
a spoon|2 -2
a stick|1 -1
a tablespoon|2 -2
a teaspoon|1 -1
a thick|1 -1
a third|2 -2
a time|2 -2
a tin|-2 2
a toothpick|1 -1
a tray|-1 1
a week|-4 4
a wide|2 -2
about|-1 1
about #|-1 1
about a|2 -2
about an|-1 1
above|-3 3
absorbed|2 -2
abt|1 -1
active|-5 5
active #|-5 5
add|4 -4
add #|4 -4
add beans|2 -2
add chickpeas|2 -2
add cumin|1 -1
add everything|2 -2
add garlic|2 -2
add ginger|2 -2
add lentils|1 -1
add onion|2 -2
add potatoes|2 -2
add rice|2 -2
add the|4 -4
add tofu|2 -2
add tomatoes|2 -2
add water|-1 1
adding|3 -3
adding the|2 -2
adjust|4 -4
after|3 -3
after #|6 -6
again|2 -2
against|4 -4
against the|4 -4
agave|2 -2
ahead|-2 2
air|-3 3
airtight|-4 4
ajar|2 -2
ajar ,|1 -1
al|2 -2
all|3 -3
all ,|-2 2
all .|4 -4
all but|2 -2
all in|2 -2
all the|2 -2
all together|3 -3
allow|2 -2
allspice|2 -2
almonds|3 -3
almonds .|2 -2
almost|2 -2
alongside|3 -3
an oiled|2 -2
an onion|3 -3
an ovenproof|1 -1
and|1 -1
and #|3 -3
and a|1 -1
and add|1 -1
and bake|5 -5
and basil|1 -1
and bay|1 -1
and beans|2 -2
and blend|1 -1
and boil|2 -2
and bring|1 -1
and bubbling|3 -3
and carrots|3 -3
and celery|4 -4
and chill|-3 3
and chilli|2 -2
and cook|5 -5
and coriander|2 -2
and cut|1 -1
and dill|1 -1
and drain|4 -4
and drizzle|-2 2
and flour|1 -1
and freeze|-3 3
and fry|-3 3
and garlic|3 -3
and ginger|1 -1
and grill|1 -1
and half|1 -1
and into|1 -1
and juice|2 -2
and knead|4 -4
and leave|3 -3
and lemon|1 -1
and let|3 -3
and lime|3 -3
and line|1 -1
and mint|1 -1
and mushrooms|2 -2
and nutmeg|1 -1
and oil|3 -3
and onion|2 -2
and onions|2 -2
and oregano|1 -1
and paprika|2 -2
and parsley|1 -1
and pepper|2 -2
and peppers|3 -3
and purée|2 -2
and return|2 -2
and rinse|3 -3
and roast|2 -2
and rosemary|2 -2
and sage|1 -1
and salt|1 -1
and scatter|2 -2
and season|2 -2
and serve|4 -4
and set|1 -1
and simmer|4 -4
and soak|5 -5
and some|-1 1
and soy|3 -3
and spices|2 -2
and spinach|2 -2
and spread|3 -3
and squeeze|2 -2
and stir|2 -2
and stock|2 -2
and sugar|1 -1
and the|5 -5
and then|3 -3
and thyme|1 -1
and tomato|1 -1
and tomatoes|2 -2
and toss|2 -2
and transfer|3 -3
and turmeric|1 -1
and vinegar|4 -4
and walnuts|2 -2
and water|3 -3
another|1 -1
another #|1 -1
any|3 -3
apart|2 -2
apart .|1 -1
apple|-1 1
apples|2 -2
apples ,|1 -1
approx|-3 3
approx #|-2 2
apricots|2 -2
are soft|1 -1
are tender|1 -1
around|-1 1
arrange|3 -3
arugula|2 -2
as|-2 2
as a|-3 3
as it|3 -3
as they|4 -4
as you|4 -4
aside|5 -5
aside .|5 -5
at|2 -2
at #|-1 1
at a|4 -4
at high|2 -2
at least|5 -5
at once|3 -3
at room|-1 1
at the|4 -4
aubergine|3 -3
aubergine ,|2 -2
aubergine with|1 -1
aubergines|3 -3
aubergines ,|1 -1
avocado|3 -3
back|3 -3
back ,|3 -3
back .|3 -3
back in|3 -3
back to|2 -2
bag .|-1 1
bags|-1 1
bake|1 -1
bake at|7 -7
bake for|4 -4
bake from|-4 4
bake in|1 -1
bake on|3 -3
baking|-3 3
baking dish|3 -3
baking powder|1 -1
baking sheet|2 -2
baking tray|1 -1
balls|3 -3
balls ,|2 -2
balls .|2 -2
balsamic|3 -3
bananas|3 -3
bar|2 -2
barley ,|2 -2
barley in|3 -3
base|1 -1
basil|6 -6
basil .|4 -4
batches|-1 1
batches ,|3 -3
bath|4 -4
batter|2 -2
batter .|-2 2
bay|5 -5
bay ,|2 -2
bay .|6 -6
bay and|1 -1
bay leaf|1 -1
bay leaves|2 -2
be made|-1 1
bean|4 -4
beans|7 -7
beans #|3 -3
beans ,|3 -3
beans .|6 -6
beans and|2 -2
beans in|1 -1
beans overnight|3 -3
beans with|2 -2
beat|2 -2
beat in|3 -3
beetroot|2 -2
beets|3 -3
before|1 -1
before ,|3 -3
before cutting|4 -4
before eating|2 -2
before serving|3 -3
before slicing|2 -2
before you|3 -3
bell|1 -1
berries|3 -3
best|2 -2
better|-1 1
better the|-3 3
between|5 -5
between #|3 -3
between two|2 -2
bicarb|3 -3
bicarb .|1 -1
big|3 -3
big bowl|1 -1
big pan|2 -2
bit of|-1 1
bite|1 -1
bits|1 -1
bits .|1 -1
bitterness|2 -2
black|4 -4
black beans|3 -3
black salt|2 -2
blanch|5 -5
blanch the|2 -2
blend|5 -5
blend #|5 -5
blend .|5 -5
blend all|1 -1
blend half|5 -5
blend the|3 -3
blend with|1 -1
blender ,|3 -3
blender .|5 -5
blitz|6 -6
blitz with|2 -2
block|2 -2
blocks|3 -3
blue|-3 3
boil|9 -9
boil #|4 -4
boil ,|2 -2
boil .|3 -3
boil and|1 -1
boil for|2 -2
boil hard|3 -3
boil in|2 -2
boil noodles|2 -2
boil potatoes|2 -2
boil the|3 -3
boil with|1 -1
boiled|3 -3
boiling|6 -6
boiling water|4 -4
bonnet|2 -2
both|3 -3
bottle|5 -5
bottles|-2 2
bottom|4 -4
bottom .|2 -2
bowl|5 -5
bowl ,|1 -1
bowl .|3 -3
box|3 -3
boxes|-1 1
braise|2 -2
bread|3 -3
bread .|2 -2
breadcrumbs|2 -2
break|4 -4
break up|4 -4
brilliantly|-1 1
brine|3 -3
brine ,|1 -1
brine .|2 -2
bring|6 -6
bring back|2 -2
bring slowly|2 -2
bring the|3 -3
bring to|3 -3
bring together|2 -2
bring up|4 -4
broccoli|3 -3
broil|1 -1
broth|4 -4
broth ,|1 -1
broth .|3 -3
broth and|1 -1
brown|5 -5
brown ,|1 -1
brown .|3 -3
brown the|2 -2
browned|3 -3
browning|1 -1
brush|5 -5
brush with|5 -5
bubble|5 -5
bubble #|2 -2
bubble for|3 -3
bubbling|4 -4
bubbling .|3 -3
buckwheat|2 -2
build|2 -2
bulgur|2 -2
bulgur ,|2 -2
bunch|2 -2
buns|1 -1
but not|2 -2
but the|3 -3
butter|4 -4
butter ,|1 -1
butter in|2 -2
butter with|1 -1
by|1 -1
by #|3 -3
by half|3 -3
by hand|2 -2
by itself|2 -2
c|1 -1
c #|5 -5
c (|2 -2
c .|3 -3
c and|2 -2
c fan|4 -4
c gas|-1 1
c with|1 -1
c within|-1 1
ca|-3 3
cabbage|7 -7
cabbage ,|3 -3
cabbage and|1 -1
cake|2 -2
calories|-4 4
can|1 -1
can be|-1 1
cancel|4 -4
cancel .|4 -4
cannellini|2 -2
cans|3 -3
capers|2 -2
capers ,|1 -1
caraway|1 -1
card|-4 4
carrot|4 -4
carrot ,|1 -1
carrot and|2 -2
carrots|1 -1
carrots ,|-2 2
carrots and|3 -3
carrots in|3 -3
carrots with|2 -2
cashews|3 -3
casserole|4 -4
cast|1 -1
cast iron|1 -1
catch|1 -1
catch .|1 -1
catches|2 -2
cauli|3 -3
cauliflower|2 -2
cauliflower ,|1 -1
cavolo|1 -1
cayenne|2 -2
celeriac|1 -1
celery|-4 4
celery and|1 -1
celery in|2 -2
char|3 -3
chard|2 -2
charred|2 -2
check|4 -4
cheese|2 -2
chestnuts|4 -4
chestnuts ,|1 -1
chia|1 -1
chickpea|1 -1
chickpeas|5 -5
chickpeas #|2 -2
chickpeas ,|2 -2
chickpeas .|2 -2
chickpeas and|3 -3
chickpeas in|1 -1
chickpeas with|3 -3
chili|1 -1
chill|2 -2
chill #|2 -2
chill .|-2 2
chill for|4 -4
chill to|-1 1
chilled|-1 1
chilli|5 -5
chilli and|3 -3
chilli flakes|1 -1
chillies|2 -2
chillies ,|1 -1
chilling|-3 3
chipotle|4 -4
chips|3 -3
chips .|3 -3
chives|5 -5
chocolate|2 -2
choi|2 -2
chop|6 -6
chop .|3 -3
chop onions|2 -2
chop the|1 -1
chopped|2 -2
chopped ,|1 -1
chopped onion|2 -2
chuck|3 -3
chunks|3 -3
chunks ,|2 -2
chunky|1 -1
cilantro|3 -3
cilantro .|3 -3
cinnamon|3 -3
cinnamon ,|1 -1
clean|4 -4
clean .|2 -2
clear|4 -4
clear .|3 -3
close|5 -5
cloth|6 -6
cloth .|5 -5
clove|1 -1
cloves|2 -2
cm|6 -6
cm ,|2 -2
cm .|4 -4
cm cubes|1 -1
cm dish|2 -2
cm pieces|1 -1
cm thick|1 -1
cm tin|3 -3
coarse|3 -3
coarsely|3 -3
coat|2 -2
cobs|4 -4
cocoa|1 -1
coconut|1 -1
coconut milk|4 -4
colander|2 -2
cold|3 -3
cold ,|2 -2
cold water|4 -4
collapsed|1 -1
collapsing|1 -1
colour|1 -1
colouring|1 -1
combine|6 -6
combine ,|3 -3
combine .|1 -1
combine everything|2 -2
combined|1 -1
come|3 -3
come down|2 -2
comes|1 -1
comes out|1 -1
completely|2 -2
completely ,|1 -1
completely before|2 -2
completely on|2 -2
cook #|-7 7
cook ,|1 -1
cook at|3 -3
cook for|6 -6
cook gently|2 -2
cook in|4 -4
cook on|4 -4
cook onion|3 -3
cook the|6 -6
cook time|-4 4
cook uncovered|2 -2
cook until|1 -1
cooked|-5 5
cooker ,|-2 2
cooker .|2 -2
cooker with|2 -2
cooking|-4 4
cooking time|-1 1
cooking water|2 -2
cooks|-3 3
cool|5 -5
cool #|7 -7
cool ,|-1 1
cool .|6 -6
cool completely|1 -1
cool for|4 -4
cool in|3 -3
cool on|5 -5
cool quickly|2 -2
cools|4 -4
core|6 -6
coriander|5 -5
coriander ,|1 -1
coriander .|5 -5
coriander and|2 -2
corn|3 -3
cornflour|3 -3
cornstarch|1 -1
counter|3 -3
couple|3 -3
courgettes|1 -1
courgettes ,|1 -1
couscous|2 -2
cover|3 -3
cover ,|5 -5
cover .|5 -5
cover and|-1 1
cover by|2 -2
cover the|1 -1
cover tightly|4 -4
cover with|4 -4
covered|-2 2
covered #|4 -4
covered ,|-3 3
covered .|2 -2
crackle|1 -1
cranberries|2 -2
cream|6 -6
cream ,|2 -2
cream .|5 -5
cream and|2 -2
creamy|-1 1
creamy .|2 -2
crisp|-1 1
crisp .|3 -3
cross|1 -1
crumble|4 -4
crumble the|2 -2
crumble tofu|1 -1
crumbs|5 -5
crumbs .|4 -4
crush|3 -3
crust|3 -3
cube|3 -3
cube the|2 -2
cubes|1 -1
cubes .|3 -3
cucumber|2 -2
cumin|3 -3
cumin ,|3 -3
cumin and|1 -1
cup|4 -4
cup of|3 -3
cup water|1 -1
cups|-1 1
cups of|2 -2
cups water|2 -2
currants|1 -1
curry|3 -3
curry leaves|2 -2
curry powder|3 -3
cut|10 -10
cut everything|2 -2
cut in|4 -4
cut into|3 -3
cut side|1 -1
cut the|3 -3
cutting|4 -4
cutting .|4 -4
d|2 -2
d .|-2 2
daikon|2 -2
daily|4 -4
dal .|4 -4
dark|2 -2
date|3 -3
dates|3 -3
day|2 -2
day #|3 -3
day before|2 -2
day drain|3 -3
days|-4 4
days ,|3 -3
days .|-2 2
days fridge|-2 2
days in|-2 2
deep|3 -3
deep golden|1 -1
deglaze|4 -4
degrees|4 -4
dente|2 -2
deseed|2 -2
dice|5 -5
diced|2 -2
dill|3 -3
dill ,|1 -1
dill .|3 -3
dimple|1 -1
dip|2 -2
discard|4 -4
discard the|2 -2
dish ,|1 -1
dish .|5 -5
dissolve|4 -4
dissolved|2 -2
divide|6 -6
divide between|2 -2
divide into|1 -1
do not|-1 1
do the|4 -4
does|-4 4
does #|-5 5
doesn|1 -1
doesn t|1 -1
done|2 -2
door|1 -1
door ajar|1 -1
dot|5 -5
doubled|3 -3
doubled .|4 -4
dough #|3 -3
dough .|2 -2
down|2 -2
down ,|1 -1
down .|4 -4
down and|1 -1
down on|2 -2
down with|-1 1
drain|10 -10
drain #|3 -3
drain ,|3 -3
drain .|7 -7
drain and|5 -5
drain beans|2 -2
drain on|2 -2
drain rinse|2 -2
drain the|3 -3
drain well|4 -4
drained|3 -3
drained beans|1 -1
dress|6 -6
dressing|6 -6
dressing .|3 -3
dressing in|4 -4
dressing ingredients|2 -2
dried|2 -2
drink|4 -4
drizzle over|3 -3
drizzle with|3 -3
drop|4 -4
dry|5 -5
dry ,|4 -4
dry .|6 -6
dry in|3 -3
dry ingredients|2 -2
dry pan|1 -1
dumplings|3 -3
dust|3 -3
dutch|1 -1
dutch oven|1 -1
each|3 -3
each in|3 -3
each side|5 -5
easy|-5 5
eat|-1 1
eating|3 -3
eating .|3 -3
edamame|5 -5
edges|4 -4
edges .|2 -2
eggplants|3 -3
eight|1 -1
el|1 -1
else|2 -2
else .|1 -1
end|4 -4
end .|4 -4
enough|-4 4
enough for|-4 4
enough to|-1 1
evaporated|1 -1
even|4 -4
evening|-2 2
evening before|-2 2
every|4 -4
every #|2 -2
everything|8 -8
everything ,|2 -2
everything .|4 -4
everything but|3 -3
everything else|2 -2
everything except|3 -3
everything in|3 -3
everything through|2 -2
everything together|2 -2
except|3 -3
except the|2 -2
excess|2 -2
extract|1 -1
extract ,|1 -1
f|3 -3
f (|2 -2
f .|5 -5
f for|4 -4
falafel|-1 1
fall|1 -1
falls|1 -1
fan|8 -8
fan #|4 -4
fan ,|4 -4
fan .|5 -5
fan for|1 -1
fan gas|2 -2
farro|1 -1
fast|2 -2
fat|2 -2
feeds|-7 7
feeds #|-5 5
fennel|5 -5
few|3 -3
fill|4 -4
fill #|3 -3
fill ,|2 -2
fill .|4 -4
filling|4 -4
filling ,|2 -2
filling in|2 -2
fills|-4 4
film|-2 2
final|-1 1
final #|4 -4
fine .|3 -3
finely|4 -4
fingers|2 -2
finish|4 -4
finish with|3 -3
finishing|1 -1
firm|1 -1
fish|3 -3
fish out|3 -3
five|3 -3
five minutes|3 -3
flaked|2 -2
flakes|2 -2
flaky|1 -1
flame|2 -2
flameproof|1 -1
flat|1 -1
flat .|4 -4
flatbreads|4 -4
flatten|3 -3
flax|4 -4
flesh|2 -2
flip|-1 1
flipping|2 -2
florets|1 -1
flour|1 -1
flour ,|3 -3
flour and|2 -2
flour in|2 -2
fluff|5 -5
fluff .|5 -5
foam|3 -3
foil|2 -2
foil ,|1 -1
foil .|4 -4
foil and|4 -4
fold|6 -6
fold ,|3 -3
fold in|4 -4
food|2 -2
food processor|2 -2
for #|2 -2
for a|-2 2
for about|3 -3
for another|3 -3
for at|2 -2
for five|4 -4
for half|-1 1
for ten|1 -1
for the|-3 3
for up|-2 2
fork|4 -4
fork .|3 -3
form|4 -4
form #|3 -3
four|3 -3
fragrant|2 -2
fragrant .|1 -1
freekeh|1 -1
freeze|1 -1
freeze .|2 -2
freeze flat|4 -4
freeze for|1 -1
freeze in|4 -4
freeze on|-1 1
freezer|-2 2
freezer #|-6 6
freezer .|1 -1
freezes|-6 6
freezes .|-4 4
freezes for|1 -1
freezes well|-3 3
fresh|2 -2
fresh water|2 -2
fridge|-2 2
fridge #|-1 1
fridge ,|-4 4
fridge .|2 -2
fridge overnight|2 -2
fried|1 -1
from|-5 5
from frozen|-4 4
from heat|2 -2
from the|-4 4
from time|2 -2
fronds|2 -2
frozen|-4 4
frozen #|-3 3
frozen .|-2 2
fruit|2 -2
fruit .|2 -2
fry #|6 -6
fry for|1 -1
fry in|-1 1
fry onion|2 -2
fry onions|2 -2
fry the|2 -2
fryer|-3 3
frying|2 -2
frying pan|2 -2
full|3 -3
further|4 -4
further #|3 -3
g|1 -1
g ,|3 -3
g .|2 -2
g dried|3 -3
g of|4 -4
g rice|3 -3
garam|3 -3
garam masala|3 -3
garlic|9 -9
garlic #|4 -4
garlic ,|5 -5
garlic .|3 -3
garlic ;|2 -2
garlic and|1 -1
garlic cloves|2 -2
garlic in|4 -4
garlic out|2 -2
garlic powder|1 -1
garnish|4 -4
gas|3 -3
gas #|3 -3
gas mark|2 -2
generously|2 -2
gentle|1 -1
gently|2 -2
gently #|3 -3
gently ,|3 -3
gently for|3 -3
gently fry|4 -4
gently in|3 -3
get|5 -5
gets|2 -2
ginger|5 -5
ginger ,|1 -1
ginger and|2 -2
ginger garlic|2 -2
give|2 -2
give it|1 -1
gives|-5 5
glaze|6 -6
glossy|2 -2
gloves|1 -1
gnocchi|2 -2
go|4 -4
gochugaru|2 -2
goes|1 -1
goes in|3 -3
gold|2 -2
golden|5 -5
golden ,|1 -1
golden .|4 -4
golden and|1 -1
gone|1 -1
good|2 -2
good for|-1 1
gradually|3 -3
grains|4 -4
grate|3 -3
grated|2 -2
grating|2 -2
gravy|2 -2
grease|4 -4
greased|2 -2
greased #|2 -2
green|3 -3
greens|5 -5
griddle|4 -4
grill|4 -4
grill for|3 -3
grind|4 -4
grind with|1 -1
ground|2 -2
ground spices|2 -2
h|1 -1
h #|-1 1
h ,|1 -1
h .|5 -5
half|2 -2
half .|4 -4
half a|-2 2
half of|3 -3
half the|2 -2
half with|3 -3
halfway|5 -5
halfway .|4 -4
halfway through|2 -2
halve|4 -4
halve the|1 -1
halved|1 -1
hand|3 -3
hand .|1 -1
handful|3 -3
handle|3 -3
hands|-5 5
hands ,|2 -2
hands on|-5 5
hard|5 -5
hard #|1 -1
hard for|3 -3
hard in|2 -2
harissa|2 -2
has|1 -1
has gone|1 -1
have|3 -3
head|1 -1
headspace|3 -3
heat|8 -8
heat #|2 -2
heat ,|2 -2
heat .|5 -5
heat ;|1 -1
heat a|2 -2
heat and|3 -3
heat for|4 -4
heat oil|2 -2
heat oven|5 -5
heat the|1 -1
heat to|1 -1
heavy|4 -4
heavy pan|2 -2
heavy pot|1 -1
herbs|-1 1
herbs ,|4 -4
hi|-3 3
high|2 -2
high #|5 -5
high ,|3 -3
high .|3 -3
high heat|4 -4
high pressure|5 -5
hing|2 -2
hold|-6 6
hold #|-5 5
holds|-2 2
hot ,|5 -5
hot .|4 -4
hot oil|1 -1
hot pan|2 -2
hot sauce|4 -4
hot water|-1 1
hour|-2 2
hour #|-3 3
hour .|3 -3
hour and|-2 2
hour before|3 -3
hours ,|1 -1
hours .|1 -1
hours before|1 -1
hours until|1 -1
hp|5 -5
hr #|-4 4
hr .|4 -4
hrs ,|2 -2
i|3 -3
ice|2 -2
ice bath|4 -4
iced|-2 2
if|4 -4
if it|2 -2
if needed|-1 1
if you|3 -3
in|4 -4
in ,|7 -7
in .|7 -7
in ;|1 -1
in all|1 -1
in an|-1 1
in cold|3 -3
in flour|2 -2
in foil|4 -4
in for|5 -5
in fresh|2 -2
in half|-2 2
in hot|3 -3
in it|2 -2
in its|1 -1
in milk|2 -2
in oil|5 -5
in pan|4 -4
in plenty|2 -2
in salted|3 -3
in spinach|2 -2
in spots|1 -1
in their|3 -3
in tin|1 -1
in two|-1 1
in vinegar|1 -1
in water|3 -3
in with|2 -2
in your|1 -1
inches|3 -3
incl|-1 1
ingredients|2 -2
ingredients in|3 -3
ingredients until|2 -2
inside|4 -4
into|6 -6
into #|4 -4
into a|4 -4
into an|1 -1
into dry|2 -2
into the|6 -6
iron|1 -1
is|-2 2
ish|1 -1
it|6 -6
it ,|2 -2
it .|-1 1
it a|2 -2
it all|3 -3
it bubble|1 -1
it come|2 -2
it cool|1 -1
it doesn|1 -1
it for|1 -1
it goes|2 -2
it in|1 -1
it looks|1 -1
it s|2 -2
it should|3 -3
it sit|2 -2
it thickens|3 -3
it to|1 -1
it will|1 -1
it with|2 -2
its|2 -2
its skins|1 -1
itself|2 -2
jackfruit|3 -3
jaggery|2 -2
jammy|1 -1
jar ,|-1 1
jar .|1 -1
jars ,|3 -3
juice|4 -4
juice ,|2 -2
juice .|2 -2
juice and|3 -3
juice of|1 -1
juice to|1 -1
juices|1 -1
just|2 -2
just tender|1 -1
kala|1 -1
kale|5 -5
kale and|2 -2
kcal|-5 5
keep the|2 -2
keep warm|4 -4
keeping|1 -1
keeps|-7 7
keeps #|-4 4
keeps a|-4 4
kernels|3 -3
kg|1 -1
kg .|2 -2
kidney|4 -4
kilo|3 -3
kitchen|-3 3
knead|6 -6
knead #|5 -5
knock|3 -3
kombu|3 -3
kombu in|3 -3
l|5 -5
label|5 -5
ladle|5 -5
ladleful|-2 2
large|3 -3
large baking|1 -1
large bowl|1 -1
large casserole|1 -1
large pan|1 -1
large pot|2 -2
large saucepan|1 -1
last|7 -7
last #|5 -5
last .|4 -4
lasts|-5 5
layer|5 -5
leaf|3 -3
leaf .|3 -3
leaf and|1 -1
least|5 -5
least #|5 -5
leave|10 -10
leave #|5 -5
leave at|3 -3
leave for|3 -3
leave in|4 -4
leave it|3 -3
leave on|3 -3
leave to|4 -4
leaves|5 -5
leaves ,|3 -3
leaves .|4 -4
leaves and|3 -3
leaving|2 -2
leek|-1 1
leek and|2 -2
leek in|3 -3
leeks|2 -2
leeks ,|2 -2
leeks and|2 -2
leeks in|4 -4
left|4 -4
leftovers|-5 5
lemon|6 -6
lemon ,|3 -3
lemon .|4 -4
lemon and|1 -1
lemon juice|1 -1
lemon zest|1 -1
lemons|2 -2
lengthways|2 -2
lentils|6 -6
lentils #|3 -3
lentils ,|4 -4
lentils .|2 -2
lentils and|1 -1
lentils in|2 -2
let|4 -4
let cool|2 -2
let it|3 -3
let sit|3 -3
let stand|2 -2
let the|4 -4
lid|8 -8
lid ,|3 -3
lid .|4 -4
lid ajar|2 -2
lid off|2 -2
lid on|4 -4
lidded|2 -2
lids|2 -2
lift|3 -3
lift out|2 -2
lightly|1 -1
like|1 -1
lime|6 -6
lime ,|2 -2
lime .|3 -3
lime and|2 -2
lime juice|2 -2
line|6 -6
line a|4 -4
lined|5 -5
lined #|2 -2
liquid|2 -2
liquid ,|1 -1
liquor|3 -3
liquor .|3 -3
litre|1 -1
litre of|2 -2
litres|-2 2
litres of|1 -1
little .|5 -5
little oil|4 -4
ll|2 -2
loaf|2 -2
loaf tin|4 -4
lock|4 -4
lock lid|2 -2
log|2 -2
log ,|1 -1
logs|2 -2
longer|-2 2
looks|1 -1
loose|2 -2
loosen|-1 1
loosen with|-2 2
lot|2 -2
lots|4 -4
lots of|1 -1
low #|-1 1
low ,|1 -1
low .|3 -3
low heat|4 -4
low oven|3 -3
lower|4 -4
lower the|1 -1
lowest|3 -3
lowest flame|2 -2
lowest heat|3 -3
lukewarm|4 -4
lumps|2 -2
lunch|-2 2
lunches|3 -3
m|-3 3
machine|5 -5
made|-3 3
main|-1 1
make|-1 1
makes|-7 7
makes #|-5 5
makes about|-3 3
manual|5 -5
maple|3 -3
maple ,|2 -2
maple syrup|1 -1
marg|3 -3
margarine|3 -3
margarine ,|3 -3
marge|3 -3
marinate|4 -4
mark|2 -2
mark #|2 -2
masala|3 -3
masala ,|1 -1
mash|4 -4
mash ,|2 -2
mash .|5 -5
mash a|5 -5
mash roughly|3 -3
mash with|4 -4
massage|3 -3
massage with|1 -1
max|-2 2
maybe|-1 1
meanwhile|3 -3
meanwhile ,|1 -1
med|3 -3
medium|2 -2
medium ,|1 -1
medium .|4 -4
medium heat|1 -1
medium high|1 -1
medium low|1 -1
melt|3 -3
melt the|1 -1
melted|2 -2
microwave|-1 1
middle|3 -3
milk|-2 2
milk .|1 -1
milk and|3 -3
min|1 -1
min (|1 -1
min ,|2 -2
min .|10 -10
min at|-2 2
min cook|-1 1
min high|4 -4
min in|-2 2
min lid|1 -1
min more|5 -5
min on|3 -3
min or|2 -2
min per|3 -3
min simmer|3 -3
min stirring|2 -2
min till|4 -4
min to|2 -2
min under|1 -1
min until|3 -3
min with|3 -3
mince|2 -2
mins|-2 2
mins ,|-1 1
mins .|9 -9
mins before|4 -4
mins more|3 -3
mins or|2 -2
mins till|3 -3
mins until|3 -3
mint|5 -5
mint .|3 -3
minute|4 -4
minute .|4 -4
minute more|1 -1
minute until|1 -1
minutes (|-1 1
minutes ,|6 -6
minutes .|3 -3
minutes and|-2 2
minutes at|1 -1
minutes before|4 -4
minutes each|2 -2
minutes in|-1 1
minutes longer|2 -2
minutes more|3 -3
minutes on|3 -3
minutes or|2 -2
minutes till|1 -1
minutes to|4 -4
minutes until|5 -5
minutes with|2 -2
mirin|2 -2
miso|1 -1
miso ,|1 -1
mix|9 -9
mix #|4 -4
mix ,|1 -1
mix .|3 -3
mix all|4 -4
mix dry|3 -3
mix everything|2 -2
mix in|1 -1
mix the|4 -4
mix to|2 -2
mix wet|2 -2
mix with|2 -2
mixed|1 -1
mixer|3 -3
mixer .|3 -3
mixture|2 -2
ml ,|4 -4
ml .|2 -2
ml boiling|1 -1
ml jar|-2 2
ml of|5 -5
ml tubs|-1 1
mm|5 -5
mm .|3 -3
mo|-2 2
mode|2 -2
months|-1 1
months in|2 -2
more|7 -7
more ,|1 -1
more .|7 -7
more often|1 -1
more until|2 -2
morning drain|2 -2
most|1 -1
most of|1 -1
mostly|-2 2
much|2 -2
muffin|3 -3
mug|1 -1
mushrooms|5 -5
mushrooms ,|3 -3
mushrooms and|1 -1
mushrooms in|3 -3
mushy|1 -1
muslin|2 -2
must|3 -3
mustard ,|2 -2
mustard .|4 -4
mustard and|1 -1
mustard seeds|1 -1
my|-4 4
namak|1 -1
natural|3 -3
natural release|3 -3
naturally|3 -3
naturally for|2 -2
nearly|2 -2
need|1 -1
needed|-2 2
needed .|-2 2
needs|2 -2
nero|1 -1
next|-3 3
next day|-3 3
next morning|-2 2
night|-1 1
night before|-1 1
no|4 -4
non|2 -2
non stick|2 -2
noodles|-3 3
noodles #|2 -2
noodles ,|2 -2
nori|3 -3
not|1 -1
notebook|-4 4
notes|-6 6
now|2 -2
now and|3 -3
npr|5 -5
npr #|5 -5
nr|3 -3
nut|3 -3
nutmeg|4 -4
nutmeg ,|1 -1
nutmeg .|4 -4
nutritional|1 -1
nuts|5 -5
nuts ,|2 -2
nuts .|3 -3
nuts and|2 -2
oat|5 -5
oat milk|4 -4
oats|4 -4
oats ,|2 -2
occasionally|2 -2
of #|-3 3
of a|1 -1
of an|2 -2
of celery|1 -1
of cold|1 -1
of it|3 -3
of pepper|1 -1
of salt|2 -2
of salted|3 -3
of stock|4 -4
of the|-1 1
of their|2 -2
off|8 -8
off ,|3 -3
off .|3 -3
off heat|3 -3
off the|3 -3
often|4 -4
often ,|2 -2
often .|3 -3
often so|1 -1
oil|4 -4
oil #|5 -5
oil (|2 -2
oil .|3 -3
oil ;|1 -1
oil a|4 -4
oil and|1 -1
oil at|1 -1
oil for|3 -3
oil in|8 -8
oil into|1 -1
oil on|3 -3
oil over|2 -2
oil till|2 -2
oil to|1 -1
oil until|1 -1
oil with|1 -1
oiled|3 -3
oiled #|3 -3
ok|5 -5
ok .|3 -3
olive|3 -3
olive oil|3 -3
olives|3 -3
on|2 -2
on #|-4 4
on ,|3 -3
on .|5 -5
on a|-2 2
on and|2 -2
on for|2 -2
on high|-1 1
on low|-1 1
on medium|2 -2
on paper|2 -2
on time|-2 2
on top|5 -5
on two|1 -1
once ,|-2 2
once .|2 -2
one|-1 1
onion|4 -4
onion #|4 -4
onion ,|2 -2
onion .|4 -4
onion and|4 -4
onion for|3 -3
onion in|3 -3
onion until|1 -1
onions|6 -6
onions ,|3 -3
onions .|4 -4
onions and|1 -1
onions in|3 -3
only|1 -1
onto|5 -5
onto a|3 -3
open|-1 1
open freeze|-2 2
opening|3 -3
or|-3 3
or #|-3 3
or cold|1 -1
or freeze|-1 1
or it|3 -3
or until|3 -3
or up|4 -4
orange|2 -2
oregano|3 -3
oregano ,|1 -1
oregano .|1 -1
oregano and|1 -1
orzo|2 -2
other|4 -4
out|8 -8
out ,|2 -2
out .|5 -5
out clean|1 -1
out of|5 -5
out the|3 -3
out to|1 -1
oven|5 -5
oven #|2 -2
oven ,|2 -2
oven at|3 -3
oven for|2 -2
oven to|8 -8
ovenproof|1 -1
ovenproof dish|1 -1
over|7 -7
over ,|4 -4
over .|7 -7
over a|2 -2
over low|3 -3
over medium|3 -3
over rice|2 -2
over the|3 -3
overmix|4 -4
overnight|-2 2
overnight .|2 -2
overnight in|-2 2
own|1 -1
oz|2 -2
p|-4 4
p .|-3 3
pack|6 -6
pack in|3 -3
pak|2 -2
pan|2 -2
pan #|2 -2
pan ,|3 -3
pan .|3 -3
pan and|3 -3
pan for|1 -1
pan with|2 -2
pans|3 -3
paper|5 -5
paper .|4 -4
paprika|4 -4
paprika ,|2 -2
paprika .|3 -3
paprika and|2 -2
parboil|3 -3
parchment|3 -3
parsley|6 -6
parsley ,|2 -2
parsley .|5 -5
parsnips|3 -3
partially|3 -3
partially covered|3 -3
partly|3 -3
partly covered|3 -3
pass|3 -3
passata|4 -4
passata ,|2 -2
pasta ,|1 -1
pasta water|4 -4
paste|7 -7
paste ,|3 -3
paste .|5 -5
paste and|1 -1
paste in|2 -2
paste with|1 -1
pastry|1 -1
pat|2 -2
pat dry|1 -1
patties|4 -4
pb|2 -2
peanut|2 -2
peanut butter|2 -2
peanuts|3 -3
pear|1 -1
peas|2 -2
peas and|2 -2
peel|5 -5
peel ,|2 -2
peel .|2 -2
peel and|2 -2
peeled|1 -1
pepper|6 -6
pepper ,|2 -2
pepper .|5 -5
pepper in|2 -2
peppers|3 -3
peppers ,|2 -2
peppers and|1 -1
peppers in|1 -1
per|-1 1
per side|4 -4
pesto|3 -3
pick|3 -3
pie|3 -3
pieces|1 -1
pieces ,|1 -1
pieces .|1 -1
pile|3 -3
pinch|2 -2
pinch of|2 -2
pinch salt|1 -1
pine|2 -2
place|2 -2
plate|5 -5
plate .|3 -3
plates|4 -4
platter|2 -2
plenty|2 -2
plenty of|2 -2
plus|-4 4
point|5 -5
polenta|5 -5
polenta ,|2 -2
pomegranate|1 -1
pop|2 -2
porcini|2 -2
portion|2 -2
portion #|2 -2
portions|-1 1
portions ,|4 -4
portions .|-2 2
pot ,|1 -1
pot .|5 -5
pot and|1 -1
pot over|1 -1
pot with|2 -2
potato|2 -2
potato ,|2 -2
potatoes|3 -3
potatoes .|3 -3
potatoes and|1 -1
potatoes in|3 -3
pots|3 -3
pound|4 -4
pour|7 -7
pour boiling|1 -1
pour in|2 -2
pour into|1 -1
pour over|5 -5
pour the|2 -2
powder|3 -3
powder ,|1 -1
powder and|1 -1
preheat|6 -6
preheat oven|3 -3
preheat the|3 -3
preheat to|4 -4
prep|-8 8
prep #|-7 7
prep time|-3 3
preparation|-4 4
press|7 -7
press #|2 -2
press .|2 -2
press down|3 -3
press into|3 -3
press tofu|3 -3
pressing|1 -1
pressure|1 -1
pressure #|2 -2
pressure ,|2 -2
pressure .|1 -1
pressure and|3 -3
pressure cook|4 -4
pressure cooker|-1 1
pressure drop|3 -3
pressure for|3 -3
prick|3 -3
process|2 -2
processor|4 -4
processor ,|3 -3
properly|2 -2
prove|6 -6
prove #|5 -5
pulse|4 -4
pulse the|3 -3
pumpkin|2 -2
puree|5 -5
puree ,|4 -4
purée|5 -5
purée ,|2 -2
purée and|1 -1
put|5 -5
put #|1 -1
put everything|3 -3
put in|1 -1
put the|2 -2
put them|1 -1
qr|4 -4
quart|1 -1
quarter|3 -3
quarter of|1 -1
quick|5 -5
quick release|4 -4
quickly|4 -4
quinoa|3 -3
rack|3 -3
rack .|2 -2
racks|4 -4
radishes|2 -2
rain|2 -2
rain in|2 -2
raisins|3 -3
rapidly|1 -1
raspberries|2 -2
raw|1 -1
re|-2 2
ready|-2 2
ready in|-6 6
really|3 -3
recipe|-5 5
red|4 -4
red pepper|1 -1
reduce by|3 -3
reduce heat|1 -1
reduce the|-2 2
reduce to|2 -2
reduced|1 -1
refresh|1 -1
refrigerate|3 -3
refrigerated|-3 3
reheat|-7 7
release|4 -4
release #|2 -2
release .|5 -5
release naturally|2 -2
release the|1 -1
remaining|4 -4
remaining #|1 -1
remaining oil|2 -2
remove|7 -7
remove bay|2 -2
remove from|2 -2
remove the|3 -3
reserve|2 -2
reserved|2 -2
reserving|2 -2
reserving #|2 -2
rest|5 -5
rest #|8 -8
rest .|6 -6
rest for|4 -4
rest in|4 -4
rest of|-1 1
return|4 -4
return the|1 -1
return to|3 -3
rhubarb|1 -1
ribbons|4 -4
rice|2 -2
rice #|-1 1
rice ,|4 -4
rice .|4 -4
rice and|3 -3
rice cooker|4 -4
rice with|2 -2
rim|2 -2
rings|3 -3
rings .|3 -3
rinse|8 -8
rinse #|2 -2
rinse ,|3 -3
rinse .|3 -3
rinse and|1 -1
rinse cold|2 -2
rinse rice|3 -3
rinse the|4 -4
rise|5 -5
rise #|5 -5
roast|6 -6
roast #|4 -4
roast ,|-1 1
roast cut|1 -1
roast for|4 -4
roast the|2 -2
rocket|3 -3
roll|7 -7
roll #|2 -2
roll ,|3 -3
roll in|3 -3
roll into|2 -2
roll out|1 -1
rolling|2 -2
rolls|3 -3
room temp|2 -2
room temperature|-2 2
root|-2 2
ropes|1 -1
rosemary|4 -4
rosemary ,|1 -1
rosemary .|3 -3
rosemary and|3 -3
rotating|2 -2
roughly .|4 -4
round|2 -2
rub|2 -2
rub the|1 -1
running|2 -2
runny|1 -1
runs|2 -2
runs clear|2 -2
rye|3 -3
rye flour|3 -3
s|-2 2
saffron|2 -2
sage|4 -4
sage .|1 -1
salad|1 -1
salsa|2 -2
salt|9 -9
salt #|2 -2
salt (|2 -2
salt ,|3 -3
salt .|7 -7
salt ;|1 -1
salt and|3 -3
salt for|2 -2
salt in|2 -2
salt on|1 -1
salt the|1 -1
salt to|1 -1
salted|4 -4
salted water|4 -4
same|3 -3
sand|1 -1
sat|1 -1
saturday|4 -4
sauce|5 -5
sauce ,|3 -3
sauce .|4 -4
sauce and|2 -2
sauce over|3 -3
saucepan|2 -2
saucepan .|1 -1
saute|4 -4
saute mode|2 -2
sauté|6 -6
sauté onion|2 -2
save|4 -4
saved|2 -2
saving|2 -2
scallions|1 -1
scatter|4 -4
scatter over|3 -3
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
season|8 -8
season ,|1 -1
season .|7 -7
season and|3 -3
season to|1 -1
season with|1 -1
seasoning|4 -4
seasoning .|4 -4
sec|5 -5
sec .|3 -3
second|4 -4
seconds|4 -4
seconds ,|2 -2
seconds .|3 -3
secs|2 -2
seed|3 -3
seeds|5 -5
seeds ,|2 -2
seeds .|3 -3
seeds and|2 -2
seeds in|1 -1
segment|3 -3
separate|3 -3
separately|4 -4
serrano|2 -2
serve|3 -3
serve .|5 -5
serve at|4 -4
serve in|6 -6
serve over|4 -4
serve with|7 -7
serves|-8 8
serves #|-7 7
serving|-1 1
serving .|3 -3
servings|-6 6
servings .|-3 3
sesame|4 -4
sesame ,|3 -3
sesame .|3 -3
sesame oil|2 -2
set|7 -7
set aside|4 -4
sets|4 -4
setting|2 -2
shake|7 -7
shake .|4 -4
shake the|2 -2
shaking|3 -3
shallot|3 -3
shallots|4 -4
shallow|5 -5
shape|5 -5
shape #|4 -4
shape into|2 -2
sheet|6 -6
sheet ,|2 -2
sheet .|3 -3
sheet pan|2 -2
sheets|4 -4
sheets ,|2 -2
sheets of|2 -2
shelf|-3 3
sherry|1 -1
shiitake|3 -3
shock|4 -4
should|6 -6
should be|3 -3
shred|7 -7
shred cabbage|2 -2
shred the|2 -2
shredded|2 -2
side .|2 -2
side down|1 -1
side of|3 -3
side up|1 -1
sides|1 -1
sieve|5 -5
sieve ,|3 -3
sift|3 -3
silky|1 -1
simmer|5 -5
simmer #|2 -2
simmer ,|6 -6
simmer .|5 -5
simmer and|1 -1
simmer for|8 -8
simmer gently|4 -4
simmer on|4 -4
simmer the|1 -1
simmer uncovered|2 -2
simmer until|2 -2
single|3 -3
sink|2 -2
sit|5 -5
sit #|4 -4
sit for|3 -3
six|3 -3
size|1 -1
sized|3 -3
skewer|4 -4
skewer comes|1 -1
skillet|1 -1
skillet over|2 -2
skim|5 -5
skim ,|1 -1
skim .|3 -3
skin|2 -2
skins ,|-2 2
slaw|3 -3
slice|3 -3
slice #|4 -4
slice into|1 -1
slice the|3 -3
sliced|4 -4
slices|-1 1
slices ,|2 -2
slices .|-2 2
slicing|2 -2
slicing .|2 -2
slide|2 -2
slightly|2 -2
slow|-1 1
slow cooker|-2 2
slowly|3 -3
slowly to|2 -2
small|4 -4
small ,|2 -2
small pan|4 -4
smells|2 -2
smoked|2 -2
smoking|3 -3
smooth|4 -4
smooth ,|2 -2
smooth .|4 -4
so|1 -1
so .|2 -2
so it|2 -2
so that|1 -1
so the|3 -3
soak|4 -4
soak #|1 -1
soak beans|3 -3
soak chickpeas|2 -2
soak in|2 -2
soak the|5 -5
soaked|-1 1
soaking|-2 2
soba|4 -4
soda|1 -1
soft|5 -5
soft ,|3 -3
soft .|4 -4
soft dough|2 -2
soften|5 -5
soften onion|1 -1
soften the|2 -2
softened|1 -1
softened .|1 -1
some|2 -2
something|1 -1
something heavy|1 -1
somewhere|4 -4
somewhere warm|4 -4
sort|2 -2
soup|2 -2
sour|3 -3
soy|5 -5
soy ,|2 -2
soy .|3 -3
soy ;|2 -2
soy and|1 -1
soy sauce|1 -1
soya|-3 3
spaghetti|1 -1
spelt|1 -1
spice|1 -1
spices|5 -5
spices #|3 -3
spices ,|3 -3
spices and|2 -2
spices in|2 -2
spinach|6 -6
spinach ,|3 -3
spinach .|3 -3
spinach and|2 -2
spinach in|3 -3
split|3 -3
split peas|2 -2
spoon|5 -5
spoon .|3 -3
spoon into|2 -2
spoon the|2 -2
spoonful|1 -1
spots|1 -1
spread|2 -2
spread #|3 -3
spread in|4 -4
spread on|4 -4
spread out|2 -2
spread over|2 -2
spring|1 -1
spring onions|2 -2
sprinkle|3 -3
sprinkle with|3 -3
sprouts|1 -1
square|3 -3
squares|-1 1
squares .|3 -3
squash|4 -4
squash ,|2 -2
squash and|1 -1
squeeze|5 -5
squeeze .|2 -2
squeeze in|2 -2
squeeze out|2 -2
squeeze the|1 -1
stack|4 -4
stalks|3 -3
stand|8 -8
stand #|6 -6
stand at|1 -1
stand for|4 -4
stands|1 -1
starch|3 -3
start|-3 3
starter|3 -3
starting|1 -1
stay|3 -3
steam|8 -8
steam #|6 -6
steam for|2 -2
steam the|3 -3
steamer|2 -2
steep|2 -2
stems|3 -3
sterilised|3 -3
stew|-1 1
stick|4 -4
stick blender|3 -3
sticks|3 -3
sticky|2 -2
stiff|4 -4
still|2 -2
stir|6 -6
stir #|2 -2
stir ,|-1 1
stir .|5 -5
stir a|1 -1
stir every|5 -5
stir everything|2 -2
stir for|4 -4
stir in|6 -6
stir the|4 -4
stir through|1 -1
stirring|7 -7
stirring ,|3 -3
stirring .|4 -4
stirring every|1 -1
stirring from|2 -2
stirring more|1 -1
stirring now|1 -1
stirring occasionally|2 -2
stirring often|3 -3
stirring once|3 -3
stock|2 -2
stock .|6 -6
stock and|1 -1
stock in|3 -3
storage|-3 3
store|-4 4
straight|1 -1
strain|6 -6
strain .|4 -4
strain through|2 -2
stream|3 -3
strip|2 -2
strips|1 -1
strips .|1 -1
stuff|3 -3
sugar|6 -6
sugar ,|4 -4
sugar .|3 -3
sugar and|1 -1
sugar salt|1 -1
sultanas|1 -1
sun|2 -2
sunday|-1 1
surface|1 -1
swap|3 -3
swapping|2 -2
swapping the|2 -2
sweat|4 -4
sweat onion|2 -2
sweat the|4 -4
sweet|3 -3
sweet potato|2 -2
sweet potatoes|2 -2
swirl|1 -1
syrup|4 -4
syrup ,|1 -1
syrup .|2 -2
t|2 -2
t catch|1 -1
t stir|3 -3
tablespoon|3 -3
tablespoon of|1 -1
tablespoons|2 -2
tablespoons of|3 -3
tadka|1 -1
tahini|2 -2
take|2 -2
take off|1 -1
take out|1 -1
takes|-5 5
takes #|-3 3
tamari|3 -3
tamarind|1 -1
taste|6 -6
taste .|4 -4
tbsp|3 -3
tbsp of|4 -4
tbsp oil|2 -2
tbsp water|-2 2
tea|4 -4
tear|4 -4
teaspoon|4 -4
teaspoon of|1 -1
temp|4 -4
temp #|4 -4
tempeh|5 -5
tempeh #|3 -3
temperature|-2 2
ten|4 -4
ten minutes|4 -4
tender|2 -2
tender ,|1 -1
tender .|2 -2
tender and|2 -2
texture|4 -4
that|4 -4
thaw|-3 3
the|3 -3
the #|2 -2
the apples|1 -1
the aubergine|2 -2
the aubergines|3 -3
the barley|5 -5
the batter|-2 2
the bay|2 -2
the bean|2 -2
the beans|5 -5
the beetroot|2 -2
the bicarb|1 -1
the big|-1 1
the bitterness|2 -2
the boil|2 -2
the bottom|3 -3
the bread|2 -2
the brine|1 -1
the broth|2 -2
the butter|3 -3
the cabbage|3 -3
the carrots|3 -3
the cashews|2 -2
the cauliflower|1 -1
the chickpeas|3 -3
the chopped|2 -2
the coconut|2 -2
the cooking|3 -3
the coriander|2 -2
the cornflour|1 -1
the counter|3 -3
the cream|2 -2
the crumbs|2 -2
the dal|-2 2
the day|5 -5
the dough|2 -2
the drained|1 -1
the dressing|3 -3
the dry|2 -2
the edges|1 -1
the end|4 -4
the filling|1 -1
the final|-1 1
the first|-1 1
the flour|1 -1
the foam|3 -3
the foil|-1 1
the food|2 -2
the freezer|-1 1
the fridge|-2 2
the fruit|2 -2
the garlic|3 -3
the ginger|1 -1
the gnocchi|1 -1
the grill|2 -2
the heat|3 -3
the herbs|-2 2
the hot|3 -3
the juice|1 -1
the kale|3 -3
the kombu|1 -1
the last|5 -5
the leek|2 -2
the leeks|1 -1
the lemon|1 -1
the lentils|2 -2
the lid|4 -4
the lime|2 -2
the liquid|3 -3
the liquor|2 -2
the lot|2 -2
the lowest|2 -2
the margarine|1 -1
the middle|3 -3
the milk|2 -2
the miso|1 -1
the morning|3 -3
the mushrooms|3 -3
the next|-4 4
the night|-1 1
the oats|1 -1
the oil|3 -3
the onion|5 -5
the onions|1 -1
the other|2 -2
the oven|4 -4
the pan|5 -5
the parsley|1 -1
the pasta|3 -3
the paste|3 -3
the pastry|2 -2
the peas|2 -2
the peppers|3 -3
the polenta|3 -3
the porcini|1 -1
the pot|5 -5
the potatoes|2 -2
the pressure|-1 1
the pumpkin|2 -2
the remaining|3 -3
the rest|-1 1
the rice|2 -2
the rosemary|2 -2
the sage|1 -1
the salt|2 -2
the saved|1 -1
the seeds|1 -1
the sesame|1 -1
the shallot|3 -3
the side|4 -4
the sliced|3 -3
the slow|3 -3
the soup|3 -3
the spinach|2 -2
the split|2 -2
the squash|3 -3
the stock|5 -5
the sugar|1 -1
the sweet|1 -1
the tahini|1 -1
the tempeh|3 -3
the tin|1 -1
the tins|2 -2
the tofu|4 -4
the tomatoes|2 -2
the top|4 -4
the tray|-1 1
the trays|2 -2
the veg|3 -3
the vegetables|2 -2
the vinegar|3 -3
the walnuts|2 -2
the water|5 -5
the wet|1 -1
the whole|1 -1
the wine|1 -1
the yeast|3 -3
their|2 -2
their liquid|1 -1
their skins|2 -2
their water|1 -1
them|6 -6
them in|3 -3
them with|1 -1
then|4 -4
then #|1 -1
then ,|1 -1
then .|3 -3
then add|1 -1
then bag|-2 2
then blend|1 -1
then drain|3 -3
then fridge|3 -3
then lower|1 -1
then quick|2 -2
then reduce|1 -1
then release|2 -2
then simmer|5 -5
then the|2 -2
then turn|3 -3
there|-2 2
they|4 -4
they pop|1 -1
thick|2 -2
thick ,|3 -3
thick .|4 -4
thick batter|1 -1
thicken|-1 1
thicken .|3 -3
thickened|2 -2
thickened ,|1 -1
thickened .|2 -2
thickens|1 -1
thickens as|3 -3
thin .|4 -4
thin with|6 -6
thing|4 -4
things|1 -1
thinly|3 -3
third|4 -4
third ,|3 -3
third of|3 -3
thirds|-2 2
this|1 -1
those|1 -1
three|4 -4
three times|1 -1
through|6 -6
through ,|1 -1
through .|2 -2
through a|4 -4
through the|2 -2
thru|3 -3
thyme|4 -4
thyme ,|2 -2
thyme .|3 -3
thyme and|1 -1
tie|3 -3
tight|2 -2
tight ,|1 -1
tightly|4 -4
tightly in|3 -3
til|3 -3
till|2 -2
till golden|2 -2
till it|2 -2
till soft|2 -2
till the|-1 1
till they|2 -2
till thick|2 -2
time|-7 7
time #|-8 8
time .|5 -5
time to|-2 2
times|3 -3
tin ,|-2 2
tin .|4 -4
tin of|4 -4
tin with|4 -4
tins|3 -3
tins ,|1 -1
tiny|3 -3
tip in|1 -1
tip into|-2 2
tip out|1 -1
to|1 -1
to a|6 -6
to boil|2 -2
to cool|3 -3
to cover|2 -2
to freeze|-5 5
to high|1 -1
to low|1 -1
to make|1 -1
to pot|4 -4
to soak|2 -2
to stand|4 -4
to taste|2 -2
to the|5 -5
to thicken|3 -3
to time|2 -2
to wilt|3 -3
toast|7 -7
toast the|2 -2
toasted|3 -3
tofu|10 -10
tofu #|3 -3
tofu (|3 -3
tofu ,|3 -3
tofu and|2 -2
tofu in|2 -2
tofu with|1 -1
together|4 -4
together ,|3 -3
together .|3 -3
together and|1 -1
together the|2 -2
together with|1 -1
tomato|5 -5
tomato paste|1 -1
tomato purée|1 -1
tomatoes|7 -7
tomatoes ,|3 -3
tomatoes .|4 -4
tomatoes and|1 -1
tomorrow|4 -4
toms|4 -4
too|5 -5
too .|3 -3
too thick|5 -5
toothpick|1 -1
top|8 -8
top ,|3 -3
top .|3 -3
top up|2 -2
top with|4 -4
topped|3 -3
topped with|3 -3
topping|2 -2
tops|-2 2
tortilla|2 -2
tortillas|4 -4
toss|8 -8
toss .|4 -4
toss everything|1 -1
toss in|1 -1
toss the|1 -1
toss with|2 -2
tossing|2 -2
tossing halfway|2 -2
total|-7 7
total #|-7 7
total time|-2 2
towards|1 -1
towards the|1 -1
towel|2 -2
transfer|4 -4
transfer to|4 -4
translucent|2 -2
tray|-2 2
tray #|6 -6
tray ,|-2 2
tray .|2 -2
tray and|-1 1
tray to|2 -2
tray with|2 -2
trays|7 -7
trays ,|3 -3
trays .|4 -4
treacle|1 -1
tsp|4 -4
tsp .|1 -1
tsp bicarb|2 -2
tsp salt|1 -1
tub|3 -3
tubs|1 -1
tubs .|2 -2
turmeric|2 -2
turmeric ,|1 -1
turmeric and|1 -1
turn|3 -3
turn down|1 -1
turn off|2 -2
turn the|2 -2
turning|1 -1
turning once|-1 1
twenty|2 -2
twice|1 -1
twice .|3 -3
two|4 -4
two batches|-2 2
two hours|1 -1
two trays|3 -3
umluft|2 -2
uncover|4 -4
uncover ,|3 -3
uncovered|5 -5
uncovered #|2 -2
uncovered ,|4 -4
uncovered for|2 -2
under|2 -2
under a|1 -1
under cold|2 -2
under the|3 -3
until|9 -9
until a|2 -2
until brown|1 -1
until browned|2 -2
until charred|1 -1
until completely|1 -1
until creamy|1 -1
until crisp|2 -2
until deep|2 -2
until doubled|2 -2
until fragrant|2 -2
until golden|3 -3
until it|4 -4
until just|1 -1
until smooth|2 -2
until soft|3 -3
until tender|2 -2
until the|1 -1
until they|1 -1
until thick|2 -2
until thickened|2 -2
until very|1 -1
until wilted|2 -2
unwrap|-2 2
up ,|4 -4
up .|3 -3
up and|1 -1
up the|1 -1
up to|1 -1
up with|1 -1
upper|3 -3
upright|2 -2
use|-3 3
usually|1 -1
v|2 -2
valve|2 -2
vanilla|2 -2
ve|3 -3
veg|2 -2
veg ,|3 -3
veg in|3 -3
vegetables|3 -3
vegetables ,|1 -1
vermicelli|2 -2
very|5 -5
very hot|2 -2
vinegar|6 -6
vinegar ,|3 -3
vinegar .|4 -4
vinegar and|4 -4
w|1 -1
w .|3 -3
wait|6 -6
walnuts|4 -4
walnuts ,|2 -2
walnuts in|2 -2
want|2 -2
warm|1 -1
warm #|1 -1
warm .|4 -4
warm in|3 -3
warm or|-3 3
warm the|1 -1
warm through|4 -4
wash|2 -2
wash and|4 -4
wash the|3 -3
water|1 -1
water #|3 -3
water (|3 -3
water .|2 -2
water ;|1 -1
water and|2 -2
water as|-1 1
water by|2 -2
water for|5 -5
water if|6 -6
water in|4 -4
water is|2 -2
water over|2 -2
water runs|2 -2
water to|2 -2
water until|3 -3
water with|1 -1
way|1 -1
we|3 -3
wedges|2 -2
wedges ,|1 -1
week|-2 2
week .|2 -2
weeks|-3 3
weeks .|-1 1
weeks in|-5 5
weigh|1 -1
weight|3 -3
well|-1 1
well ,|1 -1
well .|1 -1
well and|2 -2
wet|5 -5
wet ,|1 -1
wet .|3 -3
wet hands|2 -2
what|5 -5
whatever|-2 2
when|4 -4
when it|1 -1
when you|3 -3
while|1 -1
while hot|4 -4
while warm|2 -2
while you|2 -2
whisk|9 -9
whisk ,|1 -1
whisk dry|2 -2
whisk everything|1 -1
whisk flour|2 -2
whisk in|2 -2
whisk the|3 -3
whisk together|1 -1
whisk wet|3 -3
whisking|2 -2
whistles|3 -3
white|2 -2
white sauce|2 -2
whizz|4 -4
whole|5 -5
whole .|2 -2
wholemeal|1 -1
wide|2 -2
wide pan|1 -1
widest|1 -1
will keep|-2 2
wilt|4 -4
wilt .|3 -3
wilt the|3 -3
wilted|3 -3
wilted ,|1 -1
wilted .|3 -3
wine|4 -4
wine ,|4 -4
wine and|1 -1
winter|-2 2
with|3 -3
with #|-2 2
with about|3 -3
with an|2 -2
with bread|1 -1
with cilantro|3 -3
with cold|1 -1
with coriander|2 -2
with everything|2 -2
with flour|3 -3
with foil|2 -2
with fresh|1 -1
with garlic|2 -2
with half|2 -2
with hot|-2 2
with lemon|3 -3
with lid|2 -2
with lime|1 -1
with milk|2 -2
with oil|4 -4
with onion|1 -1
with onions|2 -2
with rice|-1 1
with salt|1 -1
with soy|1 -1
with sugar|2 -2
with their|2 -2
with two|1 -1
with vinegar|1 -1
with water|3 -3
with wet|2 -2
within|1 -1
within #|-1 1
without|-1 1
without stirring|2 -2
wks|1 -1
wok|5 -5
wooden|2 -2
wooden spoon|2 -2
work|4 -4
wrap|-2 2
wrap each|3 -3
wrap in|5 -5
wrapped|4 -4
x|1 -1
x #|1 -1
yeast|6 -6
yeast ,|3 -3
yeast .|2 -2
yeast and|1 -1
yeast extract|1 -1
yield|-6 6
yield #|-5 5
yields|-4 4
yog|3 -3
yoghurt|-1 1
yogurt|2 -2
you|2 -2
you can|2 -2
you like|2 -2
you want|2 -2
your|4 -4
zest|5 -5
zest ,|2 -2
°|2 -2
° c|1 -1
° f|4 -4
`;
