<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Benchmarks\AdviserBench;
use App\Console\Benchmarks\BigCourse;
use App\Console\Benchmarks\FinderBench;
use App\Console\Benchmarks\FrameBench;
use App\Console\Benchmarks\OtherCourses;
use App\Console\Benchmarks\PagesBench;
use App\Console\Benchmarks\RawBench;
use App\Console\Benchmarks\SizesBench;
use App\Console\Benchmarks\Stopwatch;
use App\Console\Benchmarks\TwoWorkersBench;
use App\HandIn\PictureStore;
use App\HandIn\WorkingCopies;
use App\Imaging\FileAnalysis;
use App\Imaging\OutsideProgram;
use App\Imaging\PictureTags;
use App\Imaging\PixelEngine;
use App\Imaging\ReadingFile;
use App\Imaging\TagWriter;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use Symfony\Component\Console\Attribute\AsCommand;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedCamera;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Measures\MeasuredPicture;

#[AsCommand('pupil:bench')]
final class Bench extends Command
{
    protected $signature =
        'pupil:bench {--runs=5} {--adviser : only the adviser} {--finder : only the finder} '.
        '{--pages= : only the pages of a large course, served at this address} {--students=300} {--frames=12000} '.
        '{--others=0 : frames of other courses beside it} '.
        '{--worker= : only the seconds that one worker takes for so many runs over this picture}';

    protected $description =
        'Times the analysis of a 24-megapixel JPEG beside a bare decode of it, two workers at '.
        'once, the adviser over kits of one lens to thirty, and sights in the finder';

    public function handle(FrameBench $work, PictureTags $tags, PixelEngine $pixels, TagWriter $writer): int
    {
        $runs = max(1, (int) $this->option('runs'));
        if (is_string($this->option('worker'))) {
            return $this->workAs($work, $this->option('worker'), $runs);
        }
        if (is_string($this->option('pages'))) {
            return $this->pages($this->option('pages'), $work, $tags, $writer, max(20, 8 * $runs));
        }
        if ($this->option('finder')) {
            return $this->finder($runs);
        }
        $this->table(['what', 'median', 'slowest', 'peak memory of PHP'], (new AdviserBench())->rows(40 * $runs));
        if ($this->option('adviser')) {
            return self::SUCCESS;
        }
        $picture = storage_path('scratch/bench.jpg');
        $copy = storage_path('scratch/bench-working.jpg');
        $this->makePicture($picture, $writer);
        $marks = FrameBench::marks();
        $watch = new Stopwatch($runs);

        $decode = $watch->time('bare decode (libjpeg through GD)', fn () => imagecreatefromjpeg($picture));
        $analysis = $watch->time('whole analysis of the frame', fn () => $work->analyse($picture));
        $watch->time('  its record (exiftool)', fn () => $tags->read($picture));
        $readingFile = storage_path('scratch/bench.reading');
        $watch->time(
            '  its reading and the copy that is shown, from one decode (libvips)',
            fn () => $pixels->read($picture, $readingFile, $copy, (int) config('pupil.working_side')),
        );
        $watch->time('  the reading opened (PHP)', fn () => ReadingFile::open($readingFile));
        $watch->time(
            '  what hangs on the picture alone: tones, focus, attention, lines, colour (PHP)',
            // A reading remembers what was worked out of it.
            fn () => MeasuredPicture::of(ReadingFile::open($readingFile)),
        );
        $measured = MeasuredPicture::of(ReadingFile::open($readingFile));
        $watch->time('  what its marks change (PHP)', fn () => $measured->with($marks));
        $watch->time(
            '  a subject told while it is drawn, from the files (PHP)',
            fn () => (new MeasuredPicture(ReadingFile::open($readingFile), $measured->plain, $measured->attention))
                ->glance(FrameBench::subject()),
        );
        [$measures, $record] = [$measured->with($marks), $work->record($picture)];
        $watch->time('  its checks, findings and suggestions (PHP)', fn () => $work->critique($record, $measures));
        $whole = $watch->time(
            'all that a worker does for a frame, the copy that is shown included',
            fn () => $work->handIn($picture, $copy, $readingFile),
        );

        app(RawBench::class)->time($copy, $watch);
        $this->table(['what', 'median', 'slowest', 'peak memory of PHP'], $watch->rows());
        $this->table(
            ['size', 'bare decode', 'reading and copy', 'vips hist_find', 'ImageMagick: mean and deviation'],
            app(SizesBench::class)->rows($picture, $runs),
        );
        $this->line(
            sprintf(
                'The whole analysis takes %.1f times a bare decode, all of a worker\'s work %.1f times.',
                $analysis / $decode,
                $whole / $decode,
            ),
        );
        $this->line(
            sprintf('Peak memory of the largest program run for it: %.0f MB.', (getrusage(1)['ru_maxrss'] ?? 0) / 1024),
        );
        $this->line(
            sprintf(
                'Two workers at once: %.2f frames a second, working copies included.',
                (new TwoWorkersBench())->throughput($picture, 2 * $runs),
            ),
        );
        File::delete([$picture, $copy, $readingFile]);

        return $this->finder($runs);
    }

