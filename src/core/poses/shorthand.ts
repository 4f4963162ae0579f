import type { Reach } from '@/core/body';
import { checkAngles, type Contact, type PoseAngles, type PropId, type Rung } from './format';

/**
 * The short hand in which the library is written, so that a rung fits on few lines and can be compared with its neighbours.
 *
 * Angles: `'t pt-90 lf10; w f95 a-30 k120; o k40!; b d10'`: after `t` (trunk), `w` (worked), `o` (other) or `b` (both) come
 * coordinates with degrees; `!` keeps a value where settling might move it. Contacts: `'heel_o knee_w@blanket:4 ankle_w~thigh_o
 * toe_w@wall'`: a landmark on the floor, on a prop of a usual height, against a limb. Hands: `'b floor shoulder_s 3 0 0; w
 * ankle_w 0 6 2'`: where to, then centimetres forward, up and outward; `floor`, `floor:12` or `forearm` lie level, `free` holds nothing.
 */
const TRUNK: Readonly<Record<string, string>> = {
  pt: 'pelvis_tilt',
  pl: 'pelvis_list',
  pr: 'pelvis_rotation',
  lf: 'lumbar_flexion',
  lb: 'lumbar_bend',
  lr: 'lumbar_rotation',
  tf: 'thorax_flexion',
  tb: 'thorax_bend',
  tr: 'thorax_rotation',
  nf: 'neck_flexion',
  nb: 'neck_bend',
  nr: 'neck_rotation',
};
const LIMB: Readonly<Record<string, string>> = {
  f: 'hip_flexion',
  a: 'hip_adduction',
  r: 'hip_rotation',
  k: 'knee_flexion',
  kr: 'knee_rotation',
  d: 'ankle_dorsiflexion',
  i: 'ankle_inversion',
  in: 'instep_dorsiflexion',
  e: 'toe_extension',
  sf: 'shoulder_flexion',
  sa: 'shoulder_adduction',
  sr: 'shoulder_rotation',
  el: 'elbow_flexion',
  wf: 'wrist_flexion',
};
const WHOSE: Readonly<Record<string, string>> = { w: 'worked', o: 'other', b: 'both' };

const wrong = (text: string, why: string): never => {
  throw new Error(`pose short hand "${text}": ${why}`);
};

const parts = (text: string): string[][] =>
  text
    .split(';')
    .map((part) => part.trim().split(/\s+/))
    .filter((words) => words[0] !== '');

/** Names behind the short hand: `_w`, `_o` and `_s` (the same side as the hand). */
const named = (name: string, same?: string): string =>
  name
    .replace(/_w$/, '_worked')
    .replace(/_o$/, '_other')
    .replace(/_s$/, `_${same ?? 'worked'}`);

/** Angles in degrees and the coordinates that are held. Both sides are told one by one, later parts win. */
export function anglesOf(text: string): { angles: PoseAngles; held: ReadonlySet<string> } {
  const angles: Record<string, number> = {};
  const held = new Set<string>();
  for (const [whose, ...words] of parts(text))
    for (const word of words) {
      const match = /^([a-z]+)(-?[\d.]+)(!?)$/.exec(word) ?? wrong(text, `"${word}" is no coordinate with degrees`);
      const name = (whose === 't' ? TRUNK : LIMB)[match[1]] ?? wrong(text, `unknown coordinate "${match[1]}"`);
      const side = whose === 't' ? null : (WHOSE[whose] ?? wrong(text, `"${whose}" is not t, w, o or b`));
      const ids = !side ? [name] : side === 'both' ? [`${name}_worked`, `${name}_other`] : [`${name}_${side}`];
      for (const id of ids) {
        angles[id] = Number(match[2]);
        if (match[3]) held.add(id);
        else held.delete(id);
      }
    }
  checkAngles(angles);
  return { angles, held };
}

const PROPS: readonly string[] = ['blanket', 'block', 'strap', 'bolster', 'wall', 'chair', 'post'];

/** Contacts; `_b` stands for both sides. */
export function contactsOfText(text: string): Contact[] {
  return text
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((word): Contact[] => {
      const match = /^([a-z_-]+)(?:@([a-z]+)(?::([\d.]+))?|~([a-z_-]+))?$/.exec(word) ?? wrong(text, `"${word}"`);
      const [, point, prop, height, limb] = match;
      if (prop && !PROPS.includes(prop)) wrong(text, `unknown prop "${prop}"`);
      const sides = point.endsWith('_b') ? ['_w', '_o'] : [''];
      return sides.map((side) => {
        const own = named(point.replace(/_b$/, side));
        const mate =
          limb && named(side === '' ? limb : limb.replace(/_s$/, side).replace(/_x$/, side === '_w' ? '_o' : '_w'));
        return {
          point: own,
          on: mate ? 'limb' : prop ? (prop as PropId) : 'floor',
          ...(mate && { limb: mate }),
          ...(height && { height_cm: Number(height) }),
        };
      });
    });
}

/** Hands that reach for something. */
export function handsOf(text: string): Rung['reach'] {
  const out: Partial<Record<'worked' | 'other', Reach>> = {};
  for (const [whose, ...words] of parts(text)) {
    const sides =
      whose === 'b' ? (['worked', 'other'] as const) : whose === 'w' ? (['worked'] as const) : (['other'] as const);
    for (const side of sides) {
      const rest = [...words];
      let floor: number | undefined,
        forearm = false,
        bears = false,
        free = false,
        elbow: Reach['elbow'];
      while (rest.length > 0 && /^(floor|forearm|elbow|bears|free)/.test(rest[0]) && !rest[0].includes('_')) {
        const [flag, value] = (rest.shift() ?? '').split(':');
        if (flag === 'elbow') {
          const [x, y, z] = (value ?? '').split(',').map(Number);
          elbow = [x, y, z];
        } else if (flag === 'bears') bears = true;
        else if (flag === 'free') free = true;
        else {
          floor = Number(value ?? 0) / 100;
          forearm = flag === 'forearm';
        }
      }
      const [to, x, y, z] = rest;
      if (!to) wrong(text, 'a hand needs somewhere to go');
      out[side] = {
        to: named(to, side),
        offset: [Number(x ?? 0) / 100, Number(y ?? 0) / 100, Number(z ?? 0) / 100],
        ...(floor !== undefined && { floor }),
        ...(forearm && { forearm }),
        ...(bears && { bears }),
        ...(free && { free }),
        ...(elbow && { elbow }),
      };
    }
  }
  return out;
}
