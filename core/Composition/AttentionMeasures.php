<?php

declare(strict_types=1);

namespace TruePupil\Core\Composition;

/**
 * Where the eye goes in a picture.
 *
 * @phpstan-import-type AttentionPeak from CompositionMeasures
 */
final readonly class AttentionMeasures
{
    /**
     * @param  list<AttentionPeak>  $peaks
     * @param  array{x: float, y: float}  $balance
     * @param  ?float  $subjectShare  share of all attention that the subject holds, 0–1
     */
    public function __construct(public array $peaks, public array $balance, public ?float $subjectShare)
    {
    }
}
