import { turnPreview } from './whatif.js';
import { inView } from './zoom.js';

/** The desk by keyboard. The keys are this application's own and are shown by "?". */
export function watchDesk() {
    if (!document.querySelector('[data-desk]')) {
        return;
    }
    // The desk itself is drawn anew from one attempt to the next: it is looked for whenever it is needed.
    const find = (what) => document.querySelector(`[data-desk] ${what}`);
    begin();
    // The form that was last sent by a key.
    let byKey = null;
    const showKeys = () => find('[data-keys-dialog]').showModal();
    document.addEventListener('click', (event) => {
        const opener = event.target.closest('[data-opens]');
        if (opener) {
            toggle(opener);
        } else if (event.target.closest('[data-keys]')) {
            showKeys();
        } else if (event.target.closest('[data-part]')) {
            showPart(event.target.closest('[data-part]').dataset.part);
        } else if (event.target.closest('[data-see-before]')) {
            seeBefore();
        } else if (event.target.closest('[data-frame]')) {
            showFrame(event.target.closest('[data-frame]').dataset.frame);
        } else if (event.target.closest('[data-try]')) {
            tryOn(event.target.closest('[data-try]').dataset.try);
        } else if (event.target.closest('[data-to]')) {
            const there = event.target.closest('[data-to]').dataset;
            go(there.partOf, there.to);
        }
    });
    // A note that was written and not added goes along: it is added first, and then the critique is published.
    document.addEventListener(
        'click',
        (event) => {
            const publish = event.target.closest('[data-publish]');
            const note = [...document.querySelectorAll('[data-desk] [data-note] textarea')].find((text) =>
                text.value.trim(),
            );
            if (publish && note) {
                event.preventDefault();
                event.stopImmediatePropagation();
                const notes = note.closest('[id^="notes-"]').id;
                const publishThen = ({ detail }) => {
                    if (detail.target.id === notes || detail.elt.id === notes) {
                        document.body.removeEventListener('htmx:afterSettle', publishThen);
                        publish.click();
                    }
                };
                document.body.addEventListener('htmx:afterSettle', publishThen);
                note.form.requestSubmit();
            }
        },
        true,
    );
    // Where nothing is the teacher's own, it is asked once.
    document.addEventListener(
        'click',
        (event) => {
            const dialog = find('[data-bare-dialog]');
            const publish = event.target.closest('[data-publish]');
            if (publish && !('asked' in publish.dataset) && isBare()) {
                event.preventDefault();
                event.stopImmediatePropagation();
                dialog.showModal();
            } else if (event.target.closest('[data-bare-publish]')) {
                dialog.close();
                find('[data-publish]').dataset.asked = '';
                find('[data-publish]').click();
            } else if (event.target.closest('[data-bare-back]')) {
                dialog.close();
            }
        },
        true,
    );
    // Two have written one message: whoever came later chooses. What is taken is kept at once.
    document.addEventListener('click', (event) => {
        const take = event.target.closest('[data-take]');
        const back = event.target.closest('[data-bring-back]');
        if (take) {
            const both = take.closest('[data-both]');
            const text = (whose) => both.querySelector(`[data-${whose}]`).textContent;
            const texts = { theirs: text('theirs'), yours: text('yours') };
            document.getElementById('summary-revision').value = take.parentElement.dataset.revision;
            write(texts[take.dataset.take] ?? `${texts.theirs.trim()}\n\n${texts.yours.trim()}`);
            both.remove();
        } else if (back) {
            write(document.getElementById(back.dataset.bringBack).textContent);
        }
    });
    // A phrase of before goes into the note, to be changed or sent as it is.
    document.addEventListener('change', (event) => {
        const phrase = event.target.closest('[data-phrase]');
        const known = [...(phrase?.list?.options ?? [])].some((one) => one.value === phrase.value);
        if (known) {
            const note = document.getElementById(phrase.dataset.phrase);
            note.value = [note.value.trim(), phrase.value].filter(Boolean).join(' ');
            phrase.value = '';
            note.focus();
            note.dispatchEvent(new Event('input', { bubbles: true }));
        }
    });
    // A remark about somebody goes into the note with its topic, and its place in the picture is drawn next.
    document.addEventListener('click', (event) => {
        const remark = event.target.closest('[data-remark]');
        if (remark) {
            const { elements } = remark.form;
            elements.body.value = [elements.body.value.trim(), remark.dataset.remark].filter(Boolean).join(' ');
            elements.topic.value = remark.dataset.about;
            elements.body.dispatchEvent(new Event('input', { bubbles: true }));
            remark.form.querySelector('[data-draw]').click();
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
                    byKey = event.target.form;
                    event.target.form.requestSubmit();
                }
            } else if (event.key === 'Escape') {
                event.target.blur();
            }
            return;
        }
        if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[data-desk] dialog[open]')) {
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
        // Between the buttons of a choice the arrows are the browser's.
        if (event.key.startsWith('Arrow') && event.target.matches('input[type=radio]')) {
            return;
        }
        if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
            if (!event.target.closest('[data-zoom]')) {
                event.preventDefault();
                turnFrame(event.key === 'ArrowRight' ? 1 : -1);
            }
            return;
        }
        const finding = () => document.querySelector('[data-finding]:focus-within, [data-finding]:focus');
        const act = (name) => finding()?.querySelector(`[data-do="${name}"]`)?.click();
        const keys = {
            '?': showKeys,
            ArrowDown: () => down(finding(), 1),
            ArrowUp: () => down(finding(), -1),
            a: () => act('accept'),
            w: () => act('reword'),
            s: () => act('say'),
            x: () => dismiss(finding()),
            X: () => act('dismiss'),
            r: () => act('reopen'),
            A: () => find('[data-rest]:not([disabled])')?.click(),
            1: () => showPart('look'),
            2: () => showPart('say'),
            3: () => showPart('numbers'),
            m: () => {
                showPart('say');
                find(`[data-of="${shown.frame}"] [data-note] textarea`)?.focus();
            },
            t: () => go('say', '#summary'),
            e: () => find('[data-go="earlier"]')?.click(),
            n: () => find('[data-go="next"]')?.click(),
            y: seeBefore,
            o: () => document.querySelector('[data-desk]').classList.toggle('hide-mark'),
            v: () =>
                document
                    .querySelectorAll('[data-desk] [data-views]')
                    .forEach((views) => views.dispatchEvent(new Event('next-view'))),
            b: () =>
                turnPreview() ||
                document
                    .querySelectorAll('[data-desk] [data-wipe]')
                    .forEach((wipe) => wipe.dispatchEvent(new Event('turn'))),
            c: () => inView()?.dispatchEvent(new CustomEvent('closer', { detail: 1 })),
            f: () => inView()?.dispatchEvent(new CustomEvent('closer', { detail: -1 })),
            p: () => find('[data-publish]')?.focus(),
            k: () => tool('[data-tool="k"]'),
            g: () => tool('[data-point="arrow"]'),
            l: () => tool('[data-try="crop"]'),
        };
        if (keys[event.key]) {
            event.preventDefault();
            keys[event.key]();
        }
    });
    // A finding that was decided on is drawn anew, and the keys go on to the next that is open; they stay where nothing
    // was decided. What it asks stays open beside them.
    document.body.addEventListener('htmx:afterSettle', (event) => {
        countDecided();
        const id = event.detail.requestConfig?.elt?.closest?.('[data-finding]')?.id;
        const decided = id && document.getElementById(id);
        if (decided) {
            const next = decided.matches('.decision-open') ? null : nextOpen(decided);
            next ? lookAt(next) : decided.focus();
        }
    });
    // A note that was added by a key is done with: the keys are keys again, at the next finding that is open.
    document.body.addEventListener('htmx:afterSettle', (event) => {
        const form = event.detail.requestConfig?.elt;
        if (form?.matches?.('[data-note]') && form === byKey) {
            byKey = null;
            const from = document.querySelector(`[data-of="${shown.frame}"] [data-finding]`);
            const next = from?.matches('.decision-open') ? from : from && nextOpen(from);
            next ? lookAt(next) : find('h1').focus({ preventScroll: true });
        }
    });
    // Whoever cannot see the picture change hears whose attempt it is now.
    document.body.addEventListener('htmx:afterSettle', (event) => {
        if (event.detail.requestConfig?.target?.id === 'desk') {
            begin();
            find('h1').focus({ preventScroll: true });
        }
    });
}

