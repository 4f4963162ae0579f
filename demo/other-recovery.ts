import { infer } from '@/core/inference/infer';
import { Country, readAnew, USUAL_LAWS, type Laws } from './other-world/people';
import { movementsSaid, type Said } from './recovery';

/**
 * How the inference fares in a world that shares nothing with it but bones, muscle lines and the tests' joint paths, as
 * it usually is there and with one truth changed at a time: which of them costs how much.
 */
export const OTHER_WORLDS = {
  usual: { words: 'as it is', laws: USUAL_LAWS, countries: 1, students: 200 },
  blunt: {
    words: 'what is felt rises slower (1.2 for an SD)',
    laws: { ...USUAL_LAWS, kappa: 1.2 },
    countries: 1,
    students: 75,
  },
  sharp: {
    words: 'what is felt rises faster (4 for an SD)',
    laws: { ...USUAL_LAWS, kappa: 4 },
    countries: 1,
    students: 75,
  },
  ends: { words: 'muscles end elsewhere (0.6 SD)', laws: { ...USUAL_LAWS, ends: 0.6 }, countries: 5, students: 75 },
  joints: {
    words: 'joints and nerve end elsewhere (0.6 SD)',
    laws: { ...USUAL_LAWS, joints: 0.6 },
    countries: 5,
    students: 75,
  },
  sharing: {
    words: 'some make themselves felt more than others',
    laws: { ...USUAL_LAWS, strengths: 0.8 },
    countries: 5,
    students: 75,
  },
  vague: { words: 'four places in ten tell nothing', laws: { ...USUAL_LAWS, vague: 0.4 }, countries: 1, students: 75 },
} as const satisfies Record<string, { words: string; laws: Laws; countries: number; students: number }>;
export type OtherWorld = keyof typeof OTHER_WORLDS;

const known = new Map<OtherWorld, Country[]>();
/** Countries of a world, made once: what is enough in each of their tests takes a crowd to find out. */
function countriesOf(name: OtherWorld): Country[] {
  const { laws, countries } = OTHER_WORLDS[name];
  let all = known.get(name);
  if (!all) known.set(name, (all = Array.from({ length: countries }, (_, i) => new Country(laws, 11 + i))));
  return all;
}

/** What is said of every movement of some people of a world. @param from number of the first of them */
export function recoverElsewhere(name: OtherWorld, students: number, from = 0): Said[] {
  const all = countriesOf(name);
  return Array.from({ length: students }, (_, i) => from + i).flatMap((k) => {
    const country = all[k % all.length];
    const who = country.born(5000 + k);
    const { readings, truth } = readAnew(country, who);
    const { findings } = infer({ id: who.id, sexForNorms: who.sex }, readings, { next: false });
    return movementsSaid(k, who.id, findings, readings, truth);
  });
}
