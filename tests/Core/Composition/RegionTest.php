<?php

declare(strict_types=1);

namespace Tests\Core\Composition;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Composition\Region;

final class RegionTest extends TestCase
{
    public function test_it_grows_on_every_side_as_far_as_the_frame_goes(): void
    {
        $this->assertEqualsWithDelta(
            ['x' => 0.26, 'y' => 0.38, 'width' => 0.28, 'height' => 0.14],
            Region::of(0.3, 0.4, 0.2, 0.1)->grown(0.2)->toArray(),
            1e-9,
        );
        $this->assertEqualsWithDelta(
            ['x' => 0.0, 'y' => 0.5, 'width' => 0.45, 'height' => 0.5],
            Region::of(0.0, 0.58, 0.375, 0.4)->grown(0.2)->toArray(),
            1e-9,
        );
    }
}
