import { OF_POSES } from './of-poses';
import { AIMS } from './aims';
import { ASK } from './ask';
import { BACK_FROM_HOME } from './back-from-home';
import { BENCH } from './bench';
import { CLASSES } from './classes';
import { DAYBOOK } from './daybook';
import { FILES } from './files';
import { FINDINGS } from './findings';
import { HINTS } from './hints';
import { MEASURE } from './measure';
import { ATLAS } from './atlas';
import { OF_BODY } from './of-body';
import { OF_RED_FLAGS } from './of-red-flags';
import { OF_CAUTIONS } from './of-cautions';
import { OF_CONSTANTS } from './of-constants';
import { OF_GUIDE } from './of-guide';
import { OF_TESTS_4 } from './of-tests-4';
import { OF_TESTS_1 } from './of-tests-1';
import { OF_TESTS_2 } from './of-tests-2';
import { OF_TESTS_3 } from './of-tests-3';
import { OF_WORDS } from './of-words';
import { POSES } from './poses';
import { PRACTICE } from './practice';
import { PRACTICE_WORDS } from './practice-words';
import { PROGRESS } from './progress';
import { PROGRESS_WORDS } from './progress-words';
import { SETTINGS } from './settings';
import { SHELL } from './shell';
import { TEACH } from './teach';
import { WORKED_OUT } from './worked-out';
import type { Phrases } from '../../phrases';

/** German of what the teacher sees and reads. */
export const TEACHER: Phrases = {
  ...OF_POSES,
  ...SHELL,
  ...ASK,
  ...MEASURE,
  ...FINDINGS,
  ...HINTS,
  ...AIMS,
  ...WORKED_OUT,
  ...POSES,
  ...PRACTICE,
  ...PRACTICE_WORDS,
  ...TEACH,
  ...PROGRESS,
  ...PROGRESS_WORDS,
  ...BACK_FROM_HOME,
  ...CLASSES,
  ...DAYBOOK,
  ...ATLAS,
  ...SETTINGS,
  ...FILES,
  ...BENCH,
  ...OF_TESTS_1,
  ...OF_TESTS_4,
  ...OF_TESTS_2,
  ...OF_TESTS_3,
  ...OF_CAUTIONS,
  ...OF_RED_FLAGS,
  ...OF_GUIDE,
  ...OF_BODY,
  ...OF_WORDS,
  ...OF_CONSTANTS,
};
