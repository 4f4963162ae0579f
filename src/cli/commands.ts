import {
  angleProblem,
  buildOf,
  measuresProblem,
  TYPICAL_BUILD,
  type Measures,
  changesSide,
  COORDINATES,
  ELEMENTS,
  GROUPS,
  groupOf,
  HALF_COUNT,
  halfCoordinate,
  halfOf,
  LINES,
  membersOf,
  MuscleModel,
  newHalf,
  postureFrom,
  passiveForces,
  PROXIES,
  shareBelow,
  SIDES,
  typicalEnd,
  type Angles,
} from '@/core/body';
import { aimsFor } from '@/core/aims/for-student';
import { feltIn } from '@/core/teaching/log';
import { screenOf, stopOf } from '@/core/cautions/screen';
import { roundedAsks } from './told';
import type { KolposRecord } from '@/core/formats/record';
import { summariseStrength } from '@/core/inference';
import { infer } from '@/core/inference/infer';
import { aimSchema, buildOfStudent, type Aim, type Student } from '@/core/students/student';
import { anglesAt, demandsOf, LIBRARY, namesOf, rungOf, shapeById } from '@/core/poses';
import { USUAL_WAY } from '@/core/fit/way';
import { blocksOf } from '@/core/practice/blocks';
import { taughtSteps } from '@/core/practice/taught-order';
import { shutBy } from '@/core/practice/passing';
import { wayTo } from '@/core/practice/transitions';
import { VOICE } from '@/core/practice/voice';
import { draftCues } from '@/core/practice/cues';
import { aimsWithPeak, peakGap } from '@/core/practice/peak';
import { reasonsOf } from '@/core/practice/reasons';
import { warningsOf } from '@/core/practice/warnings';
import { reasonSentences, warningWords } from '@/core/practice/words';
import { buildPractice } from '@/core/practice/build';
import { likesOf } from '@/core/practice/likes';
import { requestSchema, type PracticeRequest } from '@/core/practice/request';
import { rankPoses } from '@/core/ranking/rank';
import { BATTERY } from '@/core/assessment/battery';
import { ageOn } from '@/core/students/age';
import { findingsTold, underStructure } from '@/core/formats/as-told';

/** Input that a person can mend: message, and the file or field it is about. */
export class InputProblem extends Error {
  constructor(
    message: string,
    readonly field: string,
  ) {
    super(message);
  }
}

export function list(what: string): unknown {
  const of = Object.hasOwn(LISTS, what) ? LISTS[what] : null;
  if (!of)
    throw new InputProblem(`There is no list of "${what}": ask for tests, structures, poses or coordinates.`, 'list');
  return of();
}

const LISTS: Readonly<Record<string, () => unknown[]>> = {
  tests: () =>
    BATTERY.map((t) => ({
      id: t.id,
      name: t.name,
      clinical: t.clinical,
      readouts: t.readouts.map((r) => ({
        id: r.id,
        name: r.name,
        unit: r.unit,
        min: r.min,
        max: r.max,
        better: r.better,
        movement: r.movement,
        norms: r.norms,
      })),
    })),
  structures: () => [
    ...GROUPS.map((id) => ({ id, kind: 'group', members: membersOf(id) })),
    ...[...new Set(LINES.map((l) => l.structure))].map((id) => ({
      id,
      kind: 'muscle',
      group: groupOf(id),
      lines: LINES.filter((l) => l.structure === id).map((l) => ({
        line: l.line,
        source: l.source,
        confidence: l.confidence,
      })),
    })),
    ...ELEMENTS.filter((e) => !e.muscle).map((e) => ({
      id: e.id,
      kind: 'other',
      group: e.group,
      source: 'ours',
      form: PROXIES.filter((p) => e.strands.includes(p.id)).map((p) => p.form),
    })),
  ],
  poses: () =>
    LIBRARY.map((s) => ({
      id: s.id,
      name: s.name,
      names: namesOf(s),
      position: s.position,
      sided: s.sided,
      reaches: s.reaches,
      works: s.works,
      instead: s.instead,
      rungs: s.rungs.map((r, i) => ({
        rung: i + 1,
        name: r.name,
        props: r.props,
        kind: r.kind,
        level: r.level,
        demands: roundedAsks(demandsOf(s, r)),
      })),
    })),
  coordinates: () =>
    COORDINATES.map((c) => ({ id: c.id, unit: 'deg', min: c.min_deg, max: c.max_deg, positive: c.positive })),
};

