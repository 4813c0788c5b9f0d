@use(TruePupil\Core\Capture\PictureOrigin)
@use(App\Models\AttemptState)
@use(App\Models\FrameState)
@use(App\View\Presenters\SeenClaim)
<div id="frame"
    @if ($frame->state->isBusy()) hx-get="{{ route('frames.progress', [$frame, 'seen' => $frame->state->value]) }}"
        hx-trigger="every 700ms" hx-swap="outerHTML" @endif>
    @if ($frame->state === FrameState::Refused)
        <div class="word word-problem" role="alert">
            <p><b>{{ $frame->original_name }}</b> could not be taken. {{ $frame->problem }}</p>
            <p><a class="button" href="{{ route('set-briefs.show', $frame->attempt->setBrief) }}">Choose another
                picture</a></p>
        </div>
    @elseif ($frame->state === FrameState::Reading)
        <div class="sheet waiting"><span class="turning" aria-hidden="true"></span>
            <p>The picture has arrived. Its record is being read …</p>
        </div>
    @else
        @if ($frame->problem)
            <p class="word word-problem">{{ $frame->problem }}</p>
        @endif
        <form method="post" action="{{ route('frames.update', $frame) }}" class="prepare" data-once>
            @csrf @method('put')
            <div class="prepare-picture">
                <div class="surround">
                    <div class="picture" style="--aspect: {{ $frame->width / max(1, $frame->height) }}"
                        @if ($frame->attempt->state === AttemptState::Draft) data-mark @endif>
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
                        @if ($frame->attempt->state === AttemptState::Draft && $frame->proposed
                            && !$view->subject(old('subject')))
                            <button type="button" class="proposed-mark"
                                data-proposed="{{ implode(',', $frame->proposed->toArray()) }}"
                                style="left: {{ 100 * $frame->proposed->x }}%; top: {{ 100 * $frame->proposed->y
                                }}%; width: {{ 100 * $frame->proposed->width }}%; height: {{ 100 *
                                $frame->proposed->height }}%"><span>Is it this? Tap to take it</span></button>
                        @endif
                    </div>
                </div>
                @if ($frame->attempt->state === AttemptState::Draft)
                    <p class="glance" data-glance="{{ route('frames.glance', $frame) }}" hidden></p>
                    <div class="look-for" data-look hidden>
                        <button type="button">Look for people, faces and things</button>
                        <a class="fine" href="{{ route('sight') }}">what this does</a>
                        @include('frames.claim', ['claim' => SeenClaim::of($frame, old('seen'))])
                    </div>
                    @include('frames.marks', ['marks' => array_values(old('marks', $view->marks()))])
                    <details class="numbers">
                        <summary>The subject in numbers (% of the frame)</summary>
                        <div class="number-row">
                            @foreach (['x' => 'Left', 'y' => 'Top', 'width' => 'Width', 'height' => 'Height']
                                as $key => $label)
                                <label>{{ $label }} <input type="number" step="0.01" min="0"
                                        max="100" name="subject[{{ $key }}]"
                                        value="{{ $view->subject(old('subject'))[$key] ?? '' }}"
                                        data-side="{{ $key }}"></label>
                            @endforeach
                        </div>
                    </details>
                @endif
            </div>
            <div class="prepare-side">
                @if ($frame->attempt->state === AttemptState::Draft)
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
                    <label for="about">What is the picture about?</label>
                    <textarea id="about" name="about" rows="2" maxlength="2000"
                        autocomplete="off"
                        data-draft="about-{{ $frame->id }}">{{ old('about', $frame->about) }}</textarea>
                    <label
                        for="reason">{{ $view->brief()->placements ? 'Why did you expose it this way?'
                        : 'Why did you take it this way?' }}</label>
                    <textarea id="reason" name="reason" rows="2" maxlength="2000"
                        autocomplete="off"
                        data-draft="reason-{{ $frame->id }}">{{ old('reason', $frame->reason) }}</textarea>
                    @include('frames.intent', ['input' => old('intent', $view->intent())])
                @else
                    @if ($frame->about)
                        <p><b>About:</b> {{ $frame->about }}</p>
                    @endif
                    @if ($frame->reason)
                        <p><b>Exposed this way because:</b> {{ $frame->reason }}</p>
                    @endif
                @endif
                <table class="ledger-table record">
                    <caption>What the file records</caption>
                    <tbody>
                        @foreach ($view->record as $row)
                            @if ($row->value !== null || $row->isAsked())
                                <tr>
                                    <th scope="row"><label
                                            for="stated-{{ $row->field }}">{{ $row->label }}</label></th>
                                    @if ($row->isAsked() && $frame->attempt->state === AttemptState::Draft)
                                        <td colspan="2">
                                            @if ($row->field === 'support')
                                                <select id="stated-support" name="stated[support]">
                                                    <option value="">not known</option>
                                                    @foreach (\TruePupil\Core\Kit\Support::cases() as $support)
                                                        <option value="{{ $support->value }}"
                                                            @selected(old('stated.support', $view->stated()['support']
                                                                ?? '') === $support->value)>{{ $support->label() }}
                                                        </option>
                                                    @endforeach
                                                </select>
                                            @elseif ($row->field === 'origin')
                                                <select id="stated-origin" name="stated[origin]">
                                                    <option value="">a camera that somebody used</option>
                                                    @foreach (PictureOrigin::cases() as $origin)
                                                        <option value="{{ $origin->value }}"
                                                            @selected(old('stated.origin', $view->stated()['origin']
                                                                ?? '') === $origin->value)>{{ $origin->label() }}
                                                        </option>
                                                    @endforeach
                                                </select>
                                                @if ($origin = $view->origin())
                                                    <p class="fine">{{ $origin->explained() }}</p>
                                                @endif
                                            @elseif ($row->field === 'mode')
                                                <select id="stated-mode" name="stated[mode]">
                                                    <option value="">not known</option>
                                                    @foreach (\TruePupil\Core\Kit\ExposureMode::cases() as $mode)
                                                        @if ($mode->value !== 'unknown')
                                                            <option value="{{ $mode->value }}"
                                                                @selected(old('stated.mode', $view->stated()['mode']
                                                                    ?? '') === $mode->value)>{{ $mode->label() }}
                                                            </option>
                                                        @endif
                                                    @endforeach
                                                </select>
                                            @else
                                                <input id="stated-{{ $row->field }}"
                                                    name="stated[{{ $row->field }}]"
                                                    value="{{ old('stated.' . $row->field, $view->stated()[$row->field]
                                                    ?? '') }}"
                                                    maxlength="60" autocomplete="off"
                                                    placeholder="{{ ['fNumber' => '5.6', 'exposureTime' => '1/250',
                                                    'iso' => '400', 'compensation' => '0', 'focalLength' => '50 mm',
                                                    'focalLength35' => '75 mm'][$row->field] ?? '' }}">
                                            @endif
                                            @error('stated.' . $row->field)
                                                <p class="field-problem">{{ $message }}</p>
                                            @enderror
                                        </td>
                                    @else
                                        <td>{{ $row->value ?? '–' }}</td>
                                        <td class="fine">{{ $row->source?->label() }}</td>
                                    @endif
                                </tr>
                            @endif
                        @endforeach
                    </tbody>
                </table>
                @if (isset($frame->tags[App\Imaging\PictureTags::HAS_PLACE]) && !$frame->attempt->user->keeps_location)
                    <p class="fine">This kind of file cannot be written, so where it was taken is still in it. Hand in a
                        JPEG instead if nobody should learn it.</p>
                @endif
                @if ($frame->attempt->state === AttemptState::Draft)
                    @if ($view->brief()->rows() && $frame->attempt->frames->where('row', $frame->row)->count() > 1)
                        <label class="choice"><input type="checkbox" name="for_row" value="1"
                                @checked(old('for_row'))> The same marks and words for every frame of this
                            row: they show the same view</label>
                    @endif
                    <button class="{{ $frame->state === FrameState::Judged ? '' : 'primary' }}"
                        @disabled($frame->state === FrameState::Judging)>{{ $frame->state === FrameState::Judged
                            ? 'Check it again' : 'Check this frame' }}</button>
                @endif
            </div>
        </form>
        @if ($frame->attempt->state === AttemptState::Draft)
            <x-scans :attempt="$frame->attempt" />
        @endif
        <section id="result" aria-live="polite">
            @if ($frame->state === FrameState::Judging)
                <div class="sheet waiting"><span class="turning" aria-hidden="true"></span>
                    <p>Counting tones and working out the light …</p>
                    @if ($frame->attempt->state === AttemptState::Draft && $view->brief()->most() === 1)
                        <form method="post" action="{{ route('attempts.hand-in', $frame->attempt) }}" data-once>
                            @csrf<x-may-show :attempt="$frame->attempt" />
                            <button>Hand in without waiting</button></form>
                    @endif
                </div>
            @elseif ($frame->state === FrameState::Judged)
                @include('frames.result')
            @endif
        </section>
    @endif
</div>
