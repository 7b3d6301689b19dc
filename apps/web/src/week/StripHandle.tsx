import { useRef, type KeyboardEvent, type PointerEvent } from 'react';

/** So far a pointer is drawn for one portion, px. */
const PX_A_PORTION = 6;

/** The size of a batch, drawn up or down on its strip, or moved with the arrow keys: tried, not kept. */
export function StripHandle({
  name,
  value,
  least,
  most,
  frozen = false,
  onChange,
}: {
  name: string;
  value: number;
  least: number;
  most: number;
  frozen?: boolean;
  onChange: (value: number) => void;
}) {
  const from = useRef<{ readonly y: number; readonly value: number }>(undefined);
  const to = (next: number) => {
    const kept = Math.min(most, Math.max(least, Math.round(next)));
    if (kept !== value) onChange(kept);
  };
  const down = (event: PointerEvent<HTMLDivElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = { y: event.clientY, value };
  };
  const move = (event: PointerEvent) => {
    if (from.current) to(from.current.value + (from.current.y - event.clientY) / PX_A_PORTION);
  };
  const key = (event: KeyboardEvent) => {
    const step = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 4, PageDown: -4 }[event.key];
    if (step === undefined) return;
    event.preventDefault();
    to(value + step);
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      className={frozen ? 'strip-handle frozen' : 'strip-handle'}
      aria-label={name}
      aria-orientation="vertical"
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuenow={value}
      aria-valuetext={`${value} portions`}
      title={`${name}: draw up or down`}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={() => (from.current = undefined)}
      onPointerCancel={() => (from.current = undefined)}
      onKeyDown={key}
    >
      <span aria-hidden="true">⇕</span>
      {value}
    </div>
  );
}
