import { DeleteOutlined, DownOutlined, UpOutlined } from '@ant-design/icons';
import { MEASURES, type MeasureName } from '@kestrel-ridge/core/quantity';
import type { GrainOfDish, Line } from '@kestrel-ridge/core/recipe';
import { Button, Input, Select } from 'antd';
import { memo, useState } from 'react';
import type { Edit, WayId } from './editRevision.ts';
import { LAW_CHOICES, lawOf } from './lawChoices.ts';
import { LineMore } from './LineMore.tsx';
import { WrittenNumberInput } from '../../parts/WrittenNumberInput.tsx';

export interface Option {
  readonly value: string;
  readonly label: string;
}

const UNITS = (Object.keys(MEASURES) as MeasureName[]).map((unit) => ({ value: unit, label: unit }));
const AMOUNT = /^\d+( \d+\/\d+|\/\d+|\.\d+)?$/;

/** One ingredient: how much, of what, how it goes in, how it grows, and into which step. Alt with an arrow moves it. */
export const LineRow = memo(function LineRow({
  line,
  into,
  way,
  lines,
  steps,
  foods,
  grain,
  dispatch,
}: {
  line: Line;
  /** Where it goes in the way that is edited. */
  into: Line['into'];
  way: WayId;
  lines: readonly Option[];
  steps: readonly Option[];
  foods: readonly Option[];
  /** The grain that water may be for. */
  grain: GrainOfDish | undefined;
  dispatch: (edit: Edit) => void;
}) {
  const [open, setOpen] = useState(false);
  const change = (what: Extract<Edit, { did: 'line changed' }>['change']) =>
    dispatch({ did: 'line changed', line: line.id, change: what });
  const name = foods.find((food) => food.value === line.food)?.label ?? 'ingredient';
  const send = (next: Line['into']) => dispatch({ did: 'line sent', way, line: line.id, into: next });
  const only = into.length === 1 ? into[0]?.step : undefined;
  return (
    <li
      className="edit-line"
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        dispatch({ did: 'line moved', line: line.id, by: event.key === 'ArrowUp' ? -1 : 1 });
      }}
    >
      <div className="edit-line-main">
        <WrittenNumberInput
          aria-label={`Amount of ${name}`}
          value={line.amount.n}
          status={AMOUNT.test(line.amount.n) ? '' : 'error'}
          change={(n) => change({ amount: { ...line.amount, n }, between: undefined })}
        />
        <Select
          aria-label={`Measure of ${name}`}
          value={line.amount.unit}
          options={UNITS}
          onChange={(unit) => change({ amount: { ...line.amount, unit }, between: undefined })}
        />
        <Select
          aria-label={`Food: ${name}`}
          showSearch={{ optionFilterProp: 'label' }}
          value={line.food}
          options={[...foods]}
          onChange={(food: string) => change({ food })}
        />
        <Input
          aria-label={`How ${name} goes in`}
          placeholder="how it goes in"
          value={line.form ?? ''}
          onChange={(event) => change({ form: event.target.value || undefined })}
        />
        <Select
          aria-label={`How ${name} grows`}
          value={line.law.law}
          options={[...LAW_CHOICES]}
          popupMatchSelectWidth={false}
          onChange={(kind) =>
            change({
              law: lawOf(kind, line, lines, grain),
            })
          }
        />
        {only === undefined ? (
          <Button onClick={() => setOpen(true)}>in {into.length} steps</Button>
        ) : (
          <Select
            aria-label={`Step that takes ${name}`}
            value={only}
            options={[...steps]}
            popupMatchSelectWidth={false}
            onChange={(step) => send([{ step, share: '1' }])}
          />
        )}
        <span className="edit-line-tools">
          <Button
            type="text"
            aria-expanded={open}
            aria-label={`More about ${name}`}
            icon={open ? <UpOutlined /> : <DownOutlined />}
            onClick={() => setOpen(!open)}
          />
          <Button
            type="text"
            aria-label={`Remove ${name}`}
            icon={<DeleteOutlined />}
            onClick={() => dispatch({ did: 'line removed', line: line.id })}
          />
        </span>
      </div>
      {open && (
        <LineMore line={line} into={into} send={send} lines={lines} steps={steps} foods={foods} change={change} />
      )}
    </li>
  );
});
