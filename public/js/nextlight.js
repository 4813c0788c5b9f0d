/**
 * What a turned dial does to the picture's brightness, shown at once: the same picture with its light multiplied, until
 * the camera's next one arrives. Only where the dials alone decide it: what a camera would balance and what a flash
 * lights waits for the camera.
 */
const FROM_METER = ['auto', 'program', 'aperture', 'shutter', 'manual-auto-iso'];

export function watchLight(finder) {
    const gains = finder.querySelectorAll('.light-filter [slope]');
    const sight = () => finder.querySelector('[data-sight]');
    const set = () => Object.fromEntries(new FormData(finder));
    let seen = set();
    const show = () => {
        const stops = sight() ? stopsBetween(seen, set()) : 0;
        gains.forEach((gain) => gain.setAttribute('slope', String(2 ** stops)));
        sight()?.classList.toggle('next-light', stops !== 0);
    };
    finder.addEventListener('change', show);
    document.body.addEventListener('htmx:afterSwap', ({ detail }) => {
        if (detail.target.id === 'sight') {
            seen = Object.fromEntries(detail.requestConfig.formData);
            show();
        } else if (detail.target.id === 'finder-problem') {
            sight()?.classList.remove('next-light');
        }
    });
}

/** How much lighter the picture becomes; 0 where that is not known. */
function stopsBetween(before, after) {
    if (after.finder !== 'electronic' || before.mode !== after.mode || Number(after.flash ?? 0) > 0) {
        return 0;
    }
    if (FROM_METER.includes(after.mode)) {
        return after.compensation - before.compensation;
    }
    const stops =
        2 * Math.log2(before.n / after.n) +
        Math.log2(seconds(after.t) / seconds(before.t)) +
        Math.log2(after.iso / before.iso) +
        (before.filter - after.filter);

    return Number.isFinite(stops) ? stops : 0;
}

/** "1/60" or "2". */
function seconds(text) {
    const [over, under = 1] = text.split('/').map(Number);

    return over / under;
}
