<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings;

use TruePupil\Core\Adviser\Suggestion;

/** Something noticed about a frame, with its evidence. */
final readonly class Finding
{
    /**
     * @param  string  $sentence  for the student
     * @param  list<Evidence>  $evidence
     * @param  string  $source  where the limit comes from
     * @param  ?float  $confidence  0–1 where pixels decide; null where records and rules do
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
    ) {
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
            ...$this->confidence === null ? [] : ['confidence' => round($this->confidence, 2)],
        ];
    }
}
