import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/source-serif-4/wght-italic.css';
import '@/theme/colours.css';
import '@/theme/bodies.css';
import '@/theme/chart.css';
import '@/theme/page.css';
import '@/theme/forced.css';
import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { firstKnown } from '@/core/languages/language';
import { languageChosen } from '@/screens/shell/chosen-language';
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
  const [asked, kept] = await Promise.all([headers(), cookies()]);
  const nonce = asked.get('x-nonce') ?? undefined;
  const language = languageChosen(kept.toString()) ?? firstKnown((asked.get('accept-language') ?? '').split(','));
  return (
    <html lang={language} suppressHydrationWarning>
      <body>
        <Providers nonce={nonce} language={language}>
          {children}
        </Providers>
      </body>
    </html>
  );
}
