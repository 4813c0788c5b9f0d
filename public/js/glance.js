/** Says what a subject comes to while it is drawn: asked of the server, one question at a time, the newest next. */
export function watchGlance(form) {
    const said = form.querySelector('[data-glance]');
    let asking = false;
    let next = null;

    const ask = async (mark) => {
        asking = true;
        const query = new URLSearchParams(Object.entries(mark).map(([side, value]) => [side, value.toFixed(2)]));
        // Taps that correct its outline count while it is drawn.
        [...form.querySelectorAll('[data-rows] [data-mark-row]')]
            .map((row) => [row.querySelector('[data-kind]').value, row.querySelector('[data-points]').value])
            .filter(([kind, points]) => ['belongs', 'apart'].includes(kind) && points !== '')
            .forEach(([kind, points], index) => {
                query.set(`marks[${index}][kind]`, kind);
                query.set(`marks[${index}][points]`, points);
            });
        const placement = form.querySelector('[name=placement_id]:checked');
        if (placement) {
            query.set('placement', placement.value);
        }
        try {
            const answer = await fetch(`${said.dataset.glance}?${query}`, { headers: { 'X-Requested-With': 'fetch' } });
            // Whoever was signed out meanwhile is led to another page, which is no answer.
            if (answer.status === 200 && !answer.redirected) {
                said.innerHTML = await answer.text();
                said.hidden = false;
                const picture = form.querySelector('[data-mark]');
                picture.querySelector('[data-outline]')?.remove();
                const outline = said.querySelector('[data-outline]');
                if (outline) {
                    picture.append(outline);
                }
            }
        } catch {
            // Without a network the marks are drawn all the same; what they come to is said when they are sent.
        }
        asking = false;
        if (next) {
            const newest = next;
            next = null;
            ask(newest);
        }
    };

    return (mark) => {
        if (!said) {
            return;
        }
        if (asking) {
            next = mark;
        } else {
            ask(mark);
        }
    };
}
