/** A second click while the first is under way does nothing. The server holds to that too. */
export function onceOnly(root) {
    for (const form of root.querySelectorAll('form[data-once]:not([data-guarded])')) {
        form.dataset.guarded = '';
        form.addEventListener('submit', (event) => {
            if (form.dataset.sent) {
                event.preventDefault();
                return;
            }
            form.dataset.sent = '1';
        });
    }
}
// Coming back to a page from the browser's memory makes its forms usable again.
addEventListener('pageshow', (event) => {
    if (event.persisted) {
        document.querySelectorAll('form[data-sent]').forEach((form) => delete form.dataset.sent);
    }
});
