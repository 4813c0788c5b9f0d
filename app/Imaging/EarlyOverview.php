<?php

declare(strict_types=1);

namespace App\Imaging;

use TruePupil\Core\Measures\Overview;
use TruePupil\Core\Measures\SmallMaps;

/** Works out what a picture in small says, while the rest of it is still being read, and keeps it until then. */
final class EarlyOverview
{
    /** Null as long as no picture in small has come. */
    public ?Overview $overview = null;

    public function __invoke(SmallMaps $maps): void
    {
        $this->overview = Overview::of($maps);
    }
}
