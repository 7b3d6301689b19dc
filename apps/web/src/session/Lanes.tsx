import { MINUTE_MS, type Moment, type SessionMinute } from '@kestrel-ridge/core/quantity';
import { DndContext, PointerSensor, useDraggable, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { scaleLinear } from 'd3-scale';
import { useMemo, useRef } from 'react';
import { clockAt } from '../parts/times.ts';
import { cooksOf } from './cooksOf.ts';
import { lanesOf, type Bar, type Lane } from './lanes.ts';
import type { PlanResult } from './planSlice.ts';
import { ridgePath } from './ridgePath.ts';
import { ovenWords } from '../parts/degrees.ts';

const ROW = 38;
const OVEN_ROW = 28;
const RIDGE = { widthPx: 1000, heightPx: 58 };
const QUARTER = 15;

interface LanesProps {
  readonly result: PlanResult;
  readonly startMs: Moment;
  readonly zone: string;
  readonly numbers: ReadonlyMap<string, number>;
  readonly chosen: string | undefined;
  readonly choose: (task: string) => void;
  readonly zoom: 1 | 2;
  readonly pins: Readonly<Record<string, number>>;
  readonly pin: (task: string, minute: SessionMinute) => void;
}

/** The cooking day: the ridge of busy hands, and under it a lane for each thing that can be busy. */
export function Lanes({ result, startMs, zone, numbers, chosen, choose, zoom, pins, pin }: LanesProps) {
  const { plan, tasks, busy } = result;
  const lanes = useMemo(() => lanesOf(tasks, plan, cooksOf(result)), [tasks, plan, result]);
  const x = scaleLinear().domain([0, plan.makespan]).range([0, 100]);
  const ticks = quarterHours(startMs, plan.makespan);
  const minWidth = zoom === 2 ? plan.makespan * 13 : Math.max(520, plan.makespan * 3);

  const clockRow = useRef<HTMLDivElement>(null);
  // A touch chooses; only a drag of some way moves.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  const dragged = ({ active, delta }: DragEndEvent) => {
    const { task } = (active.data.current ?? {}) as { readonly task?: string };
    const wide = clockRow.current?.clientWidth ?? 0;
    if (task === undefined || wide === 0) return;
    const minutes = Math.round((delta.x / wide) * plan.makespan);
    choose(task);
    if (minutes !== 0) pin(task, (plan.starts[task] ?? 0) + minutes);
  };

  return (
    <DndContext sensors={sensors} onDragEnd={dragged}>
      <div className="lanes-scroll" tabIndex={0} aria-label="Timeline of the session">
        <div className="lanes" style={{ minWidth: minWidth + 120 }}>
          <div className="lane-name">hands-on</div>
          <svg
            className="lane-ridge"
            viewBox={`0 0 ${RIDGE.widthPx} ${RIDGE.heightPx}`}
            preserveAspectRatio="none"
            aria-hidden="true"
          >
            <path d={ridgePath(busy, RIDGE)} />
          </svg>
          <div />
          <div className="lane-clock" ref={clockRow}>
            {ticks.map(({ minute, hour }) => (
              <span key={minute} style={{ left: `${x(minute)}%` }} className={hour ? 'hour' : ''}>
                {clockAt(startMs + minute * MINUTE_MS, zone)}
              </span>
            ))}
          </div>
          {lanes.map((lane) => (
            <LaneRow
              key={lane.id}
              lane={lane}
              x={x}
              ticks={ticks}
              numbers={numbers}
              chosen={chosen}
              choose={choose}
              widthPx={minWidth}
              clockOf={(minute) => clockAt(startMs + minute * MINUTE_MS, zone)}
              pins={pins}
            />
          ))}
        </div>
      </div>
    </DndContext>
  );
}

function quarterHours(startMs: Moment, makespan: number): readonly { minute: SessionMinute; hour: boolean }[] {
  const step = makespan > 150 ? 30 : QUARTER;
  const first = (step - (Math.floor(startMs / MINUTE_MS) % step)) % step;
  return Array.from({ length: Math.floor((makespan - first) / step) + 1 }, (_, n) => {
    const minute = first + n * step;
    return { minute, hour: (Math.floor(startMs / MINUTE_MS) + minute) % 60 === 0 };
  }).filter(({ minute }) => minute <= makespan - 4);
}

interface LaneRowProps extends Pick<LanesProps, 'numbers' | 'chosen' | 'choose' | 'pins'> {
  readonly lane: Lane;
  readonly x: (minute: SessionMinute) => number;
  readonly ticks: readonly { minute: SessionMinute }[];
  readonly widthPx: number;
  readonly clockOf: (minute: SessionMinute) => string;
}

