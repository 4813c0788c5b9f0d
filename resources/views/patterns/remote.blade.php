<x-layout :title="'Remote: ' . $brief->words->title" :course="$setBrief->course">
    <h1>{{ $brief->words->title }}</h1>
    <p>Open the projector on the wall’s machine; these buttons turn it from here.</p>
    <div class="remote" id="remote">
        @foreach (['prev' => '← Back', 'next' => 'Further →', 'findings' => 'Findings', 'numbers' => 'Numbers',
            'crop' => 'Crop'] as $press => $label)
            <form method="post" action="{{ route('patterns.press', $setBrief) }}"
                hx-post="{{ route('patterns.press', $setBrief) }}" hx-swap="none">@csrf
                <button name="press" value="{{ $press }}" @class(['primary' => $press === 'next'])>{{ $label
                    }}</button></form>
        @endforeach
    </div>
    <p><a href="{{ route('patterns.project', $setBrief) }}">The projector</a></p>
</x-layout>
