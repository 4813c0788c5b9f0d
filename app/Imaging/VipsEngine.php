<?php

declare(strict_types=1);

namespace App\Imaging;

use App\Imaging\Vips\PixelProgram;
use Illuminate\Support\Facades\Log;
use JsonException;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Focus\DetailMap;
use TruePupil\Core\Focus\EdgeEnergy;
use TruePupil\Core\Measures\FaceReading;
use TruePupil\Core\Measures\PixelReading;
use TruePupil\Core\Measures\PixelSight;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\Raster\ColourGrid;
use TruePupil\Core\Tone\EndAreas;
use TruePupil\Core\Tone\Histogram;
use TruePupil\Core\Tone\PixelStatistics;

/**
 * Pixels through libvips, in the pixel program: a process of its own with a time limit, so that a hostile file can take
 * nothing else down with it.
 *
 * @phpstan-import-type Counts from PixelProgram
 */
final readonly class VipsEngine implements PixelEngine
{
    /** What the JPEG decoder says of a file whose middle is missing; it fills the rest with grey and goes on. */
    private const MISSING_DATA = '/premature end of (data|JPEG)[^\n]*/i';

    /** Room for a decoded picture of the largest size taken, twice over; a bomb that wants more ends there. */
    public const ADDRESS_SPACE = 6_000_000_000;

    public function __construct(
        private OutsideProgram $php,
        private PreviewExtractor $previews,
        private int $megapixels,
    ) {
    }

    public function workingCopy(string $source, string $target, int $side): void
    {
        $this->run($source, ['working' => $target, 'side' => $side]);
    }

    public function sight(string $source, ?string $target, int $side): PixelSight
    {
        [$answer] = $this->run($source, ['detail' => true, 'side' => $side, 'working' => $target]);

        return new PixelSight(self::colours($answer['colours']), self::detail($answer['detail']));
    }

    public function read(string $source, array $regions = [], ?array $eye = null): PixelReading
    {
        [$answer, $isPreview] = $this->run($source, [
            'counts' => true,
            'detail' => true,
            'regions' => array_map(fn (Region $region): array => $region->toArray(), $regions),
            'eye' => $eye,
        ]);
        [$light, $colours] = [$answer['light'], $answer['colours']];

        return new PixelReading(
            $answer['width'],
            $answer['height'],
            array_values(array_map($this->statistics(...), $answer['counts'])),
            LuminanceGrid::of($light['columns'], $light['rows'], $light['cells']),
            self::colours($colours),
            self::detail($answer['detail']),
            $isPreview,
            $answer['ends'] === null
                ? null
                : EndAreas::ofBytes(
                    $answer['ends']['columns'],
                    $answer['ends']['rows'],
                    (string) base64_decode($answer['ends']['lost'], true),
                    (string) base64_decode($answer['ends']['blocked'], true),
                ),
            $answer['face'] === null
                ? null
                : new FaceReading(self::detail($answer['face']['detail']), self::colours($answer['face']['colours'])),
        );
    }

    /** @param  array{columns: int, rows: int, bytes: string}  $colours */
    private static function colours(array $colours): ColourGrid
    {
        return ColourGrid::ofBytes(
            $colours['columns'],
            $colours['rows'],
            (string) base64_decode($colours['bytes'], true),
        );
    }

    /** @param  array{columns: int, rows: int, fine: string, blurred: string}  $detail */
    private static function detail(array $detail): DetailMap
    {
        $energy = fn (string $bytes): EdgeEnergy => EdgeEnergy::ofBytes((string) base64_decode($bytes, true));

        return new DetailMap(
            $detail['columns'],
            $detail['rows'],
            $energy($detail['fine']),
            $energy($detail['blurred']),
        );
    }

    /** What a library says is for whoever looks after the installation. */
    private static function unreadable(string $why): UnreadablePicture
    {
        Log::info('Pixels could not be read', ['why' => $why]);

        return UnreadablePicture::broken('its pixels cannot be read');
    }

    /** @param  Counts  $counts */
    private function statistics(array $counts): PixelStatistics
    {
        return new PixelStatistics(
            Histogram::of($counts['luminance']),
            Histogram::of($counts['r']),
            Histogram::of($counts['g']),
            Histogram::of($counts['b']),
            $counts['lost'],
            $counts['blocked'],
        );
    }

    /**
     * @param  array<string, mixed>  $task
     * @return array{array<string, mixed>, bool} the answer, and whether it is of a preview only
     *
     * @throws UnreadablePicture
     */
    private function run(string $source, array $task): array
    {
        return $this->previews->decodable(
            $source,
            fn (string $path, bool $isPreview): array => [$this->decode($path, $task), $isPreview],
        );
    }

    /**
     * @param  array<string, mixed>  $task
     * @return array<string, mixed>
     *
     * @throws UnreadablePicture
     */
    private function decode(string $source, array $task): array
    {
        try {
            $target = $task['working'] ?? null;
            if (is_string($target)) {
                // The one file that it may write to has to be there.
                touch($target);
            }
            $output = $this->php->run(
                [
                    '-d',
                    'ffi.enable=1',
                    '-d',
                    'memory_limit=256M',
                    '-d',
                    'display_errors=stderr',
                    __DIR__.'/Vips/pixels.php',
                ],
                self::MISSING_DATA,
                json_encode(
                    ['source' => $source, 'megapixels' => $this->megapixels] + $task,
                    JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
                ),
                [$source, __DIR__.'/Vips'],
                is_string($target) ? [$target] : [],
            );

            return json_decode($output, true, flags: JSON_THROW_ON_ERROR);
        } catch (OutsideProgramFailed $failure) {
            $why = $failure->getMessage();
            if (preg_match('/too large: (\d+) × (\d+)/u', $why, $size) === 1) {
                throw UnreadablePicture::tooLarge((int) $size[1], (int) $size[2], $this->megapixels);
            }
            if (preg_match('/operation is blocked|not a known (file|buffer) format/i', $why) === 1) {
                throw UnreadablePicture::notAPicture(mime_content_type($source) ?: 'something unknown');
            }
            throw preg_match('/truncat|premature end|VipsJpeg|unexpected end/i', $why) === 1
                ? UnreadablePicture::truncated()
                : self::unreadable($why);
        } catch (JsonException) {
            throw UnreadablePicture::broken('its pixels cannot be read');
        }
    }
}
