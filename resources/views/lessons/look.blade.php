<div class="surround"><img src="{{ $view->picture->dataUri() }}" width="960" height="640"
        alt="{{ $view->summary() }}" class="lesson-picture"></div>
<p class="lesson-values">
    @foreach ($view->values() as $value)
        <span title="{{ $value['label'] }}, {{ $value['by'] }}">@if ($value['isYours'])<b>{{ $value['text']
                }}</b>@else<i>{{ $value['text'] }}</i>@endif</span>
    @endforeach
    <span class="fine">focus {{ $view->focusText() }} · {{ $view->whiteBalanceText() }}</span>
</p>
@if (in_array('meter', $lesson->shows, true))
    <x-meter :view="$view" />
@endif
@if (in_array('tones', $lesson->shows, true))
    <x-tone-strip :tones="$view->tones($raw)" id="lesson-tones" />
@endif
@if (in_array('pupil', $lesson->shows, true) && $view->pupil())
    <x-pupil :pupil="$view->pupil()" />
@endif
@if (in_array('depth', $lesson->shows, true))
    <x-depth-ruler :ruler="$view->depth()" />
@endif
@if ($view->warnings())
    <p class="fine">{{ implode(' ', $view->warnings()) }}</p>
@endif