/** Which part of the panel and which frame are seen; kept while the same attempt is drawn anew. */
const shown = { attempt: null, part: 'look', frame: null };

/** A tool of the picture that is shown. */
const tool = (css) => desk().querySelector(`.stage-frame[data-of="${shown.frame}"] ${css}`)?.click();

const desk = () => document.querySelector('[data-desk]');

/** The desk has just been drawn: as it was left, or from the start where another attempt is on it. */
function begin() {
    if (shown.attempt !== desk().dataset.attempt) {
        const asked = location.hash.match(/^#frame-(\d+)$/)?.[1];
        Object.assign(shown, {
            attempt: desk().dataset.attempt,
            part: 'look',
            frame: asked ?? desk().querySelector('[data-of]')?.dataset.of,
        });
    }
    showPart(shown.part);
    showFrame(shown.frame);
    countDecided();
}

function showPart(part) {
    shown.part = part;
    desk().dataset.shows = part;
    for (const button of desk().querySelectorAll('[data-part]')) {
        button.setAttribute('aria-pressed', String(button.dataset.part === part));
    }
    desk().querySelector('[data-scroll]').scrollTop = 0;
    leaveHidden();
}

function showFrame(id) {
    shown.frame = id;
    for (const one of desk().querySelectorAll('[data-of]')) {
        one.hidden = one.dataset.of !== id;
    }
    for (const button of desk().querySelectorAll('[data-frame]')) {
        button.setAttribute('aria-pressed', String(button.dataset.frame === id));
        if (button.dataset.frame === id) {
            button.closest('.film').scrollLeft = button.parentElement.offsetLeft - 40;
        }
    }
    leaveHidden();
}

/** The keyboard never types into a field that is out of sight. */
function leaveHidden() {
    const active = document.activeElement;
    if (desk().contains(active) && active.getClientRects().length === 0) {
        active.blur();
    }
}

/** What can be tried on the picture begins there: its form is fetched first where it is not there yet. */
function tryOn(what) {
    showPart('say');
    const fold = desk().querySelector(`[data-of="${shown.frame}"] [data-what-if]`);
    const begin = () => {
        const first = {
            crop: '[data-drawn="crop"] [data-draw]',
            level: '[data-drawn="level"] [data-draw]',
            exposure: '[name="exposure[stops]"]',
        }[what];
        const there = fold.querySelector(first);
        fold.scrollIntoView({ block: 'nearest' });
        what === 'exposure' ? there?.focus() : there?.click();
    };
    if (fold?.querySelector('[name="exposure[stops]"]')) {
        fold.open = true;
        begin();
    } else if (fold) {
        fold.addEventListener('htmx:afterSettle', begin, { once: true });
        fold.open = true;
    }
}

/** The attempt before lies over the picture, until the same key takes it away. */
function seeBefore() {
    const stage = desk().querySelector(`.stage-frame[data-of="${shown.frame}"]`);
    const before = stage?.querySelector('[data-before]');
    if (before) {
        const picture = before.querySelector('img');
        picture.src ||= picture.dataset.src;
        before.hidden = !before.hidden;
        stage.querySelector('[data-see-before]').setAttribute('aria-pressed', String(!before.hidden));
    }
}

function turnFrame(by) {
    const all = [...desk().querySelectorAll('[data-frame]')].map((button) => button.dataset.frame);
    const next = all[all.indexOf(shown.frame) + by];
    if (next) {
        showFrame(next);
    }
}

/** Shows a part and puts the keyboard there. */
function go(part, css) {
    showPart(part);
    const there = desk().querySelector(css);
    there?.scrollIntoView({ block: 'nearest' });
    there?.focus();
}

function countDecided() {
    const words = desk().querySelector('[data-goes-out]');
    if (words) {
        const count = (css) => desk().querySelectorAll(css).length;
        const some = (number, one) => (number ? [`${number} ${one}${number === 1 ? '' : 's'}`] : []);
        const open = count('.decision-open');
        const sends = 'sendsUndecided' in words.dataset;
        const decided = count('.decision-accepted') + count('.decision-reworded');
        const [found, notes] = [decided + (sends ? open : 0), count('.note')];
        const out = [...some(found, 'finding'), ...some(notes, 'note')];
        const goes = found + notes === 1 ? 'goes' : 'go';
        const left = open && !sends ? `; ${open} undecided ${open === 1 ? 'stays' : 'stay'} here` : '';
        words.textContent = `${out.length ? `${out.join(', ')} ${goes} out` : 'only the checks go out'}${left}`;
        desk().querySelector('[data-rest]').disabled = open === 0;
    }
}

/** Whether nothing that would go out is the teacher's own: no word, no note, nothing decided. */
function isBare() {
    const written = desk().querySelectorAll('#summary, [data-note] textarea');

    return (
        ![...written].some((text) => text.value.trim()) &&
        !desk().querySelector('.note, .decision-accepted, .decision-reworded, .decision-dismissed')
    );
}

/** To the next finding while one looks; elsewhere the panel moves, as it would by itself. */
function down(from, by) {
    if (shown.part === 'look') {
        step(from, by);
    } else {
        desk().querySelector('[data-scroll]').scrollBy(0, 60 * by);
    }
}

/** From one finding to the next, over all frames. */
function step(from, by) {
    const all = [...document.querySelectorAll('[data-desk] [data-finding]')];
    const next = all[Math.min(all.length - 1, Math.max(0, (from ? all.indexOf(from) : by > 0 ? -1 : all.length) + by))];
    if (next) {
        lookAt(next);
    }
}

/** The next finding that nobody has decided on; from the start again behind the last. */
function nextOpen(from) {
    const all = [...document.querySelectorAll('[data-desk] [data-finding]')];
    const at = all.indexOf(from);

    return [...all.slice(at + 1), ...all.slice(0, at)].find((one) => one.matches('.decision-open'));
}

/** Puts a text into the message; whatever listens for typing hears of it. */
function write(text) {
    const message = document.getElementById('summary');
    message.value = text;
    message.focus();
    message.dispatchEvent(new Event('input', { bubbles: true }));
}

/** Dismissed at once; a reason is asked for by another key. */
function dismiss(finding) {
    const form = finding?.querySelector('form[id^="dismiss-"]');
    if (form && finding.querySelector('[data-do="dismiss"]')) {
        form.requestSubmit();
    }
}

function lookAt(next) {
    showPart('look');
    showFrame(next.closest('[data-of]').dataset.of);
    for (let fold = next.closest('details'); fold; fold = fold.parentElement.closest('details')) {
        fold.open = true;
    }
    next.focus();
    next.scrollIntoView({ block: 'nearest' });
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
