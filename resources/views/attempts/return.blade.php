<x-layout :title="'Return: ' . $brief->words->title" :course="$attempt->setBrief->course" wide>
    @if ($owner)
        <x-seen />
    @endif
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $attempt->setBrief) }}">{{ $brief->words->title }}</a> ·
        returned
        {{ $attempt->setBrief->course->formatMoment($attempt->returned_at) }}{{ $attempt->corrected_at
        ? ', corrected ' . $attempt->setBrief->course->formatMoment($attempt->corrected_at) : '' }}</p>
    <div class="sheet-head">
        <h1>{{ $owner ? 'Your return' : 'Return to ' . $attempt->user->name }} <span class="fine">attempt
                {{ $attempt->number }}</span></h1>
        @if ($teaches && !$attempt->correcting_since)
            <form method="post" action="{{ route('desk.correct', $attempt) }}" class="no-print" data-once>
                @csrf<button>Correct this return</button></form>
        @elseif ($teaches)
            <a class="button" href="{{ route('desk.show', $attempt) }}">Go on correcting</a>
        @endif
    </div>
    @if ($mark = $attempt->setBrief->course->marking->words($attempt->mark))
        <p class="return-mark"><b>Mark:</b> {{ $mark }}</p>
    @endif
    @if ($attempt->correcting_since)
        <p class="word">{{ $owner ? 'This return is being corrected. What you read here may change until then.'
            : 'This return is being corrected.' }}</p>
    @endif
    @foreach ($frames as $one)
        @if ($one->untold())
            <p class="word">{{ $one->untold() }}</p>
        @endif
    @endforeach
    @if ($frames->count() > 1)
        @foreach ($rows as ['row' => $row, 'frames' => $rowFrames, 'checks' => $rowChecks])
            @if ($row && ($strip = \App\View\Drawings\SeriesStrip::of($rowFrames, $row->kind)))
                <x-series :strip="$strip" :frames="$rowFrames" :checks="$rowChecks" />
            @endif
        @endforeach
        <x-best-frame :attempt="$attempt" />
        <section class="sheet return-lead">
            @if ($attempt->summary)
                <blockquote class="message">{!! nl2br(e($attempt->summary)) !!}</blockquote>
            @endif
            @include('attempts.first-things', ['returned' => $lead])
        </section>
    @endif
    @foreach ($frames as $index => $returned)
        @if ($frames->count() > 1)
            <details class="desk-fold" id="frame-{{ $returned->view->frame->id }}" data-open-in-print>
                <summary><b>{{ $returned->view->frame->original_name }}</b> <span
                        class="fine">{{ $returned->view->frame->record()?->settings() }}</span>
                    @if ($returned->view->givenNotes())
                        <b class="tag">{{ trans_choice('{1} one note|[2,*] :count notes',
                            $returned->view->givenNotes()) }}</b>
                    @endif
                </summary>
        @endif
        <div class="return">
            <div class="return-picture"><x-picture :view="$returned->view"
                    :notes="$returned->view->frame->notes->whereNotNull('given_at')" />
                @if ($returned->view->frame->student_subject)
                    <p class="fine">The mark of the subject was moved at the desk, and the frame judged by it. Dashed is
                        where it was.</p>
                @endif
            </div>
            <div class="return-words">
                @if ($frames->count() === 1 && $attempt->summary)
                    <blockquote class="sheet message">{!! nl2br(e($attempt->summary)) !!}</blockquote>
                @endif
                @if ($frames->count() === 1 || !$lead->view->frame->is($returned->view->frame))
                    <section class="sheet">@include('attempts.first-things')</section>
                @endif
                @include('attempts.returned-rest')
            </div>
        </div>
        @if ($frames->count() > 1)
            </details>
        @endif
    @endforeach
    @include('attempts.reply')
</x-layout>
