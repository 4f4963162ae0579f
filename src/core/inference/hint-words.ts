import { PLACE_WORDS } from '@/core/students/words';
import type { Place } from '@/core/students/student';
import type { Hint, HintKind, JointId } from './hints';
import { inHundred } from './words';

const deg = (v: number | undefined): string => `${Math.round(v ?? 0)}°`;

/** What a hint is called, what was seen and what to do with it, in plain sentences. */
export function hintWords(hint: Pick<Hint, 'kind' | 'facts' | 'joint' | 'place' | 'refer'>): Said {
  if (hint.kind === 'joint') return jointWords(hint);
  if (hint.kind === 'elsewhere') return elsewhereWords(hint.place ?? 'nowhere');
  return SAID[hint.kind](hint.facts);
}

interface Said {
  title: string;
  seen: string;
  then: string;
}

const JOINT_NAMES: Readonly<Record<JointId, string>> = {
  'joint-or-capsule': 'hip joint',
  'knee-joint': 'knee joint',
  'ankle-joint': 'ankle joint',
};

/** Where a joint is felt that is pressed, not lengthened. */
const FOLDED: Readonly<Record<JointId, string>> = {
  'joint-or-capsule': 'in the groin or in front where the hip is folded',
  'knee-joint': 'in the knee where that is folded',
  'ankle-joint': 'in front of the ankle where that is folded',
};

function jointWords({ facts: f, joint = 'joint-or-capsule', refer }: Pick<Hint, 'facts' | 'joint' | 'refer'>): Said {
  const name = JOINT_NAMES[joint];
  const pinch = `A movement ended in a pinch, or was felt ${FOLDED[joint]}.`;
  const hard = 'A movement ended hard, well before typical.';
  return {
    title: `Rather the ${name} than a muscle`,
    seen:
      f.pinch || f.hard
        ? [f.pinch && pinch, f.hard && hard].filter(Boolean).join(' ')
        : f.everyWay
          ? `Turning in, bending and opening all stop early in this hip${f.everyWay === 1 ? ', well before the other' : ''}. No one muscle does that.`
          : `${name === 'hip joint' ? 'Hip joint or capsule' : `The ${name}`} stops a movement that is below typical, ${inHundred(f.share ?? 0)}.`,
    then: refer
      ? 'Stay well out of it, and stretch nothing that way. A clinician looks first.'
      : f.pinch
        ? joint === 'joint-or-capsule'
          ? 'Stop before it pinches. Try another width or turn of the leg; if it stays or catches, a clinician looks.'
          : 'Stop before it pinches. If it stays or catches, a clinician looks.'
        : joint === 'joint-or-capsule'
          ? 'Do not push that direction. Try another width or turn of the leg, and mid-range movement.'
          : 'Do not push that direction; mid-range movement is welcome.',
  };
}

/** What was felt away from the tissue that was tested. */
function elsewhereWords(place: Place): Said {
  switch (place) {
    case 'knee':
      return {
        title: 'The knee felt it',
        seen: 'The end was felt in the knee, which should not take the turn or the pull of the hip.',
        then: 'Come out, and support or bend the leg another way. No muscle is judged by this reading.',
      };
    case 'low-back':
      return {
        title: 'The low back felt it first',
        seen: 'The end was felt in the low back, so the leg may go further than was read.',
        then: 'Hold the pelvis still and read again, or ask about the back first. No muscle is judged by this reading.',
      };
    case 'instep':
    case 'ankle-front':
      return {
        title: 'The foot or ankle stops it first',
        seen: `The end was felt here: ${PLACE_WORDS[place]}. What was to be tested may go further than was read.`,
        then: 'Pad or ease it there and read again. No muscle of the thigh is judged by this reading.',
      };
    case 'back-thigh':
      return {
        title: 'The backs of the thighs held first',
        seen: 'The end was felt at the back of the thighs: they tip the pelvis back before the inner thighs are at their end.',
        then: 'Sit higher and read again, or do the straight leg raise. No inner thigh is judged by this reading.',
      };
    case 'sit-bone':
      return {
        title: 'Felt at the sit bone',
        seen: 'The end was felt where the tendons hold on, not in the belly of the muscle.',
        then: 'Do not pull into it. Load it gently in mid-range; if it stays sore, a clinician looks.',
      };
    default:
      return {
        title: 'Felt where this test rarely pulls',
        seen: `The end was felt here: ${PLACE_WORDS[place]}. Nothing that usually stops this movement is felt there.`,
        then: 'Ask again, and test that place by itself. Until then no muscle is named by this reading.',
      };
  }
}

/** By how much one turning goes further than the other; nothing where one of them was not read. */
const between = (further: number | undefined, other: number | undefined): number | undefined =>
  further === undefined || other === undefined ? undefined : further - other;

/** What was read of a turning, lying and sitting; only what was. */
const lyingSitting = (lying: number | undefined, sitting: number | undefined): string =>
  [
    ...(lying === undefined ? [] : [`${deg(lying)} lying`]),
    ...(sitting === undefined ? [] : [`${deg(sitting)} sitting`]),
  ].join(' and ');

