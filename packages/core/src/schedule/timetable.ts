import type { Compiled, CompiledUse } from './compile.ts';

interface Held {
  readonly start: number;
  readonly end: number;
  readonly use: number;
}

export interface PlacedWash {
  readonly resource: number;
  readonly after: number;
  readonly before: number;
  readonly start: number;
  readonly minutes: number;
}

/** What is taken in each minute while a plan is built: hands, units of shared things, vessels in the order of their use, the oven's heat. */
export class Timetable {
  readonly starts: Int32Array;
  washes: PlacedWash[] = [];
  private readonly busy: Uint8Array;
  private readonly units: (Uint8Array | undefined)[];
  private held: Held[][];
  private readonly length: number;

  constructor(private readonly c: Compiled) {
    this.length = c.horizon * 2 + 200;
    this.starts = new Int32Array(c.size).fill(-1);
    this.busy = new Uint8Array(this.length);
    this.units = c.resources.map((r) => (r.kind === 'vessel' ? undefined : new Uint8Array(this.length)));
    this.held = c.resources.map(() => []);
  }

  clear(): void {
    this.starts.fill(-1);
    this.busy.fill(0);
    for (const units of this.units) units?.fill(0);
    this.held = this.c.resources.map(() => []);
    this.washes = [];
  }

  get limit(): number {
    return this.length - 1;
  }

  /** First minute from `from` on in which a pair of hands is free for so long. */
  freeHands(from: number, minutes: number): number {
    const { cooks } = this.c.problem;
    let start = from;
    for (let at = from; at < start + minutes; at++) {
      if (at >= this.length) return this.length;
      if ((this.busy[at] ?? 0) >= cooks) start = at + 1;
    }
    return start;
  }

  private addHands(start: number, minutes: number, by: 1 | -1): void {
    for (let at = start; at < start + minutes; at++) this.busy[at] = (this.busy[at] ?? 0) + by;
  }

  put(task: number, start: number): void {
    this.starts[task] = start;
    if (this.c.hands[task]) this.addHands(start, this.c.minutes[task] ?? 0, 1);
  }

  lift(task: number): void {
    if (this.c.hands[task]) this.addHands(this.starts[task] ?? 0, this.c.minutes[task] ?? 0, -1);
    this.starts[task] = -1;
  }

  /** Earliest minute from `from` on at which a use may begin, as far as what is placed tells. Its end is not known yet. */
  mayBegin(use: CompiledUse, from: number): number {
    const resource = this.c.resources[use.resource];
    if (!resource) return from;
    switch (resource.kind) {
      case 'vessel': {
        const last = this.held[use.resource]?.at(-1);
        if (!last) return from;
        const wash = this.washNeeded(last.use, use);
        if (!wash) return Math.max(from, last.end);
        return Math.max(from, this.freeHands(last.end, wash) + wash);
      }
      case 'shared': {
        const units = this.units[use.resource];
        let at = from;
        while (at < this.length && (units?.[at] ?? 0) + use.units > resource.units) at++;
        return at;
      }
      case 'oven': {
        const heat = use.use.temperature ?? 0;
        const units = this.units[use.resource];
        let at = Math.max(from, resource.preheat[heat] ?? 0);
        for (let moved = true; moved;) {
          moved = false;
          for (const held of this.held[use.resource] ?? []) {
            const other = this.c.uses[held.use]?.use.temperature ?? 0;
            if (other === heat) continue;
            const gap = resource.change[other]?.[heat] ?? 0;
            if (at >= held.start && at < held.end + gap) {
              at = held.end + gap;
              moved = true;
            }
          }
          while (at < this.length && (units?.[at] ?? 0) + use.units > resource.units) {
            at++;
            moved = true;
          }
        }
        return at;
      }
      default:
        return resource satisfies never;
    }
  }

  /** A use from its start to its end: undefined when it fits, else the minute its start must move to at least. */
  conflict(use: CompiledUse, start: number, end: number): number | undefined {
    const resource = this.c.resources[use.resource];
    if (!resource) return undefined;
    if (resource.kind === 'vessel') {
      const last = this.held[use.resource]?.at(-1);
      return last && last.end > start ? last.end : undefined;
    }
    const units = this.units[use.resource];
    for (let at = end - 1; at >= start; at--) if ((units?.[at] ?? 0) + use.units > resource.units) return at + 1;
    if (resource.kind !== 'oven') return undefined;
    const heat = use.use.temperature ?? 0;
    for (const held of this.held[use.resource] ?? []) {
      const other = this.c.uses[held.use]?.use.temperature ?? 0;
      if (other === heat) continue;
      const after = held.end + (resource.change[other]?.[heat] ?? 0);
      const gap = resource.change[heat]?.[other] ?? 0;
      if (start < after && end + gap > held.start) return after;
    }
    return undefined;
  }

  /** Notes that a use holds its resource from start to end. */
  hold(number: number, use: CompiledUse, start: number, end: number): void {
    const units = this.units[use.resource];
    if (units) for (let at = start; at < end; at++) units[at] = (units[at] ?? 0) + use.units;
    this.held[use.resource]?.push({ start, end, use: number });
  }

  release(use: CompiledUse): void {
    const held = this.held[use.resource]?.pop();
    const units = this.units[use.resource];
    if (held && units) for (let at = held.start; at < held.end; at++) units[at] = (units[at] ?? 0) - use.units;
  }

  washNeeded(before: number, use: CompiledUse): number {
    const last = this.c.uses[before];
    if (!last) return 0;
    return last.use.group !== undefined && last.use.group === use.use.group ? 0 : last.wash;
  }

  /** Places the wash that this use needs before it begins; undefined when none is needed. */
  wash(number: number, use: CompiledUse): void {
    const last = this.held[use.resource]?.at(-1);
    if (this.c.resources[use.resource]?.kind !== 'vessel' || !last) return;
    const minutes = this.washNeeded(last.use, use);
    if (!minutes) return;
    const start = this.freeHands(last.end, minutes);
    this.addHands(start, minutes, 1);
    this.washes.push({ resource: use.resource, after: last.use, before: number, start, minutes });
  }

  unwash(number: number): void {
    const last = this.washes.at(-1);
    if (last?.before !== number) return;
    this.addHands(last.start, last.minutes, -1);
    this.washes.pop();
  }
}
