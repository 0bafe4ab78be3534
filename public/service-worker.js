/**
 * Keeps what the pages are made of, and the pages seen last, so that they open without a line to the kitchen. What changes is never answered
 * from here: a page that was kept says itself that it may be old.
 */
const PAGES = 'pages-1';
const PARTS = 'parts-1';
const MOST_PAGES = 40;
const MOST_PARTS = 400;
/** Pages that belong to no kitchen, or show what must not lie about. */
const NEVER_KEPT = /^\/(sign-in|pair|people|api\/)/;
const NO_LINE = '/offline';

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(PARTS).then((cache) => cache.add(NO_LINE)));
  self.skipWaiting();
});

self.addEventListener('activate', (event) => {
  const old = caches.keys().then((names) => names.filter((name) => name !== PAGES && name !== PARTS));
  event.waitUntil(old.then((names) => Promise.all(names.map((name) => caches.delete(name)))).then(() => self.clients.claim()));
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) return;
  if (request.mode === 'navigate') event.respondWith(page(request, pathname));
  else if (pathname.startsWith('/_next/static/') || /^\/icon[\w-]*\.(svg|png)$/.test(pathname)) event.respondWith(part(request));
});

/** A page as it is now, or as it was seen last. */
async function page(request, pathname) {
  const cache = await caches.open(PAGES);
  try {
    const answer = await fetch(request);
    // Sent to sign in: nothing of the kitchen stays on a device that is out.
    if (pathname === '/sign-in') await caches.delete(PAGES);
    else if (answer.ok && !answer.redirected && !NEVER_KEPT.test(pathname))
      await keep(cache, request, answer.clone(), MOST_PAGES);
    return answer;
  } catch {
    return (await cache.match(request, { ignoreVary: true })) ?? (await caches.match(NO_LINE)) ?? Response.error();
  }
}

/** What pages are made of has a name of its own whenever it changes: what is kept is right. */
async function part(request) {
  const cache = await caches.open(PARTS);
  const kept = await cache.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) await keep(cache, request, answer.clone(), MOST_PARTS);
  return answer;
}

/** Keeps an answer, and forgets those kept first where there are too many. A full store keeps nothing, and says nothing. */
async function keep(cache, request, answer, most) {
  try {
    await cache.delete(request, { ignoreVary: true });
    await cache.put(request, answer);
    const all = await cache.keys();
    await Promise.all(all.slice(0, Math.max(0, all.length - most)).map((old) => cache.delete(old)));
  } catch {
    // The browser's store is full or shut.
  }
}

/** A call that was touched brings its page up. */
self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(
    self.clients.matchAll({ type: 'window' }).then((pages) => {
      const oven = pages.find(({ url }) => new URL(url).pathname === '/oven') ?? pages[0];
      return oven ? oven.focus() : self.clients.openWindow('/oven');
    }),
  );
});
