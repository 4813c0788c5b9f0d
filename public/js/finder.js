import { showDials, turn, watchDials } from './dials.js';
import { watchPlayback } from './playback.js';

// The finder's keys, its focus point and its half-press. What a mode leaves to the person is written in the page.
export function watchFinder() {
    const finder = document.querySelector('[data-finder]');
    if (!finder) {
        return;
    }
    const field = (name) => finder.elements[name];
    const look = () => finder.dispatchEvent(new Event('look', { bubbles: true }));
    let showsEnds = false;

    const showPoint = () => {
        const point = finder.querySelector('[data-point]');
        if (point) {
            point.style.left = `${100 * Number(field('px').value)}%`;
            point.style.top = `${100 * Number(field('py').value)}%`;
        }
        const ends = finder.querySelector('[data-ends]');
        if (ends) {
            ends.toggleAttribute('hidden', !showsEnds);
        }
    };
    const showHeld = () => {
        finder.querySelector('[data-let-go]').hidden = field('held').value === '';
        finder.querySelector('[data-half]').hidden = field('held').value !== '';
    };
    const half = () => {
        const sight = finder.querySelector('[data-sight]');
        if (!sight) {
            return;
        }
        field('held').value = sight.dataset.ev;
        const focus = field('focus');
        if (focus.value === '') {
            focus.add(new Option(`held at ${sight.dataset.focused} m`, sight.dataset.focused, false, true));
            focus.selectedOptions[0].dataset.held = '';
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
    /** The dials and the shutter as the last sight has them. */
    const showValues = () => {
        const sight = finder.querySelector('[data-values]');
        const values = sight ? JSON.parse(sight.dataset.values) : {};
        showDials(finder, finder.elements.mode.value, values);
        if (values.pupil && values.widest) {
            const open = finder.querySelector('.shutter-open');
            open.setAttribute('r', Math.max(1, 22 * Math.min(1, values.pupil / values.widest)).toFixed(2));
        }
    };

    finder.addEventListener('change', (event) => {
        if (event.target.name === 'mode') {
            showValues();
        }
    });
    finder.addEventListener('click', (event) => {
        const picture = event.target.closest('.finder-frame .picture');
        if (picture) {
            const box = picture.getBoundingClientRect();
            field('px').value = ((event.clientX - box.left) / box.width).toFixed(3);
            field('py').value = ((event.clientY - box.top) / box.height).toFixed(3);
            look();
        } else if (event.target.closest('[data-half]')) {
            half();
        } else if (event.target.closest('[data-let-go]')) {
            letGo();
        }
    });
    document.body.addEventListener('htmx:afterSwap', (event) => {
        if (event.detail.target.id === 'sight') {
            document.getElementById('finder-problem').replaceChildren();
            showPoint();
            showValues();
        }
    });
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
        } else if (event.key === 'h' && field('held').value === '') {
            half();
        } else if (event.key === 'l' && field('held').value !== '') {
            letGo();
        } else if (event.key === 'x') {
            showsEnds = !showsEnds;
            showPoint();
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
    watchPlayback(finder);
    showPoint();
    showHeld();
    showValues();
}
