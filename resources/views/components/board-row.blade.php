@use(App\Models\AttemptState)
@props(['cells', 'course', 'asResults' => false])
{{-- A row in one: a component for each of its cells took as long as all the rest of the board. --}}
@foreach ($cells as [$cell, $brief])
@if ($cell === null)
    <td @class(['board-none', 'overdue' => $brief->isOverdue() && !$brief->dates->isClosed()])>{{ match (true) {
        $brief->hidden => '–',
        $brief->dates->isClosed() => 'not handed in',
        $brief->isOverdue() => 'late',
        $brief->dates->isExtended => 'until ' . $course->formatDay($brief->dates->dueAt),
        default => '–',
    } }}</td>
@elseif ($cell->state === AttemptState::Draft)
    <td class="board-draft"><span class="board-frame"></span>{{ $cell->number > 1 ? 'prepares attempt '
        . $cell->number : 'prepares' }}<span class="fine">{{ $brief->isOverdue() && $cell->number === 1 ? 'late'
        : $cell->since->format('j M') }}</span></td>
@elseif ($asResults)
    <td><a href="{{ $cell->state === AttemptState::Returned ? '/attempts/' . $cell->attempt . '/return'
            : '/desk/' . $cell->attempt }}" aria-label="{{ $cell->state->label() }}, {{
            $cell->checks?->inWords() ?? 'not checked' }}"><span class="verdict-cells" aria-hidden="true">@foreach (
            $cell->checks?->verdicts ?? [] as $verdict)<span class="cell cell-{{ $verdict->value }}"></span>@endforeach
            </span></a>@if ($cell->state !== AttemptState::Returned)<span class="fine">{{
            $cell->state->label() }}</span>@endif @if ($cell->mark)<span
                class="fine">{{ $cell->mark }}</span>@endif</td>
@else
    <td class="board-{{ $cell->state->value }}"><a
            href="{{ $cell->state === AttemptState::Returned ? '/attempts/' . $cell->attempt . '/return'
            : '/desk/' . $cell->attempt }}"><span class="board-frame">@if ($cell->frame)<img
                    src="/frames/{{ $cell->frame }}/small" alt="" loading="lazy">@endif</span>{{
            $cell->state->label() }}{{ $cell->number > 1 ? ' · attempt ' . $cell->number : '' }}</a><span
            class="fine">{{ $cell->since->format('j M') }}{{ $cell->isLate ? ', late' : '' }}</span></td>
@endif
@endforeach
