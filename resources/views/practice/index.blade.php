<x-layout title="Practice camera" wide>
    <h1>Practice camera</h1>
    <p class="lead-text">Scenes whose light, distances and movement are known. Set the camera, look, press; the frames
        land on your roll with a full record, and can be handed in like any other.</p>
    <p><a class="button primary" href="{{ route('drills') }}">Drills on these scenes</a></p>
    <ul class="scene-cards">
        @foreach ($scenes as $scene)
            <li class="sheet">
                <a href="{{ route('practice.show', $scene->id) }}"><img src="/scenes/{{ $scene->id }}.jpg"
                        width="480" height="320" alt="" loading="lazy">
                    <h2>{{ $scene->words->title }}</h2>
                </a>
                <p>{{ $scene->words->purpose }}</p>
                <p class="fine">{{ round($scene->focalLengths35()[0]) }}–{{ round($scene->focalLengths35()[1]) }} mm as
                    on 36 × 24 mm;
                    {{ $scene->lightsInWords() }}
                </p>
            </li>
        @endforeach
    </ul>
    <div id="roll">@include('practice.roll', ['message' => null])</div>
</x-layout>
