/**
 * Takes away each rule of each caution, and each demand, one at a time, and asks that a test turns red for it. Not part
 * of every run: `npx tsx scripts/mutate-cautions.ts [part of a caution's or demand's id]`. Ends with the names of what
 * nobody would have missed.
 */
import { spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync, readdirSync } from 'node:fs';

const only = process.argv[2] ?? '';
const TESTS = ['src/core/cautions', 'src/core/assessment/cautions.test.ts'];
const CATALOGUE = 'src/core/cautions/catalogue';
const DEMANDS = ['src/core/poses/demands.ts', 'src/core/assessment/demands.ts'];

/** Failing tests with a changed file, which is put back. */
function missedBy(file: string, changed: string): string[] {
  const kept = readFileSync(file, 'utf8');
  writeFileSync(file, changed);
  try {
    const run = spawnSync('npx', ['vitest', 'run', ...TESTS, '--project', 'core', '--reporter=json'], {
      encoding: 'utf8',
    });
    const start = run.stdout.indexOf('{"');
    const report = JSON.parse(run.stdout.slice(start)) as {
      testResults: { assertionResults: { status: string; fullName: string }[] }[];
    };
    return report.testResults.flatMap((f) =>
      f.assertionResults.filter((t) => t.status === 'failed').map((t) => t.fullName),
    );
  } finally {
    writeFileSync(file, kept);
  }
}

interface Mutant {
  name: string;
  file: string;
  text: string;
}

/** Every rule of the catalogue taken away. */
function* rules(): Generator<Mutant> {
  for (const name of readdirSync(CATALOGUE)) {
    const file = `${CATALOGUE}/${name}`;
    const text = readFileSync(file, 'utf8');
    let caution = '';
    for (const match of text.matchAll(/id: '([a-z-]+)'|\b(closes|stopsAt|shortens|eases)\([^)]*\),?/g)) {
      if (match[1]) caution = match[1];
      else if (caution)
        yield {
          name: `${caution}: ${match[0].replace(/,$/, '')}`,
          file,
          text: text.slice(0, match.index) + text.slice(match.index + match[0].length),
        };
    }
  }
}

/** Every line that asks a demand taken away. */
function* demands(): Generator<Mutant> {
  for (const file of DEMANDS) {
    const text = readFileSync(file, 'utf8');
    for (const match of text.matchAll(
      /(?:ask\((?:most, )?'([a-z-]+)', )|(?:(?:asks|out)\['([a-z-]+)'\] = )|(?:out\.([a-z]+) = )/g,
    )) {
      const demand = match[1] ?? match[2] ?? match[3];
      const made = match[0].startsWith('ask(')
        ? match[0].replace(`'${demand}', `, `'${demand}', -1e9 + 0 * `)
        : `${match[0]}-1e9 + 0 * `;
      yield {
        name: `${file}: ${demand}`,
        file,
        text: text.slice(0, match.index) + made + text.slice(match.index + match[0].length),
      };
    }
  }
}

let tried = 0;
const unseen: string[] = [];
for (const mutant of [...rules(), ...demands()]) {
  if (!mutant.name.includes(only)) continue;
  tried += 1;
  const red = missedBy(mutant.file, mutant.text);
  console.log(`${red.length > 0 ? 'seen  ' : 'UNSEEN'} ${mutant.name}${red.length > 0 ? ` — ${red[0]}` : ''}`);
  if (red.length === 0) unseen.push(mutant.name);
}
console.log(`${tried} taken away, ${unseen.length} unseen${unseen.length > 0 ? `: ${unseen.join('; ')}` : ''}`);
process.exit(unseen.length > 0 ? 1 : 0);
