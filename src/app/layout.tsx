import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/source-serif-4/wght-italic.css';
import '@/theme/colours.css';
import '@/theme/bodies.css';
import '@/theme/chart.css';
import '@/theme/page.css';
import '@/theme/forced.css';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { Providers } from './providers';

export const metadata: Metadata = {
  title: 'Kolpos',
  description: 'Find what limits, choose poses, teach the practice.',
};
export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: '#F4F7F6' },
    { media: '(prefers-color-scheme: dark)', color: '#0B1E27' },
  ],
};

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get('x-nonce') ?? undefined;
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Providers nonce={nonce}>{children}</Providers>
      </body>
    </html>
  );
}
