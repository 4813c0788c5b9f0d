/**
 * Sends pictures in pieces, with real progress, one after another. A dropped connection costs one piece: sending goes
 * on by itself when there is a connection again, and a file chosen again later goes on where it stopped. Without
 * scripts the same form goes the ordinary way.
 */
const WAITS = [1, 2, 4, 8, 15];

export function watchUploads(root) {
    for (const form of root.querySelectorAll('form[data-upload]:not([data-watched])')) {
        form.dataset.watched = '';
        const chosen = form.querySelector('input[type=file]');
        chosen.addEventListener('change', () => showChosen(form));
        form.addEventListener('submit', (event) => {
            event.preventDefault();
            if (!form.dataset.sending) {
                form.dataset.sending = '1';
                sendAll(form).finally(() => delete form.dataset.sending);
            }
        });
    }
}

/** What is about to be sent, with a small picture where the browser can draw one. */
function showChosen(form) {
    const list = form.querySelector('[data-list]');
    list.querySelectorAll('img').forEach((small) => URL.revokeObjectURL(small.src));
    list.replaceChildren();
    const lines = [...form.querySelector('input[type=file]').files].map((file) => ({
        file,
        line: makeLine(list, file),
    }));
    list.hidden = lines.length === 0;
    return lines;
}

async function sendAll(form) {
    const list = form.querySelector('[data-list]');
    const lines = showChosen(form);
    let next = null;
    let troubled = false;
    for (const { file, line } of lines) {
        const answer = await send(form, file, line);
        if (answer.frame) {
            next = lines.length > 1 || form.querySelector('input[type=file]').multiple ? answer.attempt : answer.frame;
            troubled ||= Boolean(answer.said);
            line.say(answer.said ?? 'arrived', Boolean(answer.said));
        } else {
            troubled = true;
            line.say(answer.message, true);
        }
    }
    if (next && !troubled) {
        location.assign(next);
    } else if (next) {
        const go = document.createElement('a');
        go.href = next;
        go.className = 'button';
        go.textContent = 'Go on with what arrived';
        const item = document.createElement('li');
        item.append(go);
        list.append(item);
    }
}

/** Until the whole file is there, or it was refused. */
async function send(form, file, line) {
    const facts = new URLSearchParams({ name: file.name, size: file.size, modified: file.lastModified });
    const row = form.querySelector('input[name=row]');
    if (row) {
        facts.set('row', row.value);
    }
    let failed = 0;
    for (;;) {
        try {
            const state = await ask(`${form.dataset.upload}?${facts}`);
            if (state.message) {
                return state;
            }
            let { received } = state;
            for (;;) {
                const piece = file.slice(received, received + state.piece);
                const answer = await post(form, `${form.dataset.upload}?${facts}&offset=${received}`, piece, (loaded) =>
                    line.progress(received + loaded, file.size),
                );
                failed = 0;
                if (answer.frame || answer.message) {
                    return answer;
                }
                if (answer.received <= received) {
                    // Somebody else sends the same file, or it changed under our hands: ask again, and not at once.
                    throw new Error('no progress');
                }
                received = answer.received;
                line.progress(received, file.size);
            }
        } catch {
            const seconds = WAITS[Math.min(failed++, WAITS.length - 1)];
            line.say(`No connection. What has arrived is kept; trying again in ${seconds} s.`, true);
            await new Promise((resolve) => {
                const timer = setTimeout(done, seconds * 1000);
                function done() {
                    clearTimeout(timer);
                    removeEventListener('online', done);
                    resolve();
                }
                addEventListener('online', done);
            });
        }
    }
}

async function ask(url) {
    const response = await fetch(url, { headers: { Accept: 'application/json' }, credentials: 'same-origin' });

    return judge(response.status, await response.text());
}

/** By XMLHttpRequest, since only that tells how much has gone out. */
function post(form, url, body, tell) {
    return new Promise((resolve, reject) => {
        const request = new XMLHttpRequest();
        request.upload.addEventListener('progress', (event) => tell(event.loaded));
        request.addEventListener('load', () => {
            try {
                resolve(judge(request.status, request.responseText));
            } catch (problem) {
                reject(problem);
            }
        });
        request.addEventListener('error', reject);
        request.addEventListener('timeout', reject);
        request.timeout = 60000;
        request.open('POST', url);
        request.setRequestHeader('Accept', 'application/json');
        request.setRequestHeader('Content-Type', 'application/octet-stream');
        request.setRequestHeader('X-CSRF-TOKEN', form.querySelector('input[name=_token]').value);
        request.send(body);
    });
}

/** What the server says, or a word of our own where it could not; thrown where trying again can help. */
function judge(status, text) {
    if (status === 419 || status === 401) {
        return {
            message:
                'This page had been open too long. Load it again and choose the file once more: it goes on where it ' +
                'stopped.',
        };
    }
    if (status === 403 || status === 404) {
        return { message: 'This brief takes no pictures from you any more. What has arrived is kept for a day.' };
    }
    if (status === 502 || status === 503 || status === 504 || status === 429 || status === 500 || status === 0) {
        throw new Error(String(status));
    }
    try {
        return JSON.parse(text);
    } catch {
        return {
            message:
                'The answer could not be understood. What has arrived is kept for a day; send the file again to ' +
                'go on.',
        };
    }
}

function makeLine(list, file) {
    const item = document.createElement('li');
    const name = document.createElement('span');
    const bar = document.createElement('progress');
    const said = document.createElement('span');
    name.textContent = file.name;
    name.className = 'upload-name';
    said.className = 'fine';
    said.textContent = 'waits its turn';
    bar.max = 100;
    bar.value = 0;
    bar.setAttribute('aria-label', `Sending ${file.name}`);
    item.append(name, bar, said);
    list.append(item);
    const small = new Image(72, 48);
    small.alt = '';
    small.addEventListener('load', () => item.prepend(small));
    small.src = URL.createObjectURL(file);

    return {
        progress(sent, size) {
            bar.value = Math.round((100 * sent) / size);
            said.textContent =
                sent >= size ? 'All sent; being stored …' : `${megabytes(sent)} of ${megabytes(size)} MB sent`;
            item.classList.remove('upload-problem');
        },
        say(message, isProblem) {
            said.textContent = message;
            item.classList.toggle('upload-problem', isProblem);
            if (!isProblem) {
                bar.value = 100;
            }
        },
    };
}

const megabytes = (bytes) => (bytes / 1e6).toFixed(1);
