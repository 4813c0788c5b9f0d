<?php

declare(strict_types=1);

/**
 * What happens behind the scene of the load test: the course before it, the queue after it, and the verdict.
 *
 *   stage.php prepare STUDENTS MEGAPIXELS PICTURE   prints the id of the set brief
 *   stage.php leases                                the jobs that workers are at, a line each
 *   stage.php taken-up FILE                         waits until none of those is where it was; says how long
 *   stage.php drain SECONDS                         waits until nothing is left to read or to judge
 *   stage.php verdict FOLDER STUDENTS FRAMES every accepted frame once, judged once; every refusal with its reason
 */

use App\Briefs\BriefLibrary;
use App\HandIn\PictureStore;
use App\Imaging\TagWriter;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\FrameState;
use App\Models\Picture;
use App\Models\Role;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Redis;
use TruePupil\Core\Capture\CaptureRecord;
use TruePupil\Core\Capture\RecordedCamera;
use TruePupil\Core\Capture\RecordedExposure;
use TruePupil\Core\Capture\RecordedLens;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Kit\ExposureMode;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

match ($argv[1] ?? '') {
    'prepare' => prepare((int) $argv[2], (float) $argv[3], $argv[4]),
    'leases' => print(implode('', array_map(fn (string $lease): string => $lease."\n", leases()))),
    'taken-up' => takenUp($argv[2]),
    'drain' => drain((int) $argv[2]),
    'verdict' => verdict($argv[2], (int) $argv[3], (int) $argv[4]),
    default => throw new InvalidArgumentException('prepare, drain or verdict?'),
};

function prepare(int $students, float $megapixels, string $picture): void
{
    $course = Course::query()->create([
        'name' => 'Due tonight',
        'join_code' => Course::newJoinCode(),
        'approach' => [],
    ]);
    $brief = $course->setBriefs()->create([
        'brief_id' => 'same-light-three-ways',
        'brief' => app(BriefLibrary::class)->data('same-light-three-ways'),
        'due_at' => now()->addMinutes(5),
    ]);
    $password = Hash::make('the-last-minute');
    for ($number = 1; $number <= $students; $number++) {
        $id = DB::table('users')->insertGetId([
            'name' => 'Student '.$number,
            'email' => 'student'.$number.'@load.example',
            'password' => $password,
        ]);
        DB::table('memberships')->insert([
            'course_id' => $course->id,
            'user_id' => $id,
            'role' => Role::Student->value,
        ]);
    }
    // Detail that a decoder has to work for: a smooth ground with drawn edges and grain.
    $width = (int) round(sqrt($megapixels * 1e6 * 1.5));
    $image =
        imagecreatetruecolor($width, intdiv($width * 2, 3)) ?: throw new RuntimeException('No room for the picture.');
    mt_srand(12);
    for ($stroke = 0; $stroke < 4000; $stroke++) {
        $grey = mt_rand(20, 235);
        imagefilledrectangle(
            $image,
            $x = mt_rand(0, $width),
            $y = mt_rand(0, $width),
            $x + mt_rand(2, 180),
            $y + mt_rand(2, 180),
            (int) imagecolorallocate($image, $grey, mt_rand(20, 235), mt_rand(20, 235)),
        );
    }
    imagejpeg($image, $picture, 94);
    app(TagWriter::class)->write(
        $picture,
        new CaptureRecord(
            new RecordedCamera('Marlpit', 'Marlpit One'),
            new RecordedLens(focalLength: 50, focalLength35: 50, widestFNumber: 1.8),
            new RecordedExposure(
                Aperture::of(5.6),
                ExposureTime::of(1 / 125),
                Iso::of(200),
                compensation: 0.0,
                mode: ExposureMode::Manual,
            ),
        ),
    );
    echo $brief->id;
}

/** Everything in the queue, wherever it lies. */
function jobs(): int
{
    return array_sum(array_map(fn (string $queue): int => Queue::size($queue), config('queue.order')));
}

/** @return list<string> what marks each try of a job in Redis */
function leases(): array
{
    return array_merge(
        ...array_map(
            fn (string $queue): array => Redis::zrange('queues:'.$queue.':reserved', 0, -1),
            config('queue.order'),
        ),
    );
}

function takenUp(string $file): void
{
    $held = array_filter(explode("\n", (string) file_get_contents($file)));
    $started = microtime(true);
    while (array_intersect($held, leases()) !== []) {
        if (microtime(true) - $started > 60) {
            exit(1);
        }
        usleep(200_000);
    }
    printf("  Each of those jobs was done or with another worker after %.1f s.\n", microtime(true) - $started);
}

