<?php

declare(strict_types=1);

namespace App\View\Presenters;

use TruePupil\Core\Capture\Provenance;

/** One line of the record table. */
final readonly class RecordRow
{
    public function __construct(
        public string $field,
        public string $label,
        public ?string $value,
        public ?Provenance $source,
        /** Whether the student can and should fill it in when the file has nothing. */
        public bool $asked = false,
    ) {
    }

    /** Whether the student is asked for it: the file has nothing, or what is there the student stated before. */
    public function isAsked(): bool
    {
        return $this->asked && ($this->source === null || $this->source === Provenance::Student);
    }
}
