/** One more line in a form that holds a list ([data-lines]); without this, saving gives a further empty one. */
export function watchLines() {
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-add-line]');
        if (!button) {
            return;
        }
        const list = button.dataset.addLine;
        const holder = document.createElement('div');
        const template = document.querySelector(`template[data-line="${list}"]`);
        holder.innerHTML = template.innerHTML.replaceAll('NEW', `n${Date.now()}`);
        const line = holder.firstElementChild;
        document.querySelector(`[data-lines="${list}"]`).append(line);
        line.querySelector('input:not([type=hidden]), select').focus();
    });
}
