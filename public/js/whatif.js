/** Shows what the numbers of a what-if make. The server works it out; the newest wish wins. */
const PAUSE = 250;

export function watchWhatIfs(root) {
    for (const tools of root.querySelectorAll('[data-what-if]:not([data-watched])')) {
        tools.dataset.watched = '';
        const form = tools.querySelector('form');
        let timer = null;
        let wish = null;
        const ask = async () => {
            wish?.abort();
            wish = new AbortController();
            const numbers = new URLSearchParams(new FormData(form));
            numbers.delete('_token');
            try {
                const response = await fetch(`${tools.dataset.whatIf}?${numbers}`, {
                    signal: wish.signal,
                    credentials: 'same-origin',
                });
                await show(tools, response);
            } catch (problem) {
                if (problem.name !== 'AbortError') {
                    say(tools, 'No connection; the picture shows what was asked for last.');
                }
            }
        };
        form.addEventListener('input', () => {
            clearTimeout(timer);
            timer = setTimeout(ask, PAUSE);
        });
        form.querySelector('[data-crops]')?.addEventListener('change', (event) => {
            const sides = event.target.value === '' ? ['', '', '', ''] : event.target.value.split(' ');
            ['x', 'y', 'width', 'height'].forEach((side, index) => {
                form.elements[`crop[${side}]`].value = sides[index];
            });
            ask();
        });
    }
}

async function show(tools, response) {
    const preview = tools.querySelector('[data-preview]');
    if (!response.ok) {
        say(tools, response.status === 422 ? await response.text() : 'This could not be worked out.');
        return;
    }
    say(tools, null);
    const before = preview.src;
    preview.src = URL.createObjectURL(await response.blob());
    preview.hidden = false;
    if (before.startsWith('blob:')) {
        URL.revokeObjectURL(before);
    }
}

function say(tools, message) {
    const said = tools.querySelector('[data-said]');
    said.textContent = message ?? '';
    said.hidden = message === null;
}
