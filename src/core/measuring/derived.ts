import { say } from '@/core/languages/spoken';
import { bandOf, detectableAt, normOf, type Readout, type ReadoutId } from '@/core/assessment/definition';
import { isOf, readoutOf, testById, type TestId } from '@/core/assessment/battery';
import { DEGREES_PER_CM, USUAL_CM, USUAL_SHIN } from '@/core/assessment/battery/knee-to-wall';
import { latest, meanOf, withUnit, type Reading, type ReadingSide } from '@/core/assessment/reading';
import { sideGap } from '@/core/assessment/sides';
import { SIDES, type Side } from '@/core/body';
import { CONTROL_GAP, controlGap } from '@/core/inference';

/** Something that follows from readings by arithmetic, with its steps. */
export interface Derived {
  id: string;
  side: ReadingSide;
  name: string;
  /** The result as it is shown. */
  result: string;
  value: number;
  /** The arithmetic, such as `6° − (−4°) = 10°`. */
  steps: string;
  /** What it means in one sentence, or nothing. */
  meaning?: string;
  /** Readings that it is made of. */
  from: string[];
}

const deg = (v: number) => withUnit({ unit: 'deg' }, v);
const times = (v: number) => v.toFixed(2);

/** Who is measured, as far as derived values need it. */
interface Measured {
  height_cm: number;
  measures?: { thigh_cm?: number };
}
/** Share of body height that is thigh (Drillis & Contini 1966). */
const THIGH_SHARE = 0.245;

/** Ratio flags with their source. */
const RATIOS = {
  hamstringQuadriceps: { low: 0.47, source: 'Croisier 2008 on machines; 0.6 is usual (Coombs & Garbutt 2002)' },
  adductorAbductor: { low: 0.8, source: 'Tyler 2001, ice hockey' },
  sidePlank: { gap: 0.05, source: 'McGill, teaching texts' },
  flexorExtensor: { high: 1, source: 'McGill, teaching texts, with the plank in place of his flexor hold' },
} as const;

/** Everything that follows from the newest readings of a student, by side. Empty where nothing can be worked out. */
export function derivedFrom(readings: readonly Reading[], person: Measured): Derived[] {
  const known = latest(readings).filter((r) => !r.variant && !r.pain);
  // A limb that was moved by hand before one that moved alone.
  const of = (test: TestId, readout: ReadoutId, side: ReadingSide) =>
    known
      .filter((r) => isOf(r, test, readout) && r.side === side)
      .sort((a, b) => Number(a.active ?? false) - Number(b.active ?? false))
      .at(0);
  return [
    ...SIDES.flatMap((side) => [
      ...pelvisRelative(of('modified-thomas', 'hip-extension', side), side),
      ...tiltCorrectedHamstrings(
        of('straight-leg-raise', 'hip-flexion', side),
        of('standing-pelvic-tilt', 'tilt', side),
        side,
      ),
      ...wallLunge(of('knee-to-wall', 'toe-distance', side), of('knee-to-wall', 'shin-angle', side), side),
      ...(['faber', 'bent-knee-fall-out'] as const).flatMap((test) =>
        kneeHeight(of(test, 'knee-height', side), person, side),
      ),
      ...ratio(
        { id: 'hamstring-quadriceps', name: say('Hamstrings to quadriceps'), side },
        of('prone-knee-flexion', 'torque', side),
        of('seated-knee-extension', 'torque', side),
        (v) =>
          v < RATIOS.hamstringQuadriceps.low
            ? say('Low; the hamstrings may want strength ({{source}}).', {
                source: say(RATIOS.hamstringQuadriceps.source),
              })
            : say('Not low ({{source}}).', { source: say(RATIOS.hamstringQuadriceps.source) }),
      ),
      ...ratio(
        { id: 'adductor-abductor', name: say('Adductors to abductors'), side },
        of('side-lying-adduction', 'torque', side),
        of('side-lying-abduction', 'torque', side),
        (v) =>
          v < RATIOS.adductorAbductor.low
            ? say('Low: below 0.8 groin strains were more common ({{source}}).', {
                source: say(RATIOS.adductorAbductor.source),
              })
            : say('Not low ({{source}}).', { source: say(RATIOS.adductorAbductor.source) }),
      ),
      ...activeAgainstPassive(known, side),
    ]),
    ...ratio(
      { id: 'plank-extension', name: say('Front of the trunk to its back'), side: 'both' },
      of('front-plank', 'hold', 'both'),
      of('trunk-extension-hold', 'hold', 'both'),
      (v) =>
        v > RATIOS.flexorExtensor.high
          ? say('The back tires first ({{source}}).', { source: say(RATIOS.flexorExtensor.source) })
          : say('The back holds at least as long ({{source}}).', { source: say(RATIOS.flexorExtensor.source) }),
    ),
    ...sideRatio(of('side-plank', 'hold', 'left'), of('side-plank', 'hold', 'right')),
    ...gaps(known),
  ];
}

