import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { portionsText } from '@kestrel-ridge/core/quantity';

/** So far a pointer is drawn for one portion, px. */
const PX_A_PORTION = 6;

/** The size of a batch, drawn up or down on its strip, or its day, drawn to the side; or either moved with the arrow keys: tried, not kept. */
export function StripHandle({
  name,
  value,
  least,
  most,
  frozen = false,
  sideways,
  onChange,
}: {
  name: string;
  value: number;
  least: number;
  most: number;
  frozen?: boolean;
  /** Drawn to the side: px for one step, and what a value is called. */
  sideways?: { readonly px: number; readonly say: (value: number) => string };
  onChange: (value: number) => void;
}) {
  const from = useRef<{ readonly x: number; readonly y: number; readonly value: number }>(undefined);
  const to = (next: number) => {
    const kept = Math.min(most, Math.max(least, Math.round(next)));
    if (kept !== value) onChange(kept);
  };
  const down = (event: PointerEvent<HTMLDivElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = { x: event.clientX, y: event.clientY, value };
  };
  const move = (event: PointerEvent) => {
    if (!from.current) return;
    const { x, y, value: was } = from.current;
    to(was + (sideways ? (event.clientX - x) / sideways.px : (y - event.clientY) / PX_A_PORTION));
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
      className={`strip-handle${frozen ? ' frozen' : ''}${sideways ? ' sideways' : ''}`}
      aria-label={name}
      aria-orientation={sideways ? 'horizontal' : 'vertical'}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuenow={value}
      aria-valuetext={sideways ? sideways.say(value) : portionsText(value)}
      title={`${name}: draw ${sideways ? 'to the side' : 'up or down'}`}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={() => (from.current = undefined)}
      onPointerCancel={() => (from.current = undefined)}
      onKeyDown={key}
    >
      <span aria-hidden="true">{sideways ? '⇔' : '⇕'}</span>
      {sideways ? sideways.say(value) : value}
    </div>
  );
}
