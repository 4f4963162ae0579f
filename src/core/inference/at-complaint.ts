import { COMPLAINTS } from '@/core/assessment/complaints';
import { testById } from '@/core/assessment/battery';
import { bandOf, isModelled, normOf } from '@/core/assessment/definition';
import { latest, meanOf, type Reading } from '@/core/assessment/reading';
import type { Complaint } from '@/core/students/student';
import type { Findings } from './findings';
import type { Hint } from './hints';
import { isLimited, LIMITED, type MovementFinding } from './statements';
import { summariseStrength, type StrengthFinding } from './strength';

type Person = Parameters<typeof summariseStrength>[1];

/** What was found where a student says that it bothers her. */
export interface AtComplaint {
  complaint: Complaint;
  /** Movements there that end short of typical, furthest first. */
  limited: MovementFinding[];
  /** What reads weak there, weakest first. */
  weak: StrengthFinding[];
  /** Other tests there that read less than typical, by id. */
  low: string[];
  /** Signs past the muscle that rest on readings there. */
  hints: Hint[];
  /** Tests that look there and are read on her side. */
  read: string[];
  /** Tests that look there and are not read yet, most telling first. */
  open: string[];
  /** Tests there that ended in pain. */
  pained: string[];
}

/** Tests that look at a place: those of what it sounds like, else of every pattern that names the place. */
function testsFor({ place, sounds }: Complaint): string[] {
  const told = COMPLAINTS.filter((p) => p.id === sounds);
  const patterns = told.length > 0 ? told : COMPLAINTS.filter((p) => p.places.includes(place) && p.id !== 'just-tight');
  return [...new Set(patterns.flatMap((p) => p.tests))].filter((id) => testById(id));
}

/** Whether a reading that neither the model nor a strength list speaks of is less than typical; pain is no measure. */
function readsLow(r: Reading, person: Person): boolean {
  const test = testById(r.test),
    readout = test?.readouts.find((q) => q.id === r.readout);
  if (!test || !readout || test.kind === 'strength' || isModelled(readout) || r.pain) return false;
  const norm = normOf(readout, person.sexForNorms, person.age);
  return norm !== null && bandOf(readout, meanOf(r.trials), norm) < LIMITED;
}

/** Each complaint with what was found there, from the tests that look there; never a cause. */
export function atComplaints(
  complaints: readonly Complaint[],
  findings: Findings,
  readings: readonly Reading[],
  person: Person,
): AtComplaint[] {
  const known = latest(readings);
  const strong = summariseStrength(readings, person);
  return complaints.map((complaint) => {
    const here = (side: string): boolean => complaint.side === 'both' || side === complaint.side || side === 'both';
    const tests = testsFor(complaint);
    const own = known.filter((r) => tests.includes(r.test) && here(r.side));
    const read = tests.filter((id) => own.some((r) => r.test === id));
    return {
      complaint,
      limited: findings.movements
        .filter((m) => isLimited(m) && here(m.side) && m.measured !== null && tests.includes(m.test))
        .sort((a, b) => a.band - b.band),
      weak: strong
        .filter((s) => tests.includes(s.test) && here(s.side) && s.z !== null && s.z < LIMITED && !s.doubtful)
        .sort((a, b) => (a.z ?? 0) - (b.z ?? 0)),
      low: [...new Set(own.filter((r) => readsLow(r, person)).map((r) => r.test))],
      hints: findings.hints.filter((h) => here(h.side) && h.from.some((id) => own.some((r) => r.id === id))),
      read,
      open: tests.filter((id) => !read.includes(id)),
      pained: read.filter((id) => own.some((r) => r.test === id && r.pain === true)),
    };
  });
}
