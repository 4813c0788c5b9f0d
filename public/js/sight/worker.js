/* Looks for people, faces and things in a picture, beside the page, so that the page never waits for it. */
const FROM = '../../vendor/';
importScripts(`${FROM}tfjs/tf-core.min.js`, `${FROM}tfjs/tf-converter.min.js`, `${FROM}tfjs/tf-backend-wasm.min.js`);
importScripts('boxes.js', 'things.js', 'bodies.js', 'faces.js');

const MOST_PEOPLE = 8;
const MOST_THINGS = 12;

let models = null;

/** Loaded when somebody asks for it, and once. */
async function load() {
    tf.wasm.setWasmPaths(new URL(`${FROM}tfjs/`, self.location).href);
    await tf.setBackend('wasm');
    await tf.ready();
    const model = (name) => tf.loadGraphModel(new URL(`${FROM}sight/${name}.json`, self.location).href);
    const [things, body, face, mesh] = await Promise.all(
        ['centernet', 'movenet-lightning', 'blazeface', 'facemesh'].map(model),
    );

    return { things, body, face, mesh };
}

/** A square of the picture, turned by an angle, as so many pixels to a side; what lies outside of it is black. */
function pixels(picture, { x, y, side }, size, angle = 0) {
    const pen = new OffscreenCanvas(size, size).getContext('2d', { willReadFrequently: true });
    pen.imageSmoothingQuality = 'high';
    pen.translate(size / 2, size / 2);
    pen.scale(size / side, size / side);
    pen.rotate(-angle);
    pen.translate(-(x + side / 2), -(y + side / 2));
    pen.drawImage(picture, 0, 0);

    return tf.browser.fromPixels(pen.getImageData(0, 0, size, size));
}

async function look(picture) {
    models ??= load();
    const known = await models.catch((problem) => {
        models = null;
        throw problem;
    });
    const found = await findThings(known.things, picture);
    const people = [];
    for (const person of found.filter(({ what }) => what === 'person').slice(0, MOST_PEOPLE)) {
        people.push(await findBody(known.body, picture, person));
    }
    const bodies = people.filter(Boolean);

    return {
        faces: (await findFaces(known, picture, bodies)).map(({ sure, ...face }) => face),
        bodies: bodies.map(({ box, joints }) => ({
            box,
            joints: Object.fromEntries(Object.entries(joints).filter(([name]) => TOLD.includes(name))),
        })),
        things: found
            .filter(({ what }) => what !== 'person')
            .slice(0, MOST_THINGS)
            .map(({ what, box }) => ({ what, box })),
    };
}

self.onmessage = async ({ data: { number, picture } }) => {
    try {
        self.postMessage({ number, found: await look(picture) });
    } catch (problem) {
        self.postMessage({ number, problem: String(problem) });
    } finally {
        picture.close();
    }
};
