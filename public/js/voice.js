/** A spoken note: recorded here, listened to before it is sent, two minutes at most. */
export function watchVoices() {
    if (!navigator.mediaDevices || !window.MediaRecorder) {
        return;
    }
    const reveal = (root) => root.querySelectorAll('[data-voice]').forEach((voice) => (voice.hidden = false));
    reveal(document);
    document.body.addEventListener('htmx:afterSettle', () => reveal(document));
    document.addEventListener('click', (event) => {
        const button = event.target.closest('[data-record]');
        if (button) {
            const voice = button.closest('[data-voice]');
            voice.recorder ? voice.recorder.stop() : record(voice, button);
        } else if (event.target.closest('[data-forget-voice]')) {
            forget(event.target.closest('[data-voice]'));
        }
    });
}

async function record(voice, button) {
    const says = voice.querySelector('[data-voice-says]');
    let stream;
    try {
        stream = await navigator.mediaDevices.getUserMedia({ audio: true });
    } catch {
        says.textContent = 'The browser gives no microphone.';
        return;
    }
    forget(voice);
    const most = Number(voice.dataset.most);
    const pieces = [];
    const recorder = new MediaRecorder(stream, { audioBitsPerSecond: 32000 });
    voice.recorder = recorder;
    const begun = Date.now();
    const seconds = () => Math.max(1, Math.min(most, Math.round((Date.now() - begun) / 1000)));
    const ticking = setInterval(() => {
        says.textContent = `${seconds()} s of ${most}`;
        seconds() >= most && recorder.stop();
    }, 500);
    recorder.addEventListener('dataavailable', (event) => pieces.push(event.data));
    recorder.addEventListener('stop', () => {
        clearInterval(ticking);
        stream.getTracks().forEach((track) => track.stop());
        delete voice.recorder;
        button.textContent = 'Speak again';
        const sound = new Blob(pieces, { type: recorder.mimeType });
        const files = new DataTransfer();
        files.items.add(new File([sound], 'note', { type: sound.type }));
        voice.querySelector('[name="voice"]').files = files.files;
        voice.querySelector('[name="voice_seconds"]').value = seconds();
        const player = voice.querySelector('audio');
        player.src = URL.createObjectURL(sound);
        player.hidden = false;
        voice.querySelector('[data-forget-voice]').hidden = false;
        says.textContent = 'Goes with the note. Type what you said beside it.';
    });
    recorder.start();
    button.textContent = 'Stop';
}

function forget(voice) {
    voice.querySelector('[name="voice"]').value = '';
    voice.querySelector('[name="voice_seconds"]').value = '';
    const player = voice.querySelector('audio');
    player.hidden = true;
    player.removeAttribute('src');
    voice.querySelector('[data-forget-voice]').hidden = true;
    voice.querySelector('[data-voice-says]').textContent = '';
}
