import { demoStudio } from '../demo/studio';
import { infer } from '../src/core/limits';
import { aimsFor } from '../src/core/aims/for-student';
const d = demoStudio();
for (const s of d.students) { const { findings: f } = infer(s, d.readings); console.log(s.name, f.doubts.map((x) => JSON.stringify(x)), f.hints.map((h) => h.kind + h.side), aimsFor(s, d.readings, f, 2026).standing.map((a) => `${a.kind} ${a.group} ${a.side} ${a.weight}`));
 console.log(d.readings.filter((r) => r.student === s.id && r.readout === 'hip-abduction').map((r) => r.trials.join('/'))); }
