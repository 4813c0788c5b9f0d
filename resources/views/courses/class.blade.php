<x-layout title="Class" :course="$course" wide>
    <div class="sheet-head">
        <h1>What the class did</h1>
    </div>
    @forelse ($briefs as ['brief' => $brief, 'latest' => $latest])
        <section class="sheet-group">
            <h2><a href="{{ route('patterns', $brief->setBrief) }}">{{ $brief->title }}</a> <span
                    class="fine">{{ $brief->attempts->handedIn }} of {{ $brief->students }} handed in</span>
                <a class="fine" href="{{ route('patterns.project', $brief->setBrief) }}">for the projector</a></h2>
            <ol class="film-row">
                @foreach ($latest as $one)
                    <li><a href="{{ route('patterns', $brief->setBrief) }}" tabindex="-1" aria-hidden="true">
                            @if ($one->facts->frame)
                                <img src="{{ route('frames.small', $one->facts->frame) }}" alt="" loading="lazy">
                            @endif
                        </a></li>
                @endforeach
            </ol>
        </section>
    @empty
        <div class="sheet">
            <p>Nobody has handed in yet. Here you will see, brief by brief, what many share, and what to teach next.</p>
        </div>
    @endforelse
    @if ($habits)
        <section class="sheet" aria-labelledby="habits">
            <h2 id="habits">Rules of their own?</h2>
            <p class="fine">What never moved over several briefs, where something that was asked was missed. Ask about
                it; only whoever teaches sees this.</p>
            <ul>
                @foreach ($habits as $habit)
                    <li><b>{{ $habit->student->name }}:</b> {{ $habit->what }}, in {{ $habit->frames }} frames of
                        {{ $habit->briefs }} briefs; {{ $habit->missed }} of them missed something.</li>
                @endforeach
            </ul>
        </section>
    @endif
</x-layout>
