<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Practice\CameraSetups;
use App\Practice\Scene;
use App\Practice\ShotInput;
use App\Practice\ShutterRelease;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Lens;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;

/** What can be set in the finder with a kit in a scene: every dial with its positions. */
final readonly class FinderDials
{
    /** Dials that change one step at a time, with the keys for less and more. */
    public const KEYS = [
        'n' => ['1', '2'],
        't' => ['3', '4'],
        'iso' => ['5', '6'],
        'compensation' => ['7', '8'],
        'focus' => ['9', '0'],
    ];

    public function __construct(public Scene $scene, private CameraSetups $outfits, private ShotInput $input)
    {
    }

    public function value(string $field): string
    {
        return $this->input->texts[$field];
    }

    /** @return array<int|string, string> */
    public function modes(): array
    {
        $modes = [];
        foreach (
            [
                ExposureMode::Auto,
                ExposureMode::Program,
                ExposureMode::Aperture,
                ExposureMode::Shutter,
                ExposureMode::Manual,
                ExposureMode::ManualAutoIso,
                ExposureMode::Bulb,
            ] as $mode
        ) {
            $modes[$mode->value] = $mode->label();
        }

        return $modes;
    }

    /** Whether the person sets a field in the mode in use. */
    public function isLeft(string $field): bool
    {
        return in_array($this->value('mode'), ShotInput::modesOf($field), true);
    }

    /** @return array<int|string, string> */
    public function lights(): array
    {
        return array_map(fn ($condition): string => $condition->title, $this->scene->conditions);
    }

    /** @return list<Lens> */
    public function lenses(): array
    {
        return $this->outfits->lensesFor($this->scene);
    }

    /** The lens in use. */
    public function lens(): Lens
    {
        foreach ($this->lenses() as $lens) {
            if ($lens->name === $this->value('lens')) {
                return $lens;
            }
        }

        return $this->outfits->suiting($this->scene)->lens;
    }

    /**
     * The focal lengths in mm that the lens has and the scene has pixels for.
     *
     * @return array{float, float}
     */
    public function focals(): array
    {
        $crop = $this->outfits->kit->body->format->crop();
        [$shortest, $longest] = $this->scene->focalLengths35();

        return [
            max($this->lens()->minFocal, round($shortest / $crop, 1)),
            min($this->lens()->maxFocal, floor($longest / $crop)),
        ];
    }

    /** @return array<int|string, string> */
    public function apertures(): array
    {
        $positions = [];
        $lens = $this->lens();
        for ($step = -1; $step <= 34; $step++) {
            $aperture = Aperture::atStep($step);
            if (
                $aperture->exact >= min($lens->widestAtMin, $lens->widestAtMax) * 0.98 &&
                $aperture->exact <= $lens->smallest * 1.04
            ) {
                $positions[(string) $aperture->nominal()] = (string) $aperture;
            }
        }

        return $positions;
    }

    /**
     * Fast to slow, and for bulb beyond.
     *
     * @return array<int|string, string>
     */
    public function times(): array
    {
        $positions = [];
        $limits = $this->outfits->kit->body->limits;
        for ($step = -45; $step <= 20; $step++) {
            $time = ExposureTime::atStep($step);
            if (
                $time->nominal() >= $limits->fastest * 0.99 &&
                ($time->nominal() <= $limits->slowest * 1.01 || $step % 3 === 0)
            ) {
                $positions[$this->timeValue($time)] = (string) $time;
            }
        }
        foreach ([4, 8, 15, 30, 60] as $minutes) {
            $positions[(string) (60 * $minutes)] = $minutes.' min, bulb';
        }

        return $positions;
    }

    /** @return array<int|string, string> */
    public function isos(): array
    {
        $positions = ['auto' => 'automatic'];
        $limits = $this->outfits->kit->body->limits;
        for ($step = -3; $step <= 30; $step++) {
            $iso = Iso::atStep($step);
            if ($iso->exact >= $limits->isoMin * 0.98 && $iso->exact <= $limits->isoMax * 1.02) {
                $positions[(string) $iso->nominal()] = (string) $iso;
            }
        }

        return $positions;
    }

    /** @return array<int|string, string> */
    public function compensations(): array
    {
        $positions = [];
        for ($third = -9; $third <= 9; $third++) {
            $positions[self::thirds($third)] = Stops::of($third / 3)->signed();
        }

        return $positions;
    }

    /** @return array<int|string, string> */
    public function patterns(): array
    {
        $patterns = [];
        $offered = [MeteringPattern::Scene, MeteringPattern::Centre, MeteringPattern::Spot, MeteringPattern::Highlight];
        foreach ($offered as $pattern) {
            $patterns[$pattern->value] = $pattern->label();
        }

        return $patterns;
    }

    /** @return array<int|string, string> metres, closer together near by */
    public function focuses(): array
    {
        $positions = ['' => 'at the point'];
        for ($step = -12; $step <= 36; $step++) {
            $metres = round(10 ** ($step / 24), 2);
            if ($metres >= max(0.3, $this->lens()->closestFocus)) {
                $positions[(string) $metres] = $metres.' m';
            }
        }

        // Whole metres would be renumbered if these were spread.
        $positions += ['50' => '50 m', '1000' => 'infinity'];
        $held = $this->value('focus');

        return $held === '' ? $positions : $positions + [$held => $held.' m'];
    }

    /** @return array<int|string, string> */
    public function filters(): array
    {
        $positions = ['0' => 'none'];
        foreach ($this->outfits->kit->filters as $stops) {
            $positions[(string) $stops] = sprintf('%s stops', $stops);
        }

        return $positions;
    }

    public function hasFlash(): bool
    {
        return $this->scene->files->flashes !== [] && $this->outfits->kit->flash !== null;
    }

    /** @return array<int|string, string> */
    public function flashes(): array
    {
        return [
            '0' => 'off',
            '1' => 'full',
            '0.25' => 'a quarter',
            '0.0625' => 'a sixteenth',
            '0.015625' => 'a sixty-fourth',
        ];
    }

    /** @return array<string, string> where the flash can stand; one alone is no choice */
    public function flashPlaces(): array
    {
        return array_intersect_key(
            ['camera' => 'on the camera', 'right' => '45° to the right, and above'],
            $this->scene->files->flashes,
        );
    }

    /** @return array<int|string, string> lights that have a name, by their kelvin */
    public function balances(): array
    {
        return [
            '2850' => 'lamps',
            '4000' => 'cool lamps',
            '5500' => 'daylight',
            '6500' => 'cloud',
            '7500' => 'shade',
        ];
    }

    /** @return array<int|string, string> */
    public function supports(): array
    {
        $supports = [];
        foreach (Support::cases() as $support) {
            $supports[$support->value] = $support->label();
        }

        return $supports;
    }

    /** @return array<int|string, string> */
    public function focusings(): array
    {
        return ['single' => 'single', 'continuous' => 'continuous', 'manual' => 'by hand'];
    }

    /** @return array<int|string, string> seconds */
    public function timers(): array
    {
        return ['0' => 'at once', '2' => 'after 2 s', '10' => 'after 10 s'];
    }

    /** @return array<int|string, string> */
    public function drives(): array
    {
        $drives = [];
        foreach (ShutterRelease::cases() as $drive) {
            $drives[$drive->value] = $drive->label();
        }

        return $drives;
    }

    /** @return array<int|string, string> */
    public function steps(): array
    {
        return [self::thirds(1) => '⅓ stop', self::thirds(2) => '⅔ stop', '1' => '1 stop', '2' => '2 stops'];
    }

    /** A position of a dial as it is engraved. */
    public static function words(string $field, string $value): string
    {
        return match ($field) {
            'n' => (string) Aperture::of((float) $value),
            't' => (string) ExposureTime::parse($value),
            'iso' => (string) Iso::of((float) $value),
            default => $value,
        };
    }

    public static function thirds(int $thirds): string
    {
        return (string) round($thirds / 3, 4);
    }

    private function timeValue(ExposureTime $time): string
    {
        $nominal = $time->nominal();

        return $nominal < 0.3 ? '1/'.round(1 / $nominal) : (string) $nominal;
    }
}
