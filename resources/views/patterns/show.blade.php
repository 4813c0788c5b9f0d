<x-layout :title="'Patterns: ' . $brief->words->title" :course="$setBrief->course" wide>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $setBrief) }}">{{ $brief->words->title }}</a> · the latest
        attempt
        of
        {{ $patterns->students() }} {{ $patterns->students() === 1 ? 'student' : 'students' }}</p>
    <h1>What the class did</h1>
    @if ($patterns->students() === 0)
        <div class="sheet">
            <p>Nobody has handed in yet. As soon as somebody has, this page shows what many share.</p>
        </div>
    @else
        <section aria-labelledby="teach">
            <h2 id="teach" class="projected">To teach next</h2>
            <div class="teach">
                @forelse ($patterns->toTeach() as $index => $one)
                    <article class="sheet">
                        <h3><span class="number">{{ $index + 1 }}</span> {{ $one['topic'] }} <span
                                class="fine">{{ $one['students'] }} of {{ $patterns->students() }} students</span></h3>
                        @if ($one['range'])
                            <p>{{ ucfirst($one['range']) }}.</p>
                        @endif
                        <p @class(['fine' => $one['students'] > 1])>{{ $one['students'] > 1 ? 'In one of them: ' : ''
                            }}{{ $one['sentence'] }}</p>
                        @if ($one['frames'] === [])
                            <p class="fine">No frame of this is shown: nobody whose frame it is has allowed it.</p>
                        @else
                            <div class="teach-frames">
                                @foreach ($one['frames'] as $frame)
                                    <img src="{{ route('frames.picture', $frame) }}" alt="a frame that shows it"
                                        loading="lazy">
                                @endforeach
                            </div>
                        @endif
                    </article>
                @empty
                    <p class="sheet">Nothing that several have in common needs putting right.</p>
                @endforelse
            </div>
        </section>
        <div class="pattern-columns">
            <section class="sheet" aria-labelledby="found">
                <h2 id="found">Findings over the class</h2>
                <table class="ledger-table">
                    <thead>
                        <tr>
                            <th scope="col">Finding</th>
                            <th scope="col">Students</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($patterns->findings() as $one)
                            <tr>
                                <th scope="row"><span class="severity">{{ $one['severity']->label() }}</span>
                                    {{ $one['topic'] }}: {{ $one['range'] ?? '' }} <span
                                        @class(['fine' => $one['students'] > 1])>{{ $one['students'] > 1
                                        ? 'In one of them: ' : '' }}{{ $one['sentence'] }}</span></th>
                                <td class="pattern-share"><span class="bar"
                                        style="width: {{ round(100 * $one['share']) }}%"></span>
                                    {{ $one['students'] }}</td>
                            </tr>
                        @endforeach
                    </tbody>
                </table>
                @if ($praise = array_slice($patterns->findings(true), 0, 5))
                    <h3>What went well</h3>
                    <ul>
                        @foreach ($praise as $one)
                            <li>{{ $one['topic'] }}: {{ $one['students'] }}
                                {{ $one['students'] === 1 ? 'student' : 'students' }}</li>
                        @endforeach
                    </ul>
                @endif
            </section>
            <section class="sheet" aria-labelledby="used">
                <h2 id="used">Settings that were used</h2>
                @if ($picture)
                    <svg class="settings-picture" viewBox="0 0 {{ $picture::WIDTH }} {{ $picture::HEIGHT }}"
                        role="img"
                        aria-label="{{ $picture->summary() }}">
                        @foreach ($picture->apertures() as $tick)
                            <line x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}" y1="16" y2="284" />
                            <text x="{{ $tick['x'] }}" y="302">{{ $tick['label'] }}</text>
                        @endforeach
                        @foreach ($picture->times() as $tick)
                            <line x1="64" x2="620" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}" />
                            <text x="58" y="{{ $tick['y'] + 4 }}" class="time">{{ $tick['label'] }}</text>
                        @endforeach
                        @foreach ($picture->points() as $point)
                            <g>
                                <title>{{ $point['count'] }} × {{ $point['label'] }}</title>
                                @for ($ring = 1; $ring <= $point['rings']; $ring++)
                                    <circle class="ring" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}"
                                        r="{{ $point['radius'] + 2.4 * $ring }}" />
                                @endfor
                                <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}"
                                    r="{{ $point['radius'] }}" />
                            </g>
                        @endforeach
                    </svg>
                    <p class="fine">Apertures across, times down. A ring for each stop of ISO above 100; larger where
                        several agree.</p>
                @endif
                <dl class="evidence">
                    @foreach ($patterns->modes() as $mode => $count)
                        <div>
                            <dt>{{ $mode }}</dt>
                            <dd>{{ $count }}</dd>
                        </div>
                    @endforeach
                </dl>
                <h3>Checks of the brief</h3>
                <table class="ledger-table">
                    <thead>
                        <tr>
                            <th scope="col">Check</th>
                            <th scope="col" class="num">met</th>
                            <th scope="col" class="num">close</th>
                            <th scope="col" class="num">missed</th>
                            <th scope="col" class="num">open</th>
                        </tr>
                    </thead>
                    <tbody>
                        @foreach ($patterns->checks() as $check)
                            <tr>
                                <th scope="row">{{ $check['sentence'] }}</th>
                                @foreach (['met', 'close', 'missed', 'unknown'] as $verdict)
                                    <td class="num">{{ $check[$verdict] ?: '–' }}</td>
                                @endforeach
                            </tr>
                        @endforeach
                    </tbody>
                </table>
            </section>
        </div>
    @endif
</x-layout>
