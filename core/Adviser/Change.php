<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use Closure;

/** One thing that could be otherwise: something borrowed, a step nearer, a wish let go. */
final readonly class Change
{
    /**
     * @param  string  $what  stable name, such as "tripod" or "filter"
     * @param  string  $with  what is said before the settings that it leads to, such as "with a tripod"
     * @param  Closure(AdviceRequest): AdviceRequest  $apply
     */
    public function __construct(
        public string $what,
        public float $amount,
        public string $unit,
        public string $with,
        public Closure $apply,
    ) {
    }
}
