<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\PlaceName;

final class PlaceNameTest extends TestCase
{
    public function test_corners_sides_and_the_centre(): void
    {
        $this->assertSame('upper left', PlaceName::of(0.1, 0.1));
        $this->assertSame('middle right', PlaceName::of(0.9, 0.5));
        $this->assertSame('lower centre', PlaceName::of(0.5, 0.95));
        $this->assertSame('centre', PlaceName::of(0.5, 0.5));
    }
}
