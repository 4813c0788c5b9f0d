/**
 * Keeps what is being typed in this browser until the server has it, so that no failed request loses a word.
 *
 * A browser may be shared: the key of a draft carries the account, and signing out removes them all. A draft is never
 * put into a field by itself. Where it differs from what the server has, it is offered beside the field.
 */
const PREFIX = 'true-pupil:';
const SENT = `${PREFIX}sent`;
const { account } = document.body.dataset;

if (document.querySelector('[data-signed-out]')) {
    removeKeys(() => true);
}
// Older versions kept drafts without an account: nobody can say whose they are.
removeKeys((key) => !/^true-pupil:\d+:/.test(key));
confirmSent();

/** @param {ParentNode} root where fields with [data-draft] are looked for */
export function keepDrafts(root) {
    if (!account) {
        return;
    }
    for (const field of root.querySelectorAll('[data-draft]:not([data-drafting])')) {
        field.dataset.drafting = '';
        keep(field);
    }
}

function keep(field) {
    const key = keyOf(field);
    // After a refused form the field shows what was typed, which the server does not have.
    const isRefused = document.querySelector('.word-problem') !== null;
    const offered = read(key).filter((text) => !isSame(text, field.defaultValue) && text.trim() !== '');
    write(key, isRefused && field.value !== '' ? [...offered, field.value] : offered);
    for (const text of offered) {
        offer(field, key, text);
    }
    field.addEventListener('input', () => {
        const open = [...field.parentElement.querySelectorAll('[data-offer]')].map((box) => box.dataset.offer);
        write(key, [...new Set([...open, field.value])]);
    });
}

function offer(field, key, text) {
    const box = document.createElement('div');
    box.className = 'draft-offer';
    box.dataset.offer = text;
    const words = document.createElement('p');
    words.textContent = 'You typed this here before and did not send it:';
    const draft = document.createElement('blockquote');
    draft.textContent = text;
    const use = button('Use this text', () => {
        field.value = text;
        box.remove();
        // Whatever listens for typing hears of it, and the draft is kept as typed text from now on.
        field.dispatchEvent(new Event('input', { bubbles: true }));
        field.focus();
    });
    const discard = button('Discard it', () => {
        box.remove();
        forget(key, text);
        field.focus();
    });
    box.append(words, draft, use, discard);
    field.after(box);
}

function button(label, action) {
    const element = document.createElement('button');
    element.type = 'button';
    element.textContent = label;
    element.addEventListener('click', action);

    return element;
}

// An answer to htmx tells at once, and before what it brings is drawn: a field that is drawn anew offers nothing that
// was sent. It may replace the form itself, so it is listened for on the body.
document.body.addEventListener('htmx:beforeSwap', (event) => {
    const { xhr, requestConfig } = event.detail;
    const form = requestConfig.elt.closest('form') ?? requestConfig.elt;
    for (const field of xhr.status < 300 ? form.querySelectorAll('[data-draft]') : []) {
        const sent = requestConfig.parameters[field.name];
        if (sent !== undefined) {
            forget(keyOf(field), sent);
        }
    }
});

// An ordinary form is answered by the next page, which says whether it was saved.
document.addEventListener('submit', (event) => {
    if (event.defaultPrevented || event.target.hasAttribute('hx-post') || event.target.hasAttribute('hx-put')) {
        return;
    }
    const sent = [...event.target.querySelectorAll('[data-draft]')].map((field) => [keyOf(field), field.value]);
    if (sent.length > 0) {
        store(sessionStorage, SENT, JSON.stringify(sent));
    }
});

function confirmSent() {
    const sent = parse(load(sessionStorage, SENT));
    store(sessionStorage, SENT, null);
    if (document.querySelector('[data-saved]')) {
        sent.forEach(([key, text]) => forget(key, text));
    }
}

function keyOf(field) {
    return `${PREFIX}${account}:${field.dataset.draft}`;
}

/** @returns {string[]} the texts kept under a key, the latest last */
function read(key) {
    return parse(load(localStorage, key));
}

function write(key, texts) {
    store(localStorage, key, texts.length === 0 ? null : JSON.stringify(texts));
}

function forget(key, text) {
    write(
        key,
        read(key).filter((kept) => !isSame(kept, text)),
    );
}

/** A form sends line ends of its own kind, and the server trims what it stores. */
function isSame(one, other) {
    const plain = (text) => String(text).replaceAll('\r\n', '\n').trim();

    return plain(one) === plain(other);
}

function removeKeys(isMeant) {
    try {
        Object.keys(localStorage)
            .filter((key) => key.startsWith(PREFIX) && isMeant(key))
            .forEach((key) => localStorage.removeItem(key));
    } catch {
        // A browser that stores nothing has nothing to remove.
    }
}

function parse(stored) {
    try {
        const value = JSON.parse(stored ?? '[]');

        return Array.isArray(value) ? value : [];
    } catch {
        return [];
    }
}

function load(storage, key) {
    try {
        return storage.getItem(key);
    } catch {
        return null;
    }
}

function store(storage, key, value) {
    try {
        if (value === null) {
            storage.removeItem(key);
        } else {
            storage.setItem(key, value);
        }
    } catch {
        // A browser that stores nothing: the form still works.
    }
}
