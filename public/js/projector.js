// One thing a screen: the arrow keys turn, as the two links do.
document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, textarea, select, summary')) {
        return;
    }
    const way = { ArrowRight: 'next', PageDown: 'next', ' ': 'next', ArrowLeft: 'prev', PageUp: 'prev' }[event.key];
    const link = way && document.querySelector(`[data-projector] a[rel="${way}"]`);
    if (link && !(event.key === ' ' && event.target.closest('a, button'))) {
        event.preventDefault();
        link.click();
    }
});
