/** Written by `npm run learn:steps`, from the corpus. Each line: a sign, and its weight for each sort, in tenths. */
export const WEIGHTS = `
#|-2 2 -1 -1 0 -3 -3
# #|-2 -8 -1 1 2 -2 -9
# ,|0 -1 -7 -3 2 -1 -5
# .|-1 2 -6 -1 1 -5 -2
# balls|2 -3 -3 -2 -2 -2 -1
# c|-2 -2 -4 -6 6 -5 -7
# cloves|-1 0 -1 -3 -2 1 -2
# cm|0 1 -4 0 -1 -2 -5
# cup|0 -2 -3 0 -3 1 -1
# cups|0 -2 -1 1 -1 -2 1
# d|-1 -2 -2 -1 -1 1 -1
# days|3 -4 -3 -3 -4 -1 -3
# degrees|1 -4 -3 -4 3 -2 -3
# f|1 -3 -4 -3 0 0 -2
# fan|1 -5 -5 -4 2 -3 -2
# for|-3 -4 1 -3 1 -1 0
# g|1 -1 -5 2 -2 -2 -2
# h|1 1 -7 -3 -2 -3 -6
# hour|-5 3 -4 0 -1 -3 -3
# hours|1 0 -6 -4 0 -6 -7
# hr|-5 3 -3 -1 -1 -3 -3
# hrs|-1 3 -4 -4 -1 -4 -3
# inch|4 -2 -4 -2 -4 -4 -2
# inches|-1 -1 0 -1 1 -2 -1
# kg|1 0 0 0 -1 -2 -1
# l|0 -4 1 -1 -5 0 -5
# lb|0 -1 1 -1 0 -2 0
# lemons|1 -2 -2 -2 -2 0 -1
# litre|2 -1 -2 -1 -2 -1 -1
# litres|-1 -1 1 -1 -1 -2 -1
# min|-8 1 1 1 -1 -4 0
# mins|-10 0 0 2 0 -9 -8
# minute|-7 -5 3 -2 -3 0 -1
# minutes|-6 2 -1 0 0 -5 0
# ml|-1 -1 -3 0 -2 1 -1
# mm|4 -3 -3 -3 0 -3 -3
# months|1 -3 -3 -3 -3 0 -4
# more|-5 -4 -1 0 1 -4 -4
# patties|2 -1 -2 -1 -2 -2 -1
# sec|-1 -2 -2 0 -3 2 -3
# seconds|-5 -2 3 -1 -3 2 -2
# slices|1 1 -3 -1 -2 -2 -1
# tablespoon|2 -1 -2 -1 0 -2 -1
# tablespoons|-1 -1 -2 1 -1 -1 0
# tbsp|-1 -4 -1 -1 -1 0 0
# tin|1 0 -2 -2 0 -2 -1
# to|-2 -6 -2 0 2 -2 -2
# trays|-1 -2 -1 -1 1 -1 -1
# tsp|1 -1 -1 -1 -1 -1 -3
# until|-2 -2 0 -1 1 -1 -1
# weeks|4 -4 -4 -3 -3 -2 -3
# x|0 2 -1 -3 -4 -3 -2
# °|-2 -4 -7 -6 4 -2 2
( #|-1 -1 -1 -2 0 -4 1
( about|2 -2 -2 -3 -2 -3 2
( fan|0 -1 -1 -1 1 -1 -1
( it|-1 -2 2 -1 -4 -2 -3
( not|3 0 -3 -2 0 -2 -1
( or|0 2 -3 -3 -2 -1 -2
, #|-4 -6 2 -1 0 -2 -5
, a|-1 0 1 -3 0 -6 -1
, about|-1 -2 0 0 -4 -1 -6
, add|0 -4 -1 0 0 -2 -1
, adding|-2 -2 -2 0 1 1 -1
, and|0 -2 -4 -1 2 -4 -5
, another|-4 -5 -4 2 1 -2 -2
, back|-3 -2 1 -3 3 -3 -2
, bake|-3 -3 -3 -3 3 -2 -2
, baking|1 -2 -1 -1 -1 -1 0
, barley|-1 -1 1 -1 -1 -1 -1
, basil|2 -2 0 -3 -3 -3 -2
, bay|0 -2 -1 2 -3 -5 -3
, beans|-2 -2 2 0 -1 -4 -3
, blend|-4 -2 -2 -2 -1 4 -1
, boil|-3 -5 -7 6 -6 -2 -2
, box|3 -3 -2 -2 -1 -3 -1
, bring|-3 -2 0 -1 1 -2 -2
, broth|1 -1 -1 -3 -4 0 -1
, brush|-2 -1 -3 -3 2 -1 -4
, bubble|-4 -3 -1 4 -2 -3 -3
, carrot|0 -3 -1 0 -3 -2 -2
, carrots|1 -3 0 -2 -3 0 -2
, celery|0 -2 -2 1 -3 -2 -3
, chickpeas|1 -1 -2 -2 -1 -1 -1
, chill|0 1 -3 -2 -2 0 -1
, chilli|1 -2 1 -2 -3 -2 -2
, chillies|2 -2 -1 -2 -3 -3 -2
, chop|1 -2 0 -3 1 -3 -3
, chopped|0 -1 0 -1 -2 -2 -1
, cinnamon|0 -3 1 -1 -1 -1 -1
, coconut|2 -2 -2 -2 -2 -3 -1
, combine|0 1 -2 -1 -1 -2 -1
, cook|-8 -7 2 0 -5 -4 -6
, cool|-1 1 -2 1 -4 -3 -2
, core|-1 -1 1 -1 -1 -2 -1
, coriander|2 -1 -2 -2 -2 -3 -1
, cover|-3 1 -1 0 0 -1 0
, covered|-1 1 -3 2 -3 -2 -3
, cumin|3 -3 -3 1 -4 -4 -2
, curry|1 -1 1 -2 -1 -1 -1
, cut|1 -1 -4 1 -2 -3 0
, dill|0 -2 0 -1 -3 0 -2
, don|-2 -2 2 -2 0 0 -1
, drain|-6 2 -7 3 -6 -5 -6
, drizzle|0 0 -2 -3 0 -2 -1
, dry|-2 0 1 0 -4 -3 -4
, fill|-1 -4 1 -4 -3 -2 -2
, flatten|1 -1 -2 -1 -1 -2 -1
, flip|-2 -2 -2 -2 2 -1 -2
, flipping|-1 -2 -2 1 0 -1 -2
, flour|-1 -2 1 -3 -2 1 -2
, fold|2 -4 -5 -4 -3 -1 0
, for|-2 3 -2 -1 -2 -1 -1
, freeze|2 -1 -3 -2 -2 -3 -1
, fridge|0 0 -2 -1 -1 0 -1
, fry|-5 -3 2 -1 -5 -4 -5
, garlic|1 -6 -3 -4 -1 0 -5
, gas|3 -1 -1 -2 0 0 0
, ginger|-1 -5 -1 -1 -2 1 -4
, half|-1 -2 0 -2 1 -1 -1
, heat|-4 -5 3 -1 -5 -4 1
, herbs|0 -3 -3 -2 0 0 -2
, ice|-1 -3 -3 3 -2 -2 -3
, in|-2 -2 1 -1 -1 2 -3
, into|0 -3 -1 -1 2 -3 -1
, it|0 1 -2 -1 -2 -2 -1
, juice|1 -1 -3 -2 -1 -1 -2
, keep|1 0 -4 -3 -3 0 -1
, keeping|0 0 -2 -1 -2 -2 0
, knead|3 -3 -2 -2 -3 -2 -3
, lay|3 -1 -3 -2 -2 -3 -1
, leave|-2 4 -5 -6 -2 -2 -5
, lemon|-2 -3 1 -3 -3 1 -1
, lentils|3 -3 -2 -2 -5 -4 -2
, let|-3 3 -1 -2 -4 -5 -5
, lid|-2 1 -4 3 -2 -3 -3
, lime|-2 -1 2 -1 -1 -2 -1
, low|-1 -3 -3 3 -4 -1 -1
, lower|-1 -1 -4 3 0 -1 -2
, lowest|-1 -5 -3 3 -3 -1 -1
, maple|0 -2 0 0 -1 -3 -1
, mash|-1 -3 1 0 -3 -2 -4
, massage|0 1 -2 -2 -2 -2 -2
, medium|-3 -2 1 0 -2 -2 -1
, milk|1 -2 1 -3 -2 -3 -1
, mint|3 -1 -3 -1 -2 -3 -1
, mirin|1 -1 -1 -1 1 -2 -1
, mix|0 1 -2 -2 -1 0 -1
, mushrooms|-2 -2 2 -1 -3 -4 -2
, mustard|1 -3 -1 1 -2 -1 -2
, no|1 -4 -1 -2 -3 0 -1
, not|-3 2 1 -3 -3 1 -3
, nutmeg|0 -2 -1 -1 -2 -1 -1
, nuts|0 -1 -3 -2 -2 0 -1
, off|1 2 -2 -3 -2 -2 -1
, oil|-1 -1 -3 -6 2 1 -5
, one|-2 2 -2 2 -3 -1 -2
, onion|-1 -3 -2 0 0 -2 1
, onions|1 -5 -3 0 0 0 -3
, or|-1 -2 -2 -2 1 2 -2
, oregano|-1 -2 -3 -1 1 1 -1
, out|0 -2 2 -3 -3 -2 -3
, pack|2 -2 -3 -1 -2 -2 -1
, paprika|-3 -2 2 -1 -1 1 -1
, partially|-1 -1 -1 1 -1 -1 0
, partly|0 -1 -1 2 -2 0 0
, passata|2 -2 -3 2 -2 -2 -3
, paste|0 -1 0 1 -3 -2 -1
, peel|0 -1 -3 1 -2 -2 -2
, pepper|0 1 0 -4 -4 -2 -3
, peppers|-2 -2 -1 1 2 -1 -1
, pinch|1 1 -3 -2 -2 -2 -1
, portion|1 -2 -1 -1 -1 -1 -1
, potatoes|4 -2 -5 0 -3 -3 -2
, pour|1 -1 -2 1 0 -5 -2
, press|0 0 0 -3 -1 -5 -3
, put|0 2 -1 0 -3 -3 -3
, rain|-2 -1 1 0 -1 -1 -1
, reduce|-4 -1 -6 4 -3 -2 -1
, remaining|0 -1 -2 -1 -2 0 -1
, reserving|1 -1 -1 -1 -1 -2 -1
, rest|-2 4 -2 -7 -4 -4 -1
, rice|-1 0 1 -2 -2 1 -1
, rinse|-2 2 -3 2 -3 -3 -3
, roast|-3 -1 -1 -2 2 -1 -1
, roll|1 0 -1 -1 -2 -2 -1
, rosemary|0 -3 -3 0 2 -3 -2
, salt|0 0 -1 -2 -1 -1 -4
, sauce|-2 -2 3 -3 -3 -4 -2
, saving|2 -1 -1 -2 -1 -3 -1
, scatter|2 -2 -3 0 0 -3 -1
, score|1 -1 -1 -1 0 -1 0
, scraping|-1 -2 -2 -3 -2 2 -1
, seal|-1 -1 1 -3 -3 -3 -2
, season|1 0 -2 -2 1 -3 -1
, seasoning|1 -2 1 -3 -2 -3 -2
, seeds|4 -2 -4 1 0 -4 -3
, sesame|2 -1 -1 -2 -3 0 -2
, shake|1 0 -4 -5 -1 -3 2
, shaking|-3 -3 -2 0 -1 -2 1
, simmer|-5 -4 -7 6 -4 -2 -2
, skim|1 -2 -3 1 -2 -2 -2
, slice|4 -3 -5 -3 -2 -3 -1
, smooth|0 2 -3 -2 -2 -3 -1
, soften|-1 -2 3 -3 -3 -1 -2
, soy|-1 -4 -3 0 -5 2 -4
, spices|-2 -3 0 0 -1 -1 -3
, spoon|-2 1 -3 -1 0 1 -2
, spread|-1 -1 -2 0 1 -2 -1
, sprinkle|2 -2 -3 -2 -1 -2 -1
, squash|3 -2 -3 -2 -2 -3 -2
, squeeze|-1 1 -2 0 -5 -6 0
, stand|-3 4 -4 -3 -4 -2 -4
, steam|-4 0 -3 2 -2 -3 -4
, stir|-2 -2 0 -1 0 0 -4
, stirring|-2 -7 -2 3 0 -3 -4
, stock|2 -1 0 -3 -5 -4 -2
, sugar|-2 -5 0 1 -2 -3 -4
, swap|-2 -2 -2 -2 2 -1 -2
, swapping|-1 -2 -1 -1 1 -1 0
, sweat|-3 -2 3 -2 -1 -2 -3
, syrup|-1 -1 1 -2 -2 0 -1
, take|-2 -1 2 -1 -1 -1 -1
, the|-2 -2 0 -2 0 -1 -1
, then|1 2 -1 -5 -1 -1 0
, thyme|3 -2 -2 -1 -3 -4 -2
, till|-1 -2 3 -2 -3 -1 -1
, tip|-3 0 2 -3 -3 0 -2
, toast|-4 -3 0 2 -5 -2 -3
, tofu|1 -1 -3 0 -2 1 -1
, tomatoes|1 -2 -3 1 0 -3 -1
, top|-1 -2 -4 0 2 -1 -2
, toss|-1 -2 0 -3 1 -4 -5
, tossing|-2 -1 2 -5 0 -1 -2
, turmeric|0 -2 1 -3 -1 -2 -1
, turn|0 0 -3 -3 3 -3 -2
, turning|1 -2 2 -2 -1 -3 -3
, two|3 -2 -2 -1 -2 -2 -1
, uncovered|-2 -3 -3 3 -2 -1 -2
, until|-3 -2 -1 0 0 -2 -3
, veg|2 -1 -3 -2 -2 0 -1
, vinegar|-1 -1 0 1 -3 -1 -2
, walnuts|0 -3 -1 -2 -2 0 -2
, warm|-1 -2 1 -4 -2 1 -2
, water|2 -3 -1 -1 -3 -3 -2
, weigh|2 -1 -2 -2 -2 -2 -1
, wet|3 -2 -3 -2 -2 -3 -2
, whisk|-1 -1 -1 1 0 -5 -2
, white|2 -2 0 -3 -2 -3 -2
, wrap|0 -1 -4 1 -2 -4 -3
, yeast|2 0 -3 -2 -4 -2 -1
. #|-2 0 -2 -2 3 -1 -3
. add|-2 -4 1 -2 -2 1 -3
. blend|-5 -3 -3 -2 -2 5 -2
. bring|-2 -3 4 -5 -3 0 -2
. brush|2 -1 -2 -1 -2 -2 -1
. chill|-1 -3 -2 -1 -2 1 -1
. combine|-1 -2 1 -2 -1 0 -1
. cool|1 -4 -4 -3 -2 0 -2
. cut|3 -2 -3 -1 -4 -3 -1
. divide|1 -2 -4 -2 -1 0 0
. fill|-2 -1 0 -2 -4 2 -2
. fold|4 -2 -2 -2 -2 -4 -1
. freeze|0 -2 -3 -2 -2 0 -2
. heat|1 -3 0 -3 -5 -3 -2
. it|1 -1 -3 -2 -1 0 -1
. layer|-1 -1 -3 -2 1 -1 0
. lemon|0 -1 -3 -1 -1 2 -1
. lid|-2 -2 3 -4 -4 -3 -3
. line|4 -1 -3 -1 -4 -1 -1
. mix|-2 -4 2 -1 -4 1 -2
. oil|2 0 -2 -4 -3 -4 -3
. on|-1 -2 -3 0 1 -3 -1
. pack|0 -1 1 -2 -1 -2 -1
. parsley|4 -2 -5 -3 -1 -4 -1
. pour|2 -3 -2 -4 0 -4 -2
. put|-2 -2 2 -2 -3 -4 -4
. roll|2 -1 -2 -1 -2 -1 0
. rub|1 -1 -2 -1 -1 -2 -1
. salt|-2 0 -1 -2 -2 3 -1
. scatter|1 -1 -1 -1 -1 -1 -1
. season|-2 -2 -1 -2 -3 2 -2
. serve|1 -1 -5 -1 -2 0 -1
. shake|-2 -3 1 -2 -4 1 -2
. shape|2 -1 -1 0 -1 -1 0
. slice|-1 -4 1 -3 -2 -3 -2
. spoon|0 0 -2 -1 -1 1 0
. spread|0 -1 -3 -2 0 -3 -1
. stir|0 -4 -8 0 -6 2 -2
. then|0 -1 0 -2 -2 -1 -1
. tip|0 -1 0 -1 -2 -1 0
. top|2 -1 -2 -1 -1 -3 -1
. toss|0 -1 1 -2 -5 0 -1
. warm|1 -1 0 -1 -1 -1 -1
. when|-1 -3 0 2 -2 -1 -2
. whisk|1 -1 -1 -2 -3 -3 -2
; #|-3 -4 4 -3 -1 -3 -5
; add|-3 -2 3 -3 -3 0 -2
; bring|-2 0 2 -2 -4 -2 -1
; cook|-2 -4 2 -2 -4 -4 -5
; cover|-2 -1 -3 2 -1 -2 -2
; drain|-1 0 -4 3 -1 -1 -1
; leave|-1 3 -2 -3 -4 -2 -3
; let|-4 1 0 3 -2 -2 -2
; mix|-1 -1 0 -1 -1 0 -1
; roast|-2 -1 -1 -2 1 -1 0
; season|0 -2 -3 -1 1 -3 -1
; simmer|-2 -3 -4 4 -3 -2 -3
; stir|-2 -3 2 -2 -5 1 -1
; toss|0 -2 1 -3 0 -2 -1
<=14|-7 3 -1 0 0 -12 -5
<=2|-4 -9 9 -5 -11 0 -13
<=25|-8 5 -13 2 3 -12 -2
<=45|-13 4 -13 1 5 -10 -3
<=5|5 -6 2 -2 -10 -3 -1
<=9|-3 -10 3 0 -4 -9 -1
^ #|1 -6 -6 -5 4 -6 -8
^ add|3 -4 1 -1 -3 -9 -6
^ all|-3 -3 0 -3 -1 3 -2
^ bake|-3 -8 -5 -3 5 -3 -5
^ barley|1 -1 -1 0 -2 -1 -1
^ beans|1 -4 1 -2 -5 -5 -4
^ beat|2 -2 -3 -1 -1 -3 -1
^ blanch|-4 -4 -2 5 -3 -3 -5
^ blend|-8 -3 -5 -3 -4 7 -2
^ blitz|-7 -3 -4 -3 -4 7 -4
^ boil|-5 -7 -7 7 -6 -5 -6
^ bring|-5 -4 0 2 -1 -4 -2
^ brown|1 -3 0 -5 -4 -4 -5
^ brush|0 -2 -1 -1 1 -2 -1
^ chill|2 3 -6 -6 -7 -6 -6
^ chop|1 -3 0 0 -1 -2 -3
^ combine|1 -1 -2 1 -5 -5 -3
^ cook|-6 -3 5 -4 -8 -5 -3
^ cool|4 3 -9 -8 -10 -5 -7
^ core|5 -3 -5 -3 -5 -5 -4
^ cover|1 0 -4 1 0 -4 -6
^ crumble|3 -2 0 -2 -2 -3 -2
^ cube|1 0 -2 -4 -1 -5 -4
^ curry|-1 -3 3 -4 -4 -4 -3
^ cut|1 0 -1 -5 -5 -1 -4
^ day|0 -1 -2 0 -3 0 -3
^ dice|2 -2 1 -4 -2 -3 -4
^ discard|1 -1 -3 -2 -2 0 -2
^ divide|4 -2 -4 -2 -3 -5 -2
^ do|3 -3 -4 -3 -2 -3 -1
^ drain|2 3 -3 -3 -5 -2 -4
^ dry|1 1 -1 -4 -3 -3 -4
^ everything|-5 -1 2 2 -1 2 -3
^ fill|3 -3 -5 -3 1 -4 -1
^ filling|2 1 -4 0 -2 -3 -2
^ finish|3 -1 -3 -2 0 -5 -1
^ fish|1 -2 -1 -2 -3 -1 -2
^ flour|-1 -4 4 -5 -4 -3 -4
^ fluff|3 0 -3 -3 -3 -3 -2
^ fold|1 0 -3 1 -4 -6 -3
^ for|-2 -3 3 -2 -2 -4 -2
^ fork|1 2 -4 -3 -4 -3 -4
^ form|2 -2 -2 0 -2 -2 -1
^ freeze|3 1 -4 -3 -4 -5 -4
^ fry|-6 -6 7 -6 -7 -4 -7
^ garlic|-1 -7 6 -6 -7 -8 -5
^ get|-2 -2 3 -4 -3 -3 -2
^ grate|3 0 -3 -3 -2 -4 -1
^ grind|3 -3 -3 -2 -2 -3 -2
^ halve|2 -1 -2 -1 -1 -2 -2
^ heat|2 -8 1 -1 -5 -3 -4
^ in|0 -4 1 0 -6 -5 -2
^ into|0 -2 1 0 -4 -5 -2
^ keep|-1 -3 -6 -3 4 -6 -2
^ knead|4 -3 -4 -4 -4 -4 -5
^ ladle|4 -2 -4 -2 -3 -3 -2
^ lay|1 -2 1 -2 -1 -3 -3
^ layer|5 -4 -5 -3 -5 -4 -3
^ leave|2 1 -3 -2 -9 -4 -9
^ lemon|3 -2 -4 -2 -2 -3 -1
^ lentils|0 -3 -4 3 -3 -2 -2
^ let|3 2 -6 -4 -4 -3 -2
^ lid|-3 -7 -3 0 3 -2 -2
^ lift|3 -2 -3 -2 -2 -3 -1
^ lower|-1 -3 1 -3 1 -1 -1
^ mash|0 -3 0 -4 -4 -1 -3
^ massage|4 -4 -5 -4 -3 -4 -4
^ meanwhile|-4 -2 0 0 0 -2 0
^ melt|-3 -4 0 2 -4 -3 -2
^ mix|6 0 -8 -8 -1 -10 -4
^ morning|1 -1 -1 -2 1 -3 -1
^ mustard|1 1 1 -3 -3 -3 -2
^ next|0 -5 1 1 -4 -4 -4
^ off|3 4 -7 -6 -5 -5 -3
^ oil|3 0 -3 1 -4 -5 -2
^ onion|-4 1 2 -4 -4 -4 -5
^ onions|1 -2 1 -1 -3 -3 -2
^ out|2 -2 -3 -3 1 -3 -2
^ oven|8 -6 -7 -5 -1 -8 -5
^ pack|4 -3 -2 -4 -2 -4 -2
^ paste|-4 -4 3 -4 -4 0 -2
^ peel|0 0 0 -5 -3 -1 -2
^ place|-1 -2 -2 -2 1 -2 -2
^ potatoes|-2 -4 -3 4 0 -3 -3
^ pour|0 2 -2 -1 -1 -8 -3
^ preheat|5 -3 -4 -2 -7 -4 -3
^ press|2 5 -6 -4 -6 -6 -6
^ prove|-4 4 -4 -4 -3 -3 -4
^ pulse|-5 -2 -3 -2 -3 5 -2
^ puree|-6 -2 -3 -4 -3 6 -2
^ put|0 -3 -1 -1 -1 -2 1
^ quarter|0 0 0 -2 -1 -2 -1
^ remove|1 -1 -1 -3 -1 -2 -4
^ rest|-1 6 -2 -9 -5 -7 -5
^ return|-2 -6 2 2 -2 -6 -4
^ rice|-2 -4 2 -3 -3 -4 2
^ rinse|0 1 1 -1 -3 -6 -4
^ rise|-3 4 -3 -4 -5 -3 -3
^ roast|-4 -8 -1 -6 5 -3 -6
^ roll|2 -4 0 -4 -5 -4 -4
^ rub|3 0 -4 -2 -1 -2 -1
^ salt|5 2 -6 -5 -6 -5 -6
^ sauce|1 -4 -2 3 -3 -3 -2
^ saute|-3 -3 3 -1 -4 -2 -3
^ sauté|-3 -3 5 -5 -4 -3 -5
^ scatter|4 -2 -6 -2 -1 -4 -1
^ scoop|1 -2 1 -1 -3 -2 -1
^ season|7 0 -7 -5 -6 -8 -3
^ serve|3 -2 -2 -4 -4 -9 -4
^ set|-1 -3 2 -4 -5 -6 -3
^ shake|5 -3 -5 -2 -4 -5 -4
^ shape|3 -1 -4 -1 -4 -3 -3
^ shred|0 -2 -1 -4 0 0 -4
^ simmer|-4 -8 -7 8 -11 -3 -4
^ skim|3 -2 -4 -1 -3 -3 -2
^ slice|4 1 -3 1 -2 -6 -4
^ soak|-2 5 -5 -6 -4 -3 -4
^ soften|-3 -4 3 -1 -4 -4 -3
^ spinach|-3 -3 3 0 -3 -2 -3
^ spoon|0 1 -2 -1 -1 -2 -1
^ spread|3 -2 -4 -1 -2 -4 -2
^ sprinkle|1 -2 0 -4 -3 -3 -2
^ squeeze|0 -4 0 -1 -4 -3 -2
^ stack|3 -3 -3 -3 -3 -3 -2
^ stand|-5 6 -2 -5 -6 -4 -6
^ steam|-6 -8 -6 8 -6 -5 -8
^ stir|3 1 -3 -1 -2 -8 -5
^ stock|2 -3 -5 -1 2 -5 -4
^ strain|2 -3 -2 -1 -2 -2 -1
^ sweat|-3 -6 2 1 -6 -3 -5
^ take|2 0 -6 -4 -1 -1 -2
^ the|-1 -2 -1 2 -2 -2 -1
^ then|-7 -6 0 4 0 2 -3
^ tip|1 -2 0 -1 -1 -2 -2
^ toast|1 -4 0 -6 1 -4 -6
^ tofu|-3 -3 0 -3 2 -2 -3
^ tomatoes|1 -4 0 1 -4 -3 -3
^ top|4 -2 -4 -2 -3 -5 -2
^ toss|4 0 -8 -1 -1 -7 -1
^ turn|1 -2 0 -1 1 -3 -2
^ uncover|-1 -3 0 -3 2 -1 -3
^ veg|2 -4 -3 0 -3 -3 -1
^ vinegar|3 -3 -5 2 -3 -4 -2
^ warm|-1 -1 2 0 -6 -6 -6
^ wash|0 3 0 -4 -1 -6 -5
^ water|1 -3 -4 -2 -3 1 -2
^ while|-2 -2 -1 -3 1 0 0
^ whisk|1 2 -3 0 -4 -4 -3
^ wilt|-4 -2 4 -2 -1 -3 -2
^ wine|-2 -4 -1 3 -4 -5 -3
^ wrap|2 -3 -2 -3 -1 -3 -2
a|-3 -1 0 0 1 -1 -2
a #|-2 -2 -4 1 3 -5 -2
a baking|0 -2 -2 -2 1 -1 -2
a big|0 -5 1 -6 -4 -2 0
a bit|-1 -2 -2 2 -3 0 -2
a blender|-2 -2 -2 -2 -2 2 -1
a boil|-4 -3 2 -1 0 -2 -1
a bowl|3 1 -3 -3 -3 -5 -3
a clean|3 -1 -1 -2 -2 -3 -1
a cloth|2 2 -4 -3 -5 -2 -2
a coarse|1 -1 -3 -2 -2 -1 -1
a colander|-3 3 -2 -3 -3 -2 -1
a day|2 0 -5 -3 -3 -4 -4
a deep|-1 -3 1 -3 0 -3 -2
a dry|-2 -3 4 -7 -4 -3 -3
a dutch|-2 -1 2 -2 0 -2 -1
a few|2 -2 -1 1 -3 -2 -1
a food|-2 -1 -2 -1 -1 2 -1
a fork|1 0 -1 -1 -1 -3 -1
a frying|-2 -1 2 -3 -1 -2 -2
a further|-3 -3 -1 -1 1 -2 -3
a good|0 -1 -1 0 -2 -2 -2
a greased|-1 -1 -3 2 -2 -2 -2
a half|-2 -4 -1 0 1 0 -1
a heavy|-3 -3 4 -4 -2 -2 -2
a high|-4 -3 3 -4 -3 1 -4
a hot|-2 -3 -1 1 -2 -1 0
a jar|0 1 0 -3 -1 -6 -3
a ladleful|1 -2 0 -2 -2 -4 0
a large|-2 -2 0 0 -1 -5 -3
a lid|-2 0 -2 2 -3 -2 -1
a lined|1 -3 -3 1 -2 0 -1
a little|-1 -1 0 -1 0 -2 -2
a log|2 -3 -2 0 -2 -2 -1
a low|0 -3 -4 3 -1 -3 -1
a medium|-5 -4 5 -3 -2 -3 -1
a minute|-1 1 1 -1 -4 -5 -3
a pan|-5 -3 2 1 -4 -1 -5
a paste|-2 -1 -2 -1 -1 2 -1
a pinch|-1 0 1 -2 -2 -3 -3
a plate|3 1 -5 -1 -3 -4 -2
a pot|-1 -3 1 0 -5 -5 -4
a quarter|-2 1 0 1 -2 -3 -1
a rack|-1 -1 1 -3 0 -2 -1
a rimmed|-1 -1 -1 -1 1 -1 -1
a roasting|1 -1 -2 -2 1 -1 -1
a rough|-2 -1 -2 -1 -1 2 0
a saucepan|-4 -2 1 2 -3 -3 -4
a sheet|-1 0 -3 -3 2 -1 -1
a side|-2 -2 -1 0 1 -2 -3
a sieve|0 2 -3 -2 -2 -3 -1
a simmer|-4 -3 0 -1 2 -3 -2
a skewer|-1 -1 -1 -1 1 -1 -1
a small|-2 -3 0 2 -4 -5 -4
a soft|-1 1 -2 -2 -2 -2 0
a splash|1 0 0 -1 -3 -2 -1
a spoon|-1 -3 1 0 -4 0 -2
a stick|-2 -1 -1 1 -2 1 -1
a tablespoon|-2 -2 2 -3 -2 -1 0
a teaspoon|-2 1 0 -3 -4 1 1
a thick|0 -1 0 -3 -1 0 -1
a third|-1 -3 0 -2 -4 2 -1
a time|-1 -1 -1 -2 -2 1 0
a tin|2 -2 -3 0 -3 -4 -1
a toothpick|-1 -1 -1 -1 1 -1 -1
a tray|-3 1 -3 -4 2 -3 -3
a wide|-3 -1 2 0 -1 -3 -1
about|-1 -3 0 0 -4 0 1
about #|-1 -3 1 -1 -3 -2 1
about a|1 -1 -2 0 -2 0 -1
about an|-2 1 -2 1 -2 -1 -2
absorbed|-4 -2 4 -3 -2 -2 -2
abt|0 -1 1 -2 -1 -1 -1
add|1 -4 1 -2 -3 -3 -3
add #|0 -4 -1 2 -4 -5 -2
add a|-1 1 -5 -1 0 0 -2
add beans|1 -2 -5 1 -5 1 -1
add chickpeas|2 -2 -2 -2 0 -3 -2
add cumin|-1 -1 1 -2 -1 -1 -1
add everything|2 -3 -2 -3 -3 0 -1
add garlic|1 -2 0 -1 -3 -3 -1
add ginger|0 -1 2 -4 -1 -2 -2
add lentils|1 -1 -1 -1 -1 -2 -1
add onion|-2 -1 -1 1 -3 -2 -2
add potatoes|0 -1 0 -1 -1 -1 -1
add rice|3 -3 -2 -4 -3 -4 -2
add the|1 -3 0 -1 0 -4 -3
add to|0 -2 1 0 -1 -3 0
add tofu|0 2 -1 -2 -2 -3 -2
add tomatoes|4 -2 -5 -2 1 -3 -3
add water|-1 0 -4 1 -3 0 -1
adding|-2 -2 -3 1 1 1 -1
adding the|-1 -2 -3 1 0 1 -1
adjust|3 -1 -3 -2 -2 -4 -2
after|0 -4 -1 -1 0 -5 0
after #|0 -4 -6 -1 1 -5 -1
again|0 1 -4 2 -3 -1 -1
again .|1 -3 -4 2 -1 -1 0
against|-2 -1 2 0 -1 -3 -1
against the|-2 -1 2 0 -1 -3 -1
agave|3 -2 -3 -2 -1 -3 -1
air|-3 0 -3 -4 -5 -3 4
ajar|1 -4 -3 3 1 -3 -3
ajar ,|-1 -1 -1 1 0 -1 0
al|-2 -2 -4 4 -3 -1 -3
all|-2 -4 -1 -2 -3 3 -1
all ,|0 -2 -3 -3 0 0 -2
all .|0 -2 0 -2 -3 -4 -2
all but|-1 0 -2 0 -4 0 -2
all in|-1 -3 -2 -2 -3 2 1
all the|2 -2 -2 0 -2 -2 -1
all together|1 0 -3 -3 -3 0 -4
allow|2 -1 -3 1 -3 -1 -4
allspice|1 -2 1 -2 -3 -3 -2
almond|-1 -1 -2 2 -1 1 0
almonds|1 -3 -2 -4 -1 0 -3
almonds .|3 -1 -3 -1 -2 -3 -1
almost|-1 -2 -3 2 -2 1 -2
along|-1 -2 -1 -2 -1 -2 2
alongside|3 -2 -4 -2 0 -3 -2
an|-2 -1 -1 1 -1 -3 -4
an hour|-5 0 -3 2 -3 -4 -4
an oiled|-1 1 -3 -2 1 -2 -1
an onion|-1 -2 2 -2 -2 -2 -1
an ovenproof|1 -2 -1 -1 -2 -2 -1
and|-1 -1 -1 -1 -1 0 -2
and #|-1 -1 -1 0 -3 1 -2
and a|-2 -1 1 0 0 -1 1
and add|2 -2 -2 0 -2 -1 0
and bake|-3 -4 -2 -3 4 -2 -2
and basil|0 -1 -3 -1 -1 0 0
and bay|5 -2 -6 -2 -3 0 -1
and beans|-2 -1 1 0 -1 -2 -1
and blend|-1 -2 -1 -2 -2 2 -2
and boil|-3 -3 -5 5 -4 -2 -2
and bring|0 -2 2 -3 -3 -2 -1
and bubbling|-1 -1 -1 -2 2 -1 0
and carrots|-1 -2 1 -1 -3 0 -2
and celery|-4 -2 0 0 -4 1 -3
and chill|-2 2 -1 -2 -2 -1 -1
and chilli|-4 -3 -1 1 0 0 -2
and cook|-3 -7 -1 3 -3 -3 -1
and coriander|-1 -1 -3 -3 -2 1 -2
and cut|3 -3 -2 -2 -3 -3 -2
and dill|1 -1 0 -2 -1 -3 -1
and drain|-3 -1 -2 2 -3 -4 -5
and drizzle|3 -1 -3 -1 -4 -3 -1
and flour|-1 1 1 -3 -2 -3 -1
and fry|-2 -2 1 0 -3 -1 -2
and garlic|-1 -4 -2 1 0 -2 -3
and ginger|-2 -2 2 -3 -1 -1 -1
and grill|-2 -2 -1 -1 1 -1 -1
and half|2 -3 -2 -4 -1 0 -2
and into|-2 -1 -2 -3 3 1 0
and juice|0 -2 -4 1 -1 0 0
and knead|3 -4 -2 -3 -2 -2 -4
and leave|-2 2 -1 -5 -2 -3 -3
and lemon|-1 0 0 -3 -1 1 -1
and let|-3 4 -2 -2 -3 -4 -3
and lime|2 -1 -5 -3 -3 0 -4
and line|1 -1 -1 -1 -2 -1 0
and milk|-1 3 -2 -3 -1 -1 0
and mint|-1 0 1 -1 -1 -2 -1
and mushrooms|1 -1 2 -6 -2 -2 -1
and nutmeg|-1 0 1 0 -2 -2 -1
and oil|1 0 -2 -2 -4 -1 -2
and onion|3 -2 -3 0 -4 -3 -1
and onions|-1 -2 1 -2 2 -2 -1
and oregano|-3 -1 3 -3 -2 -2 -1
and paprika|1 -1 -1 -2 1 -2 -1
and parsley|0 -1 -2 0 -1 0 -1
and pepper|0 -3 -2 1 -2 0 -3
and peppers|-3 -4 3 -2 -3 -3 -3
and purée|0 -2 1 -3 -2 -4 -1
and put|-1 -2 1 -3 -4 -3 0
and remaining|-1 1 -2 -2 -3 -3 1
and return|-2 -2 -5 -2 1 3 -1
and rinse|3 -5 -4 -1 -3 -3 -2
and roast|-2 -3 -3 -3 3 -1 -2
and rosemary|1 -3 -3 2 -4 -2 -3
and sage|-2 0 2 -4 -1 -2 -3
and salt|2 -1 -1 -2 -4 -3 -2
and scatter|-2 -2 2 -2 -4 0 -1
and season|1 -1 1 -2 -2 -2 0
and serve|1 -2 -1 -2 -4 -2 -2
and set|-1 1 -3 1 -2 -1 -1
and simmer|-3 -3 -6 5 -4 -1 -1
and some|1 1 -2 -1 -3 -1 0
and soy|-2 -2 0 -4 -3 2 1
and spices|1 -2 2 -5 -3 -4 -1
and spinach|3 -3 -5 3 -2 -3 -2
and spread|-1 1 -1 -1 -2 -1 -1
and squeeze|1 0 -1 -3 -2 -3 -3
and stir|-3 -1 3 -2 -2 -1 -1
and stock|2 -1 -1 -2 -4 -2 -1
and sugar|2 -1 -5 1 -3 -4 -2
and the|2 -5 -2 -1 -2 -1 -2
and then|2 -3 -3 2 -3 -2 -1
and thyme|-1 -1 2 -4 1 -1 -1
and tomato|0 -1 0 -2 -2 -3 0
and tomatoes|-1 -2 2 -4 0 -1 -1
and toss|-1 -3 1 -1 -2 -3 0
and transfer|0 0 -1 -2 1 -1 -1
and turmeric|-1 -1 2 -3 -2 -2 -2
and vinegar|-1 0 2 -3 -2 -4 -3
and walnuts|0 -1 -2 -2 -3 1 0
and water|-2 1 2 -4 -5 -6 -6
and zest|-2 0 0 1 -2 -1 0
another|-7 -3 1 0 1 -6 -6
another #|-6 -2 1 -2 2 -4 -5
any|1 1 -1 -2 -1 -3 -1
apart|-1 0 0 0 0 -2 -2
apart .|-1 1 -2 1 -1 -1 -1
apple|0 -2 -1 -3 -3 1 -2
apples|-1 0 1 -2 -2 -3 -1
apples ,|0 -1 1 -1 -1 -1 -1
approx|1 0 -3 -2 0 -3 1
apricots|0 -2 -2 0 0 -1 -1
are|-2 -4 -3 2 0 -3 -1
are soft|-1 -2 -1 0 1 -1 -1
are tender|-1 -1 -1 1 -2 -1 -1
around|-1 -1 1 -1 0 -1 0
arrange|2 -3 -2 -2 1 -1 -1
arugula|-2 -1 2 -1 -2 -1 -1
as|0 0 -2 1 -3 -1 -3
as it|0 1 -3 0 -5 0 -1
as they|-1 0 0 -1 0 -4 -3
as you|1 -2 0 -2 -5 -1 -1
aside|3 1 -2 -5 -4 -2 -3
aside .|4 -2 -2 -4 -3 -1 -2
at|-1 -2 -3 -4 2 -2 0
at #|-3 -7 -2 -4 3 -4 1
at a|-1 -2 -2 2 -3 0 -2
at least|1 1 -4 -4 -4 -4 -3
at once|-1 -3 2 -3 -4 -5 -2
at room|2 -1 -3 -3 -3 -3 -2
at the|1 -4 -4 0 0 -2 -3
aubergine|-2 0 -2 0 1 -3 -3
aubergine ,|-1 1 -3 -1 0 -3 -3
aubergine with|1 -1 -1 -1 0 -1 -1
aubergines|0 -1 -4 0 1 -2 -3
aubergines ,|-3 -1 -2 -2 2 -1 -1
avocado|2 -2 0 -2 -3 -4 -2
away|-1 -4 -1 2 -3 -3 -2
back|-3 -3 0 0 1 -1 -4
back ,|1 0 2 -5 -3 -3 -3
back .|1 -2 -2 -1 -2 0 -2
back in|-4 -3 -1 1 3 -1 -2
back to|-1 -1 -2 2 0 0 -1
bag|-2 1 0 0 -5 -1 -5
bag .|-2 1 1 -4 -3 -1 -3
bags|0 -2 -2 -1 -1 0 -1
bake|-5 -10 -7 -6 7 -4 -6
bake #|-3 -8 -5 -7 7 -4 -6
bake at|-1 -2 -1 -2 2 -1 -2
bake for|-3 -5 -3 -3 4 -2 -4
bake in|-1 -1 -1 -2 1 -1 -1
bake on|-2 -2 -3 1 0 -1 -2
baking|-1 -4 -2 -4 1 0 -2
baking dish|2 -2 -3 -2 -3 -2 -1
baking powder|0 -1 -2 -1 -1 1 -1
baking sheet|0 -1 -2 -2 1 -2 -1
baking tray|1 -1 -1 -1 -1 -1 -1
balls|2 -4 -3 1 -2 -2 -1
balls ,|2 -2 -2 -1 -2 -1 -1
balls .|1 -1 -1 -1 -1 -1 -1
balsamic|3 -2 -4 -3 -2 -3 -2
bananas|0 1 -2 -2 -2 -2 -1
bar|-1 -2 1 -2 -2 0 -1
barley|0 -2 2 -1 -4 -4 -3
barley ,|-1 -2 1 -1 -2 -2 -2
barley in|0 -1 -1 1 -1 -2 -2
base|0 -1 -1 1 -1 -1 0
basil|1 -3 -3 -2 -2 1 -2
basil .|3 -2 -5 -2 -2 -4 -1
batch|-1 -1 2 -3 -1 -1 -1
batch .|-1 -1 2 -3 -1 -1 -1
batches|-5 -3 0 -4 -3 3 -2
batches ,|-3 -2 0 -2 -2 2 -2
bath|2 -4 -3 2 -3 -3 -3
batter|-1 0 -3 1 1 0 -1
batter ,|-2 -1 -3 2 1 -1 0
batter .|-1 -1 0 -1 -2 0 -1
bay|-1 -4 1 -1 -5 -1 -2
bay ,|2 -2 -4 -2 -2 1 -1
bay .|3 -2 -2 -4 -3 -2 -3
bay and|-2 -1 2 -2 -2 -3 -1
bay leaf|-2 -1 2 0 -2 -1 -1
bay leaves|0 -2 -1 -1 -1 0 -1
be|2 -2 -3 0 -3 -2 -1
bean|-1 -2 1 -1 -3 0 -2
beans|-1 -9 -1 1 2 -3 -7
beans #|-2 -4 0 0 -3 -3 -3
beans ,|1 -4 -2 0 -3 1 -2
beans .|2 -3 0 -4 -3 -6 -2
beans and|0 -3 -3 3 -2 -3 -2
beans in|0 -3 0 1 -4 -3 -2
beans with|0 -2 -4 0 -1 1 -1
beat|3 -2 -3 -2 -1 -3 -1
beat in|3 -1 -2 -2 -2 -3 -1
beetroot|-2 -1 -2 -2 1 1 -1
beets|0 -2 -1 1 -1 -2 -1
before|3 0 -7 -1 -7 -1 -5
before cutting|1 0 -4 -4 -3 -3 -3
before eating|2 -2 -3 0 -2 -2 -1
before serving|-1 2 -2 -2 -2 -2 -2
before slicing|1 0 -1 -2 -2 -2 -1
before the|-1 1 -3 -1 -2 1 -2
before you|3 -1 -2 -4 -3 -3 -2
behind appliance|3 2 -6 0 -3 -3 -3
behind at the hob|4 -10 4 -1 -6 -7 -13
behind blender|5 1 0 -6 -8 -4 -8
behind hands|5 0 -2 -5 -1 -5 -6
behind nothing|1 0 0 -2 -10 -1 0
behind on the hob|4 -2 -5 3 -10 -2 -14
behind oven|1 0 -6 -6 7 -5 -3
behind stands|6 -3 -1 -5 -6 -3 -4
bell|-2 -1 3 -3 -2 -1 0
berries|2 -2 0 -3 -2 -4 -3
best|3 -3 -2 -2 -2 -3 -2
better|3 -1 -4 -2 -3 -3 -2
between|0 1 -5 -3 -1 -1 -4
between #|4 -3 -4 -2 -1 -4 -1
between two|0 1 -2 -2 -2 -2 -2
bicarb|-1 1 1 -3 -4 -2 -2
big|-3 -6 3 0 -7 -3 0
big bowl|3 -4 -3 -2 -3 -4 2
big pan|-4 -2 4 -2 -1 -3 -1
big pot|-4 -3 1 1 -3 -3 -2
biggest|0 -2 0 0 -3 -2 -2
bit|0 -3 -2 1 -3 0 -4
bit of|0 -2 -1 0 -2 -1 -2
bite|-2 0 -3 2 -1 -1 -1
bits|1 1 -1 -3 -2 -2 -1
bits .|1 1 -3 -3 -2 -2 -2
bitterness|-2 -3 -2 3 -3 -2 -2
black|1 0 -4 -2 0 0 -1
black beans|0 -2 -2 -2 -3 0 -1
black salt|1 0 -4 -2 -3 -3 -1
blanch|-4 -5 -4 6 -3 -4 -6
blanch the|-3 -4 -2 4 -2 -3 -4
blast|2 0 -3 -3 -4 -4 -4
blast chill|2 0 -3 -3 -4 -4 -4
blend|-13 -6 -8 -5 -5 12 -3
blend #|-4 -3 -2 -3 -4 4 -4
blend .|-5 -2 -2 -2 -2 4 -1
blend all|-3 -2 -2 -1 -1 2 -1
blend half|-3 -1 -2 -1 -1 3 -2
blend the|-2 -2 -1 -1 -1 2 -1
blend until|-2 -1 -2 -1 -1 2 -1
blend with|-4 -2 -3 -2 -1 4 -1
blender|-7 -5 -9 -6 -5 9 -4
blender ,|-2 -3 -5 -3 -3 4 -4
blender .|-4 -1 -2 -1 -1 4 -1
blitz|-8 -4 -5 -3 -4 9 -4
blitz with|-3 -2 -3 -1 -2 3 -2
block|-1 2 -3 -3 -2 -3 0
blocks|1 0 -1 -1 -1 -3 -1
boil|-11 -12 -3 9 -7 -8 -7
boil #|-5 -5 -8 7 -4 -3 -4
boil ,|-4 -4 -2 4 -5 -2 -2
boil .|-5 -3 6 -5 -3 -4 -2
boil and|-1 -2 -4 4 -2 -1 -1
boil for|-2 -2 -4 4 -3 -1 -1
boil hard|-2 -3 -4 3 -2 -1 -2
boil in|-2 -3 1 0 -3 -3 -3
boil noodles|-2 -2 -3 2 -2 -1 -3
boil potatoes|-2 -3 -3 3 -2 -1 -1
boil the|-2 -2 -4 3 -3 -2 -2
boil with|-1 -3 1 1 -3 -1 -1
boiled|-2 2 -2 1 -4 -3 -5
boiling|-4 1 -2 1 -1 -2 -6
boiling water|-4 3 -2 0 -1 -5 -4
bonnet|1 -1 -2 -1 -2 -1 -1
both|-2 -3 3 -2 -1 -3 -3
bottle|-1 -2 -3 0 -2 1 -1
bottom|0 -3 1 -1 -2 -4 -4
bottom .|2 -2 0 -3 -3 -2 -1
bowl|5 1 -6 -4 -5 -6 1
bowl ,|2 1 -5 -3 -3 -3 2
bowl .|5 0 -5 -1 -3 -5 -4
bowl with|2 1 -3 -3 -3 -3 -4
bowls|0 -3 -1 -4 -4 0 -3
bowls .|-1 -2 1 -3 -3 0 -3
box|3 -3 -4 -3 -3 -3 -2
boxes|1 -1 -2 -1 -1 0 -1
braise|0 -4 -2 3 -4 -2 -4
bread|1 1 -4 -4 0 -4 -3
bread .|2 -1 -2 -1 -2 -3 -1
breadcrumbs|0 -1 -1 -1 -1 0 -1
break|3 -2 -4 0 -3 -4 -2
break up|3 -2 -4 0 -3 -4 -2
brine|3 -4 -5 -3 -3 -1 -3
brine ,|2 -2 -3 -2 -1 -1 -1
brine .|2 -3 -3 -3 -3 0 -2
bring|-6 -3 3 -1 0 -4 -3
bring back|-2 -1 0 1 -1 0 -1
bring slowly|3 -2 -2 -2 -3 -2 -1
bring the|-2 -2 -1 2 -3 -4 -2
bring to|-6 -4 2 0 1 -3 -2
bring together|1 1 -3 -1 -2 -1 -1
bring up|-2 -3 0 0 -4 -3 -2
broccoli|1 -3 -4 3 -2 -3 -3
broil|-4 -3 -3 -3 4 -2 -2
broth|1 -1 -2 -1 -5 -1 -2
broth ,|0 0 1 -3 -3 0 -1
broth .|3 -2 -4 -3 -2 0 -1
broth and|0 -3 -2 1 -2 -2 -1
brown|0 -6 1 -2 -3 -5 0
brown ,|-1 -1 3 -3 -2 -1 -2
brown .|0 -4 3 -4 0 -2 -3
brown the|2 -3 1 -5 -4 -4 -5
browned|-1 -2 2 -5 -1 -2 -4
browning|1 -1 -1 -2 0 -2 -1
brush|1 -1 -3 -3 2 -4 -3
brush with|-1 -3 -2 -2 2 -2 -1
bubble|-7 -7 -4 8 -5 -5 -4
bubble #|-2 -4 -5 5 -2 -2 -2
bubble for|-4 -4 -6 5 -3 -2 -2
bubbling|-3 -2 -3 -3 3 -2 -2
bubbling .|-2 -2 -2 -3 3 -2 -1
buckwheat|0 -2 -3 2 -1 -1 0
bulgur|2 1 -5 -1 -1 -3 -1
bulgur ,|1 1 -3 -1 -1 -3 -1
bunch|0 -1 -3 -1 -1 0 -1
buns|3 -1 -4 -2 -2 -2 -1
but|0 -1 -4 0 1 1 -2
but not|-3 -1 -3 1 1 2 -1
but the|1 -1 -2 -4 -1 -1 -3
butter|-2 -3 1 0 -5 1 -3
butter ,|1 -3 -2 1 -3 0 -1
butter in|-2 -1 3 -3 -2 -2 -2
butter with|-3 -1 3 -3 -2 -3 -2
by|1 -1 -2 0 -2 -4 -3
by #|2 -3 0 -2 0 -4 -2
by half|-5 -1 -1 4 -3 -4 -3
by hand|4 -5 -3 -4 -3 -3 -2
c|-2 -4 -6 -7 6 -4 -1
c #|-1 -6 -5 -7 3 -5 -2
c (|0 -1 -1 -1 1 -1 -1
c ,|-1 -1 -4 -3 3 -4 -5
c .|1 -1 -8 -1 1 -3 -5
c and|0 -1 -1 -1 -2 0 -1
c fan|6 -2 -2 -1 -3 -2 -1
c for|-2 -3 -3 -2 0 -1 2
c gas|4 -1 -2 -1 -3 -2 -1
c with|1 -2 -2 -2 0 -2 -2
c within|1 -3 -2 -1 -3 0 -1
cabbage|1 -2 -3 2 -6 -3 -6
cabbage ,|0 1 -4 1 -3 -2 -2
cabbage and|-2 -2 1 -1 -2 1 -1
cake|0 2 -3 -3 -3 -3 -1
can|-3 -2 -1 1 1 1 -2
cancel|2 -1 -2 -1 -1 -2 -1
cancel .|2 -1 -2 -1 -1 -2 -1
capers|-2 -3 1 -1 -3 0 -3
capers ,|-1 -3 1 -1 -3 -1 -3
caraway|0 1 0 -2 -3 -1 -1
carefully|2 -2 -3 0 1 -2 0
carrot|1 -4 2 -2 -3 -2 -2
carrot ,|1 -3 0 -2 -1 -1 -1
carrot and|1 -2 -1 0 -1 -2 -1
carrots|0 -6 1 -2 -2 -1 -5
carrots ,|0 -5 -2 -2 1 0 -4
carrots and|2 -2 0 -3 -3 -1 -1
carrots in|-1 -2 -3 2 -2 1 -1
carrots with|2 -1 -1 0 -2 -3 -2
cashews|-1 -1 -1 -2 -3 1 -2
casserole|0 -2 3 -3 -2 -2 -2
cast|1 -2 -1 -3 1 -2 0
cast iron|1 -2 -1 -3 1 -2 0
catch|-1 -1 1 0 -1 -1 0
catch .|-1 -1 1 0 -2 0 0
catches|2 -2 -3 0 -2 -2 -1
cauli|1 -2 -2 -1 1 -3 -3
cauliflower|-1 -4 0 -1 1 -3 -2
cauliflower ,|1 -2 -2 0 -3 -1 -1
cavolo|0 -1 2 -2 -2 -1 -2
cayenne|-2 -1 2 -2 -2 -2 -1
celeriac|1 -1 -2 1 -1 -2 -1
celery|-2 -4 0 0 -5 0 -4
celery ,|1 -1 -1 -1 -2 -3 0
celery and|-2 -1 0 0 -2 0 -2
celery in|-3 -2 2 -2 -2 0 -2
char|0 -3 -3 -2 3 -3 -3
chard|-5 -3 3 -3 -2 -2 -4
charred|-1 -2 -1 0 1 -2 -2
check|1 0 -3 -3 0 -4 -2
cheese|-2 -1 -2 -1 2 -1 -1
chestnuts|0 0 -1 -1 0 -3 -1
chestnuts ,|0 0 0 -2 -2 -3 -1
chia|1 1 -3 -2 -2 -2 -1
chickpea|-1 0 -1 -1 -1 1 0
chickpeas|0 -2 0 -4 1 -1 -3
chickpeas ,|-1 1 1 -4 0 -2 -1
chickpeas .|2 -2 -3 -1 -2 -2 -1
chickpeas and|1 -1 0 -3 0 -4 -1
chickpeas with|3 -3 -1 -1 -3 -4 -2
chili|-3 -1 1 2 -3 -2 -1
chill|1 4 -8 -7 -9 -2 -6
chill #|-1 4 -4 -5 -6 -4 -5
chill .|2 -3 -2 -1 -2 -1 -1
chill for|1 1 -3 -3 -4 -2 -2
chill to|0 1 -2 -1 -4 0 -3
chilli|2 -5 -1 -1 -3 -2 -4
chilli and|-1 -3 1 -1 -1 -2 -2
chilli flakes|1 -1 -1 -3 -2 -2 -1
chillies|1 -1 -1 -3 -4 0 -2
chillies ,|1 -1 -1 -2 -4 0 -2
chipotle|-4 -2 2 -2 -2 0 -2
chips|4 -2 -4 -2 -3 0 -1
chives|3 -1 -4 -2 -3 -3 -1
chocolate|-1 0 -3 0 -3 1 -2
choi|-2 -2 2 1 -3 -2 -2
chop|3 -4 -1 -2 -1 -4 -5
chop .|0 -2 1 -2 0 -2 -2
chop onions|4 -3 -4 -2 -3 -4 -1
chop the|1 -1 -2 -3 -2 0 -1
chopped|0 -1 1 -5 -1 0 -1
chopped ,|2 -1 0 -2 -2 -2 -1
chopped onion|1 -1 0 -3 -2 -1 -3
chuck|0 -2 0 -3 0 -3 -3
chunks|2 -3 -2 -3 2 -3 -1
chunks ,|2 -2 -2 -2 1 -2 -1
chunky|-1 -2 -2 -1 -2 1 -1
cilantro|0 -1 -4 -2 -3 1 -2
cilantro .|0 -1 -4 -2 -2 1 -2
cinnamon|1 -4 0 -2 -2 -3 -1
cinnamon ,|1 -2 0 -3 -2 -3 -1
clean|2 -2 -2 -3 1 -4 -1
clean .|-1 -1 -1 -1 1 -1 -1
clear|3 2 -5 -3 -1 -4 -3
clear .|3 -3 -4 -3 -1 -2 -2
close|4 -2 -4 -3 -2 -3 -1
cloth|1 2 -5 -3 -5 0 -3
cloth .|1 0 -3 -2 -2 0 -2
clove|0 -2 -2 0 -2 -1 -1
cloves|1 0 -2 -2 -2 0 -1
cloves and|0 -2 0 -1 -1 -2 -1
cloves garlic|-2 -1 0 -3 -1 1 -1
cloves of|-1 -1 0 0 -2 0 0
cm|0 1 -4 0 -1 -2 -5
cm ,|1 -1 -3 0 -2 -3 -2
cm .|3 -3 -3 -2 -3 -4 -2
cm cubes|-3 1 -2 -1 -1 -2 -3
cm dish|-1 -1 -1 -1 1 -1 0
cm pieces|-1 1 -1 -1 -1 -2 -1
cm thick|-2 2 -2 -1 -1 -2 -1
cm tin|4 -1 -4 -3 -4 -3 -1
coarse|0 -2 -4 -3 -1 1 -2
coarsely|-3 0 1 -2 -2 1 -1
coat|1 0 -2 -1 -1 -2 -1
cobs|-1 -2 1 0 -3 -4 -2
cocoa|1 -2 -3 2 -3 -2 -1
coconut|0 -2 -1 -1 -4 0 -3
coconut milk|0 -2 -1 -1 -3 -1 -3
coconut oil|0 -1 -1 0 -1 -1 -1
colander|-4 3 -2 -4 -4 -3 -2
colander for|-1 1 -1 -2 -2 -1 -1
cold|-1 1 -1 1 -6 -5 -6
cold ,|1 -1 -4 3 -2 -2 -2
cold .|2 -3 -1 1 -5 -6 -3
cold water|-2 1 1 -3 -2 -2 -3
collapse|0 -3 -4 4 -1 0 0
collapsed|-1 -2 -3 2 -3 -1 0
collapsing|-2 -2 -2 1 0 -1 -1
colour|-2 -2 0 1 -2 -1 -1
colouring|-1 -1 -2 2 -1 -1 -1
combine|0 -1 -2 1 -5 -2 -3
combine ,|-1 0 -3 1 -3 -4 -3
combine .|2 -3 -1 -1 -1 -1 -1
combine everything|-3 2 1 -3 -1 -4 -2
combined|2 -2 -2 -1 -1 -1 0
come|-2 2 -3 -1 -1 -2 -3
comes|-1 -1 -3 0 1 -1 -1
comes out|-1 -1 -1 -1 1 -1 -1
completely|-1 1 -4 0 -4 0 -3
completely ,|0 2 -2 -3 -1 -2 -1
completely before|0 0 -1 -2 -2 -3 -1
completely on|-1 2 -2 -3 -3 -3 -2
cook|-6 -8 2 1 -5 -7 1
cook #|-7 -7 2 1 -6 -5 -9
cook ,|-2 -2 -2 0 1 -2 1
cook for|-7 -6 2 1 -7 -2 -5
cook gently|-1 -2 -5 4 -3 -1 -1
cook in|-4 1 -4 -2 0 -2 1
cook on|-2 -2 -3 3 -2 -1 -5
cook onion|-1 -1 1 -1 -2 -1 -2
cook over|-2 -2 0 1 -2 -1 -3
cook the|1 -5 -2 3 -6 -3 -6
cook uncovered|-2 -2 -3 1 1 -1 -2
cook until|-4 -2 5 -5 -4 -3 -3
cooker|0 -1 -2 -7 -6 -7 5
cooker ,|1 -3 -2 -4 -3 -3 1
cooker .|1 -1 -1 -2 -1 -3 -3
cooker with|3 -3 -3 -3 -2 -3 1
cooking|1 -3 -2 0 -2 0 -1
cooking water|1 -2 -1 0 -1 -1 -1
cooks|-1 0 1 -3 0 1 0
cool|3 4 -6 -4 -9 -3 -7
cool #|-2 4 -6 -6 -6 -4 -6
cool ,|1 -1 -2 -2 -3 0 -1
cool .|3 -5 0 1 -3 -2 -5
cool completely|0 2 -5 -2 -4 -5 -3
cool for|-4 4 -3 -5 -2 -1 -3
cool in|2 1 -4 -3 -6 -6 -3
cool on|2 0 -4 -3 -5 -4 -3
cool quickly|1 -2 -1 -1 -1 -1 -1
cools|-1 0 -2 -2 -2 1 -1
core|2 -3 0 -1 -6 -5 -3
coriander|0 -2 -1 -4 -4 0 -2
coriander ,|2 -1 -1 -1 -2 -2 -1
coriander .|1 -3 0 -3 -4 -3 -2
coriander and|0 -1 1 -3 -2 -3 -1
corn|-2 -3 2 0 -2 -4 -3
cornflour|-2 -4 2 0 -1 -5 -4
cornstarch|-1 -2 -2 1 -1 -3 1
counter|0 1 -2 -2 -2 -3 -3
couple|2 0 -2 -4 1 -2 -3
courgettes|-2 3 -2 -2 -4 -1 -3
courgettes ,|-1 1 -1 -1 0 -3 0
courgettes and|-1 0 -1 0 -3 0 -1
couscous|0 1 1 -3 -3 -2 -1
cover|-3 1 -2 1 0 -4 -1
cover ,|-2 0 -4 1 -1 -2 1
cover .|-2 -4 3 -4 -5 -5 -4
cover and|-2 1 -5 2 -1 -2 -3
cover by|0 -3 -1 -1 1 -4 -2
cover tightly|0 -3 -2 0 1 -1 -3
cover with|0 -1 -3 0 -1 -1 -3
covered|-3 3 -4 2 -6 -2 -3
covered #|-3 3 -5 0 -5 -3 -5
covered ,|-1 1 -4 3 -3 -2 -2
covered .|-1 1 1 -4 -2 -1 -1
covered for|-1 0 -2 1 -1 -1 -3
crackle|1 -1 0 -3 -1 -1 -3
cranberries|3 -1 -3 -2 -2 -3 -1
cream|0 -4 1 -3 -6 0 -4
cream ,|-1 -2 -1 1 -3 0 -1
cream .|2 -1 -4 -2 -2 0 -1
cream and|2 -1 -1 -1 -1 -1 -1
creamy|-3 -3 -3 1 -1 0 -2
creamy .|-3 -3 -3 2 -2 0 -2
crisp|-1 -4 1 -2 -1 -4 -3
crisp .|1 -2 0 -4 -1 -3 -1
cross|1 -1 -1 -1 1 -2 0
crumble|2 -1 0 -2 -3 -3 -4
crumble the|3 -3 -2 -2 -2 -3 -2
crumble tofu|1 -2 0 -3 -1 -3 -2
crumbs|-3 -3 -1 -5 2 2 -4
crumbs .|-2 -2 -4 -1 2 0 -2
crush|1 -2 0 -1 -3 -3 -2
crust|-1 1 -2 -2 -1 -2 -1
cube|3 0 -5 -5 -1 -3 -5
cube the|-1 0 0 -3 0 -3 -3
cubes|-1 0 1 -1 -2 -1 0
cubes ,|1 -1 -2 0 -2 -2 0
cubes .|-1 0 1 -2 -2 0 -2
cucumber|-2 3 0 -3 -3 -4 -3
cumin|2 -4 -2 1 -2 -5 -2
cumin ,|2 -3 -3 2 -1 -4 -2
cumin and|0 -1 2 -1 -3 -1 -1
cumin seeds|-2 -1 3 -3 0 -2 -1
cup|1 -2 -3 0 -3 1 -1
cup of|1 -2 -1 1 -2 -4 -2
cup water|0 -2 -4 1 -2 1 -1
cups|0 -3 -2 0 0 -2 1
cups of|-1 -2 0 -3 0 -1 1
cups water|-1 -2 -1 2 -4 -3 0
currants|0 -2 2 -2 -1 -3 -2
curry|0 -5 3 -5 -1 -2 -3
curry leaves|1 -2 0 -3 -2 -2 -2
curry powder|0 -5 2 -4 -1 -1 -2
cut|2 -1 -3 -2 -2 -3 -1
cut everything|3 -3 -2 -2 -3 -3 -3
cut in|-1 0 -4 0 0 1 -1
cut into|0 1 -3 -2 -1 -3 -2
cut side|-1 -2 0 -3 2 -1 -2
cut the|0 -1 0 1 -3 -2 -1
cutting|1 0 -4 -4 -3 -3 -3
cutting .|1 0 -4 -6 -4 -4 -4
d|-1 -2 -2 -1 -1 1 -1
daikon|1 -1 -2 -1 -1 -2 -1
daily|2 -1 -3 -1 -2 -2 -2
dal|1 1 -2 -1 -4 -5 -3
dal .|2 -2 -2 -3 -3 -3 -2
dark|-3 0 4 -5 -1 -3 -3
date|0 -3 -2 -2 -2 2 -1
dates|-2 2 -3 -2 -3 1 -1
day|1 -1 1 -2 -4 -2 -3
day #|0 -1 -2 0 -3 0 -3
day .|-3 2 0 -2 -2 -3 -2
day drain|0 -2 1 -2 -1 -2 -1
days|3 -4 -3 -3 -4 -1 -3
days ,|3 -3 -2 -2 -2 -2 -2
days .|2 -2 -3 -2 -2 0 -2
deep|0 -4 -1 -1 1 -3 -1
deep golden|-2 -2 3 -4 0 -1 0
deglaze|2 -1 -2 -2 -1 -2 -1
degrees|1 -4 -3 -4 3 -2 -3
dente|-2 -2 -4 4 -3 -1 -3
deseed|1 -2 -2 -2 1 -2 -2
dice|1 -3 2 -4 -3 -4 -3
diced|1 -2 -2 1 -3 -2 -2
dill|0 1 0 -2 -3 -3 -3
dill ,|-1 0 1 -1 -1 0 -1
dill .|1 0 -1 -1 -3 -5 -3
dimple|0 -3 -2 -2 0 -2 -2
dip|3 -1 -3 -1 1 -3 -2
discard|1 -3 -1 0 -3 -1 -2
discard the|2 -3 -3 0 -2 0 -1
dish|2 -1 -5 -4 1 -5 -2
dish ,|-1 -3 -2 -2 2 -2 -1
dish .|3 0 -5 -2 -1 -4 -2
dissolve|3 -3 -4 0 -3 -5 -3
dissolved|2 -3 -3 2 -3 -3 -3
divide|2 -2 -5 -2 -3 -1 -2
divide between|-1 -3 -2 -2 1 0 -1
divide into|2 -1 -2 -1 -2 -2 -1
do|1 -1 -5 -1 1 -3 0
do not|3 0 -4 -1 -2 -2 -1
do the|-2 1 -2 -1 1 -2 -2
does|0 1 -1 -2 -2 -1 -1
does add|1 -4 1 -2 -3 -3 -3
does arrange|2 -3 -2 -2 1 -1 -1
does bake|-5 -10 -7 -6 7 -4 -6
does beat|3 -2 -3 -2 -1 -3 -1
does blanch|-4 -5 -4 6 -3 -4 -6
does blend|-13 -6 -8 -5 -5 12 -3
does blitz|-8 -4 -5 -3 -4 9 -4
does boil|-11 -12 -3 9 -7 -8 -7
does bottle|-1 -2 -3 0 -2 1 -1
does break|3 -2 -4 0 -3 -4 -2
does bring|-6 -3 3 -1 0 -4 -3
does brush|1 -1 -3 -3 2 -4 -3
does bubble|-7 -7 -4 8 -5 -5 -4
does char|0 -3 -3 -2 3 -3 -3
does check|1 0 -3 -3 0 -4 -2
does chill|1 4 -8 -7 -9 -2 -6
does chop|3 -4 -1 -2 -1 -4 -5
does chuck|0 -2 0 -3 0 -3 -3
does clean|2 -2 -2 -3 1 -4 -1
does coat|1 0 -2 -1 -1 -2 -1
does combine|0 -1 -2 1 -5 -2 -3
does cook|-6 -8 2 1 -5 -7 1
does cool|3 4 -6 -4 -9 -3 -7
does cover|-3 1 -2 1 0 -4 -1
does cream|0 -4 1 -3 -6 0 -4
does crisp|-1 -4 1 -2 -1 -4 -3
does crumble|2 -1 0 -2 -3 -3 -4
does crush|1 -2 0 -1 -3 -3 -2
does cube|3 0 -5 -5 -1 -3 -5
does cut|2 -1 -3 -2 -2 -3 -1
does dice|1 -3 2 -4 -3 -4 -3
does dip|3 -1 -3 -1 1 -3 -2
does discard|1 -3 -1 0 -3 -1 -2
does dissolve|3 -3 -4 0 -3 -5 -3
does divide|2 -2 -5 -2 -3 -1 -2
does do|1 -1 -5 -1 1 -3 0
does done|-2 -3 -1 2 -2 -1 -2
does dot|3 -2 -3 -3 2 -4 -3
does drain|0 4 -6 2 -6 -3 -6
does dress|3 -3 -5 0 -3 -4 -3
does drizzle|1 -1 -5 -4 -1 -1 -3
does dry|-1 1 0 -2 -1 -2 -1
does fill|0 -5 -1 -4 1 0 -2
does finish|2 -2 -2 -3 0 -2 -2
does fish|1 -2 -1 -2 -3 0 -2
does flatten|2 -2 -2 0 -2 -2 -1
does flip|-3 -3 4 -5 0 -2 -3
does fluff|3 2 -4 -4 -4 -4 -2
does fold|2 0 -6 -1 -6 -3 0
does form|2 -3 1 -2 -3 -2 -3
does freeze|3 1 -6 -5 -6 -2 -4
does fry|-9 -10 5 0 -7 -7 1
does get|0 -3 1 -3 0 -5 -3
does give|-2 -2 1 -1 1 -4 -2
does glaze|3 -2 -1 -3 2 -4 -4
does grate|0 0 0 -3 -2 -1 -1
does grease|0 -1 0 -2 -3 -3 -2
does grill|-1 -6 -6 -6 6 -4 -5
does grind|3 0 -4 -2 -3 -4 -3
does halve|3 -3 -4 -3 -1 -3 -2
does heat|-1 1 1 0 -7 -4 -2
does keep|-1 -2 -6 -6 2 0 -4
does knead|7 -6 -6 -6 -5 -6 -6
does ladle|0 -2 0 0 -2 -5 -2
does lay|3 -3 -1 -3 -1 -3 -2
does leave|-2 4 -5 -5 -6 -3 -2
does let|-1 5 -4 -2 -7 -7 -4
does lid|-4 0 -5 4 -1 -7 -2
does loosen|-1 -3 1 -1 -3 -1 -2
does lower|0 -3 0 -2 0 -2 -2
does make|1 -1 0 -3 -2 -1 -1
does marinate|-3 4 -2 -4 -3 -3 -2
does mash|0 -1 1 -2 -6 0 -4
does massage|4 -2 -6 -6 -4 -5 -5
does melt|-5 -5 3 0 -5 -1 -2
does mince|1 -1 -1 -3 -2 0 -1
does mix|2 -1 -2 -5 -2 -1 -5
does open|-1 -1 1 -3 -3 -3 1
does pack|2 -3 -1 1 -2 -4 -2
does peel|0 -1 0 -1 -4 -2 -3
does pile|1 -2 0 -2 -1 -4 -2
does pinch|1 0 -1 -2 -4 -4 -4
does place|2 -3 -4 -3 -1 -3 -2
does pop|0 -3 0 -4 1 -3 -1
does portion|0 -3 -3 1 -2 -3 -1
does pour|0 1 -2 -1 0 -3 -4
does preheat|6 -3 -5 -3 -8 -4 -3
does press|1 3 -4 -6 -4 -3 0
does prick|-2 -1 2 -1 -1 -1 -1
does prove|-4 5 -4 -5 -5 -4 -5
does pulse|-7 -3 -5 -4 -5 7 -3
does puree|-5 -4 0 -5 -4 5 -4
does purée|-2 -5 1 -6 -5 2 -4
does put|-1 -2 1 -1 -1 -3 1
does quarter|0 1 0 0 -3 -3 -1
does rain|0 -1 1 -3 -2 -3 -2
does reduce|-6 -4 -1 4 -3 -4 -3
does refrigerate|4 -3 -3 -4 -4 -3 -3
does remove|1 0 -1 -3 -1 -3 -4
does rest|-2 8 -3 -5 -4 -3 -7
does return|-3 -2 0 -2 0 2 -3
does rinse|0 2 -2 0 -5 -7 -1
does roast|-4 -9 -4 -7 7 -4 -6
does roll|4 -4 -1 -4 -5 -5 -4
does rub|3 0 -5 -3 -2 -4 -2
does saute|-5 -4 5 -3 -4 -4 -4
does sauté|-7 -5 7 -3 -6 -7 -6
does scatter|0 -4 0 -1 -1 -2 -2
does scoop|1 -2 2 -4 0 -3 -1
does score|1 -1 -1 -2 0 -2 -1
does scrape|2 -3 -5 -1 -3 1 -2
does seal|0 -1 1 -3 -2 -3 -1
does separate|2 -2 -4 2 -2 -2 -2
does serve|3 -2 -2 -5 -6 -4 -5
does set|1 -2 0 -1 -3 -3 -4
does shake|0 0 -1 -6 -1 -2 1
does shape|2 1 -5 -2 -2 -3 -4
does shred|1 -2 -2 -2 0 -1 -4
does sieve|1 1 -5 -2 -3 -1 -2
does simmer|-9 -12 -5 11 -5 -7 -6
does skim|2 -3 -3 1 -2 -4 -2
does slice|0 0 1 -1 -4 -6 -3
does slide|1 -2 1 -3 -2 -3 -2
does smooth|0 -3 -4 -5 -1 4 -4
does soak|-4 7 -3 -8 -5 -5 -6
does soften|-5 -3 3 0 -6 -5 -5
does spread|0 1 -3 -1 1 -5 -2
does sprinkle|2 -4 0 -5 -2 -4 -2
does squash|-1 -1 -6 -3 2 -3 1
does squeeze|-2 1 -1 -1 -6 -2 0
does stack|3 -3 -3 -3 -3 -3 -2
does stand|-2 7 -4 -7 -8 -6 -5
does steam|-7 -2 -9 6 -7 -5 -9
does stew|1 -1 -1 -1 -2 -3 -1
does stir|1 -1 -2 -1 -1 -3 -6
does strain|1 1 -3 -1 -4 0 -2
does stuff|0 -1 0 0 -1 -2 -1
does swap|-2 -3 -2 -3 3 -2 -2
does sweat|-5 -6 4 0 -6 -5 -6
does swirl|0 -2 1 -3 -3 -3 -2
does take|1 -1 -2 -2 1 -1 -2
does taste|1 -3 -3 -1 -4 0 -4
does tear|1 1 -3 -2 -3 -3 -2
does thicken|-2 1 -1 1 -2 -2 -2
does thin|3 0 -2 -6 -2 -2 -4
does tip|-1 -2 1 -1 -2 -1 -3
does toast|1 -6 2 -3 0 -6 -6
does toss|0 -2 -1 -3 0 -4 -1
does transfer|1 0 -2 -2 1 -3 -2
does turn|0 -2 -1 -2 2 -5 -3
does uncover|-3 -3 -1 -4 3 -2 -3
does use|2 -1 -2 -2 -1 -3 -1
does wait|3 -5 -2 0 -5 -5 -4
does warm|-1 0 1 -4 -2 -2 -1
does wash|2 2 0 -4 -3 -5 -3
does weigh|2 -1 -2 -2 -2 -2 -1
does wet|1 1 -2 -4 -4 -1 -4
does whisk|2 1 -3 -1 -3 -5 -4
does whizz|-5 -3 -4 -3 -3 5 -3
does wilt|-7 -4 7 -5 -3 -4 -4
does work|2 -2 -2 -1 -2 -3 -1
does wrap|2 -3 -5 1 -2 -5 -4
does zest|1 1 -4 -2 -1 -2 -3
doesn|-1 1 -1 1 -2 -1 -1
doesn t|-1 1 -1 1 -2 -1 -1
don|-1 0 1 -4 -2 1 -2
don t|-1 0 1 -4 -2 1 -2
done|-2 -3 -1 2 -2 -1 -2
door|1 -3 -2 -2 2 -2 -1
door ajar|1 -3 -2 -2 2 -2 -1
dot|3 -2 -3 -3 2 -4 -3
doubled|1 4 -4 -4 -5 -4 -4
doubled .|-3 4 -4 -4 -3 -3 -4
dough|5 0 -6 -5 -5 -5 -5
dough #|2 0 -3 -3 -3 -2 -4
dough .|3 -2 -4 -1 -2 -3 -1
down|0 -3 0 -1 -4 1 -4
down ,|-2 0 1 1 -3 -1 -2
down .|-1 -3 0 2 -2 1 -3
down and|-1 -1 -1 2 -2 -1 -1
down for|-3 -1 2 -2 1 -1 0
drain|0 4 -6 2 -6 -3 -6
drain #|-4 4 -3 -5 -4 -3 -4
drain ,|1 0 -1 -2 -3 -1 -2
drain .|2 0 -5 2 -4 -4 -4
drain and|1 2 -3 -2 -1 -2 -1
drain beans|0 -1 -3 -2 -1 0 -1
drain on|2 -1 -4 1 -1 -2 -1
drain the|-1 -2 -1 2 -2 0 -4
drain well|1 1 -1 0 -3 -4 -1
drained|-2 -2 2 -1 -2 0 -1
drained beans|1 -1 -2 1 -2 -1 -1
dress|3 -3 -5 0 -3 -4 -3
dressing|3 -2 -7 -6 -6 1 -7
dressing .|3 -1 -3 -2 -2 -5 -2
dressing in|-2 -4 -2 -4 -4 3 -4
dressing ingredients|2 -2 -4 -2 -2 -1 -2
dried|3 -1 -3 -1 -1 -1 -1
drink|-1 0 -1 0 -3 -1 -3
drizzle|1 -1 -5 -4 -1 -1 -3
drizzle over|0 -3 -4 -3 -4 0 -1
drizzle with|2 0 -4 -3 0 -3 -1
dry|-1 1 0 -2 -1 -2 -1
dry ,|0 -2 -4 2 -1 -6 1
dry .|0 -1 -7 0 1 0 -3
dry in|0 -4 3 -4 -2 -3 -3
dry ingredients|3 -2 -3 -1 -2 -2 -1
dry pan|-4 -4 5 0 -4 -4 -5
dumplings|-1 -1 1 -3 -3 -4 -2
dust|2 0 -3 -2 -2 -3 -2
dutch|-1 -1 1 -2 0 -3 -2
dutch oven|-1 -1 1 -2 0 -3 -2
each|3 -2 -1 -6 -1 -2 -4
each ,|2 -3 1 -4 -3 -3 -1
each .|0 1 1 -2 -2 -2 -2
each in|3 -3 -3 -3 -3 -3 -3
each side|-2 -3 2 -4 1 -1 -3
eat|2 0 -4 -5 -3 -4 -3
eating|2 -2 -3 0 -2 -2 -1
eating .|2 -2 -2 -2 -2 -1 -1
edamame|-4 0 -6 -1 -4 -5 2
edges|-2 -1 -2 -4 3 -3 -2
edges .|1 0 -3 -2 1 -2 0
eggplants|-4 -3 2 -2 1 -2 -3
el|-1 -2 1 -3 1 -3 -3
else|1 -2 0 -1 -6 0 -2
else .|2 -3 0 0 -3 -3 -1
end|1 -3 -5 1 -5 -1 -2
end .|1 -2 -4 1 -4 -1 -2
enough|1 -1 -5 -2 -4 0 -4
evaporated|-3 -1 -3 3 -2 -1 0
even|2 -1 -2 -1 -1 -3 -1
evening|4 -4 -4 0 -3 -4 -3
every|-3 -4 -5 3 2 -1 -1
every #|-3 -2 -5 2 1 -1 -1
every few|-1 -2 -2 2 -3 0 0
everything|-1 -2 -2 -2 -2 3 -5
everything ,|1 1 -4 -3 0 -1 -2
everything .|-2 -2 -1 -3 -3 2 -2
everything but|1 0 -1 -3 0 -3 -2
everything else|1 -4 0 -1 -5 0 -2
everything except|0 -3 -1 -2 -3 1 -3
everything in|-1 -4 1 -2 -1 1 -3
everything through|-1 -2 -2 -1 -2 1 -1
everything together|2 1 -3 -3 -3 -4 -1
except|1 0 -2 -3 -4 1 -3
except the|0 -3 -1 -2 -2 1 -2
excess|1 0 -1 -2 1 -3 -1
extract|1 -2 0 -2 -2 -2 -1
extract ,|1 -2 0 -2 -2 -2 -1
f|1 -3 -5 -3 2 -1 -2
f (|3 -1 -2 -1 -4 -1 0
f .|1 -1 -4 -2 0 0 -1
f for|-3 -2 -2 -2 2 -2 -4
falafel|-3 -1 -1 -1 0 3 -2
fall|-2 0 1 -1 -1 -2 -1
falls|-3 2 -1 1 -2 -2 -2
fan|3 -3 -6 -6 2 -5 -4
fan #|0 -2 -2 -1 1 -2 -1
fan ,|-2 -4 -3 -4 4 -2 -3
fan .|5 -4 -4 -3 -4 -4 -3
fan for|-1 -1 -1 -1 1 -1 0
fan gas|3 -2 -1 -2 -6 -1 -2
farro|0 -3 -3 4 -2 -2 0
fast|-2 0 -1 1 -1 0 -1
fat|1 -1 2 -2 -2 -2 -2
fennel|3 -2 0 -1 -2 -4 -4
few|2 -2 -3 2 -4 -2 -1
fill|0 -5 -1 -4 1 0 -2
fill #|-2 -2 1 -1 2 -3 -2
fill ,|1 -3 -1 -3 0 -2 -2
fill .|2 -1 -1 -1 -3 -3 -1
filling|1 -3 1 -4 -3 0 -3
filling ,|1 -1 0 -1 -1 -3 -1
filling in|0 -2 -4 -1 -2 1 -1
final|-1 -2 -3 0 1 -1 -1
final #|-2 -2 -3 2 -1 -1 -1
fine|-3 1 -2 -4 -3 4 -3
fine .|0 1 -3 -2 -2 1 -2
finely|3 -3 -3 -2 -3 -5 -3
fingers|-1 -1 -2 1 -3 0 0
finish|2 -2 -2 -3 0 -2 -2
finish with|2 -2 -1 -2 -3 -1 -1
finishing|-1 -1 -1 -1 1 -1 -1
firm|-2 2 0 -3 0 -4 -3
first|2 -2 0 -3 -2 -3 0
fish|1 -2 -1 -2 -3 0 -2
fish out|1 -2 -1 -2 -3 0 -2
five|-3 2 0 0 -3 -2 -4
five minutes|-5 2 0 1 -3 -4 -4
flaked|2 -1 -3 -2 -2 -3 -1
flakes|1 -1 1 -2 -3 -2 -1
flaky|3 -1 -1 -1 -4 -2 0
flame|-2 -5 -5 5 -6 -1 -2
flameproof|-1 -1 2 -3 -1 -1 -1
flat|0 -3 0 -2 0 -5 -2
flat .|-1 -2 0 -2 0 -4 -2
flatbreads|1 -1 -3 -2 -1 0 0
flatten|2 -2 -2 0 -2 -2 -1
flax|-4 3 -3 -3 -3 0 -5
flesh|2 -1 -3 -1 0 -3 -1
flip|-3 -3 4 -5 0 -2 -3
flipping|-3 -3 -3 1 1 -1 -3
florets|-2 -2 -2 -1 2 -2 -2
flour|0 -1 1 -2 -7 -1 -5
flour ,|1 1 -1 -1 -4 -5 -3
flour and|-2 0 -3 2 -3 0 -2
flour in|0 -3 2 -4 -2 0 -2
floured|-2 2 -1 -1 -2 -2 -2
fluff|3 2 -4 -4 -4 -4 -2
fluff .|2 2 -3 -3 -3 -4 -3
foam|2 -2 -2 0 -1 -2 -1
foam ,|0 -1 -1 1 -1 0 0
foil|1 -5 -4 -1 3 -4 -3
foil ,|2 -3 -3 -1 0 -3 -2
foil .|2 -2 -3 -1 -1 -2 -1
foil and|-2 -2 -1 -3 2 -1 -2
fold|2 0 -6 -1 -6 -3 0
fold ,|1 0 -5 1 -4 -4 -4
fold in|1 -3 -2 -2 -3 -2 0
food|-1 -4 -5 -4 -4 4 -3
food processor|-2 -4 -5 -4 -3 4 -3
for|-2 -1 -1 0 1 -6 -2
for #|-6 -1 -1 0 1 -3 -1
for a|-1 -2 -1 -1 1 -5 -4
for about|-3 0 -1 0 0 -1 -2
for an|-2 1 -1 0 -2 -2 -1
for another|-4 0 2 -1 -4 -4 -5
for at|0 1 -1 -2 -1 -1 -1
for five|-2 0 1 -1 -1 -2 -2
for half|-3 2 -1 0 -1 -1 -1
for ten|-2 -3 0 2 -3 -2 -3
for the|-1 -3 1 -1 -1 -2 -1
fork|2 1 -3 -2 -3 -5 -2
fork .|2 -1 -2 -1 -1 -2 -1
form|2 -3 1 -2 -3 -2 -3
form #|1 -2 -2 0 -2 -2 -1
forty|-1 -1 -3 3 1 -1 0
four|-1 -1 1 0 -2 -1 -1
fragrant|-2 -2 0 0 -2 -2 -1
fragrant .|-2 -1 4 -4 -2 -2 -1
freekeh|1 -2 1 -2 -1 -2 -1
freeze|3 1 -6 -5 -6 -2 -4
freeze .|1 -1 -3 -2 -2 -1 -1
freeze flat|2 -3 -2 -2 -2 -3 -2
freeze in|3 -1 -2 -2 -2 -4 -1
freezer|-2 -3 1 -2 -3 1 -4
freezes|0 -3 -2 -1 -1 0 0
fresh|-1 -3 -1 1 -2 -1 -2
fresh water|-1 -3 -1 1 -2 -1 -2
fridge|3 -1 -7 -7 -6 1 -6
fridge ,|3 -1 -3 -4 -3 -3 -3
fridge .|3 0 -4 -6 -4 -2 -5
fridge for|1 -2 -2 -3 -3 1 -1
fried|-1 -2 -1 -1 -1 1 -1
from|-2 -4 2 2 -4 -4 -3
from heat|-1 2 -2 -3 -1 -2 0
from the|0 -4 2 -1 -4 -5 -5
from time|-1 -1 -2 2 -2 -1 0
fronds|3 -1 -2 -1 -2 -3 -1
frozen|-2 -4 1 0 -4 -3 -4
fruit|1 0 -2 -2 -2 0 -1
fruit .|-1 -1 -1 -1 -1 1 0
fry|-9 -10 5 0 -7 -7 1
fry #|-6 -5 5 -3 -4 -5 0
fry for|-2 -1 3 -4 -2 -1 -2
fry in|-2 -3 1 -1 -5 -2 -3
fry onion|-2 -2 3 -6 -2 -2 -4
fry onions|-1 -2 3 -4 -1 -1 -3
fry the|-3 -4 1 -1 -1 -3 -3
frying|-2 -2 2 0 -3 -3 -1
frying pan|-4 -2 3 -1 -3 -3 -2
full|1 -2 -3 -2 1 -2 -1
further|-4 -4 -2 1 1 -2 -3
further #|-3 -3 -1 -1 1 -2 -3
g|2 -1 -5 2 -2 -2 -2
g ,|0 0 -2 0 -2 -2 0
g .|2 -2 -2 0 -2 -3 -3
g of|0 0 0 0 0 -3 -2
g rice|2 -2 -3 -2 -1 -3 -1
garam|1 1 -4 0 -2 0 -1
garam masala|1 1 -4 0 -2 0 -1
garlic|-2 -4 1 -2 -3 1 -6
garlic #|1 -4 1 -2 -4 -5 -3
garlic ,|-2 -3 2 -7 -1 1 -5
garlic .|2 -2 -2 -2 -2 -1 -1
garlic ;|-3 -1 4 -5 -1 -2 -2
garlic and|0 -5 0 1 -6 -1 -1
garlic cloves|2 -1 -1 -2 -1 -4 -1
garlic in|-2 -3 0 1 -4 -4 -3
garlic out|-2 -2 -2 1 -1 1 -1
garlic powder|-1 -3 -3 -1 -4 2 0
garnish|4 -2 -4 -2 -2 -5 -2
gas|4 -5 -3 -3 2 -2 -1
gas #|4 -5 -2 -5 1 -3 -3
gas mark|1 -1 -1 -2 1 -1 -1
generously|-1 -1 0 1 -1 -1 -1
gentle|-1 -3 -2 2 -2 -1 -1
gently|-2 -4 -12 11 -6 -3 -5
gently #|-1 -2 -2 2 -1 -1 -1
gently ,|2 -3 -4 3 -3 -2 -1
gently for|-1 -3 -6 6 -3 -1 -1
gently fry|-3 -3 -6 6 -2 -3 -5
gently in|-2 -2 -3 3 -3 -3 -3
get|0 -3 1 -3 0 -5 -3
gets|2 -2 -3 1 -2 -3 -1
ginger|-2 -5 2 -3 -1 0 -2
ginger ,|-1 -3 1 -2 -4 1 -1
ginger and|-1 -2 1 -1 -3 0 -1
ginger garlic|-1 -1 1 -2 -1 -1 -1
give|-2 -2 1 -1 1 -4 -2
give it|-1 -2 0 -1 1 -4 -2
glaze|3 -2 -1 -3 2 -4 -4
glossy|-1 -1 -4 3 -1 -1 -1
gloves|1 -1 -1 -1 -1 -1 -1
glug|-1 0 -2 1 -1 -1 0
gnocchi|0 -2 -1 -1 1 -2 -4
gnocchi ,|-2 0 1 -2 1 -1 -1
go|-1 -1 0 1 -2 -3 -2
gochugaru|-1 -2 1 -3 -3 1 -1
goes|-2 -3 1 0 -2 0 1
goes in|-1 -2 0 -2 -1 0 1
going|-1 -2 1 -2 -1 -2 1
gold|-1 -2 0 0 0 -3 -2
golden|-2 -4 0 -2 1 -2 -2
golden ,|-1 -1 -1 1 -3 -1 -1
golden .|-1 -3 2 -5 2 -1 -1
golden and|-1 -1 0 -2 1 -1 -1
gone|-1 -2 2 -2 -2 -3 -1
gone .|-4 -3 1 -1 -3 -3 -1
good|3 -2 -2 -1 -3 -4 -4
gradually|-4 -3 2 -2 -2 -3 -2
grains|1 -1 -1 0 -2 -3 -2
gram|-1 1 1 -2 -1 1 0
grams|-2 -2 2 -2 -1 0 -1
grate|0 0 0 -3 -2 -1 -1
grated|0 0 1 -4 -2 -5 -4
grating|0 -1 -3 -2 -2 1 0
gravy|-3 -3 2 -2 -2 -2 -2
grease|0 -1 0 -2 -3 -3 -2
greased|0 -2 -3 1 0 -4 -3
greased #|1 0 -2 -1 -2 -3 -1
green|0 -2 1 -1 -1 0 -2
greens|1 -2 1 0 -4 -4 -3
griddle|-4 -3 3 -4 1 -3 -3
grill|-1 -6 -6 -6 6 -4 -5
grill for|-3 -5 -3 -4 4 -2 -5
grind|3 0 -4 -2 -3 -4 -3
grind with|3 -2 -3 -2 -2 -3 -1
ground|-1 -2 2 -3 -2 0 -1
ground spices|-2 -1 2 -3 -2 -1 -1
h|1 1 -7 -3 -2 -3 -6
h #|-4 -2 -4 2 1 -3 -3
h ,|2 -1 -3 -2 -3 -4 -3
h .|-4 3 -2 -3 -3 0 -2
half|-3 1 -3 -1 1 0 -3
half .|-5 -1 -7 6 -3 -2 -3
half a|1 0 -1 -2 -4 -2 -3
half an|-4 2 -2 -2 -1 -3 -2
half of|-2 2 -2 -5 -1 2 -3
half the|0 -2 -1 -3 0 0 -2
half with|-2 -1 2 -3 -3 1 -1
halfway|-3 -4 1 -1 2 -2 -2
halfway .|-2 -2 -3 0 1 -1 -1
halfway through|-2 -2 -3 -1 2 -1 -1
halve|3 -3 -4 -3 -1 -3 -2
halve the|0 -1 -2 -1 0 -1 -1
halved|-1 -3 0 0 0 -1 -3
hand|3 -5 -4 -4 -3 0 -2
hand .|3 -3 -2 -2 -2 -2 -3
handful|2 -2 0 -1 -2 -3 -2
handle|1 1 -4 -3 -2 -4 -3
hands|2 -2 -1 -2 -3 -2 -2
hands ,|0 -1 0 -1 -1 -1 -1
hard|-1 -5 -3 5 -6 -4 -4
hard #|-1 -2 -2 2 -2 -1 -1
hard for|-4 -4 -3 3 -3 -3 -4
hard in|-2 -2 2 -1 -2 -2 -2
harissa|2 -2 -3 -2 1 -3 -2
has|-1 0 -1 1 -3 -3 -2
has gone|0 -1 1 -1 -1 -2 -1
have|1 0 -1 0 -2 -2 -1
hazelnuts|2 -3 0 -3 -1 -2 -2
head|-2 -2 -1 2 -3 0 -2
headspace|2 -1 -3 -2 -2 -2 -1
heat|-1 1 1 0 -7 -4 -2
heat #|-6 2 1 -1 -5 -4 -6
heat ,|-4 3 -1 0 -8 -1 -3
heat .|3 -2 -1 -4 -2 -6 -5
heat ;|-1 -1 1 -1 -1 -1 0
heat a|-3 -2 4 -3 -3 -3 -2
heat and|0 1 -1 1 -1 -1 -1
heat for|-2 -5 1 1 -4 -2 -6
heat half|-1 -1 -1 1 -1 -2 -1
heat oil|2 -4 -1 -2 -4 -4 0
heat oven|2 -3 -5 -3 -1 0 -2
heat the|1 -5 1 0 -7 -5 -2
heat to|-1 0 0 0 1 -1 0
heavy|-3 1 4 -4 -4 -3 -3
heavy pan|-2 -2 2 -1 -2 -2 -1
heavy pot|-2 -2 3 -3 -2 -2 -2
herbs|0 -4 -3 -4 -2 1 -3
herbs ,|0 -3 -1 -3 0 1 -3
high|-3 -7 3 -7 -2 2 0
high .|-2 -2 0 -3 -3 1 -3
high heat|-2 -5 5 -6 -4 -5 -6
hing|3 -1 -3 -2 -2 -2 -3
hot|-6 -1 6 -1 -1 -5 -6
hot ,|0 -1 0 -1 -4 -5 -3
hot .|-4 1 1 -2 -4 0 -4
hot oil|0 -2 1 -4 0 -3 -1
hot pan|-3 -2 3 -3 0 -2 -1
hot sauce|-2 -1 2 -2 -2 -3 -2
hot water|3 1 -5 -2 0 -4 -3
hour|-7 2 -5 1 0 -6 -5
hour ,|-3 0 -2 2 -1 -2 -3
hour .|-6 0 -4 1 1 -3 -3
hour and|-2 -1 -2 2 0 -2 -2
hour before|-3 3 -1 -2 -3 -2 -2
hours|1 0 -6 -5 2 -6 -7
hours ,|0 -1 -3 -2 1 -3 -3
hours .|3 -1 -5 -5 2 -4 -5
hours before|-1 1 -1 -1 -1 -2 -2
hours until|-5 2 -2 0 -2 -2 -2
hr|-5 3 -3 -1 -1 -3 -3
hr #|-2 1 -2 1 -3 -1 -2
hr .|-4 2 -1 -1 -1 -2 -2
hrs|-1 3 -4 -4 -1 -4 -3
hrs ,|-3 1 -2 -2 1 -1 -1
i|2 -1 -3 -1 -3 -6 0
ice|0 -2 -3 2 -3 -1 -4
ice bath|2 -3 -2 1 -2 -3 -3
if|-1 0 -4 -1 0 1 -4
if it|1 -3 -4 -1 0 -1 -2
if needed|0 0 -3 0 0 0 -1
if you|-1 1 -4 -2 -4 1 -2
in|-4 -4 2 0 -3 1 -1
in #|0 1 0 -1 -3 -2 -4
in ,|-3 -1 2 1 -3 -3 -5
in .|1 -1 -4 0 -4 -1 -5
in ;|-2 1 2 -2 -2 -3 -1
in a|-5 0 2 0 -1 -2 -2
in all|0 1 1 -2 -3 -3 -2
in an|2 -2 -1 -1 0 -2 -1
in coconut|0 -3 -4 3 -2 -1 -1
in cold|-2 1 2 -3 -1 -3 -2
in flour|-1 -4 3 -6 -4 -4 -3
in foil|-1 -2 -2 1 0 -2 -1
in for|-4 -5 2 -4 2 -5 -6
in fresh|-1 -2 -1 1 -1 -1 0
in half|0 -3 2 -5 1 -2 -1
in hot|1 0 -1 -3 0 -4 -3
in it|3 -3 -4 -3 2 -5 -4
in milk|-2 -2 2 -3 -1 -1 -1
in oil|-2 -5 2 -1 -4 -1 -6
in pan|-4 1 1 -3 -3 -4 -4
in plenty|-1 -2 -1 1 -2 -2 -1
in salted|-2 -2 -3 3 -1 -1 -3
in spinach|-1 -2 2 -2 -2 -3 -2
in spots|-1 -1 -2 -1 2 -1 -2
in the|-3 -4 0 0 -2 1 1
in their|3 -3 -3 0 -2 -3 -2
in two|0 -2 2 -4 -3 0 -1
in vinegar|0 -1 -2 -2 -1 0 -1
in water|1 -1 0 0 -3 -1 -3
in with|2 -2 -3 1 -4 -4 -2
in your|-3 -2 3 -3 -2 -2 -2
inch|2 -3 -1 -2 -4 -3 -2
inches|-1 -1 0 -1 1 -2 -1
ingredients|1 -1 -2 -4 -3 0 -2
ingredients in|-1 -2 1 -2 -2 -1 -2
ingredients until|0 -2 -3 -2 -2 0 -2
inside|1 -2 -4 -3 1 -4 -4
into|-1 1 1 -4 -2 -1 -5
into #|-1 1 -3 -4 -3 0 -2
into a|-2 -1 2 -2 -2 0 -1
into an|1 1 -2 -1 -2 -2 -1
into dry|3 -3 -4 -3 -2 -3 -2
into the|-1 -1 1 -3 1 -3 -3
iron|0 -3 -2 -4 3 -2 -2
is|1 -3 -1 0 -3 0 -2
ish|2 -2 -2 -1 -2 -3 -2
it|0 -1 -4 -1 -1 2 -2
it ,|-3 1 -2 -2 0 -1 0
it .|-1 -3 -4 -1 0 2 -2
it a|2 -3 -1 -3 1 -4 -3
it all|3 -3 -2 -2 -3 -4 -4
it bubble|-4 -5 0 2 -3 -2 -1
it cool|2 0 -2 -3 -2 -3 -1
it doesn|-1 -1 -1 1 -2 -1 0
it for|-3 -1 -1 -1 1 -3 -2
it goes|0 -1 -3 -1 -1 -4 1
it in|0 -3 -2 -4 1 0 0
it looks|-1 -2 -2 -1 0 1 -2
it s|0 0 2 -3 -2 0 -2
it should|2 -2 -3 0 -2 -1 -1
it sit|-3 4 -4 -3 -2 -2 -2
it stand|-1 2 -2 -2 -1 -1 -1
it thickens|-2 -1 1 -1 -4 0 -3
it to|0 -1 -3 -1 -2 1 0
it will|-2 0 1 -1 -1 -2 -1
it with|0 -2 -2 0 -1 -2 0
its|-1 -5 2 0 -3 -1 -4
its skins|-2 -1 2 0 -1 -3 0
jackfruit|0 -1 0 -1 -1 -1 -1
jaggery|2 -2 -3 0 -2 -2 -1
jammy|-2 -1 -2 2 -2 -1 -1
jar|2 -3 0 -6 -5 -1 -5
jar ,|2 -2 -4 -2 -3 0 -2
jar .|2 -2 -1 -3 -3 -4 -2
jars|-2 -3 0 1 -3 0 -2
jars ,|3 -2 -3 0 -3 -3 -2
juice|-2 0 -5 -6 -3 2 -1
juice ,|-1 -3 -6 -2 -3 1 -2
juice .|0 -4 -4 -3 -3 1 -3
juice and|-1 -1 -2 -4 -2 -2 1
juice of|2 -2 -4 -3 -3 -1 -1
juice to|-3 2 -3 -2 -1 0 -2
juices|3 -3 -2 -2 -1 -3 -1
just|-1 -1 -1 2 -2 -4 -1
just tender|-2 -1 -2 1 0 -1 -1
kala|2 -1 -1 -3 -1 -2 0
kale|3 -5 -1 0 -5 -5 -5
kale and|-4 -4 2 -1 -3 -3 -3
keep|-1 -2 -6 -6 2 0 -4
keep #|2 -5 -2 -3 -2 -1 -2
keep the|0 0 -3 -2 -3 0 -1
keep warm|0 -2 -5 -3 2 -5 -2
keeping|0 0 -2 -1 -2 -2 0
keeps|2 -1 -2 -1 -2 -2 0
kernels|-1 -3 2 -4 -2 -2 -3
kg|1 0 0 0 -1 -2 -1
kilo|2 -1 -2 -1 -1 -1 -1
kitchen|1 -1 -3 2 -1 -1 -1
knead|7 -6 -6 -6 -5 -6 -6
knead #|5 -5 -4 -4 -5 -4 -5
knife|0 -1 -1 0 1 0 0
knock|1 1 -2 -2 -2 -1 -2
kombu|1 1 -1 -2 -4 -5 -4
kombu in|-2 1 0 -1 -2 -2 -4
l|0 -4 1 -1 -5 0 -5
label|0 -2 -2 -1 -2 1 -1
ladle|0 -2 0 0 -2 -5 -2
ladleful|1 -2 0 -2 -2 -4 0
large|-2 -2 0 0 -1 -5 -4
large baking|1 -1 -1 -1 -1 -1 -1
large bowl|3 0 -4 -1 -2 -2 -1
large casserole|0 -1 1 -1 -1 -1 -1
large pan|-3 -1 -1 3 -1 -3 -1
large pot|-3 -3 4 -4 -3 -2 -1
large saucepan|-2 -1 2 -2 0 -1 0
largest|0 -1 2 -3 -1 -1 -1
last|1 -5 -1 -1 0 -1 -3
last #|0 -4 -2 1 0 -3 -3
last .|3 -1 -4 -2 -2 -3 -1
lay|3 -3 -1 -3 -1 -3 -2
layer|0 -1 -2 -4 1 -5 -3
lb|0 -1 1 -1 0 -2 0
leaf|-2 -1 2 0 -2 -1 -1
leaf .|1 -1 -1 0 -1 0 -1
leaf and|1 -1 -2 1 -1 -2 0
least|1 1 -4 -4 -4 -4 -3
least #|2 -1 -3 -4 -3 -3 -3
leave|-2 4 -5 -5 -6 -3 -2
leave #|-3 3 -6 -1 -6 -5 -7
leave at|2 -2 -3 -2 -2 -3 -3
leave for|-4 4 -3 -4 -4 -2 -3
leave in|0 1 1 -3 -4 -4 -1
leave it|1 -2 -4 1 -5 0 -1
leave on|2 0 -4 -2 -4 -4 1
leave to|-1 4 -5 -3 -4 -1 -3
leaves|0 -3 0 1 -3 -3 -4
leaves ,|1 -1 -5 1 -1 -2 -4
leaves .|2 -1 -2 0 -2 -2 -3
leaves and|0 -3 2 -4 -3 -2 -4
leaving|3 -2 -3 -2 -2 -4 -1
leek|-5 -5 0 2 -2 -3 -2
leek and|-1 -2 1 -1 0 -1 -2
leek in|-2 -2 -1 2 -3 -2 -5
leeks|-1 -4 -1 2 -4 -3 -5
leeks ,|-1 -2 1 -1 -1 -2 -2
leeks and|-1 -2 1 -1 -2 -2 0
leeks in|1 -3 0 0 -3 -3 -2
left|0 -3 -2 2 -3 -4 1
leftover|-2 -1 1 -1 0 -1 -1
lemon|-2 1 -1 -4 -6 2 -4
lemon ,|-2 0 -2 -1 -3 1 -2
lemon .|1 -3 -1 -2 -3 -1 -2
lemon and|-1 -3 0 1 -3 0 -1
lemon juice|-1 2 -4 -4 -3 1 -4
lemon zest|0 0 -2 -1 -1 0 -1
lemons|3 -4 -3 -3 -2 -1 -2
lengthways|1 -1 -1 -1 -1 -1 -1
lentils|-2 -3 0 2 -2 -4 -6
lentils #|1 -2 -2 1 -1 -2 -2
lentils ,|2 -5 -3 1 -7 -3 -5
lentils .|0 -2 1 -3 -1 -2 -2
lentils and|-2 -2 1 -1 1 -2 -1
lentils in|-3 -3 1 2 -2 -3 -3
let|-1 5 -4 -2 -7 -7 -4
let cool|-1 2 -2 -2 -2 -2 -2
let it|-3 3 0 -1 -6 -6 -3
let sit|-3 3 -3 -3 -1 -1 -2
let stand|1 1 -4 -2 -2 -1 -1
let them|-1 -1 -1 -1 -2 -2 -1
lid|-4 0 -5 4 -1 -7 -2
lid ,|2 -2 -2 0 -1 -2 -1
lid .|0 0 0 -1 -6 -4 -4
lid ajar|-1 -3 -2 3 -3 -2 -2
lid off|-2 -1 -1 0 1 -1 -2
lid on|-7 1 -5 4 0 -4 -5
lidded|-3 0 -1 -2 1 -3 -4
lids|2 -2 -4 1 -2 -2 -1
lift|2 0 0 -5 -4 -4 -2
lift out|1 0 0 -4 -3 -3 -1
lightly|-2 1 -1 -1 -3 -2 -2
like|0 -5 -4 -1 -3 1 -1
lime|-1 -3 -2 -3 -6 1 -1
lime ,|4 -2 -5 -1 -2 -3 -2
lime .|1 -3 0 -4 -4 -5 -2
lime and|0 -2 -4 -2 -2 1 -2
lime juice|-3 -2 -1 -4 -4 2 0
line|3 -2 -4 -1 -4 -2 -1
line a|2 -1 -3 -1 -3 -1 0
lined|1 -4 -4 1 0 -1 -2
lined #|-1 -1 -1 -1 1 0 -1
liquid|0 -3 -2 0 0 -1 -2
liquid ,|-2 -2 -1 2 -1 -1 -1
liquid .|2 -1 -1 -4 -3 -1 -1
liquor|2 -1 -3 0 -3 -4 -2
liquor .|2 0 -3 -1 -3 -4 -1
litre|2 -4 -2 -3 -3 1 -2
litre dish|3 0 -2 0 -2 -2 0
litres|-1 -1 1 -1 -1 -2 -1
litres of|-2 -1 2 -1 -1 -1 -1
little|-1 -2 1 -1 0 -2 -2
little .|1 -2 -1 -2 -3 -1 -2
little oil|-2 -2 3 -5 -2 -1 -1
ll|0 2 -2 -3 -3 -1 -2
loaf|0 0 -1 -2 1 -2 -1
loaf tin|0 0 -1 -2 1 -2 -1
lock|1 -2 1 -2 -3 -3 -3
log|2 -3 -3 1 -3 -2 -1
log ,|2 -3 -2 1 -3 -2 -1
logs|-1 -1 -1 1 -1 -1 -1
longer|-18 8 -12 0 0 -11 -1
look|-1 -1 -1 0 0 0 0
looks|-1 -2 -2 -1 0 1 -2
loose|-1 -2 1 -3 -2 1 -2
loosen|-1 -3 1 -1 -3 -1 -2
loosen with|0 -2 1 -4 -2 -6 -1
lot|-2 0 1 -3 -2 1 -1
lots|1 -3 0 2 -3 -3 -2
low|-3 -2 -3 6 -5 -6 -6
low #|-2 -3 2 -1 -3 -2 -2
low ,|-2 -3 1 1 -5 -1 -1
low .|-3 0 -2 3 -4 -3 -2
low for|-4 1 -2 0 -3 -2 -3
low heat|-2 -5 -4 5 -5 -2 -3
low oven|1 -1 -3 -2 0 -3 -1
lower|0 -3 0 -2 0 -2 -2
lower the|-1 -2 -1 -1 1 -1 -1
lowest|-3 -8 -5 6 -3 -1 -2
lowest flame|-2 -3 -2 3 -4 -1 -1
lowest heat|-2 -7 -4 5 -5 -3 -6
lukewarm|-1 2 -3 -3 -2 0 -2
lumps|0 -2 -3 -1 -1 0 -1
lunches|1 -1 -2 -1 -1 -2 0
machine|2 -4 -3 -3 -3 1 -4
make|1 -1 0 -3 -2 -1 -1
make a|1 0 -4 -1 0 0 0
make the|-1 1 2 -3 -1 -2 -1
makes|-1 -1 -2 -1 -1 1 0
maple|1 -3 -2 0 -3 -1 -2
maple ,|1 -2 0 -1 -2 -3 -1
maple syrup|1 -2 -3 -1 -2 0 -2
marg|-3 -5 1 2 -4 -3 -3
margarine|1 -4 0 -1 -4 -3 -2
margarine ,|-3 -3 4 -4 -3 -3 -3
marge|1 1 2 -3 -1 -3 -3
marinade|-2 -4 0 -2 -3 0 1
marinate|-3 4 -2 -4 -3 -3 -2
mark|1 -1 -1 -2 1 -1 -1
mark #|1 -1 -1 -2 1 -1 -1
masala|1 0 -2 0 -2 -1 -2
masala ,|1 1 -3 1 -1 -3 -1
mash|0 -1 1 -2 -6 0 -4
mash ,|0 1 -1 -1 -1 0 -1
mash .|1 0 1 -2 -2 -4 -4
mash a|0 -2 0 0 -2 -5 -2
mash roughly|0 -3 1 -1 -2 0 -1
mash with|-2 1 -4 -1 -2 0 -2
massage|4 -2 -6 -6 -4 -5 -5
massage with|1 1 -3 -2 -2 -3 -2
max|-3 0 -2 -2 -2 2 -1
maybe|-1 -1 1 -3 -2 1 -1
meantime|-1 -2 0 0 -1 -1 0
meanwhile|-3 -2 0 0 0 -2 0
meanwhile ,|-2 0 -1 1 -5 -1 -2
med|0 -3 3 -5 -2 -4 -3
medium|-8 -3 7 -3 -5 -4 -2
medium .|-5 -3 5 -5 -4 -4 -3
medium heat|-6 -2 3 -1 -3 -3 -2
medium high|-2 -1 2 -2 -1 -2 -1
medium low|-1 -2 4 -4 -2 -1 -1
melt|-5 -5 3 0 -5 -1 -2
melt the|-2 -3 -1 2 -3 -3 -1
melted|-2 1 0 -2 -2 -3 -1
microwave|-3 -5 -5 -5 -5 -5 5
middle|0 -2 0 -2 1 -3 -1
milk|-2 1 0 -2 -7 -1 -4
milk ,|-1 -1 0 -1 -4 0 -4
milk .|0 2 -3 -4 -1 0 -1
milk and|-1 1 -1 0 -3 -5 -3
min|-8 1 1 1 -1 -4 0
min (|-1 -2 1 0 0 -3 -4
min ,|-8 1 0 0 -1 -3 0
min .|-4 -1 3 -2 -1 -3 -5
min ;|-2 0 1 0 -4 -2 -4
min at|-3 0 -2 1 0 -3 -4
min before|-6 2 -4 0 -5 -4 -4
min in|-1 3 -3 -2 -2 -5 -5
min lid|-1 -3 -5 4 -5 -1 -2
min more|-7 -7 2 1 1 -5 -4
min on|-2 2 -6 0 -3 2 -3
min or|-2 -1 -2 1 0 -2 -1
min per|-2 -1 3 -3 -2 -1 -2
min simmer|-2 -2 -2 2 -3 -1 -1
min stirring|-2 -2 2 -3 0 -2 -2
min till|0 0 -1 -1 -1 0 -2
min to|-4 0 1 -1 -2 -2 -4
min under|-3 2 -3 -3 1 -2 -2
min until|-5 -6 -1 3 -1 -2 -2
min with|1 -1 -2 -2 -1 -4 1
mince|1 -1 -1 -3 -2 0 -1
mins|-10 0 0 2 0 -9 -8
mins ,|-4 1 -1 0 0 -3 -2
mins .|-6 -1 0 -1 1 -7 -7
mins before|-3 2 -3 0 -3 -1 -2
mins more|-3 1 1 -2 0 -2 -1
mins or|-2 1 -3 2 -2 -1 -1
mins till|-4 -4 1 0 1 -2 -1
mins to|-3 -3 -2 2 -2 -3 -1
mins until|-2 -2 0 1 0 -1 -1
mint|0 0 0 -2 -3 -1 -2
mint .|0 -3 0 -2 -3 0 -2
minute|-5 -1 4 -2 -6 -2 -3
minute ,|-5 -4 5 -5 -3 -3 -1
minute .|-4 0 2 -2 -5 -2 -3
minute more|-1 0 2 -3 -1 -1 0
minute until|-3 -1 4 -4 -1 -2 0
minutes|-7 2 -1 1 -1 -6 0
minutes (|0 -2 -2 2 -2 -1 -3
minutes ,|-3 2 -2 0 -2 0 -1
minutes .|-7 2 -1 -2 -1 -11 1
minutes ;|-3 1 1 -1 -1 -2 -4
minutes and|-3 -2 -3 3 -2 -2 -3
minutes before|-4 3 -1 -2 -3 -2 -2
minutes each|-1 -2 0 -2 1 -1 -1
minutes in|-2 0 -2 1 1 -1 -2
minutes longer|-2 -2 1 0 0 -1 -2
minutes more|0 -5 0 -2 2 -4 -5
minutes or|-3 1 -1 -1 1 -2 -1
minutes till|-3 -2 3 -4 1 -2 -1
minutes to|-4 2 -5 2 -3 -2 -2
minutes until|1 -5 2 -3 -1 -1 -3
minutes with|0 -1 -3 2 -1 -2 -4
mirin|1 -1 -3 1 1 -2 -1
miso|1 -3 -4 -2 0 -1 -1
miso ,|0 -2 -2 -2 0 0 -1
mix|2 -1 -2 -5 -2 -1 -5
mix #|2 -4 -4 2 -4 -4 -4
mix .|0 -1 2 -3 -3 -2 -1
mix all|0 0 -3 -2 1 -4 -2
mix dry|3 0 -3 -2 -3 -4 -2
mix everything|3 1 -5 -3 -4 -5 -3
mix in|0 0 -2 -2 0 0 -1
mix the|0 1 0 -4 0 -6 -1
mix wet|1 1 -3 -2 -2 -3 -2
mix with|-2 0 1 -2 0 1 -1
mixed|-2 -2 2 -2 1 -1 -1
mixer|3 -2 -3 -2 -3 -3 -3
mixer .|3 -2 -3 -2 -3 -3 -3
mixture|-2 -2 2 1 -1 -3 -2
ml|-1 -1 -3 0 -2 1 -1
ml ,|2 -3 -4 1 -2 -2 -1
ml boiling|-2 2 -1 -2 -1 -1 -1
ml of|0 -2 -2 0 0 0 -2
ml water|-3 -5 -1 2 -3 1 0
mm|4 -3 -3 -3 0 -3 -3
mm .|3 -2 -3 -2 -3 -3 -2
mode|-3 -2 3 -2 -2 -2 -3
molasses|3 -1 -2 -2 -4 -3 0
months|2 -3 -3 -3 -3 0 -4
months .|1 -3 -4 -3 -3 0 -2
more|-3 -4 1 0 2 -8 -7
more ,|-3 -2 0 0 1 -1 -1
more .|-8 -2 3 -3 3 -6 -7
more often|-1 -1 -3 3 -3 -1 -1
more until|1 -3 -4 0 -1 -4 -3
morning|1 -2 -2 0 1 -4 -2
most|0 -1 -1 1 -2 -1 -1
most of|0 -1 -1 1 -2 -1 -1
motor|2 -1 -3 -1 -3 -2 0
much|1 -2 1 -1 -1 -3 -1
muffin|0 -3 -2 -2 2 -3 -2
mug|-1 0 -1 -1 -1 1 0
mushroom|-1 -1 3 -2 -3 -1 0
mushrooms|-2 -4 3 -3 -4 0 -4
mushrooms ,|-4 -3 3 -3 -2 0 -3
mushrooms and|-1 -2 0 -1 -3 1 -1
mushrooms in|-2 -2 2 -3 -2 0 -2
mushy|1 -1 -1 -2 -1 -1 -1
muslin|-1 -2 1 0 -2 -2 -1
must|2 -1 -2 -1 -1 -1 -1
mustard|3 -1 -2 -2 -5 -2 -3
mustard ,|2 -2 -3 0 -4 -1 -3
mustard .|2 -2 -3 -2 -2 -3 -1
mustard and|2 -1 -1 -1 -1 -2 -1
mustard seeds|0 -2 0 -3 -2 -3 -1
namak|2 -1 -1 -3 -1 -2 0
nearly|-3 -2 -2 2 -2 -2 -1
need|-1 -2 -1 -2 1 -1 -1
needed|-1 0 -3 1 -1 0 -1
needed .|0 -3 -3 1 -1 1 -1
needs|2 -3 -3 1 -2 -3 -3
nero|0 -1 2 -2 -2 -1 -2
next|-2 -1 2 0 -4 -5 -3
next day|-2 0 2 -1 -3 -4 -2
no|0 -1 2 -2 -6 -1 -2
non|-3 -2 3 -2 -2 -2 -1
non stick|-3 -2 3 -2 -2 -2 -1
noodles|1 1 -3 0 -4 -4 -4
noodles #|-2 -3 -3 3 -2 -1 -4
noodles ,|1 1 -2 -3 -1 -2 -1
nori|2 -1 -2 -1 0 -2 0
not|0 2 -3 -1 -1 1 -3
nothing but handwork|10 -6 -13 -9 -7 3 -11
now|1 -4 -5 3 -3 -1 -2
now and|2 -4 -4 3 -3 -2 -1
nut|-1 -2 1 -3 -2 1 -1
nutmeg|-1 -1 0 -1 -3 1 -2
nutmeg ,|0 0 -1 -2 -2 0 -1
nutmeg .|-2 -2 1 -1 -2 0 -1
nutritional|-1 -2 -2 -1 -1 1 0
nuts|0 -3 -4 -2 0 0 -2
nuts ,|0 -2 -2 -1 -2 0 -1
nuts .|3 -1 -3 -1 -2 -3 -1
nuts and|0 -1 -1 -1 0 1 -1
oat|-2 -4 0 0 -4 0 -3
oat milk|-2 -3 0 -3 -2 2 -1
oats|-3 -3 -3 -5 1 3 -3
oats ,|-1 -2 -3 -2 0 2 -1
occasionally|-3 -2 -5 5 -4 -1 -2
occasionally ,|-2 0 -3 3 -3 -1 -1
of|-3 -4 0 1 -1 1 0
of #|2 -1 -2 -1 -2 -2 -1
of a|2 -1 -2 -1 0 -2 -1
of an|-1 0 -1 0 1 -1 -1
of brown|-1 -2 0 -2 -1 -3 2
of celery|-2 -1 1 -1 -2 1 -3
of cold|0 -3 0 0 -2 -1 -1
of garlic|-2 -1 0 0 -2 0 0
of it|0 -4 -3 -3 -1 1 -3
of oil|-2 -4 1 1 -1 -6 -3
of pepper|1 0 -2 -1 -1 -2 -1
of salt|-1 1 0 -1 -4 -1 -1
of salted|-3 -3 -1 3 -2 -2 -2
of stock|0 -2 1 -1 -2 -2 -1
of the|-1 -4 -1 -1 -1 0 0
of their|1 -2 -1 0 0 -3 -2
of water|-2 -2 -1 -1 -3 2 0
off|0 4 -6 -4 1 -3 -6
off ,|2 -1 -1 -1 -1 -3 -2
off .|-3 0 1 2 -4 -2 -2
off heat|-1 4 -5 -4 -4 -1 -4
off the|2 4 -5 -5 -2 -3 -3
often|-1 -5 3 -1 -5 -1 -2
often ,|-2 -2 4 -4 -4 -2 -3
often .|-2 -3 0 0 -2 -2 -3
often so|-1 -1 -1 1 -2 -1 0
oil|-1 -7 2 -2 0 -1 -3
oil #|-1 -6 2 -2 -1 -2 -6
oil (|-1 -2 2 -3 -2 -1 -2
oil ,|0 -3 0 -3 2 -1 -5
oil .|0 0 0 -3 -3 -2 -5
oil ;|2 -1 0 0 -2 -2 0
oil a|1 -2 0 -3 -3 -3 -2
oil and|2 -2 -2 -4 0 0 -1
oil at|1 -2 -2 -2 1 -2 -1
oil for|2 -4 0 0 -6 -3 -3
oil in|-6 -4 3 1 -2 -9 0
oil into|3 -2 0 -2 -2 -3 -1
oil on|4 -4 -4 -5 -1 -5 -3
oil over|-2 -3 0 1 -3 -2 -1
oil till|-1 -2 2 -4 -1 -2 -1
oil to|-1 -2 0 2 -3 -2 -1
oil until|-2 -1 0 0 -2 -2 -1
oil with|-3 1 -3 2 -4 1 -2
oiled|-2 1 1 -3 0 -4 -2
oiled #|2 0 -3 -3 -3 -3 -1
ok|0 0 -2 -1 -1 0 -1
ok .|1 -1 -2 -1 -2 0 -1
olive|0 -4 0 -5 -3 0 -4
olive oil|0 -4 0 -5 -3 0 -4
olives|0 -2 -2 1 -3 -3 -2
on|-1 0 -6 1 1 -2 -1
on #|-2 1 -5 2 -2 -3 -4
on ,|-5 1 -4 2 2 -3 -3
on .|-1 -1 -2 3 -7 -5 -5
on a|0 0 -2 -3 1 -4 -2
on and|0 -2 -1 -1 1 -1 0
on for|-3 0 0 2 -3 -2 -1
on high|-3 -3 0 -3 1 0 0
on low|-4 1 -6 3 -5 -2 -4
on paper|3 -2 -3 -2 -3 -3 -1
on the|-1 0 0 -1 -1 -6 -7
on top|-2 -1 1 0 -6 1 -3
on trays|2 -3 -2 -2 0 -3 -1
on two|0 -2 -2 -1 1 -3 -2
once|-3 -4 -2 -2 3 -1 -1
once ,|0 -2 -2 -2 2 -2 -1
once .|-3 -2 0 -1 1 -1 0
one|1 -3 -1 0 -4 0 -6
onion|-4 -4 2 -1 -2 2 0
onion #|-1 -3 0 -3 -3 0 1
onion ,|-3 -4 1 -2 1 0 -2
onion .|-1 -3 -2 -4 -3 2 -3
onion and|0 -5 1 -1 -1 -2 -5
onion for|-3 -3 4 -5 -3 -1 -4
onion in|-3 0 5 -5 -4 -5 -4
onion until|-1 -1 2 -3 -1 -1 -2
onions|1 -6 2 -3 -4 -1 -4
onions ,|0 -3 -2 -1 0 -1 -4
onions .|1 -2 0 -2 -3 -2 -2
onions and|-2 -1 3 -3 -4 0 -1
onions in|0 -4 1 -1 -1 -4 -4
only|-1 -3 -4 4 -4 0 -3
onto|4 -3 -5 -3 -3 -4 -2
onto a|3 -2 -3 -2 -3 -3 -2
open|-1 -1 1 -3 -3 -3 1
opening|-3 0 -3 1 -2 -3 -3
or|-2 0 -5 0 0 2 -5
or it|-2 2 -3 -2 -2 -3 -2
or so|0 -1 -3 1 0 -2 -1
or until|-2 0 -1 0 0 -2 -1
orange|1 -1 -2 -2 0 -3 0
oregano|-3 -3 2 -2 -1 0 -2
oregano ,|-2 -1 0 1 1 -3 -1
oregano .|-2 -1 2 -2 -3 -2 -1
oregano and|1 -1 0 -1 -1 -1 0
orzo|2 -2 -2 -2 -3 -2 -1
other|-2 -3 2 -2 -3 0 -3
out|1 -1 -1 -4 0 -1 -5
out ,|-1 -2 -5 -2 1 0 -1
out .|1 0 -1 -2 -6 0 -2
out clean|-1 -1 -1 -1 1 -1 -1
out of|1 -2 -4 -1 1 -1 -3
out the|0 -1 -1 -1 -2 -1 -2
out to|0 0 -2 0 -1 -3 -1
oven|2 -11 -7 -9 7 -5 -8
oven #|4 -7 -6 -6 3 -2 -5
oven ,|-2 -3 2 -2 2 -1 -1
oven .|-1 -2 -4 -3 2 -3 -1
oven at|-3 -1 -2 -1 3 -2 -1
oven for|-1 -4 -4 -4 4 -1 -1
oven to|3 -6 -6 -6 0 -7 -4
ovenproof|1 -2 -1 -1 -2 -2 -1
ovenproof dish|2 -1 -3 -1 -2 -2 -1
over|0 -2 -2 1 -1 -5 -6
over ,|1 1 -1 -3 0 -5 -4
over .|1 -2 0 -5 -2 -6 -4
over a|-2 -4 0 2 -4 -3 -5
over low|-3 -3 -3 4 -3 -3 -3
over medium|-4 -4 4 -2 -3 -3 -3
over rice|2 -1 -4 -1 -1 -2 -1
over the|0 1 -6 -1 -1 -1 -2
overmix|2 -1 -2 -1 -1 -3 -1
overnight|5 -4 -4 -4 -3 -4 -4
oz|-1 0 0 -1 -1 1 0
pack|2 -3 -1 1 -2 -4 -2
pack in|0 -2 1 -3 -1 -1 -1
pak|-2 -2 2 1 -3 -2 -2
pan|-12 -3 8 2 -4 -5 -6
pan #|-3 -2 3 -5 2 -4 -5
pan ,|-3 -5 1 3 -3 -5 -3
pan .|-5 0 5 -6 -4 -6 -2
pan and|-3 -3 -2 3 -1 -1 -2
pan for|-3 -2 3 -5 -2 -2 -1
pan over|-2 -1 0 1 -1 -2 -1
pan with|-5 -3 6 -5 -4 -2 -3
pans|0 -1 2 -3 1 -1 -1
paper|-1 1 -2 1 -1 -4 -3
paper .|-1 -2 -1 1 -3 -3 -2
paprika|0 -4 2 -3 -2 -2 -3
paprika ,|0 -3 3 -3 -2 -3 -2
paprika .|2 -2 -2 -3 -3 0 -2
paprika and|-3 -2 2 0 -1 -3 -1
parboil|-4 -4 -5 4 -2 -3 -4
parchment|1 -1 -1 -1 1 -1 -1
parsley|3 -3 -5 -4 -1 -2 -2
parsley ,|3 -3 -3 -3 0 -2 -1
parsley .|2 -1 -1 -1 -2 -5 -1
parsnips|1 -2 -1 -1 0 -2 -2
part|-1 1 1 -1 -1 -3 0
partially|-1 -1 -2 1 -2 -1 -1
partially covered|-1 -2 -2 2 -2 -1 -1
partly|0 -1 -1 2 -2 0 0
partly covered|0 -1 -1 2 -2 0 0
parts|0 1 -1 -1 -1 -2 0
pass|-1 -1 -2 -1 -1 2 -1
passata|0 -5 0 1 -5 -3 -4
passata ,|0 -2 -2 2 -2 -2 -3
pasta|0 -3 -4 4 -3 -1 -5
pasta ,|2 -2 -1 -2 -1 -2 -1
pasta water|2 -2 -3 -3 -2 0 -1
paste|-2 -6 2 -3 -7 1 -4
paste ,|0 -4 2 -4 -4 -4 -2
paste .|-3 -2 -4 -2 -3 4 -3
paste and|-4 -3 -1 1 -3 -3 0
paste in|0 -1 3 -4 -2 -3 -3
paste with|2 -1 -3 -2 -2 -1 -1
pastry|0 1 -2 -1 -1 -2 -1
pat|1 0 -3 -2 -2 0 -1
pat dry|0 0 -2 -2 -2 0 -1
patties|2 -1 -2 -1 -2 -2 -1
pb|-1 -2 -1 2 -3 -3 -2
peanut|-1 -1 1 -2 -3 -3 0
peanut butter|-1 -1 1 -2 -3 -3 0
peanuts|-1 -2 -1 1 -3 -3 -4
pear|0 -1 -1 -1 -1 0 -1
peas|-1 -4 -1 3 -5 -2 -3
peas ,|-2 -1 4 -5 -3 0 -2
peas and|0 -2 -4 2 -2 -1 -3
peel|0 -1 0 -1 -4 -2 -3
peel ,|-2 -1 2 0 -2 -3 -1
peel .|2 -2 -1 -1 -1 -3 -1
peel and|4 -4 -3 -2 -1 -4 -1
peeled|0 -1 0 1 -1 -1 0
people|1 -4 1 -3 -4 -4 -3
pepper|1 -1 0 -3 -2 -1 -5
pepper ,|0 0 0 -4 -1 -1 -2
pepper .|2 0 -4 -2 -4 0 -1
pepper and|0 -1 -1 1 -3 -2 0
pepper in|-4 -3 4 -4 -3 -4 -3
peppers|-2 -6 0 1 -1 0 -4
peppers ,|0 -2 1 -1 -1 -3 -2
peppers and|1 -2 -3 1 -1 -2 -1
peppers in|1 -1 2 -2 -4 -2 -1
per|1 -3 -1 0 -4 -5 -2
per batch|-1 -1 2 -2 -1 -1 -1
per side|1 -2 1 -4 -2 -3 -3
pesto|2 -3 -4 -3 1 -4 -2
pick|-2 -2 0 -3 -2 1 -1
pie|2 -1 -1 -1 -2 -1 0
pieces|-1 2 -2 -2 0 0 -1
pieces ,|-1 1 -2 -1 0 -1 -3
pieces .|-1 1 -1 -1 -2 0 -1
pile|1 -2 0 -2 -1 -4 -2
pinch|1 0 -1 -2 -4 -4 -4
pinch of|-1 1 0 -1 -3 -3 -3
pinch salt|3 -2 -4 -2 -2 -2 -2
pine|1 -1 -1 -1 -1 -1 -1
place|2 -3 -4 -3 -1 -3 -2
plate|1 1 -1 -2 -4 -4 -3
plate .|4 -3 -5 -3 -4 -3 -2
plates|2 -1 -2 -1 -2 -2 -1
platter|1 -1 -1 -1 -1 -1 -1
plenty|1 -2 -2 1 -2 -2 -1
plenty of|1 -2 -3 2 -1 -2 -1
point|0 -2 -3 2 -3 -1 -3
polenta|-1 -2 1 -1 -3 -3 -2
polenta ,|1 -2 -1 0 -2 -2 -1
pomegranate|2 -1 -1 -1 -2 -2 0
pop|0 -3 0 -4 1 -3 -1
porcini|0 0 0 -3 1 -3 -2
portion|0 -3 -3 1 -2 -3 -1
portion #|0 -3 -3 1 -3 -4 -2
portions|3 -2 -4 -2 -2 -4 -2
pot|-13 -5 10 1 -3 -5 -6
pot ,|-6 -5 4 -1 -2 -6 -6
pot .|-6 -1 5 -5 -5 -1 -4
pot and|-3 1 3 -1 -1 -2 -1
pot over|-3 -2 3 -3 -3 -2 -2
pot with|-6 -3 5 0 -5 -5 -2
potato|2 -2 -2 2 0 -4 -1
potato ,|2 -1 -1 -2 -1 -3 -1
potatoes|0 -7 -2 4 -3 -5 -3
potatoes ,|2 -2 -1 -4 0 -2 -1
potatoes .|2 -1 -3 -2 -2 -3 -2
potatoes and|2 -2 -3 2 -3 -2 -1
potatoes in|-4 -2 0 3 -4 -4 -2
pots|3 -3 -3 -2 -2 -3 -1
pound|0 -1 1 -1 -1 -2 0
pour|0 1 -2 -1 0 -3 -4
pour boiling|0 3 -3 -3 -1 -1 -1
pour in|-2 -5 -1 2 1 -6 -2
pour into|-1 1 0 -3 -2 -2 -1
pour over|1 -1 -3 0 0 -6 -3
pour the|1 2 -3 0 -3 -2 -1
pourable|3 -1 -3 -1 -1 -3 0
powder|-1 -5 0 -1 -1 2 -2
powder ,|1 -2 0 -2 -2 0 -1
powder and|-1 -3 1 -2 -2 -1 0
preheat|6 -3 -5 -3 -8 -4 -3
preheat oven|4 -1 -2 -3 -5 -3 -1
preheat the|4 -1 -3 -1 -5 -1 -1
preheat to|4 -1 -2 -1 -4 -3 -1
press|1 3 -4 -6 -4 -3 0
press #|-4 3 -3 -3 -2 -3 0
press down|2 -1 -4 -2 -2 -3 -1
press into|-1 1 -3 -1 -1 1 0
press the|-3 2 -2 -1 -3 -2 -3
press tofu|-4 3 -2 -3 -3 -3 -5
pressing|2 -1 -2 -1 -1 -3 -1
pressure|3 -2 -3 -1 -2 -4 -4
pressure cooker|2 -1 -2 -3 -1 -2 -4
prick|-2 -1 2 -1 -1 -1 -1
process|4 -2 -4 -4 -4 -2 -4
processor|-5 -4 -6 -4 -4 7 -4
processor ,|0 -3 -4 -3 -3 3 -4
properly|1 -2 2 -3 -1 -2 -2
prove|-4 5 -4 -5 -5 -4 -5
prove #|-3 4 -4 -4 -4 -3 -4
pulse|-7 -3 -5 -4 -5 7 -3
pumpkin|1 -3 1 -3 -2 -3 -4
puree|-5 -4 0 -5 -4 5 -4
puree ,|-1 -3 2 -3 -4 -3 -3
purée|-2 -5 1 -6 -5 2 -4
purée ,|3 -2 -1 -1 -2 -4 -1
purée and|-4 -2 3 -3 -1 -2 -1
put|-1 -2 1 -1 -1 -3 1
put everything|4 -2 -2 -1 0 -2 -3
put in|-1 0 -1 2 -3 -3 -4
put the|-1 0 -1 0 0 -1 -1
put them|-1 -2 1 -3 -2 -3 -1
quart|1 -1 -1 -1 -1 -2 0
quarter|0 1 0 0 -3 -3 -1
quarter of|-2 1 1 0 -2 -2 -1
quarters|-1 -2 -3 2 -2 -2 -2
quick|-1 -1 2 -2 -1 -2 -1
quickly|0 -2 -3 -1 0 0 -1
quinoa|-2 -1 1 -1 -1 -1 -2
rack|-1 1 1 -5 -1 -3 -2
rack .|0 2 -4 -3 -1 -2 -1
racks|2 -3 -3 -3 1 -2 -2
rain|0 -1 1 -3 -2 -3 -2
rain in|0 -1 1 -3 -2 -3 -2
raisins|1 -1 0 -2 -2 -3 -1
rapidly|-2 -2 -2 2 -3 -1 -2
raspberries|2 -1 -2 -1 -1 -3 -1
raw|1 -4 -3 1 -3 0 -2
re|1 2 -2 -2 -3 -3 -1
ready|3 -3 -3 0 -2 -3 -3
really|-3 -4 1 0 -1 1 -2
red|0 -2 -3 -1 2 0 -2
red pepper|-2 -1 -1 -2 0 -2 0
reduce|-6 -4 -1 4 -3 -4 -3
reduce by|-5 -3 -1 4 -4 -4 -3
reduce heat|-1 -1 -3 1 -1 0 0
reduce the|0 0 -1 1 0 0 0
reduce to|-1 -1 -2 1 -2 -1 -1
reduced|-1 -1 -3 2 -1 -1 0
refresh|-2 -2 0 2 -2 -2 -3
refrigerate|4 -3 -3 -4 -4 -3 -3
reheat|1 -2 -3 -2 -2 0 -1
remaining|-2 0 0 0 -3 -2 0
remaining #|2 1 -3 -1 -3 -2 -1
remaining oil|-4 -4 1 1 -2 -2 -3
remove|1 0 -1 -3 -1 -3 -4
remove bay|-1 -1 -4 -1 -1 1 -1
remove from|2 2 -3 -4 -2 -3 0
remove the|0 -2 0 -2 -2 -3 -1
reserve|1 -2 0 -3 -1 -2 -1
reserved|0 -1 -2 1 0 0 -1
reserving|1 -1 -1 -1 -1 -2 -1
reserving #|1 -1 -1 -1 -1 -2 -1
rest|-2 8 -3 -5 -4 -3 -7
rest #|-8 9 -10 -8 -10 -4 -4
rest .|1 1 -6 -5 0 -7 -4
rest for|-2 3 -3 -4 -4 -2 -2
rest in|3 -3 1 -5 -5 -4 -3
rest of|2 -5 -1 0 -2 -1 -2
return|-3 -2 0 -2 0 2 -3
return the|-1 -3 3 -2 -3 -2 -2
return to|-3 0 -2 -1 1 1 -2
rhubarb|2 -2 -3 -1 0 -2 -1
ribbons|0 2 -2 -1 -2 -3 -2
rice|-3 -3 1 -3 -8 -2 4
rice #|0 -3 -4 3 -3 -3 -5
rice ,|-3 -3 2 -2 -4 0 1
rice .|0 -3 1 -3 -3 -6 -4
rice and|-3 -1 1 2 -3 -3 -3
rice cooker|-3 -5 -6 -5 -4 -4 6
right|2 -1 -2 1 -2 -2 -1
rim|2 1 -2 -3 -2 -2 -1
rimmed|-1 -1 -2 -2 1 -1 -1
rimmed baking|-1 -1 -2 -2 1 -1 -1
rings|0 -2 -1 2 -3 -3 -2
rings .|2 -1 -2 -1 -2 -3 -2
rinse|0 2 -2 0 -5 -7 -1
rinse #|-2 2 -1 -2 -1 -2 -2
rinse ,|-1 1 0 -3 -2 -2 -3
rinse .|1 2 -3 -3 -3 -3 -2
rinse and|1 -2 -1 -1 -1 -2 -1
rinse cold|-2 -3 -3 3 -1 -1 -2
rinse rice|0 1 0 -2 -1 -2 -3
rinse the|-1 -3 0 1 -2 -4 1
rise|-4 6 -5 -5 -6 -3 -5
rise #|-4 5 -4 -5 -6 -3 -5
roast|-4 -9 -4 -7 7 -4 -6
roast #|-4 -5 -5 -4 5 -3 -6
roast at|-1 -1 -1 -1 1 -1 -1
roast cut|-3 -1 -1 -2 2 -1 0
roast for|-2 -5 -3 -4 4 -1 -2
roast the|1 -2 1 -3 -2 -1 -3
roasting|3 -2 -4 -3 1 -3 -1
roasting tin|3 -1 -3 -3 1 -3 -1
rocket|4 -3 -4 -2 -4 -4 -2
roll|4 -4 -1 -4 -5 -5 -4
roll #|2 -2 -1 -2 -2 -1 -1
roll ,|2 -1 -2 -1 -1 -1 -1
roll in|2 -1 -3 -2 -2 -2 -1
roll into|4 -4 -3 -3 -3 -3 -3
roll out|-1 1 -2 -2 -2 -2 -1
rolling|-1 -1 -1 2 -2 -1 -1
rolls|2 -1 -2 -1 -2 -2 -1
room|2 -1 -4 -3 -4 -3 -2
room temp|1 1 -2 -2 -3 -2 -2
room temperature|3 -2 -3 -2 -3 -3 -1
root|-3 -2 3 -2 -3 -2 -2
roots|2 -1 -2 2 -3 -2 -3
ropes|3 -3 -3 -2 -2 -2 -3
rosemary|2 1 -6 2 0 -2 -3
rosemary ,|0 -1 -2 -1 1 -1 -1
rosemary .|3 -3 -2 -4 1 -4 -1
rosemary and|0 1 -5 3 -3 0 -3
rotating|-2 -2 -2 -1 2 -1 -2
rough|-2 1 -3 -3 -2 2 0
roughly|0 -3 1 -1 -2 -1 -1
roughly .|2 -3 -3 0 -1 -3 -1
round|-1 -2 0 -1 1 -1 0
rub|3 0 -5 -3 -2 -4 -2
rub the|-1 1 -1 -2 -1 -1 -1
running|1 -1 -3 -2 -3 0 -1
runny|-1 -1 -2 -1 -1 1 -1
runs|2 0 -3 1 -2 -3 -2
runs clear|1 1 -3 -1 -1 -2 -2
s|0 -2 1 -3 -4 -1 2
saffron|3 -2 -4 -2 -2 -3 -3
sage|2 -3 -2 0 -5 -5 -5
sage ,|4 -3 -4 -3 -4 -3 -2
sage .|0 1 -2 -1 -1 -2 0
salad|3 -1 -3 -1 -2 -3 -1
salsa|-1 1 0 -2 0 -4 -2
salt|2 1 -4 -5 -2 0 -1
salt #|1 -1 -4 -1 -3 1 -2
salt ,|0 1 -2 -1 -1 0 -3
salt .|0 -6 1 -7 -1 -2 -1
salt ;|-2 0 0 0 -3 0 -4
salt and|-1 0 -2 -1 1 1 -3
salt for|2 -1 0 -2 -3 -2 -3
salt in|1 0 -3 -2 -4 -2 1
salt on|1 -1 -1 -1 -2 0 -1
salt the|-2 2 -1 -2 -2 -1 -1
salt to|1 0 0 -3 -3 -6 -3
salted|-4 -4 -2 5 -3 -3 -4
salted water|-4 -3 -2 3 -2 -3 -4
same|-3 -2 2 -4 0 -3 -3
sand|0 -1 -2 -2 -2 1 -1
sauce|0 -3 -2 3 -5 -2 -2
sauce ,|0 -3 1 0 -4 -7 -3
sauce .|1 -3 1 -3 -3 -4 -3
sauce and|0 -3 -5 -1 -2 1 1
sauce over|1 1 -1 -3 -3 -3 -2
saucepan|-5 -1 4 1 -5 -5 -6
saucepan ,|-1 -1 -3 3 -1 -1 0
saucepan .|-3 1 3 -3 -2 -3 -2
saute|-5 -4 5 -3 -4 -4 -4
saute mode|-2 -1 1 0 -2 -2 -1
sauté|-7 -5 7 -3 -6 -7 -6
sauté onion|-1 -2 3 -4 -3 -2 -3
save|-1 -3 1 -3 -4 -4 1
saved|3 -2 -1 -2 -2 -1 -2
saving|2 -1 -1 -2 -1 -3 -1
scallions|2 -1 -2 -2 -2 -2 -1
scatter|0 -4 0 -1 -1 -2 -2
scatter over|2 -2 -1 -3 -1 -3 -2
scatter with|0 -1 0 -1 0 -5 -2
scattered|1 -1 -1 -1 -1 -1 -1
scoop|1 -2 2 -4 0 -3 -1
scoop out|1 -2 2 -3 0 -3 -1
score|1 -1 -1 -2 0 -2 -1
scotch|1 -1 -2 -1 -2 -1 -1
scrape|2 -3 -5 -1 -3 1 -2
scraping|-1 -2 -2 -3 -2 2 -1
scraping down|-2 -2 -2 -2 -2 2 -1
seal|0 -1 1 -3 -2 -3 -1
seal .|0 -1 1 -2 -2 -3 -1
sealing|-3 -3 3 -3 -3 -2 -3
seam|0 -1 0 -1 -1 -1 -1
seam down|0 -1 1 -2 -1 -1 -1
season|1 0 -4 -5 1 -1 -4
season ,|2 1 -3 -1 -2 -2 -1
season .|1 -2 -2 -4 -5 -1 -3
season and|1 1 -2 -1 1 -3 -1
season to|-1 -1 -2 -1 -2 1 -1
season with|1 -1 -3 -3 0 -2 -1
seasoning|1 -2 1 -4 -2 0 -2
seasoning .|2 -1 -1 -2 -2 -2 -1
sec|-1 -2 -2 0 -3 2 -3
sec .|2 -2 -4 -3 -2 0 -3
second|-3 4 -4 -4 -5 -4 -6
seconds|-5 -2 3 -1 -3 2 -2
seconds ,|-1 -2 0 0 -1 1 0
seconds .|-4 -2 2 -3 -2 2 -2
secs|1 -1 -3 0 -2 0 -1
seed|0 -3 -2 -2 -2 1 -1
seeds|-2 -4 2 -3 0 1 -3
seeds ,|-2 -3 3 -4 0 0 -3
seeds .|4 -2 -4 -2 -3 -5 -2
seeds and|-3 1 0 -2 -4 1 -2
seeds in|1 -2 0 0 -3 -2 -2
segment|2 -1 -3 -1 -2 -3 -1
separate|2 -2 -4 2 -2 -2 -2
separately|-2 -2 1 0 -2 -4 -2
serrano|-3 -2 3 -2 -3 -3 -1
serve|3 -2 -2 -5 -6 -4 -5
serve .|3 -2 -4 -1 -2 -4 -1
serve at|3 -1 -4 -1 -2 -3 -1
serve in|0 -2 0 -2 -2 -4 -2
serve over|2 -1 -4 -1 -1 -2 -1
serve with|1 -2 -2 -3 -2 -2 -2
serving|-1 2 -2 -2 -2 -2 -2
serving .|-1 2 -2 -2 -1 -2 -2
sesame|4 -3 -4 -2 -3 0 -2
sesame ,|1 -1 -1 -2 -2 1 -2
sesame .|2 -1 -2 -1 -1 -2 -1
sesame oil|3 -3 -3 -2 -1 0 -2
set|1 -2 0 -1 -3 -3 -4
set aside|3 1 -3 -5 -3 -2 -3
sets|-3 1 2 -2 -1 -3 -2
setting|-3 -3 1 -1 -4 -3 1
shake|0 0 -1 -6 -1 -2 1
shake .|-2 1 -4 -4 -3 2 -3
shake the|0 0 1 -3 0 -4 -1
shaking|-3 -3 -2 0 -1 -2 1
shallot|0 0 1 -1 -3 -3 -5
shallots|-3 -4 4 -3 -4 -3 -5
shallow|3 -5 0 -1 -4 -5 -5
shape|2 1 -5 -2 -2 -3 -4
shape #|2 -2 -2 -2 -2 -2 -1
shape into|1 0 -2 0 -3 -2 -3
sheet|-2 0 -2 -4 3 -4 -4
sheet ,|-1 1 -3 -3 0 -2 -3
sheet .|1 0 -3 -3 -4 -2 -2
sheet pan|1 -1 -4 -3 3 -2 -2
sheets|3 -2 -3 -2 -2 -2 -2
sheets ,|2 -1 -3 -1 -2 -1 -1
sheets of|1 -1 -1 -1 -1 -1 0
shelf|-2 -2 -1 -3 2 -1 -2
sherry|2 -1 -3 1 -2 -2 -1
shiitake|1 2 -3 0 -2 -2 -2
shock|-2 -2 1 0 -1 -1 -2
should|3 -2 -4 -1 0 -3 -2
should be|2 -1 -4 -2 -2 -1 -1
shred|1 -2 -2 -2 0 -1 -4
shred cabbage|-2 0 -3 0 -1 1 -2
shred the|3 -3 0 -3 -3 -5 -3
shredded|2 1 -2 -2 -1 -2 -1
side|-2 -4 1 -1 0 -5 -5
side ,|0 -2 -1 -1 2 -2 -4
side .|-1 -3 -1 1 0 -2 -3
side down|1 -1 -1 -2 1 -1 -1
side of|-2 -2 3 -2 -3 -3 -1
side up|1 -1 -1 -1 0 -1 0
sides|-2 -2 2 -3 -2 0 -2
sieve|1 1 -5 -2 -3 -1 -2
sieve ,|1 0 -3 0 -2 -4 -2
sift|0 -1 -2 -1 -1 0 -1
silky|-2 -1 -1 -1 -1 1 -1
simmer|-9 -12 -5 11 -5 -7 -6
simmer #|-5 -7 -11 9 -8 -3 -4
simmer ,|-4 -4 -4 0 2 -3 -2
simmer .|-4 -2 1 1 -4 -3 -3
simmer and|-1 -2 -1 2 -2 -1 0
simmer for|-2 -4 -5 5 -5 -2 -3
simmer gently|-1 -1 -1 1 -1 -1 -1
simmer on|1 -2 -1 1 -3 -1 -1
simmer the|-2 -3 -2 3 -3 -1 -3
simmer uncovered|-2 -2 -4 3 -3 -1 -2
simmer until|-2 -2 -3 2 -1 -1 -1
simmering|-3 -4 -3 4 -3 -2 -2
single|-1 1 -1 -1 1 -2 -1
sink|0 -2 -1 -1 0 1 0
sit|-5 6 -6 -3 -6 -5 -6
sit #|-5 5 -4 -4 -4 -4 -5
sit for|-3 3 -4 -3 -3 -2 -1
six|1 -2 -3 -1 -2 0 -1
size|1 1 -2 -1 -1 -2 -1
sized|3 -4 -3 -3 -3 -3 -3
sizzle|0 -1 1 -1 -1 -2 0
skewer|0 -1 -1 -1 1 -1 -1
skewer comes|-1 -1 -1 -1 1 -1 -1
skillet|-6 -1 6 -5 -6 -6 -6
skillet over|-1 -1 2 -3 -2 -2 -1
skim|2 -3 -3 1 -2 -4 -2
skim ,|-2 -2 -3 2 -1 -1 -1
skim .|2 -2 -2 -1 -2 -3 -2
skim off|0 -1 0 1 -1 0 0
skimming|-1 -1 -2 2 -1 -1 0
skin|0 -2 -3 -2 -1 0 -1
skins|-1 -4 0 3 -4 -1 -3
skins ,|1 -1 -3 0 -1 -2 -1
slaw|2 -2 -1 -3 -2 -2 -2
slice|0 0 1 -1 -4 -6 -3
slice #|3 -2 -3 -2 -2 -3 -1
slice into|-1 1 0 -1 -2 -1 -1
slice the|3 -3 -1 0 -2 -2 -1
sliced|-1 1 -1 0 -1 -5 -4
slices|0 0 -1 -1 -2 -3 -2
slices ,|0 -2 -1 1 1 -2 0
slices .|-1 2 -1 -1 -2 -3 -1
slicing|-2 0 -2 -2 -2 3 -1
slicing .|2 -1 -1 -2 -1 -1 -1
slide|1 -2 1 -3 -2 -3 -2
slightly|-1 -3 -2 1 -1 0 -1
slow|3 1 -5 -2 -1 -5 -5
slow cooker|2 3 -5 -4 -3 -4 -4
slowly|2 -3 0 -1 -5 -4 -2
slowly to|1 -2 -1 -1 -3 -2 -1
small|-2 -5 2 1 -6 -1 -6
small ,|-1 -2 1 0 -2 -2 -3
small pan|-3 -3 1 1 -4 -3 -4
smells|-2 -1 4 -4 -1 -2 -3
smoked|1 -1 0 -3 -3 -3 -2
smoking|-5 -2 2 2 -2 -4 -3
smooth|0 -3 -4 -5 -1 4 -4
smooth ,|-3 -3 -3 -3 1 2 -3
smooth .|2 -2 -4 -4 -4 2 -4
so|-1 0 -3 2 0 -4 0
so .|0 0 -3 1 0 -2 -1
so it|-2 0 -1 1 -3 -1 -1
so that|0 1 -2 -2 0 -2 -2
so the|-2 0 0 -1 1 -2 -2
soak|-4 7 -3 -8 -5 -5 -6
soak the|-2 3 -1 -4 -3 -2 -3
soaked|1 -1 -3 1 -1 -3 -1
soba|-1 -3 -3 3 -3 -3 -3
soda|-1 1 -2 -2 -2 1 -1
soft|-2 -1 -1 1 1 -4 -4
soft ,|-2 -3 4 -3 -4 -2 -3
soft .|1 -3 -1 1 0 -3 -3
soft and|-1 0 -2 3 -3 0 0
soft dough|-1 1 -2 -2 -2 -2 0
soften|-5 -3 3 0 -6 -5 -5
soften onion|-2 -3 1 -1 -4 -4 -3
soften the|-3 -4 3 -1 -3 -4 -3
softened|-3 -2 5 -5 -3 -1 0
softened ,|-3 -1 2 -2 -2 -1 0
softened .|-1 -1 4 -3 -3 0 0
some|1 -2 -7 2 -4 0 -3
something|-3 2 -2 -2 -2 -2 -2
something heavy|-3 2 -2 -2 -2 -2 -2
somewhere|-2 3 -2 -3 -3 -2 -1
somewhere warm|-2 3 -2 -3 -3 -2 -1
sort|2 -1 -2 -1 -1 -2 -1
soup|-2 -1 -1 -2 1 1 -1
sour|2 -1 -2 0 -1 -2 0
soy|-3 -6 -2 0 -5 3 -1
soy ,|-2 -3 1 -1 -3 2 -3
soy .|-2 -2 -1 -3 -2 2 -2
soy ;|-1 -3 -2 1 -2 1 1
soy and|3 -2 -4 1 -3 -3 -2
soy sauce|0 -3 -3 -1 -2 -1 1
soya|-3 2 -2 -2 -1 -2 -2
spaghetti|-1 -3 -2 3 -3 0 0
spelt|-2 0 -1 2 -1 1 0
spice|3 -2 -4 1 -2 -2 -1
spices|0 -6 2 -5 -3 -1 -3
spices #|-4 -3 3 -1 -3 -4 -3
spices ,|1 -3 0 -5 -2 -1 -3
spices and|1 -2 0 -4 0 -3 -1
spices in|2 -2 -1 -3 -3 -3 -2
spinach|-3 -4 3 0 -7 -8 -1
spinach ,|-2 -4 1 1 -3 -3 -2
spinach .|5 -2 -5 -3 -3 -4 -2
spinach and|-1 1 1 -2 -2 -3 -4
spinach in|-2 -3 1 -2 -1 -3 1
splash|1 0 0 -1 -3 -3 -2
splash of|1 -2 0 0 -2 -2 -1
split|2 -2 -2 -1 1 -3 -1
split peas|2 -2 -1 -2 -2 -2 -1
spoon|-1 -1 -1 -2 -2 0 -3
spoon .|3 -3 -3 -2 -3 -3 -2
spoon into|-1 2 -2 -1 -1 -2 -1
spoon the|2 -1 -2 -2 -2 -2 -1
spoonful|1 -1 -1 -1 0 -1 -1
spots|-1 -1 -2 -1 2 -1 -2
spread|0 1 -3 -1 1 -5 -2
spread #|-1 1 -1 -1 -2 -1 -1
spread in|0 -2 -3 1 0 -3 -1
spread on|0 -1 -2 0 1 -2 -1
spread out|0 1 -3 -1 -1 -2 -1
spread over|3 -1 -2 -2 -4 -3 -1
spring|2 -1 -1 -3 -3 -4 -2
spring onions|1 -1 0 -3 -3 -3 -1
sprinkle|2 -4 0 -5 -2 -4 -2
sprinkle with|2 -1 -2 -1 -2 -3 -2
sprouts|-1 -1 1 -2 -1 -2 0
square|0 -1 -1 -1 -2 0 -1
squares|0 1 -1 -1 -1 -2 -1
squares .|1 1 -2 -2 -1 -1 -1
squash|-1 -1 -6 -3 2 -3 1
squash ,|-1 0 -4 -4 1 0 -2
squash and|1 0 -3 -2 -1 -2 -2
squash in|0 -1 -1 -1 1 -1 0
squeeze|-2 1 -1 -1 -6 -2 0
squeeze .|-2 3 -2 -4 -4 -1 -4
squeeze in|1 -4 0 -2 -1 -5 -2
squeeze out|-1 2 -1 1 -2 -5 -2
squeeze the|-3 -3 1 1 -1 1 -1
stack|3 -3 -3 -3 -3 -3 -2
stalks|-1 -2 -4 -3 -3 2 -1
stand|-2 7 -4 -7 -8 -6 -5
stand #|-1 5 -8 -6 -5 -3 -4
stand for|-2 3 -4 -2 -4 -2 -6
starch|0 -1 -4 -1 -3 0 1
start|-3 -2 0 -1 -1 -1 1
starting|-1 -1 1 -2 1 -1 -1
stay|2 -2 -2 -2 -2 -2 -1
steam|-7 -2 -9 6 -7 -5 -9
steam #|-5 -5 -5 5 -6 -4 -6
steam for|-4 -1 -2 2 -3 -2 -4
steam the|-4 -3 -4 4 -3 -3 -3
steamer|1 -3 -3 2 -3 -2 -2
stems|1 -1 2 -3 -2 -1 -2
sterilised|-1 -2 2 0 -3 -3 -1
stew|1 -1 -1 -1 -2 -3 -1
stick|-6 -4 0 -1 -4 5 -3
stick blender|-3 -3 -5 -4 -4 5 -4
sticks|-1 -3 2 -3 -2 1 -3
sticky|-3 0 -2 1 -3 -3 -3
stiff|0 -1 -1 -1 -1 0 0
still|0 -4 -2 2 -2 0 -3
stir|1 -1 -2 -1 -1 -3 -6
stir #|1 -4 0 -2 -4 -4 -2
stir ,|1 1 -1 -5 -2 -4 -1
stir .|3 -4 -4 -1 -2 -7 -4
stir a|-2 -2 2 -3 -1 -3 -1
stir every|-1 -5 -3 2 -1 -3 -3
stir everything|1 0 -2 -2 -2 -2 -1
stir for|-5 -5 6 -6 -4 -4 -4
stir in|1 -2 -2 0 -3 -1 -5
stir it|1 0 -3 -2 -2 -1 -3
stir the|1 -1 -4 -1 1 -3 -1
stir through|3 -2 -5 0 -2 -2 -1
stirring|-4 -6 -1 2 -1 -4 -5
stirring ,|-4 -1 1 0 -5 -4 -5
stirring .|-4 -3 5 -5 -3 -2 -3
stirring every|-1 -2 -4 4 -1 -1 -1
stirring from|0 -1 -2 2 -2 0 0
stirring more|-2 -3 -2 3 -4 -1 -1
stirring now|0 -3 -4 4 -3 -1 -1
stirring occasionally|-2 -1 -5 6 -3 -1 -1
stirring often|-1 -3 4 -2 -4 -1 -2
stirring once|-2 -2 -3 -2 3 -2 -2
stock|2 0 -1 -1 -1 -8 -3
stock ,|1 0 -2 1 -2 -6 -3
stock .|3 0 -2 -5 -4 -5 -3
stock and|2 -2 -1 -4 1 -2 -1
stock in|1 -1 -3 2 -2 -2 -2
straight|2 -2 -4 -1 0 -4 -1
strain|1 1 -3 -1 -4 0 -2
strain .|-1 2 -3 0 -2 -2 -2
strain through|0 -3 -3 -3 -3 1 -1
stream|-3 -1 -1 -2 -2 3 -1
strip|1 -1 -2 -1 -1 -2 -1
strips|1 -4 3 -4 -4 -5 -4
strips .|0 -2 0 0 -1 -2 -1
stuff|0 -1 0 0 -1 -2 -1
sugar|-1 -4 2 -1 -4 -6 -4
sugar ,|2 -2 0 -1 -3 -5 -2
sugar .|0 0 0 -3 -3 -5 -2
sugar and|0 -4 -2 2 -3 -1 -1
sugar salt|0 -2 0 0 -2 -3 -1
sultanas|-2 1 1 -2 -1 -1 -2
sun|1 0 -1 -1 -2 -2 -1
sunday|2 -2 0 -3 -2 -2 -2
surface|1 -1 -1 -1 -1 -1 0
swap|-2 -3 -2 -3 3 -2 -2
swap the|-1 -2 -1 -1 1 -1 -1
swapping|-1 -2 -1 -1 1 -1 0
swapping the|-1 -2 -1 -1 1 -1 0
sweat|-5 -6 4 0 -6 -5 -6
sweat onion|-1 -3 4 -5 -3 -2 -2
sweat the|-3 -3 4 -2 -3 -3 -3
swede|-2 -1 1 1 -2 -1 0
sweet|3 -2 -2 -2 0 -2 -2
sweet potato|2 -1 -4 1 -1 -3 -2
sweet potatoes|1 -2 0 -3 1 -1 -1
swirl|0 -2 1 -3 -3 -3 -2
syrup|0 -3 -3 1 -3 1 -3
syrup ,|-1 -2 -1 1 -2 1 -2
syrup .|3 -1 -4 -2 -2 -4 -2
t|-1 0 0 -1 -3 1 -2
t catch|-1 -1 -1 1 -2 -1 0
t stir|1 -2 0 -2 0 -4 -1
tablespoon|-1 -3 0 -2 -1 -2 -1
tablespoon of|-1 -2 2 -1 -2 -4 0
tablespoons|0 -1 -3 1 -1 -1 0
tablespoons of|-1 0 -2 1 -3 -1 -3
tadka|3 -1 -3 -1 -2 -2 -1
tahini|0 -2 0 -2 -2 -1 -1
tahini ,|1 -2 -3 -2 -2 0 0
take|1 -1 -2 -2 1 -1 -2
take off|-1 0 -2 -1 -3 1 -1
take out|2 -3 0 -3 0 -5 -2
takes|1 -3 -2 0 -3 -3 1
tamari|2 -1 -3 -1 1 -3 -2
tamarind|2 -2 -1 0 -2 -3 -1
taste|1 -3 -3 -1 -4 0 -4
taste .|2 -2 -3 -2 -2 -1 -2
tbsp|0 -4 -1 -1 -1 0 0
tbsp of|0 -2 -1 0 0 -1 -2
tbsp oil|-2 -3 3 -6 0 -1 -1
tbsp water|1 0 -1 -1 -3 -1 1
tea|3 -2 -3 -2 -2 -3 -1
tear|1 1 -3 -2 -3 -3 -2
teaspoon|-3 0 1 -2 -4 1 0
teaspoon of|-2 1 1 -2 -4 -1 1
temp|2 0 -3 -3 -4 -3 -3
temp #|2 0 -3 -2 -3 -3 -3
tempeh|0 -6 3 2 -5 -4 -5
tempeh #|-3 -4 -3 4 -3 -3 -3
temperature|3 -2 -3 -2 -3 -3 -1
ten|-3 1 1 0 -5 -4 -5
ten minutes|-3 1 0 0 -4 -4 -5
tender|-2 -3 -2 2 -2 -1 -1
tender ,|-3 -2 1 -1 0 -2 -2
tender .|-2 -2 -3 3 -2 -1 -1
tender and|-1 -1 -2 1 -1 0 0
texture|2 -2 -4 -2 -2 -1 -2
that|2 -2 -2 -3 -2 -4 0
the|0 -2 -1 -2 -1 0 -3
the #|-1 1 -1 1 -1 0 -3
the apples|0 -1 0 -1 -1 -2 -1
the aubergine|-1 0 0 -3 0 -2 -2
the aubergines|0 -1 -3 0 1 -3 -1
the barley|-2 -1 1 0 -3 -2 -2
the batter|0 -1 -3 0 2 -2 -1
the bay|0 -2 1 -2 -2 -2 -3
the bean|-1 -2 1 -1 -2 -1 -1
the beans|0 -5 -4 1 1 -5 -2
the beetroot|-1 -1 -1 -1 1 0 -1
the big|-2 -2 0 2 -4 -2 -1
the bitterness|-2 -3 -2 3 -3 -2 -2
the boil|-6 -3 2 0 -5 -5 -2
the bottom|3 -3 -1 0 -3 -3 -3
the bread|0 1 -3 -4 0 -3 -3
the brine|-1 -1 -1 -2 -1 1 0
the broth|-1 0 0 0 -3 -4 -3
the butter|0 -1 -2 2 -3 -4 -2
the cabbage|1 0 0 -1 -4 -5 -4
the carrots|1 -1 -1 0 -2 -3 -1
the cashews|1 0 -2 -2 -2 -1 -2
the cauliflower|-1 -3 -1 1 -1 -2 0
the chickpeas|-1 -2 0 -4 1 0 -1
the chopped|-1 -1 1 -4 0 -1 -3
the coconut|0 -2 1 -1 -2 -2 -2
the cooking|2 -3 -1 0 -1 -2 -1
the coriander|3 -1 -3 -3 -2 -4 -2
the cornflour|-2 -3 1 -1 -3 -3 -1
the courgettes|-1 2 -2 -1 -3 -3 -2
the cream|0 -1 0 -3 -2 0 -2
the crumbs|1 -1 0 -4 0 -3 -1
the cumin|-1 -1 1 -2 -1 -1 0
the dal|-2 -4 1 1 -3 -3 -3
the day|2 -1 -1 -1 -1 -2 -1
the dough|2 0 -3 -2 -2 -3 -2
the drained|1 -1 -2 1 -2 -1 -1
the dressing|1 -3 -1 -3 -3 -1 -2
the dry|0 1 -4 -2 -2 0 -1
the edges|-1 -1 -3 -4 3 -3 -1
the end|4 -2 -5 2 -4 -5 -2
the filling|0 -1 -1 -2 -2 1 -1
the final|-1 -2 -3 0 1 -1 -1
the flour|-2 -1 -2 2 -2 -3 -1
the foam|2 -1 -3 0 -1 -2 -1
the foil|2 -1 -2 -3 1 -3 -1
the food|-3 -2 -2 -2 -2 4 -2
the freekeh|0 -2 1 -2 -1 -2 0
the fridge|4 -4 -4 -6 -4 -1 -5
the fruit|1 -1 -2 -1 -1 0 -1
the garlic|-3 -2 4 -4 -7 1 -2
the ginger|2 -1 -1 -4 -1 -3 -1
the gnocchi|-2 -1 1 0 0 -1 -1
the grill|1 -3 -4 -3 2 -3 -2
the heat|1 5 -1 -5 -5 -2 -4
the herbs|0 -1 -2 -1 -1 0 -1
the hot|1 -1 -1 -5 -3 -5 -2
the juice|2 -2 -2 -2 -2 -1 -1
the kale|0 -4 -1 2 -4 -3 -3
the kombu|-1 -3 0 1 -2 -2 -1
the last|0 -4 -2 -1 0 0 -2
the leek|-2 -2 2 -2 -1 -1 -3
the leeks|-2 -2 -1 1 -3 -2 -2
the lemon|-1 2 -6 -2 -2 1 -2
the lentils|-2 -1 2 -1 -5 -4 -2
the lid|1 -1 -3 0 0 -3 -3
the lime|0 -1 1 -2 -1 -6 -1
the liquid|0 -1 0 -2 -4 -2 -1
the liquor|1 1 -2 -2 -2 -3 -1
the lot|-2 0 -1 -1 -2 2 -2
the lowest|-3 -4 -3 4 -1 -1 -3
the margarine|3 -3 -2 0 -3 -2 -1
the middle|0 -2 0 -2 1 -3 -1
the milk|0 0 0 -1 -4 -5 -2
the miso|2 -2 -2 -1 0 -3 -1
the mushrooms|-1 -2 0 -1 -2 -1 -3
the mustard|0 -2 0 -3 -2 -3 0
the oats|-1 0 0 -3 0 0 -2
the oil|-2 -9 2 0 -1 -2 -5
the onion|-4 0 1 -1 -5 0 -5
the onions|-1 0 1 -2 -4 0 -1
the other|-2 -2 2 -2 -3 -1 -2
the oven|1 -6 -6 -6 5 -5 -5
the pan|-3 0 2 -3 -1 -1 -3
the parsley|1 -1 -1 -1 -1 -3 -1
the pasta|0 -2 -3 3 -3 -5 -2
the paste|-2 -3 -1 -5 -4 2 -4
the pastry|-1 1 -1 -1 -1 0 0
the peas|-2 -3 -2 3 -3 -1 -4
the peppers|1 -2 -1 -2 0 -2 0
the polenta|2 -1 -1 -2 -3 -3 -2
the porcini|0 2 1 -4 -3 -2 -1
the pot|-7 -2 7 0 -4 -3 -4
the potatoes|1 -2 -2 2 -3 -1 -1
the pumpkin|-1 -1 2 -2 -2 -2 -2
the remaining|1 -2 -2 1 -2 -1 -4
the rest|-1 -4 -1 0 0 0 -2
the rice|-4 -2 -3 1 -5 -4 3
the rosemary|1 -1 -2 -2 -3 0 -1
the sage|2 -3 -3 1 -3 -3 -3
the salt|0 0 -1 -4 0 -1 -3
the sauce|0 0 -4 2 -4 0 -1
the saved|3 -1 -4 -1 -1 0 0
the seeds|1 -1 0 -2 -1 -3 -1
the sesame|1 -1 -1 0 -2 -2 -1
the shallot|0 -1 1 0 -3 -2 -5
the side|-2 0 2 0 -2 -3 -1
the sliced|1 -1 1 -1 -2 -2 -1
the slow|2 1 -4 -2 -2 -3 -2
the soup|-2 -1 -4 -1 1 2 -1
the spinach|-3 1 2 0 -2 -5 -3
the split|2 -2 -1 -2 -2 -2 -1
the squash|0 -1 -5 -2 2 0 -3
the stock|-2 1 -1 0 -2 -5 -3
the sugar|1 0 1 -4 -1 -2 -1
the sweet|3 -2 -4 -1 1 -2 -1
the tahini|-1 -1 1 -2 -1 -1 0
the tempeh|1 -3 -1 2 -3 -3 -3
the thyme|-1 -3 1 -3 0 1 0
the tin|0 2 -2 -2 -4 -3 -3
the tins|-3 1 -3 -3 2 -2 -4
the tofu|0 1 1 -2 -4 -2 -6
the tomatoes|-2 -4 3 -5 1 -3 -4
the top|-2 -2 -1 -1 1 -5 -3
the tray|-3 -2 -2 -3 3 -2 -1
the trays|0 -1 -2 -2 1 -3 -1
the veg|-1 1 0 -3 0 0 -1
the vegetables|0 -3 -1 1 -3 -3 -1
the vinegar|-1 1 -1 1 -2 -1 -2
the walnuts|-3 -1 1 -2 -1 1 -1
the water|1 1 -1 -1 -5 -4 0
the wet|-1 1 -2 -1 -1 1 -1
the whole|-1 -2 0 0 0 -1 -1
the wine|-1 -3 1 -1 -3 -3 -1
the yeast|0 0 -1 0 -3 -1 -1
their|2 -4 -1 0 -2 -2 -2
their liquid|2 -2 -2 0 -1 -3 -1
their skins|-1 -1 -2 1 -1 -1 -1
their water|1 -2 1 -1 -1 -2 -2
them|-1 -5 -1 2 -2 -2 -6
them in|-1 -3 0 0 -4 -4 -3
them with|-2 -1 -2 1 -2 1 -1
then|-3 -3 -3 2 0 1 -1
then #|-4 -4 -5 -3 4 -4 -6
then ,|-1 -1 -2 2 -2 -1 -1
then .|2 -3 -4 1 -3 -3 -2
then add|0 -1 0 0 -2 -2 -3
then blend|-3 -2 -2 -2 -1 2 -1
then drain|1 0 -2 0 -2 -3 -1
then fridge|2 -1 -3 -3 -2 -2 -3
then lid|-1 -2 -3 -1 1 0 0
then lower|-1 -1 1 -1 0 -1 0
then reduce|-1 -1 -1 1 -1 -1 -1
then simmer|-2 -4 -5 4 -5 -3 -3
then the|-4 -4 5 -3 -4 -5 -4
then turn|-4 1 1 -2 -3 -2 -3
there|3 -2 -3 -3 -3 -4 -1
they|-2 -1 0 1 -2 -3 -3
they pop|-4 -2 3 -2 -1 -1 -1
thick|-3 -1 0 0 -4 2 -2
thick ,|-1 0 1 -1 -1 -2 -1
thick .|-1 -3 0 0 -3 -1 -3
thick batter|0 -1 0 -1 -1 1 -1
thicken|-2 1 -1 1 -2 -2 -2
thicken .|-2 1 -1 1 -2 -1 -2
thickened|1 -2 -4 3 -3 -2 -1
thickened ,|-1 -1 -3 3 -1 -1 0
thickened .|1 -2 -3 1 -2 -2 -1
thickens|-1 1 1 -1 -5 0 -2
thickens as|0 1 -2 -3 -2 0 -1
thin|3 0 -2 -6 -2 -2 -4
thin .|3 -4 -3 -3 0 -3 -2
thin with|2 -2 -3 -2 -2 -1 -1
things|1 -1 -1 -1 -1 -1 0
thinly|3 -2 -2 1 -2 -3 -1
third|-2 -3 -2 -2 0 3 -2
third ,|-2 -1 1 -1 0 1 -1
third of|-1 -3 -2 -3 0 2 -1
thirds|0 -1 -1 -1 -1 0 0
this|3 -3 -3 -1 -2 -2 -3
those|1 0 -1 -2 -1 -2 -1
three|-1 0 -2 -3 -4 0 -3
through|0 -4 1 -5 -2 0 -4
through ,|1 -1 -3 -1 2 -2 -1
through .|2 0 0 -2 0 -3 -2
through a|1 1 -4 -2 -2 -1 -1
through the|-1 -2 -5 -1 -1 2 -2
thru|0 -3 -2 -2 -2 0 -1
thumb|-1 -1 -2 -2 -1 1 0
thyme|1 -4 1 -5 -1 -2 -2
thyme ,|-1 -2 2 -2 -1 -3 -1
thyme .|4 -1 -5 -2 -1 -2 -1
thyme and|1 -1 2 -4 -1 -1 0
tie|2 -1 -2 -2 -1 -1 -1
tight|-2 0 1 1 -2 -1 -1
tight ,|-1 0 -2 1 -2 -1 -1
tightly|1 -4 -2 1 1 -3 -3
tightly in|2 -1 -2 -2 -1 -1 0
til|-3 1 0 -1 -3 1 -3
till|0 -2 2 -2 -5 0 -5
till golden|-2 -2 -1 0 0 -1 -3
till it|0 -3 1 -4 -2 1 -1
till soft|1 -3 -1 -2 1 -1 -1
till they|-2 -2 2 0 -2 -2 -1
till thick|-3 -3 1 -1 -2 -2 -2
time|-1 0 0 -2 -1 0 -2
time .|-3 1 0 -1 0 -1 -2
time to|-1 -2 -2 1 -2 0 0
times|0 2 -2 -1 -2 -2 -1
tin|1 1 -3 -3 0 -3 -5
tin ,|0 0 -3 -3 0 -4 -1
tin .|2 -1 -4 -2 -5 -1 -3
tin for|-3 2 -1 -2 0 -1 -2
tin of|-1 -2 0 0 0 -4 -1
tin with|3 -1 -3 -1 -2 -2 0
tins|-1 0 -2 0 2 -5 -4
tins ,|1 -3 -4 -3 2 -3 -3
tiny|-1 -1 -1 -2 -2 1 -1
tip|-1 -2 1 -1 -2 -1 -3
tip in|2 0 0 -2 -1 -3 -1
tip into|0 1 0 -1 -2 -3 -1
tip out|-1 -2 -1 -3 -2 1 -1
tip the|-2 -2 0 -2 0 0 0
to|-6 0 1 -1 1 1 -3
to #|2 -2 -6 -2 2 -1 -3
to a|-3 -2 -1 0 1 0 0
to boil|-3 -2 1 2 -3 -2 -2
to cool|-1 0 -4 1 -3 -1 -2
to cover|0 0 0 -3 -3 -4 -2
to low|-1 -2 -4 3 -2 -1 -1
to make|0 -2 -1 0 -1 0 -1
to pot|-4 -2 2 -3 -3 1 -3
to stand|0 2 -3 -1 -3 -2 -1
to taste|0 -3 -4 -2 -2 0 -2
to the|-5 0 0 0 1 -2 -3
to thicken|-2 1 0 1 -2 -2 -2
to time|-1 -1 -2 2 -2 -1 0
to wilt|-4 -2 4 -3 -3 -3 -2
toast|1 -6 2 -3 0 -6 -6
toast the|-2 -2 2 -5 1 -2 -2
toasted|1 -3 0 -3 -3 -1 -3
tofu|-1 2 0 -5 -4 -2 -2
tofu #|-4 3 -1 -3 -2 -3 -5
tofu (|-1 1 -3 -3 -1 -3 1
tofu ,|1 0 -1 -1 -2 0 -4
tofu and|3 1 -5 0 -3 -2 -2
tofu for|-3 3 -1 -2 -2 -2 -5
tofu in|1 -3 2 -4 -3 -4 -5
tofu with|-1 -2 -2 -2 -2 1 1
together|4 1 -7 -4 -5 -2 -2
together ,|2 1 -3 -2 -3 -3 -2
together .|2 -2 -2 -1 -2 0 -1
together and|2 0 -2 -1 -2 -2 -1
together the|0 1 -3 -1 -1 -3 -1
together with|1 1 -3 -1 -2 -4 -2
tomato|4 -4 -1 -3 -5 -6 0
tomato paste|-2 -2 0 0 -2 -2 -1
tomato purée|2 -2 -1 -4 -2 -2 -1
tomatoes|2 -4 -1 -1 -1 -8 -5
tomatoes ,|0 -4 -2 -2 2 -6 -3
tomatoes .|3 -1 -3 -2 -3 -2 -2
tomatoes and|0 -2 -1 0 -1 -2 -1
tomorrow|2 -2 -2 -1 -1 -2 -1
toms|-1 -2 1 -1 -4 -3 -1
too|0 1 -4 -4 -2 1 -1
too thick|-1 -2 -4 0 -1 0 -1
toothpick|-1 -1 -1 -1 1 -1 -1
top|0 -3 -1 -2 1 -1 -5
top ,|0 -3 0 1 -2 -4 -2
top .|-1 -1 0 -1 -2 0 -2
top up|-1 -1 -3 0 2 -3 -1
top with|3 0 -6 -3 -4 -3 -2
topped|2 -1 -3 -1 -1 -2 -1
topped with|2 -1 -3 -1 -1 -2 -1
topping|-1 -2 0 -1 1 -3 -1
tops|2 -1 -2 -1 -1 -1 -1
tortilla|1 -1 0 -2 -1 -3 -1
tortillas|0 -1 1 -3 -1 -3 -1
toss|0 -2 -1 -3 0 -4 -1
toss .|3 -2 -4 -2 1 -4 -3
toss everything|1 0 -1 -1 -2 -2 -1
toss in|0 -1 -2 0 1 -1 -3
toss the|1 0 -2 -2 0 -2 -1
toss with|1 0 -5 1 -3 -5 -5
tossing|-2 -1 2 -5 0 -1 -2
tossing halfway|-1 -1 -3 -2 2 -1 -1
towards|1 -1 -3 2 -3 -2 -1
towards the|1 -1 -3 2 -3 -2 -1
towel|1 2 -4 1 -5 -4 -4
transfer|1 0 -2 -2 1 -3 -2
transfer to|1 -2 -2 -2 1 -3 -2
translucent|-3 -2 4 -4 -2 -2 -2
tray|0 -2 -5 -2 2 -5 -6
tray #|-2 2 -3 -2 0 -2 -4
tray ,|-1 -2 -2 -3 2 -3 -5
tray .|2 -2 -2 -1 -2 -2 -1
tray and|0 -2 -1 0 1 -1 -1
tray to|-1 0 -1 1 -1 -1 -1
tray with|-1 -2 -2 -2 2 -2 -2
trays|0 -2 -4 -5 2 -2 -3
trays ,|-2 -3 -2 -2 2 -1 -1
trays .|4 -3 -4 -3 -1 -5 -2
treacle|2 0 -2 -1 -1 -2 0
tsp|2 -1 -2 -2 -1 -2 0
tsp .|3 0 -2 -2 -2 -3 -1
tsp salt|-1 -1 1 -3 -1 0 0
tub|2 -1 -2 -1 -1 -3 -1
tubs|1 -2 -3 -1 -2 0 -2
turmeric|1 0 1 -4 -2 -3 -1
turmeric ,|2 0 -3 -2 -1 -2 -1
turmeric and|-2 -1 2 -3 -2 -2 -1
turn|0 -2 -1 -2 2 -5 -3
turn down|-1 -1 -1 1 -1 -1 -1
turn off|0 0 -4 -2 1 -3 -2
turn the|-3 -1 -1 -1 1 -2 -1
turning|0 -1 0 -1 -1 -3 -3
turning once|1 -2 -2 1 0 -1 -1
twenty|-1 0 2 -2 -1 0 0
twice|-1 -1 -3 -1 -1 0 0
twice .|-2 0 -3 -1 -1 0 0
two|1 -2 -2 -2 1 -2 -2
two .|2 -2 -2 -1 -2 -2 -1
two batches|-1 -1 0 -1 -1 0 0
two hours|-4 2 -2 -2 1 -2 -2
two trays|-1 -2 -3 -1 2 -4 -2
umluft|1 -2 -2 -1 0 -2 -3
uncover|-3 -3 -1 -4 3 -2 -3
uncover ,|-2 -2 0 -3 2 -1 -2
uncovered|-5 -4 -3 -1 4 -5 -7
uncovered #|-4 -5 -5 0 2 -4 -5
uncovered ,|-4 -4 -3 1 1 -3 -3
uncovered for|-1 -2 -2 -1 2 -1 -2
under|-2 2 -6 -3 3 -4 -4
under a|0 2 -3 -1 -3 -2 -1
under cold|2 -5 -3 1 -1 -2 -2
under the|-3 0 -3 -2 3 -2 -3
until|-5 -3 1 -1 -1 1 -7
until a|-1 -2 -1 0 1 -1 -1
until brown|-3 -2 1 -1 -4 -3 -3
until browned|-4 -1 3 -4 -2 -2 -3
until charred|-2 -1 -4 1 2 -1 -1
until completely|-2 -3 -2 1 -1 1 -1
until creamy|0 -1 -1 1 -1 -2 -1
until crisp|-2 -2 -1 1 0 -2 -1
until deep|-2 -2 1 -1 1 -2 -1
until doubled|-2 2 -1 -2 -2 -1 -1
until dry|-2 -2 0 1 -1 -2 -1
until fragrant|-2 -2 0 0 -2 -2 -1
until golden|-2 -2 3 -7 1 -1 -1
until it|0 -3 0 -3 -5 1 -4
until just|0 -1 -3 2 -1 -1 -1
until smooth|1 -3 -1 -4 -2 1 -2
until soft|-2 -2 0 0 0 -1 -3
until softened|-3 -1 5 -5 -3 -1 0
until tender|-1 -2 0 0 -1 -1 -2
until the|-3 0 1 -1 -1 -2 -1
until they|-3 -4 2 -1 0 -1 -1
until thick|-2 -1 -1 2 -4 -2 -1
until thickened|-1 -1 -4 4 -2 -1 0
until very|1 -4 -2 0 -4 -1 -3
until wilted|0 0 1 -1 -2 -3 -4
untimed|17 -34 -2 -26 -18 -3 -23
up|-1 -1 0 -1 0 0 -3
up ,|1 -3 -2 2 -5 -3 -2
up .|-2 -2 2 -1 -5 0 -3
up and|0 -2 0 1 -1 -1 -1
up the|-1 -1 1 -2 -3 -2 -3
up to|-1 0 0 -3 1 -1 -1
up with|1 -2 -3 3 -1 -2 -1
upper|-1 -1 -2 -2 1 -1 0
upright|3 -1 -4 -1 -2 -3 -1
use|2 -1 -2 -2 -1 -3 -1
usually|-1 0 -2 1 -1 -1 -1
v|-3 -2 1 1 -1 -3 -2
vanilla|-1 -1 -1 -2 -1 1 -1
ve|-1 1 0 -2 -3 -2 -2
veg|2 -4 1 -1 -5 -3 -2
veg ,|2 -2 0 -1 -3 -3 -2
veg in|1 -4 1 -2 -4 -1 -3
vegetables|2 -3 -2 1 -4 -5 -2
vegetables ,|-1 -2 0 1 -2 -2 -1
vermicelli|-2 1 1 -3 -2 -2 -2
very|1 -3 -3 0 -6 1 -7
very hot|-1 -2 2 -3 -2 -3 -1
vinegar|-1 1 -2 -1 -6 -1 -4
vinegar ,|0 0 -3 1 -4 0 -2
vinegar .|1 -3 -5 -3 -3 0 -2
vinegar and|-1 1 0 -1 -2 -2 -2
w|-1 -1 -3 -3 -4 2 0
w .|-4 1 1 -3 -1 1 -3
wait|3 -5 -2 0 -5 -5 -4
walnuts|-4 -3 0 -3 1 3 -7
walnuts ,|-2 -4 0 -4 -4 2 -2
walnuts in|-3 -2 1 -2 -2 1 -3
want|-1 -2 0 -3 -1 2 -1
warm|-1 0 1 -4 -2 -2 -1
warm #|-2 2 2 -4 -3 -2 -4
warm .|0 0 -4 -3 -4 0 0
warm in|-2 -2 -4 -2 3 -3 -1
warm the|-2 -3 1 1 -2 -2 -1
warm through|0 -3 3 -4 -3 -3 -4
wash|2 2 0 -4 -3 -5 -3
wash and|0 1 1 -3 -1 -1 -3
wash the|1 1 -2 -2 -1 -2 -1
water|-1 0 0 0 -5 -1 0
water #|-2 -1 0 0 -4 0 -7
water (|2 -2 -3 0 -2 -2 -1
water ,|-1 -2 1 2 -3 -4 -4
water .|1 -2 1 -5 -2 -1 -5
water ;|0 1 -2 0 -3 -1 -3
water and|-1 -1 2 -4 -5 -1 1
water by|1 0 -2 -2 -2 -2 -1
water for|-3 1 -4 2 -4 -3 -5
water if|2 -5 -4 2 -4 -1 -2
water in|-2 -3 1 -4 -5 -4 2
water is|2 -1 -3 0 -1 -1 -1
water over|-1 5 -1 -6 -2 -2 -2
water runs|1 1 -3 -1 -1 -2 -2
water to|-1 -1 0 -1 -4 -1 -2
water until|1 -5 -4 3 -2 -1 -3
water with|-3 -2 -4 4 -3 -2 -4
way|-2 -2 -1 0 1 -1 -1
we|-1 -2 -2 -2 1 1 -4
wedges|3 0 -4 -4 -1 -4 -2
wedges ,|-1 1 -2 -2 0 -3 -3
week|3 -2 -3 -3 -3 -3 -4
week .|2 -1 -3 -2 -2 -2 -3
weeks|4 -4 -4 -3 -3 -2 -3
weigh|2 -1 -2 -2 -2 -2 -1
weight|1 0 -3 -2 -1 -2 -1
well|-1 1 0 -2 -2 -1 -3
well ,|-1 2 -3 -3 -2 1 -1
well .|0 -2 2 -1 -4 -3 -2
well and|-1 1 -2 -3 -3 1 -1
wet|1 1 -2 -4 -4 -1 -4
wet ,|0 1 -4 -2 -2 -2 -1
wet .|3 -3 -3 -1 -2 -4 -2
wet hands|2 -1 -2 -1 -1 -1 -1
what|2 -3 -4 -3 -3 -3 2
when|-2 0 -1 2 -2 -2 -4
when it|1 2 -1 -2 -2 -2 -2
when you|-1 -2 -1 1 -2 0 -1
while|-2 -1 -1 -4 3 0 -1
while hot|-2 1 1 -4 -3 -1 -2
while warm|0 -2 -3 -1 -2 1 -2
while you|0 0 -5 -3 2 -4 -4
whisk|2 1 -3 -1 -3 -5 -4
whisk ,|-2 1 -3 2 -3 -3 -2
whisk dry|4 -3 -4 -3 -2 -3 -2
whisk everything|1 1 -3 -2 -3 -3 -1
whisk flour|4 0 -5 -3 -2 -4 -1
whisk in|-1 -2 1 -1 -2 -4 -1
whisk the|1 0 -6 -1 -5 -1 -2
whisk together|0 1 -3 -1 -1 -2 -1
whisk wet|3 -3 -3 -3 -2 -3 -2
whisking|-2 -3 4 -4 -2 -2 -2
white|3 -3 0 -2 -2 -5 -2
white sauce|0 -2 2 -4 -2 -2 -2
whizz|-5 -3 -4 -3 -3 5 -3
whole|2 -4 -3 1 0 -2 -4
whole .|4 -3 -3 -1 -3 -4 -1
wide|-3 -1 2 0 -2 -4 -1
wide pan|-2 -1 0 1 -1 -3 -1
widest|-3 -3 1 0 -1 -2 -2
will|-1 -1 2 -2 -1 -3 -2
wilt|-7 -4 7 -5 -3 -4 -4
wilt .|-4 -2 4 -3 -3 -3 -2
wilt the|-3 -3 4 -3 -1 -3 -3
wilted|-1 0 1 -1 -2 -3 -4
wilted ,|1 -2 3 -5 -2 -2 -2
wilted .|-4 0 -1 1 -2 -3 -3
wine|-4 -6 1 3 -6 -7 -4
wine ,|-3 -4 2 2 -4 -5 -4
wine and|1 -3 2 -4 -3 -3 -3
with|-1 -4 -3 -3 -1 3 0
with #|-4 -1 2 -4 0 0 1
with a|0 -3 -2 0 -2 0 -3
with about|-1 -2 2 -3 -3 -3 -2
with cilantro|-1 -1 -4 -1 -2 2 -2
with cold|0 -4 0 1 -1 -2 -2
with coriander|-1 -1 1 -2 -3 -4 -1
with everything|-2 -2 -1 -2 -1 2 -1
with flour|2 1 -4 -2 -2 -3 -1
with foil|1 -3 -2 -3 2 -2 -1
with fresh|-1 -2 -2 1 -1 0 -1
with garlic|1 -2 -3 1 -2 0 -1
with half|1 -2 -3 -3 1 -4 -4
with lemon|2 -1 -4 1 -3 -3 -2
with lid|-2 0 -3 1 -4 -1 1
with lime|0 -2 -3 -2 -1 -1 1
with milk|-1 -4 -2 2 -2 1 -2
with oil|1 -3 1 -3 0 -3 -2
with onion|2 -1 -4 -1 -1 0 -1
with onions|0 -1 -3 -1 -3 1 -1
with rice|-1 -2 2 -2 -3 -4 -3
with salt|0 0 -5 0 0 -4 -4
with soy|3 -1 -4 -2 -3 -3 -2
with sugar|1 -2 0 -2 -1 -3 -1
with the|-1 0 -2 -3 -3 2 0
with their|-1 -1 -2 1 -2 1 -1
with two|1 -3 -3 -3 0 0 -3
with vinegar|1 0 -2 -1 -1 0 -1
with water|-1 -4 2 -3 0 -4 -2
with wet|3 -2 -3 -1 -2 -3 -2
within|2 -2 -4 -2 -4 -1 -3
within #|2 -2 -3 -2 -4 0 -2
without|-4 -2 1 1 -5 -1 -3
without stirring|-4 0 1 0 -3 -2 -3
wks|3 -3 -4 -3 -3 -3 -3
wok|-7 -3 7 -4 -4 -6 -4
wooden|4 -2 -4 -5 -3 -3 -4
wooden spoon|4 -4 -4 -4 -3 -3 -3
work|2 -2 -2 -1 -2 -3 -1
wrap|2 -3 -5 1 -2 -5 -4
wrap each|3 -2 -2 -3 -2 -3 -3
wrap in|2 -2 -3 0 -3 -4 -2
wrapped|2 0 -2 -3 -1 -3 -2
x|1 1 -2 -2 -4 -3 -2
x #|1 0 -2 0 -4 -3 -2
yeast|1 -1 -1 -5 -2 -2 -4
yeast ,|0 0 -1 -4 -1 0 -3
yeast .|2 -2 -1 -2 -2 -4 -1
yeast and|-1 1 0 -2 -2 -1 -1
yeast extract|1 -2 0 -1 -2 -2 -1
yog|-2 -1 2 -2 -2 -2 -1
yoghurt|3 -2 -2 0 -2 -4 -1
yogurt|0 0 -3 -1 -2 0 -1
you|-1 -1 -4 -2 -2 1 -5
you can|-2 -2 1 1 -2 -3 -1
you like|-1 -1 -2 -1 -2 1 -1
you want|-1 -2 0 -3 -1 2 -1
your|1 0 2 -5 -4 -5 -4
zest|1 1 -4 -2 -1 -2 -3
zest ,|2 1 -3 -2 -1 -3 -2
zest and|-1 -1 -1 -1 0 0 -1
°|-2 -4 -7 -6 4 -2 2
° c|-1 -3 -5 -5 3 -2 1
° f|1 -2 -3 -2 1 -2 -1
`;
