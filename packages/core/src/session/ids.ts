/*
 * The ids that a plan gives to resources, to what an oven asks for, and to washes: written and read here, and nowhere taken apart.
 * What people have typed (a pot's name, a person's) stands encoded behind a slash, so that a pot named "oven 2" is no oven.
 */

/** What a resource is in the kitchen. */
export type ResourceIs =
  /** One of several like things, from 1: "oven" is the first, "oven 2" the next. What keeps work apart in a plan is such a thing too: "power". */
  | { readonly is: 'thing'; readonly kind: string; readonly n: number }
  | { readonly is: 'pot'; readonly name: string }
  /** Hands of somebody, or of any of several, for what only they may do. */
  | { readonly is: 'hands'; readonly of: readonly string[] }
  /** Appliances of which only one runs at a time. */
  | { readonly is: 'one of'; readonly kinds: readonly string[] };

const POT = 'pot/';
const HANDS = 'hands/';
const ONE_OF = 'one of/';

const listed = (names: readonly string[]) => names.map(encodeURIComponent).join('/');
const namesIn = (text: string) => text.split('/').map(decodeURIComponent);

/** @example resourceId({ is: 'thing', kind: 'oven', n: 2 }) // "oven 2" */
export function resourceId(what: ResourceIs): string {
  switch (what.is) {
    case 'thing':
      return what.n === 1 ? what.kind : `${what.kind} ${what.n}`;
    case 'pot':
      return `${POT}${listed([what.name])}`;
    case 'hands':
      return `${HANDS}${listed(what.of)}`;
    case 'one of':
      return `${ONE_OF}${listed(what.kinds)}`;
  }
}

/** @example resourceOf('oven 2') // { is: 'thing', kind: 'oven', n: 2 } */
export function resourceOf(id: string): ResourceIs {
  if (id.startsWith(POT)) return { is: 'pot', name: namesIn(id.slice(POT.length)).join('/') };
  if (id.startsWith(HANDS)) return { is: 'hands', of: namesIn(id.slice(HANDS.length)) };
  if (id.startsWith(ONE_OF)) return { is: 'one of', kinds: namesIn(id.slice(ONE_OF.length)) };
  const [, kind = id, n = '1'] = /^(.*?)(?: (\d+))?$/.exec(id) ?? [];
  return { is: 'thing', kind, n: Number(n) };
}

/** Is a resource one of the like things of a kind? */
export const isThing = (id: string, kind: string): boolean => {
  const what = resourceOf(id);
  return what.is === 'thing' && what.kind === kind;
};

/** Which of several like things a resource is, from 1; the first where it is none of them. */
export const numberOf = (id: string, kind: string): number => {
  const what = resourceOf(id);
  return what.is === 'thing' && what.kind === kind ? what.n : 1;
};

/** What a cook calls a resource. */
export function resourceWords(id: string): string {
  const what = resourceOf(id);
  switch (what.is) {
    case 'thing':
      return id;
    case 'pot':
      return what.name;
    case 'hands':
      return `hands of ${what.of.join(' or ')}`;
    case 'one of':
      return `one of ${what.kinds.join(', ')}`;
  }
}

/** The task that switches an oven on, the one thing that is better done late; and the one that stands for switching it off: its power is taken until then. */
export const ovenTask = (does: 'on' | 'off', oven: number): string => `oven-${does}${oven === 1 ? '' : ` ${oven}`}`;

/** Which oven a task switches on, from 1; undefined where it does something else. */
export function switchesOn(task: string): number | undefined {
  const [, n] = /^oven-on(?: (\d+))?$/.exec(task) ?? [undefined, undefined];
  return task === ovenTask('on', Number(n ?? 1)) ? Number(n ?? 1) : undefined;
}

const WASH = 'wash after ';

/** The wash behind a use, as work of hands beside the tasks. */
export const washId = (use: string): string => `${WASH}${use}`;
/** The use that a wash is behind; undefined for what is no wash. */
export const washOf = (work: string): string | undefined =>
  work.startsWith(WASH) ? work.slice(WASH.length) : undefined;
