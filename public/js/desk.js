import { inView } from './zoom.js';

/** The desk by keyboard. The keys are this application's own and are shown by "?". */
export function watchDesk() {
    if (!document.querySelector('[data-desk]')) {
        return;
    }
    // The desk itself is drawn anew from one attempt to the next: it is looked for whenever it is needed.
    const find = (what) => document.querySelector(`[data-desk] ${what}`);
    const showKeys = () => find('[data-keys-dialog]').showModal();
    document.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-opens]');
        if (opener) {
            toggle(opener);
        } else if (event.target.closest('[data-keys]')) {
            showKeys();
        }
    });
    // A phrase of before goes into the note, to be changed or sent as it is.
    document.addEventListener('change', (event) => {
        const phrase = event.target.closest('[data-phrase]');
        if (phrase?.value) {
            const note = document.getElementById(phrase.dataset.phrase);
            note.value = phrase.value;
            note.focus();
            note.dispatchEvent(new Event('input', { bubbles: true }));
        }
    });
    // Another suggestion is chosen: the same moment is shown at its settings, where it can be.
    document.addEventListener('change', (event) => {
        const retake =
            event.target.matches('[name^="suggestion["]') &&
            event.target.closest('fieldset').querySelector('[data-retake]');
        if (retake) {
            const picture = retake.querySelector('[data-after]');
            picture.onload = () => {
                retake.hidden = false;
            };
            picture.onerror = () => {
                retake.hidden = true;
            };
            picture.loading = 'eager';
            picture.src = retake.dataset.retake + event.target.value;
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
        if (event.ctrlKey || event.metaKey || event.altKey || find('[data-keys-dialog]').open) {
            return;
        }
        const way =
            event.shiftKey &&
            { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
        if (way) {
            event.preventDefault();
            inView()?.dispatchEvent(new CustomEvent('move', { detail: way }));
            return;
        }
        const finding = () => document.querySelector('[data-finding]:focus-within, [data-finding]:focus');
        const act = (name) => finding()?.querySelector(`[data-do="${name}"]`)?.click();
        const keys = {
            '?': showKeys,
            ArrowDown: () => step(finding(), 1),
            ArrowUp: () => step(finding(), -1),
            a: () => act('accept'),
            w: () => act('reword'),
            s: () => act('say'),
            x: () => act('dismiss'),
            r: () => act('reopen'),
            m: () => find('[data-note] textarea')?.focus(),
            t: () => find('#summary')?.focus(),
            e: () => find('[data-go="earlier"]')?.click(),
            n: () => find('[data-go="next"]')?.click(),
            o: () => document.querySelector('[data-desk]').classList.toggle('hide-mark'),
            v: () =>
                document
                    .querySelectorAll('[data-desk] [data-views]')
                    .forEach((views) => views.dispatchEvent(new Event('next-view'))),
            b: () =>
                document
                    .querySelectorAll('[data-desk] [data-wipe]')
                    .forEach((wipe) => wipe.dispatchEvent(new Event('turn'))),
            c: () => inView()?.dispatchEvent(new CustomEvent('closer', { detail: 1 })),
            f: () => inView()?.dispatchEvent(new CustomEvent('closer', { detail: -1 })),
            p: () => find('[data-publish]')?.focus(),
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
    // Whoever cannot see the picture change hears whose attempt it is now.
    document.body.addEventListener('htmx:afterSettle', (event) => {
        if (event.detail.requestConfig?.target?.id === 'desk') {
            find('h1').focus({ preventScroll: true });
        }
    });
}

function step(from, by) {
    const all = [...document.querySelectorAll('[data-desk] [data-finding]')];
    const next = all[Math.min(all.length - 1, Math.max(0, (from ? all.indexOf(from) : by > 0 ? -1 : all.length) + by))];
    for (let fold = next?.closest('details'); fold; fold = fold.parentElement.closest('details')) {
        fold.open = true;
    }
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
