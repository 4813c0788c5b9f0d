<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use PHPUnit\Framework\TestCase;
use TruePupil\Core\Optics\Metres;

final class MetresTest extends TestCase
{
    public function test_distances_as_people_read_them(): void
    {
        $this->assertSame(
            ['the horizon', 'the horizon', '4.5 cm', '45 cm', '2.73 m', '10.5 m', '134 m'],
            array_map(Metres::text(...), [null, INF, 0.045, 0.45, 2.729, 10.467, 133.9]),
        );
    }
}
