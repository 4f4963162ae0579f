import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  resolve: {
    alias: {
      '@demo': fileURLToPath(new URL('./demo', import.meta.url)),
      '@': fileURLToPath(new URL('./src', import.meta.url)),
    },
  },
  test: {
    testTimeout: 240_000,
    hookTimeout: 480_000,
    projects: [
      {
        extends: true,
        // The core is pure: its tests may share one loaded copy, which is most of what loading costs.
        test: { name: 'core', environment: 'node', include: ['src/core/**/*.test.ts'], isolate: false },
      },
      {
        extends: true,
        test: {
          name: 'around',
          environment: 'node',
          include: ['src/**/*.test.{ts,tsx}', 'demo/**/*.test.ts'],
          exclude: ['src/core/**'],
        },
      },
    ],
  },
});
