import { DeleteOutlined, DownOutlined, UpOutlined } from '@ant-design/icons';
import { stepTimes, type After, type Step } from '@kestrel-ridge/core/recipe';
import { Button, Input, Select } from 'antd';
import { NumberInput } from '../../parts/NumberInput.tsx';
import { memo, useState } from 'react';
import type { Edit, WayId } from './editRevision.ts';
import type { Option } from './LineRow.tsx';
import { StepMore } from './StepMore.tsx';
import { StepTime } from './StepTime.tsx';

const KINDS = [
  { value: 'work', label: 'work' },
  { value: 'pressure', label: 'under pressure' },
  { value: 'ahead', label: 'hours ahead' },
] as const;

/** One step: what is done, how long, with whose hands, and after what. Alt with an arrow moves it. */
export const StepRow = memo(function StepRow({
  step,
  number,
  way,
  steps,
  dispatch,
}: {
  step: Step;
  number: number;
  way: WayId;
  steps: readonly Option[];
  dispatch: (edit: Edit) => void;
}) {
  const [open, setOpen] = useState(step.name === '');
  const replace = (next: Step) => dispatch({ did: 'step replaced', way, step: next });
  return (
    <li
      className="edit-step"
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        dispatch({ did: 'step moved', way, step: step.id, by: event.key === 'ArrowUp' ? -1 : 1 });
      }}
    >
      <div className="edit-step-main">
        <b className="number">{number}</b>
        <Input
          aria-label={`Step ${number}: what is done`}
          placeholder={step.kind === 'pressure' ? 'what is under pressure: millet' : 'what is done: Cut the roots'}
          value={step.name}
          status={step.name.trim() ? '' : 'error'}
          onChange={(event) => replace({ ...step, name: event.target.value })}
        />
        <span className="soft edit-step-times">{stepTimes(step)}</span>
        <span className="edit-line-tools">
          <Button
            type="text"
            aria-expanded={open}
            aria-label={`More about step ${number}`}
            icon={open ? <UpOutlined /> : <DownOutlined />}
            onClick={() => setOpen(!open)}
          />
          <Button
            type="text"
            aria-label={`Remove step ${number}`}
            icon={<DeleteOutlined />}
            onClick={() => dispatch({ did: 'step removed', way, step: step.id })}
          />
        </span>
      </div>
      {open && (
        <div className="edit-more">
          <div className="edit-inline">
            <Select<Step['kind']>
              aria-label={`Kind of step ${number}`}
              value={step.kind}
              options={[...KINDS]}
              onChange={(kind) => replace(ofKind(step, kind))}
              style={{ width: 150 }}
            />
            <StepTime step={step} change={replace} />
          </div>
          <Waits step={step} steps={steps} change={(after) => replace({ ...step, after })} />
          <StepMore step={step} steps={steps} change={replace} />
        </div>
      )}
    </li>
  );
});

/** The same step told as another kind. */
function ofKind(step: Step, kind: Step['kind']): Step {
  const { id, name, after, per, cue, note, cautions, gives } = step;
  const base = {
    id,
    name,
    after,
    per,
    ...(cue ? { cue } : {}),
    ...(note ? { note } : {}),
    ...(cautions ? { cautions } : {}),
    ...(gives ? { gives } : {}),
  };
  if (kind === step.kind) return step;
  switch (kind) {
    case 'work':
      return {
        ...base,
        kind,
        time: { law: 'fixed', minutes: { earliest: 5, expected: 5, latest: 5 } },
        attention: { needs: 'hands' },
      };
    case 'pressure':
      return {
        ...base,
        kind,
        per: 'load',
        hold: { earliest: 8, expected: 10, latest: 12 },
        release: { how: 'natural' },
        water: 'kettle',
      };
    case 'ahead':
      return { ...base, kind, after: [], per: 'batch', hours: { least: 8, most: 20 } };
    default:
      return kind satisfies never;
  }
}

/** What a step waits for: how long at least, and at most. */
function Waits({
  step,
  steps,
  change,
}: {
  step: Step;
  steps: readonly Option[];
  change: (after: readonly After[]) => void;
}) {
  const others = steps.filter((other) => other.value !== step.id);
  const set = (n: number, what: Partial<After>) =>
    change(step.after.map((after, at) => (at === n ? { ...after, ...what } : after)));
  return (
    <div className="edit-shares">
      {step.after.map((after, n) => (
        <span key={`${after.step} ${n}`} className="edit-share">
          <span>after</span>
          <Select
            aria-label={`It waits for, ${n + 1}`}
            value={after.step}
            options={others}
            popupMatchSelectWidth={false}
            onChange={(value: string) => set(n, { step: value })}
          />
          <NumberInput
            aria-label={`Minutes at least, ${n + 1}`}
            min={0}
            value={after.min}
            prefix="at least"
            suffix="min"
            onChange={(min) => set(n, { min: min ?? 0 })}
            style={{ width: 150 }}
          />
          <NumberInput
            aria-label={`Minutes at most, ${n + 1}`}
            min={0}
            value={after.max}
            prefix="at most"
            suffix="min"
            placeholder="any"
            onChange={(max) => set(n, { max })}
            style={{ width: 150 }}
          />
          <Button size="small" type="link" onClick={() => change(step.after.filter((_, at) => at !== n))}>
            remove
          </Button>
        </span>
      ))}
      {others.length > step.after.length && (
        <Button
          size="small"
          onClick={() => {
            const other = others.find(({ value }) => !step.after.some((after) => after.step === value));
            if (other) change([...step.after, { step: other.value, min: 0, max: null }]);
          }}
        >
          it waits for another step
        </Button>
      )}
    </div>
  );
}