const SAID: Readonly<Record<Exclude<HintKind, 'joint' | 'elsewhere'>, (f: Hint['facts']) => Said>> = {
  turning: () => ({
    title: 'Muscle or joint? Ask where it is felt',
    seen: 'The thigh turns less than is typical, and nobody has written down where that is felt.',
    then: 'At the end, ask: deep in the buttock, at the outer hip, in front, or nowhere. Compare lying and sitting. A hard or pinching stop is the joint.',
  }),
  nerve: (f) => ({
    title: f.ask ? 'Muscle or nerve? Ask first' : 'Perhaps the nerve, not the muscle',
    seen: f.ask
      ? f.ask === 1
        ? 'The end was felt behind the knee or in the calf, away from the belly of the muscle.'
        : 'The end was felt as a tingling line down the leg.'
      : f.share === undefined
        ? 'The end was felt as tingling, or head or ankle changed what is felt far away.'
        : `The readings leave ${inHundred(f.share)} to a sensitive nerve.`,
    then: f.ask
      ? f.ask === 2
        ? 'Ease off. Do the straight leg raise and the slump before anything is lengthened here; if it stays, a clinician looks.'
        : 'At the end, lower the leg a little and draw the foot up, then lift the head. Write down whether the feeling far away changes. Until then nothing is lengthened here.'
      : 'No long holds at the end of the raise. Move in and out gently; if there is numbness or weakness, a clinician looks first.',
  }),
  'both-rotations': (f) => ({
    title: 'The hip turns little both ways',
    seen: `Turning in ${lyingSitting(f.inLying, f.inSitting)}, out ${lyingSitting(f.outLying, f.outSitting)}: all below typical.`,
    then: 'That is rather the joint than a muscle. Stay in mid-range; with pain or beyond fifty, a clinician looks first.',
  }),
  'turned-in-bone': (f) => ({
    title: 'Thigh bone twisted inward by nature',
    seen: `Turns in further than out by ${lyingSitting(between(f.inLying, f.outLying), between(f.inSitting, f.outSitting))}${f.version === undefined ? '' : `; bone felt at ${deg(f.version)}`}.`,
    then: 'Do not chase turning out. Let the feet stand where the middle of both turnings is.',
  }),
  'turned-out-bone': (f) => ({
    title: 'Thigh bone twisted outward by nature, or a stiff back of the joint',
    seen: `Turns out further than in by ${lyingSitting(between(f.outLying, f.inLying), between(f.outSitting, f.inSitting))}${f.version === undefined ? '' : `; bone felt at ${deg(f.version)}`}.`,
    then: 'Do not chase turning in. Let the feet turn out a little.',
  }),
  guarding: (f) => ({
    title: 'Held back, not short',
    seen:
      f.eased === undefined
        ? 'The movement was guarded before the tissue ended.'
        : `After breathing or letting go it went ${deg(f.eased)} further.`,
    then: 'Safe entries and time before any stretch. Kolpos counts the further value.',
  }),
  'body-contact': () => ({
    title: 'Body met body',
    seen: 'The movement ended because belly, thigh or calf was in the way.',
    then: 'That is not short. Choose a shape with more room.',
  }),
  'pre-lengthened': (f) => ({
    title: 'Hamstrings long already, though they feel tight',
    seen: `Raise ${deg(f.raise)} + standing tilt ${deg(f.tilt)} − usual tilt ${deg(f.usual)} = ${deg(f.together)}: in standing the pelvis tips forward and draws them long.`,
    then: 'Strengthen belly, buttocks and hamstrings first; teachers differ here.',
  }),
  'pelvis-control': () => ({
    title: 'Raise short, bent-knee test usual',
    seen: 'The straight raise is below typical, yet with the hip at a right angle the knee straightens as far as most.',
    then: 'Repeat the raise with the other knee bent: the other hip may tip the pelvis, or the nerve may speak.',
  }),
  'spine-or-proportion': () => ({
    title: 'Reach short, legs usual',
    seen: 'The reach is less than typical although both straight raises are usual.',
    then: 'Then it is the spine, the nerve, or simply long legs and short arms.',
  }),
  control: (f) => ({
    title: 'Range without the strength to use it',
    seen: `Moved by you it goes ${deg(f.gap)} further than alone.`,
    then: 'Strengthen there; do not stretch.',
  }),
  balance: () => ({
    title: 'The shape is there, standing it is not',
    seen: 'Lying on the back the squat is reached that standing is not.',
    then: 'Strength, balance or trust, not length.',
  }),
  mobile: (f) => ({
    title: 'Very mobile',
    seen:
      f.points !== undefined
        ? `${Math.round(f.points)} of nine points of general mobility.`
        : `${Math.round(f.count ?? 0)} ranges lie far above typical.`,
    then: 'Strength in mid-range before length; short holds, always with some effort.',
  }),
};
