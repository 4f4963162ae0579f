import { GROUPS } from '../../../src/core/body';
import { GROUP_WORDS } from '../../../src/core/body/words';
import { MOVEMENT_WORDS } from '../../../src/core/assessment/words';
import type { RecoveryFile, SaidSummary } from '../../../demo/recovery-summary';
import { table } from '../marks';

/** The tables of `docs/model.md` that tell what `docs/recovery.json` holds, by the names of their marks. */
export const recoveryTables = (file: RecoveryFile): Record<string, string> => ({
  recovery: summaryOf(file),
  'recovery-groups': groupsOf(file),
  'recovery-movements': movementsOf(file),
  reliability: reliabilityOf(file),
  quests: questsOf(file),
});

const of = (v: number | null): string => (v === null || Number.isNaN(v) ? '–' : v.toFixed(2));
const three = (v: number): string => v.toFixed(3);

/** What was right, by world. */
function summaryOf(file: RecoveryFile): string {
  return table(
    [
      '',
      'wanted',
      `another world, ${file.world.students}`,
      `under stress, ${file.stress.students}`,
      `as believed, ${file.believed.students}`,
    ],
    (
      [
        ['limiter right, movements and poses', '≥ 0.86', 'right'],
        ['… movements', '≥ 0.88', 'rightMovements'],
        ['… poses never tested, second rungs', '≥ 0.75', 'rightPoses'],
        ['… movements where the usual limiter is right in less than three of four', '≥ 0.80', 'rightAmbiguous'],
        ['the usual limiter alone, movements', '', 'usual'],
        ['usual limiter and place felt, movements', '', 'rule'],
        ['… the ambiguous ones', '', 'ruleAmbiguous'],
        ['calibration error', '≤ 0.04', 'calibration'],
        ['stated on the whole', '', 'stated'],
        ['right where 0.8 or more is stated', '≥ 0.95', 'rightSure'],
        ['share of statements with 0.8 or more', '', 'sure'],
        ['80 % intervals cover', '0.76–0.84', 'covered'],
        ['called short: right', '≥ 0.85', 'shortRight'],
        ['… of the truly short', '≥ 0.45', 'shortFound'],
      ] as const
    ).map(([what, wanted, key]) => [
      what,
      wanted,
      three(file.world[key]),
      three(file.stress[key]),
      key in file.believed ? three(file.believed[key as keyof SaidSummary]) : '',
    ]),
  );
}

/** How well a short group is told from one that is not. */
function groupsOf(file: RecoveryFile): string {
  return table(
    ['group', 'AUC of being short', 'plain z-score', 'short ones', 'under stress'],
    GROUPS.map((g) => {
      const own = file.world.groups.find((x) => x.group === g);
      const stressed = file.stress.groups.find((x) => x.group === g);
      return [
        GROUP_WORDS[g].name,
        of(own?.auc ?? null),
        of(own?.z ?? null),
        String(own?.short ?? 0),
        of(stressed?.auc ?? null),
      ];
    }),
  );
}

/** Right, movement by movement. */
function movementsOf(file: RecoveryFile): string {
  return table(
    [
      'movement',
      'engine',
      'stated',
      'place and usual limiter',
      'usual limiter',
      'stress: engine',
      'stress: stated',
      'stress: place and usual limiter',
    ],
    file.world.movements.map((m) => {
      const s = file.stress.movements.find((x) => x.movement === m.movement);
      return [
        MOVEMENT_WORDS[m.movement],
        of(m.engine),
        of(m.stated),
        of(m.rule),
        of(m.usual),
        of(s?.engine ?? null),
        of(s?.stated ?? null),
        of(s?.rule ?? null),
      ];
    }),
  );
}

/** How often what is stated is so. */
function reliabilityOf(file: RecoveryFile): string {
  return table(
    ['stated', 'another world: right', 'statements', 'under stress: right', 'statements'],
    Array.from({ length: 10 }, (_, i) => {
      const a = file.world.reliability.find((b) => Math.round(b.from * 10) === i),
        b = file.stress.reliability.find((x) => Math.round(x.from * 10) === i);
      return [
        `0.${i}–${i === 9 ? '1' : `0.${i + 1}`}`,
        of(a?.right ?? null),
        String(a?.count ?? 0),
        of(b?.right ?? null),
        String(b?.count ?? 0),
      ];
    }).filter((r) => r[2] !== '0' || r[4] !== '0'),
  );
}

/** Tests until a question is settled. */
function questsOf(file: RecoveryFile): string {
  return table(
    ['', 'proposed by Kolpos, at most 4', 'a list from top to bottom, at most 16'],
    [
      ['students', String(file.proposed.students), String(file.listed.students)],
      ['settled by the movement’s own test', of(file.proposed.atOnce), of(file.listed.atOnce)],
      [
        'tests until settled, median of the others',
        String(file.proposed.median ?? 'more than 4'),
        String(file.listed.median ?? 'more than 16'),
      ],
      ['settled in all', of(file.proposed.settled), of(file.listed.settled)],
      ['right where settled', of(file.proposed.right), of(file.listed.right)],
    ],
  );
}
