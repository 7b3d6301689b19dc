import type { KeptHere } from '@kestrel-ridge/core/view';
import { capital, listed } from '@kestrel-ridge/core/quantity';
import type { Teaching } from './teaches.ts';

const days = (n: number): string => `${n} ${n === 1 ? 'day' : 'days'}`;
const onDays = (list: readonly number[]): string =>
  `${list.length === 1 ? 'day' : 'days'} ${listed([...new Set(list)].map(String))}`;

/** How long opened packs and dishes were really good here, among all that is learned. The book's limit stays: who trusts less may enter fewer days. */
export const keptTeachings = (kept: readonly KeptHere[]): readonly Teaching[] =>
  kept.map(({ food, name, what, book, goodTo, goneOffOn, n }) => ({
    what: what === 'opened' ? `Opened, ${name} keeps` : `${capital(name)} keeps in the fridge`,
    book: days(book.value),
    here: goneOffOn.length > 0 ? `gone off on ${onDays(goneOffOn)}` : `eaten up to day ${goodTo}`,
    likely: goneOffOn.length > 0 && goodTo > 0 ? `eaten up to day ${goodTo}` : '',
    n,
    used:
      goneOffOn.length > 0
        ? `${days(book.value)} until you enter fewer`
        : `still ${days(book.value)}: a limit is not lengthened by this`,
    to: `/foods/${food}`,
  }));
