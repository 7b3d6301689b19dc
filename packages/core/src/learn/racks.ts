import { rackOf, seenIn, type Sighting } from './sighting.ts';

/** Rounds of the fit: each is one mean a bake and one a rack. Differences halve at least with each where the racks hang together. */
const ROUNDS = 40;

/**
 * Sightings of racks as times of what their own oven does: what a recipe and a day did is taken out, so that a recipe whose time is wrong moves no rack. Trays that were in the
 * oven together are held against each other, single ones against the same step on other racks; what was only ever baked on one rack says nothing of it and is left out.
 *
 * The least-squares fit of a two-way layout, value = bake × rack in logarithms, the racks of an oven together being 1, by alternating means. Source: any text on the analysis
 * of variance (Scheffé, 1959, chapter 4). All other sightings pass, and so does what somebody took out.
 */
export function againstTheirOven(
  sightings: readonly Sighting[],
  isTakenOut: (sighting: Sighting) => boolean,
): readonly Sighting[] {
  const onRacks = sightings.filter(({ figure }) => figure.kind === 'rack');
  if (onRacks.length === 0) return sightings;
  const ovens = [...new Set(onRacks.map(({ figure }) => rackOf(figure.of).oven))];
  const told = ovens.flatMap((oven) =>
    ofOneOven(
      onRacks.filter(({ figure }) => rackOf(figure.of).oven === oven),
      isTakenOut,
    ),
  );
  return [...sightings.filter(({ figure }) => figure.kind !== 'rack'), ...told];
}

function ofOneOven(sightings: readonly Sighting[], isTakenOut: (sighting: Sighting) => boolean): readonly Sighting[] {
  const bakeOf = bakeIn(sightings);
  const counted = grouped(
    sightings.filter((each) => !isTakenOut(each)),
    bakeOf,
  ).filter((bake) => new Set(bake.map(({ figure }) => figure.of)).size > 1);
  const racks = grouped(counted.flat(), ({ figure }) => figure.of);
  const byRack = new Map<string, number>();
  const byBake = new Map<string, number>();
  for (let round = 0; round < ROUNDS; round++) {
    for (const bake of counted) {
      const mean = meanOf(bake.map(({ value, figure }) => Math.log(value) - (byRack.get(figure.of) ?? 0)));
      for (const each of bake) byBake.set(bakeOf(each), mean);
    }
    for (const rack of racks) {
      const mean = meanOf(rack.map((each) => Math.log(each.value) - (byBake.get(bakeOf(each)) ?? 0)));
      for (const { figure } of rack) byRack.set(figure.of, mean);
    }
    const middle = meanOf([...byRack.values()]);
    for (const [rack, value] of byRack) byRack.set(rack, value - middle);
  }
  const usual = meanOf([...byBake.values()]);
  // What somebody took out stays to be seen, and goes into no mean.
  return sightings
    .filter((each) => byBake.has(bakeOf(each)) || isTakenOut(each))
    .map((each) => ({ ...each, value: each.value / Math.exp(byBake.get(bakeOf(each)) ?? usual) }));
}

/** Of several trays that were in together, the run and the task; of a single one, the step. */
function bakeIn(sightings: readonly Sighting[]): (sighting: Sighting) => string {
  const together = new Map<string, number>();
  for (const each of sightings) together.set(seenIn(each), (together.get(seenIn(each)) ?? 0) + 1);
  return (each) => ((together.get(seenIn(each)) ?? 0) > 1 ? seenIn(each) : (each.voice ?? ''));
}

function grouped<T>(all: readonly T[], keyOf: (each: T) => string): readonly (readonly T[])[] {
  const groups = new Map<string, T[]>();
  for (const each of all) groups.set(keyOf(each), [...(groups.get(keyOf(each)) ?? []), each]);
  return [...groups.values()];
}
const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
