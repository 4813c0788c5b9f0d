{{-- One attempt against the one before: pictures, settings, what is gone, still there and new. --}}
@props(['before', 'view'])
<div class="compare-pictures">
    <figure><x-picture :view="$before" :marked="false" />
        <figcaption>attempt {{ $before->frame->attempt->number }}</figcaption>
    </figure>
    <figure><x-picture :view="$view" :marked="false" />
        <figcaption>attempt {{ $view->frame->attempt->number }}</figcaption>
    </figure>
</div>
@if ($before->ledger && $view->ledger)
    <x-ledger-compare :before="$before->ledger" :after="$view->ledger" 
        :beforeName="'Attempt ' . $before->frame->attempt->number"
        :afterName="'Attempt ' . $view->frame->attempt->number"
        :caption="'attempt ' . $before->frame->attempt->number . ' against attempt ' . $view->frame->attempt->number" />
@endif
<ul class="gone">
    @foreach ($before->serious() as $finding)
        <li>{{ $view->saysSeriously($finding->rule_id) ? 'Still there' : 'Gone' }}: {{ $finding->sentence() }}</li>
    @endforeach
    @foreach ($view->serious() as $finding)
        @unless ($before->saysSeriously($finding->rule_id))
            <li>New: {{ $finding->sentence() }}</li>
        @endunless
    @endforeach
</ul>
