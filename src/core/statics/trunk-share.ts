/** Share of the obliques' fibres that pull in front of the spine (ours). */
const OBLIQUE_IN_FRONT = 0.35;

/**
 * Share of a line's arm that the muscle has about a coordinate of the trunk, where one line stands for many fibres. The
 * psoas runs along the lumbar spine: it presses it together and hardly bends it (Bogduk et al. 1992). An oblique is a
 * sheet whose rear half bends the trunk aside and turns it, but not forward: with all of it in front the trunk would
 * bend with 380 N·m where strong adults have 110–220 (recalled).
 * @param coordinate of a half body, like `lumbar_flexion` or `hip_flexion`
 */
export function trunkShare(structure: string, coordinate: string): number {
  if (structure === 'psoas') return /^(lumbar|thorax)_/.test(coordinate) ? 0 : 1;
  return structure === 'obliques' && coordinate === 'lumbar_flexion' ? OBLIQUE_IN_FRONT : 1;
}
