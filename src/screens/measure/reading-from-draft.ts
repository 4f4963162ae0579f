import { say } from '@/core/languages/spoken';
import { valueDoubts, doubtQuestion, type HeldAgainst } from '@/core/measuring/plausibility';
import { torqueOf } from '@/core/measuring/torque';
import { typedNumber, typedValue } from '@/core/measuring/typed';
import type { Readout, TestDefinition, Variant } from '@/core/assessment/definition';
import {
  decimalsOf,
  INSTRUMENTS,
  meanOf,
  readingSchema,
  STOP_REASONS,
  valueProblem,
  type Push,
  type Reading,
  type ReadingSide,
  withUnit,
} from '@/core/assessment/reading';
import { PLACES } from '@/core/students/student';
import type { DraftValues } from './use-draft';

/** What a draft belongs to. */
export interface DraftOf {
  student: string;
  mass_kg: number;
  test: TestDefinition;
  readout: Readout;
  side: ReadingSide;
  variant?: Variant;
  warm: boolean;
  /** Torque of gravity on the limb, N·m, for pushes. */
  gravity_Nm: number;
  known: Omit<HeldAgainst, 'readout' | 'side'>;
}

export type DraftResult =
  { ok: true; reading: Reading; question: string | null; instead?: number } | { ok: false; problem: string };

const fail = (problem: string): DraftResult => ({ ok: false, problem });
const within = <T extends string>(list: readonly T[], text: string | undefined): T | undefined =>
  list.find((x) => x === text);

/** Lever arm in centimetres, or what is wrong with it. */
export function leverProblem(text: string | undefined): string | null {
  const lever = typedNumber(text ?? '');
  return Number.isFinite(lever) && lever >= 3 && lever <= 120
    ? null
    : say('The lever arm is 3 to 120 cm, from the joint to the middle of the pad.');
}

/** Newtons of a push as N·m/kg with everything that it rests on. */
function pushOf(newtons: number[], draft: DraftValues, of: DraftOf): Push {
  return {
    newtons,
    lever_cm: typedNumber(draft.lever ?? ''),
    gravity_Nm: draft.gravity === false ? 0 : Math.round(of.gravity_Nm * 10) / 10,
    mass_kg: of.mass_kg,
    manner: draft.manner ?? 'make',
  };
}

const rounded = (readout: Readout, value: number): number => {
  const scale = 10 ** Math.max(1, decimalsOf(readout));
  return Math.round(value * scale) / scale;
};

/** A trial as it stands in the field, in the unit of the field: newtons for pushes, else the unit of the reading. */
export function trialProblem(
  text: string,
  draft: DraftValues,
  of: Pick<DraftOf, 'test' | 'readout' | 'mass_kg' | 'gravity_Nm'>,
): string | null {
  const { readout, test } = of;
  if (readout.unit !== 'Nm_kg') return valueProblem(test.id, readout.id, typedValue(text, readout));
  const newtons = typedNumber(text);
  if (!Number.isFinite(newtons)) return say('Type the push in newtons, for example 140.');
  if (newtons < 0 || newtons > 2000) return say('Only 0 to 2000 N is possible for a push: check the number.');
  const lever = leverProblem(draft.lever);
  if (lever) return lever;
  const { normalised } = torqueOf({
    newtons,
    lever_cm: typedNumber(draft.lever ?? ''),
    gravity_Nm: draft.gravity === false ? 0 : of.gravity_Nm,
    mass_kg: of.mass_kg,
  });
  return normalised > readout.max
    ? say(
        '{{count}} N at {{lever}} cm would be {{normalised}} N·m/kg: more than any hip or knee gives. Please look again.',
        { count: newtons, lever: draft.lever ?? '', normalised: normalised.toFixed(1) },
      )
    : null;
}

/** What is told beside the trials, read; or what is wrong with it. */
function besideTrials(draft: DraftValues, readout: Readout): { tilt?: number; after?: number; problem?: string } {
  const tilt = readout.pelvisShares && draft.tilt?.trim() ? typedNumber(draft.tilt) : undefined;
  if (tilt !== undefined && !(tilt >= -40 && tilt <= 60))
    return { problem: say('The second inclinometer reads between −40° and 60°. Leave it empty if there is none.') };
  const after = readout.unit === 'deg' && draft.after?.trim() ? typedNumber(draft.after) : undefined;
  if (after !== undefined && !(after >= readout.min && after <= readout.max))
    return {
      problem: say(
        'After breathing, too, only {{withUnit}} to {{withUnit2}} is possible. Leave it empty if it was not tried.',
        { withUnit: withUnit(readout, readout.min), withUnit2: withUnit(readout, readout.max) },
      ),
    };
  return { tilt, after };
}

/** The reading that a draft makes, with a question where it is unlikely; or what is missing, in the teacher's words. */
export function readingFromDraft(
  draft: DraftValues,
  of: DraftOf,
  options: { pain: boolean; id: string; takenAt: string; day?: string; zone?: string },
): DraftResult {
  const { readout } = of;
  const texts = [...draft.trials, ...(draft.typed.trim() === '' ? [] : [draft.typed])].slice(-3);
  for (const text of texts) {
    const problem = trialProblem(text, draft, of);
    if (problem) return fail(problem);
  }
  if (texts.length === 0)
    return fail(
      options.pain
        ? say('Type the value where it began to hurt, then press again. The test is over either way.')
        : say('Type the reading first{{what}}.', {
            what:
              readout.norms[0] && readout.unit !== 'Nm_kg'
                ? say(', for example {{count}}', { count: Math.round(readout.norms[0].mean) })
                : '',
          }),
    );
  const beside = besideTrials(draft, readout);
  if (beside.problem !== undefined) return fail(beside.problem);
  const push = readout.unit === 'Nm_kg' ? pushOf(texts.map(typedNumber), draft, of) : undefined;
  const trials = push
    ? push.newtons.map((newtons) => Math.max(0, rounded(readout, torqueOf({ ...push, newtons }).normalised)))
    : texts.map((t) => rounded(readout, typedValue(t, readout)));
  const { pain, ...when } = options;
  const reading = readingSchema.parse({
    ...said(draft, of, pain),
    pelvicTilt_deg: beside.tilt,
    afterBreath: beside.after,
    trials,
    push,
    ...when,
  });
  // A test that ended in pain is kept as it is: no questions then.
  const doubts = pain ? [] : valueDoubts(meanOf(trials), { ...of.known, readout, side: of.side });
  const inches = doubts.find((d) => d.instead !== undefined);
  return { ok: true, reading, question: doubtQuestion(doubts), instead: inches?.instead };
}

/** What was tapped and chosen, as a reading keeps it. */
const said = (draft: DraftValues, { readout, ...of }: DraftOf, pain: boolean) => ({
  student: of.student,
  test: of.test.id,
  readout: readout.id,
  side: of.side,
  unit: readout.unit,
  placeFelt: within(PLACES, draft.placeFelt),
  endFeel: pain ? 'pain' : within(STOP_REASONS, draft.endFeel),
  pain: pain || undefined,
  active: draft.active,
  selfHeld: draft.selfHeld || undefined,
  compensations: draft.seen?.length ? draft.seen : undefined,
  distant: readout.unit === 'deg' ? draft.distant : undefined,
  variant: of.variant?.id,
  instrument: within(INSTRUMENTS, draft.instrument),
  warm: of.warm || undefined,
  likelyError: draft.likelyError,
  failure: draft.failure,
});
