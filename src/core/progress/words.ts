import { listing } from '@/core/languages/listing';
import { say } from '@/core/languages/spoken';
import { groupName } from '@/core/body/words';
import { weekdayWords } from '@/core/day-words';
import { readoutOf } from '@/core/assessment/battery';
import { withUnit } from '@/core/assessment/reading';
import type { Caveat, ReadingChange, Together } from './change';
import type { HeldBack } from './hold-back';
import type { NoChangeReason } from './no-change';
import type { DayChange } from './adapt-days';
import type { Progression } from './plan';
import type { ChangeVerdict } from './point';
import type { Trend } from './trend';
import { RETEST_DAYS, type Retest } from './retest';

export const VERDICT_WORDS: Readonly<Record<ChangeVerdict, string>> = {
  changed: 'changed',
  worse: 'worse',
  'too-small': 'too small to tell',
};

const CAVEAT_WORDS: Readonly<Record<Caveat, string>> = {
  warm: 'One was taken warm and the other not: they are hardly to be compared.',
  instrument: 'They were taken with different instruments, so the error counts half as much again.',
  extreme: 'The first value was far from typical; such values come back a little by themselves.',
};

/** A change as sentences: how much, against what error, and what to keep in mind. */
export function changeSentences(c: ReadingChange): string[] {
  const readout = readoutOf(c.test, c.readout);
  if (!readout) return [];
  const unit = (v: number) => withUnit(readout, v);
  const error = unit(c.detectable);
  const how =
    c.verdict === 'too-small'
      ? say('{{unit}} is within the error of measuring ({{error}}): nothing can be said from it.', {
          unit: unit(Math.abs(c.by)),
          error,
        })
      : say('{{unit}} {{what}}, more than the error of measuring ({{error}}).', {
          unit: unit(Math.abs(c.by)),
          what: c.verdict === 'changed' ? say('better') : say('worse'),
          error,
        });
  return [
    say('From {{unit}} to {{unit2}}: {{how}}', { unit: unit(c.first.value), unit2: unit(c.last.value), how }),
    ...(c.trend ? [trendSentence(c.trend, c)] : []),
    ...c.caveats.map((k) => say(CAVEAT_WORDS[k])),
  ];
}

/** What all days of a reading say together. */
function trendSentence(t: Trend, c: Pick<ReadingChange, 'test' | 'readout'>): string {
  const readout = readoutOf(c.test, c.readout);
  if (!readout) return '';
  const by = withUnit(readout, Math.abs(t.perMonth));
  const uneven = t.even
    ? ''
    : say(' It did not go evenly: the days lie further apart than errors of measuring would explain.');
  if (t.verdict === 'too-small')
    return say('All {{count}} days together do not tell a direction.{{uneven}}', { count: t.of, uneven: say(uneven) });
  const [least, most] = [t.low, t.high].map(Math.abs).sort((a, b) => a - b);
  return say(
    'All {{count}} days together: {{by}} {{what}} a month (95 % between {{withUnit}} and {{withUnit2}}).{{uneven}}',
    {
      count: t.of,
      by,
      what: t.verdict === 'changed' ? say('better') : say('worse'),
      withUnit: withUnit(readout, least),
      withUnit2: withUnit(readout, most),
      uneven: say(uneven),
    },
  );
}

/** Several readings of an aim together. */
export function togetherSentence(t: Together): string {
  if (t.of === 1) return '';
  const all = t.of === 2 ? say('Both readings') : say('All {{count}} readings', { count: t.of });
  return t.verdict === 'too-small'
    ? say('{{all}} together show no change either.', { all })
    : say('{{all}} together show {{what}}, larger than chance makes once in twenty.', {
        all,
        what: t.verdict === 'changed' ? say('a change for the better') : say('a change for the worse'),
      });
}

/** Why nothing moved, and what to do about it. */
export function noChangeWords(r: NoChangeReason): string {
  switch (r.kind) {
    case 'dose':
      return say('Only {{done}} of {{wanted}} minutes were done: more days, or longer holds, come first.', {
        done: r.done.toFixed(1),
        wanted: r.wanted.toFixed(1),
      });
    case 'other-limiter':
      return say('The {{groupName}} stops the movement now, not what was worked for: another aim.', {
        groupName: groupName(r.limiter),
      });
    case 'joint':
      return say(
        'Signs point to the joint or the shape of the bone: it will not lengthen. Keep what there is, and ask a clinician if it bothers.',
      );
    case 'nerve':
      return say('Signs point to the nerve: no holds at its end; a clinician looks before more is asked.');
    case 'guarding':
      return say('It is held back rather than short: slow breathing, less depth, strength at length.');
    case 'unclear':
      return say('What there is does not tell why. Test what is still open, try another aim, or refer to a clinician.');
  }
}

const KIND: Readonly<Record<Retest['why'], string>> = {
  length: 'length',
  strength: 'pushes',
  hold: 'holds and counts',
  painful: 'it ended in pain; or as a clinician says',
};
/** After how long a kind of reading is taken again. */
export const retestWords = (why: Retest['why']): string =>
  say('{{why}}: {{count}} weeks', { why: say(KIND[why]), count: RETEST_DAYS[why] / 7 });

export const HELD_BACK_WORDS: Readonly<Record<HeldBack, string>> = {
  pain: 'one of the last practices was stopped for pain',
  'too-strong': 'something was felt as too much',
  unfinished: 'less than seven tenths of them was done',
  'too-few': 'two practices are not in the log yet',
};

/** What the weeks ahead become by what was done, as sentences; days that nothing makes up for share one. */
export function dayChangeSentences(changes: readonly DayChange[]): string[] {
  const missed = changes.flatMap((c) => (c.kind === 'missed' ? [weekdayWords(c.day)] : []));
  return [
    ...changes.flatMap((c) => (c.kind === 'other-day' || c.kind === 'moved' ? [movedWords(c)] : [])),
    ...(missed.length > 0
      ? [
          say(
            'Nothing is in the log for {{days}}: missed, then, and nothing to make up for. The next day goes on as planned.',
            { days: DAYS.format(missed) },
          ),
        ]
      : []),
    ...changes.flatMap((c) =>
      c.kind === 'held'
        ? [
            say('Week {{what}} stays as week {{week}}: {{why}}.', {
              what: c.week + 1,
              week: c.week,
              why: c.why.map(heldWords).join('; '),
            }),
          ]
        : [],
    ),
  ];
}
const DAYS = listing('en-GB');
const movedWords = (c: Extract<DayChange, { kind: 'other-day' | 'moved' }>): string =>
  c.kind === 'moved'
    ? say('Nothing is in the log for {{weekday}}: {{weekday2}} is free for it.', {
        weekday: weekdayWords(c.day),
        weekday2: weekdayWords(c.to),
      })
    : say('{{weekday}} was done on {{weekday2}}: it counts.', {
        weekday: weekdayWords(c.day),
        weekday2: weekdayWords(c.to),
      });
const heldWords = (why: HeldBack | 'missed'): string =>
  why === 'missed'
    ? say('half of last week’s days or more were missed, or are not in the log')
    : say(HELD_BACK_WORDS[why]);

export const PROGRESSION_WORDS: Readonly<Record<Progression, string>> = {
  'as-they-are': 'Holds as they are.',
  longer: 'A breath longer, where the last two times were easy.',
  'next-rung': 'The next rung, where the last two times were easy; else as they are.',
  light: 'A lighter week: shorter, nothing new.',
  'as-last-week': 'As last week: nothing longer or harder yet.',
};
