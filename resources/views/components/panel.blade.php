@props(['view', 'groups' => null])
@foreach ($groups ?? $view->panel() as $group)
    @if ($group->disagrees())
        <div class="disagree">
            <p class="fine">Here they do not agree:</p>
            @foreach ($group->notes as $one)
                <x-note :note="$view->note($one->id)"
                    :number="$view->frame->noteNumbers()[$one->id] ?? null" />
            @endforeach
        </div>
    @else
        @if ($group->undecided())
            <p class="fine">{{ implode(', ', $group->undecided()) }} would keep this and change it as well.</p>
        @endif
        <x-note :note="$view->note($group->notes[0]->id)"
            :number="$view->frame->noteNumbers()[$group->notes[0]->id] ?? null" :group="$group" />
        @if (count($group->notes) > 1)
            <details class="also">
                <summary>in their own words</summary>
                @foreach (array_slice($group->notes, 1) as $one)
                    <x-note :note="$view->note($one->id)"
                    :number="$view->frame->noteNumbers()[$one->id] ?? null" />
                @endforeach
            </details>
        @endif
    @endif
@endforeach