function drain(int $seconds): void
{
    $until = time() + max(1, $seconds);
    while (time() < $until) {
        $left =
            jobs() +
            DB::table('frames')
                ->whereIn('state', [FrameState::Reading->value, FrameState::Judging->value])
                ->count();
        if ($left === 0) {
            exit(0);
        }
        sleep(1);
    }
    fwrite(
        STDERR,
        sprintf(
            "%d jobs and %d busy frames are left.\n",
            jobs(),
            DB::table('frames')
                ->whereIn('state', [FrameState::Reading->value, FrameState::Judging->value])
                ->count(),
        ),
    );
    exit(1);
}

function verdict(string $folder, int $students, int $frames): void
{
    $told = array_merge(
        ...array_map(
            fn (string $file): array => json_decode(
                (string) file_get_contents($file),
                true,
                flags: JSON_THROW_ON_ERROR,
            ),
            glob($folder.'/*.json') ?: [],
        ),
    );
    $sent = array_merge(...array_column($told, 'files'));
    $accepted = array_values(array_filter($sent, fn (array $file): bool => $file['accepted']));
    $refused = array_values(array_filter($sent, fn (array $file): bool => ! $file['accepted']));
    $seconds = array_column($accepted, 'seconds');
    sort($seconds);
    $problems = [];
    foreach ($accepted as $file) {
        $there = DB::table('frames')
            ->join('attempts', 'attempts.id', '=', 'frames.attempt_id')
            ->join('users', 'users.id', '=', 'attempts.user_id')
            ->join('pictures', 'pictures.id', '=', 'frames.picture_id')
            ->where('users.email', $file['student'])
            ->where('pictures.hash', $file['hash'])
            ->get(['frames.id', 'frames.state', 'frames.measures', 'frames.checks']);
        if ($there->count() !== 1) {
            $problems[] = sprintf('%s of %s is there %d times', $file['name'], $file['student'], $there->count());
        } elseif ($there[0]->state !== FrameState::Judged->value || $there[0]->measures === null) {
            $problems[] = sprintf('%s of %s is %s', $file['name'], $file['student'], $there[0]->state);
        }
    }
    foreach ($refused as $file) {
        if (trim((string) $file['message']) === '') {
            $problems[] = sprintf('%s of %s was refused without a word', $file['name'], $file['student']);
        }
    }
    $store = app(PictureStore::class);
    foreach (Picture::query()->cursor() as $picture) {
        if (! $store->has($picture->hash) || filesize($store->original($picture)) !== $picture->bytes) {
            $problems[] = sprintf('picture %d is not whole in the store', $picture->id);
        }
    }
    $total = DB::table('frames')->count();
    if ($total !== count($accepted)) {
        $problems[] = sprintf('%d frames are there for %d that were accepted', $total, count($accepted));
    }
    $twice = DB::table('findings')
        ->groupBy('frame_id', 'rule_id')
        ->havingRaw('count(*) > 1')
        ->select('frame_id')
        ->get()
        ->count();
    $handedIn = DB::table('attempts')->where('state', AttemptState::Waiting->value)->count();
    if ($twice > 0) {
        $problems[] = sprintf('%d findings are there twice', $twice);
    }
    if ($handedIn !== $students) {
        $problems[] = sprintf('%d of %d attempts are handed in', $handedIn, $students);
    }
    if (count($accepted) !== $students * $frames) {
        $problems[] = sprintf('%d of %d good files were accepted', count($accepted), $students * $frames);
    }
    printf(
        "%d files sent: %d accepted, %d refused with a reason, %d requests tried again.\n",
        count($sent),
        count($accepted),
        count($refused),
        array_sum(array_column($told, 'retries')),
    );
    printf(
        'A frame took %.1f s to arrive at the median, %.1f s at the 95th percentile; %d attempts are handed in; %d '
            ."failed jobs.\n",
        $seconds[intdiv(count($seconds), 2)] ?? 0,
        $seconds[(int) ceil(0.95 * count($seconds)) - 1] ?? 0,
        $handedIn,
        DB::table('failed_jobs')->count(),
    );
    $because = [];
    foreach ($told as $student) {
        foreach ($student['because'] as $what => $times) {
            $because[$what] = ($because[$what] ?? 0) + $times;
        }
    }
    arsort($because);
    foreach ($because as $what => $times) {
        printf("  tried again %d times: %s\n", $times, $what);
    }
    $messages = array_count_values(array_map(fn (array $file): string => (string) $file['message'], $refused));
    foreach ($messages as $message => $times) {
        printf("  refused %d times: %s\n", $times, $message);
    }
    foreach ($problems as $problem) {
        echo 'WRONG: ', $problem, "\n";
    }
    echo $problems === []
        ? "Every accepted frame is there once and judged once; every refused one was told why.\n"
        : '';
    exit($problems === [] ? 0 : 1);
}
