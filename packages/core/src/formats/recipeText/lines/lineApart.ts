import { plainSigns, readNumber } from '../../../quantity/index.ts';
import { STARTS_BY_FEEL } from '../../ingredient/byFeel.ts';
import { inOneNumber } from '../../ingredient/everydayForms.ts';
import { blends, isVerb } from '../kitchenVerbs.ts';
import { ABOUT_IT, MADE, TELLS, asAbout } from './aboutIt.ts';
import { NAME_AND_AMOUNT_SMALL } from './doneWith.ts';
import { inItems, listInLine } from './listInLine.ts';
import { RULE, TABLE_HEAD, UNIT_CELL, rowOf } from './tables.ts';

/** A heading with what it heads behind it, in one line. */
const HEADED =
  /^((?:ingredients|you need|you will need|method|directions|instructions|steps|preparation)(?: ?\([^)]{1,30}\))?)\s*:\s+(\S.{20,})$/i;
/** What is told of minutes and heat is done, and no list. */
const COOKED_AT = /\b(?:heat|flip|lid)\b|^\d+ ?(?:mins?|minutes?|hours?)\b/i;
/** Between the items of a list in one line: a semicolon, or a comma before the next amount. */
const BETWEEN_ITEMS =
  /\s*;\s*|\s*,\s*(?=(?:\d|½|¼|¾|⅓|⅔|an? |(?:pinch|thumb|knob|handful|splash|juice|zest|dash)\b|salt\b))/i;

/** "300 g mushrooms", "2 onions", "half a swede" */
const AMOUNT_FIRST = /^(?:\d|(?:an?|half|one|two|three|four|a couple of|some) )/i;
/** An amount without a number. */
const UNMEASURED = /^(?:juice|zest|salt|pepper)\b/i;
const byFeel = (item: string): boolean => STARTS_BY_FEEL.test(item) || UNMEASURED.test(item);

/** The items of a list in one line: between their points, where it has such. */
const itemsOf = (list: string): readonly string[] =>
  / [•·] /.test(list) ? list.split(/\s+[•·]\s+/) : list.split(BETWEEN_ITEMS);
