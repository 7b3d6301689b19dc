import { commonPractice } from '@kestrel-ridge/core/quantity';
import { VESSELS, type Pan, type Revision, type Vessel } from '@kestrel-ridge/core/recipe';
import { PANS, panName } from '@kestrel-ridge/core/scaling';
import { Input, Select } from 'antd';
import { NumberInput } from '../../parts/NumberInput.tsx';
import { memo } from 'react';
import { VESSEL_NAMES } from '../../scaling/vesselNames.ts';
import type { Edit } from './editRevision.ts';

const KINDS: readonly Revision['component']['kind'][] = ['grain', 'legume', 'roots', 'sauce', 'greens', 'dish'];
const UNITS = ['wrap', 'bowl', 'box', 'plate'] as const;
const NONE = 'none';

export type Head = Pick<Revision, 'name' | 'portions' | 'component' | 'vessel' | 'pan' | 'unit'> & {
  /** Eaten cold: said so, or by its steps. */
  readonly cold: boolean;
};

/** What the recipe makes, how much of it, in what, and how long it keeps. */
export const HeadFields = memo(function HeadFields({
  recipe,
  dispatch,
}: {
  recipe: Head;
  dispatch: (edit: Edit) => void;
}) {
  const { component } = recipe;
  const pans: readonly Pan[] =
    recipe.pan && !PANS.some((pan) => recipe.pan && panName(pan) === panName(recipe.pan))
      ? [recipe.pan, ...PANS]
      : PANS;
  return (
    <div className="edit-head">
      <label className="wide">
        <span>name</span>
        <Input
          size="large"
          aria-label="Name of the recipe"
          value={recipe.name}
          status={recipe.name.trim() ? '' : 'error'}
          onChange={(event) => dispatch({ did: 'recipe changed', change: { name: event.target.value } })}
        />
      </label>
      <label>
        <span>portions</span>
        <NumberInput
          size="large"
          aria-label="Portions"
          min={1}
          max={200}
          value={recipe.portions}
          onChange={(portions) => portions !== null && dispatch({ did: 'recipe changed', change: { portions } })}
        />
      </label>
      <label>
        <span>its boxes are called</span>
        <Input
          size="large"
          aria-label="What it makes"
          value={component.name}
          onChange={(event) => dispatch({ did: 'component changed', change: { name: event.target.value } })}
        />
      </label>
      <label>
        <span>kind</span>
        <Select
          size="large"
          aria-label="Kind of component"
          value={component.kind}
          options={KINDS.map((kind) => ({ value: kind, label: kind }))}
          onChange={(kind) => dispatch({ did: 'component changed', change: { kind } })}
        />
      </label>
      <label>
        <span>filled at its fullest</span>
        <Select<Vessel>
          size="large"
          aria-label="Vessel"
          value={recipe.vessel}
          options={VESSELS.map((vessel) => ({ value: vessel, label: VESSEL_NAMES[vessel] }))}
          onChange={(vessel) => dispatch({ did: 'recipe changed', change: { vessel } })}
        />
      </label>
      <label>
        <span>days in the fridge</span>
        <NumberInput
          size="large"
          aria-label="Days in the fridge"
          min={1}
          max={14}
          value={component.fridgeDays.value}
          onChange={(days) =>
            days !== null && dispatch({ did: 'component changed', change: { fridgeDays: commonPractice(days) } })
          }
        />
      </label>
      <label>
        <span>days in the freezer, 0: none</span>
        <NumberInput
          size="large"
          aria-label="Days in the freezer, 0: not for the freezer"
          min={0}
          max={365}
          value={component.freezerDays.value}
          onChange={(days) =>
            days !== null && dispatch({ did: 'component changed', change: { freezerDays: commonPractice(days) } })
          }
        />
      </label>
      <label>
        <span>eaten</span>
        <Select<'cold' | 'hot'>
          size="large"
          aria-label="Eaten cold or hot"
          value={recipe.cold ? 'cold' : 'hot'}
          options={[
            { value: 'hot', label: 'hot' },
            { value: 'cold', label: 'cold' },
          ]}
          onChange={(eaten) => dispatch({ did: 'component changed', change: { eatenCold: eaten === 'cold' } })}
        />
      </label>
      <label>
        <span>tin</span>
        <Select
          size="large"
          aria-label="Tin"
          value={recipe.pan ? panName(recipe.pan) : NONE}
          options={[
            { value: NONE, label: 'no tin' },
            ...pans.map((pan) => ({ value: panName(pan), label: panName(pan) })),
          ]}
          onChange={(name) =>
            dispatch({ did: 'recipe changed', change: { pan: pans.find((pan) => panName(pan) === name) } })
          }
        />
      </label>
      <label>
        <span>put together by the piece</span>
        <Select
          size="large"
          aria-label="Put together as"
          value={recipe.unit?.name ?? NONE}
          options={[{ value: NONE, label: 'no' }, ...UNITS.map((unit) => ({ value: unit, label: unit }))]}
          onChange={(name) => {
            const unit = UNITS.find((each) => each === name);
            dispatch({ did: 'recipe changed', change: { unit: unit && { ...recipe.unit, name: unit } } });
          }}
        />
      </label>
      <label className="wide">
        <span>before eating</span>
        <Input
          size="large"
          aria-label="Before eating"
          value={component.beforeEating}
          onChange={(event) => dispatch({ did: 'component changed', change: { beforeEating: event.target.value } })}
        />
      </label>
    </div>
  );
});
