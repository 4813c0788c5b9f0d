<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\Note;
use App\Models\SetBrief;
use TruePupil\Core\Stored\Codec;
use TruePupil\Core\Stored\IntentCodec;
use TruePupil\Core\Stored\PointingCodec;
use TruePupil\Core\Stored\StatedFieldsCodec;

/**
 * A course, or one student's part of it, as plain data (docs/formats/export.md): records, measures, checks, findings,
 * notes, returns. No place is in it.
 */
final class CourseDocument
{
    public const FORMAT = 'true-pupil.course';

    public const VERSION = 2;

    /** @return array<string, mixed> without what is still being prepared */
    public static function of(Course $course, ?int $student = null): array
    {
        $attempts = Attempt::query()
            ->where('state', '!=', AttemptState::Draft)
            ->whereHas('setBrief', fn ($query) => $query->where('course_id', $course->id))
            ->when($student !== null, fn ($query) => $query->where('user_id', $student))
            ->with(['user', 'setBrief', 'frames.picture', 'frames.findings', 'frames.notes.author', 'frames.whatIfs'])
            ->orderBy('id')
            ->get();

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'course' => [
                'name' => $course->name,
                'place' => $course->place,
                'timezone' => $course->timezone,
                'approach' => $course->approach,
            ],
            'briefs' => array_values(
                $course
                    ->setBriefs()
                    ->get()
                    ->map(
                        fn (SetBrief $set): array => [
                            'id' => $set->brief_id,
                            'revision' => $set->revision,
                            'dueAt' => $set->due_at?->toIso8601ZuluString(),
                            'brief' => $set->brief,
                        ],
                    )
                    ->all(),
            ),
            'attempts' => array_values($attempts->map(self::attempt(...))->all()),
        ];
    }

    /** @return array<string, mixed> */
    private static function attempt(Attempt $attempt): array
    {
        $isReturned = $attempt->state === AttemptState::Returned;

        return [
            'student' => $attempt->user->name,
            'brief' => $attempt->setBrief->brief_id,
            // Where the brief was corrected since, the one that this was held against.
            'revision' => $attempt->brief_revision ?? $attempt->setBrief->revision,
            'number' => $attempt->number,
            'state' => $attempt->state->value,
            'handedInAt' => $attempt->handed_in_at?->toIso8601ZuluString(),
            'returnedAt' => $attempt->returned_at?->toIso8601ZuluString(),
            'summary' => $isReturned ? $attempt->summary : null,
            'reply' => $attempt->reply,
            'answer' => $isReturned ? $attempt->answer : null,
            'best' => $attempt->favourite_frame_id === null ? null : [
                'name' => $attempt->frames->firstWhere('id', $attempt->favourite_frame_id)?->original_name,
                'reason' => $attempt->favourite_reason,
                'wouldHang' => $attempt->would_hang,
            ],
            'correctedAt' => $attempt->corrected_at?->toIso8601ZuluString(),
            'frames' => array_values(
                $attempt->frames
                    ->map(
                        fn (Frame $frame): array => [
                            'name' => $frame->original_name,
                            'row' => $frame->row,
                            'sha256' => $frame->picture->hash,
                            'width' => $frame->width,
                            'height' => $frame->height,
                            'record' => $frame->tags,
                            'stated' => self::plain(new StatedFieldsCodec(), $frame->stated),
                            'intent' => self::plain(new IntentCodec(), $frame->intent),
                            'subject' => $frame->subject?->toArray(),
                            'marks' => $frame->marks === null ? null : $frame->marksDrawn()->toArray(),
                            'seen' => $frame->seen?->toArray(),
                            'about' => $frame->about,
                            'reason' => $frame->reason,
                            'checks' => $frame->checks,
                            'findings' => array_values(
                                $frame->findings
                                    ->filter(
                                        fn (FrameFinding $finding): bool => $isReturned &&
                                            $finding->current &&
                                            $finding->counts($attempt->state),
                                    )
                                    ->map(
                                        fn (FrameFinding $finding): array => [
                                            'id' => $finding->rule_id,
                                            'decision' => $finding->decision->value,
                                            'sentence' => $finding->sentence(),
                                            'evidence' => $finding->found()->toArray()['evidence'],
                                        ],
                                    )
                                    ->all(),
                            ),
                            'suggestion' => $isReturned ? $frame->chosenSuggestion()?->toArray() : null,
                            'notes' => array_values(
                                $frame->notes
                                    ->filter(fn (Note $note): bool => $isReturned && $note->given_at !== null)
                                    ->map(
                                        fn (Note $note): array => [
                                            'by' => $note->author->name,
                                            'kind' => $note->kind->value,
                                            'topic' => $note->topic?->value,
                                            'region' => $note->region?->toArray(),
                                            'pointing' => $note->pointing === null
                                                ? null
                                                : (new PointingCodec())->encode($note->pointing),
                                            'fixed' => $note->fixed,
                                            'body' => $note->body,
                                        ],
                                    )
                                    ->all(),
                            ),
                            'whatIfs' => $isReturned
                                ? array_values(
                                    $frame->whatIfs
                                        ->map(
                                            fn ($whatIf): array => [
                                                'title' => $whatIf->title,
                                                'recipe' => $whatIf->recipe,
                                            ],
                                        )
                                        ->all(),
                                )
                                : [],
                        ],
                    )
                    ->all(),
            ),
        ];
    }

    /**
     * @template T of object
     *
     * @param  Codec<T>  $codec
     * @param  ?T  $value
     * @return ?array<mixed>
     */
    private static function plain(Codec $codec, ?object $value): ?array
    {
        return $value === null ? null : $codec->encode($value);
    }
}
