<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\StopIncrement;

/**
 * Every aperture against every time for one lens, support and filter; the light then forces ISO, which runs in
 * diagonals.
 *
 * Aperture step k stands for N = 2^(k/2n) and time step k for t = 2^(−k/n), with n steps per stop.
 */
final readonly class ExposureMap
{
    /** f/1 to f/32. */
    private const AV = [0.0, 10.0];

    /**
     * @param  list<MapZone>  $zones
     * @param  list<MapPoint>  $points
     */
    private function __construct(
        public Setup $setup,
        public StopIncrement $increment,
        /** EV at ISO 100 behind the filter. */
        public float $light,
        /** @var list<int> */
        public array $apertureSteps,
        /** @var list<int> */
        public array $timeSteps,
        public array $zones,
        public array $points,
        public ?FillTimes $flash,
    ) {
    }

    /** @param  list<MapPoint>  $points */
    public static function of(AdviceRequest $request, Setup $setup, array $points): self
    {
        $increment = $request->kit->body->limits->increment;
        $per = $increment->perStop();
        $limits = $request->kit->body->limits;
        $light = $setup->light($request);
        $apertures = range((int) (self::AV[0] * $per), (int) (self::AV[1] * $per));
        // One stop beyond the body at either end, so that its limits can be seen.
        $times = range(
            (int) floor(ExposureTime::of($limits->slowest)->apex() * $per) - $per,
            (int) ceil(ExposureTime::of($limits->fastest)->apex() * $per) + $per,
        );

        return new self(
            $setup,
            $increment,
            $light,
            $apertures,
            $times,
            self::zones($request, $setup, $light, $per, $apertures, $times),
            $points,
            FillTimes::of($request, $setup),
        );
    }

    /** The same map with more points on it, before those it has. */
    public function with(MapPoint ...$points): self
    {
        return new self(
            $this->setup,
            $this->increment,
            $this->light,
            $this->apertureSteps,
            $this->timeSteps,
            $this->zones,
            [...array_values($points), ...$this->points],
            $this->flash,
        );
    }

    /** ISO that the light forces at a cell. */
    public function isoAt(int $apertureStep, int $timeStep): float
    {
        return 100 * 2 ** (($apertureStep + $timeStep) / $this->increment->perStop() - $this->light);
    }

    /** @return list<MapZone> what speaks against a cell */
    public function at(int $apertureStep, int $timeStep): array
    {
        return array_values(
            array_filter(
                $this->zones,
                fn (MapZone $zone): bool => in_array([$apertureStep, $timeStep], $zone->cells, true),
            ),
        );
    }

    /**
     * @param  list<int>  $apertures
     * @param  list<int>  $times
     * @return list<MapZone>
     */
    private static function zones(
        AdviceRequest $request,
        Setup $setup,
        float $light,
        int $per,
        array $apertures,
        array $times,
    ): array {
        $grid = [];
        foreach ($apertures as $a) {
            $grid[$a] = array_map(fn (int $t): array => [$a, $t], $times);
        }
        $zones = [];
        foreach (self::bounds($request, $setup) as [$reason, $label, $why, $bars, $axis, $from, $to]) {
            // The forced ISO is rounded to the dial: half a third either way still balances.
            $slack = $axis === 'sv' ? 1 / 6 + 1e-6 : 1e-6;
            [$low, $high] = [($from - $slack) * $per, ($to + $slack) * $per];
            $cells = [];
            foreach ($apertures as $a) {
                if ($axis === 'av') {
                    if ($a < $low || $a > $high) {
                        array_push($cells, ...$grid[$a]);
                    }

                    continue;
                }
                $shift = $axis === 'tv' ? 0.0 : $a - $light * $per;
                foreach ($grid[$a] as $cell) {
                    if ($low > $cell[1] + $shift || $high < $cell[1] + $shift) {
                        $cells[] = $cell;
                    }
                }
            }
            if ($cells !== []) {
                $zones[] = new MapZone($reason, $label, $why, $bars, $cells);
            }
        }

        return $zones;
    }

    /**
     * @return list<array{string, string, string, bool, 'av'|'tv'|'sv', float, float}>
     *   reason, label, why, bars, axis, and what is free of it
     */
    private static function bounds(AdviceRequest $request, Setup $setup): array
    {
        $demands = $setup->demands;
        $aperture = fn (float $av): string => (string) Aperture::nearest(2 ** ($av / 2));
        $time = fn (float $tv): string => (string) ExposureTime::nearest(2 ** -$tv);
        $lens = $setup->choice->lens->name;
        $focal = round($setup->choice->focalLength);
        $bounds = [
            [
                'beyond-lens',
                'beyond the lens',
                sprintf(
                    '%s goes from %s to %s at %s mm.',
                    $lens,
                    $aperture($demands->aperture->widest),
                    $aperture($demands->aperture->smallest),
                    $focal,
                ),
                true,
                'av',
                $demands->aperture->widest,
                $demands->aperture->smallest,
            ],
            [
                'beyond-camera',
                'beyond the camera',
                sprintf(
                    'The shutter goes from %s to %s.',
                    $time($demands->time->slowest),
                    $time($demands->time->fastest),
                ),
                true,
                'tv',
                $demands->time->slowest,
                $demands->time->fastest,
            ],
            [
                'not-deep-enough',
                'not deep enough',
                $demands->aperture->depth === null
                    ? ''
                    : sprintf('The depth asks for %s or smaller.', $aperture($demands->aperture->depth)),
                true,
                'av',
                $demands->aperture->depth ?? -INF,
                INF,
            ],
            [
                'too-deep',
                'too deep',
                $demands->aperture->separation === null
                    ? ''
                    : sprintf('The background goes soft up to %s.', $aperture($demands->aperture->separation)),
                true,
                'av',
                -INF,
                $demands->aperture->separation ?? INF,
            ],
            [
                'shake',
                'shake',
                $demands->time->shake === null
                    ? ''
                    : sprintf(
                        '%s mm is held still for %s %s.',
                        $focal,
                        $time($demands->time->shake),
                        $request->supportLabel($setup->support),
                    ),
                true,
                'tv',
                $demands->time->shake ?? -INF,
                INF,
            ],
            [
                'subject-blur',
                'subject blur',
                $demands->time->movement === null
                    ? ''
                    : sprintf('Movement is sharp enough up to %s.', $time($demands->time->movement)),
                true,
                'tv',
                $demands->time->movement ?? -INF,
                INF,
            ],
            [
                'too-short',
                'too short to show movement',
                $demands->time->look === null ? '' : sprintf('Movement shows from %s on.', $time($demands->time->look)),
                true,
                'tv',
                -INF,
                $demands->time->look ?? INF,
            ],
            [
                'too-noisy',
                'too noisy',
                sprintf('The light would need more than %s.', Iso::nearest(100 * 2 ** $demands->iso->ceiling)),
                true,
                'sv',
                -INF,
                $demands->iso->ceiling,
            ],
            [
                'too-bright',
                'too bright',
                sprintf('Even %s is too much for the light.', Iso::nearest(100 * 2 ** $demands->iso->lowest)),
                true,
                'sv',
                $demands->iso->lowest,
                INF,
            ],
            [
                'diffraction',
                'diffraction',
                sprintf('Beyond %s diffraction shows in a print.', $aperture($demands->aperture->print)),
                false,
                'av',
                -INF,
                max($demands->aperture->print, $demands->aperture->depth ?? -INF),
            ],
        ];

        return array_values(array_filter($bounds, fn (array $bound): bool => $bound[5] !== -INF || $bound[6] !== INF));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'lens' => $this->setup->choice->lens->name,
            'focalLength' => $this->setup->choice->focalLength,
            'support' => $this->setup->support->value,
            'filterStops' => $this->setup->filter,
            'stepsPerStop' => $this->increment->perStop(),
            'lightEv100' => $this->light,
            'zones' => array_map(fn (MapZone $zone): array => $zone->toArray(), $this->zones),
            'flash' => $this->flash === null ? null : [
                'longest' => $this->flash->from === null ? null : 2 ** -$this->flash->from,
                'shortest' => $this->flash->to === null ? null : 2 ** -$this->flash->to,
                'why' => $this->flash->why,
            ],
            'points' => array_map(fn (MapPoint $point): array => $point->toArray(), $this->points),
        ];
    }
}
