import { postureFrom, type Posture } from '@/core/body';
import { anglesFor, type PoseAngles } from '../format';
import type { Node } from '../gaps';
import { halfWay, withHands, type Rough, type SettledRung } from '../sketch';
import { faults, type Faults, type SettlingRung } from './faults';
import { movedHands } from './hands';
import { minimise } from './minimise';
import { Demands, elementsStanding } from './residuals';
import { MEANT, sits, variablesOf, type Stage, type Variable } from './variables';

/**
 * Settling a rough pose: the joint angles nearest to what was written at which every contact touches, nothing passes
 * through anything, the joints stay within their limits and the centre of mass stands over what bears. What the author
 * meant (opening, turning, rounding) is held on a leash: a contact that could only be met by bending it further is left
 * open and told, for the author to mend.
 */

export interface Settled extends Faults {
  angles: PoseAngles;
  /** How far the key angle that moved most went from what was written, degrees, and which. */
  moved: { by: number; what: string };
}

/** A stage is enough where it left no more than this, metres and degrees. */
const ENOUGH = { gap: 0.003, overlap: 0.004, sunk: 0.012, moved: 12 };
const enough = (s: Faults): boolean =>
  s.gap <= ENOUGH.gap && s.overlap <= ENOUGH.overlap && s.sunk <= ENOUGH.sunk && s.beyond <= 0;
/**
 * Before the end of typical people, SD: so far a stretch begins, so that nearly everybody can. Others may begin a
 * little later.
 */
const ENTRY_SD = { stretch: -2.2, other: -1.75 };
/** What carries, lies or points as it must is no key angle. */
const FOLLOWS = /^(pelvis|neck|toe|shoulder|elbow|ankle)/;

/** A search for one posture of a rung. */
class Search {
  private readonly q: Posture;
  private readonly values: Float64Array;
  /** Hands must arrive too. */
  private readonly firm: boolean;

  /** @param from where the search begins; without, as it was written */
  constructor(
    private readonly rough: SettlingRung,
    private readonly written: PoseAngles,
    private readonly node: Node,
    private readonly variables: readonly Variable[],
    { from, firm = false }: { from?: PoseAngles; firm?: boolean } = {},
  ) {
    this.firm = firm;
    this.q = postureFrom(anglesFor({ ...written, ...from }, 'right'));
    this.values = Float64Array.from(variables, (v) => from?.[v.names[0]] ?? v.start);
  }

  /** Lets what may move in this stage move. @param most SD that structures may reach; null asks nothing */
  run(stage: Stage, last: boolean, most: number | null = null): Settled {
    const demands = new Demands(this.rough, this.node, most, this.firm);
    const active = this.variables.flatMap((v, i) => (v.stage <= stage ? [i] : []));
    const own = active.map((i) => {
      const v = this.variables[i];
      const leash = !last ? v.leash : MEANT.test(v.bare) ? 2 * v.leash : Infinity;
      return { ...v, min: Math.max(v.min, v.start - leash), max: Math.min(v.max, v.start + leash) };
    });
    const values = Float64Array.from(active, (i) => this.values[i]);
    minimise(
      (tried) => {
        this.place(active, tried);
        return demands.of(this.q, own, tried);
      },
      values,
      own,
    );
    active.forEach((i, k) => {
      this.values[i] = values[k];
    });
    this.place(active, values);
    return this.result();
  }

  private place(active: readonly number[], values: ArrayLike<number>): void {
    active.forEach((i, k) => {
      for (const id of this.variables[i].ids) this.q[id] = (values[k] * Math.PI) / 180;
    });
  }

  private result(): Settled {
    const angles: Record<string, number> = { ...this.written };
    const moved = { by: 0, what: '' };
    this.variables.forEach((v, i) => {
      const rounded = Math.round(this.values[i] * 10) / 10;
      for (const name of v.names) if (rounded !== 0 || name in angles) angles[name] = rounded;
      const by = Math.abs(this.values[i] - (this.written[v.names[0]] ?? 0));
      if (!FOLLOWS.test(v.bare) && by > moved.by) Object.assign(moved, { by, what: v.names.join(' and ') });
    });
    return { angles, moved, ...faults(angles, this.rough, this.node) };
  }
}

