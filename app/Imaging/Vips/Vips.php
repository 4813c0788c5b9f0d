<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

use FFI;
use FFI\CData;
use RuntimeException;

/**
 * The functions of libvips that the program uses, through PHP's foreign function interface. What people hand in is
 * opened only by the pixel program, a process of its own: whatever a hostile file does to it, nothing else falls with
 * it. The practice camera opens nothing but its own plates, and does so where the finder's request is answered.
 */
final class Vips
{
    private const LIBRARY = 'libvips.so.42';

    private const DECLARATIONS = '
        typedef struct _VipsImage VipsImage;
        int vips_init(const char *program);
        const char *vips_error_buffer(void);
        void vips_block_untrusted_set(int state);
        void vips_concurrency_set(int threads);
        void vips_cache_set_max(int operations);
        VipsImage *vips_image_new_from_file(const char *name, ...);
        const void *vips_image_get_data(VipsImage *image);
        VipsImage *vips_image_new_from_memory(const void *data, size_t size, int width, int height, int bands,
            int format);
        VipsImage *vips_image_new_from_memory_copy(const void *data, size_t size, int width, int height, int bands,
            int format);
        VipsImage *vips_image_copy_memory(VipsImage *image);
        int vips_image_get_width(const VipsImage *image);
        int vips_image_get_height(const VipsImage *image);
        int vips_image_get_bands(const VipsImage *image);
        int vips_image_get_format(const VipsImage *image);
        int vips_image_get_interpretation(const VipsImage *image);
        int vips_image_get_orientation(VipsImage *image);
        int vips_image_hasalpha(VipsImage *image);
        size_t vips_image_get_typeof(const VipsImage *image, const char *name);
        int vips_image_get_blob(const VipsImage *image, const char *name, const void **data, size_t *length);
        void *vips_image_write_to_memory(VipsImage *image, size_t *size);
        int vips_hist_find(VipsImage *in, VipsImage **out, ...);
        int vips_maplut(VipsImage *in, VipsImage **out, VipsImage *lut, ...);
        int vips_bandand(VipsImage *in, VipsImage **out, ...);
        int vips_bandor(VipsImage *in, VipsImage **out, ...);
        int vips_bandmean(VipsImage *in, VipsImage **out, ...);
        int vips_extract_band(VipsImage *in, VipsImage **out, int band, ...);
        int vips_crop(VipsImage *in, VipsImage **out, int left, int top, int width, int height, ...);
        int vips_resize(VipsImage *in, VipsImage **out, double scale, ...);
        int vips_subtract(VipsImage *left, VipsImage *right, VipsImage **out, ...);
        int vips_shrinkv(VipsImage *in, VipsImage **out, int by, ...);
        int vips_shrinkh(VipsImage *in, VipsImage **out, int by, ...);
        int vips_autorot(VipsImage *in, VipsImage **out, ...);
        int vips_flatten(VipsImage *in, VipsImage **out, ...);
        int vips_rotate(VipsImage *in, VipsImage **out, double angle, ...);
        int vips_colourspace(VipsImage *in, VipsImage **out, int space, ...);
        int vips_icc_transform(VipsImage *in, VipsImage **out, const char *profile, ...);
        int vips_jpegsave(VipsImage *in, const char *name, ...);
        int vips_jpegsave_buffer(VipsImage *in, void **buffer, size_t *length, ...);
        int vips_image_write_to_file(VipsImage *image, const char *name, ...);
        VipsImage *vips_image_new_matrix_from_array(int width, int height, const double *array, int size);
        void vips_image_set_double(VipsImage *image, const char *name, double value);
        int vips_rad2float(VipsImage *in, VipsImage **out, ...);
        int vips_linear(VipsImage *in, VipsImage **out, const double *a, const double *b, int n, ...);
        int vips_add(VipsImage *left, VipsImage *right, VipsImage **out, ...);
        int vips_multiply(VipsImage *left, VipsImage *right, VipsImage **out, ...);
        int vips_divide(VipsImage *left, VipsImage *right, VipsImage **out, ...);
        int vips_math(VipsImage *in, VipsImage **out, int math, ...);
        int vips_math2_const(VipsImage *in, VipsImage **out, int math, const double *c, int n, ...);
        int vips_relational_const(VipsImage *in, VipsImage **out, int relational, const double *c, int n, ...);
        int vips_ifthenelse(VipsImage *condition, VipsImage *there, VipsImage *elsewhere, VipsImage **out, ...);
        int vips_embed(VipsImage *in, VipsImage **out, int x, int y, int width, int height, ...);
        int vips_wrap(VipsImage *in, VipsImage **out, ...);
        int vips_bandjoin(VipsImage **in, VipsImage **out, int n, ...);
        int vips_bandrank(VipsImage **in, VipsImage **out, int n, ...);
        int vips_subsample(VipsImage *in, VipsImage **out, int across, int down, ...);
        int vips_rot(VipsImage *in, VipsImage **out, int angle, ...);
        int vips_profile(VipsImage *in, VipsImage **columns, VipsImage **rows, ...);
        int vips_insert(VipsImage *main, VipsImage *part, VipsImage **out, int x, int y, ...);
        int vips_zoom(VipsImage *in, VipsImage **out, int across, int down, ...);
        int vips_shrink(VipsImage *in, VipsImage **out, double hshrink, double vshrink, ...);
        int vips_conv(VipsImage *in, VipsImage **out, VipsImage *mask, ...);
        int vips_gaussblur(VipsImage *in, VipsImage **out, double sigma, ...);
        int vips_recomb(VipsImage *in, VipsImage **out, VipsImage *matrix, ...);
        int vips_mapim(VipsImage *in, VipsImage **out, VipsImage *index, ...);
        int vips_cast(VipsImage *in, VipsImage **out, int format, ...);
        int vips_copy(VipsImage *in, VipsImage **out, ...);
        int vips_gaussnoise(VipsImage **out, int width, int height, ...);
        int vips_xyz(VipsImage **out, int width, int height, ...);
        void g_object_unref(void *object);
        void g_free(void *memory);
    ';

