/** What a page lets somebody change: going to one of these says that a change is near. */
const CHANGEABLE = 'input, select, textarea, button, [role="slider"], [tabindex="0"]';

/**
 * Settles at the first sign that somebody is about to change something: a mouse or pen that moves over the page, a key, a field that is
 * gone to. A finger that scrolls is no such sign, nor is a page that puts the focus on its own heading.
 *
 * @param signal - stops listening; the promise then never settles
 */
export function handNear(page: EventTarget, signal: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const listening = new AbortController();
    const near = (): void => {
      listening.abort();
      resolve();
    };
    const options = { signal: listening.signal, passive: true, capture: true };
    page.addEventListener('pointermove', (event) => (event as PointerEvent).pointerType !== 'touch' && near(), options);
    page.addEventListener('keydown', near, options);
    page.addEventListener('focusin', ({ target }) => target instanceof Element && target.matches(CHANGEABLE) && near(), options);
    signal.addEventListener('abort', () => listening.abort(), { once: true });
  });
}
