<x-layout :title="'Plan: ' . $brief->words->title" :course="$setBrief->course" wide keeps>
    <p class="eyebrow"><a href="{{ route('set-briefs.show', $setBrief) }}">{{ $brief->words->title }}</a> · plan for
        attempt
        {{ $sheet->plan->number }}</p>
    <h1>What do you mean to do?</h1>
    @if ($brief->words->prompts)
        <ul class="prompts">
            @foreach ($brief->words->prompts as $prompt)
                <li>{{ $prompt }}</li>
            @endforeach
        </ul>
    @endif
    <div class="plan-sheet">
        <div class="plan-asks">
            @include('plans.questions')
            @include('plans.kept')
            <details class="plan-everything" @if (! $sheet->isByQuestions()) open @endif>
                <summary>Everything that a plan can say</summary>
                @include('plans.everything')
            </details>
        </div>
        @include('plans.answer')
    </div>
</x-layout>
