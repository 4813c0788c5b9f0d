/**
 * Looks for people, faces and things in the picture that is shown, in this browser: the picture leaves the device for
 * nobody. What is found is outlined; where marks can be set, a tap takes it, and what was found goes with the form.
 */
const WORKER = new URL('sight/worker.js', import.meta.url);
/** Pixels of the longer side at which it is looked at. */
const LARGEST = 1600;
/** Shares of a face that hair, ears and chin add: a portrait's subject is the head. */
const HEAD = { up: 0.2, side: 0.12, down: 0.08 };

let worker = null;
let asked = 0;

export function watchSight(root) {
    for (const tool of root.querySelectorAll('[data-look]:not([data-watched])')) {
        tool.dataset.watched = '';
        tool.hidden = false;
        watch(tool);
    }
}

function watch(tool) {
    const [button, words] = [tool.querySelector('[data-looking]'), tool.querySelector('[data-look-words]')];
    // The picture that it stands under.
    const picture = tool.closest('.prepare-picture, .picture-views').parentElement.querySelector('.picture');
    const claim = tool.querySelector('[data-claim]');
    button.addEventListener('click', async () => {
        button.disabled = true;
        words.textContent = 'Looking …';
        clear(picture);
        try {
            const found = await find(picture.querySelector('img'));
            draw(picture, found, claim !== null, words);
            words.textContent = said(found, claim !== null);
            if (claim) {
                put(claim, found);
            }
        } catch {
            words.textContent = 'This browser cannot look at pictures. Everything else works as before.';
        } finally {
            button.disabled = false;
        }
    });
    if (claim) {
        watchClaim(claim, picture, words);
    }
}

/** What goes with the form: a question until the student says that it is right. */
function watchClaim(claim, picture, words) {
    const [field, isRight] = [claim.querySelector('[name=seen]'), claim.querySelector('[data-right]')];
    isRight.addEventListener('change', () => {
        field.value = JSON.stringify({ ...JSON.parse(field.value), confirmed: isRight.checked });
    });
    claim.querySelector('[data-forget]').addEventListener('click', () => {
        [field.value, isRight.checked, claim.hidden] = ['', false, true];
        clear(picture);
        words.textContent = 'Forgotten. Nothing of it goes with the picture.';
    });
}

function put(claim, found) {
    const isSomething = found.faces.length + found.bodies.length + found.things.length > 0;
    claim.querySelector('[name=seen]').value = isSomething ? JSON.stringify(found) : '';
    claim.querySelector('[data-right]').checked = false;
    claim.querySelector('[data-list]').textContent = listed(found);
    claim.hidden = !isSomething;
}

/** As SeenClaim says it of what is kept. */
function listed({ faces, bodies, things }) {
    const some = (count, one, many) => (count === 0 ? [] : [count === 1 ? one : `${count} ${many}`]);
    const parts = [
        ...some(faces.length, 'one face', 'faces'),
        ...some(bodies.length, 'one person', 'people'),
        ...things.slice(0, 3).map(({ what }) => (/^[aeiou]/.test(what) ? `an ${what}` : `a ${what}`)),
    ];
    return parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
}

function said(found, takes) {
    const list = listed(found);

    return list === ''
        ? 'Nothing was found. Small, turned or shaded faces are often missed.'
        : `Found: ${list}.${takes ? ' Tap what the picture is about.' : ''}`;
}

async function find(image) {
    worker ??= new Worker(WORKER);
    await image.decode();
    const scale = Math.min(1, LARGEST / Math.max(image.naturalWidth, image.naturalHeight));
    const picture = await createImageBitmap(image, {
        resizeWidth: Math.round(scale * image.naturalWidth),
        resizeHeight: Math.round(scale * image.naturalHeight),
        resizeQuality: 'high',
    });
    asked += 1;
    const number = asked;

    return new Promise((found, failed) => {
        const hear = ({ data }) => {
            if (data.number !== number) {
                return;
            }
            worker.removeEventListener('message', hear);
            data.found ? found(data.found) : failed(new Error(data.problem));
        };
        worker.addEventListener('message', hear);
        worker.addEventListener('error', failed, { once: true });
        worker.postMessage({ number, picture }, [picture]);
    });
}

function head({ x, y, width, height }) {
    const [left, top] = [Math.max(0, x - HEAD.side * width), Math.max(0, y - HEAD.up * height)];

    return {
        x: left,
        y: top,
        width: Math.min(1, x + (1 + HEAD.side) * width) - left,
        height: Math.min(1, y + (1 + HEAD.down) * height) - top,
    };
}

function clear(picture) {
    picture.querySelectorAll('.found, .found-eye').forEach((one) => one.remove());
}

/** Large things first, so that a face lies on its person and takes the tap. */
function draw(picture, { faces, bodies, things }, takes, words) {
    const all = [
        ...things.map(({ what, box }) => ({ name: what, box })),
        ...bodies.map(({ box }) => ({ name: 'person', box })),
    ].sort((a, b) => b.box.width * b.box.height - a.box.width * a.box.height);
    for (const { name, box } of all) {
        outline(picture, name, box, takes ? () => take(picture, box, null, words) : null);
    }
    for (const face of faces) {
        const box = head(face.box);
        // The nose points away from the nearer eye.
        const nearer = face.eyes[face.turn > 0 ? 0 : 1];
        outline(picture, 'face', box, takes ? () => take(picture, box, nearer, words) : null);
        face.eyes.forEach((eye) => dot(picture, eye));
    }
}

function take(picture, box, eye, words) {
    picture.dispatchEvent(new CustomEvent('take-subject', { detail: box }));
    if (eye) {
        picture.dispatchEvent(new CustomEvent('take-eye', { detail: eye }));
    }
    clear(picture);
    words.textContent = 'Taken. Move it, or draw it anew, if it is not quite right.';
}

function outline(picture, name, box, taken) {
    const shape = document.createElement(taken ? 'button' : 'div');
    shape.className = `found found-${name === 'face' || name === 'person' ? name : 'thing'}`;
    Object.assign(shape.style, {
        left: `${100 * box.x}%`,
        top: `${100 * box.y}%`,
        width: `${100 * box.width}%`,
        height: `${100 * box.height}%`,
    });
    const label = document.createElement('span');
    label.textContent = name;
    shape.append(label);
    if (taken) {
        shape.type = 'button';
        shape.setAttribute(
            'aria-label',
            name === 'face'
                ? 'Take this face as the subject, and mark its nearer eye'
                : `Take this as the subject: ${name}`,
        );
        // A tap on it is no beginning of a drawn mark.
        shape.addEventListener('pointerdown', (event) => event.stopPropagation());
        shape.addEventListener('click', taken);
    }
    picture.append(shape);
}

function dot(picture, { x, y }) {
    const eye = document.createElement('span');
    eye.className = 'found-eye';
    Object.assign(eye.style, { left: `${100 * x}%`, top: `${100 * y}%` });
    picture.append(eye);
}
