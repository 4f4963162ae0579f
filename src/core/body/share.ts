import { TYPICAL_BUILD } from './build';
import { postureFrom } from './coordinates';
import { halfOf, newHalf } from './half-body';
import { LINES } from './lines';
import { StrandModel, typicalEnd } from './strands';
import { ELEMENT_IDS } from './structures';

/**
 * The scale of a stretch. A tissue that is slack uses nothing of its tolerance, one at its end uses all. Slack is what
 * nobody feels: standing, lying flat on the back, sitting on a chair, a plank. Counted so, the same share is felt alike
 * in every muscle, however far from its end it is when standing.
 */

/** SD below its end at which a pull is first felt, where no resting posture lies nearer. Our default. */
export const FIRST_PULL = 5;
/** A scale shorter than this would leap with a degree of the joint; no muscle needs it. */
const LEAST_PULL = 1.5;

const both = (angles: Readonly<Record<string, number>>): Record<string, number> =>
  Object.fromEntries(
    Object.entries(angles).flatMap(([k, deg]) => [
      [`${k}_left`, deg],
      [`${k}_right`, deg],
    ]),
  );

/** Postures in which nobody feels a stretch, by the angles that differ from standing, degrees. */
export const SLACK_POSTURES: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  standing: {},
  'lying on the back': { pelvis_tilt: -90, ...both({ ankle_dorsiflexion: -25 }) },
  'sitting on a chair': both({ hip_flexion: 90, knee_flexion: 90 }),
  plank: { pelvis_tilt: 80, ...both({ toe_extension: 50, ankle_dorsiflexion: 5 }) },
};

interface Scale {
  elements: Float64Array;
  lines: Float64Array;
}
let scale: Scale | null = null;

function scaleOf(): Scale {
  if (scale) return scale;
  const strands = new StrandModel(),
    half = newHalf(),
    z = new Float64Array(ELEMENT_IDS.length);
  const elements = new Float64Array(ELEMENT_IDS.length).fill(-FIRST_PULL),
    lines = new Float64Array(LINES.length).fill(-FIRST_PULL);
  for (const angles of Object.values(SLACK_POSTURES)) {
    halfOf(postureFrom(angles), 'right', half, TYPICAL_BUILD.version.right);
    strands.standing(half, 'pushed', z);
    for (let e = 0; e < z.length; e++) elements[e] = Math.max(elements[e], z[e]);
    const elongation = strands.elongations(half);
    LINES.forEach((line, i) => {
      const typical = typicalEnd(line.line, 'pushed');
      if (typical) lines[i] = Math.max(lines[i], (elongation[i] - typical.end) / typical.sd);
    });
  }
  const length = (from: number) => Math.max(LEAST_PULL, -from);
  return (scale = { elements: elements.map(length), lines: lines.map(length) });
}

/** SD of tolerance from slack to the end of an element (index within a side). */
export const pullSd = (element: number): number => scaleOf().elements[element];

/** The same of a line of muscle by its index. */
export const linePullSd = (line: number): number => scaleOf().lines[line];

/**
 * Share of the tolerance that is used; 0 where slack, 1 at the end, above 1 beyond it.
 * @param beyond SD beyond her end, − before it
 */
export const shareAt = (element: number, beyond: number): number => Math.max(0, 1 + beyond / pullSd(element));

/** SD from her end at which a share is used, − before it. */
export const sdAt = (element: number, share: number): number => pullSd(element) * (share - 1);
