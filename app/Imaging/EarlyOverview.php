<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use TruePupil\Core\Measures\Overview;
use TruePupil\Core\Measures\SmallMaps;

/** Works out what a picture in small says, while the rest of it is still being read, and keeps it until then. */
final class EarlyOverview implements Meanwhile
{
    /** Null as long as no picture in small has come. */
    public ?Overview $overview = null;

    /** @param  ?Closure(): mixed  $before  what else can be done, until there is a picture in small */
    public function __construct(private readonly ?Closure $before = null)
    {
    }

    public function begun(): void
    {
        if ($this->before !== null) {
            ($this->before)();
        }
    }

    public function known(SmallMaps $maps): void
    {
        $this->overview = Overview::of($maps);
    }
}
