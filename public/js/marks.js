/**
 * Points, lines and areas drawn on a picture, besides its subject. The rows of numbers are the truth; this fills and
 * shows them.
 */
const SVG = 'http://www.w3.org/2000/svg';
const HINTS = {
    subject: 'Drag a rectangle round the subject itself, as tight as it goes.',
    point: 'Tap the place.',
    line: 'Drag from one end of the line to the other.',
    area: 'Drag a rectangle, or tap the corners of an outline one after the other and close it.',
};
const START = { point: '50,50', line: '20,50 80,50', area: '30,30 70,70' };
const TAP = 1.2;

export function watchMarkLists(root) {
    for (const list of root.querySelectorAll('[data-marks]:not([data-watched])')) {
        list.dataset.watched = '';
        watch(list);
    }
}

function watch(list) {
    const picture = list.closest('form').querySelector('[data-mark]');
    const tool = list.querySelector('[data-tool]');
    const rows = list.querySelector('[data-rows]');
    const [add, close, hint] = ['[data-add]', '[data-close]', '[data-hint]'].map((selector) =>
        list.closest('form').querySelector(selector),
    );
    const shape = () => tool.selectedOptions[0].dataset.shape;
    const shapeOf = (kind) => tool.querySelector(`option[value="${kind}"]`)?.dataset.shape ?? 'area';
    const layer = document.createElementNS(SVG, 'svg');
    layer.setAttribute('viewBox', '0 0 100 100');
    layer.setAttribute('preserveAspectRatio', 'none');
    layer.classList.add('mark-layer');
    layer.setAttribute('aria-hidden', 'true');
    picture.append(layer);

    let isLent = false;
    let outline = [];
    let from = null;
    let to = null;
    const text = (points) =>
        points.map((point) => point.map((number) => Math.round(number * 100) / 100).join(',')).join(' ');
    const points = (value) =>
        value
            .trim()
            .split(/\s+/)
            .map((pair) => pair.split(',').map(Number))
            .filter((pair) => pair.length === 2 && pair.every(Number.isFinite));

    const changed = () => picture.dispatchEvent(new Event('marks-changed'));
    const draw = () => {
        layer.replaceChildren();
        for (const row of rows.querySelectorAll('[data-mark-row]')) {
            show(
                points(row.querySelector('[data-points]').value),
                shapeOf(row.querySelector('[data-kind]').value),
                row.querySelector('[data-kind]').value,
            );
        }
        show(
            from !== null && to !== null && shape() !== 'point' ? [from, to] : outline,
            outline.length > 0 ? 'outline' : shape(),
            tool.value,
        );
    };
    const show = (corners, form, kind) => {
        if (corners.length === 0) {
            return;
        }
        const [first, second] = corners;
        if (form === 'area' && corners.length === 2) {
            corners = [first, [second[0], first[1]], second, [first[0], second[1]]];
        }
        const path = document.createElementNS(SVG, 'path');
        path.classList.add('mark-drawn', `mark-${kind}`);
        path.setAttribute(
            'd',
            corners.length === 1
                ? `M${corners[0][0] - 1.6},${corners[0][1]}h3.2M${corners[0][0]},${corners[0][1] - 2.4}v4.8`
                : `M${corners.map((corner) => corner.join(',')).join('L')}${form === 'area' ? 'Z' : ''}`,
        );
        layer.append(path);
    };
    const put = (corners, kind = tool.value) => {
        const count = rows.querySelectorAll('[data-mark-row]').length;
        if (count >= Number(list.dataset.most)) {
            hint.textContent = `A frame takes ${list.dataset.most} marks; remove one first.`;

            return null;
        }
        const row = list.querySelector('template[data-row]').content.firstElementChild.cloneNode(true);
        const index = Date.now() % 1e9;
        for (const field of row.querySelectorAll('[name]')) {
            field.name = field.name.replace('NEW', index);
        }
        row.querySelector('[data-kind]').value = kind;
        const label = tool.querySelector(`option[value="${kind}"]`).textContent.trim();
        row.querySelector('[data-name]').textContent = label.charAt(0).toUpperCase() + label.slice(1);
        row.querySelector('[data-points]').value = corners;
        for (const part of row.querySelectorAll('[data-only]')) {
            part.hidden = part.dataset.only !== kind;
        }
        rows.append(row);
        draw();
        changed();

        return row;
    };
    const place = (event) => {
        const box = picture.getBoundingClientRect();
        const inside = (share) => Math.min(100, Math.max(0, share * 100));

        return [inside((event.clientX - box.left) / box.width), inside((event.clientY - box.top) / box.height)];
    };
    const finish = () => {
        if (outline.length >= 3) {
            put(text(outline));
        }
        outline = [];
        close.hidden = true;
        draw();
    };

    tool.addEventListener('change', () => {
        finish();
        isLent = false;
        picture.dataset.tool = tool.value;
        hint.textContent = HINTS[shape()];
        add.hidden = shape() === 'subject';
    });
    add.addEventListener('click', () => put(START[shape()])?.querySelector('[data-points]').focus());
    close.addEventListener('click', finish);
    // One eye is marked: another one takes its place.
    picture.addEventListener('take-eye', (event) => {
        for (const row of rows.querySelectorAll('[data-mark-row]')) {
            if (row.querySelector('[data-kind]').value === 'eye') {
                row.remove();
            }
        }
        put(text([[100 * event.detail.x, 100 * event.detail.y]]), 'eye');
    });
    const take = (kind) => {
        tool.value = kind;
        tool.dispatchEvent(new Event('change'));
    };
    // A button under the picture lends a tool for one tap; then a drag draws the subject again.
    picture.closest('form').addEventListener('click', (event) => {
        const wanted = event.target.closest('[data-use-tool]')?.dataset.useTool;
        if (wanted) {
            take(wanted);
            isLent = true;
            picture.scrollIntoView({ block: 'nearest' });
        }
    });
    rows.addEventListener('input', draw);
    rows.addEventListener('click', (event) => {
        if (event.target.closest('[data-remove]')) {
            event.target.closest('[data-mark-row]').remove();
            draw();
            changed();
            tool.focus();
        }
    });
    picture.addEventListener('pointerdown', (event) => {
        if (shape() === 'subject' || event.button !== 0) {
            return;
        }
        from = place(event);
        to = null;
        picture.setPointerCapture(event.pointerId);
        event.preventDefault();
    });
    picture.addEventListener('pointermove', (event) => {
        if (from !== null) {
            to = place(event);
            draw();
        }
    });
    picture.addEventListener('pointerup', (event) => {
        if (from === null) {
            return;
        }
        to = place(event);
        const isTap = Math.hypot(to[0] - from[0], to[1] - from[1]) < TAP;
        if (shape() === 'point') {
            put(text([to]));
            if (isLent) {
                take('subject');
            }
        } else if (isTap && shape() === 'area') {
            outline.push(to);
            close.hidden = outline.length < 3;
        } else if (!isTap) {
            const across = (at) => [from[at], to[at]].sort((a, b) => a - b);
            put(
                text(
                    shape() === 'area'
                        ? [
                              [across(0)[0], across(1)[0]],
                              [across(0)[1], across(1)[1]],
                          ]
                        : [from, to],
                ),
            );
        }
        from = to = null;
        draw();
    });
    picture.addEventListener('pointercancel', () => {
        from = to = null;
        draw();
    });
    draw();
}