    /** Where it looks for its modules when it is told where it lies. */
    private const HOME = 'VIPSHOME';

    private FFI $library;

    /**
     * @param  bool  $opensOwnFiles  only files of our own are opened, in libvips's own format too
     * @param  bool  $hasModules
     *   also knows the formats that come as modules (HEIF among them), which take longer to load than all else
     */
    public function __construct(private readonly int $threads, bool $opensOwnFiles = false, bool $hasModules = false)
    {
        $this->library = FFI::cdef(self::DECLARATIONS, self::LIBRARY);
        $home = getenv(self::HOME);
        if (! $hasModules) {
            // There are none there.
            putenv(self::HOME.'='.__DIR__);
        }
        $failed = $this->library->vips_init('true-pupil') !== 0;
        putenv($home === false ? self::HOME : self::HOME.'='.$home);
        if ($failed) {
            throw new RuntimeException($this->error());
        }
        // Loaders that hand the file on to interpreters of documents and scripts stay closed.
        $this->library->vips_block_untrusted_set($opensOwnFiles ? 0 : 1);
        $this->library->vips_concurrency_set($threads);
        // Every step is used once; a cache would only hold memory.
        $this->library->vips_cache_set_max(0);
    }

    /** @param  array<string, int>  $options  of the loader */
    public function open(string $path, array $options): Picture
    {
        $image = $this->library->vips_image_new_from_file($path, ...$this->variadic($options));

        return $image === null ? throw new RuntimeException($this->error()) : $this->own($image);
    }

    /** A table that maps codes to values, one entry after another, as raw bytes of a format. */
    public function table(string $bytes, int $entries, int $bands, int $format): Picture
    {
        return $this->fromBytes($bytes, $entries, 1, $bands, $format);
    }

    /** Pixels as they lie in memory, row by row, as raw bytes of a format. */
    public function fromBytes(string $bytes, int $width, int $height, int $bands, int $format): Picture
    {
        $memory = $this->library->new(sprintf('char[%d]', strlen($bytes)));
        FFI::memcpy($memory, $bytes, strlen($bytes));

        return $this->own(
            $this->library->vips_image_new_from_memory_copy($memory, strlen($bytes), $width, $height, $bands, $format),
        );
    }

    /** Pixels that lie in memory, and stay there for as long as the picture is used. */
    public function over(CData $memory, int $bytes, int $width, int $height, int $bands, int $format): Picture
    {
        $image = $this->library->vips_image_new_from_memory(
            $this->library->cast('void *', $memory),
            $bytes,
            $width,
            $height,
            $bands,
            $format,
        );

        return $image === null ? throw new RuntimeException($this->error()) : $this->own($image);
    }

    /** The bytes of a picture that lies in memory, read as one of another shape. */
    public function regrouped(Picture $picture, int $width, int $height, int $bands): Picture
    {
        $data = $this->library->vips_image_get_data($picture->image);
        $image = $data === null
            ? null
            : $this->library->vips_image_new_from_memory($data, $width * $height * $bands, $width, $height, $bands, 0);

        return $image === null
            ? throw new RuntimeException($this->error())
            // It needs the other one's memory.
            : new Picture($image, function (CData $held) use ($picture): void {
                $this->library->g_object_unref($held);
                unset($picture);
            });
    }

