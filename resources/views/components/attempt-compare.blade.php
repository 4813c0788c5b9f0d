{{-- One attempt against the one before: pictures, settings, what is gone, still there and new. --}}
@props(['before', 'view'])
@php($then = $before->published()->filter(fn($finding) => $finding->severity()->rank() < 3)->pluck('rule_id'))
@php($now = $view->published()->filter(fn($finding) => $finding->severity()->rank() < 3)->pluck('rule_id'))
<div class="compare-pictures">
    <figure><x-picture :view="$before" :marked="false" />
        <figcaption>attempt {{ $before->frame->attempt->number }}</figcaption>
    </figure>
    <figure><x-picture :view="$view" :marked="false" />
        <figcaption>attempt {{ $view->frame->attempt->number }}</figcaption>
    </figure>
</div>
@if ($before->ledger && $view->ledger)
    <x-ledger-compare :before="$before->ledger" :after="$view->ledger" :beforeName="'Attempt ' . $before->frame->attempt->number" :afterName="'Attempt ' . $view->frame->attempt->number" :caption="'attempt ' . $before->frame->attempt->number . ' against attempt ' . $view->frame->attempt->number" />
@endif
<ul class="gone">
    @foreach ($before->published() as $finding)
        @if ($finding->severity()->rank() < 3)
            <li>{{ $now->contains($finding->rule_id) ? 'Still there' : 'Gone' }}: {{ $finding->sentence() }}</li>
        @endif
    @endforeach
    @foreach ($view->published() as $finding)
        @if ($finding->severity()->rank() < 3 && !$then->contains($finding->rule_id))
            <li>New: {{ $finding->sentence() }}</li>
        @endif
    @endforeach
</ul>
