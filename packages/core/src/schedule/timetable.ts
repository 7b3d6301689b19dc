import type { Compiled } from './compile.ts';

/** A use that cannot be held: the task it begins with must move to a later minute. */
export interface Clash {
  readonly from: number;
  readonly to: number;
}

const VESSEL = 0;
const SHARED = 1;
const OVEN = 2;

/** What is taken in each minute while a plan is built: hands, units of shared things, vessels in the order of their use, the oven's heat. */
export class Timetable {
  /** Of each use of a vessel: how long the wash before it takes (0: none), when it begins, and behind which use. */
  readonly washMinutes: Int32Array;
  readonly washStart: Int32Array;
  readonly washBehind: Int32Array;
  private readonly busy: Uint8Array;
  /** A bit a minute: set where no hands are free. */
  private readonly full: Int32Array;
  private readonly taken: readonly Uint16Array[];
  private readonly heldFrom: readonly Int32Array[];
  private readonly heldTo: readonly Int32Array[];
  private readonly heldUse: readonly Int32Array[];
  private readonly heldCount: Int32Array;
  private readonly isHeld: Uint8Array;
  private readonly kind: Uint8Array;
  private readonly units: Int32Array;
  private readonly resourceOf: Int32Array;
  private readonly unitsOf: Int32Array;
  private readonly heatOf: Float64Array;
  private readonly readyAt: Int32Array;
  /** No hands are free before this minute. */
  private firstFree = 0;
  private readonly followers: readonly Int32Array[];
  private readonly minutes: Int32Array;
  private readonly hands: Uint8Array;
  private readonly opening: readonly Int32Array[];
  private readonly closing: readonly Int32Array[];
  /** Minutes between two uses of one oven, and of the wash between two uses of one vessel. */
  private readonly gap: readonly Int32Array[];

  constructor(private readonly c: Compiled) {
    const length = c.horizon + 200;
    const uses = c.uses.length;
    this.busy = new Uint8Array(length);
    this.full = new Int32Array((length >> 5) + 2);
    this.taken = c.resources.map((resource) => new Uint16Array(resource.kind === 'vessel' ? 0 : length));
    this.heldFrom = c.resources.map(() => new Int32Array(uses));
    this.heldTo = c.resources.map(() => new Int32Array(uses));
    this.heldUse = c.resources.map(() => new Int32Array(uses));
    this.heldCount = new Int32Array(c.resources.length);
    this.isHeld = new Uint8Array(uses);
    this.washMinutes = new Int32Array(uses);
    this.washStart = new Int32Array(uses);
    this.washBehind = new Int32Array(uses);
    this.kind = Uint8Array.from(c.resources, ({ kind }) => ({ vessel: VESSEL, shared: SHARED, oven: OVEN })[kind]);
    this.units = Int32Array.from(c.resources, (resource) => (resource.kind === 'vessel' ? 1 : resource.units));
    this.resourceOf = Int32Array.from(c.uses, ({ resource }) => resource);
    this.unitsOf = Int32Array.from(c.uses, ({ units }) => units);
    this.heatOf = Float64Array.from(c.uses, ({ use }) => use.temperature ?? 0);
    this.readyAt = Int32Array.from(c.uses, ({ resource, use }) => {
      const of = c.resources[resource];
      return of?.kind === 'oven' ? (of.preheat[use.temperature ?? 0] ?? 0) : 0;
    });
    this.minutes = Int32Array.from(c.minutes);
    this.hands = Uint8Array.from(c.hands, Number);
    this.opening = c.opening.map((uses) => Int32Array.from(uses));
    this.closing = c.closing.map((uses) => Int32Array.from(uses));
    this.followers = followersOf(c);
    this.gap = c.uses.map((u) =>
      Int32Array.from(c.uses, (v) => {
        const of = c.resources[u.resource];
        if (u.resource !== v.resource || !of) return 0;
        if (of.kind === 'oven') return of.change[u.use.temperature ?? 0]?.[v.use.temperature ?? 0] ?? 0;
        return u.use.group !== undefined && u.use.group === v.use.group ? 0 : u.wash;
      }),
    );
  }

  /** Everything is free again, as far as plans below a limit look. */
  clear(limit: number): void {
    const length = Math.min(this.busy.length, Math.ceil(limit) + 200);
    this.busy.fill(0, 0, length);
    this.full.fill(0);
    for (const taken of this.taken) taken.fill(0, 0, Math.min(taken.length, length));
    this.heldCount.fill(0);
    this.isHeld.fill(0);
    this.washMinutes.fill(0);
    this.firstFree = 0;
    for (const { from, to, hands } of this.c.problem.away ?? []) this.work(from, Math.min(to, length) - from, hands);
  }

