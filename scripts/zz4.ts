import { StrandModel, ELEMENT_IDS, halfOf, newHalf, SIDES } from '../src/core/body';
import { LIBRARY, postureAt } from '../src/core/poses';
const m = new StrandModel();
const half = newHalf();
const z = new Float64Array(ELEMENT_IDS.length);
const count: Record<string, number> = {};
for (const s of LIBRARY)
  s.rungs.forEach((r, i) => {
    const over: string[] = [];
    for (const side of SIDES) {
      m.standing(halfOf(postureAt(r, 'right', 0), side, half), 'pushed', z);
      z.forEach((v, e) => {
        if (v > 0) over.push(`${ELEMENT_IDS[e]}${side[0].toUpperCase()} ${v.toFixed(1)}`);
      });
    }
    const full: string[] = [];
    for (const side of SIDES) {
      m.standing(halfOf(postureAt(r, 'right', 1), side, half), 'pushed', z);
      z.forEach((v, e) => {
        if (v > -1) full.push(`${ELEMENT_IDS[e]}${side[0].toUpperCase()} ${v.toFixed(1)}`);
      });
    }
    if (over.length) {
      console.log(`${s.id}/${i + 1}: ${over.join(', ')}`);
      for (const o of over) {
        const k = o.split(' ')[0].slice(0, -1);
        count[k] = (count[k] ?? 0) + 1;
      }
    }
  });
console.log(count);
