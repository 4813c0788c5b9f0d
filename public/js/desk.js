/** The desk by keyboard. The keys are this application's own and are shown by "?". */
export function watchDesk() {
    const desk = document.querySelector('[data-desk]');
    if (!desk) {
        return;
    }
    const dialog = desk.querySelector('[data-keys-dialog]');
    desk.querySelector('[data-keys]').addEventListener('click', () => dialog.showModal());
    desk.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-opens]');
        if (opener) {
            toggle(opener);
        }
    });
    // A phrase of before goes into the note, to be changed or sent as it is.
    desk.addEventListener('change', (event) => {
        const phrase = event.target.closest('[data-phrase]');
        if (phrase?.value) {
            const note = document.getElementById(phrase.dataset.phrase);
            note.value = phrase.value;
            note.focus();
            note.dispatchEvent(new Event('input', { bubbles: true }));
        }
    });
    document.addEventListener('keydown', (event) => {
        const typing = event.target.matches('input:not([type=radio]), textarea, select');
        if (typing) {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
                event.preventDefault();
                // The message to the student is kept while it is typed; publishing is a key of its own.
                if (!event.target.closest('.publish')) {
                    event.target.form.requestSubmit();
                }
            } else if (event.key === 'Escape') {
                event.target.blur();
            }
            return;
        }
        if (event.ctrlKey || event.metaKey || event.altKey || dialog.open) {
            return;
        }
        const finding = () => desk.querySelector('[data-finding]:focus-within, [data-finding]:focus');
        const act = (name) => finding()?.querySelector(`[data-do="${name}"]`)?.click();
        const keys = {
            '?': () => dialog.showModal(),
            ArrowDown: () => step(desk, finding(), 1),
            ArrowUp: () => step(desk, finding(), -1),
            a: () => act('accept'),
            w: () => act('reword'),
            s: () => act('say'),
            x: () => act('dismiss'),
            r: () => act('reopen'),
            m: () => desk.querySelector('[data-note] textarea')?.focus(),
            t: () => desk.querySelector('#summary')?.focus(),
            e: () => desk.querySelector('[data-go="earlier"]')?.click(),
            n: () => desk.querySelector('[data-go="next"]')?.click(),
            o: () => desk.classList.toggle('hide-mark'),
            v: () => desk.querySelectorAll('[data-views]').forEach((views) => views.dispatchEvent(new Event('next-view'))),
            p: () => desk.querySelector('[data-publish]')?.focus(),
        };
        if (keys[event.key]) {
            event.preventDefault();
            keys[event.key]();
        }
    });
    // A finding that was decided on is drawn anew; the keys stay with it.
    document.body.addEventListener('htmx:afterSwap', (event) => {
        const id = event.detail.requestConfig?.elt?.closest?.('[data-finding]')?.id;
        if (id) {
            document.getElementById(id)?.focus();
        }
    });
}

function step(desk, from, by) {
    const all = [...desk.querySelectorAll('[data-finding]')];
    const next = all[Math.min(all.length - 1, Math.max(0, (from ? all.indexOf(from) : by > 0 ? -1 : all.length) + by))];
    next?.closest('details.desk-fold')?.setAttribute('open', '');
    next?.focus();
}

function toggle(opener) {
    const form = document.getElementById(opener.dataset.opens);
    const open = form.hidden;
    form.hidden = !open;
    opener.setAttribute('aria-expanded', String(open));
    if (open) {
        form.querySelector('textarea, input:not([type=hidden])')?.focus();
    }
}
