<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

use FFI;
use FFI\CData;
use RuntimeException;

/**
 * The functions of LibRaw that the raw program uses, through PHP's foreign function interface: a camera raw file's own
 * values, without their black level, each in the channel of its filter.
 */
final class LibRaw
{
    /** As Debian 12 and 13 have it. */
    private const LIBRARIES = ['libraw.so.20', 'libraw.so.23'];

    private const DECLARATIONS = '
        void *libraw_init(unsigned int flags);
        int libraw_open_file(void *raw, const char *name);
        int libraw_unpack(void *raw);
        int libraw_raw2image(void *raw);
        void libraw_subtract_black(void *raw);
        int libraw_get_raw_width(void *raw);
        int libraw_get_raw_height(void *raw);
        int libraw_get_iwidth(void *raw);
        int libraw_get_iheight(void *raw);
        int libraw_get_color_maximum(void *raw);
        float libraw_get_cam_mul(void *raw, int channel);
        float libraw_get_pre_mul(void *raw, int channel);
        float libraw_get_rgb_cam(void *raw, int row, int column);
        int libraw_COLOR(void *raw, int row, int column);
        const char *libraw_strerror(int code);
        void libraw_close(void *raw);
    ';

    /**
     * Where the turn stands in what libraw_init gives, in whole numbers of 32 bits: behind the address of the values,
     * eight sizes of 16 bits, the bytes of a row and the shape of a pixel (a double). The address of the values comes
     * first. So in LibRaw since 0.18.
     */
    private const FLIP = 10;

    /** Rows and columns after which every mosaic begins anew: 2 or 6. */
    private const PERIOD = 6;

    /** Bytes of a pixel: four channels of 16 bits. */
    public const PIXEL = 8;

    private FFI $library;

    private CData $raw;

    /** @throws RuntimeException when there is no such library, or it cannot read the file */
    public function __construct(string $path, int $megapixels)
    {
        $this->library = self::library();
        $this->raw = $this->library->libraw_init(0) ?? throw new RuntimeException('There is not enough memory.');
        $this->mustWork($this->library->libraw_open_file($this->raw, $path));
        $pixels =
            $this->library->libraw_get_raw_width($this->raw) * $this->library->libraw_get_raw_height($this->raw);
        if ($pixels > $megapixels * 1_000_000) {
            throw new RuntimeException(sprintf('too large: %d pixels', $pixels));
        }
        $this->mustWork($this->library->libraw_unpack($this->raw));
        $this->mustWork($this->library->libraw_raw2image($this->raw));
        $this->library->libraw_subtract_black($this->raw);
    }

    public function __destruct()
    {
        $this->library->libraw_close($this->raw);
    }

    public function width(): int
    {
        return $this->library->libraw_get_iwidth($this->raw);
    }

    public function height(): int
    {
        return $this->library->libraw_get_iheight($this->raw);
    }

    /** The value at which the sensor is full, as far as is known of the camera. */
    public function white(): int
    {
        return $this->library->libraw_get_color_maximum($this->raw);
    }

    /**
     * What each channel is multiplied by to make the light neutral that the camera was balanced for, or daylight where
     * it does not say.
     *
     * @return array{float, float, float} green 1
     */
    public function balance(): array
    {
        foreach (['libraw_get_cam_mul', 'libraw_get_pre_mul'] as $function) {
            [$red, $green, $blue] = array_map(
                fn (int $channel): float => (float) $this->library->{$function}($this->raw, $channel),
                [0, 1, 2],
            );
            if ($red > 0.0 && $green > 0.0 && $blue > 0.0) {
                return [$red / $green, 1.0, $blue / $green];
            }
        }

        return [1.0, 1.0, 1.0];
    }

    /** @return list<float> nine, by rows: linear sRGB from the balanced channels */
    public function toSrgb(): array
    {
        $matrix = [];
        foreach ([0, 1, 2] as $row) {
            foreach ([0, 1, 2] as $column) {
                $matrix[] = (float) $this->library->libraw_get_rgb_cam($this->raw, $row, $column);
            }
        }

        return $matrix;
    }

    /** How the sensor lay, as LibRaw has it: 3 for half a turn, 5 and 6 for a quarter to the left and to the right. */
    public function flip(): int
    {
        return (int) $this->library->cast('int *', $this->raw)[self::FLIP];
    }

    /** Where the values lie: four channels for each pixel, of which those that its filter keeps out are 0. */
    public function values(): CData
    {
        return $this->library->cast('void **', $this->raw)[0] ??
            throw new RuntimeException('The file holds no values of a sensor.');
    }

    /**
     * The mosaic: the channel of each place in the square that repeats; 0 red, 1 and 3 green, 2 blue.
     *
     * @return list<list<int>> rows
     *
     * @throws RuntimeException where it is none of these
     */
    public function mosaic(): array
    {
        $rows = [];
        foreach (range(0, self::PERIOD - 1) as $row) {
            foreach (range(0, self::PERIOD - 1) as $column) {
                $channel = $this->library->libraw_COLOR($this->raw, $row, $column);
                if ($channel < 0 || $channel > 3) {
                    throw new RuntimeException('The sensor has no mosaic of red, green and blue.');
                }
                $rows[$row][] = $channel;
            }
        }

        return $rows;
    }

    private static function library(): FFI
    {
        foreach (self::LIBRARIES as $name) {
            try {
                return FFI::cdef(self::DECLARATIONS, $name);
            } catch (FFI\Exception) {
                continue;
            }
        }
        throw new RuntimeException('LibRaw is not installed.');
    }

    private function mustWork(int $code): void
    {
        if ($code !== 0) {
            throw new RuntimeException($this->library->libraw_strerror($code));
        }
    }
}
