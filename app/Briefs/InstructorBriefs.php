<?php

declare(strict_types=1);

namespace App\Briefs;

use App\Models\Course;
use App\Models\OwnBrief;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Checks\BriefFormat;

/**
 * All briefs that one instructor can set: the ready ones, the newest revision of each of the instructor's own, and in a
 * course those of whoever teaches it too.
 */
final readonly class InstructorBriefs
{
    public function __construct(private BriefLibrary $library)
    {
    }

    /** @return list<Brief> in teaching order */
    public function all(User $user, ?Course $course = null): array
    {
        $own = array_map(fn (array $data): Brief => BriefFormat::read($data), $this->within($user, $course));
        $briefs = [...$this->library->all(), ...array_values($own)];
        usort(
            $briefs,
            fn (Brief $a, Brief $b): int => [$a->number, $a->words->title] <=> [$b->number, $b->words->title],
        );

        return $briefs;
    }

    /** @return ?array<mixed> as a brief file has it */
    public function data(User $user, string $id, ?Course $course = null): ?array
    {
        return $this->within($user, $course)[$id] ?? $this->library->data($id);
    }

    /** Whether it can be changed: the ready ones are copied first. */
    public function isOwn(User $user, string $id): bool
    {
        return isset($this->own($user)[$id]);
    }

    /**
     * Keeps a brief as the next revision of its id.
     *
     * @param  array<mixed>  $data  as a brief file has it
     */
    public function keep(User $user, array $data): Brief
    {
        return DB::transaction(function () use ($user, $data): Brief {
            $last = OwnBrief::query()
                ->where('user_id', $user->id)
                ->where('brief_id', $data['id'])
                ->lockForUpdate()
                ->max('revision');
            $data['revision'] = (int) $last + 1;
            OwnBrief::query()->create([
                'user_id' => $user->id,
                'brief_id' => $data['id'],
                'revision' => $data['revision'],
                'brief' => $data,
            ]);

            return BriefFormat::read($data);
        });
    }

    /** An id that is free, made from a title. */
    public function freeId(User $user, string $title): string
    {
        $plain = trim(
            substr(
                (string) preg_replace('/[^a-z0-9]+/', '-', strtolower(\Illuminate\Support\Str::ascii($title))),
                0,
                50,
            ),
            '-',
        );
        $plain = $plain === '' ? 'brief' : $plain;
        for ($number = 1; ; $number++) {
            $id = $number === 1 ? $plain : $plain.'-'.$number;
            if ($this->data($user, $id) === null) {
                return $id;
            }
        }
    }

    /** @return array<string, array<mixed>> newest revisions by id */
    public function own(User $user): array
    {
        return OwnBrief::query()
            ->where('user_id', $user->id)
            ->orderBy('revision')
            ->get()
            ->keyBy('brief_id')
            ->map(fn (OwnBrief $own): array => $own->brief)
            ->all();
    }

    /** @return array<string, string> whose a brief is, by id: those of whoever teaches the course too */
    public function sharedBy(User $user, Course $course): array
    {
        return $this->shared($user, $course)
            ->mapWithKeys(fn (OwnBrief $own): array => [$own->brief_id => $own->user->name])
            ->all();
    }

    /** @return array<string, array<mixed>> one's own before those of others, where both have the same id */
    private function within(User $user, ?Course $course): array
    {
        $shared = $course === null
            ? []
            : $this->shared($user, $course)
                ->mapWithKeys(fn (OwnBrief $own): array => [$own->brief_id => $own->brief])
                ->all();

        return [...$shared, ...$this->own($user)];
    }

    /** @return Collection<int, OwnBrief> the newest last */
    private function shared(User $user, Course $course): Collection
    {
        return OwnBrief::query()
            ->whereIn('user_id', $course->people(Role::Instructor)->select('users.id'))
            ->where('user_id', '!=', $user->id)
            ->with('user')
            ->orderBy('revision')
            ->orderBy('id')
            ->get();
    }
}