/** Thigh against pelvis in the hanging leg: both tilts read. */
function pelvisRelative(thigh: Reading | undefined, side: Side): Derived[] {
  if (thigh?.pelvicTilt_deg === undefined) return [];
  const leg = meanOf(thigh.trials),
    roll = thigh.pelvicTilt_deg;
  return [
    {
      id: 'hip-extension-against-pelvis',
      side,
      name: say('Hip straightening against the pelvis'),
      value: leg + roll,
      result: deg(leg + roll),
      steps: say('thigh {{deg}} below level + pelvis rolled back {{deg2}} = {{deg3}}', {
        deg: deg(leg),
        deg2: deg(roll),
        deg3: deg(leg + roll),
      }),
      meaning: say('What the hip joint itself gives, with the pelvis taken out.'),
      from: [thigh.id],
    },
  ];
}

/** Hamstrings over a pelvis that tips forward in standing are longer there than the raise makes them look. */
function tiltCorrectedHamstrings(raise: Reading | undefined, tilt: Reading | undefined, side: Side): Derived[] {
  if (!raise || !tilt) return [];
  const readout = readoutOf(tilt.test, tilt.readout);
  const usual = readout && normOf(readout, undefined);
  if (!usual) return [];
  const up = meanOf(raise.trials),
    extra = meanOf(tilt.trials) - usual.mean;
  return [
    {
      id: 'hamstrings-tilt',
      side,
      name: say('Straight leg raise, with the standing tilt'),
      value: up + extra,
      result: deg(up + extra),
      steps: say('raise {{deg}} + tilt {{deg2}} − usual tilt {{deg3}} = {{deg4}}', {
        deg: deg(up),
        deg2: deg(meanOf(tilt.trials)),
        deg3: deg(usual.mean),
        deg4: deg(up + extra),
      }),
      meaning:
        extra > readout.detectable
          ? say(
              'The pelvis tips forward in standing: there the hamstrings are lengthened already, even when they feel tight.',
            )
          : extra < -readout.detectable
            ? say('The pelvis tips back in standing: there the hamstrings have slack that the raise does not show.')
            : say('The tilt is about usual and changes little.'),
      from: [raise.id, tilt.id],
    },
  ];
}

