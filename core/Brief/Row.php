<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Series\SeriesKind;

/** Frames of a brief that belong together and are judged as one: a bracket, or a set in which one value moves. */
final readonly class Row
{
    /** The id of a brief's only row. */
    public const ONLY = 'row';

    /**
     * @param  string  $id  unique within the brief
     * @param  int  $frames  how many frames it wants
     */
    public function __construct(public string $id, public string $label, public SeriesKind $kind, public int $frames)
    {
    }
}
