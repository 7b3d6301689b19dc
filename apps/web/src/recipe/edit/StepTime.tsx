import { MEDIUM_W_PER_M2K, type Boil, type Medium } from '@kestrel-ridge/core/heat';
import type { Attention, PressureStep, Step, TimeLaw, Window, WorkStep } from '@kestrel-ridge/core/recipe';
import type { MeasureName } from '@kestrel-ridge/core/quantity';
import { Input, Select } from 'antd';
import { NumberInput } from '../../parts/NumberInput.tsx';
import { BOILS, TIME_CHOICES, timeOf } from './lawChoices.ts';

const MEDIA = (Object.keys(MEDIUM_W_PER_M2K) as Medium[]).map((medium) => ({ value: medium, label: medium }));

/** How long a step takes and whose hands it needs, by its kind. */
export function StepTime({ step, change }: { step: Step; change: (step: Step) => void }) {
  switch (step.kind) {
    case 'ahead':
      return (
        <>
          <Minutes
            name="Hours at least"
            suffix="h at least"
            value={step.hours.least}
            set={(least) => change({ ...step, hours: { ...step.hours, least } })}
          />
          <Minutes
            name="Hours at most"
            suffix="h at most"
            value={step.hours.most}
            set={(most) => change({ ...step, hours: { ...step.hours, most } })}
          />
        </>
      );
    case 'pressure':
      return (
        <>
          <WindowFields window={step.hold} set={(hold) => change({ ...step, hold })} />
          <Select<PressureStep['release']['how']>
            aria-label="How the pressure goes"
            value={step.release.how}
            options={[
              { value: 'natural', label: 'drops by itself' },
              { value: 'timed', label: 'stands, then vent' },
              { value: 'quick', label: 'vent at once' },
            ]}
            onChange={(how) => change({ ...step, release: how === 'timed' ? { how, minutes: 10 } : { how } })}
            style={{ width: 170 }}
          />
          {step.release.how === 'timed' && (
            <Minutes
              name="Minutes it stands"
              value={step.release.minutes}
              set={(minutes) => change({ ...step, release: { how: 'timed', minutes } })}
            />
          )}
          <Select<PressureStep['water']>
            aria-label="Water from"
            value={step.water}
            options={[
              { value: 'kettle', label: 'water from the kettle' },
              { value: 'tap', label: 'water from the tap' },
            ]}
            onChange={(water) => change({ ...step, water })}
            style={{ width: 200 }}
          />
        </>
      );
    case 'work':
      return <WorkTime step={step} change={change} />;
    default:
      return step satisfies never;
  }
}

function WorkTime({ step, change }: { step: WorkStep; change: (step: WorkStep) => void }) {
  const { time, attention } = step;
  const setTime = (next: TimeLaw) => change({ ...step, time: next });
  return (
    <>
      <Select<TimeLaw['law']>
        aria-label="How the time grows"
        value={time.law}
        options={[...TIME_CHOICES]}
        onChange={(kind) => setTime(timeOf(kind, step))}
        style={{ width: 165 }}
      />
      {(time.law === 'fixed' || time.law === 'by piece size') && (
        <WindowFields window={time.minutes} set={(minutes) => setTime({ ...time, minutes })} />
      )}
      {time.law === 'by piece size' && (
        <>
          <Minutes name="for pieces of" suffix="cm" value={time.atCm} set={(atCm) => setTime({ ...time, atCm })} />
          <Minutes name="cut here to" suffix="cm" value={time.cm} set={(cm) => setTime({ ...time, cm })} />
          <Select<Medium>
            aria-label="Heated by"
            value={time.medium}
            options={MEDIA}
            onChange={(medium) => setTime({ ...time, medium })}
            style={{ width: 120 }}
          />
        </>
      )}
      {time.law === 'by amount' && (
        <>
          <Minutes name="minutes" value={time.minutes} set={(minutes) => setTime({ ...time, minutes })} />
          <Minutes name="and a kilo" value={time.perKg} set={(perKg) => setTime({ ...time, perKg })} />
        </>
      )}
      {time.law === 'by load' && (
        <>
          <Minutes name="minutes" value={time.minutes} set={(minutes) => setTime({ ...time, minutes })} />
          <Minutes name="and a load" value={time.perLoad} set={(perLoad) => setTime({ ...time, perLoad })} />
        </>
      )}
      {time.law === 'boils down' && (
        <>
          <Input
            aria-label="How much boils off"
            value={time.off.n}
            onChange={(event) => setTime({ ...time, off: { ...time.off, n: event.target.value } })}
            style={{ width: 80 }}
          />
          <Select<MeasureName>
            aria-label="Measure of what boils off"
            value={time.off.unit}
            options={(['mL', 'L', 'cup', 'g'] as const).map((value) => ({ value, label: value }))}
            onChange={(unit) => setTime({ ...time, off: { ...time.off, unit } })}
            style={{ width: 80 }}
          />
          <Select<Boil>
            aria-label="How it boils"
            value={time.boil}
            options={BOILS}
            onChange={(boil) => setTime({ ...time, boil })}
            style={{ width: 150 }}
          />
        </>
      )}
      <Select<Attention['needs']>
        aria-label="Whose hands"
        value={attention.needs}
        options={[
          { value: 'hands', label: 'hands for all of it' },
          { value: 'look', label: 'a look now and then' },
          { value: 'nobody', label: 'nobody' },
        ]}
        onChange={(needs) => change({ ...step, attention: needs === 'look' ? { needs, everyMinutes: 5 } : { needs } })}
        style={{ width: 185 }}
      />
      {attention.needs === 'look' && (
        <Minutes
          name="every"
          value={attention.everyMinutes}
          set={(everyMinutes) => change({ ...step, attention: { needs: 'look', everyMinutes } })}
        />
      )}
    </>
  );
}

function WindowFields({ window, set }: { window: Window; set: (window: Window) => void }) {
  return (
    <>
      <Minutes name="look from" value={window.earliest} set={(earliest) => set({ ...window, earliest })} />
      <Minutes name="expected" value={window.expected} set={(expected) => set({ ...window, expected })} />
      <Minutes name="latest" value={window.latest} set={(latest) => set({ ...window, latest })} />
    </>
  );
}

const Minutes = ({
  name,
  value,
  set,
  suffix = 'min',
}: {
  name: string;
  value: number;
  set: (value: number) => void;
  suffix?: string;
}) => (
  <label className="edit-minutes">
    <span>{name}</span>
    <NumberInput
      aria-label={name}
      min={0}
      value={value}
      suffix={suffix}
      onChange={(next) => next !== null && set(next)}
      style={{ width: suffix.length > 4 ? 150 : 100 }}
    />
  </label>
);
