<section class="sheet" id="composer-pictures" aria-labelledby="composer-examples">
    <h2 id="composer-examples">Your own examples <span class="fine">optional</span></h2>
    @foreach ($pictures as $one)
        <figure class="composer-picture">
            <img src="{{ route('brief-pictures.show', $one) }}" alt="" width="132" loading="lazy">
            <figcaption><b>{{ $one->meets ? 'This meets it' : 'This does not' }}</b><br>
                <span class="fine">{{ $one->settings ?: 'no settings recorded' }}{{ $one->frame_id
                    ? ', a student’s, without the name' : '' }}</span><br>
                <input type="hidden" name="pictures[]" value="{{ $one->id }}">
                <button type="button" class="plain" hx-delete="{{ route('brief-pictures.destroy', [$course, $one]) }}"
                    hx-include="#composer" hx-target="#composer-pictures" hx-swap="outerHTML">Take it out</button>
            </figcaption>
        </figure>
    @endforeach
    <div class="composer-example" hx-encoding="multipart/form-data">
        <label>From a file <input type="file" name="example" accept="image/*"></label>
        @if ($offered->isNotEmpty())
            <fieldset>
                <legend>or a frame that may be shown to the class</legend>
                <div class="composer-frames">
                    @foreach ($offered as $frame)
                        <label><input type="radio" name="example_frame" value="{{ $frame->id }}"><img
                                src="{{ route('frames.small', $frame) }}" alt="Frame {{ $frame->id }}" loading="lazy"
                                width="84"></label>
                    @endforeach
                </div>
            </fieldset>
        @endif
        <p class="button-row">
            @foreach (['1' => 'This meets it', '0' => 'This does not'] as $meets => $label)
                <button type="button" hx-post="{{ route('brief-pictures.store', $course) }}"
                    hx-vals='{"example_meets": {{ $meets }}}' hx-include="#composer" hx-target="#composer-pictures"
                    hx-swap="outerHTML">{{ $label }}</button>
            @endforeach
        </p>
        <p class="fine">Students of the course see them below the brief. Where it was taken and whose camera it was are
            not kept.</p>
    </div>
</section>
