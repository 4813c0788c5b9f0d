@use(TruePupil\Core\Checks\Verdict)
{{-- A cell a check; the shape says which way it came out, and the words say it too. --}}
@props(['checks'])
@if ($checks->verdicts)
    <p class="verdict-cells" role="img" aria-label="Checks: {{ $checks->count(Verdict::Met) }} met{{
        $checks->count(Verdict::Close) ? ', ' . $checks->count(Verdict::Close) . ' close' : '' }}{{
        $checks->count(Verdict::Missed) ? ', ' . $checks->count(Verdict::Missed) . ' missed' : '' }}{{
        $checks->count(Verdict::Unknown) ? ', ' . $checks->count(Verdict::Unknown) . ' open' : '' }}">
        @foreach ($checks->verdicts as $id => $verdict)
            <span class="cell cell-{{ $verdict->value }}"
                title="{{ $checks->sentences[$id] }}: {{ $verdict->label() }}"></span>
        @endforeach
    </p>
@else
    <p class="fine">not checked yet</p>
@endif
