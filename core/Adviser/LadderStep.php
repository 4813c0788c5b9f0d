<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

/** One step on the way to settings: what was asked, and what it left over. */
final readonly class LadderStep
{
    public function __construct(public string $step, public string $leaves)
    {
    }

    /** @return array{step: string, leaves: string} */
    public function toArray(): array
    {
        return ['step' => $this->step, 'leaves' => $this->leaves];
    }
}
