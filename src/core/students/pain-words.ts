import type { PainKind } from './hurt';

/** Said while it is not known what the pain was like. */
export const PAIN_STAYS =
  'Pain that stays, pinching, tingling or numbness: stop for today, and a clinician looks first.';

/** What to say and do, by what it was like. */
export const PAIN_SAYS: Readonly<Record<PainKind, string>> = {
  sharp: 'Rest. If it is still there on standing up, stop for today; a clinician looks first.',
  pinching: 'Out of the bend, wider and less deep. If it pinches again, leave bent hips alone today.',
  pulling: 'Go half as far, knees soft. Leave a pull right at the bone alone.',
  tingling: 'Out of the stretch. If it does not fade within a minute, stop for today; a clinician looks first.',
  dizzy: 'Sit or lie down, breathe, drink. Nothing with the head low today; if it stays, get help.',
  breathless: 'Sit upright and wait. With pain in the chest, or if it does not ease: emergency care.',
};

/** What every page that a student takes along ends with. */
export const STUDENT_FOOT =
  'A pull is fine, pain is not. Come out slowly at pain, pinching, tingling or numbness, and tell your teacher. This is no medical advice.';
