<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use DateTimeImmutable;
use DateTimeInterface;
use Exception;
use InvalidArgumentException;
use TruePupil\Core\Sky\InvalidSky;
use TruePupil\Core\Sky\SkyPosition;
use TruePupil\Core\Sky\Weather;

/** What calculators of sky and light have in common: moments, weather and positions, read and written. */
final class SkyInput
{
    /** @throws InvalidSky */
    public static function moment(string $text): DateTimeImmutable
    {
        // Words such as "tomorrow" would make the same address mean something else every day.
        if (preg_match('/^\d{4}-\d{2}-\d{2}/', $text) !== 1) {
            throw InvalidSky::moment($text);
        }
        try {
            return new DateTimeImmutable(str_replace(' ', '+', $text));
        } catch (Exception) {
            throw InvalidSky::moment($text);
        }
    }

    public static function weather(CalculatorInput $input): Weather
    {
        $named = $input->has('weather') ? $input->text('weather') : Weather::Clear->value;

        return Weather::tryFrom($named) ??
            throw new InvalidArgumentException(
                sprintf(
                    '"%s" is no weather; write %s.',
                    $named,
                    implode(', ', array_column(Weather::cases(), 'value')),
                ),
            );
    }

    /** @return array{altitude: float, azimuth: float} degrees */
    public static function position(SkyPosition $position): array
    {
        return ['altitude' => $position->altitude, 'azimuth' => $position->azimuth];
    }

    public static function text(?DateTimeImmutable $moment): ?string
    {
        return $moment?->format(DateTimeInterface::ATOM);
    }
}
