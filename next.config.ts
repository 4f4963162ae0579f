import { withSerwist } from '@serwist/turbopack';

/** On everything that is answered: pages, files, scripts, workers, and what is not there. Pages get their policy in `src/proxy.ts`. */
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
  poweredByHeader: false,
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
