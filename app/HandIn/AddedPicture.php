<?php

declare(strict_types=1);

namespace App\HandIn;

use App\Models\Frame;

/** What came of adding a picture to an attempt. */
final readonly class AddedPicture
{
    /** @param  ?int  $handedInBefore  number of an earlier attempt that has this very file */
    public function __construct(public Frame $frame, public bool $isNew, public ?int $handedInBefore)
    {
    }

    /** What the student should know about it; null where there is nothing. */
    public function notice(): ?string
    {
        return match (true) {
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
