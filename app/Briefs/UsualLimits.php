<?php

declare(strict_types=1);

namespace App\Briefs;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Brief\PlainSentence;

/** What briefs ask of a measure, as examples for whoever composes another. */
final readonly class UsualLimits
{
    /** Of one measure, at most. */
    private const SHOWN = 2;

    /** @param  list<Brief>  $briefs */
    public function __construct(private array $briefs)
    {
    }

    /** @return list<string> "1 % or less; 2 % is close (Read the histogram)" */
    public function of(?CheckMeasure $measure): array
    {
        $examples = [];
        foreach ($this->briefs as $brief) {
            foreach ($brief->checks as $check) {
                $words = PlainSentence::asked($check);
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
}
