{{-- Only where something that the brief needs is missing: which file, why, and the fields. --}}
<section class="missing" aria-labelledby="missing-head">
    <h2 id="missing-head">{{ $missing->unread ? 'The settings are missing' : 'The settings you typed in' }}</h2>
    @if ($missing->sentence())
        <p><b>{{ $missing->sentence() }}</b> {{ $missing->cause() }}</p>
        @if ($missing->cause())
            <p><button form="another-file" class="plain">Send another file instead</button></p>
        @endif
    @endif
    <div class="missing-fields">
        @foreach ($missing->rows as $row)
            <div><label for="stated-{{ $row->field }}">{{ $row->label }}</label>
                @include('frames.stated-field')</div>
        @endforeach
    </div>
</section>
