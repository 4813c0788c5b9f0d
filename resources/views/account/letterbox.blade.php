<x-layout title="Letterbox">
    <h1>Letterbox</h1>
    <p class="lead-text">This installation sends no mail. Here is what would have been sent{{ $isOpenToAll
        ? ', to everybody: this is the demo' : ' to you' }}.</p>
    @forelse ($letters as $letter)
        <article class="sheet letter">
            <h2>{{ $letter->subject }}</h2>
            <p class="fine">to {{ $letter->to }} ·
                {{ App\Models\Moments::write(Illuminate\Support\Carbon::parse($letter->created_at, 'UTC'), 'UTC',
                'D MMM, HH:mm') }}</p>
            <p class="letter-text">@foreach (preg_split('~(https?://\S+)~', $letter->body, -1,
                PREG_SPLIT_DELIM_CAPTURE) as $piece)@if (str_starts_with($piece, 'http'))<a
                href="{{ $piece }}">{{ Illuminate\Support\Str::limit($piece, 70) }}</a>@else{{ $piece }}@endif
            @endforeach</p>
        </article>
    @empty
        <div class="sheet">
            <p>Nothing yet.</p>
        </div>
    @endforelse
</x-layout>