function LaneRow({ lane, x, ticks, numbers, chosen, choose, widthPx, clockOf, pins }: LaneRowProps) {
  const row = lane.heats ? OVEN_ROW : ROW;
  const head = lane.heats ? 24 : lane.spans.length > 0 ? 17 : 0;
  return (
    <>
      <div className="lane-name">
        <b>{lane.name}</b>
        <small>{lane.note}</small>
      </div>
      <div className="lane" style={{ height: lane.rows * row + head + 4 }}>
        {withRoom(lane.spans, (minute) => (x(minute) / 100) * widthPx).map((span) => (
          <span key={`${span.dish}${span.from}`} className="lane-span" style={{ left: `${x(span.from)}%` }}>
            {span.dish}
          </span>
        ))}
        {ticks.map(({ minute }) => (
          <i key={minute} className="lane-tick" style={{ left: `${x(minute)}%` }} />
        ))}
        {lane.heats?.map((heat) => (
          <div
            key={heat.from}
            className="lane-heat"
            style={{ left: `${x(heat.from)}%`, width: `${x(heat.to) - x(heat.from)}%` }}
          >
            <i style={{ width: `${((heat.readyAt - heat.from) / (heat.to - heat.from)) * 100}%` }}>
              {((x(heat.readyAt) - x(heat.from)) / 100) * widthPx >= 'heats'.length * LETTER_PX + 12 && 'heats'}
            </i>
            <b>{ovenWords(heat.celsius)}</b>
          </div>
        ))}
        {lane.bars.map((bar) => (
          <BarBox
            key={bar.key}
            bar={bar}
            top={head + bar.row * row + 1}
            height={row - 4}
            x={x}
            number={bar.task ? numbers.get(bar.task) : undefined}
            chosen={bar.task !== undefined && bar.task === chosen}
            choose={choose}
            widthPx={widthPx}
            clockOf={clockOf}
            lane={lane.id}
            pinned={bar.task !== undefined && pins[bar.task] !== undefined}
          />
        ))}
      </div>
    </>
  );
}

/** Widths of letters, roughly: a name that has no room is left to its number. */
const LETTER_PX = 7;

/** The names that can be read: where one would lie over the one before it, that one stands alone. */
function withRoom(spans: Lane['spans'], px: (minute: SessionMinute) => number): Lane['spans'] {
  let free = -1;
  return [...spans]
    .sort((a, b) => a.from - b.from)
    .filter(({ from, dish }) => {
      if (px(from) < free) return false;
      free = px(from) + (dish.length + 1) * LETTER_PX;
      return true;
    });
}

/** As many of the words, from the first, as there is room for. */
function wordsFor(words: string, room: (text: string) => boolean): string {
  const all = words.split(' ');
  const most = all.findLastIndex((_, n) => room(all.slice(0, n + 1).join(' ')));
  return all
    .slice(0, most + 1)
    .join(' ')
    .replace(/[,:;]$/, '');
}

function BarBox({
  bar,
  top,
  height,
  x,
  number,
  chosen,
  choose,
  widthPx,
  lane,
  pinned,
  clockOf,
}: {
  bar: Bar;
  clockOf: (minute: SessionMinute) => string;
  lane: string;
  pinned: boolean;
  top: number;
  height: number;
  x: (minute: SessionMinute) => number;
  number: number | undefined;
  chosen: boolean;
  choose: (task: string) => void;
  widthPx: number;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    // A task may stand in two lanes, and on several racks.
    id: `${lane} ${bar.key}`,
    data: { task: bar.task },
    disabled: bar.task === undefined,
  });
  const width = x(bar.to) - x(bar.from);
  const roomPx = (width / 100) * widthPx - (bar.kind === 'barred' ? 14 : 7);
  const words = bar.kind === 'wash' ? 'wash' : bar.label;
  const verb = words.split(' ')[0] ?? '';
  const room = (text: string) => roomPx >= text.length * LETTER_PX;
  const said = room(words)
    ? words
    : room(verb)
      ? wordsFor(words, room)
      : number !== undefined && room(`${number} `)
        ? `${number}`
        : '';
  const { task } = bar;
  const style = {
    left: `${x(bar.from)}%`,
    width: `${width}%`,
    top,
    height,
    ...(transform ? { transform: `translateX(${transform.x}px)`, zIndex: 3 } : {}),
  };
  const inside = (
    <>
      {said && <span className="bar-words">{said}</span>}
      {bar.looks.map((minute) => (
        <i
          key={minute}
          className="bar-look"
          style={{ left: `${((minute - bar.from) / (bar.to - bar.from)) * 100}%` }}
        />
      ))}
    </>
  );
  if (task === undefined)
    return (
      <div className={`bar ${bar.kind}`} style={style} title={bar.label}>
        {inside}
      </div>
    );
  return (
    <button
      ref={setNodeRef}
      {...listeners}
      aria-describedby={attributes['aria-describedby']}
      type="button"
      // By keys the same step is reached in the list below, with less walking.
      tabIndex={-1}
      className={`bar ${bar.kind}${chosen ? ' chosen' : ''}${pinned ? ' pinned' : ''}${isDragging ? ' dragging' : ''}`}
      style={style}
      title={`${number ?? ''} ${bar.label}`}
      aria-label={`${bar.called}, ${clockOf(bar.from)}`}
      aria-pressed={chosen}
      onClick={() => choose(task)}
    >
      {inside}
    </button>
  );
}
