<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks\Measures;

use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

final readonly class RecordFNumber extends Measure
{
    public const ID = 'record.fNumber';

    /** Stops from an aperture of the dial within which it is said as that one. */
    private const NEAR = 0.06;

    public function __construct()
    {
        parent::__construct(
            id: self::ID,
            label: 'aperture',
            meaning: 'as recorded',
            usual: new UsualDemand(Comparison::AtMost, 2.8, 0.343),
            sides: ['too wide open', 'stopped down too far'],
            needs: [Need::Settings],
        );
    }

    public function stopsInADoubling(): float
    {
        return 2.0;
    }

    public function engraved(float $limit): ?string
    {
        return $limit > 0 ? (string) Aperture::of($limit) : null;
    }

    public function orWord(Comparison $comparison): string
    {
        return $comparison === Comparison::AtLeast ? 'or narrower' : 'or wider';
    }

    /** As it stands on the dial, where it lies as good as there. */
    public function told(float $value): string
    {
        if ($value <= 0.0) {
            return parent::told($value);
        }
        $nearest = Aperture::nearest($value);

        return (string) (abs(2 * log($nearest->exact / $value, 2)) < self::NEAR ? $nearest : Aperture::of($value));
    }

    public function read(Situation $situation): ?float
    {
        return $situation->record->exposure->fNumber?->nominal();
    }
}
