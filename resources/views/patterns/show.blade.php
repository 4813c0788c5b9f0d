@use(App\View\Drawings\SpreadStrip)
<x-layout :title="'Class: ' . $brief->words->title" :course="$setBrief->course" wide>
    <div class="sheet-head">
        <div>
            <p class="eyebrow"><a href="{{ route('set-briefs.show', $setBrief) }}">{{ $brief->words->title }}</a> ·
                {{ trans_choice('{0} nobody yet|{1} the latest attempt of one student|[2,*] the latest attempt of :count
                students', $patterns->students()) }}</p>
            <h1>What the class did</h1>
        </div>
        @if ($patterns->students())
            <a class="button primary" href="{{ route('patterns.project', $setBrief) }}">Show it on the projector</a>
        @endif
    </div>
    @if ($patterns->students() === 0)
        <div class="sheet">
            <p>Nobody has handed in yet. As soon as somebody has, this page shows what many share.</p>
        </div>
    @else
        <section aria-labelledby="teach">
            <h2 id="teach">To teach next</h2>
            <div class="teach">
                @forelse ($teach as $one)
                    <article class="sheet">
                        @if ($one->frames())
                            <div class="teach-frames">
                                @foreach ($one->frames() as $word => $frame)
                                    <figure><img src="{{ route('frames.picture', $frame) }}"
                                            alt="a frame that {{ $word }}" loading="lazy">
                                        <figcaption class="fine">{{ $word }}</figcaption>
                                    </figure>
                                @endforeach
                            </div>
                        @endif
                        <h3>{{ $one->spread->sentence }}</h3>
                        <p>Not met by {{ $one->spread->studentsOff() }} of {{ $patterns->students() }}{{
                            $one->spread->sides() ? ': ' . $one->spread->sides() : '' }}.</p>
                        @if ($one->lesson || $one->drill || $one->brief)
                            <p class="fine">What treats it:
                                @if ($one->lesson)
                                    <a href="{{ route('lessons.show', $one->lesson->id) }}">lesson “{{
                                        $one->lesson->title }}”</a>{{ $one->drill || $one->brief ? ',' : '' }}
                                @endif
                                @if ($one->drill)
                                    <a href="{{ route('drills.next', ['kind' => $one->drill]) }}">drill “{{
                                        $one->drill->label() }}”</a>{{ $one->brief ? ',' : '' }}
                                @endif
                                @if ($one->brief)
                                    ready brief “{{ $one->brief->words->title }}”
                                @endif
                            </p>
                        @endif
                    </article>
                @empty
                    <p class="sheet">Everything that was asked for was met.</p>
                @endforelse
            </div>
        </section>
        <div class="pattern-columns">
            <section class="sheet" aria-labelledby="asked">
                <h2 id="asked">What was asked for</h2>
                @foreach ($patterns->checks() as $check)
                    <div class="spread-check">
                        <h3>{{ $check->sentence }}</h3>
                        <p>{{ trans_choice('{1} Of one frame|[2,*] Of :count frames', $check->asked()) }}: {{
                            $check->counts() }}{{ $check->sides() ? ' (' . $check->sides() . ')' : '' }}.
                            @if ($check->range())
                                <span class="fine">{{ $check->range() }}</span>
                            @endif
                        </p>
                        @if ($strip = SpreadStrip::of($check))
                            <x-spread-strip :strip="$strip" />
                        @endif
                    </div>
                @endforeach
            </section>
            <div>
                <section class="sheet" aria-labelledby="used">
                    <h2 id="used">Settings that were used</h2>
                    @if ($picture)
                        <x-settings-picture :picture="$picture" />
                    @endif
                    <p>
                        @foreach ($patterns->modes() as $mode => $count)
                            {{ $count }} {{ lcfirst($mode) }}{{ $loop->last ? '' : ',' }}
                        @endforeach
                    </p>
                </section>
                <section class="sheet" aria-labelledby="found">
                    <h2 id="found">Beyond the brief</h2>
                    <table class="ledger-table">
                        <thead>
                            <tr>
                                <th scope="col">Finding</th>
                                <th scope="col">Students</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ([...$patterns->findings(), ...$patterns->findings(true)] as $one)
                                <tr>
                                    <th scope="row"><span class="severity">{{ $one['severity']->label() }}</span>
                                        {{ $one['topic'] }}{{ $one['sides'] ? ': ' . $one['sides'] : '' }}{{
                                        $one['range'] ? '; ' . $one['range'] : '' }} <span class="fine">{{
                                            $one['students'] > 1 ? 'In one of them: ' : '' }}{{ $one['sentence']
                                            }}</span></th>
                                    <td class="pattern-share"><span class="bar"
                                            style="width: {{ round(100 * $one['share']) }}%"></span>
                                        {{ $one['students'] }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </section>
            </div>
        </div>
    @endif
</x-layout>
