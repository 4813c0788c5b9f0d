/** What is kept on this device, by its titles. */
const list = document.getElementById('kept');
for (const name of await caches.keys()) {
    if (!/^kept-\d+$/.test(name)) {
        continue;
    }
    const cache = await caches.open(name);
    for (const request of await cache.keys()) {
        const title = (await cache.match(request)).headers.get('X-Title');
        if (title) {
            const link = Object.assign(document.createElement('a'), {
                href: request.url,
                textContent: decodeURIComponent(title),
            });
            const line = document.createElement('li');
            line.append(link);
            list.append(line);
        }
    }
}
list.hidden = list.children.length === 0;
document.getElementById('kept-none').hidden = !list.hidden;
