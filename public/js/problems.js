import { say } from './say.js';

/** A failed request says what happened and what was kept. Everything typed stays in its field. */
export function tellProblems() {
    // What was refused because somebody else was quicker is answered with what stands there now, to be shown.
    document.body.addEventListener('htmx:beforeSwap', (event) => {
        const { xhr, requestConfig } = event.detail;
        if (xhr.status === 409 && xhr.getResponseHeader('HX-Reswap')) {
            // Sent before somebody chose, and answered after it: the choice stands.
            const now = document.getElementById('summary-revision')?.value;
            const isPast =
                xhr.getResponseHeader('HX-Retarget') === '#both-texts' && requestConfig.parameters.revision !== now;
            event.detail.shouldSwap = !isPast;
            event.detail.isError = false;
        }
    });
    // What the page asks by itself fails silently; the next thing that somebody does will say it.
    const isOwn = (event) => Boolean(event.detail.elt.closest?.('[data-quiet]'));
    document.body.addEventListener('htmx:responseError', (event) => {
        if (isOwn(event)) {
            return;
        }
        const { status, responseText } = event.detail.xhr;
        const words = {
            401:
                'You are signed out. What you typed is kept in this browser: sign in again in another tab, then come ' +
                'back and press the button again.',
            403: 'This is not yours to change. What you typed is still here.',
            422: 'Something is missing or cannot be read. What you typed is still here.',
        };
        // Who is signed out or kept out needs more than the server's one word for it.
        const said = status === 401 || status === 403 ? null : readMessage(responseText);
        say(
            said ?? words[status] ?? 'Something broke on our side. What you typed is still here; please try again.',
            true,
        );
    });
    document.body.addEventListener('htmx:sendError', (event) => {
        if (isOwn(event)) {
            return;
        }
        say(
            'The connection is gone. What you typed is kept in this browser; press the button again when it is back.',
            true,
        );
    });
}

/** The sentence in an answer: a JSON message, or a short plain text. */
function readMessage(text) {
    try {
        return JSON.parse(text).message ?? null;
    } catch {
        return text && text.length < 400 && !text.includes('<') ? text : null;
    }
}
