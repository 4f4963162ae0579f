import { NextResponse, type NextRequest } from 'next/server';

const METHODS = ['GET', 'HEAD'];

/**
 * A strict Content-Security-Policy with a nonce for every page. Styles may be inline because the interface library and
 * drag and drop set them on elements; scripts may not. Nothing beyond the application's own origin is ever asked.
 */
export function proxy(request: NextRequest) {
  // There is nothing to write on this server: all work stays in the browser.
  if (!METHODS.includes(request.method))
    return new NextResponse(null, {
      status: request.method === 'OPTIONS' ? 204 : 405,
      headers: { allow: METHODS.join(', ') },
    });
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const development = process.env.NODE_ENV !== 'production';
  const policy = [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "worker-src 'self' blob:",
    "connect-src 'self'",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', policy);
  return response;
}

export const config = {
  // Files of a build and the service worker carry headers of their own (next.config.ts).
  matcher: [{ source: '/((?!_next/static/|serwist/).*)' }],
};
