/**
 * How Debian's Chromium is started for tests and measurements: headless, offline, the same on every machine. Without the windows of the
 * whole browser it does the same with a sixth less work.
 */
export const CHROMIUM = {
  executablePath: '/usr/bin/chromium-headless-shell',
  chromiumSandbox: false,
  args: [
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-dev-shm-usage',
    '--font-render-hinting=none',
    '--force-color-profile=srgb',
    '--no-proxy-server',
  ],
};
