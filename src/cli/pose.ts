import { TYPICAL_BUILD, type Side } from '@/core/body';
import { DEMAND_IDS, DEMANDS } from '@/core/cautions/demands';
import { verdictOf, type Screening } from '@/core/cautions/screen';
import { fitRung, reachedIn, readAt } from '@/core/fit/fit';
import { TYPICAL } from '@/core/fit/typical';
import { USUAL_WAY, wayFor, type FitWay } from '@/core/fit/way';
import type { KolposRecord } from '@/core/formats/record';
import { summariseStrength, type Posterior } from '@/core/inference';
import { anglesAt, asksUnder, demandsAt, demandsOf, LIBRARY, namesOf, shapeById, type Shape } from '@/core/poses';
import { buildOfStudent } from '@/core/students/student';
import { ageOn } from '@/core/students/age';
import { underStructure } from '@/core/formats/as-told';
import { inferenceOf, InputProblem } from './commands';
import { rounded, roundedAsks, toldVerdict } from './told';

/** In whom a pose is looked at. */
interface Body {
  posterior: Posterior;
  build: typeof TYPICAL_BUILD;
  way: FitWay;
  screening: Screening | null;
}

/** A typical body, or the student of a record as far as she is known. */
export function bodyFor(record: KolposRecord | null, id: string | undefined, seed: number): Body {
  if (!record) return { posterior: TYPICAL, build: TYPICAL_BUILD, way: USUAL_WAY, screening: null };
  const { student, findings, posterior, screening } = inferenceOf(record, id, seed);
  const strength = summariseStrength(
    record.readings.filter((r) => r.student === student.id),
    { sexForNorms: student.sexForNorms, age: ageOn(student.birthYear, new Date().toLocaleDateString('sv')) },
  );
  const way = { ...wayFor(findings.hints, strength), under: screening };
  return { posterior, build: buildOfStudent(student), way, screening };
}

/** One rung in a body: as far as it goes there, or at a depth that is asked for. */
function told(shape: Shape, rungNumber: number, side: Side, at: number | null, body: Body): unknown {
  const rung = shape.rungs[rungNumber - 1];
  const fit = fitRung({ shape, rung: rungNumber, side }, { posterior: body.posterior, build: body.build }, body.way);
  const depth = at ?? fit.depth;
  const read =
    at === null
      ? fit
      : readAt(
          { shape, rung: rungNumber, side },
          at,
          { posterior: body.posterior, build: body.build },
          { way: body.way, cold: true },
        );
  const along = demandsOf(shape, rung);
  const small = (part: object) =>
    Object.fromEntries(Object.entries(part).map(([k, v]) => [k, rounded(v as number)])) as Record<string, number>;
  const asks = demandsAt(shape, rung, depth);
  return {
    pose: shape.id,
    rung: rungNumber,
    side: fit.side,
    names: namesOf(shape),
    rungName: rung.name,
    position: shape.position,
    kind: rung.kind,
    level: rung.level,
    depth: rounded(depth),
    fittedDepth: rounded(fit.depth),
    full: at === null ? fit.full : at === 1,
    beyondEntry: fit.beyondEntry,
    limiter: underStructure(fit.limiter),
    stretch: { left: small(read.stretch.left), right: small(read.stretch.right) },
    load: { left: small(read.load.left), right: small(read.load.right) },
    work: { left: workOf(read.work, 'left'), right: workOf(read.work, 'right') },
    beyondModel: read.beyondModel,
    tips: read.tips,
    strains: read.strains,
    props: fit.props,
    angles_deg: small(anglesAt(rung, side, depth)),
    // What counts as asked without a caution that says another limit; all numbers stand behind it.
    demands: DEMAND_IDS.filter((d) => (asks[d] ?? -Infinity) > DEMANDS[d].from),
    asked: roundedAsks([asks]),
    askedOnTheWay: roundedAsks(along),
    ...(body.screening && toldVerdict(verdictOf(body.screening, asksUnder(body.screening, shape, rung, fit.side)))),
  };
}

/** Loads of one side by structure, share of capacity. */
const workOf = (work: readonly { structure: string; side: Side; load: number }[], side: Side): Record<string, number> =>
  Object.fromEntries(work.filter((w) => w.side === side).map((w) => [w.structure, rounded(w.load)]));

/** The deepest rung that can be entered in a body; the first where none can. */
function deepestOpen(shape: Shape, side: Side, body: Body): number {
  for (let n = shape.rungs.length; n > 1; n--)
    if (!reachedIn({ shape, rung: n, side }, { posterior: body.posterior, build: body.build }, body.way).beyondEntry)
      return n;
  return 1;
}

/** One rung of a pose, or every rung of the library. */
export function pose(
  id: string | undefined,
  asked: { all: boolean; rung: number | null; side: string; depth: number | null },
  body: Body,
): unknown {
  const { side, depth } = asked;
  if (side !== 'left' && side !== 'right') throw new InputProblem('A side is left or right.', 'side');
  if (depth !== null && !(depth >= 0 && depth <= 1)) throw new InputProblem('Depth lies between 0 and 1.', 'depth');
  if (asked.all) return LIBRARY.flatMap((shape) => shape.rungs.map((_, i) => told(shape, i + 1, side, depth, body)));
  const shape = id === undefined ? null : shapeById(id);
  if (!shape)
    throw new InputProblem(`There is no pose "${id ?? ''}"; bin/kolpos list poses tells what there is.`, 'pose');
  const rung = asked.rung ?? deepestOpen(shape, side, body);
  if (!(Number.isInteger(rung) && rung >= 1 && rung <= shape.rungs.length))
    throw new InputProblem(`"${shape.id}" has rungs 1 to ${shape.rungs.length}.`, 'rung');
  return told(shape, rung, side, depth, body);
}
