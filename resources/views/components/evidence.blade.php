@props(['finding'])
<dl class="evidence">
    @foreach ($finding->evidence as $item)
        <div>
            <dt>{{ $item->name }}</dt>
            <dd>{{ \App\Wording\Quantity::quantity($item->value, $item->unit) }}@if ($item->limit !== null)
                    <span class="fine">limit {{ \App\Wording\Quantity::quantity($item->limit, $item->unit) }}</span>
                    @endif @if ($item->margin !== null)
                        <span class="fine">{{
                            \App\Wording\Quantity::margin($item->margin, $item->marginUnit ?: $item->unit) }}</span>
                    @endif
            </dd>
        </div>
    @endforeach
    @if ($finding->suggestion)
        <div>
            <dt>settings that would do</dt>
            <dd>{{ $finding->suggestion->title }}</dd>
        </div>
    @endif
    <div>
        <dt>rule</dt>
        <dd class="fine">{{ $finding->source }}</dd>
    </div>
    @if ($finding->otherView !== null)
        <div>
            <dt>other view</dt>
            <dd class="fine">{{ $finding->otherView }}</dd>
        </div>
    @endif
</dl>
