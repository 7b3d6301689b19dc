import { readShelfLine } from '@kestrel-ridge/core/formats';
import { show } from '@kestrel-ridge/core/quantity';
import { Button, Input } from 'antd';
import { useEffect, useMemo, useRef, useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { useCommand } from '../app/useCommand.ts';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { isBarcode } from '../devices/barcodes.ts';
import { simulatedBook, simulatedReader } from '../devices/simulatedBarcodes.ts';
import { portionOf, proposedPlace } from '@kestrel-ridge/core/view';
import { asNewLot } from './asNewLot.ts';
import { LineRead } from './LineRead.tsx';
import { lineSetting } from './lineSetting.ts';

/** Adds a lot from one line, understood as it is typed. What is missing is asked for beside the line; a list that is pasted opens as a list. */
export function AddLot({ view }: { view: KitchenView }) {
  const [text, setTyped] = useState('');
  // A reader types like a keyboard: thirteen digits become the line of the pack they stand for.
  const setText = (next: string) =>
    setTyped(simulated && isBarcode(next.trim()) ? (simulatedBook.lineOf(next.trim()) ?? next) : next);
  const simulated = view.kitchen.equipment.simulatedDevices ?? false;
  const [reader] = useState(simulatedReader);
  const [chosen, setPlaceId] = useState<string>();
  const [tried, setTried] = useState(false);
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const input = useRef<{ focus: () => void }>(null);
  const send = useCommand();
  const navigate = useNavigate();
  const setting = useMemo(() => lineSetting(view), [view]);
  const read = useMemo(() => readShelfLine(text, setting), [text, setting]);
  const placeId = chosen ?? (read.food && proposedPlace(view, read.food)?.id);

  useEffect(
    () =>
      reader.onCode((code) => {
        setTyped(simulatedBook.lineOf(code) ?? code);
        input.current?.focus();
      }),
    [reader],
  );

  const add = async (event: FormEvent) => {
    event.preventDefault();
    setTried(true);
    setFault(undefined);
    const lot = asNewLot(read, placeId, view.today, (food) => portionOf(view, food));
    if (busy || !lot || !read.food || !read.amount) return;
    const place = view.kitchen.places.find((each) => each.id === lot.place);
    setBusy(true);
    const sent = await send({
      path: 'lots',
      body: lot,
      touches: ['shelf', 'cost'],
      undo: `Added ${show(read.amount)} ${read.food.name}, ${place?.name ?? ''}`,
      quiet: true,
    });
    setBusy(false);
    if (sent.ok) {
      setText('');
      setPlaceId(undefined);
      setTried(false);
      input.current?.focus();
    } else setFault(sent.problem.errors.map((e) => `${e.fault} ${e.remedy}`).join(' ') || sent.problem.detail);
  };

  return (
    <section className="add-line">
      <form onSubmit={(event) => void add(event)}>
        <div style={{ flex: 1, minWidth: 240 }}>
          <label htmlFor="add-line">Add to the shelf</label>
          <Input
            id="add-line"
            ref={input as never}
            size="large"
            autoComplete="off"
            placeholder="500 g hazelnuts, dry cupboard, 6.40, bb march"
            value={text}
            onChange={(event) => setText(event.target.value)}
            onPaste={(event) => {
              const pasted = event.clipboardData.getData('text');
              if (!pasted.trim().includes('\n')) return;
              event.preventDefault();
              void navigate('/shelf/list', { state: { text: pasted } });
            }}
          />
        </div>
        {simulated && (
          <Button size="large" onClick={reader.press} style={{ alignSelf: 'end' }}>
            Scan (simulated)
          </Button>
        )}
        <Button
          size="large"
          htmlType="submit"
          loading={busy}
          disabled={text.trim() === ''}
          style={{ alignSelf: 'end' }}
        >
          Add
        </Button>
      </form>
      {text.trim() !== '' && (
        <LineRead view={view} read={read} placeId={placeId} choosePlace={setPlaceId} urged={tried} />
      )}
      {fault && (
        <p className="add-fault" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}
