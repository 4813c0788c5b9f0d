/**
 * Looks for faces and eyes in the picture that is shown, in this browser: nothing leaves the device, and nothing is
 * kept. What is found is outlined; where marks can be set, a tap takes it.
 */
const LIBRARY = new URL('../vendor/face-api/', import.meta.url);
/** Looked at large, which finds eyes to a hair; and small, for faces that fill the picture. */
const SIZES = [512, 320];
const SURE = 0.3;
/** Two outlines that share so much of what they cover are of one face. */
const SAME = 0.3;
/** A face as its finder frames it ends at the brows; a portrait's subject is the head. */
const HEAD = { up: 0.35, side: 0.12, down: 0.08 };

let finder = null;

export function watchFaces(root) {
    for (const tool of root.querySelectorAll('[data-faces]:not([data-watched])')) {
        tool.dataset.watched = '';
        tool.hidden = false;
        watch(tool);
    }
}

function watch(tool) {
    const [button, words] = [tool.querySelector('button'), tool.querySelector('[data-faces-words]')];
    // The picture that it stands under.
    const picture = tool.closest('.prepare-picture, .picture-views').parentElement.querySelector('.picture');
    button.addEventListener('click', async () => {
        button.disabled = true;
        words.textContent = 'Looking …';
        clear(picture);
        try {
            const faces = await find(picture.querySelector('img'));
            if (faces.length > 0) {
                picture.querySelector('[data-proposed]')?.remove();
            }
            for (const face of faces) {
                outline(picture, face, tool.hasAttribute('data-takes'), words);
            }
            words.textContent = said(faces.length, tool.hasAttribute('data-takes'));
        } catch {
            words.textContent = 'This browser cannot look for faces. Everything else works as before.';
        } finally {
            button.disabled = false;
        }
    });
}

function said(count, takes) {
    if (count === 0) {
        return 'No face was found. Small, turned or shaded ones are often missed.';
    }

    return `${count === 1 ? 'One face' : `${count} faces`} found.${takes ? ' Tap the one that you mean.' : ''}`;
}

/** Loaded when somebody asks for it, and once. */
async function load() {
    const faces = await import(new URL('face-api.esm.js', LIBRARY).href);
    for (const backend of ['webgl', 'cpu']) {
        if (await faces.tf.setBackend(backend).catch(() => false)) {
            break;
        }
    }
    await faces.tf.ready();
    await Promise.all([
        faces.nets.tinyFaceDetector.loadFromUri(LIBRARY.href),
        faces.nets.faceLandmark68TinyNet.loadFromUri(LIBRARY.href),
    ]);

    return faces;
}

/** Faces with their eyes, the largest first; all in fractions of the picture. */
async function find(image) {
    finder ??= load();
    const faces = await finder.catch((problem) => {
        finder = null;
        throw problem;
    });
    await image.decode();
    const found = [];
    for (const inputSize of SIZES) {
        const options = new faces.TinyFaceDetectorOptions({ inputSize, scoreThreshold: SURE });
        found.push(...(await faces.detectAllFaces(image, options).withFaceLandmarks(true)));
    }
    const [width, height] = [image.naturalWidth, image.naturalHeight];

    return found
        .filter((one, at, all) =>
            all.slice(0, at).every((other) => shared(one.detection.box, other.detection.box) < SAME),
        )
        .map(({ detection, landmarks }) => ({
            box: head(detection.box, width, height),
            eyes: [landmarks.getLeftEye(), landmarks.getRightEye()]
                .map((points) => eye(points, width, height))
                .sort((a, b) => b.size - a.size),
        }))
        .sort((a, b) => b.box.width * b.box.height - a.box.width * a.box.height);
}

function shared(one, other) {
    const side = (from, size) =>
        Math.min(one[from] + one[size], other[from] + other[size]) - Math.max(one[from], other[from]);
    const both = Math.max(0, side('x', 'width')) * Math.max(0, side('y', 'height'));

    return both / (one.width * one.height + other.width * other.height - both);
}

function head(box, width, height) {
    const inside = (from, size, whole) => {
        const start = Math.max(0, from / whole);

        return [start, Math.min(1, (from + size) / whole) - start];
    };
    const [x, across] = inside(box.x - HEAD.side * box.width, (1 + 2 * HEAD.side) * box.width, width);
    const [y, down] = inside(box.y - HEAD.up * box.height, (1 + HEAD.up + HEAD.down) * box.height, height);

    return { x, y, width: across, height: down };
}

/** The middle of an eye, and how wide it is: the wider of two is the nearer one. */
function eye(points, width, height) {
    const mean = (side) => points.reduce((sum, point) => sum + point[side], 0) / points.length;
    const across = points.map((point) => point.x);

    return { x: mean('x') / width, y: mean('y') / height, size: Math.max(...across) - Math.min(...across) };
}

function clear(picture) {
    picture.querySelectorAll('.found-face, .found-eye').forEach((one) => one.remove());
}

function outline(picture, face, takes, words) {
    const percent = (number) => `${100 * number}%`;
    const shape = document.createElement(takes ? 'button' : 'div');
    shape.className = 'found-face';
    Object.assign(shape.style, {
        left: percent(face.box.x),
        top: percent(face.box.y),
        width: percent(face.box.width),
        height: percent(face.box.height),
    });
    if (takes) {
        shape.type = 'button';
        shape.setAttribute('aria-label', 'Take this face as the subject, and mark its nearer eye');
        // A tap on it is no beginning of a drawn mark.
        shape.addEventListener('pointerdown', (event) => event.stopPropagation());
        shape.addEventListener('click', () => {
            picture.dispatchEvent(new CustomEvent('take-subject', { detail: face.box }));
            picture.dispatchEvent(new CustomEvent('take-eye', { detail: face.eyes[0] }));
            clear(picture);
            words.textContent = 'Taken. Move it, or draw it anew, if it is not quite right.';
        });
    }
    picture.append(shape);
    for (const one of face.eyes) {
        const dot = document.createElement('span');
        dot.className = 'found-eye';
        Object.assign(dot.style, { left: percent(one.x), top: percent(one.y) });
        picture.append(dot);
    }
}
