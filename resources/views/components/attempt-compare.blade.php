{{-- One attempt against the one before: pictures, what is gone, still there and new, then the settings. --}}
@props(['before', 'view'])
<div class="compare-pictures">
    <figure><x-picture :view="$before" :marked="false"
            :group="'attempts-' . $view->frame->id" />
        <figcaption>attempt {{ $before->frame->attempt->number }} <span
                class="fine">{{ $before->frame->record()?->settings() }}</span></figcaption>
    </figure>
    <figure><x-picture :view="$view" :marked="false"
            :group="'attempts-' . $view->frame->id" />
        <figcaption>attempt {{ $view->frame->attempt->number }} <span
                class="fine">{{ $view->frame->record()?->settings() }}</span></figcaption>
    </figure>
</div>
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
@if ($before->ledger && $view->ledger)
    <x-ledger-compare :before="$before->ledger" :after="$view->ledger" 
        :beforeName="'Attempt ' . $before->frame->attempt->number"
        :afterName="'Attempt ' . $view->frame->attempt->number"
        :caption="'attempt ' . $before->frame->attempt->number . ' against attempt ' . $view->frame->attempt->number" />
@endif
