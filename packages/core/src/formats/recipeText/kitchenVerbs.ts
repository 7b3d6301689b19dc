import { remembered } from '../../quantity/index.ts';

const words = (text: string): readonly string[] => text.split(/\s+/).filter(Boolean);

/** What hands do in a kitchen, in the form of an order. */
const VERBS = words(`
  add adjust allow arrange assemble bake bash baste beat blanch blend blitz boil bottle braise break bring broil brush bury bubble build caramelise caramelize char
  check chill choose chop chuck clean coat combine come cook cool cover crack cream crisp crumble crush cube cut dab dampen deglaze deseed dice dip discard dissolve
  distribute divide dollop dot double drain do done draw dress dribble drizzle drop dry empty enjoy fill finish fish flatten flip fluff fold form freeze fry garnish gather
  get give glaze grate grease griddle grill grind halve hang heap heat hold infuse invert julienne keep knead knock ladle lay leave let lid lock loosen lower make
  marinate mash massage measure melt microwave mill mince mix moisten move nestle open overlap pack parboil peel pick pickle pierce pile pinch pipe place plait poach pop
  portion pound pour prebake preheat prepare press prick proof prove pull pulse punch puree purée push put quarter rain reduce refrigerate reheat release remove repeat reserve
  rest return rinse rip roast roll rub sauté saute scatter scoop score scrape scrub seal sear separate serve set shake shape shave shred shut sieve sift simmer singe skim
  slice slide smash smear smooth snip soak soften spiralise spiralize spray spread sprinkle sprout squash squeeze stack stand start steam steep stew stir store strain
  strip stuff submerge surround swap sweat swirl switch take taste tear temper thaw thicken thin thread throw tie tilt tip toast toss transfer trim tuck turn twist
  uncover unfold unmould unroll use wait warm wash watch weigh wet whip whisk whizz wilt wipe work wrap zest
`);
const VERB = new RegExp(String.raw`(?:^|[^\p{L}])(?:${VERBS.join('|')})(?![\p{L}])`, 'iu');
/** These are things as well: they are an order where a clause begins with them. */
const AT_START =
  /(?:^|[.;:,]\s*|\b(?:and|then|to)\s+)(?:brown|core|dish|dust|fire|fork|hull|layer|lift|light|line|mound|oil|paint|pat|pot|raise|salt|scald|season|shell|skin|slit|spice|spoon|stick|stock|top)\b/i;

/** Names in which such a word tells no deed: "tomato puree", "baking powder", "a roasting tin". */
const NAMES =
  /\b(?:pur[eé]e(?= [+&])|leave (?:it |them )?(?:alone|undisturbed)|(?:add|the|in|of|with|tomato|garlic|pumpkin|chestnut|remaining) (?:tomato )?pur[eé]e|(?<=\b(?:add|stir in|mix in|tip in)\b[^.;]{0,60})pur[eé]e|(?<=, )pur[eé]e(?=[,;])|(?<=^(?:then )?)pur[eé]e(?=,? (?:in\b|\d)|, [a-z])|tomato paste|(?<=\b(?:add|stir in|fold in|mix in|toss in|with|the) )roast(?= (?:the )?\p{L}+s\b)|the rest\b(?: of)?|rest of|(?<=\badd )rest\b|(?<=, )rest in\b(?! (?:the|an?)\b)|baking (?:powder|soda|sheet|tray|paper|parchment|tin|dish|pan)s?|roasting (?:tin|tray|pan|dish)s?|(?:sheet|loaf|cake|baking|roasting|muffin)[- ]?(?:pan|tin|tray)s?|stir[- ]fry (?:vegetables|sauce)|boil-in-the-bag|steak spice|pot(?:s)? of (?:yogh?urt|cream)|pot barley|with (?:[\w-]+ )?steam\b|pan juices|tea[- ]?towels?|salad (?:bowls?|spinner)|potato (?:masher|ricer|peeler)|garlic press|coffee (?:filter|paper)s?|(?:coffee|spice) grinder|bread (?:tin|knife|board|bin)|jam jars?|pepper mill|soup (?:bowls?|plates?|ladle)|oven (?:chips|gloves|proof)|ovenproof|boiling water|boiled water|freshly boiled)\b/giu;

