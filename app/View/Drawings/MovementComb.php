<?php

declare(strict_types=1);

namespace App\View\Drawings;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Intent\TimeBand;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Motion\SubjectBlur;
use TruePupil\Core\Optics\SensorFormat;
use TruePupil\Core\Situation\Situation;

/**
 * Subject blur against exposure time: a tooth for every whole stop that there is, as long as the blur in circles of
 * confusion (logarithmic), with the lines for frozen and sharp enough, the band that is wanted and the time that was
 * used.
 */
final readonly class MovementComb
{
    public const WIDTH = 640;

    public const HEIGHT = 150;

    private const LEFT = 70;

    private const RIGHT = 626;

    private const TOP = 18;

    private const BASE = 116;

    /** Circles of confusion at the foot and at the top. */
    private const LEAST = 1 / 16;

    private const MOST = 512.0;

    private function __construct(
        private SubjectBlur $blur,
        private float $circle,
        private Reach $reach,
        private ?TimeBand $wanted,
        private ?ExposureTime $used,
    ) {
    }

    /** @param  float  $circle  circle of confusion, mm */
    public static function of(
        SubjectBlur $blur,
        float $circle,
        ?Reach $reach = null,
        ?TimeBand $wanted = null,
        ?ExposureTime $used = null,
    ): self {
        $reach ??= Reach::of(new Body('a body', SensorFormat::fullFrame()));

        return new self($blur, $circle, $reach, $wanted, $used);
    }

    public static function ofFrame(Situation $situation): ?self
    {
        [$blur, $circle] = [$situation->movementBlur(), $situation->circleOfConfusion()];

        return $blur === null || $circle === null || $blur->criticalLimit() === null
            ? null
            : new self(
                $blur,
                $circle,
                $situation->reach(),
                $situation->movementBand(),
                $situation->record->exposure->exposureTime,
            );
    }

    /**
     * @return list<array{x: float, y: float, label: ?string, isSharp: bool}>
     *   the shortest time first; every second one named
     */
    public function teeth(): array
    {
        $teeth = [];
        for ($stop = $this->fastest(); $stop >= $this->slowest(); $stop--) {
            $time = ExposureTime::nearest(2 ** -$stop);
            $circles = $this->blur->after($time->exact) / $this->circle;
            $teeth[] = [
                'x' => $this->x($stop),
                'y' => $this->y($circles),
                'label' => ($this->fastest() - $stop) % 2 === 0 ? (string) $time : null,
                'isSharp' => $circles <= 4.0,
            ];
        }

        return $teeth;
    }

    /** @return list<array{y: float, label: string}> */
    public function lines(): array
    {
        return [['y' => $this->y(1.0), 'label' => 'frozen'], ['y' => $this->y(4.0), 'label' => 'sharp enough']];
    }

    /** @return ?array{x: float, width: float} */
    public function band(): ?array
    {
        if ($this->wanted === null || ($this->wanted->shortest === null && $this->wanted->longest === null)) {
            return null;
        }
        $left = $this->wanted->shortest === null ? self::LEFT : $this->x(-log($this->wanted->shortest, 2));
        $right = $this->wanted->longest === null ? self::RIGHT : $this->x(-log($this->wanted->longest, 2));

        return ['x' => min($left, $right), 'width' => round(max(3.0, abs($right - $left)), 1)];
    }

    /** @return ?array{x: float, label: string} */
    public function used(): ?array
    {
        return $this->used === null ? null : ['x' => $this->x($this->used->apex()), 'label' => (string) $this->used];
    }

    public function base(): int
    {
        return self::BASE;
    }

    public function top(): int
    {
        return self::TOP;
    }

    /** @return list<array{string, string}> time and blur */
    public function table(): array
    {
        $rows = [];
        for ($stop = $this->fastest(); $stop >= $this->slowest(); $stop--) {
            $time = ExposureTime::nearest(2 ** -$stop);
            $rows[] = [
                (string) $time,
                sprintf(
                    '%s circles, %s mm',
                    $this->number($this->blur->after($time->exact) / $this->circle),
                    $this->number($this->blur->after($time->exact)),
                ),
            ];
        }

        return $rows;
    }

    public function summary(): string
    {
        $critical = $this->blur->criticalLimit();
        $acceptable = $this->blur->acceptableLimit();

        return sprintf(
            'Movement: frozen up to %s, sharp enough up to %s%s.',
            $critical === null ? 'any time' : ExposureTime::noLongerThan($critical),
            $acceptable === null ? 'any time' : ExposureTime::noLongerThan($acceptable),
            $this->used === null
                ? ''
                : sprintf(
                    '; %s blurs by %s circles of confusion',
                    $this->used,
                    $this->number($this->blur->after($this->used->exact) / $this->circle),
                ),
        );
    }

    private function fastest(): int
    {
        return (int) floor(ExposureTime::of($this->reach->fastest)->apex() + 1e-6);
    }

    private function slowest(): int
    {
        return (int) ceil(ExposureTime::of($this->reach->slowest)->apex() - 1e-6);
    }

    private function x(float $apex): float
    {
        $share =
            ($this->fastest() - max($this->slowest() - 0.5, min($this->fastest() + 0.5, $apex)) + 0.5) /
            ($this->fastest() - $this->slowest() + 1);

        return round(self::LEFT + $share * (self::RIGHT - self::LEFT), 1);
    }

    private function y(float $circles): float
    {
        $share = log(max(self::LEAST, min(self::MOST, $circles)) / self::LEAST) / log(self::MOST / self::LEAST);

        return round(self::BASE - $share * (self::BASE - self::TOP), 1);
    }

    private function number(float $value): string
    {
        return $value >= 100
            ? number_format($value)
            : (string) round($value, $value >= 10 ? 1 : ($value >= 0.1 ? 2 : 4));
    }
}
