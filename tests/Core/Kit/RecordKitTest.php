<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Capture\RecordedKit;

final class RecordKitTest extends TestCase
{
    public function test_a_lens_is_not_promised_to_open_further_than_it_was_seen_to(): void
    {
        $lens = RecordedKit::of(Situations::make(n: 5.6, widest: null)->record)?->lenses[0];
        $known = RecordedKit::of(Situations::make(n: 5.6, widest: 1.8)->record)?->lenses[0];

        $this->assertSame([5.6, 22.0], [$lens?->widestAtMin, $lens?->smallest]);
        $this->assertSame(1.8, $known?->widestAtMin);
    }

    public function test_too_little_recorded_is_no_kit(): void
    {
        $this->assertNull(RecordedKit::of(Situations::make(focalLength: null)->record));
    }
}
