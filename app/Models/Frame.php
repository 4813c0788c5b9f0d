<?php

declare(strict_types=1);

namespace App\Models;

use App\Critique\FrameSituation;
use App\Imaging\FileRecordReader;
use App\Input\IntentInput;
use App\Input\StatedFieldsInput;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\PictureRecord;
use TruePupil\Core\Composition\Marks;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\StoredMeasures;
use TruePupil\Core\Situation\Situation;

/**
 * One photograph of an attempt, with its record, its marks and what came of its analysis.
 *
 * @property int $id
 * @property int $attempt_id
 * @property string $original_name
 * @property ?string $row  the row of the brief it belongs to
 * @property FrameState $state
 * @property ?string $problem
 * @property ?int $width
 * @property ?int $height
 * @property ?array<string, mixed> $tags
 * @property ?array<string, mixed> $typed
 * @property ?array<string, mixed> $intent
 * @property ?array<string, mixed> $impossible
 * @property ?array{x: float, y: float, width: float, height: float} $subject
 * @property ?string $placement_id
 * @property ?list<array{kind: string, points: list<array{float, float}>}> $marks
 * @property ?string $about
 * @property ?string $reason
 * @property ?array<mixed> $measures
 * @property ?list<array<string, mixed>> $checks
 * @property ?list<array<string, mixed>> $suggestions
 * @property ?array<string, mixed> $own_suggestion  in the instructor's own values
 * @property ?array<string, list<string>> $silences
 * @property ?int $chosen_suggestion
 * @property int $revision
 * @property Picture $picture
 * @property Attempt $attempt
 */
final class Frame extends Model
{
    /** The number that the instructor's own suggestion has among those that are offered. */
    public const OWN_SUGGESTION = 9;

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
        'typed',
        'intent',
        'subject',
        'marks',
        'placement_id',
        'about',
        'reason',
        'measures',
        'checks',
        'suggestions',
        'own_suggestion',
        'impossible',
        'silences',
        'chosen_suggestion',
        'rules_version',
        'revision',
    ];

    /** @var ?array{mixed, ?FrameMeasures} the stored text, and what it was restored to */
    private ?array $restored = null;

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

    /** @return HasMany<FrameFinding, $this> */
    public function findings(): HasMany
    {
        return $this->hasMany(FrameFinding::class)->orderBy('id');
    }

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(Note::class)->orderBy('id');
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

    /**
     * The notes that a person may read. A guest critic's are blind: nobody else reads them before they are given, and
     * the
     * critic reads no other critic's before that either.
     *
     * @return Collection<int, Note>
     */
    public function notesFor(User $reader): Collection
    {
        $isCritic = $reader->roleIn($this->attempt->setBrief->course) === Role::Critic;
        $keepsBack =
            $isCritic &&
            ! $this->notes->contains(
                fn (Note $note): bool => $note->author_id === $reader->id && $note->given_at !== null,
            );

        // Each asks its frame whether it may be taken back.
        $this->notes->each->setRelation('frame', $this);

        return $this->notes
            ->filter(
                fn (Note $note): bool => $note->author_id === $reader->id || ($note->given_at !== null && ! $keepsBack),
            )
            ->values()
            ->toBase();
    }

    /** The picture as its file describes it; null while the file has not been read. */
    public function pictureRecord(): ?PictureRecord
    {
        return $this->tags === null ? null : app(FileRecordReader::class)->fromTags($this->tags);
    }

    /** The record with the student's own words in its gaps. */
    public function record(): ?CaptureRecord
    {
        $picture = $this->pictureRecord();

        return $picture === null ? null : StatedFieldsInput::restore($this->typed ?? [])->fillIn($picture->capture);
    }

    public function subjectRegion(): ?Region
    {
        return $this->subject === null
            ? null
            : Region::of($this->subject['x'], $this->subject['y'], $this->subject['width'], $this->subject['height']);
    }

    /** The subject and whatever else was drawn. */
    public function marksDrawn(): Marks
    {
        return Marks::read($this->subjectRegion(), $this->marks ?? []);
    }

    /** @return list<array{kind: string, points: string}> as the form has them: points in percent, "x,y x,y" */
    public function typedMarks(): array
    {
        return array_map(
            fn (array $mark): array => [
                'kind' => $mark['kind'],
                'points' => implode(
                    ' ',
                    array_map(
                        fn (array $point): string => round(100 * $point[0], 2).','.round(100 * $point[1], 2),
                        $mark['points'],
                    ),
                ),
            ],
            $this->marks ?? [],
        );
    }

    public function storedMeasures(): ?FrameMeasures
    {
        // A row asks each of its frames for the measures of all the others: what was restored once is kept.
        $stored = $this->attributes['measures'] ?? null;
        if ($this->restored === null || $this->restored[0] !== $stored) {
            $this->restored = [$stored, $this->measures === null ? null : StoredMeasures::restore($this->measures)];
        }

        return $this->restored[1];
    }

    /** All that is known of the frame, when it has been read and measured. */
    public function situation(): ?Situation
    {
        $measures = $this->storedMeasures();

        return $measures === null ? null : app(FrameSituation::class)->of($this, $measures);
    }

    public function intentChoices(): Intent
    {
        return IntentInput::restore($this->intent ?? []);
    }

    /** @return array<int, array<string, mixed>> by number: those that were worked out, and the instructor's own */
    public function offeredSuggestions(): array
    {
        return ($this->suggestions ?? []) + array_filter([self::OWN_SUGGESTION => $this->own_suggestion]);
    }

    /** The suggestion that goes with its return, as stored. @return ?array<string, mixed> */
    public function chosenSuggestion(): ?array
    {
        return $this->offeredSuggestions()[$this->chosen_suggestion ?? 0] ?? null;
    }

    /**
     * The account of the frame's light in what is known of it; null while settings, subject or its place are not known.
     */
    public function ledger(?Situation $situation): ?LightLedger
    {
        $light = $situation?->subjectLight();
        $settings = $situation?->record->settings();
        if ($situation === null || $light === null || $settings === null || $situation->wanted === null) {
            return null;
        }
        $compensation = $situation->record->compensation;

        return LightLedger::of(
            $light,
            $settings,
            $situation->wanted->stops,
            $compensation !== null && $situation->record->mode->takesCompensation() ? Stops::of($compensation) : null,
        );
    }

    protected function casts(): array
    {
        return [
            'state' => FrameState::class,
            'tags' => 'array',
            'typed' => 'array',
            'intent' => 'array',
            'impossible' => 'array',
            'subject' => 'array',
            'marks' => 'array',
            'measures' => 'array',
            'checks' => 'array',
            'suggestions' => 'array',
            'own_suggestion' => 'array',
            'silences' => 'array',
        ];
    }
}
