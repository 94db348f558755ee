import type { MetadataRoute } from 'next';

/** What the system shows when the application is put on the device. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Fluorite',
    short_name: 'Fluorite',
    description: 'A bench instrument for finishers: plan, mix, thin, set, spray, check, clean.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#ecebe6',
    theme_color: '#221d2e',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
