<?php

declare(strict_types=1);

namespace App\Transfer;

use App\HandIn\FrameQueue;
use App\HandIn\PictureStore;
use App\Models\Course;
use App\Models\FrameState;
use App\Models\Picture;
use Generator;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Throwable;
use ZipArchive;

/**
 * Takes a course in from another installation, whole or not at all. Its people come as accounts that nobody can sign in
 * to: each is claimed by a link. An address joins nobody to an account that is here.
 */
final readonly class CourseImport
{
    /** Bytes of a row. A longer one was not written here. */
    private const LONGEST_ROW = 16 << 20;

    public function __construct(private PictureStore $store, private FrameQueue $queue)
    {
    }

    /**
     * @return array{course: Course, people: int, pictures: int}
     *
     * @throws ImportRefused
     */
    public function take(string $path): array
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new ImportRefused(sprintf('"%s" is no course archive: it cannot be opened as a ZIP.', $path));
        }
        $this->check($zip);
        $files = [];
        try {
            $numbers = DB::transaction(function () use ($zip, &$files): array {
                return $this->insert($zip, $files);
            });
        } catch (Throwable $problem) {
            // Files that came with it and belong to nothing here.
            foreach ($files as $file) {
                $this->store->delete($file);
            }
            throw $problem instanceof QueryException
                ? new ImportRefused(
                    'The archive does not fit together: '.$problem->getPrevious()?->getMessage(),
                    previous: $problem,
                )
                : $problem;
        }
        $course = Course::query()->findOrFail(array_values($numbers['courses'])[0]);
        $this->goOn($course);

        return [
            'course' => $course,
            'people' => count($numbers['users'] ?? []),
            'pictures' => count($numbers['pictures'] ?? []),
        ];
    }

    private function check(ZipArchive $zip): void
    {
        $header = json_decode((string) $zip->getFromName('course.json'), true);
        if (! is_array($header) || ($header['format'] ?? null) !== CourseTables::FORMAT) {
            throw new ImportRefused('The archive holds something else than a course.');
        }
        if (
            ($header['version'] ?? 0) > CourseTables::VERSION ||
            (string) ($header['schema'] ?? '') > (string) DB::table('migrations')->max('migration')
        ) {
            throw new ImportRefused(
                'The archive was made by a newer version of the application; bring this one up to date first.',
            );
        }
        $courses = iterator_to_array($this->rows($zip, 'courses'), false);
        if (count($courses) !== 1) {
            throw new ImportRefused(sprintf('The archive holds %d courses; it has to be one.', count($courses)));
        }
        $code = $courses[0]['join_code'] ?? null;
        if (DB::table('courses')->where('join_code', $code)->exists()) {
            throw new ImportRefused(
                sprintf('The course that is joined with %s is here already; nothing was taken in twice.', $code),
            );
        }
    }

    private function version(ZipArchive $zip): int
    {
        $header = json_decode((string) $zip->getFromName('course.json'), true);

        return (int) (is_array($header) ? $header['version'] ?? 0 : 0);
    }

    /** @return Generator<int, array<string, mixed>> */
    private function rows(ZipArchive $zip, string $table): Generator
    {
        $stream = $zip->getStream('tables/'.$table.'.jsonl');
        if ($stream === false && (CourseTables::SINCE[$table] ?? 0) > $this->version($zip)) {
            return;
        }
        if ($stream === false) {
            throw new ImportRefused(sprintf('The archive has no rows for "%s".', $table));
        }
        $columns = array_flip(Schema::getColumnListing($table));
        while (($line = fgets($stream, self::LONGEST_ROW)) !== false) {
            if (! str_ends_with($line, "\n")) {
                throw new ImportRefused(sprintf('A row of "%s" does not end; the archive is damaged.', $table));
            }
            $row = json_decode($line, true);
            $row = is_array($row) ? self::upgrade($table, $row) : $row;
            if (! is_array($row) || ! is_int($row['id'] ?? null) || array_diff_key($row, $columns) !== []) {
                throw new ImportRefused(
                    sprintf('A row of "%s" cannot be read, or has columns that are not known here.', $table),
                );
            }
            yield $row;
        }
        fclose($stream);
    }

    /**
     * A row of an older archive with the columns as they are named now. The values in them carry their own version.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function upgrade(string $table, array $row): array
    {
        // Its students were told of it elsewhere.
        if ($table === 'set_briefs' && ! array_key_exists('announced_at', $row)) {
            $row['announced_at'] = $row['created_at'] ?? null;
        }
        foreach (CourseTables::RENAMED_SINCE_1[$table] ?? [] as $before => $now) {
            if (array_key_exists($before, $row)) {
                $row[$now] = $row[$before];
                unset($row[$before]);
            }
        }

        return $row;
    }

    /**
     * @param  list<string>  $files  hashes; grows by the pictures that were not in the store before
     * @return array<string, array<int, int>> new numbers by table and old number
     */
    private function insert(ZipArchive $zip, array &$files): array
    {
        [$numbers, $favourites] = [[], []];
        foreach (CourseTables::POINTERS as $table => $pointers) {
            foreach ($this->rows($zip, $table) as $row) {
                $old = $row['id'];
                unset($row['id']);
                // Attempts come before their frames: which of these is the favourite is said when they are there.
                if ($table === 'attempts' && ($row['favourite_frame_id'] ?? null) !== null) {
                    $favourites[$old] = $row['favourite_frame_id'];
                    $row['favourite_frame_id'] = null;
                }
                foreach ($pointers as $column => $target) {
                    $row[$column] =
                        ($row[$column] ?? null) === null
                            ? null
                            : $numbers[$target][$row[$column]] ??
                                throw new ImportRefused(
                                    sprintf(
                                        'A row of "%s" points at a row of "%s" that is not in the archive.',
                                        $table,
                                        $target,
                                    ),
                                );
                }
                $known = match ($table) {
                    'pictures' => $this->keepPicture($zip, (string) $row['hash'], $files)->id,
                    default => isset(CourseTables::SAME_BY[$table])
                        ? DB::table($table)
                            ->where(CourseTables::SAME_BY[$table], $row[CourseTables::SAME_BY[$table]])
                            ->value('id')
                        : null,
                };
                $numbers[$table][$old] =
                    (int) ($known ??
                        DB::table($table)->insertGetId(
                            match ($table) {
                                'plans' => $this->plan($row, $numbers['frames'] ?? []),
                                'users' => self::unclaimed($row),
                                // In one installation a note has its number once.
                                'field_notes' => [...$row, 'uuid' => (string) Str::uuid()],
                                default => $row,
                            },
                        ));
            }
        }

        foreach ($favourites as $attempt => $frame) {
            DB::table('attempts')
                ->where('id', $numbers['attempts'][$attempt] ?? 0)
                ->update(['favourite_frame_id' => $numbers['frames'][$frame] ?? null]);
        }

        return $numbers;
    }

    /** @param  list<string>  $files */
    private function keepPicture(ZipArchive $zip, string $hash, array &$files): Picture
    {
        $stream = preg_match('/^[0-9a-f]{64}$/', $hash) === 1 ? $zip->getStream('pictures/'.$hash) : false;
        if ($stream === false) {
            throw new ImportRefused(sprintf('The picture "%s" is missing in the archive.', $hash));
        }
        File::ensureDirectoryExists(storage_path('scratch'));
        $copy = storage_path('scratch/'.bin2hex(random_bytes(8)));
        try {
            // A picture that unpacks to more than may be handed in is none that was.
            $most = (int) config('pupil.upload.megabytes') * 1_000_000;
            $file = fopen($copy, 'w') ?: throw new ImportRefused('The scratch folder cannot be written.');
            $bytes = stream_copy_to_stream($stream, $file, $most + 1);
            fclose($file);
            if ($bytes > $most) {
                throw new ImportRefused(sprintf('The picture %s is larger than pictures may be.', $hash));
            }
            if (hash_file('sha256', $copy) !== $hash) {
                throw new ImportRefused(sprintf('The picture %s is not what it was: the archive is damaged.', $hash));
            }
            if (! $this->store->has($hash)) {
                $files[] = $hash;
            }

            return $this->store->keep($copy);
        } finally {
            File::delete($copy);
        }
    }

    /**
     * A plan may begin with the light of an earlier frame.
     *
     * @param  array<string, mixed>  $row
     * @param  array<int, int>  $frames  new numbers by old
     * @return array<string, mixed>
     */
    private function plan(array $row, array $frames): array
    {
        $input = json_decode((string) ($row['input'] ?? ''), true);
        if (is_array($input) && isset($input['earlier'])) {
            $input['earlier'] = (string) ($frames[(int) $input['earlier']] ?? '');
            $row['input'] = json_encode($input, JSON_UNESCAPED_UNICODE);
        }

        return $row;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function unclaimed(array $row): array
    {
        $address = is_string($row['email'] ?? null) ? mb_substr(mb_strtolower($row['email']), 0, 190) : null;

        return [
            ...array_intersect_key($row, array_flip(CourseTables::OF_PEOPLE)),
            'email' => null,
            'invited_email' => $address,
        ];
    }

    /** What was being worked on there is worked on here. */
    private function goOn(Course $course): void
    {
        $frames = DB::table('frames')
            ->join('attempts', 'attempts.id', '=', 'frames.attempt_id')
            ->join('set_briefs', 'set_briefs.id', '=', 'attempts.set_brief_id')
            ->where('set_briefs.course_id', $course->id);
        $frames
            ->clone()
            ->where('frames.state', FrameState::Reading->value)
            ->pluck('frames.id')
            ->each(fn (int $id) => $this->queue->read($id));
        foreach (
            $frames
                ->clone()
                ->where('frames.state', FrameState::Judging->value)
                ->get(['frames.id', 'frames.revision']) as $frame
        ) {
            $this->queue->judge((int) $frame->id, (int) $frame->revision);
        }
    }
}
