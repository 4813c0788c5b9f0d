@props(['brief', 'course' => null, 'phone' => null])
<p class="lead-text">
    <x-words :of="$brief->words->purpose" /></p>
<div class="brief-parts">
    <section>
        <h3>What to do</h3>
        <ol>
            @foreach ($brief->words->task as $step)
                <li><x-words :of="$step" /></li>
            @endforeach
        </ol>
    </section>
    @if ($brief->frames->kit)
        <section>
            <h3>Taken with</h3>
            <ul>
                @foreach ($brief->frames->kit as $rule)
                    <li>{{ $rule->label() }}.</li>
                @endforeach
            </ul>
        </section>
    @endif
    @if (!$phone && $brief->words->phone)
        <section>
            <h3>With a phone</h3>
            <p><x-words :of="$brief->words->phone->words" /></p>
        </section>
    @endif
    <section>
        <h3>What is checked</h3>
        <ul>
            @foreach ($brief->checks as $check)
                <li><x-words :of="$check->sentence" />. <span class="fine">{{ $check->reason }}</span></li>
            @endforeach
        </ul>
    </section>
    <section class="cautions">
        <h3>Take care</h3>
        <x-cautions :cautions="$brief->words->cautions" />
    </section>
</div>
<x-brief-examples :brief="$brief" :course="$course" />
