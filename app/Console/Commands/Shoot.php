<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Practice\CameraSetups;
use App\Practice\Finder;
use App\Practice\Scene;
use App\Practice\ShotInput;
use App\Practice\Shutter;
use Illuminate\Support\Facades\File;
use InvalidArgumentException;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\KitFormat;

#[AsCommand('pupil:shoot')]
final class Shoot extends JsonCommand
{
    protected $signature = 'pupil:shoot {scene}
        {--n= : f-number}
        {--t= : exposure time, as 0.004 or 1/250}
        {--iso= : or auto}
        {--mode= : by default what the values given leave to the camera}
        {--compensation=0}
        {--metering=scene}
        {--focus= : metres; without it the camera focuses at the point}
        {--lens=}
        {--focal= : mm}
        {--light=}
        {--aim=0.5,0.5 : where on the plate the frame is centred}
        {--point=0.5,0.5 : of the frame, for focus and spot}
        {--filter=0 : stops}
        {--graduated=0 : stops}
        {--edge=0.4}
        {--kelvin= : white balance; without it automatic}
        {--support=tripod}
        {--stabiliser=on}
        {--flash=0 : share of full power}
        {--followed=0 : share of a crossing subject\'s speed}
        {--moment=0 : seconds}
        {--held= : EV at ISO 100 to expose for}
        {--seed=1}
        {--at= : when, ISO 8601}
        {--kit= : a kit file}
        {--out= : the file to write, a JPEG, or with .dng at its end a raw file}';

    protected $description =
        'Takes a frame of a practice-camera scene, with its record, and prints what was set as '.'JSON';

    protected function answer(): array
    {
        $out = (string) $this->option('out');
        if ($out === '') {
            throw new InvalidArgumentException('Say where the frame goes, with --out=FILE.');
        }
        if (! is_dir(dirname($out)) || ! is_writable(dirname($out)) || is_dir($out)) {
            throw new InvalidArgumentException(sprintf('"%s" cannot be written.', $out));
        }
        $scene = Scene::find((string) $this->argument('scene'));
        $kit = $this->option('kit');
        $outfits =
            $kit === null
                ? CameraSetups::ofDemo()
                : new CameraSetups(
                    KitFormat::read(
                        Fields::parse(
                            is_file((string) $kit)
                                ? (string) file_get_contents((string) $kit)
                                : throw new InvalidArgumentException(sprintf('There is no file "%s".', $kit)),
                        ),
                    ),
                );
        $shot = $this->input()->shot(
            $scene,
            $outfits,
            date_create_immutable((string) ($this->option('at') ?? 'now')) ?:
            throw new InvalidArgumentException(sprintf('"%s" is not a date and time.', $this->option('at'))),
        );
        $reading = app(Finder::class)->look($shot);
        // Written beside and renamed, so that nothing half-made takes the name.
        $isRaw = strtolower(pathinfo($out, PATHINFO_EXTENSION)) === 'dng';
        $partial = $out.'.'.bin2hex(random_bytes(4)).($isRaw ? '.dng' : '.jpg');
        try {
            $settings = app(Shutter::class)->press($shot, $isRaw ? null : $partial, $isRaw ? $partial : null);
            rename($partial, $out);
        } finally {
            File::delete($partial);
        }

        return [
            'file' => $out,
            'scene' => $scene->id,
            'light' => $reading->rendering->condition->id,
            'fNumber' => $settings->aperture->nominal(),
            'exposureTime' => $settings->time->nominal(),
            'iso' => $settings->iso->nominal(),
            'mode' => $shot->exposure->mode->value,
            'metering' => $shot->exposure->metering->value,
            'compensation' => $shot->exposure->compensation->value,
            'lens' => $shot->setup->lens->name,
            'focalLength' => $shot->setup->focalLength,
            'focusDistance' => $reading->rendering->optics->focused,
            'meterStops' => $reading->meter()->value,
            'patterns' => array_map(fn (Stops $stops): float => $stops->value, $reading->verdicts()),
            'sceneEv100' => $reading->meteredEv100,
        ];
    }

    private function input(): ShotInput
    {
        $given = array_filter([...$this->options()], fn (mixed $option): bool => is_string($option));
        $mode =
            $given['mode'] ??
            match ([isset($given['n']), isset($given['t']), isset($given['iso']) && $given['iso'] !== 'auto']) {
                [true, true, true] => 'manual',
                [true, true, false] => 'manual-auto-iso',
                [true, false, true], [true, false, false] => 'aperture',
                [false, true, true], [false, true, false] => 'shutter',
                default => 'program',
            };
        [$aim, $point] = [explode(',', $given['aim'] ?? '0.5,0.5'), explode(',', $given['point'] ?? '0.5,0.5')];

        return new ShotInput([
            'iso' => 'auto',
            ...$given,
            'mode' => $mode,
            'x' => $aim[0],
            'y' => $aim[1] ?? '',
            'px' => $point[0],
            'py' => $point[1] ?? '',
        ]);
    }
}
