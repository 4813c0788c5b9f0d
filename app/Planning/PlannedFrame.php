<?php

declare(strict_types=1);

namespace App\Planning;

use App\Input\IntentInput;
use App\Models\Attempt;
use App\Models\SavedPlan;
use InvalidArgumentException;
use TruePupil\Core\Intent\Intent;

/** What the plan of an attempt says of a frame that is taken for it. */
final readonly class PlannedFrame
{
    private function __construct(
        public ?Intent $intent,
        public ?string $placementId,
        public ?string $about,
        public ?string $reason,
    ) {
    }

    public static function of(Attempt $attempt): self
    {
        $planned = SavedPlan::forAttempt($attempt)->input ?? [];
        $text = fn (string $field): ?string => is_string($planned[$field] ?? null) ? $planned[$field] : null;

        return new self(
            self::intent(PlanQuestions::said($planned)),
            $attempt->content()->placement($text('placement'))?->id,
            $text('about'),
            $text('reason'),
        );
    }

    /** @param  array<string, mixed>  $planned */
    private static function intent(array $planned): ?Intent
    {
        try {
            $intent = IntentInput::read($planned);
        } catch (InvalidArgumentException) {
            // The plan's own page says what is wrong with it.
            return null;
        }

        return $intent->isEmpty() ? null : $intent;
    }
}
