<div data-in="numbers">
    @if ($view->frame->state === App\Models\FrameState::Judged)
        @if ($view->ledger)
            <x-ledger :ledger="$view->ledger" />
        @endif
        <x-record :rows="$view->record" />
        @if ($origin = $view->origin())
            <p class="fine">{{ $origin->explained() }}</p>
        @endif
        @if ($comparison = $view->planComparison())
            <x-plan-compare :comparison="$comparison" />
        @endif
        {{-- Map, ruler and comb are drawn when somebody looks for them. --}}
        <div hx-get="{{ route('frames.views', $view->frame) }}" hx-trigger="intersect once" hx-swap="outerHTML"></div>
    @endif
</div>
