<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Measures\FirstLook;
use TruePupil\Core\Measures\Overview;
use TruePupil\Core\Measures\SmallMaps;

/** Works out what a picture in small says, while the rest of it is still being read, and keeps it until then. */
final class EarlyOverview implements Meanwhile
{
    /** Null as long as the picture is not known in small, edges and all. */
    public ?Overview $overview = null;

    private ?FirstLook $first = null;

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
        $this->first = FirstLook::of($maps);
    }

    public function focused(DetailMap $detail): void
    {
        $this->overview = $this->first === null ? null : Overview::of($this->first, $detail);
    }
}
