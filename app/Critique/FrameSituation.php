<?php

declare(strict_types=1);

namespace App\Critique;

use App\Kits\KitInUse;
use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\SavedPlan;
use App\Planning\SavedPlanReader;
use Illuminate\Support\Collection;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedKit;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Plan\Plan;
use TruePupil\Core\Series\SceneFrame;
use TruePupil\Core\Series\SceneWork;
use TruePupil\Core\Series\Series;
use TruePupil\Core\Situation\Assignment;
use TruePupil\Core\Situation\FileKind;
use TruePupil\Core\Situation\SceneFrames;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Situation\Statement;

/** Gathers all that is known of a frame: its record, marks and intent, the student's kit, and the frames round it. */
final class FrameSituation
{
    /** Settings are left over from the same outing, not from last week. */
    private const OUTING_HOURS = 12;

    /** @return ?Situation null while the frame has not been read and measured */
    public function asMeasured(Frame $frame): ?Situation
    {
        return $frame->measures === null ? null : $this->of($frame, $frame->measures);
    }

    /** @return ?Situation null while the file has not been read */
    public function of(Frame $frame, FrameMeasures $measures): ?Situation
    {
        $frame->loadMissing(['attempt.user', 'attempt.setBrief.course', 'attempt.frames', 'filmRoll']);
        $record = $frame->record();
        if ($record === null) {
            return null;
        }
        $attempt = $frame->attempt;
        $brief = $attempt->content();
        $picture = $frame->pictureRecord();
        $frames = $this->rowOf($frame);
        $isWithinRow = $frames->count() > 1 && $frames->last()?->id !== $frame->id;
        $series =
            $frames->count() > 1 && ! $isWithinRow
                ? Series::of(
                    array_values(
                        array_filter($frames->map(fn (Frame $other): ?CaptureRecord => $other->record())->all()),
                    ),
                    $brief->row($frame->row)?->kind,
                )
                : null;
        $row = $series === null ? [] : $this->measured($frames, $frame, $measures);

        return new Situation(
            record: $record,
            measures: $measures,
            approach: $attempt->setBrief->course->approachChoices(),
            assignment: new Assignment(
                wanted: $brief->placement($frame->placement_id),
                brief: $brief,
                series: $series,
                rowPictures: array_values(array_filter(array_map(fn (FrameMeasures $one) => $one->thumb, $row))),
                rowTones: array_map(fn (FrameMeasures $one) => $one->tone, $row),
                row: $brief->row($frame->row)?->id,
                isWithinRow: $isWithinRow,
                rowFrames: $brief->row($frame->row) === null ? null : $frames->count(),
                rowKind: $brief->row($frame->row)?->kind,
                work: $frames->count() > 1 && ! $isWithinRow ? $this->work($frames, $frame, $measures) : null,
            ),
            kit: $this->kit($frame, $record),
            statement: new Statement(
                intent: $frame->intent ?? new Intent(),
                plan: $this->plan($attempt),
                reason: (string) $frame->reason,
                hasFavourite: $attempt->hasFavourite(),
                wouldHang: $attempt->would_hang,
            ),
            earlier: $this->earlier($frame, $record),
            file: new FileKind(format: $picture?->format, colourSpace: $picture?->colourSpace),
        );
    }

    /** The student's kit, with the roll in the camera that the frame is a scan of. */
    private function kit(Frame $frame, CaptureRecord $record): ?Kit
    {
        $kit = RecordedKit::orOwn(KitInUse::of($frame->attempt->user, $record->camera->model), $record);

        return $frame->filmRoll === null ? $kit : $kit?->with(film: $frame->filmRoll->roll()->film);
    }

    /**
     * @param  Collection<int, Frame>  $frames
     * @return list<FrameMeasures> of the frames of a row in its order; empty while one is not measured
     */
    private function measured(Collection $frames, Frame $frame, FrameMeasures $measures): array
    {
        $row = array_values(
            array_filter(
                $frames
                    ->map(fn (Frame $other): ?FrameMeasures => $other->id === $frame->id ? $measures : $other->measures)
                    ->all(),
            ),
        );

        return count($row) === $frames->count() ? $row : [];
    }

    /** @param  Collection<int, Frame>  $frames  of the row, in its order */
    private function work(Collection $frames, Frame $frame, FrameMeasures $own): SceneWork
    {
        return new SceneWork(array_values($frames->map(fn (Frame $other): SceneFrame => SceneFrames::of(
            $other->record(),
            $other->id === $frame->id ? $own : $other->measures,
            $other->intent,
            $other->marksDrawn()->cameraHeight(),
        ))->all()));
    }

    /** The frame of its row that was taken last; null for a frame that stands alone. */
    public function lastOfSeries(Frame $frame): ?Frame
    {
        $frames = $this->rowOf($frame, true);

        return $frames->count() < 2 ? null : $frames->last();
    }

    /**
     * The frames that belong together with this one and have been read, in the order in which they were taken.
     *
     * @return Collection<int, Frame>
     */
    private function rowOf(Frame $frame, bool $isFresh = false): Collection
    {
        $rows = $frame->attempt->content();
        $row = $rows->row($frame->row)?->id;
        $frames = $isFresh ? $frame->attempt->frames()->get() : $frame->attempt->frames;

        return $frames
            ->filter(fn (Frame $other): bool => $other->tags !== null && $rows->row($other->row)?->id === $row)
            ->sortBy(fn (Frame $other): array => $other->takenOrder())
            ->values()
            ->toBase();
    }

    /**
     * What the student planned for this attempt; for a reshoot without one, the suggestion that came with the return
     * before.
     */
    public function plan(Attempt $attempt): ?Plan
    {
        // Asked for with every frame of the attempt.
        if (! $attempt->relationLoaded('savedPlan')) {
            $attempt->setRelation('savedPlan', SavedPlan::forAttempt($attempt));
        }
        $saved = $attempt->getRelation('savedPlan');
        if ($saved instanceof SavedPlan) {
            return SavedPlanReader::read($saved->setRelation('setBrief', $attempt->setBrief));
        }
        $previous = $attempt->previous();
        $suggestion =
            $previous?->state === AttemptState::Returned ? $previous->frameToReshoot()?->chosenSuggestion() : null;

        return $suggestion === null ? null : Plan::ofSuggestion($suggestion);
    }

    /**
     * @return list<CaptureRecord>
     *   what the student took before on the same outing for the same brief, the latest last
     */
    private function earlier(Frame $frame, CaptureRecord $record): array
    {
        $taken = $record->takenAt;
        if ($taken === null) {
            return [];
        }
        $earlier = Frame::query()
            ->whereKeyNot($frame->id)
            ->whereNotNull('tags')
            ->whereHas(
                'attempt',
                fn ($query) => $query
                    ->where('set_brief_id', $frame->attempt->set_brief_id)
                    ->where('user_id', $frame->attempt->user_id),
            )
            ->get(['id', 'tags', 'stated'])
            ->map(fn (Frame $other): ?CaptureRecord => $other->record())
            ->filter(
                fn (?CaptureRecord $other): bool => $other?->takenAt !== null &&
                    $other->takenAt < $taken &&
                    $other->takenAt >= $taken->modify('-'.self::OUTING_HOURS.' hours'),
            );

        return array_values(
            $earlier->sortBy(fn (CaptureRecord $other): int => $other->takenAt?->getTimestamp() ?? 0)->all(),
        );
    }
}
