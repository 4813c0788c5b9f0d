<?php

declare(strict_types=1);

namespace TruePupil\Core\Exposure;

/** One entry of a light ledger: positive stops are given, negative ones taken. */
final readonly class LedgerLine
{
    public function __construct(
        public string $id,
        public string $label,
        /** The setting as a person reads it. */
        public string $setting,
        public Stops $stops,
        /** Noted beside the account, not counted in it. */
        public bool $memorandum = false,
    ) {
    }
}
