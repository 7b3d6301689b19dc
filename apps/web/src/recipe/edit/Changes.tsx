import type { LineChange, Line } from '@kestrel-ridge/core/recipe';
import { Button, Select } from 'antd';
import { changedLine } from './editRevision.ts';
import type { Option } from './LineRow.tsx';
import { WrittenNumberInput } from '../../parts/WrittenNumberInput.tsx';

/** What a method or a version says otherwise of each ingredient: its amount, and in a version its food; left out where it may be. */
export function Changes({
  lines,
  changes,
  foods,
  change,
  without,
  setWithout,
}: {
  lines: readonly Line[];
  changes: readonly LineChange[];
  foods: readonly Option[];
  change: (changes: readonly LineChange[]) => void;
  without?: readonly string[];
  setWithout?: (without: readonly string[]) => void;
}) {
  const back = (line: string) =>
    change(
      changes.flatMap((each) => {
        if (each.line !== line) return [each];
        const { amount: _amount, food: _food, ...rest } = each;
        return Object.keys(rest).length > 1 ? [rest] : [];
      }),
    );
  return (
    <ul className="edit-changes">
      {lines.map((line) => {
        const said = changes.find((each) => each.line === line.id);
        const out = without?.includes(line.id) ?? false;
        const name = foods.find((food) => food.value === line.food)?.label ?? '';
        const amount = said?.amount ?? line.amount;
        return (
          <li key={line.id} className={out ? 'left-out' : undefined}>
            <span>{name}</span>
            <WrittenNumberInput
              aria-label={`Amount of ${name} here`}
              value={amount.n}
              disabled={out}
              suffix={amount.unit === 'each' ? '' : amount.unit}
              change={(n) => change(changedLine(changes, line.id, { amount: { ...amount, n } }))}
            />
            {setWithout && (
              <Select
                aria-label={`Food here instead of ${name}`}
                showSearch={{ optionFilterProp: 'label' }}
                value={said?.food ?? line.food}
                disabled={out}
                options={[...foods]}
                onChange={(food: string) => change(changedLine(changes, line.id, { food, amount }))}
              />
            )}
            {(said?.amount !== undefined || said?.food !== undefined) && (
              <Button size="small" type="link" onClick={() => back(line.id)}>
                as in the recipe
              </Button>
            )}
            {setWithout && (
              <Button
                size="small"
                type="link"
                onClick={() =>
                  setWithout(out ? (without ?? []).filter((id) => id !== line.id) : [...(without ?? []), line.id])
                }
              >
                {out ? 'put it back' : 'leave it out'}
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
