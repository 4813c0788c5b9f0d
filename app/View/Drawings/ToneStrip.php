<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Exposure\ZoneOfTone;
use TruePupil\Core\Measures\FrameMeasures;
use TruePupil\Core\Measures\RawMeasures;
use TruePupil\Core\Measures\SubjectMeasures;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\RawTones;
use TruePupil\Core\Tone\ToneMeasures;

/**
 * The tonal distribution on an axis of stops about mid-grey, as the geometry of an SVG drawing: the whole frame as a
 * filled outline, its subject as a line over it, what is lost at each end as columns of their own.
 */
final readonly class ToneStrip
{
    public const WIDTH = 640;

    public const HEIGHT = 150;

    private const FROM = -7.0;

    private const TO = 2.5;

    /** With the sensor's own values below it, which go on above a rendering's white. */
    private const TO_RAW = 4.5;

    private const LEFT = 58;

    private const RIGHT = 582;

    private const TOP = 14;

    private const BASE = 118;

    private function __construct(
        private ToneMeasures $tone,
        private ?SubjectMeasures $subject,
        private ?Stops $wanted,
        private ?RawMeasures $raw = null,
    ) {
    }

    public static function of(FrameMeasures $measures, ?Stops $wanted): self
    {
        return new self($measures->tone, $measures->subject, $wanted, $measures->raw());
    }

    /** Without what the raw file holds. */
    public static function ofRendering(FrameMeasures $measures, ?Stops $wanted): self
    {
        return new self($measures->tone, $measures->subject, $wanted);
    }

    /** Of a picture in which nothing is marked. */
    public static function ofTones(ToneMeasures $tone, ?RawTones $raw = null): self
    {
        return new self($tone, null, null, $raw === null ? null : new RawMeasures($raw));
    }

    /** The sensor's own values on the same axis; null where there are none. */
    public function raw(): ?RawStrip
    {
        return $this->raw === null ? null : RawStrip::of($this->raw, $this->tone, $this->x(...));
    }

    /** Where the scale of the rendering ends. */
    public function white(): float
    {
        return $this->x(self::TO);
    }

    /** Outline of the whole frame's distribution. */
    public function frameOutline(): string
    {
        return $this->outline($this->tone->statistics->luminance, closed: true);
    }

    /** Line of the subject's own distribution, each drawn to its own height. */
    public function subjectLine(): ?string
    {
        $subject = $this->subject;

        return $subject === null ? null : $this->outline($subject->tone->statistics->luminance, closed: false);
    }

    /** @return list<array{x: float, label: string, zone: string, middle: bool}> a tick for each stop */
    public function ticks(): array
    {
        $ticks = [];
        for ($stop = (int) ceil(self::FROM); $stop <= $this->to(); $stop++) {
            $ticks[] = [
                'x' => $this->x($stop),
                'label' => $stop === 0 ? 'grey' : Stops::of($stop)->signed(),
                'zone' => ZoneOfTone::of(Stops::of($stop)),
                'middle' => $stop === 0,
            ];
        }

        return $ticks;
    }

    /** @return ?array{x: float, label: string} where the subject's mean fell */
    public function placed(): ?array
    {
        $placement = $this->subject?->placement();

        return $placement === null ? null : ['x' => $this->x($placement->value), 'label' => $placement->signed()];
    }

    /**
     * @return ?array{x: float, left: float, right: float, label: string}
     *   where the brief wants it, with its third either way
     */
    public function wanted(): ?array
    {
        return $this->wanted === null
            ? null
            : [
                'x' => $this->x($this->wanted->value),
                'left' => $this->x($this->wanted->value - 1 / 3),
                'right' => $this->x($this->wanted->value + 1 / 3),
                'label' => $this->wanted->signed(),
            ];
    }

    public function lostPct(): float
    {
        return $this->tone->lostHighlightsPct;
    }

    public function blockedPct(): float
    {
        return $this->tone->blockedShadowsPct;
    }

    /** Height of an end column: full at a tenth of the frame, so that small losses show. */
    public function columnHeight(float $percent): float
    {
        return round(min(1.0, sqrt($percent / 10)) * (self::BASE - self::TOP), 1);
    }

    public function base(): int
    {
        return self::BASE;
    }

    public function top(): int
    {
        return self::TOP;
    }

    /** @return list<array{0: string, 1: string, 2: string}> the same as a table: measure, frame, subject */
    public function table(): array
    {
        $frame = $this->tone;
        $subject = $this->subject?->tone;
        $stops = fn (?float $value): string => $value === null ? '–' : Stops::of($value)->signed();
        $percent = fn (?float $value): string => $value === null ? '–' : number_format($value, 1).' %';

        $raw = $this->raw;

        return [
            ['mean, stops from mid-grey', $stops($frame->meanStops), $stops($subject?->meanStops)],
            ['median', $stops($frame->medianStops), $stops($subject?->medianStops)],
            ['darkest hundredth below', $stops($frame->p1Stops), $stops($subject?->p1Stops)],
            ['brightest hundredth above', $stops($frame->p99Stops), $stops($subject?->p99Stops)],
            [
                'stops used',
                Stops::of($frame->usedStops())->amount(),
                $subject === null ? '–' : Stops::of($subject->usedStops())->amount(),
            ],
            ['lost highlights', $percent($frame->lostHighlightsPct), $percent($subject?->lostHighlightsPct)],
            ['blocked shadows', $percent($frame->blockedShadowsPct), $percent($subject?->blockedShadowsPct)],
            ...$raw === null ? [] : [
                [
                    'raw: stops left to the end of the sensor',
                    Stops::of($raw->frame->headroom())->amount(),
                    $raw->subject === null ? '–' : Stops::of($raw->subject->headroom())->amount(),
                ],
                ...array_map(
                    fn (string $name, string $key): array => [
                        sprintf('raw: %s lost', $name),
                        $percent($raw->frame->lostPctByChannel()[$key]),
                        $percent($raw->subject?->lostPctByChannel()[$key]),
                    ],
                    ['red', 'green', 'blue'],
                    ['r', 'g', 'b'],
                ),
            ],
        ];
    }

    public function summary(): string
    {
        $placed = $this->placed();

        return sprintf(
            'Tones from %s to %s stops about mid-grey%s; %.1f %% lost, %.1f %% blocked.',
            Stops::of($this->tone->p1Stops)->signed(),
            Stops::of($this->tone->p99Stops)->signed(),
            $placed === null ? '' : ', the subject at '.$placed['label'],
            $this->lostPct(),
            $this->blockedPct(),
        );
    }

    private function x(float $stops): float
    {
        $share = (max(self::FROM, min($this->to(), $stops)) - self::FROM) / ($this->to() - self::FROM);

        return round(self::LEFT + $share * (self::RIGHT - self::LEFT), 1);
    }

    private function to(): float
    {
        return $this->raw === null ? self::TO : self::TO_RAW;
    }

    private function outline(Histogram $histogram, bool $closed): string
    {
        $bins = $histogram->byThirds(self::FROM, self::TO);
        $tallest = max(0.0001, ...array_column($bins, 'share'));
        $points = [];
        foreach ($bins as $bin) {
            $points[] = sprintf(
                '%.1f,%.1f',
                $this->x($bin['stops']),
                self::BASE - ($bin['share'] / $tallest) * (self::BASE - self::TOP - 8),
            );
        }

        return $closed
            ? sprintf('M%d,%d L%s L%d,%d Z', self::LEFT, self::BASE, implode(' L', $points), $this->white(), self::BASE)
            : 'M'.implode(' L', $points);
    }
}
