/** After the press the frame itself is shown over the finder: kept, deleted, or put away by whatever is done next. */
let awaits = false;

export function watchPlayback(finder) {
    const place = document.getElementById('playback');
    const leave = () => {
        place.hidden = true;
        place.replaceChildren();
    };
    finder.addEventListener('click', (event) => {
        if (event.target.closest('[data-press]')) {
            awaits = true;
            leave();
        } else if (event.target.closest('[data-keep], [data-delete]')) {
            // What htmx asks for goes out before its button goes.
            setTimeout(leave, 0);
        }
    });
    finder.addEventListener('change', leave);
    document.addEventListener('keydown', (event) => event.key === 'Escape' && leave());
    document.body.addEventListener('htmx:afterSettle', async (event) => {
        const newest = document.querySelector('#roll [data-newest]')?.dataset.newest;
        if (!awaits || event.detail.target.id !== 'roll' || !newest) {
            return;
        }
        awaits = false;
        const answer = await fetch(`/roll/${newest}/playback`, { credentials: 'same-origin' }).catch(() => null);
        if (answer?.ok) {
            place.innerHTML = await answer.text();
            place.querySelector('[data-view="ends"]')?.removeAttribute('hidden');
            place.hidden = false;
            htmx.process(place);
        }
    });
}
