/* Faces: found by one network, in the whole picture and round every head, and outlined by another, which also says
   whether it is a face at all. Neither knows who it is. */
const FACE_SIDE = 256;
const SURE_FACE = 0.5;
/** The second network is nearly always sure, one way or the other. */
const IS_FACE = 0.8;
const SAME_FACE = 0.3;
const MESH_SIDE = 192;
const AROUND_FACE = 1.5;
const MOST_FACES = 12;
/** Pixels: what is smaller says nothing about eyes. */
const SMALLEST = 24;
/** Cells of the answer: how many to a side, and guesses a cell. */
const GUESSES = [
    [16, 2],
    [8, 6],
];
/** Points of the outline: lids and corners of the eye further left in the picture, and of the other. */
const EYES = [
    { upper: 159, lower: 145, corners: [33, 133] },
    { upper: 386, lower: 374, corners: [362, 263] },
];
const NOSE = 1;
const SIDES_OF_FACE = [234, 454];

const CELLS = GUESSES.flatMap(([cells, each]) =>
    Array.from({ length: cells * cells * each }, (_, at) => {
        const cell = Math.floor(at / each);

        return [((cell % cells) + 0.5) / cells, (Math.floor(cell / cells) + 0.5) / cells];
    }),
);

async function facesIn(model, picture, square) {
    const input = tf.tidy(() => {
        const codes = tf.cast(pixels(picture, square, FACE_SIDE), 'float32');

        return tf.expandDims(tf.sub(tf.div(codes, 127.5), 1), 0);
    });
    const answers = model.execute(input, model.outputNodes);
    const parts = {};
    for (const answer of answers) {
        parts[answer.shape.slice(1).join('x')] = await answer.data();
    }
    tf.dispose([input, ...answers]);
    const scores = [...parts['512x1'], ...parts['384x1']];
    const numbers = [...parts['512x16'], ...parts['384x16']];

    return scores
        .map((score, at) => ({ sure: 1 / (1 + Math.exp(-score)), at }))
        .filter(({ sure }) => sure >= SURE_FACE)
        .map(({ sure, at }) => {
            const row = numbers.slice(16 * at, 16 * at + 16).map((number) => number / FACE_SIDE);
            const [x, y] = CELLS[at];
            const corner = placeIn(square, picture, x + row[0] - row[2] / 2, y + row[1] - row[3] / 2);

            return {
                sure,
                box: {
                    ...corner,
                    width: (row[2] * square.side) / picture.width,
                    height: (row[3] * square.side) / picture.height,
                },
                eyes: [4, 6].map((from) => placeIn(square, picture, x + row[from], y + row[from + 1])),
            };
        });
}

/** The outline of one face; null where it is none. */
async function outlined(model, picture, face) {
    const square = squareRound(face.box, AROUND_FACE, picture);
    const [first, second] = face.eyes;
    const lean = Math.atan2((second.y - first.y) * picture.height, (second.x - first.x) * picture.width);
    const input = tf.tidy(() => {
        return tf.expandDims(tf.div(tf.cast(pixels(picture, square, MESH_SIDE, lean), 'float32'), 255), 0);
    });
    const answers = model.execute(input, model.outputNodes);
    let [isFace, mesh] = [0, []];
    for (const answer of answers) {
        if (answer.shape[1] === 1) {
            [isFace] = await answer.data();
        } else if (answer.shape[1] === 3 * 468) {
            mesh = await answer.data();
        }
    }
    tf.dispose([input, ...answers]);
    if (isFace < IS_FACE) {
        return null;
    }
    // Upright in the square; turned back for the picture.
    const point = (at) => [mesh[3 * at] / MESH_SIDE, mesh[3 * at + 1] / MESH_SIDE];
    const [cos, sin] = [Math.cos(lean), Math.sin(lean)];
    const place = ([x, y]) => {
        const [right, down] = [x - 0.5, y - 0.5];

        return placeIn(square, picture, 0.5 + right * cos - down * sin, 0.5 + right * sin + down * cos);
    };
    const between = (one, other) => Math.hypot(one[0] - other[0], one[1] - other[1]);
    const [left, right] = SIDES_OF_FACE.map(point);
    const all = Array.from({ length: 468 }, (_, at) => place(point(at)));
    const [x, y] = ['x', 'y'].map((side) => Math.min(...all.map((one) => one[side])));

    return {
        sure: face.sure,
        box: inside({
            x,
            y,
            width: Math.max(...all.map((one) => one.x)) - x,
            height: Math.max(...all.map((one) => one.y)) - y,
        }),
        eyes: EYES.map(({ upper, lower, corners }) => {
            const points = [upper, lower, ...corners].map(point);

            return place([0, 1].map((axis) => points.reduce((sum, one) => sum + one[axis], 0) / points.length));
        }),
        lids: EYES.map(({ upper, lower, corners }) => {
            return Math.max(0.01, between(point(upper), point(lower)) / between(...corners.map(point)));
        }),
        turn: (point(NOSE)[0] - (left[0] + right[0]) / 2) / (right[0] - left[0]),
    };
}

/** The largest first. */
async function findFaces(models, picture, people) {
    const found = await facesIn(models.face, picture, wholeSquare(picture));
    for (const square of people.map((person) => headSquare(person, picture)).filter(Boolean)) {
        found.push(...(await facesIn(models.face, picture, square)));
    }
    const faces = [];
    for (const face of apart(found, SAME_FACE).slice(0, MOST_FACES)) {
        if (face.box.width * picture.width >= SMALLEST) {
            faces.push(await outlined(models.mesh, picture, face));
        }
    }

    return apart(faces.filter(Boolean), SAME_FACE).sort(
        (a, b) => b.box.width * b.box.height - a.box.width * a.box.height,
    );
}
