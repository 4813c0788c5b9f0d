@props(['tones', 'id' => 'tones'])
<figure class="tone-strip">
    <svg viewBox="0 0 640 150" role="img" aria-label="{{ $tones->summary() }}" preserveAspectRatio="xMidYMid meet">
        <defs>
            <pattern id="{{ $id }}-lost" width="7" height="9" patternUnits="userSpaceOnUse">
                <path class="lost-stroke" d="M6,-1 L1,10 M13,-1 L8,10 M-1,-1 L-6,10" />
            </pattern>
            <pattern id="{{ $id }}-blocked" width="7" height="7" patternUnits="userSpaceOnUse">
                <circle class="blocked-dot" cx="2" cy="2" r="1.4" />
                <circle class="blocked-dot" cx="5.5" cy="5.5" r="1.4" />
            </pattern>
            <linearGradient id="{{ $id }}-greys">
                <stop offset="0" stop-color="#060606" />
                <stop offset=".42" stop-color="#2c2c2c" />
                <stop offset=".737" stop-color="#767676" />
                <stop offset=".9" stop-color="#cfcfcf" />
                <stop offset="1" stop-color="#fff" />
            </linearGradient>
        </defs>
        @foreach ($tones->ticks() as $tick)
            <line @class(['tick', 'tick-middle' => $tick['middle']]) x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}"
                y1="{{ $tones->top() }}" y2="{{ $tones->base() }}" />
            <text @class(['tick-label', 'where-wide' => $loop->odd]) x="{{ $tick['x'] }}"
                y="146">{{ $tick['label'] }}</text>
        @endforeach
        @if ($wanted = $tones->wanted())
            <rect class="wanted" x="{{ $wanted['left'] }}" width="{{ $wanted['right'] - $wanted['left'] }}"
                y="{{ $tones->top() }}" height="{{ $tones->base() - $tones->top() }}" />
        @endif
        <path class="frame-tones" d="{{ $tones->frameOutline() }}" />
        @if ($tones->subjectLine())
            <path class="subject-tones" d="{{ $tones->subjectLine() }}" />
        @endif
        <rect x="58" y="{{ $tones->base() + 2 }}" width="{{ $tones->white() - 58 }}" height="12"
            fill="url(#{{ $id }}-greys)" />
        @if ($placed = $tones->placed())
            <path class="placed" d="M{{ $placed['x'] }},{{ $tones->base() + 1 }} l-6,-11 h12 z" />
            <text class="placed-label" x="{{ min(560, max(80, $placed['x'])) }}" y="10">subject
                {{ $placed['label'] }}</text>
        @endif
        <g>
            <rect class="end" x="8" y="{{ $tones->top() }}" width="38"
                height="{{ $tones->base() - $tones->top() }}" />
            <rect x="8" y="{{ $tones->base() - $tones->columnHeight($tones->blockedPct()) }}" width="38"
                height="{{ $tones->columnHeight($tones->blockedPct()) }}" fill="url(#{{ $id }}-blocked)" />
            <text class="end-label where-wide" x="27"
                y="{{ $tones->base() + 14 }}">{{ number_format($tones->blockedPct(), 1) }} %</text>
            <text class="tick-label where-wide" x="27" y="146">blocked</text>
            <rect class="end" x="594" y="{{ $tones->top() }}" width="38"
                height="{{ $tones->base() - $tones->top() }}" />
            <rect x="594" y="{{ $tones->base() - $tones->columnHeight($tones->lostPct()) }}" width="38"
                height="{{ $tones->columnHeight($tones->lostPct()) }}" fill="url(#{{ $id }}-lost)" />
            <text class="end-label where-wide" x="613"
                y="{{ $tones->base() + 14 }}">{{ number_format($tones->lostPct(), 1) }} %</text>
            <text class="tick-label where-wide" x="613" y="146">lost</text>
        </g>
    </svg>
    <p class="fine in-words">{{ $tones->summary() }}</p>
    @if ($raw = $tones->raw())
        <svg class="raw-strip" viewBox="0 0 640 112" role="img" aria-label="{{ $raw->summary() }}"
            preserveAspectRatio="xMidYMid meet">
            @foreach ($tones->ticks() as $tick)
                <line @class(['tick', 'tick-middle' => $tick['middle']]) x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}"
                    y1="{{ $raw->top() }}" y2="{{ $raw->base() }}" />
            @endforeach
            <line class="raw-end" x1="{{ $raw->end() }}" x2="{{ $raw->end() }}" y1="{{ $raw->top() - 4 }}"
                y2="{{ $raw->base() }}" />
            @foreach ($raw->lines() as $name => $line)
                <path class="raw-line raw-{{ $name }}" d="{{ $line }}" />
            @endforeach
            <text class="tick-label raw-label where-wide" x="58" y="10">the raw file, each colour to its own end</text>
            <text class="tick-label" x="{{ $raw->end() }}" y="106">full</text>
            @foreach ([58 => 'red', 108 => 'green', 166 => 'blue'] as $x => $name)
                <line class="raw-line raw-{{ $name }} where-wide" x1="{{ $x }}" x2="{{ $x + 18 }}" y1="102" y2="102" />
                <text class="raw-label where-wide" x="{{ $x + 22 }}" y="106">{{ $name }}</text>
            @endforeach
            <rect class="end" x="594" y="{{ $raw->top() }}" width="38" height="{{ $raw->base() - $raw->top() }}" />
            @foreach ($raw->columns() as $index => $column)
                <rect class="raw-lost" x="{{ 597 + 12 * $index }}" width="8" height="{{ $column['height'] }}"
                    y="{{ $raw->base() - $column['height'] }}"><title>{{ $column['name'] }}: {{
                    number_format($column['percent'], 1) }} % lost</title></rect>
            @endforeach
            <text class="tick-label where-wide" x="613" y="106">lost</text>
        </svg>
        <p class="fine in-words">Red is dashed, green drawn out, blue dotted.</p>
        <p class="fine raw-summary">{{ $raw->summary() }}</p>
    @endif
    <details>
        <summary>Tones as a table</summary>
        <table class="ledger-table">
            <thead>
                <tr>
                    <th scope="col">Measure</th>
                    <th scope="col">Frame</th>
                    <th scope="col">Subject</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($tones->table() as [$measure, $frame, $subject])
                    <tr>
                        <th scope="row">{{ $measure }}</th>
                        <td>{{ $frame }}</td>
                        <td>{{ $subject }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </details>
</figure>
