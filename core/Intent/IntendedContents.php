<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

/** What is in the picture that decides settings. */
final readonly class IntendedContents
{
    /**
     * @param  bool  $foliage  leaves or grass that the wind moves are in the picture
     * @param  bool  $stars  stars are to stay points
     * @param  float  $declination  of those stars, degrees
     * @param  bool  $sunStar  the sun, or lamps, are to become stars
     * @param  bool  $crossesLight  the subject passes from one light into another
     * @param  bool  $person  somebody is in the picture
     * @param  IntendedSubject  $about  what the picture is of, and how large
     */
    public function __construct(
        public bool $foliage = false,
        public bool $stars = false,
        public float $declination = 0.0,
        public bool $sunStar = false,
        public bool $crossesLight = false,
        public bool $person = false,
        public IntendedSubject $about = new IntendedSubject(),
    ) {
    }
}
