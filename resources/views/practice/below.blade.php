<div id="finder-below" class="finder-below" @if ($swapped ?? false) hx-swap-oob="true" @endif>
    @if ($pupil = $view->pupil())
        <template data-pupil><x-pupil :pupil="$pupil" small /></template>
    @endif
    @unless ($view->isOptical)
        <x-tone-strip :tones="$view->tones()" id="finder-tones" />
        <x-depth-ruler :ruler="$view->depth()" />
        <details class="patterns" hx-get="{{ route('practice.patterns', $view->reading->rendering->scene->id) }}"
            hx-include="#finder" hx-trigger="toggle once" hx-target="find div" hx-swap="innerHTML"
            hx-sync="this:replace">
            <summary>What each pattern would say of these settings</summary>
            <div></div>
        </details>
    @endunless
</div>
