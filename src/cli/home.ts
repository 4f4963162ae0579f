import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import type { z } from 'zod';
import { stopOf } from '@/core/cautions/screen';
import type { KolposRecord } from '@/core/formats/record';
import { makeHome } from '@/core/home/make-home';
import { homeCodesIn, readHomeCode } from '@/core/home/code';
import { takeIn } from '@/core/home/take-in';
import { PROP_SIZES, propSizesSchema } from '@/core/poses/prop-sizes';
import { SCHOOLS, schoolsSchema } from '@/core/poses/schools';
import { cueBookSchema } from '@/core/practice/cues';
import { rankPoses } from '@/core/ranking/rank';
import { digest } from '@/core/digest';
import { buildOfStudent } from '@/core/students/student';
import { bundleHome } from '@/home/bundle';
import { draw } from '@/figure/draw';
import { homeHtml, homeName } from '@/home/html';
import { withPictures } from '@/home/with-pictures';
import { InputProblem, inferenceOf } from './commands';

/** A setting of the studio from its text; ours where there is none or it cannot be read. */
function setting<T>(record: KolposRecord, key: string, schema: z.ZodType<T>, ours: T): T {
  try {
    const read = schema.safeParse(JSON.parse(record.settings[key] ?? ''));
    return read.success ? read.data : ours;
  } catch {
    return ours;
  }
}

/** The file that plays: the same as the application writes. */
export function home(
  record: KolposRecord,
  id: string | undefined,
  asked: { practices: readonly string[]; named: boolean; tests: boolean },
  seed: number,
): string {
  const { student, screening, posterior } = inferenceOf(record, id, seed);
  if (asked.practices.length === 0) throw new InputProblem('Name a practice with --practice ID.', 'practice');
  const practices = asked.practices.map((p) => {
    const found = record.practices.find((x) => x.id === p && x.student === student.id);
    if (!found) throw new InputProblem(`There is no practice "${p}" of this student.`, 'practice');
    return found;
  });
  if (screening.stopped)
    throw new InputProblem(stopOf(screening)?.message ?? 'A caution stops all practice.', 'cautions');
  const build = buildOfStudent(student);
  const today = new Date().toLocaleDateString('sv');
  const made = makeHome({
    // The same practice on the same day is the same file.
    id: digest(JSON.stringify([student.id, practices, today])).replace('-', ''),
    student,
    named: asked.named,
    practices,
    week: [],
    tests: asked.tests,
    ranked: rankPoses(posterior, build, practices[0].aims, screening),
    screening,
    build,
    sizes: setting(record, 'school/props', propSizesSchema, PROP_SIZES),
    schools: setting(record, 'school/cues', schoolsSchema, SCHOOLS),
    book: setting(record, 'cues', cueBookSchema, {}),
    today,
  });
  if (!made) throw new InputProblem('Nothing of this practice is left that her cautions allow.', 'practice');
  const parts = bundleHome(fileURLToPath(new URL('../..', import.meta.url)));
  const file = withPictures(made, build, (scene, detail) => draw(scene, detail));
  return homeHtml(homeName(file).title, JSON.stringify(file), parts);
}

/** What came back from a phone, a line itself or a file that holds some: what it says; with a record, what it would become there. */
export function homeRead(given: string, record: KolposRecord | null): unknown {
  let text = given;
  if (!given.includes('KOLPOS1'))
    try {
      text = readFileSync(given, 'utf8');
    } catch {
      throw new InputProblem(`The file "${given}" cannot be read, and it is no line that a phone gave back.`, given);
    }
  if (!record) {
    const read = homeCodesIn(text).map(readHomeCode);
    const whole = read.filter((r) => r !== null);
    if (whole.length === 0)
      throw new InputProblem(
        read.length > 0
          ? 'Something of it was lost on the way. Ask for it once more, whole.'
          : 'There is nothing in it that a home practice gave back: such a line begins with KOLPOS1.',
        'read',
      );
    return { returned: whole, damaged: read.length - whole.length };
  }
  const answer = takeIn(text, {
    students: record.students,
    practices: record.practices,
    logs: new Set(record.logs.map((l) => l.id)),
    readings: new Set(record.readings.map((r) => r.id)),
    now: Date.now(),
  });
  if (!answer.ok) throw new InputProblem(answer.message, 'read');
  return answer.taken.map(({ student, log, readings, known, leftOut }) => ({
    student: student.id,
    known,
    log,
    readings,
    leftOut,
  }));
}
