<?php

declare(strict_types=1);

namespace TruePupil\Core\Drill;

use TruePupil\Core\PracticeCamera\SeededRandom;

/** Numbers that look drawn by lot but belong to a seed, so that a drill can be asked again. */
final class RandomChoice
{
    private int $count = 0;

    public function __construct(private readonly int $seed)
    {
    }

    /** A whole number, both ends included. */
    public function whole(int $least, int $most): int
    {
        $this->count++;

        return $least +
            (int) floor(SeededRandom::of('drill '.$this->seed.' '.$this->count) * ($most - $least + 1));
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    public function one(array $choices): mixed
    {
        return $choices[$this->whole(0, count($choices) - 1)];
    }

    /** Either sign of a number from least to most. */
    public function either(int $least, int $most): int
    {
        return $this->whole($least, $most) * ($this->whole(0, 1) === 0 ? -1 : 1);
    }
}