  /** The first minute from `from` on at which a task finds hands and what it opens, as far as it can be known before it ends. Washes it asks for are placed. */
  earliest(t: number, from: number, washWait: Int32Array, limit: number): number {
    const opening = this.opening[t] ?? NOTHING;
    const hands = this.hands[t] === 1;
    const minutes = this.minutes[t] ?? 0;
    const followers = this.followers[t] ?? NOTHING;
    let start = from;
    for (let n = 0; n < opening.length; n++) {
      const use = opening[n] ?? 0;
      const resource = this.resourceOf[use] ?? 0;
      start = Math.max(start, this.readyAt[use] ?? 0);
      const count = this.heldCount[resource] ?? 0;
      if (this.kind[resource] !== VESSEL || count === 0) continue;
      const last = this.heldUse[resource]?.[count - 1] ?? 0;
      const end = this.heldTo[resource]?.[count - 1] ?? 0;
      const wash = this.gap[last]?.[use] ?? 0;
      start = Math.max(start, end);
      if (wash === 0) continue;
      const begin = this.freeHands(Math.max(end, washWait[last] ?? 0), wash);
      this.work(begin, wash, 1);
      this.washStart[use] = begin;
      this.washMinutes[use] = wash;
      this.washBehind[use] = last;
      start = Math.max(start, begin + wash);
    }
    if (opening.length === 0 && followers.length === 0) return hands ? this.freeHands(start, minutes) : start;
    for (let was = -1; was !== start && start < limit;) {
      was = start;
      if (hands) start = this.freeHands(start, minutes);
      for (let n = 0; n < opening.length; n++) start = this.freeUnits(opening[n] ?? 0, start, limit);
      // What has to follow within a few minutes finds its hands too, or all of it starts later.
      for (let n = 0; n < followers.length; n += 3) {
        const latest = start + (followers[n + 1] ?? 0);
        const free = this.freeHands(start + (followers[n] ?? 0), followers[n + 2] ?? 0);
        if (free > latest) start += free - latest;
      }
    }
    return start;
  }

  /** A task is put down: its hands are taken. */
  put(t: number, start: number): void {
    if (this.hands[t] === 1) this.work(start, this.minutes[t] ?? 0, 1);
  }

  /** What ends with a task is held from its beginning; or says what has to move. */
  close(t: number, starts: Int32Array): Clash | undefined {
    const { c } = this;
    const closing = this.closing[t] ?? NOTHING;
    if (closing.length === 0) return undefined;
    const end = (starts[t] ?? 0) + (this.minutes[t] ?? 0);
    for (let n = 0; n < closing.length; n++) {
      const use = closing[n] ?? 0;
      const from = c.uses[use]?.from ?? 0;
      const begin = starts[from] ?? 0;
      const later = this.conflict(use, begin, end);
      if (later >= 0) return { from, to: Math.max(later, begin + 1) };
      const resource = this.resourceOf[use] ?? 0;
      const count = this.heldCount[resource] ?? 0;
      (this.heldFrom[resource] ?? NOTHING)[count] = begin;
      (this.heldTo[resource] ?? NOTHING)[count] = end;
      (this.heldUse[resource] ?? NOTHING)[count] = use;
      this.heldCount[resource] = count + 1;
      this.isHeld[use] = 1;
      this.take(use, begin, end, this.unitsOf[use] ?? 1);
    }
    return undefined;
  }

  /** A task is taken off again, with what it closed and the washes before what it opened. */
  lift(t: number, start: number): void {
    const closing = this.closing[t] ?? NOTHING;
    for (let n = closing.length - 1; n >= 0; n--) {
      const use = closing[n] ?? 0;
      if (!this.isHeld[use]) continue;
      const resource = this.resourceOf[use] ?? 0;
      const count = (this.heldCount[resource] ?? 1) - 1;
      this.heldCount[resource] = count;
      this.isHeld[use] = 0;
      this.take(
        use,
        this.heldFrom[resource]?.[count] ?? 0,
        this.heldTo[resource]?.[count] ?? 0,
        -(this.unitsOf[use] ?? 1),
      );
    }
    if (this.hands[t] === 1) this.work(start, this.minutes[t] ?? 0, -1);
    this.unwash(t);
  }

  unwash(t: number): void {
    const opening = this.opening[t] ?? NOTHING;
    for (let n = 0; n < opening.length; n++) {
      const use = opening[n] ?? 0;
      const minutes = this.washMinutes[use] ?? 0;
      if (minutes === 0) continue;
      this.work(this.washStart[use] ?? 0, minutes, -1);
      this.washMinutes[use] = 0;
    }
  }

  private work(from: number, minutes: number, hands: number): void {
    const { busy, full } = this;
    const { cooks } = this.c.problem;
    for (let at = from; at < from + minutes; at++) {
      const now = (busy[at] ?? 0) + hands;
      busy[at] = now;
      const bit = 1 << (at & 31);
      if (now >= cooks) full[at >> 5] = (full[at >> 5] ?? 0) | bit;
      else full[at >> 5] = (full[at >> 5] ?? 0) & ~bit;
    }
    if (hands < 0) this.firstFree = Math.min(this.firstFree, from);
    else if (from <= this.firstFree) while ((busy[this.firstFree] ?? 0) >= cooks) this.firstFree++;
  }

