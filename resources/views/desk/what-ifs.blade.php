<div id="what-ifs-{{ $frame->id }}">
    @foreach ($frame->whatIfs as $whatIf)
        <x-what-if :whatIf="$whatIf" :frame="$frame">
            @can('delete', $whatIf)
                <button type="button" class="plain" hx-delete="{{ route('what-ifs.destroy', $whatIf) }}"
                    hx-target="#what-ifs-{{ $frame->id }}" hx-swap="outerHTML">Take back</button>
            @endcan
        </x-what-if>
    @endforeach
</div>
