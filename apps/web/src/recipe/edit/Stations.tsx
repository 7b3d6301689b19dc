import { STATIONS, type Station, type StationUse } from '@kestrel-ridge/core/recipe';
import { Button, Checkbox, Select } from 'antd';
import { NumberInput } from '../../parts/NumberInput.tsx';
import { memo } from 'react';
import type { Edit, WayId } from './editRevision.ts';
import type { Option } from './LineRow.tsx';
import { DegreesInput } from '../../parts/DegreesInput.tsx';

const NAMES: Readonly<Record<Station, string>> = {
  cooker: 'the sealed cooker',
  oven: 'the oven',
  burner: 'a burner',
  jug: 'the jug',
  'rice cooker': 'the rice cooker',
  microwave: 'the microwave',
  'air fryer': 'the air fryer',
  kettle: 'the kettle',
  strainer: 'a strainer',
};
const HOT: readonly Station[] = ['oven', 'air fryer'];

/** Which station is held from which step to which, how hot, and what its wash takes. */
export const Stations = memo(function Stations({
  uses,
  steps,
  way,
  dispatch,
}: {
  uses: readonly StationUse[];
  steps: readonly Option[];
  way: WayId;
  dispatch: (edit: Edit) => void;
}) {
  const change = (next: readonly StationUse[]) => dispatch({ did: 'uses changed', way, uses: next });
  const set = (n: number, what: { readonly [K in keyof StationUse]?: StationUse[K] | undefined }) =>
    change(
      uses.map((use, at) =>
        at === n
          ? (Object.fromEntries(
              Object.entries({ ...use, ...what }).filter(([, value]) => value !== undefined),
            ) as unknown as StationUse)
          : use,
      ),
    );
  const first = steps[0]?.value;
  return (
    <div className="edit-shares">
      {uses.map((use, n) => (
        <span key={n} className="edit-share">
          <Select<Station>
            aria-label={`Station ${n + 1}`}
            value={use.station}
            options={STATIONS.map((station) => ({ value: station, label: NAMES[station] }))}
            onChange={(station) =>
              set(n, {
                station,
                celsius: HOT.includes(station) ? (use.celsius ?? 200) : undefined,
                toleranceC: HOT.includes(station) ? use.toleranceC : undefined,
              })
            }
            style={{ width: 180 }}
          />
          <span>from</span>
          <Select
            aria-label={`Station ${n + 1}: from`}
            value={use.from}
            options={[...steps]}
            popupMatchSelectWidth={false}
            onChange={(from: string) => set(n, { from })}
            style={{ minWidth: 160 }}
          />
          <span>to</span>
          <Select
            aria-label={`Station ${n + 1}: to`}
            value={use.to}
            options={[...steps]}
            popupMatchSelectWidth={false}
            onChange={(to: string) => set(n, { to })}
            style={{ minWidth: 160 }}
          />
          {HOT.includes(use.station) && (
            <>
              <DegreesInput
                aria-label={`Station ${n + 1}: heat`}
                oven
                least={40}
                most={300}
                value={use.celsius ?? null}
                onChange={(celsius) => set(n, { celsius: celsius ?? undefined })}
                style={{ width: 105 }}
              />
              <NumberInput
                aria-label={`Station ${n + 1}: bears`}
                min={0}
                max={50}
                value={use.toleranceC ?? null}
                prefix="±"
                suffix="°C"
                placeholder="0"
                onChange={(toleranceC) => set(n, { toleranceC: toleranceC ?? undefined })}
                style={{ width: 110 }}
              />
            </>
          )}
          {use.station === 'oven' && (
            <Checkbox
              checked={use.grill ?? false}
              onChange={(event) => set(n, { grill: event.target.checked || undefined })}
            >
              under the grill, alone
            </Checkbox>
          )}
          <NumberInput
            aria-label={`Station ${n + 1}: wash`}
            min={0}
            max={60}
            value={use.wash ?? null}
            prefix="wash"
            suffix="min"
            placeholder="0"
            onChange={(wash) => set(n, { wash: wash || undefined })}
            style={{ width: 140 }}
          />
          <Button size="small" type="link" onClick={() => change(uses.filter((_, at) => at !== n))}>
            remove
          </Button>
        </span>
      ))}
      <Button
        size="small"
        disabled={first === undefined}
        onClick={() => first !== undefined && change([...uses, { station: 'burner', from: first, to: first }])}
      >
        it needs a station
      </Button>
    </div>
  );
});
