import { say } from '@/core/languages/spoken';
import { capital } from '@/core/capital';
import { actionWords, SLIGHT_M, type Action } from './actions';
import { angleWords, COORDINATE_WORDS } from './coordinate-words';
import type { Curve, Reversal } from './curve';
import { HALF_NAMES } from './half-body';
import { lineWords } from './muscle-catalogue';

const cm = (metres: number): string => say('{{what}} cm', { what: (Math.abs(metres) * 100).toFixed(1) });
const list = (parts: readonly string[]): string =>
  parts.length < 2
    ? (parts[0] ?? '')
    : say('{{parts}} and {{parts2}}', { parts: parts.slice(0, -1).join(', '), parts2: parts.at(-1) ?? '' });

/**
 * What a muscle does at a posture, in one or two sentences: each action with its arm, then where its parts disagree.
 */
export function actionSentences(actions: readonly Action[]): string[] {
  const clear = actions.filter((a) => a.words !== null);
  if (clear.length === 0) return [say('Here it turns nothing much: its line passes through the joints.')];
  const out = [say('Here it {{list}}.', { list: list(clear.map((a) => `${say(a.words ?? '')} (${cm(a.arm_m)})`)) })];
  for (const a of actions.filter((x) => x.least_m < -SLIGHT_M && x.most_m > SLIGHT_M)) {
    const doing = (sign: number) =>
      list(a.lines.filter((l) => l.arm_m * sign > SLIGHT_M).map((l) => lineWords(l.line)));
    out.push(
      capital(
        `${doing(1)}: ${say(actionWords(a.coordinate, 1) ?? '')}; ${doing(-1)}: ${say(actionWords(a.coordinate, -1) ?? '')}.`,
      ),
    );
  }
  return out;
}

/** One reversal as a sentence. */
export function reversalSentence(curve: Curve, r: Reversal): string {
  const over = HALF_NAMES[curve.over];
  const who = r.line ? `${capital(lineWords(r.line))}:` : say('It');
  return say('{{who}} {{below}} below {{angle}} and {{above}} above it.', {
    who,
    below: say(r.below),
    angle: angleWords(over, r.at_deg),
    above: say(r.above),
  });
}

/** What a curve shows, for those who do not see it: where each action is strongest, and the reversals. */
export function curveSentences(curve: Curve): string[] {
  const over = HALF_NAMES[curve.over];
  const peaks = curve.arms.flatMap(({ about, arm_m }) => {
    const most = arm_m.reduce((best, v, i) => (Math.abs(v) > Math.abs(arm_m[best]) ? i : best), 0);
    if (Math.abs(arm_m[most]) < SLIGHT_M) return [];
    const name = COORDINATE_WORDS[HALF_NAMES[about]].name;
    return [
      say('Its arm about {{name}} is greatest at {{angle}}: {{cm}}.', {
        name,
        angle: angleWords(over, curve.at_deg[most]),
        cm: cm(arm_m[most]),
      }),
    ];
  });
  const slack = curve.slack.map(([from, to]) =>
    say('Between {{angle}} and {{angle2}} it is slack: too short to pull.', {
      angle: angleWords(over, from),
      angle2: angleWords(over, to),
    }),
  );
  return [...curve.reversals.map((r) => reversalSentence(curve, r)), ...slack, ...peaks];
}
