<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

use TruePupil\Core\Kit\FocusMode;

/** What a bank sets apart from the exposure. */
final readonly class BankHandling
{
    /**
     * @param  ?string  $detection  what the focus looks for; null for a point that the person sets
     * @param  ?FocusArea  $area  null where nothing is said
     * @param  string  $whiteBalance  "automatic", or kelvin such as "5500 K"
     */
    public function __construct(
        public FocusMode $focus = FocusMode::Single,
        public ?string $detection = null,
        public string $drive = 'single',
        public string $whiteBalance = 'automatic',
        public ?bool $stabiliser = null,
        public bool $silent = false,
        public ?FocusArea $area = null,
    ) {
    }
}
