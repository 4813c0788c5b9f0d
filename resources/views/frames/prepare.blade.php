@use(App\Models\FrameState)
@use(App\View\Presenters\SeenClaim)
@use(TruePupil\Core\Intent\KeptSharp)
@use(TruePupil\Core\Intent\MovementLook)
{{-- On a phone one question after the other (steps.js); on a desk both beside each other. --}}
<form method="post" action="{{ route('frames.update', $frame) }}" class="prepare" id="prepare" data-once data-steps
    @if ($frame->state === FrameState::Judged && $errors->isEmpty()) data-answered @endif>
    @csrf @method('put')
    <section class="prepare-picture" data-step aria-labelledby="step-subject">
        <h2 id="step-subject">Is this the subject?</h2>
        <p class="fine" data-hint aria-live="polite">{{ $frame->proposed && !$view->subject(old('subject'))
            ? 'Tap the dashed frame to take it, or draw a rectangle round what the picture is of.'
            : 'Draw a rectangle round what the picture is of, as tight as it goes.' }}</p>
        @error('subject*')
            <p class="field-problem">{{ $message }}</p>
        @enderror
        <div class="surround">
            <div class="picture" style="--aspect: {{ $frame->width / max(1, $frame->height) }}" data-mark>
                <img src="{{ route('frames.picture', $frame) }}" width="{{ $frame->width }}"
                    height="{{ $frame->height }}" alt="{{ $view->alt() }}" draggable="false">
                <div class="subject-mark" data-rectangle tabindex="0" role="group"
                    aria-label="Subject rectangle. Arrow keys move it, with Shift they resize it."
                    @if (!$view->subject(old('subject'))) hidden @else
                        style="left: {{ $view->subject(old('subject'))['x'] }}%; top: {{
                        $view->subject(old('subject'))['y'] }}%; width: {{
                        $view->subject(old('subject'))['width'] }}%; height: {{
                        $view->subject(old('subject'))['height'] }}%" @endif>
                    <span>subject</span></div>
                @if ($frame->proposed && !$view->subject(old('subject')))
                    <button type="button" class="proposed-mark"
                        data-proposed="{{ implode(',', $frame->proposed->toArray()) }}"
                        style="left: {{ 100 * $frame->proposed->x }}%; top: {{ 100 * $frame->proposed->y
                        }}%; width: {{ 100 * $frame->proposed->width }}%; height: {{ 100 *
                        $frame->proposed->height }}%"><span>Is it this? Tap to take it</span></button>
                @endif
            </div>
        </div>
        <p class="glance" data-glance="{{ route('frames.glance', $frame) }}" hidden></p>
        <div class="look-for" data-look hidden>
            <button type="button" data-whole-picture>The whole picture</button>
            <button type="button" data-looking>Look for people, faces and things</button>
            @include('frames.claim', ['claim' => SeenClaim::of($frame, old('seen'))])
        </div>
        <details class="prepare-more" @if ($errors->has('marks*') || $view->marks() || old('marks')) open @endif>
            <summary>More marks <span class="fine">an eye, the horizon, lines, what distracts; the subject in
                    numbers</span></summary>
            <p class="fine"><a class="mark-help" href="{{ route('sight') }}">What looking for people, faces and
                    things does</a></p>
            @include('frames.marks', ['marks' => array_values(old('marks', $view->marks()))])
            <fieldset class="numbers">
                <legend>The subject in numbers (% of the frame)</legend>
                <div class="number-row">
                    @foreach (['x' => 'Left', 'y' => 'Top', 'width' => 'Width', 'height' => 'Height']
                        as $key => $label)
                        <label>{{ $label }} <input type="number" step="0.01" min="0"
                                max="100" name="subject[{{ $key }}]"
                                value="{{ $view->subject(old('subject'))[$key] ?? '' }}"
                                data-side="{{ $key }}"></label>
                    @endforeach
                </div>
            </fieldset>
        </details>
    </section>
    <section class="prepare-side" data-step aria-labelledby="step-about">
        <h2 id="step-about">What is it about?</h2>
        @if ($view->brief()->placements)
            <fieldset>
                <legend>Which subject is it?</legend>
                @foreach ($view->brief()->placements as $placement)
                    <label class="choice"><input type="radio" name="placement_id"
                            value="{{ $placement->id }}" required
                            @checked(old('placement_id', $frame->placement_id) === $placement->id)>
                        {{ ucfirst($placement->label) }} <span class="fine">belongs at
                            {{ $placement->stops->signed() }} stops from mid-grey</span></label>
                @endforeach
            </fieldset>
        @endif
        <label for="reason">One sentence, and your reason</label>
        <textarea id="reason" name="reason" rows="3" maxlength="2000" autocomplete="off"
            placeholder="What it is about, and why you took it this way."
            data-draft="reason-{{ $frame->id }}">{{ old('reason', $frame->reason) }}</textarea>
        <fieldset class="plain taps">
            <legend>What moves?</legend>
            <div class="chips">
                @foreach (['' => 'Nothing', MovementLook::Freeze->value => 'Freeze it',
                    MovementLook::Acceptable->value => 'Sharp enough', MovementLook::Streak->value => 'Let it streak',
                    MovementLook::Pan->value => 'Follow it', MovementLook::Silk->value => 'Smooth as silk']
                    as $want => $label)
                    <label class="chip"><input type="radio" name="intent[want]" value="{{ $want }}"
                            @checked($want !== '' && (old('intent', $view->intent())['want'] ?? '') === $want)>
                        <span>{{ $label }}</span></label>
                @endforeach
            </div>
        </fieldset>
        <fieldset class="plain taps">
            <legend>What should be sharp?</legend>
            <div class="chips">
                @foreach ([KeptSharp::BothEyes->value => 'The eyes',
                    KeptSharp::Head->value => 'The subject', KeptSharp::Everything->value => 'Front to back',
                    KeptSharp::NearEye->value => 'Just a detail', '' => 'Nothing in particular'] as $kept => $label)
                    <label class="chip"><input type="radio" name="intent[kept]" value="{{ $kept }}"
                            @checked($kept !== '' && (old('intent', $view->intent())['kept'] ?? '') === $kept)>
                        <span>{{ $label }}</span></label>
                @endforeach
            </div>
        </fieldset>
        @if ($view->missing()->asksSupport)
            <fieldset class="plain taps">
                <legend>What held the camera?</legend>
                <div class="chips">
                    @foreach (\TruePupil\Core\Kit\Support::cases() as $support)
                        <label class="chip"><input type="radio" name="stated[support]" value="{{ $support->value }}"
                                @checked(old('stated.support', $view->stated()['support'] ?? '') ===
                                $support->value)> <span>{{ ucfirst($support->label()) }}</span></label>
                    @endforeach
                </div>
                @error('stated.support')
                    <p class="field-problem">{{ $message }}</p>
                @enderror
            </fieldset>
        @endif
        @if ($view->missing()->rows && $frame->state !== FrameState::Judged)
            @include('frames.missing', ['missing' => $view->missing()])
        @endif
        <details class="prepare-more" @if ($errors->has('intent*') || ($errors->has('stated*')
            && $frame->state === FrameState::Judged)) open @endif>
            <summary>More about it <span class="fine">what it is, distances, light, and what the file
                    records</span></summary>
            <label for="about">What the picture is about, in your own words <span class="fine">beside the sentence
                    above</span></label>
            <textarea id="about" name="about" rows="2" maxlength="2000" autocomplete="off"
                data-draft="about-{{ $frame->id }}">{{ old('about', $frame->about) }}</textarea>
            @include('frames.intent', ['input' => old('intent', $view->intent())])
            @include('frames.record')
        </details>
        @if ($view->brief()->rows() && $frame->attempt->frames->where('row', $frame->row)->count() > 1)
            <label class="choice"><input type="checkbox" name="for_row" value="1"
                    @checked(old('for_row'))> The same marks and words for every frame of this
                row: they show the same view</label>
        @endif
        <button class="{{ $frame->state === FrameState::Judged ? '' : 'primary' }}" data-check
            @disabled($frame->state === FrameState::Judging)>{{ $frame->state === FrameState::Judged
                ? 'Check it again' : 'Check this frame' }}</button>
    </section>
    <p class="steps-nav" data-steps-nav hidden><button type="button" data-back>Back</button><button type="button"
            class="primary" data-next>Next</button><button class="primary" data-send
            @disabled($frame->state === FrameState::Judging)>{{ $frame->state === FrameState::Judged
                ? 'Check it again' : 'Check this frame' }}</button></p>
</form>
