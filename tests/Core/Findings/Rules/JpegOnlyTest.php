<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Approach\Approach;
use TruePupil\Core\Approach\ApproachToLight;
use TruePupil\Core\Approach\Protects;
use TruePupil\Core\Findings\Rules\JpegOnly;
use TruePupil\Core\Intent\Intent;

final class JpegOnlyTest extends TestCase
{
    public function test_a_wide_scene_or_a_large_miss(): void
    {
        $this->assertStringContainsString(
            'spans more',
            (string) (new JpegOnly())->judge(Situations::make(file: 'JPEG', intent: new Intent(sceneStops: 11)))
                ?->sentence,
        );
        $this->assertStringContainsString(
            'off by more',
            (string) (new JpegOnly())->judge(Situations::make(file: 'JPEG', subject: -1.0, wanted: 1.0))?->sentence,
        );
    }

    public function test_where_it_is_enough_or_the_course_wants_it(): void
    {
        $this->assertNull((new JpegOnly())->judge(Situations::make(file: 'JPEG', subject: 1.0, wanted: 1.0)));
        $this->assertNull((new JpegOnly())->judge(Situations::make(file: 'DNG', subject: -1.0, wanted: 1.0)));
        $this->assertNull(
            (new JpegOnly())->judge(
                Situations::make(
                    file: 'JPEG',
                    subject: -1.0,
                    wanted: 1.0,
                    approach: new Approach(light: new ApproachToLight(protects: Protects::MidTones)),
                ),
            ),
        );
    }
}
