/* Boxes are { x, y, width, height } in fractions of the picture, from its top left corner. */

/** How much of what two boxes cover together they share, 0–1. */
function shared(one, other) {
    const side = (from, size) =>
        Math.min(one[from] + one[size], other[from] + other[size]) - Math.max(one[from], other[from]);
    const both = Math.max(0, side('x', 'width')) * Math.max(0, side('y', 'height'));

    return both / (one.width * one.height + other.width * other.height - both);
}

/** Of those that share more than that with a surer one, the surest alone. */
function apart(found, most) {
    const kept = [];
    for (const one of [...found].sort((a, b) => b.sure - a.sure)) {
        if (kept.every((other) => shared(one.box, other.box) < most)) {
            kept.push(one);
        }
    }

    return kept;
}

/** Cut to the picture. */
function inside({ x, y, width, height }) {
    const [left, top] = [Math.max(0, x), Math.max(0, y)];

    return { x: left, y: top, width: Math.min(1, x + width) - left, height: Math.min(1, y + height) - top };
}

/** A square in pixels round a box, so many times its longer side. */
function squareRound(box, times, picture) {
    const side = times * Math.max(box.width * picture.width, box.height * picture.height);

    return {
        x: (box.x + box.width / 2) * picture.width - side / 2,
        y: (box.y + box.height / 2) * picture.height - side / 2,
        side,
    };
}

/** The square that holds the whole picture. */
function wholeSquare({ width, height }) {
    const side = Math.max(width, height);

    return { x: (width - side) / 2, y: (height - side) / 2, side };
}

/** A place in a square, in fractions of it, as a place in the picture. */
function placeIn(square, picture, x, y) {
    return { x: (square.x + x * square.side) / picture.width, y: (square.y + y * square.side) / picture.height };
}
