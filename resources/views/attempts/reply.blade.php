<section class="sheet no-print reply" id="reply">
    @if ($owner)
        <form method="post" action="{{ route('attempts.reshoot', $attempt) }}" class="button-row"
            data-once>@csrf<button class="primary">Plan the reshoot</button><a class="button"
                href="{{ route('set-briefs.show', $attempt->setBrief) }}#begin">Hand in attempt
                {{ $attempt->number + 1 }}</a><button type="button" data-print>Print this return</button></form>
        @if ($attempt->answer)
            <h2>{{ $attempt->answeredBy?->name ?? 'Whoever teaches' }} to your answer</h2>
            <blockquote class="message">{!! nl2br(e($attempt->answer)) !!}</blockquote>
        @endif
        <form method="post" action="{{ route('attempts.reply', $attempt) }}" data-once>@csrf
            <label for="reply-text">Your answer <span class="fine">what you will do, what you see otherwise;
                    whoever critiqued it reads it</span></label>
            <textarea id="reply-text" name="reply" rows="3" maxlength="4000"
                autocomplete="off"
                data-draft="reply-{{ $attempt->id }}">{{ old('reply', $attempt->reply) }}</textarea>
            <button>{{ $attempt->reply ? 'Change the answer' : 'Send the answer' }}</button>
        </form>
        <form method="post" action="{{ route('attempts.may-show', $attempt) }}" class="inline-choice" data-once>@csrf
            @method('put')
            <label class="choice"><input type="checkbox" name="may_show" value="1"
                    @checked($attempt->may_show)> My frames of this attempt may be shown to the class</label><button
                class="plain">Save the choice</button>
        </form>
    @elseif ($attempt->reply)
        <h2>{{ $attempt->user->name }} answered</h2>
        <blockquote class="message">{!! nl2br(e($attempt->reply)) !!}</blockquote>
        @if ($teaches)
            <form method="post" action="{{ route('attempts.answer', $attempt) }}" data-once>@csrf
                <label for="answer">Your reply</label>
                <textarea id="answer" name="answer" rows="3" maxlength="4000" autocomplete="off"
                    data-draft="answer-{{ $attempt->id }}">{{ old('answer', $attempt->answer) }}</textarea>
                <button class="primary">{{ $attempt->answer ? 'Change the reply' : 'Send the reply' }}</button>
            </form>
        @elseif ($attempt->answer)
            <h2>{{ $attempt->answeredBy?->name ?? 'Whoever teaches' }} to that</h2>
            <blockquote class="message">{!! nl2br(e($attempt->answer)) !!}</blockquote>
        @endif
    @else
        <p class="fine">{{ $attempt->user->name }} has not answered yet.</p>
    @endif
</section>
