import type { CautionId } from '@/core/cautions/catalogue';
import type { PainKind } from '@/core/students/hurt';
import type { Place } from '@/core/students/student';

/** Cautions that a kind of pain asks to be thought of, wherever it is. */
const BY_KIND: Readonly<Partial<Record<PainKind, CautionId>>> = {
  tingling: 'sciatic',
  dizzy: 'dizziness',
  breathless: 'heart-uncleared',
};
/** Places whose pain asks for a caution by itself. */
const BY_PLACE: Readonly<Partial<Record<Place, CautionId>>> = {
  'sit-bone': 'sit-bone',
  'outer-hip': 'outer-hip',
  'groin-pinch': 'groin-pinch',
  knee: 'knee-injury',
  'behind-knee': 'knee-injury',
  'low-back': 'low-back-ache',
  'leg-line': 'sciatic',
};
/**
 * The caution that a pain in a test points to, by what it was like and where; null where nothing particular does. A
 * suggestion to the teacher, never an entry by itself.
 */
export function painPointsTo(place: Place | undefined, kind: PainKind | undefined): CautionId | null {
  const kinds = kind && BY_KIND[kind];
  if (kinds) return kinds;
  if (!place) return null;
  if (kind === 'pinching' && place === 'front-hip-crease') return 'groin-pinch';
  return BY_PLACE[place] ?? null;
}
