/** A short look round the demo studio: where one stands, and what to see there. */
export interface Stop {
  title: string;
  words: string;
  /** Address within the studio. */
  to: string;
}

const WHO = 'id=demo-maren';

export const STOPS: readonly Stop[] = [
  {
    title: 'What limits her',
    words:
      'Maren rows, and the back of her thigh pulls. The painted muscle is what most likely stops her leg. “In 100” says how sure that is, and every line opens to the readings behind it.',
    to: `/student?${WHO}&step=findings`,
  },
  {
    title: 'How it was found',
    words:
      'One test at a time: how to set it up, where to hold, one number, where it was felt. The figure moves with what you type. About twenty minutes for a first look.',
    to: `/student?${WHO}&step=measure`,
  },
  {
    title: 'What would help',
    words:
      'Poses in the order in which they serve her aims, in her own body: how deep she goes, what it lengthens, what stops her. What a caution closes says why.',
    to: `/student?${WHO}&step=poses`,
  },
  {
    title: 'A practice for her',
    words:
      'Type the minutes and build. Drag, lengthen, swap or add what you like. What it gives each aim stands beside it, and what you broke is said.',
    to: `/student?${WHO}&step=practice`,
  },
  {
    title: 'Did it work?',
    words:
      'Weeks later she was tested again. A change counts only when it is larger than the error of measuring. That is the whole line: now try it with someone on your own mat.',
    to: `/student?${WHO}&step=progress&part=change`,
  },
];

/** The address of a stop, counted from 1. */
export const addressOf = (stop: number): string => `${STOPS[stop - 1].to}&look=${stop}`;
