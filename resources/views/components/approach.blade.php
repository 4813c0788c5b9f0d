@props(['course'])
<section class="sheet" aria-labelledby="approach">
    <h2 id="approach">Approach</h2>
    <dl class="evidence">
        @foreach (\TruePupil\Core\Approach\ApproachQuestion::cases() as $question)
            <div>
                <dt>{{ $question->label() }}</dt>
                <dd>{{ $question->choices()[$question->of($course->approachChoices())] }}</dd>
            </div>
        @endforeach
    </dl>
</section>
