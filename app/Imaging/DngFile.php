<?php

declare(strict_types=1);

namespace App\Imaging;

use InvalidArgumentException;
use TruePupil\Core\PracticeCamera\RawSensor;
use TruePupil\Core\PracticeCamera\WhiteBalance;

/**
 * A camera raw file in the open DNG form (version 1.4, of TIFF 6): a JPEG preview in the first directory, the mosaic of
 * the sensor's own values, red first, in one below it. Little endian, not packed.
 */
final readonly class DngFile
{
    private const BYTE = 1;

    private const ASCII = 2;

    private const SHORT = 3;

    private const LONG = 4;

    private const RATIONAL = 5;

    private const SIGNED_RATIONAL = 10;

    private const DOUBLE = 12;

    /** Of a rational number. */
    private const DENOMINATOR = 1_000_000;

    private const JPEG = 7;

    private const YCBCR = 6;

    private const MOSAIC = 32803;

    /** The illuminant D55, as EXIF numbers it. */
    private const D55 = 20;

    /**
     * @param  string  $values  16 bits each, row by row: red and green, then green and blue
     * @param  list<float>  $matrix  from CIE XYZ to the sensor's channels in daylight (D55), by rows
     * @param  array{float, float, float}  $neutral  what the channels make of a grey, the largest 1
     * @param  list<array{float, float}>  $noise
     *   by channel: variance is first × value + second, where black is 0 and white 1
     *
     * @throws InvalidArgumentException when values and size do not go together
     */
    private function __construct(
        private string $values,
        private int $width,
        private int $height,
        private int $black,
        private int $white,
        private array $matrix,
        private array $neutral,
        private array $noise,
        private string $camera,
        private string $preview,
    ) {
        if (strlen($values) !== 2 * $width * $height || $width % 2 !== 0 || $height % 2 !== 0) {
            throw new InvalidArgumentException('A mosaic has a value of 16 bits for each pixel, and even sides.');
        }
    }

    /**
     * Of the practice camera's sensor (RawSensor).
     *
     * @param  array{float, float}  $noise  variance is first × value + second, where black is 0 and full is 1
     *
     * @throws InvalidArgumentException when values and size do not go together
     */
    public static function ofPracticeCamera(
        string $values,
        int $width,
        int $height,
        WhiteBalance $balance,
        array $noise,
        string $camera,
        string $preview,
    ): self {
        return new self(
            $values,
            $width,
            $height,
            RawSensor::BLACK,
            RawSensor::WHITE,
            RawSensor::matrix(),
            RawSensor::neutral($balance),
            [$noise, $noise, $noise],
            $camera,
            $preview,
        );
    }

    public function bytes(): string
    {
        $size = getimagesizefromstring($this->preview);
        if ($size === false) {
            throw new InvalidArgumentException('The preview is no picture.');
        }
        // Both directories are as long whatever the offsets in them are.
        $previewAt = 8 + strlen($this->first(8, 0, 0, [$size[0], $size[1]]));
        $mosaicAt = $previewAt + strlen($this->preview) + strlen($this->preview) % 2;
        $secondAt = $mosaicAt + strlen($this->values);

        return pack('a2vV', 'II', 42, 8)
            .$this->first(8, $previewAt, $secondAt, [$size[0], $size[1]])
            .str_pad($this->preview, $mosaicAt - $previewAt, "\0")
            .$this->values
            .$this->second($secondAt, $mosaicAt);
    }

    /** @param  array{int, int}  $size */
    private function first(int $at, int $previewAt, int $secondAt, array $size): string
    {
        return self::directory($at, [
            254 => [self::LONG, [1]],
            256 => [self::LONG, [$size[0]]],
            257 => [self::LONG, [$size[1]]],
            258 => [self::SHORT, [8, 8, 8]],
            259 => [self::SHORT, [self::JPEG]],
            262 => [self::SHORT, [self::YCBCR]],
            273 => [self::LONG, [$previewAt]],
            274 => [self::SHORT, [1]],
            277 => [self::SHORT, [3]],
            278 => [self::LONG, [$size[1]]],
            279 => [self::LONG, [strlen($this->preview)]],
            284 => [self::SHORT, [1]],
            330 => [self::LONG, [$secondAt]],
            // Colour as fine as light, and its scale.
            530 => [self::SHORT, [1, 1]],
            532 => [self::RATIONAL, [0, 255, 128, 255, 128, 255]],
            50706 => [self::BYTE, [1, 4, 0, 0]],
            50707 => [self::BYTE, [1, 1, 0, 0]],
            50708 => [self::ASCII, [$this->camera."\0"]],
            50721 => [self::SIGNED_RATIONAL, $this->matrix],
            50728 => [self::RATIONAL, $this->neutral],
            50778 => [self::SHORT, [self::D55]],
        ]);
    }

    private function second(int $at, int $mosaicAt): string
    {
        return self::directory($at, [
            254 => [self::LONG, [0]],
            256 => [self::LONG, [$this->width]],
            257 => [self::LONG, [$this->height]],
            258 => [self::SHORT, [16]],
            259 => [self::SHORT, [1]],
            262 => [self::SHORT, [self::MOSAIC]],
            273 => [self::LONG, [$mosaicAt]],
            277 => [self::SHORT, [1]],
            278 => [self::LONG, [$this->height]],
            279 => [self::LONG, [strlen($this->values)]],
            284 => [self::SHORT, [1]],
            33421 => [self::SHORT, [2, 2]],
            33422 => [self::BYTE, [0, 1, 1, 2]],
            50714 => [self::SHORT, [$this->black]],
            50717 => [self::LONG, [$this->white]],
            51041 => [self::DOUBLE, array_merge(...$this->noise)],
        ]);
    }

    /**
     * A directory and, behind it, what does not fit into its entries.
     *
     * @param  array<int, array{int, list<int|float|string>}>  $entries  by tag, in their order
     */
    private static function directory(int $at, array $entries): string
    {
        $behind = $at + 2 + 12 * count($entries) + 4;
        [$listed, $rest] = ['', ''];
        foreach ($entries as $tag => [$type, $values]) {
            $bytes = self::packed($type, $values);
            $count = $type === self::ASCII ? strlen($bytes) : count($values);
            $listed .= pack('vvV', $tag, $type, $count);
            if (strlen($bytes) <= 4) {
                $listed .= str_pad($bytes, 4, "\0");
            } else {
                $listed .= pack('V', $behind + strlen($rest));
                $rest .= $bytes.(strlen($bytes) % 2 === 1 ? "\0" : '');
            }
        }

        return pack('v', count($entries)).$listed.pack('V', 0).$rest;
    }

    /** @param  list<int|float|string>  $values */
    private static function packed(int $type, array $values): string
    {
        return implode('', array_map(fn (int|float|string $value): string => match ($type) {
            self::BYTE => chr((int) $value),
            self::ASCII => (string) $value,
            self::SHORT => pack('v', $value),
            self::LONG => pack('V', $value),
            self::DOUBLE => pack('e', $value),
            // A negative number is in two's complement.
            default => pack('VV', (int) round((float) $value * self::DENOMINATOR), self::DENOMINATOR),
        }, $values));
    }
}
