import { ridgePath, type BoxPx } from './ridgePath.ts';

/** The same line wherever a session is named: how many hands are busy, minute by minute. */
export const Ridge = ({ busy, box, label }: { busy: readonly number[]; box: BoxPx; label: string }) => (
  <svg
    role="img"
    aria-label={label}
    viewBox={`0 0 ${box.widthPx} ${box.heightPx}`}
    width="100%"
    height={box.heightPx}
    preserveAspectRatio="none"
    style={{ display: 'block' }}
  >
    <path d={ridgePath(busy, box)} fill="var(--slate)" />
    <line x1="0" x2={box.widthPx} y1={box.heightPx - 0.5} y2={box.heightPx - 0.5} stroke="var(--slate-soft)" />
  </svg>
);
