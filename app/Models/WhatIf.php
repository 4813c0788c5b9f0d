<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use TruePupil\Core\WhatIf\Recipe;
use TruePupil\Core\WhatIf\Step;
use TruePupil\Core\WhatIf\StepKind;

/**
 * How a frame would look otherwise, kept with its critique.
 *
 * @property int $id
 * @property int $frame_id
 * @property ?int $author_id  null: whoever wrote it has left
 * @property string $title
 * @property array<mixed> $recipe
 * @property Frame $frame
 * @property User $author
 */
final class WhatIf extends Model
{
    protected $table = 'what_ifs';

    protected $fillable = ['frame_id', 'author_id', 'title', 'recipe'];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class)->withDefault(['name' => 'somebody who has left']);
    }

    public function content(): Recipe
    {
        return Recipe::read($this->recipe);
    }

    /** Whether it lies over the frame edge by edge, so that the two can be parted by a slider. */
    public function keepsShape(): bool
    {
        return array_filter(
            $this->content()->steps,
            fn (Step $step): bool => in_array($step->kind, [StepKind::Crop, StepKind::Straighten], true),
        ) === [];
    }

    /** What was done, in words. */
    public function stepsInWords(): string
    {
        return implode(
            ', ',
            array_unique(array_map(fn ($step): string => $step->kind->label(), $this->content()->steps)),
        );
    }

    protected function casts(): array
    {
        return ['recipe' => 'array'];
    }
}
