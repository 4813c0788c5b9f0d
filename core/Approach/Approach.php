<?php

declare(strict_types=1);

namespace TruePupil\Core\Approach;

use InvalidArgumentException;

/** Which teaching school a course follows, in the questions where practitioners disagree. */
final readonly class Approach
{
    public function __construct(
        public Start $start = Start::AperturePriority,
        public Protects $protects = Protects::Highlights,
        public IsoSetting $iso = IsoSetting::ByHand,
        public LowestIso $lowestIso = LowestIso::Base,
        public WideRange $wideRange = WideRange::Bracket,
        public LandscapeAperture $landscapeAperture = LandscapeAperture::Middle,
        /**
         * @var array<string, float>
         *   what departures cost the adviser, where this course weighs them otherwise, by name
         */
        public array $weights = [],
        public PlacingSubject $placing = PlacingSubject::CentreIsAChoice,
        public WhiteBalanceSetting $whiteBalance = WhiteBalanceSetting::Automatic,
        public Focusing $focusing = Focusing::SinglePoint,
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

        return new self(
            self::choice($choices, 'start', Start::tryFrom(...)) ?? $default->start,
            self::choice($choices, 'protects', Protects::tryFrom(...)) ?? $default->protects,
            self::choice($choices, 'iso', IsoSetting::tryFrom(...)) ?? $default->iso,
            self::choice($choices, 'lowestIso', LowestIso::tryFrom(...)) ?? $default->lowestIso,
            self::choice($choices, 'wideRange', WideRange::tryFrom(...)) ?? $default->wideRange,
            self::choice($choices, 'landscapeAperture', LandscapeAperture::tryFrom(...)) ?? $default->landscapeAperture,
            self::weights($choices['weights'] ?? []),
            self::choice($choices, 'placing', PlacingSubject::tryFrom(...)) ?? $default->placing,
            self::choice($choices, 'whiteBalance', WhiteBalanceSetting::tryFrom(...)) ?? $default->whiteBalance,
            self::choice($choices, 'focusing', Focusing::tryFrom(...)) ?? $default->focusing,
        );
    }

    /** @return array<string, string|array<string, float>> the choice by question */
    public function toArray(): array
    {
        return [
            'start' => $this->start->value,
            'protects' => $this->protects->value,
            'iso' => $this->iso->value,
            'lowestIso' => $this->lowestIso->value,
            'wideRange' => $this->wideRange->value,
            'landscapeAperture' => $this->landscapeAperture->value,
            'placing' => $this->placing->value,
            'whiteBalance' => $this->whiteBalance->value,
            'focusing' => $this->focusing->value,
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
