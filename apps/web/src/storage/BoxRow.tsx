import { DeleteOutlined } from '@ant-design/icons';
import { fillOf, type FreeBoxes } from '@kestrel-ridge/core/storage';
import { Button, Segmented, Select } from 'antd';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Stepper } from '../parts/Stepper.tsx';
import { placeFor, type DraftBox } from './boxDrafts.ts';
import { TOO_FULL, fullWords } from './storageWords.ts';

/** One box: how many portions, which box, where to; drawn as full as it gets. */
export function BoxRow({
  view,
  batch,
  box,
  number,
  portionG,
  boxes,
  only,
  change,
  remove,
}: {
  view: KitchenView;
  batch: ScaledBatchView;
  box: DraftBox;
  number: number;
  portionG: number;
  boxes: readonly FreeBoxes[];
  only: boolean;
  change: (what: Partial<DraftBox>) => void;
  remove: () => void;
}) {
  const { component } = batch.scaled.recipe;
  const kind = boxes.find(({ name }) => name === box.box);
  const full = kind && fillOf(kind, box.portions * portionG, component.kind, box.kind);
  const places = view.kitchen.places.filter((place) => place.kind === box.kind);
  const words = `box ${number} of ${component.name}`;
  return (
    <li>
      <span className="box-picture" aria-hidden="true">
        <i
          className={box.kind}
          style={{ height: `${Math.min(100, Math.max(10, full === undefined ? box.portions * 16 + 14 : full * 88))}%` }}
        />
      </span>
      <Stepper
        label={`Portions in ${words}`}
        value={box.portions}
        least={1}
        most={100}
        onChange={(portions) => change({ portions })}
      />
      {full !== undefined && (
        <small className={full > TOO_FULL ? 'cannot box-fill' : 'soft box-fill'}>
          {fullWords(full, box.kind === 'freezer')}
        </small>
      )}
      <Select
        aria-label={`Which box is ${words}`}
        className="box-kind"
        value={box.box ?? ''}
        onChange={(name) => change({ box: name || undefined })}
        options={[
          ...boxes.map(({ name, mL, free }) => ({
            value: name,
            label: `${name}, ${mL >= 1000 ? `${mL / 1000} L` : `${mL} mL`}`,
            disabled: free === 0 && name !== box.box,
          })),
          { value: '', label: 'any box' },
        ]}
      />
      <Segmented<DraftBox['kind']>
        aria-label={`Where ${words} goes`}
        value={box.kind}
        onChange={(to) => change({ kind: to, place: placeFor(view, to) })}
        options={['fridge', 'freezer']}
      />
      {places.length > 1 && (
        <Select
          aria-label={`Bin or shelf of ${words}`}
          className="box-bin"
          {...(box.place === undefined ? {} : { value: box.place })}
          onChange={(place) => change({ place })}
          options={places.map(({ id, name }) => ({ value: id, label: name }))}
        />
      )}
      <Button type="text" icon={<DeleteOutlined />} aria-label={`Remove ${words}`} disabled={only} onClick={remove} />
    </li>
  );
}
