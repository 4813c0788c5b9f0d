/**
 * On a phone a form of several questions shows one after the other; on a desk, and without scripts, all of them at
 * once. Nothing is sent in between: it stays one form.
 */
const NARROW = matchMedia('(max-width: 52rem)');

export function watchSteps(root) {
    for (const form of root.querySelectorAll('form[data-steps]:not([data-watched])')) {
        form.dataset.watched = '';
        watch(form);
    }
}

function watch(form) {
    const steps = [...form.querySelectorAll('[data-step]')];
    const nav = form.querySelector('[data-steps-nav]');
    const [back, next, send] = ['back', 'next', 'send'].map((part) => nav.querySelector(`[data-${part}]`));
    // Where something is wrong it is shown; what is answered is shown when somebody wants to change it.
    const wrong = steps.findIndex((step) => step.querySelector('.field-problem'));
    let at = 'answered' in form.dataset ? steps.length : Math.max(0, wrong);
    const again = Object.assign(document.createElement('button'), {
        type: 'button',
        className: 'steps-again',
        textContent: 'Change the subject or the words',
    });
    form.before(again);
    const show = () => {
        const isNarrow = NARROW.matches;
        form.classList.toggle('one-step', isNarrow);
        form.hidden = isNarrow && at === steps.length;
        again.hidden = !form.hidden;
        nav.hidden = !isNarrow;
        steps.forEach((step, number) => {
            step.hidden = isNarrow && number !== at;
            step.querySelector('h2')?.setAttribute('data-of', `${number + 1} of ${steps.length}`);
        });
        back.hidden = at === 0;
        next.hidden = at >= steps.length - 1;
        send.hidden = !next.hidden;
    };
    const go = (to) => {
        at = to;
        show();
        form.scrollIntoView({ block: 'start' });
        steps[at].querySelector('h2')?.focus();
    };
    next.addEventListener('click', () => {
        // Who goes on from a question that proposes its answer has said yes.
        steps[at].querySelector('[data-proposed]')?.click();
        go(at + 1);
    });
    back.addEventListener('click', () => go(at - 1));
    again.addEventListener('click', () => go(0));
    // A field that the browser would point at has to be there to be pointed at.
    form.addEventListener(
        'invalid',
        (event) => {
            const of = steps.findIndex((step) => step.contains(event.target));
            if (of !== -1 && steps[of].hidden) {
                go(of);
            }
        },
        true,
    );
    NARROW.addEventListener('change', show);
    show();
}
