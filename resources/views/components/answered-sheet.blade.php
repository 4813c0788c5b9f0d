@props(['answers', 'course'])
@if ($answers)
    <section aria-labelledby="answers">
        <h2 id="answers">Answers to your returns <span class="fine">{{ count($answers) }}</span></h2>
        <ol class="contact-row waiting-sheet">
            @foreach ($answers as $one)
                <x-waiting-card :one="$one" :course="$course"
                    :link="route('attempts.return', $one->attempt) . '#reply'" />
            @endforeach
        </ol>
    </section>
@endif
