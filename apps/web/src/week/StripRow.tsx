import { resized } from '@kestrel-ridge/core/scaling';
import { appNow } from '../parts/appNow.ts';
import { hourAt } from '@kestrel-ridge/core/quantity';
import { CloseOutlined } from '@ant-design/icons';
import { App, Button } from 'antd';
import { Link } from 'react-router';
import { useCommand } from '../app/useCommand.ts';
import { addDays, dayAt, daysBetween } from '@kestrel-ridge/core/quantity';
import { useAppDispatch, useAppSelector } from '../app/store.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';

import { Stepper } from '../parts/Stepper.tsx';
import { useMinute } from '../session/useMinute.ts';
import { Appetite } from './Appetite.tsx';
import { StripHandle } from './StripHandle.tsx';
import { shareOfWeek, thawsOf } from '@kestrel-ridge/core/view';
import { SupplyStrip } from './SupplyStrip.tsx';
import type { ComponentStrip } from '@kestrel-ridge/core/view';
import { dayName } from '../parts/times.ts';
import { DAYS } from '@kestrel-ridge/core/view';
import { dayTried, sizeTried } from './weekDraftSlice.ts';
import { batchWords, loadsWords } from './weekWords.ts';

/** A day on the strip, roughly: so far the handle is drawn for one. */
const DAY_PX = 95;
/** More of them are not told apart on a strip. */
const MOST_THAWS = 4;

/** A component: its name and size to the left, its strip to the right. */
export function StripRow({ view, item }: { view: KitchenView; item: ComponentStrip }) {
  const dispatch = useAppDispatch();
  const send = useCommand();
  const { modal } = App.useApp();
  const { batch, size, scaled } = item;
  const editable = batch !== undefined && size !== undefined && batch.session.status === 'planned';
  const loads = scaled?.loads.value.loads ?? 1;

  const now = useMinute();
  const draftDay = useAppSelector((state) => (batch ? state.weekDraft.days[batch.state.id] : undefined));
  const zone = view.kitchen.equipment.zone;
  const cookedOn = batch && (draftDay ?? dayAt(new Date(batch.session.startsAt), zone));
  const madeOn = cookedOn ? Math.min(DAYS - 1, Math.max(0, daysBetween(view.today, cookedOn))) : 0;
  const tried = (portions: number, freezePortions: number) =>
    batch && dispatch(sizeTried({ batch: batch.state.id, portions, freezePortions }));

  const sized = (portions: number) => {
    if (!batch || !size) return;
    const kept = { portions: Number(batch.state.portions), freezePortions: Number(batch.state.freezePortions) };
    dispatch(sizeTried({ batch: batch.state.id, ...resized(kept, size, portions) }));
  };

  const drop = () => {
    if (!batch) return;
    void modal.confirm({
      title: `Leave out ${item.name}?`,
      content: 'It leaves this session; the recipe stays. You can add it again.',
      okText: 'Leave it out',
      cancelText: 'Keep it',
      onOk: () =>
        send({ path: `batches/${batch.state.id}/drop`, body: { version: batch.state.version }, touches: ['week'] }),
    });
  };

  // Nobody doubles a salad for the freezer.
  const freezes = (batch?.recipe.document.component.freezerDays.value ?? 0) > 0;

  return (
    <>
      <div className="strip-name">
        <div className="strip-title">
          {batch ? <Link to={`/scale/${batch.state.id}`}>{item.name}</Link> : <span>{item.name}</span>}
          {editable && freezes && (
            <Button
              type="link"
              size="small"
              className="double"
              aria-label={`Double ${item.name} and freeze half`}
              title="twice as much, half of it into the freezer for the days after"
              onClick={() => tried(Math.min(200, size.portions * 2), size.portions)}
            >
              double, freeze half
            </Button>
          )}
          {editable && (
            <Button
              type="text"
              size="small"
              icon={<CloseOutlined />}
              aria-label={`Leave out ${item.name}`}
              onClick={drop}
            />
          )}
        </div>
        {editable ? (
          <div className="strip-sizes">
            <figure>
              <Stepper label={`Portions of ${item.name}`} value={size.portions} least={1} most={200} onChange={sized} />
              <figcaption>{loadsWords(loads)}</figcaption>
            </figure>
            <figure>
              <Stepper
                label={`To freeze of ${item.name}`}
                value={size.freezePortions}
                least={0}
                most={size.portions}
                onChange={(freezePortions) => tried(size.portions, freezePortions)}
              />
              <figcaption>to freeze</figcaption>
            </figure>
          </div>
        ) : (
          <p className="soft">{size ? batchWords(size.portions, size.freezePortions) : 'from the boxes'}</p>
        )}
      </div>
      <SupplyStrip
        item={item}
        nowShare={nowShare(view)}
        thaws={thawsOf(view, item, now)
          .slice(0, MOST_THAWS)
          .map(({ at, servedAt, portions }) => ({
            from: shareOfWeek(view, at),
            to: shareOfWeek(view, servedAt),
            portions,
          }))}
        {...(editable
          ? {
              handles: (
                <>
                  <StripHandle
                    name={`Day of ${item.name}, on its strip`}
                    value={madeOn}
                    least={0}
                    most={DAYS - 1}
                    sideways={{ px: DAY_PX, say: (n) => dayName(addDays(view.today, n)) }}
                    onChange={(n) => dispatch(dayTried({ batch: batch.state.id, day: addDays(view.today, n) }))}
                  />
                  <StripHandle
                    name={`Portions of ${item.name}, on its strip`}
                    value={size.portions}
                    least={1}
                    most={200}
                    onChange={sized}
                  />
                  <StripHandle
                    frozen
                    name={`To freeze of ${item.name}, on its strip`}
                    value={size.freezePortions}
                    least={0}
                    most={size.portions}
                    onChange={(freezePortions) => tried(size.portions, freezePortions)}
                  />
                </>
              ),
            }
          : {})}
      >
        <Appetite view={view} item={item} />
      </SupplyStrip>
    </>
  );
}

/** Where "now" stands within the first day of the strip. */
function nowShare(view: KitchenView): number {
  const hour = hourAt(appNow(), view.kitchen.equipment.zone);
  return Math.min(1, hour / 24) / 7;
}
