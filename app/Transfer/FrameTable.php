<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Csv\SafeCell;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Frame;
use App\Models\FrameFinding;
use Generator;

/** Every frame of a course that was handed in, one a row (docs/formats/export.md). */
final class FrameTable
{
    public const COLUMNS = [
        'student',
        'brief',
        'revision',
        'attempt',
        'state',
        'handedInAt',
        'returnedAt',
        'frame',
        'row',
        'takenAt',
        'camera',
        'lens',
        'mode',
        'metering',
        'fNumber',
        'exposureTime',
        'iso',
        'compensation',
        'focalLength',
        'focalLength35',
        'support',
        'flash',
        'meanStops',
        'lostHighlightsPct',
        'blockedShadowsPct',
        'subjectStops',
        'subjectSharePct',
        'tiltDeg',
        'checksMet',
        'checksClose',
        'checksMissed',
        'checksOpen',
        'findings',
        'origin',
    ];

    /** @return Generator<int, list<string>> the heading first */
    public static function rows(Course $course): Generator
    {
        yield self::COLUMNS;
        $frames = Frame::query()
            ->whereHas(
                'attempt',
                fn ($query) => $query
                    ->where('state', '!=', AttemptState::Draft)
                    ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id)),
            )
            ->with(['attempt.user', 'attempt.setBrief', 'findings'])
            ->orderBy('id')
            ->lazy(200);
        foreach ($frames as $frame) {
            yield array_map(
                fn (string|int|float|null $value): string => is_string($value) ? SafeCell::of($value) : (string) $value,
                self::row($frame),
            );
        }
    }

    /** @return list<string|int|float|null> */
    private static function row(Frame $frame): array
    {
        [$attempt, $record, $measures] = [$frame->attempt, $frame->record(), $frame->measures];
        $verdicts = array_count_values(array_column($frame->checks ?? [], 'verdict'));

        return [
            $attempt->user->name,
            $attempt->setBrief->brief_id,
            $attempt->brief_revision ?? $attempt->setBrief->revision,
            $attempt->number,
            $attempt->state->value,
            $attempt->handed_in_at?->toIso8601ZuluString(),
            $attempt->returned_at?->toIso8601ZuluString(),
            $frame->original_name,
            $frame->row,
            $record?->takenAt?->format('Y-m-d\TH:i:s'),
            trim(($record->camera->make ?? '').' '.($record->camera->model ?? '')),
            $record?->lens->name,
            $record?->exposure->mode->value,
            $record?->exposure->metering->value,
            $record?->exposure->fNumber?->nominal(),
            $record?->exposure->exposureTime?->nominal(),
            $record?->exposure->iso?->nominal(),
            $record?->exposure->compensation,
            $record?->lens->focalLength,
            $record?->lens->focalLength35,
            $record?->support?->value,
            $record?->exposure->flashFired === null ? null : ($record->exposure->flashFired ? 'fired' : 'off'),
            self::rounded($measures?->tone->meanStops),
            self::rounded($measures?->tone->lostHighlightsPct),
            self::rounded($measures?->tone->blockedShadowsPct),
            self::rounded($measures?->subject?->placement()->value),
            self::rounded($measures?->subject?->region->sharePct()),
            self::rounded($measures?->composition?->lean->tiltDeg),
            $verdicts['met'] ?? 0,
            $verdicts['close'] ?? 0,
            $verdicts['missed'] ?? 0,
            $verdicts['unknown'] ?? 0,
            $frame->findings
                ->filter(
                    // What is not published is nobody's but its author's.
                    fn (FrameFinding $finding): bool => $attempt->state === AttemptState::Returned &&
                        $finding->current &&
                        $finding->counts($attempt->state),
                )
                ->pluck('rule_id')
                ->implode(' '),
            $record?->origin?->value,
        ];
    }

    private static function rounded(?float $value): ?float
    {
        return $value === null ? null : round($value, 3);
    }
}
