<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Frame;
use Illuminate\Support\Collection;

/** What is known of an attempt before it is opened. */
final readonly class AttemptFacts
{
    /**
     * @param  int  $frames  how many
     * @param  ?int  $frame  the first that can be shown
     * @param  string  $settings  of that one; empty where they are not known
     * @param  CheckVerdicts  $checks  the worst of several frames
     * @param  bool  $isShared  whether somebody else has handed in the same file
     * @param  bool  $hasLeft  whether its student has left the course
     */
    private function __construct(
        public int $frames,
        public ?int $frame,
        public string $settings,
        public CheckVerdicts $checks,
        public bool $isShared,
        public bool $hasLeft,
    ) {
    }

    /** @param  Collection<int, Frame>  $frames  of the attempt, in order */
    public static function of(Collection $frames, bool $isShared, bool $hasLeft): self
    {
        $shown = $frames->first(fn (Frame $frame): bool => $frame->width !== null);

        return new self(
            $frames->count(),
            $shown?->id,
            (string) $shown?->record()?->settings(),
            CheckVerdicts::of(array_values(array_map(
                fn (Frame $frame): array => $frame->checks ?? [],
                $frames->all(),
            ))),
            $isShared,
            $hasLeft,
        );
    }
}
