import type { Boil } from '@kestrel-ridge/core/heat';
import type { FoodRole } from '@kestrel-ridge/core/food';
import { commonPractice } from '@kestrel-ridge/core/quantity';
import type { Law, Line } from '@kestrel-ridge/core/recipe';
import { Button, Checkbox, Input, Select } from 'antd';
import { NumberInput } from '../../parts/NumberInput.tsx';
import type { Change } from './editRevision.ts';
import { BOILS } from './lawChoices.ts';
import type { Option } from './LineRow.tsx';

const ROLES: readonly FoodRole[] = [
  'bulk',
  'protein',
  'acid',
  'sweet',
  'salt',
  'thickener',
  'binder',
  'colour',
  'fat',
  'aromatic',
  'heat',
  'umami',
  'crisp',
  'leaven',
];

/** What is seldom changed of an ingredient: its law's figures, shares over several steps, whether it may be any of several foods. */
export function LineMore({
  line,
  into,
  send,
  lines,
  steps,
  foods,
  change,
}: {
  line: Line;
  into: Line['into'];
  send: (into: Line['into']) => void;
  lines: readonly Option[];
  steps: readonly Option[];
  foods: readonly Option[];
  change: (what: Change<Line>) => void;
}) {
  return (
    <div className="edit-more">
      <LawFigures law={line.law} own={line.id} lines={lines} change={(law) => change({ law })} />
      <div className="edit-checks">
        <Checkbox
          checked={line.prepared ?? false}
          onChange={(event) => change({ prepared: event.target.checked || undefined })}
        >
          the amount is without peel and stalk
        </Checkbox>
        <Checkbox
          checked={line.optional ?? false}
          onChange={(event) => change({ optional: event.target.checked || undefined })}
        >
          optional
        </Checkbox>
        <Checkbox
          checked={line.comesOut ?? false}
          onChange={(event) => change({ comesOut: event.target.checked || undefined })}
        >
          goes in whole and must come out
        </Checkbox>
      </div>
      <label className="edit-inline">
        <span>a gram of it becomes, in the dish</span>
        <NumberInput
          aria-label="Grams in the finished dish from a gram"
          min={0}
          max={10}
          step={0.05}
          value={line.becomes?.value ?? null}
          placeholder="1"
          suffix="g"
          onChange={(value) => change({ becomes: value === null ? undefined : commonPractice(value) })}
        />
      </label>
      <div className="edit-shares">
        <span>goes into</span>
        {into.map((share, n) => (
          <span key={`${share.step} ${n}`} className="edit-share">
            <Input
              aria-label={`Share ${n + 1}`}
              value={share.share}
              onChange={(event) =>
                send(into.map((each, at) => (at === n ? { ...each, share: event.target.value } : each)))
              }
            />
            <Select
              aria-label={`Step of share ${n + 1}`}
              value={share.step}
              options={[...steps]}
              popupMatchSelectWidth={false}
              onChange={(step) => send(into.map((each, at) => (at === n ? { ...each, step } : each)))}
            />
            {into.length > 1 && (
              <Button
                size="small"
                type="link"
                onClick={() => {
                  const rest = into.filter((_, at) => at !== n);
                  send(rest.length === 1 ? rest.map((each) => ({ ...each, share: '1' })) : rest);
                }}
              >
                remove
              </Button>
            )}
          </span>
        ))}
        <Button
          size="small"
          onClick={() => {
            const other = steps.find((step) => !into.some((share) => share.step === step.value));
            if (!other) return;
            send(
              into.length === 1
                ? [
                    { step: into[0]?.step ?? other.value, share: '2/3' },
                    { step: other.value, share: '1/3' },
                  ]
                : [...into, { step: other.value, share: '0' }],
            );
          }}
        >
          a share into another step
        </Button>
      </div>
      <div className="edit-inline">
        <Checkbox
          checked={line.slot !== undefined}
          onChange={(event) =>
            change({ slot: event.target.checked ? { role: 'bulk', allowed: [line.food] } : undefined })
          }
        >
          open: whichever of several must go first
        </Checkbox>
        {line.slot && (
          <>
            <Select<FoodRole>
              aria-label="What it does in the dish"
              value={line.slot.role}
              options={ROLES.map((role) => ({ value: role, label: role }))}
              onChange={(role) => change({ slot: { role, allowed: line.slot?.allowed ?? [line.food] } })}
              style={{ width: 130 }}
            />
            <Select
              aria-label="Foods that may fill it"
              mode="multiple"
              showSearch={{ optionFilterProp: 'label' }}
              value={[...line.slot.allowed]}
              options={[...foods]}
              onChange={(allowed: string[]) => change({ slot: { role: line.slot?.role ?? 'bulk', allowed } })}
              style={{ minWidth: 320, flex: 1 }}
            />
          </>
        )}
      </div>
    </div>
  );
}

