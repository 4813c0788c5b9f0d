<?php

declare(strict_types=1);

namespace TruePupil\Core\Bank;

/** How a bank lies on the body in use, in its owner's words. Empty where nothing is said. */
final readonly class BankBody
{
    /**
     * @param  string  $slot  custom slot
     * @param  string  $dial  what stands on the mode dial for its mode
     * @param  string  $profile  picture profile
     * @param  string  $buttons  what buttons do while it is in use
     * @param  string  $season  when this version of it is used
     */
    public function __construct(
        public string $slot = '',
        public string $dial = '',
        public string $profile = '',
        public string $buttons = '',
        public string $season = '',
    ) {
    }
}
