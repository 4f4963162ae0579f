import { existsSync, readFileSync } from 'node:fs';
import { stopOf } from '@/core/cautions/screen';
import type { KolposRecord } from '@/core/formats/record';
import { aimKey } from '@/core/practice/aim-key';
import { dosesOf } from '@/core/practice/doses';
import { nudgesFor } from '@/core/practice/nudges';
import { practiceOfLines, readSequence, settledOf } from '@/core/practice/pasted';
import { totalSeconds } from '@/core/practice/practice';
import { requestOf } from '@/core/practice/request';
import { warningsOf } from '@/core/practice/warnings';
import { InputProblem, ranked } from './commands';
import { rounded } from './told';

/** The text of `--text`: a file where one has that name, else what was typed. */
const textFrom = (given: string): string => (existsSync(given) ? readFileSync(given, 'utf8') : given);

/**
 * A teacher's own sequence read for a student: what each line means or may mean, the practice it becomes, what it gives
 * her aims, and the smallest changes. Lines that are not sure are left out, as on the screen.
 * @throws InputProblem where there is no student or text, or where nothing may be practised
 */
export function sequence(record: KolposRecord, id: string | undefined, text: string | undefined, seed = 1): unknown {
  if (!text) throw new InputProblem('Name a sequence: --text FILE, or its lines.', 'text');
  const { student, screening, aims, poses } = ranked(record, id, null, seed);
  if (screening.stopped)
    throw new InputProblem(stopOf(screening)?.message ?? 'A caution stops all practice.', 'cautions');
  const lines = readSequence(textFrom(text));
  if (!lines.some((l) => l.what === 'pose')) throw new InputProblem('No line of it names a pose.', 'text');
  let n = 0;
  const newId = () => `own-${++n}`;
  const { items, changes, minutes } = practiceOfLines(
    lines.map((line) => settledOf(line)),
    poses,
    aims,
    student.breathSeconds,
    newId,
  );
  const request = requestOf({ minutes, breathSeconds: student.breathSeconds });
  return {
    lines: lines.map(({ text: written, what, named, seconds, breaths, times, side }) => ({
      written,
      what,
      pose: named.sure?.shape.id ?? null,
      rung: named.sure?.rung ?? null,
      perhaps: named.sure ? [] : named.likely.map((l) => l.shape.id),
      ...(seconds !== undefined && { seconds }),
      ...(breaths !== undefined && { breaths }),
      ...(times !== undefined && { times }),
      ...(side && { side }),
    })),
    minutes: rounded(totalSeconds(items) / 60),
    items,
    changes,
    doses: dosesOf(items, aims, poses).map((d) => ({
      aim: aimKey(d.aim),
      minutes: rounded(d.minutes),
      wanted: rounded(d.wanted),
    })),
    warnings: warningsOf(items, poses, request),
    proposals: nudgesFor({ items, ranked: poses, aims, request }, newId).map(
      ({ kind, pose, rung, to, aim, before, after, grows }) => ({
        kind,
        pose,
        rung,
        ...(to && { to }),
        aim: aimKey(aim),
        before: rounded(before),
        after: rounded(after),
        grows_s: grows,
      }),
    ),
  };
}
