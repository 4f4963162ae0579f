import { groupOf, GROUPS, SIDES, type GroupId, type Side } from '@/core/body';
import { limitersOf, MOVEMENTS } from '@/core/assessment/battery';
import { ANKLE_UP, straightLegRaise } from '@/core/assessment/battery/straight-leg-raise';
import { testsFor } from '@/core/assessment/complaints';
import type { Reading } from '@/core/assessment/reading';
import type { Complaint } from '@/core/students/student';
import { askedByScreens } from './asked-by-screens';
import type { Hint } from './hint';
import { ASKED_DRAWS, informationGain, NO_LIMITER, simulate, thinnedTo, type AskedReadout } from './information';
import { contextOf } from './context';
import { boneContext } from './likelihood';
import { SETTLED_AT } from './settled-at';
import { Random } from './random';
import { isLimited, tellsOfMuscle, type MovementFinding, type NextTest } from './statements';
import { limitersPerDraw, tableOf } from './summarise';
import { stillToRead } from './still-to-read';
import type { Known } from './known';

/** Bits that a test must be expected to tell before it is worth a turn of the body (our default). */
const WORTH_ASKING = 0.05;
/**
 * Movements of a side that make a whole look at it; once they are read, one that nobody read is asked for only where it
 * is limited with at least this chance (our defaults).
 */
const WHOLE_LOOK = 9;
const PROBABLY_LIMITED = 0.5;

/**
 * What is still in question on a side: limiters of limited movements that are not plain, and movements that nobody has
 * read.
 */
interface Questions {
  unclear: { labels: Uint8Array; between: readonly GroupId[] }[];
  unread: Uint8Array[];
  /** Limiters of the leg raise, where the nerve is to be asked first; null where not. */
  nerve: Uint8Array | null;
}

/** What has been found and read so far, and what she came with. */
interface Asking {
  readings: readonly Reading[];
  movements: readonly MovementFinding[];
  hints: readonly Hint[];
  complaints?: readonly Complaint[];
}

/**
 * Tests worth doing next, in three ranks: what tells apart the candidates for a limited movement; what looks at a
 * complaint, or at the place where something unexpected was felt, and is not read; what may find another limited
 * movement. Nothing is proposed that cannot change an aim: a movement that is usual, or plainly stopped by one group,
 * asks nothing more. Empty says: enough. Within a rank by mutual information between limiter and simulated outcome
 * (reading with its error, place felt) over the posterior draws, in bits.
 */
export function nextTests(all: Known, { readings, complaints = [], ...found }: Asking, seed: number): NextTest[] {
  const { movements } = found;
  const { person } = all;
  const known = { ...all, draws: thinnedTo(all.draws, ASKED_DRAWS) };
  const random = new Random(seed + 29);
  const asked = complaintOrder(complaints);
  const read = new Set(readings.map((r) => `${r.test}/${r.side}`));
  const screens = (side: Side) => askedByScreens(readings, movements, side, person.sexForNorms);
  const screened = { left: screens('left'), right: screens('right') };
  const of = (side: Side) => questionsOf(side, known, found);
  const questions = { left: of('left'), right: of('right') };
  /** Muscle or nerve: no claim before the leg was lifted with the foot drawn up, or lifted at all. */
  const asksNerve = ({ test, side, variant }: Pick<NextTest, 'test' | 'side' | 'variant'>): boolean =>
    questions[side].nerve !== null &&
    test === straightLegRaise.id &&
    (variant === ANKLE_UP || !read.has(`${test}/${side}`));
  const told = stillToRead(readings, SIDES).flatMap((list): NextTest[] => {
    const [{ test, side, variant }] = list;
    const own = { test, side, ...(variant && { variant }) };
    const gains = gainsOf(list, questions[side], (a) => {
      const context = { ...contextOf({ ...a, readout: a.readout.id }, readings), ...boneContext(person, side) };
      return simulate(a, context, known, random);
    });
    if (asksNerve(own)) return [{ ...own, gain: Math.max(gains.unclear, gains.nerve), why: 'unclear' }];
    if (gains.unclear >= WORTH_ASKING) return [{ ...own, gain: gains.unclear, why: 'unclear' }];
    if (variant) return [];
    if (screened[side](list)) return [{ ...own, gain: gains.unread, why: 'unclear' }];
    if (asked(test, side) >= 0 && !read.has(`${test}/${side}`))
      return [{ ...own, gain: gains.unread, why: 'complaint' }];
    return gains.unread >= WORTH_ASKING ? [{ ...own, gain: gains.unread, why: 'unread' }] : [];
  });
  const order = (t: NextTest): number => (t.why === 'complaint' ? asked(t.test, t.side) : asksNerve(t) ? -1 : 0);
  return told.sort(
    (a, b) =>
      RANK.indexOf(a.why) - RANK.indexOf(b.why) ||
      order(a) - order(b) ||
      b.gain - a.gain ||
      (a.test + a.side < b.test + b.side ? -1 : 1),
  );
}

