<x-layout title="Practice camera" wide>
    <div class="sheet-head">
        <h1>Where would you like to photograph?</h1>
        <p><a class="button" href="{{ route('drills') }}">Drills</a>
            <a class="button" href="{{ route('roll') }}">Your roll, {{ $roll->count() }}
                {{ $roll->count() === 1 ? 'frame' : 'frames' }}</a></p>
    </div>
    <ul class="scene-cards">
        @foreach ($scenes as $scene)
            <li>
                <a href="{{ route('practice.show', $scene->id) }}"><img src="/scenes/{{ $scene->id }}.jpg"
                        width="960" height="640" alt="" loading="lazy">
                    <h2>{{ $scene->words->title }}</h2>
                </a>
                <p>{{ $scene->words->purpose }}</p>
                <p class="fine">{{ ucfirst($scene->lightsInWords()) }}</p>
            </li>
        @endforeach
    </ul>
    <p class="fine">Light, distances and movement of these scenes are known: what the camera shows follows from what you
        set. Its frames land on your roll with a full record and can be handed in like any other.</p>
</x-layout>