/** Settles one posture of a rung onto its contacts, right side worked. */
export function settle(rough: SettlingRung, written: PoseAngles, node: Node = 'full'): Settled {
  const held = node === 'middle' ? new Set<string>() : rough.held[node];
  const search = new Search(rough, written, node, variablesOf(rough, written, held));
  let out: Settled | null = null;
  for (const [stage, last] of [
    [1, false],
    [2, false],
    [3, false],
    [3, true],
  ] as const) {
    out = search.run(stage, last);
    if (enough(out) && out.moved.by <= ENOUGH.moved) break;
  }
  return out ?? search.run(3, true);
}

/** Price of a degree and slack beyond neutral where a structure is relieved: what is meant may only shrink. */
const RELIEF: Readonly<Record<string, readonly [scale: number, slack: number]>> = {
  hip_adduction: [6, 2],
  hip_rotation: [6, 2],
  lumbar_flexion: [6, 3],
  thorax_flexion: [8, 3],
  lumbar_bend: [6, 1],
  thorax_bend: [8, 1],
  lumbar_rotation: [6, 1],
  thorax_rotation: [8, 1],
  ankle_dorsiflexion: [9, 12],
};
/**
 * Who sits rounds the back where the pelvis cannot tip: price of a degree, slack beyond what was written, and the most,
 * degrees.
 */
const SLUMP: Readonly<Record<string, readonly [scale: number, slack: number, most: number]>> = {
  lumbar_flexion: [9, 24, 36],
  thorax_flexion: [12, 12, 20],
};
const BENDS = ['hip_flexion', 'knee_flexion'] as const;
const BENT_KNEE = 8;

/** From a settled posture to one in which no structure is further than `most` SD, contacts first. */
export function relieve(rough: SettlingRung, written: PoseAngles, node: Node, from: Settled, most: number): Settled {
  const held = node === 'middle' ? new Set<string>() : rough.held[node];
  const known = variablesOf(rough, written, held);
  const start = (v: { names: readonly string[] }) => from.angles[v.names[0]] ?? 0;
  const relieved = (v: Variable): Variable => {
    // Whoever begins may bend a knee that is straight at full depth.
    const bends = node === 'entry' && v.bare === 'knee_flexion' ? BENT_KNEE : v.scale;
    const [scale, slack] = RELIEF[v.bare] ?? [bends, Infinity];
    const at = start(v);
    const slump = sits(rough) ? SLUMP[v.bare] : undefined;
    if (slump)
      return {
        ...v,
        scale: slump[0],
        stage: 3,
        leash: 90,
        min: Math.max(v.min, Math.min(0, v.start, at) - slack),
        max: Math.min(v.max, Math.max(v.start, at, Math.min(slump[2], Math.max(0, v.start) + slump[1]))),
      };
    return {
      ...v,
      scale,
      stage: 3,
      leash: 90,
      min: Math.max(v.min, Math.min(0, v.start, at) - slack),
      max: Math.min(v.max, Math.max(0, v.start, at) + slack),
    };
  };
  const variables = [...known, ...unheld(rough, written, held, known)].map(relieved);
  const search = new Relief(rough, written, node, variables, variables.map(start));
  return search.run(most);
}

/** Bends of the legs that settling left alone and relief may use. */
function unheld(
  rough: SettlingRung,
  written: PoseAngles,
  held: ReadonlySet<string>,
  known: readonly Variable[],
): Variable[] {
  const all = variablesOf({ ...rough, reach: { worked: LEGS.worked, other: LEGS.other } }, written, held);
  return all.filter(
    (v) => BENDS.some((b) => v.bare === b) && !known.some((k) => k.names.some((n) => v.names.includes(n))),
  );
}
/** Hands on both legs, so that both count as touched. */
const LEGS = { worked: { to: 'knee_worked' }, other: { to: 'knee_other' } } as const;

/** As a search, from where a posture stands and with everything at once. */
class Relief {
  constructor(
    private readonly rough: SettlingRung,
    private readonly written: PoseAngles,
    private readonly node: Node,
    private readonly variables: readonly Variable[],
    private readonly from: readonly number[],
  ) {}

