import type { MetadataRoute } from 'next';

/** What a device is told that puts Upbeat Oven among its programs. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: '/',
    name: 'Upbeat Oven',
    short_name: 'Upbeat Oven',
    description: 'From bowl to jar: scale, shape, bake, dry and keep dog treats, with the water followed all the way.',
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#f6f2e9',
    theme_color: '#1d3b53',
    lang: 'en-GB',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-maskable-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
    shortcuts: [
      { name: 'At the oven', url: '/oven' },
      { name: 'Recipes', url: '/recipes' },
      { name: 'Jars', url: '/jars' },
    ],
  };
}
