<?php

declare(strict_types=1);

namespace App\Demo;

use App\Briefs\BriefLibrary;
use App\Models\AttemptState;
use App\Models\Course;
use App\Models\Role;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** The demo: an evening course at an old tile works, everybody and everything in it made up. */
final readonly class Kilnyard
{
    public function __construct(
        private BriefLibrary $library,
        private AttemptMaker $maker,
        private FieldMaker $field,
    ) {
    }

    /** All of it at once. */
    public function load(): void
    {
        $this->begin();
        $this->goOn();
    }

    /** The course, its people, briefs and evenings: with that the application can be looked at. */
    public function begin(): void
    {
        DB::transaction(function (): void {
            [$course] = $this->loadPeople();
            $this->setBriefs($course);
            DemoLoading::begin($course, count($this->read('attempts')));
        });
    }

    /** One attempt after the other, each whole or not at all: what was cut short goes on where it was. */
    public function goOn(): void
    {
        $attempts = $this->read('attempts');
        while (($loading = DemoLoading::now()) !== null) {
            $course = Course::query()->find($loading->courseId);
            if ($course === null) {
                DemoLoading::end();

                return;
            }
            $people = User::query()
                ->whereRelation('memberships', 'course_id', $course->id)
                ->get()
                ->keyBy(fn (User $user): string => Str::before((string) $user->email, '@'))
                ->all();
            $setBriefs = $course->setBriefs->keyBy('brief_id')->all();
            DB::transaction(function () use ($loading, $attempts, $people, $setBriefs): void {
                $index = $loading->done;
                if ($index < count($attempts)) {
                    $attempt = $attempts[$index];
                    $setBrief = $setBriefs[$attempt['brief']] ?? null;
                    [$student, $teacher] = [$people[$attempt['student']] ?? null, $people['maren'] ?? null];
                    // Meanwhile people look around: what they took away stays away, what they began stays theirs.
                    $isThere = $setBrief !== null && $student !== null && $teacher !== null;
                    if ($isThere && ! self::hasBegun($setBrief, $student)) {
                        $this->maker->make($setBrief, $student, $teacher, $attempt, $index);
                    }
                    $loading->further();

                    return;
                }
                $facts = $this->read('course');
                $isWhole = count($people) >= count($facts['members'])
                    && array_diff(array_column($facts['briefs'], 'id'), array_keys($setBriefs)) === [];
                if ($isWhole) {
                    $this->field->make($setBriefs, $people, $this->read('field'));
                }
                DemoLoading::end();
            });
        }
    }

    private static function hasBegun(SetBrief $setBrief, User $student): bool
    {
        return $setBrief->attempts()
            ->where('user_id', $student->id)
            ->where('state', AttemptState::Draft)
            ->exists();
    }

    private function setBriefs(Course $course): void
    {
        $setBriefs = [];
        foreach ($this->read('course')['briefs'] as $set) {
            $setBriefs[$set['id']] = $course->setBriefs()->create([
                'brief_id' => $set['id'],
                'brief' => $this->library->data($set['id']),
                'announced_at' => Carbon::now(),
                'due_at' => Carbon::now()->addDays($set['due'])->setTime(20, 0),
            ]);
        }
        foreach ($this->read('course')['meetings'] as $meeting) {
            $planned = $course->meetings()->create([
                'title' => $meeting['title'],
                'starts_at' => Carbon::now()->addDays($meeting['day'])->setTime(19, 0),
                'lessons' => $meeting['lessons'],
                'drills' => $meeting['drills'],
            ]);
            foreach ($meeting['briefs'] as $brief) {
                $setBriefs[$brief]->update(['meeting_id' => $planned->id]);
            }
        }
    }

    /** @return array{Course, array<string, User>} the course without any brief, and its members by first name */
    public function loadPeople(): array
    {
        $facts = $this->read('course');
        $course = Course::query()->create([
            'name' => $facts['name'],
            'place' => $facts['place'],
            'join_code' => $facts['join_code'],
            'critic_code' => Course::newJoinCode(),
            'approach' => $facts['approach'],
        ]);
        $people = [];
        $kits = $this->read('kits');
        foreach ($facts['members'] as $member) {
            $user = User::query()->create([
                'name' => $member['name'],
                'email' => $member['email'],
                'password' => (string) config('pupil.demo.password'),
                'kit' => isset($member['kit']) ? $kits[$member['kit']] : null,
            ]);
            $user->forceFill(['email_verified_at' => now()])->save();
            $course->memberships()->create(['user_id' => $user->id, 'role' => Role::from($member['role'])]);
            $people[Str::before($member['email'], '@')] = $user;
        }

        return [$course, $people];
    }

    /** @return list<array{string, string}> role and address of the logins that show the most */
    public function logins(): array
    {
        return [
            ['instructor', 'maren@kilnyard.example'],
            ['guest critic', 'tobin@kilnyard.example'],
            ['student', 'runa@kilnyard.example'],
            ['student', 'hugo@kilnyard.example'],
        ];
    }

    /** @return array<mixed> */
    private function read(string $name): array
    {
        return File::json(base_path('demo/kilnyard/'.$name.'.json'), JSON_THROW_ON_ERROR);
    }
}
