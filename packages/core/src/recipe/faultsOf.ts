import { Fraction, WRITTEN_NUMBER, WRITTEN_SHARE } from '../quantity/index.ts';
import { leadsTo } from './leadsTo.ts';
import { readShare } from './readShare.ts';
import type { Method, Revision } from './revision.ts';

/** Something a recipe says that cannot be cooked. */
export interface RecipeFault {
  readonly field: string;
  readonly fault: string;
  readonly remedy: string;
}

/** What is wrong with a recipe; an empty list means that it can be scaled and cooked, by each of its methods and in each of its versions. */
export function faultsOf(recipe: Revision): readonly RecipeFault[] {
  const faults: RecipeFault[] = [...faultsOfWay(recipe, '')];
  const say = (field: string, fault: string, remedy: string) => faults.push({ field, fault, remedy });
  if (!recipe.name.trim()) say('name', 'The recipe has no name.', 'Give it one.');
  if (!(recipe.portions > 0))
    say('portions', 'It makes no portions.', 'Say how many portions the written amounts make.');
  if (recipe.lines.length === 0) say('lines', 'Nothing goes in.', 'Add at least one ingredient.');

  const lines = new Set(recipe.lines.map((line) => line.id));
  if (lines.size !== recipe.lines.length) say('lines', 'Two ingredients share an id.', 'Give each its own.');
  for (const method of recipe.methods ?? []) {
    faults.push(...faultsOfWay(inTheWayOf(recipe, method), `methods.${method.id}.`));
    for (const { line } of method.lines)
      if (!lines.has(line))
        say(`methods.${method.id}`, `It changes a line "${line}" that is not there.`, 'Name a line of this recipe.');
  }
  for (const version of recipe.versions ?? []) {
    for (const line of [...version.without, ...version.lines.map((change) => change.line)])
      if (!lines.has(line))
        say(`versions.${version.id}`, `It changes a line "${line}" that is not there.`, 'Name a line of this recipe.');
    if (version.without.length >= recipe.lines.length)
      say(`versions.${version.id}`, 'It leaves everything out.', 'Keep at least one ingredient.');
    if (recipe.steps.every((step) => version.skips.includes(step.id)))
      say(`versions.${version.id}`, 'It skips every step.', 'Keep at least one step.');
  }
  for (const line of recipe.lines)
    if (line.slot && !line.slot.allowed.includes(line.food))
      say(
        `lines.${line.id}`,
        'The food that stands for the slot is not among those allowed.',
        'Add it to them, or choose another.',
      );
  return faults;
}

const inTheWayOf = (recipe: Revision, method: Method): Revision => ({
  ...recipe,
  steps: method.steps,
  uses: method.uses,
  lines: recipe.lines.map((line) => {
    const into = method.lines.find((change) => change.line === line.id)?.into;
    return into ? { ...line, into } : line;
  }),
});

