// One thing a screen: the arrow keys turn, as the two links do; letters show findings, numbers or a crop of a picture.
const wall = document.querySelector('[data-projector]');
const KEYS = { f: 'findings', n: 'numbers', c: 'crop' };

function turn(way) {
    wall.querySelector(`a[rel="${way}"]`)?.click();
}

function show(what) {
    const button = wall.querySelector(`[data-turns="${what}"]`);
    const there = wall.querySelector(`[data-on="${what}"]`);
    if (button && there) {
        there.hidden = !there.hidden;
        // One thing beside the picture: a room reads no two.
        for (const other of what === 'crop' ? [] : wall.querySelectorAll('figcaption [data-on]')) {
            other.hidden = other === there ? other.hidden : true;
        }
        for (const one of wall.querySelectorAll('[data-turns]')) {
            one.setAttribute('aria-pressed', String(!wall.querySelector(`[data-on="${one.dataset.turns}"]`).hidden));
        }
        wall.classList.toggle(
            'has-words',
            [...wall.querySelectorAll('figcaption [data-on]')].some((one) => !one.hidden),
        );
    }
}

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, textarea, select, summary')) {
        return;
    }
    const way = { ArrowRight: 'next', PageDown: 'next', ' ': 'next', ArrowLeft: 'prev', PageUp: 'prev' }[event.key];
    if (way && !(event.key === ' ' && event.target.closest('a, button'))) {
        event.preventDefault();
        turn(way);
    } else if (KEYS[event.key]) {
        event.preventDefault();
        show(KEYS[event.key]);
    }
});
wall.addEventListener('click', (event) => {
    const button = event.target.closest('[data-turns]');
    if (button) {
        show(button.dataset.turns);
    }
});
// What is pressed on a phone arrives here; asked for only while this page is in sight.
let last = null;
setInterval(async () => {
    if (document.hidden) {
        return;
    }
    try {
        const { number, press } = await (await fetch(wall.dataset.remote)).json();
        if (last !== null && number !== last && press) {
            press === 'prev' || press === 'next' ? turn(press) : show(press);
        }
        last = number;
    } catch {
        // Without a connection the keys still turn.
    }
}, 1200);
