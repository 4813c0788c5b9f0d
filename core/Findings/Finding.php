<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Composition\Region;

/** Something noticed about a frame, with its evidence. */
final readonly class Finding
{
    /**
     * @param  string  $sentence  for the student
     * @param  list<Evidence>  $evidence
     * @param  string  $source  where the limit comes from
     * @param  ?float  $confidence  0–1 where pixels decide; null where records and rules do
     * @param  ?Region  $patch  the part of the picture that it speaks of; null where that is all of it
     * @param  ?string  $otherView  one line naming the other school's view, when the approach decides
     */
    public function __construct(
        public string $id,
        public Topic $topic,
        public Severity $severity,
        public string $sentence,
        public array $evidence,
        public string $source,
        public ?Suggestion $suggestion = null,
        public ?string $otherView = null,
        public ?float $confidence = null,
        public ?Region $patch = null,
    ) {
    }

    /** What it weighs among others: its severity, times the harm of its topic, times how sure it is. */
    public function weight(): float
    {
        return $this->severity->weight() * $this->topic->harm() * ($this->confidence ?? 1.0);
    }

    /**
     * Where it stands in a list: by harm times confidence, praise last.
     *
     * @return array{bool, float, string} to be compared with those of others
     */
    public function order(): array
    {
        return [$this->severity === Severity::Praise, -$this->weight(), $this->id];
    }

    /** The same, of a part of the picture. */
    public function in(?Region $patch): self
    {
        return $this->copy($this->severity, $this->suggestion, $patch);
    }

    /** The same, without settings that would put it right. */
    public function withoutSuggestion(): self
    {
        return $this->copy($this->severity, null, $this->patch);
    }

    /** The same, as something that could be better: what is not sure is never called something to put right. */
    public function lessSevere(): self
    {
        return $this->copy(Severity::Weakness, $this->suggestion, $this->patch);
    }

    private function copy(Severity $severity, ?Suggestion $suggestion, ?Region $patch): self
    {
        return new self(
            $this->id,
            $this->topic,
            $severity,
            $this->sentence,
            $this->evidence,
            $this->source,
            $suggestion,
            $this->otherView,
            $this->confidence,
            $patch,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $evidence = [];
        foreach ($this->evidence as $item) {
            $evidence[$item->name] = $item->toArray();
        }

        return [
            'id' => $this->id,
            'topic' => $this->topic->value,
            'severity' => $this->severity->value,
            'sentence' => $this->sentence,
            'evidence' => $evidence,
            'source' => $this->source,
            'suggestion' => $this->suggestion?->toArray(),
            ...$this->otherView === null ? [] : ['otherView' => $this->otherView],
            ...$this->patch === null ? [] : ['patch' => $this->patch->toArray()],
            ...$this->confidence === null ? [] : ['confidence' => round($this->confidence, 2)],
        ];
    }
}
