<?php

declare(strict_types=1);

namespace App\Briefs;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\Comparison;

/** What briefs ask of a measure, as examples for whoever composes another. */
final readonly class UsualLimits
{
    /** Of one measure, at most. */
    private const SHOWN = 2;

    /** @param  list<Brief>  $briefs */
    public function __construct(private array $briefs)
    {
    }

    /** @return list<string> "at most 1 %, close up to 1 % beyond (Read the histogram)" */
    public function of(?CheckMeasure $measure): array
    {
        $examples = [];
        foreach ($this->briefs as $brief) {
            foreach ($brief->checks as $check) {
                $words = $this->words($check);
                if ($check->measure->id === $measure?->id && ! isset($examples[$words])) {
                    $examples[$words] = $words.' ('.$brief->words->title.')';
                }
            }
        }

        return array_slice(array_values($examples), 0, self::SHOWN);
    }

    /** A limit to begin with. */
    public function example(?CheckMeasure $measure): string
    {
        $limit = $measure?->usual->limit;

        return is_float($limit) ? LimitText::write($measure, $limit) : '';
    }

    private function words(Check $check): string
    {
        if (is_array($check->limit)) {
            return $check->comparison->label().' '.implode(', ', array_map($check->measure->word(...), $check->limit));
        }
        $tolerance = LimitText::writeTolerance($check->measure, $check->comparison, $check->limit, $check->tolerance);
        $unit = $check->measure->unit;

        return trim(
            $check->comparison->label().
                ' '.
                LimitText::write($check->measure, $check->limit, $check->comparison === Comparison::Within).
                ($unit === '' || $unit === 's' ? '' : ' '.$unit).
                ($tolerance === ''
                    ? ''
                    : ', close up to '.$tolerance.' '.LimitText::toleranceUnit($check->measure).' beyond'),
        );
    }
}
