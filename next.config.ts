import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { withSerwist } from '@serwist/turbopack';

/** Fingerprint of the code and data in these folders: what an older build made and a browser kept is not looked at. */
function fingerprint(...folders: string[]): string {
  const hash = createHash('sha256');
  for (const folder of folders) {
    const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((f) => /\.(ts|json)$/.test(f) && !/\.(test|fixtures)\.ts$/.test(f))
      .sort();
    for (const file of files) hash.update(file).update(readFileSync(join(folder, file)));
  }
  return hash.digest('hex').slice(0, 16);
}
const BUILT = process.env.NODE_ENV === 'production';

/**
 * On everything that is answered: pages, files, scripts, workers, and what is not there. Pages get their policy in
 * `src/proxy.ts`.
 */
const EVERYWHERE = [
  { key: 'x-content-type-options', value: 'nosniff' },
  { key: 'referrer-policy', value: 'no-referrer' },
  { key: 'cross-origin-opener-policy', value: 'same-origin' },
  { key: 'cross-origin-resource-policy', value: 'same-origin' },
  {
    // What the application uses: how a phone is tilted, the camera for a picture, and a screen that stays awake.
    key: 'permissions-policy',
    value: [
      'accelerometer=(self)',
      'gyroscope=(self)',
      'camera=(self)',
      'screen-wake-lock=(self)',
      'fullscreen=(self)',
      ...['geolocation', 'microphone', 'payment', 'usb', 'serial', 'midi', 'display-capture', 'browsing-topics'].map(
        (p) => `${p}=()`,
      ),
    ].join(', '),
  },
];

/** Scripts of workers are documents of their own: they compute, and fetch nothing beyond this origin. */
const FILES = "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; object-src 'none'; frame-ancestors 'none'";

export default withSerwist({
  reactStrictMode: true,
  // Components say themselves that they may be remembered: those that ask for the teacher's own poses beside their
  // props may not.
  reactCompiler: { compilationMode: 'annotation' },
  // In development code changes under a running page: nothing is kept there.
  env: {
    KOLPOS_MODEL: BUILT ? fingerprint('src/core') : '',
    KOLPOS_DRAWN_BY: BUILT ? fingerprint('src/core', 'src/figure') : '',
  },
  poweredByHeader: false,
  // On the same machine packing and unpacking what is sent takes longer than sending it: the end-to-end tests do
  // without.
  compress: process.env.KOLPOS_UNPACKED !== '1',
  // `bin/test` has checked all types a minute before; everywhere else the build does.
  typescript: { ignoreBuildErrors: process.env.KOLPOS_TYPES_CHECKED === '1' },
  headers: () =>
    Promise.resolve([
      { source: '/:path*', headers: EVERYWHERE },
      { source: '/_next/:path*', headers: [{ key: 'content-security-policy', value: FILES }] },
      {
        source: '/serwist/:path*',
        headers: [
          { key: 'content-security-policy', value: FILES },
          // A browser asks for it whenever it looks for a new version: kept for a year it would never find one.
          { key: 'cache-control', value: 'no-cache' },
        ],
      },
    ]),
});
