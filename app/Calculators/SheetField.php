<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Input\CalculatorInput;
use InvalidArgumentException;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Sky\Weather;

/** One thing that a sheet of the Bench asks for. */
final readonly class SheetField
{
    /**
     * @param  string  $example  what stands there on a first visit
     * @param  array<int|string, string>  $choices  label by value, where there is something to choose from
     * @param  ?float  $least  in the unit; null where there is no end
     * @param  ?float  $most  in the unit; null where there is no end
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $unit = '',
        public string $example = '',
        public array $choices = [],
        public bool $long = false,
        public ?float $least = null,
        public ?float $most = null,
    ) {
    }

    public static function focalLength(string $example = '50'): self
    {
        return new self('f', 'Focal length', 'mm', $example);
    }

    public static function aperture(string $example): self
    {
        return new self('n', 'Aperture', 'f-number', $example);
    }

    public static function time(string $example): self
    {
        return new self('t', 'Exposure time', 's', $example);
    }

    public static function iso(string $example = '100'): self
    {
        return new self('iso', 'ISO', '', $example);
    }

    public static function focusedAt(string $example = '3'): self
    {
        return new self('s', 'Focused at', 'm', $example);
    }

    public static function format(): self
    {
        return new self('format', 'Format', '', '36x24', SensorFormat::NAMED);
    }

    public static function latitude(): self
    {
        return new self('lat', 'Latitude', '°, north positive', '52.5', least: -90, most: 90);
    }

    public static function longitude(): self
    {
        return new self('lon', 'Longitude', '°, east positive', '1.2', least: -180, most: 180);
    }

    public static function moment(string $label, string $example): self
    {
        return new self('at', $label, 'date and time with zone', $example);
    }

    public static function weather(): self
    {
        $labels = array_map(fn (Weather $weather): string => $weather->label(), Weather::cases());

        return new self(
            'weather',
            'Weather',
            '',
            Weather::Clear->value,
            array_combine(array_column(Weather::cases(), 'value'), $labels),
        );
    }

    /** What a person may type, as the calculators read it: without unit, with a decimal point. */
    public function plain(string $input): string
    {
        if ($this->choices !== [] || $this->long || str_contains($this->unit, 'date')) {
            return trim($input);
        }
        $text =
            preg_replace(
                ['~^\s*(?:[fƒ]\s*/\s*|iso\s*)~iu', '~\s*(?:mm|µm|m/s|m|s|°|%|stops?)\s*$~iu'],
                '',
                str_replace(['−', ','], ['-', '.'], $input),
            ) ?? $input;

        return trim($text);
    }

    /** @throws InvalidArgumentException naming the key and the end that was passed */
    public function refuseBeyondEnds(CalculatorInput $input): void
    {
        if (($this->least === null && $this->most === null) || ! $input->has($this->key)) {
            return;
        }
        $number = $input->number($this->key);
        if ($number < ($this->least ?? -INF) || $number > ($this->most ?? INF)) {
            throw new InvalidArgumentException(
                sprintf('"%s" is %s; got %s.', $this->key, $this->ends(), $input->text($this->key)),
            );
        }
    }

    /** The ends in words; empty where there are none. */
    public function ends(): string
    {
        return match (true) {
            $this->least !== null && $this->most !== null => sprintf('from %s to %s', $this->least, $this->most),
            $this->least !== null => sprintf('at least %s', $this->least),
            $this->most !== null => sprintf('at most %s', $this->most),
            default => '',
        };
    }
}
