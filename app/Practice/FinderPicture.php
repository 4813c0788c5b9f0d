<?php

declare(strict_types=1);

namespace App\Practice;

use App\Imaging\Vips\PixelProgram;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;
use TruePupil\Core\Tone\ToneMeasures;

/** The live picture, with what its pixels come to. */
final readonly class FinderPicture
{
    private const QUALITY = 82;

    /** Columns of what is counted. */
    private const COUNTED = 320;

    private function __construct(public string $jpeg, public ToneMeasures $tones, public ?EndAreas $ends)
    {
    }

    /** A JPEG of what the magnifier shows, so many times as large. */
    public static function magnified(SceneRenderer $renderer, Rendering $rendering, float $times): string
    {
        return $renderer
            ->picture($rendering->magnified($times), RenderQuality::magnified())
            ->jpeg(self::QUALITY);
    }

    public static function of(SceneRenderer $renderer, PixelProgram $pixels, Rendering $rendering): self
    {
        $picture = $renderer->picture($rendering, RenderQuality::finder())->kept();
        // So many pixels tell as much as all, and a mean of neighbours would hide what is lost.
        ['counts' => $counts, 'ends' => $ends] = $pixels->glance(
            $picture->resized(self::COUNTED, intdiv(self::COUNTED * 2, 3), false)->kept()->picture,
        );

        return new self(
            $picture->jpeg(self::QUALITY),
            ToneMeasures::from(
                new PixelStatistics(
                    Histogram::of($counts['luminance']),
                    Histogram::of($counts['r']),
                    Histogram::of($counts['g']),
                    Histogram::of($counts['b']),
                    $counts['lost'],
                    $counts['blocked'],
                ),
            ),
            $ends === null
                ? null
                : EndAreas::ofBytes(
                    $ends['columns'],
                    $ends['rows'],
                    $ends['lost'],
                    $ends['blocked'],
                ),
        );
    }

    public function dataUri(): string
    {
        return 'data:image/jpeg;base64,'.base64_encode($this->jpeg);
    }
}
