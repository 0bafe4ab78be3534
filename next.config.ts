import type { NextConfig } from 'next';

const config: NextConfig = {
  poweredByHeader: false,
  // Read from disk and connected at run time; bundling them would only slow the build.
  serverExternalPackages: ['pg', 'joi', 'papaparse', '@pdf-lib/fontkit', 'qrcode'],
};

export default config;
