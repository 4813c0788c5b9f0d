<?php

declare(strict_types=1);

namespace App\WhatIf;

use TruePupil\Core\WhatIf\InvalidRecipe;
use TruePupil\Core\WhatIf\Recipe;
use TruePupil\Core\WhatIf\Step;
use TruePupil\Core\WhatIf\StepKind;

/** A recipe as the desk's form has it: the numbers of each step by its name; places and shares in percent. */
final class WhatIfInput
{
    private const PERCENT = [
        'x', 'y', 'width', 'height', 'feather', 'from', 'to', 'amount', 'top', 'left',
    ];

    /** A slider of thirds rests beside zero by what its step was rounded by. */
    private const SLIDER = 0.002;

    /**
     * @param  array<mixed>  $form  numbers by step; a step without any is not asked for
     *
     * @throws InvalidRecipe naming the number that cannot be used
     */
    public static function recipe(array $form): Recipe
    {
        $steps = [];
        foreach (StepKind::cases() as $kind) {
            $given = is_array($form[$kind->value] ?? null) ? $form[$kind->value] : [];
            $texts = array_map(fn (mixed $text): string => is_scalar($text) ? trim((string) $text) : '', $given);
            // Black and white, and one colour kept, have to be asked for; the others by any number.
            if (
                array_filter($texts, fn (string $text): bool => $text !== '') === [] ||
                (in_array($kind, [StepKind::Grey, StepKind::Keep, StepKind::Calm, StepKind::Shift], true) &&
                    ($texts['on'] ?? '') === '')
            ) {
                continue;
            }
            // A slider at rest asks for nothing; nor does the light of a place that was not drawn.
            if (self::isAtRest($kind, $texts)) {
                continue;
            }
            $numbers = [];
            foreach (array_keys($kind->numbers()) as $name) {
                $plain = str_replace([',', '−'], ['.', '-'], $texts[$name] ?? '');
                if ($plain === '') {
                    throw InvalidRecipe::number($kind, $name, '');
                }
                $isShare =
                    in_array($name, self::PERCENT, true) && ! ($name === 'width' && isset($kind->numbers()['hue']));
                $numbers[$name] = is_numeric($plain)
                    ? (float) $plain / ($isShare ? 100 : 1)
                    : throw InvalidRecipe::number($kind, $name, $texts[$name]);
            }
            $steps[] = Step::of($kind, $numbers);
        }

        return Recipe::of($steps);
    }

    /** @param  array<string, string>  $texts  the numbers of a step as they came */
    private static function isAtRest(StepKind $kind, array $texts): bool
    {
        return match ($kind) {
            StepKind::Exposure,
            StepKind::Shadows,
            StepKind::Highlights,
            StepKind::Corners,
            StepKind::Grain => self::isNought($texts, 'stops'),
            StepKind::Saturation, StepKind::Curve => self::isNought($texts, 'amount'),
            StepKind::Perspective => self::isNought($texts, 'top') && self::isNought($texts, 'left'),
            StepKind::Straighten => self::isNought($texts, 'degrees'),
            StepKind::Darken,
            StepKind::Fade,
            StepKind::Remove => ($texts['x'] ?? '') === '' && ($texts['width'] ?? '') === '',
            StepKind::Graduated => ($texts['from'] ?? '') === '' && ($texts['to'] ?? '') === '',
            default => false,
        };
    }

    /** @param  array<string, string>  $texts */
    private static function isNought(array $texts, string $name): bool
    {
        return is_numeric($texts[$name] ?? '') && abs((float) $texts[$name]) < self::SLIDER;
    }
}
