/**
 * Without a network, pages that were kept on a device of one's own are shown as they were (js/keep.js keeps them).
 * Nothing else is answered from here but styles and scripts, whose addresses say what is in them.
 */
importScripts(
    '/vendor/workbox/workbox-core.prod.js',
    '/vendor/workbox/workbox-expiration.prod.js',
    '/vendor/workbox/workbox-routing.prod.js',
    '/vendor/workbox/workbox-strategies.prod.js',
);
const { ExpirationPlugin } = workbox.expiration;
const { NavigationRoute, registerRoute, setCatchHandler } = workbox.routing;
const { CacheFirst, NetworkOnly } = workbox.strategies;

const SHELL = [
    '/offline.html',
    '/offline.js',
    '/mark.svg',
    '/css/true-pupil.css',
    '/vendor/bootstrap/bootstrap.min.css',
];
const DAY = 24 * 60 * 60;

registerRoute(
    ({ url, sameOrigin }) => sameOrigin && /^\/assets\/[0-9a-f]+\//.test(url.pathname),
    new CacheFirst({
        cacheName: 'assets',
        plugins: [new ExpirationPlugin({ maxEntries: 200, maxAgeSeconds: 60 * DAY })],
    }),
);
registerRoute(new NavigationRoute(new NetworkOnly()));
registerRoute(({ request, sameOrigin }) => sameOrigin && request.destination === 'image', new NetworkOnly());
registerRoute(({ url, sameOrigin }) => sameOrigin && SHELL.includes(url.pathname), new NetworkOnly());

setCatchHandler(async ({ request }) => {
    for (const name of await caches.keys()) {
        const found = /^(kept-\d+|shell)$/.test(name) ? await (await caches.open(name)).match(request) : null;
        if (found) {
            return found;
        }
    }
    return request.mode === 'navigate' ? caches.match('/offline.html') : Response.error();
});

self.addEventListener('install', (event) => {
    event.waitUntil(caches.open('shell').then((shell) => shell.addAll(SHELL)));
    self.skipWaiting();
});
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
