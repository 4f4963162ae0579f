import { capital } from '@/core/capital';
import { within } from '@/core/languages/in-sentence';
import type { GroupId } from '@/core/body';
import { GROUP_WORDS } from '@/core/body/words';
import { MAIN_TEST, readoutOf, testById } from '@/core/assessment/battery';
import type { Readout } from '@/core/assessment/definition';
import { MOVEMENT_WORDS } from '@/core/assessment/words';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import type { Findings } from './findings';
import { isLimited, LIMITED, ONE_NAME, type Limiter, type MovementFinding, type Speaker } from './statements';

/** "87 in 100", never 0 or 100: the model is not that sure of anything. */
export const inHundred = (p: number, say: Say = spoken): string =>
  say('{{number}} in 100', { number: Math.min(99, Math.max(1, Math.round(p * 100))) });

/** A place among a hundred people, from the side that says more. @param below share of them who have less */
export function amongHundred(below: number): string {
  const less = Math.min(99, Math.max(1, Math.round(below * 100)));
  return less <= 50
    ? spoken('shorter than {{count}} of 100 people', { count: 100 - less })
    : spoken('longer than {{count}} of 100 people', { count: less });
}

type Told = Pick<MovementFinding, 'movement' | 'test' | 'readout'>;
const byItsOwnTest = (m: Told): boolean => m.test === MAIN_TEST[m.movement].test;

/** In what the value of a movement is told: the unit of the read-out that it is shown by. */
export const toldIn = (m: Told): Pick<Readout, 'unit'> => readoutOf(m.test, m.readout) ?? { unit: 'deg' };

/**
 * A movement in words. The straight leg raise is a test as well: where another test tells the movement, it may have
 * been usual.
 */
export const movedWords = (m: Told, say: Say = spoken): string =>
  m.movement === 'hip-flexion-knee-straight' && !byItsOwnTest(m)
    ? say('hip bending with the knee straight')
    : say(MOVEMENT_WORDS[m.movement]);

/** What the number of a movement is of: the movement, or the test that tells it where its own does not. */
export function readWords(m: Told): string {
  if (byItsOwnTest(m)) return spoken(MOVEMENT_WORDS[m.movement]);
  const read = [testById(m.test)?.name, readoutOf(m.test, m.readout)?.name];
  return read
    .filter((name) => name !== undefined)
    .map(within)
    .join(': ');
}

/** Probability from which the engine's word stands although the textbook would say another (our default). */
const STANDS = 0.95;
/** What the textbook says where it disagrees and the engine is not sure enough to stand alone; else null. */
export const otherOpinion = (m: MovementFinding): GroupId | null => {
  const [a] = m.limiters;
  return a && m.plain && m.clarity !== 'unclear' && m.plain !== a.group && a.probability < STANDS ? m.plain : null;
};

/** Whether what spoke is itself the answer. */
export const speaks = (m: Pick<MovementFinding, 'spoke' | 'everyWay'>): boolean =>
  m.spoke === 'pinch' || m.spoke === 'hard' || m.spoke === 'nerve' || m.everyWay === true;

const SPOKE: Readonly<Partial<Record<Speaker, string>>> = {
  nerve: 'a sign of the nerve, rather than a muscle',
  pinch: 'a pinch, rather the joint than a muscle',
  hard: 'a hard stop, rather the joint than a muscle',
  strange: 'felt where nothing usually stops it',
};

/**
 * Why nothing is named although the draws may be sure, in a few words; null where they are simply not.
 * @param name of a muscle group
 */
export function whyUnclear(
  m: MovementFinding,
  say: Say = spoken,
  name: (group: GroupId) => string = (group) => say(GROUP_WORDS[group].name),
): string | null {
  if (m.clarity !== 'unclear') return null;
  const said = m.spoke && SPOKE[m.spoke];
  if (said) return say(said);
  if (m.brokenOff) return say('it ended early, before a muscle could tell');
  if (m.orNerve) return say('muscle or nerve is still to be asked');
  if (m.everyWay) return say('this hip stops early every way, rather the joint than a muscle');
  if (m.unasked) return say('ask where it is felt');
  const [a] = m.limiters;
  if (m.against && a && (isLimited(m) || a.probability >= ONE_NAME))
    return say('felt away from where {{name}} would be felt', { name: name(a.group) });
  return a && a.probability >= ONE_NAME ? say('its readings contradict each other') : null;
}