/** Centimetres and degrees of the wall lunge, whichever was read. */
function wallLunge(distance: Reading | undefined, shin: Reading | undefined, side: Side): Derived[] {
  if (!distance === !shin) return [];
  if (distance) {
    const cm = meanOf(distance.trials);
    const value = USUAL_SHIN + (cm - USUAL_CM) * DEGREES_PER_CM;
    return [
      {
        id: 'lunge-degrees',
        side,
        name: say('Wall lunge in degrees'),
        value,
        result: say('about {{deg}}', { deg: deg(value) }),
        steps: say('{{uSUAL_SHIN}}° + ({{cm}} cm − {{uSUAL_CM}} cm) × {{dEGREES_PER_CM}}° a cm = {{deg}}', {
          uSUAL_SHIN: USUAL_SHIN,
          cm: cm.toFixed(1),
          uSUAL_CM: USUAL_CM,
          dEGREES_PER_CM: DEGREES_PER_CM,
          deg: deg(value),
        }),
        meaning: say('Degrees for a centimetre as Bennell 1998 found; only near the usual distance.'),
        from: [distance.id],
      },
    ];
  }
  if (!shin) return [];
  const angle = meanOf(shin.trials);
  const value = USUAL_CM + (angle - USUAL_SHIN) / DEGREES_PER_CM;
  return [
    {
      id: 'lunge-distance',
      side,
      name: say('Wall lunge in centimetres'),
      value,
      result: say('about {{withUnit}}', { withUnit: withUnit({ unit: 'cm' }, value) }),
      steps: say('{{uSUAL_CM}} cm + ({{deg}} − {{uSUAL_SHIN}}°) ÷ {{dEGREES_PER_CM}}° a cm = {{withUnit}}', {
        uSUAL_CM: USUAL_CM,
        deg: deg(angle),
        uSUAL_SHIN: USUAL_SHIN,
        dEGREES_PER_CM: DEGREES_PER_CM,
        withUnit: withUnit({ unit: 'cm' }, value),
      }),
      meaning: say('Degrees for a centimetre as Bennell 1998 found; only near the usual distance.'),
      from: [shin.id],
    },
  ];
}

/** Height of the knee as a share of the thigh, so that short and tall can be compared, and a block that fills it. */
function kneeHeight(reading: Reading | undefined, person: Measured, side: Side): Derived[] {
  if (!reading) return [];
  const cm = meanOf(reading.trials);
  const thigh = person.measures?.thigh_cm ?? THIGH_SHARE * person.height_cm;
  const share = cm / thigh;
  const source = person.measures?.thigh_cm
    ? 'measured'
    : say('{{count}} × height, Drillis & Contini 1966', { count: THIGH_SHARE });
  return [
    {
      id: `${reading.test}-share`,
      side,
      name: say('{{what}}: knee height to thigh', { what: say(testById(reading.test)?.name ?? reading.test) }),
      value: share,
      result: times(share),
      steps: say('{{cm}} cm ÷ thigh {{thigh}} cm ({{source}}) = {{times}}', {
        cm: cm.toFixed(1),
        thigh: thigh.toFixed(1),
        source: say(source),
        times: times(share),
      }),
      meaning: say('A block of about {{count}} cm under the knee fills the gap.', {
        count: Math.max(0, Math.round(cm)),
      }),
      from: [reading.id],
    },
  ];
}

function ratio(
  told: Pick<Derived, 'id' | 'name' | 'side'>,
  upper: Reading | undefined,
  lower: Reading | undefined,
  meaning: (v: number) => string,
): Derived[] {
  if (!upper || !lower) return [];
  const a = meanOf(upper.trials),
    b = meanOf(lower.trials);
  if (!(b > 0)) return [];
  const unit = { unit: upper.unit };
  return [
    {
      ...told,
      value: a / b,
      result: times(a / b),
      steps: `${withUnit(unit, a)} ÷ ${withUnit(unit, b)} = ${times(a / b)}`,
      meaning: meaning(a / b),
      from: [upper.id, lower.id],
    },
  ];
}

