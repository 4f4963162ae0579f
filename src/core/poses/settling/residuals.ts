import {
  clearancePairs,
  clearancesOf,
  coordinateIndex,
  DEG,
  ELEMENTS,
  fleshOf,
  halfOf,
  newHalf,
  SIDES,
  skeletonOf,
  StrandModel,
  type Posture,
  type Skeleton,
} from '@/core/body';
import type { Contact, PoseAngles } from '../format';
import { reachFor } from '../format';
import { allowed, beyondSupport, contactGaps, floorOfContacts, handGaps, heldBy, type Node } from '../gaps';
import { contactsAt, handsDown, reaches, type SettlingRung } from './faults';
import { sits, type Variable } from './variables';

/** What one unit of each demand is, metres: small means strict. Ours. */
const TOUCH = 0.001;
const FLESH = 0.003;
const LIMB = 0.002;
const PROP = 0.002;
const CROSS = 0.002;
/** The same where an arm that only follows crosses something: it can go round. */
const CROSS_FOLLOWING = 0.012;
const SINK = 0.0015;
const BALANCE = 0.004;
/** How far inside of what bears the centre of mass is to stand, metres. */
const INSIDE = 0.008;
/** A hand that does not carry follows the pose: it draws only a little. */
const FOLLOWS = 0.15;
/** How much higher than usual a block or bolster may be where a pose begins, metres. */
const HIGHER = 0.1;
/** Degrees that the chest of somebody who sits may lean from what was written, at a price of one. */
const LEAN_DEG = 5;
const LEANS = ['pelvis_tilt', 'lumbar_flexion', 'thorax_flexion'] as const;
/** SD beyond a structure's limit that cost one. */
const STRAINED = 0.2;

const count = ELEMENTS.length;
let strands: StrandModel | null = null;
const half = newHalf(),
  own = new Float64Array(count);

/** How far every element of left and right stands from the end of typical people, SD. */
export function elementsStanding(q: Posture): Float64Array {
  strands ??= new StrandModel();
  const out = new Float64Array(2 * count);
  for (const [s, side] of SIDES.entries()) {
    strands.standing(halfOf(q, side, half), 'pushed', own);
    out.set(own, s * count);
  }
  return out;
}

const unitOf = (c: Contact): number => {
  if (c.on === 'limb') return LIMB;
  if (c.height_cm !== undefined) return PROP;
  return /^(thigh|calf|chest|buttock|waist|back|hip|ankle|shoulder)/.test(c.point) ? FLESH : TOUCH;
};

/** What remains of every demand at a posture of a rung, each in its own unit. */
export class Demands {
  private readonly contacts: readonly Contact[];
  private readonly reach: ReturnType<typeof reachFor>;
  /**
   * Of every pair of limbs, how far they may press into each other and what a unit of more is; made with the first
   * skeleton.
   */
  private pairs: readonly { may: number; unit: number }[] | null = null;

  /** Lean of the chest as it was written, degrees forward; null where nobody sits. */
  private readonly lean: number | null;

  /**
   * @param most SD beyond the end of typical people that no structure may pass; null asks nothing
   * @param firm hands that do not carry must arrive too; else they only follow
   */
  constructor(
    private readonly rough: SettlingRung,
    private readonly node: Node,
    private readonly most: number | null,
    private readonly firm = false,
    written: PoseAngles | null = null,
  ) {
    this.lean = written && sits(rough) ? LEANS.reduce((sum, id) => sum + (written[id] ?? 0), 0) : null;
    this.contacts = contactsAt(rough, node);
    this.reach = reachFor(rough, 'right');
  }

  of(q: Posture, variables: readonly Variable[], values: ArrayLike<number>): Float64Array {
    const skeleton = skeletonOf(q, this.reach);
    const out: number[] = [];
    variables.forEach((v, i) => out.push((values[i] - v.start) / v.scale));
    contactGaps(skeleton, this.contacts, this.rough.wall, this.node).forEach((gap, i) =>
      out.push(gap / (this.follows(this.contacts[i].point) ? FOLLOWS : unitOf(this.contacts[i]))),
    );
    if (this.node !== 'full') this.props(skeleton, out);
    if (handsDown(this.rough, this.node))
      for (const gap of handGaps(skeleton, this.reach))
        out.push(gap / (this.rough.carries || this.firm ? LIMB : FOLLOWS));
    this.bodies(skeleton, out);
    // Whoever sits and cannot tip the pelvis rounds the back: nobody leans back as a whole.
    if (this.lean !== null) {
      const lean = LEANS.reduce((sum, id) => sum + q[coordinateIndex(id)], 0) / DEG;
      out.push((lean - this.lean) / LEAN_DEG);
    }
    if (this.most !== null) for (const z of elementsStanding(q)) out.push(Math.max(0, z - this.most) / STRAINED);
    return Float64Array.from(out);
  }

  /** Before full depth a support may be higher than usual, but not out of all measure. */
  private props(skeleton: Skeleton, out: number[]): void {
    const floor = floorOfContacts(skeleton, this.contacts);
    for (const c of this.contacts) {
      if (c.height_cm === undefined || c.on === 'chair' || c.on === 'limb') continue;
      const above = skeleton.points[c.point][1] - fleshOf(c.point) - floor;
      out.push(Math.max(0, above - c.height_cm / 100 - HIGHER) / TOUCH);
    }
  }

  private follows(point: string): boolean {
    return !this.rough.carries && !this.firm && reaches(this.rough, point);
  }

  private pairsOf(skeleton: Skeleton) {
    const holds = heldBy(this.rough.reach);
    const following = (name: string) => {
      const [part, side] = name.split('_');
      return (
        /arm$/.test(part) && !this.rough.carries && !this.firm && this.reach[side as 'left' | 'right'] !== undefined
      );
    };
    return clearancePairs(skeleton).map((pair) => ({
      may: 0.6 * allowed(pair, holds),
      unit: pair.some(following) ? CROSS_FOLLOWING : CROSS,
    }));
  }

  /** Nothing through anything or the floor, and standing over what bears. */
  private bodies(skeleton: Skeleton, out: number[]): void {
    this.pairs ??= this.pairsOf(skeleton);
    const pairs = this.pairs;
    clearancesOf(skeleton).forEach((c, i) => out.push(Math.max(0, 0.001 - pairs[i].may - c) / pairs[i].unit));
    const floor = floorOfContacts(skeleton, this.contacts);
    for (const [name, at] of Object.entries(skeleton.points))
      if (fleshOf(name) > 0) out.push(Math.max(0, floor - (at[1] - fleshOf(name)) - 0.004) / SINK);
    if (this.rough.balance)
      out.push(Math.max(0, beyondSupport(skeleton, contactsAt(this.rough, 'full')) + INSIDE) / BALANCE);
  }
}
