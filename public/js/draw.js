/**
 * Drawing on the picture of the desk: a rectangle, a line or an edge. What is drawn fills fields of a form, which stay
 * the truth; with the keyboard they are filled by hand.
 */
export function watchDrawing() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-draw]');
        if (button) {
            draw(button);
        }
        const undo = event.target.closest('[data-undraw]');
        if (undo) {
            forget(undo);
        }
    });
}

/** The picture that a form is about. */
export function pictureOf(element) {
    const frame = element.closest('[data-of]')?.dataset.of;
    return document.querySelector(`.desk-stage [data-of="${frame}"] .picture`);
}

/** Where on a picture somebody points, as shares of it, with its width by height. */
function placeOn(picture, event) {
    const area = picture.getBoundingClientRect();
    const inside = (share) => Math.min(1, Math.max(0, share));

    return {
        x: inside((event.clientX - area.left) / area.width),
        y: inside((event.clientY - area.top) / area.height),
        aspect: area.width / area.height,
    };
}

const fieldsOf = (button) => button.closest('[data-drawn]');

function forget(button) {
    const fields = fieldsOf(button);
    for (const field of fields.querySelectorAll('[data-side]')) {
        field.value = '';
    }
    pictureOf(button)?.querySelector(`[data-drawing="${fields.dataset.drawn}"]`)?.remove();
    tell(fields, '');
}

function draw(button) {
    const [fields, picture] = [fieldsOf(button), pictureOf(button)];
    if (!picture) {
        return;
    }
    const shape = button.dataset.draw;
    picture.querySelector(`[data-drawing="${fields.dataset.drawn}"]`)?.remove();
    const mark = document.createElement('div');
    mark.className = shape === 'line' ? 'line-mark' : 'place-mark';
    mark.dataset.drawing = fields.dataset.drawn;
    picture.append(mark);
    tell(fields, button.dataset.says ?? 'Draw it on the picture.');
    let from = null;
    const show = (to) => {
        const drawn = SHAPES[shape](from, to, mark);
        for (const [side, value] of Object.entries(drawn)) {
            const field = fields.querySelector(`[data-side="${side}"]`);
            field.value = value.toFixed(1);
        }
    };
    drawOn(picture, {
        begin: (at) => (from = at),
        move: show,
        end: () => {
            tell(fields, '');
            fields.querySelector('[data-side]').dispatchEvent(new Event('input', { bubbles: true }));
            fields.dispatchEvent(new Event('drawn'));
            if (mark.classList.contains('line-mark') || fields.hasAttribute('data-mark-goes')) {
                mark.remove();
            }
            button.closest('form').querySelector('textarea')?.focus();
        },
        cancel: () => {
            tell(fields, '');
            mark.remove();
            button.focus();
        },
    });
}

/**
 * One stroke on a picture, by pointer, or by a cross that arrows move: Enter begins, and Enter again ends. Escape
 * leaves it. Places are shares of the picture.
 */
export function drawOn(picture, { begin, move, end, cancel }) {
    let begun = false;
    const start = (at) => {
        begun = true;
        begin(at);
    };
    const down = (event) => {
        event.preventDefault();
        event.stopPropagation();
        picture.setPointerCapture(event.pointerId);
        start(placeOn(picture, event));
    };
    const go = (event) => begun && move(placeOn(picture, event));
    const finish = (at) => {
        move(at);
        stop();
        end();
    };
    const up = (event) => begun && finish(placeOn(picture, event));
    const leave = (event) => {
        if (event.key === 'Escape') {
            event.stopPropagation();
            stop();
            cancel();
        }
    };
    const stop = () => {
        picture.classList.remove('placing');
        picture.removeEventListener('pointerdown', down, true);
        picture.removeEventListener('pointermove', go);
        picture.removeEventListener('pointerup', up);
        document.removeEventListener('keydown', leave, true);
        cross.remove();
    };
    picture.classList.add('placing');
    picture.addEventListener('pointerdown', down, true);
    picture.addEventListener('pointermove', go);
    picture.addEventListener('pointerup', up);
    document.addEventListener('keydown', leave, true);
    const cross = byKeys(picture, { start, move, finish, began: () => begun });
}

/** A cross on the picture that arrows move, for those who draw without a pointer; larger steps with Shift. */
function byKeys(picture, { start, move, finish, began }) {
    const cross = document.createElement('button');
    cross.type = 'button';
    cross.className = 'draw-cross';
    cross.setAttribute('aria-label', 'Where drawing begins and ends: arrows move it, Enter begins, Enter again ends');
    const spot = { x: 0.5, y: 0.5 };
    const put = () => Object.assign(cross.style, { left: `${100 * spot.x}%`, top: `${100 * spot.y}%` });
    const now = () => ({ ...spot, aspect: picture.offsetWidth / picture.offsetHeight });
    cross.addEventListener('keydown', (event) => {
        const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (way) {
            const by = event.shiftKey ? 0.05 : 0.01;
            spot.x = Math.min(1, Math.max(0, spot.x + by * way[0]));
            spot.y = Math.min(1, Math.max(0, spot.y + by * way[1]));
            put();
            began() && move(now());
        } else if (event.key === 'Enter') {
            began() ? finish(now()) : start(now());
        } else {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
    });
    put();
    picture.append(cross);
    cross.focus({ preventScroll: true });

    return cross;
}

const place = (mark, box) =>
    Object.assign(
        mark.style,
        Object.fromEntries(
            Object.entries({ left: box.x, top: box.y, width: box.width, height: box.height }).map(([side, share]) => [
                side,
                `${100 * share}%`,
            ]),
        ),
    );

/** What each shape fills in, in percent or degrees, from where it was begun and where it ends. */
const SHAPES = {
    box(from, to, mark) {
        const box = {
            x: Math.min(from.x, to.x),
            y: Math.min(from.y, to.y),
            width: Math.abs(to.x - from.x),
            height: Math.abs(to.y - from.y),
        };
        place(mark, box);

        return { x: 100 * box.x, y: 100 * box.y, width: 100 * box.width, height: 100 * box.height };
    },
    // From where the light is held to where it is let go.
    edge(from, to, mark) {
        place(mark, { x: 0, y: Math.min(from.y, to.y), width: 1, height: Math.abs(to.y - from.y) });

        return { from: 100 * from.y, to: 100 * to.y };
    },
    // What should be level or upright: the picture is turned by as much as the line leans, the other way round.
    line(from, to, mark) {
        const [across, down] = [(to.x - from.x) * from.aspect, to.y - from.y];
        const lean = (180 / Math.PI) * Math.atan2(down, across);
        place(mark, { x: from.x, y: from.y, width: Math.hypot(across, down) / from.aspect, height: 0 });
        mark.style.transform = `rotate(${lean}deg)`;
        // To the nearer of the two: lying or standing.
        const off = ((((lean + 45) % 90) + 90) % 90) - 45;

        return { degrees: -off };
    },
};

function tell(fields, words) {
    const said = fields.querySelector('[data-drawing-says]');
    if (said) {
        said.textContent = words;
    }
}
