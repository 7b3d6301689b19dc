import { evenSplit } from '@kestrel-ridge/core/storage';
import { NumberInput } from '../parts/NumberInput.tsx';
import { gramsText } from '../parts/gramsText.ts';
import { splitWords } from './storageWords.ts';

/** The pot on the scale, with what is in it and without. */
export interface PotWeight {
  readonly full: number | null;
  readonly empty: number | null;
}

/** What is in the pot, g; undefined until both are weighed. */
export const netOf = ({ full, empty }: PotWeight): number | undefined =>
  full !== null && empty !== null && full > empty ? Math.round(full - empty) : undefined;

/** Boxes filled alike by weight: the pot on the scale, full and empty. What was weighed is what is booked. */
export function EvenSplit({
  portions,
  name,
  weighed,
  weigh,
}: {
  /** What each box takes. */
  portions: readonly number[];
  name: string;
  weighed: PotWeight;
  weigh: (weight: PotWeight) => void;
}) {
  const { full, empty } = weighed;
  const parts = full !== null && empty !== null ? evenSplit(full, empty, portions) : undefined;
  return (
    <div className="even-split">
      <span className="soft">By weight:</span>
      <NumberInput
        aria-label={`The pot of ${name}, full, g`}
        size="small"
        min={0}
        max={60_000}
        value={full}
        suffix="g"
        placeholder="pot, full"
        onChange={(value) => weigh({ full: value, empty })}
      />
      <NumberInput
        aria-label={`The pot of ${name}, empty, g`}
        size="small"
        min={0}
        max={20_000}
        value={empty}
        suffix="g"
        placeholder="pot, empty"
        onChange={(value) => weigh({ full, empty: value })}
      />
      {parts ? (
        <b className="number">
          {splitWords(
            [...new Map(portions.map((each, n) => [each, parts[n]]))].map(([each, grams]) => ({
              amount: gramsText(grams ?? 0),
              portions: each,
            })),
          )}
        </b>
      ) : full !== null && empty !== null ? (
        <span className="cannot">The pot weighs more empty than full. Weigh it again.</span>
      ) : null}
    </div>
  );
}
