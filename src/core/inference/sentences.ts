import type { GroupId } from '@/core/body';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import { dayWords } from '@/core/day-words';
import { testById } from '@/core/assessment/battery';
import type { Movement } from '@/core/assessment/definition';
import { latest, meanOf, withUnit, type Reading } from '@/core/assessment/reading';
import type { MovementChange } from './change';
import type { MovementFinding } from './statements';
import { inHundred, speaks, whyUnclear } from './words';

/** What a limb does no further: "Your left …". */
const STOPS: Readonly<Record<Movement, string>> = {
  'hip-extension': 'hip straightens no further',
  'knee-flexion-hip-extended': 'knee bends no further while the hip is straight',
  'hip-flexion-knee-straight': 'straight leg rises no further',
  'hip-adduction': 'thigh comes no further to the midline',
  'internal-rotation-extended': 'thigh turns in no further',
  'external-rotation-extended': 'thigh turns out no further',
  'hip-flexion-knee-bent': 'hip bends no further',
  'hip-abduction': 'leg goes out no further',
  'cross-body': 'knee goes across no further',
  'internal-rotation-flexed': 'bent thigh turns in no further',
  'external-rotation-flexed': 'bent thigh turns out no further',
  'ankle-dorsiflexion-knee-straight': 'ankle bends no further while the knee is straight',
  'ankle-dorsiflexion-knee-bent': 'ankle bends no further',
  kneeling: 'knee folds no further when you sit back',
};

/** A structure without its Latin. */
const PLAINLY: Readonly<Record<GroupId, string>> = {
  'deep-hip-flexor': 'the muscle deep in the front of the hip',
  'rectus-femoris': 'the front-thigh muscle that crosses hip and knee',
  vasti: 'the front-thigh muscle that crosses only the knee',
  'lateral-hip': 'the muscle at the outer front of the hip',
  adductors: 'the inner thigh',
  hamstrings: 'the back of the thigh',
  'gluteus-maximus': 'the large buttock muscle',
  'deep-buttock': 'the muscles deep in the buttock',
  calf: 'the calf',
  'joint-or-capsule': 'the hip joint itself',
  'nerve-like': 'a nerve that does not like to be drawn long',
  'knee-joint': 'the knee joint itself',
  'ankle-joint': 'the ankle joint itself',
  instep: 'the top of the foot',
};
export const plainly = (group: GroupId): string => PLAINLY[group];

/** Range from which another way of doing a test is worth telling, as degrees (the hand's own error). */
const WORTH_TELLING = 5;

/** How much further a movement goes when done another way, as the readings of that test say. */
export function otherWay(m: MovementFinding, readings: readonly Reading[]): { how: string; further: number } | null {
  const own = latest(readings).filter(
    (r) => r.test === m.test && r.readout === m.readout && r.side === m.side && !r.active && !r.pain,
  );
  const usual = own.find((r) => !r.variant);
  if (!usual) return null;
  let best: { how: string; further: number } | null = null;
  for (const r of own) {
    const way = testById(r.test)?.variants?.find((v) => v.id === r.variant);
    if (!way?.context) continue;
    const further = meanOf(r.trials) - meanOf(usual.trials);
    if (further >= WORTH_TELLING && (!best || further > best.further)) best = { how: way.name, further };
  }
  return best;
}

/**
 * One movement in a sentence that can be read out to the student: what stops it, how sure, and what another way
 * changes. "Not clear" names the two that are left.
 */
export function sentenceOf(m: MovementFinding, readings: readonly Reading[], say: Say = spoken): string {
  const what = say(stopWords(m.movement), { side: say(m.side, { context: 'stem' }) });
  const [a, b] = m.limiters.map((l) => ({ name: say(plainly(l.group)), sure: inHundred(l.probability, say) }));
  const why = whyUnclear(m, say, (group) => say(plainly(group)));
  if (why)
    return speaks(m)
      ? say('{{what}}: {{why}}.', { what, why })
      : say('{{what}}, and what stops it is not clear: {{why}}.', { what, why });
  const way = otherWay(m, readings);
  const more = way
    ? say('; with the {{how}} it goes {{range}} further', {
        how: say(way.how),
        range: withUnit({ unit: 'deg' }, way.further),
      })
    : '';
  if (a && m.clarity === 'one') return say('{{what}} because of {{name}} ({{sure}}){{more}}.', { what, ...a, more });
  if (a && b)
    return m.clarity === 'two'
      ? say('{{what}} because of {{name}} ({{sure}}) or {{other}} ({{otherSure}}){{more}}.', {
          what,
          ...a,
          other: b.name,
          otherSure: b.sure,
          more,
        })
      : say('{{what}}, and what stops it is not clear yet: perhaps {{name}}, perhaps {{other}}{{more}}.', {
          what,
          name: a.name,
          other: b.name,
          more,
        });
  return say('{{what}}, and what stops it is not clear yet{{more}}.', { what, more });
}

/** How far a movement goes, with its side to be put in: "Your {{side}} knee bends no further …". */
export const stopWords = (movement: Movement): string => `Your {{side}} ${STOPS[movement]}`;

/** A change since an earlier day in words. */
export function movementChangeWords(c: MovementChange, unit: Pick<Reading, 'unit'>): string {
  const by = withUnit(unit, Math.abs(c.now - c.before));
  const state = c.otherState ? spoken(', but one was taken warm and the other not') : '';
  const on = { day: dayWords(c.on), before: withUnit(unit, c.before), error: withUnit(unit, c.detectable), by };
  if (c.verdict === 'within-error')
    return spoken('about as on {{day}} ({{before}}): {{by}} is within the error of {{error}}', on) + state;
  return c.verdict === 'further'
    ? spoken('{{by}} further than on {{day}} ({{before}}), more than the error of {{error}}', on) + state
    : spoken('{{by}} less far than on {{day}} ({{before}}), more than the error of {{error}}', on) + state;
}

const SINCE: Readonly<Record<MovementChange['verdict'], string>> = {
  further: 'It goes further than last time.',
  less: 'It goes less far than last time.',
  'within-error': 'About the same as last time.',
};
/** A change as it is told to the student. */
export const sinceWords = ({ verdict }: Pick<MovementChange, 'verdict'>): string => SINCE[verdict];

/** What the student's sheet of findings ends with. */
export const SHEET_FOOT: readonly string[] = [
  '“87 in 100” means: of a hundred people who measure as you do, this would stop about 87.',
  'These are measurements for a yoga practice, not a diagnosis.',
  'Pain that is new, strong or does not go away belongs to a doctor or physiotherapist.',
];
