@props(['brief'])
<p class="lead-text">
    {{ $brief->words->purpose }}</p>
<div class="brief-parts">
    <section>
        <h3>What to do</h3>
        <ol>
            @foreach ($brief->words->task as $step)
                <li>{{ $step }}</li>
            @endforeach
        </ol>
    </section>
    <section>
        <h3>What is checked</h3>
        <ul>
            @foreach ($brief->checks as $check)
                <li>{{ $check->sentence }}. <span class="fine">{{ $check->reason }}</span></li>
            @endforeach
        </ul>
    </section>
    <section class="cautions">
        <h3>Take care</h3>
        <x-cautions :cautions="$brief->words->cautions" />
    </section>
</div>
