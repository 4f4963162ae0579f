import { say } from '@/core/languages/spoken';
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
  const name = say(JOINT_NAMES[joint]);
  const pinch = say('A movement ended in a pinch, or was felt {{joint}}.', { joint: FOLDED[joint] });
  const hard = say('A movement ended hard, well before typical.');
  return {
    title: say('Rather the {{name}} than a muscle', { name }),
    seen:
      f.pinch || f.hard
        ? [f.pinch && pinch, f.hard && hard].filter(Boolean).join(' ')
        : f.everyWay
          ? say('Turning in, bending and opening all stop early in this hip{{what}}. No one muscle does that.', {
              what: f.everyWay === 1 ? say(', well before the other') : '',
            })
          : say('{{what}} stops a movement that is below typical, {{inHundred}}.', {
              what: name === 'hip joint' ? say('Hip joint or capsule') : say('The {{name}}', { name }),
              inHundred: inHundred(f.share ?? 0),
            }),
    then: refer
      ? say('Stay well out of it, and stretch nothing that way. A clinician looks first.')
      : f.pinch
        ? joint === 'joint-or-capsule'
          ? say(
              'Stop before it pinches. Try another width or turn of the leg; if it stays or catches, a clinician looks.',
            )
          : say('Stop before it pinches. If it stays or catches, a clinician looks.')
        : joint === 'joint-or-capsule'
          ? say('Do not push that direction. Try another width or turn of the leg, and mid-range movement.')
          : say('Do not push that direction; mid-range movement is welcome.'),
  };
}

/** What was felt away from the tissue that was tested. */
function elsewhereWords(place: Place): Said {
  switch (place) {
    case 'knee':
      return {
        title: say('The knee felt it'),
        seen: say('The end was felt in the knee, which should not take the turn or the pull of the hip.'),
        then: say('Come out, and support or bend the leg another way. No muscle is judged by this reading.'),
      };
    case 'low-back':
      return {
        title: say('The low back felt it first'),
        seen: say('The end was felt in the low back, so the leg may go further than was read.'),
        then: say(
          'Hold the pelvis still and read again, or ask about the back first. No muscle is judged by this reading.',
        ),
      };
    case 'instep':
    case 'ankle-front':
      return {
        title: say('The foot or ankle stops it first'),
        seen: say('The end was felt here: {{place}}. What was to be tested may go further than was read.', {
          place: say(PLACE_WORDS[place]),
        }),
        then: say('Pad or ease it there and read again. No muscle of the thigh is judged by this reading.'),
      };
    case 'back-thigh':
      return {
        title: say('The backs of the thighs held first'),
        seen: say(
          'The end was felt at the back of the thighs: they tip the pelvis back before the inner thighs are at their end.',
        ),
        then: say('Sit higher and read again, or do the straight leg raise. No inner thigh is judged by this reading.'),
      };
    case 'sit-bone':
      return {
        title: say('Felt at the sit bone'),
        seen: say('The end was felt where the tendons hold on, not in the belly of the muscle.'),
        then: say('Do not pull into it. Load it gently in mid-range; if it stays sore, a clinician looks.'),
      };
    default:
      return {
        title: say('Felt where this test rarely pulls'),
        seen: say('The end was felt here: {{place}}. Nothing that usually stops this movement is felt there.', {
          place: say(PLACE_WORDS[place]),
        }),
        then: say('Ask again, and test that place by itself. Until then no muscle is named by this reading.'),
      };
  }
}

/** By how much one turning goes further than the other; nothing where one of them was not read. */
const between = (further: number | undefined, other: number | undefined): number | undefined =>
  further === undefined || other === undefined ? undefined : further - other;

/** What was read of a turning, lying and sitting; only what was. */
const lyingSitting = (lying: number | undefined, sitting: number | undefined): string =>
  [
    ...(lying === undefined ? [] : [say('{{deg}} lying', { deg: deg(lying) })]),
    ...(sitting === undefined ? [] : [say('{{deg}} sitting', { deg: deg(sitting) })]),
  ].join(say(' and '));

