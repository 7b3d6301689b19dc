import type { ReactNode } from 'react';
import './strip.css';
import { stripShape } from './stripShape.ts';
import { reachWords, shortWords, spoilWords } from './stripWords.ts';
import { DAYS, type ComponentStrip } from '@kestrel-ridge/core/view';
import { portionsText } from '@kestrel-ridge/core/quantity';

const BOX = { widthPx: 700, heightPx: 62 };

/** How far along the strip words may begin before its handles. */
const ROOM_FOR_WORDS = 0.6;

/** One component across the week: it falls as it is eaten; slanted is frozen; dashed is where it falls short. */
export function SupplyStrip({
  item,
  nowShare,
  thaws = [],
  handles,
  children,
}: {
  item: ComponentStrip;
  nowShare: number;
  /** Boxes on their way from the freezer to a meal: from and to, as shares of the week. */
  thaws?: readonly { readonly from: number; readonly to: number; readonly portions: number }[];
  /** What its size is drawn by. */
  handles?: ReactNode;
  children?: ReactNode;
}) {
  const most = Math.max(...item.strip.meals.map((meal) => meal.cold + meal.frozen), 1);
  const shape = stripShape(item, most, BOX);
  const reach = reachWords(item);
  const short = shortWords(item);
  const spoil = spoilWords(item);
  // Where the handles leave no room on the strip, it stands below.
  const besideHandles =
    handles !== undefined && shape.short !== undefined && shape.short.x > ROOM_FOR_WORDS * BOX.widthPx;
  return (
    <div className="strip">
      <svg
        viewBox={`0 0 ${BOX.widthPx} ${BOX.heightPx}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={`${item.name}: ${[reach, short, spoil].filter(Boolean).join('; ')}`}
      >
        <defs>
          <pattern id="cold-lines" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="9" height="9" fill="var(--panel)" />
            <line x1="0" y1="0" x2="0" y2="9" stroke="var(--cold-line)" strokeWidth="3.5" />
          </pattern>
        </defs>
        <rect width={BOX.widthPx} height={BOX.heightPx} fill="var(--panel)" />
        {Array.from({ length: DAYS - 1 }, (_, n) => (
          <line
            key={n}
            x1={((n + 1) * BOX.widthPx) / DAYS}
            x2={((n + 1) * BOX.widthPx) / DAYS}
            y1="0"
            y2={BOX.heightPx}
            stroke="var(--line)"
            vectorEffect="non-scaling-stroke"
          />
        ))}
        {shape.frozen.map((rect) => (
          <rect key={`f${rect.x}`} {...rect} fill="url(#cold-lines)" />
        ))}
        {shape.cold.map((rect) => (
          <rect key={`c${rect.x}`} {...rect} fill={`var(--${item.kind})`} />
        ))}
        {shape.short && (
          <rect
            {...shape.short}
            fill="none"
            stroke="var(--cannot)"
            strokeWidth="1.5"
            strokeDasharray="5 4"
            vectorEffect="non-scaling-stroke"
          />
        )}
        {shape.spoilsAtX !== undefined && (
          <line
            x1={shape.spoilsAtX}
            x2={shape.spoilsAtX}
            y1="0"
            y2={BOX.heightPx}
            stroke="var(--ink)"
            strokeWidth="2.5"
            vectorEffect="non-scaling-stroke"
          />
        )}
        <line
          x1={nowShare * BOX.widthPx}
          x2={nowShare * BOX.widthPx}
          y1="0"
          y2={BOX.heightPx}
          stroke="var(--now)"
          strokeWidth="3"
          vectorEffect="non-scaling-stroke"
        />
        <line x1="0" x2={BOX.widthPx} y1={BOX.heightPx - 0.5} y2={BOX.heightPx - 0.5} stroke="var(--slate-soft)" />
      </svg>
      {thaws.map(({ from, to, portions }, n) => (
        <span
          key={`${from} ${n}`}
          className="strip-thaw"
          style={{ left: `${from * 100}%`, width: `${Math.max(0.5, (to - from) * 100)}%`, top: `${38 - n * 9}px` }}
          title={`${portionsText(portions)} thawing in the fridge`}
        />
      ))}
      {shape.short && short && !besideHandles && (
        <span
          className={handles ? 'strip-short with-handles' : 'strip-short'}
          style={{ left: `${(shape.short.x / BOX.widthPx) * 100}%` }}
        >
          {short}
        </span>
      )}
      {handles && <div className="strip-handles">{handles}</div>}
      <div className="strip-words">
        {children}
        {short && handles && <span className={besideHandles ? 'cannot' : 'cannot only-narrow'}>{short}</span>}
        {spoil && <span className="strip-spoil">{spoil}</span>}
        <span>{reach}</span>
      </div>
    </div>
  );
}
