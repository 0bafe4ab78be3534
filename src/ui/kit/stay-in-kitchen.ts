/**
 * Has everything that a page draws anew be asked for in the kitchen that the page is of. The device may have gone to another one in
 * another tab meanwhile; the framework's own requests carry only the device's choice, and half a page would be of either.
 *
 * @returns what takes it back
 */
export function stayInKitchen(): () => void {
  const before = window.fetch.bind(window);
  window.fetch = (input, init) => {
    const headers = new Headers(init?.headers);
    const { kitchen } = document.documentElement.dataset;
    if (!headers.has('rsc') || kitchen === undefined) return before(input, init);
    headers.set('x-kitchen', kitchen);
    return before(input, { ...init, headers });
  };
  return () => {
    window.fetch = before;
  };
}