    /**
     * A matrix, as convolution and the mixing of bands take it.
     *
     * @param  list<float>  $numbers
     * @param  float  $scale  by which a convolution's sums are divided
     */
    public function matrix(array $numbers, int $width, int $height, float $scale = 1.0): Picture
    {
        $matrix = $this->library->vips_image_new_matrix_from_array(
            $width,
            $height,
            $this->doubles($numbers),
            count($numbers),
        );
        $this->library->vips_image_set_double($matrix, 'scale', $scale);

        return $this->own($matrix);
    }

    /**
     * An array as libvips takes its constants.
     *
     * @param  list<float>  $numbers
     */
    public function doubles(array $numbers): CData
    {
        $array = $this->library->new(sprintf('double[%d]', count($numbers)));
        foreach ($numbers as $index => $number) {
            $array[$index] = $number;
        }

        return $array;
    }

    /**
     * A picture made from nothing: gaussnoise or xyz.
     *
     * @param  array<string, int|float>  $options
     */
    public function make(string $operation, int $width, int $height, array $options = []): Picture
    {
        $out = $this->library->new('VipsImage *');
        if (
            $this->library->{'vips_'.$operation}(FFI::addr($out), $width, $height, ...$this->variadic($options)) !== 0
        ) {
            throw new RuntimeException($this->error());
        }

        return $this->own($out);
    }

    /**
     * Sets up an operation from one picture to another; nothing is computed before the result is asked for.
     *
     * @param  list<mixed>  $arguments
     * @param  array<string, int|string|float>  $options
     */
    public function run(string $operation, Picture $in, array $arguments = [], array $options = []): Picture
    {
        $out = $this->library->new('VipsImage *');
        $plain = array_map(
            fn (mixed $argument): mixed => $argument instanceof Picture ? $argument->image : $argument,
            $arguments,
        );
        if (
            $this->library->{'vips_'.$operation}(
                $in->image,
                FFI::addr($out),
                ...$plain,
                ...$this->variadic($options),
            ) !== 0
        ) {
            throw new RuntimeException($this->error());
        }

        return $this->own($out);
    }

    /** What an operation makes of two pictures of one size: subtract, add, multiply, divide. */
    public function pair(string $operation, Picture $left, Picture $right): Picture
    {
        $out = $this->library->new('VipsImage *');
        if ($this->library->{'vips_'.$operation}($left->image, $right->image, FFI::addr($out), null) !== 0) {
            throw new RuntimeException($this->error());
        }

        return $this->own($out);
    }

    /**
     * For each column the first row that is not 0, and for each row the first column.
     *
     * @return array{Picture, Picture}
     */
    public function firstTouched(Picture $picture): array
    {
        [$columns, $rows] = [$this->library->new('VipsImage *'), $this->library->new('VipsImage *')];
        if ($this->library->vips_profile($picture->image, FFI::addr($columns), FFI::addr($rows), null) !== 0) {
            throw new RuntimeException($this->error());
        }

        return [$this->own($columns), $this->own($rows)];
    }

    /** A part laid over a picture at a place. */
    public function insert(Picture $picture, Picture $part, int $left, int $top): Picture
    {
        $out = $this->library->new('VipsImage *');
        if ($this->library->vips_insert($picture->image, $part->image, FFI::addr($out), $left, $top, null) !== 0) {
            throw new RuntimeException($this->error());
        }

        return $this->own($out);
    }

    /**
     * One picture where a condition is not 0, another elsewhere; or, blended, the condition's share of 255 of the one.
     */
    public function choose(Picture $condition, Picture $there, Picture $elsewhere, bool $isBlended = false): Picture
    {
        $out = $this->library->new('VipsImage *');
        if (
            $this->library->vips_ifthenelse(
                $condition->image,
                $there->image,
                $elsewhere->image,
                FFI::addr($out),
                ...$this->variadic(['blend' => (int) $isBlended]),
            ) !== 0
        ) {
            throw new RuntimeException($this->error());
        }

        return $this->own($out);
    }

    /**
     * The bands of several pictures of one size in one.
     *
     * @param  non-empty-list<Picture>  $pictures
     */
    public function bands(array $pictures): Picture
    {
        return $this->together('bandjoin', $pictures, []);
    }

    /**
     * For each pixel and band the largest value of several pictures of one size.
     *
     * @param  non-empty-list<Picture>  $pictures
     */
    public function largest(array $pictures): Picture
    {
        return $this->together('bandrank', $pictures, ['index' => count($pictures) - 1]);
    }

