/**
 * Marks the edges that are in focus: where neighbours differ as much as only a sharp lens lets them. What is out of
 * focus rises over many pixels and differs little from one to the next.
 */
const STEEP = 17;

export function markEdges(picture, canvas) {
    const draw = () => {
        const [width, height] = [canvas.width, canvas.height];
        const from = document.createElement('canvas');
        [from.width, from.height] = [2 * width, 2 * height];
        const read = from.getContext('2d', { willReadFrequently: true });
        read.drawImage(picture, 0, 0, from.width, from.height);
        const { data } = read.getImageData(0, 0, from.width, from.height);
        const light = (x, y) => {
            const at = 4 * (y * from.width + x);
            return 0.3 * data[at] + 0.6 * data[at + 1] + 0.1 * data[at + 2];
        };
        const context = canvas.getContext('2d');
        const marks = context.createImageData(width, height);
        let count = 0;
        for (let y = 1; y < height; y++) {
            for (let x = 1; x < width; x++) {
                const here = light(2 * x, 2 * y);
                const across = Math.abs(light(2 * x - 1, 2 * y) - here);
                const down = Math.abs(light(2 * x, 2 * y - 1) - here);
                if (Math.max(across, down) > STEEP) {
                    marks.data.set([255, 138, 76, 255], 4 * (y * width + x));
                    count++;
                }
            }
        }
        context.putImageData(marks, 0, 0);
        canvas.dataset.marked = count;
    };
    picture.complete ? draw() : picture.addEventListener('load', draw, { once: true });
}
