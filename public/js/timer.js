/** The self-timer counts down on the shutter before the press goes out; another press stops it. */
export function watchTimer(finder) {
    const press = finder.querySelector('[data-press]');
    const count = press.querySelector('[data-count]');
    let counting = null;
    const stop = () => {
        clearInterval(counting);
        counting = null;
        count.textContent = 'press';
    };
    press.addEventListener('htmx:confirm', (event) => {
        let left = Number(finder.elements.timer.value);
        if (counting !== null) {
            event.preventDefault();
            stop();
        } else if (left > 0) {
            event.preventDefault();
            count.textContent = left;
            counting = setInterval(() => {
                left -= 1;
                count.textContent = left;
                if (left <= 0) {
                    stop();
                    event.detail.issueRequest();
                }
            }, 1000);
        }
    });
}
