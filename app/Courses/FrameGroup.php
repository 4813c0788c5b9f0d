<?php

declare(strict_types=1);

namespace App\Courses;

/** Frames that came out alike, or belong to one student. */
final readonly class FrameGroup
{
    /**
     * @param  string  $title  "Too dark"; empty where all are in one
     * @param  bool  $isOff  whether they missed what they are grouped by, or nearly met it
     * @param  non-empty-list<SetFrame>  $frames
     */
    public function __construct(public string $title, public bool $isOff, public array $frames)
    {
    }
}
