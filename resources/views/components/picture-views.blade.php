@props(['view', 'overlays'])
<div class="picture-views" data-views>
    <div class="view-switches" role="group" aria-label="Laid over the picture">
        @foreach ($overlays->views() as $name => $one)
            <button type="button" data-show="{{ $name }}" aria-pressed="false">{{ $one['label'] }}</button>
        @endforeach
        <button type="button" data-show="spot" aria-pressed="false">spot reading</button>
        <div class="look-for" data-look hidden>
            <button type="button" data-looking>people and things</button>
            <a class="fine" href="{{ route('sight') }}">what this does</a>
            <span class="fine" data-look-words aria-live="polite"></span>
        </div>
    </div>
    <div class="view-words" aria-live="polite">
        @foreach ($overlays->views() as $name => $one)
            <p data-words="{{ $name }}" hidden>{{ $one['text'] }}</p>
        @endforeach
        <div data-words="spot" hidden>
            <div id="spot-{{ $view->frame->id }}"></div>
            <p class="fine">Click a spot of the picture, or give its place: it says where the tone was placed and what
                would move it. A second spot tells the range between
                both.</p>
            <form class="spot-form" hx-get="{{ route('frames.spot', $view->frame) }}"
                hx-target="#spot-{{ $view->frame->id }}" hx-trigger="submit">
                <label>across <span class="fine">%</span> <input name="x" type="number" min="0"
                        max="100" step="0.1" value="50"></label><label>down <span class="fine">%</span>
                    <input name="y" type="number" min="0" max="100" step="0.1"
                        value="50"></label><input type="hidden" name="fromX"><input type="hidden" name="fromY">
                <button>Read it</button>
            </form>
        </div>
    </div>
</div>
