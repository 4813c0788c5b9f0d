/* The joints of one person, by a network that looks at a square of 192 pixels round her or him. */
const JOINTS = (
    'nose,leftEye,rightEye,leftEar,rightEar,leftShoulder,rightShoulder,leftElbow,rightElbow,leftWrist,rightWrist,' +
    'leftHip,rightHip,leftKnee,rightKnee,leftAnkle,rightAnkle'
).split(',');
const HEAD = JOINTS.slice(0, 5);
/** What a cut through is felt at. */
const TOLD = JOINTS.slice(7).filter((name) => !name.endsWith('Hip'));
const BODY_SIDE = 192;
const AROUND_BODY = 1.25;
const SURE_JOINT = 0.35;
/** A person of whom fewer joints are seen was taken for one by a doubtful outline … */
const LEAST_JOINTS = 5;
/** … unless the outline is as sure as this. */
const SURE_OUTLINE = 0.5;

/** @returns the same person with joints, or null where it is none */
async function findBody(model, picture, person) {
    const square = squareRound(person.box, AROUND_BODY, picture);
    const input = tf.tidy(() => tf.expandDims(tf.cast(pixels(picture, square, BODY_SIDE), 'int32'), 0));
    const answer = model.execute(input);
    const [[rows]] = await answer.array();
    tf.dispose([input, answer]);
    const joints = Object.fromEntries(
        rows
            .map(([y, x, sure], at) => [JOINTS[at], placeIn(square, picture, x, y), sure])
            .filter(([, place, sure]) => sure >= SURE_JOINT && place.x > 0 && place.x < 1 && place.y > 0 && place.y < 1)
            .map(([name, place]) => [name, place]),
    );

    return Object.keys(joints).length >= LEAST_JOINTS || person.sure >= SURE_OUTLINE ? { ...person, joints } : null;
}

/** A square round the head of somebody, large enough to look for the face in; null where the head is not seen. */
function headSquare(person, picture) {
    const places = HEAD.map((name) => person.joints[name]).filter(Boolean);
    if (places.length < 2) {
        return null;
    }
    const mean = (side) => places.reduce((sum, place) => sum + place[side], 0) / places.length;
    const [x, y] = [mean('x') * picture.width, mean('y') * picture.height];
    const reach = Math.max(
        0.04 * person.box.height * picture.height,
        ...places.map((place) => Math.hypot(place.x * picture.width - x, place.y * picture.height - y)),
    );

    return { x: x - 4 * reach, y: y - 4 * reach, side: 8 * reach };
}
