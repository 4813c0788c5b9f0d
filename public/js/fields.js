/**
 * What was wrong with a form stands at the field it is about. The server lists it at the top, with the name of the
 * field; here each line moves down to its field, and the first of these takes the keyboard.
 */
export function tellAtFields() {
    const list = document.querySelector('[data-problems]');
    if (!list) {
        return;
    }
    const told = [...list.children].filter((line) => tell(line.dataset.field, line.textContent.trim()));
    const first = told[0] && fieldNamed(told[0].dataset.field);
    told.forEach((line) => line.remove());
    if (list.childElementCount === 0) {
        list.remove();
    }
    first?.closest('details')?.setAttribute('open', '');
    first?.focus();
}

/** Whether the words found their field. */
function tell(name, words) {
    const field = fieldNamed(name);
    if (!field || field.type === 'hidden') {
        return false;
    }
    field.setAttribute('aria-invalid', 'true');
    const beside = field.closest('form')?.querySelectorAll('.field-problem') ?? [];
    if ([...beside].some((problem) => problem.textContent.trim() === words)) {
        return true;
    }
    // Fields that lie in a grid take their words along into its cell.
    const problem = document.createElement('span');
    problem.className = 'field-problem';
    problem.id = `problem-${name.replace(/[^a-z0-9]+/gi, '-')}`;
    problem.textContent = words;
    field.setAttribute('aria-describedby', [field.getAttribute('aria-describedby'), problem.id].join(' ').trim());
    (field.type === 'checkbox' || field.type === 'radio' ? field.closest('label') ?? field : field).after(problem);
    return true;
}

/** "stated.iso" is the field "stated[iso]". */
function fieldNamed(key) {
    const [first, ...rest] = key.split('.');
    const name = first + rest.map((part) => `[${part}]`).join('');
    const fields = document.querySelectorAll(`main [name="${CSS.escape(name)}"], main [name="${CSS.escape(name)}[]"]`);

    return [...fields].find((field) => field.type !== 'hidden') ?? null;
}
