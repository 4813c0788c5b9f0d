@use(TruePupil\Core\Revisit\SunWish)
@use(TruePupil\Core\Revisit\TideState)
@use(TruePupil\Core\Sky\LightDirection)
@use(TruePupil\Core\Sky\MoonShape)
@use(TruePupil\Core\Sky\Weather)
<x-layout title="Go back for it" :course="$view->frame->attempt->setBrief->course" keeps>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $view->frame->attempt->setBrief) }}">{{
        $view->frame->attempt->content()->words->title }}</a> · attempt {{ $view->frame->attempt->number }}</p>
    <h1>Go back for it</h1>
    <div class="revisit-pair" id="both">
        <figure>
            <img src="{{ route('frames.picture', $view->frame) }}" alt="{{ $view->frame->original_name }}"
                width="{{ $view->frame->width }}" height="{{ $view->frame->height }}">
            <figcaption>{{ $view->stored?->again ? 'Before: ' : '' }}{{ $view->settings($view->frame) }}</figcaption>
        </figure>
        @if ($view->stored?->again)
            <figure>
                <img src="{{ route('frames.picture', $view->stored->again) }}"
                    alt="{{ $view->stored->again->original_name }}" width="{{ $view->stored->again->width }}"
                    height="{{ $view->stored->again->height }}">
                <figcaption>After going back: {{ $view->settings($view->stored->again) }}</figcaption>
            </figure>
        @endif
    </div>
    @if ($view->stored)
        <section class="sheet" aria-labelledby="days">
            <h2 id="days">When it can be</h2>
            @if ($view->whyNoDates())
                <p>{{ $view->whyNoDates() }}</p>
            @else
                <ul class="plain-list">
                    @foreach ($view->chances as $index => $chance)
                        <li><b>{{ $chance->from->format('D j M Y, H:i') }} to {{ $chance->to->format('H:i') }}</b> <span
                                class="fine">{{ $view->sky($chance) }}</span> <a
                                href="{{ route('revisits.calendar', [$view->frame, 'day' => $index]) }}">into the
                                calendar</a></li>
                    @endforeach
                </ul>
                @if ($view->beside())
                    <p>{{ $view->beside() }}</p>
                @endif
                <p class="fine">Time as in {{ $view->frame->attempt->setBrief->course->timezone }}.</p>
            @endif
            @if ($view->later()->isNotEmpty())
                <form method="post" action="{{ route('revisits.compare', $view->frame) }}" class="inline-form"
                    data-once>@csrf
                    <label for="again">You went? The new frame</label>
                    <select id="again" name="again">
                        <option value="">none yet</option>
                        @foreach ($view->later() as $frame)
                            <option value="{{ $frame->id }}"
                                @selected($view->stored->again_frame_id === $frame->id)>
                                {{ $frame->original_name }}, {{ $frame->attempt->content()->words->title }}</option>
                        @endforeach
                    </select>
                    <button>Side by side</button>
                </form>
            @endif
        </section>
    @endif
    <form method="post" action="{{ route('revisits.update', $view->frame) }}" class="sheet" data-once>
        @csrf @method('put')
        <h2>What it takes</h2>
        <p class="fine">Say only what matters for the picture.</p>
        <div class="intent-grid">
            @foreach (['fromMonth' => 'Season from', 'toMonth' => 'to'] as $field => $label)
                <label>{{ $label }} <select name="{{ $field }}">
                        <option value="">any month</option>
                        @foreach (range(1, 12) as $month)
                            <option value="{{ $month }}"
                                @selected((string) old($field, $view->typed[$field] ?? '') === (string) $month)>{{
                                date('F', mktime(0, 0, 0, $month, 1)) }}</option>
                        @endforeach
                    </select></label>
            @endforeach
            @foreach (['fromHour' => 'Between', 'toHour' => 'and'] as $field => $label)
                <label>{{ $label }} <input type="time" name="{{ $field }}"
                        value="{{ old($field, $view->typed[$field] ?? '') }}"></label>
            @endforeach
            @foreach (['sun' => ['The sun', SunWish::cases()], 'light' => ['Its light', LightDirection::cases()],
                'moon' => ['The moon', MoonShape::cases()], 'water' => ['The water', TideState::cases()],
                'clouds' => ['The sky', Weather::cases()]] as $field => [$label, $cases])
                <label>{{ $label }} <select name="{{ $field }}">
                        <option value="">does not matter</option>
                        @foreach ($cases as $case)
                            <option value="{{ $case->value }}"
                                @selected(old($field, $view->typed[$field] ?? '') === $case->value)>
                                {{ $case->label() }}</option>
                        @endforeach
                    </select></label>
            @endforeach
            <label>A high water of the place <span class="fine">from its table, for the tide</span> <input
                    type="datetime-local" name="highWater"
                    value="{{ old('highWater', $view->typed['highWater'] ?? '') }}"></label>
            @foreach (['lat' => ['Latitude', '50.1'], 'lon' => ['Longitude', '10.2, east is +'],
                'bearing' => ['The camera points to', 'south-west']] as $field => [$label, $example])
                <label>{{ $label }} <input name="{{ $field }}" placeholder="{{ $example }}" maxlength="20"
                        value="{{ old($field, $view->typed[$field] ?? '') }}" autocomplete="off"></label>
            @endforeach
            <label class="log-wide">And <input name="word" maxlength="500" autocomplete="off"
                    value="{{ old('word', $view->typed['word'] ?? '') }}"
                    placeholder="mist on the water, the barge at the other quay"></label>
        </div>
        <p class="fine">The place is kept with this alone, and shown to nobody else.</p>
        <button class="primary">Find the days</button>
    </form>
    @if ($view->stored)
        <form method="post" action="{{ route('revisits.destroy', $view->frame) }}" data-once>@csrf @method('delete')
            <button class="plain">I no longer mean to go back</button></form>
    @endif
</x-layout>
