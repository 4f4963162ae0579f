/**
 * The styles of a practice: what decides its course. One entry says all of a style; its words, the schema of a request,
 * the command line and the screens follow from here. All figures are ours.
 */
export interface PracticeStyle {
  /** As it is offered. */
  words: string;
  /** What comes first: depth is built up to, or work is done before anything is lengthened. */
  first: 'depth' | 'work';
  /** Shapes follow each other by steps that exist, in rounds and without fetching anything. */
  flows: boolean;
  /** Only what can be stayed in: on the floor, without work, few shapes. */
  stays: boolean;
  /** Demanding work has its place for its own sake, without an aim that asks for it. */
  workForItself: boolean;
  /** Share of the minutes that the rest at the end takes. */
  rest: { least: number; most: number };
  /**
   * Shapes that wake the joints at least, and that move in and out at most, however long the practice; null: by its
   * minutes.
   */
  waking: number | null;
  moving: number | null;
  /** Shapes of a practice of so many minutes, at most. */
  shapes(minutes: number): number;
  /** Minutes on one side of one item, at most: of what serves an aim, and of what serves none. */
  longest: number;
  longestUnserving: number;
  /** Minutes of a rest in the middle, at most: a child's pose after a back-bend. */
  longestPause: number;
  /** What a second rung of one shape costs (see measure.ts): what is stayed in for minutes is taken once. */
  secondRung: number;
  /** Drills of work lying down at the end, at most: after a flow they are exercises and no longer a flow. */
  drillsAtEnd: number;
  /** How often work is gone through where there is time for it. Two to four: Garber 2011 (ACSM); two is ours. */
  setsOfWork: number;
}

const BUILD: PracticeStyle = {
  words: 'builds up to its deepest',
  first: 'depth',
  flows: false,
  stays: false,
  workForItself: false,
  rest: { least: 0.06, most: 0.12 },
  waking: null,
  moving: null,
  shapes: (minutes) => Math.round(3 + minutes * 0.4),
  longest: 2,
  longestUnserving: 1,
  longestPause: 1,
  secondRung: 0,
  drillsAtEnd: Infinity,
  setsOfWork: 1,
};

const STYLES = {
  build: BUILD,
  flow: {
    ...BUILD,
    words: 'flows, nothing held long',
    flows: true,
    workForItself: true,
    shapes: (minutes) => Math.round(3 + minutes * 0.65),
    longest: 0.75,
    drillsAtEnd: 2,
  },
  quiet: {
    ...BUILD,
    words: 'long and quiet',
    stays: true,
    rest: { least: 0.07, most: 0.2 },
    waking: 1,
    moving: 1,
    shapes: (minutes) => Math.max(5, Math.round(4 + minutes / 9)),
    longest: 5,
    longestUnserving: 2,
    longestPause: 3,
    secondRung: 0.03,
  },
  strength: { ...BUILD, words: 'work first, then length', first: 'work', workForItself: true, setsOfWork: 2 },
} as const satisfies Readonly<Record<string, PracticeStyle>>;

export type StyleId = keyof typeof STYLES;
export const STYLE_IDS = Object.keys(STYLES) as [StyleId, ...StyleId[]];
export const styleOf = (style: StyleId): PracticeStyle => STYLES[style];
