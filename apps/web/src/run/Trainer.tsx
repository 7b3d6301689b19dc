import type { Moment } from '@kestrel-ridge/core/quantity';
import type { PressureCycle, RunFact } from '@kestrel-ridge/core/run';
import { Segmented, Switch } from 'antd';
import { useEffect, useState } from 'react';
import { simulatedCooker } from '../devices/cookerSensor.ts';
import { SPEEDS, runSpeed, setRunSpeed } from './runClock.ts';

const KEY = 'kestrel-ridge.simulated-cooker';

/** The trainer, where a kitchen has simulated devices: time may go faster, and a cooker with a sensor tells its pin by itself. */
export function Trainer({
  run,
  cycles,
  now,
  tap,
}: {
  run: string;
  cycles: readonly PressureCycle[];
  now: Moment;
  tap: (...what: readonly RunFact[]) => void;
}) {
  const [speed, setSpeed] = useState(() => runSpeed(run));
  const [cooker, setCooker] = useState(() => localStorage.getItem(KEY) === 'on');
  useEffect(() => {
    if (!cooker) return;
    for (const cycle of cycles) {
      const reading = simulatedCooker.read(cycle, now);
      const stage = cycle.stages.find((each) => each.stage === cycle.at);
      if (!reading || !stage) continue;
      const told = (cycle.at === 'come up' && reading.pinUp) || (cycle.at === 'natural' && !reading.pinUp);
      if (told)
        tap(
          { kind: 'measured', task: stage.task.id, what: 'pin', value: reading.pinUp ? 1 : 0 },
          { kind: 'done', task: stage.task.id },
        );
    }
  }, [cooker, cycles, now, tap]);
  const readings = cooker
    ? cycles.flatMap((cycle) => {
        const reading = simulatedCooker.read(cycle, now);
        return reading ? [`${cycle.dish} ${reading.celsius} °C, pin ${reading.pinUp ? 'up' : 'down'}`] : [];
      })
    : [];
  return (
    <section className="trainer" aria-label="Trainer">
      <span className="soft">Trainer</span>
      <Segmented
        aria-label="How fast time goes"
        value={speed}
        onChange={(next) => {
          setRunSpeed(run, next);
          setSpeed(next);
        }}
        options={SPEEDS.map((value) => ({ value, label: `${value}×` }))}
      />
      <label>
        <Switch
          size="small"
          aria-label="Simulated cooker"
          checked={cooker}
          onChange={(on) => {
            localStorage.setItem(KEY, on ? 'on' : 'off');
            setCooker(on);
          }}
        />{' '}
        simulated cooker
      </label>
      {readings.map((words) => (
        <span key={words} className="number">
          {words}
        </span>
      ))}
    </section>
  );
}
