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
    }
}

// Sent and stored: what is in the field is safe. Listened for on the body, since an answer may replace the form itself.
document.body.addEventListener('htmx:afterRequest', (event) => {
    const { successful, requestConfig } = event.detail;
    const sent = requestConfig.elt.closest('form') ?? requestConfig.elt;
    for (const field of successful ? sent.querySelectorAll('[data-keep]') : []) {
        if (requestConfig.parameters[field.name] === field.value) {
            forget(PREFIX + field.dataset.keep);
        }
    }
});

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
