<?php

declare(strict_types=1);

namespace App\PracticeCamera;

use Illuminate\Support\Facades\File;
use InvalidArgumentException;
use TruePupil\Core\Format\Fields;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\KitFormat;

/** The bodies and lenses that the practice camera can be: one kit's. */
final readonly class Outfits
{
    /** What the practice camera is for somebody who has entered no kit. */
    public const ORDINARY = 'marlpit';

    public function __construct(public Kit $kit)
    {
    }

    public static function ofDemo(string $name = self::ORDINARY): self
    {
        return new self(KitFormat::read(Fields::of(File::json(base_path('demo/kilnyard/kits.json'), JSON_THROW_ON_ERROR)[$name])));
    }

    /** @throws InvalidArgumentException */
    public function with(string $lensName, ?float $focalLength = null): Outfit
    {
        foreach ($this->kit->lenses as $lens) {
            if ($lens->name === $lensName) {
                return new Outfit($this->kit->body, $lens, $focalLength ?? $lens->minFocal);
            }
        }
        throw new InvalidArgumentException(sprintf('There is no lens "%s"; there are %s.', $lensName, implode(', ', array_map(fn ($lens): string => $lens->name, $this->kit->lenses))));
    }
}
