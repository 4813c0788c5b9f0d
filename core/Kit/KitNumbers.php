<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Motion\HandHeldLimit;
use TruePupil\Core\Optics\AngleOfView;
use TruePupil\Core\Optics\EntrancePupil;

/** What a kit can and cannot do, in numbers. */
final readonly class KitNumbers
{
    public function __construct(private Kit $kit)
    {
    }

    /**
     * Each lens at both of its ends, or once for a single focal length.
     *
     * Focal lengths and the entrance pupil in mm, the view in degrees across, the closest focus in m.
     *
     * @return list<array{
     *     lens: string,
     *     focalLength: float,
     *     focalLength35: float,
     *     widest: string,
     *     pupil: float,
     *     angle: float,
     *     handHeld: string,
     *     closest: ?float,
     * }>
     */
    public function lenses(): array
    {
        $rows = [];
        foreach ($this->kit->lenses as $lens) {
            foreach (array_unique([$lens->minFocal, $lens->maxFocal]) as $focalLength) {
                $widest = $lens->widestAt($focalLength);
                $rows[] = [
                    'lens' => $lens->name,
                    'focalLength' => $focalLength,
                    'focalLength35' => $focalLength * $this->kit->body->format->crop(),
                    'widest' => (string) $widest,
                    'pupil' => EntrancePupil::of($focalLength, $widest)->millimetres,
                    'angle' => AngleOfView::of($focalLength, $this->kit->body->format)->horizontal,
                    'handHeld' => (string) ExposureTime::noLongerThan($this->longestByHand($lens, $focalLength)),
                    'closest' => $lens->closestFocus > 0 ? $lens->closestFocus : null,
                ];
            }
        }

        return $rows;
    }

    /** The lens that takes in most light, where it does: the widest entrance pupil, in millimetres. */
    public function widestPupil(): ?float
    {
        $pupils = array_column($this->lenses(), 'pupil');

        return $pupils === [] ? null : max($pupils);
    }

    /** @return ?array{float, float} shortest and longest focal length as on 36x24 mm */
    public function reach(): ?array
    {
        $focalLengths = array_column($this->lenses(), 'focalLength35');

        return $focalLengths === [] ? null : [min($focalLengths), max($focalLengths)];
    }

    /**
     * Lenses that reach the same focal length, and how many stops the faster opens further there.
     *
     * @return list<array{faster: string, slower: string, focalLength: float, stops: float}>
     */
    public function stopsBetween(): array
    {
        $pairs = [];
        foreach ($this->kit->lenses as $index => $a) {
            foreach (array_slice($this->kit->lenses, $index + 1) as $b) {
                // Where a prime lies within a zoom, at the prime's own; between zooms, where their ranges begin to
                // overlap.
                $shared = max($a->minFocal, $b->minFocal);
                if (! $a->covers($shared) || ! $b->covers($shared)) {
                    continue;
                }
                $stops = $a->widestAt($shared)->stopsMoreLightThan($b->widestAt($shared))->value;
                [$faster, $slower] = $stops >= 0 ? [$a, $b] : [$b, $a];
                if (abs($stops) > 0.1) {
                    $pairs[] = [
                        'faster' => $faster->name,
                        'slower' => $slower->name,
                        'focalLength' => $shared,
                        'stops' => abs($stops),
                    ];
                }
            }
        }

        return $pairs;
    }

    /**
     * What it cannot do, in sentences.
     *
     * @return list<string>
     */
    public function limits(): array
    {
        $limits = [];
        $body = $this->kit->body->limits;
        if (! in_array(Support::Tripod, $this->kit->supports, true)) {
            $limits[] =
                'Without a tripod nothing longer than the hand-held times below stays sharp: no silk, no night sky.';
        }
        if ($this->kit->filters === []) {
            $limits[] = sprintf(
                'Without a neutral-density filter, in bright sun (EV 15) at ISO %s and the smallest aperture the time '.
                    'stays at %s or shorter.',
                $body->isoBase,
                $this->slowestInSun(),
            );
        }
        if ($this->kit->flash?->highSpeedSync === false && $body->flashSync !== null) {
            $limits[] = sprintf('With the flash, no time shorter than %s.', ExposureTime::nearest($body->flashSync));
        }

        return $limits;
    }

    /** At EV 15: t = N²/(2^15 · ISO/100). */
    private function slowestInSun(): string
    {
        $smallest = array_map(fn (Lens $lens): float => $lens->smallest, $this->kit->lenses);
        $n = $smallest === [] ? 22.0 : max($smallest);

        return (string) ExposureTime::nearest($n ** 2 / ((2 ** 15 * $this->kit->body->limits->isoBase) / 100));
    }

    private function longestByHand(Lens $lens, float $focalLength): float
    {
        return HandHeldLimit::held(
            $focalLength,
            $this->kit->body->format,
            max($this->kit->body->stabiliserStops, $lens->stabiliserStops),
        )->seconds;
    }
}