/** Every line of both sides at joint angles in degrees, at the model's size or at that of somebody measured. */
export function muscles(angles: Angles, measures?: Measures): unknown {
  const problem = angleProblem(angles);
  if (problem) throw new InputProblem(problem.message, problem.field);
  const unfit = measures && measuresProblem(measures);
  if (unfit) throw new InputProblem(unfit.message, unfit.field);
  const build = measures ? buildOf(measures) : TYPICAL_BUILD;
  const model = new MuscleModel(build);
  const q = postureFrom(angles);
  const half = newHalf();
  const lines = SIDES.flatMap((side) => {
    halfOf(q, side, half, build.version[side]);
    const length = Float64Array.from(model.lengths(half, new Float64Array(model.lineCount)));
    const elongation = model.elongations(half, new Float64Array(model.lineCount));
    const passive = passiveForces(model, half, new Float64Array(model.lineCount));
    const arms = model.momentArms(half, new Float64Array(model.lineCount * HALF_COUNT));
    return LINES.map((line, i) => {
      const typical = typicalEnd(line.line, 'pushed');
      const moment: Record<string, number> = {};
      for (let c = 0; c < HALF_COUNT; c++) {
        const arm = arms[i * HALF_COUNT + c];
        // The left leg is a mirrored right leg: arms about the spine's bending and turning change sign with it.
        if (Math.abs(arm) > 1e-6) moment[halfCoordinate(c, side)] = side === 'left' && changesSide(c) ? -arm : arm;
      }
      return {
        line: line.line,
        structure: line.structure,
        side,
        length_m: length[i],
        elongation: elongation[i],
        typicalShare: typical ? shareBelow((elongation[i] - typical.end) / typical.sd) : null,
        passive_N: passive[i],
        moment_arms_m: moment,
      };
    });
  });
  return { coordinates: angles, lines };
}

export function musclesInPose(pose: string, rung: number, depth: number): unknown {
  const found = rungOf(pose, rung);
  if (!found) throw new InputProblem(`There is no pose "${pose}" with rung ${rung}.`, 'pose');
  if (!(depth >= 0 && depth <= 1)) throw new InputProblem('Depth lies between 0 and 1.', 'depth');
  return muscles(anglesAt(found.rung, 'right', depth));
}

export function studentOf(record: KolposRecord, id: string | undefined): Student {
  const student = record.students.find((s) => s.id === id);
  if (!student)
    throw new InputProblem(
      id ? `There is no student "${id}" in this record.` : 'Name a student with --student ID.',
      'student',
    );
  return student;
}

export function inferenceOf(record: KolposRecord, id: string | undefined, seed: number) {
  const student = studentOf(record, id);
  return {
    student,
    screening: screenOf(student, new Date().toLocaleDateString('sv')),
    ...infer(student, record.readings, { seed, felt: feltIn(record.logs.filter((l) => l.student === student.id)) }),
  };
}

export function findings(record: KolposRecord, id: string | undefined, seed = 1): unknown {
  const { student, findings: f, screening } = inferenceOf(record, id, seed);
  const age = ageOn(student.birthYear, new Date().toLocaleDateString('sv'));
  return {
    ...findingsTold(f),
    strength: summariseStrength(
      record.readings.filter((r) => r.student === student.id),
      { sexForNorms: student.sexForNorms, age },
    ),
    cautions: screening.cautions.map((c) => ({ id: c.id, level: c.level, message: c.message })),
  };
}

export function aims(record: KolposRecord, id: string | undefined, seed = 1): unknown {
  const { student, findings: f } = inferenceOf(record, id, seed);
  const { proposed, standing } = aimsFor(student, record.readings, f, new Date().getFullYear());
  return {
    student: student.id,
    chosen: standing.flatMap((a) => (a.choice ? [a.choice] : [])),
    standing: standing.map(({ group, side, kind, weight }) => ({ group, side, kind, weight })),
    proposed,
  };
}

/** Aims from `kind:group:side` texts; null when none are given. */
export function parseAims(texts: readonly string[]): Aim[] | null {
  if (texts.length === 0) return null;
  return texts.map((text) => {
    const [kind, name, side] = text.split(':');
    const group = groupOf(name ?? '');
    const parsed = aimSchema.safeParse({ kind, group, side, weight: 1 });
    if (!parsed.success)
      throw new InputProblem(`"${text}" is not an aim; write for example lengthen:psoas:left.`, 'aim');
    return parsed.data;
  });
}

export function ranked(record: KolposRecord, id: string | undefined, wanted: Aim[] | null, seed: number) {
  const { student, screening, findings: f, posterior } = inferenceOf(record, id, seed);
  const chosen = wanted ?? aimsFor(student, record.readings, f, new Date().getFullYear()).work;
  const poses = rankPoses(posterior, buildOfStudent(student), chosen, screening);
  return { student, screening, aims: chosen, poses, posterior };
}

