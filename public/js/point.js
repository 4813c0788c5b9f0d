import { drawOn, pictureOf } from './draw.js';

/** Pointing at something: a line, an arrow or an outline, drawn with pen, finger or keys, and then a note about it. */
const MOST = 100;

export function watchPointing() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-point]');
        if (button) {
            point(button, button.dataset.point);
        }
    });
    // A place that was drawn goes with the note it was drawn for.
    document.addEventListener('click', (event) => {
        const form = event.target.closest('[data-undraw]')?.closest('[data-note]');
        if (form) {
            form.querySelector('[data-pointing]').value = '';
            pictureOf(form)?.querySelector('[data-pointing-now]')?.remove();
        }
    });
}

// A note that is kept is shown with its number; the drawing of it goes.
document.addEventListener('htmx:oobAfterSwap', (event) => {
    event.detail.target.closest?.('.picture')?.querySelector('[data-pointing-now]')?.remove();
});

function point(button, shape) {
    const picture = pictureOf(button);
    const frame = button.closest('[data-of]').dataset.of;
    const form = document.querySelector(`.desk-panel [data-of="${frame}"] [data-note]`);
    if (!picture || !form || picture.matches('.placing')) {
        return;
    }
    picture.querySelector('[data-pointing-now]')?.remove();
    const drawing = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
    drawing.setAttribute('viewBox', '0 0 100 100');
    drawing.setAttribute('preserveAspectRatio', 'none');
    drawing.setAttribute('class', 'pointings');
    drawing.dataset.pointingNow = '';
    drawing.innerHTML = '<polyline class="pointing-under"/><polyline class="pointing"/>';
    picture.append(drawing);
    let points = [];
    const pair = ({ x, y }) => [Math.round(1e4 * x) / 1e4, Math.round(1e4 * y) / 1e4];
    drawOn(picture, {
        begin: (at) => (points = [pair(at)]),
        move: (at) => {
            points = shape === 'outline' ? [...points, pair(at)] : [points[0], pair(at)];
            const closed = shape === 'outline' ? [...points, points[0]] : points;
            for (const line of drawing.querySelectorAll('polyline')) {
                line.setAttribute('points', closed.map(([x, y]) => `${100 * x},${100 * y}`).join(' '));
            }
        },
        end: () => {
            const flat = thin(points, MOST).flat();
            if (flat.length < (shape === 'outline' ? 6 : 4)) {
                drawing.remove();
                return;
            }
            form.querySelector('[data-pointing]').value = JSON.stringify({ shape, points: flat });
            // The note is written where it belongs.
            document.querySelector('[data-desk] [data-part="say"]')?.click();
            form.querySelector('textarea').focus();
        },
        cancel: () => {
            drawing.remove();
            button.focus();
        },
    });
}

/** Every so manyth point of a stroke, with its first and its last. */
function thin(points, most) {
    const every = Math.max(1, Math.ceil(points.length / most));

    return points.filter((_, index) => index % every === 0 || index === points.length - 1).slice(0, most + 1);
}