    private function finder(int $runs): int
    {
        $found = (new FinderBench())->run($runs);
        $this->line(
            sprintf(
                'A new sight in the finder, 960 × 640, over %d turns of a dial: median %.0f ms, 95th percentile %.0f '.
                    'ms, slowest %.0f ms.',
                $found['sights'],
                1000 * $found['median'],
                1000 * $found['p95'],
                1000 * $found['slowest'],
            ),
        );

        return self::SUCCESS;
    }

    private function pages(string $address, FrameBench $work, PictureTags $tags, TagWriter $writer, int $times): int
    {
        $picture = storage_path('scratch/bench.jpg');
        $this->makePicture($picture, $writer);
        [$students, $frames] = [max(10, (int) $this->option('students')), max(20, (int) $this->option('frames'))];
        $this->line(sprintf('Making a course of %d students and %d frames …', $students, $frames));
        $kept = app(PictureStore::class)->keep($picture);
        app(WorkingCopies::class)->path($kept);
        $kept->delete();
        $big = app(BigCourse::class)->make($students, $frames, [
            'critique' => $work->analyse($picture),
            'measures' => app(FileAnalysis::class)->measure($picture, FrameBench::marks()),
            'tags' => $tags->read($picture),
            'hash' => $kept->hash,
            'bytes' => $kept->bytes,
        ]);
        $others = (int) $this->option('others');
        if ($others > 0) {
            $this->line(sprintf('… and %d frames of other courses …', $others));
            OtherCourses::fill($big['course'], $others);
        }
        $this->table(
            ['page', 'median', '95th percentile', 'slowest', 'queries', 'of it the database', 'kB'],
            array_map(
                fn (array $row): array => [
                    $row['page'],
                    ...array_map(fn (string $key): string => round(1000 * $row[$key]).' ms', [
                        'median',
                        'p95',
                        'slowest',
                    ]),
                    $row['queries'],
                    round(1000 * $row['database']).' ms',
                    $row['kilobytes'],
                ],
                (new PagesBench($address))->run($big, $times),
            ),
        );
        File::delete($picture);

        return self::SUCCESS;
    }

    private function workAs(FrameBench $work, string $picture, int $runs): int
    {
        $copy = storage_path('scratch/bench-working-'.getmypid().'.jpg');
        // The first one compiles and fills caches; a worker that runs for an hour does so once.
        $work->handIn($picture, $copy, $copy.'.reading');
        $started = hrtime(true);
        for ($run = 0; $run < $runs; $run++) {
            $work->handIn($picture, $copy, $copy.'.reading');
        }
        $this->line((string) ((hrtime(true) - $started) / 1e9));
        File::delete([$copy, $copy.'.reading']);

        return self::SUCCESS;
    }

    /** 6000 × 4000 pixels of a scene of the demo with noise: detail that a JPEG decoder has to work for. */
    private function makePicture(string $target, TagWriter $writer): void
    {
        $vips = new OutsideProgram('vips', 120);
        $folder = storage_path('scratch/making');
        File::ensureDirectoryExists($folder);
        File::put($folder.'/plate.hdr', (string) gzdecode(File::get(base_path('demo/scenes/pots/plate.hdr.gz'))));
        $vips->run(['rad2float', $folder.'/plate.hdr', $folder.'/plate.v']);
        $vips->run(['colourspace', $folder.'/plate.v', $folder.'/srgb.v', 'srgb', '--source-space', 'scrgb']);
        $vips->run(['resize', $folder.'/srgb.v', $folder.'/large.v', (string) (6000 / 1800)]);
        $vips->run(['gaussnoise', $folder.'/noise.v', '6000', '4000', '--sigma', '5', '--mean', '0', '--seed', '24']);
        $vips->run(['add', $folder.'/large.v', $folder.'/noise.v', $folder.'/noisy.v']);
        $vips->run(['cast', $folder.'/noisy.v', $folder.'/cast.v', 'uchar']);
        $vips->run(['copy', $folder.'/cast.v', $target.'[Q=92]', '--interpretation', 'srgb']);
        File::deleteDirectory($folder);
        $writer->write(
            $target,
            new CaptureRecord(
                camera: new RecordedCamera(make: 'Marlpit', model: 'Marlpit One'),
                exposure: new RecordedExposure(
                    fNumber: Aperture::of(5.6),
                    exposureTime: ExposureTime::of(1 / 100),
                    iso: Iso::of(400),
                    compensation: 0.0,
                    mode: ExposureMode::Aperture,
                ),
                lens: new RecordedLens(focalLength: 50, focalLength35: 50, widestFNumber: 1.8),
            ),
        );
    }
}
