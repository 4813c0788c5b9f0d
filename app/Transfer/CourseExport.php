<?php

declare(strict_types=1);

namespace App\Transfer;

use App\HandIn\PictureStore;
use App\Imaging\HeldFiles;
use App\Models\Course;
use App\Models\Picture;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use ZipArchive;

/**
 * A whole course in one ZIP, for another installation (docs/formats/export.md): its rows as the database has them, and
 * every picture as it was handed in.
 */
final readonly class CourseExport
{
    /** Rows that are in memory at one time. */
    private const AT_ONCE = 200;

    public function __construct(private PictureStore $store)
    {
    }

    /**
     * @param  string  $path  where the file goes; it appears whole or not at all
     * @return array{people: int, attempts: int, pictures: int}
     *
     * @throws RuntimeException when a picture is missing or the file cannot be written
     */
    public function write(Course $course, string $path): array
    {
        $folder = storage_path('scratch/course-'.bin2hex(random_bytes(6)));
        File::ensureDirectoryExists($folder);
        $partial = $path.'.'.bin2hex(random_bytes(4)).'.part';
        try {
            // One moment of the database.
            $counts = DB::transaction(fn (): array => $this->tables($course, $folder));
            $zip = new ZipArchive();
            if ($zip->open($partial, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
                throw new RuntimeException(sprintf('"%s" cannot be written.', $path));
            }
            $zip->addFromString(
                'course.json',
                json_encode(
                    [
                        'format' => CourseTables::FORMAT,
                        'version' => CourseTables::VERSION,
                        'schema' => DB::table('migrations')->max('migration'),
                        'name' => $course->name,
                        'joinCode' => $course->join_code,
                        'rows' => $counts,
                    ],
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                ),
            );
            foreach (array_keys($counts) as $table) {
                $zip->addFile($folder.'/'.$table, 'tables/'.$table.'.jsonl');
            }
            $held = new HeldFiles();
            $this->addPictures($zip, $folder.'/pictures', $held);
            if (! $zip->close() || ! rename($partial, $path)) {
                throw new RuntimeException(sprintf('"%s" cannot be written: is the disk full?', $path));
            }
        } finally {
            File::deleteDirectory($folder);
            File::delete($partial);
        }
        chmod($path, 0600);

        return ['people' => $counts['users'], 'attempts' => $counts['attempts'], 'pictures' => $counts['pictures']];
    }

    /** @return array<string, int> rows by table */
    private function tables(Course $course, string $folder): array
    {
        $in = fn (string $table, string $column, Builder $of): Builder => DB::table($table)->whereIn($column, $of);
        $sets = DB::table('set_briefs')->where('course_id', $course->id)->select('id');
        $attempts = DB::table('attempts')->whereIn('set_brief_id', $sets)->select('id');
        $frames = DB::table('frames')->whereIn('attempt_id', $attempts);
        $pictures = DB::table('pictures')->whereIn('id', $frames->clone()->select('picture_id'));
        $queries = [
            'courses' => DB::table('courses')->where('id', $course->id),
            ...array_map(fn (string $table): Builder => DB::table($table)->where('course_id', $course->id), [
                'memberships' => 'memberships',
                'meetings' => 'meetings',
                'set_briefs' => 'set_briefs',
                'silenced_findings' => 'silenced_findings',
            ]),
            'extensions' => $in('extensions', 'set_brief_id', $sets),
            'attempts' => $in('attempts', 'set_brief_id', $sets),
            'summary_versions' => $in('summary_versions', 'attempt_id', $attempts->clone()),
            'plans' => $in('plans', 'set_brief_id', $sets),
            'day_sheets' => $in('day_sheets', 'set_brief_id', $sets),
            'revisits' => $in('revisits', 'frame_id', $frames->clone()->select('id')),
            'frames' => $frames,
            ...array_map(fn (string $table): Builder => $in($table, 'frame_id', $frames->clone()->select('id')), [
                'findings' => 'findings',
                'notes' => 'notes',
                'what_ifs' => 'what_ifs',
            ]),
            'pictures' => $pictures,
            'practice_shots' => $in('practice_shots', 'hash', $pictures->clone()->select('hash')),
        ];
        $people = $counts = [];
        foreach ($queries as $table => $query) {
            $counts[$table] = $this->table(
                $query,
                $folder.'/'.$table,
                array_keys(CourseTables::POINTERS[$table], 'users', true),
                $people,
            );
        }
        // Whoever is a member, and whoever has left and is still spoken of.
        $counts['users'] = $this->table(
            DB::table('users')->whereIn('id', array_keys($people)),
            $folder.'/users',
            [],
            $people,
        );
        foreach (['film_rolls', ...array_keys(CourseTables::OWN)] as $table) {
            $counts[$table] = $this->table(
                DB::table($table)->whereIn('user_id', array_keys($people)),
                $folder.'/'.$table,
                [],
                $people,
            );
        }
        $counts['field_notes'] = $this->table(
            DB::table('field_notes')
                ->whereIn('day_sheet_id', DB::table('day_sheets')->whereIn('set_brief_id', $sets)->select('id'))
                ->orWhereIn(
                    'film_roll_id',
                    DB::table('film_rolls')->whereIn('user_id', array_keys($people))->select('id'),
                ),
            $folder.'/field_notes',
            [],
            $people,
        );

        return $counts;
    }

    /**
     * Writes a row a line.
     *
     * @param  list<string>  $pointing  columns that point at people
     * @param  array<int, true>  $people  grows by whom they point at
     */
    private function table(Builder $query, string $path, array $pointing, array &$people): int
    {
        $file = fopen($path, 'w') ?: throw new RuntimeException('The scratch folder cannot be written.');
        $count = 0;
        foreach ($query->lazyById(self::AT_ONCE) as $row) {
            $columns = str_ends_with($path, '/users')
                ? array_intersect_key((array) $row, array_flip(CourseTables::OF_PEOPLE))
                : (array) $row;
            foreach ($pointing as $column) {
                if ($columns[$column] !== null) {
                    $people[(int) $columns[$column]] = true;
                }
            }
            fwrite(
                $file,
                json_encode($columns, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n",
            );
            $count++;
        }
        fclose($file);

        return $count;
    }

    /** @param  string  $table  the file with the rows of the pictures */
    private function addPictures(ZipArchive $zip, string $table, HeldFiles $held): void
    {
        foreach (File::lines($table) as $line) {
            if ($line === '') {
                continue;
            }
            $hash = json_decode($line, true)['hash'];
            $original = $held->hold($this->store->original((new Picture())->forceFill(['hash' => $hash])));
            if (! is_file($original)) {
                throw new RuntimeException(
                    sprintf('The picture %s is not in the store any more; nothing was written.', $hash),
                );
            }
            $zip->addFile($original, 'pictures/'.$hash);
            // They are compressed already.
            $zip->setCompressionName('pictures/'.$hash, ZipArchive::CM_STORE);
        }
    }
}
