import { labelSheets } from '@kestrel-ridge/core/storage';
import { Button, Modal, Select } from 'antd';
import { NumberInput } from '../parts/NumberInput.tsx';
import { useState } from 'react';
import type { KitchenView } from '@kestrel-ridge/core/view';
import { simulatedPrinter } from '../devices/labelPrinter.ts';
import { giveBlob } from '../parts/giveFile.ts';
import type { PrintedLabel } from './labelPdf.ts';
import { labelsWords } from './storageWords.ts';

const KEY = 'kestrel-ridge.labels';

/** Labels for boxes, one each, on a sheet from the shop; a sheet that was begun is used up. */
export function PrintLabels({
  view,
  labels,
  name,
}: {
  view: KitchenView;
  labels: readonly PrintedLabel[];
  name: string;
}) {
  const [out, setOut] = useState<readonly string[]>();
  const [sheet, setSheet] = useState(() => Number(localStorage.getItem(KEY) ?? 0) || 0);
  const [skip, setSkip] = useState(0);
  const [busy, setBusy] = useState(false);
  const chosen = labelSheets[sheet] ?? labelSheets[0];
  const print = async () => {
    if (!chosen) return;
    setBusy(true);
    const { labelPdf } = await import('./labelPdf.ts');
    giveBlob(`labels-${name.toLowerCase().replace(/\W+/g, '-')}.pdf`, await labelPdf(labels, chosen, skip));
    setBusy(false);
  };
  return (
    <div className="print-labels">
      <Select
        aria-label={`Sheet for the labels of ${name}`}
        value={sheet}
        options={labelSheets.map(({ name: label }, value) => ({ value, label }))}
        onChange={(value) => {
          localStorage.setItem(KEY, `${value}`);
          setSheet(value);
        }}
      />
      <NumberInput
        aria-label="Labels already used on the first sheet"
        min={0}
        max={60}
        value={skip}
        prefix="already used"
        onChange={(value) => setSkip(value ?? 0)}
        style={{ width: 130 }}
      />
      <Button loading={busy} onClick={() => void print()}>
        {labelsWords(labels.length)}
      </Button>
      {view.kitchen.equipment.simulatedDevices && (
        <Button
          onClick={() => {
            setOut([]);
            void simulatedPrinter((png) => setOut((before) => [...(before ?? []), png])).print(labels);
          }}
        >
          Label printer
        </Button>
      )}
      <Modal
        title="Out of the simulated label printer"
        open={out !== undefined}
        footer={null}
        onCancel={() => setOut(undefined)}
      >
        <div className="printed">
          {(out ?? []).map((png, n) => (
            <img key={n} src={png} alt={`Label ${n + 1} of ${labels.length}: ${name}`} />
          ))}
        </div>
      </Modal>
    </div>
  );
}
