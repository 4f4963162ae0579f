'use client';
import CssBaseline from '@mui/material/CssBaseline';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { ThemeProvider } from '@mui/material/styles';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import { SerwistProvider } from '@serwist/turbopack/react';
import { SnackbarProvider } from 'notistack';
import type { ReactNode } from 'react';
import type { Language } from '@/core/languages/language';
import { InLanguage } from '@/screens/shell/InLanguage';
import { SHORT_MS } from '@/screens/shell/message-time';
import { theme } from '@/theme/theme';

export function Providers({
  children,
  nonce,
  language,
}: {
  children: ReactNode;
  nonce?: string;
  /** The language that the page was asked for in. */
  language: Language;
}) {
  return (
    <AppRouterCacheProvider options={{ enableCssLayer: true, nonce }}>
      {/* As the device has it, before anything is painted. */}
      <InitColorSchemeScript attribute="data-mui-color-scheme" defaultMode="system" nonce={nonce} />
      <ThemeProvider theme={theme} defaultMode="system">
        <CssBaseline />
        {/* Never reloads by itself when the network comes back: that would happen under the teacher's hands. */}
        <SerwistProvider swUrl="/serwist/sw.js" disable={process.env.NODE_ENV !== 'production'} reloadOnOnline={false}>
          <SnackbarProvider
            maxSnack={1}
            autoHideDuration={SHORT_MS}
            anchorOrigin={{ horizontal: 'right', vertical: 'bottom' }}
          >
            <InLanguage asked={language}>{children}</InLanguage>
          </SnackbarProvider>
        </SerwistProvider>
      </ThemeProvider>
    </AppRouterCacheProvider>
  );
}
