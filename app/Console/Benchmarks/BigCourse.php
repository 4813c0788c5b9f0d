<?php

declare(strict_types=1);

namespace App\Console\Benchmarks;

use App\Briefs\BriefLibrary;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\FrameState;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use TruePupil\Core\Critique\Critique;
use TruePupil\Core\Measures\FrameMeasures;

/**
 * A course as large as a school: many students, all ready briefs, two frames for nearly every pair of them. What hangs
 * on a frame, its measures, checks and findings, is what one real frame came to; the pictures themselves are one and
 * the same.
 *
 * @phpstan-type SampleFrame array{
 *     critique: Critique,
 *     measures: FrameMeasures,
 *     tags: array<string, mixed>,
 *     hash: string,
 *     bytes: int,
 * }
 */
final readonly class BigCourse
{
    public const PASSWORD = 'twelve-thousand';

    /** Rows in one insert: a frame's measures weigh some 30 kB. */
    private const CHUNK = 200;

    public function __construct(private BriefLibrary $library)
    {
    }

    /**
     * @param  SampleFrame  $frame  what every frame is a copy of
     * @return array{course: Course, instructor: User, student: User}
     */
    public function make(int $students, int $frames, array $frame): array
    {
        $now = Carbon::now()->startOfHour();
        $course = Course::query()->create([
            'name' => 'A large course',
            'place' => 'Kilnyard',
            'join_code' => Course::newJoinCode(),
            'critic_code' => Course::newJoinCode(),
            'approach' => [],
        ]);
        $instructor = User::query()->create([
            'name' => 'Inga Large',
            'email' => 'inga@large.example',
            'password' => self::PASSWORD,
        ]);
        $course->memberships()->create(['user_id' => $instructor->id, 'role' => Role::Instructor]);
        $people = $this->people($course, $students, $now);
        $briefs = [];
        foreach ($this->library->all() as $index => $brief) {
            $briefs[] = $course->setBriefs()->create([
                'brief_id' => $brief->id,
                'brief' => $this->library->data($brief->id),
                'announced_at' => $now,
                'due_at' => $now->clone()->subDays(140 - 7 * $index),
            ])->id;
        }
        $attempts = $this->attempts($people, $briefs, $now);
        $this->frames($attempts, $frames, $frame, $now);

        return [
            'course' => $course,
            'instructor' => $instructor,
            'student' => User::query()->findOrFail($people[intdiv(count($people), 2)]),
        ];
    }

    /** @return list<int> */
    private function people(Course $course, int $students, Carbon $now): array
    {
        $password = Hash::make(self::PASSWORD);
        $rows = [];
        for ($number = 1; $number <= $students; $number++) {
            $rows[] = [
                'name' => sprintf('Student %03d', $number),
                'email' => sprintf('student%03d@large.example', $number),
                'password' => $password,
                'created_at' => $now,
                'updated_at' => $now,
            ];
        }
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            DB::table('users')->insert($chunk);
        }
        $people = array_map(
            intval(...),
            DB::table('users')
                ->where('email', 'like', '%@large.example')
                ->where('email', '!=', 'inga@large.example')
                ->orderBy('id')
                ->pluck('id')
                ->all(),
        );
        DB::table('memberships')->insert(
            array_map(
                fn (int $id): array => [
                    'course_id' => $course->id,
                    'user_id' => $id,
                    'role' => Role::Student->value,
                    'created_at' => $now,
                    'updated_at' => $now,
                ],
                $people,
            ),
        );

        return array_values($people);
    }

    /**
     * Nearly everybody has handed in nearly everything; the latest briefs wait.
     *
     * @param  list<int>  $people
     * @param  list<int>  $briefs
     * @return list<int>
     */
    private function attempts(array $people, array $briefs, Carbon $now): array
    {
        $rows = [];
        foreach ($people as $i => $person) {
            foreach ($briefs as $j => $brief) {
                // A tenth of all pairs is missing, spread without a random number.
                if (($i * 7 + $j * 3) % 10 === 0) {
                    continue;
                }
                $state = match (true) {
                    $j >= count($briefs) - 2 => $i % 3 === 0 ? AttemptState::Draft : AttemptState::Waiting,
                    $j === count($briefs) - 3 => $i % 5 === 0 ? AttemptState::AtDesk : AttemptState::Waiting,
                    default => AttemptState::Returned,
                };
                $handedIn = $now->clone()->subMinutes(90 * ($i + 1) + 1440 * (count($briefs) - $j));
                $rows[] = [
                    'set_brief_id' => $brief,
                    'user_id' => $person,
                    'number' => 1,
                    'state' => $state->value,
                    'summary' => $state === AttemptState::Returned ? 'Look once more at the edges.' : null,
                    'handed_in_at' => $state === AttemptState::Draft ? null : $handedIn,
                    'opened_at' => $state === AttemptState::Returned || $state === AttemptState::AtDesk
                            ? $handedIn->clone()->addDay()
                            : null,
                    'returned_at' => $state === AttemptState::Returned ? $handedIn->clone()->addDays(2) : null,
                    'created_at' => $handedIn,
                    'updated_at' => $handedIn,
                ];
            }
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('attempts')->insert($chunk);
        }

        return array_map(
            intval(...),
            array_values(DB::table('attempts')->whereIn('set_brief_id', $briefs)->orderBy('id')->pluck('id')->all()),
        );
    }

    /**
     * @param  list<int>  $attempts
     * @param  SampleFrame  $frame
     */
    private function frames(array $attempts, int $frames, array $frame, Carbon $now): void
    {
        $plain = $frame['critique']->toArray();
        $pictures = $this->pictures($frames, $frame, $now);
        $common = [
            'state' => FrameState::Judged->value,
            'width' => 6000,
            'height' => 4000,
            'tags' => json_encode($frame['tags']),
            'stated' => json_encode(['support' => 'hand']),
            'subject' => json_encode(['x' => 0.35, 'y' => 0.3, 'width' => 0.2, 'height' => 0.35]),
            'about' => 'A pot on a shelf.',
            'reason' => 'White on white.',
            'measures' => json_encode($frame['measures']->toArray()),
            'checks' => json_encode($plain['checks']),
            'suggestions' => json_encode($plain['suggestions']),
            'unmet_needs' => json_encode($frame['critique']->unmetNeedsToArray()),
            'rules_version' => (int) config('pupil.rules_version'),
            'revision' => 1,
            'created_at' => $now,
            'updated_at' => $now,
        ];
        $rows = [];
        for ($number = 0; $number < $frames; $number++) {
            $rows[] = [
                'attempt_id' => $attempts[$number % count($attempts)],
                'picture_id' => $pictures[$number],
                'original_name' => sprintf('FRAME_%05d.jpg', $number),
                ...$common,
            ];
            if (count($rows) === self::CHUNK || $number === $frames - 1) {
                DB::table('frames')->insert($rows);
                $rows = [];
            }
        }
        $this->findings($attempts, array_slice($plain['findings'], 0, 4), $now);
    }

    /**
     * Everybody's pictures are their own.
     *
     * @param  array{hash: string, bytes: int, ...}  $frame
     * @return list<int>
     */
    private function pictures(int $count, array $frame, Carbon $now): array
    {
        $first = (int) DB::table('pictures')->max('id');
        for ($number = 0; $number < $count; $number += 1000) {
            DB::table('pictures')->insert(
                array_map(
                    fn (int $one): array => [
                        'hash' => $one === 0 ? $frame['hash'] : hash('sha256', $frame['hash'].$one),
                        'bytes' => $frame['bytes'],
                        'mime' => 'image/jpeg',
                        'created_at' => $now,
                        'updated_at' => $now,
                    ],
                    range($number, min($count, $number + 1000) - 1),
                ),
            );
        }

        return array_values(
            array_map(
                intval(...),
                DB::table('pictures')->where('id', '>', $first)->orderBy('id')->limit($count)->pluck('id')->all(),
            ),
        );
    }

    /**
     * @param  list<int>  $attempts
     * @param  list<array<string, mixed>>  $findings
     */
    private function findings(array $attempts, array $findings, Carbon $now): void
    {
        DB::table('frames')
            ->whereIn('attempt_id', $attempts)
            ->select('id')
            ->orderBy('id')
            ->chunk(500, function ($frames) use ($findings, $now): void {
                $rows = [];
                foreach ($frames as $frame) {
                    foreach ($findings as $body) {
                        $rows[] = [
                            'frame_id' => $frame->id,
                            'rule_id' => $body['id'],
                            'body' => json_encode($body),
                            'decision' => 'open',
                            'current' => true,
                            'created_at' => $now,
                            'updated_at' => $now,
                        ];
                    }
                }
                DB::table('findings')->insert($rows);
            });
    }
}