  run(most: number): Settled {
    const q = postureFrom(anglesFor(this.written, 'right'));
    const values = Float64Array.from(this.from);
    const place = (tried: ArrayLike<number>) =>
      this.variables.forEach((v, i) => {
        for (const id of v.ids) q[id] = (tried[i] * Math.PI) / 180;
      });
    const search = (variables: readonly Variable[], limit: number | null) => {
      const demands = new Demands(this.rough, this.node, limit, false, this.written);
      minimise(
        (tried) => {
          place(tried);
          return demands.of(q, variables, tried);
        },
        values,
        variables,
      );
    };
    search(this.variables, most);
    let out = this.result(values);
    if (!enough(out)) {
      // Contacts come first: once more without the limits, each degree counted from where it stands now.
      search(
        this.variables.map((v, i) => ({ ...v, start: Math.min(v.max, Math.max(v.min, values[i])) })),
        null,
      );
      out = this.result(values);
    }
    return out;
  }

  private result(values: ArrayLike<number>): Settled {
    const angles: Record<string, number> = { ...this.written };
    const moved = { by: 0, what: '' };
    this.variables.forEach((v, i) => {
      const rounded = Math.round(values[i] * 10) / 10;
      for (const name of v.names) if (rounded !== 0 || name in angles) angles[name] = rounded;
      const by = Math.abs(values[i] - (this.written[v.names[0]] ?? 0));
      if (!FOLLOWS.test(v.bare) && by > moved.by) Object.assign(moved, { by, what: v.names.join(' and ') });
    });
    return { angles, moved, ...faults(angles, this.rough, this.node) };
  }
}

const furthest = (angles: PoseAngles): number => Math.max(...elementsStanding(postureFrom(anglesFor(angles, 'right'))));

/** What settling left of a rung: the worst of its three postures, and how far the full one is from what was written. */
export type Left = Faults & { moved: Settled['moved'] };

/** Full depth, with no structure further than its level says, and hands where they can go. */
function settleFull(rough: Rough): { full: Settled; hands: SettledRung['hands'] } {
  let full = settle(rough, rough.full);
  if (rough.reaches_sd !== null && furthest(full.angles) > rough.reaches_sd + 0.1)
    full = relieve(rough, rough.full, 'full', full, rough.reaches_sd);
  // Hands that do not arrive go elsewhere; then the whole settles once more with the hands there.
  let own = rough,
    hands: SettledRung['hands'];
  for (let round = 0; round < 3 && !enough(full); round++) {
    const moved = movedHands(own, full.angles);
    if (moved) own = withHands(own, (hands = moved));
    const variables = variablesOf(own, rough.full, rough.held.full);
    full = new Search(own, rough.full, 'full', variables, { from: full.angles, firm: true }).run(
      3,
      true,
      rough.reaches_sd,
    );
  }
  return { full, hands };
}

/** The entry, so mild that nearly everybody can begin. */
function settleEntry(rough: Rough): Settled {
  let entry = settle(rough, rough.entry, 'entry');
  if (rough.reaches_sd === null) return entry;
  const begin = rough.kind === 'stretch' ? ENTRY_SD.stretch : ENTRY_SD.other;
  const z = furthest(entry.angles);
  // Far beyond it goes in two steps: one long one would leave the contacts.
  for (const most of z > 1 ? [(z + begin) / 2, begin] : z > begin ? [begin] : [])
    entry = relieve(rough, rough.entry, 'entry', entry, most);
  return entry;
}

/** Settles entry, full and the middle between them. */
export function settlePath(written: Rough): SettledRung & { worst: Left } {
  const names = [...new Set([...Object.keys(written.full), ...Object.keys(written.entry)])];
  const same = names.every((id) => (written.full[id] ?? 0) === (written.entry[id] ?? 0));
  const { full, hands } = settleFull(written);
  const rough = hands ? withHands(written, hands) : written;
  const entry = same ? full : settleEntry(rough);
  const middle = same ? full : settle(rough, halfWay(entry.angles, full.angles), 'middle');
  const all = [entry, middle, full];
  const worst = (key: 'gap' | 'overlap' | 'sunk' | 'beyond') => Math.max(...all.map((s) => s[key]));
  const deepest = all.reduce((a, s) => (s.overlap > a.overlap ? s : a));
  return {
    path: [entry.angles, middle.angles, full.angles],
    ...(hands && { hands }),
    worst: {
      gap: worst('gap'),
      overlap: worst('overlap'),
      sunk: worst('sunk'),
      beyond: worst('beyond'),
      pair: deepest.pair,
      moved: full.moved,
    },
  };
}
