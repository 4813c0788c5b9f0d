import { watchGlance } from './glance.js';

/** Drawing the subject's rectangle by mouse, touch or keys. The numbers in the form are the truth; this moves them. */
const SIDES = ['x', 'y', 'width', 'height'];
const STEP = 1;
const LEAST = 0.5;
const WHOLE = { x: 0, y: 0, width: 100, height: 100 };

export function watchMarks(root) {
    for (const picture of root.querySelectorAll('[data-mark]:not([data-watched])')) {
        picture.dataset.watched = '';
        watch(picture);
    }
}

function watch(picture) {
    const form = picture.closest('form');
    const rectangle = picture.querySelector('[data-rectangle]');
    const fields = Object.fromEntries(SIDES.map((side) => [side, form.querySelector(`[data-side="${side}"]`)]));
    const round = (number) => Math.round(number * 100) / 100;
    const put = (mark) => {
        for (const side of SIDES) {
            fields[side].value = round(mark[side]);
        }
        draw();
    };
    const look = watchGlance(form);
    const draw = () => {
        const mark = current();
        const drawn = SIDES.every((side) => Number.isFinite(mark[side])) && mark.width > 0 && mark.height > 0;
        rectangle.hidden = !drawn;
        if (drawn) {
            // Where something is marked, nothing need be proposed.
            picture.querySelector('[data-proposed]')?.remove();
            Object.assign(rectangle.style, {
                left: `${mark.x}%`,
                top: `${mark.y}%`,
                width: `${mark.width}%`,
                height: `${mark.height}%`,
            });
            look(mark);
        }
    };
    const current = () => Object.fromEntries(SIDES.map((side) => [side, parseFloat(fields[side].value)]));
    const place = (event) => {
        const box = picture.getBoundingClientRect();
        const inside = (share) => Math.min(100, Math.max(0, share * 100));

        return { x: inside((event.clientX - box.left) / box.width), y: inside((event.clientY - box.top) / box.height) };
    };

    // What is proposed is outlined, and taken by one tap.
    const proposed = picture.querySelector('[data-proposed]');
    const take = (box) => {
        put({ x: 100 * box.x, y: 100 * box.y, width: 100 * box.width, height: 100 * box.height });
    };
    picture.addEventListener('take-subject', (event) => take(event.detail));
    form.querySelector('[data-whole-picture]')?.addEventListener('click', () => put(WHOLE));
    proposed?.addEventListener('pointerdown', (event) => event.stopPropagation());
    proposed?.addEventListener('click', () => {
        const [x, y, width, height] = proposed.dataset.proposed.split(',').map(Number);
        take({ x, y, width, height });
        rectangle.focus();
    });

    let from = null;
    picture.addEventListener('pointerdown', (event) => {
        if (event.button !== 0 || (picture.dataset.tool ?? 'subject') !== 'subject') {
            return;
        }
        from = place(event);
        picture.setPointerCapture(event.pointerId);
        event.preventDefault();
    });
    picture.addEventListener('pointermove', (event) => {
        if (from === null) {
            return;
        }
        const to = place(event);
        const mark = {
            x: Math.min(from.x, to.x),
            y: Math.min(from.y, to.y),
            width: Math.abs(to.x - from.x),
            height: Math.abs(to.y - from.y),
        };
        if (mark.width >= LEAST && mark.height >= LEAST) {
            put(mark);
        }
    });
    const end = () => {
        from = null;
    };
    picture.addEventListener('pointerup', end);
    picture.addEventListener('pointercancel', end);

    rectangle.addEventListener('keydown', (event) => {
        const move = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[
            event.key
        ];
        if (!move) {
            return;
        }
        event.preventDefault();
        const mark = current();
        if (event.shiftKey) {
            mark.width = Math.min(100 - mark.x, Math.max(LEAST, mark.width + move[0]));
            mark.height = Math.min(100 - mark.y, Math.max(LEAST, mark.height + move[1]));
        } else {
            mark.x = Math.min(100 - mark.width, Math.max(0, mark.x + move[0]));
            mark.y = Math.min(100 - mark.height, Math.max(0, mark.y + move[1]));
        }
        put(mark);
    });
    for (const side of SIDES) {
        fields[side].addEventListener('input', draw);
    }
    picture.addEventListener('marks-changed', draw);
    for (const choice of form.querySelectorAll('[name=placement_id]')) {
        choice.addEventListener('change', draw);
    }
    if (!rectangle.hidden) {
        draw();
    } else if (proposed) {
        const [x, y, width, height] = proposed.dataset.proposed.split(',').map((share) => 100 * Number(share));
        look({ x, y, width, height });
    }
}
