import { inBase, show, type Amount } from '../../quantity/index.ts';

/** An amount in short words, for reading it back: `2 × can of 400 g`, `180 to 360 g`. */
export function amountWords(amount: Amount): string {
  switch (amount.kind) {
    case 'mass':
    case 'volume':
      return show(amount);
    case 'count':
      return inBase(amount).toFraction(true);
    case 'range':
      return `${show(amount.from)} to ${show(amount.to)}`;
    case 'pack':
      return `${amount.packs.toFraction(true)} × ${amount.name}${amount.holds ? ` of ${show(amount.holds)}` : ''}`;
    case 'to taste':
      return 'to taste';
    case 'unknown':
      return amount.said || 'amount unknown';
    default:
      return amount satisfies never;
  }
}
