@props(['body'])
<dl class="evidence">
    @foreach ($body['evidence'] as $name => $item)
        <div>
            <dt>{{ $name }}</dt>
            <dd>{{ \App\View\Text::quantity($item['value'], $item['unit']) }}@if ($item['limit'] !== null)
                    <span class="fine">limit {{ \App\View\Text::quantity($item['limit'], $item['unit']) }}</span>
                    @endif @if ($item['margin'] !== null)
                        <span class="fine">{{ \App\View\Text::margin($item['margin'], $item['marginUnit']) }}</span>
                    @endif
            </dd>
        </div>
    @endforeach
    @isset($body['suggestion'])
        <div>
            <dt>settings that would do</dt>
            <dd>{{ $body['suggestion']['title'] }}</dd>
        </div>
    @endisset
    <div>
        <dt>rule</dt>
        <dd class="fine">{{ $body['source'] }}</dd>
    </div>
    @isset($body['otherView'])
        <div>
            <dt>other view</dt>
            <dd class="fine">{{ $body['otherView'] }}</dd>
        </div>
    @endisset
</dl>
