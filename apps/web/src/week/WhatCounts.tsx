import { fixed } from '@kestrel-ridge/core/quantity';
import type { Pulled, Weights } from '@kestrel-ridge/core/week';
import { Button, Slider } from 'antd';

/** What can be pulled, in the words of the score. */
const PULLED: readonly (readonly [part: keyof Weights, name: string])[] = [
  ['waste', 'nothing wasted'],
  ['hands', 'little work'],
  ['cost', 'cheap'],
  ['repeats', 'variety'],
  ['feeds', 'filling plates'],
  ['liking', 'what is liked'],
];
const MOST = 4;

/** How much each thing counts, for all four weeks: in the middle it counts as usual. */
export function WhatCounts({ pulled, pull }: { pulled: Pulled; pull: (next: Pulled) => void }) {
  return (
    <details className="what-counts">
      <summary>What counts{Object.keys(pulled).length > 0 ? ', pulled' : ''}</summary>
      <div className="pulls">
        {PULLED.map(([part, name]) => (
          <label key={part}>
            <span>
              {name} <b className="number">× {fixed(pulled[part] ?? 1, 1)}</b>
            </span>
            <Slider
              min={0}
              max={MOST}
              step={0.5}
              marks={{ 1: ' ' }}
              value={pulled[part] ?? 1}
              tooltip={{ open: false }}
              ariaLabelForHandle={`${name}, times as usual`}
              onChange={(value: number) => {
                const { [part]: _was, ...rest } = pulled;
                pull(value === 1 ? rest : { ...rest, [part]: value });
              }}
            />
          </label>
        ))}
        {Object.keys(pulled).length > 0 && <Button onClick={() => pull({})}>As usual</Button>}
      </div>
    </details>
  );
}
