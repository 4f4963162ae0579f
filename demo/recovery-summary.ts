import { GROUPS, type GroupId } from '@/core/body';
import type { Movement } from '@/core/assessment/definition';
import { MOVEMENTS } from '@/core/assessment/battery';
import type { Group, Quest, Recovery, Said } from './recovery';

/** What is true of statements, of whatever world. */
export interface SaidSummary {
  students: number;
  statements: number;
  right: number;
  rightMovements: number;
  rightAmbiguous: number;
  usual: number;
  rule: number;
  ruleAmbiguous: number;
  calibration: number;
  stated: number;
  rightSure: number;
  sure: number;
}

export interface Summary extends SaidSummary {
  rightPoses: number;
  covered: number;
  shortRight: number;
  shortFound: number;
  worstRhat: number;
  groups: { group: GroupId; auc: number; z: number | null; short: number }[];
  movements: { movement: Movement; engine: number; stated: number; rule: number | null; usual: number | null }[];
  reliability: Bin[];
}

export interface QuestSummary {
  students: number;
  /** Share settled by the movement's own test. */
  atOnce: number;
  /** Median of tests of those that it did not settle; null where more than half of them stay open. */
  median: number | null;
  settled: number;
  right: number;
}

export interface RecoveryFile {
  comment: string;
  /** Fingerprint of the code and data it was made with. */
  version: string;
  world: Summary & { digest: Digest[] };
  stress: Summary & { digest: Digest[] };
  /** People as they are believed to be: about the most that can be wanted of these readings. */
  believed: SaidSummary;
  proposed: QuestSummary;
  listed: QuestSummary;
}

/** What `docs/other-world.json` holds, by world. */
export interface OtherWorldFile<Name extends string> {
  comment: string;
  /** Fingerprint of the code and data it was made with. */
  version: string;
  worlds: Record<Name, SaidSummary>;
  /** Of the people of the usual world. */
  digest: Digest[];
}

/** What is compared of a student when she is run again: right, said, sum of stated probabilities. */
export type Digest = [right: number, said: number, stated: number];

const share = (hits: number, all: number): number => (all === 0 ? Number.NaN : hits / all);
const mean = (values: readonly number[]): number =>
  share(
    values.reduce((a, v) => a + v, 0),
    values.length,
  );
const round = (v: number): number => Math.round(v * 1000) / 1000;

const rightShare = (said: readonly Said[], by: 'engine' | 'rule' | 'usual' = 'engine'): number =>
  share(said.filter((s) => s[by] === s.truth).length, said.filter((s) => s[by] !== null).length);

/** Statements about movements on which the usual limiter is right in less than three of four. */
function ambiguous(said: readonly Said[]): Said[] {
  const about = [...new Set(said.map((s) => s.about))].filter(
    (a) =>
      rightShare(
        said.filter((s) => s.about === a),
        'usual',
      ) < 0.75,
  );
  return said.filter((s) => about.includes(s.about));
}

export interface Bin {
  from: number;
  stated: number;
  right: number;
  count: number;
}
/** Stated probability against how often it was right, in tenths. */
export function reliability(said: readonly Said[]): Bin[] {
  return Array.from({ length: 10 }, (_, i) => {
    const own = said.filter((s) => Math.min(9, Math.floor(s.probability * 10)) === i);
    return {
      from: i / 10,
      stated: round(mean(own.map((s) => s.probability))),
      right: round(rightShare(own)),
      count: own.length,
    };
  }).filter((b) => b.count > 0);
}
/** Expected calibration error: distance between stated and true, weighed by how often it is said. */
export const calibrationError = (said: readonly Said[]): number =>
  reliability(said).reduce((sum, b) => sum + (b.count / said.length) * Math.abs(b.stated - b.right), 0);