  private take(use: number, from: number, to: number, units: number): void {
    const taken = this.taken[this.resourceOf[use] ?? 0];
    if (taken && taken.length > 0) for (let at = from; at < to; at++) taken[at] = (taken[at] ?? 0) + units;
  }

  /** The first minute from `from` on with free hands for so long. Minutes without are bits: a look at a word is a look at half an hour. */
  private freeHands(from: number, minutes: number): number {
    const { full } = this;
    let start = Math.max(from, this.firstFree);
    for (let done = 0; done < minutes;) {
      const at = start + done;
      const offset = at & 31;
      const word = full[at >> 5] ?? 0;
      const next = full[(at >> 5) + 1] ?? 0;
      const seen = offset === 0 ? word : (word >>> offset) | (next << (32 - offset));
      const length = Math.min(32, minutes - done);
      const taken = length === 32 ? seen : seen & ((1 << length) - 1);
      if (taken === 0) done += length;
      else {
        start = at + 32 - Math.clz32(taken);
        done = 0;
      }
    }
    return start;
  }

  private freeUnits(use: number, from: number, limit: number): number {
    const resource = this.resourceOf[use] ?? 0;
    const kind = this.kind[resource];
    if (kind === VESSEL) return from;
    const taken = this.taken[resource] ?? NO_UNITS;
    const room = (this.units[resource] ?? 1) - (this.unitsOf[use] ?? 1);
    let at = from;
    for (let moved = true; moved;) {
      moved = false;
      while ((taken[at] ?? 0) > room && at < limit) at++;
      if (kind !== OVEN) return at;
      const count = this.heldCount[resource] ?? 0;
      for (let n = 0; n < count; n++) {
        const other = this.heldUse[resource]?.[n] ?? 0;
        if (this.heatOf[other] === this.heatOf[use]) continue;
        const free = (this.heldTo[resource]?.[n] ?? 0) + (this.gap[other]?.[use] ?? 0);
        if (at >= (this.heldFrom[resource]?.[n] ?? 0) && at < free) {
          at = free;
          moved = true;
        }
      }
    }
    return at;
  }

  /** −1 when a use may hold its resource from begin to end, else the minute its start must move to at least. */
  private conflict(use: number, begin: number, end: number): number {
    const resource = this.resourceOf[use] ?? 0;
    const kind = this.kind[resource];
    const count = this.heldCount[resource] ?? 0;
    if (kind === VESSEL) {
      const last = count > 0 ? (this.heldTo[resource]?.[count - 1] ?? 0) : 0;
      return last > begin ? last : -1;
    }
    const taken = this.taken[resource] ?? NO_UNITS;
    const room = (this.units[resource] ?? 1) - (this.unitsOf[use] ?? 1);
    for (let at = end - 1; at >= begin; at--) if ((taken[at] ?? 0) > room) return at + 1;
    if (kind !== OVEN) return -1;
    for (let n = 0; n < count; n++) {
      const other = this.heldUse[resource]?.[n] ?? 0;
      if (this.heatOf[other] === this.heatOf[use]) continue;
      const after = (this.heldTo[resource]?.[n] ?? 0) + (this.gap[other]?.[use] ?? 0);
      if (begin < after && end + (this.gap[use]?.[other] ?? 0) > (this.heldFrom[resource]?.[n] ?? 0)) return after;
    }
    return -1;
  }
}

/** Beyond so much room in its start, a look ahead at a follower seldom helps. */
const MOST_ROOM = 15;

/**
 * Of each task that begins a chain of short waits: the tasks of hands that follow in its block, as rows of earliest and latest start after its own, and minutes.
 */
function followersOf(c: Compiled): readonly Int32Array[] {
  return c.minutes.map((_, first) => {
    const b = c.block[first];
    const tied = ({ other, max }: { readonly other: number; readonly max: number }) =>
      c.block[other] === b && max < Infinity;
    if ((c.before[first] ?? []).some(tied)) return NOTHING;
    const span = new Map([[first, { least: 0, most: 0 }]]);
    for (const t of c.blocks[b ?? 0] ?? []) {
      const from = span.get(t);
      if (!from) continue;
      for (const link of (c.afterwards[t] ?? []).filter(tied)) {
        const minutes = c.minutes[t] ?? 0;
        const known = span.get(link.other);
        span.set(link.other, {
          least: Math.max(known?.least ?? 0, from.least + minutes + link.min),
          most: Math.min(known?.most ?? Infinity, from.most + minutes + link.max),
        });
      }
    }
    return Int32Array.from(
      [...span].flatMap(([t, { least, most }]) =>
        t !== first && c.hands[t] && most - least <= MOST_ROOM ? [least, most, c.minutes[t] ?? 0] : [],
      ),
    );
  });
}

const NOTHING = new Int32Array(0);
const NO_UNITS = new Uint16Array(0);
