import Panzoom from '../vendor/panzoom/panzoom.es.js';

/**
 * Looking closer: by buttons, keys, wheel or two fingers; moved by dragging. What is laid over a picture goes with it.
 */
const MOST = 8;
/** A step of a button or key is a factor of 1.6; the library takes its logarithm. */
const STEP = Math.log(1.6);
const MOVE = 0.15;
const ARROWS = { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };

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
    const panzoom = Panzoom(picture, {
        maxScale: MOST,
        minScale: 1,
        cursor: '',
        panOnlyWhenZoomed: true,
        pinchAndPan: true,
        touchAction: '',
        overflow: 'hidden',
        // While something is drawn or picked on the picture, the pointer belongs to that.
        handleStartEvent: () => {},
        setTransform: (element, { scale, x, y }) => {
            element.style.transform = scale === 1 ? '' : `scale(${scale}) translate(${x}px, ${y}px)`;
        },
    });
    const isTaken = () => picture.matches('.picking, .placing, [data-mark]');
    const allow = () => panzoom.setOptions({ disablePan: isTaken(), disableZoom: false });
    const closer = (way) => {
        panzoom[way > 0 ? 'zoomIn' : 'zoomOut']({ step: STEP, animate: false });
        if (panzoom.getScale() < 1.02) {
            panzoom.reset({ animate: false });
        }
    };
    const move = (right, down) => {
        const scale = panzoom.getScale();
        panzoom.pan((right * MOVE * picture.offsetWidth) / scale, (down * MOVE * picture.offsetHeight) / scale, {
            relative: true,
            force: true,
        });
    };

    picture.addEventListener('panzoomchange', ({ detail: { scale, x, y } }) => {
        const [right, down] = [reach(picture.offsetWidth, scale), reach(picture.offsetHeight, scale)];
        const [inX, inY] = [Math.max(-right, Math.min(right, x)), Math.max(-down, Math.min(down, y))];
        if (Math.abs(inX - x) > 0.5 || Math.abs(inY - y) > 0.5) {
            // Never past the edge of the picture.
            panzoom.pan(inX, inY, { force: true, silent: true });
        }
        show(scale);
        const group = zoom.dataset.zoomGroup;
        for (const other of group ? document.querySelectorAll(`[data-zoom-group="${group}"]`) : []) {
            if (other !== zoom) {
                const at = { ...panzoom.getPan(), scale };
                other.dispatchEvent(new CustomEvent('follow', { detail: at }));
            }
        }
    });
    // Pictures of one group are seen from as near, at the same place.
    zoom.addEventListener('follow', ({ detail: { scale, x, y } }) => {
        panzoom.zoom(scale, { animate: false, silent: true, force: true });
        panzoom.pan(x, y, { animate: false, silent: true, force: true });
        show(scale);
    });
    const show = (scale) => {
        // Marks keep the width of their lines.
        picture.style.setProperty('--closer', scale);
        picture.toggleAttribute('data-zoomed', scale > 1);
        buttons.farther.disabled = scale === 1;
        buttons.closer.disabled = scale >= MOST;
        // The small copy has no more to show: the whole picture comes, once.
        if (
            zoom.dataset.whole &&
            scale * picture.offsetWidth * devicePixelRatio > image.naturalWidth &&
            image.complete
        ) {
            image.src = zoom.dataset.whole;
            delete zoom.dataset.whole;
        }
    };

    picture.addEventListener('pointerdown', allow, { capture: true });
    buttons.closer.addEventListener('click', () => closer(1));
    buttons.farther.addEventListener('click', () => closer(-1));
    zoom.addEventListener('closer', (event) => closer(event.detail));
    zoom.addEventListener('move', (event) => move(...event.detail));
    zoom.addEventListener('keydown', (event) => {
        if (ARROWS[event.key] && panzoom.getScale() > 1 && event.target.closest('.zoom')) {
            event.preventDefault();
            event.stopPropagation();
            move(...ARROWS[event.key]);
        }
    });
    zoom.querySelector('.surround').addEventListener(
        'wheel',
        (event) => {
            // A wheel alone scrolls the page.
            if (event.ctrlKey && !isTaken()) {
                panzoom.zoomWithWheel(event, { animate: false });
            }
        },
        { passive: false },
    );
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
    image.addEventListener('dragstart', (event) => event.preventDefault());
    show(1);
}

/** How far a picture of a size may be moved either way before its edge comes in, in its own pixels. */
function reach(size, scale) {
    return ((scale - 1) * size) / (2 * scale);
}

/** The picture that is seen most of now. */
export function inView() {
    const seen = (zoom) => {
        const box = zoom.getBoundingClientRect();

        return Math.max(0, Math.min(innerHeight, box.bottom) - Math.max(0, box.top));
    };

    return [...document.querySelectorAll('[data-zoom]')].sort((a, b) => seen(b) - seen(a))[0];
}