/** One or two names, or "not clear", for what stops a movement. Where the textbook would say another, both are told. */
export function limiterWords(m: MovementFinding): string {
  const [a, b] = m.limiters;
  const why = whyUnclear(m);
  if (why) return speaks(m) ? why : spoken('not clear: {{why}}', { why });
  const other = otherOpinion(m);
  const named = (l: Limiter): string => `${spoken(GROUP_WORDS[l.group].name)}, ${inHundred(l.probability)}`;
  if (other && a)
    return spoken('likely {{named}}; a textbook, {{other}}', {
      named: named(a),
      other: spoken(GROUP_WORDS[other].name),
    });
  if (m.clarity === 'one' && a) return named(a);
  if (m.clarity === 'two' && a && b) return spoken('{{first}}, or {{second}}', { first: named(a), second: named(b) });
  return spoken('not clear: {{why}}', {
    why: m.limiters
      .slice(0, 2)
      .map((l) => `${spoken(GROUP_WORDS[l.group].name)} ${inHundred(l.probability)}`)
      .join(', '),
  });
}

/** How a movement stands beside typical people. */
export function bandWords(band: number): string {
  if (band < -2) return spoken('clearly less than typical');
  if (band < LIMITED) return spoken('less than typical');
  if (band > 2) return spoken('much more than typical');
  if (band > 1) return spoken('more than typical');
  return spoken('within typical');
}

/** The movement that matters most: the one furthest below typical. Null without readings. */
export const leadingMovement = (f: Findings): MovementFinding | null =>
  f.movements.reduce<MovementFinding | null>((worst, m) => (!worst || m.band < worst.band ? m : worst), null);

/** A group as it is said to stop something. */
const theGroup = ({ group }: Limiter): string =>
  group === 'nerve-like'
    ? spoken('a nerve-like pull')
    : spoken('the {{name}}', { name: spoken(GROUP_WORDS[group].name) });

/**
 * What stops a limited movement: "by the hamstrings", "by the vasti or the knee joint"; null where that is not clear.
 */
export function stoppedBy(m: MovementFinding): string | null {
  const [first, second] = m.limiters;
  if (m.clarity === 'unclear' || !first) return null;
  if (m.clarity === 'two' && second)
    return spoken('by {{first}} or {{second}}', { first: theGroup(first), second: theGroup(second) });
  return otherOpinion(m)
    ? spoken('by {{first}}, most likely', { first: theGroup(first) })
    : spoken('by {{first}}', { first: theGroup(first) });
}

/** Signs that count however far a movement goes. */
const ENDS_WITH: Readonly<Partial<Record<Speaker, string>>> = { nerve: 'a sign of the nerve', pinch: 'a pinch' };

/** Where no movement is limited: what ended early or with a sign, and what is weak. */
function restWords(f: Findings, weak: readonly string[]): string {
  const moved = (m: MovementFinding): string => `${capital(spoken(m.side))} ${movedWords(m)}`;
  const early = f.movements.find((m) => m.brokenOff);
  if (early)
    return spoken('{{moved}} ended early, before a muscle could tell: leave it until that is clear.', {
      moved: moved(early),
    });
  const sign = f.movements.find((m) => m.spoke && ENDS_WITH[m.spoke]);
  if (sign?.spoke)
    return spoken('{{moved}} goes as far as usual, but ends with {{sign}}.', {
      moved: moved(sign),
      sign: spoken(ENDS_WITH[sign.spoke] ?? ''),
    });
  if (weak.length > 0)
    return spoken('Every movement measured is typical or more. Weak: {{weak}}.', { weak: weak.join(', ') });
  return spoken('Every movement measured lies within or above what is typical.');
}

/** One sentence for the top of Findings, from the facts. @param weak what is weak, with its side */
export function headline(f: Findings, weak: readonly string[] = []): string {
  const m = leadingMovement(f);
  if (!m) return spoken('Nothing is measured yet.');
  if (!isLimited(m)) return restWords(f, weak);
  const moved = `${capital(spoken(m.side))} ${movedWords(m)}`;
  const own = m.spoke && ENDS_WITH[m.spoke] && SPOKE[m.spoke];
  const why = own ? spoken(own) : whyUnclear(m);
  if (why && speaks(m)) return spoken('{{moved}} is limited: {{why}}.', { moved, why });
  const by = stoppedBy(m);
  if (by) return spoken('{{moved}} is limited {{by}}.', { moved, by });
  return why
    ? spoken('{{moved}} is limited; by what is not clear yet: {{why}}.', { moved, why })
    : spoken('{{moved}} is limited; by what is not clear yet.', { moved });
}
