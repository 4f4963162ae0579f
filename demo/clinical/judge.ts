import { proposeAims, type ProposedAim } from '@/core/aims/propose';
import { summariseStrength, type Findings } from '@/core/inference';
import { infer } from '@/core/inference/infer';
import { readOf } from '@/core/inference/readings.fixtures';
import type { ClinicalCase } from './case';

/** What Kolpos shows of a case, and where it says other than the clinician. */
export interface Judged {
  findings: Findings;
  aims: readonly ProposedAim[];
  /** What does not agree, in words; empty where all does. */
  wrong: readonly string[];
}

/**
 * Probability from which a group counts as called short here: nearly three times what typical people have. The two
 * cases that lie nearest are 0.48 and 0.43, and a figure wanders by 0.02 with the seed.
 */
const CALLED_SHORT = 0.45;
const SEED = 3;
/** Year of the readings. */
const YEAR = 2026;

/**
 * Runs a case through inference and aims and holds what is shown against what is expected.
 * @param next whether the next test is worked out too, which takes longer
 */
export function judge(of: ClinicalCase, next = of.expected.next !== undefined): Judged {
  const known = judged.get(of) ?? new Map<boolean, Judged>();
  judged.set(of, known);
  let own = known.get(next);
  if (!own) known.set(next, (own = judgedAnew(of, next)));
  return own;
}
/** Cases that were judged, with the next test and without: tests and the page that tells of them ask for the same. */
const judged = new WeakMap<ClinicalCase, Map<boolean, Judged>>();

function judgedAnew({ readings: noted, complaints = [], birthYear, expected: e }: ClinicalCase, next: boolean): Judged {
  const readings = noted.map((n) => readOf(...n));
  const person = { id: 's', complaints: [...complaints], birthYear };
  const { findings } = infer(person, readings, { seed: SEED, next });
  const strength = summariseStrength(readings, { age: birthYear === undefined ? undefined : YEAR - birthYear });
  const aims = proposeAims(findings, { strength });
  const wrong: string[] = [];
  const hold = (right: boolean, what: string): void => {
    if (!right) wrong.push(what);
  };
  const left = (group: string): number =>
    findings.groups.find((s) => s.group === group && s.side === 'left')?.shortProbability ?? 0;
  const named = aims.map((a) => ({ text: `${a.kind} ${a.group} ${a.side}`, upkeep: a.reasons[0]?.kind === 'least' }));
  const fits = (pattern: string, text: string): boolean => {
    const words = text.split(' ');
    return pattern.split(' ').every((p, i) => p === '*' || p === words[i]);
  };
  for (const [movement, groups] of Object.entries(e.stops ?? {})) {
    const first = findings.movements.find((m) => m.movement === movement && m.side === 'left')?.limiters.at(0);
    hold(first !== undefined && groups.includes(first.group), `${movement} stopped by ${first?.group ?? 'nothing'}`);
  }
  for (const g of e.short ?? []) hold(left(g) >= CALLED_SHORT, `${g} not short`);
  for (const g of e.notShort ?? []) hold(left(g) < CALLED_SHORT, `${g} short`);
  for (const a of e.aims ?? [])
    hold(
      named.some((x) => fits(a, x.text)),
      `no aim to ${a}`,
    );
  // Upkeep of what has least, told as that, is no aim of a clinician's.
  for (const a of e.noAims ?? []) for (const x of named) hold(x.upkeep || !fits(a, x.text), `an aim to ${x.text}`);
  for (const h of e.hints ?? [])
    hold(
      findings.hints.some((x) => x.kind === h),
      `no sign "${h}"`,
    );
  for (const h of e.noHints ?? []) hold(!findings.hints.some((x) => x.kind === h), `a sign "${h}"`);
  if (e.refer !== undefined)
    hold(findings.hints.some((h) => h.refer) === e.refer, e.refer ? 'no referral' : 'a referral');
  const [asked] = findings.next;
  if (e.next)
    hold(asked ? e.next.some((t) => t === asked.test) : e.next.length === 0, `${asked?.test ?? 'nothing'} next`);
  return { findings, aims, wrong };
}
