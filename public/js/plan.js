/** What a plan's fields are filled with by one tap: infinity, and where and when one is, once the person agrees. */
export function watchPlan() {
    const changed = (field) => field.dispatchEvent(new Event('change', { bubbles: true }));

    document.addEventListener('click', (event) => {
        const fill = event.target.closest('[data-fill]');
        const here = event.target.closest('[data-here]');
        if (fill) {
            event.preventDefault();
            const field = fill.form.elements[fill.dataset.fill];
            field.value = fill.dataset.value;
            changed(field);
        } else if (here) {
            find(here);
        }
    });

    function find(button) {
        const { form } = button;
        const said = form.querySelector('[data-here-said]');
        if (!navigator.geolocation) {
            said.textContent = 'This device does not tell where it is. Type the place instead.';
            return;
        }
        said.textContent = 'Asking your device …';
        navigator.geolocation.getCurrentPosition(
            ({ coords }) => {
                // A hundredth of a degree is about a kilometre, and nothing that light would notice.
                form.elements.lat.value = coords.latitude.toFixed(2);
                form.elements.lon.value = coords.longitude.toFixed(2);
                const now = (options) =>
                    new Intl.DateTimeFormat('sv-SE', { timeZone: button.dataset.timezone, ...options }).format();
                form.elements.date.value = now({ year: 'numeric', month: '2-digit', day: '2-digit' });
                if (form.elements.time) {
                    form.elements.time.value = now({ hour: '2-digit', minute: '2-digit' });
                }
                said.textContent = 'Filled in. Change it as you like, or empty it.';
                changed(form.elements.date);
            },
            () => {
                said.textContent = 'Your device did not tell. Type the place instead; what you typed is kept.';
            },
            { maximumAge: 600000, timeout: 15000 },
        );
    }
}
