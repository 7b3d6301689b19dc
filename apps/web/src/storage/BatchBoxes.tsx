import { PlusOutlined } from '@ant-design/icons';
import { moneyText } from '@kestrel-ridge/core/cost';
import { ofBase, show, portionsText } from '@kestrel-ridge/core/quantity';
import { blockTimes } from '@kestrel-ridge/core/storage';
import { Button } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { newId } from '../parts/newId.ts';
import type { KitchenView, ScaledBatchView } from '@kestrel-ridge/core/view';
import { Why } from '../parts/Why.tsx';
import { costOfOne, dishesMadeOf, freeBoxes } from '@kestrel-ridge/core/view';
import { Apart, keptAtFirst } from './Apart.tsx';
import { BoxRow } from './BoxRow.tsx';
import { EvenSplit, netOf, type PotWeight } from './EvenSplit.tsx';
import { LabelCard } from './LabelCard.tsx';
import { WentIn } from './WentIn.tsx';
import { usePutAway } from './usePutAway.ts';
import { boxedPortions, draftBoxes, placeFor, type DraftBox } from './boxDrafts.ts';
import { emptyWeight } from './emptyWeight.ts';
import { gramsText } from '../parts/gramsText.ts';

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
  const [suggested] = useState(() => draftBoxes(view, batch));
  const [boxes, setBoxes] = useState<readonly DraftBox[]>(suggested.drafts);
  const [kept, setKept] = useState(() => keptAtFirst(view, batch));
  const [weighed, setWeighed] = useState<PotWeight>(() => ({ full: null, empty: emptyWeight(view, batch) }));
  const planned = boxedPortions(view, batch);
  const takers = dishesMadeOf(view, state.id);
  const boxed = boxes.reduce((sum, box) => sum + box.portions, 0);
  const yieldG = netOf(weighed);
  const portionG =
    yieldG === undefined
      ? scaled.portionG
      : (yieldG - takers.reduce((sum, { amount }) => sum + amount.valueOf(), 0)) / Math.max(1, boxed);
  const kinds = useMemo(() => {
    const used = (name: string) => boxes.filter(({ box }) => box === name).length;
    return freeBoxes(view).map((box) => ({
      ...box,
      free: box.free === undefined ? undefined : Math.max(0, box.free - used(box.name)),
    }));
  }, [view, boxes]);
  const change = (id: string, what: Partial<DraftBox>) =>
    setBoxes(boxes.map((box) => (box.id === id ? { ...box, ...what } : box)));
  const cost = costOfOne(view, scaled);
  const missing = boxes.find(({ place }) => place === undefined);
  const block = boxes.some(({ kind }) => kind === 'freezer') ? blockTimes(frozenDepth(view, boxes)) : undefined;

  const { putAway, busy, fault } = usePutAway(view, batch, { boxes, kept, takers, yieldG });

  return (
    <section className="batch-boxes" aria-label={component.name}>
      <div>
        <h2>{component.name}</h2>
        <p className="soft">
          {yieldG === undefined ? show(scaled.yields.value) : `${gramsText(yieldG)} weighed`}
          {yieldG === undefined && ' cooked, calculated'}, {portionsText(boxed)} of {gramsText(portionG)} ·{' '}
          <Why because={suggested.because}>{suggested.because.figure}</Why>
        </p>
        <WentIn view={view} batch={batch} />
        <ul className="row-list boxes">
          {boxes.map((box, n) => (
            <BoxRow
              key={box.id}
              view={view}
              batch={batch}
              box={box}
              number={n + 1}
              portionG={portionG}
              boxes={kinds}
              only={boxes.length === 1}
              change={(what) => change(box.id, what)}
              remove={() => setBoxes(boxes.filter((each) => each.id !== box.id))}
            />
          ))}
        </ul>
        <BoxesFoot
          boxed={boxed}
          planned={planned}
          weighed={yieldG !== undefined}
          add={() =>
            setBoxes([
              ...boxes,
              {
                id: newId(),
                kind: 'fridge',
                place: placeFor(view, 'fridge'),
                portions: Math.max(1, planned - boxed),
                box: undefined,
              },
            ])
          }
        />
        <EvenSplit
          portions={boxes.map(({ portions }) => portions)}
          name={component.name}
          weighed={weighed}
          weigh={setWeighed}
        />
        {takers.map(({ batch: taker, amount }) => (
          <p key={taker.state.id}>
            <strong>{show(ofBase('g', amount))}</strong> set aside for {taker.recipe.document.component.name}
          </p>
        ))}
        <Apart view={view} batch={batch} boxes={boxes} kept={kept} keep={setKept} />
        {block && (
          <p className="soft">
            Frozen through in about <Why because={block.because}>{Math.round(block.freezes.expected / 60)} h</Why>, lid
            ajar until cold, not stacked. Into the fridge {block.aheadHours} h before it is eaten.
          </p>
        )}
        {children}
      </div>
      <aside className="label-card">
        <LabelCard view={view} batch={batch} boxes={boxes} />
        {cost && (
          <p className="soft">
            Ingredients {cost.unknown.length > 0 && 'at least '}
            <Why because={cost.because}>{moneyText(cost.usedMinor, view.kitchen.equipment.currency)}</Why> used,{' '}
            {moneyText(cost.tillMinor, view.kitchen.equipment.currency)} paid for the packs
            {cost.likely && cost.likely.minor > cost.usedMinor && (
              <>
                ,{' '}
                <Why because={cost.likely.because}>{moneyText(cost.likely.minor, view.kitchen.equipment.currency)}</Why>{' '}
                with what goes to waste of them here
              </>
            )}
          </p>
        )}
        {state.reopenedAt && <p className="soft">It was put away before, and taken back to be boxed again.</p>}
        {fault && (
          <p className="cannot" role="alert">
            {fault}
          </p>
        )}
        {missing && <p className="cannot">This kitchen has no {missing.kind}. Choose the other place.</p>}
        <Button
          type={first ? 'primary' : 'default'}
          size="large"
          loading={busy}
          disabled={missing !== undefined}
          onClick={() => void putAway('refuse')}
        >
          Put away {component.name}
        </Button>
      </aside>
    </section>
  );
}

/** The deepest of the boxes that go into the freezer. */
function frozenDepth({ kitchen }: KitchenView, boxes: readonly DraftBox[]): number | undefined {
  const depths = boxes
    .filter(({ kind }) => kind === 'freezer')
    .flatMap(({ box }) => kitchen.equipment.boxes.find(({ name }) => name === box)?.depthCm ?? []);
  return depths.length > 0 ? Math.max(...depths) : undefined;
}

/** How many portions are in boxes, and what follows where that is not what was planned. */
const BoxesFoot = ({
  boxed,
  planned,
  weighed,
  add,
}: {
  boxed: number;
  planned: number;
  weighed: boolean;
  add: () => void;
}) => (
  <div className="boxes-foot">
    <Button icon={<PlusOutlined />} onClick={add}>
      One more box
    </Button>
    <span className={boxed === planned ? 'soft' : 'cannot'}>
      {boxed} of {portionsText(planned)} in boxes
      {boxed === planned
        ? ''
        : weighed
          ? ': what was weighed is shared out over them'
          : boxed < planned
            ? ': the rest counts as not kept'
            : ': more than planned, so each is smaller'}
    </span>
  </div>
);
