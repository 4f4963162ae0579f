import { capital } from '@/core/capital';
import { actionWords, SLIGHT_M, type Action } from './actions';
import { angleWords, COORDINATE_WORDS } from './coordinate-words';
import type { Curve, Reversal } from './curve';
import { HALF_NAMES } from './half-body';
import { lineWords } from './muscle-catalogue';

const cm = (metres: number): string => `${(Math.abs(metres) * 100).toFixed(1)} cm`;
const list = (parts: readonly string[]): string =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

/**
 * What a muscle does at a posture, in one or two sentences: each action with its arm, then where its parts disagree.
 */
export function actionSentences(actions: readonly Action[]): string[] {
  const clear = actions.filter((a) => a.words !== null);
  if (clear.length === 0) return ['Here it turns nothing much: its line passes through the joints.'];
  const out = [`Here it ${list(clear.map((a) => `${a.words} (${cm(a.arm_m)})`))}.`];
  for (const a of actions.filter((x) => x.least_m < -SLIGHT_M && x.most_m > SLIGHT_M)) {
    const doing = (sign: number) =>
      list(a.lines.filter((l) => l.arm_m * sign > SLIGHT_M).map((l) => lineWords(l.line)));
    out.push(
      capital(
        `${doing(1)}: ${actionWords(a.coordinate, 1) ?? ''}; ${doing(-1)}: ${actionWords(a.coordinate, -1) ?? ''}.`,
      ),
    );
  }
  return out;
}

/** One reversal as a sentence. */
export function reversalSentence(curve: Curve, r: Reversal): string {
  const over = HALF_NAMES[curve.over];
  const who = r.line ? `${capital(lineWords(r.line))}:` : 'It';
  return `${who} ${r.below} below ${angleWords(over, r.at_deg)} and ${r.above} above it.`;
}

/** What a curve shows, for those who do not see it: where each action is strongest, and the reversals. */
export function curveSentences(curve: Curve): string[] {
  const over = HALF_NAMES[curve.over];
  const peaks = curve.arms.flatMap(({ about, arm_m }) => {
    const most = arm_m.reduce((best, v, i) => (Math.abs(v) > Math.abs(arm_m[best]) ? i : best), 0);
    if (Math.abs(arm_m[most]) < SLIGHT_M) return [];
    const name = COORDINATE_WORDS[HALF_NAMES[about]].name;
    return [`Its arm about ${name} is greatest at ${angleWords(over, curve.at_deg[most])}: ${cm(arm_m[most])}.`];
  });
  const slack = curve.slack.map(
    ([from, to]) => `Between ${angleWords(over, from)} and ${angleWords(over, to)} it is slack: too short to pull.`,
  );
  return [...curve.reversals.map((r) => reversalSentence(curve, r)), ...slack, ...peaks];
}
