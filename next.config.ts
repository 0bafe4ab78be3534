import type { NextConfig } from 'next';
import { EVERYWHERE } from './src/headers';

const config: NextConfig = {
  poweredByHeader: false,
  // Pages go over loopback: squeezing them costs more than sending them.
  compress: false,
  // Read from disk and connected at run time; bundling them would only slow the build.
  serverExternalPackages: ['pg', 'joi', 'papaparse', '@pdf-lib/fontkit', 'qrcode', 'sharp'],
  // What the proxy puts on pages and answers, also on the files that never pass it.
  headers: () =>
    Promise.resolve([{ source: '/:path*', headers: Object.entries(EVERYWHERE).map(([key, value]) => ({ key, value })) }]),
};

export default config;
