/** The contact sheet of a brief by keyboard and pointer: which frames are ticked, which two are compared. */
export function watchContactSheet() {
    const sheet = document.querySelector('[data-contact-sheet]');
    if (!sheet) {
        return;
    }
    const frames = [...sheet.querySelectorAll('[data-sheet-frame]')];
    const remark = sheet.querySelector('#remark');
    const compare = sheet.querySelector('[data-compare-both]');
    const pair = [];
    const box = (frame) => frame.querySelector('input');
    const ticked = () => frames.filter((frame) => box(frame).checked);
    const tell = () => tellTicked(sheet, ticked(), frames.length, remark);
    const tick = (some, on) => {
        for (const frame of some) {
            box(frame).checked = on;
        }
        tell();
    };
    const tickGroup = (group) => {
        const own = [...group.querySelectorAll('[data-sheet-frame]')];
        tick(own, !own.every((frame) => box(frame).checked));
    };
    const letter = (frame) => {
        const at = pair.indexOf(frame);
        at >= 0 ? pair.splice(at, 1) : pair.push(frame);
        pair.splice(0, pair.length - 2);
        for (const one of frames) {
            const mark = one.querySelector('.letter');
            mark.hidden = !pair.includes(one);
            mark.textContent = 'AB'[pair.indexOf(one)] ?? '';
        }
        compare.disabled = pair.length < 2;
    };
    const beside = () => {
        const [a, b] = pair.map((frame) => frame.dataset.sheetFrame);
        location.assign(sheet.dataset.compare.replace(/A(?=\/)/, a).replace(/B$/, b));
    };
    const look = (frame) => {
        for (const one of frames) {
            one.tabIndex = one === frame ? 0 : -1;
        }
        frame.focus();
        frame.scrollIntoView({ block: 'nearest' });
    };
    const current = () => frames.find((frame) => frame.tabIndex === 0) ?? frames[0];
    sheet.addEventListener('click', (event) => {
        const { target } = event;
        const frame = target.closest('[data-sheet-frame]');
        if (target.closest('[data-tick-group]')) {
            tickGroup(target.closest('[data-group]'));
        } else if (target.closest('[data-compare-both]')) {
            beside();
        } else if (target.closest('[data-sheet-keys]')) {
            sheet.querySelector('[data-sheet-keys-dialog]').showModal();
        } else if (target.closest('[data-place]')) {
            putIn(remark, target.closest('[data-place]').dataset.place);
        } else if (frame && !target.closest('a, label, input')) {
            location.assign(frame.dataset.open);
        }
    });
    sheet.addEventListener('change', (event) => {
        if (event.target.matches('[data-goes]')) {
            event.target.form.requestSubmit();
        } else if (event.target.matches('.tick input')) {
            tell();
        }
    });
    remark?.addEventListener('input', tell);
    sheet.addEventListener('keydown', (event) => {
        if (event.target === remark) {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
                event.preventDefault();
                remark.form.requestSubmit();
            } else if (event.key === 'Escape') {
                look(current());
            }
        }
    });
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey || sheet.querySelector('dialog[open]')) {
            return;
        }
        if (event.target.matches('textarea, select, input:not([type=checkbox]), button, summary, a')) {
            return;
        }
        const frame = current();
        const keys = {
            ArrowRight: () => step(frames, frame, 1, look),
            ArrowLeft: () => step(frames, frame, -1, look),
            ArrowDown: () => below(frames, frame, 1, look),
            ArrowUp: () => below(frames, frame, -1, look),
            x: () => tick([frame], !box(frame).checked),
            g: () => tickGroup(frame.closest('[data-group]')),
            c: () => (pair.length === 2 ? beside() : letter(frame)),
            t: () => remark.focus(),
            Enter: () => location.assign(frame.dataset.open),
            '?': () => sheet.querySelector('[data-sheet-keys-dialog]').showModal(),
        };
        if (frame && keys[event.key]) {
            event.preventDefault();
            keys[event.key]();
        }
    });
    if (frames.length) {
        tell();
    }
}

/** To the next frame or the one before, over all groups. */
function step(frames, from, by, look) {
    const next = frames[frames.indexOf(from) + by];
    if (next) {
        look(next);
    }
}

/** To the frame that stands nearest below, or above. */
function below(frames, from, way, look) {
    const at = from.getBoundingClientRect();
    const far = (frame) => {
        const there = frame.getBoundingClientRect();
        const down = way * (there.top - at.top);
        return down < at.height / 2 ? Infinity : down * 3 + Math.abs(there.left - at.left);
    };
    const next = frames.reduce((best, frame) => (far(frame) < far(best) ? frame : best), frames[0]);
    if (next && far(next) < Infinity) {
        look(next);
    }
}

/** How many hear it, and what each reads where a number of their own goes in. */
function tellTicked(sheet, ticked, all, remark) {
    sheet.querySelector('[data-say-none]').hidden = ticked.length > 0;
    sheet.querySelector('[data-say-some]').hidden = ticked.length === 0;
    const several = ticked.length === all ? 'Say to all' : `Say to these ${ticked.length}`;
    sheet.querySelector('[data-say-to]').textContent = ticked.length === 1 ? 'Say to this one' : several;
    for (const frame of sheet.querySelectorAll('[data-sheet-frame]')) {
        frame.classList.toggle('is-ticked', ticked.includes(frame));
    }
    for (const group of sheet.querySelectorAll('[data-group]')) {
        const button = group.querySelector('[data-tick-group]');
        button.dataset.all ??= button.textContent;
        const whole = [...group.querySelectorAll('[data-sheet-frame]')].every((frame) => ticked.includes(frame));
        button.textContent = whole ? button.dataset.none : button.dataset.all;
    }
    const offered = [...sheet.querySelectorAll('[data-place]')];
    const places = offered.filter((one) => remark.value.includes(one.dataset.place));
    const own = ticked.map((frame) => {
        const numbers = JSON.parse(frame.dataset.own);
        return `${frame.dataset.name} ${places.map((one) => numbers[one.dataset.what] ?? 'no number').join(', ')}`;
    });
    sheet.querySelector('[data-say-own]').textContent = places.length
        ? `Each reads a number of their own: ${own.join('; ')}.`
        : '';
}

function putIn(remark, place) {
    const [from, to] = [remark.selectionStart, remark.selectionEnd];
    remark.setRangeText(place, from, to, 'end');
    remark.focus();
    remark.dispatchEvent(new Event('input', { bubbles: true }));
}
