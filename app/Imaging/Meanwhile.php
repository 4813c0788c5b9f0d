<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Measures\SmallMaps;

/** What can be done here while the pixel program reads a picture. */
interface Meanwhile
{
    /** As soon as it has begun. */
    public function begun(): void;

    /** As soon as light and colours of the picture are known in small, while its edges are looked for. */
    public function known(SmallMaps $maps): void;

    /** As soon as its edges are known too, while its pixels are still being counted. */
    public function focused(DetailMap $detail): void;
}
