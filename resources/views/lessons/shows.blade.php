{{-- What measures the picture, beside the task that asks about it. --}}
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
