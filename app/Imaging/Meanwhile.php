<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Measures\SmallMaps;

/** What can be done here while the pixel program reads a picture. */
interface Meanwhile
{
    /** As soon as it has begun. */
    public function begun(): void;

    /** As soon as the picture is known in small, while its pixels are still being counted. */
    public function known(SmallMaps $maps): void;
}