/** Faults of lines, steps and uses against each other, for one way of cooking. */
function faultsOfWay(recipe: Revision, at: string): readonly RecipeFault[] {
  const faults: RecipeFault[] = [];
  const steps = new Set(recipe.steps.map((step) => step.id));
  const say = (field: string, fault: string, remedy: string) => faults.push({ field: `${at}${field}`, fault, remedy });
  if (recipe.steps.length === 0) say('steps', 'Nothing is done.', 'Add at least one step.');
  if (steps.size !== recipe.steps.length) say('steps', 'Two steps share an id.', 'Give each step its own.');
  if (recipe.steps.some((step) => !step.name.trim()))
    say('steps', 'A step says nothing.', 'Write what is done, or remove it.');

  for (const line of recipe.lines) {
    const unread = line.into.find(({ share }) => !WRITTEN_SHARE.test(share));
    const shares = line.into.reduce((sum, { share }) => sum.add(readShare(share)), new Fraction(0));
    if (unread) say(`lines.${line.id}`, `“${unread.share}” is no share.`, 'Write 1, 1/2 or 2/3.');
    else if (!shares.equals(1))
      say(
        `lines.${line.id}`,
        `Its shares add up to ${shares.toFraction(true)}.`,
        'Let the shares over the steps add up to 1.',
      );
    for (const { step } of line.into)
      if (!steps.has(step))
        say(`lines.${line.id}`, `It goes into a step "${step}" that is not there.`, 'Name a step of this recipe.');
    const typed = [
      line.amount.n,
      ...(line.between ? [line.between.from.n, line.between.to.n] : []),
      ...(line.law.law === 'water for grain' ? [line.law.packet.grainCups, line.law.packet.waterCups] : []),
    ].find((n) => !WRITTEN_NUMBER.test(n));
    if (typed !== undefined) say(`lines.${line.id}`, `“${typed}” is no amount.`, 'Write 2, 1/2, 1 1/2 or 0.5.');
    if (line.law.law === 'to taste' && !WRITTEN_SHARE.test(line.law.first))
      say(`lines.${line.id}`, `“${line.law.first}” is no share before the first taste.`, 'Write 1/2 or 2/3.');
    if (line.law.law === 'water for grain') {
      const grain = line.law.grain;
      if (!recipe.lines.some((other) => other.id === grain))
        say(`lines.${line.id}`, `It follows a grain "${grain}" that is not there.`, 'Name the grain’s line.');
    }
  }
  for (const step of recipe.steps) {
    for (const { step: before, min, max } of step.after) {
      if (!steps.has(before))
        say(`steps.${step.id}`, `It waits for a step "${before}" that is not there.`, 'Name a step of this recipe.');
      if (max !== null && max < min)
        say(
          `steps.${step.id}`,
          `It may wait ${max} min at most but must wait ${min}.`,
          'Make the longest wait at least the shortest.',
        );
    }
    for (const { name, goes } of step.gives ?? [])
      if (goes.to === 'step' && (!steps.has(goes.step) || goes.step === step.id))
        say(`steps.${step.id}`, `Its ${name} goes into a step that is not there.`, 'Name another step of this recipe.');
    if (step.kind === 'work' && step.time.law === 'boils down' && !WRITTEN_NUMBER.test(step.time.off.n))
      say(`steps.${step.id}`, `“${step.time.off.n}” is no amount of water.`, 'Write 200, 1/2 or 0.5.');
    const window =
      step.kind === 'pressure'
        ? step.hold
        : step.kind === 'work' && 'minutes' in step.time && typeof step.time.minutes === 'object'
          ? step.time.minutes
          : undefined;
    if (window && !(window.earliest <= window.expected && window.expected <= window.latest))
      say(
        `steps.${step.id}`,
        `Its window runs ${window.earliest}, ${window.expected}, ${window.latest}.`,
        'Order it: earliest look, expected, latest.',
      );
  }
  for (const use of recipe.uses)
    for (const end of [use.from, use.to])
      if (!steps.has(end))
        say('uses', `The ${use.station} is held by a step "${end}" that is not there.`, 'Name a step of this recipe.');
  const circle = waitsInACircle(recipe);
  for (const { station, from, to } of recipe.uses)
    if (!circle && from !== to && leadsTo(recipe.steps, to, from))
      say(
        'uses',
        `The ${station} is held until a step that comes before the one it is held from.`,
        'Let it end at the same step or a later one.',
      );
  if (circle) say('steps', 'Steps wait for each other in a circle.', 'Take one of the waits away.');
  return faults;
}

function waitsInACircle(recipe: Revision): boolean {
  const open = new Map(recipe.steps.map((step) => [step.id, new Set(step.after.map((after) => after.step))]));
  for (;;) {
    const free = [...open].filter(([, waits]) => [...waits].every((id) => !open.has(id)));
    if (free.length === 0) return open.size > 0;
    for (const [id] of free) open.delete(id);
  }
}
