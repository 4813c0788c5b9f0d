<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Frame;

/** What came of adding a picture to an attempt. */
final readonly class AddedPicture
{
    /**
     * @param  ?int  $handedInBefore  number of an earlier attempt that has this very file
     * @param  bool  $isPair  whether it is the raw file of a JPEG that was there, or the JPEG of a raw file
     */
    public function __construct(
        public Frame $frame,
        public bool $isNew,
        public ?int $handedInBefore,
        public bool $isPair = false,
    ) {
    }

    /** What the student should know about it; null where there is nothing. */
    public function notice(): ?string
    {
        return match (true) {
            $this->isPair => sprintf(
                'A raw file and its JPEG are one frame: "%s" is kept, which shows the same picture and holds more.',
                $this->frame->original_name,
            ),
            ! $this->isNew => 'This file is in the attempt already; it was not added twice.',
            $this->handedInBefore !== null => sprintf(
                'You handed this very file in with attempt %d. It is taken, but the comparison with that attempt will '.
                    'find nothing new.',
                $this->handedInBefore,
            ),
            default => null,
        };
    }
}
