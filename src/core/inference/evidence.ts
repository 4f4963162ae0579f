import { ELEMENT_IDS, ELEMENTS, type GroupId } from '@/core/body';
import { PLACES, type Place } from '@/core/students/student';
import { STOP_REASONS, type EndFeel } from '@/core/assessment/reading';

/**
 * How often a stretch is felt at a place when a given element stops the movement. A starting table of ours (rule of
 * thumb); what is not listed is spread evenly over the other places.
 */
const PLACE_GIVEN: Readonly<Record<string, Partial<Record<Place, number>>>> = {
  'deep-hip-flexor': { 'front-hip-crease': 0.6, 'front-thigh': 0.15, 'groin-pinch': 0.05 },
  'rectus-femoris': { 'front-thigh': 0.65, 'front-hip-crease': 0.1, 'outer-thigh': 0.05 },
  vasti: { 'front-thigh': 0.7, nowhere: 0.1 },
  'tensor-fasciae-latae': { 'outer-hip': 0.5, 'outer-thigh': 0.3 },
  'gluteals-front': { 'outer-hip': 0.6, 'outer-thigh': 0.1, 'front-hip-crease': 0.1 },
  hamstrings: { 'back-thigh': 0.6, 'behind-knee': 0.2 },
  'adductors-short': { 'inner-thigh-high': 0.6, 'inner-thigh-long': 0.15, 'groin-pinch': 0.05 },
  'adductor-magnus': { 'inner-thigh-high': 0.5, 'back-thigh': 0.15, 'inner-thigh-long': 0.15 },
  gracilis: { 'inner-thigh-long': 0.6, 'inner-thigh-high': 0.15, 'behind-knee': 0.05 },
  'gluteus-maximus': { 'whole-buttock': 0.6, 'deep-buttock': 0.15 },
  'gluteus-medius-back': { 'deep-buttock': 0.45, 'outer-hip': 0.25, 'whole-buttock': 0.1 },
  piriformis: { 'deep-buttock': 0.65, 'whole-buttock': 0.15 },
  'deep-external-rotators': { 'deep-buttock': 0.6, 'whole-buttock': 0.1, 'outer-hip': 0.1 },
  // What draws at the back of the shin is hardly ever felt in front of the ankle.
  gastrocnemius: { 'calf-high': 0.65, 'calf-low': 0.1, 'behind-knee': 0.05, 'ankle-front': 0.004 },
  soleus: { 'calf-low': 0.6, 'calf-high': 0.1, 'ankle-front': 0.004 },
  'hip-capsule-front': { 'front-hip-crease': 0.45, 'groin-pinch': 0.15, nowhere: 0.2 },
  'hip-capsule-back': { 'deep-buttock': 0.4, nowhere: 0.25, 'groin-pinch': 0.15 },
  'hip-bone': { 'groin-pinch': 0.5, 'outer-hip': 0.1, nowhere: 0.22 },
  'sciatic-nerve': { 'behind-knee': 0.4, 'calf-high': 0.2, 'back-thigh': 0.15, 'leg-line': 0.1 },
  'knee-joint': { knee: 0.4, nowhere: 0.3, 'front-thigh': 0.15 },
  'ankle-joint': { 'ankle-front': 0.6, nowhere: 0.2 },
  instep: { instep: 0.6, nowhere: 0.1 },
};

/** How a movement ends when a given kind of element stops it (rule of thumb, ours). Words not listed tell nothing. */
const END_GIVEN: Readonly<Record<'muscle' | 'joint' | 'nerve', Partial<Record<EndFeel, number>>>> = {
  muscle: { 'stretch-firm': 0.75, 'hard-block': 0.06, pinch: 0.04, 'nerve-like': 0.05 },
  joint: { 'stretch-firm': 0.35, 'hard-block': 0.35, pinch: 0.2, 'nerve-like': 0.02 },
  nerve: { 'stretch-firm': 0.3, 'hard-block': 0.05, pinch: 0.05, 'nerve-like': 0.5 },
};

function spread<K extends string>(given: Partial<Record<K, number>>, all: readonly K[]): Record<K, number> {
  const listed = all.filter((k) => given[k] !== undefined);
  const rest = 1 - listed.reduce((s, k) => s + (given[k] ?? 0), 0);
  const each = rest / (all.length - listed.length);
  return Object.fromEntries(all.map((k) => [k, given[k] ?? each])) as Record<K, number>;
}

const placeTable = ELEMENT_IDS.map((id) => spread(PLACE_GIVEN[id] ?? {}, PLACES));
const endTable = ELEMENTS.map((e) => {
  const kind = e.muscle ? 'muscle' : e.group === 'nerve-like' ? 'nerve' : 'joint';
  return spread(END_GIVEN[kind], STOP_REASONS);
});

/** Chance from which a place belongs to an element; below it it is one of the odd places where anything may be felt. */
export const BELONGS = 0.05;

/** Whether any member of a group is felt at a place; "nowhere" fits all. */
export const isFeltAt = (group: GroupId, place: Place): boolean =>
  place === 'nowhere' || placeTable.some((t, g) => ELEMENTS[g].group === group && t[place] >= BELONGS);

/** P(place | element stops the movement), by element in the order of `ELEMENTS`. */
export const placeGiven = (place: Place): Float64Array => Float64Array.from(placeTable, (t) => t[place]);

/** P(place | element stops the movement): for each element the places in the order of `PLACES`. */
export const placesOf: readonly Float64Array[] = placeTable.map((t) => Float64Array.from(PLACES, (p) => t[p]));

/** P(end feel | element stops the movement), or null for ends that say nothing about the structure. */
export function endFeelGiven(endFeel: EndFeel): Float64Array | null {
  if (!['stretch-firm', 'hard-block', 'pinch', 'nerve-like'].includes(endFeel)) return null;
  return Float64Array.from(endTable, (t) => t[endFeel]);
}

/**
 * How often moving head or ankle changes what is felt far away, when the nerve stops the movement and when anything
 * else does (ours).
 */
const DISTANT_CHANGES = { nerve: 0.8, other: 0.04 } as const;

/** P(what head or ankle did | element stops the movement). */
export const distantGiven = (distant: 'changes' | 'same'): Float64Array =>
  Float64Array.from(ELEMENTS, (e) => {
    const changes = e.group === 'nerve-like' ? DISTANT_CHANGES.nerve : DISTANT_CHANGES.other;
    return distant === 'changes' ? changes : 1 - changes;
  });
