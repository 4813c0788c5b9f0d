/**
 * The scale of a check in the composer: its limit, what is close, and where frames of the course lie. Steps and places
 * come from the server, which also tells anew where everything stands whenever something was typed; what is dragged is
 * written into the fields as if it had been typed.
 */

/** Pixels between two words on the scale, at least. */
const APART = 46;

const THIRDS = ['', '⅓', '⅔'];

export function watchScales(root) {
    root.querySelectorAll?.('[data-check-scale]').forEach(dress);
    if (root.matches?.('#trial') || root.querySelector?.('#trial')) {
        document.querySelectorAll('[data-check-scale]').forEach(takePlaces);
    }
}

function dress(scale) {
    const check = scale.closest('fieldset');
    scale.steps = JSON.parse(scale.dataset.checkScale);
    check.addEventListener('focusin', (event) => event.target.matches('.composer-value') && open(scale));
    check.addEventListener('change', (event) => event.target.matches('[name$="[comparison]"]') && draw(scale));
    scale.addEventListener('pointerdown', (event) => event.target.dataset.handle && drag(scale, event));
    scale.addEventListener('keydown', (event) => event.target.dataset.handle && step(scale, event));
    takePlaces(scale);
}

function open(scale) {
    document.querySelectorAll('[data-check-scale]').forEach((one) => {
        one.hidden = one !== scale || one.at === undefined;
    });
    draw(scale);
}

/** What the server last said of where its limits stand; a hand on it knows better. */
function takePlaces(scale) {
    const places = JSON.parse(
        document.querySelector(`#trial [data-number="${scale.dataset.check}"]`)?.dataset.places ?? 'null',
    );
    if (places && !scale.querySelector(':active')) {
        scale.at = places;
    }
    if (scale.contains(document.activeElement) || isTypedIn(scale)) {
        open(scale);
    } else {
        draw(scale);
    }
}

function isTypedIn(scale) {
    const typed = document.activeElement;
    return typed?.matches('.composer-value') && scale.closest('fieldset').contains(typed);
}

function comparison(scale) {
    return field(scale, 'comparison').value;
}

function field(scale, name) {
    return scale.closest('fieldset').querySelector(`[name$="[${name}]"]`);
}

/** From where to where a check is met, and what is close round that. */
function zones({ limit, upTo, tolerance }, how) {
    const met = how === 'atLeast' ? [limit, Infinity] : how === 'between' ? [limit, upTo ?? limit] : [-Infinity, limit];
    return [met, [met[0] - tolerance, met[1] + tolerance]];
}

function share(scale, place) {
    const [low, high] = [scale.steps[0].place, scale.steps.at(-1).place];
    return Math.min(1, Math.max(0, (place - low) / (high - low)));
}

function draw(scale) {
    if (scale.hidden || !scale.at) {
        return;
    }
    const [met, close] = zones(scale.at, comparison(scale));
    const had = document.activeElement?.dataset.handle;
    const kept = scale.contains(document.activeElement) ? had : null;
    scale.replaceChildren(pins(scale), bar(scale, met, close), ticks(scale));
    if (kept) {
        scale.querySelector(`[data-handle="${kept}"]`)?.focus();
    }
}

function put(scale, place, classes, text = '') {
    const part = document.createElement('span');
    part.className = classes;
    part.textContent = text;
    part.style.left = `${100 * share(scale, place)}%`;
    return part;
}

function row(classes, ...parts) {
    const made = document.createElement('div');
    made.className = classes;
    made.append(...parts);
    return made;
}

/** Frames of the course, those at one place together. */
function pins(scale) {
    const names = new Map();
    for (const cell of document.querySelectorAll(`#trial [data-hangs-on="${scale.dataset.check}"]`)) {
        const [low, high] = [scale.steps[0].place, scale.steps.at(-1).place];
        // What lies beyond an end stands at it.
        const place = Math.min(high, Math.max(low, Number(cell.dataset.place)));
        names.set(place, [...(names.get(place) ?? []), cell.dataset.name.split(' ')[0]]);
    }
    const made = [...names].map(([place, who]) => put(scale, place, 'scale-pin', who.join(', ')));
    return row('scale-pins', ...made);
}