/**
 * What the read-outs of one test done in one way are expected to tell of a side's questions, bits.
 * @param cells outcomes over the draws
 */
function gainsOf(
  list: readonly AskedReadout[],
  { unclear, unread, nerve }: Questions,
  cells: (a: AskedReadout) => Uint16Array,
): { unclear: number; unread: number; nerve: number } {
  // Read-outs of one test tell much the same about one question, and new things about others.
  const most = unclear.map(() => 0);
  const sum = { unread: 0, nerve: 0 };
  for (const a of list) {
    const outcome = cells(a);
    unclear.forEach(({ labels, between }, q) => {
      if (speaksOf(a, between)) most[q] = Math.max(most[q], informationGain(labels, outcome));
    });
    if (nerve) sum.nerve += informationGain(nerve, outcome);
    if (!a.variant) for (const labels of unread) sum.unread += informationGain(labels, outcome);
  }
  return { ...sum, unclear: most.reduce((s, v) => s + v, 0) };
}

/**
 * Whether a read-out is a test of one of these groups, as the field has it: a calf says little of a hip, whatever
 * people have in common.
 */
function speaksOf({ test, readout }: AskedReadout, groups: readonly GroupId[]): boolean {
  const limiters = limitersOf(test, readout.id);
  return limiters.some(({ structure }) => groups.some((g) => groupOf(structure) === g));
}

const RANK: readonly NextTest['why'][] = ['unclear', 'complaint', 'unread'];

/** How early complaints ask for a test of a side, 0 first; −1 where they do not. */
function complaintOrder(
  complaints: readonly Pick<Complaint, 'place' | 'side' | 'sounds'>[],
): (test: string, side: Side) => number {
  const of = (side: Side) =>
    testsFor(complaints.filter((c) => c.side === side || c.side === 'both')).map((t) => t.test);
  const wanted = { left: of('left'), right: of('right') };
  return (test, side) => wanted[side].indexOf(test);
}

function questionsOf(side: Side, known: Known, { movements, hints }: Pick<Asking, 'movements' | 'hints'>): Questions {
  const { draws } = known;
  const asks = hints.some((h) => h.kind === 'nerve' && h.facts.ask && (h.side === side || h.side === 'both'));
  const raise = () => tableOf('hip-flexion-knee-straight', side, known);
  const out: Questions = { unclear: [], unread: [], nerve: asks ? limitersPerDraw(draws, raise(), side).group : null };
  const whole = movements.filter((m) => m.side === side && m.measured !== null).length >= WHOLE_LOOK;
  for (const movement of MOVEMENTS) {
    const found = movements.find((m) => m.side === side && m.movement === movement);
    if (found) {
      const first = found.limiters.at(0);
      // Where a joint pinched, somebody stopped or the place fits nothing, no test between these candidates is the
      // answer.
      const askable = isLimited(found) && tellsOfMuscle(found);
      // Between muscle and nerve it is head and ankle that answer, at the end of the same test.
      const nerve = found.limiters.slice(0, 2).some((l) => l.group === 'nerve-like');
      if (askable && !nerve && first && first.probability < SETTLED_AT)
        out.unclear.push({
          labels: limitersPerDraw(draws, tableOf(movement, side, known), side).group,
          between: found.limiters.slice(0, 2).map((l) => l.group),
        });
      continue;
    }
    const table = tableOf(movement, side, known);
    const { group, end } = limitersPerDraw(draws, table, side);
    const upward = table.readout.better === 'lower' ? -1 : 1;
    const labels = group.map((g, d) =>
      isLimited({ band: ((end[d] - table.norm.mean) * upward) / table.norm.sd }) ? g : NO_LIMITER,
    );
    const limited = labels.filter((g) => g < GROUPS.length).length / labels.length;
    if (!whole || limited >= PROBABLY_LIMITED) out.unread.push(labels);
  }
  return out;
}
