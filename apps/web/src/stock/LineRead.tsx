import { moneyText } from '@kestrel-ridge/core/cost';
import type { ShelfLine } from '@kestrel-ridge/core/formats';
import { show } from '@kestrel-ridge/core/quantity';
import { Select } from 'antd';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { dateWords } from '../parts/times.ts';

/** What a line was understood as, part by part; what is missing is asked for beside it. */
export function LineRead({
  view,
  read,
  placeId,
  choosePlace,
  urged,
}: {
  view: KitchenView;
  read: ShelfLine;
  placeId: string | undefined;
  choosePlace: (place: string) => void;
  /** The cook pressed Enter already: what is missing is marked. */
  urged: boolean;
}) {
  return (
    <div className="add-read" aria-live="polite">
      {read.food ? (
        <span className="add-part">
          <b>{read.food.name}</b>
        </span>
      ) : (
        <span className="add-part asks">which food?{read.rest ? ` “${read.rest}” is not known here` : ''}</span>
      )}
      {read.amount ? (
        <span className="add-part">
          {read.known === 'rough' && 'about '}
          {read.known === 'unknown' ? 'some, not counted' : show(read.amount)}
        </span>
      ) : (
        read.asks.length === 0 && <span className="add-part asks">how much? (500 g, 2 cups, 3)</span>
      )}
      {read.place ? (
        <span className="add-part">{read.place.name}</span>
      ) : (
        <Select
          aria-label="Where does it go?"
          size="small"
          style={{ minWidth: 190 }}
          placeholder="Where does it go?"
          {...(placeId === undefined ? {} : { value: placeId })}
          onChange={choosePlace}
          options={view.kitchen.places.map(({ id, name }) => ({ value: id, label: name }))}
          status={urged ? 'error' : ''}
        />
      )}
      {read.priceMinor !== undefined && (
        <span className="add-part">{moneyText(read.priceMinor, view.kitchen.equipment.currency)}</span>
      )}
      {read.bestBefore && <span className="add-part">best before {dateWords(read.bestBefore)}</span>}
      {read.useBy && <span className="add-part">use by {dateWords(read.useBy)}</span>}
      {read.opened && (
        <span className="add-part">{read.openedOn ? `open since ${dateWords(read.openedOn)}` : 'open'}</span>
      )}
      {read.asks.map((ask) => (
        <span key={ask} className="add-part asks">
          {ask}
        </span>
      ))}
      {read.food && read.rest && read.asks.length === 0 && (
        <span className="add-part asks">not understood: “{read.rest}”</span>
      )}
    </div>
  );
}
