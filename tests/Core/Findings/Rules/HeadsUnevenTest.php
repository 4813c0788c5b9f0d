<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\SeenPeople;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Rules\HeadsUneven;
use TruePupil\Core\Seen\SeenFace;

final class HeadsUnevenTest extends TestCase
{
    public function test_one_head_that_stands_alone_is_asked_about(): void
    {
        $this->assertStringContainsString('below', (string) $this->judge([0.2, 0.2, 0.52])?->sentence);
        $this->assertStringContainsString('above', (string) $this->judge([0.1, 0.42, 0.42])?->sentence);
        $this->assertNull($this->judge([0.2, 0.2, 0.49]));
        $this->assertNull($this->judge([0.2, 0.52]), 'two are no group');
        $this->assertNull($this->judge([0.05, 0.05, 0.4, 0.8]), 'they stand all over');
        $this->assertNull($this->judge([0.2, 0.2, 0.6, 0.6]), 'they stand in two rows');
    }

    /** @param  list<float>  $heights */
    private function judge(array $heights): ?Finding
    {
        $faces = array_map(
            fn (int $at): SeenFace => SeenPeople::face(x: 0.2 * $at, y: $heights[$at]),
            array_keys($heights),
        );

        return (new HeadsUneven())->judge(Situations::make(people: SeenPeople::faces($faces)));
    }
}
