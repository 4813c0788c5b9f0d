<?php

declare(strict_types=1);

namespace App\Input;

use InvalidArgumentException;
use TruePupil\Core\Composition\Pointing;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Stored\PointingCodec;

/** What was drawn on a picture to point at something, as a form sends it. */
final class PointingInput
{
    /** @throws InvalidArgumentException|InvalidFields where nothing can be drawn of it */
    public static function read(?string $typed): ?Pointing
    {
        return $typed === null || $typed === ''
            ? null
            : (new PointingCodec())->decode(Fields::parse($typed)->toArray());
    }
}
