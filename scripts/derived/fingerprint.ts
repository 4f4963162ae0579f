/**
 * What a piece of derived data was made with, as one short text: the code that makes it and all data this code imports,
 * bundled and minified, so that neither comments nor formatting nor the place of a file change it; and the versions of
 * the packages used.
 */
import { build, type Plugin } from 'esbuild';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
/** Figures of a fingerprint: enough that two versions never share one by chance. */
const LENGTH = 12;

export const hashOf = (text: string): string => createHash('sha256').update(text).digest('hex').slice(0, LENGTH);

/** Leaves out what the node itself writes, and modules of which nothing is used. */
const project = (own: ReadonlySet<string>): Plugin => ({
  name: 'project',
  setup(bundle) {
    bundle.onResolve({ filter: /^(\.|@\/|@demo\/)/ }, async ({ path, pluginData, ...rest }) => {
      if (pluginData === 'resolved') return undefined;
      const found = await bundle.resolve(path, { ...rest, pluginData: 'resolved' });
      return { ...found, sideEffects: false };
    });
    bundle.onLoad({ filter: /\.json$/ }, ({ path }) =>
      own.has(relative(ROOT, path)) ? { contents: '{}', loader: 'json' } : undefined,
    );
  },
});

/** Version of an installed package, by the name it is imported with. */
function versionOf(imported: string): string {
  const parts = imported.split('/');
  const name = imported.startsWith('@') ? parts.slice(0, 2).join('/') : parts[0];
  const file = resolve(ROOT, 'node_modules', name, 'package.json');
  if (!existsSync(file)) return imported;
  return `${name}@${(JSON.parse(readFileSync(file, 'utf8')) as { version: string }).version}`;
}

/**
 * Fingerprint of a module with all it imports.
 * @param entry path from the root of the repository
 * @param own files that are written by it, which must not count as what it is made with
 */
export async function fingerprintOf(entry: string, own: readonly string[] = []): Promise<string> {
  const { outputFiles, metafile } = await build({
    absWorkingDir: ROOT,
    entryPoints: [entry],
    bundle: true,
    minify: true,
    write: false,
    metafile: true,
    format: 'esm',
    platform: 'node',
    target: 'node20',
    packages: 'external',
    loader: { '.wasm': 'file' },
    outdir: 'out',
    logLevel: 'silent',
    plugins: [project(new Set(own))],
  });
  const packages = Object.values(metafile.outputs)
    .flatMap((o) => o.imports.filter((i) => i.external && !i.path.startsWith('node:')))
    .map((i) => versionOf(i.path));
  return hashOf([...outputFiles.map((f) => f.text), ...[...new Set(packages)].sort()].join('\n'));
}