/**
 * A step's words without the names in which a verb or a vessel tells nothing of what is done.
 * @example withoutNames('Stir in the tomato puree') // "Stir in the thing"
 */
export const withoutNames = remembered((text: string): string =>
  text.replace(/\bgrill pan\b/gi, 'pan').replace(NAMES, 'thing'),
);

const BLENDS = /\b(?:blend|blender|pur[eé]e|whizz|(?<!\bthe )blitz|(?:food )?processor|pulse)\b/i;
/** Is it put into a blender? What stands in brackets is another way of doing it. Without the names in it: see withoutNames. */
export const blends = (plain: string): boolean => BLENDS.test(plain.replace(/\([^)]*\)/g, '').replace(NOT_BLENDED, ''));
/** "With a fork - not a processor" */
const NOT_BLENDED =
  /\b(?:not|no|without|never|don['’]?t|do not|instead of|rather than) (?:an? |the |in (?:an? |the ))?(?:food )?(?:processor|blend\w*|pur[eé]e\w*|blitz\w*|whizz\w*)/gi;

/** Behind something on heat, minutes: so long that it may have been taken off. For fewer nobody does. Common practice, no published source. */
export const OFF_FROM_MINUTES = 3;
/** What hands do for minutes without any heat. */
const ON_NO_HEAT =
  /\b(?:knead|roll|shap|cut|chop|slic|dic|peel|form|pick|shell|shred|grat|stuff|wrap|assembl|clean|wash|rins|massag|rub|mash|press|squeez|fill(?!ing)|spread|brush|trim|whisk|beat|whip|thread|skewer|mix(?!ture)|combin|process|blend|blitz|pound|strip|scrub|prep|by hand|toss\b[^.]*\b(?:salt|marinade|dressing)|cream\b|work\b|stretch|fold|layer|decorat|label|box|bag|portion|drain|strain|sort|crumbl\w* (?:the )?tofu and)/i;

/** "Sliced onions": done before, and no deed of the step. */
const DONE_BEFORE =
  /\b(?:(?:finely|roughly|thinly|freshly|coarsely) )?(?:sliced|chopped|diced|grated|shredded|crushed|peeled|cut|rinsed|washed|pressed|mashed|mixed|drained|crumbled|cubed|minced) (?=\p{L})/giu;
/** Do hands do for minutes what needs no heat? */
export const onNoHeat = (plain: string): boolean => ON_NO_HEAT.test(plain.replace(DONE_BEFORE, ''));

const BOILS_STARCH =
  /\b(?:cook|boil) (?:the |your |some )?(?:\w+ )?(?:pasta|rice|spaghetti|linguine|tagliatelle|penne|macaroni|noodles|potatoes|spuds|lentils|quinoa|bulgur|millet|barley|farro|couscous|gnocchi)\b/i;
/** "Cook the pasta meanwhile": in water, and for a while. */
export const boilsStarch = (plain: string): boolean => BOILS_STARCH.test(plain);

/** Is it one of these words by itself? */
export const isVerb = (word: string): boolean => VERBS.includes(word.toLowerCase());

/** Does somebody do something here? "Feeds four" and "sesame seeds, to serve" are no step. */
export const saysDeed = (text: string): boolean =>
  [VERB, AT_START].some((said) => said.test(text.replace(FOR_LATER, '')));
/** What something is there for is not done yet. */
const FOR_LATER =
  /\bto (?:serve|garnish|finish|taste|fry|decorate|dust|grease)\b|\bfor (?:serving|garnish(?:ing)?|frying|dusting|greasing)\b/gi;
