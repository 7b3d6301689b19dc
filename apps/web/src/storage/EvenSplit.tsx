import { evenSplit } from '@kestrel-ridge/core/storage';
import { InputNumber } from 'antd';
import { useState } from 'react';

/** Boxes filled alike by weight: the pot on the scale, full and empty. */
export function EvenSplit({ boxes, name }: { boxes: number; name: string }) {
  const [full, setFull] = useState<number | null>(null);
  const [empty, setEmpty] = useState<number | null>(null);
  const parts = full !== null && empty !== null ? evenSplit(full, empty, boxes) : undefined;
  return (
    <div className="even-split">
      <span className="soft">By weight:</span>
      <InputNumber<number>
        aria-label={`The pot of ${name}, full, g`}
        size="small"
        min={0}
        max={60_000}
        value={full}
        suffix="g"
        placeholder="pot, full"
        onChange={setFull}
      />
      <InputNumber<number>
        aria-label={`The pot of ${name}, empty, g`}
        size="small"
        min={0}
        max={20_000}
        value={empty}
        suffix="g"
        placeholder="pot, empty"
        onChange={setEmpty}
      />
      {parts ? (
        <b className="number">
          {parts[0]} g a box{parts.length > 1 && `, the last one ${parts.at(-1)}`}
        </b>
      ) : full !== null && empty !== null ? (
        <span className="cannot">The pot weighs more empty than full. Weigh it again.</span>
      ) : null}
    </div>
  );
}
