import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { moneyText } from '@kestrel-ridge/core/cost';
import { keepsUntil, labelLines } from '@kestrel-ridge/core/storage';
import { show } from '@kestrel-ridge/core/quantity';
import { App, Button, Segmented } from 'antd';
import { useState, type ReactNode } from 'react';
import { newId } from '../api/newId.ts';
import { useCommand } from '../api/useCommand.ts';
import type { KitchenView, ScaledBatchView } from '../app/useKitchenState.ts';
import { Stepper } from '../parts/Stepper.tsx';
import { Why } from '../parts/Why.tsx';
import { costAhead } from '../week/costAhead.ts';
import { EvenSplit } from './EvenSplit.tsx';
import { PrintLabels } from './PrintLabels.tsx';
import { WentIn } from './WentIn.tsx';
import { suggestBoxes, type DraftBox } from './suggestBoxes.ts';

/** A cooked batch on its way into boxes: how many, how large, where to, and what to write on them. */
export function BatchBoxes({
  view,
  batch,
  first,
  children,
}: {
  view: KitchenView;
  batch: ScaledBatchView;
  first: boolean;
  children?: ReactNode;
}) {
  const { scaled, state } = batch;
  const component = scaled.recipe.component;
  const [boxes, setBoxes] = useState<readonly DraftBox[]>(() => suggestBoxes(batch, view.kitchen.equipment.boxes));
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const send = useCommand();
  const { modal } = App.useApp();
  const planned = Math.round(scaled.portions.valueOf());
  const boxed = boxes.reduce((sum, box) => sum + box.portions, 0);
  const placeId = (kind: DraftBox['place']) => view.kitchen.places.find((place) => place.kind === kind)?.id;
  const food = view.foods.get(component.id);
  const change = (id: string, what: Partial<DraftBox>) =>
    setBoxes(boxes.map((box) => (box.id === id ? { ...box, ...what } : box)));
  const untilIn = (place: DraftBox['place']) =>
    food && keepsUntil(food, place, { madeOn: view.today, ...(place === 'freezer' ? { frozenOn: view.today } : {}) });
  const cost = costAhead(view, [scaled])[0];
  const missing = boxes.some((box) => !placeId(box.place));

  const putAway = async (ifShort: 'refuse' | 'take what is there') => {
    setBusy(true);
    const body = {
      boxes: boxes.map(({ id, place, portions }) => ({ id, place: placeId(place), portions })),
      ifShort,
      version: state.version,
    };
    const sent = await send({
      path: `batches/${state.id}/put-away`,
      body,
      touches: ['shelf', 'week', 'run'],
      quiet: true,
    });
    setBusy(false);
    if (!sent.ok && sent.problem.code !== 'short') setFault(sent.problem.detail);
    if (!sent.ok && sent.problem.code === 'short')
      void modal.confirm({
        title: 'The shelf holds less than was used',
        content: `${sent.problem.detail} Correct the shelf first, or book what is there.`,
        okText: 'Book what is there',
        cancelText: 'Correct the shelf',
        onOk: () => putAway('take what is there'),
      });
  };

  return (
    <section className="batch-boxes" aria-label={component.name}>
      <div>
        <h2>{component.name}</h2>
        <p className="soft">
          {show(scaled.yields.value)} cooked, {planned} portions of {Math.round(scaled.portionG)} g
        </p>
        <WentIn view={view} batch={batch} />
        <ul className="row-list boxes">
          {boxes.map((box, n) => (
            <li key={box.id}>
              <span className="box-picture" aria-hidden="true">
                <i className={box.place} style={{ height: `${Math.min(100, box.portions * 16 + 14)}%` }} />
              </span>
              <Stepper
                label={`Portions in box ${n + 1} of ${component.name}`}
                value={box.portions}
                least={1}
                most={100}
                onChange={(portions) => change(box.id, { portions })}
              />
              <Segmented<DraftBox['place']>
                aria-label={`Where box ${n + 1} of ${component.name} goes`}
                value={box.place}
                onChange={(place) => change(box.id, { place })}
                options={['fridge', 'freezer']}
              />
              <Button
                type="text"
                icon={<DeleteOutlined />}
                aria-label={`Remove box ${n + 1} of ${component.name}`}
                disabled={boxes.length === 1}
                onClick={() => setBoxes(boxes.filter((each) => each.id !== box.id))}
              />
            </li>
          ))}
        </ul>
        <div className="boxes-foot">
          <Button
            icon={<PlusOutlined />}
            onClick={() =>
              setBoxes([...boxes, { id: newId(), place: 'fridge', portions: Math.max(1, planned - boxed) }])
            }
          >
            One more box
          </Button>
          <span className={boxed === planned ? 'soft' : 'cannot'}>
            {boxed} of {planned} portions in boxes
            {boxed < planned
              ? ': the rest counts as not kept'
              : boxed > planned
                ? ': more than planned, so each is smaller'
                : ''}
          </span>
        </div>
        <EvenSplit boxes={boxes.length} name={component.name} />
        {children}
      </div>
      <aside className="label-card">
        {(['fridge', 'freezer'] as const)
          .filter((place) => boxes.some((box) => box.place === place))
          .map((place) => {
            const until = untilIn(place);
            const box = boxes.find((each) => each.place === place);
            const lines = labelLines({
              name: component.name,
              madeOn: view.today,
              keepsUntil: until?.value,
              place,
              portions: box?.portions ?? 1,
              allergens: scaled.allergens,
              beforeEating: component.beforeEating,
            });
            return (
              <div key={place} className="label">
                {lines.map((text, n) => (
                  <div key={text}>{n === 2 && until ? <Why because={until.because}>{text}</Why> : text}</div>
                ))}
              </div>
            );
          })}
        <PrintLabels
          name={component.name}
          labels={boxes.map((box) => ({
            name: `${component.name}, revision ${state.revision}`,
            madeOn: view.today,
            keepsUntil: untilIn(box.place)?.value,
            place: box.place,
            portions: box.portions,
            allergens: scaled.allergens,
            beforeEating: component.beforeEating,
            url: `${location.origin}/box/${box.id}`,
          }))}
        />
        {cost && (
          <p className="soft">
            Ingredients {cost.unknown.length > 0 && 'at least '}
            <Why because={cost.because}>{moneyText(cost.usedMinor, view.kitchen.equipment.currency)}</Why> used,{' '}
            {moneyText(cost.tillMinor, view.kitchen.equipment.currency)} paid for the packs
          </p>
        )}
        {fault && (
          <p className="cannot" role="alert">
            {fault}
          </p>
        )}
        {missing && (
          <p className="cannot">
            This kitchen has no {boxes.find((box) => !placeId(box.place))?.place}. Choose the other place.
          </p>
        )}
        <Button
          type={first ? 'primary' : 'default'}
          size="large"
          loading={busy}
          disabled={missing}
          onClick={() => void putAway('refuse')}
        >
          Put away {component.name}
        </Button>
      </aside>
    </section>
  );
}
