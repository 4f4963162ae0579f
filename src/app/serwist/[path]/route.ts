import { createSerwistRoute } from '@serwist/turbopack';

/** New with every build, so that pages are fetched again when the application changes. */
const revision = process.env.KOLPOS_BUILD ?? Date.now().toString(36);
const places = [
  '',
  '/students',
  '/student',
  '/classes',
  '/class',
  '/poses',
  '/poses/bench',
  '/guide',
  '/muscles',
  '/sheet',
  '/sheet/progress',
  '/sheet/questions',
  '/print',
  '/teach',
  '/settings',
];
const pages = places.flatMap((p) => [`/studio${p}`, `/demo${p}`]);

export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: 'src/app/sw.ts',
  esbuildOptions: { sourcemap: false },
  useNativeEsbuild: true,
  maximumFileSizeToCacheInBytes: 6 * 1024 * 1024,
  globPatterns: [
    '.next/static/**/*.{js,css,svg,png,webp,json,wasm,woff,woff2}',
    'public/**/*.{svg,png,woff,woff2}',
    'public/demo*.json',
  ],
  additionalPrecacheEntries: [...pages, '/home-page'].map((url) => ({ url, revision })),
});
