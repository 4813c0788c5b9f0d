<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Checks\Measures;

/** Values and limits of measures as one says them. */
final class MeasureWordsTest extends TestCase
{
    #[DataProvider('values')]
    public function test_a_value_is_told_as_one_says_it(string $measure, float $value, string $told, string $or): void
    {
        $this->assertSame($told, Measures::of($measure)->told($value));
        $this->assertSame($or, Measures::of($measure)->orWord(Comparison::AtLeast));
    }

    /** @return iterable<string, array{string, float, string, string}> */
    public static function values(): iterable
    {
        yield 'aperture' => ['record.fNumber', 2.8, 'ƒ/2.8', 'or narrower'];
        yield 'time' => ['record.exposureTime', 1 / 125, '1/125 s', 'or longer'];
        yield 'ISO' => ['record.iso', 400.0, 'ISO 400', 'or higher'];
        yield 'lens' => ['record.focalLength35', 70.0, '70 mm', 'or longer'];
        yield 'placement' => ['subject.placementError', -4 / 3, '−1⅓ stops', 'or more'];
        yield 'placement above' => ['subject.placementError', 1 / 3, '+⅓ stop', 'or more'];
        yield 'range' => ['subject.usedStops', 3.5, '3½ stops', 'or more'];
        yield 'share' => ['subject.lostHighlightsPct', 0.55, '0.6 %', 'or more'];
        yield 'a large share' => ['subject.sharePct', 34.4, '34 %', 'or more'];
        yield 'tilt' => ['composition.tiltDeg', -1.26, '−1.3°', 'or more'];
        yield 'count' => ['series.frames', 3.0, '3', 'or more'];
        yield 'sharp' => ['focus.eyeSharpness', 0.53, 'clearly sharp (53 %)', 'or sharper'];
        yield 'fairly' => ['focus.eyeSharpness', 0.42, 'fairly sharp (42 %)', 'or sharper'];
        yield 'nearly' => ['focus.subjectSharpness', 0.33, 'a little soft (33 %)', 'or sharper'];
        yield 'soft' => ['focus.subjectSharpness', 0.31, 'soft (31 %)', 'or sharper'];
        yield 'beside' => ['focus.eyeRatio', 0.854, '85 % of it', 'or more'];
    }
}