    /**
     * Computes a picture and keeps it.
     *
     * @param  bool  $inTurn  by one thread: what comes line by line would only make others wait
     */
    public function keep(Picture $picture, bool $inTurn = false): Picture
    {
        $this->library->vips_concurrency_set($inTurn ? 1 : $this->threads);
        $image = $this->library->vips_image_copy_memory($picture->image);
        $this->library->vips_concurrency_set($this->threads);

        return $image === null ? throw new RuntimeException($this->error()) : $this->own($image);
    }

    /** The computed pixels, band by band within each pixel, row by row. */
    public function bytes(Picture $picture): string
    {
        $size = $this->library->new('size_t[1]');
        $memory = $this->library->vips_image_write_to_memory($picture->image, $size);
        if ($memory === null) {
            throw new RuntimeException($this->error());
        }
        $bytes = FFI::string($this->library->cast('char *', $memory), $this->integer($size));
        $this->library->g_free($memory);

        return $bytes;
    }

    public function saveJpeg(Picture $picture, string $path, int $quality): void
    {
        if (
            $this->library->vips_jpegsave(
                $picture->image,
                $path,
                'Q',
                $quality,
                'strip',
                1,
                'optimize-coding',
                1,
                null,
            ) !== 0
        ) {
            throw new RuntimeException($this->error());
        }
    }

    /** A JPEG of sRGB bytes, in memory. */
    public function jpeg(Picture $picture, int $quality): string
    {
        [$buffer, $length] = [$this->library->new('void *'), $this->library->new('size_t[1]')];
        if (
            $this->library->vips_jpegsave_buffer(
                $picture->image,
                FFI::addr($buffer),
                $length,
                'Q',
                $quality,
                'strip',
                1,
                null,
            ) !== 0
        ) {
            throw new RuntimeException($this->error());
        }
        $bytes = FFI::string($this->library->cast('char *', $buffer), $this->integer($length));
        $this->library->g_free($buffer);

        return $bytes;
    }

    /** Written in the format that the name's ending says. */
    public function write(Picture $picture, string $path): void
    {
        if ($this->library->vips_image_write_to_file($picture->image, $path, null) !== 0) {
            throw new RuntimeException($this->error());
        }
    }

    /** A number about a picture: width, height, bands, format, interpretation, orientation, hasalpha. */
    public function fact(Picture $picture, string $what): int
    {
        return $what === 'hasalpha'
            ? $this->library->vips_image_hasalpha($picture->image)
            : $this->library->{'vips_image_get_'.$what}($picture->image);
    }

    /** The embedded colour profile, or null. */
    public function profile(Picture $picture): ?string
    {
        if ($this->library->vips_image_get_typeof($picture->image, 'icc-profile-data') === 0) {
            return null;
        }
        [$data, $length] = [$this->library->new('const void *'), $this->library->new('size_t[1]')];
        if ($this->library->vips_image_get_blob($picture->image, 'icc-profile-data', FFI::addr($data), $length) !== 0) {
            return null;
        }

        return FFI::string($this->library->cast('char *', $data), $this->integer($length));
    }

    /**
     * @param  non-empty-list<Picture>  $pictures
     * @param  array<string, int>  $options
     */
    private function together(string $operation, array $pictures, array $options): Picture
    {
        [$out, $list] = [
            $this->library->new('VipsImage *'),
            $this->library->new(sprintf('VipsImage *[%d]', count($pictures))),
        ];
        foreach ($pictures as $index => $picture) {
            $list[$index] = $picture->image;
        }
        if (
            $this->library->{'vips_'.$operation}(
                $list,
                FFI::addr($out),
                count($pictures),
                ...$this->variadic($options),
            ) !== 0
        ) {
            throw new RuntimeException($this->error());
        }

        return $this->own($out);
    }

    /**
     * @param  array<string, int|string|float>  $options
     * @return list<mixed> name, value, name, value … and the null that ends them
     */
    private function variadic(array $options): array
    {
        $list = [];
        foreach ($options as $name => $value) {
            array_push($list, $name, $value);
        }

        return [...$list, null];
    }

    private function own(CData $image): Picture
    {
        return new Picture($image, fn (CData $held) => $this->library->g_object_unref($held));
    }

    private function error(): string
    {
        return trim(strtok($this->library->vips_error_buffer(), "\n") ?: 'the picture cannot be decoded');
    }

    /**
     * What the library wrote into a size.
     *
     * @return int<0, max>
     */
    private function integer(CData $size): int
    {
        return max(0, (int) $size[0]);
    }
}
