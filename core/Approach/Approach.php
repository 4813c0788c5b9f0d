<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

use InvalidArgumentException;

/** Which teaching school a course follows, in the questions where practitioners disagree. */
final readonly class Approach
{
    public function __construct(
        public Start $start = Start::AperturePriority,
        public ApproachToLight $light = new ApproachToLight(),
        public ApproachToPicture $picture = new ApproachToPicture(),
        /**
         * @var array<string, float>
         *   what departures cost the adviser, where this course weighs them otherwise, by name
         */
        public array $weights = [],
        public HandHeldRule $handHeld = HandHeldRule::Usual,
        /** How sharp movement must be. */
        public Sharpness $movement = Sharpness::Usual,
    ) {
    }

    /**
     * @param  array<mixed>  $choices  by question; missing ones keep their default
     *
     * @throws InvalidArgumentException when a choice is not one of the question's
     */
    public static function fromArray(array $choices): self
    {
        $default = new self();

        [$light, $picture] = [$default->light, $default->picture];

        return new self(
            self::choice($choices, 'start', Start::tryFrom(...)) ?? $default->start,
            new ApproachToLight(
                self::choice($choices, 'protects', Protects::tryFrom(...)) ?? $light->protects,
                self::choice($choices, 'wideRange', WideRange::tryFrom(...)) ?? $light->wideRange,
                self::choice($choices, 'iso', IsoSetting::tryFrom(...)) ?? $light->iso,
                self::choice($choices, 'lowestIso', LowestIso::tryFrom(...)) ?? $light->lowestIso,
                self::choice($choices, 'exposing', Exposing::tryFrom(...)) ?? $light->exposing,
                self::choice($choices, 'filmRating', FilmRating::tryFrom(...)) ?? $light->filmRating,
            ),
            new ApproachToPicture(
                self::choice($choices, 'landscapeAperture', LandscapeAperture::tryFrom(...)) ??
                    $picture->landscapeAperture,
                self::choice($choices, 'placing', PlacingSubject::tryFrom(...)) ?? $picture->placing,
                self::choice($choices, 'whiteBalance', WhiteBalanceSetting::tryFrom(...)) ?? $picture->whiteBalance,
                self::choice($choices, 'focusing', Focusing::tryFrom(...)) ?? $picture->focusing,
            ),
            self::weights($choices['weights'] ?? []),
            self::choice($choices, 'handHeld', HandHeldRule::tryFrom(...)) ?? $default->handHeld,
            self::choice($choices, 'movement', Sharpness::tryFrom(...)) ?? $default->movement,
        );
    }

    /** @return array<string, string|array<string, float>> the choice by question */
    public function toArray(): array
    {
        return [
            'start' => $this->start->value,
            'protects' => $this->light->protects->value,
            'iso' => $this->light->iso->value,
            'lowestIso' => $this->light->lowestIso->value,
            'wideRange' => $this->light->wideRange->value,
            'landscapeAperture' => $this->picture->landscapeAperture->value,
            'placing' => $this->picture->placing->value,
            'whiteBalance' => $this->picture->whiteBalance->value,
            'focusing' => $this->picture->focusing->value,
            'exposing' => $this->light->exposing->value,
            'filmRating' => $this->light->filmRating->value,
            'handHeld' => $this->handHeld->value,
            'movement' => $this->movement->value,
            ...$this->weights === [] ? [] : ['weights' => $this->weights],
        ];
    }

    /**
     * @return array<string, float>
     *
     * @throws InvalidArgumentException when one is unknown or no number
     */
    private static function weights(mixed $given): array
    {
        $weights = [];
        foreach (
            is_array($given)
                ? $given
                : throw new InvalidArgumentException('The approach\'s "weights" must be an object.') as $name => $value
        ) {
            if (
                ! is_string($name) ||
                ! property_exists(Weights::class, $name) ||
                (! is_int($value) && ! is_float($value)) ||
                $value < 0
            ) {
                throw new InvalidArgumentException(
                    sprintf('The approach has no such weight: "%s": %s.', $name, json_encode($value)),
                );
            }
            $weights[$name] = (float) $value;
        }

        return $weights;
    }

    /**
     * @template T
     *
     * @param  array<mixed>  $choices
     * @param  callable(string): ?T  $read
     * @return ?T
     */
    private static function choice(array $choices, string $question, callable $read): mixed
    {
        $chosen = $choices[$question] ?? null;
        if ($chosen === null) {
            return null;
        }

        return (is_string($chosen) ? $read($chosen) : null) ??
            throw new InvalidArgumentException(
                sprintf('The approach has no such choice for "%s": %s.', $question, json_encode($chosen)),
            );
    }
}
