import { toSvg } from '../vendor/qrcode/qrcode.min.js';

// The link that joins a course, as a square that a phone's camera reads.
for (const square of document.querySelectorAll('[data-qr]')) {
    square.innerHTML = toSvg(square.dataset.qr);
}
