import type { Food } from '../food/index.ts';

/** The parts of a shop, in the order one walks them. */
export const SECTIONS = [
  'vegetables and fruit',
  'bread',
  'chilled',
  'frozen',
  'dry goods',
  'tins and jars',
  'nuts and seeds',
  'oils, vinegars, sauces',
  'spices',
] as const;
export type Section = (typeof SECTIONS)[number];

const CHILLED = /^(?:tofu|smoked tofu|silken tofu|tempeh|plant margarine|bean sprouts|orange juice)$/;
const FROZEN = /^frozen /;
const IN_TINS =
  /^canned |^tomato paste$|^coconut (?:milk|cream)$|^sauerkraut$|^capers$|olives$|^jam$|milk$|stock$|^apple juice$/;
const BREAD = /bread$|breadcrumbs$/;

/** Where a food stands in a shop. Common practice, no published source. */
export function sectionOf({ name, facts }: Food): Section {
  if (FROZEN.test(name)) return 'frozen';
  if (CHILLED.test(name)) return 'chilled';
  if (IN_TINS.test(name)) return 'tins and jars';
  if (BREAD.test(name)) return 'bread';
  switch (facts.kind) {
    case 'vegetable':
    case 'leaf':
    case 'fruit':
      return 'vegetables and fruit';
    case 'grain':
    case 'legume':
      return 'dry goods';
    case 'nut or seed':
      return 'nuts and seeds';
    case 'fat':
    case 'acid':
      return 'oils, vinegars, sauces';
    case 'seasoning':
      return /sauce$|^tamari$|^miso$|^mustard$|syrup$|^molasses$/.test(name) ? 'oils, vinegars, sauces' : 'spices';
    case 'water':
    case 'component':
      return 'chilled';
    default:
      return facts.kind satisfies never;
  }
}
