import { say } from '@/core/languages/spoken';
import type { Caution } from './caution';
import { HIPS } from './hips';
import { JOINT_CAUTIONS } from './joints';
import { PREGNANCY } from './pregnancy';
import { RED_FLAGS } from './red-flags';
import { SPINE } from './spine';
import { WHOLE } from './whole';

export type { Caution, CautionLevel } from './caution';

/** Every caution, red flags first. */
export const CAUTIONS: readonly Caution<CautionId>[] = [
  ...RED_FLAGS,
  ...PREGNANCY,
  ...SPINE,
  ...HIPS,
  ...JOINT_CAUTIONS,
  ...WHOLE,
];

/** Names of the cautions, as students keep them. What a file holds may be another: `cautionById` tells. */
export type CautionId = (
  typeof RED_FLAGS | typeof PREGNANCY | typeof SPINE | typeof HIPS | typeof JOINT_CAUTIONS | typeof WHOLE
)[number]['id'];

/** What stands in for a caution that this version does not know: closed until somebody has looked at it. */
export const unknownCaution = (id: string): Caution => ({
  id,
  name: 'A caution that this version does not know',
  level: 'refer-first',
  ask: 'What is it that was written down?',
  rules: 'all',
  message: 'It was entered with a newer Kolpos. Open the record there, or ask the student and enter it anew.',
  reason: 'What is not known may forbid anything.',
  stop: 'It waits until it is known.',
  see: 'Whoever entered it',
});

const byId = new Map<string, Caution<CautionId>>(CAUTIONS.map((c) => [c.id, c]));

/** A caution by its id, or null. */
export const cautionById = (id: string): Caution<CautionId> | null => byId.get(id) ?? null;

/**
 * What a told caution is called, with its side where it has one: "Knee replacement, left". An id that nobody knows
 * keeps itself.
 */
export function cautionName({ caution, side }: { caution: string; side?: Caution['side'] }): string {
  const known = cautionById(caution);
  return known ? (known.sided && side ? `${say(known.name)}, ${say(side)}` : say(known.name)) : caution;
}
