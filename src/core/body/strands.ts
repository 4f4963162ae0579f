import type { Half } from './half-body';
import { LINE_IDS } from './lines';
import { MuscleModel } from './muscle-model';
import { PROXIES } from './proxies';
import { ELEMENTS } from './structures';
import tolerances from './data/tolerances.json';

/**
 * How a movement is brought to its end: pushed by a hand (or by body weight in a pose), or left hanging under the
 * limb's own weight. A hanging limb stops earlier on the same tissue, so each way has typical ends of its own.
 */
export type Manner = 'pushed' | 'hanging';

interface Typical {
  /** Elongation (fibre lengths; degrees for proxies) where typical people stop, and its spread. */
  end: number;
  sd: number;
  /** True where no test brings the strand to its end: the value is only known to be at least this. */
  lowerBound: boolean;
  anchor: string;
}

export const STRAND_IDS: readonly string[] = [...LINE_IDS, ...PROXIES.map((p) => p.id)];
const known = tolerances.strands as Record<string, Partial<Record<Manner, Typical>>>;

/** Typical end of a strand, or null where none is calibrated (lines of the trunk, sartorius). */
export function typicalEnd(strand: string, manner: Manner): Typical | null {
  const p = PROXIES.find((q) => q.id === strand);
  if (p) return { end: p.end_deg, sd: p.sd_deg, lowerBound: false, anchor: 'our default' };
  return known[strand]?.[manner] ?? known[strand]?.pushed ?? null;
}

interface CompiledElement {
  strands: Int32Array;
  end: Record<Manner, Float64Array>;
  sd: Record<Manner, Float64Array>;
}

/** Elements' standing among typical people, `z = (e − T)/σ`, at a posture of one side. Writes into caller's arrays. */
export class StrandModel {
  readonly elementCount = ELEMENTS.length;
  private readonly muscles = new MuscleModel();
  private readonly elongation: Float64Array;
  private readonly lineOut: Float64Array;
  private readonly compiled: CompiledElement[];

  constructor() {
    this.lineOut = new Float64Array(this.muscles.lineCount);
    this.elongation = new Float64Array(STRAND_IDS.length);
    this.compiled = ELEMENTS.map((element) => {
      const strands = element.strands.filter((s) => typicalEnd(s, 'pushed'));
      if (strands.length === 0) throw new Error(`element "${element.id}" has no calibrated strand`);
      const pick = (manner: Manner, key: 'end' | 'sd') =>
        Float64Array.from(strands, (s) => typicalEnd(s, manner)?.[key] ?? 0);
      return {
        strands: Int32Array.from(strands, (s) => STRAND_IDS.indexOf(s)),
        end: { pushed: pick('pushed', 'end'), hanging: pick('hanging', 'end') },
        sd: { pushed: pick('pushed', 'sd'), hanging: pick('hanging', 'sd') },
      };
    });
    this.elementOfStrand = Int32Array.from(this.compiled.flatMap((c, g) => Array.from(c.strands, () => g)));
  }

  /** Elongation of every strand (fibre lengths, proxies in degrees), in the order of `STRAND_IDS`. */
  elongations(half: Half): Float64Array {
    this.muscles.elongations(half, this.lineOut);
    this.elongation.set(this.lineOut);
    for (let i = 0; i < PROXIES.length; i++) this.elongation[this.lineOut.length + i] = PROXIES[i].angle(half);
    return this.elongation;
  }

  /** `out[g] = max over the element's strands of z`, in SD of typical people; length elementCount. */
  standing(half: Half, manner: Manner, out: Float64Array): Float64Array {
    const e = this.elongations(half);
    for (let g = 0; g < this.compiled.length; g++) {
      const c = this.compiled[g];
      const end = c.end[manner],
        sd = c.sd[manner];
      let best = -Infinity;
      for (let i = 0; i < c.strands.length; i++) {
        const z = (e[c.strands[i]] - end[i]) / sd[i];
        if (z > best) best = z;
      }
      out[g] = best;
    }
    return out;
  }

  /** Element of each flattened strand of `strandStanding`. */
  readonly elementOfStrand: Int32Array;

  /** `out[k] = z` of every strand that can stop something, elements' strands one after another. */
  strandStanding(half: Half, manner: Manner, out: Float64Array): Float64Array {
    const e = this.elongations(half);
    let k = 0;
    for (const c of this.compiled) {
      const end = c.end[manner],
        sd = c.sd[manner];
      for (let i = 0; i < c.strands.length; i++) out[k++] = (e[c.strands[i]] - end[i]) / sd[i];
    }
    return out;
  }
}
