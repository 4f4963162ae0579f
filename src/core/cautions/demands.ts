/**
 * What a pose or a test can ask of a body that a caution speaks about: one entry each, from which types, words and the
 * table in the docs follow. Every demand is a number, computed from joint angles, contacts and what the rung or test is
 * for; nought where nothing of the kind is asked. `from` is where it begins to count unless a caution says another
 * limit; all limits are ours, on the careful side.
 */
export const DEMANDS = {
  'lying-on-front': { unit: '', from: 0, words: () => 'lying on the front' },
  'lying-on-back': { unit: '', from: 0, words: () => 'lying flat on the back' },
  'not-seated-or-side': { unit: '', from: 0, words: () => 'whatever is not sitting or lying on the side' },
  seated: { unit: '', from: 0, words: () => 'sitting' },
  kneeling: { unit: '', sided: true, from: 0, words: () => 'weight on a knee' },
  'one-leg': { unit: '', sided: true, from: 0, words: () => 'standing on one leg' },
  'balance-alone': { unit: '', from: 0, words: () => 'balancing with nothing to hold' },
  'weight-on-hands': { unit: '', sided: true, from: 0, words: () => 'weight on hands or forearms' },
  'weight-on-head': { unit: '', from: 0, words: () => 'weight on the head' },
  'head-low': { unit: 'cm', from: 4, words: () => 'the head below the heart' },
  'hip-bend': { unit: '°', sided: true, from: 100, words: (n) => `hips bent beyond ${n}°` },
  'hip-behind': { unit: '°', sided: true, from: 8, words: (n) => `a thigh more than ${n}° behind the body` },
  crossing: { unit: '°', sided: true, from: 12, words: () => 'a leg across the midline' },
  'crossing-bent': { unit: '°', sided: true, from: 5, words: () => 'a bent hip across the midline' },
  wide: { unit: '°', sided: true, from: 35, words: (n) => `a leg more than ${n}° out to the side` },
  'turning-in': { unit: '°', sided: true, from: 15, words: (n) => `a thigh turned in more than ${n}°` },
  'turning-in-bent': { unit: '°', sided: true, from: 15, words: () => 'turning in with the hip bent' },
  'turning-out-straight': { unit: '°', sided: true, from: 20, words: () => 'turning out with the hip straight' },
  'legs-uneven': { unit: '°', from: 60, words: (n) => `one hip bent ${n}° more than the other` },
  'knee-bend': { unit: '°', sided: true, from: 120, words: (n) => `a knee bent beyond ${n}°` },
  'knee-bend-loaded': { unit: '°', sided: true, from: 70, words: (n) => `standing on a knee bent beyond ${n}°` },
  'knee-turned-loaded': { unit: '°', sided: true, from: 15, words: () => 'turning over a bent knee that stands' },
  'knee-twist': { unit: '°', sided: true, from: 45, words: () => 'a bent knee that the turned thigh twists' },
  'knee-levered': {
    unit: '',
    sided: true,
    from: 0,
    words: (n) => (n > 0 ? 'the bent knee bearing the leg sideways' : 'the shin used as a lever on the knee'),
  },
  'ankle-bent': { unit: '°', sided: true, from: 25, words: (n) => `a shin more than ${n}° over its foot` },
  'ankle-pointed': { unit: '°', sided: true, from: 55, words: (n) => `a foot pointed more than ${n}°` },
  'back-of-leg': { unit: '°', sided: true, from: 72, words: () => 'a long pull on the back of the leg' },
  'outer-hip-pressed': { unit: '°', sided: true, from: 16, words: () => 'pressing or pulling on the outer hip' },
  'low-back-rounding': { unit: '°', from: 25, words: () => 'rounding of the low back' },
  'low-back-arching': { unit: '°', from: 12, words: () => 'arching of the low back' },
  'chest-rounding': { unit: '°', from: 20, words: () => 'rounding of the upper back' },
  twist: { unit: '°', from: 15, words: () => 'twisting the trunk' },
  'neck-bend': { unit: '°', from: 48, words: () => 'the head far back, forward or round' },
  'belly-pressed': {
    unit: '°',
    from: 105,
    words: (n) => (n < 140 ? 'the belly pressed on the thighs or the floor' : 'the belly pressed hard on the thighs'),
  },
  'end-of-range': { unit: 'SD', sided: true, from: 1.5, words: () => 'the far end of a range' },
  'legs-held-up': { unit: '', from: 0, words: () => 'legs held in the air' },
  'strong-work': { unit: '', from: 0, words: (n) => (n > 0 ? 'strong holds' : 'work against a load') },
  'adductor-work': { unit: '', from: 0, words: () => 'pressing the legs together' },
  'abductor-work': { unit: '', from: 0, words: () => 'lifting the leg out against its weight' },
  'hip-flexor-work': { unit: '', from: 0, words: () => 'pulling the thighs up against a load' },
  'calf-work': { unit: '', from: 0, words: () => 'pushing up onto the toes' },
  'knee-work': { unit: '', from: 0, words: () => 'pushing hard with the knee' },
  demanding: { unit: '', from: 2, words: (n) => `shapes above level ${n}` },
} as const satisfies Record<
  string,
  { unit: '' | '°' | 'cm' | 'SD'; sided?: true; from: number; words: (over: number) => string }
>;

/** Whether a demand is one of a leg or an arm, which a caution of the other side has nothing to say to. */
export const isOfSide = (demand: Demand): boolean => 'sided' in DEMANDS[demand];

export type Demand = keyof typeof DEMANDS;
export const DEMAND_IDS = Object.keys(DEMANDS) as Demand[];

/**
 * Demands that are told from far below nought on: how far the head is under the heart, how far beyond the usual end.
 */
export const FROM_BELOW: ReadonlySet<Demand> = new Set(['head-low', 'end-of-range']);

/**
 * What is asked at one point of the way: a number a demand, absent where it is nought; those told from below are always
 * there.
 */
export type Asks = Readonly<Partial<Record<Demand, number>>>;
/** What is asked along a way, from its entry to its end, in even steps; one step where there is no way. */
export type AsksAlong = readonly Asks[];

/**
 * What a way asks of the whole body and of each side: of a side's leg or arm alone what bends, turns, bears or is drawn
 * out there, and of the whole what is neither's. A caution of one side is held against its own.
 */
export interface AsksOfSides {
  whole: AsksAlong;
  left: AsksAlong;
  right: AsksAlong;
}

/** Most of a demand along a way. */
export const mostOf = (along: AsksAlong, demand: Demand): number =>
  along.reduce((most, asks) => Math.max(most, asks[demand] ?? 0), -Infinity);
