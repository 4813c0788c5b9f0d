import { pictureOf } from './draw.js';

/**
 * Shows what a what-if makes, over the picture of the desk. The server works it out from the sliders and what was
 * drawn; the newest wish wins.
 */
const PAUSE = 180;

export function watchWhatIfs(root) {
    // The form comes when it is asked for, into tools that are there already.
    for (const tools of [root.closest?.('[data-what-if]'), ...root.querySelectorAll('[data-what-if]')]) {
        const form = tools?.querySelector('form');
        if (!form || 'watched' in tools.dataset) {
            continue;
        }
        tools.dataset.watched = '';
        let timer = null;
        let wish = null;
        const ask = async () => {
            wish?.abort();
            wish = new AbortController();
            const numbers = new URLSearchParams(new FormData(form));
            numbers.delete('_token');
            try {
                const response = await fetch(`${tools.dataset.whatIf}?${numbers}`, {
                    signal: wish.signal,
                    credentials: 'same-origin',
                });
                await show(tools, response);
            } catch (problem) {
                if (problem.name !== 'AbortError') {
                    say(tools, 'No connection; the picture shows what was asked for last.');
                }
            }
        };
        form.addEventListener('input', (event) => {
            tellSliders(form);
            if (event.target.name === 'title') {
                return;
            }
            clearTimeout(timer);
            timer = setTimeout(ask, PAUSE);
        });
        form.addEventListener('click', (event) => {
            const crop = event.target.closest('[data-crop]');
            if (crop) {
                const sides = crop.dataset.crop.split(' ');
                ['x', 'y', 'width', 'height'].forEach((side, index) => {
                    form.elements[`crop[${side}]`].value = sides[index];
                });
                ask();
            } else if (event.target.closest('[data-undraw]')) {
                // After the drawing has let go of its fields.
                setTimeout(ask, 0);
            }
        });
        form.addEventListener('reset', () =>
            setTimeout(() => {
                wish?.abort();
                leave(tools);
                tellSliders(form);
            }, 0),
        );
        // Kept, or folded away: the picture is as it was taken again.
        form.addEventListener('htmx:afterRequest', (event) => event.detail.successful && form.reset());
        tools.addEventListener('toggle', () => tools.open || leave(tools));
        tellSliders(form);
    }
}

/** As taken, or otherwise: at the desk, where a what-if lies over the picture. */
export function turnPreview() {
    const preview = [...document.querySelectorAll('.stage-preview')].find((one) => one.offsetParent || one.hidden);
    if (preview) {
        preview.hidden = !preview.hidden;
    }

    return Boolean(preview);
}

async function show(tools, response) {
    if (!response.ok) {
        say(tools, response.status === 422 ? await response.text() : 'This could not be worked out.');
        return;
    }
    say(tools, null);
    const picture = pictureOf(tools);
    let preview = picture.querySelector('.stage-preview');
    if (!preview) {
        preview = Object.assign(document.createElement('img'), { className: 'stage-preview', alt: 'as it would be' });
        picture.append(preview);
    }
    const before = preview.src;
    preview.src = URL.createObjectURL(await response.blob());
    preview.hidden = false;
    URL.revokeObjectURL(before);
}

function leave(tools) {
    const picture = pictureOf(tools);
    picture?.querySelector('.stage-preview')?.remove();
    picture?.querySelectorAll('[data-drawing]').forEach((mark) => mark.remove());
    say(tools, null);
}

function say(tools, message) {
    const said = tools.querySelector('[data-said]');
    said.textContent = message ?? '';
    said.hidden = message === null;
}

const THIRDS = ['', '⅓', '⅔'];

/** A number of stops as it is written everywhere: in signed thirds. */
function stops(value) {
    const thirds = Math.round(3 * value);
    const [whole, rest] = [Math.floor(Math.abs(thirds) / 3), Math.abs(thirds) % 3];

    return thirds === 0 ? '0' : `${thirds < 0 ? '−' : '+'}${whole || rest === 0 ? whole : ''}${THIRDS[rest]}`;
}

function tellSliders(form) {
    for (const slider of form.querySelectorAll('[data-slider]')) {
        const [value, unit] = [Number(slider.value), slider.dataset.slider];
        const said = slider.parentElement.querySelector('output');
        if (unit === 'hue') {
            // The hue that the server means is that of CIE LCh.
            said.style.background = `lch(62% 60 ${value})`;
            said.textContent = '';
        } else if (unit === 'weight') {
            said.textContent = value.toFixed(2).replace('-', '−');
        } else {
            said.textContent = unit === 'stops' ? stops(value) : `${String(value).replace('-', '−')} ${unit}`;
        }
    }
}
