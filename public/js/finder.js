import { showDials, turn, watchDials } from './dials.js';
import { markEdges } from './edges.js';
import { watchLight } from './nextlight.js';
import { watchNextSight } from './nextsight.js';
import { watchPlayback } from './playback.js';
import { watchRun } from './run.js';
import { watchTimer } from './timer.js';

/** Turns that follow each other faster, in ms, are one movement of the hand. */
const IN_A_ROW = 150;

/** So long after the last of them, in ms, the hand rests. */
const SETTLED = 40;

// The finder's keys, its focus point and its half-press. What a mode leaves to the person is written in the page.
export function watchFinder() {
    const finder = document.querySelector('[data-finder]');
    if (!finder) {
        return;
    }
    const field = (name) => finder.elements[name];
    const sight = () => finder.querySelector('[data-sight]');
    const look = () => finder.dispatchEvent(new Event('look', { bubbles: true }));
    const shows = { edges: false, ends: false };

    const showPoint = () => {
        const point = finder.querySelector('[data-point]');
        if (point) {
            point.style.left = `${100 * Number(sight().dataset.x)}%`;
            point.style.top = `${100 * Number(sight().dataset.y)}%`;
        }
        for (const [what, isShown] of Object.entries(shows)) {
            finder.querySelector(`[data-show-${what}]`).setAttribute('aria-pressed', isShown);
        }
        finder.querySelector('[data-magnify]').setAttribute('aria-pressed', field('magnified').value === '1');
        finder.querySelector('[data-ends]')?.toggleAttribute('hidden', !shows.ends);
        const edges = finder.querySelector('[data-edges]');
        edges.hidden = !shows.edges;
        if (shows.edges) {
            markEdges(sight(), edges);
        }
    };
    const showHeld = () => {
        finder.querySelector('[data-let-go]').hidden = field('held').value === '';
        finder.querySelector('[data-half]').hidden = field('held').value !== '';
    };
    /** The distance as one more position of its dial, where it has none so near. */
    const turnTo = (metres, words, isHeld) => {
        const focus = field('focus');
        const near = [...focus.options].find(
            (option) => option.value !== '' && Math.abs(Math.log(option.value / metres)) < 0.02,
        );
        if (near && !isHeld) {
            near.selected = true;
            return;
        }
        const after = [...focus.options].find((option) => option.value !== '' && Number(option.value) > metres);
        const option = new Option(words, metres);
        focus.add(option, after ?? null);
        option.selected = true;
        option.toggleAttribute('data-held', isHeld);
    };
    const half = () => {
        if (!sight()) {
            return;
        }
        field('held').value = sight().dataset.ev;
        if (field('focusing').value === 'single' && field('focus').value === '') {
            turnTo(Number(sight().dataset.focused), `held at ${sight().dataset.focused} m`, true);
        }
        showHeld();
        look();
    };
    const letGo = () => {
        field('held').value = '';
        const held = field('focus').querySelector('[data-held]');
        if (held) {
            held.remove();
            field('focus').value = '';
        }
        showHeld();
        look();
    };
    /** By hand the distance stays where it was; a camera that focuses finds its own. */
    const changeFocusing = () => {
        field('tracks').value = '';
        if (field('focusing').value !== 'manual') {
            field('focus').value = '';
        } else if (field('focus').value === '' && sight()) {
            turnTo(Number(sight().dataset.focused), `${Number(sight().dataset.focused).toFixed(2)} m`, false);
        }
        showValues();
    };
    /** The dials and the shutter as the last sight has them. */
    const showValues = () => {
        const shown = finder.querySelector('[data-values]');
        const values = shown ? JSON.parse(shown.dataset.values) : {};
        showDials(finder, finder.elements.mode.value, field('focusing').value, values);
        if (values.pupil && values.widest) {
            const open = finder.querySelector('.shutter-open');
            open.setAttribute('r', Math.max(1, 22 * Math.min(1, values.pupil / values.widest)).toFixed(2));
        }
    };
    /** A tap moves the point; on what crosses, while focus goes on, the point goes with it. */
    const putPoint = (picture, event) => {
        const box = picture.getBoundingClientRect();
        const times = Number(sight().dataset.magnified);
        const within = (value) => Math.max(0, Math.min(1, value));
        // The magnifier is centred on the point, but stays within the frame.
        const at = (share, point) => {
            const middle = Math.max(0.5 / times, Math.min(1 - 0.5 / times, point));
            return within(times === 1 ? share : middle + (share - 0.5) / times);
        };
        const x = at((event.clientX - box.left) / box.width, Number(sight().dataset.x));
        const y = at((event.clientY - box.top) / box.height, Number(sight().dataset.y));
        pointAt(x, y);
    };
    const pointAt = (x, y) => {
        const mover = JSON.parse(sight().dataset.mover);
        const isOnIt = mover && x >= mover[0] && y >= mover[1] && x <= mover[2] && y <= mover[3];
        field('px').value = x.toFixed(4);
        field('py').value = y.toFixed(4);
        field('tracks').value = isOnIt && field('focusing').value === 'continuous' ? '1' : '';
        look();
    };
    const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
    /** By keys, in steps of a fiftieth of the frame; through the magnifier of a two hundredth. */
    const movePoint = ([right, down]) => {
        const step = 0.02 / Number(sight().dataset.magnified);
        const within = (value) => Math.max(0, Math.min(1, value));
        pointAt(within(Number(field('px').value) + right * step), within(Number(field('py').value) + down * step));
    };
    const magnify = () => {
        field('magnified').value = field('magnified').value === '1' ? '' : '1';
        look();
    };
    const toggle = (what) => {
        shows[what] = !shows[what];
        showPoint();
    };

    finder.addEventListener('change', (event) => {
        if (event.target.name === 'mode') {
            showValues();
        } else if (event.target.name === 'focusing') {
            changeFocusing();
        }
    });
    // One turn is seen at once; of several in a row the camera draws the last.
    let [turned, waiting] = [-Infinity, null];
    finder.addEventListener('change', () => {
        clearTimeout(waiting);
        const isOneOfSeveral = performance.now() - turned < IN_A_ROW;
        turned = performance.now();
        if (isOneOfSeveral) {
            waiting = setTimeout(look, SETTLED);
        } else {
            look();
        }
    });
    finder.addEventListener('click', (event) => {
        const picture = event.target.closest('.finder-frame .picture');
        if (picture) {
            putPoint(picture, event);
        } else if (event.target.closest('[data-half]')) {
            half();
        } else if (event.target.closest('[data-let-go]')) {
            letGo();
        } else if (event.target.closest('[data-magnify]')) {
            magnify();
        } else if (event.target.closest('[data-show-edges]')) {
            toggle('edges');
        } else if (event.target.closest('[data-show-ends]')) {
            toggle('ends');
        }
    });
    document.body.addEventListener('htmx:afterSwap', (event) => {
        if (event.detail.target.id === 'sight') {
            document.getElementById('finder-problem').replaceChildren();
            showPoint();
            showValues();
        }
    });
    const pressed = { m: magnify, e: () => toggle('edges'), x: () => toggle('ends') };
    document.addEventListener('keydown', (event) => {
        if (
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            event.target.closest('input:not([type=radio]):not([type=range]), textarea')
        ) {
            return;
        }
        const less = finder.querySelector(`select[data-less="${CSS.escape(event.key)}"]`);
        const more = finder.querySelector(`select[data-more="${CSS.escape(event.key)}"]`);
        if (less) {
            turn(less, -1);
        } else if (more) {
            turn(more, 1);
        } else if (event.target.id === 'sight' && ARROWS[event.key] && sight()) {
            movePoint(ARROWS[event.key]);
        } else if (pressed[event.key]) {
            pressed[event.key]();
        } else if (event.key === 'h' && field('held').value === '') {
            half();
        } else if (event.key === 'l' && field('held').value !== '') {
            letGo();
        } else if (event.key === 'r') {
            finder.querySelector('[data-run]')?.click();
        } else if (event.key === '?') {
            finder.ownerDocument.querySelector('.finder-keys').toggleAttribute('open');
        } else if (event.key === ' ' && !event.target.closest('button, a, summary, select, input')) {
            finder.querySelector('[data-press]').click();
        } else {
            return;
        }
        event.preventDefault();
    });
    watchDials(finder);
    watchLight(finder);
    watchNextSight(finder);
    watchPlayback(finder);
    watchRun(finder, look);
    watchTimer(finder);
    if (sight()) {
        showPoint();
    }
    showHeld();
    showValues();
}
