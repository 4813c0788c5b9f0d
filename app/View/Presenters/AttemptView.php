<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Critique\FrameSituation;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\AttemptStep;
use App\Models\Frame;
use App\Models\FrameState;
use App\Wording\ChecksTold;
use Illuminate\Support\Collection;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Row;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Series\SeriesKind;

/** An attempt of one or more frames, as its student prepares it. */
final readonly class AttemptView
{
    /** @param  list<Frame>  $frames */
    private function __construct(
        public Attempt $attempt,
        public Brief $brief,
        public array $frames,
        private ?Plan $plan,
    ) {
    }

    /**
     * @return Collection<int, FrameView>
     *   of the attempt before, where that was returned: what the new frames are held against
     */
    public static function before(Attempt $attempt): Collection
    {
        $previous = $attempt->previous()?->load(['setBrief.course', 'frames.picture.practiceShot', 'frames.findings']);

        return $previous?->state === AttemptState::Returned
            ? $previous->frames->map(fn ($frame) => FrameView::of($frame->setRelation('attempt', $previous)))
            : collect();
    }

    public static function of(Attempt $attempt): self
    {
        $attempt->loadMissing(['setBrief.course', 'frames.picture']);

        return new self(
            $attempt,
            $attempt->content(),
            array_values($attempt->frames->each(fn (Frame $frame) => $frame->setRelation('attempt', $attempt))->all()),
            app(FrameSituation::class)->plan($attempt),
        );
    }

    /**
     * @return list<array{
     *     row: ?Row,
     *     frames: list<Frame>,
     *     checks: list<array<string, mixed>>,
     * }> the frames in the rows of the brief, with what is said of each row
     */
    public function rows(): array
    {
        $rows = $this->brief->rows();
        if ($rows === []) {
            return [['row' => null, 'frames' => $this->frames, 'checks' => []]];
        }

        return array_map(function (Row $row): array {
            $frames = array_values(
                array_filter(
                    $this->frames,
                    fn (Frame $frame): bool => $this->brief->row($frame->row)?->id === $row->id,
                ),
            );
            usort($frames, fn (Frame $a, Frame $b): int => $a->takenOrder() <=> $b->takenOrder());

            return [
                'row' => $row,
                'frames' => $frames,
                'checks' => array_merge(...array_map($this->checksOfRow(...), $frames), ...[[]]),
            ];
        }, $rows);
    }

    /** Whether its student can still change it. */
    public function isDraft(): bool
    {
        return $this->attempt->state->allows(AttemptStep::Prepare);
    }

    public function isBusy(): bool
    {
        return array_filter($this->frames, fn (Frame $frame): bool => $frame->state->isBusy()) !== [];
    }

    /** Changes whenever something is to be seen that was not before. */
    public function stamp(): string
    {
        return hash(
            'xxh64',
            json_encode(
                [
                    $this->attempt->state,
                    array_map(
                        fn (Frame $frame): array => [$frame->id, $frame->state, $frame->problem, $frame->checks],
                        $this->frames,
                    ),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    /** Whether it can be handed in as it stands. */
    public function isReady(): bool
    {
        return $this->frames !== [] &&
            array_filter(
                $this->frames,
                fn (Frame $frame): bool => $frame->state !== FrameState::Judged
                    && $frame->state !== FrameState::Judging,
            ) === [];
    }

    public function missing(): int
    {
        return max(0, $this->brief->frames->least - count($this->frames));
    }

    /** Whether there is a choice to make: of several pictures, not of one picture in several frames. */
    public function asksForBest(): bool
    {
        $kinds = array_map(fn (Row $row): SeriesKind => $row->kind, $this->brief->rows());

        return count($this->frames) > 1 &&
            array_intersect(
                array_column($kinds, 'value'),
                [SeriesKind::Set->value, SeriesKind::Scene->value, SeriesKind::OneLens->value],
            ) !== [];
    }

    /** Whether its student would hang the best frame, as the form has it. */
    public function hang(): string
    {
        return match ($this->attempt->would_hang) {
            true => 'yes',
            false => 'no',
            null => '',
        };
    }

    /** What the frame's own checks came to, in words. */
    public function counted(Frame $frame): string
    {
        $own = array_filter($frame->checks ?? [], fn (array $check): bool => ! $this->isOfRow($check));

        return ChecksTold::of($own)->inWords() ?: 'checked with its row';
    }

    /** Its settings in one line. */
    public function settings(Frame $frame): string
    {
        $record = $frame->record();

        return $record === null
            ? ''
            : implode(
                ' · ',
                array_filter([
                    $record->exposure->fNumber === null ? null : (string) $record->exposure->fNumber,
                    $record->exposure->exposureTime === null ? null : (string) $record->exposure->exposureTime,
                    $record->exposure->iso === null ? null : (string) $record->exposure->iso,
                    $record->lens->focalLength === null ? null : round($record->lens->focalLength).' mm',
                ]),
            );
    }

    /** The plan against what was shot; null where nothing was planned, or nothing of it is recorded. */
    public function comparison(Frame $frame): ?PlanComparison
    {
        $record = $frame->record();

        return $record === null ? null : PlanComparison::of($this->plan, $record);
    }

    /** @return list<array<string, mixed>> */
    private function checksOfRow(Frame $frame): array
    {
        return array_values(array_filter($frame->checks ?? [], $this->isOfRow(...)));
    }

    /** @param  array<string, mixed>  $check */
    private function isOfRow(array $check): bool
    {
        return Measures::of($check['measure'])->isOfSeries();
    }
}
