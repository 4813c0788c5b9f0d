/**
 * Dials that turn: under a finger, by the wheel, and by the values beside the one that is set. The select in the middle
 * is the dial's value and works by keyboard as any select does.
 */
const BESIDE = 2;

/** Characters from which a value is long. */
const LONG = 5;

/** Pixels that a finger moves for a step. */
const STEP = 34;

export function watchDials(finder) {
    for (const dial of finder.querySelectorAll('[data-dial]')) {
        dress(dial);
    }
}

/** One step of a select; beyond the ends nothing happens. */
export function turn(select, by) {
    const next = select.selectedIndex + by;
    if (!select.hidden && next >= 0 && next < select.options.length) {
        select.selectedIndex = next;
        select.dispatchEvent(new Event('change', { bubbles: true }));
    }
}

/** Whose value each dial has, and what the camera chose where it is not one's own. */
export function showDials(finder, mode, focusing, values) {
    for (const dial of finder.querySelectorAll('[data-dial]')) {
        const isYours = dial.dataset.focusing
            ? dial.dataset.focusing === focusing
            : dial.dataset.modes.split(' ').includes(mode);
        const value = values[dial.dataset.dial];
        dial.querySelector('select').hidden = !isYours;
        const camera = dial.querySelector('[data-camera]');
        camera.hidden = isYours;
        camera.textContent = value ?? '–';
        dial.querySelector('[data-whose]').textContent = isYours ? 'yours' : value ? 'the camera’s' : '';
        dial.classList.toggle('dial-camera', !isYours);
        beside(dial);
    }
}

function dress(dial) {
    const [strip, select] = [dial.querySelector('[data-strip]'), dial.querySelector('select')];
    for (let by = -BESIDE; by <= BESIDE; by++) {
        const value = Object.assign(document.createElement('button'), { type: 'button', tabIndex: -1 });
        value.className = 'dial-beside';
        value.dataset.by = by;
        value.setAttribute('aria-hidden', 'true');
        if (by !== 0) {
            by < 0 ? select.before(value) : strip.append(value);
            value.addEventListener('click', () => turn(select, by));
        }
    }
    select.addEventListener('change', () => beside(dial));
    strip.addEventListener(
        'wheel',
        (event) => {
            event.preventDefault();
            turn(select, (event.deltaY || event.deltaX) > 0 ? 1 : -1);
        },
        { passive: false },
    );
    let from = null;
    strip.addEventListener('pointerdown', (event) => {
        from = event.pointerType === 'mouse' ? null : event.clientX;
    });
    strip.addEventListener('pointermove', (event) => {
        if (from !== null && Math.abs(event.clientX - from) >= STEP) {
            turn(select, event.clientX < from ? 1 : -1);
            from = event.clientX;
        }
    });
    for (const end of ['pointerup', 'pointercancel']) {
        strip.addEventListener(end, () => {
            from = null;
        });
    }
    beside(dial);
}

/** The values on either side. */
function beside(dial) {
    const select = dial.querySelector('select');
    for (const value of dial.querySelectorAll('[data-by]')) {
        const option = select.hidden ? null : select.options[select.selectedIndex + Number(value.dataset.by)];
        // What they all have in common stands with the one that is set.
        const text = option?.text.trim().replace(/^ISO | s$/g, '') ?? '';
        // Where values are long, there is room for one on either side: half a value would be another one.
        value.textContent = text.length > LONG && Math.abs(value.dataset.by) > 1 ? '' : text;
        value.disabled = !option;
    }
}
