/** Written by `npm run learn:steps`, from the corpus. Each line: a sign, and its weight for each sort, in tenths. */
export const WEIGHTS = `
#|-2 2 -1 -1 0 -4 -3
# #|-3 -8 -1 1 2 0 -9
# ,|-2 -2 -7 -3 3 -1 0
# .|-2 2 -5 -1 2 -5 -3
# balls|2 0 -3 -2 -2 -1 -1
# bowls|1 -1 -4 -2 -2 0 -1
# c|-1 -2 -5 -6 6 -4 -6
# cloves|-1 0 -1 -4 -3 0 -2
# cm|0 -1 -5 0 -1 -2 -5
# cup|-1 -2 -2 0 -3 1 -1
# cups|0 -2 -1 1 -1 -2 1
# days|3 -2 -3 -3 -4 -1 -1
# degrees|0 -4 -4 -3 4 -3 -4
# f|1 -3 -4 -4 1 0 -4
# fan|1 -5 -5 -4 3 -4 -3
# for|-3 -4 1 -3 1 -1 0
# g|0 0 -4 2 0 -4 -3
# h|0 1 -7 -3 -1 -3 -6
# hour|-7 3 -4 0 -1 -5 -5
# hours|1 0 -7 -4 0 -6 -7
# hr|-7 3 -4 -1 -2 -5 -5
# hrs|0 2 -4 -4 -1 -5 -5
# in|2 -2 -2 -2 -2 -3 -3
# inch|3 -2 -3 -2 -3 -3 -2
# inches|0 -1 0 -1 0 -2 -1
# jars|-1 -1 -4 -1 -2 1 -1
# kg|1 -1 0 -2 1 -3 -2
# l|-1 -4 1 -1 -6 -1 -5
# lb|-1 -3 0 -3 1 -3 -3
# lemons|-1 -2 -3 -2 -2 1 -1
# litre|2 -1 -2 -1 -3 -1 -1
# litres|0 -1 1 -1 -1 -2 -1
# min|-10 1 1 1 0 -4 0
# mins|-11 1 0 1 0 -6 -8
# minute|-8 -5 3 -2 -4 0 -2
# minutes|-7 1 -1 0 0 -5 0
# ml|-1 -1 -3 0 -2 0 -2
# mm|4 -3 -3 -3 0 -3 -2
# months|0 -3 0 -3 -3 0 -4
# more|-5 -4 0 0 2 -5 -6
# onions|3 -3 -2 -3 -4 -5 -2
# patties|0 2 -2 -2 -3 -3 -3
# s|-2 -2 3 -3 -2 -3 -1
# sec|-2 -2 0 0 -4 1 -3
# seconds|-5 -2 3 -2 -3 2 -2
# slices|1 2 -2 -1 -3 -3 -1
# tablespoon|2 -1 -3 -1 0 -2 -1
# tablespoons|-1 -3 -1 1 -1 -1 0
# tbsp|-2 -1 0 -2 -1 1 -1
# teaspoon|-1 -1 1 -1 -1 -2 -1
# tin|0 -3 -3 -2 1 -3 -3
# tins|1 -2 -2 1 -3 -3 0
# to|-2 -3 -2 -1 3 -2 -2
# trays|0 -2 -1 -1 1 -2 -1
# tsp|1 0 -2 -2 -1 0 -3
# until|-2 -2 1 -1 1 -1 -1
# weeks|5 -5 -3 -3 -2 -2 -3
# x|0 0 -3 -5 -1 -5 -4
# °|-2 -6 -3 -8 4 -3 1
( #|-1 -2 -1 -3 0 -5 0
( a|0 -2 0 -1 -2 -3 -1
( about|2 -2 -1 -3 -2 -3 2
( don|-2 1 2 -3 -2 -3 -2
( fan|1 -1 -1 -1 -1 -1 -1
( it|-1 -2 1 1 -3 -2 -2
( not|3 0 -3 -2 0 -3 -1
( or|-1 1 1 -4 -3 -2 -3
, #|-4 -5 2 -1 1 -2 -3
, a|0 0 1 -3 0 -2 -1
, about|-1 -2 -1 1 -5 -1 -5
, add|-1 -4 -1 1 0 -1 -1
, adding|-1 -3 0 -1 0 0 -4
, all|1 -2 1 -3 -3 -3 -1
, and|0 -2 -4 -1 2 -3 -4
, another|-4 -5 -4 2 1 -2 -2
, back|-3 -3 0 -3 3 -4 -3
, bake|-4 -3 -4 -3 4 -2 -2
, baking|1 -2 -1 -1 -1 -1 -1
, barley|-1 -2 1 -1 -1 -1 -1
, basil|3 -3 0 -3 -3 -4 -2
, bay|1 -2 -1 1 -4 -6 -3
, beans|-2 -3 1 -2 -1 -5 -3
, blend|-5 -2 -2 -1 -1 4 -1
, boil|-3 -4 -7 6 -5 -2 -2
, box|2 0 -4 -4 -3 -4 -4
, bring|-3 -2 0 -1 1 -3 -2
, broccoli|1 -3 -3 2 -3 -1 -1
, broth|0 -1 0 -2 -3 -1 -1
, brush|-1 -1 -3 -3 2 -2 -4
, bubble|-4 -3 -2 3 -2 -3 -3
, cabbage|0 -1 3 -3 -1 -2 -1
, carrot|1 -4 0 -1 -4 -2 -4
, carrots|1 -3 1 -2 -4 -1 -3
, celery|0 -3 0 0 -4 -1 -2
, check|0 1 -1 -2 -1 -2 -1
, chickpeas|1 -1 -2 0 -1 -1 -1
, chill|-1 2 -4 -2 -3 -1 -3
, chilli|0 -2 1 -2 -3 -1 -1
, chillies|1 -2 0 -3 -3 -3 -2
, chop|0 -2 0 -3 1 -3 -4
, chopped|0 -1 1 -1 -2 -3 -1
, cinnamon|1 -3 1 -2 -2 -2 -1
, close|2 -2 -3 -2 -2 -1 -2
, cocoa|0 -3 -3 2 -3 -1 -2
, coconut|1 -3 0 -3 -3 -4 -3
, combine|0 1 -2 -1 -1 -2 -1
, cook|-4 -6 2 -1 -6 -4 -6
, cool|-1 0 -4 3 -1 -3 -2
, core|-1 -2 1 -1 -1 -2 -1
, coriander|2 -1 -2 -2 -2 -2 -1
, cover|-4 0 -2 1 -1 -1 0
, covered|-1 2 -3 3 -3 -3 -3
, crumbs|-3 -2 0 -2 1 2 -2
, cumin|3 -2 -3 1 -4 -5 -2
, curry|1 -1 0 -2 -1 -1 -1
, cut|0 0 -5 0 -4 -4 1
, dice|3 -1 -3 -1 -1 -3 -1
, dill|0 -2 0 -1 -3 0 -2
, discard|2 -1 -2 0 -2 -2 -1
, divide|0 1 -1 -2 -1 -1 -1
, don|-2 -1 1 -3 -1 0 -2
, drain|-4 1 -7 5 -5 -4 -6
, dress|1 -2 -2 0 -1 -1 -1
, drizzle|1 0 -3 -3 0 -3 -1
, dry|-1 1 0 -1 -4 -2 -2
, fill|0 -3 1 -2 -3 -3 -3
, finishing|0 -1 -2 -1 0 -1 -1
, flatten|1 -1 -2 -1 -1 0 -1
, flip|-2 -2 -2 -1 2 -1 -3
, flipping|-1 -2 -3 1 0 -1 -2
, flour|-1 -2 1 -3 -2 1 -2
, fluff|0 3 -2 -3 -2 -2 -2
, fold|2 -2 -4 -4 -2 -1 1
, for|-3 2 -3 0 0 -2 -2
, freeze|2 -1 -3 -2 -2 -3 -1
, fridge|1 1 -5 -3 -4 -1 -4
, fry|-5 -4 2 -1 -5 -4 -5
, garlic|1 -6 -2 -5 0 0 -4
, gas|3 -1 -1 -2 0 -1 0
, ginger|0 -5 -1 -1 -2 0 -4
, half|-1 -3 -1 0 1 -1 -1
, heat|-5 -4 2 0 -5 -3 1
, herbs|0 -3 -3 0 0 -1 -1
, high|-1 -2 0 -2 -2 1 -3
, ice|0 -3 -3 3 -2 -2 -3
, in|-3 -2 0 -1 0 2 -2
, into|0 -3 -1 -1 2 -3 -1
, it|2 1 0 -2 -2 -3 -2
, juice|-1 -1 -3 -2 -1 0 -2
, keep|0 0 -4 -2 -3 0 -1
, keeping|0 0 -2 -1 -2 -3 0
, knead|3 -1 -4 -3 -3 -3 -3
, lay|3 -1 -2 -1 -1 -2 -1
, leave|-3 6 -5 -6 -3 -2 -6
, leaves|0 -2 1 -2 -2 -2 -1
, leaving|1 -1 -3 -2 -2 0 -1
, lemon|0 -3 -1 -4 -3 1 -2
, lentils|1 -3 -1 0 -1 -6 -3
, let|-3 2 -1 -1 -3 -3 -2
, lid|-3 0 -4 3 -1 -4 -3
, lime|-1 -1 1 -1 -2 -3 -2
, low|-1 -2 0 1 -4 -1 -1
, lower|-1 -1 -4 3 -1 -1 -1
, lowest|-1 -5 -3 4 -4 -1 -2
, maple|0 -2 0 0 -1 -4 -1
, mash|-2 -2 1 -1 -4 0 -2
, mashing|0 -2 -1 1 -1 -2 0
, massage|0 1 -2 -2 -1 -3 -2
, medium|-3 -2 1 0 0 -2 -1
, milk|0 1 1 -3 -2 -3 -2
, mint|3 1 -4 -1 -2 -4 -1
, mirin|1 -1 -1 -1 1 -2 -1
, mix|-1 1 -1 -3 -1 1 -1
, mushrooms|-2 -2 2 -1 -3 -4 -1
, mustard|0 -3 -2 1 -2 0 -2
, no|1 -3 -1 -1 -4 0 -2
, not|-2 1 2 -4 -5 1 -3
, nutmeg|1 -3 -1 -1 -3 -2 -2
, nuts|1 -1 -3 -2 -3 0 -1
, off|1 2 -3 -3 -3 -2 -1
, oil|-1 -1 -2 -6 2 0 -7
, one|-1 1 -2 2 -3 0 -1
, onion|-2 -3 -3 1 0 -1 1
, onions|1 -4 -4 1 1 0 -3
, or|-1 -3 -2 -2 1 2 -3
, oregano|-1 -1 1 -1 0 0 -1
, out|0 -3 3 -3 -3 -2 -3
, pack|3 -2 -4 -2 0 -2 -1
, paprika|-3 -2 1 0 -1 0 -1
, parsley|2 -1 -2 -2 -2 -2 -1
, partially|-1 -1 -1 1 -2 -1 0
, partly|0 -1 -1 2 -2 0 0
, passata|1 -1 -4 2 -3 -2 -1
, paste|-1 -3 -1 2 -3 -2 -1
, peel|0 -1 -3 1 -2 -2 -2
, pepper|-1 1 2 -6 -4 -2 -4
, peppers|-3 -2 -1 1 2 -2 -1
, pinch|2 0 -3 -2 -2 -2 -1
, portion|2 -2 -1 -1 -1 -2 -1
, potatoes|4 -2 -5 0 -3 -4 -2
, pour|1 0 -2 1 -1 -5 -3
, press|-1 -1 0 -3 -1 0 -3
, pulse|-3 -1 -2 -1 -2 3 -1
, put|-2 2 0 0 -4 -5 -5
, quarter|3 -1 -3 -2 -2 -2 -1
, rain|-2 -1 1 0 -1 -1 -1
, reduce|-5 -1 -7 5 -3 -3 -2
, remaining|-1 -1 1 -3 -4 0 -1
, reserving|1 -1 -1 -1 -1 -2 -1
, rest|-1 4 -3 -7 -2 -5 -2
, rice|-1 -1 0 -2 -2 1 0
, rinse|-1 2 -3 2 -3 -3 -3
, roast|-2 -1 -2 -2 2 -1 -1
, roll|1 1 -2 -2 -3 -3 -1
, rosemary|0 -3 -3 1 1 -4 -3
, rub|1 0 -2 -2 -1 -1 -1
, salt|0 -1 -1 -2 -2 -1 -5
, sauce|-1 -2 3 -3 -3 -4 -3
, saving|2 -1 -2 -2 -1 -3 -1
, scatter|2 -2 -4 0 0 -2 -1
, score|2 -1 -2 -2 -2 -2 -1
, scraping|-1 -1 -2 -3 -2 2 -1
, seal|0 -1 0 -2 -2 -2 -1
, season|0 -1 -1 -1 1 -1 -2
, seasoning|1 -2 1 -3 -2 -3 -2
, seeds|4 -2 -4 1 -1 -5 -2
, sesame|2 -1 -1 -3 -3 0 -2
, shake|2 -1 -5 -4 -1 -3 2
, shaking|-3 -2 -2 0 -1 -2 1
, shape|-1 2 -2 -2 -2 -2 -2
, simmer|-5 -3 -8 7 -6 -3 -2
, skim|1 -2 -3 1 -2 -2 -1
, slice|3 -1 -5 -1 -2 -3 -2
, smooth|0 1 -4 -2 -3 -4 -1
, soften|-1 -2 3 -3 -3 -2 -2
, soy|-1 -4 -4 -1 -6 2 -4
, spices|-1 -3 0 0 0 -1 -3
, spinach|2 -3 1 -3 -2 -2 -3
, spoon|-3 1 -3 -1 0 1 -2
, spread|-1 -1 -3 -1 1 -2 -1
, spring|1 -1 -1 -1 -1 -1 -1
, sprinkle|2 -3 -3 0 -1 -3 -2
, squash|3 -1 -3 0 -1 -4 -2
, squeeze|-1 1 -3 0 -5 -5 1
, stand|-3 4 -4 -4 -3 -2 -3
, starch|-1 -1 -2 1 -1 1 -1
, steam|-4 2 -4 0 -2 -3 -4
, stir|-2 -2 1 -1 -2 -1 -4
, stirring|-2 -7 -2 3 -1 -3 -3
, stock|2 -3 0 -3 -6 -5 -3
, sugar|-2 -5 1 1 -2 -4 -2
, swap|-2 -2 -2 -2 2 -1 -3
, swapping|-1 -2 -1 -1 2 -1 0
, sweat|-3 -2 1 0 -2 -2 -2
, syrup|0 -2 0 0 -2 0 -1
, take|-2 -2 2 -1 -1 -1 -1
, the|-2 -2 -1 -1 0 -1 -1
, then|1 2 -3 -5 -2 0 0
, they|-1 -1 -3 1 0 -2 -2
, thyme|2 -2 0 -1 -3 -5 -2
, till|-1 -1 3 -2 -1 -1 -1
, tip|-3 0 2 -3 -3 0 -1
, toast|-4 -3 0 2 -4 -2 -3
, tofu|1 -2 -4 1 -3 0 -1
, tomatoes|1 -4 -2 0 0 -5 -2
, top|-1 -2 -3 0 1 -1 -1
, toss|0 -1 0 -4 1 -5 -4
, tossing|-2 -2 2 -5 0 -1 -1
, turmeric|0 -1 0 -3 -1 -2 -1
, turn|0 0 -5 -3 2 -3 -3
, turning|1 -3 0 -2 1 -4 -4
, two|2 -3 -3 -1 0 -3 -1
, uncovered|-1 -2 -3 2 -1 -1 -2
, until|-3 -3 -2 0 1 -2 -3
, vanilla|0 -2 -3 0 -2 0 -2
, veg|2 -1 -3 -2 -1 0 -1
, vinegar|-2 -1 -1 0 -3 1 -1
, walnuts|0 -2 -2 -2 1 0 -2
, warm|-2 -3 2 -5 -2 1 -3
, water|2 -2 -2 -1 -3 0 -2
, weigh|3 -2 -3 -1 -2 -2 -1
, wet|3 -1 -3 -1 -2 -2 -2
, whisk|0 -1 -2 2 0 -5 -1
, whisking|2 -3 2 -5 -2 -2 -1
, white|2 -1 0 -2 -2 -3 -2
, with|0 0 -2 -1 0 0 -2
, wrap|-1 -1 -4 1 -3 -1 -2
, yeast|1 1 -3 -2 -4 -1 -1
. #|-2 -1 -4 -1 4 -1 -4
. add|-3 -3 1 -1 -2 3 -3
. blend|-6 -2 -3 -2 -2 6 -1
. bring|-3 -3 4 -5 -3 -1 -2
. brush|1 -1 -1 -1 -2 -1 -1
. chill|-1 -2 -2 -1 -2 1 -1
. chop|3 -1 -3 -1 -2 -2 -1
. close|3 -2 -3 -3 -1 -2 -1
. combine|-1 -1 1 -2 -1 -1 -2
. cool|2 -5 -4 -3 -3 -1 -1
. cover|3 -1 -3 -2 -2 -2 -1
. cut|3 -2 -2 -1 -4 -3 -1
. divide|0 -1 -2 -1 -1 0 0
. don|2 -1 -2 -1 -1 -3 -1
. drizzle|-1 -1 -1 -1 -1 1 -1
. eat|3 -2 -4 -2 -2 -2 -1
. fill|-2 -1 0 -2 -3 1 -1
. fold|1 -3 -3 -2 -2 -1 -2
. freeze|0 -1 -3 -2 -2 0 -2
. grease|-1 -1 1 -1 -2 -1 -1
. halve|2 0 -1 -1 -2 -1 0
. heat|1 0 0 -3 -3 -1 -1
. in|0 -1 1 -1 -1 -3 -1
. it|1 -2 -3 -1 -1 0 -1
. layer|-1 -1 -3 -2 1 0 0
. lemon|0 -1 -4 -1 -1 2 -1
. lid|-3 -2 2 -3 1 -4 -3
. line|4 -1 -3 -1 -2 -2 -1
. mix|-2 -4 2 -2 -4 0 -3
. oil|3 -1 -3 -4 -5 -5 -5
. on|-2 -3 -4 2 1 -2 -1
. pack|0 -1 1 -2 -1 -2 -1
. parsley|4 -2 -5 -3 -1 -3 -1
. pour|1 -5 -1 -6 -1 -4 -2
. press|1 -2 -3 -1 -1 0 -3
. put|-2 -2 2 -2 -4 -1 -4
. roll|0 -3 -3 -1 -2 0 0
. rub|2 -1 -2 -1 -1 -2 -1
. salt|-3 -1 0 -2 -2 3 -1
. scatter|1 -1 -1 -1 -1 -1 -1
. season|-1 -3 -2 -3 -3 1 -3
. serve|2 -2 -7 -2 -2 0 -1
. shake|-2 -2 1 -2 -3 2 -2
. shape|2 -1 -1 0 -1 -1 0
. slice|-1 -3 1 -3 -2 -4 -1
. spoon|0 0 -2 -1 -1 1 0
. spread|0 -1 -4 -2 1 -3 -1
. stir|-1 -3 -8 0 0 2 -2
. then|0 -1 0 -2 -2 -1 -1
. tip|0 -1 0 -1 -3 -1 0
. top|2 -1 -2 -1 -1 -3 -1
. toss|-1 -1 1 -2 -6 0 -1
. warm|1 -1 0 -1 -1 -1 -1
. when|-2 -3 0 2 -2 -1 -2
. whisk|1 -1 -1 -2 -3 -4 -2
; #|-4 -4 3 -1 -1 -3 -6
; add|-3 -2 3 -4 0 0 -1
; boil|-1 -1 -4 2 -3 -1 -1
; bring|-3 -1 2 -2 -3 -3 -1
; cook|-3 -3 3 -1 -4 -3 -4
; cover|-3 -1 -1 2 -2 -3 -3
; drain|-1 0 -4 3 -1 -1 -2
; leave|0 3 -2 -3 -4 -2 -3
; let|-4 1 0 2 -1 -2 -1
; mix|-1 -1 0 -1 -2 0 -1
; reduce|-2 -1 -3 3 -2 -2 -1
; roast|-3 -2 -2 -3 3 -1 0
; season|0 -2 -3 -1 1 -3 0
; simmer|-2 -3 -4 4 -4 -2 -3
; stir|-3 -3 2 -2 -4 0 -1
; toss|0 -2 0 -3 1 -2 -1
; when|1 -1 -1 -1 -1 -1 0
<=14|-8 3 -1 0 0 -9 -5
<=2|-5 -10 9 -4 -13 0 -14
<=25|-9 5 -15 3 3 -13 -1
<=45|-14 5 -14 2 6 -10 -4
<=5|7 -7 2 -1 -11 -4 -1
<=9|-4 -12 3 0 -2 -10 -1
^ #|1 -2 -2 -5 4 -4 -5
^ add|4 -3 1 -2 -3 -10 -6
^ all|-3 0 -1 -3 -2 3 -3
^ bake|-3 -7 -5 -4 5 -3 -5
^ barley|1 -2 0 -1 -2 -2 -1
^ beans|1 -5 1 -3 0 -5 -4
^ beat|2 -2 -3 -1 -1 -4 -1
^ blanch|-4 -5 -3 5 -3 -4 -6
^ blend|-9 -5 -6 -4 -5 8 -3
^ blitz|-7 -3 -4 -4 -4 7 -4
^ boil|-6 -7 -8 9 -7 -5 -6
^ bring|-6 -4 1 2 -1 -4 -2
^ brown|1 -3 2 -7 -5 -5 -6
^ brush|0 -3 -3 -3 0 -4 1
^ check|1 -2 -3 -2 0 -3 -2
^ chill|2 2 -6 -6 -7 -6 -6
^ chop|2 -4 -3 -2 -1 1 -3
^ coconut|-3 -2 2 -2 -1 -2 -2
^ combine|0 0 -2 1 -4 -5 -4
^ cook|-6 -3 6 -4 -6 -4 -3
^ cool|4 4 -11 -9 -11 -5 -6
^ core|4 -3 -4 -3 -5 -4 -3
^ cover|2 1 -5 0 0 -5 -5
^ crumble|3 -2 1 -2 -2 -3 -2
^ cube|0 1 -1 -4 -1 -5 -5
^ curry|-2 -3 3 -3 -3 -3 -3
^ cut|1 0 -1 -4 -5 -2 -5
^ day|-1 -1 -2 0 -3 0 -2
^ dice|1 -2 0 -3 -3 0 -4
^ discard|2 -1 -3 -2 -2 0 -2
^ divide|4 -2 -4 -3 -2 -5 -2
^ do|4 -3 -4 -3 -3 -3 -2
^ drain|2 4 -2 -3 -5 -2 -4
^ dress|3 -1 -3 -2 -2 -3 -1
^ dressing|2 -3 -4 -3 -3 1 -3
^ dry|2 1 -1 -4 -4 -2 -4
^ everything|-3 -1 0 2 -1 1 -3
^ fill|3 -3 -6 -2 1 -5 -1
^ filling|2 1 -4 0 -2 -2 -2
^ finish|3 -1 -3 -2 0 -5 -1
^ fish|1 -2 -2 -2 -3 0 -2
^ flour|0 -5 4 -5 -4 -3 -5
^ fluff|3 0 -4 -3 -4 -4 -2
^ fold|1 -1 -4 0 -4 -7 -5
^ for|-2 -3 3 -2 -2 -4 -1
^ fork|2 1 -5 -4 -4 -4 -4
^ form|2 -2 -3 0 -2 -3 -2
^ freeze|3 2 -5 -4 -4 -6 -4
^ fridge|-3 3 -2 -2 -3 -3 -4
^ fry|-6 -7 7 -5 -7 -5 -7
^ garlic|-1 -6 6 -4 -8 -8 -4
^ get|-2 -2 3 -4 -3 -3 -2
^ ginger|-3 -2 3 -2 -2 -4 -2
^ gradually|1 -1 -4 2 -1 -2 0
^ grate|4 1 -4 -3 -3 -5 -1
^ grill|-5 -4 -4 -4 4 -3 -5
^ grind|4 -2 -4 -2 -3 -5 -3
^ half|2 1 -3 -1 -1 -4 -1
^ halve|2 -2 -2 -1 -1 -2 -1
^ heat|2 -8 1 -1 -6 -3 -4
^ in|-2 -3 1 1 -5 -2 -3
^ into|-1 -5 2 -2 2 -6 -3
^ keep|-1 -4 -6 -4 3 -7 -2
^ knead|5 -4 -5 -5 -4 -5 -6
^ ladle|4 -2 -5 -3 -3 -3 -2
^ lay|1 -2 1 -1 -2 -3 -3
^ layer|5 -3 -7 -3 -2 -4 -2
^ leave|2 2 -3 -9 -5 -5 -8
^ lemon|4 -2 -4 -2 -2 -4 -2
^ lentils|-1 -4 -1 3 -4 -2 -3
^ let|2 1 -8 -4 -4 -1 -3
^ lid|-3 -7 -4 1 3 -2 -3
^ lift|4 -2 -4 -2 -2 -4 -2
^ lime|4 -1 -3 -2 -2 -4 -2
^ lower|0 -3 1 -3 1 -1 -1
^ mash|2 -4 0 -5 -4 -3 -4
^ massage|4 -4 -5 -4 -3 -4 -4
^ meanwhile|-4 -2 0 0 -1 -3 -1
^ melt|-5 -4 1 3 -4 -5 -3
^ mix|6 0 -4 -7 -1 -11 -5
^ morning|1 -1 -1 -2 1 -3 -1
^ mustard|1 0 0 -3 -3 -3 -1
^ next|0 -5 1 1 -5 -5 -4
^ off|3 4 -7 -7 -2 -6 -5
^ oil|3 -1 -4 1 -1 -6 -2
^ on|2 -1 0 -2 -2 -2 -1
^ onion|0 1 2 -4 -4 -4 -5
^ onions|2 -2 1 -1 -3 -4 -3
^ out|1 -1 -4 -3 0 -4 -3
^ oven|9 -7 -7 -5 -2 -9 -5
^ pack|4 -3 -2 -3 -3 -4 -2
^ paste|-5 -3 4 -4 -4 0 -3
^ peel|0 0 0 -5 -3 -3 -3
^ place|-1 0 -3 -2 1 -2 -4
^ potatoes|-1 -4 -4 4 0 -3 -3
^ pour|1 3 -3 -1 -1 -9 -4
^ preheat|6 -3 -4 -2 -8 -4 -3
^ press|2 5 -6 -5 -5 -6 -6
^ prove|-3 4 -4 -4 -4 -3 -4
^ pulse|-5 -2 -4 -3 -3 5 -3
^ puree|-5 -2 -3 -4 -3 5 -3
^ purée|-3 -3 0 -2 -3 3 -3
^ put|1 -4 -2 -1 0 -2 1
^ quarter|0 0 0 -1 -1 -2 -1
^ reduce|-2 -3 1 -1 -3 -2 -3
^ refrigerate|0 3 -4 -4 -3 -3 -4
^ remove|0 -1 -1 -4 -1 -1 -4
^ rest|-1 7 -3 -9 -5 -7 -6
^ return|0 -5 2 1 -2 -6 -3
^ rice|-2 -5 2 -4 -3 -5 2
^ rinse|0 1 1 -2 -4 -6 -5
^ rise|-3 4 -3 -4 -5 -3 -3
^ roast|-3 -8 -2 -7 6 -4 -7
^ roll|3 -4 0 -4 -5 -5 -4
^ rub|3 -1 -4 -2 -2 -3 -1
^ salt|5 3 -7 -6 -6 -5 -5
^ sauce|0 -4 -1 2 -5 -4 -2
^ saute|-3 -3 3 -1 -3 -3 -3
^ sauté|-3 -3 5 -5 -4 -3 -4
^ scatter|4 -2 -6 -3 0 -3 -1
^ scoop|2 -1 -1 -1 -2 -2 -1
^ season|7 0 -8 -5 -6 -9 -3
^ serve|4 -2 -2 -5 -5 -9 -4
^ set|-1 1 2 -3 -2 -6 -3
^ shake|5 -3 -6 -2 -4 -5 -4
^ shape|3 0 -4 -1 -4 -3 -3
^ shred|1 -1 -2 -4 0 0 -4
^ simmer|-3 -9 -8 8 -10 -3 -5
^ skim|3 -2 -4 -2 -3 -3 -2
^ slice|1 1 -1 2 -3 -7 -5
^ slide|1 -2 0 -1 -2 -2 -2
^ soak|-2 6 -5 -6 -5 -3 -4
^ soften|-3 -3 3 -1 -4 -5 -4
^ spices|0 -4 3 -4 -4 -4 -4
^ spinach|-3 -3 3 -1 -3 -3 -4
^ spoon|0 1 -4 1 -2 -3 -1
^ spread|3 -1 -5 -1 -3 -4 -2
^ sprinkle|0 -2 1 -6 -4 -4 -2
^ squash|-1 0 -3 -2 0 -2 1
^ squeeze|1 -4 0 -2 -4 -5 -4
^ stack|3 -3 -3 -2 -3 -3 -2
^ stand|-5 7 -3 -6 -6 -5 -7
^ steam|-6 -8 -7 8 -6 -6 -8
^ stick|-3 -3 -4 -3 -3 4 -3
^ stir|3 0 -3 -1 -1 -10 -6
^ stock|2 -3 -6 0 1 -5 -4
^ strain|2 -2 -2 -2 -2 -2 -2
^ sweat|-4 -6 2 1 -6 -4 -5
^ take|3 0 -7 -3 -1 -1 -2
^ tear|0 1 -2 -2 -1 -2 -1
^ the|-2 -2 0 1 -2 -2 -1
^ then|-7 -7 0 3 0 2 -4
^ tip|0 -1 0 -1 -1 -4 -3
^ toast|0 -4 0 -5 2 -3 -5
^ tofu|-2 -3 1 -4 2 -3 -4
^ tomatoes|1 -4 0 2 -6 -4 -4
^ top|5 -2 -5 -3 -2 -5 -2
^ toss|4 0 -4 -3 -1 -7 -1
^ turn|2 -2 0 -1 1 -3 -2
^ uncover|0 -3 -1 -4 3 -2 -5
^ veg|2 -4 -3 0 -3 -3 -2
^ vinegar|3 -3 -5 1 -3 -5 -2
^ warm|-2 -1 2 0 -5 -7 -6
^ wash|1 3 -1 -4 -1 -4 -5
^ water|2 -3 -4 2 -3 0 -2
^ when|2 1 -2 -3 -2 -2 -1
^ while|-1 -2 0 -4 1 0 0
^ whisk|1 2 -1 -2 -5 -4 -3
^ whizz|-4 -2 -4 -3 -3 4 -3
^ wilt|-4 -2 4 -2 -1 -3 -2
^ wine|-3 -4 -1 4 -4 -6 -4
^ wrap|2 -2 -3 -4 -1 -3 -3
a|-3 -1 0 0 0 -1 -3
a #|-1 -3 -4 0 2 -6 -2
a baking|0 -1 -1 -1 1 -1 -1
a bay|-1 -1 1 0 -1 -1 0
a big|1 -5 1 -5 -4 -2 0
a bit|-1 -3 -1 2 -4 1 -2
a blender|-3 -2 -3 -2 -1 3 -1
a boil|-5 -3 3 -1 -1 -2 -1
a bowl|2 1 -2 -3 -4 -5 -4
a clean|3 -1 -1 -2 -2 -3 -1
a cloth|2 2 -4 -2 -4 -2 -2
a coarse|0 -1 -3 -2 -2 0 -1
a colander|-3 3 -2 -3 -3 -2 -2
a cup|2 -1 -1 -2 -1 -3 -1
a day|3 -2 -5 -4 -4 -5 -4
a deep|0 -3 1 -3 0 -4 -2
a dough|0 1 -2 -1 -2 -1 -1
a dry|-2 -3 4 -6 -4 -3 -3
a dutch|0 -1 0 -2 0 -3 -2
a few|2 -2 -2 1 -3 -3 -1
a food|-2 -1 -2 -1 -1 2 -1
a fork|2 0 -1 -1 -1 -3 -1
a frying|-2 -1 2 -1 -1 -2 -1
a further|-3 -3 0 -1 2 -2 -3
a good|0 -2 -1 0 -2 -3 -2
a greased|0 -1 -2 1 -2 -3 -1
a half|-2 -4 -1 0 2 -1 -1
a heavy|-4 -3 5 -4 -2 -3 -2
a high|-5 -3 3 -4 -3 1 -3
a hot|0 -3 -4 0 0 -3 -3
a jar|1 0 -1 -4 -2 -6 -4
a kilo|1 -1 -2 -1 -1 -1 -1
a ladleful|0 -1 0 -2 -1 -3 0
a large|-1 -1 0 0 -1 -5 -3
a lemon|1 -1 -1 -1 -1 -2 0
a lid|1 0 -4 1 -4 -3 -2
a lidded|1 0 -2 -3 0 -3 -2
a lined|1 -3 -3 1 -2 0 -1
a little|-1 -1 1 -1 0 -2 -1
a log|2 -3 -2 0 -2 -2 -1
a low|-1 -3 -3 3 0 -3 -1
a medium|-4 -4 6 -5 -3 -3 -1
a minute|-1 1 1 -1 -3 -5 -3
a pan|-5 -4 1 1 -4 0 -5
a paste|-2 -2 -2 -2 -2 3 -1
a pinch|0 0 0 -2 -2 -2 -2
a plate|5 1 -6 -2 -4 -5 -3
a pot|-2 -2 2 0 -5 -5 -4
a quarter|0 1 -1 0 -2 -3 -1
a rack|0 0 1 -3 -2 -2 -1
a rimmed|-1 -1 -1 -1 2 -1 0
a roasting|3 -1 -3 -2 0 -3 -1
a rolling|-2 1 -2 1 -2 -2 -2
a rough|-2 0 -2 -1 0 2 0
a saucepan|-4 -3 2 1 -4 -4 -4
a sheet|-2 0 -3 -3 3 -1 -2
a side|-4 -3 1 0 0 -4 -5
a sieve|1 3 -4 -3 -4 -5 -3
a simmer|-4 -4 0 0 2 -3 -2
a skewer|-1 -1 -1 -1 1 -1 -1
a skillet|-2 -1 1 0 -2 -1 -1
a small|-2 -3 0 2 -3 -1 -3
a soft|-1 1 -2 -2 -2 -2 0
a splash|0 0 -1 0 -3 0 -1
a spoon|-2 -3 1 0 -4 0 -3
a spoonful|1 -1 -2 -1 0 -1 -1
a stick|-3 -1 -1 1 -2 2 -1
a stir|2 -3 -2 -1 1 -1 0
a tablespoon|-1 -3 2 -4 -2 -1 0
a tea|2 -3 -2 -2 -2 -2 -1
a teaspoon|0 0 -1 -2 -5 0 0
a thick|0 -1 0 -2 -1 0 -1
a third|0 -1 0 -2 -3 1 -1
a time|0 -2 -1 -2 -3 1 -1
a tin|2 -3 -2 2 -4 -5 -3
a toothpick|-1 -1 -1 -1 1 -1 0
a towel|-1 1 -4 1 -3 -2 -3
a tray|-3 1 -3 -4 2 -3 -5
a wide|-3 0 2 0 -2 -4 -1
a wok|-3 -1 3 -3 -2 -2 -1
a wooden|3 -3 -3 -1 -1 -3 -1
about|-2 -4 0 1 -4 -1 1
about #|-1 -3 1 -1 -3 -2 1
about a|0 -1 -1 0 -1 0 -1
about an|-2 -1 -2 2 -2 -1 -2
about half|-2 -3 1 1 -4 0 -2
absorbed|-5 -1 4 -3 -3 -2 -2
absorbed .|-4 -3 4 -5 -4 -2 -2
abt|0 -1 1 -2 -1 -1 -1
according|-1 -2 -4 3 -2 -1 -1
add|1 -4 1 -2 -3 -2 -3
add #|0 -3 -2 3 -5 -6 -3
add a|-1 1 -4 -1 0 -1 -1
add all|-4 -2 1 0 -2 0 -1
add barley|2 -1 -1 -1 -1 -2 -1
add beans|1 -3 -5 1 -5 1 -2
add chickpeas|3 -3 -3 -2 -1 -3 -3
add cumin|1 -1 0 -3 -2 -3 -2
add everything|2 0 -3 -4 -3 0 -2
add garlic|0 -2 0 -1 -3 -4 -1
add ginger|0 -1 2 -4 -1 -2 -1
add lemon|-1 0 0 1 -1 -2 0
add lentils|1 0 -1 -2 -2 -3 -1
add mustard|0 0 0 -1 -1 -2 0
add onion|-3 -1 0 0 -3 -2 -2
add onions|-1 -1 3 -3 -2 -1 -1
add potatoes|0 -1 0 0 -1 -1 -1
add rice|2 -2 -2 -3 -3 -3 -1
add salt|-3 -1 -5 1 -2 2 -2
add the|0 -3 0 0 -1 -3 -3
add to|0 -2 1 -1 -1 -3 1
add tofu|-1 2 -1 -2 -2 -3 -2
add tomatoes|2 -2 -2 -3 0 -2 -1
add water|0 0 -4 1 -3 0 -2
adding|-1 -3 -1 0 0 0 -4
adding the|-1 -2 -3 1 -1 1 -1
adjust|3 -1 -3 -2 -2 -3 -2
after|0 -4 -2 -1 0 -5 0
after #|0 -4 -7 -1 1 -5 0
again|1 0 -5 3 -1 -1 -1
again .|0 -1 -5 3 -2 -2 -1
against|-2 -1 1 0 -1 -3 -2
against the|-2 -1 1 0 -1 -3 -2
agave|3 -2 -2 -2 -1 -3 -1
air|-5 -2 -4 -5 -5 -4 6
ajar|-1 -4 -3 3 2 -3 -3
ajar ,|-3 -2 -1 1 2 -2 -1
al|-2 -1 -4 4 -2 -1 -3
all|-2 -3 -1 -2 -2 4 -1
all ,|0 -2 -3 -3 1 1 -2
all .|0 1 0 -3 -4 -4 -2
all but|0 0 -3 -1 -3 0 -2
all in|0 -3 -2 -2 -3 2 0
all over|2 -1 3 -4 -2 -1 0
all the|1 -2 -2 0 -2 0 -1
all together|1 2 -3 -3 -2 -1 -4
allow|2 -1 -3 1 -3 -1 -4
allspice|0 -2 2 -2 -3 -4 -2
almond|-1 1 -3 1 -1 0 -1
almonds|0 -4 -2 -5 0 0 -4
almonds .|3 -1 -3 -1 -2 -3 -1
almonds and|0 -1 -1 -1 -1 0 -1
almost|0 -2 -4 2 -3 0 -1
alone|-1 -2 1 -2 -1 -2 -1
along|-1 -1 0 -2 -1 -1 1
alongside|3 -2 -3 -2 0 -2 -2
an|-3 2 0 -1 -1 -4 -3
an hour|-5 3 -2 0 -1 -3 -3
an oiled|-1 1 -3 -2 0 -3 -1
an onion|-1 -2 2 -4 -2 -3 -1
an ovenproof|2 -2 0 -1 -2 -4 -3
and|-1 -1 -1 -1 0 0 -3
and #|-1 -3 -2 1 -1 1 -2
and a|-2 -1 1 -1 0 -2 1
and add|1 -2 -1 0 -2 -2 0
and again|-3 -3 -2 2 1 -1 0
and almonds|2 -2 -2 -2 0 -3 -1
and bake|-3 -5 -3 -4 4 -2 -1
and basil|0 -1 -3 -1 -1 0 0
and bay|4 -3 -4 -4 -4 -1 -2
and beans|-2 -1 1 0 -1 -2 0
and blend|-1 -2 -2 -2 -2 2 -1
and boil|-2 -3 -6 5 -4 -2 -1
and bring|0 -3 2 -3 -3 -2 -1
and broth|1 -1 -1 -2 -2 -2 -1
and bubbling|0 -1 -1 -1 1 -1 0
and carrots|-1 -2 1 -1 -3 1 -1
and celery|-4 -3 0 0 -4 0 -3
and chickpeas|-1 -1 0 -2 0 -2 0
and chill|-2 2 -2 -2 -2 0 -1
and chilli|-4 -3 0 1 -1 0 -3
and chop|-1 -2 0 -1 -2 0 -1
and chopped|-1 -1 1 -1 -1 -1 -1
and cinnamon|0 -1 0 -1 -1 -1 -1
and coconut|1 -2 -2 2 -1 -1 -1
and cook|-4 -7 -1 4 -3 -3 -1
and cool|0 2 -3 -2 -3 -1 -1
and coriander|-1 -1 -3 -3 -2 1 -2
and crisp|-2 -1 1 -3 1 -1 0
and cumin|0 -3 2 -4 0 -4 -2
and curry|1 -2 0 -3 -2 -3 -2
and cut|3 -3 -2 -2 -3 -2 -2
and dill|1 -1 -1 -2 -1 -3 -1
and drain|-3 0 -2 1 -3 -3 -5
and drizzle|3 -1 -3 -1 -4 -3 -1
and flour|0 1 0 -3 -2 -3 -1
and fold|1 0 -1 -2 -1 -1 -2
and fry|-4 -2 2 -2 -3 -2 -2
and garlic|-3 -4 -2 1 -1 0 -3
and ginger|-2 -2 2 -1 -2 -3 -1
and give|-3 -2 0 0 1 -3 -1
and golden|-1 -1 -2 1 1 -1 -1
and grill|-2 -1 -1 -1 1 -1 -1
and half|2 -4 -1 -4 -1 -1 -1
and into|-2 -2 0 -3 2 0 -1
and juice|0 -2 -5 0 -1 0 0
and knead|3 -3 -2 -3 -3 -2 -4
and leave|-1 3 -1 -5 -2 -4 -4
and lemon|-1 0 -1 -3 -1 1 -1
and let|-3 5 -1 -3 -3 -4 -2
and lime|2 0 -5 -3 -3 -1 -3
and line|2 -1 -1 -1 -2 -1 0
and milk|0 2 0 -2 -1 -2 0
and mint|-2 0 1 -1 -1 -3 -1
and mushrooms|1 -1 1 -6 -1 -3 -2
and mustard|1 -1 -1 0 -1 -1 -1
and nutmeg|-2 -1 1 0 -2 -2 -1
and oil|0 2 -2 -4 -4 -1 -2
and onion|0 -3 0 0 -3 -4 -1
and onions|-2 -4 0 -1 2 -3 -2
and oregano|-3 -1 3 -2 -1 -3 -1
and paprika|1 -1 -1 -2 1 -2 -1
and parsley|0 -1 -3 -1 -1 0 -1
and pat|0 0 -2 -1 -1 0 -1
and pepper|0 -4 -2 1 -2 0 -3
and peppers|-3 -4 3 -2 -2 -3 -2
and plenty|2 -1 -2 -1 -1 -2 0
and potatoes|1 -2 0 -2 -1 -1 0
and pour|0 -2 0 -2 -2 1 -1
and purée|1 -2 0 -4 -2 -4 -1
and put|-1 -2 1 -3 -4 -3 -1
and remaining|0 -1 -1 -2 -4 -3 1
and rest|-1 3 -4 -3 -4 -3 -3
and return|-2 -2 -5 -1 1 3 -1
and rice|1 1 0 -2 -3 -3 -1
and rinse|3 -4 -4 0 -2 -3 -1
and roast|-2 -3 -3 -3 3 -2 -1
and rosemary|-1 -1 -2 2 -1 -2 -2
and sage|-1 0 2 -4 -2 -2 -3
and salt|2 -1 -2 -2 -4 -2 -1
and scatter|-2 -2 2 -3 -4 -1 -2
and season|1 -2 1 -3 -3 -4 -2
and seeds|0 -1 -2 -1 -1 0 -1
and serve|1 -2 0 -2 -4 -2 -2
and sesame|1 -1 -2 -1 -1 -1 -1
and set|-1 2 -4 1 -2 -3 -1
and simmer|-4 -3 -7 6 -5 -2 -2
and slice|2 -3 1 -3 -1 -1 -1
and some|0 1 -2 -1 -2 0 0
and soy|-1 -2 -1 -4 -2 2 1
and spices|1 -1 2 -4 -3 -3 -1
and spinach|4 -2 -6 3 -2 -3 -2
and spread|-1 1 -1 -1 -2 -1 -1
and squeeze|1 0 -1 -3 -2 -3 -3
and stir|-2 -1 2 0 -2 -3 -2
and stock|2 -2 -1 -1 -4 -3 -1
and sugar|0 -1 -1 1 -2 -2 -1
and the|2 -5 -3 -1 -2 -2 -3
and then|1 -3 -3 3 -4 -2 -1
and thyme|-1 -2 2 -4 1 -3 -1
and tomato|1 -1 0 -2 -1 -2 -1
and tomatoes|-2 0 3 -4 -1 -1 -1
and toss|-1 0 -1 2 -2 -1 0
and transfer|1 0 -1 -2 2 -1 0
and turmeric|-2 1 2 -2 -1 -2 -1
and vinegar|-1 0 2 -4 -2 -4 -3
and walnuts|0 0 -2 -2 -2 1 0
and water|-2 0 2 -4 -5 -6 -6
and yeast|3 -1 -3 -1 0 -2 -1
and zest|0 0 -1 0 -3 -2 -1
another|-7 -2 1 0 1 -7 -6
another #|-6 -1 1 -2 2 -4 -5
another minute|-3 -1 3 -4 -2 -2 -1
any|1 1 -1 -2 -1 -3 -1
apart|-1 -1 0 0 0 -2 -2
apart .|-1 1 -1 1 -1 -1 -1
apple|0 -2 0 -3 -2 1 -2
apples|-1 -1 2 -2 -2 -3 -2
apples ,|-1 -1 1 -1 0 -1 -1
approx|1 0 -3 -3 0 -3 1
apricots|1 0 -3 0 0 -3 -1
are|-2 -3 -3 2 0 -3 -1
are soft|-1 -1 -2 1 0 -1 -1
are tender|0 -1 -1 1 -2 -1 -1
around|1 -1 0 -1 0 -1 0
arrange|2 -3 -2 -3 1 -2 -1
arugula|-2 -1 2 -1 -2 -1 -1
as|-2 0 1 0 -2 -1 -5
as it|-1 1 -4 1 -4 -2 -2
as they|-2 0 -1 0 0 -3 -2
as you|1 -1 0 -3 -4 -1 -1
aside|3 1 -3 -6 -4 -2 -3
aside .|4 -2 -3 -4 -3 -1 -2
assemble|2 -2 -3 -2 0 -3 -2
at|-2 -2 -2 -3 1 -2 0
at #|-3 -5 -1 -5 2 -4 2
at a|-1 -3 -2 3 -4 0 -1
at least|1 1 -3 -5 -5 -4 -4
at once|-1 -1 1 0 -4 -5 -3
at room|2 0 -3 -3 -3 -3 -2
at the|1 -4 -4 -1 0 -2 -3
aubergine|-1 0 -4 0 1 -3 -3
aubergine ,|0 0 -2 -2 1 -1 -3
aubergine and|0 0 -3 0 0 -1 -1
aubergine with|1 -1 -1 -1 0 -1 -1
aubergines|1 -1 -3 -1 1 -5 -5
aubergines ,|-1 -2 -2 0 1 -2 -1
aubergines with|-1 0 -1 -1 1 -1 -1
avocado|2 -1 -1 -2 -4 -5 -2
away|0 -4 -2 2 -4 -4 -3
away .|-1 -2 1 -2 -2 -3 -2
b|-1 -2 1 -2 -2 1 -1
back|-3 -3 0 1 1 -1 -4
back ,|1 0 2 -5 -3 -3 -3
back .|3 -2 -2 -1 -4 -1 -2
back in|-5 -3 0 1 3 -2 -2
back to|-1 -1 -2 2 0 0 -1
bag|-2 2 0 -3 -3 0 -1
bag .|-2 1 1 -3 -3 -1 -3
bags|1 -3 -3 -2 -2 0 -1
bake|-5 -10 -7 -6 8 -4 -6
bake #|-4 -8 -6 -7 7 -4 -7
bake at|-1 -2 -2 -2 2 -1 -2
bake for|-3 -6 -3 -4 4 -1 -2
bake in|-1 -1 -1 -1 1 -1 -1
bake on|-2 -2 -3 1 -1 -1 -1
baking|-2 0 -2 -3 1 0 -2
baking dish|2 -1 -3 -2 -3 -2 -1
baking powder|-1 0 -1 -1 -1 0 -1
baking sheet|0 -2 -2 -2 1 -3 -1
baking tray|1 -1 -1 -1 0 -1 -1
ball|-1 1 -1 -2 0 -2 0
balls|1 -2 -3 0 -2 -1 -2
balls ,|2 -1 -2 -1 -2 -1 -1
balls .|0 1 -1 -1 0 -2 -1
balsamic|1 2 -4 -3 -2 -4 -2
bananas|1 1 -2 -2 -2 -2 -1
bar|-1 -2 1 -1 -2 0 -1
barley|0 -3 1 -1 -4 -5 -3
barley ,|0 -3 0 0 -2 -3 -2
barley in|0 -1 -1 1 -2 -2 -2
base|1 -2 -2 1 -2 -1 -1
basil|2 -3 -4 -2 -2 0 -2
basil .|3 -1 -5 -2 -3 -4 -1
batch|-1 -1 2 -2 -1 -1 0
batch .|-1 -1 2 -2 -1 -1 0
batches|-5 -2 0 -1 -3 3 -2
batches ,|-3 -2 0 0 -3 2 -2
bath|2 -4 -3 2 -3 -3 -3
batter|-1 -1 -3 0 2 0 -1
batter ,|-1 0 -3 2 1 -1 -1
batter .|0 -1 0 -1 -2 0 -1
bay|-1 0 1 -2 -6 1 -2
bay ,|3 -2 -4 -2 -2 0 -1
bay .|1 -3 -2 -4 -3 1 -3
bay and|-1 2 1 -4 -3 -4 -3
bay leaf|-1 -2 0 1 -2 0 -1
bay leaves|1 -2 -1 -2 -2 -1 -1
be|2 -2 -2 0 -3 -3 -1
bean|-2 -2 1 -1 -2 0 -1
beans|-2 -8 -1 2 2 -3 -8
beans #|-2 -4 0 0 -3 -3 -3
beans ,|0 -4 -2 0 -2 1 -3
beans .|3 -3 -1 -4 -4 -3 -2
beans and|-1 -1 -3 4 -2 -2 -3
beans hard|-1 -1 -1 1 -1 -1 -1
beans in|0 -4 -1 2 -4 -3 -2
beans with|0 -4 -3 -1 -1 1 -3
beat|2 0 -4 -2 -1 -2 -1
beat in|0 1 -3 -2 -2 0 -1
beetroot|-2 -2 -3 -2 1 1 -1
beets|1 -3 -2 1 -1 0 -2
before|3 0 -8 0 -8 -2 -6
before cutting|1 0 -2 -4 -4 -3 -3
before eating|2 -2 -2 0 -2 -2 -1
before serving|-1 2 -2 -2 -2 -3 -2
before slicing|2 -1 -2 -3 -3 -3 -2
before the|0 1 -3 -1 -3 0 -2
before you|2 -1 -3 -4 -4 -3 -3
behind appliance|4 1 -6 0 -4 -4 -4
behind at the hob|5 -10 4 -3 -6 -5 -13
behind blender|7 1 -2 -6 -7 -4 -9
behind hands|5 -1 -1 -5 -2 -5 -7
behind nothing|1 0 0 -2 -11 -1 0
behind on the hob|5 -4 -5 3 -10 -3 -8
behind oven|1 0 -6 -7 7 -6 -4
behind stands|6 -3 -1 -5 -5 -3 -4
bell|-1 0 3 -3 -2 0 0
below|1 -3 -3 3 -1 -2 -1
berries|3 -2 0 -3 -2 -4 -3
best|4 0 -4 -5 -3 -5 -5
better|2 0 -3 -2 -3 -3 -2
between|0 1 -5 -2 0 0 -3
between #|4 -3 -4 -1 -1 -4 0
between two|0 1 -2 -2 -2 -2 -2
bicarb|-1 1 1 -4 -3 -4 -2
big|-3 -6 3 0 -7 -3 0
big bowl|3 -4 -3 -2 -3 -3 1
big pan|-4 -2 4 -3 -1 -3 -1
big pot|-4 -3 1 2 -3 -2 -1
biggest|-1 -2 0 2 -4 -3 -2
bit|0 -3 -1 1 -4 0 -4
bit .|2 -1 -1 -1 -2 -4 -3
bit of|0 -1 -1 0 -1 -1 -1
bite|-2 0 -3 2 -1 -1 -1
bits|1 1 -1 -3 -2 -2 -1
bits .|2 1 -3 -2 -2 -3 -2
bitterness|-3 -3 -2 3 -3 -2 -1
black|1 -1 -4 -3 0 -1 -2
black beans|0 -2 -2 -3 -2 0 -1
black salt|1 0 -3 -2 -3 -3 -1
blanch|-4 -6 -4 6 -3 -4 -7
blanch the|-3 -3 -2 4 -2 -2 -4
blast|2 0 -4 -3 -4 -1 -4
blast chill|2 0 -4 -3 -4 -1 -4
blend|-14 -6 -9 -6 -6 13 -3
blend #|-4 -4 -2 -3 -4 4 -5
blend .|-6 -1 -3 -2 -2 5 -1
blend a|-2 -1 -2 -1 -1 2 -1
blend all|-4 -2 -1 -1 -1 2 -1
blend everything|-3 -2 -1 -1 -2 2 -2
blend half|-3 -1 -3 -2 -1 3 -2
blend smooth|-2 -1 -2 -1 -1 2 -1
blend the|-3 -2 -1 -1 -1 3 -1
blend until|-1 -1 -2 -1 -1 1 -1
blend with|-4 -2 -3 -2 -1 4 -1
blender|-8 -6 -9 -6 -5 10 -4
blender ,|-3 -3 -5 -3 -4 5 -4
blender .|-4 -2 -3 -2 -1 5 -1
blitz|-10 -4 -6 -4 -5 9 -4
blitz the|-4 -2 -1 -1 -1 3 -1
blitz with|-3 -1 -3 -2 -2 3 -2
block|-1 2 -4 -4 -2 -3 0
blocks|1 0 -1 -1 -1 -3 -1
boil|-11 -12 -4 10 -7 -8 -7
boil #|-5 -5 -8 8 -5 -3 -4
boil ,|-5 -4 -2 4 -6 -2 -1
boil .|-6 -3 7 -6 -3 -4 -2
boil ;|0 -1 -2 2 -2 -1 -1
boil and|-2 -1 -3 4 -2 -2 -1
boil for|-2 -2 -4 4 -3 -1 -1
boil hard|-2 -2 -5 3 -2 -2 -1
boil in|-3 -4 0 1 -4 -3 -4
boil noodles|-2 -1 -3 2 -2 -1 -2
boil potatoes|-2 -2 -2 2 -1 -1 -1
boil the|-2 -3 -4 4 -2 -2 -2
boil them|-1 -2 -2 2 -2 -2 -2
boil up|-1 -1 -2 2 -2 -1 -1
boil with|-2 -3 1 0 -2 -2 -1
boiled|-2 2 -3 2 -4 -3 -3
boiled water|-2 3 -2 -3 -2 -1 -1
boiling|-5 2 -2 1 -1 -1 -5
boiling ,|-1 -4 -3 2 -1 1 -2
boiling salted|-2 -2 -2 2 -1 -1 0
boiling water|-4 4 -2 0 -1 -5 -5
bonnet|1 -1 -1 -1 -2 -1 -1
both|-3 -4 4 -3 0 -4 -4
bottle|0 -2 -3 0 -3 1 -2
bottom|-1 -5 0 -1 0 0 -5
bottom .|3 -2 0 -2 -3 -2 -1
bottom heat|2 -3 -3 -3 1 -2 -3
bowl|4 1 -6 -4 -6 -7 1
bowl ,|3 1 -5 -3 -4 -4 1
bowl .|5 -2 -5 -1 -3 -6 -4
bowl with|2 2 -3 -4 -4 -3 -4
bowls|0 -2 -1 -3 -3 0 -2
bowls ,|1 -1 -3 -1 -1 0 -1
bowls .|-1 -3 0 -3 -3 0 -3
box|3 -2 -5 -4 -3 -4 -3
boxes|1 -2 -3 -1 -1 0 -1
braise|0 -4 -2 3 -4 -3 -3
bread|1 1 -3 -1 0 -3 -2
bread ,|-3 -1 0 -3 1 -2 -2
bread .|2 -1 -2 -1 -2 -2 -1
breadcrumbs|0 -1 -2 -1 0 0 -1
break|3 -2 -4 0 -3 -4 -3
break up|3 -2 -3 -1 -3 -3 -2
brine|3 -5 -5 -3 -3 -1 -3
brine ,|2 -2 -3 -2 -1 -1 0
brine .|2 -3 -3 -3 -3 0 -2
bring|-7 -3 4 -1 0 -5 -3
bring back|-2 -1 0 1 -1 0 -1
bring slowly|3 -2 -2 0 -3 -3 -2
bring the|-2 -2 -1 2 -2 -4 -2
bring to|-7 -4 1 0 1 -3 -2
bring together|1 1 -2 -1 -2 -2 0
bring up|-1 -3 0 0 -5 -3 -2
broccoli|1 -5 -2 2 -1 -5 -4
broil|-4 -3 -4 -3 4 -2 -3
broth|2 -2 -1 -2 -5 -1 -3
broth ,|0 1 0 -3 -3 0 -1
broth .|3 -3 -4 -2 -2 -1 -1
broth and|1 -3 -2 2 -2 -2 0
brown|0 -6 2 -2 -3 -5 0
brown ,|-2 -2 3 -3 -3 -2 -2
brown .|0 -4 3 -4 0 -2 -3
brown the|1 -3 1 -6 -4 -5 -6
browned|-2 -2 2 -6 -1 -3 -3
browned .|-1 -1 0 -2 1 -1 -1
browning|1 -2 1 -4 -1 -2 -2
brush|0 -2 -4 -5 2 -5 0
brush the|-1 -1 -1 -1 1 -1 -1
brush w|1 1 -1 -2 -3 -2 -3
brush with|1 -2 -3 -2 2 -3 -2
bubble|-7 -7 -5 8 -5 -6 -4
bubble #|-2 -4 -5 5 -2 -3 -2
bubble for|-4 -3 -6 6 -3 -2 -2
bubbling|-3 -3 1 -3 1 -3 -1
bubbling .|-3 -2 1 -2 1 -3 -1
buckwheat|0 -3 -3 2 -1 -1 0
build|4 -3 -5 -3 -3 -4 -3
bulgur|3 2 -4 -2 -2 -3 -2
bulgur ,|2 2 -3 -1 -1 -3 -1
bunch|1 -2 0 -2 -2 -1 -2
bunch of|1 -1 -2 -1 -1 -1 -1
buns|3 -2 -4 -2 -2 -2 -1
burns|-2 -1 1 -1 -1 -2 -1
but|1 -2 -4 0 0 0 -2
but not|-3 -1 -3 2 0 2 -1
but the|1 -2 -2 -5 -1 -1 -3
butter|-2 -3 0 -1 -2 1 -3
butter ,|0 -3 -1 1 -3 1 -2
butter .|2 -1 -4 -2 -1 0 -1
butter in|-2 -2 3 -3 -2 -3 -1
butter with|-3 -1 3 -4 -2 -3 -1
by|0 -1 -2 2 -2 -2 -4
by #|1 -3 1 -2 0 -4 -3
by half|-6 -1 -1 4 -3 -5 -3
by hand|3 -2 -4 -4 -3 -1 -2
c|-2 -4 -5 -9 6 -4 -1
c #|-1 -7 -6 -6 3 -3 -1
c (|0 -2 -2 -2 1 -2 -1
c ,|-2 -6 -5 -4 5 -4 -6
c .|1 0 -2 -1 -2 -3 -6
c and|0 -1 -1 -1 -2 0 -1
c fan|3 -2 -2 -2 -2 -2 -2
c for|-2 -1 -4 -3 1 -1 2
c gas|4 -1 -2 -1 -4 -2 -1
c with|1 -2 -2 -2 0 -2 -2
c within|1 -3 -2 -1 -3 0 -1
cabbage|1 -1 -2 1 -7 -4 -8
cabbage ,|1 1 -5 1 -3 -4 -3
cabbage and|-3 -2 3 -3 -2 1 -1
cake|1 2 -3 -2 -3 -3 -1
can|-2 -2 -2 1 1 0 -2
cancel|2 -1 -2 -1 -1 -2 -1
cancel .|2 -1 -2 -1 -1 -2 -1
capers|-2 -4 1 0 -5 0 -4
capers ,|-2 -4 1 0 -5 -1 -4
caraway|1 -1 2 -3 -3 -4 -2
careful|2 -1 -1 -2 -3 -3 -2
carefully|2 -1 -3 0 0 -2 0
carrot|1 -4 3 -4 -3 -2 -2
carrot ,|1 -3 1 -4 -2 -2 -1
carrot and|1 -2 0 0 -2 -2 -3
carrots|1 -7 0 -2 -2 -2 -6
carrots ,|1 -6 -1 -2 0 -1 -5
carrots and|2 -3 0 -3 -3 -1 -2
carrots in|-1 -2 -2 1 -2 1 -1
carrots with|3 -1 -1 0 -2 -3 -2
cashews|-2 0 0 -3 -3 2 -3
cashews in|-3 1 2 -2 -2 -4 -1
casserole|3 -3 1 -4 -3 -4 -2
casserole ,|2 -2 0 -4 -2 -2 0
casserole and|-3 -2 1 0 -2 0 0
cast|1 0 -2 -2 1 -2 0
cast iron|1 0 -2 -2 1 -2 0
catch|-1 -2 1 0 -1 -1 -1
catch .|-1 -1 1 0 -2 0 0
catches|2 -2 -3 0 -2 -2 -1
cauli|1 -2 -2 0 1 -2 -3
cauliflower|-1 -4 2 -2 1 -4 -3
cauliflower ,|2 -2 -2 0 -2 -2 -1
cavolo|0 -1 2 -2 -3 -1 -2
cayenne|-2 0 2 -2 -2 -2 0
celeriac|1 -1 -1 1 -1 -2 0
celery|-1 -5 -1 0 -6 0 -5
celery ,|1 -1 0 -1 -3 -3 -1
celery and|-2 -1 0 0 -2 0 -1
celery for|-1 -1 2 -2 -2 -2 0
celery in|-3 -2 1 0 -3 0 -3
char|0 -2 -3 -2 3 -3 -3
chard|0 -1 2 -4 -1 -3 -5
charred|-2 -2 -1 0 1 -2 -3
check|1 0 -4 -3 0 -4 -2
cheese|0 -2 -2 -3 2 -1 -1
chestnuts|0 -1 -1 1 -1 -4 -3
chestnuts ,|0 -1 0 1 -4 -3 -3
chewy|0 0 -2 1 -1 0 0
chia|0 1 -3 -2 -2 0 -1
chickpea|-1 0 -1 -2 -1 1 0
chickpeas|-1 -2 0 -4 1 0 -4
chickpeas ,|-1 0 1 -4 0 -1 -2
chickpeas .|-1 -2 -4 -2 2 -2 -1
chickpeas and|1 -1 0 -3 0 -4 -2
chickpeas with|5 -3 -1 -1 -3 -5 -1
chiles|0 -1 2 -3 -2 -1 -1
chili|-2 -2 1 1 -3 -4 -1
chili powder|0 -1 1 -2 -2 -2 0
chill|1 4 -8 -8 -10 -2 -7
chill #|-2 4 -4 -5 -6 -4 -5
chill .|0 -3 -3 -1 -2 0 -1
chill for|1 1 -3 -3 -4 -2 -2
chill to|-1 2 -2 -2 -4 0 -4
chilli|1 -5 0 -1 -4 -1 -4
chilli #|0 -2 1 -3 -3 -4 -2
chilli ,|-1 -2 3 -3 -2 -2 -1
chilli .|-2 -1 -1 0 -1 1 -1
chilli and|0 -2 0 -1 -1 -2 -1
chilli flakes|0 -1 0 -3 -1 -1 -1
chillies|1 -1 -3 -3 -4 2 -2
chillies ,|1 -1 -1 -2 -3 0 -2
chipotle|-2 -2 2 -2 -3 0 -2
chips|4 -2 -4 -3 -3 -1 -1
chips .|4 -2 -5 -3 -4 -3 -1
chives|3 -2 -4 -2 -3 -3 -1
chives .|3 -1 -4 -1 -2 -2 -1
chocolate|1 0 -3 0 -4 0 -2
choi|-3 -2 2 1 -3 -3 -2
chop|3 -5 -3 -3 -1 -1 -5
chop .|0 -2 1 -3 0 -2 -3
chop onions|4 -2 -4 -2 -3 -5 -2
chop the|0 -1 -1 -4 -2 0 -1
chopped|1 -3 1 -3 -2 0 -1
chopped ,|1 -1 0 -2 -2 -2 -1
chopped onion|1 -2 -1 0 -1 -2 -4
chuck|0 -1 1 -4 0 -4 -4
chunks|1 -1 -3 -1 1 -3 -3
chunks ,|1 0 -3 0 -1 -2 -3
chunks .|1 -1 -1 -1 -1 -2 -1
chunky|-2 -3 -2 -2 -2 3 -2
chunky .|-2 -3 -2 -2 -2 2 -2
chutney|1 -1 -3 -1 -2 0 -1
cider|0 -1 -2 -2 -1 1 -1
cilantro|0 -2 -5 -2 -3 1 -2
cilantro .|0 -2 -4 -2 -3 1 -2
cinnamon|1 -4 1 -4 -3 -3 -2
cinnamon ,|-1 -2 2 -3 -2 -4 -3
cinnamon .|1 -2 0 -1 -2 -3 -1
cinnamon and|1 -3 -2 2 -1 -1 -1
clean|3 -3 -2 -3 0 -3 -1
clean .|-1 -1 -1 -1 1 -1 -1
clear|2 2 -3 -2 -2 -4 -2
clear .|3 -3 -2 -2 -1 -3 -2
cling|0 2 -2 -2 -2 -2 -1
close|3 -2 -4 -3 -3 -3 -2
close .|3 -2 -3 -3 -1 -2 -1
cloth|2 2 -5 -3 -5 0 -2
cloth .|1 0 -3 -2 -2 0 -2
clove|0 -1 -2 1 -2 -1 0
cloves|2 2 -4 -3 -3 0 -3
cloves and|1 -1 -1 0 -1 -3 -1
cloves garlic|-1 -1 -1 -3 -2 0 -1
cloves of|-2 -1 1 -1 -2 0 0
clumps|-1 -2 -1 -1 -1 1 -1
cm|0 -1 -5 0 -1 -2 -5
cm ,|2 -1 -3 0 -3 -4 -2
cm .|3 -1 -3 -2 -2 -3 -1
cm cubes|-1 0 -3 -1 -1 -3 -3
cm dish|0 -1 -2 -1 0 -1 -1
cm pieces|-1 1 -2 -1 -1 -4 0
cm square|0 -2 -2 -1 -4 0 -1
cm thick|-1 2 -1 -1 -1 -1 -1
cm tin|4 -1 -3 -3 -4 -3 -1
coarse|-1 -2 -4 -3 -1 2 -2
coarsely|-3 -1 1 -3 -2 1 -2
coat|1 1 0 -2 -1 -3 -2
cobs|0 -4 1 0 -3 -3 -2
cocoa|0 -3 -3 2 -3 -1 -2
coconut|-1 -3 -1 0 -5 1 -4
coconut cream|-1 -2 2 -3 -3 0 -3
coconut milk|1 -3 -1 0 -4 -1 -3
coconut oil|-2 -1 -2 0 -1 1 -1
coffee|2 -1 -2 -1 -1 -2 0
colander|-4 4 -2 -4 -4 -3 -4
colander for|-1 1 -1 -2 -2 -1 -1
cold|1 0 -2 1 -3 -3 -6
cold ,|3 -3 -6 1 -3 -2 -2
cold .|0 -1 -1 1 -5 -6 -2
cold water|-2 1 0 -2 -3 0 -4
collapse|0 -3 -4 4 -1 0 0
collapsed|-1 -2 -3 2 -3 -1 -1
collapsing|-2 -2 -2 1 0 -1 -2
colour|-3 -2 0 1 -2 -2 -1
colour .|-2 -2 -1 2 -2 -2 -1
colouring|-1 -1 -2 2 -1 -1 0
combine|0 -1 -2 1 -5 -2 -4
combine ,|-1 0 -3 1 -3 -4 -5
combine .|2 -2 -1 -1 -1 -1 -1
combine all|2 -1 -2 -1 -1 -3 -2
combine everything|-2 2 1 -3 -2 -4 -2
combine the|3 -2 -4 -2 -1 -2 -1
combine with|2 -2 -3 0 -2 -4 -1
combined|2 -1 -2 -1 -1 -1 0
come|-2 1 -2 -1 -1 -2 -3
comes|-2 -2 -2 0 1 -1 -2
comes out|-1 -1 -1 -1 1 -1 -1
completely|-2 1 -3 0 -3 1 -3
completely ,|0 2 -2 -3 -1 -2 -1
completely before|0 0 -1 -2 -3 -3 -1
completely on|-1 2 -1 -2 -2 -2 -1
cook|-6 -9 3 1 -5 -8 1
cook #|-8 -7 2 1 -7 -5 -10
cook ,|-2 -2 -1 -1 1 -2 1
cook for|-7 -6 2 1 -8 -2 -4
cook gently|-1 -1 -6 5 -2 -1 -1
cook in|-3 1 -4 -3 1 -2 1
cook on|-3 -2 0 1 -2 -1 -4
cook onion|-1 -2 3 -2 -4 -1 -5
cook over|-2 -2 -1 2 -2 -1 -3
cook the|1 -5 -3 3 -6 -2 -6
cook till|3 -3 -1 -3 -3 -2 -4
cook uncovered|-2 -2 -3 1 1 -1 -3
cook until|-4 -2 6 -6 -4 -3 -3
cooker|0 -1 -2 -7 -6 -7 5
cooker ,|2 -5 -3 -5 -5 -5 2
cooker .|2 -2 -2 -3 -2 -3 -4
cooker with|2 -3 -2 -3 -2 -3 1
cooking|1 -2 -2 0 -2 0 -1
cooking water|2 -2 -1 -1 -1 -2 -1
cooks|-1 0 1 -3 0 1 0
cool|2 4 -5 -4 -9 -3 -7
cool #|-3 5 -6 -7 -8 -3 -4
cool ,|2 -2 -3 0 -3 -1 -1
cool .|1 -6 2 0 -3 -3 -5
cool completely|-1 2 -4 -1 -3 -1 -3
cool for|-3 4 -4 -5 -3 -1 -4
cool in|3 1 -5 -4 -6 -6 -3
cool on|2 1 -4 -3 -6 -4 -3
cool quickly|1 -1 -1 -1 -1 -1 -1
cool to|2 -1 -2 -2 -2 -2 -1
core|2 -1 0 -1 -6 -4 -4
core #|2 1 -3 -2 -4 -3 -3
core and|-1 -1 1 -1 -1 -1 -1
coriander|1 -2 -1 -4 -3 -1 -1
coriander ,|2 -1 -1 -1 -2 -3 -1
coriander .|1 -2 0 -3 -4 -3 -2
coriander and|0 -1 1 -2 -2 -3 -1
corn|-1 -3 3 -2 -3 -4 -4
corn and|-1 -3 2 -1 -4 -2 -3
cornflour|-2 -3 2 -1 -1 -4 -4
cornflour and|-1 0 0 1 -2 -2 0
cornstarch|0 -1 -2 1 -1 -2 1
counter|2 0 -2 -3 -2 -2 -3
couple|1 0 -1 0 0 -3 -1
couple of|1 0 -1 0 0 -3 -1
courgette|-3 -2 1 -4 1 -2 -3
courgettes|-2 3 -1 -1 -5 -2 -4
courgettes ,|0 1 -1 -1 -3 -4 -1
courgettes and|-2 -1 0 -1 -3 -1 -1
couscous|0 2 1 -3 -3 -2 -1
cover|-3 0 -2 2 0 -4 -1
cover ,|-1 -1 -5 2 -2 -2 1
cover .|-2 -4 3 -5 -5 -5 -4
cover and|-4 1 -5 2 0 -2 -3
cover by|1 -3 -1 -1 1 -4 -2
cover the|-3 3 -4 -1 -2 -1 0
cover tightly|0 -2 -2 0 1 -1 -3
cover with|0 -1 -2 -2 1 -2 -3
covered|-1 3 -5 3 -5 -3 -3
covered #|-4 3 -5 0 -4 -3 -5
covered ,|-1 1 -4 4 -3 -2 -1
covered .|-1 1 2 -5 -2 -2 -1
covered for|-2 -1 -2 1 0 -1 -3
crackle|1 -1 0 -2 -1 -1 -2
cranberries|3 -2 -3 -2 -2 -3 -1
cream|0 -5 1 -3 -6 0 -6
cream ,|-3 -4 0 0 -4 1 -3
cream .|2 -1 -4 -2 -2 0 -1
cream and|0 -1 -1 -1 -1 -1 -1
creamy|-2 -3 -2 1 -1 0 -2
creamy .|-2 -3 -2 2 -2 0 -2
crimp|2 0 -1 -1 -2 -2 0
crisp|-1 -4 1 -2 -1 -4 -3
crisp ,|-1 -1 2 -4 1 -1 0
crisp .|2 -2 0 -4 -1 -2 -1
cross|0 -1 -1 -1 1 -1 0
crumble|2 -1 0 -3 -2 -3 -2
crumble the|3 -3 -3 -2 -2 -3 -1
crumble tofu|1 -2 0 -3 -1 -3 -2
crumbs|-2 -3 -2 -5 1 2 -1
crumbs .|-1 -3 -4 -2 1 1 -2
crush|1 -2 1 -1 -3 -3 -2
crushed|-2 -1 2 -2 -2 -1 -1
crust|-1 1 -2 -2 0 -2 0
cube|3 -1 -5 -6 -2 -3 -6
cube the|-1 0 0 -3 0 -3 -3
cubes|-1 1 0 0 -2 -1 0
cubes ,|1 -2 -2 2 -2 -2 0
cubes .|0 0 1 -2 -2 -1 -3
cucumber|-2 3 -1 -4 -3 -1 -3
cucumber ,|2 1 -3 -1 -2 -3 -1
cucumbers|-2 3 -3 -3 -3 -2 -4
cumin|2 -4 -1 1 -2 -3 -2
cumin #|-1 -2 -1 1 -3 -2 -2
cumin ,|0 -3 -2 1 -2 -2 -2
cumin and|0 -1 1 -1 -3 -3 -1
cumin seeds|-2 -1 3 -4 0 -4 -1
cup|1 -2 -3 0 -3 1 -1
cup of|1 -2 -1 1 -2 -5 -2
cup water|0 -2 -4 1 -2 1 -1
cups|0 -3 -1 0 0 -2 1
cups of|-1 -2 0 -3 -1 -1 1
cups water|-2 -2 -1 3 -3 -3 1
currants|0 -2 1 -2 -1 -3 -2
curry|-1 -5 3 -5 -1 -1 -2
curry leaves|1 -2 0 -3 -3 -2 -2
curry paste|-3 -2 2 -2 -2 -2 -2
curry powder|-1 -5 3 -4 -1 -1 -2
cut|2 -1 -3 -3 -3 -4 0
cut #|2 0 -2 -2 -3 -2 -3
cut a|2 -1 -2 -1 -1 -2 -1
cut each|3 -1 -3 -1 -2 -3 -1
cut everything|2 -3 -2 -2 -2 -3 -3
cut in|-1 1 -5 -2 -1 0 -2
cut into|0 1 -3 -2 -1 -3 -2
cut side|1 -5 -2 -4 0 -2 1
cut the|0 -2 0 1 -3 -2 -1
cutting|1 0 -2 -4 -4 -3 -3
cutting .|2 0 -2 -3 -4 -2 -2
d|0 -1 -2 -1 -1 0 -1
daikon|1 -1 -2 -1 -1 -1 -1
daily|2 -1 -3 -1 -2 -2 -2
dal|1 1 -2 -1 -4 -5 -3
dal .|2 -2 -2 -3 -3 -3 -2
dark|0 -1 4 -5 -2 -3 -3
date|0 -3 -2 -2 -2 2 -1
dates|-2 3 -3 -2 -3 1 -2
day|2 -2 0 -2 -5 -2 -4
day #|-1 -1 -2 0 -3 0 -2
day ,|1 -2 1 -3 -1 -2 -1
day .|-2 2 0 -2 -2 -3 -2
day drain|-1 -2 1 -2 -1 -2 -1
days|4 -2 -3 -3 -4 -1 -1
days ,|3 -3 -3 -2 -3 -3 -2
days .|2 -1 -3 -2 -2 -1 -3
deep|1 -4 0 -1 0 -3 -1
deep golden|-1 -2 3 -4 0 -1 0
deglaze|1 -1 -3 1 -2 -3 -2
degrees|0 -4 -4 -3 4 -3 -4
dente|-2 -1 -4 4 -2 -1 -3
depending|-2 -1 -2 -2 0 1 -1
deseed|2 -3 -2 -2 1 -2 -2
dice|1 -3 1 -4 -2 -3 -4
dice the|-1 -2 1 -3 -2 -1 -2
diced|2 -2 -3 0 -3 -3 -2
dill|2 0 -1 -3 -3 -2 -3
dill ,|-1 0 1 -1 -1 0 -1
dill .|1 -1 -1 -2 -3 -2 -2
dimple|0 -2 -2 -1 0 -2 -1
dimple with|3 0 -1 0 -3 -1 0
dip|3 -1 -3 -1 0 -3 -2
discard|1 -3 -1 -1 -3 -1 -3
discard the|2 -2 -3 0 -1 0 -1
dish|2 -2 -5 -5 0 -5 -2
dish ,|0 -3 -3 -3 0 -4 -3
dish .|3 -1 -5 -3 -1 -4 -2
dishes|3 -1 -3 -1 -2 -3 -1
dissolve|4 -3 -4 0 -3 -4 -3
dissolved|-1 -2 0 1 -2 -3 -2
dissolved ,|-2 -2 0 2 -2 -3 -2
divide|2 -1 -5 -3 -2 -1 -2
divide between|-1 -3 -2 -2 2 0 -1
divide into|1 0 -2 -1 -2 -2 -1
do|1 -1 -4 -1 1 -3 0
do not|3 -1 -3 0 -3 -2 -2
do the|-2 1 -2 -1 1 -2 -2
does|-1 1 -2 -2 -2 1 -1
does add|1 -4 1 -2 -3 -2 -3
does arrange|2 -3 -2 -3 1 -2 -1
does bake|-5 -10 -7 -6 8 -4 -6
does beat|2 0 -4 -2 -1 -2 -1
does blanch|-4 -6 -4 6 -3 -4 -7
does blend|-14 -6 -9 -6 -6 13 -3
does blitz|-10 -4 -6 -4 -5 9 -4
does boil|-11 -12 -4 10 -7 -8 -7
does bottle|0 -2 -3 0 -3 1 -2
does braise|0 -4 -2 3 -4 -3 -3
does break|3 -2 -4 0 -3 -4 -3
does bring|-7 -3 4 -1 0 -5 -3
does brush|0 -2 -4 -5 2 -5 0
does bubble|-7 -7 -5 8 -5 -6 -4
does char|0 -2 -3 -2 3 -3 -3
does check|1 0 -4 -3 0 -4 -2
does chill|1 4 -8 -8 -10 -2 -7
does chop|3 -5 -3 -3 -1 -1 -5
does chuck|0 -1 1 -4 0 -4 -4
does clean|3 -3 -2 -3 0 -3 -1
does coat|1 1 0 -2 -1 -3 -2
does combine|0 -1 -2 1 -5 -2 -4
does cook|-6 -9 3 1 -5 -8 1
does cool|2 4 -5 -4 -9 -3 -7
does cover|-3 0 -2 2 0 -4 -1
does cream|0 -5 1 -3 -6 0 -6
does crisp|-1 -4 1 -2 -1 -4 -3
does crumble|2 -1 0 -3 -2 -3 -2
does crush|1 -2 1 -1 -3 -3 -2
does cube|3 -1 -5 -6 -2 -3 -6
does cut|2 -1 -3 -3 -3 -4 0
does deglaze|1 -1 -3 1 -2 -3 -2
does deseed|2 -3 -2 -2 1 -2 -2
does dice|1 -3 1 -4 -2 -3 -4
does dip|3 -1 -3 -1 0 -3 -2
does discard|1 -3 -1 -1 -3 -1 -3
does dissolve|4 -3 -4 0 -3 -4 -3
does divide|2 -1 -5 -3 -2 -1 -2
does do|1 -1 -4 -1 1 -3 0
does done|-1 -3 -2 2 1 -3 -2
does dot|3 -2 -4 -3 2 -3 -3
does drain|1 4 -6 3 -6 -3 -6
does dress|3 -2 -4 0 -3 -4 -3
does drizzle|1 -2 -4 -4 -1 0 -3
does dry|0 1 -1 -2 -1 -3 -1
does fill|1 -5 -1 -3 0 0 -2
does finish|2 -2 -2 -3 0 -1 -2
does fish|1 -2 -2 -2 -3 0 -2
does flatten|1 -2 -2 0 -2 -1 -1
does flip|-3 -3 4 -4 0 -2 -4
does fluff|3 3 -4 -5 -4 -4 -2
does fold|2 0 -6 -1 -5 -2 0
does form|3 -3 0 -2 -3 -3 -3
does freeze|3 1 -6 -5 -6 -2 -4
does fry|-10 -9 5 1 -7 -7 0
does garnish|3 -2 -4 -2 -2 -4 -2
does get|1 -3 1 -3 -1 -5 -3
does give|-1 -2 0 -1 1 -4 -2
does glaze|2 -3 -1 0 1 -5 -4
does grate|0 1 0 -3 -2 -2 -1
does grease|1 -2 0 -3 -3 -4 -2
does grill|0 -6 -7 -7 7 -5 -6
does grind|2 -1 -4 -3 -3 -2 -3
does halve|3 -3 -4 -2 -1 -3 -2
does heat|0 1 0 0 -6 -4 -2
does keep|0 -1 -7 -4 2 -1 -4
does knead|7 -6 -7 -7 -6 -7 -8
does ladle|0 -2 -1 2 -2 -5 -2
does lay|3 -3 -1 -1 -2 -3 -2
does leave|-1 5 -6 -6 -6 -2 -2
does let|-1 5 -3 -2 -7 -3 -4
does lid|-4 -1 -6 4 0 -7 -2
does lock|1 -2 1 -2 -3 -3 -3
does loosen|-2 -3 1 -1 -4 -1 -2
does lower|-2 -4 -1 -1 2 -3 -2
does make|1 -1 0 -3 -2 -2 -1
does marinate|-1 3 -2 -3 -3 -3 -2
does mash|0 -2 1 -3 -6 0 -4
does massage|5 -3 -7 -6 -5 -5 -5
does melt|-6 -5 4 1 -5 -1 -3
does microwave|-3 -5 -5 -5 -5 -4 5
does mince|0 1 -2 0 -3 -1 -2
does mix|2 -1 -1 -5 -2 -1 -5
does open|-1 -1 0 -1 -5 -4 1
does pack|2 -3 -2 0 0 -5 -3
does parboil|-4 -4 -4 4 -2 -2 -4
does peel|0 -1 0 0 -5 -3 -3
does pile|1 -2 0 -2 -2 -3 -2
does pinch|2 0 -1 -2 -5 -3 -4
does place|3 -3 -5 -3 -1 -4 -3
does pop|1 -3 0 -3 1 -3 -1
does portion|1 -3 -3 0 -2 -2 -2
does pound|1 -2 -2 -2 -2 0 -1
does pour|0 2 -1 -2 -1 -4 -5
does preheat|7 -3 -5 -3 -9 -4 -3
does press|1 3 -4 -7 -5 -2 0
does prick|-1 -1 2 -2 -1 -2 -1
does prove|-3 5 -4 -5 -5 -4 -5
does pulse|-7 -4 -6 -4 -5 7 -3
does puree|-5 -3 -1 -5 -4 6 -3
does purée|-3 -4 1 -6 -5 3 -5
does put|-2 -2 1 -1 -1 -2 1
does quarter|0 0 0 0 -4 -3 -1
does rain|0 -1 1 -2 -2 -3 -2
does reduce|-6 -3 -1 3 -4 -4 -3
does refrigerate|3 1 -5 -5 -4 -4 -4
does reheat|0 -2 -3 -2 -1 1 -1
does remove|1 0 -1 -4 -1 -1 -4
does rest|-3 8 -4 -6 -5 -2 -7
does return|-3 -2 0 -1 0 1 -3
does rinse|0 2 -2 0 -5 -8 -1
does roast|-3 -9 -4 -8 7 -5 -7
does roll|3 -3 -1 -4 -2 -3 -5
does rub|4 0 -5 -3 -3 -5 -2
does saute|-5 -4 6 -3 -5 -4 -4
does sauté|-8 -5 7 -3 -6 -6 -5
does scatter|1 -3 0 -1 -1 -2 -2
does scoop|2 -2 0 -3 0 -3 -1
does score|2 -1 -1 -2 -1 -3 -1
does scrape|2 -2 -5 0 -3 1 -1
does seal|1 -1 0 -2 -2 -3 -1
does separate|0 -2 -1 1 -2 -3 -2
does serve|3 -1 -2 -5 -6 -4 -4
does set|1 -1 0 -1 -3 -3 -3
does shake|1 -1 -1 -5 -1 -2 1
does shape|2 1 -4 -1 -2 -4 -4
does shred|1 -2 -2 -3 -1 -1 -4
does sieve|2 2 -5 -3 -4 -2 -3
does simmer|-11 -12 -7 11 -5 -7 -6
does skim|3 -3 -3 0 -3 -4 -3
does slice|-1 0 1 -1 -5 -6 -4
does slide|0 -2 0 -1 -3 -3 -2
does smooth|0 -3 -4 -5 -1 4 -6
does soak|-4 7 -3 -7 -5 -5 -5
does soften|-5 -4 3 -1 -6 -6 -5
does spread|0 1 -3 -2 1 -4 -1
does sprinkle|1 -5 -1 -2 -2 -5 -3
does squash|0 0 -6 -2 2 -2 0
does squeeze|-2 2 -1 -1 -6 -3 1
does stack|3 -3 -3 -2 -3 -3 -2
does stand|-2 7 -4 -8 -8 -6 -5
does start|0 -2 0 -2 -2 -3 1
does steam|-9 -2 -10 6 -6 -4 -10
does stew|1 -3 -1 2 -3 -3 -1
does stir|1 -1 -1 -1 -1 -3 -6
does strain|1 -2 -4 0 -3 -1 -2
does stuff|0 -1 0 0 -1 -1 -1
does swap|-2 -3 -2 -3 3 -2 -3
does sweat|-5 -7 4 0 -6 -6 -6
does swirl|0 -2 1 -3 -3 -3 -1
does take|2 -1 -1 -2 1 -1 -2
does taste|1 -3 -3 -2 -4 0 -4
does tear|1 1 -3 -2 -3 -3 -2
does thicken|-2 0 0 1 -2 -2 -2
does thin|2 0 -2 -6 -2 -2 -4
does thread|2 0 -3 -3 -2 -3 -2
does tip|-1 -1 1 -1 -2 -2 -3
does toast|0 -6 2 -3 1 -5 -6
does toss|1 -2 -1 -2 0 -4 -1
does transfer|1 0 -2 -2 1 -3 -1
does turn|1 -2 -1 -2 2 -5 -4
does uncover|-1 -3 -2 -4 4 -3 -5
does use|4 -2 -3 -3 -2 -4 -1
does wait|2 -1 -2 0 -4 -4 -4
does warm|0 0 0 -3 -2 -2 -1
does wash|2 2 -1 -4 -2 -4 -3
does weigh|0 -2 1 -2 -3 -3 -1
does wet|1 1 -2 -4 -5 -1 -4
does whisk|2 1 -2 -1 -3 -6 -4
does whizz|-5 -3 -5 -3 -3 5 -3
does wilt|-7 -4 7 -4 -3 -4 -4
does work|2 -3 -2 -1 -2 -3 -1
does wrap|2 -2 -5 1 -3 -3 -4
does zest|2 1 -3 -2 -1 -2 -3
doesn|1 1 -3 1 -3 -2 -1
doesn t|1 1 -3 1 -3 -2 -1
don|-1 -1 1 -2 -2 1 -2
don t|-1 -1 1 -2 -2 1 -2
done|-1 -3 -2 2 1 -3 -2
door|0 -3 -2 -2 3 -3 -2
door ajar|-1 -3 -2 -2 3 -3 -1
dot|3 -2 -4 -3 2 -3 -3
dot with|3 -2 -3 -1 -3 -3 -1
doubled|1 3 -4 -4 -5 -4 -4
doubled .|-3 3 -3 -3 -3 -3 -4
dough|5 -1 -6 -6 -4 -5 -5
dough #|2 -1 -3 -3 -3 -3 -4
dough ,|-1 2 -2 -2 -2 -1 0
dough .|3 -1 -3 -1 -2 -3 -1
down|1 -3 -1 -1 -3 1 -4
down #|-3 -3 2 -2 -3 -2 -4
down ,|-2 0 2 1 -3 1 -1
down .|-2 -3 0 1 -2 1 -3
down and|-1 -1 -2 2 -2 -1 -1
down for|0 -2 1 -2 -1 -2 -2
down on|-2 -1 -2 -1 1 -2 -2
down to|1 -2 -1 0 0 -1 -1
drain|1 4 -6 3 -6 -3 -6
drain #|-4 4 -3 -5 -3 -3 -5
drain ,|1 0 -2 0 -3 -2 -2
drain .|3 1 -5 1 -4 -5 -4
drain and|0 2 -4 -2 -1 -2 -2
drain beans|0 -2 -3 -2 -1 0 -1
drain on|2 -1 -4 1 -1 -2 -1
drain rinse|2 -3 -2 0 -1 -2 -2
drain the|-1 0 -1 1 -2 -1 -4
drain well|0 0 -2 0 -3 -3 -2
drained|-1 -2 1 0 -3 -1 -1
drained beans|1 -1 -2 1 -1 -1 0
dress|3 -2 -4 0 -3 -4 -3
dressing|3 -2 -6 -6 -6 0 -7
dressing .|4 -1 -3 -2 -2 -4 -1
dressing in|-1 -4 -1 -4 -4 3 -4
dressing ingredients|2 -1 -3 -2 -2 0 -2
dried|3 -1 -3 -1 -1 -2 -1
drink|-2 1 -2 0 -4 -2 -4
drizzle|1 -2 -4 -4 -1 0 -3
drizzle over|0 -3 -4 -3 -4 0 -2
drizzle with|3 0 -4 -3 0 -4 -1
drop|-2 -1 -2 2 -2 -1 -1
dry|0 1 -1 -2 -1 -3 -1
dry #|-5 2 -2 -6 1 -3 -4
dry ,|0 -2 -4 2 0 -6 1
dry .|-1 0 -7 -1 1 -1 -3
dry and|0 -2 0 -2 0 -3 0
dry for|1 2 -3 -4 -3 -1 -4
dry in|1 -4 3 -4 -4 -3 -4
dry ingredients|4 -3 -3 -2 -3 -3 -1
dry pan|-3 -3 5 0 -5 -4 -5
dumplings|-1 -2 1 -1 -3 -4 -2
dust|3 0 -3 -2 -2 -3 -2
dutch|0 -1 0 -2 0 -3 -3
dutch oven|0 -1 0 -2 0 -3 -3
each|4 -3 -1 -5 -1 -3 -4
each ,|1 -1 1 -3 -2 -1 -1
each .|1 0 0 -1 -3 -4 -3
each in|3 -3 -3 -3 -3 -4 -3
each of|3 -1 -3 -1 -1 -2 0
each side|-2 -2 2 -4 1 -1 -3
eat|1 1 -5 -3 -4 -4 -3
eating|2 -2 -2 0 -2 -2 -1
eating .|2 -2 -1 -2 -1 -1 -1
edamame|-4 -1 -2 -1 -5 -5 2
edges|-1 -2 -2 -4 3 -4 -3
edges .|1 0 -3 -3 2 -3 -2
eggplants|-3 -3 2 -2 1 -2 -4
el|-1 -2 1 -4 1 -3 -4
else|-1 -1 0 -2 -6 1 -3
else .|3 -3 -1 0 -3 -4 -2
else in|-3 -2 1 2 -2 -3 -1
end|1 -1 -5 2 -4 -1 -2
end ,|1 1 -1 1 -2 -3 -1
end .|0 -1 -4 1 -4 0 -2
ends|1 -1 -1 -1 -1 -1 0
enough|1 1 -6 -2 -4 0 -4
evaporated|-2 -1 -3 3 -2 -1 0
evening|3 -1 -4 -1 -2 -4 -3
every|-2 -5 -5 3 2 -1 -1
every #|-3 -3 -5 2 1 -1 -1
every few|0 -2 -2 2 -4 0 0
everything|-2 -1 -1 -3 -2 3 -6
everything ,|1 1 -4 -3 0 0 -1
everything .|-1 -2 -1 -4 -4 1 -3
everything but|1 -1 -1 -4 -1 -3 -2
everything else|-1 -2 0 -2 -6 1 -2
everything except|0 -3 0 -2 -3 0 -3
everything for|1 -2 -2 -2 -2 0 -1
everything in|0 -4 0 -2 -1 1 -3
everything through|-1 -1 -2 -1 -2 1 -1
everything together|2 1 -2 -2 -2 -4 -1
everything with|0 1 -2 -2 -3 -1 -1
except|0 0 -2 -3 -4 1 -3
except the|0 -3 -1 -1 -2 1 -2
excess|1 0 -1 -2 1 -2 -1
extract|2 -2 0 -2 -2 -2 -1
extract ,|1 -2 0 -2 -2 -2 -1
f|1 -4 -6 -4 2 -1 -2
f (|3 -1 -2 0 -3 -1 0
f .|1 -1 -4 -2 0 0 -1
f for|-2 -1 -3 -1 2 -1 -4
falafel|-3 -1 -2 -1 0 3 -2
fall|-2 -1 1 0 -1 -2 -2
falls|-3 2 -1 1 -2 -2 -2
fan|3 -3 -6 -6 1 -4 -4
fan #|1 -3 -3 -1 1 -2 -1
fan ,|-3 -4 -4 -4 4 -2 -3
fan .|5 -3 -3 -3 -5 -3 -2
fan for|-1 -1 -1 -1 1 -1 -1
fan gas|3 -1 -1 -1 -7 -1 -1
farro|-1 -4 -3 4 -3 -2 0
fast|-2 0 -1 0 0 -1 -1
fat|3 -2 1 -2 -2 -2 -1
fennel|3 -2 1 -1 -3 -4 -4
few|2 -2 -3 3 -4 -3 -1
fill|1 -5 -1 -3 0 0 -2
fill #|-2 -2 1 -1 2 -3 -2
fill ,|2 -3 -1 -3 0 -3 -2
fill .|2 -2 -1 0 -3 -3 -1
fill the|0 -1 -1 -1 1 -2 -1
filling|2 -3 1 -5 -3 -1 -4
filling ,|1 -2 0 -3 -2 -4 -4
filling in|0 -1 -3 -1 -2 1 -1
film|-1 1 -1 -3 -2 1 -1
filter|2 -1 -2 -1 -1 -2 0
final|-1 -2 -3 0 1 -1 0
final #|-1 -2 -3 2 -1 -1 0
fine|-2 0 -2 -2 -3 3 -3
fine .|0 1 -4 -2 -2 0 -2
finely|3 -1 -1 -3 -2 -5 -2
fingers|-1 -1 -2 1 -2 1 -1
fingers ,|3 0 -1 -1 -3 -1 0
finish|2 -2 -2 -3 0 -1 -2
finish with|2 -1 -2 -2 -3 -1 -1
finishing|0 -1 -2 -1 0 -1 -1
finishing with|0 -1 -2 -1 0 -1 -1
firm|-2 2 0 -4 -1 -5 -4
firm tofu|2 1 -3 -2 -3 -3 -2
firmly|4 -3 -5 -1 -1 -3 -1
first|2 -4 -1 -2 -2 -4 0
fish|1 -2 -2 -2 -3 0 -2
fish out|1 -2 -2 -2 -3 0 -2
five|-3 2 1 -1 -4 -2 -5
five minutes|-7 3 1 0 -4 -5 -5
flaked|2 -1 -3 -2 -2 -3 -1
flakes|1 -2 -2 1 -3 -2 -1
flakes .|1 -1 0 -3 -1 -2 -1
flaky|3 0 -1 0 -3 -1 0
flaky salt|3 0 -1 0 -3 -1 0
flame|-1 -5 -6 6 -6 -2 -2
flame #|-2 -3 -3 3 -3 -1 -1
flameproof|-1 -1 2 -3 -1 -1 -1
flat|0 -3 0 -2 -1 -5 -2
flat .|0 -2 0 -3 -1 -4 -1
flatbreads|1 -2 -3 -1 -1 -1 0
flatten|1 -2 -2 0 -2 -1 -1
flax|-4 3 -3 -3 -3 -1 -4
flesh|2 -1 -3 -1 0 -3 -1
flip|-3 -3 4 -4 0 -2 -4
flipping|-2 -3 -4 1 1 -1 -3
florets|-2 -4 -3 -3 3 0 -4
florets ,|-1 -2 -3 -3 2 1 -3
flour|1 -1 1 -3 -8 -2 -5
flour ,|1 1 -1 -1 -4 -5 -3
flour and|-1 0 -3 1 -4 0 -1
flour in|0 -3 2 -4 -2 0 -2
flour with|1 0 1 -2 -1 -3 -1
floured|-2 2 -1 -1 -2 -2 -2
fluff|3 3 -4 -5 -4 -4 -2
fluff .|2 2 -4 -4 -3 -4 -3
foam|1 -1 0 -2 -1 -2 -1
foam ,|0 -1 -1 2 -1 0 0
foam .|1 -1 -1 -1 -1 -2 -1
foil|1 -5 -5 -2 3 -4 -4
foil ,|2 -4 -2 -1 1 -3 -4
foil .|3 -2 -3 -1 -2 -2 -1
foil and|-2 -2 -2 -2 2 -1 -1
fold|2 0 -6 -1 -5 -2 0
fold ,|1 0 -4 1 -4 -4 -5
fold .|2 0 -2 -2 -1 -3 -2
fold in|0 -2 -2 -2 -3 -1 0
fold through|2 -1 -3 -1 -1 -3 -1
food|-1 -4 -5 -4 -4 4 -4
food processor|-3 -4 -5 -3 -3 5 -4
for|-2 0 -1 0 0 -6 -2
for #|-6 -1 0 0 1 -4 -2
for a|-1 -3 -1 0 1 -2 -3
for about|-4 0 0 0 -1 -2 -3
for an|-2 1 -1 0 -2 -1 -1
for another|-5 0 2 -1 -4 -5 -5
for at|1 -1 -1 -2 -1 -1 -1
for five|-3 -1 1 -1 -2 -2 -2
for half|-2 2 -1 0 -1 -1 -1
for ten|-2 -3 -1 2 -3 -2 -3
for the|0 -2 0 -1 -1 -3 -4
fork|3 1 -5 -2 -4 -6 -3
fork .|2 -1 -3 -2 -2 -3 -2
form|3 -3 0 -2 -3 -3 -3
form #|2 -2 -2 0 -2 -2 -2
forty|-2 -3 -3 3 -2 -2 -2
four|0 -2 0 -1 -2 0 -1
fragrant|-2 -1 0 0 -2 -1 -1
fragrant .|-2 -1 4 -4 -2 -1 0
freekeh|2 -2 1 -2 -1 -3 -1
freeze|3 1 -6 -5 -6 -2 -4
freeze .|2 -1 -3 -2 -2 -1 -1
freeze flat|3 -3 -3 -2 -2 -3 -1
freeze in|3 -1 -3 -3 -2 -5 -2
freezer|-2 1 1 -3 -4 0 -4
freezes|-1 -3 1 -2 -2 0 -2
fresh|-1 -4 -1 2 -3 -1 -2
fresh water|-1 -4 -1 2 -3 -1 -2
fridge|4 1 -8 -9 -9 -1 -7
fridge #|-1 3 -4 -3 -4 0 -4
fridge ,|3 -2 -3 -4 -2 -3 -3
fridge .|3 0 -6 -6 -6 -2 -4
fridge for|0 -1 -2 -2 -2 1 -4
fried|-1 -2 -3 1 -3 0 -3
from|-1 -4 2 2 -4 -6 -4
from heat|-1 3 -2 -4 -2 -3 -1
from the|0 -4 2 0 -4 -5 -5
from time|0 -1 -2 1 -1 0 0
fronds|2 -3 -2 -1 -2 -2 -1
frozen|1 -3 1 0 -4 -3 -4
fruit|1 0 -2 -2 -2 -1 -1
fruit .|0 -1 -1 -1 -1 0 -1
fry|-10 -9 5 1 -7 -7 0
fry #|-3 -4 4 -3 -3 -3 0
fry for|-2 -2 4 -5 -3 -1 -2
fry in|-2 -2 1 -1 -4 -2 -3
fry onion|-3 -2 4 -6 -3 -2 -5
fry onions|-1 -2 3 -4 -2 -2 -4
fry the|-4 -3 1 1 -1 -3 -2
fryer|-4 -4 -4 -4 -4 -4 4
frying|-2 -1 2 0 -3 -3 -1
frying pan|-4 -2 2 0 -4 -4 -2
full|0 -2 -3 -2 1 0 -2
fully|-2 2 -1 -1 -2 -1 0
further|-4 -3 -2 1 2 -2 -4
further #|-3 -3 0 -1 2 -2 -3
g|1 0 -5 2 0 -4 -3
g ,|0 0 0 -2 -2 -3 0
g .|3 -1 -2 -2 -2 -3 -1
g of|1 0 -1 -2 0 -2 -1
g rice|3 -3 -3 -2 -2 -2 -2
garam|1 1 -4 1 -2 0 -1
garam masala|1 1 -4 1 -2 0 -1
garlic|-3 -9 2 -1 -2 1 -6
garlic #|1 -4 1 -3 -4 -5 -4
garlic ,|-2 -3 3 -8 0 1 -5
garlic .|1 -2 -2 -2 -2 0 -2
garlic ;|-2 -1 4 -5 -1 -2 -1
garlic and|0 -4 0 0 -6 -2 -1
garlic cloves|3 -1 -3 -2 0 -3 -1
garlic for|-2 -2 2 -1 -2 -3 -1
garlic in|-2 -2 -1 1 -4 0 -1
garlic is|1 -1 -1 0 -2 -1 -1
garlic out|-1 -2 -3 0 -1 1 -1
garlic paste|0 -3 1 -4 -3 -4 -2
garlic powder|-1 -2 -2 -1 -3 1 0
garlic spices|-2 -2 2 -2 -3 -2 -1
garnish|3 -2 -4 -2 -2 -4 -2
gas|5 -4 -4 -4 2 -3 -2
gas #|5 -5 -3 -4 0 -3 -2
gas mark|2 -1 -1 -2 1 -1 -1
generously|-1 -1 0 0 -1 -2 -1
gentle|-3 -5 0 3 -4 -2 -2
gently|-2 -4 -11 12 -5 -4 -4
gently #|-1 -2 -2 2 -2 -1 -1
gently ,|1 -1 -3 2 -1 -1 -1
gently for|-2 -2 -7 7 -3 -1 -1
gently fry|-1 -2 -6 6 -2 -2 -4
gently in|-3 -3 -4 4 -4 -3 -3
get|1 -3 1 -3 -1 -5 -3
gets|2 -2 -3 1 -1 -3 -1
gherkins|2 -1 -2 -1 -2 -2 -1
ginger|-2 -5 2 -3 -2 0 -2
ginger ,|0 -2 0 -2 -4 1 -1
ginger .|0 -2 1 -2 -3 -5 -1
ginger and|-1 -2 1 0 -3 0 -1
ginger garlic|0 -3 1 -4 -2 -1 -2
give|-1 -2 0 -1 1 -4 -2
give it|-2 -2 0 -1 1 -3 -1
giving|-1 -1 -1 0 1 -1 0
glass|3 -1 -2 -1 -2 -2 0
glasses|2 -2 -1 -1 -1 -1 -1
glaze|2 -3 -1 0 1 -5 -4
glossy|-1 -1 -4 3 -1 -1 -1
gloves|1 -1 -1 -1 -1 -1 -1
glug|-1 0 -1 1 -1 -1 0
gnocchi|1 -3 -2 -2 0 -3 -3
gnocchi ,|-2 0 1 -2 1 -1 0
go|0 -1 0 2 -2 -3 -2
go in|-2 -1 2 -1 -1 -1 -1
gochugaru|-1 -2 0 -2 -2 1 -1
gochujang|-1 -1 2 -3 -2 -2 -1
gochujang ,|-1 -1 2 -3 -2 -2 -1
goes|-2 -4 2 -2 -2 -1 1
goes in|-2 -2 1 -2 -1 -1 1
going|-1 -2 2 -2 -2 -2 1
gold|-1 -2 0 0 0 -2 -3
golden|-3 -5 1 -2 1 -2 -2
golden ,|-2 -2 -1 1 -3 -2 -1
golden .|-2 -3 2 -5 1 -1 -1
golden and|-1 -1 0 -2 1 -1 -1
gone|-1 -2 2 -2 -2 -3 -1
gone .|-3 -3 1 -1 -3 -3 -1
good|2 -3 -1 -1 -2 -4 -4
good pinch|0 -2 -2 1 -2 -2 0
gradually|-3 -2 2 -2 -2 -3 -2
gradually add|-4 -2 -3 3 -2 -1 0
grains|2 -1 -2 -1 -2 -2 0
gram|-1 1 1 -2 0 1 0
grams|-2 -2 2 -2 -1 0 0
grate|0 1 0 -3 -2 -2 -1
grate the|3 0 -3 -1 -1 -3 -1
grated|1 -1 -1 -2 -2 -5 -4
grating|0 -1 -2 -2 -2 0 0
gravy|0 -3 2 -1 -3 -2 -1
grease|1 -2 0 -3 -3 -4 -2
greased|0 -2 -4 0 -1 -4 -2
greased #|1 0 -3 -1 -3 -3 -1
green|-1 -3 0 0 -2 -1 -2
greens|0 -2 2 -3 -4 -4 -3
greens ,|-1 -1 2 -1 -2 -3 -2
griddle|-3 -3 2 -4 2 -3 -4
grill|0 -6 -7 -7 7 -5 -6
grill for|-3 -4 -3 -4 4 -2 -4
grind|2 -1 -4 -3 -3 -2 -3
grind with|3 -2 -2 -1 -1 -3 -1
ground|-1 -1 2 -3 -2 0 -1
ground spices|-2 -1 2 -3 -2 -1 -1
h|0 1 -7 -3 -1 -3 -6
h #|-3 -3 -3 2 1 -2 -3
h ,|1 0 -3 -2 -3 -4 -4
h .|-4 3 -2 -3 -1 0 -3
half|-4 1 -3 1 0 1 -3
half ,|3 -3 -2 -1 0 -3 -3
half .|-7 -2 -8 6 -1 1 -3
half a|1 0 -3 -2 -1 -4 -4
half an|-4 2 -1 0 -2 -3 -3
half covered|-2 -3 -1 2 -1 -1 -1
half of|-2 1 -3 -4 -2 2 -4
half on|-1 1 -2 -1 -3 -2 -2
half the|-1 -2 0 -3 0 0 -2
half with|0 -2 2 -3 -3 0 -1
halfway|-3 -4 1 -1 2 -2 -2
halfway .|-2 -2 -3 0 1 -1 -1
halfway through|-1 -2 -3 -2 2 -1 -1
halve|3 -3 -4 -2 -1 -3 -2
halve the|1 -2 -2 -1 0 -2 -1
halved|1 -4 -1 -2 -1 -3 -6
hand|1 -2 -4 -4 -3 1 -2
hand .|3 -3 -2 -2 -2 -3 -3
handful|0 -1 -1 -1 -2 0 -2
handle|0 1 -3 -3 -2 -3 -3
hands|1 0 -1 -1 -2 -3 -2
hands ,|0 -2 0 -2 -2 -2 -1
hands .|1 0 -1 -1 -1 -2 -1
hanout|1 -1 -1 -1 0 -1 0
hard|0 -5 -4 5 -6 -5 -4
hard #|-1 -1 -2 2 -2 -1 -1
hard for|-4 -4 -3 4 -3 -3 -3
hard in|-1 -2 2 -2 -2 -1 -1
hard into|2 -2 -2 -1 -1 -2 -1
harissa|1 -2 -2 -2 1 -4 -2
has|2 0 -1 1 -4 -4 -2
has gone|0 -1 1 -1 -2 -2 -1
have|1 0 -1 0 -2 -1 -1
hazelnuts|1 -3 -1 -4 0 -2 -3
head|-2 -2 -1 2 -2 0 -2
headspace|2 -1 -3 -2 -2 -2 -1
heaped|1 -1 -2 -1 -1 -2 -1
heat|0 1 0 0 -6 -4 -2
heat #|-5 2 2 -2 -5 -4 -5
heat ,|-4 4 -1 -1 -2 -1 -4
heat .|2 -2 1 -6 -2 -7 -5
heat ;|-1 -1 1 -1 -1 -1 0
heat a|-3 -2 3 -3 -3 -3 -2
heat and|1 1 -2 1 -2 -2 -1
heat for|-3 -6 -1 3 -5 -3 -5
heat half|-3 -1 0 1 -2 -3 -1
heat oil|1 -3 -1 -2 -5 -4 0
heat oven|2 -3 -4 -3 -1 0 -2
heat the|2 -4 0 1 -10 -4 -2
heat through|-3 -4 4 -3 -3 -3 -4
heat to|-2 1 0 0 1 -1 0
heavy|-4 1 5 -4 -4 -4 -3
heavy pan|-2 -2 2 -2 -2 -2 -1
heavy pot|-2 -2 3 -3 -2 -2 -2
herbs|1 -5 -2 -3 -3 0 -4
herbs ,|0 -3 -1 -3 -1 1 -3
herbs .|3 -2 -2 -1 -3 -3 -1
high|-3 -7 2 -8 -1 2 0
high ,|-2 -1 -2 -2 1 1 -2
high .|-2 -2 0 -3 -4 2 -3
high heat|-3 -5 5 -6 -2 -5 -6
hing|3 -1 -3 -2 -2 -2 -2
hot|-5 -1 5 -1 0 -4 -4
hot ,|-1 0 1 -1 -4 -4 -4
hot .|-3 1 1 -2 -4 0 -4
hot into|-2 -2 2 0 -3 -4 -2
hot oil|0 -2 0 -3 -1 -3 -1
hot pan|-2 -2 2 -3 0 -2 -1
hot sauce|-2 -1 3 -2 -3 -3 -2
hot stock|-1 2 -1 -1 -2 -2 -2
hot water|4 1 -5 -2 0 -4 -3
hour|-8 4 -4 0 0 -5 -4
hour ,|-2 -2 -1 2 0 -2 -3
hour .|-5 1 -4 -1 1 -3 -3
hour and|-2 -2 -2 1 1 -2 -1
hour before|-3 4 -2 -3 -3 -2 -1
hour or|-3 1 -1 -1 0 -1 -1
hours|1 0 -8 -5 1 -7 -8
hours ,|0 -2 -4 -2 1 -4 -3
hours .|2 -1 -5 -5 2 -4 -6
hours before|-1 1 -1 -2 -2 -2 -2
hours until|-4 3 -3 -1 -3 -3 -2
hr|-7 3 -4 -1 -2 -5 -5
hr #|-1 0 -3 2 -3 -1 -1
hr .|-3 2 -1 -1 -1 -1 -2
hrs|0 2 -4 -4 -1 -5 -5
hrs ,|-4 1 -1 -1 1 -2 -2
i|1 -3 -1 -1 -3 -2 0
ice|1 -3 -2 2 -3 -1 -4
ice bath|2 -3 -3 1 -2 -3 -3
ice water|-1 -2 -2 2 -1 -2 -1
if|-1 -1 -4 -1 0 0 -5
if it|1 -3 -5 -1 0 -2 -1
if needed|0 0 -4 1 -1 -1 -1
if you|-1 1 -3 -3 -1 1 -2
in|-4 -4 2 0 -1 1 -1
in #|0 -1 0 0 -5 -2 -4
in ,|-3 -1 3 0 -3 -3 -6
in .|1 -1 -4 -1 -5 -1 -6
in ;|-1 1 2 -2 -2 -3 -1
in a|-5 -1 2 0 -1 -1 -3
in all|0 1 2 -2 -2 -3 -1
in an|2 -2 -1 -1 0 -2 -1
in big|-2 -2 2 -1 -2 -1 -1
in boiling|-4 -1 0 2 -3 -2 -1
in chunks|1 0 -2 -1 -3 -2 -3
in coconut|0 -2 -4 3 -2 -1 -1
in cold|-2 2 2 -2 -2 -3 -2
in everything|2 0 -4 -1 -1 -4 -1
in flour|-1 -4 3 -6 -4 -3 -3
in foil|0 -1 -2 0 0 -3 -2
in for|-3 -6 2 -3 2 -5 -7
in fresh|-1 -2 -2 2 -2 -1 -1
in fridge|1 2 -3 -3 -3 -3 -3
in half|0 -3 2 -6 0 -2 -1
in hot|1 0 -2 -3 0 -4 -3
in it|3 -4 -2 -4 1 -4 -5
in just|1 2 -3 -3 -2 -2 -1
in milk|0 -2 3 -4 -1 -3 -1
in oil|-2 -4 2 -1 -5 -1 -6
in pan|-4 1 2 -3 -3 -3 -3
in plenty|-1 -2 -1 1 -2 -2 -2
in salt|4 -1 -4 -2 -2 -4 -1
in salted|-2 -2 -4 3 -2 -2 -3
in sesame|3 -1 -3 -2 -1 -2 -1
in spinach|-1 -3 1 -3 -2 -3 -2
in spots|-1 -2 -2 -1 2 -1 -2
in the|-3 -4 -1 -1 1 2 1
in their|2 -3 0 -1 -3 -4 -3
in thin|3 -2 -2 -3 -2 -3 -2
in tin|-1 2 -2 -2 -3 -1 -1
in two|-1 -2 2 -4 -3 0 -1
in vinegar|1 -1 -2 -2 -1 0 -1
in water|1 0 -1 -1 -3 0 -3
in with|2 -3 -3 2 -4 -5 -3
in your|-4 -1 4 -4 -2 -2 -2
inch|1 -3 -1 -3 -3 -3 -2
inches|0 -1 0 -1 0 -2 -1
ingredients|2 -2 -3 -1 -4 0 -2
ingredients and|1 0 -3 1 -2 -2 -3
ingredients in|-1 -2 1 -3 -2 0 -2
ingredients until|1 -3 -3 -2 -3 0 -2
inside|2 -2 -4 -3 1 -4 -3
into|-1 -1 1 -5 -1 0 -5
into #|-1 1 -3 -3 -5 1 -3
into a|-1 -2 2 -3 -3 0 -1
into an|2 1 -3 -2 -4 -3 -1
into dry|3 -2 -4 -2 -2 -3 -2
into flour|2 -1 -2 -1 -1 -3 -1
into the|-1 -1 1 -4 1 -2 -2
iron|0 -1 -3 -3 2 -2 -2
iron pot|-2 -1 -1 -3 1 -1 -2
is|1 -4 -1 0 -3 0 -2
ish|3 -2 -3 -1 -2 -4 -2
it|0 1 -3 -2 -1 1 -3
it ,|-2 0 -3 -2 0 -1 0
it .|0 -4 -4 -1 -1 2 -2
it a|1 -3 -1 -2 1 -1 -2
it all|3 -4 -2 -1 -4 -4 -4
it bubble|-5 -5 0 3 -4 -4 -2
it cool|1 -2 2 -2 -2 -3 0
it doesn|1 -1 -2 1 -3 -2 -1
it for|-4 -4 1 0 0 -3 -3
it gets|2 -2 -3 1 -1 -3 -1
it goes|0 -2 1 -1 -2 -3 0
it in|-1 -3 -2 -1 1 0 0
it is|0 -2 -1 -1 -1 1 -1
it looks|-2 -2 -3 -1 0 2 -1
it over|-2 0 2 -3 -2 -1 -1
it rest|-1 1 -1 -2 -1 -1 -1
it s|-1 -1 1 -4 -1 0 -2
it should|2 -2 -3 1 -2 -1 -1
it sit|-3 4 -4 -3 -2 -2 -2
it smells|-2 -1 4 -4 -1 -2 -2
it stand|-2 2 -1 -2 -1 -1 -1
it thickens|-2 -1 0 0 -4 -2 -3
it to|-1 -1 -2 0 -1 1 -1
it up|-1 -1 -4 1 -2 1 -1
it will|-2 0 1 -1 -1 -2 0
it with|0 -3 -2 -1 -2 0 0
its|-1 -6 1 0 -3 -1 -4
its skins|-1 -1 1 0 -1 -2 0
itself|-1 2 -2 -2 -2 -2 -2
jackfruit|1 -2 0 -2 -1 -1 -1
jaggery|2 -3 -3 2 -3 -2 -3
jalapeños|1 -1 1 -3 -1 -2 -1
jammy|-1 -1 -2 2 -2 -1 0
jar|2 -1 -1 -3 -5 -2 -3
jar ,|2 -2 -4 -2 -3 0 -2
jar .|3 0 -2 -3 -3 -6 -2
jars|0 -3 0 0 -3 0 -1
jars ,|3 -1 -5 0 -2 -2 -1
jug|0 -1 -3 -1 -1 1 -1
juice|-1 0 -4 -7 -4 1 -1
juice ,|-1 -4 -6 -2 -3 1 -2
juice .|0 -4 -1 -4 -3 0 -2
juice and|-1 0 -1 -4 -2 -1 1
juice of|1 -2 -3 -1 -3 0 -2
juice to|-3 2 -3 -2 -1 1 -2
juices|2 -1 -2 0 -3 -3 -2
jump|-1 0 1 -2 -1 -1 0
just|-1 -2 -2 3 -2 -5 -1
just before|0 -2 -2 1 -1 -2 -1
just tender|-2 -1 -2 1 0 -1 -1
kala|0 -3 -3 0 -2 -2 -2
kala namak|0 -3 -3 0 -2 -2 -2
kale|3 -6 0 0 -5 -6 -6
kale and|-4 -4 2 -1 -3 -3 -3
keep|0 -1 -7 -4 2 -1 -4
keep #|2 -5 -3 -4 -3 -1 -2
keep the|1 -2 -4 0 -3 0 -1
keep warm|0 0 -6 -4 2 -5 -2
keeping|0 0 -2 -1 -2 -3 0
keeps|0 -2 -2 -1 -2 0 -1
kernels|0 -4 2 -4 -3 -3 -3
kg|1 -1 0 -2 1 -3 -2
kilo|1 -1 -2 -1 -1 -1 -1
kimchi|0 -3 3 -4 -3 -3 -3
kitchen|1 1 -3 1 -3 -2 -1
kitchen paper|1 1 -3 1 -3 -2 -1
knead|7 -6 -7 -7 -6 -7 -8
knead #|5 -6 -5 -4 -5 -5 -5
knead for|3 -4 -3 -2 -3 -2 -4
knife|-1 -2 -1 -1 1 -1 -3
knock|1 1 -2 -2 -2 -1 -2
kombu|1 1 -1 -1 -4 -5 -5
kombu in|-2 1 -1 0 -2 -2 -4
l|-1 -4 1 -1 -6 -1 -5
l jar|2 -1 -2 -1 -1 -2 -1
label|0 -2 -1 -1 -2 0 -1
ladle|0 -2 -1 2 -2 -5 -2
ladleful|0 -1 0 -2 -1 -3 0
large|-1 -1 1 0 -1 -6 -3
large baking|2 -1 -2 -1 -1 -1 0
large bowl|3 0 -3 -1 -2 -3 -1
large casserole|2 -1 -1 -2 -1 -2 -2
large frying|0 0 -2 2 -1 0 0
large pan|-4 -1 1 1 -1 -2 -1
large pot|-5 -4 5 -4 -4 -3 -1
large saucepan|-2 -1 1 0 -1 -1 0
largest|1 0 2 -3 -1 -1 -1
last|0 -5 -2 -1 2 -1 -6
last #|-2 -5 -3 1 2 -5 -6
last .|1 -2 -4 -2 -2 0 -2
lay|3 -3 -1 -1 -2 -3 -2
lay the|2 -3 -3 -1 -1 -1 -1
layer|0 0 -3 -4 1 -5 -2
layer in|2 -2 -3 -2 0 -2 -3
lb|-1 -3 0 -3 1 -3 -3
lb loaf|1 -1 -1 -1 0 -1 0
leaf|-2 -2 1 1 -2 -1 -1
leaf ,|-2 -2 1 1 -3 -2 -2
leaf .|1 -1 -1 0 -1 -1 -1
leaf and|-1 -1 -1 1 -1 0 0
least|1 1 -3 -5 -5 -4 -4
least #|2 0 -3 -4 -4 -3 -3
leave|-1 5 -6 -6 -6 -2 -2
leave #|-2 3 -7 -1 -7 -7 -9
leave at|2 -2 -2 -2 -2 -2 -3
leave for|-5 5 -3 -3 -5 -3 -4
leave in|0 0 0 -4 -1 -5 -2
leave it|0 0 -4 -2 -3 0 -1
leave on|1 1 -4 -2 -5 -4 1
leave the|2 -2 -2 0 -3 -2 -1
leave to|1 2 -4 -4 -5 -1 -1
leaves|0 -3 0 1 -3 -4 -4
leaves ,|1 0 -5 0 -1 -3 -4
leaves .|3 -2 -2 0 -2 -2 -2
leaves and|-1 -3 2 -3 0 -2 -4
leaving|1 -2 -3 -2 -2 0 -1
leek|-5 -5 0 3 -3 -3 -2
leek and|-1 -2 1 -1 -1 -2 -1
leek in|-2 -2 -2 2 -3 -2 -5
leeks|-1 -4 -2 3 -5 -1 -5
leeks ,|0 -2 1 -1 -2 -2 -2
leeks and|-1 -2 1 -1 -1 -2 0
leeks in|1 -3 -2 2 -3 -3 -2
left|1 -3 -3 2 -3 -3 1
leftover|-1 -1 1 -1 0 -2 -1
lemon|-2 1 -1 -4 -7 2 -4
lemon ,|-1 1 -3 -2 -3 1 -3
lemon .|2 -3 -2 -2 -3 -1 -2
lemon and|-1 -3 1 0 -3 -1 -1
lemon juice|-1 1 -3 -4 -4 0 -3
lemon zest|0 0 -3 -1 -1 0 -1
lemons|0 -4 -4 -3 -3 1 -2
lemons ,|-1 -1 -3 -2 -2 1 -1
lengthways|1 -1 -1 -1 -1 -1 0
lentils|-1 -6 0 1 -2 -4 -4
lentils #|1 -4 -2 3 -2 -3 -2
lentils ,|2 -6 -1 0 -5 -4 -6
lentils .|1 -2 0 -3 -2 -2 -2
lentils and|-3 -2 1 0 0 -3 -2
lentils are|0 0 0 1 -1 0 0
lentils have|1 -1 -1 1 -1 -1 -1
lentils in|-3 -4 1 1 -2 -3 -3
let|-1 5 -3 -2 -7 -3 -4
let cool|-1 0 0 -5 -4 0 -2
let it|-3 2 -1 -1 -6 -7 -4
let rise|-2 2 -1 -2 -1 -1 -1
let sit|-3 3 -3 -4 -2 -1 -1
let stand|1 1 -4 -3 -2 -1 -1
let the|0 1 -2 1 -3 -2 -1
let them|-1 0 -1 0 -1 -2 -1
lid|-4 -1 -6 4 0 -7 -2
lid ,|1 -3 -1 -2 0 -2 -3
lid .|1 0 -1 -2 -2 -5 -5
lid ajar|-2 -3 -2 3 -4 -2 -2
lid half|-1 1 -2 -1 -3 -2 -2
lid off|-3 -2 -4 2 1 -2 -3
lid on|-8 1 -5 4 0 -4 -5
lidded|-2 0 1 -2 0 -5 -3
lids|-1 -2 0 1 -2 -3 -1
lift|3 0 -1 -4 -4 -4 -2
lift out|2 -1 -1 -3 -3 -3 -1
lightly|-1 2 -1 -1 -3 -3 -2
lightly .|-1 -3 2 -3 -1 -3 0
like|-1 -5 -4 -1 -4 2 -1
like #|0 -3 -2 -1 -3 0 0
like coarse|-2 -2 -2 -2 -1 2 -1
lime|0 -3 -2 -3 -6 0 -2
lime ,|3 -2 -4 -1 -2 -3 -1
lime .|2 -4 -1 -4 -4 -6 -3
lime and|0 -2 -4 -2 -2 1 -1
lime juice|-2 -1 -2 -4 -3 1 0
line|5 -2 -4 -2 -5 -3 -2
line a|3 -1 -3 -1 -4 -1 -1
lined|0 -4 -5 -1 3 0 -5
lined #|-1 -3 -3 -2 3 0 -4
lined tray|1 -1 0 -2 1 0 0
liquid|-1 -4 -1 -1 0 1 -4
liquid ,|-2 -2 -2 2 -1 1 -1
liquid .|2 -1 -1 -4 -3 -1 -1
liquid and|-1 -2 1 0 -1 -3 -1
liquor|3 -1 -3 0 -3 -4 -1
liquor .|2 -1 -2 -1 -3 -3 -1
litre|2 -4 -2 -3 -1 1 -2
litre dish|1 0 -1 0 -1 -1 0
litres|0 -1 1 -1 -1 -2 -1
litres of|-1 -1 1 -1 -1 -1 -1
little|-1 -1 1 -1 0 -2 -1
little .|1 -2 -1 -3 -2 0 -2
little oil|-2 -1 3 -4 -2 -1 -1
ll|0 2 -2 -2 -3 -2 -2
loaf|0 0 -2 -1 0 -3 -1
loaf tin|0 0 -2 -1 0 -3 -1
lock|1 -2 1 -2 -3 -3 -3
log|2 -3 -2 1 -2 -2 -1
log ,|2 -3 -2 1 -2 -2 -1
logs|-1 -1 -1 1 -1 -1 -1
long|-1 1 -3 2 -1 -1 0
longer|-20 10 -13 -1 1 -11 -1
look|-1 -1 -1 0 0 0 0
looks|-2 -2 -3 -1 0 2 -1
looks like|-2 -2 -2 -1 -1 2 -1
loose|-1 -1 1 -2 -2 1 -2
loosen|-2 -3 1 -1 -4 -1 -2
loosen with|0 -2 1 -4 -3 -5 -1
loosening|1 0 -1 -1 -1 -1 0
lot|-2 0 1 -2 -2 1 -1
lots|1 -3 0 2 -3 -3 -2
lots of|0 -3 -3 3 -2 -2 -1
low|-4 -2 -3 6 -6 -7 -7
low #|-2 -2 2 -2 -3 -2 -2
low ,|-2 -4 2 0 -5 -2 -1
low .|-3 -2 -2 4 -5 -3 -4
low flame|-3 -3 -4 4 -2 -2 -3
low for|-4 1 -1 -1 -4 -1 -3
low heat|-3 -5 -4 5 -5 -3 -4
low oven|1 -1 -3 -2 0 -3 -1
lower|-2 -4 -1 -1 2 -3 -2
lower the|-2 -3 -1 -2 3 -2 -2
lowest|-3 -8 -5 6 -4 -2 -3
lowest flame|-2 -4 -2 3 -5 -1 -2
lowest heat|-2 -7 -4 6 -5 -3 -6
lukewarm|-1 2 -4 -2 -3 0 -2
lumps|0 -2 -3 0 -2 0 -1
lunches|2 -1 -2 -1 -1 -2 0
machine|3 -4 -3 -3 -3 0 -4
make|1 -1 0 -3 -2 -2 -1
make a|1 0 -2 -2 -1 0 0
make the|-1 1 2 -3 -1 -2 -1
makes|-1 -1 -2 -1 -1 1 0
mandoline|2 -1 -2 -1 -1 -3 -1
maple|1 -2 -2 0 -3 -1 -2
maple ,|2 -2 0 -1 -2 -4 -2
maple syrup|1 -1 -4 0 -1 0 -1
marg|-3 -5 2 2 -4 -3 -3
margarine|0 -4 0 0 -5 -1 -4
margarine ,|-3 -3 3 -1 -3 0 -3
marge|1 1 1 -3 -1 -4 -2
marinade|-2 -2 0 -2 -1 0 1
marinate|-1 3 -2 -3 -3 -3 -2
mark|-1 -1 -2 -2 2 -1 -1
mark #|-1 -1 -2 -2 2 -1 -1
masala|1 1 -3 1 -2 -1 -1
masala ,|2 1 -3 1 -1 -3 -1
mash|0 -2 1 -3 -6 0 -4
mash ,|1 1 -1 -1 -1 -1 -1
mash .|2 0 1 -2 -2 -4 -4
mash a|1 -2 0 -1 -2 -5 -3
mash and|1 -3 1 -2 -2 -2 -3
mash roughly|-1 -3 1 -1 -2 0 -1
mash the|2 -1 -2 -1 -1 -3 -1
mash with|-2 0 -4 0 -2 0 -2
mashing|0 -2 -1 1 -1 -2 0
massage|5 -3 -7 -6 -5 -5 -5
massage with|1 0 -3 -3 -3 -3 -2
max|-3 -1 -2 -2 -2 2 -1
maybe|-1 -1 1 -3 -2 1 0
mayo|0 -1 -2 -2 -1 0 -1
meal|-2 1 -1 -1 -1 1 -1
meantime|-3 -2 -1 1 0 -2 -3
meanwhile|-3 -2 0 0 -1 -3 -1
meanwhile ,|-3 -1 0 1 -7 -1 -3
measured|-2 0 -2 -2 -2 -1 1
med|0 -2 3 -5 -2 -4 -3
medium|-9 -4 7 -1 -2 -5 -2
medium ,|-1 -1 -1 2 -2 -1 -1
medium .|-5 -3 5 -5 -5 -4 -4
medium heat|-6 -2 3 -1 -3 -2 -1
medium high|-3 -1 2 -2 -1 -2 -1
medium low|-1 -2 4 -4 -2 -1 -1
melt|-6 -5 4 1 -5 -1 -3
melt butter|-3 -1 3 -4 -2 -2 -1
melt margarine|-4 -1 3 0 -2 -4 -3
melt the|-2 -3 -1 2 -2 -3 -1
melted|-2 2 0 -3 -2 -3 -1
microwave|-3 -5 -5 -5 -5 -4 5
middle|1 -1 0 -2 0 -3 -1
milk|-1 3 -1 -3 -7 -1 -3
milk ,|0 -1 0 -1 -5 -1 -4
milk .|1 2 -4 -5 -2 -1 -1
milk and|-2 1 -1 0 -3 -5 -3
milk to|0 -1 0 0 -2 -2 0
millet|3 -2 -3 -2 -1 -2 -2
min|-9 1 1 1 0 -4 0
min (|-1 -2 2 -1 0 -4 -5
min ,|-10 1 0 0 0 -3 1
min .|-4 0 3 -2 0 -4 -6
min ;|-3 0 1 0 -4 -2 -4
min at|-3 -1 -3 0 1 -3 0
min before|-5 1 -3 1 -3 -3 -3
min each|-1 -2 3 -4 -3 -1 -3
min in|-1 2 -2 -2 0 -5 -7
min lid|-2 -2 -4 4 -5 -1 -2
min more|-8 -7 1 1 2 -6 0
min on|-2 1 -6 1 -4 1 -3
min or|-2 0 -2 1 0 -2 -2
min per|-1 -1 2 -3 -2 -1 -2
min rest|-5 4 -3 -3 -3 -4 -2
min simmer|-1 -2 -2 2 -4 -1 -2
min so|-4 2 -2 -3 1 -1 -3
min stirring|-1 -1 2 -2 1 -2 -2
min till|0 0 -1 0 -2 -1 -2
min to|-4 0 0 -1 -1 -2 -4
min under|-3 2 -3 -3 1 -2 -2
min until|-4 -5 -1 3 -1 -2 -2
min with|1 0 -2 -2 -2 -4 0
min without|-2 -2 3 -3 -1 -2 -2
mince|0 1 -2 0 -3 -1 -2
mins|-11 1 0 1 0 -6 -8
mins ,|-5 1 -2 0 -1 0 -3
mins .|-6 -2 0 0 1 -9 -6
mins before|-4 3 -4 0 -3 -2 -2
mins each|-2 -2 0 0 0 -2 -1
mins more|-5 1 1 -1 -2 -3 -3
mins or|-2 0 -2 2 -2 -2 -1
mins till|-4 -4 0 0 2 -3 -2
mins to|-3 1 -2 -1 -1 -3 -1
mins until|-3 -3 -2 2 0 -2 -1
mint|-2 0 1 -4 -4 0 -3
mint ,|-2 -2 1 -1 -2 1 -2
mint .|0 0 -1 -2 -3 -1 -2
minute|-5 -1 4 -3 -6 -2 -3
minute ,|-5 -5 6 -5 -3 -3 -1
minute .|-5 0 2 -2 -5 -1 -3
minute more|-2 -1 0 0 -2 -2 0
minute until|-3 0 4 -4 -1 -1 0
minutes|-8 2 -1 2 0 -6 0
minutes (|0 -2 -2 2 -1 -1 -2
minutes ,|-4 2 -2 0 -3 -1 -1
minutes .|-7 3 0 -2 0 -10 1
minutes ;|-3 0 0 1 0 -2 -4
minutes and|-5 -1 1 1 -3 -3 -5
minutes before|-7 4 -2 -3 -3 -2 -3
minutes each|-1 -1 1 -2 1 -1 -1
minutes in|-2 -1 -1 1 1 -1 -1
minutes longer|-2 -2 0 0 0 -1 -2
minutes more|0 -5 0 -2 2 -5 -8
minutes on|-3 -2 -4 3 -3 -3 -3
minutes or|-3 0 -2 1 1 -2 -2
minutes till|-1 -2 2 -3 1 -2 -1
minutes to|-4 2 -5 2 -1 -3 -2
minutes until|1 -4 1 -3 0 -1 -3
minutes with|1 -1 -3 2 -1 -3 -4
mirin|1 -2 -3 1 1 -2 -1
miso|0 -3 -4 -2 1 0 -1
miso ,|0 -2 -2 -2 1 -1 -1
mix|2 -1 -1 -5 -2 -1 -5
mix #|1 -2 -4 1 -4 -5 -5
mix .|0 -2 2 -3 -3 -1 -2
mix all|0 0 -4 -2 0 -1 -3
mix dry|3 0 -3 -2 -3 -4 -2
mix everything|3 1 -4 -1 -3 -4 -1
mix flax|-3 3 -3 -2 -2 -1 -3
mix in|1 -1 -3 -2 0 0 -1
mix the|1 1 1 -4 0 -5 -1
mix wet|1 1 -2 -2 -1 -3 -1
mix with|-2 -1 1 -3 0 2 -1
mixed|-2 -2 1 -1 1 -1 -1
mixer|3 -3 -3 -2 -3 -3 -3
mixer .|2 -2 -3 -1 -2 -3 -3
mixture|-2 -2 2 1 -1 -3 -2
ml|-1 -1 -3 0 -2 0 -2
ml ,|1 -3 -4 0 -1 -1 -1
ml .|1 -4 -2 -4 -3 0 -1
ml boiling|-2 2 -1 -3 -1 -1 -1
ml oat|-2 0 0 -2 -2 1 -1
ml of|-1 -1 -2 0 0 0 -2
ml oil|-1 -2 1 -2 1 -2 -4
ml olive|-1 -1 -2 -1 -1 1 -1
ml water|-3 -7 -1 2 -5 1 0
mm|4 -3 -3 -3 0 -3 -2
mm .|2 -2 -2 -2 -2 -2 -1
mode|-3 -2 3 -2 -2 -2 -3
molasses|2 -1 -2 1 -2 -2 -1
months|0 -3 0 -3 -3 0 -4
months .|0 -3 0 -3 -3 0 -3
more|-4 -5 1 0 2 -6 -2
more ,|-3 -2 1 -1 1 -1 -1
more .|-10 -2 1 -2 2 -8 -2
more often|-1 -1 -3 2 -3 -1 -1
more oil|1 -2 -4 -2 0 0 -1
more until|1 -3 -4 0 -1 -4 -3
morning|2 -2 -2 0 0 -4 -2
most|0 -1 -1 1 -1 -1 -1
most of|0 -1 -1 1 -1 -1 -1
motor|2 -1 -2 -1 -2 -2 0
much|1 -4 0 1 -2 -2 -1
muffin|0 -3 -2 -2 2 -2 -2
mug|-1 -1 0 -1 -1 1 0
mugful|2 -2 -3 -3 -1 -2 -1
mush|-1 -2 -1 -1 1 -1 0
mushroom|-1 -1 3 -2 -2 -1 0
mushrooms|-1 -5 3 -3 -5 0 -6
mushrooms ,|-2 -3 3 -3 -3 -1 -4
mushrooms and|0 -2 -1 -1 -3 0 -1
mushrooms in|-2 -2 2 -2 -2 0 -2
mushy|1 -2 -1 -2 -2 -1 -1
muslin|-1 -2 1 0 -2 -2 -1
must|2 -1 -2 -2 -2 -2 -1
mustard|3 -2 -4 -3 -5 -1 -3
mustard ,|2 -2 -4 0 -3 -1 -2
mustard .|3 -2 -3 -2 -1 -3 -1
mustard and|1 -1 -2 -1 -2 0 -1
mustard seeds|1 -2 0 -4 -3 -3 -1
namak|0 -3 -3 0 -2 -2 -2
nearly|-3 -2 -2 2 -3 -2 -1
need|-1 -2 0 -2 1 -1 -1
needed|-2 -1 1 -1 -2 0 -4
needed .|0 -3 -4 1 -1 1 -1
needs|2 -3 -3 1 -2 -3 -4
nero|0 -1 2 -2 -3 -1 -2
next|-2 -1 2 0 -5 -5 -2
next day|-2 0 2 0 -4 -5 -2
next morning|2 -2 -3 2 -3 -1 -2
no|0 -2 2 -3 -6 0 -3
no dry|0 2 -3 -2 -1 -2 -1
non|-3 -2 3 -2 -2 -3 -1
non stick|-3 -2 3 -2 -2 -3 -1
nonstick|-2 -1 2 -3 -1 -1 0
nooch|2 1 -3 -2 -3 -2 -2
noodles|1 0 -1 0 -5 -4 -4
noodles #|-2 -2 -3 3 -2 -1 -2
noodles ,|1 1 -2 -3 -1 -1 0
nori|0 1 -2 -2 -2 -2 -2
not|0 0 -3 0 -3 1 -3
nothing but handwork|10 -6 -12 -11 -9 3 -5
now|0 -4 -5 4 -5 -1 -2
now and|1 -3 -4 3 -4 -2 -1
nut|-2 0 0 -3 -2 1 -1
nutmeg|-1 -1 0 -1 -4 1 -2
nutmeg ,|0 0 -1 -2 -2 -1 -1
nutmeg .|-2 -2 1 -1 -2 0 -2
nutritional|-1 1 -3 -1 -2 0 -1
nutritional yeast|-1 1 -3 -1 -2 0 -1
nuts|1 -3 -5 -3 0 -1 -3
nuts ,|0 -2 -3 -1 -2 0 -1
nuts .|2 -1 -3 -1 -2 -3 -1
nuts and|0 -1 -1 -1 0 0 -1
oat|-2 -1 1 0 -4 -1 -3
oat milk|-2 0 1 -3 -3 1 -2
oats|-3 -2 -2 -5 1 3 -2
oats ,|-1 -2 -3 -2 0 2 -1
oats and|0 -1 0 -2 0 -2 -1
occasionally|-3 -2 -5 5 -5 -1 -2
occasionally ,|-2 0 -3 3 -4 -1 -1
occasionally .|-2 -1 -3 3 -1 -1 -1
of|-3 -5 1 0 -1 1 -1
of #|1 -2 -4 -2 -3 0 -1
of a|2 -2 -2 -1 -2 -3 -1
of an|-1 -1 0 0 0 -2 -2
of boiling|-2 0 -3 3 -1 -2 -2
of brown|0 -2 -1 -2 -1 -2 1
of celery|-2 -1 1 0 -2 1 -2
of cold|0 -3 0 -1 -2 -1 -2
of garlic|-2 -2 0 0 -3 0 0
of ginger|-1 -1 -1 0 0 1 0
of it|0 -3 -3 -2 -1 0 -2
of lemon|2 -1 -3 0 -2 -3 -1
of oil|-2 -5 1 1 -1 -8 -3
of pepper|1 0 -2 -1 -1 -2 -1
of salt|-1 1 -1 -2 -5 -1 0
of salted|-3 -3 0 2 -2 -3 -2
of stock|2 -2 0 -1 -2 -3 -1
of sugar|-1 -1 2 -2 -1 -1 -1
of the|-2 -4 -1 -1 -1 1 -1
of their|1 -2 0 -1 0 -3 -1
of water|-2 -4 0 -1 -2 2 0
off|-1 4 -7 -3 2 -3 -8
off ,|2 -2 -4 1 -2 -3 -2
off .|-3 0 0 3 -6 -2 -4
off and|-2 0 -2 -1 2 -3 -1
off heat|-1 4 -5 -4 -4 -1 -3
off the|2 5 -5 -6 -3 -4 -5
often|-2 -5 4 -2 -5 -2 -2
often ,|-1 -1 4 -4 -2 -1 -2
often .|-2 -4 0 0 -4 -2 -3
often so|0 -1 -1 1 -2 0 0
often towards|-1 -1 -2 1 -2 -1 -1
oil|-1 -8 2 -1 0 -1 -3
oil #|1 -6 1 -2 -2 -2 -5
oil (|-1 -1 2 -3 -2 -1 -2
oil ,|-1 -2 0 -3 1 0 -6
oil .|0 -1 0 -2 -4 -3 -5
oil ;|1 -1 0 0 -2 -2 0
oil a|1 -1 0 -3 -4 -3 -2
oil and|2 -2 -2 -5 1 0 -1
oil at|0 -1 -2 -2 1 -2 -2
oil for|2 -4 1 -1 -5 -3 -2
oil in|-5 -3 2 1 -2 -10 -1
oil into|3 -1 -1 -2 -2 -3 -1
oil on|0 -1 -1 -3 1 -1 -4
oil over|-4 -2 1 3 -4 -3 -1
oil salt|0 -2 -1 -2 1 -1 -1
oil till|-1 -2 2 -3 -2 -3 -2
oil to|-1 -2 0 2 -2 -3 -1
oil until|-2 -1 1 0 -2 -2 0
oil with|-3 -3 -4 3 -2 1 -3
oiled|-2 0 1 -3 1 -5 -3
oiled #|3 -1 -3 -2 -4 -3 -1
ok|3 1 -2 -2 -1 -4 -1
olive|1 -2 -1 -4 -2 0 -2
olive oil|1 -2 -1 -4 -2 0 -2
olives|0 -2 -4 2 -1 -4 -4
on|-1 0 -6 1 0 -1 0
on #|-3 1 -5 3 -3 -3 -4
on ,|-6 1 -4 2 1 -4 1
on .|-1 -1 -2 3 -7 -6 -5
on a|1 1 -2 -3 0 -4 -2
on and|0 -1 -1 0 1 -1 -1
on for|-3 0 0 2 -2 -2 -1
on high|-3 -3 0 -3 1 0 0
on kitchen|1 1 -3 1 -3 -2 -1
on low|-4 0 -3 3 -6 -3 -5
on medium|-3 -2 1 0 -3 -2 -2
on paper|2 1 -2 -3 -2 -2 -1
on the|0 -2 0 -1 0 -7 -7
on top|-2 -3 0 1 -4 1 -5
on trays|1 1 -2 -2 -1 -3 -2
on two|0 -2 -2 -2 1 -3 -1
once|-2 -5 -2 -2 3 -2 -2
once ,|0 -2 -2 -2 3 -3 -1
once .|-1 -3 -1 -1 0 -1 -1
one|0 -3 -1 0 -4 1 -4
ones|0 1 -2 -1 -2 0 0
onion|-4 -3 2 -1 -3 1 -1
onion #|-1 -3 1 -4 -4 0 1
onion ,|-3 -4 2 -3 1 0 -2
onion .|-1 -2 1 -4 -2 1 -2
onion and|0 -5 2 -1 -1 -3 -5
onion for|-1 -1 3 -3 -3 -1 -3
onion gently|-1 -2 -4 4 -3 -1 -1
onion in|-3 -1 3 -3 -5 -6 -4
onion pepper|-1 -2 2 -2 -2 -1 -2
onion until|-2 -1 3 -3 -1 -2 -1
onions|1 -8 2 -4 -3 -2 -5
onions ,|1 -5 -2 -2 0 -2 -5
onions .|1 -2 0 -3 -4 -2 -2
onions and|-2 -1 2 -2 -4 0 -1
onions in|0 -5 1 -1 -2 -5 -4
only|-1 -3 -5 4 -4 -1 -3
onto|3 -3 -2 -4 -4 -5 -2
onto a|1 -3 -1 -3 -4 -3 -2
open|-1 -1 0 -1 -5 -4 1
opening|0 -2 -3 1 -2 -3 -4
or|-3 -2 -4 -1 0 4 -5
or it|-3 2 0 -3 -3 -4 -2
or so|-1 0 -3 0 1 -2 -1
or until|-3 0 -1 1 0 -2 -1
or up|0 1 -3 -3 -4 -3 -3
orange|1 -2 -3 -1 0 0 -2
oregano|-2 -2 3 -2 0 -1 -1
oregano ,|-2 -1 -1 1 1 -2 -1
oregano .|-2 -1 2 -2 -3 -3 -1
oregano and|1 -1 0 -2 -1 -1 -1
orzo|2 -1 -2 0 -4 -2 -1
other|-1 -2 1 -2 -3 1 -1
other half|0 -1 -2 -1 -3 1 -1
out|2 -2 0 -5 0 -1 -6
out ,|-1 0 -4 -2 1 0 -1
out .|2 -1 -1 -3 -7 0 -3
out and|-1 2 -1 0 -2 -3 -1
out clean|-1 -1 -1 -1 1 -1 -1
out of|1 -2 -5 -2 2 -1 -5
out on|0 1 -1 -1 -1 -1 -1
out the|0 -1 0 -1 -3 -1 -3
out to|1 0 -2 0 -1 -3 -1
ovals|2 -2 -2 -2 -2 -1 -1
oven|1 -10 -9 -11 8 -6 -8
oven #|4 -8 -6 -6 3 -2 -5
oven (|-3 -3 -1 -2 3 -2 -2
oven ,|-4 -5 0 -4 5 -3 -5
oven .|1 -2 -4 -3 2 -3 -2
oven at|-3 -1 -2 -1 3 -2 -1
oven for|-3 -4 -5 -4 5 -2 -1
oven to|2 -4 -6 -5 0 -6 -3
ovenproof|3 -2 -1 -1 -3 -3 -2
ovenproof dish|3 -1 -3 -1 -3 -3 -2
over|0 -1 -1 0 -1 -6 -5
over #|0 0 -1 -1 0 -1 -1
over ,|1 2 -2 -3 -1 -5 -5
over .|1 -4 1 -5 -2 -6 -2
over a|-2 -4 -1 2 -5 -3 -5
over high|-3 -1 0 -2 1 -2 -2
over low|-4 -3 -3 4 -3 -3 -2
over medium|-6 -4 5 -3 -4 -4 -3
over rice|3 -1 -4 -1 -1 -2 -1
over the|0 1 -3 -1 -1 -2 -2
overmix|1 -1 -2 -1 -1 -3 -1
overnight|5 -3 -6 -5 -3 -5 -4
own|0 -3 1 0 -2 -3 -3
oz|-2 0 1 -1 -1 1 0
p|2 -1 -3 0 -2 -2 -1
pack|2 -3 -2 0 0 -5 -3
pack in|0 -1 1 -3 -2 -2 -1
pack into|2 -1 -3 -1 -1 -1 0
pak|-3 -2 2 1 -3 -3 -2
pak choi|-3 -2 2 1 -3 -3 -2
pan|-13 -4 9 1 -5 -4 -7
pan #|-3 -2 3 -4 2 -4 -6
pan ,|-4 -4 0 3 -3 -5 -2
pan .|-6 0 6 -7 -4 -7 -2
pan and|-3 -2 -2 3 -1 -1 -1
pan for|-3 -1 3 -5 -2 -2 -1
pan of|-2 -1 1 0 -1 -2 -1
pan over|-4 -1 1 1 -3 -3 -1
pan until|-2 -1 -1 0 -1 1 -1
pan with|-6 -4 6 -6 -4 -1 -3
pandan|-2 -2 2 -4 -1 -4 -1
panko|2 -1 -2 -2 -2 -2 -2
pans|-1 0 1 -4 1 -2 -3
paper|0 0 -1 -1 0 -4 -3
paper .|0 -2 -1 1 -3 -3 -2
paprika|0 -4 2 -2 -3 -2 -3
paprika ,|1 -2 2 -3 -2 -4 -2
paprika .|2 -2 -2 -3 -3 0 -1
paprika and|-3 -2 2 0 -2 -4 -1
parboil|-4 -4 -4 4 -2 -2 -4
parchment|0 -2 -1 -1 1 -1 -1
parsley|3 -3 -5 -4 -2 -2 -2
parsley ,|3 -2 -2 -4 0 -3 -1
parsley .|2 -2 -2 -2 -2 -4 -1
parsley and|1 -1 -1 -1 -2 -2 -1
parsnips|1 -2 -1 -2 0 -2 -2
part|-2 0 1 -2 -2 -3 0
partially|-1 -1 -1 2 -2 -1 -1
partially covered|-1 -2 -2 3 -2 -1 0
partly|0 -1 -1 2 -2 0 0
partly covered|0 -1 -1 2 -2 0 0
parts|1 1 -1 -2 -1 -3 0
pass|-1 -2 -3 -1 0 0 -2
passata|-1 -4 0 1 -2 -3 -2
passata ,|1 -2 -4 2 0 -2 -1
pasta|0 -4 -5 5 -5 -1 -5
pasta ,|2 -2 -1 -2 -1 -2 -1
pasta and|-4 -2 -4 4 -3 -1 -1
pasta water|2 -2 -4 -4 -1 0 -1
paste|-1 -6 2 -4 -8 1 -4
paste #|-4 -3 4 -3 -3 -3 -3
paste ,|1 -4 1 -2 -5 -4 -3
paste .|-3 -2 -4 -2 -2 4 -3
paste and|-4 -2 0 1 -2 -3 0
paste in|1 -1 3 -4 -2 -4 -3
paste with|2 -1 -4 -3 -3 0 -1
pastry|0 0 -3 -2 2 -3 -4
pat|1 0 -4 -3 -3 -1 -2
pat dry|0 0 -2 -2 -2 0 -1
patties|0 2 -2 -2 -3 -3 -3
pb|-1 -2 -1 2 -3 -3 -3
peaches|0 1 -2 -1 -2 -1 0
peanut|1 0 0 -3 -3 -4 -3
peanut butter|1 -2 0 -3 -3 -3 0
peanuts|-1 -1 -1 1 -2 -3 -3
pear|0 -1 -1 -1 -1 0 -1
peas|-1 -4 0 2 -6 -1 -3
peas ,|-2 -1 3 -4 -3 1 -2
peas .|2 -2 -3 2 -2 -3 -1
peas and|1 -1 -4 2 -2 -1 -3
pecans|3 -2 -3 -3 -1 -2 -2
peel|0 -1 0 0 -5 -3 -3
peel ,|-2 -2 2 1 -3 -2 -2
peel .|2 -2 -1 -1 -1 -3 -1
peel and|4 -4 -4 -2 0 -4 -1
peel hot|0 1 -2 1 -1 -2 -1
peel the|-1 -2 -2 0 -2 1 -1
peeled|0 -1 0 0 -1 -1 0
people|1 -4 1 -3 -4 -4 -4
pepper|0 -1 0 -3 -2 -1 -5
pepper #|-2 -2 2 -3 -2 -1 -3
pepper ,|-1 0 2 -5 -1 -1 -2
pepper .|2 0 -2 -4 -4 0 -2
pepper and|0 -2 -2 2 -4 -2 -2
pepper flakes|-1 0 2 -1 -3 -1 0
pepper in|-3 -3 4 -5 -3 -4 -3
peppers|-1 -7 -1 0 -2 -1 -5
peppers ,|0 -2 1 -2 0 -2 -2
peppers and|1 -2 -3 1 0 -2 -1
peppers in|0 -2 2 -2 -4 -3 -2
per|2 -3 -1 0 -3 -5 -2
per batch|-1 -1 1 -2 -1 -1 0
per side|1 -2 1 -5 -2 -2 -3
pesto|3 -3 -5 -3 1 -4 -2
pick|-2 -2 0 -3 -2 1 -2
pie|3 0 -2 -1 -2 -2 0
piece|-1 -1 2 -3 -1 -3 -1
pieces|-1 2 -3 -2 -1 0 -1
pieces ,|0 1 -2 -2 0 -2 -3
pieces .|-1 1 -1 -1 -1 0 -1
pile|1 -2 0 -2 -2 -3 -2
pinch|2 0 -1 -2 -5 -3 -4
pinch of|-1 1 0 -1 -3 -2 -2
pinch salt|3 -2 -3 -2 -2 -3 -2
pine|1 -1 -1 -1 -1 -2 -1
pink|2 -2 -3 -2 1 -2 0
place|3 -3 -5 -3 -1 -4 -3
plate|1 0 -1 1 -5 -6 -5
plate .|5 -3 -6 -4 -4 -4 -3
plates|1 0 -3 -1 -2 -3 -1
platter|2 -1 -3 -1 -2 -2 -1
plenty|2 -2 -3 1 -2 -3 -1
plenty of|2 -2 -4 2 -1 -3 -1
plums|2 -1 -3 -2 -2 -2 -1
plus|2 -1 -3 -1 1 -3 0
pod|-2 -2 2 1 -2 -3 -3
point|0 -2 -3 1 -3 -2 -2
polenta|-1 -3 2 -2 -3 -3 -2
polenta ,|2 -2 0 -2 -2 -2 -1
pomegranate|2 -1 -1 -1 -3 -2 0
pop|1 -3 0 -3 1 -3 -1
pop ,|2 -3 -1 -3 -2 -2 -1
porcini|0 0 0 -2 1 -4 -2
porcini ,|1 -2 -3 2 -2 -2 -1
portion|1 -3 -3 0 -2 -2 -2
portion #|-1 -2 -3 1 -2 -1 -1
portions|4 -1 -4 -3 -2 -5 -2
pot|-11 -6 10 1 -4 -4 -5
pot #|-1 -2 0 2 -4 -2 -1
pot ,|-6 -6 4 0 -2 -6 -5
pot .|-7 -1 6 -3 -5 -1 -4
pot and|-3 1 3 -2 -1 -2 -1
pot of|-2 -3 -3 3 -2 -1 -2
pot over|-4 -3 4 -3 -3 -3 -2
pot with|-7 -3 6 0 -5 -5 -1
potato|2 -2 -2 1 -1 -3 -1
potato ,|2 -1 -1 -2 -1 -3 -1
potato and|1 -2 -2 2 -3 -2 -1
potatoes|1 -7 -3 5 -2 -6 -3
potatoes ,|1 -2 -1 -4 0 -2 -1
potatoes .|4 -2 -4 -3 -2 -4 -2
potatoes and|3 -2 -4 2 -3 -3 -1
potatoes are|0 -1 -1 1 -3 -1 -1
potatoes for|-1 -3 1 0 -1 -1 0
potatoes in|-3 -2 0 4 -4 -4 -2
pots|2 0 -4 -2 0 -4 -1
pound|1 -2 -2 -2 -2 0 -1
pour|0 2 -1 -2 -1 -4 -5
pour #|-2 2 1 -2 0 -2 0
pour boiling|-1 3 -3 -4 -1 -2 -1
pour in|-2 -6 -1 1 1 -6 -2
pour into|2 2 -1 -4 -3 -4 -2
pour on|1 1 -1 -3 -1 -2 -1
pour over|1 -1 -2 1 -1 -7 -4
pour the|2 1 -3 0 -3 -3 -1
pourable|2 -1 -2 -1 -1 -3 0
pouring|0 -1 -1 -1 -1 0 0
powder|-1 -2 -1 -1 -2 1 -3
powder ,|1 0 -1 -2 -2 0 -1
powder .|1 -1 -3 -1 -1 0 0
powder and|-1 -3 1 -3 -1 -1 -1
preheat|7 -3 -5 -3 -9 -4 -3
preheat oven|4 -1 -2 -3 -5 -3 -1
preheat the|4 -1 -3 -1 -6 -1 -1
preheat to|3 -1 -2 -1 -4 -2 -1
preserving|-2 -1 2 -2 -1 -2 -1
press|1 3 -4 -7 -5 -2 0
press #|-3 3 -3 -3 -2 -2 0
press down|1 -1 -4 -2 -2 -3 -1
press into|-2 1 -4 -1 -2 1 -1
press the|-3 4 -4 -2 -3 -4 -3
press tofu|-4 3 -2 -3 -3 -2 -6
pressing|1 -1 -2 -1 -1 -3 -1
pressure|3 -3 -3 -2 -3 -5 -3
pressure cooker|2 -2 -2 -2 -3 -3 -4
prick|-1 -1 2 -2 -1 -2 -1
process|5 -2 -4 -4 -4 -3 -4
processor|-5 -4 -6 -4 -4 7 -4
processor ,|0 -3 -4 -3 -3 3 -4
properly|1 -2 2 -3 -1 -2 -2
prove|-3 5 -4 -5 -5 -4 -5
prove #|-3 4 -4 -4 -3 -3 -3
puffed|0 1 1 -2 0 -2 -1
pulse|-7 -4 -6 -4 -5 7 -3
pumpkin|1 -3 1 -3 -2 -3 -4
puree|-5 -3 -1 -5 -4 6 -3
puree ,|-1 -3 2 -3 -4 -4 -4
purée|-3 -4 1 -6 -5 3 -5
purée ,|3 -2 -1 -2 -2 -4 -1
purée and|-4 -2 3 -3 -1 -2 -1
push|0 -2 1 -2 -2 -2 -1
put|-2 -2 1 -1 -1 -2 1
put a|2 1 -3 -1 -2 -2 -1
put everything|3 -2 -1 -1 0 -1 -2
put in|-2 -1 -1 1 -1 -1 -5
put it|1 -2 -1 0 -1 -2 -3
put the|-1 0 -2 1 -1 -1 -3
put them|0 -2 1 -2 -2 -3 -1
quart|1 -1 -1 -1 -1 -2 0
quarter|0 0 0 0 -4 -3 -1
quarter of|-2 0 1 0 -2 -3 -1
quarters|-1 -2 -3 2 -2 -2 -2
quick|-1 -1 1 -1 -1 -2 0
quickly|0 -3 -4 -3 2 0 -1
quinoa|0 -2 1 -2 -2 -3 -3
rack|0 2 0 -5 -1 -3 -2
rack .|0 2 -4 -4 0 -2 -2
racks|2 -3 -3 -3 1 -2 -2
radishes|0 -2 -2 -2 -1 0 0
rain|0 -1 1 -2 -2 -3 -2
rain in|0 -1 1 -2 -2 -3 -2
raisins|2 -1 -1 0 -3 -3 -2
rapidly|-2 -1 -2 2 -3 -1 -2
ras|1 -1 -1 -1 0 -1 0
raspberries|2 -1 -2 -1 -2 -2 -1
raw|1 -4 -3 1 -3 0 -2
re|1 2 -2 0 -2 -3 -2
ready|3 -3 -3 0 -2 -3 -3
really|-3 -4 2 0 -1 0 -2
really well|-1 -2 -3 0 -3 1 0
red|1 -2 -3 -1 1 0 -1
red lentils|1 -2 0 -1 -3 -2 -1
red pepper|-2 0 -1 -2 1 -3 0
reduce|-6 -3 -1 3 -4 -4 -3
reduce by|-5 -3 -1 3 -3 -5 -3
reduce heat|-1 -1 -3 2 -1 -1 0
reduce the|0 0 -1 1 0 0 0
reduce to|-1 -1 -2 1 -2 -1 -1
reduced|-3 -2 -3 3 -2 -3 -2
reduced by|-3 -2 -3 3 -2 -3 -2
refresh|-3 -2 0 3 -2 -2 -4
refrigerate|3 1 -5 -5 -4 -4 -4
refrigerate at|0 2 -2 -3 -3 -2 -2
reheat|0 -2 -3 -2 -1 1 -1
remain|1 -1 -2 1 0 -2 0
remaining|-3 -2 1 1 -2 -2 -1
remaining #|2 1 -3 -1 -3 -3 0
remaining oil|-3 -2 0 2 -2 -1 -2
remove|1 0 -1 -4 -1 -1 -4
remove bay|-3 -2 -1 -2 -1 3 -1
remove from|2 2 -4 -4 -2 -4 -1
remove the|0 -2 0 -2 -2 -4 -1
reserve|1 -2 1 -4 -1 -2 -1
reserved|0 -1 -3 0 0 1 -1
reserving|1 -1 -1 -1 -1 -2 -1
reserving #|1 -1 -1 -1 -1 -2 -1
rest|-3 8 -4 -6 -5 -2 -7
rest #|-9 10 -10 -9 -11 -5 -4
rest ,|1 1 -3 -2 -3 -2 -2
rest .|0 1 -6 -4 1 -2 -3
rest for|-2 4 -4 -4 -4 -2 -1
rest in|3 -3 2 -5 -4 -4 -3
rest of|1 -6 -1 0 -2 0 -2
return|-3 -2 0 -1 0 1 -3
return the|1 -2 1 -1 -3 -4 -2
return to|-3 -1 0 0 1 0 -2
rhubarb|1 -2 -3 -1 0 -2 -1
ribbons|0 2 -3 -1 -2 -3 -2
rice|-3 -3 1 -3 -9 -2 5
rice #|0 -2 -4 2 -3 -2 -5
rice ,|-3 -3 2 -2 -5 0 0
rice .|0 -3 1 -4 -4 -6 -5
rice and|-2 0 1 1 -3 -5 -4
rice cooker|-3 -6 -5 -5 -4 -4 6
rice in|-1 -2 1 -1 -1 -3 -2
ricer|-1 2 -2 -2 -1 -1 -1
right|1 -2 -1 0 -2 -2 -1
right down|-1 -2 -2 3 -3 0 0
rim|0 0 -2 0 -2 -2 -1
rim .|0 0 -2 0 -2 -2 -1
rimmed|-1 -1 -2 -2 1 -1 -1
rimmed baking|-1 -1 -2 -2 1 -1 -1
rind|0 -1 -1 0 -1 -1 0
rings|0 -2 -2 2 -3 -3 -2
rings .|2 -1 -2 -1 -1 -3 -1
rinse|0 2 -2 0 -5 -8 -1
rinse #|-2 2 -1 -3 -2 -2 -2
rinse ,|-1 1 0 -2 -2 -1 -2
rinse .|2 1 -4 -1 -2 -4 -3
rinse and|1 -1 0 -1 -1 -1 -1
rinse cold|0 -3 -3 2 -1 -1 -1
rinse rice|0 1 0 -2 -1 -2 -3
rinse the|-1 -2 0 0 -2 -5 0
rinsed|3 0 -3 -3 -2 -3 0
rise|-4 6 -4 -6 -6 -3 -5
rise #|-3 5 -4 -5 -6 -3 -5
risen|-2 1 -2 -2 -1 -1 -1
roast|-3 -9 -4 -8 7 -5 -7
roast #|-3 -6 -5 -5 5 -3 -5
roast ,|-1 -1 0 -1 1 -1 0
roast at|-1 -1 -1 -1 1 -1 0
roast cut|-3 -2 -2 -2 2 -1 -1
roast for|-2 -5 -3 -4 4 -2 -2
roast the|0 -2 1 -3 -1 -1 -1
roasting|3 -3 -6 -3 1 -4 -1
roasting tin|3 -2 -4 -3 0 -4 -1
rocket|3 -2 -3 -2 -4 -4 -2
roll|3 -3 -1 -4 -2 -3 -5
roll #|2 -2 -1 -1 -2 -1 -1
roll ,|1 -1 -2 -2 0 -2 -1
roll in|0 1 -2 -2 -3 -3 -2
roll into|2 -4 -3 -3 -3 0 -3
roll out|0 1 -3 -2 -3 -3 -1
roll to|2 -2 -2 -2 -2 -1 -1
roll up|1 -1 -1 -1 -1 -1 0
rolling|-2 1 -2 1 -2 -2 -2
rolling boil|-1 -1 -2 2 -1 -1 -1
rolls|2 0 -3 -1 -2 -2 -1
room|2 0 -4 -3 -4 -1 -2
room temp|0 1 -3 -2 -3 -1 -2
room temperature|3 -2 -3 -3 -3 -2 -1
root|-3 -2 3 -2 -3 -3 -2
roots|2 -2 -2 2 -3 -2 -2
ropes|3 -3 -3 -3 -3 -3 -3
rosemary|3 -4 -4 2 -1 -2 -2
rosemary ,|-1 -3 1 0 0 -2 -3
rosemary .|3 -3 -3 -4 0 -4 -2
rosemary and|2 -1 -4 3 -3 -1 -2
rotating|-1 -2 -2 -2 2 -1 -1
rough|0 0 -4 0 -3 1 -1
roughly|-1 -3 0 -1 -3 0 -1
roughly .|2 -3 -4 2 -2 -3 -1
round|-1 -1 0 -1 1 -1 -1
rub|4 0 -5 -3 -3 -5 -2
rub the|0 1 -1 -2 -1 -1 -1
running|1 -1 -1 -1 -3 -1 -1
runny|-1 -1 -2 -1 -1 1 -1
runs|3 1 -3 -1 -2 -4 -2
runs clear|2 1 -3 -2 -1 -2 -2
s|-2 1 2 -2 -4 -2 0
saffron|3 -2 -4 -2 -2 -3 -2
sage|2 -2 -2 0 -6 -5 -5
sage ,|4 -3 -4 -3 -4 -3 -1
sage .|0 1 -2 -3 -2 -2 -1
sage in|-1 -1 -1 1 -1 -1 0
salad|3 -1 -3 -1 -1 -3 0
salsa|-1 0 0 -2 0 -4 -1
salt|1 1 -4 -5 -2 0 -2
salt #|1 -1 -4 -2 -3 1 -2
salt (|2 0 -2 -2 -3 -3 0
salt ,|-1 0 -1 -1 -2 0 -5
salt .|1 -6 0 -7 -1 -1 -1
salt ;|0 0 0 -1 -3 -1 -2
salt and|-2 0 -2 -1 1 1 -3
salt at|2 -2 -3 1 -2 -3 -3
salt for|2 -1 -1 -1 -3 -2 -2
salt in|1 0 -2 -1 -4 -3 0
salt on|2 -2 -2 -2 -2 -1 -1
salt the|-2 2 -1 -2 -2 -1 -1
salt to|0 1 0 -3 -3 -6 -3
salted|-4 -5 -2 4 -3 -3 -4
salted water|-4 -4 -2 3 -3 -3 -4
same|-3 -3 3 -4 -1 -3 -4
same pan|-3 -3 4 -4 -3 -3 -3
sand|-1 -2 -1 -3 -2 2 -1
sauce|0 -4 -2 2 -3 -2 -1
sauce ,|0 -4 0 0 1 -7 -3
sauce .|0 -1 0 0 -4 -3 -5
sauce and|0 -2 -2 1 -2 0 1
sauce in|2 -2 0 -4 -4 -3 -2
sauce over|1 1 -1 -2 -3 -3 -2
saucepan|-6 -1 3 1 -6 -6 -6
saucepan ,|-1 -1 -2 2 -1 -1 0
saucepan .|-3 0 3 -2 -1 -3 -1
saucepan over|-3 -1 -1 1 -1 -1 0
saucepan with|-4 -2 4 -2 -2 -4 -4
sausages|2 -2 1 -3 -3 -2 0
saute|-5 -4 6 -3 -5 -4 -4
saute mode|-3 -1 2 -1 -2 -2 -2
sauté|-8 -5 7 -3 -6 -6 -5
sauté mode|-2 -2 2 -3 -2 -2 -2
sauté onion|-2 -2 3 -4 -3 -2 -3
save|-1 -3 1 -3 -4 -4 0
saved|3 -2 0 -3 -2 -1 -2
saving|2 -2 -3 1 -1 -3 -2
saving #|2 -1 -1 -2 -1 -3 -1
scallions|2 -1 -2 -2 -2 -2 -1
scatter|1 -3 0 -1 -1 -2 -2
scatter over|2 -2 -1 -2 -1 -2 -1
scatter with|1 -1 0 -2 -1 -4 -1
scattered|2 -1 -2 -1 -1 -2 -1
scoop|2 -2 0 -3 0 -3 -1
scoop out|2 -1 0 -3 0 -2 -1
score|2 -1 -1 -2 -1 -3 -1
scotch|1 -1 -1 -1 -2 -1 -1
scrape|2 -2 -5 0 -3 1 -1
scraping|-1 -1 -2 -3 -2 2 -1
scraping down|-2 -1 -2 -2 -2 2 -1
seal|1 -1 0 -2 -2 -3 -1
seal .|1 -1 0 -2 -2 -3 -1
sealing|-3 -2 3 -3 -3 -3 -3
seam|-1 1 0 -1 -2 -1 -1
seam down|-1 -1 1 -2 -2 -1 -1
seam side|0 1 -1 -1 -2 -1 -1
season|1 -2 -3 -3 0 -2 -5
season ,|1 0 -3 1 -2 -3 -1
season .|2 -4 0 -5 -6 -1 -4
season and|-1 0 -3 -2 1 0 -1
season to|0 -1 -3 -2 -2 1 -1
season with|0 -1 -3 -3 1 -2 -1
seasoning|1 -2 1 -4 -2 0 -2
seasoning .|2 -1 -1 -2 -2 -2 -1
sec|-2 -2 0 0 -4 1 -3
sec ,|-1 -1 -1 1 -2 -1 -1
sec .|2 -2 -4 -3 -2 1 -2
second|-2 4 -4 -3 -5 -3 -6
seconds|-5 -2 3 -2 -3 2 -2
seconds ,|-1 -2 0 0 -1 1 0
seconds .|-5 -2 2 -3 -2 2 -2
secs|1 -1 -3 1 -1 0 -1
seed|0 -2 -2 -2 -2 1 -1
seeds|-2 -4 2 -3 -1 1 -2
seeds ,|-2 -3 2 -3 0 0 -3
seeds .|3 -2 -4 -3 -3 -1 -2
seeds and|-3 0 1 -3 -4 0 -1
seeds for|-1 1 1 -2 0 -1 -1
seeds in|0 -2 -1 0 -2 -2 -1
seeds on|2 -2 -4 -3 1 -3 -3
segment|2 -1 -2 -1 -2 -3 -1
semolina|-2 2 1 -2 -1 -1 0
separate|0 -2 -1 1 -2 -3 -2
separately|-2 -1 1 0 -1 -4 -2
serrano|-3 -1 3 -2 -3 -3 -1
serve|3 -1 -2 -5 -6 -4 -4
serve .|3 -2 -4 -1 -2 -4 -1
serve at|2 -1 -4 -1 -2 -2 -1
serve in|0 -2 0 -2 -2 -3 -1
serve on|3 -1 -2 -3 -2 -3 -2
serve over|3 -2 -5 -2 -2 -3 -2
serve with|2 -2 -1 -2 -2 -3 -1
serving|-1 2 -2 -2 -2 -3 -2
serving .|-1 2 -2 -2 -2 -3 -2
sesame|1 -3 -1 -1 -3 0 -2
sesame ,|2 -1 0 -2 -2 0 -2
sesame .|2 -1 -2 -1 -1 -2 -1
sesame oil|0 -2 0 0 -2 0 -2
set|1 -1 0 -1 -3 -3 -3
set aside|3 1 -4 -5 -3 -2 -2
sets|-3 1 2 -2 -1 -3 -2
setting|-4 -3 1 -1 -4 -3 1
shake|1 -1 -1 -5 -1 -2 1
shake .|-2 1 -4 -3 -2 2 -2
shake the|-1 0 1 -3 0 -3 -1
shaking|-3 -2 -2 0 -1 -2 1
shallot|-2 0 1 -1 -4 -4 -5
shallots|-1 -4 3 -3 -5 -4 -5
shallow|2 -4 0 -2 -4 -4 -4
shape|2 1 -4 -1 -2 -4 -4
shape #|2 -1 -2 -2 -2 -2 -1
shape into|1 0 -2 0 -4 -2 -3
sheet|-2 2 -2 -4 3 -6 -5
sheet ,|-1 0 -3 -3 1 -3 -3
sheet .|1 0 -4 -3 -4 -3 -2
sheet pan|1 -1 -4 -3 3 -2 -2
sheets|2 -1 -2 -1 0 -3 -2
sheets ,|2 -1 -3 -1 -2 -2 -1
sheets of|1 -1 -1 -1 -2 -1 0
shelf|-2 -2 -1 -3 2 -1 -2
sherry|2 -2 -3 1 -1 -2 -1
shiitake|1 1 -3 0 -2 -2 -2
shock|-2 -2 1 0 -1 -1 -3
should|3 -2 -5 -1 0 -2 -2
should be|2 -2 -4 -1 -2 -1 -1
shred|1 -2 -2 -3 -1 -1 -4
shred cabbage|-2 0 -3 0 -1 1 -2
shred the|3 -1 0 -4 -3 -4 -3
shredded|1 0 -2 1 -2 -1 -1
side|-2 -5 2 0 -1 -6 0
side ,|0 -3 -1 -2 2 -2 -4
side .|-1 -2 -1 1 0 -2 -4
side down|1 0 -1 -2 1 -1 -1
side of|-3 -2 3 -3 -3 -3 -1
side up|2 -4 -3 -3 -3 -2 1
sides|-5 -4 2 -2 -2 0 -4
sides .|-1 -1 2 -3 -2 0 -2
sieve|2 2 -5 -3 -4 -2 -3
sieve ,|1 0 -2 0 -1 -4 -2
sift|0 -1 -2 -1 -1 0 -1
silky|-2 -1 -2 0 -1 2 -1
simmer|-11 -12 -7 11 -5 -7 -6
simmer #|-5 -7 -11 9 -8 -4 -4
simmer ,|-4 -4 -4 1 2 -1 -1
simmer .|-4 -4 1 1 -6 -4 -4
simmer and|-2 -2 -2 3 -2 -1 -1
simmer for|-3 -5 -6 6 -6 -2 -3
simmer gently|-1 -1 -1 1 -1 -1 -1
simmer in|-2 -1 -1 1 -2 -1 0
simmer on|1 -2 -1 1 -2 -1 0
simmer the|-2 -2 -2 2 -2 -1 -2
simmer uncovered|-2 -2 -4 3 -3 -1 -2
simmer until|-3 -2 -5 4 -2 -2 -1
simmering|-3 -5 -4 4 -4 -3 -4
simmering water|-2 -3 -2 3 -2 -1 -1
single|-1 1 -1 -1 1 -2 -1
sink|0 -2 -1 -1 -1 0 -1
sit|-5 6 -6 -3 -5 -4 -4
sit #|-5 5 -5 -5 -4 -3 -4
sit for|-2 3 -3 -3 -3 -2 -1
six|1 -2 -3 -1 -2 0 -1
size|1 0 -2 -1 0 -3 -1
sized|3 -3 -3 -3 -3 -1 -4
sizzle|1 -1 0 -3 -2 -2 -1
skewer|0 -1 -1 -1 1 -1 -1
skewer comes|-1 -1 -1 -1 1 -1 -1
skewers|1 2 -2 -2 -1 -2 -3
skillet|-6 -2 7 -5 -6 -6 -6
skillet ,|-2 -2 3 -1 -3 -3 -3
skillet over|-2 -1 2 -2 -2 -2 -1
skim|3 -3 -3 0 -3 -4 -3
skim ,|1 -2 -4 1 -2 -1 -1
skim .|2 -1 -2 -1 -2 -3 -2
skim off|-2 -1 1 0 -1 -1 0
skimming|-1 -1 -1 1 -1 -1 0
skin|0 -2 -3 -2 -1 0 -1
skins|-1 -3 0 2 -6 -2 -5
skins ,|2 -1 -3 0 -2 -2 -1
skins .|1 -1 0 0 -1 -2 -2
slaw|2 -2 -1 -3 -3 -2 -2
slice|-1 0 1 -1 -5 -6 -4
slice #|3 -2 -3 -2 -2 -3 -1
slice .|3 -3 -2 0 -1 -2 -1
slice into|-1 1 0 0 -2 -2 -1
slice the|1 -3 0 0 -2 -2 -1
sliced|0 1 0 0 -1 -6 -4
sliced ,|0 2 -2 -4 0 -3 -4
slices|0 0 -1 -1 0 -3 -2
slices ,|-2 -3 -1 1 1 -3 -1
slices .|-1 2 0 -1 -2 -2 -1
slicing|-1 -1 -3 -3 -3 2 -2
slicing .|3 -2 -2 -2 -2 -2 -2
slide|0 -2 0 -1 -3 -3 -2
slightly|-1 -3 -3 1 -1 0 -1
slip|2 1 -2 0 -3 -2 -3
slow|3 1 -5 -2 -1 -5 -5
slow cooker|2 3 -5 -4 -3 -4 -4
slowly|1 -5 -1 1 -5 -1 -3
slowly ,|1 -1 0 -1 -2 -2 -2
slowly to|1 -2 -1 1 -3 -3 -1
small|-3 -3 2 1 -4 -1 -4
small ,|-1 -1 1 0 -2 -2 -2
small pan|-4 -3 0 1 -3 -3 -3
small saucepan|-2 -2 1 1 -2 -2 -1
smells|-2 -1 4 -4 -1 -2 -2
smoked|1 -1 0 -3 -2 -3 -2
smoking|-5 -2 1 2 0 -4 -3
smooth|0 -3 -4 -5 -1 4 -6
smooth ,|-2 -3 -3 -3 1 2 -4
smooth .|2 -2 -4 -3 -4 2 -4
so|-1 1 -4 2 0 -5 0
so .|0 -1 -3 1 0 -1 -1
so it|0 0 -1 1 -4 -2 -1
so that|0 1 -2 -2 0 -2 -2
so the|-3 1 0 -1 0 -2 -2
soak|-4 7 -3 -7 -5 -5 -5
soak #|-1 2 -2 -3 -2 -2 -2
soak in|-3 3 -3 -4 -3 -2 -3
soak the|-2 3 -1 -5 -2 -2 -2
soaked|2 -1 -3 1 -1 -2 -1
soaking|1 -2 -4 2 -2 -1 -2
soba|-1 -2 -3 3 -3 -3 -2
soda|-1 1 0 -3 -2 1 -1
soft|-2 -2 -1 1 1 -5 -5
soft ,|-3 -3 5 -4 -4 -2 -2
soft .|0 -3 -1 1 -2 -4 -3
soft and|-1 -1 -3 2 0 0 0
soft dough|-1 1 -2 -2 -2 -2 0
soften|-5 -4 3 -1 -6 -6 -5
soften onion|-3 -4 1 -1 -4 -4 -5
soften onions|-2 -2 0 1 -4 -3 -1
soften the|-3 -3 3 -2 -3 -4 -2
softened|-3 -1 5 -5 -3 -2 0
softened ,|-2 -1 3 -3 -2 -1 0
softened .|-1 -1 4 -3 -2 -1 0
some|-1 -2 -2 1 -2 0 -3
something|-2 2 -2 -2 -2 -2 -2
something heavy|-2 2 -2 -2 -2 -2 -2
somewhere|-2 3 -2 -3 -3 -1 -1
somewhere warm|-2 3 -2 -3 -3 -1 -1
sort|2 -1 -2 -1 -1 -2 -1
soup|-1 -2 -4 -1 0 1 -2
sour|2 -1 -3 1 -1 -2 0
soy|-3 -5 -2 0 -5 3 -1
soy ,|-2 -3 1 -2 -3 1 -2
soy .|-3 -2 -2 -4 -2 3 -2
soy ;|-1 -3 -2 1 -2 1 1
soy and|4 -2 -5 1 -3 -4 -2
soy sauce|1 -2 -3 1 -2 -2 1
soya|-3 2 -2 -2 -1 -2 -2
spaghetti|-1 -2 -3 3 -2 0 0
spelt|-2 0 0 2 -1 1 0
spice|3 -2 -4 0 -2 -2 -1
spices|1 -6 2 -5 -3 -1 -4
spices #|-5 -4 3 -2 -4 -5 -4
spices ,|2 -4 0 -5 -2 -2 -3
spices .|0 -2 -1 -4 -3 1 -2
spices and|1 -2 0 -3 0 -2 -1
spices in|2 -2 -1 -3 -2 -3 -2
spinach|-3 -5 4 -2 -8 -9 0
spinach ,|-3 -5 3 -2 -4 -4 -4
spinach .|4 -2 -5 -3 -3 -4 -2
spinach and|-1 1 0 -2 -2 -4 -4
spinach in|-2 -3 0 -3 -2 -3 2
splash|1 -1 2 -2 -4 -1 -2
splash of|1 -3 1 -1 -3 -1 -2
split|2 -2 -3 -1 1 -3 -1
split peas|2 -2 -2 -2 -1 -2 -1
spoon|-1 -1 -2 0 -2 0 -3
spoon ,|2 -3 0 -4 -3 -2 -3
spoon .|5 -4 -4 -3 -4 -4 -3
spoon into|-1 2 -1 -1 -1 -2 -1
spoon over|0 -1 -1 -2 -2 0 -1
spoon the|1 -2 -3 0 -3 -3 -3
spoonful|1 -1 -2 -1 0 -1 -1
spoonfuls|-2 -2 1 -1 -2 -1 -1
spoons|1 -1 -1 -2 -1 0 -1
spots|-1 -2 -2 -1 2 -1 -2
spread|0 1 -3 -2 1 -4 -1
spread #|-1 1 -1 -1 -2 -1 -1
spread in|-1 -3 -1 0 1 -2 -1
spread on|0 -1 -3 0 1 -2 -1
spread out|0 1 -3 -1 -1 -3 -2
spread over|2 -1 -1 -1 0 -2 -1
spring|1 -1 0 -3 -3 -4 -2
spring onion|4 -1 -4 -2 -2 -3 -2
spring onions|0 -1 1 -3 -3 -3 -1
sprinkle|1 -5 -1 -2 -2 -5 -3
sprinkle with|0 -3 -1 0 -3 -3 -2
sprouts|-1 -1 1 -2 -1 -2 0
spuds|2 -2 -2 0 -3 -2 -2
square|0 -2 -2 -1 -4 0 -1
square tin|0 -2 -2 -1 -4 0 -1
squares|0 2 -1 -2 -2 -2 -2
squares .|1 2 -2 -3 -2 -1 -1
squash|0 0 -6 -2 2 -2 0
squash ,|0 -1 -4 -3 1 0 -2
squash and|0 0 -3 -2 -1 -2 0
squash in|-1 -1 -1 -1 1 -1 0
squash with|1 -1 -1 -1 3 0 0
squeeze|-2 2 -1 -1 -6 -3 1
squeeze .|-2 3 -5 -1 -4 -1 1
squeeze dry|-1 -2 -1 1 -2 -3 1
squeeze in|1 -5 0 -2 -2 -6 -2
squeeze of|2 -1 -3 -2 -2 -3 -1
squeeze out|-1 2 0 0 -2 -4 -2
squeeze the|-2 -3 1 0 -2 0 -2
squeezed|1 -1 -2 -1 -2 0 0
stack|3 -3 -3 -2 -3 -3 -2
stack in|2 -2 -2 -2 -2 -2 -2
stalks|-1 -2 -4 -2 -2 2 -1
stand|-2 7 -4 -8 -8 -6 -5
stand #|-1 5 -8 -6 -6 -3 -4
stand for|-2 3 -2 -3 -4 -1 -2
stand in|-3 0 2 -3 -2 -2 -1
starch|1 -1 -4 -1 -3 -1 1
starch .|2 0 -3 -2 -2 -3 -2
start|0 -2 0 -2 -2 -3 1
starter|3 -4 1 -4 -4 -3 -4
starting|-1 -1 1 -2 1 -1 -1
stay|2 -1 -2 -2 -2 -2 -1
stays|0 -2 1 -3 -2 -2 0
steam|-9 -2 -10 6 -6 -4 -10
steam #|-5 -6 -5 6 -6 -3 -6
steam dry|-4 4 -3 -6 -2 -1 -2
steam for|-4 -1 -2 2 -3 -2 -3
steam the|-4 -4 -4 4 -3 -3 -3
steamer|1 -3 -3 2 -3 -2 -1
steep|2 -2 -3 1 -2 -3 -2
stems|0 -1 2 -3 -1 -2 -2
sterilised|0 -1 0 -1 -2 -2 -1
stew|1 -3 -1 2 -3 -3 -1
stick|-6 -4 -1 -1 -4 5 -3
stick .|-2 -1 1 0 -1 0 -1
stick blender|-4 -4 -5 -4 -4 5 -5
sticks|1 -4 -2 -2 -5 0 -3
sticks of|-2 -2 2 -4 -1 0 -2
sticky|-3 0 -4 3 -2 -1 -1
stiff|1 -1 -1 -1 -1 0 0
still|1 -3 -3 2 -2 0 -2
stir|1 -1 -1 -1 -1 -3 -6
stir #|-1 -4 2 -3 -4 -4 -2
stir ,|-1 2 0 -6 -3 -4 -2
stir .|4 -3 -6 1 -2 -6 -4
stir a|-2 -2 2 -3 -1 -3 -1
stir every|0 -5 -3 2 -1 -2 -3
stir everything|1 0 -2 -2 -2 -2 -1
stir for|-5 -4 6 -6 -4 -4 -3
stir in|1 -1 -2 0 -1 -1 -4
stir it|1 -2 -3 -2 -1 -1 -3
stir once|0 -2 -4 -3 3 -3 -3
stir the|2 0 -5 -2 0 -4 -1
stir through|3 -2 -5 0 -2 -2 -1
stir until|0 1 -4 0 -2 -3 -1
stirring|-4 -7 -1 3 -1 -4 -4
stirring ,|-4 -1 1 1 -5 -4 -5
stirring .|-1 -3 5 -5 -3 -3 -3
stirring every|-1 -1 -4 4 -1 -1 -1
stirring from|0 -1 -1 2 -2 0 0
stirring more|-1 -2 -2 2 -4 -1 -1
stirring now|0 -3 -4 4 -3 -1 -1
stirring occasionally|-2 -2 -6 6 -4 -1 -1
stirring often|-1 -3 4 -3 -4 -1 -2
stirring once|-2 -2 -4 -2 3 -1 -2
stock|2 0 -1 -1 -1 -9 -3
stock ,|2 1 -3 0 -3 -7 -4
stock .|3 0 -2 -5 -2 -5 -3
stock ;|-1 -1 -2 2 -2 -1 -1
stock and|2 -2 -1 -3 1 -2 -1
stock in|1 -2 -1 1 -3 -2 -2
stock over|0 1 -3 1 -2 -2 -1
stove|-1 -2 -2 -1 1 -1 -1
straight|2 -2 -4 -1 0 -4 -1
strain|1 -2 -4 0 -3 -1 -2
strain ,|1 -1 -1 -1 -1 0 -1
strain .|1 1 -3 1 -1 -3 -1
strain through|0 -3 -4 -2 -3 1 -1
stream|-3 -1 -1 -2 -1 2 -1
strip|1 -2 -2 0 -2 -2 -1
strips|1 -4 3 -4 -4 -5 -4
strips .|0 -1 0 -1 -1 -2 0
stuff|0 -1 0 0 -1 -1 -1
sugar|-1 -3 2 -2 -4 -2 -4
sugar ,|0 -3 0 0 -3 -1 -4
sugar .|1 0 -2 -3 -2 0 -1
sugar and|0 -1 -2 1 -4 -4 -2
sugar salt|0 -2 0 0 -2 -4 -3
sultanas|-2 0 2 -2 -1 -2 -1
sun|1 0 -1 -2 -2 -2 -1
surface|1 1 -1 -2 -2 -1 0
swap|-2 -3 -2 -3 3 -2 -3
swap the|-1 -2 -1 -1 1 -1 0
swapping|-1 -2 -1 -1 2 -1 0
swapping the|-1 -2 -1 -1 2 0 0
sweat|-5 -7 4 0 -6 -6 -6
sweat in|-1 -2 -1 2 -2 -1 -2
sweat onion|-1 -2 4 -6 -3 -2 -3
sweat onions|-2 -3 0 1 -3 -2 -3
sweat the|-3 -3 3 0 -3 -4 -3
sweat veg|-3 -3 1 0 -4 -2 -4
swede|-2 -1 1 0 -2 -1 0
sweet|2 -3 -2 -2 0 -2 -2
sweet potato|2 -1 -4 1 -1 -2 -1
sweet potatoes|1 -2 0 -3 1 -1 -1
swirl|0 -2 1 -3 -3 -3 -1
syrup|1 -4 -2 1 -3 0 -3
syrup ,|-1 -3 -1 1 -3 0 -2
syrup .|4 -1 -4 -3 -2 -4 -2
syrupy|-4 -1 1 -1 -3 -1 -1
t|-1 0 0 0 -3 1 -2
t catch|-1 -1 -1 1 -2 -1 -1
t stir|1 -2 0 -2 0 -4 -1
tablespoon|1 -3 0 -2 -1 -2 -1
tablespoon of|0 -3 2 -2 -2 -5 1
tablespoons|0 -3 -1 1 -1 -1 0
tablespoons of|-1 -2 -1 1 -3 -1 -2
tadka|3 -1 -3 -1 -1 -2 -1
tahini|-1 -4 -1 -1 -2 0 -1
tahini ,|0 -3 -3 0 -2 1 -1
take|2 -1 -1 -2 1 -1 -2
take off|-1 0 -1 -2 -2 1 -1
take out|2 -3 0 -3 0 -6 -2
take the|0 -3 -2 -1 1 -2 -1
takes|1 -4 0 -1 -4 -5 1
takes the|-2 -2 -2 2 -2 -2 -1
tamari|2 -1 -3 -1 1 -3 -1
tamarind|2 -3 -1 1 -4 -4 -3
tamarind ,|1 -2 0 1 -3 -3 -2
tarka|-3 1 3 -3 -2 -3 -2
taste|1 -3 -3 -2 -4 0 -4
taste .|2 -2 -4 -2 -2 -1 -2
tbsp|-1 -1 -1 -2 -2 1 -1
tbsp of|0 -2 -1 -1 0 0 -3
tbsp oil|-1 -3 2 -4 -1 0 -1
tbsp soy|-2 -1 -2 1 -1 1 0
tbsp water|1 -1 0 -1 -3 -1 1
tea|3 0 -3 -2 -3 -4 -2
tea towel|2 0 -2 -2 -2 -2 -1
tear|1 1 -3 -2 -3 -3 -2
teaspoon|-1 0 -1 -2 -5 0 0
teaspoon of|-1 0 0 -2 -4 -2 0
temp|1 0 -4 -3 -4 -1 -3
temp #|2 0 -3 -2 -3 -3 -3
tempeh|1 -6 3 1 -5 -4 -4
tempeh #|-3 -4 -3 4 -3 -3 -3
temperature|3 -2 -3 -3 -3 -2 -1
ten|-1 1 1 -1 -5 -4 -5
ten minutes|-4 1 1 0 -5 -4 -5
tender|-2 -3 -1 2 -2 -1 -1
tender ,|-3 -3 1 -1 0 -2 -2
tender .|-2 -2 -3 2 -2 -1 -1
tender and|-1 -1 -3 2 -1 0 0
test|2 -3 -3 0 -1 -2 -2
texture|1 -2 -4 -3 -3 1 -3
that|2 0 -3 -4 -3 -5 0
that s|-1 1 -3 -2 -2 -3 0
the|0 -1 -1 -2 -1 0 -3
the #|-1 0 -2 1 -1 0 -2
the apples|0 -1 0 -1 -1 -2 -1
the aubergine|-1 0 -1 -1 1 -2 -2
the aubergines|-1 -1 0 -1 1 -3 -1
the barley|-1 -1 1 0 -3 -3 -2
the base|0 -1 -1 1 -2 -1 -1
the basil|1 -2 -2 -1 0 -2 -1
the batter|1 -2 -3 0 2 -3 -2
the bay|0 -2 1 -3 -3 -1 -3
the bean|-1 -1 1 0 -2 -1 -1
the beans|0 -3 -3 2 1 -4 -3
the beetroot|-1 -1 -2 -2 1 0 -1
the big|-2 -3 0 2 -4 -2 -1
the bitterness|-3 -3 -2 3 -3 -2 -1
the boil|-5 -2 2 0 -5 -5 -2
the bottom|3 -4 -1 0 -4 -4 -2
the bread|-1 1 -3 -1 0 -3 -3
the brine|-1 -1 -1 -2 -1 1 0
the broccoli|-3 -3 -2 2 0 -1 -2
the broth|0 -1 1 0 -3 -3 -3
the butter|0 0 -3 1 -3 -1 -2
the cabbage|1 -1 1 -1 -5 -6 -5
the carrots|2 -2 -1 0 -2 -4 -1
the cashews|1 0 -1 -3 -2 -2 -1
the cauliflower|-2 -3 1 0 0 -3 -2
the chickpeas|-1 -2 -2 -4 2 0 -2
the chilli|-1 -1 0 -2 -2 1 -1
the chocolate|0 -2 -1 -3 -2 1 -1
the chopped|-1 -1 1 -3 0 -2 -3
the coconut|0 -2 0 1 -2 -1 -2
the cooking|2 -2 -1 0 -1 -2 -1
the coriander|3 -1 -3 -3 -1 -4 -2
the cornflour|-2 -1 1 0 -2 -3 -2
the courgettes|-1 2 -1 -1 -4 -5 -3
the couscous|-1 2 1 -3 -3 -2 -1
the cream|-2 -2 -1 -3 -1 2 -2
the crumbs|1 -1 0 -3 0 -3 -1
the cumin|0 -2 1 -3 -1 -2 -1
the curry|-1 -1 1 -3 1 -3 -2
the dal|-2 -4 1 1 -3 -3 -3
the day|1 -1 -2 -1 -1 -2 -1
the door|-3 -2 -3 -1 3 -3 -2
the dough|2 0 -3 -3 -1 -3 -2
the drained|1 -1 -2 1 -1 -1 0
the dressing|1 -3 -1 -4 -3 -1 -2
the dry|2 -2 -5 -3 -3 1 -3
the edges|-1 -1 -2 -4 3 -4 -2
the end|3 0 -5 2 -4 -5 -2
the fennel|0 -2 1 0 -3 -3 -3
the filling|1 -1 -1 -2 -2 0 -1
the final|-1 -2 -3 0 1 -1 0
the first|2 -3 -2 -2 0 -2 -1
the flour|-1 -1 -1 1 -4 -3 -1
the foam|1 -1 -1 -1 -1 -2 -1
the foil|2 -2 -2 -3 1 -3 -1
the food|-4 -2 -3 -2 -2 4 -2
the freekeh|1 -2 1 -1 -1 -3 0
the fridge|4 -2 -4 -5 -5 -1 -7
the fruit|1 -1 -2 -1 -1 -1 -1
the garlic|-3 -2 4 -4 -6 1 -2
the ginger|1 -1 -1 -3 -1 -3 -1
the gnocchi|-3 -2 3 -1 -2 -1 -3
the greens|1 -1 1 -1 -3 -1 -1
the grill|2 -2 -4 -3 2 -3 -2
the heat|1 6 -2 -6 -8 -3 -5
the herbs|1 -1 -3 -1 -1 0 -1
the hot|2 1 -2 -4 -1 -4 -3
the juice|2 -2 -2 -2 -2 -2 -1
the juices|1 0 -3 0 -2 -2 -1
the kale|0 -3 -1 2 -4 -3 -3
the kombu|-1 -3 -1 2 -2 -2 -1
the last|0 -4 -2 -1 0 -1 -4
the leek|-2 -2 2 -1 -1 -1 -2
the leeks|-2 -3 -2 2 -3 -1 -1
the lemon|-2 2 -1 -1 -2 0 -2
the lentils|-1 -1 0 0 -3 -4 -1
the lid|1 0 -4 2 0 -4 -3
the lime|0 -2 1 -2 -2 -6 -2
the liquid|0 0 0 -2 -4 -2 -1
the liquor|2 0 -1 -2 -2 -3 -1
the lot|-2 0 -1 -1 -1 2 -1
the lowest|-2 -4 -3 3 -1 -1 -3
the margarine|2 -3 -3 1 -3 -4 -3
the marinade|-1 0 -4 -1 -2 -3 1
the meantime|-3 -2 -1 1 -2 -2 -3
the middle|1 -1 0 -2 0 -3 -1
the milk|0 0 0 -2 -4 -5 -2
the miso|2 -2 -2 -1 0 -2 -1
the mushrooms|-1 -2 0 -1 -2 -1 -3
the mustard|1 -3 -1 -4 -2 0 0
the oats|0 0 0 -3 0 0 -1
the oil|-2 -6 1 0 -2 -3 -5
the onion|-2 1 0 1 -6 0 -6
the onions|-1 0 2 -3 -4 0 -1
the open|-1 -2 3 -4 -2 -2 -4
the other|-1 -2 1 -2 -3 1 -1
the oven|-1 -5 -7 -6 6 -4 -4
the pan|-4 0 3 -2 -1 -2 -3
the parsley|1 -1 -1 -1 -1 -3 -1
the pasta|0 -2 -3 3 -3 -4 -2
the paste|-1 -2 0 -5 -3 2 -3
the pastry|-1 1 -1 -1 -1 -1 0
the peas|-2 -3 -2 3 -4 -1 -4
the peppers|0 -2 -1 -2 0 -2 0
the polenta|2 -2 1 -3 -2 -3 -1
the porcini|0 2 0 -2 -3 -2 -1
the pot|-7 -3 7 0 -5 -4 -5
the potatoes|1 -3 -2 2 -2 -2 -1
the pressure|1 -1 0 -2 -1 -2 -2
the processor|-4 -2 -3 -1 -2 4 -2
the pumpkin|-1 -1 2 -2 -2 -2 -1
the remaining|0 -1 -3 2 -1 -2 -3
the reserved|0 -1 -2 -1 0 1 -1
the rest|-1 -6 -1 0 0 0 -2
the rice|-3 -2 -3 0 -5 -4 3
the rim|0 0 -2 0 -2 -2 -1
the rosemary|1 -1 -2 -2 -2 0 -1
the sage|2 0 -3 0 -3 -3 -3
the salt|0 0 -1 -4 1 -1 -4
the sauce|-1 -1 -4 3 -3 0 -3
the saved|3 -1 -4 -2 -1 -1 0
the seeds|2 -1 0 -2 -1 -2 -1
the sesame|2 -2 -1 -1 -2 -2 -1
the shallot|0 -1 0 0 -3 -2 -5
the shallots|1 -3 0 0 -3 -2 -3
the shiitake|1 1 -3 1 -2 -2 -1
the side|-2 -1 2 0 -1 -4 -2
the sides|-3 -3 1 -1 -3 0 -2
the sliced|0 -1 1 -2 -3 -3 -2
the slow|2 1 -4 -2 -2 -3 -1
the soup|-1 -1 -4 0 1 2 -1
the spices|3 -1 -3 -3 -2 -3 -1
the spinach|-3 0 2 -1 -3 -4 -5
the split|2 -2 -2 -2 -1 -2 -1
the spread|0 1 0 -2 -1 -2 -1
the squash|0 -1 -5 -3 2 -1 -1
the stock|-2 1 -1 1 -1 -5 -3
the sugar|2 0 -1 -4 -3 -1 -3
the surface|1 1 -1 -2 -2 -1 0
the sweet|3 -2 -5 -1 1 -2 -1
the tahini|-1 -2 1 -2 -1 -1 0
the tempeh|1 -3 0 2 -4 -3 -3
the thyme|-1 -2 1 -3 0 1 -1
the tin|0 2 -4 -4 0 -4 -3
the tins|-2 1 -3 -3 2 1 -4
the tofu|0 2 1 -3 -4 -3 -7
the tomatoes|0 -4 2 -3 0 -3 -2
the top|-3 -1 2 0 1 -5 -3
the tray|-3 -2 -2 -2 3 -1 -1
the trays|0 -1 -2 -3 1 -2 -1
the veg|1 1 0 -4 -1 0 -1
the vegetables|0 -3 -1 1 -2 -3 -1
the vinegar|1 1 -2 0 -3 -1 -1
the walnuts|-2 -2 0 -3 0 0 -1
the water|1 1 -2 0 -6 -5 0
the wet|-1 1 -2 -1 -1 1 -1
the whole|-2 -2 0 -1 0 0 -2
the wine|-1 -4 1 0 -3 -4 -1
the yeast|0 0 0 0 -3 -2 -1
their|2 -4 0 -1 -2 -2 -4
their liquid|1 -4 -1 -1 -1 -2 -3
their skins|-2 -2 -2 2 -2 -1 -1
their water|1 -2 1 -1 -2 -2 -2
them|0 -4 -1 2 -2 -2 -4
them .|1 -1 -1 -2 0 -3 -1
them in|-1 -3 2 0 -3 -4 -3
them with|-2 -2 -2 2 -2 1 -1
then|-3 -4 -3 2 0 2 -1
then #|-4 -4 -5 0 3 -3 -6
then ,|-1 -1 -2 2 -2 -1 -1
then .|2 -2 -3 2 -3 -3 -2
then add|0 -1 -1 1 -2 -2 -2
then bag|0 1 -2 -2 -2 -3 -3
then blend|-3 -1 -2 -2 -1 2 -1
then boil|-1 -1 -5 3 -3 -3 -3
then drain|2 0 -2 0 -2 -3 -1
then fridge|3 -2 -3 -4 -3 -3 -3
then leave|-3 -1 -4 0 0 -3 1
then lid|-1 -2 -2 -1 1 -1 0
then lower|-1 0 1 -1 0 -1 0
then reduce|-1 -1 -1 1 -1 -1 -1
then simmer|-2 -3 -4 4 -5 -3 -3
then slice|0 0 -1 0 -2 -1 -1
then the|-3 -3 5 -4 -4 -6 -5
then turn|-3 0 0 -1 -2 -2 -3
there|3 -3 -3 0 -3 -3 -2
they|-2 -1 0 2 -2 -3 -3
they are|-2 -2 0 -1 1 -2 -2
they pop|-2 -2 2 -2 -1 -1 -1
they re|0 1 -2 0 -1 -2 -1
thick|-2 -1 0 0 -5 1 -2
thick ,|-1 1 1 -1 -2 -2 -1
thick .|0 -2 0 0 -4 -1 -2
thick batter|0 -1 -1 -1 -1 1 -1
thicken|-2 0 0 1 -2 -2 -2
thicken .|-2 0 -1 1 -2 -1 -2
thickened|0 -2 -5 4 -3 -2 -1
thickened ,|-1 0 -3 3 -1 -1 0
thickened .|0 -2 -3 2 -2 -2 -1
thickens|-2 1 0 -1 -4 -2 -3
thickens .|-2 1 -3 1 -3 -2 -2
thin|2 0 -2 -6 -2 -2 -4
thin .|2 -1 -1 -4 0 -4 -2
thin with|3 -2 -4 -2 -2 -2 -2
things|1 -1 -2 -1 -1 -2 0
thinly|4 -2 -2 1 -3 -4 -2
third|-2 -1 -1 -2 0 2 -2
third ,|-2 -1 1 -1 0 1 -1
third of|-1 -4 -3 -4 0 2 -1
thirds|0 -1 -1 -1 -2 -1 -1
this|4 -3 -3 -3 -3 -4 -3
those|1 0 -1 -1 -1 -3 -1
thread|2 0 -3 -3 -2 -3 -2
three|-2 1 -1 -2 -2 -1 -3
through|0 -1 1 -7 -2 0 -3
through ,|0 1 -3 -2 0 -2 -1
through .|0 0 -1 -2 0 -1 -2
through a|2 0 -3 -1 -2 -2 -1
through for|-4 -3 4 -4 -2 -3 -4
through the|-1 -1 -6 -2 -1 1 -2
throw|2 -2 -3 0 -2 -2 -2
thru|0 -2 -2 -2 -2 1 -1
thumb|0 -1 -3 -2 -1 0 0
thyme|0 -4 1 -3 -1 -3 -3
thyme ,|-1 -2 1 -1 -1 -4 -1
thyme .|5 -3 -4 -4 -2 -3 -2
thyme and|0 -1 2 -3 -1 -2 0
tie|2 -1 -2 -2 -1 -2 -1
tight|-2 0 1 1 -1 -1 -1
tight ,|-1 0 -2 1 -2 -1 -1
tightly|0 -4 -3 0 1 -3 -3
tightly in|2 -1 -2 -1 -1 -1 0
til|-2 1 0 0 -3 1 -3
till|0 -2 2 -2 -4 0 -5
till golden|-2 -2 -1 1 0 -3 -3
till it|0 0 -1 -4 -3 1 -1
till soft|1 -2 -1 -1 1 -2 -1
till the|-1 -3 2 -1 -3 -2 -3
till they|-1 -2 1 0 -2 -2 -1
till thick|-3 -3 1 0 -2 -3 -2
time|0 0 0 -3 -1 0 -3
time ,|-3 -1 3 -3 -2 -2 0
time .|-3 1 -1 0 0 -1 -2
time to|-1 -2 -2 1 -2 0 0
times|-2 1 -2 -1 -2 1 -1
tin|0 1 -4 -3 2 -2 -3
tin ,|-1 0 -4 -2 2 -4 -1
tin .|2 -3 -5 -5 -1 -1 -3
tin and|-2 -3 2 -3 2 -3 -2
tin for|-4 3 -2 -2 -1 -2 -3
tin of|-2 -3 1 1 -1 -5 -3
tin with|3 -1 -3 -2 -1 -3 0
tins|-1 1 -3 0 1 -1 -5
tins ,|1 -3 -4 -2 2 -3 -4
tins of|-1 -1 -2 1 -2 1 0
tiny|-2 -2 2 -2 -3 0 -3
tip|-1 -1 1 -1 -2 -2 -3
tip in|2 0 -1 -2 -2 -5 -1
tip into|0 1 -1 0 -2 -4 -1
tip out|1 -3 -2 -4 -3 0 -1
tip the|-2 0 0 -3 0 0 0
to|-5 0 1 -2 1 2 -3
to #|2 -3 -7 -1 1 -1 -3
to a|-3 -2 0 -1 0 0 0
to boil|-4 -2 0 2 -3 -3 -2
to coat|2 -2 -2 -2 0 -2 -1
to cool|-1 1 -4 1 -3 -1 -2
to cover|1 0 -1 -4 -3 -4 -2
to crumbs|-3 -1 -2 -1 -2 3 -1
to dry|-1 -2 -3 1 2 -2 -2
to just|-1 -2 1 2 -2 -1 -1
to low|-1 -2 -4 4 -3 -1 -1
to make|0 -2 -1 0 -1 0 -1
to pot|-4 -2 2 -3 -3 1 -2
to stand|1 1 -2 -2 -3 -3 -1
to taste|1 -2 -5 -3 -2 0 -2
to the|-6 0 1 0 2 -3 -3
to thicken|-2 0 0 1 -2 -2 -2
to time|0 -1 -2 1 -1 0 0
to wilt|-4 -1 4 -2 -3 -3 -2
toast|0 -6 2 -3 1 -5 -6
toast .|3 -1 -2 -2 -2 -2 -1
toast the|-3 -2 2 -5 2 -2 -2
toasted|0 -3 0 -3 -3 1 -3
tofu|-1 2 0 -2 -4 -4 -2
tofu #|-4 3 -1 -3 -2 -3 -6
tofu (|-2 1 -3 -2 -1 -3 1
tofu ,|0 -1 -1 1 -3 -1 -4
tofu and|0 1 -1 -2 -3 -2 -4
tofu for|-3 3 0 -3 -2 -2 -5
tofu in|1 -4 1 -3 -3 -4 -4
tofu into|0 -3 -2 1 -2 -2 -2
tofu with|0 -2 -3 -2 -2 0 1
together|3 1 -7 -3 -5 -1 -2
together ,|1 2 -3 -3 -3 -4 -4
together .|2 -1 -3 -1 -1 -1 -1
together and|2 0 -2 -1 -2 -2 0
together the|0 2 -2 -1 -1 -3 -1
together with|0 0 -2 -2 -2 0 -2
tomato|4 -4 -1 -4 -5 -7 -1
tomato paste|-1 -2 0 0 -2 -2 -1
tomato purée|2 -2 -1 -4 -2 -3 -1
tomatoes|2 -4 -2 -1 -1 -4 -5
tomatoes ,|0 -4 -2 -1 1 -3 -3
tomatoes .|3 -2 -4 -2 -3 -3 -2
tomatoes and|0 -2 0 -1 0 -3 -1
tomorrow|2 -1 -2 -1 -1 -2 -1
toms|-1 -2 1 -1 -3 -3 -1
toms ,|-1 -1 1 -2 -3 -2 -1
too|-1 1 -4 -2 -1 1 -1
too thick|-1 -1 -4 0 -1 0 -1
toothpick|-1 -1 -1 -1 1 -1 0
top|0 -4 -2 -1 1 -1 -6
top ,|-1 -4 -1 3 -2 -4 -3
top .|-1 -3 0 -1 -3 -2 -6
top up|-1 -1 -3 0 2 -3 -1
top with|3 0 -7 -4 -3 -3 -2
topped|1 -1 -3 -1 -1 0 -1
topped with|1 -1 -3 -1 -1 0 -1
topping|-1 -2 0 -1 0 -3 -2
tops|2 -1 -3 -1 -1 -2 -1
torn|0 -1 1 -2 -1 -1 -1
tortilla|1 -2 1 -2 -2 -2 -1
tortillas|-2 -2 2 -3 -1 -4 -3
toss|1 -2 -1 -2 0 -4 -1
toss .|4 -2 -5 -3 1 -4 -3
toss everything|2 -1 -2 -1 -2 -3 -1
toss in|0 -1 -2 -1 1 0 -3
toss the|1 -1 0 -3 0 -3 -2
toss with|1 0 -2 2 -2 -4 -4
tossing|-2 -2 2 -5 0 -1 -1
tossing halfway|-1 -2 -3 -2 3 -1 0
towards|1 -1 -2 1 -2 -2 -1
towards the|1 -1 -2 1 -2 -2 -1
towel|1 2 -4 1 -4 -4 -4
towel .|2 -3 -2 -1 -1 -2 -1
transfer|1 0 -2 -2 1 -3 -1
transfer to|2 -1 -2 -2 2 -3 -1
translucent|-3 -1 4 -4 -2 -2 -2
tray|1 -1 -6 -2 3 -6 -7
tray #|-2 1 -3 -3 1 -2 -5
tray ,|-2 -1 -2 -5 2 -3 -6
tray .|2 -2 -3 -1 -2 -2 -1
tray and|-1 -1 -1 -1 1 -1 -1
tray at|-1 -1 -1 -1 1 0 0
tray to|-1 0 -1 1 -1 -1 -1
tray with|1 -2 -3 -2 2 -3 -3
trays|0 0 -4 -5 2 -3 -3
trays ,|-2 1 -2 -3 2 -1 -2
trays .|3 -3 -4 -3 -1 -4 -2
treacle|2 0 -2 -1 -1 -2 0
trim|0 -1 -1 -1 -1 0 0
tsp|1 0 -3 -2 -1 0 0
tsp .|3 0 -2 -2 -2 -3 -1
tsp cumin|-3 -1 -1 0 0 0 -1
tsp salt|-1 0 0 -3 -1 0 0
tub|2 -1 -2 -1 -1 -2 -1
tubs|1 -3 -4 -2 -1 -1 -2
turmeric|1 0 1 -3 -2 -3 -1
turmeric ,|3 1 -4 -2 -1 -2 -1
turmeric and|-2 -1 2 -3 -2 -2 0
turn|1 -2 -1 -2 2 -5 -4
turn down|-1 -1 -1 1 -1 -1 -1
turn it|-1 1 1 0 -2 -1 -1
turn off|0 0 -4 -3 1 -2 -2
turn out|0 2 -2 -2 -2 -2 -1
turn the|-3 -1 -3 0 1 -2 0
turn to|2 -2 -3 1 0 -1 0
turn up|-2 -2 2 -2 -1 0 -2
turning|0 -2 -1 -1 1 -4 -5
turning ,|-3 -3 -3 1 2 -2 -3
turning every|-3 1 -1 -2 1 -1 -1
turning halfway|0 -1 -1 -1 1 0 0
turning once|1 -2 -3 1 -1 -3 -2
twenty|-1 0 1 -1 -2 0 -1
twenty minutes|-1 0 0 -1 -2 -1 -1
twice|-1 0 -3 -1 -1 0 0
twice .|-2 1 -2 -1 -1 0 0
two|1 -2 -3 -2 1 -2 -2
two batches|-2 -1 0 -2 -1 0 0
two hours|-4 3 -2 -2 1 -2 -2
two trays|-1 -3 -2 -2 2 -4 -2
umluft|1 -2 -2 -1 0 -1 -3
uncover|-1 -3 -2 -4 4 -3 -5
uncover ,|-2 -1 1 -3 2 -1 -3
uncovered|-6 -5 -3 -1 4 -5 -7
uncovered #|-5 -5 -5 0 2 -4 -5
uncovered ,|-3 -3 -3 1 1 -2 -3
uncovered for|-1 -2 -2 -2 2 -1 -2
under|-1 2 -5 -4 3 -4 -4
under a|-1 2 -4 -3 0 -2 -2
under cold|1 -4 0 0 -1 -2 -2
under the|-3 -1 -3 -2 2 -2 -2
unsalted|-1 -3 -2 2 -1 -1 -2
until|-5 -3 1 0 -1 1 -6
until a|-1 -2 -1 0 1 -1 -1
until brown|-3 -2 1 -1 -4 -3 -1
until browned|-4 -1 3 -4 -1 -2 -3
until charred|-2 -2 -4 0 2 -2 -1
until completely|-2 -3 -2 1 -1 1 -1
until creamy|0 -1 -1 1 -1 -2 -1
until crisp|-2 -3 0 0 1 -2 -1
until deep|-2 -2 2 -2 0 -2 -1
until doubled|-2 2 -1 -2 -2 -1 -1
until dry|-1 -2 0 1 -1 -1 0
until fragrant|-2 -1 0 0 -2 -1 -1
until golden|-2 -3 3 -5 1 -1 -1
until it|-1 0 -2 -1 -5 1 -4
until just|0 -1 -3 2 -1 -1 -1
until nearly|-1 -1 0 0 -1 -1 0
until no|0 1 -3 -3 -1 -2 -1
until silky|-2 -1 -2 0 -1 1 -1
until smooth|1 -4 -2 -2 -2 1 -2
until soft|-3 -2 0 0 0 -3 -3
until softened|-3 -1 5 -6 -3 -1 0
until tender|-2 -2 0 0 -1 -2 -2
until the|-2 0 1 -1 -2 -2 -1
until they|-3 -4 2 -1 0 -1 -1
until thick|-2 -1 -1 2 -4 -2 -1
until thickened|-3 -1 -5 4 -2 -1 0
until very|1 -4 -2 -1 -4 -1 -3
until wilted|-1 0 1 -1 -3 -3 -4
untimed|18 -34 -2 -26 -17 -3 -23
unwrap|-2 1 -2 -2 2 -1 -1
up|0 -2 0 -2 -1 0 0
up ,|2 -4 -1 -1 -5 -4 -5
up .|-3 -2 2 -1 -5 0 0
up and|0 -2 0 1 -1 -1 -1
up the|1 -1 1 -2 -3 -2 -1
up to|-1 -1 0 -3 1 -1 -1
up with|2 0 -4 1 -3 -3 -3
upper|-1 -2 -2 -2 1 -1 0
upright|3 -1 -3 -1 -2 -2 -1
upside|0 -3 -3 1 0 -2 -3
upside down|0 -3 -3 1 0 -2 -3
use|4 -2 -3 -3 -2 -4 -1
using|-1 1 1 -2 -2 -2 -2
usually|-2 -1 -3 2 -2 -1 -1
v|-3 -1 1 1 -2 -3 -2
vanilla|-1 0 0 -1 -4 -1 -2
vanilla .|1 -1 -2 -1 -1 0 0
vanilla and|-1 1 -2 1 -3 -2 -1
ve|-1 1 0 -2 -3 -2 -2
veg|3 -4 0 0 -4 -4 -2
veg ,|3 -2 0 0 -2 -4 -2
veg .|3 -2 -3 -2 -2 -2 -1
veg in|1 -4 1 -2 -4 -2 -2
vegetables|1 -4 -1 0 -4 -3 -2
vegetables ,|-1 -2 0 1 -2 -3 -1
vegetables and|1 -2 -2 -1 0 -1 -1
vegetables in|-2 -3 -2 1 0 -1 -2
vermicelli|0 1 0 -3 -2 -2 -3
very|1 -2 -3 1 -6 1 -7
very hot|-1 -2 2 -3 -2 -3 -1
vin|2 -1 -2 -2 -2 -2 -1
vinegar|0 0 -1 -1 -6 0 -5
vinegar ,|0 -1 -2 0 -4 1 -3
vinegar .|1 -2 -5 0 -2 0 -2
vinegar and|-1 1 1 -1 -2 -2 -1
w|-1 -2 -5 -5 -3 3 1
w .|0 0 0 -4 -2 0 -6
wait|2 -1 -2 0 -4 -4 -4
wait #|2 0 -5 0 -3 -3 -4
walnuts|-4 -4 -2 -5 2 2 -6
walnuts ,|-2 -2 0 -3 0 1 -2
walnuts in|-4 -2 0 -2 1 1 -3
want|-1 -2 -1 -2 -1 1 -1
warm|0 0 0 -3 -2 -2 -1
warm #|-1 0 1 -2 -3 -4 -5
warm ,|1 1 0 -3 -2 -1 -1
warm .|1 0 -4 -3 -4 0 0
warm in|-2 -1 -4 -2 3 -3 -1
warm lentils|3 -1 -3 -1 -1 -1 0
warm the|-2 -3 2 0 -2 -3 -2
warm through|0 -3 3 -4 -3 0 -5
warm with|0 -1 -2 -1 -1 1 -1
wash|2 2 -1 -4 -2 -4 -3
wash and|-1 1 1 -3 -1 -1 -3
wash the|1 1 -2 -2 -1 -2 -1
water|-2 -1 0 1 -6 0 0
water #|-3 1 -1 1 -5 0 -7
water (|2 -2 -2 -1 -2 -3 -1
water ,|-1 -3 1 2 -3 -4 -4
water .|1 -2 1 -4 -2 -2 -5
water ;|0 2 -3 1 -3 -1 -3
water and|-1 0 1 -4 -5 -1 1
water by|-1 0 1 -4 -3 -3 -2
water for|-2 1 -5 2 -5 -2 -3
water if|3 -5 -4 1 -5 -2 -3
water in|-2 -3 2 -4 -4 -4 1
water is|2 -1 -3 0 -1 -1 -1
water over|-2 5 -1 -6 -2 -3 -4
water runs|2 1 -3 -2 -1 -2 -2
water till|0 -2 -4 0 -1 1 -1
water to|0 0 0 -2 -4 -1 -2
water until|0 -4 -3 2 -2 0 -3
water with|-1 -1 -5 4 -3 -2 -3
way|-1 -3 -3 -1 1 1 -2
we|0 -3 -1 -2 1 0 -2
wedges|1 0 -1 -1 -3 -5 -4
wedges ,|-2 1 -2 -2 0 -2 -2
wedges .|2 -1 -2 -1 -1 -2 -1
week|2 -2 -3 -3 -3 -1 -4
week .|1 -1 -3 -2 -2 0 -2
weeks|5 -5 -3 -3 -2 -2 -3
weigh|0 -2 1 -2 -3 -3 -1
weight|1 0 1 -2 -1 -2 -1
well|0 0 0 -2 -2 -2 -3
well ,|-1 2 -4 -2 -3 1 -2
well .|0 -3 1 0 -4 -2 -2
well and|0 0 -4 -3 -1 0 -1
wet|1 1 -2 -4 -5 -1 -4
wet ,|1 1 -4 -2 -2 -2 -1
wet .|3 -2 -3 -1 -1 -4 -2
wet hands|2 0 -2 -2 -2 -2 -1
what|2 -3 -4 -1 -3 -3 1
when|-2 -1 0 1 -2 -1 -2
when cold|-1 1 1 -3 -1 -2 -1
when it|1 1 0 -2 -2 -2 -2
when they|0 -3 -1 1 -2 -2 -1
when you|-1 -2 -1 2 -2 0 0
which|1 -1 2 -3 -2 -2 0
while|-2 -2 -1 -4 2 0 -1
while hot|-3 0 2 -4 -3 -1 -2
while warm|0 -2 -2 -2 -2 1 -2
while you|0 -1 -5 -3 2 -4 -2
whisk|2 1 -2 -1 -3 -6 -4
whisk ,|-2 2 -3 2 -3 -3 -1
whisk .|3 -2 -3 0 -3 -3 -2
whisk dressing|3 -1 -4 -1 -1 -2 0
whisk dry|4 -3 -3 -3 -2 -3 -1
whisk everything|1 2 -3 -2 -3 -3 -1
whisk flour|4 0 -6 -4 -2 -4 -1
whisk in|0 -2 1 -1 -2 -4 -1
whisk the|2 -2 -7 -1 -4 -1 -2
whisk together|1 1 -3 -1 -1 -3 -1
whisk wet|4 -3 -4 -3 -3 -3 -1
whisking|1 -3 2 -4 -2 -2 -1
whisking .|1 -3 2 -5 -2 -2 -1
white|3 -2 -1 -1 -3 -5 -2
white sauce|1 -2 2 -4 -2 -2 -2
whizz|-5 -3 -5 -3 -3 5 -3
whole|2 -5 -3 0 0 -1 -5
whole .|4 -3 -3 -2 -4 -4 -1
wide|-3 0 2 0 -3 -4 -1
wide pan|-2 -1 1 1 -1 -3 -1
widest|-2 -2 2 0 -2 -2 -1
will|-2 -2 1 -2 -1 -3 -2
wilt|-7 -4 7 -4 -3 -4 -4
wilt .|-4 -1 4 -2 -3 -3 -2
wilt the|-3 -3 4 -3 -1 -3 -3
wilted|-1 0 1 -1 -3 -3 -4
wilted ,|1 -3 2 -4 -2 -2 -2
wilted .|-3 0 0 1 -2 -2 -3
wine|-4 -6 1 4 -7 -8 -5
wine ,|-4 -5 1 4 -5 -6 -5
wine ;|-4 -2 1 3 -2 -3 -2
wine and|0 -4 2 -2 -3 -2 -1
wipe|-4 -2 4 -3 -3 -3 -2
with|0 -4 -3 -2 0 3 0
with #|-4 0 2 -4 0 -1 1
with a|2 -2 -3 0 -3 0 -4
with about|-1 -2 2 -3 -4 -3 -1
with an|-3 -1 2 -1 -2 -1 -1
with bread|1 -1 -1 -1 -1 -1 -1
with cilantro|-1 -1 -4 -2 -3 2 -2
with cold|0 -3 -1 1 -2 -3 -2
with coriander|-1 -1 1 -2 -3 -4 -1
with everything|-1 -2 -2 -3 -2 2 -1
with flour|1 0 -1 -2 -2 -3 -2
with foil|0 -4 -3 -3 2 -2 -2
with fresh|-1 -2 -2 1 -1 0 -1
with garlic|1 -2 -2 1 -2 -1 -2
with half|2 -2 -5 -1 0 -4 -4
with hot|-3 -1 3 -3 -3 -3 -2
with lemon|3 -2 -4 1 -3 -3 -3
with lid|-2 2 -3 -1 -5 -2 1
with lime|0 -2 -3 -2 -1 -1 1
with milk|-1 -3 -3 2 -2 1 -2
with oil|1 -3 0 -3 0 -4 -3
with onion|2 -1 -2 -3 -1 0 -1
with parsley|1 -1 0 -2 -1 -2 -1
with rice|-1 -2 2 -2 -2 -4 -2
with salt|0 0 -5 0 0 -5 -3
with soy|3 -1 -4 -2 -3 -3 -2
with sugar|1 -2 0 -1 -1 -3 -1
with the|-1 -1 -3 -1 -1 2 0
with their|-1 -2 -1 -1 -3 1 -2
with two|1 -3 -3 -2 0 0 -4
with vinegar|0 1 -2 -1 -1 0 0
with water|-1 -4 3 -3 -1 -6 -2
with wet|3 -1 -2 -2 -2 -3 -3
within|2 -2 -4 -2 -4 -1 -3
within #|2 -2 -4 -2 -4 -1 -2
without|-4 -2 1 1 -5 0 -3
without stirring|-3 0 0 0 -3 -2 -3
wks|3 -3 -4 -3 -3 -3 -3
wok|-8 -3 8 -4 -4 -7 -5
wooden|4 -2 -4 -1 -3 -3 -2
wooden spoon|4 -3 -4 -1 -2 -3 -2
work|2 -3 -2 -1 -2 -3 -1
worktop|2 -1 -1 0 0 -2 0
wrap|2 -2 -5 1 -3 -3 -4
wrap each|2 -2 -2 -2 -2 -3 -3
wrap in|2 -2 -3 0 -3 -3 -2
wrapped|2 0 -3 -2 0 -3 -2
x|0 0 -3 -2 -1 -1 -2
x #|1 -2 -2 -1 -1 -3 -1
yeast|1 0 -1 -6 -2 -2 -4
yeast ,|0 1 -1 -3 -1 0 -3
yeast .|2 -2 -1 -2 -2 -4 -1
yeast and|-1 1 0 -2 -2 -2 -1
yeast extract|1 -2 0 -2 -2 -2 -1
yog|-2 -1 2 -2 -2 -2 -1
yoghurt|0 0 -2 1 -3 0 -1
yogurt|1 1 -3 -1 -2 -1 -1
you|-1 -1 -2 -1 1 0 -5
you can|-2 -2 1 1 -2 -2 -1
you have|-1 1 0 -2 -1 0 -1
you like|-1 -1 -2 -1 -2 1 -1
you want|-1 -2 -1 -2 -1 1 -1
your|1 0 0 -4 -4 0 -4
zest|2 1 -3 -2 -1 -2 -3
zest ,|2 1 -3 -2 -1 -4 -1
zest and|-1 -1 -1 -1 0 0 -1
°|-2 -6 -3 -8 4 -3 1
° #|-3 -4 -3 -3 1 -2 1
° c|-1 -5 -3 -6 3 -2 0
° f|0 -1 -4 -2 1 -2 -1
`;