const SCHOOL_CHOICES = [
  { value: 'found', label: 'water found by itself' },
  { value: 'A', label: 'by the packet’s ratio' },
  { value: 'B', label: 'own volume and once per pot' },
  { value: 'C', label: 'by a balance' },
];

function LawFigures({
  law,
  own,
  lines,
  change,
}: {
  law: Law;
  own: string;
  lines: readonly Option[];
  change: (law: Law) => void;
}) {
  switch (law.law) {
    case 'in proportion':
    case 'per load':
      return null;
    case 'slower':
      return (
        <label className="edit-inline">
          <span>exponent (0.585: one and a half times for each doubling; common practice)</span>
          <NumberInput
            aria-label="Exponent"
            min={0.1}
            max={1}
            step={0.05}
            value={law.exponent}
            onChange={(exponent) => change({ ...law, exponent: exponent ?? law.exponent })}
          />
        </label>
      );
    case 'to taste':
      return (
        <label className="edit-inline">
          <span>goes in before the first taste</span>
          <Input
            aria-label="Share before the first taste"
            value={law.first}
            onChange={(event) => change({ ...law, first: event.target.value })}
            style={{ width: 90 }}
          />
        </label>
      );
    case 'pot and minute':
      return (
        <div className="edit-inline">
          <Select<Boil>
            aria-label="How it boils"
            value={law.boil}
            options={BOILS}
            onChange={(boil) => change({ ...law, boil })}
            style={{ width: 170 }}
          />
          <NumberInput
            aria-label="Minutes it boils"
            min={1}
            max={600}
            value={law.minutes}
            suffix="min"
            onChange={(minutes) => change({ ...law, minutes: minutes ?? law.minutes })}
          />
        </div>
      );
    case 'water for grain':
      return (
        <div className="edit-inline">
          <span>for</span>
          <Select
            aria-label="Which grain"
            value={law.grain}
            options={lines.filter((line) => line.value !== own)}
            onChange={(grain: string) => change({ ...law, grain })}
            style={{ width: 180 }}
          />
          <span>the packet says</span>
          <Input
            aria-label="Cups of grain"
            value={law.packet.grainCups}
            onChange={(event) => change({ ...law, packet: { ...law.packet, grainCups: event.target.value } })}
            style={{ width: 70 }}
          />
          <span>cups to</span>
          <Input
            aria-label="Cups of water"
            value={law.packet.waterCups}
            onChange={(event) => change({ ...law, packet: { ...law.packet, waterCups: event.target.value } })}
            style={{ width: 70 }}
          />
          <span>of water</span>
          <Select
            aria-label="Which school of water"
            value={law.school ?? 'found'}
            options={SCHOOL_CHOICES}
            onChange={(school: 'A' | 'B' | 'C' | 'found') => {
              const { school: _before, ...rest } = law;
              change(school === 'found' ? rest : { ...rest, school });
            }}
            style={{ width: 230 }}
          />
        </div>
      );
    default:
      return law satisfies never;
  }
}
