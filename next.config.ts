import { withSerwist } from '@serwist/turbopack';

export default withSerwist({
  reactStrictMode: true,
  poweredByHeader: false,
  // `bin/test` has checked all types a minute before; everywhere else the build does.
  typescript: { ignoreBuildErrors: process.env.KOLPOS_TYPES_CHECKED === '1' },
});
