/** Headers of everything that is answered, pages and files alike: nothing is guessed, lent to another site or told to one. */
export const EVERYWHERE = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'permissions-policy':
    'camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), bluetooth=(), browsing-topics=()',
} as const;

/**
 * What a page may load. Only scripts that carry the page's own number run; drawn things carry inline sizes.
 *
 * @param nonce - a number that nobody can guess, another for every page
 */
export function pagePolicy(nonce: string, developing: boolean): string {
  return [
    "default-src 'self'",
    // React puts call stacks together with eval while one develops, and never else.
    `script-src 'self' 'nonce-${nonce}'${developing ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
    "form-action 'self'",
  ].join('; ');
}