function sideRatio(left: Reading | undefined, right: Reading | undefined): Derived[] {
  if (!left || !right) return [];
  const l = meanOf(left.trials),
    r = meanOf(right.trials);
  if (!(l > 0) || !(r > 0)) return [];
  const gap = Math.abs(r / l - 1);
  return [
    {
      id: 'side-plank-sides',
      side: 'both',
      name: say('Side plank, right to left'),
      value: r / l,
      result: times(r / l),
      steps: `${withUnit({ unit: 's' }, r)} ÷ ${withUnit({ unit: 's' }, l)} = ${times(r / l)}`,
      meaning:
        gap > RATIOS.sidePlank.gap
          ? say('Further from 1 than 0.05 ({{source}}); holds vary by a quarter from day to day all the same.', {
              source: say(RATIOS.sidePlank.source),
            })
          : say('Even ({{source}}).', { source: say(RATIOS.sidePlank.source) }),
      from: [left.id, right.id],
    },
  ];
}

/** The same movement moved and moving: what is there but not yet hers. */
function activeAgainstPassive(known: readonly Reading[], side: Side): Derived[] {
  return known.flatMap((active): Derived[] => {
    if (active.side !== side || active.active !== true) return [];
    const readout = readoutOf(active.test, active.readout);
    const passive = known.find(
      (r) => r.test === active.test && r.readout === active.readout && r.side === side && !r.active,
    );
    if (readout?.unit !== 'deg' || !passive) return [];
    const gap = controlGap(passive, active, readout);
    return [
      {
        id: `control-${passive.test}-${passive.readout}`,
        side,
        name: say('{{name}}: moved by you, moved alone', { name: say(readout.name) }),
        value: gap,
        result: deg(gap),
        steps: say('{{deg}} moved by you, {{deg2}} alone: {{deg3}} between them', {
          deg: deg(meanOf(passive.trials)),
          deg2: deg(meanOf(active.trials)),
          deg3: deg(gap),
        }),
        meaning:
          gap > CONTROL_GAP
            ? say(
                'More than {{count}}° (rule of thumb): the range is there, the strength to use it is not. Strengthen, do not stretch.',
                { count: CONTROL_GAP },
              )
            : say('Usual: moved by hand goes 5–10° further (rule of thumb).'),
        from: [passive.id, active.id],
      },
    ];
  });
}

/** Sides against each other, where both are read and differ by more than the error of measuring. */
function gaps(known: readonly Reading[]): Derived[] {
  return known.flatMap((right): Derived[] => {
    if (right.side !== 'right' || right.active) return [];
    const readout = readoutOf(right.test, right.readout);
    const left = known.find(
      (r) => r.test === right.test && r.readout === right.readout && r.side === 'left' && !r.active,
    );
    if (!readout || !left) return [];
    const gap = sideGap(known, right.test, readout, 'right');
    if (!gap?.beyondError) return [];
    const a = meanOf(right.trials),
      b = meanOf(left.trials);
    const lesser = lesserSide(readout, a, b);
    return [
      {
        id: `gap-${right.test}-${right.readout}`,
        side: 'both',
        name: say('{{name}}: right against left', { name: say(readout.name) }),
        value: gap.gap,
        result: withUnit(readout, Math.abs(gap.gap)),
        steps: say('right {{withUnit}}, left {{withUnit2}}; the error of measuring is {{withUnit3}}', {
          withUnit: withUnit(readout, a),
          withUnit2: withUnit(readout, b),
          withUnit3: withUnit(readout, gap.detectable),
        }),
        meaning: say('A real difference{{what}}.', {
          what: lesser ? say(': the {{lesser}} side gives less', { lesser: say(lesser) }) : '',
        }),
        from: [right.id, left.id],
      },
    ];
  });
}

/** The side with the lesser reading, or null where neither end is better. */
function lesserSide(readout: Readout, right: number, left: number): Side | null {
  if (readout.better === 'mid') return null;
  return right < left === (readout.better === 'higher') ? 'right' : 'left';
}

/** How a reading stands to its norm: SDs and words come from here; null where there is no norm. */
export function standingOf(readout: Readout, value: number, sex: 'female' | 'male' | undefined, age?: number) {
  const norm = normOf(readout, sex, age);
  return norm ? { norm, z: bandOf(readout, value, norm), detectable: detectableAt(readout, value) } : null;
}
