/** Looking closer: by buttons, keys, wheel or two fingers; moved by dragging. What is laid over a picture goes with it. */
const MOST = 8;
const STEP = 1.6;
const MOVE = 0.15;

export function watchZooms(root) {
    for (const zoom of root.querySelectorAll('[data-zoom]:not([data-watched])')) {
        zoom.dataset.watched = '';
        watch(zoom);
    }
}

function watch(zoom) {
    const picture = zoom.querySelector('.picture');
    const image = picture.querySelector('img');
    const buttons = { closer: zoom.querySelector('[data-closer]'), farther: zoom.querySelector('[data-farther]') };
    const pointers = new Map();
    let [scale, x, y] = [1, 0, 0];

    const show = () => {
        const [width, height] = [picture.offsetWidth, picture.offsetHeight];
        x = Math.min(0, Math.max(width * (1 - scale), x));
        y = Math.min(0, Math.max(height * (1 - scale), y));
        picture.style.transform = scale === 1 ? '' : `translate(${x}px, ${y}px) scale(${scale})`;
        // Marks keep the width of their lines.
        picture.style.setProperty('--closer', scale);
        picture.toggleAttribute('data-zoomed', scale > 1);
        buttons.farther.disabled = scale === 1;
        buttons.closer.disabled = scale >= MOST;
        // The small copy has no more to show: the whole picture comes, once.
        if (zoom.dataset.whole && scale * width * devicePixelRatio > image.naturalWidth && image.complete) {
            image.src = zoom.dataset.whole;
            delete zoom.dataset.whole;
        }
    };
    // At a place given in pixels of the picture as it lies there unenlarged.
    const closer = (by, at = { x: picture.offsetWidth / 2, y: picture.offsetHeight / 2 }) => {
        const next = Math.min(MOST, Math.max(1, scale * by));
        x = at.x - (at.x - x) * (next / scale);
        y = at.y - (at.y - y) * (next / scale);
        scale = next < 1.02 ? 1 : next;
        show();
    };
    const move = (right, down) => {
        x += right;
        y += down;
        show();
    };
    const place = (event) => {
        const box = zoom.querySelector('.surround').getBoundingClientRect();

        return { x: event.clientX - box.left - picture.offsetLeft, y: event.clientY - box.top - picture.offsetTop };
    };
    const isTaken = () => picture.matches('.picking, .placing, [data-mark]');

    buttons.closer.addEventListener('click', () => closer(STEP));
    buttons.farther.addEventListener('click', () => closer(1 / STEP));
    zoom.addEventListener('keydown', (event) => {
        const way = { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
        if (way && scale > 1 && event.target.closest('.zoom')) {
            event.preventDefault();
            event.stopPropagation();
            move(way[0] * MOVE * picture.offsetWidth, way[1] * MOVE * picture.offsetHeight);
        }
    });
    zoom.addEventListener('closer', (event) => closer(event.detail > 0 ? STEP : 1 / STEP));
    zoom.addEventListener('move', (event) =>
        move(event.detail[0] * MOVE * picture.offsetWidth, event.detail[1] * MOVE * picture.offsetHeight),
    );
    zoom.querySelector('.surround').addEventListener(
        'wheel',
        (event) => {
            // A wheel alone scrolls the page.
            if (event.ctrlKey && !isTaken()) {
                event.preventDefault();
                closer(2 ** (-event.deltaY / 200), place(event));
            }
        },
        { passive: false },
    );
    picture.addEventListener('pointerdown', (event) => {
        pointers.set(event.pointerId, place(event));
        if (scale > 1 && !isTaken()) {
            picture.setPointerCapture(event.pointerId);
        }
    });
    picture.addEventListener('pointermove', (event) => {
        const from = pointers.get(event.pointerId);
        if (!from || isTaken()) {
            return;
        }
        const to = place(event);
        const others = [...pointers].filter(([id]) => id !== event.pointerId);
        if (others.length === 1) {
            const other = others[0][1];
            const apart = (point) => Math.hypot(point.x - other.x, point.y - other.y) || 1;
            closer(apart(to) / apart(from), { x: (to.x + other.x) / 2, y: (to.y + other.y) / 2 });
        } else if (scale > 1) {
            move(to.x - from.x, to.y - from.y);
        }
        pointers.set(event.pointerId, to);
    });
    // Two fingers look closer; without this the page would take them for scrolling.
    picture.addEventListener(
        'touchmove',
        (event) => {
            if (event.touches.length > 1 && !isTaken()) {
                event.preventDefault();
            }
        },
        { passive: false },
    );
    for (const ending of ['pointerup', 'pointercancel', 'pointerleave']) {
        picture.addEventListener(ending, (event) => pointers.delete(event.pointerId));
    }
    image.addEventListener('dragstart', (event) => event.preventDefault());
    show();
}

/** The picture that is seen most of now. */
export function inView() {
    const seen = (zoom) => {
        const box = zoom.getBoundingClientRect();

        return Math.max(0, Math.min(innerHeight, box.bottom) - Math.max(0, box.top));
    };

    return [...document.querySelectorAll('[data-zoom]')].sort((a, b) => seen(b) - seen(a))[0];
}
