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
    picture.classList.add('placing');
    tell(fields, button.dataset.says ?? 'Draw it on the picture.');
    const at = (event) => {
        const area = picture.getBoundingClientRect();
        const inside = (share) => Math.min(1, Math.max(0, share));

        return {
            x: inside((event.clientX - area.left) / area.width),
            y: inside((event.clientY - area.top) / area.height),
            aspect: area.width / area.height,
        };
    };
    let from = null;
    const show = (to) => {
        const drawn = SHAPES[shape](from, to, mark);
        for (const [side, value] of Object.entries(drawn)) {
            const field = fields.querySelector(`[data-side="${side}"]`);
            field.value = value.toFixed(1);
        }
    };
    const down = (event) => {
        event.preventDefault();
        event.stopPropagation();
        from = at(event);
        picture.setPointerCapture(event.pointerId);
    };
    const move = (event) => from && show(at(event));
    const stop = () => {
        picture.classList.remove('placing');
        picture.removeEventListener('pointerdown', down, true);
        picture.removeEventListener('pointermove', move);
        picture.removeEventListener('pointerup', up);
        document.removeEventListener('keydown', cancel, true);
        tell(fields, '');
    };
    const up = (event) => {
        if (!from) {
            return;
        }
        show(at(event));
        stop();
        fields.querySelector('[data-side]').dispatchEvent(new Event('input', { bubbles: true }));
        if (mark.classList.contains('line-mark') || fields.hasAttribute('data-mark-goes')) {
            mark.remove();
        }
        button.closest('form').querySelector('textarea')?.focus();
    };
    const cancel = (event) => {
        if (event.key === 'Escape') {
            event.stopPropagation();
            mark.remove();
            stop();
            button.focus();
        }
    };
    picture.addEventListener('pointerdown', down, true);
    picture.addEventListener('pointermove', move);
    picture.addEventListener('pointerup', up);
    document.addEventListener('keydown', cancel, true);
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
