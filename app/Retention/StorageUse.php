<?php

declare(strict_types=1);

namespace App\Retention;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use League\Flysystem\FileAttributes;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What uses the disk. */
final class StorageUse
{
    private const MOST = 5;

    /** @return array<string, int> bytes by what they are */
    public static function parts(): array
    {
        return [
            'originals' => self::disk('pictures', 'originals'),
            'working copies' => self::disk('pictures', 'working'),
            'readings of pictures' => self::disk('pictures', 'readings'),
            'measures of pictures' => self::disk('pictures', 'measures'),
            'pictures looked at closely or otherwise' => self::folder(storage_path('scratch/wholes')) +
                self::folder(storage_path('scratch/made')) +
                self::folder(storage_path('scratch/near')),
            'readings kept at hand' => self::folder(storage_path('scratch/readings')) +
                self::folder(storage_path('scratch/cuts')),
            'unpacked plates of the practice camera' => self::folder(storage_path('scratch/kept')),
            'rolls' => self::disk('files', 'roll'),
            'uploads under way' => self::disk('files', 'uploads'),
            'the database' => (int) DB::table('information_schema.tables')
                ->where('table_schema', DB::getDatabaseName())
                ->sum(DB::raw('data_length + index_length')),
        ];
    }

    /** @return array<string, int> bytes of pictures by course, the largest first */
    public static function courses(): array
    {
        return self::largest('courses.id', 'courses.name');
    }

    /** @return array<string, int> bytes of pictures by person, the largest first */
    public static function people(): array
    {
        return self::largest('users.id', 'users.name');
    }

    /** @return array<string, int> */
    private static function largest(string $key, string $name): array
    {
        // A picture that somebody handed in twice counts once.
        $pictures = DB::table('frames')
            ->join('attempts', 'attempts.id', '=', 'frames.attempt_id')
            ->join('set_briefs', 'set_briefs.id', '=', 'attempts.set_brief_id')
            ->join('courses', 'courses.id', '=', 'set_briefs.course_id')
            ->join('users', 'users.id', '=', 'attempts.user_id')
            ->join('pictures', 'pictures.id', '=', 'frames.picture_id')
            ->distinct()
            ->select([$key.' as whose', $name.' as name', 'pictures.id', 'pictures.bytes']);

        return DB::query()
            ->fromSub($pictures, 'kept')
            ->groupBy('whose', 'name')
            ->orderByDesc('total')
            ->limit(self::MOST)
            ->selectRaw('concat(name, " (", whose, ")") as label, sum(bytes) as total')
            ->pluck('total', 'label')
            ->map(fn (mixed $bytes): int => (int) $bytes)
            ->all();
    }

    /** Of what all nodes share. */
    private static function disk(string $disk, string $folder): int
    {
        $bytes = 0;
        foreach (Storage::disk($disk)->listContents($folder, true) as $file) {
            $bytes += $file instanceof FileAttributes ? (int) $file->fileSize() : 0;
        }

        return $bytes;
    }

    private static function folder(string $path): int
    {
        if (! is_dir($path)) {
            return 0;
        }
        $bytes = 0;
        $files = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator($path, RecursiveDirectoryIterator::SKIP_DOTS),
        );
        foreach ($files as $file) {
            /** @var SplFileInfo $file */
            // What goes while it is counted takes no room.
            $bytes += (int) @filesize($file->getPathname());
        }

        return $bytes;
    }
}