/** "You need a mug of barley, an onion and some thyme. Melt the butter …" */
const NEEDED =
  /^(?:(?:ok(?:ay)?|so|right|well|hi|hey)[, ]+)*(?:(?:for (?:this|it),? |(?:to make (?:an? |some |the )?|for (?:an? |the |my |our )(?!\d|two\b|three\b|four\b|five\b|six\b|lot\b|crowd\b)|(?=for |to (?:serve|feed) ))([^.!]{3,90}?),? )?(?:you(?:[’']ll| will)? (?:need|want)|it takes|ingredients are|(?<=^)it(?:['’]s| is)(?: just| only| about)?(?= \d))|[^.:!]{0,60}\b(?:here goes|here it is|this is what goes in|what goes in(?: is)?|(?:it['’]s|it is) just):):?\s+(?=(?:an?|some|half|two|three|four|five|six|the)\b|\d|(?:\p{Ll}+ ){1,3}\d)((?:[^.!]|\.(?=\d|\s+(?:plus|and|also)\b))+)[.!]\s*(.*)$/iu;
const AND_ITEMS =
  /\s+to\s+(?=\d+(?:[.,]\d+)?\s?(?:k?g|ml|l|lit(?:re|er)s?|cups?)\b)|\s*[,.]\s+(?:and\s+|plus\s+|also\s+)*|\s*,\s*|\s+(?:and|plus)\s+(?=(?:an?|some|\d+|half|two|three|four|five|six|salt)\b)/i;

/** "Smoked tofu 2kg", "Bay 10" */
const NAME_AND_AMOUNT = /^\p{Lu}[\p{L} '-]*\s\d/u;

/** "Servings: 6", "Cook: 4 h on high" */
const SAYS_HOW_MANY = /^(?:servings?|serves|makes|yields?|prep|cook(?:ing)?|total|active)(?: time)?:?\s*(?:about )?\d/i;
/** No name is so long. */
const LONGEST_NAME = 100;
/** A short sentence without an amount, and the rest. */
const NAME_FIRST = /^([^.!?\d():]{4,50})\.\s+(\d.+|\p{Lu}.+)$/u;

/** One written line as lines that each say one thing; `first`: it stands at the top of the text, where the name does. */
export function lineApart(raw: string, first: boolean): readonly string[] {
  const line = raw.trim();
  if (line === '') return [''];
  if (/^[-=_*~\s]{3,}$/.test(line)) return [''];
  // "--- paste ---"
  const ruled = /^[-=*~]{2,}\s*(\p{L}[\p{L} &-]{1,40}?)\s*[-=*~]{2,}$/u.exec(line)?.[1];
  if (ruled) return ['', `${ruled}:`];
  // "Apple sauce for the freezer. 4 kg apples, 300 ml water. Simmer …": all of it in one line, its name first.
  const [, name, all] = first && line.length > LONGEST_NAME ? (NAME_FIRST.exec(line) ?? []) : [];
  if (name !== undefined && all !== undefined && !isVerb(/^\p{L}+/u.exec(name)?.[0] ?? '')) return [name, '', all];
  const told = first ? undefined : listInLine(line);
  if (told)
    return [
      // "For 6: …" says for how many, and heads all of it.
      /^for \d/i.test(told.heading) ? told.heading : `${told.heading}:`,
      ...told.items,
      '',
      ...(blends(told.heading) ? [`${told.heading} all of it.`] : []),
    ];
  // "1 onion / 2 carrots / salt"
  const slashed = line.split(/\s+\/\s+|\s*;\s+/);
  if (
    slashed.length > 2 &&
    slashed.every((part) => part.length < 60 && !/[.!?]\s/.test(part)) &&
    (readNumber(plainSigns(slashed[0] ?? '')) ??
      slashed.filter((part) => NAME_AND_AMOUNT_SMALL.test(plainSigns(part))).length * 10 >= slashed.length * 7)
  )
    return slashed;
  // "200 g peas · 1 leek · dill", "Sauerkraut 3 kg (drained), Onions 1.5 kg, Bay 10"
  const points = line.replace(/^[•·▢]\s*/, '').split(/\s+(?:[·•]|::|\/\/)\s+/);
  const dashed = line.split(/\s+[–—-]\s+/);
  // "1 cup millet – 2 cups oat milk – 2 apples"
  const dotted =
    dashed.length > 3 && dashed.every((part) => part.length < 40) && AMOUNT_FIRST.test(plainSigns(line))
      ? dashed
      : points;
  // "Servings: 6; Prep: 15 min; Cook: 4 h on high"
  const semicolons = line.split(/\s*;\s*/);
  if (semicolons.length > 1 && semicolons.every((part) => SAYS_HOW_MANY.test(part)))
    return semicolons.map((part) => asAbout(part));
  // "4 servings · 40 min · easy"
  if (dotted.length > 1 && dotted.filter((part) => ABOUT_IT.test(part)).length * 2 > dotted.length)
    return dotted.map((part) => (ABOUT_IT.test(part) ? asAbout(part) : `Notes: ${part}`));
  if (dotted.length > 2 && dotted.filter((part) => readNumber(plainSigns(part))).length * 2 >= dotted.length)
    return dotted;
  const items = line.replace(/\.$/, '').split(/\s*,\s*(?![^(]*\))/);
  // "potatoes 500g, onion 1, turmeric ½ tsp, salt": the names first, in small letters.
  if (
    items.length > 4 &&
    !/[.!?]\s/.test(line) &&
    items.every((item) => item.length < 40 && !COOKED_AT.test(item)) &&
    items.filter((item) => NAME_AND_AMOUNT_SMALL.test(plainSigns(item))).length * 10 >= items.length * 7
  )
    return inItems(items);
  const named = line.replace(/\.$/, '').split(/,\s+(?=\p{Lu})/u);
  if (
    named.length > 3 &&
    named.every((part) => part.length < 60 && !/[.!?]\s/.test(part)) &&
    named.filter((part) => NAME_AND_AMOUNT.test(part)).length * 4 >= named.length * 3
  )
    return named;
  // "Prep 10 min | Serves 4" are no row of a list.
  if (!line.startsWith('|') && / \| /.test(line) && TELLS.test(line))
    return line.split('|').map((part) => asAbout(part.trim()));
  // "Bolognese | serves 6 | 1 hr": no table.
  const [title = '', ...about] = line.split(/\s+\|\s+/);
  // "Carrot halwa | desserts | *****"
  if (first && !line.startsWith('|') && about.length > 0 && !/\d/.test(line))
    return [title, ...about.filter((part) => /\p{L}/u.test(part)).map((part) => `Notes: ${part}`)];
  if (about.length > 0 && about.every((part) => ABOUT_IT.test(part) || (first && MADE.test(part))))
    return [title, ...about.map((part) => (ABOUT_IT.test(part) ? asAbout(part) : `Makes: ${part}`))];
  // "300 g mushrooms, 1 shallot, 2 cloves garlic, pepper.": a list, and no sentence.
  if (
    items.length > 3 &&
    !/[.!?]\s/.test(line) &&
    items.every(
      (item) =>
        item.length < 60 &&
        !COOKED_AT.test(item) &&
        (/^\p{L}+ of /u.test(item) || !isVerb(/^\p{L}+/u.exec(item)?.[0] ?? '')),
    ) &&
    AMOUNT_FIRST.test(plainSigns(items[0] ?? '')) &&
    items.filter((item) => AMOUNT_FIRST.test(plainSigns(item)) || byFeel(item)).length * 3 >= items.length * 2
  )
    return inItems(items);
  // "3 cloves garlic | 1 lemon | 40 ml oil": each an item of its own.
  const cells = line.replace(/^[-*•]\s+/, '').split(/\s+\|\s+/);
  if (
    !line.startsWith('|') &&
    cells.length > 1 &&
    cells.filter((cell) => /^\S+\s+(?:\S+\s+)*\p{L}{3,}/u.test(cell) && readNumber(plainSigns(cell))).length > 1
  )
    return cells;
  if (line.startsWith('|') || / \| /.test(line)) {
    if (RULE.test(line)) return [];
    const row = rowOf(line.split('|'));
    return row === undefined ? [] : [row];
  }
  // Cells parted by a gap: "Garlic, peeled      0.120 kg".
  const gap = /^(\p{L}\S*(?: \S+)*)\s{3,}((?:about |ca\.? )?\d\S*(?: \S+){0,3})$/u.exec(line);
  // "TVP CHILI        50 PAX"
  if (first && gap?.[1] && gap[2])
    return /^\d+ (?:pax|ppl|heads|covers)\b/i.test(gap[2])
      ? [gap[1], `Serves ${/\d+/.exec(gap[2])?.[0] ?? ''}`]
      : [gap[1], gap[2]];
  if (gap?.[1] && gap[2] && readNumber(plainSigns(gap[2]))) {
    // "leeks      2, sliced"
    const [amount = '', ...how] = gap[2].split(/,\s+/);
    return [[`${amount} ${gap[1]}`, ...how].join(', ')];
  }
  const heads = line.split(/\s{2,}|\t/);
  // "Item      Qty", "Qty Unit Item"
  if (heads.length > 1 && heads.every((part) => TABLE_HEAD.test(part))) return [];
  if (/^(?:qty|quantity|amount)\s+(?:unit|measure)?\s*(?:items?|ingredients?|food)$/i.test(line)) return [];
  const spaced = line.split(/\s{3,}/);
  // "1 lb leeks        1 oz flour": two columns of one list.
  if (spaced.length === 2 && spaced.every((part) => /^(?:\d|½|¼|¾)\S*(?: \S+)+$/.test(part) && part.length < 40))
    return spaced;
  // "Tomatoes, ripe    2    kg"
  if (spaced.length === 3 && /^\d[\d.,/]*$/.test(spaced[1] ?? '') && UNIT_CELL.test(spaced[2] ?? '')) {
    const row = rowOf(spaced);
    if (row !== undefined) return [row];
  }
  // "Green beans     350 g     topped and tailed", "Oil     3 tbsp"
  if (spaced.length === 3 && /^\p{L}/u.test(line) && /^(?:about |ca\.? )?\d\S*(?: \S+){0,2}$/.test(spaced[1] ?? ''))
    return [`${spaced[1] ?? ''} ${spaced[0] ?? ''}, ${spaced[2] ?? ''}`];
  // "Dough      1 kg flour, 650 g water, 20 g salt"
  if (spaced.length === 2 && /^\p{L}[\p{L} ]{2,30}$/u.test(spaced[0] ?? '') && /^\d.*,\s*\d/.test(spaced[1] ?? ''))
    return lineApart(`${spaced[0] ?? ''}: ${spaced[1] ?? ''}`, false);
  if (spaced.length > 1 && spaced.slice(1).every((part) => ABOUT_IT.test(part) || /^\p{L}+:/u.test(part)))
    return spaced.map((part) =>
      asAbout(part)
        .replace(/^yields?:\s*/i, 'Makes: ')
        .replace(/^portions?:\s*(?=\d+\s*k?g\b)/i, 'Notes: portions of '),
    );
  // Cells parted by a tab, or by a row of dots.
  if (/\S\s*(?:\t|\.{3,})\s*\S/.test(line)) {
    const row = rowOf(line.split(/\t|\.{3,}/));
    return row === undefined ? [] : [row];
  }
  const needed = NEEDED.exec(line);
  if (needed?.[2] !== undefined && needed[3] !== undefined) {
    const items = inOneNumber(needed[2])
      .split(AND_ITEMS)
      .map((item) => item.trim())
      .filter(Boolean);
    // "To make a pot of lentil dip you need" names it, "for eight you need" says for how many.
    const [, what] = needed;
    const named =
      what === undefined
        ? []
        : /^(?:for|to (?:serve|feed)) /i.test(what)
          ? [what.replace(/^to (?:serve|feed) /i, 'for ')]
          : first
            ? [`${what.charAt(0).toUpperCase()}${what.slice(1)}`]
            : [];
    if (items.length > 2) return [...named, '', 'Ingredients', ...items, '', 'Method', needed[3]];
  }
  const headed = HEADED.exec(line);
  if (headed?.[1] && headed[2])
    return /^(?:ingredients|you)/i.test(headed[1])
      ? [
          '',
          headed[1],
          // "…, salt. Rice: 300 g": another part of the dish.
          ...headed[2]
            .replace(/\.$/, '')
            .split(/\.\s+(?=\p{Lu}[\p{L} ]{2,20}: )/u)
            .flatMap((part) => {
              const of = /^(\p{Lu}[\p{L} ]{2,20}): (.*)$/u.exec(part);
              return [...(of ? [`${of[1] ?? ''}:`] : []), ...itemsOf(of?.[2] ?? part)];
            }),
          '',
        ]
      : ['', headed[1], headed[2]];
  return [line.replace(/\s{2,}/g, ' ')];
}
