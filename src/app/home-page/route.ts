import { bundleHome } from '@/home/bundle';

/** Script and style of the page that plays at home, made once with the build. */
export const dynamic = 'force-static';

export const GET = (): Response => Response.json(bundleHome(process.cwd()));
