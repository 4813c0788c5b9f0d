/**
 * Keeps pages readable without a network on a device of one's own: where somebody asked to stay signed in. What was
 * kept for anybody else goes, as it does after thirty days and on signing out. A kept page can be read; nothing is sent
 * from it, and notes that are taken on it wait on the device (fieldnotes.js).
 */
const DAYS = 30;
const MOST_PICTURES = 12;
const WAIT = 700;

export async function watchKeeping() {
    if (!('serviceWorker' in navigator) || !('caches' in window)) {
        return;
    }
    const { keptAt } = document.documentElement.dataset;
    if (keptAt) {
        showAsKept(new Date(keptAt));
        return;
    }
    const { account, ownDevice } = document.body.dataset;
    const own = account && ownDevice !== undefined ? `kept-${account}` : null;
    for (const name of await caches.keys()) {
        if (name.startsWith('kept-') && name !== own) {
            await caches.delete(name);
        }
    }
    if (own === null) {
        return;
    }
    navigator.serviceWorker.register('/sw.js').catch(() => {});
    await removeOld(own);
    if (document.querySelector('main[data-keep]')) {
        let waits = null;
        const soon = () => {
            clearTimeout(waits);
            waits = setTimeout(() => keep(own).catch(() => {}), WAIT);
        };
        soon();
        document.body.addEventListener('htmx:afterSettle', soon);
        document.body.addEventListener('notes:sent', soon);
    }
}

async function keep(name) {
    const cache = await caches.open(name);
    const page = snapshot();
    await cache.put(
        location.pathname,
        new Response(`<!doctype html>${page.outerHTML}`, {
            headers: {
                'Content-Type': 'text/html; charset=utf-8',
                'X-Title': encodeURIComponent(document.title.replace(/ · True Pupil$/, '')),
                'X-Kept-At': page.dataset.keptAt,
            },
        }),
    );
    const pictures = [...document.querySelectorAll('main img')].map((image) => image.currentSrc || image.src);
    const own = [...new Set(pictures)].filter((address) => address.startsWith(location.origin));
    await Promise.allSettled(own.slice(0, MOST_PICTURES).map((address) => cache.add(address)));
    // Styles and scripts that this page came with, before the worker was there to keep them.
    const assets = await caches.open('assets');
    const used = performance.getEntriesByType('resource').map((entry) => entry.name);
    for (const address of used.filter((one) => new URL(one).pathname.startsWith('/assets/'))) {
        (await assets.match(address)) ?? (await assets.add(address).catch(() => {}));
    }
}

/** The page with what is in its fields, and without what would let it speak for its reader. */
function snapshot() {
    const page = document.documentElement.cloneNode(true);
    const fields = document.querySelectorAll('input, select, textarea');
    page.querySelectorAll('input, select, textarea').forEach((copy, index) => {
        const field = fields[index];
        if (copy.tagName === 'TEXTAREA') {
            copy.textContent = field.value;
        } else if (copy.tagName === 'SELECT') {
            [...copy.options].forEach((option, at) => option.toggleAttribute('selected', field.options[at].selected));
        } else if (copy.type === 'checkbox' || copy.type === 'radio') {
            copy.toggleAttribute('checked', field.checked);
        } else if (copy.type !== 'file') {
            copy.setAttribute('value', field.value);
        }
    });
    page.querySelectorAll('[name=_token], meta[name=csrf-token], .draft-offer').forEach((secret) => secret.remove());
    page.querySelector('body').removeAttribute('hx-headers');
    page.dataset.keptAt = new Date().toISOString();

    return page;
}

async function removeOld(name) {
    const cache = await caches.open(name);
    for (const request of await cache.keys()) {
        const keptAt = (await cache.match(request)).headers.get('X-Kept-At');
        if (keptAt && Date.now() - new Date(keptAt) > DAYS * 86_400_000) {
            await cache.delete(request);
        }
    }
}

/** A page from this device: it is read, and nothing is sent from it. Notes can be taken, which wait for a network. */
function showAsKept(at) {
    const word = Object.assign(document.createElement('p'), { className: 'word word-problem' });
    word.setAttribute('role', 'status');
    const takesNotes = document.querySelector('[data-notebook]') !== null;
    word.textContent =
        `No network. This is how it was on ${at.toLocaleString()}; ` +
        (takesNotes
            ? 'what you tick and write now is kept on this device and sent later. '
            : 'nothing can be changed or sent. ');
    const again = Object.assign(document.createElement('a'), { href: location.href, textContent: 'Try again' });
    word.append(again);
    document.querySelector('main').prepend(word);
    for (const control of document.querySelectorAll('main button, main input, main select, main textarea')) {
        control.disabled = control.closest('[data-notebook]') === null;
    }
    addEventListener('online', () => location.reload());
}
