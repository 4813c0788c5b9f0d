<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

/** What kind of file a frame is. */
final readonly class FileKind
{
    /**
     * @param  ?string  $format  such as JPEG
     */
    public function __construct(public ?string $format = null, public ?string $colourSpace = null)
    {
    }
}
