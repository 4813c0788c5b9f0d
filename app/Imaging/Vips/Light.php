<?php

declare(strict_types=1);

namespace App\Imaging\Vips;

/**
 * Linear light as a picture, and what can be done to it. A recipe until something asks for its pixels; every step gives
 * a new one.
 */
final readonly class Light
{
    private const UCHAR = 0;

    private const USHORT = 2;

    private const FLOAT = 6;

    private const SRGB = 22;

    private const LCH = 19;

    private const SCRGB = 28;

    private const PRECISION_INTEGER = 0;

    private const PRECISION_FLOAT = 1;

    private const MORE = 4;

    private const POWER = 0;

    private const LOGARITHM = 6;

    private function __construct(
        private Vips $vips,
        public Picture $picture,
        public int $width,
        public int $height,
        public int $bands,
    ) {
    }

    /** A file of our own, read as its pixels are needed. */
    public static function open(Vips $vips, string $path): self
    {
        return self::of($vips, $vips->open($path, []));
    }

    /** 32-bit floats, row by row, band by band. */
    public static function fromFloats(Vips $vips, string $packed, int $width, int $height, int $bands): self
    {
        return self::of($vips, $vips->fromBytes($packed, $width, $height, $bands, self::FLOAT));
    }

    /** 16 bits each, row by row, band by band. */
    public static function fromWholeNumbers(Vips $vips, string $packed, int $width, int $height, int $bands): self
    {
        return self::of($vips, $vips->fromBytes($packed, $width, $height, $bands, self::USHORT));
    }

    public static function fromBytes(Vips $vips, string $bytes, int $width, int $height, int $bands): self
    {
        return self::of($vips, $vips->fromBytes($bytes, $width, $height, $bands, self::UCHAR));
    }

    /** Unit normal deviates in one band, the same for the same seed. */
    public static function deviates(Vips $vips, int $width, int $height, int $seed): self
    {
        return self::of(
            $vips,
            $vips->make('gaussnoise', $width, $height, ['sigma' => 1.0, 'mean' => 0.0, 'seed' => $seed]),
        );
    }

    /** The column and the row of every pixel, in two bands. */
    public static function positions(Vips $vips, int $width, int $height): self
    {
        return self::of($vips, $vips->make('xyz', $width, $height))->toFloat();
    }

    /**
     * The bands of several in one.
     *
     * @param  non-empty-list<self>  $parts
     */
    public static function join(array $parts): self
    {
        $vips = $parts[0]->vips;

        return self::of($vips, $vips->bands(array_map(fn (self $part): Picture => $part->picture, $parts)));
    }

    public function fromRadiance(): self
    {
        return $this->run('rad2float');
    }

    /**
     * a·x + b, the same for every band or one for each.
     *
     * @param  float|list<float>  $a
     * @param  float|list<float>  $b
     */
    public function linear(float|array $a, float|array $b = 0.0): self
    {
        $count = max(count((array) $a), count((array) $b));

        return $this->run('linear', [
            $this->vips->doubles(is_array($a) ? $a : array_fill(0, $count, $a)),
            $this->vips->doubles(is_array($b) ? $b : array_fill(0, $count, $b)),
            $count,
        ]);
    }

    public function plus(self $other): self
    {
        return self::of($this->vips, $this->vips->pair('add', $this->picture, $other->picture));
    }

    public function minus(self $other): self
    {
        return self::of($this->vips, $this->vips->pair('subtract', $this->picture, $other->picture));
    }

    /** Pixel by pixel; a single band serves all of the other's. */
    public function times(self $other): self
    {
        return self::of($this->vips, $this->vips->pair('multiply', $this->picture, $other->picture));
    }

    /** Pixel by pixel; 0 where the divisor is. */
    public function over(self $other): self
    {
        return self::of($this->vips, $this->vips->pair('divide', $this->picture, $other->picture));
    }

    public function power(float $exponent): self
    {
        return $this->run('math2_const', [self::POWER, $this->vips->doubles([$exponent]), 1]);
    }

    /** Without its sign. */
    public function size(): self
    {
        return $this->power(2)->power(0.5);
    }

    public function naturalLogarithm(): self
    {
        return $this->run('math', [self::LOGARITHM]);
    }

    /** 255 where it is more than a limit, 0 elsewhere. */
    public function isMoreThan(float $limit): self
    {
        return $this->run('relational_const', [self::MORE, $this->vips->doubles([$limit]), 1]);
    }

    /** One where this is not 0, another elsewhere. */
    public function choose(self $there, self $elsewhere): self
    {
        return self::of($this->vips, $this->vips->choose($this->picture, $there->picture, $elsewhere->picture));
    }

    /** No less than 0 and no more than 1, in 65 536 steps. */
    public function clamped(): self
    {
        return $this->linear(65535.0, 0.5)
            ->toWholeNumbers()
            ->linear(1 / 65535);
    }

    /** A share of one and the rest of another, by a single band of bytes that says the share of 255. */
    public function blended(self $there, self $elsewhere): self
    {
        return self::of($this->vips, $this->vips->choose($this->picture, $there->picture, $elsewhere->picture, true));
    }

    /** Laid at a place on a ground that repeats its edge, or is black. */
    public function placed(int $left, int $top, int $width, int $height, bool $repeatsEdge): self
    {
        return $this->run('embed', [$left, $top, $width, $height], ['extend' => $repeatsEdge ? 1 : 0]);
    }

    /** Moved by whole pixels; what comes in repeats the edge, or is black. */
    public function shifted(int $right, int $down, bool $repeatsEdge = true): self
    {
        if (! $repeatsEdge && (abs($right) >= $this->width || abs($down) >= $this->height)) {
            return $this->linear(0.0);
        }
        // Moved out of sight, it leaves its edge.
        $within = fn (int $by, int $size): int => max(1 - $size, min($size - 1, $by));

        return $this->placed(
            $within($right, $this->width),
            $within($down, $this->height),
            $this->width,
            $this->height,
            $repeatsEdge,
        );
    }

    /** Moved by whole pixels, what leaves on one side coming in at the other. */
    public function turned(int $right, int $down = 0): self
    {
        $within = fn (int $by, int $size): int => (($by % $size) + $size) % $size;

        return $this->run('wrap', [], ['x' => $within($right, $this->width), 'y' => $within($down, $this->height)]);
    }

    public function cut(int $left, int $top, int $width, int $height): self
    {
        return $this->run('crop', [$left, $top, $width, $height]);
    }

    public function band(int $first, int $count = 1): self
    {
        return $this->run('extract_band', [$first], ['n' => $count]);
    }

    /** @param  bool  $mixes  neighbours, or takes the nearest */
    public function resized(int $width, int $height, bool $mixes = true): self
    {
        return $width === $this->width && $height === $this->height
            ? $this
            : $this->run(
                'resize',
                [$width / $this->width],
                ['vscale' => (float) ($height / $this->height), 'kernel' => $mixes ? 1 : 0],
            );
    }

    /** Twice as large; new pixels lie a quarter of the way to their old neighbours. Quicker than resizing. */
    public function doubled(): self
    {
        $mean = [1 / 4, 2 / 4, 1 / 4];

        return $this->run('zoom', [2, 1])
            ->convolvedBy($mean, 3, 1)
            ->run('zoom', [1, 2])
            ->convolvedBy($mean, 1, 3);
    }

    /** The same in whole numbers, which is quicker still; of bytes. */
    public function doubledBytes(): self
    {
        return $this->run('zoom', [2, 2])->run(
            'conv',
            [$this->vips->matrix([1, 2, 1, 2, 4, 2, 1, 2, 1], 3, 3, 16)],
            ['precision' => self::PRECISION_INTEGER],
        );
    }

    /** Turned by degrees, clockwise; black comes in at the corners. */
    public function rotated(float $degrees): self
    {
        return $this->run('rotate', [$degrees]);
    }

    /**
     * Every pixel taken from where two lines send its place: source column = a·x + b·y + c, and the row likewise. What
     * lies beyond the edge is mirrored, or is black.
     *
     * @param  array{float, float, float}  $column
     * @param  array{float, float, float}  $row
     */
    public function sent(array $column, array $row, bool $mirrorsEdge = true): self
    {
        $places = self::positions($this->vips, $this->width, $this->height);
        $place = function (array $line, int $last) use ($places, $mirrorsEdge): self {
            $along = $places->weighed([$line[0], $line[1]])->linear(1.0, $line[2]);

            return $mirrorsEdge
                ? $along
                    ->size()
                    ->linear(-1.0, (float) $last)
                    ->size()
                    ->linear(-1.0, (float) $last)
                : $along;
        };

        return $this->picked(self::join([$place($column, $this->width - 1), $place($row, $this->height - 1)]));
    }

    /** Lightness, chroma and hue (CIE LCh, degrees) of linear light in three bands. */
    public function toChromaAndHue(): self
    {
        return $this->run('colourspace', [self::LCH], ['source-space' => self::SCRGB]);
    }

    /** And back. */
    public function fromChromaAndHue(): self
    {
        return $this->run('colourspace', [self::SCRGB], ['source-space' => self::LCH])->toFloat();
    }

    /** Each rectangle of so many pixels, by default a square, averaged into one. */
    public function shrunk(int $across, ?int $down = null): self
    {
        return $this->run('shrink', [(float) $across, (float) ($down ?? $across)]);
    }

    /**
     * Convolved with a kernel whose numbers sum to 1, row by row.
     *
     * @param  list<float>  $kernel
     */
    public function convolved(array $kernel, int $side): self
    {
        return $this->convolvedBy($kernel, $side, $side);
    }

    /** @param  float  $sigma  pixels */
    public function softened(float $sigma): self
    {
        return $this->run('gaussblur', [$sigma], ['precision' => self::PRECISION_FLOAT, 'min-ampl' => 0.02]);
    }

    /**
     * One band: each of this one's by a weight.
     *
     * @param  list<float>  $weights
     */
    public function weighed(array $weights): self
    {
        return $this->run('recomb', [$this->vips->matrix($weights, count($weights), 1)]);
    }

    /** Each whole number replaced by its entry in a table one row high. */
    public function lookedUp(self $table): self
    {
        return $this->run('maplut', [$table->picture]);
    }

    /** Pixels taken from where a two-band picture of columns and rows says. */
    public function picked(self $where): self
    {
        return $this->run('mapim', [$where->picture]);
    }

    /** Another laid over it at a place. */
    public function with(self $part, int $left, int $top): self
    {
        return self::of($this->vips, $this->vips->insert($this->picture, $part->picture, $left, $top));
    }

    /**
     * The smallest rectangle that holds all that is not 0, in one band; null where everything is.
     *
     * @return ?array{left: int, top: int, right: int, bottom: int} right and bottom lie just outside
     */
    public function touched(): ?array
    {
        [$columns, $rows] = $this->vips->firstTouched($this->picture);
        $first = fn (Picture $firsts, int $none): array => array_keys(
            array_filter(
                array_values(unpack('l*', $this->vips->bytes($firsts)) ?: []),
                fn (int $at): bool => $at < $none,
            ),
        );
        [$across, $down] = [$first($columns, $this->height), $first($rows, $this->width)];

        return $across === [] || $down === []
            ? null
            : ['left' => $across[0], 'top' => $down[0], 'right' => end($across) + 1, 'bottom' => end($down) + 1];
    }

    /**
     * How many pixels hold each whole number, in one band.
     *
     * @return list<int>
     */
    public function counts(): array
    {
        return array_values(unpack('V*', $this->vips->bytes($this->run('hist_find')->picture)) ?: []);
    }

    /** 0 to 65 535; what is beyond is brought to the nearer end. */
    public function toWholeNumbers(): self
    {
        return $this->run('cast', [self::USHORT]);
    }

    /** 0 to 255; what is beyond is brought to the nearer end. */
    public function toBytes(): self
    {
        return $this->run('cast', [self::UCHAR]);
    }

    public function toFloat(): self
    {
        return $this->run('cast', [self::FLOAT]);
    }

    /** Worked out now and kept, so that several recipes can use it. */
    public function kept(): self
    {
        return self::of($this->vips, $this->vips->keep($this->picture));
    }

    /** @return list<float> row by row, band by band */
    public function floats(): array
    {
        return array_values(unpack('g*', $this->vips->bytes($this->toFloat()->picture)) ?: []);
    }

    public function bytes(): string
    {
        return $this->vips->bytes($this->picture);
    }

    /** Of bytes in sRGB. */
    public function jpeg(int $quality): string
    {
        return $this->vips->jpeg($this->run('copy', [], ['interpretation' => self::SRGB])->picture, $quality);
    }

    public function write(string $path): void
    {
        $this->vips->write($this->picture, $path);
    }

    /** @param  list<float>  $kernel */
    private function convolvedBy(array $kernel, int $across, int $down): self
    {
        return $this->run(
            'conv',
            [$this->vips->matrix($kernel, $across, $down)],
            ['precision' => self::PRECISION_FLOAT],
        );
    }

    /**
     * @param  list<mixed>  $arguments
     * @param  array<string, int|float>  $options
     */
    private function run(string $operation, array $arguments = [], array $options = []): self
    {
        return self::of($this->vips, $this->vips->run($operation, $this->picture, $arguments, $options));
    }

    private static function of(Vips $vips, Picture $picture): self
    {
        return new self(
            $vips,
            $picture,
            $vips->fact($picture, 'width'),
            $vips->fact($picture, 'height'),
            $vips->fact($picture, 'bands'),
        );
    }
}
