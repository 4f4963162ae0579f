import { firstName } from '@/core/students/called';
import { dateIn } from '@/core/languages/language';
import { renderTagged } from '@/pdf/render';
import { screenOf, stopOf } from '@/core/cautions/screen';
import type { KolposRecord } from '@/core/formats/record';
import { readSetting } from '@/core/read-setting';
import { PROP_SIZES, PROPS_SETTING, propSizesSchema } from '@/core/poses/prop-sizes';
import { SCHOOLS, SCHOOLS_SETTING, schoolsSchema } from '@/core/poses/schools';
import { VOICE, VOICE_SETTING, voiceSchema } from '@/core/practice/voice';
import { CUES_SETTING, cueBookSchema } from '@/core/practice/cues';
import { recheck } from '@/core/practice/recheck';
import { rankPoses } from '@/core/ranking/rank';
import { sheetContent } from '@/pdf/content';
import { HandoutPaper, TeacherPaper } from '@/pdf/documents';
import { missingWords } from '@/pdf/letters';
import { onOnePage } from '@/pdf/one-page';
import { registerFromPackages } from '@/pdf/from-packages';
import { inLetters } from '@/pdf/typefaces';
import { InputProblem, studentOf } from './commands';
import { languageFor } from './language';
import { bodyFor } from './pose';

const SHEETS = ['teacher', 'student'] as const;
const PAPERS = ['A4', 'LETTER'] as const;

const oneOf = <T extends string>(all: readonly T[], given: string, name: string): T => {
  const found = all.find((x) => x === given);
  if (!found) throw new InputProblem(`--${name} takes ${all.join(' or ')}, not "${given}".`, name);
  return found;
};

/**
 * A sheet of a practice as a PDF file, looked through by what she may do today as the application does before it
 * prints.
 * @throws InputProblem for a practice that is not hers, a paper that is not there, or where nothing may be practised
 */
export async function pdf(
  record: KolposRecord,
  id: string | undefined,
  asked: { practice: string | undefined; who: string; paper: string; language?: string },
  seed: number,
): Promise<Uint8Array> {
  const student = studentOf(record, id);
  const who = oneOf(SHEETS, asked.who, 'for'),
    size = oneOf(PAPERS, asked.paper, 'paper');
  const practice = record.practices.find((p) => p.id === asked.practice && p.student === student.id);
  if (!practice)
    throw new InputProblem(
      asked.practice === undefined
        ? 'Name a practice with --practice ID.'
        : `There is no practice "${asked.practice}" of this student.`,
      'practice',
    );
  const { posterior, build, way } = bodyFor(record, id, seed);
  const today = new Date();
  // The teacher's own page is English.
  const language = who === 'student' ? languageFor(student, asked.language) : 'en';
  const screening = screenOf(student, today.toLocaleDateString('sv'));
  if (screening.stopped)
    throw new InputProblem(stopOf(screening)?.message ?? 'A caution stops all practice.', 'cautions');
  const ranked = rankPoses(posterior, build, practice.aims, screening, way);
  const { items } = recheck(practice.items, screening, ranked, practice.aims, student.breathSeconds);
  await registerFromPackages();
  const { content, families, missing } = await inLetters(
    sheetContent({
      practice: { ...practice, items },
      posterior,
      build,
      way,
      on: dateIn(language, today),
      language,
      name: firstName(student.name),
      screening,
      sizes: readSetting(propSizesSchema, PROP_SIZES, record.settings[PROPS_SETTING]),
      voice: readSetting(voiceSchema, VOICE, record.settings[VOICE_SETTING]),
      schools: readSetting(schoolsSchema, SCHOOLS, record.settings[SCHOOLS_SETTING]),
      book: readSetting(cueBookSchema, {}, record.settings[CUES_SETTING]),
    }),
  );
  if (missing.length > 0) process.stderr.write(`${missingWords(missing)}\n`);
  return who === 'teacher'
    ? onOnePage((fontSize) =>
        renderTagged(<TeacherPaper content={content} size={size} fontSize={fontSize} families={families} />),
      )
    : renderTagged(<HandoutPaper content={content} size={size} families={families} />);
}
