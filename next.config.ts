import type { NextConfig } from 'next';
import { EVERYWHERE } from './src/headers';

const config: NextConfig = {
  poweredByHeader: false,
  // npm run check looks at the types: whoever starts the kitchen need not wait for it.
  typescript: { ignoreBuildErrors: true },
  // Pages go over loopback: squeezing them costs more than sending them.
  compress: false,
  // Loaded once, by Node, by whichever route needs them first: what is bundled is bundled into each of fifty routes, and read in anew for it.
  serverExternalPackages: [
    'pg',
    'joi',
    'papaparse',
    'qrcode',
    'sharp',
    '@cantoo/pdf-lib',
    '@cantoo/fontkit',
    '@e965/xlsx',
    'htmlparser2',
    'fast-xml-parser',
    'ical-generator',
  ],
  // No list here is long enough for what draws only the rows in view.
  turbopack: { resolveAlias: { '@tanstack/react-virtual': './src/ui/kit/no-virtual-list.ts' } },
  // What the proxy puts on pages and answers, also on the files that never pass it.
  headers: () =>
    Promise.resolve([{ source: '/:path*', headers: Object.entries(EVERYWHERE).map(([key, value]) => ({ key, value })) }]),
};

export default config;
