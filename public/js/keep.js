const PREFIX = 'true-pupil:';

/** Keeps what is being typed in this browser until the server has it, so that no failed request loses a word. */
export function keepTexts(root) {
    for (const field of root.querySelectorAll('[data-keep]:not([data-keeping])')) {
        field.dataset.keeping = '';
        const key = PREFIX + field.dataset.keep;
        const kept = read(key);
        if (kept !== null && kept !== field.value) {
            field.value = kept;
            field.insertAdjacentHTML('afterend', '<p class="fine">Not sent yet: kept from before in this browser.</p>');
        } else if (kept !== null) {
            forget(key);
        }
        field.addEventListener('input', () => write(key, field.value));
        const form = field.closest('form');
        form?.addEventListener('htmx:afterRequest', (event) => {
            if (event.detail.successful) {
                forget(key);
            }
        });
    }
}

function read(key) {
    try {
        return localStorage.getItem(key);
    } catch {
        return null;
    }
}

function write(key, value) {
    try {
        localStorage.setItem(key, value);
    } catch {
        // A browser that keeps nothing: the form still works.
    }
}

function forget(key) {
    try {
        localStorage.removeItem(key);
    } catch {
        // As above.
    }
}
