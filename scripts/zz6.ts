import { TYPICAL_BUILD, skeletonOf, centreOfMass, floorOf } from '../src/core/body';
import { rungOf, postureAt, reachFor, contactsFor, anglesAt } from '../src/core/poses';
import { Statics } from '../src/core/loads/statics';
const st = new Statics(TYPICAL_BUILD);
for (const [id, n] of [
  ['wall-sit', 3],
  ['chair-pose', 2],
  ['bridge', 1],
  ['bridge', 2],
  ['single-leg-squat', 2],
  ['standing-leg-aside', 1],
] as const) {
  const r = rungOf(id, n)!.rung;
  const q = postureAt(r, 'right', 1),
    reach = reachFor(r, 'right');
  const l = st.solve({ posture: q, reach, contacts: contactsFor(r, 'right'), rung: r });
  const s = skeletonOf(q, reach);
  const p = s.points;
  const f = floorOf(p, reach);
  const a = anglesAt(r, 'right', 1);
  console.log(
    id,
    n,
    'hip',
    l.torques_Nm.hip_flexion_right.toFixed(1),
    'knee',
    l.torques_Nm.knee_flexion_right.toFixed(1),
    'ankle',
    l.torques_Nm.ankle_dorsiflexion_right.toFixed(1),
    'add',
    l.torques_Nm.hip_adduction_right.toFixed(1),
    l.torques_Nm.hip_adduction_left.toFixed(1),
    'back',
    l.lowBack_Nm.toFixed(0),
  );
  console.log(
    ' com',
    centreOfMass(s).map((v, i) => (i === 1 ? v - f : v).toFixed(3)),
    'hip',
    p.hip_right.map((v) => v.toFixed(3)),
    'knee',
    p.knee_right.map((v) => v.toFixed(3)),
    'heel',
    p.heel_right.map((v) => v.toFixed(3)),
    'ball',
    p.ball_right.map((v) => v.toFixed(3)),
    a.hip_flexion_right,
    a.knee_flexion_right,
  );
  console.log(
    ' ',
    l.contacts
      .filter((c) => Math.hypot(...c.force) > 0.005)
      .map((c) => `${c.point}@${c.on} ${c.force.map((v) => v.toFixed(2))}`)
      .join('; '),
    l.structures
      .filter((x) => x.side === 'right' && x.load > 0.05)
      .map((x) => `${x.structure} ${x.load.toFixed(2)}`)
      .join(', '),
  );
}
