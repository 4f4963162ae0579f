import type { Place } from '@/core/people/student';
import type { Norm, Sensation } from '../definition';

/** Places felt with what they mean for the test: noted, eased off from, or its end. */
const felt =
  (action: Sensation['action']) =>
  (...places: Place[]): Sensation[] =>
    places.map((place) => ({ place, action }));
export const note = felt('note');
export const ease = felt('ease');
export const stop = felt('stop');

/** A published norm for everybody that the model is set by; degrees of the reading. */
export const published = (mean: number, sd: number, group: string, source: string): Norm => ({
  sex: 'all',
  mean,
  sd,
  group,
  source,
  confidence: 'published',
  primary: true,
});

/** A norm that teachers go by, without a study behind it. */
export const ruleOfThumb = (mean: number, sd: number, group: string, source = 'rule of thumb'): Norm => ({
  ...published(mean, sd, group, source),
  confidence: 'teaching-default',
});
