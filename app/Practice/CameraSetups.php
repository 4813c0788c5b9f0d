<?php

declare(strict_types=1);

namespace App\Practice;

use Illuminate\Support\Facades\File;
use InvalidArgumentException;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Lens;

/** The bodies and lenses that the practice camera can be: one kit's. */
final readonly class CameraSetups
{
    /** What the practice camera is for somebody who has entered no kit. */
    public const ORDINARY = 'marlpit';

    public function __construct(public Kit $kit)
    {
    }

    public static function ofDemo(string $name = self::ORDINARY): self
    {
        return new self(
            KitFormat::read(Fields::of(File::json(base_path('demo/kilnyard/kits.json'), JSON_THROW_ON_ERROR)[$name])),
        );
    }

    /**
     * A lens by its name, at a focal length or else at the widest that a scene has room for.
     *
     * @throws InvalidArgumentException
     */
    public function with(string $lensName, ?float $focalLength = null, ?Scene $scene = null): CameraSetup
    {
        $lens =
            $this->kit->lensNamed($lensName) ??
            throw new InvalidArgumentException(
                sprintf(
                    'There is no lens "%s"; there are %s.',
                    $lensName,
                    implode(', ', array_map(fn (Lens $lens): string => $lens->name, $this->kit->lenses)),
                ),
            );

        return new CameraSetup(
            $this->kit->body,
            $lens,
            $focalLength ?? ($scene === null ? $lens->minFocal : $this->widest($lens, $scene)),
        );
    }

    /**
     * The lens for a scene: one that reaches the focal length asked for, or else sees as much of the scene as the plate
     * holds.
     *
     * @throws InvalidArgumentException when no lens of the kit suits
     */
    public function suiting(Scene $scene, ?float $focalLength = null): CameraSetup
    {
        [$shortest, $longest] = array_map(
            fn (float $focal): float => $focal / $this->kit->body->format->crop(),
            $scene->focalLengths35(),
        );
        $widest = null;
        foreach ($this->kit->lenses as $lens) {
            if ($focalLength !== null && $lens->covers($focalLength)) {
                return new CameraSetup($this->kit->body, $lens, $focalLength);
            }
            $fits = $this->widest($lens, $scene);
            if (
                $focalLength === null &&
                $fits >= 0.97 * $shortest &&
                $fits <= $longest &&
                ($widest === null || $fits < $widest->focalLength)
            ) {
                $widest = new CameraSetup($this->kit->body, $lens, $fits);
            }
        }
        if ($widest !== null) {
            return $widest;
        }
        throw new InvalidArgumentException(
            $focalLength === null
                ? sprintf(
                    'No lens of this kit shows "%s": it takes %s to %s mm on this body.',
                    $scene->words->title,
                    round($shortest),
                    round($longest),
                )
                : sprintf('No lens of this kit reaches %s mm.', $focalLength),
        );
    }

    /**
     * Lenses that show the scene at one of their focal lengths at least.
     *
     * @return list<Lens>
     */
    public function lensesFor(Scene $scene): array
    {
        [$shortest, $longest] = array_map(
            fn (float $focal): float => $focal / $this->kit->body->format->crop(),
            $scene->focalLengths35(),
        );

        return array_values(
            array_filter(
                $this->kit->lenses,
                fn (Lens $lens): bool => $lens->maxFocal >= 0.97 * $shortest && $lens->minFocal <= $longest,
            ),
        );
    }

    /** The widest that a lens goes without seeing beyond the plate, in mm. */
    private function widest(Lens $lens, Scene $scene): float
    {
        $shortest = $scene->focalLengths35()[0] / $this->kit->body->format->crop();
        $fits = max($lens->minFocal, min($lens->maxFocal, $shortest));

        return $fits > $lens->minFocal && $fits < $lens->maxFocal ? ceil($fits) : $fits;
    }
}
