/** Shows the part of the picture that a finding speaks of while it is pointed at, or until "where" is pressed again. */
export function watchPatches() {
    document.addEventListener('pointerover', ({ target }) => show(target.closest?.('[data-patch]')));
    document.addEventListener('click', ({ target }) => {
        const button = target.closest('[data-where]');
        if (!button) {
            return;
        }
        const pressed = button.getAttribute('aria-pressed') === 'true';
        document.querySelectorAll('[data-where]').forEach((one) => one.setAttribute('aria-pressed', 'false'));
        button.setAttribute('aria-pressed', String(!pressed));
        show(pressed ? null : button.closest('[data-patch]'));
        if (!pressed) {
            picture(button)?.scrollIntoView({ block: 'nearest' });
        }
    });
}

function show(finding) {
    const held = document.querySelector('[data-where][aria-pressed=true]')?.closest('[data-patch]');
    const shown = finding ?? held ?? null;
    const now = document.querySelector('.patch');
    if (now?.dataset.of === shown?.dataset.patch) {
        return;
    }
    now?.remove();
    if (!shown) {
        return;
    }
    const patch = document.createElement('span');
    patch.className = 'patch';
    patch.dataset.of = shown.dataset.patch;
    const [left, top, width, height] = shown.dataset.patch.split(',');
    Object.assign(patch.style, { left: `${left}%`, top: `${top}%`, width: `${width}%`, height: `${height}%` });
    picture(shown)?.append(patch);
}

/** The nearest one: a page may show several frames, each with what is said of it. */
function picture(finding) {
    for (let around = finding; around; around = around.parentElement) {
        const found = around.querySelector('.picture');
        if (found) {
            return found;
        }
    }

    return null;
}
