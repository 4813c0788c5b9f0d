<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use PHPUnit\Framework\TestCase;
use Tests\Core\Parts;
use Tests\Core\Situations;
use TruePupil\Core\Capture\LensRange;
use TruePupil\Core\Capture\RecordedKit;
use TruePupil\Core\Capture\SmallestAperture;

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

    public function test_it_is_filled_as_the_lens_s_description_has_it(): void
    {
        $record = Parts::changed(
            Situations::make(n: 5.6, focalLength: 107, widest: 5.0)->record,
            focalLength35: 160,
            range: LensRange::of(18, 200, 3.5, 5.6),
        );
        $kit = RecordedKit::of($record);

        $this->assertSame([18.0, 200.0], [$kit?->lenses[0]->minFocal, $kit?->lenses[0]->maxFocal]);
        $this->assertSame([3.5, 5.6], [$kit?->lenses[0]->widestAtMin, $kit?->lenses[0]->widestAtMax]);
        // 160/107 is a rounded 1.53: the format has a name.
        $this->assertSame([23.5, 15.6], [$kit?->body->format->width, $kit?->body->format->height]);
    }

    public function test_a_format_that_nothing_is_near_to_stays_as_it_is(): void
    {
        $record = Parts::changed(Situations::make(focalLength: 4.0)->record, focalLength35: 26);

        $this->assertEqualsWithDelta(6.5, RecordedKit::of($record)?->body->format->crop(), 0.01);
    }

    public function test_a_phone_has_one_aperture_and_a_compact_closes_to_nobody_knows_what(): void
    {
        $smallest = fn (float $focalLength, float $focalLength35): ?float => SmallestAperture::of(
            Parts::changed(
                Situations::make(n: 1.8, focalLength: $focalLength)->record,
                focalLength35: $focalLength35,
            ),
        );

        $this->assertEqualsWithDelta(1.8, $smallest(4.2, 26), 0.01, 'a phone');
        $this->assertNull($smallest(10.0, 27), 'a compact');
        $this->assertSame(22.0, $smallest(25, 50), 'a lens that comes off');
    }
}
