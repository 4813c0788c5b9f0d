<?php

declare(strict_types=1);

namespace App\Planning;

use App\Input\CalculatorInput;
use App\Input\IntentInput;
use DateTimeImmutable;
use DateTimeZone;
use Exception;
use InvalidArgumentException;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Plan\LightCondition;
use TruePupil\Core\Plan\LightReadings;
use TruePupil\Core\Plan\Outing;
use TruePupil\Core\Series\TwoSpots;
use TruePupil\Core\Sky\Compass;
use TruePupil\Core\Sky\Location;
use TruePupil\Core\Sky\Weather;

/**
 * The fields of a plan as typed, turned into values part by part: what is wrong in one part leaves the others in use.
 */
final readonly class PlanInput
{
    /** Ways of knowing the light. */
    public const WAYS = [
        'condition' => 'from a table of conditions',
        'spot' => 'from a spot reading',
        'earlier' => 'from an earlier frame',
        'sky' => 'from date, place and sky',
        'shadow' => 'from the shadows, for film',
    ];

    /** Every field, and how long it may be. */
    public const FIELDS = [
        'way' => 20,
        'condition' => 40,
        'spotN' => 10,
        'spotT' => 12,
        'spotIso' => 10,
        'spotEv' => 10,
        'shadowN' => 10,
        'shadowT' => 12,
        'shadowIso' => 10,
        'shadowEv' => 10,
        'darkN' => 10,
        'darkT' => 12,
        'darkIso' => 10,
        'darkEv' => 10,
        'brightN' => 10,
        'brightT' => 12,
        'brightIso' => 10,
        'brightEv' => 10,
        'earlier' => 20,
        'earlierN' => 10,
        'earlierT' => 12,
        'earlierIso' => 10,
        'earlierStops' => 10,
        'lat' => 20,
        'lon' => 20,
        'date' => 10,
        'time' => 8,
        'weather' => 20,
        'bearing' => 20,
        'otherTime' => 8,
        'placement' => 40,
        'support' => 20,
        'focalLength35' => 20,
        'maxIso' => 20,
        'subject' => 20,
        'near' => 20,
        'far' => 20,
        'background' => 20,
        'separation' => 20,
        'sceneStops' => 20,
        'want' => 20,
        'speed' => 20,
        'angle' => 20,
        'still' => 1,
        'idea' => 40,
        'facing' => 20,
        'tone' => 20,
        'lightFrom' => 10,
        'is' => 20,
        'framing' => 20,
        'kept' => 20,
        'pace' => 10,
        'foliage' => 1,
        'stars' => 1,
        'sunStar' => 1,
        'crossesLight' => 1,
        'person' => 1,
        'about' => 2000,
        'reason' => 2000,
    ];

    /** From here on a whole number may be meant as its fraction, as old dials have it. */
    private const READ_BOTH_WAYS = 4;

    /** @param  array<string, string>  $input */
    private function __construct(private array $input, private string $timezone)
    {
    }

    /** @param  array<mixed>  $input */
    public static function of(array $input, string $timezone): self
    {
        $texts = [];
        foreach (self::FIELDS as $field => $length) {
            $text = $input[$field] ?? null;
            if (is_scalar($text) && trim((string) $text) !== '') {
                $texts[$field] = mb_substr(trim((string) $text), 0, $length);
            }
        }

        return new self($texts, $timezone);
    }

    /** @return array<string, string> */
    public function texts(): array
    {
        return $this->input;
    }

    public function text(string $field): string
    {
        return $this->input[$field] ?? '';
    }

    public function way(): string
    {
        return isset(self::WAYS[$this->text('way')]) ? $this->text('way') : 'condition';
    }

    /**
     * The light on the subject, by the way that was chosen; null while too little is typed.
     *
     * @param  array<int|string, Ev100>  $earlier  light of the student's earlier frames, by their ids
     *
     * @throws InvalidArgumentException naming what cannot be used
     */
    public function light(array $earlier = []): ?Ev100
    {
        return match ($this->way()) {
            'condition' => LightCondition::tryFrom($this->text('condition'))?->ev100(),
            'spot' => $this->reading('spot'),
            'shadow' => $this->shadow()?->plus(Stops::of(-LightReadings::SHADOWS)),
            'earlier' => isset($earlier[$this->text('earlier')])
                ? $earlier[$this->text('earlier')]
                : $this->earlierExposure(),
            default => $this->skyLight(),
        };
    }

    /**
     * What is still to be said before the light is known, by the way that was chosen.
     *
     * @return list<string>
     */
    public function missing(): array
    {
        $lacks = fn (array $names): array => array_values(
            array_filter($names, fn (string $field): bool => $this->text($field) === '', ARRAY_FILTER_USE_KEY),
        );
        $settings = fn (string $prefix): array => $lacks([
            $prefix.'N' => 'the aperture',
            $prefix.'T' => 'the time',
            $prefix.'Iso' => 'the ISO',
        ]);

        return match ($this->way()) {
            'condition' => $lacks(['condition' => 'the condition']),
            'spot' => $settings('spot'),
            'shadow' => $settings('shadow'),
            'earlier' => $settings('earlier'),
            default => $lacks(['lat' => 'the latitude', 'lon' => 'the longitude', 'date' => 'the date']),
        };
    }

    /**
     * What the meter says of the darkest place that is to keep its detail.
     *
     * @throws InvalidArgumentException naming what cannot be used
     */
    public function shadow(): ?Ev100
    {
        return $this->way() === 'shadow' ? $this->reading('shadow') : null;
    }

    /**
     * The darkest and the brightest place that are to keep detail; null while one of them is not read.
     *
     * @throws InvalidArgumentException naming what cannot be used
     */
    public function spots(): ?TwoSpots
    {
        [$dark, $bright] = [$this->reading('dark'), $this->reading('bright')];

        return $dark === null || $bright === null ? null : new TwoSpots($dark, $bright);
    }

    /**
     * Whether that light is what falls on the subject, rather than what a meter read from it, or places the shadows.
     * Every tone then falls into its own place, and no placement is applied.
     */
    public function isIncident(): bool
    {
        return ! in_array($this->way(), ['spot', 'earlier'], true);
    }

    /** @throws InvalidArgumentException */
    public function intent(): Intent
    {
        $plain = IntentInput::read($this->input);
        $own = fn (string $field): ?float => $this->text($field) === '' ? null : $this->number($field);

        return $plain->with(focalLength35: $own('focalLength35'), maxIso: $own('maxIso'));
    }

    public function support(): ?Support
    {
        return Support::tryFrom($this->text('support'));
    }

    public function weather(): Weather
    {
        return Weather::tryFrom($this->text('weather')) ?? Weather::Clear;
    }

    /**
     * Where and when; null while it is not said.
     *
     * @throws InvalidArgumentException
     */
    public function outing(): ?Outing
    {
        if ($this->text('lat') === '' || $this->text('lon') === '' || $this->text('date') === '') {
            return null;
        }
        $time = $this->text('time') === '' ? '12:00' : $this->text('time');
        try {
            $at = new DateTimeImmutable($this->text('date').' '.$time, new DateTimeZone($this->timezone));
        } catch (Exception) {
            throw new InvalidArgumentException(sprintf('"%s %s" is no date and time.', $this->text('date'), $time));
        }

        return new Outing(
            Location::of($this->number('lat'), $this->number('lon')),
            $at,
            $this->text('bearing') === '' ? null : Compass::parse($this->text('bearing')),
        );
    }

    /** The hour that the planned one is compared with, on the same day; null while there is none. */
    public function otherOuting(): ?Outing
    {
        $outing = $this->outing();
        if ($outing === null || preg_match('/^(\d{1,2}):(\d{2})$/', $this->text('otherTime'), $time) !== 1) {
            return null;
        }

        return $outing->at($outing->at->setTime((int) $time[1], (int) $time[2]));
    }

    private function earlierExposure(): ?Ev100
    {
        $exposure = $this->exposure('earlier');

        // It came out so many stops brighter than mid-grey: there was that much more light than the settings say.
        return $exposure === null || $this->text('earlierStops') === ''
            ? $exposure
            : Ev100::of($exposure->value + $this->number('earlierStops'));
    }

    /** As an exposure value, or as three settings. */
    private function reading(string $prefix): ?Ev100
    {
        return $this->text($prefix.'Ev') === ''
            ? $this->exposure($prefix)
            : Ev100::of($this->number($prefix.'Ev'));
    }

    private function exposure(string $prefix): ?Ev100
    {
        if (
            $this->text($prefix.'N') === '' ||
            $this->text($prefix.'T') === '' ||
            $this->text($prefix.'Iso') === ''
        ) {
            return null;
        }

        return Ev100::fromNumbers(
            $this->number($prefix.'N'),
            $this->time($prefix.'T'),
            $this->number($prefix.'Iso'),
        );
    }

    /** Seconds. Many write a sixtieth as 60, as old dials do: what can be both is asked about. */
    private function time(string $field): float
    {
        $text = $this->text($field);
        if (preg_match('/^\d+$/', $text) === 1 && (int) $text >= self::READ_BOTH_WAYS) {
            throw new InvalidArgumentException(
                sprintf('Is %1$s a fraction of a second or %1$s seconds? Write 1/%1$s, or %1$s s.', $text),
            );
        }

        return ExposureTime::parse($text)->exact;
    }

    private function skyLight(): ?Ev100
    {
        $outing = $this->outing();

        return $outing?->light($this->weather());
    }

    /** @throws InvalidArgumentException */
    private function number(string $field): float
    {
        $names = [
            'lat' => 'latitude',
            'lon' => 'longitude',
            'focalLength35' => 'framing',
            'maxIso' => 'highest ISO',
            'earlierStops' => 'how it came out',
            'spotEv' => 'reading',
            'spotN' => 'aperture',
            'spotIso' => 'ISO',
            'shadowEv' => 'reading',
            'shadowN' => 'aperture',
            'shadowIso' => 'ISO',
            'earlierN' => 'aperture',
            'earlierIso' => 'ISO',
        ];
        $text = str_replace(
            [',', '−'],
            ['.', '-'],
            preg_replace('~^(f/|ƒ/|iso )|\s*(mm|°|stops?)$~iu', '', $this->text($field)) ?? '',
        );

        return CalculatorInput::of([$names[$field] ?? $field => $text])->number($names[$field] ?? $field);
    }
}
