import { say } from '@/core/languages/spoken';
import type { MetadataRoute } from 'next';

/**
 * What a browser needs to install Kolpos beside other programs: some browsers clear what sites that are not installed
 * have kept.
 */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: say('Kolpos'),
    short_name: say('Kolpos'),
    description: say('Find what limits, choose poses, teach the practice.'),
    start_url: '/studio',
    scope: '/',
    display: 'standalone',
    background_color: '#F4F7F6',
    theme_color: '#F4F7F6',
    icons: [
      { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-512-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
    shortcuts: [
      { name: say('Today'), url: '/studio' },
      { name: say('Students'), url: '/studio/students' },
      { name: say('Poses'), url: '/studio/poses' },
    ],
  };
}
