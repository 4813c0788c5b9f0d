<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Metering\LuminanceGrid;
use TruePupil\Core\PracticeCamera\PlateExposure;
use TruePupil\Core\Tone\Srgb;

/**
 * The practice camera's pixels: a plate of absolute luminance, framed, exposed, given the sensor's noise and rendered by
 * the sRGB curve into a JPEG.
 */
final readonly class PlateRenderer
{
    public function __construct(private Tool $vips, private Tool $vipsheader, private string $scratch)
    {
    }

    /**
     * @param  float  $candelasPerUnit  cd/m² of a plate value of 1
     * @param  int  $seed  of the noise, so that a frame can be made again
     *
     * @throws ToolFailed
     */
    public function render(string $plate, float $candelasPerUnit, Region $framing, PlateExposure $exposure, int $seed, string $target): void
    {
        $folder = $this->folder();
        try {
            $framed = $this->framed($plate, $framing, $folder);
            [$width, $height] = $this->size($framed);
            $this->vips->run(['linear', $framed, $folder.'/exposed.v', (string) ($exposure->perCandela * $candelasPerUnit), '0']);
            // Noise of √(gain·x + floor²) times a unit normal deviate, each channel its own.
            $this->vips->run(['linear', $folder.'/exposed.v', $folder.'/variance.v', $this->number($exposure->noiseGain), $this->number($exposure->noiseFloor ** 2)]);
            $this->vips->run(['math2_const', $folder.'/variance.v', $folder.'/sigma.v', 'pow', '0.5']);
            // One field of deviates serves every frame, each starting at a place of its own in it.
            $this->vips->run(['wrap', $this->deviates($width, $height), $folder.'/unit.v', '--x', (string) ($seed * 7919 % $width), '--y', (string) ($seed * 104729 % $height)]);
            $this->vips->run(['multiply', $folder.'/sigma.v', $folder.'/unit.v', $folder.'/noise.v']);
            $this->vips->run(['add', $folder.'/exposed.v', $folder.'/noise.v', $folder.'/noisy.v']);
            $this->vips->run(['colourspace', $folder.'/noisy.v', $target.'[Q=94,strip]', 'srgb', '--source-space', 'scrgb']);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** Mean luminance over square cells of the framed plate, as a meter in the camera sees it: 0.18 is what EV100 0 renders as mid-grey. */
    public function meterGrid(string $plate, float $candelasPerUnit, Region $framing, int $columns = 144): LuminanceGrid
    {
        $folder = $this->folder();
        try {
            $framed = $this->framed($plate, $framing, $folder);
            [$width, $height] = $this->size($framed);
            $rows = (int) round($columns * $height / $width);
            $this->vips->run([
                'resize', $framed, $folder.'/small.raw', $this->number($columns / $width),
                '--vscale', $this->number($rows / $height), '--kernel', 'linear',
            ]);
            $values = array_values(unpack('g*', (string) file_get_contents($folder.'/small.raw')) ?: []);
            $scale = $candelasPerUnit * Srgb::MID_GREY / Ev100::of(0)->luminance();
            $cells = [];
            for ($cell = 0; $cell < $columns * $rows; $cell++) {
                $cells[] = $scale * (
                    Srgb::WEIGHTS[0] * $values[3 * $cell] + Srgb::WEIGHTS[1] * $values[3 * $cell + 1] + Srgb::WEIGHTS[2] * $values[3 * $cell + 2]
                );
            }

            return LuminanceGrid::of($columns, $rows, $cells);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private function framed(string $plate, Region $framing, string $folder): string
    {
        $whole = $this->kept('plate-'.hash_file('xxh128', $plate), function (string $target) use ($plate, $folder): void {
            $hdr = $folder.'/plate.hdr';
            File::put($hdr, (string) gzdecode((string) file_get_contents($plate)));
            $this->vips->run(['rad2float', $hdr, $target]);
        });
        if ($framing->width >= 1.0 && $framing->height >= 1.0) {
            return $whole;
        }
        [$width, $height] = $this->size($whole);
        $this->vips->run([
            'extract_area', $whole, $folder.'/cut.v', (string) (int) round($framing->x * $width), (string) (int) round($framing->y * $height),
            (string) (int) floor($framing->width * $width), (string) (int) floor($framing->height * $height),
        ]);
        $this->vips->run(['resize', $folder.'/cut.v', $folder.'/framed.v', $this->number($width / floor($framing->width * $width))]);

        return $folder.'/framed.v';
    }

    /** @return array{int, int} */
    private function size(string $path): array
    {
        return [(int) $this->field($path, 'width'), (int) $this->field($path, 'height')];
    }

    private function field(string $path, string $field): string
    {
        return trim($this->vipsheader->run(['-f', $field, $path]));
    }

    private function number(float $value): string
    {
        return sprintf('%.12g', $value);
    }

    /** Unit normal deviates in three channels, the same every time. */
    private function deviates(int $width, int $height): string
    {
        return $this->kept(sprintf('deviates-%dx%d', $width, $height), function (string $target) use ($width, $height): void {
            $bands = [];
            foreach ([11, 12, 13] as $seed) {
                $bands[] = $band = $target.'.'.$seed.'.v';
                $this->vips->run(['gaussnoise', $band, (string) $width, (string) $height, '--sigma', '1', '--mean', '0', '--seed', (string) $seed]);
            }
            $this->vips->run(['bandjoin', implode(' ', $bands), $target]);
            File::delete($bands);
        });
    }

    /**
     * A file that is made once and used again.
     *
     * @param  callable(string): void  $make
     */
    private function kept(string $name, callable $make): string
    {
        $path = $this->scratch.'/kept/'.$name.'.v';
        if (! is_file($path)) {
            File::ensureDirectoryExists(dirname($path));
            $partial = $path.'.'.bin2hex(random_bytes(4)).'.v';
            $make($partial);
            File::move($partial, $path);
        }

        return $path;
    }

    private function folder(): string
    {
        $folder = $this->scratch.'/'.bin2hex(random_bytes(8));
        File::ensureDirectoryExists($folder);

        return $folder;
    }
}
