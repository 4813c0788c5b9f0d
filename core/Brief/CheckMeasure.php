<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Exposure\Stops;

/**
 * What a check can look at, as a brief and its reader know it: its name, unit, words and usual demand. How it is read
 * of a frame is said by its class in core/Checks/Measures.
 */
abstract readonly class CheckMeasure
{
    /**
     * @param  string  $id  "group.name", as brief files have it
     * @param  string  $label  its name within a sentence
     * @param  string  $meaning  what exactly is measured, for docs/formats/brief.md
     * @param  UsualDemand  $usual  to begin with, where somebody asks for it first
     * @param  string  $unit  "stops", "%", "s", "mm", "min", "K", "°" or "" for a bare number and for words
     * @param  array{string, string}  $sides  what lies on either side of a limit of it: below, above
     * @param  bool  $isAboutZero  whether it goes to both sides of zero, so that it can lie within a distance of it
     * @param  array<string, string>  $words  the words that it can be, each in full; none where it is a number
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $meaning,
        public UsualDemand $usual,
        public string $unit = '',
        public array $sides = ['too little', 'too much'],
        public bool $isAboutZero = false,
        public array $words = [],
    ) {
    }

    /** Whether it is said of a row of frames, and not of one. */
    public function isOfSeries(): bool
    {
        return str_starts_with($this->id, 'series.');
    }

    /** A value in words where it is a word. */
    public function word(string $value): string
    {
        return $this->words[$value] ?? $value;
    }

    /** @return list<Comparison> those that make sense */
    public function comparisons(): array
    {
        return match (true) {
            $this->words !== [] => [Comparison::OneOf, Comparison::NoneOf],
            $this->isAboutZero => Comparison::ofNumbers(),
            $this->levels() !== [] => [Comparison::AtMost, Comparison::AtLeast],
            default => [Comparison::AtMost, Comparison::AtLeast, Comparison::Between],
        };
    }

    /** Stops of light in a doubling of the value, where its distances are told in stops; null elsewhere. */
    public function stopsInADoubling(): ?float
    {
        return null;
    }

    /** What lies on the allowed side of a limit: "or less". */
    public function orWord(Comparison $comparison): string
    {
        return $comparison === Comparison::AtLeast ? 'or more' : 'or less';
    }

    /**
     * Limits that one chooses by a word, where its numbers say nothing to people.
     *
     * @return array<string, float> by word; none where the numbers are known ones
     */
    public function levels(): array
    {
        return [];
    }

    /** A number of it as one says it, with its unit. */
    public function told(float $value): string
    {
        $number = preg_replace('/\.0$/', '', sprintf('%.'.(abs($value) < 10 ? 1 : 0).'F', $value)) ?? '';
        $number = $number === '-0' ? '0' : str_replace('-', '−', $number);

        return $this->engraved($value) ?? match ($this->unit) {
            '' => $number,
            '°' => $number.'°',
            'stops' => $this->sign($value).Stops::of($value)->inWords(),
            default => $number.' '.$this->unit,
        };
    }

    private function sign(float $stops): string
    {
        return match (true) {
            Stops::of($stops)->amount() === '0' => '',
            $stops < 0 => '−',
            default => $this->isAboutZero ? '+' : '',
        };
    }

    /** A limit as it is engraved on a dial; null where no dial has it. */
    public function engraved(float $limit): ?string
    {
        return null;
    }

    /** The exact value behind a limit that was typed as it is engraved. */
    public function exact(float $limit): float
    {
        return $limit;
    }
}
