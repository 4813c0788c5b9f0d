/** Switches what is laid over a picture; everything that is shown was worked out by the server. */
export function watchViews(root) {
    for (const views of root.querySelectorAll('[data-views]')) {
        if (!views.dataset.watched) {
            views.dataset.watched = 'yes';
            watch(views);
        }
    }
}

function watch(views) {
    const picture = views.parentElement.querySelector('.picture');
    const buttons = [...views.querySelectorAll('[data-show]')];
    const show = (name) => {
        for (const button of buttons) {
            button.setAttribute('aria-pressed', String(button.dataset.show === name));
        }
        for (const part of picture.querySelectorAll('[data-view]')) {
            part.toggleAttribute('hidden', part.dataset.view !== name);
        }
        for (const words of views.querySelectorAll('[data-words]')) {
            words.hidden = words.dataset.words !== name;
        }
        picture.classList.toggle('picking', name === 'spot');
        views.dataset.shown = name ?? '';
        sessionStorage.setItem('view', name ?? '');
    };
    for (const button of buttons) {
        button.addEventListener('click', () =>
            show(button.getAttribute('aria-pressed') === 'true' ? null : button.dataset.show),
        );
    }
    views.addEventListener('next-view', () => {
        const at = buttons.findIndex((button) => button.getAttribute('aria-pressed') === 'true');
        show(buttons[at + 1]?.dataset.show ?? null);
    });
    // What was looked at on one frame is looked at on the next.
    const last = sessionStorage.getItem('view');
    if (buttons.some((button) => button.dataset.show === last)) {
        show(last);
    }
    // The next reading is held against the one before.
    const spot = views.querySelector('.spot-form');
    spot?.addEventListener('htmx:afterRequest', ({ detail }) => {
        if (detail.successful) {
            spot.elements.fromX.value = detail.requestConfig.parameters.x;
            spot.elements.fromY.value = detail.requestConfig.parameters.y;
        }
    });
    picture.addEventListener('click', (event) => {
        if (views.dataset.shown !== 'spot') {
            return;
        }
        const box = picture.getBoundingClientRect();
        spot.elements.x.value = Math.min(100, Math.max(0, ((event.clientX - box.left) / box.width) * 100)).toFixed(1);
        spot.elements.y.value = Math.min(100, Math.max(0, ((event.clientY - box.top) / box.height) * 100)).toFixed(1);
        spot.requestSubmit();
    });
}
