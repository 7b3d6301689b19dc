import { counted } from '@kestrel-ridge/core/quantity';

/** What has to be bought, as the page’s head. */
export const shopHead = (lines: number): string =>
  lines === 0 ? 'Nothing is missing for this week' : `${counted(lines, 'thing')} to buy`;
/** Why it has to be bought; empty where nothing has. */
export const whyBuyWords = (forDishes: number, below: number): string =>
  [
    ...(forDishes > 0 ? [`${forDishes} for this week’s dishes`] : []),
    ...(below > 0 ? [`${below} below what should never run out`] : []),
  ].join(', ');
/** The trip in a calendar. */
export const tripWords = (kitchen: string, lines: number): string => `Shop for ${kitchen}: ${counted(lines, 'thing')}`;
/** What came home, for the way back. */
export const cameHomeWords = (things: number): string => `Put ${counted(things, 'thing')} from the shop on the shelf`;

/** The book of prices, as the page’s head. */
export const pricesHead = (foods: number): string =>
  foods === 0 ? 'No price is known yet' : `Prices of ${counted(foods, 'food')}`;
/** What was understood of a table of prices. */
export const pricesReadWords = (prices: number, faults: number): string =>
  prices === 0
    ? 'no price that was noted by hand is in it.'
    : `${counted(prices, 'price')} understood${faults > 0 ? `, ${faults} not` : ''}.`;
/** What the button does with them. */
export const notePricesWords = (prices: number, faults: number): string =>
  `Note ${counted(prices, 'price')}${faults > 0 ? `, leave ${faults} out` : ''}`;
export const pricesNotedWords = (prices: number): string => `${counted(prices, 'price is', 'prices are')} noted.`;

/** Packs of a choice: "2 × 500 g + 1 × 1 kg". */
export const packsWords = (packs: readonly { readonly count: number; readonly holds: string }[]): string =>
  packs.map(({ count, holds }) => `${count} × ${holds}`).join(' + ');
/** What is over of the packs that are bought, and which packs would leave least. */
export const overWords = (
  over: string | undefined,
  least: { readonly packs: string; readonly money: string } | undefined,
): string =>
  [
    ...(over === undefined ? [] : [`${over} over`]),
    ...(least === undefined ? [] : [`least over: ${least.packs} for ${least.money}`]),
  ].join('; ');
/** What a kilo costs, and what a kilo costs of which all is eaten, where that is more. */
export const kiloWords = (name: string, bought: string, eaten: string | undefined): string =>
  eaten === undefined ? `${bought} ${name}` : `${bought} ${name}; ${eaten} ${name} that will be eaten`;
