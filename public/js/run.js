/** Lets a scene run in its own time: each sight that arrives asks for the next, at the moment that it is by then. */
export function watchRun(finder, look) {
    const button = finder.querySelector('[data-run]');
    if (!button) {
        return;
    }
    const moment = finder.elements.moment;
    let began = null;
    const stop = () => {
        began = null;
        finder.elements.runs.value = '';
        button.setAttribute('aria-pressed', 'false');
    };
    const go = () => {
        const seconds = (performance.now() - began) / 1000;
        if (seconds > Number(moment.max)) {
            stop();
            return;
        }
        moment.value = seconds;
        look();
    };
    button.addEventListener('click', () => {
        if (began !== null) {
            stop();
            return;
        }
        began = performance.now();
        finder.elements.runs.value = '1';
        button.setAttribute('aria-pressed', 'true');
        go();
    });
    document.body.addEventListener('htmx:afterSwap', (event) => {
        if (began !== null && event.detail.target.id === 'sight') {
            requestAnimationFrame(go);
        }
    });
    // The press is of the moment at which the finger comes down; what is played back then stands still.
    finder.querySelector('[data-press]').addEventListener('htmx:configRequest', (event) => {
        if (began !== null) {
            const seconds = Math.min(Number(moment.max), (performance.now() - began) / 1000);
            event.detail.parameters.moment = seconds.toFixed(3);
            moment.value = seconds;
        }
    });
    finder.querySelector('[data-press]').addEventListener('htmx:afterRequest', stop);
    moment.addEventListener('input', stop);
}
