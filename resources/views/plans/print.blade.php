<x-layout :title="'Plan: ' . $brief->words->title" :course="$setBrief->course" keeps>
    <article class="sheet pocket">
        <p class="eyebrow">{{ $setBrief->course->name }} · {{ $brief->words->title }} · plan for attempt
            {{ $sheet->plan->number }}</p>
        <h1>{{ $sheet->plan->chosen?->exposure->settings ?? 'No settings taken yet' }}</h1>
        @if ($sheet->plan->chosen)<x-suggestion :suggestion="$sheet->plan->chosen" />
            @if ($sheet->taken())
                <ul class="plan-lines">
                    @foreach ($sheet->decisions($sheet->taken()) as $line)
                        <li>{{ $line }}</li>
                        @endforeach @if ($sum = $sheet->filterSum($sheet->taken()))
                            <li>{{ $sum->sentence() }}</li>
                        @endif
                </ul>
            @endif
        @else<p>Go back to the plan and take one of the settings; it then stands here.</p>
        @endif
        @if ($sheet->light)
            <p>Light expected: EV {{ round($sheet->light->value, 1) }} at ISO 100.</p>
        @endif
        @if ($sheet->range)
            <p>{{ $sheet->range->sentence() }}</p>
        @endif
        @foreach (['about' => 'About', 'reason' => 'Why'] as $field => $label)
            @if ($sheet->input->text($field) !== '')
                <p><b>{{ $label }}:</b> {{ $sheet->input->text($field) }}</p>
            @endif
        @endforeach
        @if ($sheet->wayBack())
            <h2>Before you leave, in the dark</h2>
            <ul class="plan-lines ticks">
                @foreach ($sheet->wayBack() as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ul>
        @endif
        @if ($sky = $drawings->sky())
            <x-sky-path :sky="$sky" />
        @endif
        <div class="cautions">
            <h2>Take care</h2>
            <x-cautions :cautions="$brief->words->cautions" />
        </div>
    </article>
    <p class="no-print"><button type="button" data-print>Print</button> <a class="button"
            href="{{ route('plans.edit', $setBrief) }}">Back to the plan</a></p>
</x-layout>
