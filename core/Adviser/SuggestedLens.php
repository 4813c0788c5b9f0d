<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** The lens that is suggested, and where it is focused. */
final readonly class SuggestedLens
{
    /**
     * @param  ?float  $widestFNumber  of that lens at that focal length
     * @param  ?float  $focusDistance  m
     */
    public function __construct(
        public ?string $name,
        public ?float $focalLength,
        public ?float $widestFNumber = null,
        public ?float $focusDistance = null,
    ) {
    }
}
