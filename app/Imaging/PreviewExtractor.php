<?php

declare(strict_types=1);

namespace App\Imaging;

use Illuminate\Support\Facades\File;
use TruePupil\Core\Capture\UnreadablePicture;

/** Gives pixels a file they can decode: the picture itself, or for camera raw the largest preview embedded in it. */
final readonly class PreviewExtractor
{
    /** Decoded as they are. */
    private const PLAIN = '~^image/(jpeg|png|webp|heic|heif|avif|gif|bmp|x-ms-bmp|jp2)$~';

    /** What exiftool calls camera raw: a kind of its own for every maker. */
    private const RAW = '~^image/x-(?!portable|ms-bmp|xbitmap|xpixmap|tga|icon|exr)~';

    private const PREVIEWS = ['JpgFromRaw', 'JpgFromRaw2', 'PreviewImage', 'OtherImage', 'ThumbnailImage'];

    public function __construct(private OutsideProgram $exiftool, private string $scratch)
    {
    }

    /**
     * @template T
     *
     * @param  callable(string, bool): T  $work  given the path to decode, and whether it is only a preview
     * @return T
     *
     * @throws UnreadablePicture when a raw file holds no preview
     */
    public function decodable(string $path, callable $work): mixed
    {
        if (! is_file($path)) {
            throw UnreadablePicture::broken('there is no such file');
        }
        if (preg_match(self::PLAIN, mime_content_type($path) ?: '') === 1 || ! $this->isRaw($path)) {
            return $work($path, false);
        }
        $folder = $this->scratch.'/'.bin2hex(random_bytes(8));
        File::ensureDirectoryExists($folder);
        try {
            return $work($this->largest($path, $folder), true);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private function isRaw(string $path): bool
    {
        try {
            $kind = $this->exiftool->run(['-s3', '-MIMEType', '--', $path], reads: [$path]);

            return preg_match(self::RAW, trim($kind)) === 1;
        } catch (OutsideProgramFailed) {
            return false;
        }
    }

    private function largest(string $path, string $folder): string
    {
        try {
            // Each preview goes to a file of its own, named by its tag.
            $this->exiftool->run([
                '-q',
                '-a',
                '-b',
                '-W',
                $folder.'/%t%-c.jpg',
                ...array_map(fn (string $tag): string => '-'.$tag, self::PREVIEWS),
                '--',
                $path,
            ], reads: [$path], writes: [$folder]);
        } catch (OutsideProgramFailed) {
            // It ends with an error when one of them is missing; what there is has been written.
        }
        $previews = array_filter(
            File::files($folder),
            fn (\SplFileInfo $file): bool => @getimagesize($file->getPathname()) !== false,
        );
        usort($previews, fn (\SplFileInfo $a, \SplFileInfo $b): int => $b->getSize() <=> $a->getSize());
        $preview = (
            $previews[0] ?? throw UnreadablePicture::broken('this camera raw file holds no preview that could be shown')
        )->getPathname();
        $this->turnLike($path, $preview);

        return $preview;
    }

    /** Previews are mostly stored as the sensor lay; which way is up stands in the raw file. */
    private function turnLike(string $path, string $preview): void
    {
        $orientation = fn (string $file): int => (int) trim(
            $this->exiftool->run(['-s3', '-n', '-Orientation', '--', $file], reads: [$file]),
        );
        $turned = $orientation($path);
        if ($turned > 1 && $orientation($preview) <= 1) {
            $this->exiftool->run(
                ['-overwrite_original', '-q', '-n', '-Orientation='.$turned, '--', $preview],
                writes: [dirname($preview)],
            );
        }
    }
}
