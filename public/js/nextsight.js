/**
 * The browser asks for the next sight while the hand rests: at the positions on either side of a dial that a hand comes
 * to, and farther in the direction in which one was turned. The camera's answers stay in the browser's cache for a
 * minute, so that turning on and turning back are seen at once.
 */
const RESTS = 120;

export function watchNextSight(finder) {
    const selects = [...finder.querySelectorAll('[data-dial] select')];
    const at = new Map(selects.map((select) => [select, select.selectedIndex]));
    let [turned, waiting] = [null, null];
    const soon = (select, ...steps) => {
        clearTimeout(waiting);
        waiting = setTimeout(() => steps.forEach((by) => askFor(finder, select, by)), RESTS);
    };
    finder.addEventListener('change', ({ target }) => {
        clearTimeout(waiting);
        turned = at.has(target) ? [target, Math.sign(target.selectedIndex - at.get(target))] : null;
        at.set(target, target.selectedIndex);
    });
    document.body.addEventListener('htmx:afterSettle', ({ detail }) => {
        if (turned && detail.target.id === 'sight') {
            soon(...turned);
        }
    });
    for (const select of selects) {
        const come = () => !select.hidden && soon(select, 1, -1);
        select.addEventListener('focus', come);
        select.closest('[data-dial]').addEventListener('pointerenter', come);
    }
}

/** The sight as it would be with a dial so many positions on. */
function askFor(finder, select, by) {
    const next = select.options[select.selectedIndex + by];
    if (!next || by === 0 || navigator.connection?.saveData) {
        return;
    }
    const values = new FormData(finder);
    values.set(select.name, next.value);
    // Written as htmx writes it: the cache knows a sight by its address.
    const query = [...values].map((pair) => pair.map(encodeURIComponent).join('=')).join('&');
    fetch(`${finder.getAttribute('action')}?${query}`, { headers: { 'HX-Request': 'true' }, priority: 'low' }).catch(
        () => {
            // It was only meant to be quicker.
        },
    );
}
