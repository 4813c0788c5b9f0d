/** Sends a picture with real progress; without scripts the same form goes the ordinary way. */
export function watchUploads(root) {
    for (const form of root.querySelectorAll('form[data-upload]:not([data-watched])')) {
        form.dataset.watched = '';
        form.addEventListener('submit', (event) => {
            event.preventDefault();
            if (!form.dataset.sending) {
                send(form);
            }
        });
    }
}

function send(form) {
    const progress = form.querySelector('.upload-progress');
    const bar = progress.querySelector('progress');
    const said = progress.querySelector('[data-said]');
    const problem = form.querySelector('[data-problem]');
    const request = new XMLHttpRequest();
    const fail = (message) => {
        delete form.dataset.sending;
        progress.hidden = true;
        problem.textContent = message;
        problem.hidden = false;
    };
    form.dataset.sending = '1';
    problem.hidden = true;
    progress.hidden = false;
    request.upload.addEventListener('progress', (event) => {
        if (event.lengthComputable) {
            bar.value = Math.round((100 * event.loaded) / event.total);
            said.textContent = `${megabytes(event.loaded)} of ${megabytes(event.total)} MB sent`;
        }
    });
    request.upload.addEventListener('load', () => {
        said.textContent = 'All sent; being stored …';
    });
    request.addEventListener('load', () => {
        const answer = read(request.responseText);
        if (request.status === 201 && answer?.next) {
            location.assign(answer.next);
        } else if (request.status === 413) {
            fail(answer?.message ?? 'The file is larger than what is taken here. Nothing was kept of it; hand in a smaller export.');
        } else if (request.status === 419 || request.status === 401) {
            fail('This page had been open too long. Load it again, then choose the picture once more; nothing was stored.');
        } else {
            fail(answer?.message ?? 'The picture could not be stored on our side. Nothing was kept of it; please try again.');
        }
    });
    request.addEventListener('error', () => fail('The connection broke while sending. Nothing was kept; the picture is still chosen, press the button again.'));
    request.open('POST', form.action);
    request.setRequestHeader('Accept', 'application/json');
    request.send(new FormData(form));
}

const megabytes = (bytes) => (bytes / 1e6).toFixed(1);

function read(text) {
    try {
        return JSON.parse(text);
    } catch {
        return null;
    }
}
