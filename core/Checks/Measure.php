<?php

declare(strict_types=1);

namespace TruePupil\Core\Checks;

use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\UsualDemand;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\MeantTone;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Metering\MeteringPattern;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;
use TruePupil\Core\Sky\LightDirection;

/**
 * A measure of a check with how it is read. Each is one class in Measures/, named after its id ("tone.usedStops" is
 * ToneUsedStops), and found by that; what a met check silences is said by the rules.
 */
abstract readonly class Measure extends CheckMeasure
{
    /** What must be known before anything can be said of the marked subject alone. */
    private const OF_SUBJECT = [Need::Subject, Need::Placement, Need::FocusMap, Need::Raw];

    /**
     * @param  array{string, string}  $sides
     * @param  array<string, string>  $words
     * @param  list<Need>  $needs  what must be known for it, the most telling first
     */
    public function __construct(
        string $id,
        string $label,
        string $meaning,
        UsualDemand $usual,
        string $unit = '',
        array $sides = ['too little', 'too much'],
        bool $isAboutZero = false,
        array $words = [],
        public array $needs = [],
    ) {
        parent::__construct($id, $label, $meaning, $usual, $unit, $sides, $isAboutZero, $words);
    }

    /** What it is in a situation; null when it is not known. */
    abstract public function read(Situation $situation): float|string|null;

    /** Whether it was counted in the raw file, and not in its preview. */
    public function isOfRaw(Situation $situation): bool
    {
        return false;
    }

    /** Whether it follows from where the subject is, and from nothing else that is marked or said. */
    public function followsFromSubject(): bool
    {
        return ! $this->isOfSeries()
            && in_array(Need::Subject, $this->needs, true)
            && array_filter($this->needs, fn (Need $need): bool => ! in_array($need, self::OF_SUBJECT, true)) === [];
    }

    /**
     * @param  list<ExposureMode|MeteringPattern|Support|Idea|LightDirection|MeantTone>  $cases
     * @return array<string, string>
     */
    protected static function labels(array $cases): array
    {
        $labels = [];
        foreach ($cases as $case) {
            // What is not recorded cannot be told, and is no word to ask for.
            if ($case->value !== 'unknown') {
                $labels[$case->value] = $case->label();
            }
        }

        return $labels;
    }

    protected static function known(string $word): ?string
    {
        return $word === 'unknown' ? null : $word;
    }

    protected static function number(?int $count): ?float
    {
        return $count === null ? null : (float) $count;
    }
}
