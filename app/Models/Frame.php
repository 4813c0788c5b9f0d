<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Stored;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Stored\IntentCodec;
use TruePupil\Core\Stored\MarksCodec;
use TruePupil\Core\Stored\MeasuresCodec;
use TruePupil\Core\Stored\RegionCodec;
use TruePupil\Core\Stored\SeenCodec;
use TruePupil\Core\Stored\StatedFieldsCodec;
use TruePupil\Core\Stored\SuggestionCodec;
use TruePupil\Core\Stored\SuggestionsCodec;

/**
 * One photograph of an attempt, with its record, its marks and what came of its analysis.
 *
 * @property int $id
 * @property int $attempt_id
 * @property int $picture_id
 * @property string $original_name
 * @property ?string $row  the row of the brief it belongs to
 * @property FrameState $state
 * @property ?string $problem
 * @property ?int $width
 * @property ?int $height
 * @property ?array<string, mixed> $tags  as the file has them
 * @property ?StatedFields $stated  what the student stated where the record has gaps
 * @property ?Intent $intent
 * @property ?array<string, mixed> $impossible
 * @property ?Region $subject
 * @property ?Region $student_subject  the student's own mark, where the desk has moved it
 * @property ?Region $proposed  where the subject probably is
 * @property ?string $placement_id
 * @property ?list<Mark> $marks
 * @property ?Seen $seen
 * @property ?string $about
 * @property ?string $reason
 * @property ?FrameMeasures $measures
 * @property ?list<array<string, mixed>> $checks
 * @property ?list<Suggestion> $suggestions
 * @property ?Suggestion $instructor_suggestion  in the instructor's own values
 * @property ?array<string, list<string>> $unmet_needs  what rules that stayed silent would have to know, by rule
 * @property ?int $chosen_suggestion
 * @property int $rules_version
 * @property int $revision
 * @property ?int $film_roll_id
 * @property ?string $film_frame  its number on that roll
 * @property ?FilmRoll $filmRoll
 * @property Picture $picture
 * @property Attempt $attempt
 */
final class Frame extends Model
{
    /** The number that the instructor's own suggestion has among those that are offered. */
    public const INSTRUCTOR_SUGGESTION = 9;

    protected $table = 'frames';

    protected $fillable = [
        'attempt_id',
        'picture_id',
        'original_name',
        'row',
        'state',
        'problem',
        'width',
        'height',
        'tags',
        'stated',
        'intent',
        'subject',
        'student_subject',
        'proposed',
        'marks',
        'seen',
        'placement_id',
        'about',
        'reason',
        'measures',
        'checks',
        'suggestions',
        'instructor_suggestion',
        'impossible',
        'unmet_needs',
        'chosen_suggestion',
        'rules_version',
        'revision',
        'film_roll_id',
        'film_frame',
    ];

    /** Whether somebody is in it, as its student said or marked. */
    public function showsSomebody(): bool
    {
        return $this->intent?->contents->person === true ||
            $this->seen?->hasPerson() === true ||
            $this->marksDrawn()->ofKind(MarkKind::Eye) !== [];
    }

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** @return BelongsTo<Picture, $this> */
    public function picture(): BelongsTo
    {
        return $this->belongsTo(Picture::class);
    }

    /** @return BelongsTo<FilmRoll, $this> the roll that it is a scan of */
    public function filmRoll(): BelongsTo
    {
        return $this->belongsTo(FilmRoll::class);
    }

    /** @return HasMany<FrameFinding, $this> */
    public function findings(): HasMany
    {
        return $this->hasMany(FrameFinding::class)->orderBy('id');
    }

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(Note::class)->with('voice')->orderBy('id');
    }

    /** @return array<int, int> numbers of its notes that have a place in the picture, by note */
    public function noteNumbers(): array
    {
        $placed = $this->notes
            ->filter(fn (Note $note): bool => $note->region !== null || $note->pointing !== null)
            // What a guest has not given yet takes no number from what everybody reads.
            ->sortBy(fn (Note $note): array => [$note->given_at === null, $note->id])
            ->pluck('id');

        return array_map(fn (int $index): int => $index + 1, array_flip($placed->values()->all()));
    }

    /** @return HasMany<WhatIf, $this> */
    public function whatIfs(): HasMany
    {
        return $this->hasMany(WhatIf::class)->orderBy('id');
    }

    /** @return array{int, int} what frames of a row are ordered by: the time they were taken, then their coming in */
    public function takenOrder(): array
    {
        return [$this->record()?->takenAt?->getTimestamp() ?? 0, $this->id];
    }

    /** The picture as its file describes it; null while the file has not been read. */
    public function pictureRecord(): ?PictureRecord
    {
        return $this->tags === null ? null : PictureRecord::fromTags($this->tags);
    }

    /** The record with what the student stated in its gaps. */
    public function record(): ?CaptureRecord
    {
        $picture = $this->pictureRecord();

        return $picture === null ? null : ($this->stated ?? new StatedFields())->fillIn($picture->capture);
    }

    /** The subject and whatever else was drawn. */
    public function marksDrawn(): Marks
    {
        return new Marks($this->subject, $this->marks ?? []);
    }

    /** @return array<int, Suggestion> by number: those that were worked out, and the instructor's own */
    public function offeredSuggestions(): array
    {
        return ($this->suggestions ?? []) + array_filter([self::INSTRUCTOR_SUGGESTION => $this->instructor_suggestion]);
    }

    /** The suggestion that goes with its return. */
    public function chosenSuggestion(): ?Suggestion
    {
        return $this->offeredSuggestions()[$this->chosen_suggestion ?? 0] ?? null;
    }

    protected function casts(): array
    {
        return [
            'state' => FrameState::class,
            'tags' => 'array',
            'stated' => Stored::class.':'.StatedFieldsCodec::class,
            'intent' => Stored::class.':'.IntentCodec::class,
            'impossible' => 'array',
            'subject' => Stored::class.':'.RegionCodec::class,
            'student_subject' => Stored::class.':'.RegionCodec::class,
            'proposed' => Stored::class.':'.RegionCodec::class,
            'marks' => Stored::class.':'.MarksCodec::class,
            'seen' => Stored::class.':'.SeenCodec::class,
            'measures' => Stored::class.':'.MeasuresCodec::class,
            'checks' => 'array',
            'suggestions' => Stored::class.':'.SuggestionsCodec::class,
            'instructor_suggestion' => Stored::class.':'.SuggestionCodec::class,
            'unmet_needs' => 'array',
        ];
    }
}