export function rank(
  record: KolposRecord,
  id: string | undefined,
  wanted: Aim[] | null,
  top = Infinity,
  seed = 1,
): unknown {
  return {
    poses: ranked(record, id, wanted, seed)
      .poses.slice(0, top)
      .map((r) => ({
        pose: r.pose,
        rung: r.rung,
        side: r.side,
        score: r.score,
        depth: r.depth,
        limiter: underStructure(r.limiter),
        aims: r.gives.map((g) => ({
          aim: `${g.aim.kind}:${g.aim.group}:${g.aim.side}`,
          ...(g.stretch !== undefined ? { stretch: g.stretch } : { load: g.load }),
        })),
        props: r.props,
        costs: r.costs,
        cautions: r.cautions,
        state: r.verdict.state,
      })),
  };
}

/** Wishes for a practice as they were written on the line. */
export interface Said {
  minutes: number;
  props?: readonly string[];
  style?: string;
  /** The option that told the style. */
  styleAs?: 'style' | 'school';
  peak?: string;
  salutation?: string;
}

/** @throws InputProblem where a wish is none that there is */
function requestFrom(
  { minutes, props, style, styleAs = 'style', peak, salutation = 'none' }: Said,
  breathSeconds?: number,
): PracticeRequest {
  // A table of chosen poses is what is asked for here: a salutation comes with it only where it is named.
  const wishes = {
    minutes,
    breathSeconds,
    salutation,
    ...(props && { props }),
    ...(style && { style }),
    ...(peak && { peak }),
  };
  const request = requestSchema.safeParse(wishes);
  if (request.success) return request.data;
  const [issue] = request.error.issues;
  throw new InputProblem(issue.message, issue.path[0] === 'style' ? styleAs : String(issue.path[0]));
}

export async function practice(
  record: KolposRecord,
  id: string | undefined,
  said: Said,
  wanted: Aim[] | null,
  seed = 1,
): Promise<unknown> {
  const { minutes } = said;
  if (!(minutes >= 5 && minutes <= 120)) throw new InputProblem('A practice takes 5 to 120 minutes.', 'minutes');
  const { student, screening, aims: own, poses, posterior } = ranked(record, id, wanted, seed);
  if (screening.stopped)
    throw new InputProblem(stopOf(screening)?.message ?? 'A caution stops all practice.', 'cautions');
  const request = requestFrom(said, student.breathSeconds);
  const peak = said.peak ? shapeById(said.peak) : null;
  if (said.peak && !peak) throw new InputProblem(`There is no pose "${said.peak}".`, 'peak');
  // As on the screen, a peak adds what it asks for to the aims.
  const chosen = peak ? aimsWithPeak(own, peakGap(peak, posterior, buildOfStudent(student), USUAL_WAY)) : own;
  const built = await buildPractice(poses, chosen, { ...request, likes: likesOf(record.settings) });
  const reasons = reasonsOf(built.items, poses, chosen, request);
  const blocks = blocksOf(built.items, request.pace);
  const steps = taughtSteps(built.items);
  const taught = steps.map((s) => s.taught);
  const shut = shutBy(screening, request);
  return {
    minutes: built.minutes,
    items: taught.map(({ id: item, ...i }, k) => {
      const fit = poses.find((r) => r.pose === i.pose && r.rung === i.rung && r.side === i.side);
      const reason = reasons.get(blocks.find((b) => b.items.includes(steps[k].of))?.id ?? '');
      return {
        item,
        ...i,
        props: rungOf(i.pose, i.rung)?.rung.props ?? [],
        way: wayTo(taught, k, { shut }),
        why: reason ? reasonSentences(reason) : [],
        cues: draftCues(i, { voice: VOICE, fit, before: taught.slice(0, k) }).map((c) => c.words),
      };
    }),
    warnings: warningsOf(built.items, poses, request).map(warningWords),
    doses: built.doses.map((d) => ({
      aim: `${d.aim.kind}:${d.aim.group}:${d.aim.side}`,
      minutes: d.minutes,
      wanted: d.wanted,
    })),
    objective: built.objective,
    bound: built.bound,
    gap: built.gap,
    missing: built.missing.map((m) => ({ aim: `${m.aim.kind}:${m.aim.group}:${m.aim.side}`, why: m.why })),
    ...(built.unsaluted && { unsaluted: built.unsaluted }),
    ...(built.change && { change: built.change }),
  };
}
