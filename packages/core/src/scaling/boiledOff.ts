import { LOSS_KG_PER_M2H, openPotLoss } from '../heat/index.ts';
import { potThatHolds, type Equipment } from '../kitchen/index.ts';
import { show, volume, type Reasoned, type Volume } from '../quantity/index.ts';
import type { Law } from '../recipe/index.ts';

/** Water that boils off, to be poured on top: it goes with the surface of the pot and the minutes, not with what is in it. */
export function boiledOff(
  law: Extract<Law, { law: 'pot and minute' }>,
  equipment: Pick<Equipment, 'pots'>,
  loads: number,
  /** What one load fills, L. */
  litres: number,
): Reasoned<Volume> {
  const across = potThatHolds(equipment, litres).acrossCm;
  const value = volume(Math.round(openPotLoss(law.boil, across, law.minutes) * loads));
  return {
    value,
    because: {
      rule: 'surface of the pot × minutes × how it boils, once for each pot',
      figure: show(value),
      parts: [
        {
          rule: `${law.boil}, from a square metre in an hour`,
          figure: `${LOSS_KG_PER_M2H[law.boil]} kg`,
          source: 'from memory',
        },
        { rule: 'the pot is wide', figure: `${across} cm` },
        { rule: 'it boils for', figure: `${law.minutes} min` },
        ...(loads > 1 ? [{ rule: 'pots', figure: `${loads}` }] : []),
      ],
    },
  };
}
