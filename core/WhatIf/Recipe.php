<?php

declare(strict_types=1);

namespace TruePupil\Core\WhatIf;

/**
 * How a picture would look otherwise: steps that are followed on a copy. A small open JSON (docs/formats/recipe.md).
 */
final readonly class Recipe
{
    public const FORMAT = 'true-pupil.recipe';

    public const VERSION = 1;

    /** @param  list<Step>  $steps  in the order in which they are followed */
    private function __construct(public array $steps)
    {
    }

    /** @param  list<Step>  $steps */
    public static function of(array $steps): self
    {
        $steps = array_values(array_filter($steps, fn (Step $step): bool => ! $step->isNothing()));
        usort($steps, fn (Step $a, Step $b): int => $a->kind->order() <=> $b->kind->order());

        return new self($steps);
    }

    /**
     * @param  array<mixed>  $data  decoded JSON
     *
     * @throws InvalidRecipe naming what cannot be followed
     */
    public static function read(array $data): self
    {
        if (
            ($data['format'] ?? null) !== self::FORMAT ||
            ($data['version'] ?? null) !== self::VERSION ||
            ! is_array($data['steps'] ?? null)
        ) {
            throw new InvalidRecipe(sprintf('Expected "%s" version %d with "steps".', self::FORMAT, self::VERSION));
        }
        $steps = [];
        foreach ($data['steps'] as $step) {
            $name = is_array($step) ? $step['do'] ?? null : $step;
            $kind = is_string($name) ? StepKind::tryFrom($name) : null;
            $steps[] = $kind === null || ! is_array($step) ? throw InvalidRecipe::step($name) : Step::of($kind, $step);
        }

        return self::of($steps);
    }

    /** @return array{format: string, version: int, steps: list<array<string, string|float>>} */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'steps' => array_map(
                fn (Step $step): array => ['do' => $step->kind->value, ...$step->numbers],
                $this->steps,
            ),
        ];
    }

    /** Whether something of the picture gets darker: what a rendering shows as white is then missed. */
    public function darkens(): bool
    {
        foreach ($this->steps as $step) {
            if ($step->kind->isOfLight() && ($step->numbers['stops'] ?? 0.0) < 0.0) {
                return true;
            }
        }

        return false;
    }

    /**
     * Which colours a step about one colour takes in: 1 at its hue, falling to 0 at its width to either side. Degrees.
     */
    public static function hueWeight(float $hue, float $centre, float $width): float
    {
        $apart = abs(fmod($hue - $centre + 540.0, 360.0) - 180.0);

        return $apart >= $width ? 0.0 : 0.5 + 0.5 * cos((M_PI * $apart) / $width);
    }

    /**
     * Light that lifting shadows or holding highlights gives to a tone, in stops: all of it three stops from mid-grey
     * on, none on the other side of it, with a smooth way between. Beyond two stops the way is longer, so that a
     * brighter tone never ends up darker than a darker one.
     *
     * @param  float  $stops  positive lifts what is dark, negative holds what is bright
     * @param  float  $tone  stops from mid-grey
     */
    public static function toneGain(float $stops, float $tone): float
    {
        // The way rises by 1.5 times its height over its length at the steepest: less than a stop a stop.
        $length = max(3.0, 1.6 * abs($stops) - 0.2);
        $way = max(0.0, min(1.0, ($stops > 0 ? -$tone : $tone) / $length));

        return $stops * $way * $way * (3.0 - 2.0 * $way);
    }

    /**
     * The largest part of the same shape that is left of a picture after it is turned: its share of the width and
     * height.
     */
    public static function leftAfterTurning(float $degrees, float $aspect): float
    {
        [$sin, $cos] = [abs(sin(deg2rad($degrees))), cos(deg2rad($degrees))];

        return min($aspect / ($aspect * $cos + $sin), 1 / ($aspect * $sin + $cos));
    }
}
