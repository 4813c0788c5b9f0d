<x-layout title="Camera exercises, and a plain answer to every frame" wide>
    <h1 class="first-line">Camera exercises from your teacher, and a plain answer to every frame.</h1>
    <div class="first">
        <figure class="first-picture">
            <div class="first-frame">
                <img src="/first/arcade.jpg" width="1440" height="960"
                    alt="A white urn in the shade of a brick arcade; the tiles and the vault run to it.">
                @foreach ([1 => [53, 49], 2 => [50, 91], 3 => [35, 72]] as $number => [$left, $top])
                    <a class="pin pin-{{ $number }}" href="#first-{{ $number }}" style="left: {{ $left }}%; top: {{
                        $top }}%">{{ $number }}</a>
                @endforeach
            </div>
        </figure>
        <article class="sheet first-critique">
            <h2>A frame and its critique</h2>
            <p class="fine">Wen, at Kilnyard: ƒ/8, 1/320 s, ISO 400</p>
            <blockquote>“It stands in the shade, so I thought the meter would manage.”</blockquote>
            <ol>
                @foreach ([
                    ['to put right', 'Tones', '5.9 % of the urn is pure white; the brief asks for less than 1 %. Give '
                        . 'less light until only glints are lost.'],
                    ['could be better', 'Aperture and depth', 'It looks sharp from 4.96 m to 95.9 m; you wanted 4 m to '
                        . 'the horizon.'],
                    ['well done', 'Composition', 'The lines run to the urn and take the eye there.'],
                ] as $index => [$weight, $topic, $sentence])
                    <li id="first-{{ $index + 1 }}"><b class="pin pin-{{ $index + 1 }}" aria-hidden="true">{{ $index + 1
                            }}</b>
                        <p><b>{{ $weight }}</b> <span class="fine">{{ $topic }}</span><br>{{ $sentence }}</p>
                    </li>
                @endforeach
            </ol>
            <h3>Better with the same kit</h3>
            <p class="first-better">ƒ/11, focused at 8 m <span class="fine">Sharp from 4 m to the horizon.</span></p>
        </article>
    </div>
    <div class="doors">
        @if ($mayStart)
            <section class="door" aria-labelledby="teach">
                <div>
                    <h2 id="teach">I teach</h2>
                    <p class="fine">Take a ready exercise, or write your own.</p>
                </div>
                <a class="button primary" href="{{ route('start') }}">Start a course</a>
            </section>
        @endif
        <section class="door" aria-labelledby="code-door">
            <div>
                <h2 id="code-door">I was given a code</h2>
                <p class="fine">Your teacher shows it, or has sent it.</p>
            </div>
            <form method="get" action="{{ route('join') }}"><label class="visually-hidden" for="first-code">Course
                    code</label><input id="first-code" name="code" class="code" required autocapitalize="characters"
                    autocomplete="off" placeholder="____ ____"><button>Join</button></form>
        </section>
    </div>
</x-layout>
