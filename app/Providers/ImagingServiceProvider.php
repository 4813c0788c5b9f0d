<?php

declare(strict_types=1);

namespace App\Providers;

use App\HandIn\PictureStore;
use App\HandIn\UploadPieces;
use App\HandIn\WorkingCopies;
use App\Imaging\ExifTool;
use App\Imaging\FileCache;
use App\Imaging\FileRecordReader;
use App\Imaging\FileStore;
use App\Imaging\FrameMeasurer;
use App\Imaging\OutsideProgram;
use App\Imaging\PictureGate;
use App\Imaging\PictureTags;
use App\Imaging\PixelEngine;
use App\Imaging\PlaceRemover;
use App\Imaging\PreviewExtractor;
use App\Imaging\Sandbox;
use App\Imaging\TagWriter;
use App\Imaging\Vips\Vips;
use App\Imaging\VipsEngine;
use App\Practice\PlateStore;
use App\Practice\RollPictures;
use App\Practice\SceneRenderer;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\ServiceProvider;
use TruePupil\Core\Capture\RecordReader;

/** Binds the ports for pictures to the programs that do the work. */
final class ImagingServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(PictureGate::class, fn () => new PictureGate((int) config('pupil.upload.megapixels')));
        $this->app->singleton(Sandbox::class, fn () => new Sandbox((bool) config('pupil.tools.sandbox')));
        $this->app->singleton(PictureTags::class, fn () => new ExifTool($this->tool('exiftool')));
        $this->app->bind(RecordReader::class, FileRecordReader::class);
        $this->app->singleton(
            PreviewExtractor::class,
            fn () => new PreviewExtractor($this->tool('exiftool'), $this->scratch()),
        );
        $this->app->singleton(
            PixelEngine::class,
            fn () => new VipsEngine(
                $this->tool('php', VipsEngine::ADDRESS_SPACE),
                $this->app->make(PreviewExtractor::class),
                (int) config('pupil.upload.megapixels'),
            ),
        );
        $this->app->singleton(
            FrameMeasurer::class,
            fn () => new FrameMeasurer($this->app->make(PixelEngine::class), $this->scratch()),
        );
        // The practice camera's own: it opens nothing but plates.
        $this->app->singleton(Vips::class, fn () => new Vips(2, opensOwnFiles: true));
        $this->app->singleton(
            PlateStore::class,
            fn () => new PlateStore(
                $this->app->make(Vips::class),
                new FileCache($this->scratch().'/kept', 1024 * 1024 * (int) config('pupil.kept_megabytes')),
                new FileCache($this->scratch().'/readings', 32 * 1024 * 1024),
                new FileCache($this->scratch().'/cuts', 256 * 1024 * 1024),
            ),
        );
        $this->app->singleton(
            WorkingCopies::class,
            fn () => new WorkingCopies(
                $this->app->make(PictureStore::class),
                $this->app->make(PixelEngine::class),
                new FileCache($this->scratch().'/wholes', 1024 * 1024 * 1024),
                new FileCache($this->scratch().'/made', 256 * 1024 * 1024),
            ),
        );
        $disks = [PictureStore::class => 'pictures', RollPictures::class => 'files', UploadPieces::class => 'files'];
        foreach ($disks as $of => $disk) {
            $this->app
                ->when($of)
                ->needs(FileStore::class)
                ->give(fn (): FileStore => $this->files($disk));
        }
        $this->app->singleton(SceneRenderer::class);
        $this->app->singleton(PlaceRemover::class, fn () => new PlaceRemover($this->tool('exiftool')));
        // Writes to what the practice camera has made itself.
        $this->app->singleton(
            TagWriter::class,
            fn () => new TagWriter(
                new OutsideProgram((string) config('pupil.tools.exiftool'), (float) config('pupil.tools.seconds')),
            ),
        );
    }

    private function tool(string $name, int $bytes = 2_000_000_000): OutsideProgram
    {
        return new OutsideProgram(
            (string) config('pupil.tools.'.$name),
            (float) config('pupil.tools.seconds'),
            $this->app->make(Sandbox::class),
            (string) config('pupil.tools.prlimit'),
            $bytes,
        );
    }

    /** Files of a disk; what is fetched from a remote one is kept near. */
    private function files(string $disk): FileStore
    {
        return new FileStore(
            Storage::disk($disk),
            new FileCache($this->scratch().'/near', 1024 * 1024 * (int) config('pupil.near_megabytes')),
        );
    }

    private function scratch(): string
    {
        return storage_path('scratch');
    }
}
