<?php

declare(strict_types=1);

namespace Tests\Core\Findings\Rules;

use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Findings\Rules\WideColourSpace;

final class WideColourSpaceTest extends TestCase
{
    public function test_a_wide_space_is_named(): void
    {
        $this->assertStringContainsString(
            'Wide Gamut',
            (string) (new WideColourSpace())->judge(Situations::make(file: 'JPEG', colourSpace: 'Wide Gamut RGB'))
                ?->sentence,
        );
    }

    public function test_srgb_by_any_of_its_names_or_none(): void
    {
        foreach (['sRGB', 'sRGB IEC61966-2.1', 'IEC 61966-2-1 Default RGB Colour Space', null] as $space) {
            $this->assertNull((new WideColourSpace())->judge(Situations::make(file: 'JPEG', colourSpace: $space)));
        }
        $this->assertNull(
            (new WideColourSpace())->judge(Situations::make(file: 'TIFF', colourSpace: 'Wide Gamut RGB')),
        );
    }
}
