/** Draws the place of a note on the picture beside it. The numbers in the form are the truth; this fills them. */
export function watchPlaces() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-draw-place]');
        if (button) {
            draw(button);
        }
    });
}

function draw(button) {
    const form = button.closest('form');
    const picture = button.closest('.desk-frame')?.querySelector('.picture');
    if (!picture) {
        return;
    }
    const box = document.createElement('div');
    box.className = 'place-mark';
    picture.querySelector('.place-mark')?.remove();
    picture.append(box);
    picture.classList.add('placing');
    picture.scrollIntoView({ block: 'nearest' });
    const at = (event) => {
        const area = picture.getBoundingClientRect();
        const inside = (share) => Math.min(100, Math.max(0, 100 * share));

        return {
            x: inside((event.clientX - area.left) / area.width),
            y: inside((event.clientY - area.top) / area.height),
        };
    };
    let from = null;
    const show = (to) => {
        const mark = {
            x: Math.min(from.x, to.x),
            y: Math.min(from.y, to.y),
            width: Math.abs(to.x - from.x),
            height: Math.abs(to.y - from.y),
        };
        Object.assign(box.style, {
            left: `${mark.x}%`,
            top: `${mark.y}%`,
            width: `${mark.width}%`,
            height: `${mark.height}%`,
        });
        for (const [side, value] of Object.entries(mark)) {
            form.querySelector(`[data-place="${side}"]`).value = value.toFixed(1);
        }
    };
    const down = (event) => {
        event.preventDefault();
        from = at(event);
        picture.setPointerCapture(event.pointerId);
    };
    const move = (event) => from && show(at(event));
    const up = (event) => {
        if (!from) {
            return;
        }
        show(at(event));
        picture.classList.remove('placing');
        picture.removeEventListener('pointerdown', down);
        picture.removeEventListener('pointermove', move);
        picture.removeEventListener('pointerup', up);
        form.querySelector('textarea').focus();
    };
    picture.addEventListener('pointerdown', down);
    picture.addEventListener('pointermove', move);
    picture.addEventListener('pointerup', up);
}
