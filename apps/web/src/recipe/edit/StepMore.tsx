import { MEASURES, type MeasureName } from '@kestrel-ridge/core/quantity';
import type { ByProduct, Step } from '@kestrel-ridge/core/recipe';
import { Button, Checkbox, Input, Select } from 'antd';
import { NumberInput } from '../../parts/NumberInput.tsx';
import type { Option } from './LineRow.tsx';
import { WrittenNumberInput } from '../../parts/WrittenNumberInput.tsx';

const UNITS = (Object.keys(MEASURES) as MeasureName[]).map((unit) => ({ value: unit, label: unit }));
const LEFTOVER_DAYS = { value: 3, source: 'USDA FSIS leftovers guidance (from memory), the short end' };

/** The cue, once or for each load, cooked short or not, and what else comes out. */
export function StepMore({
  step,
  steps,
  change,
}: {
  step: Step;
  steps: readonly Option[];
  change: (step: Step) => void;
}) {
  const gives = step.gives ?? [];
  const setGives = (next: readonly ByProduct[]) => {
    const { gives: _before, ...rest } = step;
    change(next.length > 0 ? { ...rest, gives: next } : rest);
  };
  const setOne = (n: number, what: Partial<ByProduct>) =>
    setGives(gives.map((each, at) => (at === n ? { ...each, ...what } : each)));
  return (
    <>
      <div className="edit-inline">
        <Input
          aria-label="Done when"
          placeholder="done when: tender to a fork"
          value={step.cue ?? ''}
          onChange={(event) => {
            const { cue: _before, ...rest } = step;
            change(event.target.value ? { ...rest, cue: event.target.value } : rest);
          }}
          style={{ maxWidth: 340 }}
        />
        <Input
          aria-label="Noted"
          placeholder="noted: a little sour"
          maxLength={400}
          value={step.note ?? ''}
          onChange={(event) => {
            const { note: _before, ...rest } = step;
            change(event.target.value ? { ...rest, note: event.target.value } : rest);
          }}
          style={{ maxWidth: 300 }}
        />
        <Checkbox
          checked={step.per === 'load'}
          onChange={(event) => change({ ...step, per: event.target.checked ? 'load' : 'batch' })}
        >
          again for each load
        </Checkbox>
        {step.kind === 'work' && (
          <Checkbox
            checked={step.stopAt !== undefined}
            onChange={(event) => {
              const { stopAt: _before, ...rest } = step;
              change(event.target.checked ? { ...rest, stopAt: 0.8 } : rest);
            }}
          >
            cooked short when it is heated again
          </Checkbox>
        )}
        {step.kind === 'work' && step.attention.needs === 'hands' && (
          <Checkbox
            checked={step.delicate ?? false}
            onChange={(event) => {
              const { delicate: _before, ...rest } = step;
              change(event.target.checked ? { ...rest, delicate: true } : rest);
            }}
          >
            delicate: no look at something else meanwhile
          </Checkbox>
        )}
        {step.kind === 'work' && step.stopAt !== undefined && (
          <NumberInput
            aria-label="Stop at, percent of the time"
            min={30}
            max={100}
            value={Math.round(step.stopAt * 100)}
            suffix="% of the time"
            onChange={(percent) => change({ ...step, stopAt: (percent ?? 80) / 100 })}
            style={{ width: 160 }}
          />
        )}
      </div>
      <div className="edit-shares">
        {gives.map((each, n) => (
          <span key={n} className="edit-share">
            <span>it also gives</span>
            <Input
              aria-label={`By-product ${n + 1}`}
              value={each.name}
              placeholder="cooking water"
              onChange={(event) => setOne(n, { name: event.target.value })}
              style={{ width: 180 }}
            />
            <WrittenNumberInput
              aria-label={`Amount of by-product ${n + 1}`}
              value={each.amount.n}
              change={(amount) => setOne(n, { amount: { ...each.amount, n: amount } })}
              style={{ width: 80 }}
            />
            <Select
              aria-label={`Measure of by-product ${n + 1}`}
              value={each.amount.unit}
              options={UNITS}
              onChange={(unit) => setOne(n, { amount: { ...each.amount, unit } })}
              style={{ width: 90 }}
            />
            <Select
              aria-label={`Where by-product ${n + 1} goes`}
              value={each.goes.to === 'step' ? each.goes.step : each.goes.to}
              popupMatchSelectWidth={false}
              options={[
                { value: 'away', label: 'is poured away' },
                { value: 'shelf', label: 'goes to the fridge' },
                ...steps
                  .filter(({ value }) => value !== step.id)
                  .map(({ value, label }) => ({ value, label: `into “${label}”` })),
              ]}
              onChange={(to: string) =>
                setOne(n, {
                  goes:
                    to === 'away'
                      ? { to: 'away' }
                      : to === 'shelf'
                        ? { to: 'shelf', keepsDays: LEFTOVER_DAYS }
                        : { to: 'step', step: to },
                })
              }
            />
            <Button size="small" type="link" onClick={() => setGives(gives.filter((_, at) => at !== n))}>
              remove
            </Button>
          </span>
        ))}
        <Button
          size="small"
          onClick={() => setGives([...gives, { name: '', amount: { n: '200', unit: 'mL' }, goes: { to: 'away' } }])}
        >
          something else comes out
        </Button>
      </div>
    </>
  );
}
