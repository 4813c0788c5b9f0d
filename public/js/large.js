/** A picture that can be seen as large as the screen: a tap opens it, a tap or Escape puts it away. */
export function watchLarge() {
    const open = (picture) => {
        const dialog = document.createElement('dialog');
        dialog.className = 'large';
        dialog.setAttribute('aria-label', picture.alt);
        dialog.append(Object.assign(document.createElement('img'), { src: picture.src, alt: picture.alt }));
        dialog.addEventListener('click', () => dialog.close());
        dialog.addEventListener('close', () => {
            dialog.remove();
            picture.focus();
        });
        document.body.append(dialog);
        dialog.showModal();
    };
    document.addEventListener('click', (event) => {
        if (event.target.matches?.('img[data-large]')) {
            open(event.target);
        }
    });
    document.addEventListener('keydown', (event) => {
        if ((event.key === 'Enter' || event.key === ' ') && event.target.matches('img[data-large]')) {
            event.preventDefault();
            open(event.target);
        }
    });
}
