import { MINUTE_MS, type Moment, fixed } from '@kestrel-ridge/core/quantity';
import type { Measured } from '@kestrel-ridge/core/run';
import { COOLING_AIR, coolingClock, type CoolingIn, type Reading } from '@kestrel-ridge/core/storage';
import { Button, Segmented } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import { clockAt, duration } from '../parts/times.ts';
import { Why } from '../parts/Why.tsx';
import { degreesHere, heatWords } from '../parts/degrees.ts';
import { DegreesInput } from '../parts/DegreesInput.tsx';
import { notMeasuredWords } from './storageWords.ts';

const DEPTH_CM = 5;

/** Both stages of cooling from the minute it left the heat; a reading settles what is expected. */
export function Cooling({
  dish,
  since,
  kg,
  depthCm,
  stands,
  zone,
  now,
  readings,
  read,
}: {
  dish: string;
  since: Moment;
  kg: number;
  /** How deep it lies, as it was last said; undefined: nobody has said. */
  depthCm: number | undefined;
  /** Where it stood from when on. */
  stands: readonly CoolingIn[];
  zone: string;
  now: Moment;
  readings: readonly Reading[];
  read: (what: Extract<Measured, '°C' | 'cm deep' | 'air °C'>, value: number) => void;
}) {
  const depth = depthCm ?? DEPTH_CM;
  const air = stands.at(-1)?.air ?? COOLING_AIR.fridge;
  const [measured, setMeasured] = useState<number | null>(null);
  const clock = coolingClock({ since, depthCm: depth, kg, stands }, readings);
  return (
    <section className="cooling-clock" aria-label={`Cooling clock of ${dish}`}>
      <h3>Cooling since {clockAt(since, zone)}</h3>
      <p className="soft">
        {heatWords(57)}, where the rule begins to count,{' '}
        {readings.some((each) => each.celsius <= 57) ? 'by' : 'expected about'} {clockAt(clock.at57, zone)}.
      </p>
      <ul>
        {clock.stages.map(({ to, by, reached, expected }) => (
          <li key={to} className={reached === undefined && now > by ? 'cannot' : ''}>
            <b>{heatWords(to)}</b> by {clockAt(by, zone)}
            {': '}
            {reached !== undefined
              ? reached <= by
                ? `measured at ${clockAt(reached, zone)}`
                : `measured at ${clockAt(reached, zone)}, later than the rule allows`
              : now > by
                ? 'no reading: unknown. Measure it; when in doubt, throw it out.'
                : notMeasuredWords(
                    expected === undefined ? undefined : clockAt(expected, zone),
                    heatWords(air),
                    duration(Math.max(0, Math.round((by - now) / MINUTE_MS))),
                  )}
          </li>
        ))}
      </ul>
      <p>
        In boxes{' '}
        <NumberInput
          aria-label="Depth in the box, cm"
          size="small"
          min={1}
          max={20}
          step={0.5}
          value={depth}
          suffix="cm"
          onChange={(value) => value !== null && value !== depth && read('cm deep', value)}
          style={{ width: 84 }}
        />{' '}
        deep, covered,{' '}
        <Segmented<number>
          aria-label="Where it stands"
          size="small"
          value={air}
          onChange={(value) => read('air °C', value)}
          options={Object.entries(COOLING_AIR).map(([place, value]) => ({
            value,
            label: place === 'room' ? `room, ${heatWords(value)}` : place,
          }))}
        />
        : <Why because={clock.because}>{clock.keeps ? 'expected in time' : 'too slow'}</Why>.
        {!clock.keeps && (
          <>
            {' '}
            Divide it
            {clock.deepestCm === undefined ? ' as flat as it goes' : `, ${clock.deepestCm} cm deep`}, stir it in an ice
            bath ({fixed(clock.ice, 1)} kg of ice melt for it), or leave the lid open at first.
          </>
        )}
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (measured !== null) read('°C', measured);
          setMeasured(null);
        }}
      >
        <DegreesInput
          aria-label={`Measured in the middle, ${degreesHere()}`}
          size="small"
          least={-30}
          most={110}
          value={measured}
          placeholder="the middle"
          onChange={setMeasured}
          style={{ width: 130 }}
        />
        <Button size="small" htmlType="submit" disabled={measured === null}>
          Measured
        </Button>
      </form>
      <p className="soft">FDA Food Code 2022, 3-501.14, from {heatWords(57)} on; your local rules come first.</p>
    </section>
  );
}
