<?php

declare(strict_types=1);

namespace App\Practice;

/** What is said of a scene. */
final readonly class SceneWords
{
    public function __construct(public string $title, public string $purpose, public string $caution)
    {
    }
}
