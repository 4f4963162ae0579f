import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { screenOf, stopOf } from '@/core/cautions/screen';
import type { KolposRecord } from '@/core/formats/record';
import { makeHome } from '@/core/home/make-home';
import { sayIn } from '@/core/languages/catalogues';
import { returnedIn, takeIn } from '@/core/home/take-in';
import { readSetting } from '@/core/read-setting';
import { PROP_SIZES, PROPS_SETTING, propSizesSchema } from '@/core/poses/prop-sizes';
import { SCHOOLS, SCHOOLS_SETTING, schoolsSchema } from '@/core/poses/schools';
import { CUES_SETTING, cueBookSchema } from '@/core/practice/cues';
import { rankPoses } from '@/core/ranking/rank';
import { digest } from '@/core/digest';
import { bundleHome } from '@/home/bundle';
import { draw } from '@/figure/draw';
import { homeHtml, homeName } from '@/home/html';
import { withPictures } from '@/home/with-pictures';
import { InputProblem, studentOf } from './commands';
import { languageFor } from './language';
import { bodyFor } from './pose';

/** The file that plays: the same as the application writes. */
export function home(
  record: KolposRecord,
  id: string | undefined,
  asked: { practices: readonly string[]; named: boolean; tests: boolean; language?: string },
  seed: number,
): string {
  const student = studentOf(record, id);
  if (asked.practices.length === 0) throw new InputProblem('Name a practice with --practice ID.', 'practice');
  const practices = asked.practices.map((p) => {
    const found = record.practices.find((x) => x.id === p && x.student === student.id);
    if (!found) throw new InputProblem(`There is no practice "${p}" of this student.`, 'practice');
    return found;
  });
  const { posterior, build, way } = bodyFor(record, id, seed);
  const language = languageFor(student, asked.language);
  const today = new Date().toLocaleDateString('sv');
  const screening = screenOf(student, today);
  if (screening.stopped)
    throw new InputProblem(stopOf(screening)?.message ?? 'A caution stops all practice.', 'cautions');
  const made = makeHome({
    // The same practice on the same day is the same file.
    id: digest(JSON.stringify([student.id, practices, today])).replace('-', ''),
    student,
    named: asked.named,
    practices,
    week: [],
    tests: asked.tests,
    ranked: rankPoses(posterior, build, practices[0].aims, screening, way),
    screening,
    build,
    sizes: readSetting(propSizesSchema, PROP_SIZES, record.settings[PROPS_SETTING]),
    schools: readSetting(schoolsSchema, SCHOOLS, record.settings[SCHOOLS_SETTING]),
    book: readSetting(cueBookSchema, {}, record.settings[CUES_SETTING]),
    today,
    say: sayIn(language),
  });
  if (!made) throw new InputProblem('Nothing of this practice is left that the student’s cautions allow.', 'practice');
  const parts = bundleHome(fileURLToPath(new URL('../..', import.meta.url)));
  const file = withPictures(made, build, (scene, detail) => draw(scene, detail));
  return homeHtml(homeName(file, language).title, JSON.stringify(file), parts, { language });
}

/**
 * What came back from a phone, a line itself or a file that holds some: what it says; with a record, what it would
 * become there.
 */
export function homeRead(given: string, record: KolposRecord | null): unknown {
  let text = given;
  if (!given.includes('KOLPOS1'))
    try {
      text = readFileSync(given, 'utf8');
    } catch {
      throw new InputProblem(`The file "${given}" cannot be read, and it is no line that a phone gave back.`, given);
    }
  if (!record) {
    const back = returnedIn(text);
    if (!back.ok) throw new InputProblem(back.message, 'read');
    return { returned: back.returned, damaged: back.damaged };
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
