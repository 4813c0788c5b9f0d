/**
 * Notes from the way: ticks, settings and words in a sheet ([data-notebook]) are kept on this device as they are made,
 * each under a name of its own, and sent when there is a network. What was sent twice counts once, and what another
 * device noted later stands. Nothing waits for a button.
 */
const PREFIX = 'true-pupil:';
const MOST = 200;
const AGAIN = 30_000;
const { account } = document.body.dataset;
let sending = null;
let isSignedOut = false;
let refusals = [];

export function watchFieldNotes() {
    if (!account) {
        return;
    }
    const notebook = document.querySelector('[data-notebook]');
    if (notebook) {
        navigator.storage?.persist?.();
        show(notebook, waiting(notebook.dataset.notebook));
        notebook.addEventListener('change', ({ target }) => target.dataset.entry && note(notebook, target));
        tell();
        setInterval(send, AGAIN);
    }
    addEventListener('online', send);
    send();
    // Signing out forgets what this device keeps; what waits is sent before.
    document.addEventListener('submit', async (event) => {
        const isSigningOut = (event.target.getAttribute('action') ?? '').endsWith('/sign-out');
        if (!isSigningOut || all().length === 0) {
            return;
        }
        event.preventDefault();
        await send();
        const left = all().length;
        const words = `${left} of your notes could not be sent. Sign out and lose them?`;
        if (left === 0 || confirm(words)) {
            event.target.submit();
        }
    });
}

function note(notebook, field) {
    const value = field.type === 'checkbox' && !field.checked ? '' : field.value;
    const one = {
        id: crypto.randomUUID?.() ?? randomId(),
        entry: field.dataset.entry,
        field: field.dataset.field,
        value,
        at: Date.now(),
    };
    try {
        localStorage.setItem(keyOf(notebook.dataset.notebook, one), JSON.stringify(one));
    } catch {
        tell('This browser keeps nothing. Write it on paper, or free some room.');
        return;
    }
    sum(notebook);
    tell();
    send();
}

/** Sends what waits, of this sheet and of others. A page that was kept may not send: it is loaded anew first. */
function send() {
    if (document.documentElement.dataset.keptAt || isSignedOut || !navigator.onLine) {
        return Promise.resolve();
    }
    sending ??= sendAll().finally(() => {
        sending = null;
        tell();
    });

    return sending;
}

async function sendAll() {
    const sheets = [...new Set(all().map((key) => key.split(' ')[1]))];
    for (const address of sheets) {
        const notes = waiting(address).slice(0, MOST);
        const answer = await fetch(address, {
            method: 'POST',
            headers: {
                'Content-Type': 'application/json',
                Accept: 'application/json',
                'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
            },
            body: JSON.stringify({ notes }),
        }).catch(() => null);
        if (!answer) {
            return;
        }
        if (answer.status === 401 || answer.status === 419) {
            isSignedOut = true;
            return;
        }
        // A sheet that is gone, or no longer one's own: its notes stay here, and are told.
        if (answer.ok) {
            const { kept, refused, values } = await answer.json();
            refusals = Object.values(refused);
            notes
                .filter((one) => kept.includes(one.id))
                .forEach((one) => localStorage.removeItem(keyOf(address, one)));
            showValues(address, values);
            document.body.dispatchEvent(new CustomEvent('notes:sent'));
        }
    }
}

/** What stands by all that was sent, but for what waits here. */
function showValues(address, values) {
    const notebook = document.querySelector(`[data-notebook="${CSS.escape(address)}"]`);
    if (!notebook) {
        return;
    }
    for (const field of notebook.querySelectorAll('[data-entry]')) {
        if (field !== document.activeElement || field.type === 'checkbox') {
            set(field, values[field.dataset.entry]?.[field.dataset.field] ?? '');
        }
    }
    show(notebook, waiting(address));
}

function show(notebook, notes) {
    for (const one of notes) {
        const fields = [...notebook.querySelectorAll('[data-entry]')];
        const field = fields.find(({ dataset }) => dataset.entry === one.entry && dataset.field === one.field);
        if (field && (field !== document.activeElement || field.type === 'checkbox')) {
            set(field, one.value);
        }
    }
    sum(notebook);
}

/** A folded line says what stands in its fields. */
function sum(notebook) {
    for (const line of notebook.querySelectorAll('[data-sum]')) {
        const said = (name) =>
            notebook.querySelector(`[data-entry="${line.dataset.sum}"][data-field="${name}"]`)?.value.trim() ?? '';
        const aperture = said('aperture').replace(/^[fƒ]\s*\/?\s*/i, '');
        const parts = [aperture && `ƒ/${aperture}`, said('time'), said('lens'), said('word'), said('lost')];
        line.textContent = parts.filter((part) => part !== '').join(' · ');
    }
}

function set(field, value) {
    if (field.type === 'checkbox') {
        field.checked = value !== '';
    } else {
        field.value = value;
    }
}

function tell(problem = null) {
    const said = document.querySelector('[data-notes-said]');
    if (!said) {
        return;
    }
    const address = said.closest('[data-notebook]').dataset.notebook;
    const left = waiting(address).length;
    const some = left === 1 ? '1 note is' : `${left} notes are`;
    if (problem) {
        said.textContent = problem;
    } else if (left === 0) {
        said.textContent = 'Everything is kept.';
    } else if (refusals.length > 0) {
        said.textContent = `${some} kept on this device alone: ${refusals[0]}`;
    } else if (isSignedOut) {
        said.textContent = `${some} kept on this device alone. Sign in again, and they are sent.`;
    } else {
        said.textContent = `${some} kept on this device, and sent when there is a network.`;
    }
}

function waiting(address) {
    return all()
        .filter((key) => key.split(' ')[1] === address)
        .map((key) => read(key))
        .filter((one) => one !== null)
        .sort((one, other) => one.at - other.at);
}

/** @returns {string[]} the keys of what waits, for whoever has signed in */
function all() {
    try {
        return Object.keys(localStorage).filter((key) => key.startsWith(`${PREFIX}${account}:note `));
    } catch {
        return [];
    }
}

function read(key) {
    try {
        return JSON.parse(localStorage.getItem(key));
    } catch {
        return null;
    }
}

function keyOf(address, one) {
    return `${PREFIX}${account}:note ${address} ${one.at} ${one.id}`;
}

/** Where a page does not come over TLS, browsers have no ready function for it. */
function randomId() {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = (bytes[6] & 0x0f) | 0x40;
    bytes[8] = (bytes[8] & 0x3f) | 0x80;
    const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');

    return hex.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}