/** Area under the curve: how often a short one gets the higher score than one that is not (ties count half). */
export function auc(scores: readonly { short: boolean; score: number }[]): number {
  const sorted = [...scores].sort((a, b) => a.score - b.score);
  let sum = 0,
    short = 0;
  for (let i = 0; i < sorted.length;) {
    let j = i;
    while (j < sorted.length && sorted[j].score === sorted[i].score) j++;
    const rank = (i + 1 + j) / 2;
    for (; i < j; i++)
      if (sorted[i].short) {
        sum += rank;
        short++;
      }
  }
  return (sum - (short * (short + 1)) / 2) / (short * (sorted.length - short));
}

/** @param said statements about movements, and about poses where they were asked about */
export function saidSummary(said: readonly Said[]): SaidSummary {
  const movements = said.filter((s) => s.kind === 'movement');
  const hard = ambiguous(movements);
  const sure = said.filter((s) => s.probability >= 0.8);
  return {
    students: new Set(said.map((s) => s.student)).size,
    statements: said.length,
    right: round(rightShare(said)),
    rightMovements: round(rightShare(movements)),
    rightAmbiguous: round(rightShare(hard)),
    usual: round(rightShare(movements, 'usual')),
    rule: round(rightShare(movements, 'rule')),
    ruleAmbiguous: round(rightShare(hard, 'rule')),
    calibration: round(calibrationError(said)),
    stated: round(mean(said.map((s) => s.probability))),
    rightSure: round(rightShare(sure)),
    sure: round(share(sure.length, said.length)),
  };
}

export function summaryOf(r: Recovery): Summary {
  const movements = r.said.filter((s) => s.kind === 'movement'),
    poses = r.said.filter((s) => s.kind === 'pose');
  const called = r.groups.filter((g) => g.probability > 0.7);
  const scored = (own: readonly Group[], of: (g: Group) => number | null) =>
    own.flatMap((g) => {
      const score = of(g);
      return score === null ? [] : [{ short: g.short, score }];
    });
  return {
    ...saidSummary(r.said),
    students: r.students,
    rightPoses: round(rightShare(poses)),
    covered: round(share(r.groups.filter((g) => g.covered).length, r.groups.length)),
    shortRight: round(share(called.filter((g) => g.short).length, called.length)),
    shortFound: round(share(called.filter((g) => g.short).length, r.groups.filter((g) => g.short).length)),
    worstRhat: r.worstRhat,
    groups: GROUPS.map((group) => {
      const own = r.groups.filter((g) => g.group === group);
      const z = scored(own, (g) => (g.z === null ? null : -g.z));
      return {
        group,
        auc: round(auc(scored(own, (g) => g.probability))),
        z: z.length === 0 ? null : round(auc(z)),
        short: own.filter((g) => g.short).length,
      };
    }),
    movements: MOVEMENTS.map((movement) => {
      const own = movements.filter((s) => s.about === movement);
      const said = (by: 'rule' | 'usual') => (own.some((s) => s[by] !== null) ? round(rightShare(own, by)) : null);
      return {
        movement,
        engine: round(rightShare(own)),
        stated: round(mean(own.map((s) => s.probability))),
        rule: said('rule'),
        usual: said('usual'),
      };
    }),
    reliability: reliability(r.said),
  };
}

/** Digest of every student in the order of their making. */
export function digestOf(r: Pick<Recovery, 'said'>): Digest[] {
  return [...new Set(r.said.map((s) => s.student))].map((student) => {
    const own = r.said.filter((s) => s.student === student);
    return [
      own.filter((s) => s.engine === s.truth).length,
      own.length,
      round(own.reduce((a, s) => a + s.probability, 0)),
    ];
  });
}

export function questSummary(quests: readonly Quest[]): QuestSummary {
  const settled = quests.filter((q) => q.tests !== null);
  const open = quests.filter((q) => q.tests !== 1).map((q) => q.tests ?? Infinity);
  const median = open.sort((a, b) => a - b)[Math.floor(open.length / 2)] ?? Infinity;
  return {
    students: quests.length,
    atOnce: round(share(quests.length - open.length, quests.length)),
    median: Number.isFinite(median) ? median : null,
    settled: round(share(settled.length, quests.length)),
    right: round(share(settled.filter((q) => q.right).length, settled.length)),
  };
}
