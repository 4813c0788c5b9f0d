<?php

declare(strict_types=1);

namespace App\Practice;

use Illuminate\Support\Facades\File;

/** The files of a scene. */
final readonly class SceneFiles
{
    /**
     * @param  list<string>  $plates  file names
     */
    public function __construct(public string $folder, public array $plates, public bool $hasFlash)
    {
    }
}