const SAID: Readonly<Record<Exclude<HintKind, 'joint' | 'elsewhere'>, (f: Hint['facts']) => Said>> = {
  turning: () => ({
    title: say('Muscle or joint? Ask where it is felt'),
    seen: say('The thigh turns less than is typical, and nobody has written down where that is felt.'),
    then: say(
      'At the end, ask: deep in the buttock, at the outer hip, in front, or nowhere. Compare lying and sitting. A hard or pinching stop is the joint.',
    ),
  }),
  nerve: (f) => ({
    title: f.ask ? say('Muscle or nerve? Ask first') : say('Perhaps the nerve, not the muscle'),
    seen: f.ask
      ? f.ask === 1
        ? say('The end was felt behind the knee or in the calf, away from the belly of the muscle.')
        : say('The end was felt as a tingling line down the leg.')
      : f.share === undefined
        ? say('The end was felt as tingling, or head or ankle changed what is felt far away.')
        : say('The readings leave {{inHundred}} to a sensitive nerve.', { inHundred: inHundred(f.share) }),
    then: f.ask
      ? f.ask === 2
        ? say(
            'Ease off. Do the straight leg raise and the slump before anything is lengthened here; if it stays, a clinician looks.',
          )
        : say(
            'At the end, lower the leg a little and draw the foot up, then lift the head. Write down whether the feeling far away changes. Until then nothing is lengthened here.',
          )
      : say(
          'No long holds at the end of the raise. Move in and out gently; if there is numbness or weakness, a clinician looks first.',
        ),
  }),
  'both-rotations': (f) => ({
    title: say('The hip turns little both ways'),
    seen: say('Turning in {{lyingSitting}}, out {{lyingSitting2}}: all below typical.', {
      lyingSitting: lyingSitting(f.inLying, f.inSitting),
      lyingSitting2: lyingSitting(f.outLying, f.outSitting),
    }),
    then: say(
      'That is rather the joint than a muscle. Stay in mid-range; with pain or beyond fifty, a clinician looks first.',
    ),
  }),
  'turned-in-bone': (f) => ({
    title: say('Thigh bone twisted inward by nature'),
    seen: say('Turns in further than out by {{lyingSitting}}{{what}}.', {
      lyingSitting: lyingSitting(between(f.inLying, f.outLying), between(f.inSitting, f.outSitting)),
      what: f.version === undefined ? '' : say('; bone felt at {{deg}}', { deg: deg(f.version) }),
    }),
    then: say('Do not chase turning out. Let the feet stand where the middle of both turnings is.'),
  }),
  'turned-out-bone': (f) => ({
    title: say('Thigh bone twisted outward by nature, or a stiff back of the joint'),
    seen: say('Turns out further than in by {{lyingSitting}}{{what}}.', {
      lyingSitting: lyingSitting(between(f.outLying, f.inLying), between(f.outSitting, f.inSitting)),
      what: f.version === undefined ? '' : say('; bone felt at {{deg}}', { deg: deg(f.version) }),
    }),
    then: say('Do not chase turning in. Let the feet turn out a little.'),
  }),
  guarding: (f) => ({
    title: say('Held back, not short'),
    seen:
      f.eased === undefined
        ? say('The movement was guarded before the tissue ended.')
        : say('After breathing or letting go it went {{deg}} further.', { deg: deg(f.eased) }),
    then: say('Safe entries and time before any stretch. Kolpos counts the further value.'),
  }),
  'body-contact': () => ({
    title: say('Body met body'),
    seen: say('The movement ended because belly, thigh or calf was in the way.'),
    then: say('That is not short. Choose a shape with more room.'),
  }),
  'pre-lengthened': (f) => ({
    title: say('Hamstrings long already, though they feel tight'),
    seen: say(
      'Raise {{deg}} + standing tilt {{deg2}} − usual tilt {{deg3}} = {{deg4}}: in standing the pelvis tips forward and draws them long.',
      { deg: deg(f.raise), deg2: deg(f.tilt), deg3: deg(f.usual), deg4: deg(f.together) },
    ),
    then: say('Strengthen belly, buttocks and hamstrings first; teachers differ here.'),
  }),
  'pelvis-control': () => ({
    title: say('Raise short, bent-knee test usual'),
    seen: say(
      'The straight raise is below typical, yet with the hip at a right angle the knee straightens as far as most.',
    ),
    then: say('Repeat the raise with the other knee bent: the other hip may tip the pelvis, or the nerve may speak.'),
  }),
  'spine-or-proportion': () => ({
    title: say('Reach short, legs usual'),
    seen: say('The reach is less than typical although both straight raises are usual.'),
    then: say('Then it is the spine, the nerve, or simply long legs and short arms.'),
  }),
  control: (f) => ({
    title: say('Range without the strength to use it'),
    seen: say('Moved by you it goes {{deg}} further than alone.', { deg: deg(f.gap) }),
    then: say('Strengthen there; do not stretch.'),
  }),
  balance: () => ({
    title: say('The shape is there, standing it is not'),
    seen: say('Lying on the back the squat is reached that standing is not.'),
    then: say('Strength, balance or trust, not length.'),
  }),
  mobile: (f) => ({
    title: say('Very mobile'),
    seen:
      f.points !== undefined
        ? say('{{count}} of nine points of general mobility.', { count: Math.round(f.points) })
        : say('{{count}} ranges lie far above typical.', { count: Math.round(f.count ?? 0) }),
    then: say('Strength in mid-range before length; short holds, always with some effort.'),
  }),
};
