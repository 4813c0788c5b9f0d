<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

use Closure;
use FFI\CData;

/** A picture held by libvips; its memory goes with this object. */
final class Picture
{
    /** @param  Closure(CData): void  $release */
    public function __construct(public readonly CData $image, private readonly Closure $release)
    {
    }

    public function __destruct()
    {
        ($this->release)($this->image);
    }
}
