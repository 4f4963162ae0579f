/**
 * Colours of the day as the theme has them, by the names of its variables: for paper and pictures that stand by
 * themselves.
 */
export const DAY: Readonly<Record<string, string>> = {
  ink: '#14303b',
  'ink-2': '#3f5a64',
  line: '#c9d6d8',
  contour: '#8fa5aa',
  caution: '#a3126b',
  surface: '#ffffff',
  flesh: '#fdfbf4',
  'flesh-far': '#f1f2ec',
  'cloth-top': '#d5e5e5',
  'cloth-shorts': '#b4cacf',
  hair: '#3f5a64',
  mat: '#eaf2f1',
  shadow: '#c9d6d7',
  prop: '#e9e4d3',
  'prop-side': '#d9d2bb',
};
