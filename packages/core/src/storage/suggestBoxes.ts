import type { BoxKind } from '../kitchen/index.ts';
import { showDate, showWeekday, type Because, type Day } from '../quantity/index.ts';
import type { Revision } from '../recipe/index.ts';
import { portionsInBox, type BoxPlace } from './boxes.ts';

/** A kind of box, and how many of it stand empty; undefined: nobody has counted them. */
export interface FreeBoxes extends BoxKind {
  readonly free: number | undefined;
}

export interface BoxAsk {
  /** Whole portions that were cooked. */
  readonly portions: number;
  readonly portionG: number;
  readonly component: Revision['component']['kind'];
  /** Portions of it that will be eaten while the fridge keeps it. */
  readonly eatenInTime: number;
  /** The last day in the fridge; undefined: not known. */
  readonly until: Day | undefined;
  /** It may be frozen: somebody knows for how long. */
  readonly freezes: boolean;
  /** Portions that are eaten at one meal. */
  readonly atATime: number;
  /** Portions that the cook wanted frozen in any case. */
  readonly askedToFreeze: number;
  readonly boxes: readonly FreeBoxes[];
}

export interface SuggestedBox {
  /** Undefined when none of them stands empty that would take a portion. */
  readonly box: string | undefined;
  readonly place: BoxPlace;
  readonly portions: number;
}

export interface BoxSuggestion {
  readonly boxes: readonly SuggestedBox[];
  readonly frozen: number;
  /** Why so many are frozen. */
  readonly because: Because;
}

/** More than that in one box cools slowly and is opened too often. Common practice, no published source. */
const MOST_IN_A_COLD_BOX = 6;
/** Where there is no box that fits, a portion count to share out by. */
const WITHOUT_BOX = 4;

/**
 * What was cooked over boxes: what will be eaten while it keeps goes into the fridge, the rest into the freezer, a meal to a box so that no more is thawed than is eaten.
 * What does not freeze stays in the fridge, and that
 * it will not be eaten in time is told. Portions are conserved; a kind of box is used no oftener than it stands empty.
 */
export function suggestBoxes(ask: BoxAsk): BoxSuggestion {
  const inTime = Math.max(0, Math.floor(ask.eatenInTime + 0.25));
  const late = Math.max(0, ask.portions - inTime);
  const frozen = Math.min(ask.portions, Math.max(ask.freezes ? late : 0, ask.askedToFreeze));
  const stays = late - frozen;
  const left = new Map(ask.boxes.map((box) => [box.name, box.free ?? Infinity]));

  const share = (portions: number, place: BoxPlace, target: number): readonly SuggestedBox[] => {
    const filled: SuggestedBox[] = [];
    for (let open = portions; open > 0;) {
      const want = Math.min(open, target);
      const fit = ask.boxes
        .filter(({ name }) => (left.get(name) ?? 0) > 0)
        .map((box) => ({ box, takes: portionsInBox(box, ask.portionG, ask.component, place) }))
        .filter(({ takes }) => takes > 0)
        .sort((a, b) => a.takes - b.takes);
      const chosen = fit.find(({ takes }) => takes >= want) ?? fit.at(-1);
      const takes = Math.min(want, chosen?.takes ?? Math.min(want, WITHOUT_BOX));
      filled.push({ box: chosen?.box.name, place, portions: takes });
      if (chosen) left.set(chosen.box.name, (left.get(chosen.box.name) ?? 0) - 1);
      open -= takes;
    }
    return filled;
  };

  const meal = Math.max(1, Math.round(ask.atATime));
  return {
    boxes: [...share(ask.portions - frozen, 'fridge', MOST_IN_A_COLD_BOX), ...share(frozen, 'freezer', meal)],
    frozen,
    because: {
      rule:
        stays > 0
          ? 'it does not freeze, and not all of it is eaten while the fridge keeps it'
          : frozen > late
            ? 'as many as were meant to be frozen'
            : frozen === 0
              ? 'all of it is eaten while the fridge keeps it'
              : 'what is not eaten while the fridge keeps it',
      figure:
        stays > 0
          ? `${stays} of ${ask.portions} not eaten in time, and it does not freeze`
          : `${frozen} of ${ask.portions} into the freezer`,
      parts: [
        { rule: 'eaten before its last day in the fridge', figure: `${inTime} of ${ask.portions}` },
        ...(ask.until
          ? [{ rule: 'last day in the fridge', figure: `${showWeekday(ask.until)} ${showDate(ask.until)}` }]
          : []),
        { rule: 'eaten at one meal: so much to a frozen box', figure: `${meal}` },
        ...(ask.askedToFreeze > 0 ? [{ rule: 'meant to be frozen', figure: `${ask.askedToFreeze}` }] : []),
      ],
    },
  };
}
