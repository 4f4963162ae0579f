import { buildSync } from 'esbuild';
import { join } from 'node:path';
import type { HomeParts } from './html';

/**
 * The page's script and style in one piece each. For the server and the command line: a browser is given what they
 * made.
 * @param root folder of the repository
 */
export function bundleHome(root: string): HomeParts {
  const made = buildSync({
    entryPoints: [join(root, 'src/home/page/main.ts')],
    bundle: true,
    minify: true,
    write: false,
    outdir: '/',
    format: 'iife',
    target: 'es2020',
    charset: 'utf8',
    legalComments: 'none',
    tsconfig: join(root, 'tsconfig.json'),
    logLevel: 'silent',
  });
  const text = (end: string): string => made.outputFiles.find((f) => f.path.endsWith(end))?.text.trim() ?? '';
  return {
    script: text('.js').replaceAll('</script', '<\\/script'),
    style: text('.css').replaceAll('</style', '<\\/style'),
  };
}
