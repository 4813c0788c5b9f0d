<?php

declare(strict_types=1);

namespace TruePupil\Core\Roll;

use InvalidArgumentException;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\InvalidExposure;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Film\Film;

/** What was written down with one frame. What cannot be read stays as it was written, and is told. */
final readonly class LogLine
{
    public const FIELDS = ['aperture', 'time', 'lens', 'filter', 'reading', 'from', 'word', 'lost'];

    /**
     * @param  string  $frame  its number on the roll, as "12" or "0A"
     * @param  array<string, string>  $texts  by field, as written down
     * @param  ?float  $focalLength  mm, where the lens was written as one length
     * @param  ?Ev100  $reading  what the meter said
     * @param  ?string  $lost  what became of the frame, where it is lost
     * @param  array<string, string>  $problems  what could not be read, by field
     */
    private function __construct(
        public string $frame,
        public array $texts,
        public ?Aperture $aperture,
        public ?ExposureTime $time,
        public ?float $focalLength,
        public ?Ev100 $reading,
        public ?MeteredFrom $from,
        public ?string $lost,
        public array $problems,
    ) {
    }

    /** @param  array<string, string>  $texts  by field */
    public static function read(string $frame, array $texts): self
    {
        $problems = [];

        return new self(
            $frame,
            $texts,
            self::tried($texts, 'aperture', fn (string $text): Aperture => Aperture::of(
                self::number('an f-number', preg_replace('~^[fƒ]\s*/?\s*~iu', '', $text) ?? ''),
            ), $problems),
            self::tried($texts, 'time', ExposureTime::parse(...), $problems),
            self::focalLength($texts['lens'] ?? ''),
            self::tried($texts, 'reading', fn (string $text): Ev100 => Ev100::of(
                self::number('an exposure value', preg_replace('/^ev\s*/i', '', $text) ?? ''),
            ), $problems),
            MeteredFrom::tryFrom($texts['from'] ?? ''),
            ($texts['lost'] ?? '') === '' ? null : $texts['lost'],
            $problems,
        );
    }

    /** Its settings, where both were written down. */
    public function settings(Roll $roll): ?ExposureSettings
    {
        return $this->aperture === null || $this->time === null
            ? null
            : new ExposureSettings($this->aperture, $this->time, $roll->index());
    }

    /**
     * Where what was metered fell on the film, from mid-grey; null without reading and settings, and behind a filter
     * that nobody wrote the stops of. What filters and long exposures lose is taken off.
     */
    public function placed(Roll $roll): ?Stops
    {
        $settings = $this->settings($roll);
        $filter = $this->filterStops();
        if ($settings === null || $this->reading === null || $this->from === null || $filter === null) {
            return null;
        }

        return Stops::of(
            $this->reading->value - $settings->ev100()->value - $filter -
                $roll->film->lostToReciprocity($settings->time->exact)->value,
        );
    }

    /** What came of the reading, in a sentence. */
    public function remark(Roll $roll): ?string
    {
        $placed = $this->placed($roll);

        return $placed === null || $this->from === null
            ? null
            : sprintf(
                '%s fell %s.',
                $this->from->place(),
                $placed->inThirds() === 0
                    ? 'on mid-grey'
                    : sprintf(
                        '%s %s mid-grey',
                        Stops::of(abs($placed->value))->inWords(),
                        $placed->value > 0 ? 'above' : 'below',
                    ),
            );
    }

    /** Stops that a filter takes, written as "2 stops" or "×4"; 0 without one, null where it does not say. */
    private function filterStops(): ?float
    {
        $text = trim($this->texts['filter'] ?? '');

        return match (true) {
            $text === '' => 0.0,
            preg_match('/([\d.,]+)\s*stops?/i', $text, $found) === 1 => (float) str_replace(',', '.', $found[1]),
            preg_match('/[×x]\s*(\d{1,4})/iu', $text, $found) === 1 && $found[1] > 0 => log((float) $found[1], 2),
            default => null,
        };
    }

    /**
     * @template T
     *
     * @param  array<string, string>  $texts
     * @param  callable(string): T  $as
     * @param  array<string, string>  $problems  taken down by field
     * @return ?T
     */
    private static function tried(array $texts, string $field, callable $as, array &$problems): mixed
    {
        $text = trim($texts[$field] ?? '');
        try {
            return $text === '' ? null : $as($text);
        } catch (InvalidArgumentException $problem) {
            $problems[$field] = $problem->getMessage();

            return null;
        }
    }

    /** A lens that was written down by its one focal length, as "50 mm". */
    private static function focalLength(string $text): ?float
    {
        return preg_match('/^(\d{1,4}(?:[.,]\d)?)\s*(?:mm)?$/i', trim($text), $found) === 1
            ? (float) str_replace(',', '.', $found[1])
            : null;
    }

    private static function number(string $what, string $text): float
    {
        $plain = strtr(trim($text), [',' => '.', '−' => '-']);

        return is_numeric($plain) ? (float) $plain : throw InvalidExposure::unreadable($what, $text);
    }
}