function bar(scale, met, close) {
    const zone = (name, from, to) => {
        const part = put(scale, from, `scale-zone scale-${name}`);
        part.style.right = `${100 * (1 - share(scale, to))}%`;
        const isWide = share(scale, to) - share(scale, from) > 0.09;
        part.textContent = isWide ? name : '';
        return part;
    };
    const parts = [zone('met', ...met)];
    for (const [from, to] of [[close[0], met[0]], [met[1], close[1]]]) {
        if (to > from && Number.isFinite(to - from)) {
            parts.push(zone('close', from, to));
        }
    }
    for (const [from, to] of [[-Infinity, close[0]], [close[1], Infinity]]) {
        if (to > from && share(scale, to) > share(scale, from)) {
            parts.push(zone('missed', from, to));
        }
    }
    return row('scale-bar', ...parts, ...handles(scale, met, close));
}

function handles(scale, met, close) {
    const how = comparison(scale);
    const isLeast = how === 'atLeast';
    const { limit, upTo } = scale.at;
    const made = [['limit', limit, 'Limit']];
    if (how === 'between' && upTo !== null) {
        made.push(['upTo', upTo, 'Second limit']);
    }
    made.push(['tolerance', isLeast ? close[0] : close[1], 'Close up to']);
    return made.map(([handle, place, label]) => {
        const part = put(scale, place, 'scale-handle');
        part.dataset.handle = handle;
        part.tabIndex = 0;
        part.setAttribute('role', 'slider');
        part.setAttribute('aria-label', label);
        part.setAttribute('aria-valuemin', scale.steps[0].place);
        part.setAttribute('aria-valuemax', scale.steps.at(-1).place);
        part.setAttribute('aria-valuenow', place);
        part.setAttribute('aria-valuetext', nearest(scale, place).text);
        return part;
    });
}

function ticks(scale) {
    const least = (APART * scale.steps.length) / (scale.clientWidth || 1);
    const every = [1, 2, 3, 5, 10, 20].find((one) => one >= least) ?? 50;
    return row('scale-ticks', ...scale.steps.map(({ place, text }, at) => (at % every === 0
        ? put(scale, place, 'scale-tick scale-said', text.replace(/^ƒ\//, ''))
        : put(scale, place, 'scale-tick'))));
}

function nearest(scale, place) {
    return scale.steps.reduce((best, one) => (Math.abs(one.place - place) < Math.abs(best.place - place) ? one : best));
}

function drag(scale, event) {
    const handle = event.target.dataset.handle;
    event.preventDefault();
    event.target.focus();
    const box = scale.querySelector('.scale-bar').getBoundingClientRect();
    const [low, high] = [scale.steps[0].place, scale.steps.at(-1).place];
    const follow = ({ clientX }) =>
        move(scale, handle, nearest(scale, low + ((clientX - box.left) / box.width) * (high - low)), 'input');
    const end = () => {
        document.removeEventListener('pointermove', follow);
        tell(scale, handle, 'change');
    };
    document.addEventListener('pointermove', follow);
    document.addEventListener('pointerup', end, { once: true });
}

function step(scale, event) {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by) {
        event.preventDefault();
        const handle = event.target.dataset.handle;
        const now = scale.steps.indexOf(nearest(scale, Number(event.target.getAttribute('aria-valuenow'))));
        const to = scale.steps[Math.min(scale.steps.length - 1, Math.max(0, now + by))];
        move(scale, handle, to, 'change');
    }
}

/** Puts one of them at a step; the limits keep their order, and what is close moves with its limit. */
function move(scale, handle, to, says) {
    const at = scale.at;
    if (handle === 'tolerance') {
        const how = comparison(scale);
        const from = how === 'between' ? at.upTo : at.limit;
        at.tolerance = Math.max(0, how === 'atLeast' ? from - to.place : to.place - from);
        field(scale, 'tolerance').value = distance(at.tolerance, 'inStops' in scale.dataset);
    } else if (handle === 'upTo' ? to.place > at.limit : at.upTo === null || to.place < at.upTo) {
        at[handle] = to.place;
        field(scale, handle).value = to.text;
    }
    draw(scale);
    tell(scale, handle, says);
}

function tell(scale, handle, says) {
    field(scale, handle).dispatchEvent(new Event(says, { bubbles: true }));
}

/** Of stops in thirds, as they are written; of anything else as a number. */
function distance(amount, isInStops) {
    if (!isInStops) {
        return amount === 0 ? '' : String(Number(amount.toFixed(4)));
    }
    const thirds = Math.round(3 * amount);
    return thirds === 0 ? '' : `${Math.floor(thirds / 3) || ''}${THIRDS[thirds % 3]}`;
}
