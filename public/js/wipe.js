/** Two pictures over each other, parted where the slider stands. */
export function watchWipes(root) {
    for (const wipe of root.querySelectorAll('[data-wipe]:not([data-watched])')) {
        wipe.dataset.watched = '';
        const slider = wipe.querySelector('input');
        const after = wipe.querySelector('[data-after]');
        const part = () => {
            after.style.clipPath = `inset(0 0 0 ${slider.value}%)`;
        };
        slider.addEventListener('input', part);
        // By key, from one to the other at once.
        wipe.addEventListener('turn', () => {
            slider.value = Number(slider.value) < 50 ? 100 : 0;
            part();
        });
        part();
    }
}
