<?php

declare(strict_types=1);

namespace App\Courses;

use App\Wording\CheckNumber;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Checks\Verdict;

/** One frame on the contact sheet of a brief. */
final readonly class SetFrame
{
    /**
     * @param  ?int  $place  among the frames of its attempt, from 1; null where it is the only one
     * @param  bool  $canBeShown  whether its picture has been read
     * @param  array<string, array<string, mixed>>  $checks  as they are stored, by id
     * @param  array<string, Comparison>  $comparisons  how each compares, by id
     * @param  int  $said  own notes on it
     */
    public function __construct(
        public int $id,
        public ?int $place,
        public bool $canBeShown,
        public string $settings,
        public array $checks,
        private array $comparisons,
        public int $said,
        public WaitingAttempt $attempt,
    ) {
    }

    /** What a check came to; null where it was not asked of this frame. */
    public function number(string $check): ?CheckNumber
    {
        return isset($this->checks[$check])
            ? CheckNumber::of($this->checks[$check], $this->comparisons[$check] ?? null)
            : null;
    }

    public function verdict(string $check): Verdict
    {
        return $this->number($check)->verdict ?? Verdict::Unknown;
    }

    /** Its own checks, as cells are drawn of them. */
    public function verdicts(): CheckVerdicts
    {
        return CheckVerdicts::of([$this->checks]);
    }

    /** Whose it is, and which of several: "Ilse Tamberlin · 2". */
    public function name(): string
    {
        return $this->attempt->student.($this->place === null ? '' : ' · '.$this->place);
    }
}
