/**
 * A word of the trade says what it means where it stands: on a tap, or on focus by keyboard. Without scripts it is a
 * link to the page of words.
 */
const known = new Map();
let bubble = null;

export function watchWords() {
    const of = (event) => event.target.closest?.('a[data-term]');
    document.addEventListener('click', (event) => {
        const term = of(event);
        if (term) {
            event.preventDefault();
            show(term);
        } else if (bubble && !bubble.contains(event.target)) {
            hide();
        }
    });
    document.addEventListener('focusin', (event) => {
        const term = of(event);
        if (term?.matches(':focus-visible')) {
            show(term);
        } else if (bubble && !bubble.contains(event.target)) {
            hide();
        }
    });
    document.addEventListener('keydown', (event) => event.key === 'Escape' && hide());
    addEventListener('resize', hide);
}

async function show(term) {
    const id = term.dataset.term;
    if (!known.has(id)) {
        const answer = await fetch(`/words/${id}`, { credentials: 'same-origin' }).catch(() => null);
        if (!answer?.ok) {
            location.assign(term.href);
            return;
        }
        known.set(id, await answer.text());
    }
    hide();
    bubble = Object.assign(document.createElement('div'), { className: 'word-bubble', innerHTML: known.get(id) });
    bubble.setAttribute('role', 'status');
    document.body.append(bubble);
    const [word, box] = [term.getBoundingClientRect(), bubble.getBoundingClientRect()];
    const below = word.bottom + 8 + box.height < innerHeight || word.top < box.height + 8;
    bubble.style.left = `${Math.max(8, Math.min(innerWidth - box.width - 8, word.left))}px`;
    bubble.style.top = `${scrollY + (below ? word.bottom + 6 : word.top - box.height - 6)}px`;
}

function hide() {
    bubble?.remove();
    bubble = null;
}
