/**
 * Reads out the cell of an exposure map under the pointer or the arrow keys. What a cell means was worked out by the
 * server.
 */
export function watchMaps(root) {
    for (const figure of root.querySelectorAll('[data-map]')) {
        if (!figure.dataset.watched) {
            figure.dataset.watched = 'yes';
            watch(figure, JSON.parse(figure.dataset.map));
        }
    }
}

function watch(figure, cells) {
    const svg = figure.querySelector('svg');
    const cursor = figure.querySelector('[data-cursor]');
    const readout = figure.querySelector('[data-readout]');
    const [columns, rows] = [cells.apertures.length, cells.times.length];
    const [wide, high] = [cells.plot.width / columns, cells.plot.height / rows];
    let [column, row] = [Math.floor(columns / 2), Math.floor(rows / 2)];

    const show = () => {
        cursor.setAttribute('x', cells.plot.x + column * wide);
        cursor.setAttribute('y', cells.plot.y + row * high);
        cursor.setAttribute('width', wide);
        cursor.setAttribute('height', high);
        const against = cells.combinations[cells.grid[row][column]].map((index) => cells.zones[index]);
        const iso = cells.isos[column + cells.firstTime - row];
        const sentence = ({ label, why }) => `${label[0].toUpperCase()}${label.slice(1)}: ${why}`;
        readout.replaceChildren();
        const settings = document.createElement('b');
        settings.textContent = `${cells.apertures[column]}, ${cells.times[row]}, ${iso}`;
        readout.append(
            settings,
            against.length === 0
                ? ': nothing speaks against it.'
                : `. ${against.map(sentence).join(' ')}`,
            cells.flash[row] ? ' The flash can fill.' : '',
        );
    };
    svg.addEventListener('pointermove', (event) => {
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
        const [x, y] = [Math.floor((point.x - cells.plot.x) / wide), Math.floor((point.y - cells.plot.y) / high)];
        if (x >= 0 && y >= 0 && x < columns && y < rows && (x !== column || y !== row)) {
            [column, row] = [x, y];
            show();
        }
    });
    svg.addEventListener('focus', show);
    svg.addEventListener('keydown', (event) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (step) {
            event.preventDefault();
            event.stopPropagation();
            column = Math.min(columns - 1, Math.max(0, column + step[0]));
            row = Math.min(rows - 1, Math.max(0, row + step[1]));
            show();
        }
    });
}
