<?php

declare(strict_types=1);

namespace App\HandIn;

use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Seen\Seen;

/** What a student says of a frame: its marks, what it was meant to show, and what the record lacks. */
final readonly class PreparedFrame
{
    /** @param  list<Mark>  $marks  beside the subject */
    public function __construct(
        public ?Region $subject,
        public array $marks = [],
        public StatedFields $stated = new StatedFields(),
        public Intent $intent = new Intent(),
        public ?string $placementId = null,
        public ?string $about = null,
        public ?string $reason = null,
        public ?Seen $seen = null,
    ) {
    }

    /** For another frame of its row, in which other things were found. */
    public function withStated(StatedFields $stated, ?Seen $seen): self
    {
        return new self(
            $this->subject,
            $this->marks,
            $stated,
            $this->intent,
            $this->placementId,
            $this->about,
            $this->reason,
            $seen,
        );
    }

    /** @return array<string, mixed> by column of the frame */
    public function toColumns(): array
    {
        return [
            'subject' => $this->subject,
            'marks' => $this->marks,
            'stated' => $this->stated,
            'intent' => $this->intent,
            'placement_id' => $this->placementId,
            'about' => $this->about,
            'reason' => $this->reason,
            'seen' => $this->seen,
        ];
    }
}
