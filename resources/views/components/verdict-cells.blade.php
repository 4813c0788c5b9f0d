@use(TruePupil\Core\Checks\Verdict)
{{-- A cell a check; the shape says which way it came out, and the words say it too. --}}
@props(['facts'])
@if ($facts->verdicts)
    <p class="verdict-cells" role="img" aria-label="Checks: {{ $facts->count(Verdict::Met) }} met{{
        $facts->count(Verdict::Close) ? ', ' . $facts->count(Verdict::Close) . ' close' : '' }}{{
        $facts->count(Verdict::Missed) ? ', ' . $facts->count(Verdict::Missed) . ' missed' : '' }}{{
        $facts->count(Verdict::Unknown) ? ', ' . $facts->count(Verdict::Unknown) . ' open' : '' }}">
        @foreach ($facts->verdicts as $id => $verdict)
            <span class="cell cell-{{ $verdict->value }}"
                title="{{ $facts->sentences[$id] }}: {{ $verdict->label() }}"></span>
        @endforeach
    </p>
@else
    <p class="fine">not checked yet</p>
@endif
