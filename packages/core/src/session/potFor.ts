import { LARGE_POT_CM, POT_FULL, type Equipment, type Pot } from '../kitchen/index.ts';
import type { StationUse } from '../recipe/index.ts';
import type { ScaledBatch } from '../scaling/index.ts';
import { resourceId } from './ids.ts';
import { ShareOut, type Named } from './shareOut.ts';

/** Work for which a wide, shallow pan is better than a pot. */
const IN_A_PAN = /^(fry|brown|sear|toast)\b/i;

/** Shares the uses of burners out among pots: the smallest that holds a load, and a clean one before one that has to be washed. */
export class Pots {
  private readonly shared: ShareOut<Pot>;
  private readonly most: number;
  readonly named: readonly Named<Pot>[];

  constructor({ pots }: Pick<Equipment, 'pots'>) {
    const names = new Set<string>();
    this.named = [...pots]
      .sort((a, b) => a.litres - b.litres)
      .map((thing, at) => {
        let name = thing.name;
        for (let n = 2; names.has(name); n++) name = `${thing.name} ${n}`;
        names.add(name);
        return { id: resourceId({ is: 'pot', name }), n: at + 1, thing };
      });
    this.shared = new ShareOut(this.named);
    this.most = Math.max(0, ...pots.map(({ litres }) => litres));
  }

  /** The pot for one load on a burner; undefined where no pots are known. */
  take(use: StationUse, { recipe, loads }: ScaledBatch): Named<Pot> | undefined {
    const step = recipe.steps.find(({ id }) => id === use.from);
    const fries = IN_A_PAN.test(step?.name ?? '');
    const holds =
      recipe.vessel === 'pot' || recipe.vessel === 'jug' ? loads.value.fullest / loads.value.loads / 1000 : 0;
    // What is too much for every pot was split into loads for the largest: there it goes.
    const litres = Math.min(holds, this.most * POT_FULL);
    const holdsIt = (pot: Pot) => pot.litres * POT_FULL >= litres;
    const fits = (pot: Pot) => holdsIt(pot) && (pot.pan ?? false) === fries;
    return this.shared.take(fits, 1) ?? this.shared.take(holdsIt, 1);
  }
}

export const needsLargeBurner = ({ burners, largeBurners }: Equipment, pot: Pot): boolean =>
  largeBurners !== undefined && largeBurners < burners && pot.acrossCm >= LARGE_POT_CM;
