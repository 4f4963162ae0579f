import { say } from '@/core/languages/spoken';
import { passphraseProblem } from './sealed';

/**
 * Least strength that is taken, of the package's 0 to 4: some 10¹⁰ guesses. Whoever has the file can guess as fast as a
 * machine goes.
 */
const LEAST = 3;

/**
 * What is wrong with a passphrase that is to lock a file, or null: too short, or quickly guessed (repeats, rows of
 * keys, dates, common words). The lists it is held against are fetched when somebody first asks.
 */
export async function weakPassphrase(text: string): Promise<string | null> {
  const short = passphraseProblem(text.trim());
  if (short) return short;
  const [{ ZxcvbnFactory }, common] = await Promise.all([
    import('@zxcvbn-ts/core'),
    import('@zxcvbn-ts/language-common'),
  ]);
  const { score } = new ZxcvbnFactory({ dictionary: common.dictionary, graphs: common.adjacencyGraphs }).check(text);
  return score >= LEAST ? null : say('This would be guessed quickly. Take four words that nobody would put together.');
}
