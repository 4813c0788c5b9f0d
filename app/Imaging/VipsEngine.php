<?php

declare(strict_types=1);

namespace App\Imaging;

use Closure;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use TruePupil\Core\Capture\UnreadablePicture;

/**
 * Pixels through libvips, in the pixel program: a process of its own with a time limit, so that a hostile file can take
 * nothing else down with it.
 */
final readonly class VipsEngine implements PixelEngine
{
    /** What the JPEG decoder says of a file whose middle is missing; it fills the rest with grey and goes on. */
    private const MISSING_DATA = '/premature end of (data|JPEG)[^\n]*/i';

    /** Room for a decoded picture of the largest size taken, twice over; a bomb that wants more ends there. */
    public const ADDRESS_SPACE = 6_000_000_000;

    private const PIXELS = 'pixels.php';

    private const SENSOR = 'raw.php';

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

    public function read(
        string $source,
        string $reading,
        ?string $workingCopy = null,
        ?int $side = null,
        ?Meanwhile $meanwhile = null,
    ): void {
        $task = array_filter(
            ['reading' => $reading, 'working' => $workingCopy, 'side' => $side],
            fn (mixed $part): bool => $part !== null,
        );
        $this->run($source, $task, $meanwhile);
    }

    /** What a library says is for whoever looks after the installation. */
    private static function unreadable(string $why): UnreadablePicture
    {
        Log::info('Pixels could not be read', ['why' => $why]);

        return UnreadablePicture::broken('its pixels cannot be read');
    }

    /**
     * @param  array<string, mixed>  $task
     *
     * @throws UnreadablePicture
     */
    private function run(string $source, array $task, ?Meanwhile $meanwhile = null): void
    {
        $this->previews->decodable(
            $source,
            function (string $path, bool $isPreview) use ($source, $task, $meanwhile): void {
                $isPreview && isset($task['reading'])
                    ? $this->withSensor($source, $path, $task, $meanwhile)
                    : $this->decode($path, $task + ['isPreview' => $isPreview], $meanwhile);
            },
        );
    }

    /**
     * The preview's reading with that of the sensor's own values beside it, where they can be unpacked.
     *
     * @param  array<string, mixed>  $task
     *
     * @throws UnreadablePicture
     */
    private function withSensor(string $source, string $preview, array $task, ?Meanwhile $meanwhile): void
    {
        $parts = $task['reading'].'.sensor';
        try {
            touch($parts);
            try {
                $this->start(
                    self::SENSOR,
                    ['source' => $source, 'megapixels' => $this->megapixels, 'raw' => $parts],
                    [$source],
                    [$parts],
                );
                $task['raw'] = $parts;
            } catch (OutsideProgramFailed $failure) {
                // Its preview is a picture all the same.
                Log::info('The values of a raw file could not be unpacked', ['why' => $failure->getMessage()]);
            }
            $this->decode($preview, $task + ['isPreview' => true], $meanwhile);
        } finally {
            File::delete($parts);
        }
    }

    /**
     * @param  string  $program  which of them
     * @param  array<string, mixed>  $task
     * @param  list<string>  $reads
     * @param  list<string>  $writes
     * @param  list<Closure(): void>  $meanwhile
     *
     * @throws OutsideProgramFailed
     */
    private function start(
        string $program,
        array $task,
        array $reads,
        array $writes,
        array $meanwhile = [],
    ): void {
        $this->php->run(
            [
                ...self::extensions(),
                '-d',
                'ffi.enable=1',
                '-d',
                'memory_limit=256M',
                '-d',
                'display_errors=stderr',
                __DIR__.'/Vips/'.$program,
            ],
            self::MISSING_DATA,
            json_encode($task, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE),
            [...$reads, __DIR__.'/Vips'],
            $writes,
            $meanwhile,
        );
    }

    /**
     * Those that a program needs and no others: loading all that an installation has takes as long as a small picture.
     *
     * @return list<string>
     */
    private static function extensions(): array
    {
        $isFile = fn (string $name): bool => is_file(ini_get('extension_dir').'/'.$name.'.so');

        return [
            '-n',
            ...array_merge(
                ...array_map(
                    fn (string $name): array => ['-d', 'extension='.$name],
                    array_values(array_filter(['ffi', 'zlib'], $isFile)),
                ),
            ),
        ];
    }

    /**
     * @param  array<string, mixed>  $task
     *
     * @throws UnreadablePicture
     */
    private function decode(string $source, array $task, ?Meanwhile $meanwhile = null): void
    {
        if ($meanwhile !== null) {
            $task += ['small' => $task['reading'].'.small', 'edges' => $task['reading'].'.edges'];
        }
        $targets = array_values(array_intersect_key($task, array_flip(['working', 'reading', 'small', 'edges'])));
        try {
            foreach ($targets as $target) {
                // The files that it may write to have to be there.
                touch($target);
            }
            $this->start(
                self::PIXELS,
                ['source' => $source, 'megapixels' => $this->megapixels] + $task,
                array_values(array_filter([$source, $task['raw'] ?? null])),
                $targets,
                $meanwhile === null
                    ? []
                    : [
                        $meanwhile->begun(...),
                        fn () => $meanwhile->known(ReadingFile::smallMaps($task['small'])),
                        fn () => $meanwhile->focused(ReadingFile::edges($task['edges'])),
                    ],
            );
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
        } finally {
            File::delete(array_values(array_intersect_key($task, array_flip(['small', 'edges']))));
        }
    }
}
