<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Contracts\Database\Eloquent\Builder;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * How long the pages of a large course take as a browser would ask for them, and how many questions each puts to the
 * database.
 */
final class PagesBench
{
    /** Asked once before it counts: a first page compiles and fills caches. */
    private const WARM = 3;

    private string $cookies = '';

    public function __construct(private readonly string $address)
    {
    }

    /**
     * @param  array{course: Course, instructor: User, student: User}  $big
     * @return list<array{
     *     page: string,
     *     median: float,
     *     p95: float,
     *     slowest: float,
     *     queries: int,
     *     database: float,
     *     kilobytes: int,
     * }> seconds
     */
    public function run(array $big, int $times): array
    {
        $rows = [];
        foreach ($this->pages($big) as $name => [$person, $urls]) {
            $this->signIn($person);
            for ($warm = 0; $warm < self::WARM; $warm++) {
                $this->get($urls[0]);
            }
            [$seconds, $bytes] = [[], 0];
            for ($time = 0; $time < $times; $time++) {
                [$took, $bytes] = $this->get($urls[$time % count($urls)]);
                $seconds[] = $took;
            }
            sort($seconds);
            $rows[] = [
                'page' => $name,
                'median' => $seconds[intdiv($times, 2)],
                'p95' => $seconds[(int) ceil(0.95 * $times) - 1],
                'slowest' => $seconds[$times - 1],
                ...$this->queries($person, $urls[0]),
                'kilobytes' => (int) round($bytes / 1000),
            ];
        }

        return $rows;
    }

    /**
     * @param  array{course: Course, instructor: User, student: User}  $big
     * @return array<string, array{User, non-empty-list<string>}>
     */
    private function pages(array $big): array
    {
        ['course' => $course, 'instructor' => $instructor, 'student' => $student] = $big;
        $briefs = array_values($course->setBriefs()->pluck('id')->all());
        $waiting = Attempt::query()
            ->whereIn('set_brief_id', $briefs)
            ->where('state', AttemptState::AtDesk)
            ->orderBy('id')
            ->limit(20)
            ->pluck('id');

        // The one whose picture is there.
        $shot = Frame::query()
            ->whereHas('attempt', fn (Builder $own) => $own->whereIn('set_brief_id', $briefs))
            ->orderBy('picture_id')
            ->firstOrFail();

        return [
            'the course, as its instructor' => [$instructor, ['/courses/'.$course->id]],
            'the board' => [
                $instructor,
                array_map(fn (int $page): string => '/courses/'.$course->id.'/board?page='.$page, range(1, 8)),
            ],
            'the board, those who wait' => [
                $instructor,
                ['/courses/'.$course->id.'/board?shown=waiting', '/courses/'.$course->id.'/board?shown=behind'],
            ],
            'the desk\'s list' => [
                $instructor,
                array_map(fn (int $page): string => '/courses/'.$course->id.'/desk?page='.$page, range(1, 8)),
            ],
            'the desk: the next attempt' => [
                $instructor,
                array_values($waiting->map(fn (int $id): string => '/desk/'.$id)->all()) ?: [
                    '/courses/'.$course->id,
                ],
            ],
            'a student\'s page' => [$student, ['/courses/'.$course->id]],
            'a set brief, as a student' => [
                $student,
                array_map(fn (int $id): string => '/briefs/'.$id, $briefs) ?: ['/courses/'.$course->id],
            ],
            'a subject while it is drawn' => [
                $shot->attempt->user,
                array_map(
                    fn (int $width): string => '/frames/'.$shot->id.'/glance?x=30&y=25&height=40&width='.$width,
                    range(15, 45, 2),
                ),
            ],
        ];
    }

    private function signIn(User $person): void
    {
        $this->cookies = '';
        [, , $page] = $this->fetch('/sign-in');
        if (preg_match('/name="_token" value="([^"]+)"/', $page, $token) !== 1) {
            throw new RuntimeException('The sign-in page came without its form.');
        }
        [, , , $status] = $this->fetch('/sign-in', [
            '_token' => $token[1],
            'email' => (string) $person->email,
            'password' => BigCourse::PASSWORD,
        ]);
        if ($status !== 302) {
            throw new RuntimeException(sprintf('Signing in as %s answered %d.', $person->email, $status));
        }
    }

    /** @return array{float, int} seconds and bytes */
    private function get(string $url): array
    {
        [$seconds, $bytes, , $status] = $this->fetch($url);
        if ($status !== 200) {
            throw new RuntimeException(sprintf('%s answered %d.', $url, $status));
        }

        return [$seconds, $bytes];
    }

    /**
     * @param  array<string, string>  $form
     * @return array{float, int, string, int} seconds, bytes, what came, status
     */
    private function fetch(string $url, array $form = []): array
    {
        $curl = curl_init($this->address.$url);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_COOKIE => $this->cookies ?: 'none=1',
            CURLOPT_TIMEOUT => 30,
        ]);
        if ($form !== []) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, http_build_query($form));
        }
        $answer = (string) curl_exec($curl);
        $headers = substr($answer, 0, (int) curl_getinfo($curl, CURLINFO_HEADER_SIZE));
        if (preg_match_all('/^set-cookie: ([^=]+=[^;]+)/mi', $headers, $set) > 0) {
            $jar = [];
            foreach ([...array_filter(explode('; ', $this->cookies)), ...$set[1]] as $cookie) {
                $jar[explode('=', $cookie, 2)[0]] = $cookie;
            }
            $this->cookies = implode('; ', $jar);
        }

        return [
            (float) curl_getinfo($curl, CURLINFO_TOTAL_TIME),
            strlen($answer),
            substr($answer, strlen($headers)),
            (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
        ];
    }

    /** @return array{queries: int, database: float} how many, and the seconds that they took */
    private function queries(User $person, string $url): array
    {
        Auth::forgetGuards();
        Auth::login($person);
        DB::flushQueryLog();
        DB::enableQueryLog();
        app(Kernel::class)->handle(Request::create($url));
        $log = DB::getQueryLog();
        DB::disableQueryLog();
        if (getenv('PUPIL_BENCH_QUERIES')) {
            foreach ($log as $query) {
                fwrite(STDERR, sprintf("%5.1f ms  %s\n", $query['time'], substr($query['query'], 0, 150)));
            }
        }

        return ['queries' => count($log), 'database' => array_sum(array_column($log, 'time')) / 1000];
    }
}
